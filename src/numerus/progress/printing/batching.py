"""Batches: plates for all that units are owed, over all machines, the way that costs least of those tried."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from functools import cached_property, partial
from itertools import pairwise

from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.errors import PlanError, Progress
from numerus.kit.completeness import Copy, chance_to_fail
from numerus.printing.plates.packing import (
    Filled,
    Outline,
    machine_minutes,
    pack,
    plates_of,
)
from numerus.printing.runs.run_records import FAILED, waiting_plates
from numerus.progress.printing.planned_runs import schedule_inputs
from numerus.progress.printing.plating import MeshOf, outlines_for, owed_copies, owed_spares
from numerus.progress.standing import Standing, outcomes_by_part
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs
from numerus.words import counted, span

TRIES = 6
MACHINE_WORTH, CHANGE_MIN, OUT_OF_TURN = 0.2, 25.0, 0.25  # what a minute of machine, a change of plates, and a minute of a
# unit that is done after its turn are worth beside a minute till the last plate is off
PRIOR_PRINTS = 16.0
TALL_SHARE = 0.9


@dataclass(frozen=True)
class Batch:
    """Plates for several units together, when the last comes off, and what they would take unit after unit."""

    plates: tuple[Plate, ...]
    ends: datetime | None
    apart_plates: int
    apart_minutes: float

    @property
    def description(self) -> str:
        together = sum(p.minutes for p in self.plates)
        words = f"{counted(len(self.plates), 'plate')}, {span(together)} of machine"
        off = f", the last off {self.ends:%a %d %b %H:%M}" if self.ends else ""
        if self.apart_minutes - together < 1:
            return f"{words}{off}."
        changes = self.apart_plates - len(self.plates)
        fewer = f" and {counted(changes, 'change')}" if changes > 0 else ""
        return f"{words}{off}: {span(self.apart_minutes - together)}{fewer} less than unit after unit."

    def joined(self, other: Batch) -> Batch:
        """With the plates of machines of another kind, after its own."""
        first = max((p.order for p in self.plates), default=-1) + 1
        after = tuple(replace(p, order=first + n) for n, p in enumerate(other.plates))
        ends = max((e for e in (self.ends, other.ends) if e), default=None)
        minutes = self.apart_minutes + other.apart_minutes
        return Batch((*self.plates, *after), ends, self.apart_plates + other.apart_plates, minutes)


@dataclass(frozen=True, eq=False)
class Batching:
    """What a batch is made from: plans and their standing, the machines to be used, where meshes come from, the moment."""

    plans: Plans
    standing: Standing
    machines: Sequence[Machine]
    mesh_of: MeshOf
    new_id: Callable[[], str]
    now: datetime
    spares_by_rate: bool = True

    @property
    def kinds(self) -> tuple[str, ...]:
        """What its machines print with."""
        return tuple(dict.fromkeys(m.kind for m in self.machines))

    def of_kind(self, kind: str) -> Batching:
        """Only what those machines print that print with it."""
        return replace(self, machines=[m for m in self.machines if m.kind == kind])

    def told(self) -> Batching:
        """What nobody told of parts is what the army's first machine prints with."""
        parts = {i: replace(p, material=self.plans.material_of(p)) for i, p in self.plans.parts.items()}
        return replace(self, plans=replace(self.plans, parts=parts))

    def _prints(self, part_id: str) -> bool:
        """Whether a part is of what these machines print; where nobody told, on any that was chosen."""
        part = self.plans.parts[part_id]
        return not part.material or part.material in self.kinds

    def outlines(self, unit_ids: Sequence[str], low: bool = False) -> dict[str, list[Outline]]:
        """What each unit is owed, with its spares; units that are owed nothing are left out. ``low``: in the lowest poses."""
        by_part = {}
        for rank, unit in enumerate(unit_ids):
            copies, spares = owed_copies(self.plans, self.standing, unit), owed_spares(self.plans, unit)
            copies = [c for c in copies if self._prints(self.plans.figures[c[0]].build[c[1]])]
            spares = [s for s in spares if self._prints(s)]
            if self.spares_by_rate:
                spares = _more_of(spares, failing_spares(self.plans, self.standing, copies))
            if copies or spares:
                drawn = outlines_for(self.plans, copies, self.mesh_of, spares, low)
                by_part[unit] = [replace(o, rank=rank) for o in drawn]
        return by_part

    def plates(self, filled: Sequence[Filled], outlines: Sequence[Outline], name: str) -> list[Plate]:
        first = max((p.order for p in self.plans.plates.values()), default=-1) + 1
        return plates_of(filled, outlines, self.plans.resin, name, self.new_id, first)

    @cached_property
    def _inputs(self) -> ScheduleInputs | None:
        army = self.plans.army
        return schedule_inputs(self.plans, army, self.standing, self.now) if army else None

    def bill(self, plates: Sequence[Plate]) -> Schedule:
        """Those plates after what waits already; empty where nobody is ever at home."""
        inputs = self._inputs
        if inputs is None:
            return Schedule()
        waiting = waiting_plates(self.plans.plates, self.standing.runs)
        try:
            return plan_runs([*waiting, *plates], inputs)
        except PlanError:
            return Schedule()

    def cost(self, filled: Sequence[Filled], outlines: Sequence[Outline]) -> float:
        """Minutes till the last plate is off, machine minutes, changes, and units that are done out of turn."""
        plates = plates_of(filled, outlines, self.plans.resin, "", lambda: "")
        plates = [replace(p, id=str(n)) for n, p in enumerate(plates)]
        met = {s.plate.id: (s.taken_off - self.now).total_seconds() / 60 for s in self.bill(plates).scheduled_runs}
        done: dict[int, float] = {}
        for number, one in enumerate(filled):
            for index, *_ in one.spots:
                rank = outlines[index].rank
                done[rank] = max(done.get(rank, 0.0), met.get(str(number), 0.0))
        late = sum(max(done[a] - done[b], 0.0) for a, b in pairwise(sorted(done)))
        last = max(done.values(), default=0.0)
        return last + MACHINE_WORTH * machine_minutes(filled) + CHANGE_MIN * len(filled) + OUT_OF_TURN * late


