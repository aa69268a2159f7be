"""What would help most: one thing changed at a time, all runs planned again, and how much earlier the last plate comes off."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime, timedelta

from numerus.domain.army import Army
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import run_minutes
from numerus.schedule.attendance import LATE, up_late
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs

SECOND_PLATE_MIN = 4.0
FASTER = 1.3
THICK_MM, THICK_EXPOSURE = 0.05, 1.25
LEAST_H = 0.5


@dataclass(frozen=True)
class WhatIf:
    """``saves_h``: hours the last plate comes off earlier; ``cost``: what the change costs, in words."""

    description: str
    saves_h: float
    ends: datetime
    cost: str


def what_if(plates: Sequence[Plate], floor: ScheduleInputs) -> list[WhatIf]:
    """Changes that end the printing earlier, the best first. Raises PlanError as ``plan_runs`` does."""
    ends = plan_runs(plates, floor).ends
    if ends is None:
        return []
    used = {p.machine_id for p in plates}
    helps = []
    for description, cost, change in _changes(floor.army, floor.now):
        machines = [change.machine(m) if m.id in used else m for m in floor.machines]
        other = replace(floor, machines=machines, army=change.army(floor.army))
        schedule = plan_runs(_retimed(plates, machines), other)
        saved = (ends - (schedule.ends or ends)).total_seconds() / 3600
        if (machines == list(floor.machines) and other.army == floor.army) or saved < LEAST_H:
            continue
        helps.append(WhatIf(description, saved, schedule.ends or ends, cost))
    return sorted(helps, key=lambda h: -h.saves_h)


@dataclass(frozen=True)
class _Change:
    machine: Callable[[Machine], Machine] = lambda m: m
    army: Callable[[Army], Army] = lambda a: a


def _changes(army: Army, now: datetime) -> list[tuple[str, str, _Change]]:
    return [
        ("A second plate for each machine", "bought once, then swapped in minutes",
         _Change(lambda m: replace(m, turn_round_min=min(m.turn_round_min, SECOND_PLATE_MIN)))),
        (f"Lift {FASTER - 1:.0%} faster", "pulls harder: look at the least margins first", _Change(_faster)),
        (f"{THICK_MM:g} mm layers instead of finer ones", "stair-steps show sooner on shallow slopes", _Change(_thicker)),
        (f"Up until {LATE // 60 - 24}:00 tonight", "one late night", _Change(army=lambda a: _up_late(a, now, 1))),
        ("Up late every night this week", "seven late nights", _Change(army=lambda a: _up_late(a, now, 7))),
        ("Home at midday tomorrow", "half an hour there", _Change(army=lambda a: _midday(a, now))),
    ]  # fmt: skip


def _faster(machine: Machine) -> Machine:
    return replace(machine, lift_mm_per_min=machine.lift_mm_per_min * FASTER)


def _thicker(machine: Machine) -> Machine:
    if machine.layer_mm >= THICK_MM:
        return machine
    return replace(machine, layer_mm=THICK_MM, exposure_s=machine.exposure_s * THICK_EXPOSURE)


def _up_late(army: Army, now: datetime, nights: int) -> Army:
    for n in range(nights):
        day = now.date() + timedelta(days=n)
        like = army.day(day)
        army = army if up_late(like) == like else army.with_day(day, up_late(like))
    return army


def _midday(army: Army, now: datetime) -> Army:
    day = now.date() + timedelta(days=1)
    like, noon = army.day(day), (12 * 60 + 15, 12 * 60 + 45)
    if any(a <= noon[0] and b >= noon[1] for a, b in like.home):
        return army
    return army.with_day(day, replace(like, home=tuple(sorted((*like.home, noon)))))


def _retimed(plates: Sequence[Plate], machines: Sequence[Machine]) -> list[Plate]:
    known = {m.id: m for m in machines}
    return [
        replace(p, minutes=run_minutes(p.height_mm, known[p.machine_id], p.laid)) if p.machine_id in known else p
        for p in plates
    ]


def schedule_summary(schedule: Schedule, army: Army) -> str:
    """When the last plate comes off, against the date."""
    if schedule.ends is None:
        return "No plate waits for a machine."
    slack = (army.ready_by - schedule.ends.date()).days
    when = f"The last plate comes off {schedule.ends:%a %d %b %H:%M}"
    return f"{when}, {slack} days before the date." if slack >= 0 else f"{when}, {-slack} days after the date."
