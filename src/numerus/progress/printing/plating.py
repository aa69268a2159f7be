"""Plates for what is owed: one action from a unit's builds to packed plates."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import OF_WORDS, Machine
from numerus.domain.printing.plates import Plate
from numerus.domain.printing.poses import Pose
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.kit.completeness import Copy, spares_for
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.packing import (
    Bitmap,
    Outline,
    outline_bitmap,
    placed_mesh,
)
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.standing import Standing

SAME_MM, SAME_ML = 0.05, 0.01  # what a plate may differ by from what its parts say now

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
    parts = [plans.parts[p.part_id] for p in plate.placed if p.part_id in plans.parts]
    other = next((p for p in parts if machine and p.material not in ("", machine.kind)), None)
    if other is not None:
        return f"{other.label} on it is to be {OF_WORDS[other.material]}: lay the plate anew"
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
