"""Plates for what is owed: one action from a unit's builds to packed plates."""

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
from numerus.domain.printing.poses import Pose
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.kit.completeness import Copy, chance_to_fail, spares_for
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.packing import (
    Bitmap,
    Filled,
    Outline,
    machine_minutes,
    outline_bitmap,
    pack,
    placed_mesh,
    plates_of,
)
from numerus.printing.runs.run_records import FAILED, waiting_plates
from numerus.progress.printing.planned_runs import schedule_inputs
from numerus.progress.standing import Standing, outcomes_by_part
from numerus.schedule.run_queue import Schedule, ScheduleInputs, plan_runs
from numerus.words import counted, span

TRIES = 6
MACHINE_WORTH, CHANGE_MIN, OUT_OF_TURN = (
    0.2,
    25.0,
    0.25,
)  # what a minute of machine, a change of plates, and a minute of a
# unit that is done after its turn are worth beside a minute till the last plate is off
SAME_MM, SAME_ML = 0.05, 0.01  # what a plate may differ by from what its parts say now
PRIOR_PRINTS = 16.0
TALL_SHARE = 0.9

MeshOf = Callable[[str], Mesh]
"""The mesh of a blob's digest."""


def owed_copies(plans: Plans, standing: Standing, unit_id: str) -> list[Copy]:
    """Copies of the unit's figures on no plate, or failed and owed again; unposed parts are left to Pose."""
    copies = []
    for figure in plans.figures_of(unit_id):
        for slot, part_id in printed_slots(figure).items():
            part = plans.parts.get(part_id)
            state = standing.copies.get((figure.id, slot))
            if part is not None and part.pose is not None and (state is None or state.state == "owed"):
                copies.append((figure.id, slot))
    return copies


def owed_spares(plans: Plans, unit_id: str) -> list[str]:
    """Ids of the parts of which spares are on the unit's list and on no plate yet, each as often as it is owed."""
    unit = plans.units[unit_id]
    there = Counter(p.part_id for plate in plans.plates.values() for p in plate.placed if not p.figure_id)
    posed = {i: n for i, n in unit.spares.items() if i in plans.parts and plans.parts[i].pose is not None}
    return [part for part, number in posed.items() for _ in range(max(number - there[part], 0))]


@dataclass(frozen=True)
class ToPrint:
    """One line of the to-print list: a part, for how many figures it is owed, and spares on top."""

    part_id: str
    owed: int
    spares: int
    posed: bool


def to_print(plans: Plans, standing: Standing, unit_id: str) -> list[ToPrint]:
    """What a unit still has to have printed, posed or not, and the spares worth printing with it; the most first."""
    owed: Counter[str] = Counter()
    figures = plans.figures_of(unit_id)
    for figure in figures:
        for slot, part_id in printed_slots(figure).items():
            state = standing.copies.get((figure.id, slot))
            if part_id in plans.parts and (state is None or state.state == "owed"):
                owed[part_id] += 1
    spares = spares_for(figures, plans.parts)
    lines = [ToPrint(i, n, spares.get(i, 0), plans.parts[i].pose is not None) for i, n in owed.items()]
    return sorted(lines, key=lambda t: (-t.owed, plans.parts[t.part_id].name))


def outlines_for(
    plans: Plans, copies: list[Copy], mesh_of: MeshOf, spares: Sequence[str] = (), low: bool = False
) -> list[Outline]:
    """What is to be packed for these copies and spares; equal parts share one bitmap. ``low``: each in its lowest pose."""
    bitmaps: dict[str, Bitmap] = {}
    outlines = []
    wanted = [(figure_id, slot, plans.figures[figure_id].build[slot]) for figure_id, slot in copies]
    for figure_id, slot, part_id in [*wanted, *(("", plans.parts[i].slot, i) for i in spares)]:
        part = plans.parts[part_id]
        number, pose = _lying(part, low)
        if pose.supported_blob not in bitmaps:
            bitmaps[pose.supported_blob] = outline_bitmap(mesh_of(pose.supported_blob))
        resin_ml = part.volume_ml + pose.support_ml
        bitmap = bitmaps[pose.supported_blob]
        outlines.append(
            Outline(
                part.id,
                figure_id,
                slot,
                bitmap,
                pose.height_mm,
                resin_ml,
                pose=number,
                name=part.label,
                skin_cm2=part.surface_cm2,
            )  # fmt: skip
        )
    return outlines


