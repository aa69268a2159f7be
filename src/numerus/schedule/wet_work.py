"""Tub and lamp after every plate that is met: how many parts go in at once, and what waits for room or for someone."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from datetime import datetime, timedelta
from math import ceil

from numerus.domain.army import Army
from numerus.domain.printing.plates import Plate
from numerus.post.washing.wash import DRY_MIN, TUB_MIN
from numerus.post.washing.wash_ways import LIFT_MIN
from numerus.schedule.attendance import hours_of
from numerus.schedule.run_queue import ScheduledRun


@dataclass(frozen=True)
class Wet:
    """A plate's parts washed and cured: when tub and lamp are theirs; ``waits_min``: for a tub or lamp in use, or for someone."""

    plate: Plate
    tub: tuple[datetime, datetime]
    lamp: tuple[datetime, datetime]
    waits_min: float


def wet_work(scheduled_runs: Iterable[ScheduledRun], army: Army, now: datetime, lamp_min: float) -> list[Wet]:
    """In the order plates are met; one tub, one lamp, which a load holds for ``lamp_min``. Raises PlanError where nobody is ever at home."""
    hours, wet_tasks = hours_of(army, now), []
    tub_free = lamp_free = now
    for scheduled in sorted(scheduled_runs, key=lambda s: s.taken_off):
        wanted = scheduled.taken_off + timedelta(minutes=army.drain_min + LIFT_MIN)
        washed = hours.next(max(wanted, tub_free))
        tub_free = washed + timedelta(minutes=TUB_MIN * loads(scheduled.plate, army.tub_parts))
        dry = tub_free + timedelta(minutes=DRY_MIN)
        cured = hours.next(max(dry, lamp_free))
        lamp_free = cured + timedelta(minutes=lamp_min * loads(scheduled.plate, army.lamp_parts))
        waits = (washed - wanted) + (cured - dry)
        wet_tasks.append(Wet(scheduled.plate, (washed, tub_free), (cured, lamp_free), waits.total_seconds() / 60))
    return wet_tasks


def loads(plate: Plate, at_once: int) -> int:
    return max(ceil(len(plate.placed) / at_once), 1)
