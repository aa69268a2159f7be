"""Letting resin and air out: vents for cups that suck on the film, and which way to tip a part so that it runs empty."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Any

import numpy as np

from numerus.domain.printing.poses import Point
from numerus.errors import GeometryError
from numerus.geometry.cutting import attributes_from, mesh_of, solid_of
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import Cup, cups
from numerus.geometry.solids.layers import layer_bitmap
from numerus.geometry.solids.pockets import Pocket, pools
from numerus.printing.hollow.hollowing import SHOW_WEIGHT, Drain, bore, xyz
from numerus.printing.hollow.tip import LEAST_POOL_ML, Tipping
from numerus.printing.machines.resting import lift_of
from numerus.printing.orientation.orientation_search import directions
from numerus.printing.orientation.pose_measures import is_significant_cup, posed
from numerus.printing.supports.posed_part import LAYER_MM, PIXEL_MM, in_part
from numerus.surface.fields.exposure import table_exposure

VENT_MM, LONGEST_VENT_MM, VENT_DIRECTIONS = 1.2, 12.0, 600
ROUNDS = 4
CLEAR_MM = 3.0  # in front of a vent
OFF_PLATE_MM = 0.5
LOW_WEIGHT = 6.0  # what lies under a vent stays a cup: a millimetre of it is worth so much wall
TIP_PIXEL_MM = 0.25


def vented(
    mesh: Mesh, at_mm: Sequence[float] | Floats, up: Sequence[float] | Floats = (0, 0, 1), diameter_mm: float = VENT_MM
) -> tuple[Mesh, Drain]:
    """A hole from a place in a hollow through the thinnest wall that is seen least to the outside: a cup is one no more.

    It does not come out where the part, with ``up`` upward, may stand on the plate. Raises GeometryError where no wall
    under LONGEST_VENT_MM leads out.
    """
    place = np.asarray(at_mm, float)
    lowest = float((mesh.vertices @ np.asarray(up)).min()) + OFF_PLATE_MM
    drains = [
        w for w in _walls_round(mesh, place)
        if w.length_mm <= LONGEST_VENT_MM and float(np.dot(w.place_mm, up)) > lowest and abs(_rises(w, place, up)) <= diameter_mm / 2
    ]  # fmt: skip
    if not drains:
        raise GeometryError("no-vent", "No thin wall leads out of that hollow.", "Tilt the part, or cut it there.")
    best = min(drains, key=lambda w: w.length_mm + SHOW_WEIGHT * w.seen + LOW_WEIGHT * abs(_rises(w, place, up)))
    vent = Drain(best.place_mm, best.way, diameter_mm, best.length_mm, best.seen)
    return attributes_from(mesh_of(solid_of(mesh) - bore(vent)), mesh), vent


def _rises(vent: Drain, place: Floats, up: Sequence[float] | Floats) -> float:
    """How far above or below the place a vent opens into the hollow."""
    mouth = np.asarray(vent.place_mm) + vent.length_mm * np.asarray(vent.way)
    return float((mouth - place) @ np.asarray(up))


def cups_vented(mesh: Mesh, up: Sequence[float] | Floats) -> tuple[Mesh, int]:
    """Every cup that tells in a pose opened by a vent, and how many vents that took; what no vent opens stays.

    A vent may leave a lower cup, or open one into another: it is looked again until there are none.
    """
    count = 0
    for _ in range(ROUNDS):
        turned = posed(mesh, np.asarray(up))
        posed_part = turned.moved((0, 0, lift_of(turned)))
        columns = solid_columns(posed_part.triangles, PIXEL_MM, LAYER_MM)
        holes = 0
        for cup in filter(is_significant_cup, cups(columns)):
            try:
                mesh, _ = vented(mesh, in_part(posed_part, mesh, up, np.array(cup_place(columns, cup))), up)
                holes += 1
            except GeometryError:
                continue
        count += holes
        if not holes:
            break
    return mesh, count


def cup_place(columns: Columns, cup: Cup) -> Point:
    """An empty place in a cup, low in it: where a vent begins."""
    above = min(VENT_MM / 2, (cup.to_mm - cup.from_mm) / 2)
    layer = int((cup.from_mm + above) / columns.grid.layer_mm)
    rows, across = np.nonzero(~layer_bitmap(columns, layer))
    x, y = columns.grid.centre_mm(across.astype(float), rows.astype(float))
    near = int(np.argmin((np.asarray(x) - cup.x_mm) ** 2 + (np.asarray(y) - cup.y_mm) ** 2))
    return float(np.asarray(x)[near]), float(np.asarray(y)[near]), (layer + 0.5) * columns.grid.layer_mm


def _walls_round(mesh: Mesh, place: Floats) -> list[Drain]:
    """Walls between a place in the open and the outside beyond them, over directions: where they come out, the way in."""
    scene, ways = RayScene(mesh), directions(VENT_DIRECTIONS)
    start, eps = np.repeat(place[None], len(ways), axis=0), 1e-4 * float(np.linalg.norm(mesh.extents_mm))
    inner = scene.first_hit(start, ways)
    ahead = np.flatnonzero(inner >= 0)
    enter = _along(mesh, inner[ahead], start[ahead], ways[ahead])
    outer = scene.first_hit(start[ahead] + (enter + eps)[:, None] * ways[ahead], ways[ahead])
    thick = np.where(outer >= 0, _along(mesh, outer, start[ahead], ways[ahead]) - enter, np.inf)
    leaves = (outer >= 0) & (np.einsum("ij,ij->i", mesh.normals[outer], ways[ahead]) > 0.3)
    exits = start[ahead] + (enter + thick)[:, None] * ways[ahead]
    open_ = np.flatnonzero(leaves & np.isfinite(thick))
    beyond = scene.first_hit(exits[open_] + 2 * eps * ways[ahead][open_], ways[ahead][open_])
    free = (beyond < 0) | (_along(mesh, beyond, exits[open_], ways[ahead][open_]) > CLEAR_MM)
    open_ = open_[free]
    seen = table_exposure(mesh, exits[open_], mesh.normals[outer[open_]])
    return [
        Drain(xyz(exits[k]), xyz(-ways[ahead[k]]), 0.0, float(thick[k]), float(s))
        for k, s in zip(open_, seen, strict=True)
    ]


def _along(mesh: Mesh, face: Any, start: Floats, way: Floats) -> Floats:
    """How far rays go to the planes of faces."""
    slope = np.einsum("ij,ij->i", mesh.normals[face], way)
    reach = np.einsum("ij,ij->i", mesh.normals[face], mesh.triangles[face, 0] - start)
    return np.asarray(reach / np.where(np.abs(slope) < 1e-9, 1e-9, slope))


def tipping(mesh: Mesh, posed_part_of: Sequence[float] | Floats = (0, 0, 1)) -> Tipping:
    """Which way to tip a part so that least stays in it; ``posed_part_of``: the direction of the part that hangs from the plate,
    away from the floor while it is printed the other way up.
    """
    ways = [(x, y, z) for x in (-1, 0, 1) for y in (-1, 0, 1) for z in (-1, 0, 1) if (x, y, z) != (0, 0, 0)]
    pixel, down = _tip_pixel_mm(mesh), xyz(-np.asarray(posed_part_of, float))
    kept = {way: _told_pools(mesh, way, pixel) for way in ways}
    best = min(kept, key=lambda w: (round(_ml(kept[w]), 3), float(np.linalg.norm(np.asarray(w) - down))))
    return Tipping(_ml(_told_pools(mesh, down, pixel)), xyz(best), kept[best], max(map(_ml, kept.values())))


def keeps_ml(mesh: Mesh, posed_part_of: Sequence[float] | Floats = (0, 0, 1)) -> tuple[float, float]:
    """What a part keeps as it hangs, and at most with each of its six sides up: enough to tell whether it is worth tipping."""
    pixel, down = _tip_pixel_mm(mesh), xyz(-np.asarray(posed_part_of, float))
    hanging = _ml(_told_pools(mesh, down, pixel))
    sides = [xyz(sign * row) for row in np.eye(3) for sign in (1, -1)]
    return hanging, max(hanging, *(_ml(_told_pools(mesh, side, pixel)) for side in sides))


def _tip_pixel_mm(mesh: Mesh) -> float:
    return max(TIP_PIXEL_MM, float(mesh.extents_mm.max()) / 200)


def _told_pools(mesh: Mesh, up: Point, pixel_mm: float) -> tuple[Pocket, ...]:
    """Pools worth being told; a film on rough steps is none."""
    return tuple(p for p in pools(mesh, up, pixel_mm) if p.volume_ml >= LEAST_POOL_ML)


def _ml(pockets: Sequence[Pocket]) -> float:
    return sum(p.volume_ml for p in pockets)
