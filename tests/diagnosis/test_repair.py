"""Which way with a hurt part is sensible, and how the record moves it."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime

import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.diagnosis.repair import (
    END,
    HIDE,
    KEPT,
    PUTTY,
    REPRINT,
    SPARES,
    USUAL,
    Hurt,
    chance_of,
    repair_record,
    waiting_repairs,
    ways,
)
from numerus.domain.journal import Fact, RepairChosen, RepairEnded
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pose
from numerus.printing.machines.timing import run_minutes
from numerus.printing.runs.run_records import FAILED, FLAWED

NOW = datetime(2026, 3, 5, 18, 30)
POSE = Pose((0, 0, 1), "stands", 40.0, 100.0, 5.0, 1.0, 12, 30.0)
PART = Part("part", "k", "Head", "head", "", 100, (9, 9, 38), 5.0, 5.0, True, 1, 0, "mm", pose=POSE)
HURT = Hurt(PART, FAILED, 12.0, 0.05, 1.0, False, 20.0, Machine("m", "M"), Resin("r", "R"))


def by_key(hurt: Hurt, **record: tuple[int, int]) -> dict:
    return {w.key: w for w in ways(hurt, record)}


def test_printing_again_costs_its_own_run_unless_a_plate_as_tall_waits() -> None:
    """Minutes of the run and resin at its price, one time in twenty in vain; riding along costs no machine."""
    alone, rides = by_key(HURT)[REPRINT], by_key(replace(HURT, rides=True))[REPRINT]
    assert alone.machine_min == pytest.approx(run_minutes(40.0, HURT.machine)) and rides.machine_min == 0
    assert alone.pence == round(6.0 * 1.1 / 1000 * 2800) and alone.chance == pytest.approx(0.95)
    assert rides.worth < alone.worth and "riding along" in rides.description


def test_a_part_that_often_fails_is_printed_with_spares() -> None:
    """As many as make one good almost surely; a part that hardly fails has none."""
    often = by_key(replace(HURT, fails=0.4))[SPARES]
    assert often.chance >= 0.97 > 1 - 0.4**3 and "3 spares" in often.description
    assert SPARES not in by_key(replace(HURT, fails=0.02))


def test_what_can_be_mended_depends_on_what_there_is() -> None:
    """A flaw is filled, hidden or borne; a failed part's end is printed only if most of it is there."""
    assert set(by_key(replace(HURT, outcome=FLAWED))) == {REPRINT, SPARES, PUTTY, HIDE, "accept"}
    assert END not in by_key(HURT) and END in by_key(replace(HURT, height_mm=30.0))


def test_the_date_and_the_record_decide() -> None:
    """Filling beats a plate that comes off after the date; where putty never held, the reprint is advised."""
    late = replace(HURT, outcome=FLAWED, slack_days=0.0, days_to_next=4.0)
    assert ways(late, {})[0].key in KEPT
    never = {key: (0, 30) for key in KEPT}
    assert ways(replace(late, slack_days=20.0, rides=True), never)[0].key in (REPRINT, SPARES)


@given(st.integers(0, 30), st.integers(0, 30))
def test_chances_stay_between_the_usual_and_the_record(worked: int, missed: int) -> None:
    """No record: the usual share; a long one: nearly its own."""
    tried = worked + missed
    chance = chance_of(PUTTY, {PUTTY: (worked, tried)})
    assert chance_of(PUTTY, {}) == pytest.approx(USUAL[PUTTY])
    own = worked / tried if tried else USUAL[PUTTY]
    assert min(own, USUAL[PUTTY]) - 1e-9 <= chance <= max(own, USUAL[PUTTY]) + 1e-9


def test_repairs_wait_until_their_end_is_told() -> None:
    """Chosen, then told: it counts for its way; a reprint is nothing to wait for."""
    chosen = [Fact(NOW, RepairChosen(p, "part", w), "run") for p, w in (("a", PUTTY), ("b", REPRINT))]
    assert [(w.placed_id, w.way) for w in waiting_repairs(chosen)] == [("a", PUTTY)]
    told = [*chosen, Fact(NOW, RepairEnded("a", PUTTY, True), "run")]
    assert waiting_repairs(told) == [] and repair_record(told) == {PUTTY: (1, 1)}
