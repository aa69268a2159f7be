"""Why a run starts when it does, and what other starts would waste."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta
from itertools import pairwise
from typing import Any

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.domain.army import Army, Day
from numerus.domain.clock import later, minutes_between
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import PlanError
from numerus.printing.machines.timing import run_minutes
from numerus.schedule.attendance import hobby_minutes_per_day, hours_of
from numerus.schedule.improving import better_order
from numerus.schedule.run_queue import (
    LOOK_AHEAD,
    STEP,
    Schedule,
    ScheduledRun,
    ScheduleInputs,
    conflicts,
    other_starts,
    plan_runs,
)

NOW = datetime(2026, 3, 5, 18, 30)
ARMY = Army("army", "Watch", NOW.date() + timedelta(days=30))
MACHINES = [Machine("one", "One"), Machine("two", "Two")]


def plate(number: int, minutes: float, machine: str = "one") -> Plate:
    return Plate(f"p{number}", f"Plate {number}", machine, "resin", (), 30.0, minutes, 40.0)


@settings(max_examples=30, deadline=None)
@given(st.lists(st.tuples(st.floats(30, 1500), st.sampled_from(["one", "two"])), min_size=1, max_size=10))
def test_every_plate_is_planned_once_and_machines_rest_between(runs: list) -> None:
    """On its own machine; the next starts only after someone took the last off and turned the machine round, one at a time."""
    plates = [plate(n, minutes, machine) for n, (minutes, machine) in enumerate(runs)]
    scheduled_runs = plan_runs(plates, ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs
    assert sorted(s.plate.id for s in scheduled_runs) == sorted(p.id for p in plates)
    hours = hours_of(ARMY, NOW)
    for machine in ("one", "two"):
        mine = [s for s in scheduled_runs if s.machine_id == machine]
        assert all(s.plate.machine_id == machine for s in mine)
        assert all(hours.attended(s.start) and hours.attended(s.taken_off) for s in mine)
        assert all(
            b.start >= a.taken_off + timedelta(minutes=MACHINES[0].turn_round_min)
            for a, b in zip(mine, mine[1:], strict=False)
        )
    met = sorted(s.taken_off for s in scheduled_runs)
    assert all(b - a >= timedelta(minutes=MACHINES[0].turn_round_min) for a, b in pairwise(met))


@given(st.floats(20, 2000), st.integers(0, 1400))
def test_hanging_is_the_time_until_someone_comes(minutes: float, after: int) -> None:
    """Put at a time by hand a run starts there; end plus hanging is when it is met; the words say so."""
    start = NOW + timedelta(minutes=after)
    (found,) = plan_runs([replace(plate(1, minutes), pinned=start)], ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs
    assert found.start == start and found.idle_min == pytest.approx(after)
    assert found.taken_off - found.end == timedelta(minutes=found.hangs_min)
    assert hours_of(ARMY, NOW).attended(found.taken_off)
    assert ("hangs" in found.why) == (found.hangs_min >= 1)


def test_the_words_say_on_which_day_a_run_ends_and_whether_it_waited() -> None:
    """A run that ends on another day names it; one that could start at once says so, one that was held back says for what."""
    over, short = first(plate(1, 700)), first(plate(1, 60))
    assert f"ends {over.end:%a %H:%M}" in over.why and f"ends {short.end:%H:%M};" in short.why
    for found in (over, short):
        assert ("as soon as it can" in found.why) == (found.idle_min < 1) != ("so that it ends" in found.why)


def first(only: Plate, army: Army = ARMY, now: datetime = NOW, **more: Any) -> ScheduledRun:
    return plan_runs([only], ScheduleInputs(MACHINES, army, now, **more)).scheduled_runs[0]


@pytest.mark.parametrize(("day", "ends"), [(28, "07:00"), (29, "06:00")])
def test_the_night_the_clocks_change_is_as_long_as_it_is(day: int, ends: str) -> None:
    """Eight hours from ten in the evening: an hour later on the wall where the clocks go forward, and no hour is lost."""
    night = datetime(2026, 3, day, 22)
    army = replace(ARMY, time_zone="Europe/London", week=(Day(home=((0, 1440),)),) * 7)
    run = first(replace(plate(1, 480), pinned=night), army, night)
    assert f"{run.end:%H:%M}" == ends and run.hangs_min == 0
    assert minutes_between(run.start, run.end, "Europe/London") == 480
    with pytest.raises(PlanError, match="time zone"):
        first(plate(1, 60), replace(ARMY, time_zone="Sedge/Hythe"))


@given(st.datetimes(datetime(2026, 1, 1), datetime(2026, 12, 31)), st.floats(0, 3000))
def test_what_is_later_is_so_many_minutes_later(moment: datetime, minutes: float) -> None:
    """Forth and back, across both changes of the clock; a time that does not exist is moved on."""
    real = later(moment, 0, "Europe/London")
    assert minutes_between(real, later(real, minutes, "Europe/London"), "Europe/London") in (
        pytest.approx(minutes, abs=1e-3), pytest.approx(minutes + 60, abs=1e-3), pytest.approx(minutes - 60, abs=1e-3),
    )  # fmt: skip
    assert later(moment, minutes, "Etc/UTC") == moment + timedelta(minutes=minutes)


def test_what_is_put_at_a_time_stays_and_the_others_go_round_it() -> None:
    """A short run fits before it, a long one comes after; both are met before the next begins."""
    fixed = replace(plate(0, 60), pinned=NOW + timedelta(minutes=150))
    scheduled_runs = plan_runs(
        [fixed, plate(1, 100), plate(2, 900)], ScheduleInputs(MACHINES, ARMY, NOW)
    ).scheduled_runs
    assert [s.plate.id for s in scheduled_runs] == ["p1", "p0", "p2"]
    assert scheduled_runs[1].start == fixed.pinned and "by hand" in scheduled_runs[1].why
    assert scheduled_runs[0].taken_off + timedelta(minutes=15) <= scheduled_runs[1].start


def test_hands_turn_one_machine_round_at_a_time() -> None:
    """Two runs that end together: the second is met when the first machine is turned round."""
    both = [replace(plate(n, 60, m), pinned=NOW) for n, m in enumerate(("one", "two"))]
    taken_off = sorted(s.taken_off for s in plan_runs(both, ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs)
    assert taken_off[1] - taken_off[0] == timedelta(minutes=15)


def test_a_cold_night_is_left_out_by_a_machine_that_stands_in_it() -> None:
    """The same run in a warm room goes overnight; where it is cold from ten to six it waits for the day, or says so."""

    def cold(since: datetime, until: datetime) -> float:
        hours = (since + timedelta(minutes=m) for m in range(0, int((until - since).total_seconds() / 60), 10))
        return 10.0 * sum(h.hour >= 22 or h.hour < 6 for h in hours)

    shed = [replace(MACHINES[0], unheated=True), MACHINES[1]]
    now = NOW.replace(hour=21)
    run = plate(1, 500)
    assert plan_runs([run], ScheduleInputs(MACHINES, ARMY, now, cold=cold)).scheduled_runs[0].start == now
    waits = plan_runs([run], ScheduleInputs(shed, ARMY, now, cold=cold)).scheduled_runs[0]
    assert waits.start.date() > now.date() and waits.cold_min < 120
    pinned = plan_runs([replace(run, pinned=now)], ScheduleInputs(shed, ARMY, now, cold=cold)).scheduled_runs[0]
    assert pinned.cold_min > 300 and "too cold" in pinned.why


def test_a_machine_out_of_service_gives_its_plates_to_one_they_fit() -> None:
    """With that machine's minutes; a plate that is too wide or lies on a weak spot there is left, with the reason."""
    out = [replace(MACHINES[0], in_service=False), replace(MACHINES[1], exposure_s=9.0, bad_spots=((30, 10, 5),))]
    small, wide = replace(plate(0, 100), reach_mm=(100, 60)), replace(plate(1, 100), reach_mm=(200, 60))
    spotted = replace(small, id="p2", placed=(Placed("x", "part", "", "head", 12, 9),))
    schedule = plan_runs([small, wide, spotted], ScheduleInputs(out, ARMY, NOW))
    assert [(s.plate.id, s.machine_id) for s in schedule.scheduled_runs] == [("p0", "two")]
    assert schedule.scheduled_runs[0].plate.minutes == pytest.approx(run_minutes(30.0, out[1]))
    assert [p.id for p, _ in schedule.left] == ["p1", "p2"] and all("no machine" in why for _, why in schedule.left)
    anywhere = plan_runs([small, wide, spotted], ScheduleInputs(out, ARMY, NOW, fits=lambda plate, machine: True))
    assert len(anywhere.scheduled_runs) == 3 and not anywhere.left
    nowhere = plan_runs([small], ScheduleInputs([replace(m, in_service=False) for m in MACHINES], ARMY, NOW))
    assert not nowhere.scheduled_runs and len(nowhere.left) == 1


