"""Laws of the journal, of builds and of completeness."""

from __future__ import annotations

from datetime import datetime

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import active
from numerus.domain.army import BOUGHT, NONE, SLOTS, Figure, Unit
from numerus.domain.clock import clock, minute_of, windows_of
from numerus.domain.journal import Fact, Restored, StepDone, Withdrawn
from numerus.kit.builds import alternatives, printed_slots, spread_builds, unfilled
from numerus.kit.completeness import completeness, sentence

AT = datetime(2026, 3, 5)
UNIT = Unit("u", "Unit", 0, 28.5, "kit")
CHOICES = st.sampled_from(["a", "b", NONE, BOUGHT])
BUILDS = st.dictionaries(st.sampled_from(UNIT.slots), CHOICES)


@given(st.lists(st.tuples(st.sampled_from([StepDone, Withdrawn, Restored]), st.sets(st.integers(0, 20))), max_size=25))
def test_the_journal_counts_what_the_last_word_says(entries: list) -> None:
    """An entry counts unless the last correction that names it withdrew it; corrections never count themselves."""
    facts = [
        Fact(AT, kind("wash") if kind is StepDone else kind(tuple(sorted(seqs))), seq=n)
        for n, (kind, seqs) in enumerate(entries)
    ]
    counted = {f.seq for f in active(facts)}
    for fact in facts:
        words = [f.event for f in facts if not isinstance(f.event, StepDone) and fact.seq in f.event.seqs]
        gone = bool(words) and isinstance(words[-1], Withdrawn)
        assert (fact.seq in counted) == (isinstance(fact.event, StepDone) and not gone)


@given(st.lists(BUILDS, max_size=8), st.randoms())
def test_completeness_accounts_for_every_slot_of_every_figure_once(builds: list, dice) -> None:  # type: ignore[no-untyped-def]
    """Unfilled, owed and accounted for are apart, and with the decisions they are all there is."""
    figures = [Figure(f"f{n}", "u", f"Figure {n}", n, build) for n, build in enumerate(builds)]
    copies = [(f.id, s) for f in figures for s in printed_slots(f)]
    there = {c for c in copies if dice.random() < 0.5}
    found = completeness(UNIT, figures, there)
    assert set(found.accounted) == there
    assert set(found.owed) == set(copies) - there
    assert set(found.unfilled) == {(f.id, s) for f in figures for s in UNIT.slots if s not in f.build}
    decided = sum(part in (NONE, BOUGHT) for f in figures for part in f.build.values())
    assert len(found.unfilled) + len(found.owed) + len(found.accounted) + decided == len(figures) * len(UNIT.slots)
    told = sentence(found, {f.id: f for f in figures}, {}).startswith("Nothing is missing")
    assert told == (found.whole and bool(found.accounted))  # of nothing, nothing is claimed


@given(st.lists(BUILDS, min_size=1, max_size=10))
def test_spreading_fills_every_slot_that_has_a_part_and_changes_no_decision(builds: list) -> None:
    """Slots without any part stay empty."""
    figures = [Figure(f"f{n}", "u", f"Figure {n}", n, build) for n, build in enumerate(builds)]
    none_there = alternatives([], UNIT)
    assert spread_builds(figures, none_there) == figures
    for figure in figures:
        assert set(unfilled(figure, UNIT)) | set(figure.build) == set(UNIT.slots)


@given(st.integers(0, 24 * 60))
def test_a_time_of_day_is_read_as_it_is_written(minute: int) -> None:
    """clock and minute_of are each other's inverse."""
    assert minute_of(clock(minute)) == minute


@given(st.lists(st.tuples(st.integers(0, 1439), st.integers(1, 600)), max_size=5))
def test_windows_are_read_as_written_whatever_the_dash(windows: list) -> None:
    """With hyphens, dashes and blanks; in order of their beginning."""
    wanted = tuple(sorted((a, min(a + long, 24 * 60)) for a, long in windows))
    for dash in ("-", " – ", "—"):
        assert windows_of(", ".join(f"{clock(a)}{dash}{clock(b)}" for a, b in wanted)) == wanted


@pytest.mark.parametrize("slot", SLOTS)
def test_a_slot_left_empty_on_purpose_is_not_printed(slot: str) -> None:
    """Nor is a bought one."""
    for word in (NONE, BOUGHT):
        assert printed_slots(Figure("f", "u", "F", 0, {slot: word})) == {}
