"""Tub and lamp after the plates, and what would help most."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from numerus.domain.army import Army
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.post.washing.wash import DRY_MIN, TUB_MIN
from numerus.printing.machines.timing import run_minutes
from numerus.schedule.attendance import hours_of
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs
from numerus.schedule.wet_work import loads, wet_work
from numerus.schedule.what_if import schedule_summary, what_if

NOW = datetime(2026, 3, 5, 18, 30)
ARMY = Army("army", "Watch", NOW.date() + timedelta(days=30))
FINE = Machine("one", "One", layer_mm=0.03)
MACHINES = [FINE, Machine("two", "Two")]


def plate(number: int, parts: int = 10, machine: Machine = FINE, height_mm: float = 40.0) -> Plate:
    placed = tuple(Placed(f"{number}-{n}", "part", f"f{n}", "head", 10.0 + n, 10.0) for n in range(parts))
    minutes = run_minutes(height_mm, machine)
    return Plate(f"p{number}", f"Plate {number}", machine.id, "resin", placed, height_mm, minutes, 40.0, number)


def test_parts_are_washed_in_loads_and_wait_for_the_tub_and_for_someone() -> None:
    """Two plates met together: the second waits; each is washed, dried and cured in that order, while someone is there."""
    assert [loads(plate(0, n), 12) for n in (0, 1, 12, 13, 30)] == [1, 1, 1, 2, 3]
    pinned = [replace(plate(n, 30, m), pinned=NOW, minutes=60.0) for n, m in enumerate(MACHINES)]
    first, second = wet_work(plan_runs(pinned, ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs, ARMY, NOW, 12.0)
    assert first.tub[1] - first.tub[0] == timedelta(minutes=2 * TUB_MIN)
    assert first.lamp[1] - first.lamp[0] == timedelta(minutes=3 * 12)
    assert first.lamp[0] - first.tub[1] >= timedelta(minutes=DRY_MIN)
    assert second.tub[0] >= first.tub[1] and second.lamp[0] >= first.lamp[1] and second.waits_min > 0
    hours = hours_of(ARMY, NOW)
    assert all(hours.attended(w.tub[0]) and hours.attended(w.lamp[0]) for w in (first, second))


def test_what_helps_is_what_planning_again_says() -> None:
    """Each change saves what it says, the best first; coarser layers help the fine machine alone."""
    plates = [plate(n) for n in range(6)]
    ends = plan_runs(plates, ScheduleInputs(MACHINES, ARMY, NOW)).ends
    found = what_if(plates, ScheduleInputs(MACHINES, ARMY, NOW))
    assert [h.saves_h for h in found] == sorted((h.saves_h for h in found), reverse=True)
    assert all(h.saves_h == pytest.approx((ends - h.ends).total_seconds() / 3600) and h.cost for h in found)
    assert any(h.description.startswith("0.05 mm layers") for h in found)
    coarse = [replace(p, machine_id="two", minutes=run_minutes(40.0, MACHINES[1])) for p in plates]
    assert not any(h.description.startswith("0.05") for h in what_if(coarse, ScheduleInputs(MACHINES, ARMY, NOW)))
    assert what_if([], ScheduleInputs(MACHINES, ARMY, NOW)) == []


def test_the_bill_is_held_against_the_date() -> None:
    """Before it, after it, and where nothing waits."""
    schedule = plan_runs([plate(0)], ScheduleInputs(MACHINES, ARMY, NOW))
    assert "days before the date" in schedule_summary(schedule, ARMY)
    assert "days after the date" in schedule_summary(schedule, replace(ARMY, ready_by=NOW.date() - timedelta(days=9)))
    assert "No plate" in schedule_summary(Schedule(), ARMY)
