"""A better order of the plates that wait, looked for while one looks at the bill: changed a little, planned again, kept if better.

The planner takes one run after another as they waste least, and so may leave a long plate for an hour that suits it badly. Here the
order it is given is varied by seeded swaps and moves (iterated local search: Lourenço, Martin and Stützle 2003).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.printing.plates import Plate
from numerus.errors import Progress
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs

TRIES = 60
LEAST_SAVED_MIN = 30.0
HANGING_WORTH = 0.05  # a minute a plate hangs, or is cold, beside one that the last comes off later


@dataclass(frozen=True)
class BetterOrder:
    """Plates in an order by which the last comes off earlier by ``saves_min``, and the bill it makes."""

    plates: tuple[Plate, ...]
    schedule: Schedule
    saves_min: float

    def renumbered(self) -> list[Plate]:
        """Those plates whose place in the order is another, as they are to be written."""
        numbers = sorted(p.order for p in self.plates)
        return [replace(p, order=n) for p, n in zip(self.plates, numbers, strict=True) if p.order != n]


def better_order(
    plates: Sequence[Plate], inputs: ScheduleInputs, progress: Progress | None = None, tries: int = TRIES, seed: int = 1
) -> BetterOrder | None:
    """The best order found, None where none ends the bill ``LEAST_SAVED_MIN`` earlier. Stops where ``progress`` answers False."""
    dice = np.random.default_rng(seed)
    best, schedule = list(plates), plan_runs(plates, inputs)
    least = before = _cost(schedule, inputs)
    started = schedule
    for number in range(tries if len(plates) > 1 else 0):
        if progress is not None and not progress(number / tries):
            break
        other = _varied(best, dice)
        tried = plan_runs(other, inputs)
        if (cost := _cost(tried, inputs)) < least - 1e-6:
            best, schedule, least = other, tried, cost
    saves = _ends_min(started, inputs) - _ends_min(schedule, inputs)
    return BetterOrder(tuple(best), schedule, saves) if least < before and saves >= LEAST_SAVED_MIN else None


def _varied(plates: list[Plate], dice: np.random.Generator) -> list[Plate]:
    """Two changed places, one moved, or now and then all shuffled."""
    other, kind = list(plates), dice.random()
    a, b = (int(k) for k in dice.choice(len(plates), 2, replace=False))
    if kind < 0.45:
        other[a], other[b] = other[b], other[a]
    elif kind < 0.85:
        other.insert(b, other.pop(a))
    else:
        other = [plates[int(k)] for k in dice.permutation(len(plates))]
    return other


def _ends_min(schedule: Schedule, inputs: ScheduleInputs) -> float:
    return (schedule.ends - inputs.now).total_seconds() / 60 if schedule.ends else 0.0


def _cost(schedule: Schedule, inputs: ScheduleInputs) -> float:
    wasted = sum(s.hangs_min + s.cold_min for s in schedule.scheduled_runs)
    return _ends_min(schedule, inputs) + HANGING_WORTH * wasted