def plates_for(
    batching: Batching, unit_ids: Sequence[str], progress: Progress | None = None,
    better: Callable[[Batch], object] | None = None,
) -> Batch:  # fmt: skip
    """Plates that hold everything the units are owed; ``better`` is told of each batch that beats those before. Machines for resin and
    for plastic are filled one kind after the other, each with what is of it.

    Raises PlanError if nothing is owed, or a part fits no machine.
    """
    if len(batching.kinds) < 2:
        return _plates_of_kind(batching, unit_ids, progress, better)
    told = batching.told()
    made: Batch | None = None
    for kind in told.kinds:
        own = told.of_kind(kind)
        if own.outlines(unit_ids):
            batch = _plates_of_kind(own, unit_ids, progress, partial(_tell_joined, better, made) if better else None)
            made = batch if made is None else made.joined(batch)
    return made or _plates_of_kind(told, unit_ids, progress, better)


def _tell_joined(better: Callable[[Batch], object], made: Batch | None, batch: Batch) -> None:
    better(made.joined(batch) if made else batch)


def _plates_of_kind(
    batching: Batching, unit_ids: Sequence[str], progress: Progress | None, better: Callable[[Batch], object] | None
) -> Batch:
    outlines = batching.outlines(unit_ids)
    if not outlines:
        raise PlanError(
            "nothing-owed",
            "Every posed part of this unit lies on a plate or is printed, or is of what these machines do not print with.",
            "Unposed parts wait at Pose.",
        )
    machines = batching.machines
    apart = [pack(some, machines, tries=0) for some in outlines.values()]
    name = batching.plans.units[next(iter(outlines))].name.rpartition(", ")[2] if len(outlines) == 1 else "Batch"
    minutes = sum(machine_minutes(f) for f in apart)

    def batch(filled: Sequence[Filled], whole: Sequence[Outline]) -> Batch:
        plates = batching.plates(filled, whole, name)
        return Batch(tuple(plates), batching.bill(plates).ends, sum(map(len, apart)), minutes)

    best: Batch | None = None
    least = float("inf")

    def met(filled: list[Filled], asked: float, whole: list[Outline]) -> None:
        nonlocal best, least
        if asked < least:
            best, least = batch(filled, whole), asked
            if better is not None:
                better(best)

    for whole in _ways_to_lie(batching, outlines, unit_ids):
        cost, report_progress = partial(batching.cost, outlines=whole), partial(met, whole=whole)
        pack(whole, machines, TRIES, cost, progress, report_progress)
    assert best is not None
    return best


def _ways_to_lie(batching: Batching, kept: dict[str, list[Outline]], unit_ids: Sequence[str]) -> list[list[Outline]]:
    """All parts as they were kept first; where some may lie lower, also all in their lowest poses, and only the tallest so."""
    plain = [o for some in kept.values() for o in some]
    low = [o for some in batching.outlines(unit_ids, low=True).values() for o in some]
    if all(a.pose == b.pose for a, b in zip(plain, low, strict=True)):
        return [plain]
    tall = sorted(o.height_mm for o in plain)[int(TALL_SHARE * (len(plain) - 1))]
    return [plain, low, [b if a.height_mm >= tall else a for a, b in zip(plain, low, strict=True)]]


def failing_spares(plans: Plans, standing: Standing, copies: Sequence[Copy]) -> list[str]:
    """Spares for the failures to be expected among these copies, by part, to the nearest whole: by each part's own record,
    or how frail it is where little is known.
    """
    tried = Counter(part for _, part in outcomes_by_part(plans, standing))
    failed = Counter(part for outcome, part in outcomes_by_part(plans, standing) if outcome == FAILED)
    wanted = Counter(plans.figures[f].build[slot] for f, slot in copies)
    return [
        part
        for part, number in wanted.items()
        for _ in range(int(number * part_rate(plans.parts[part], failed[part], tried[part]) + 0.5))
    ]


def part_rate(part: Part, failed: int, tried: int) -> float:
    """Share of prints of a part that fail: its record, shrunk to how frail it is by ``PRIOR_PRINTS`` prints."""
    return (failed + PRIOR_PRINTS * chance_to_fail(part)) / (tried + PRIOR_PRINTS)


def _more_of(one: Sequence[str], other: Sequence[str]) -> list[str]:
    """Of each part as many as the longer of two lists has."""
    return list((Counter(one) | Counter(other)).elements())
