"""A better order of the plates that wait, looked for while one looks at the bill: changed a little, planned again, kept if better.

The planner takes one run after another as they waste least, and so may leave a long plate for an hour that suits it badly. Here the
order it is given is varied by seeded swaps and moves, and plates change to another machine of the same kind on which they fit as they
lie (iterated local search: Lourenço, Martin and Stützle 2003).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.printing.plates import Plate
from numerus.errors import Progress
from numerus.schedule.run_queue import Schedule, ScheduleInputs, moved_to, plan_runs
from numerus.words import counted

TRIES = 120
LEAST_SAVED_MIN = 30.0
HANGING_WORTH = 0.05  # a minute a plate hangs, or is cold, beside one that the last comes off later


@dataclass(frozen=True)
class BetterOrder:
    """Plates in an order, and on machines, by which the last comes off earlier by ``saves_min``, and the bill it makes;
    ``moved``: ids of those that change machines.
    """

    plates: tuple[Plate, ...]
    schedule: Schedule
    saves_min: float
    moved: frozenset[str] = frozenset()

    @property
    def description(self) -> str:
        """What is changed, for whoever is to take it."""
        moves = f", {counted(len(self.moved), 'plate')} on another machine" if self.moved else ""
        return f"Another order of these plates{moves}"

    def changed(self) -> list[Plate]:
        """Those plates whose place in the order or whose machine is another, as they are to be written."""
        numbers = sorted(p.order for p in self.plates)
        ordered = zip(self.plates, numbers, strict=True)
        return [replace(p, order=n) for p, n in ordered if p.order != n or p.id in self.moved]


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
        other = _varied(best, inputs, dice)
        tried = plan_runs(other, inputs)
        if (cost := _cost(tried, inputs)) < least - 1e-6:
            best, schedule, least = other, tried, cost
    saves = _ends_min(started, inputs) - _ends_min(schedule, inputs)
    if least >= before or saves < LEAST_SAVED_MIN:
        return None
    machines = {p.id: p.machine_id for p in plates}
    return BetterOrder(tuple(best), schedule, saves, frozenset(p.id for p in best if p.machine_id != machines[p.id]))


def _varied(plates: list[Plate], inputs: ScheduleInputs, dice: np.random.Generator) -> list[Plate]:
    """Two changed places, one moved, one on another machine, or now and then all shuffled."""
    other, kind = list(plates), dice.random()
    a, b = (int(k) for k in dice.choice(len(plates), 2, replace=False))
    if kind < 0.3:
        other[a], other[b] = other[b], other[a]
    elif kind < 0.6:
        other.insert(b, other.pop(a))
    elif kind < 0.9 and len(inputs.machines) > 1:
        other[a] = _elsewhere(other[a], inputs, dice)
    else:
        other = [plates[int(k)] for k in dice.permutation(len(plates))]
    return other


def _elsewhere(plate: Plate, inputs: ScheduleInputs, dice: np.random.Generator) -> Plate:
    """A plate on another machine of its kind that serves and takes it as it lies; itself where there is none, or where it was put
    at a time by hand.
    """
    kind = next((m.kind for m in inputs.machines if m.id == plate.machine_id), "")
    others = [
        m
        for m in inputs.machines
        if m.id != plate.machine_id and m.kind == kind and m.in_service and inputs.fits(plate, m)
    ]
    if plate.pinned is not None or not others:
        return plate
    return moved_to(plate, others[int(dice.integers(len(others)))])


def _ends_min(schedule: Schedule, inputs: ScheduleInputs) -> float:
    return (schedule.ends - inputs.now).total_seconds() / 60 if schedule.ends else 0.0


def _cost(schedule: Schedule, inputs: ScheduleInputs) -> float:
    wasted = sum(s.hangs_min + s.cold_min for s in schedule.scheduled_runs)
    return _ends_min(schedule, inputs) + HANGING_WORTH * wasted