def test_conflicts_are_told() -> None:
    """Nobody there, a machine not free, a plate that hangs for a day, the date passed; nothing of a bill without any."""
    midnight = NOW.replace(hour=2) + timedelta(days=1)
    late = replace(ARMY, ready_by=NOW.date() - timedelta(days=3))
    plates = [replace(plate(0, 200), pinned=midnight), replace(plate(1, 60), pinned=midnight + timedelta(minutes=30))]
    description = " ".join(
        c.description
        for c in conflicts(plan_runs(plates, ScheduleInputs(MACHINES, late, NOW)), ScheduleInputs(MACHINES, late, NOW))
    )
    assert "nobody is there" in description and "not free before" in description and "after the date" in description
    assert (
        conflicts(plan_runs([plate(0, 30)], ScheduleInputs(MACHINES, ARMY, NOW)), ScheduleInputs(MACHINES, ARMY, NOW))
        == []
    )
    away = replace(ARMY, days=tuple((NOW.date() + timedelta(days=n), Day(0, 0, ())) for n in range(1, 4)))
    (hangs,) = conflicts(
        plan_runs([plate(0, 600)], ScheduleInputs(MACHINES, away, NOW)), ScheduleInputs(MACHINES, away, NOW)
    )
    assert "hangs" in hangs.description


