"""The runs of a book planned: machines, hours and what runs really take put together; nights too cold for resin by the simulated air."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime, timedelta
from itertools import zip_longest

from numerus.domain.army import Army
from numerus.domain.clock import later
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Placed
from numerus.paint.priming.weather import Air
from numerus.printing.plates.hand_layout import Hull, lies_on
from numerus.printing.runs.learned import RunFactors
from numerus.printing.runs.run_records import RunRecord, waiting_plates
from numerus.progress.standing import Standing
from numerus.progress.stores import estimates
from numerus.schedule.run_queue import ColdMinutes, Schedule, ScheduleInputs, plan_runs

SHELTER_C = 6.0  # a shed or garage is so much warmer than the air
LIT_C = 4.0  # what a printing machine warms its own vat by


def cold_by(airs: Sequence[Air], least_c: float) -> ColdMinutes:
    """Minutes colder than a resin wants between two moments, as far as the forecast reaches; after it none are known."""
    spans = [
        (a.at, b.at if b else a.at + timedelta(hours=3))
        for a, b in zip_longest(airs, airs[1:])
        if a.celsius + SHELTER_C + LIT_C < least_c
    ]

    def cold(since: datetime, until: datetime) -> float:
        both = ((min(until, end) - max(since, begin)).total_seconds() / 60 for begin, end in spans)
        return sum(max(minutes, 0.0) for minutes in both)

    return cold


def busy_until(plans: Plans, standing: Standing, now: datetime, factors: RunFactors) -> dict[str, datetime]:
    """When the machines that print will be done, by what their runs took so far."""

    def left_min(run: RunRecord) -> float:
        return factors.minutes_of(plans.plates[run.plate_id], run.machine_id) - run.minutes_at(now, plans.time_zone)

    return {
        run.machine_id: later(now, left_min(run), plans.time_zone)
        for run in standing.runs.values()
        if run.state == "printing" and run.plate_id in plans.plates
    }


def schedule_inputs(
    plans: Plans, army: Army, standing: Standing, now: datetime, cold: ColdMinutes | None = None
) -> ScheduleInputs:
    """What runs of a book are planned into."""

    def hull(placed: Placed) -> Hull:
        pose = plans.pose_of(placed)
        return pose.hull_mm if pose else ()

    factors = estimates(plans, standing).factors
    busy = busy_until(plans, standing, now, factors)
    machines = list(plans.machines.values())
    return ScheduleInputs(machines, army, now, busy, cold, lambda p, m: lies_on(p, m, hull), factors)


def next_runs(plans: Plans, standing: Standing, now: datetime, cold: ColdMinutes | None = None) -> Schedule:
    """The queue as it would run from now; empty where nothing waits. Raises PlanError as plan_runs does."""
    if plans.army is None or not plans.machines:
        return Schedule()
    return plan_runs(
        waiting_plates(plans.plates, standing.runs), schedule_inputs(plans, plans.army, standing, now, cold)
    )
