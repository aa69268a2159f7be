"""Tub and lamp of every plate to come: the turns of the one plan of the hands, as the watch bill shows them."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime, timedelta

from numerus.domain.printing.plates import Plate
from numerus.progress.planning.bench_plan import tonight
from numerus.progress.planning.bench_tasks import LAMP, TUB, ToDo
from numerus.schedule.hand_plan import Way
from numerus.schedule.hand_tasks import TimedTask

SEEN_TO_DAYS = 14  # after the last plate is off


@dataclass(frozen=True)
class WetTurn:
    """A plate's parts washed and cured: when tub and lamp are theirs; ``waits_min``: for a tub or lamp in use, or for an evening."""

    plate: Plate
    tub: tuple[datetime, datetime]
    lamp: tuple[datetime, datetime]
    waits_min: float


def wet_turns(work: ToDo, plates: Mapping[str, Plate], way: Way) -> list[WetTurn]:
    """Of plates that are still to be washed, in the order they are, by the way the plan was found. Raises PlanError where the evenings do
    not hold them.
    """
    off = [work.inputs.free_at.get(t.group, work.evenings[0].start) for t in work.inputs.tasks if t.urgent]
    if not off:
        return []
    timed = [t for t in tonight(work, way, max(off) + timedelta(days=SEEN_TO_DAYS)) if t.task.urgent]
    washed = {t.task.group: t for t in timed if t.task.device == TUB}
    lit = {t.task.group: t for t in timed if t.task.device == LAMP}
    begun = {g: min(t.begun for t in timed if t.task.group == g and t is not washed[g]) for g in washed if g in lit}
    return [
        WetTurn(plates[_plate_id(washed[g])], _held(washed[g]), _held(lit[g]), _waits_min(work, washed[g], at))
        for g, at in begun.items()
    ]


def _plate_id(washed: TimedTask) -> str:
    return washed.task.key.rpartition("/")[0]


def _held(timed: TimedTask) -> tuple[datetime, datetime]:
    """From when hands are done putting it in until it comes out."""
    return timed.end, timed.end + timedelta(minutes=timed.task.busy_min)


def _waits_min(work: ToDo, washed: TimedTask, taken_on: datetime) -> float:
    """From off the machine to the tub and from dry to the supports, beyond what each takes."""
    off = work.inputs.free_at.get(washed.task.group, washed.begun)
    waits = max(washed.begun - off, timedelta()) + max(taken_on - washed.dry, timedelta())
    return waits.total_seconds() / 60