def test_a_run_that_empties_the_vat_while_nobody_is_there_is_told() -> None:
    """When it runs low, and when it can be filled up before; nothing where someone is there by then."""
    machines = [replace(MACHINES[0], vat_full_ml=300, vat_min_ml=100)]
    floor = ScheduleInputs(machines, ARMY, NOW.replace(hour=21))
    night = replace(plate(0, 540), resin_ml=400.0, pinned=NOW.replace(hour=22))  # low half way
    (found,) = conflicts(plan_runs([night], floor), floor)
    assert "runs low Fri 03:00" in found.description and "fill it up 23:00" in found.description
    assert conflicts(plan_runs([replace(night, resin_ml=190.0)], floor), floor) == []
    spool = replace(floor, machines=[replace(machines[0], kind="filament")])
    assert conflicts(plan_runs([night], spool), spool) == []
    evening = replace(night, minutes=120.0, pinned=NOW.replace(hour=21))
    assert conflicts(plan_runs([evening], floor), floor) == []


def test_other_starts_are_apart_and_hold_the_chosen_one() -> None:
    """Three to compare, in order of time, an hour apart at least; none wastes less than the planner's choice."""
    chosen = plan_runs([plate(1, 500)], ScheduleInputs(MACHINES, ARMY, NOW)).scheduled_runs[0]
    options = other_starts(chosen, MACHINES[0], ARMY, NOW)
    assert len(options) == 3 and chosen in options
    times = [o.start for o in options]
    assert times == sorted(times)
    assert all(b - a >= timedelta(hours=1) for a, b in zip(times, times[1:], strict=False))
    assert min(o.idle_min + o.hangs_min for o in options) == chosen.idle_min + chosen.hangs_min