def _lying(part: Part, low: bool) -> tuple[int, Pose]:
    """The number of a pose, and the pose: the one kept first, or the lowest of all."""
    assert part.pose is not None
    poses = [part.pose, *part.others]
    number = min(range(len(poses)), key=lambda n: poses[n].height_mm) if low else 0
    return number, poses[number]


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

    def outlines(self, unit_ids: Sequence[str], low: bool = False) -> dict[str, list[Outline]]:
        """What each unit is owed, with its spares; units that are owed nothing are left out. ``low``: in the lowest poses."""
        by_part = {}
        for rank, unit in enumerate(unit_ids):
            copies, spares = owed_copies(self.plans, self.standing, unit), owed_spares(self.plans, unit)
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
    """Plates that hold everything the units are owed; ``better`` is told of each batch that beats those before.

    Raises PlanError if nothing is owed, or a part fits no machine.
    """
    outlines = batching.outlines(unit_ids)
    if not outlines:
        raise PlanError(
            "nothing-owed",
            "Every posed part of this unit lies on a plate or is printed.",
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


def measured_plate(plate: Plate, machine: Machine, plans: Plans) -> Plate:
    """What a plate's run takes with the parts that lie on it now, on its machine as it is set now."""
    poses = [(plans.parts[p.part_id], pose) for p in plate.placed if (pose := plans.pose_of(p)) is not None]
    height = max((pose.height_mm for _, pose in poses), default=0.0)
    ml = sum(part.volume_ml + pose.support_ml for part, pose in poses) * (
        1 + (0.0 if machine.is_dry else plans.resin.cling_share)
    )
    skin = sum(part.surface_cm2 for part, _ in poses)
    measured = replace(plate, height_mm=height, resin_ml=ml, skin_cm2=skin)
    return replace(measured, minutes=run_minutes(height, machine, measured.laid))


def changed_since_laid(plate: Plate, plans: Plans) -> str:
    """Why a plate no longer holds what it was laid for, "" while it does: a part on it has no pose any more, or another one."""
    bare = [plans.parts[p.part_id].label for p in plate.placed if p.part_id in plans.parts and plans.pose_of(p) is None]
    if bare:
        return f"{bare[0]} on it was changed and has no pose now: pose it at Pose, then lay the plate anew"
    machine = plans.machines.get(plate.machine_id)
    now = measured_plate(plate, machine, plans) if machine else plate
    if abs(now.height_mm - plate.height_mm) > SAME_MM or abs(now.resin_ml - plate.resin_ml) > SAME_ML * plate.resin_ml:
        was, will = (f"{p.height_mm:.1f} mm, {p.resin_ml:.0f} ml" for p in (plate, now))
        return f"parts on it were posed anew since it was laid ({was}; now {will}): lay it anew"
    return ""


def with_waiting_plates(machine: Machine, plans: Plans, standing: Standing) -> list[Machine | Plate]:
    """A machine as it is set from now on, and what the plates that wait for it take then: no minutes outlive their settings."""
    own = [p for p in waiting_plates(plans.plates, standing.runs) if p.machine_id == machine.id]
    after = [replace(p, minutes=run_minutes(p.height_mm, machine, p.laid)) for p in own]
    return [machine, *(new for new, old in zip(after, own, strict=True) if new != old)]


def plate_meshes(plate: Plate, plans: Plans, mesh_of: MeshOf) -> list[tuple[str, Mesh]]:
    """Every part of a plate with its supports where it stands, named by figure and slot, for export."""
    meshes = []
    for placed in plate.placed:
        pose = plans.pose_of(placed)
        if pose is None:
            continue
        turned = placed_mesh(mesh_of(pose.supported_blob), placed)
        figure = plans.figures.get(placed.figure_id)
        meshes.append((f"{figure.name if figure else 'spare'}, {placed.slot}", turned))
    return meshes
