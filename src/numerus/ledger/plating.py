"""Plates for what is owed: one action from a unit's builds to packed plates."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from dataclasses import dataclass

from numerus.errors import PlanError
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.kit.completeness import Copy, spares_for
from numerus.ledger.plans import Plans
from numerus.ledger.standing import Standing
from numerus.resin.plate import Bitmap, Outline, Plate, machine_minutes, outline_bitmap, pack, placed_mesh, plates_of
from numerus.resin.profiles import Machine
from numerus.words import counted, span

MeshOf = Callable[[str], Mesh]
"""The mesh of a blob's digest."""


def owed_copies(plans: Plans, standing: Standing, unit_id: str) -> list[Copy]:
    """Copies of the unit's figures on no plate, or failed and owed again; unposed parts are left to Pose."""
    found = []
    for figure in plans.figures_of(unit_id):
        for slot, part_id in printed_slots(figure).items():
            part = plans.parts.get(part_id)
            state = standing.copies.get((figure.id, slot))
            if part is not None and part.pose is not None and (state is None or state.state == "owed"):
                found.append((figure.id, slot))
    return found


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


def outlines_for(plans: Plans, copies: list[Copy], mesh_of: MeshOf, spares: Sequence[str] = ()) -> list[Outline]:
    """What is to be packed for these copies and spares; equal parts share one bitmap."""
    bitmaps: dict[str, Bitmap] = {}
    found = []
    wanted = [(figure_id, slot, plans.figures[figure_id].build[slot]) for figure_id, slot in copies]
    for figure_id, slot, part_id in [*wanted, *(("", plans.parts[i].slot, i) for i in spares)]:
        part = plans.parts[part_id]
        assert part.pose is not None
        if part.id not in bitmaps:
            bitmaps[part.id] = outline_bitmap(mesh_of(part.pose.supported_blob))
        resin_ml = part.volume_ml + part.pose.support_ml
        found.append(Outline(part.id, figure_id, slot, bitmaps[part.id], part.pose.height_mm, resin_ml))
    return found


@dataclass(frozen=True)
class Batch:
    """Plates for several units together, and what they would take unit after unit: plates and machine minutes."""

    plates: tuple[Plate, ...]
    apart_plates: int
    apart_minutes: float

    @property
    def says(self) -> str:
        together = sum(p.minutes for p in self.plates)
        made = f"{counted(len(self.plates), 'plate')}, {span(together)} of machine"
        if self.apart_minutes - together < 1:
            return f"{made}."
        saved = (
            f"{span(self.apart_minutes - together)} and {counted(self.apart_plates - len(self.plates), 'change')} less"
        )
        return f"{made}: {saved} than unit after unit."


def plates_for(
    plans: Plans, standing: Standing, unit_ids: Sequence[str], machine: Machine, mesh_of: MeshOf, new_id: Callable[[], str],
    progress: Callable[[float], bool] | None = None,
) -> Batch:  # fmt: skip
    """Plates that hold everything the units are owed. Raises PlanError if nothing is, or a part does not fit."""
    own = {u: (owed_copies(plans, standing, u), owed_spares(plans, u)) for u in unit_ids}
    outlines = {
        u: outlines_for(plans, copies, mesh_of, spares) for u, (copies, spares) in own.items() if copies or spares
    }
    if not outlines:
        raise PlanError(
            "nothing-owed",
            "Every posed part of this unit lies on a plate or is printed.",
            "Unposed parts wait at Pose.",
        )
    whole = [o for some in outlines.values() for o in some]
    first = max((p.order for p in plans.plates.values()), default=-1) + 1
    name = plans.units[next(iter(outlines))].name.rpartition(", ")[2] if len(outlines) == 1 else "Batch"
    packing = pack(whole, machine, progress=progress)
    made = tuple(plates_of(packing, whole, machine, plans.resin, name, new_id, first))
    apart = [pack(some, machine, tries=0) for some in outlines.values()] if len(outlines) > 1 else [packing]
    listed = list(outlines.values()) if len(outlines) > 1 else [whole]
    minutes = sum(machine_minutes(p, some, machine) for p, some in zip(apart, listed, strict=True))
    return Batch(made, sum(len(p.plates) for p in apart), minutes)


def plate_meshes(plate: Plate, plans: Plans, mesh_of: MeshOf) -> list[tuple[str, Mesh]]:
    """Every part of a plate with its supports where it stands, named by figure and slot, for export."""
    found = []
    for placed in plate.placed:
        part = plans.parts.get(placed.part_id)
        if part is None or part.pose is None:
            continue
        turned = placed_mesh(mesh_of(part.pose.supported_blob), placed)
        figure = plans.figures.get(placed.figure_id)
        found.append((f"{figure.name if figure else 'spare'}, {placed.slot}", turned))
    return found