def test_runs_are_started_only_when_someone_is_there() -> None:
    """Every offered moment lies in a window; when nobody is there soon, the next moment someone is."""
    hours = hours_of(ARMY, NOW, 30)
    assert all(hours.attended(s) for s in hours.starts(NOW, LOOK_AHEAD, STEP))
    away = hours_of(ARMY, NOW + timedelta(days=9), 5)
    assert away.starts(NOW, LOOK_AHEAD, STEP) == [away.windows[0].start]


def test_hobby_minutes_follow_the_week() -> None:
    """The same weekday has the same minutes, a week later too."""
    days = hobby_minutes_per_day(ARMY, NOW.date(), 14)
    assert days[:7] == days[7:]
    assert days[0] == ARMY.week[NOW.weekday()].hobby_minutes


def test_two_plates_that_come_off_in_the_same_minute_are_a_conflict() -> None:
    """Put there by hand: there is one pair of hands; half an hour apart there is none."""

    def clash(apart: float) -> bool:
        starts = NOW, NOW + timedelta(minutes=apart)
        both = [replace(plate(n, 60, m), pinned=s) for n, (m, s) in enumerate(zip(("one", "two"), starts, strict=True))]
        floor = ScheduleInputs(MACHINES, ARMY, NOW)
        found = [replace(s, taken_off=s.end) for s in plan_runs(both, floor).scheduled_runs]
        return any("one pair of hands" in c.description for c in conflicts(Schedule(tuple(found)), floor))

    assert clash(0) and clash(10) and not clash(30)


def test_another_order_is_never_worse_and_beats_shuffles() -> None:
    """Over eight seeded bills: it ends no later than the planner's own, nor than random orders but for minutes."""
    beaten = 0
    for seed in range(8):
        dice = np.random.default_rng(seed)
        plates = [replace(plate(n, float(dice.uniform(60, 720))), order=n) for n in range(7)]
        floor = ScheduleInputs(MACHINES[:1], ARMY, NOW)
        own, better = plan_runs(plates, floor), better_order(plates, floor)
        ends = better.schedule.ends if better else own.ends
        assert ends <= own.ends
        shuffled = min(plan_runs([plates[int(k)] for k in dice.permutation(7)], floor).ends for _ in range(3))
        beaten += shuffled < ends - timedelta(minutes=30)
        if better:
            again = sorted({p.id: p for p in (*plates, *better.changed())}.values(), key=lambda p: p.order)
            assert plan_runs(again, floor).ends == better.schedule.ends
    assert beaten <= 1


def test_a_plate_goes_to_the_machine_that_stands_idle() -> None:
    """Six long plates wait for one of two machines alike: some go to the other, which ends the bill earlier; not what was put at a
    time by hand, nor to a machine it does not fit, and what is written plans to the same bill.
    """
    plates = [replace(plate(n, 600), order=n) for n in range(6)]
    fixed = [replace(plates[0], pinned=NOW), *plates[1:]]
    better = better_order(fixed, ScheduleInputs(MACHINES, ARMY, NOW))
    assert (
        better is not None and better.moved and "p0" not in better.moved and "on another machine" in better.description
    )
    again = {p.id: p for p in (*fixed, *better.changed())}
    assert {p.machine_id for p in again.values()} == {"one", "two"}
    assert (
        plan_runs(sorted(again.values(), key=lambda p: p.order), ScheduleInputs(MACHINES, ARMY, NOW)).ends
        == better.schedule.ends
    )
    alone = better_order(fixed, ScheduleInputs(MACHINES, ARMY, NOW, fits=lambda p, m: m.id == p.machine_id))
    assert alone is None or not alone.moved
