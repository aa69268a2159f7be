"""What a figure's fields are about, told in a fraction of the time: to look at while the exact ones are worked out."""

from __future__ import annotations

import numpy as np

from numerus.geometry.coarser import coarser
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.surface.fields.painting_fields import (
    ABOVE,
    BRUSHED_RIDGE_MM,
    RECESS_MM,
    PaintingFields,
    lit_from,
    openness,
    seen_from_table,
)

PLACES = 1_200  # cells the skin is told by; each of its sides is a place of its own
DIRECTIONS = 32
SPREAD_DEG = 10.0
DARK, DARK_RECESS = 0.5, 0.8  # openness below which a place is taken for a recess, and how deep the darkest is
SMOOTHED = 2  # times a value is shared with its neighbours, so that cells are not seen


def coarse_fields(mesh: Mesh) -> PaintingFields:
    """Light by a few thousand places, each vertex taking that of its cell; ridges by how the skin bends there and then, recesses by
    that and by how little light comes. Where parts meet is not told.
    """
    few, place, _ = coarser(mesh, PLACES)
    scene = RayScene(few)
    light = [
        openness(few, scene, directions=DIRECTIONS),
        lit_from(few, ABOVE, SPREAD_DEG, scene),
        seen_from_table(few, scene),
    ]
    edges = np.concatenate([mesh.faces[:, :2], mesh.faces[:, 1:]])
    open_, lit, seen = (_smooth(values[place], edges) for values in light)
    bend = _bend_per_mm(mesh.vertices, mesh.vertex_normals, edges)
    deep = np.maximum(_out_of_reach(-bend, RECESS_MM), DARK_RECESS * np.clip(1 - open_ / DARK, 0, 1))
    told = (open_, deep, _out_of_reach(bend, BRUSHED_RIDGE_MM), lit, seen, np.zeros(len(open_)))
    return PaintingFields(*(np.asarray(f, np.float32) for f in told))


@kernel
def _smooth(values, edges):  # type: ignore[no-untyped-def]
    """Values (n,) shared along edges (k, 2)."""
    for _ in range(SMOOTHED):
        total, many = values.copy(), np.ones(len(values))
        for k in range(len(edges)):
            one, other = edges[k]
            total[one] += values[other]
            total[other] += values[one]
            many[one] += 1
            many[other] += 1
        values = total / many
    return values


@kernel
def _bend_per_mm(places, normals, edges):  # type: ignore[no-untyped-def]
    """Mean curvature of the skin at each vertex (n,), positive on ridges: how its edges leave the plane of its normal, by the
    normal section's circle 2h/l².
    """
    total, many = np.zeros(len(places)), np.zeros(len(places))
    for k in range(len(edges)):
        one, other = edges[k]
        far2, rise, fall = 1e-12, 0.0, 0.0
        for axis in range(3):
            along = places[other, axis] - places[one, axis]
            far2 += along * along
            rise += along * normals[one, axis]
            fall += along * normals[other, axis]
        total[one] -= 2 * rise / far2
        total[other] += 2 * fall / far2
        many[one] += 1
        many[other] += 1
    return total / np.maximum(many, 1)


def _out_of_reach(bend_per_mm: Floats, radius_mm: float) -> Floats:
    """How far a ball of a radius stays out of a hollow that bends so: none of it while the hollow is wider than the ball."""
    return np.clip(1 - 1 / np.maximum(bend_per_mm * radius_mm, 1e-9), 0, 1)
