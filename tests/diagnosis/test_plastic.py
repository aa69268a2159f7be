"""Failures of plastic: textbook cases find their cause; nothing of vats and films is ever named."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from numerus.book.book import Book
from numerus.diagnosis.failure_diagnosis import judged
from numerus.diagnosis.likelihoods import LOOKED, PLASTIC_LOOKS, Seen, of_plastic, usual
from numerus.domain.journal import PartOutcome
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.printing.runs.run_records import FAILED, GOOD, RunRecord
from numerus.progress.printing.failure_record import failure_diagnosis_of

ALL, ONE, EARLY = "nearly all of the plate is hurt", "one part alone", "in the first 2 mm"
LEVEL, SAME = "at one height", "mostly copies of one part"


@pytest.mark.parametrize(
    ("cause", "yes", "looks", "answers"),
    [
        ("power", {ALL: True, LEVEL: True, "it ended before its time": True}, {"stops level all round": 6}, {"log": True}),
        ("reel", {ALL: True, LEVEL: True, "it ended before its time": False}, {"stops level all round": 6}, {"reel": True}),
        ("adhesion", {ONE: True, EARLY: True, SAME: False}, {"off the bed": 1}, {}),
        ("clog", {ALL: True, LEVEL: False}, {"lines with gaps": 4}, {"push": True}),
        ("wet", {ALL: True, LEVEL: False}, {"strings and hairs": 4, "lines with gaps": 2}, {"snap": True}),
        ("strings", {"scattered over the plate": True}, {"strings and hairs": 5}, {"towers": True}),
        ("droop", {SAME: True, "other copies of it came out well": False}, {"a drooping underside": 3}, {"turn": True}),
        ("posts", {SAME: True, "other copies of it came out well": True}, {"a drooping underside": 2}, {"thicker": True}),
        ("warp", {"it is long and lies flat": True, EARLY: True}, {"corners lifted": 1}, {}),
        ("knocked", {ONE: True, "in the upper half": True, EARLY: False}, {"off the bed": 1}, {}),
        ("shift", {ALL: True, LEVEL: True}, {"a step all round": 8}, {"belt": True}),
        ("file", {SAME: True, "at the same height as then": True}, {"wrong in its shape": 2}, {"layers": True}),
    ],
)  # fmt: skip
def test_textbook_cases_name_their_cause(cause: str, yes: dict, looks: dict, answers: dict) -> None:
    """First of all, or with the test beside it that is made in minutes."""
    found = judged(Seen(yes, looks), answers, of_plastic())
    assert found.causes[0].key == cause, [(c.key, round(c.share, 2)) for c in found.causes[:3]]


def test_the_table_is_whole_and_its_own() -> None:
    """Every row tells of every cause; every look has one; shares before anything is seen make one."""
    table = of_plastic()
    rows = [*table.seen.values(), *(t.shows for t in table.tests.values())]
    assert all(row.keys() == table.causes.keys() for row in rows)
    assert all(LOOKED + look in table.seen for look in PLASTIC_LOOKS)
    assert sum(prior for _, prior in table.causes.values()) == pytest.approx(1.0)
    assert not {"film", "screen", "resin", "cup", "flake"} & table.causes.keys()
    assert table.causes.keys() != usual().causes.keys()


def test_a_run_in_plastic_is_asked_about_plastic(demo: Book) -> None:
    """The same plate, hurt alike: in plastic no cause and no test of a vat; a confirmed one of resin teaches it nothing."""
    plate = next(iter(demo.plans.plates.values()))
    outcomes = {p.id: PartOutcome(p.id, FAILED if n == 0 else GOOD, 1.0) for n, p in enumerate(plate.placed)}
    at = datetime(2026, 3, 1, 12)
    run = RunRecord("r", plate.id, "snail", at, at + timedelta(hours=3), outcomes, False, False, dry=True)
    plans = replace(demo.plans, machines={**demo.plans.machines, "snail": Machine("snail", "Snail", kind=FILAMENT)})
    found = failure_diagnosis_of(run, plans, {}, [])
    assert {c.key for c in found.causes} == of_plastic().causes.keys() and found.cases == 0
    assert not [t for t in found.tests if "vat" in t.description.lower()] and found.tests
    assert {c.key for c in failure_diagnosis_of(replace(run, dry=False), plans, {}, []).causes} == usual().causes.keys()
