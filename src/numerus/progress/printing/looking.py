"""When it is worth to look at a run, by all a book knows of what failed, and of when somebody is there."""

from __future__ import annotations

from collections.abc import Iterator
from datetime import datetime, timedelta

from numerus.domain.clock import minutes_between
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import height_after, run_minutes
from numerus.printing.runs.hazard import Hazard, Look, Printed, best_look, hazard_of, stopped_share
from numerus.printing.runs.run_records import FAILED
from numerus.printing.runs.settings_trade import Printed as PrintedSo
from numerus.printing.runs.settings_trade import Setting, Trade, options, trade
from numerus.progress.standing import Standing
from numerus.schedule.attendance import Hours
from numerus.words import span

EVERY = timedelta(minutes=20)


def learned_hazard(plans: Plans, standing: Standing) -> Hazard:
    """From every part of this book that was looked at and had a pose."""
    return hazard_of(p for run in standing.runs.values() for p in _printed(plans, run.plate_id, run.outcomes))


def _printed(plans: Plans, plate_id: str, outcomes):  # type: ignore[no-untyped-def]
    plate = plans.plates.get(plate_id)
    for placed in plate.placed if plate else ():
        pose, seen = plans.pose_of(placed), outcomes.get(placed.id)
        if pose is not None and seen is not None:
            yield Printed(pose.height_mm, seen.height_mm if seen.outcome == FAILED else None)


def look_at(
    plans: Plans, standing: Standing, plate: Plate, started: datetime, minutes: float, now: datetime, hours: Hours
) -> Look | None:
    """The look at a run that is worth most, from now on until it ends."""
    machine = plans.machines.get(plate.machine_id)
    heights = [pose.height_mm for p in plate.placed if (pose := plans.pose_of(p)) is not None]
    if machine is None or not heights or not hours.windows:
        return None
    since = max(started, now)
    left = minutes - minutes_between(started, since, plans.time_zone)
    moments = [
        (at, gone)
        for at in hours.starts(since, timedelta(minutes=max(left, 0.0)), EVERY)
        if 0 < (gone := minutes_between(started, at, plans.time_zone)) < minutes
    ]
    tallest = max(heights)
    told = run_minutes(tallest, machine)
    lost = [
        (sum(o.outcome == FAILED for o in run.outcomes.values()), len(run.outcomes)) for run in standing.runs.values()
    ]
    return best_look(
        learned_hazard(plans, standing), heights, moments, minutes,
        lambda gone: height_after(gone / minutes * told, tallest, machine), stopped_share(lost),
    )  # fmt: skip


def look_words(look: Look | None) -> str:
    """For whoever stands at the machine."""
    if look is None:
        return "No look before it ends is worth its minutes, by what failed so far."
    one_in = max(round(1 / look.chance), 1) if look.chance else 0
    return (
        f"Look at {look.at:%H:%M}: by then one such plate in {one_in} has lost a part; stopping it there saves {span(look.left_min)}, "
        f"on the mean {span(look.saved_min)}."
    )


def trades(plans: Plans, standing: Standing, plate: Plate, machine: Machine) -> list[Trade]:
    """A waiting plate by other settings of its machine, one thing changed at a time; its own first."""
    heights = [pose.height_mm for p in plate.placed if (pose := plans.pose_of(p)) is not None]
    hazard, record = learned_hazard(plans, standing), list(_printed_so(standing))
    usual = sum(hazard.expected(h) for h in heights)
    return [trade(setting, machine, heights, usual, record) for setting in options(machine)]


def _printed_so(standing: Standing) -> Iterator[PrintedSo]:
    """What came off runs whose settings are known."""
    for run in standing.runs.values():
        if len(run.settings) == 3 and run.outcomes:
            failed = sum(o.outcome == FAILED for o in run.outcomes.values())
            yield PrintedSo(Setting(*run.settings), failed, len(run.outcomes))
