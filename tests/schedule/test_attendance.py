"""Windows of time and the queue that respects them."""

from __future__ import annotations

from dataclasses import replace
from datetime import date, datetime, timedelta

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.domain.army import Army, Day
from numerus.domain.clock import clock, minute_of, windows_of
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.errors import PlanError
from numerus.schedule.attendance import hobby_windows, home_windows, hours_of
from numerus.schedule.run_queue import ScheduleInputs, plan_runs

ARMY = Army("a", "A", date(2026, 4, 1))
NOW = datetime(2026, 3, 5, 21, 12)
MACHINES = [Machine("m1", "One"), Machine("m2", "Two")]


def plate(number: int, minutes: float, machine: str = "m1") -> Plate:
    return Plate(f"p{number}", f"P{number}", machine, "r", (), 10, minutes, 20, number)


@settings(max_examples=50, deadline=None)
@given(st.lists(st.tuples(st.floats(10, 1500), st.sampled_from(["m1", "m2"])), min_size=1, max_size=12))
def test_runs_never_overlap_and_are_started_and_met_by_someone(runs: list) -> None:
    """Whatever waits: one plate at a time on a machine, starts and meetings while someone is there, all plates planned."""
    plates = [plate(n, minutes, machine) for n, (minutes, machine) in enumerate(runs)]
    planned = plan_runs(plates, ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs
    hours = hours_of(ARMY, NOW)
    assert sorted(s.plate.id for s in planned) == sorted(p.id for p in plates)
    for machine in ("m1", "m2"):
        mine = [s for s in planned if s.machine_id == machine]
        assert all(b.start >= a.taken_off for a, b in zip(mine, mine[1:], strict=False))
    for scheduled in planned:
        assert hours.attended(scheduled.start) and hours.attended(scheduled.taken_off)
        assert scheduled.end - scheduled.start == timedelta(minutes=scheduled.plate.minutes)


def test_the_long_run_is_given_to_the_night() -> None:
    """At half past ten, of a short and a nine-hour run the long one starts and is met after breakfast."""
    first = plan_runs(
        [plate(0, 60), plate(1, 9 * 60)], ScheduleInputs(MACHINES, ARMY, NOW.replace(hour=22, minute=30))
    ).scheduled_runs[0]
    assert first.plate.id == "p1"
    assert first.hangs_min < 90


def test_a_busy_machine_is_waited_for() -> None:
    """A run never starts before the machine is free."""
    free = NOW + timedelta(hours=30)
    assert plan_runs([plate(0, 60)], ScheduleInputs(MACHINES, ARMY, NOW, {"m1": free})).scheduled_runs[0].start >= free


def test_nobody_home_and_no_machine_are_said() -> None:
    """A week without hours at home, a plate for a machine that is gone."""
    empty = replace(ARMY, week=(Day(home=()),) * 7)
    with pytest.raises(PlanError, match="Nobody"):
        plan_runs([plate(0, 60)], ScheduleInputs(MACHINES, empty, NOW))
    tall = replace(plate(0, 60, "gone"), height_mm=400.0)
    (left,) = plan_runs([tall], ScheduleInputs(MACHINES, ARMY, NOW)).left
    assert left[0] == tall and "fits no machine" in left[1]


def test_windows_are_cut_at_now_and_joined_over_midnight() -> None:
    """The first window begins now; one that touches the next day's is one window."""
    always = replace(ARMY, week=(Day(home=((0, 1440),)),) * 7)
    assert home_windows(always, NOW, 3)[0].start == NOW
    assert len(home_windows(always, NOW, 3)) == 1
    assert hobby_windows(ARMY, NOW, 0)[0].minutes == 18
    assert hours_of(ARMY, NOW, 3).next(NOW + timedelta(hours=3)).hour == 7


@pytest.mark.parametrize("text", ["25:00", "7:70", "x", "", "-1"])
def test_times_that_are_none_are_refused(text: str) -> None:
    """With a word on how to write one."""
    with pytest.raises(PlanError):
        minute_of(text)


def test_windows_people_type_come_back() -> None:
    """Typed, kept, written: the same."""
    assert windows_of("18:00-23:00, 7-8") == ((420, 480), (1080, 1380))
    assert clock(1085) == "18:05"
    with pytest.raises(PlanError):
        windows_of("9:00-8:00")
