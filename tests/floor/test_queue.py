"""Why a run starts when it does, and what other starts would waste."""

from __future__ import annotations

from datetime import datetime, timedelta

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.floor.attendance import attended, hobby_minutes_per_day, home_windows
from numerus.floor.queue import TURN_ROUND, other_starts, plan_runs, slotted, starts
from numerus.kit.plan import Army
from numerus.resin.plate import Plate
from numerus.resin.profiles import Machine

NOW = datetime(2026, 3, 5, 18, 30)
ARMY = Army("army", "Watch", NOW.date() + timedelta(days=30))
MACHINES = [Machine("one", "One"), Machine("two", "Two")]


def plate(number: int, minutes: float, machine: str = "one") -> Plate:
    return Plate(f"p{number}", f"Plate {number}", machine, "resin", (), 30.0, minutes, 40.0)


@settings(max_examples=30, deadline=None)
@given(st.lists(st.tuples(st.floats(30, 1500), st.sampled_from(["one", "two"])), min_size=1, max_size=10))
def test_every_plate_is_planned_once_and_machines_rest_between(runs: list) -> None:
    """On its own machine; the next starts only after someone took the last off and turned the machine round."""
    plates = [plate(n, minutes, machine) for n, (minutes, machine) in enumerate(runs)]
    slots = plan_runs(plates, MACHINES, ARMY, NOW)
    assert sorted(s.plate.id for s in slots) == sorted(p.id for p in plates)
    home = home_windows(ARMY, NOW, 120)
    for machine in ("one", "two"):
        mine = [s for s in slots if s.machine_id == machine]
        assert all(s.plate.machine_id == machine for s in mine)
        assert all(attended(home, s.start) and attended(home, s.met) for s in mine)
        assert all(b.start >= a.met + TURN_ROUND for a, b in zip(mine, mine[1:], strict=False))


@given(st.floats(20, 2000), st.integers(0, 1400))
def test_hanging_is_the_time_until_someone_comes(minutes: float, after: int) -> None:
    """End plus hanging is when it is met; the words say so."""
    home = home_windows(ARMY, NOW, 30)
    start = NOW + timedelta(minutes=after)
    found = slotted(plate(1, minutes), "one", start, NOW, home)
    assert found.idle_min == pytest.approx(after)
    assert found.met - found.end == timedelta(minutes=found.hangs_min)
    assert attended(home, found.met)
    assert ("hangs" in found.why) == (found.hangs_min >= 1)


def test_the_words_say_when_a_run_goes_over_night() -> None:
    """A run that ends tomorrow says so."""
    home = home_windows(ARMY, NOW, 30)
    assert "after the night" in slotted(plate(1, 700), "one", NOW, NOW, home).why
    assert "after the night" not in slotted(plate(1, 60), "one", NOW, NOW, home).why


def test_other_starts_are_apart_and_hold_the_chosen_one() -> None:
    """Three to compare, in order of time, an hour apart at least; none wastes less than the planner's choice."""
    chosen = plan_runs([plate(1, 500)], MACHINES, ARMY, NOW)[0]
    options = other_starts(chosen, ARMY, NOW)
    assert len(options) == 3 and chosen in options
    times = [o.start for o in options]
    assert times == sorted(times)
    assert all(b - a >= timedelta(hours=1) for a, b in zip(times, times[1:], strict=False))
    assert min(o.idle_min + o.hangs_min for o in options) == chosen.idle_min + chosen.hangs_min


def test_runs_are_started_only_when_someone_is_there() -> None:
    """Every offered moment lies in a window; when nobody is there soon, the next moment someone is."""
    home = home_windows(ARMY, NOW, 30)
    assert all(attended(home, s) for s in starts(home, NOW))
    later = home_windows(ARMY, NOW + timedelta(days=9), 5)
    assert starts(later, NOW) == [later[0].start]


def test_hobby_minutes_follow_the_week() -> None:
    """The same weekday has the same minutes, a week later too."""
    days = hobby_minutes_per_day(ARMY, NOW.date(), 14)
    assert days[:7] == days[7:]
    assert days[0] == ARMY.week[NOW.weekday()].hobby_minutes
