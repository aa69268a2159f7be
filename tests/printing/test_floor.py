"""Loads of a plate, and what would help the bill most."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from numerus.domain.army import Army
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.printing.machines.timing import run_minutes
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs
from numerus.schedule.what_if import schedule_summary, what_if

NOW = datetime(2026, 3, 5, 18, 30)
ARMY = Army("army", "Watch", NOW.date() + timedelta(days=30))
FINE = Machine("one", "One", layer_mm=0.03)
MACHINES = [FINE, Machine("two", "Two")]


def plate(number: int, parts: int = 10, machine: Machine = FINE, height_mm: float = 40.0) -> Plate:
    placed = tuple(Placed(f"{number}-{n}", "part", f"f{n}", "head", 10.0 + n, 10.0) for n in range(parts))
    minutes = run_minutes(height_mm, machine)
    return Plate(f"p{number}", f"Plate {number}", machine.id, "resin", placed, height_mm, minutes, 40.0, number)


def test_parts_are_washed_in_loads() -> None:
    """So many at a time, at least once."""
    assert [plate(0, n).loads(12) for n in (0, 1, 12, 13, 30)] == [1, 1, 1, 2, 3]


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
