"""The designer's way to print a part: how it lies in the copy that came on supports, measured like our own ways."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid
from numerus.geometry.likeness import ShapePrint, even_places, within
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import solid_columns
from numerus.kit.recognise import core_of, supports_of
from numerus.printing.machines.timing import run_minutes
from numerus.printing.orientation.pose_measures import PoseCost, is_significant_cup, measure
from numerus.printing.preparation.as_supplied import AS_SUPPLIED, SuppliedPrint, supplied_print
from numerus.surface.fields.part_fields import Fields

FOUND_AGAIN = 0.88  # of the part's skin, or the copy is of something else
SKIN_POINTS = 60_000
TOUCH_MM, TOUCH_CELL_MM = 0.12, 0.06  # so far outside its skin a support is looked for, on a grid this fine


@dataclass(frozen=True, eq=False)
class SuppliedWay:
    """``cost``: of the part as it lies in the copy, with the marks its supports leave; ``printed``: the copy itself, looked at as a print."""

    cost: PoseCost
    printed: SuppliedPrint


def supplied_copy(plans: Plans, part: Part) -> Part | None:
    """The copy of a part that came on supports, if its kit holds one and nobody denied it."""
    kit = plans.kits.get(part.kit_id)
    copies = [r.parts[1] for r in (kit.relations if kit else ())
              if r.kind == "supported" and len(r.parts) == 2 and r.parts[0] == part.id and not r.overruled]  # fmt: skip
    return next((plans.parts[i] for i in copies if i in plans.parts), None)


def supplied_way(part: Mesh, copy: Mesh, fields: Fields, machine: Machine, resin: Resin) -> SuppliedWay | None:
    """None where the part is not found in the copy. Scars are the part's skin that a support touches, by how much it is seen."""
    printed = supplied_print(copy, machine, resin)
    laid = laid_in(part, printed.standing)
    if laid is None:
        return None
    up = laid[2, :3] / np.linalg.norm(laid[2, :3])
    printed = replace(printed, pose=replace(printed.pose, up=(float(up[0]), float(up[1]), float(up[2]))))
    plain, proof, standing = measure(part, fields, AS_SUPPLIED, up, machine, resin), printed.proof, printed.standing
    height, volume_ml = float(standing.extents_mm[2]), abs(standing.signed_volume_mm3) / 1000
    cost = replace(
        plain, height_mm=height, minutes=run_minutes(height, machine, Laid(volume_ml, float(standing.areas_mm2.sum()) / 100)),
        scar_mm2=touched_mm2(part, standing, laid, fields), volume_ml=volume_ml,
        footprint_mm2=printed.pose.footprint_mm2, supported=True,
        cups=0 if machine.is_dry else sum(map(is_significant_cup, proof.cups)),
    )  # fmt: skip
    return SuppliedWay(cost, printed)


def laid_in(part: Mesh, standing: Mesh) -> Floats | None:
    """The turn and move (4, 4) that lays a part into its supported copy; None where it is not found there."""
    supports = supports_of(standing)
    core = core_of(standing, supports.from_mm if supports else 0.0)
    shape = ShapePrint(part)
    found = within(shape, core_of(part), ShapePrint(standing), core, max(0.1, 0.005 * shape.diagonal_mm))
    return found.matrix if found.share >= FOUND_AGAIN else None


def touched_mm2(part: Mesh, standing: Mesh, laid: Floats, fields: Fields) -> float:
    """Skin of the part that has solid of the copy just outside it, weighed by how much it is seen, mm²."""
    points, face = even_places(part, SKIN_POINTS)
    outside = (points + TOUCH_MM * part.normals[face]) @ laid[:3, :3].T + laid[:3, 3]
    floor = float(standing.bounds_mm[0, 2])
    columns = solid_columns(standing.moved((0, 0, -floor)).triangles, TOUCH_CELL_MM, TOUCH_CELL_MM)
    inner = (points + 2 * TOUCH_MM * part.normals[face]) @ laid[:3, :3].T + laid[:3, 3]
    held = columns.holds(outside - [0, 0, floor]) & columns.holds(inner - [0, 0, floor])
    own = _in_itself(part, points + TOUCH_MM * part.normals[face])
    each = float(part.areas_mm2.sum()) / len(points)
    return float((held & ~own) @ fields.show[face]) * each


def _in_itself(part: Mesh, points: Floats) -> NDArray[np.bool_]:
    """Points that lie in the part itself: in a fold, where its own skin is near."""
    floor = float(part.bounds_mm[0, 2])
    columns = solid_columns(part.moved((0, 0, -floor)).triangles, TOUCH_CELL_MM, TOUCH_CELL_MM)
    return columns.holds(points - [0, 0, floor])
