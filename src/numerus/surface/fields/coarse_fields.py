"""What a figure's fields are about, told in a fraction of the time: to look at while the exact ones are worked out."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.pairs import cell_ids
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
    few, place = _coarser(mesh)
    scene = RayScene(few)
    light = [
        openness(few, scene, directions=DIRECTIONS),
        lit_from(few, ABOVE, SPREAD_DEG, scene),
        seen_from_table(few, scene),
    ]
    edges = np.concatenate([mesh.faces[:, :2], mesh.faces[:, 1:]])
    open_, lit, seen = (_smooth(values[place], edges) for values in light)
    bend = _bend_per_mm(mesh, edges)
    deep = np.maximum(_out_of_reach(-bend, RECESS_MM), DARK_RECESS * np.clip(1 - open_ / DARK, 0, 1))
    told = (open_, deep, _out_of_reach(bend, BRUSHED_RIDGE_MM), lit, seen, np.zeros(len(open_)))
    return PaintingFields(*(np.asarray(f, np.float32) for f in told))


def _coarser(mesh: Mesh) -> tuple[Mesh, NDArray[np.int64]]:
    """A vertex in the middle of each cell and side the skin passes with faces between them, and which each vertex (n,) became."""
    cell = float(np.sqrt(mesh.areas_mm2.sum() / PLACES))
    side = (np.round(mesh.vertex_normals).astype(np.int64) + 1) @ [9, 3, 1]
    _, place = np.unique(cell_ids(mesh.vertices, cell) * 27 + side, return_inverse=True)
    many = np.bincount(place)
    middle = np.stack([np.bincount(place, mesh.vertices[:, k]) / many for k in range(3)], axis=1)
    faces = place[mesh.faces]
    whole = (faces[:, 0] != faces[:, 1]) & (faces[:, 1] != faces[:, 2]) & (faces[:, 2] != faces[:, 0])
    return Mesh(middle, faces[whole].astype(np.int32)), place


def _smooth(values: Floats, edges: NDArray[np.integer]) -> Floats:
    """Values (n,) shared along edges (k, 2)."""
    many = 1 + np.bincount(edges.ravel(), minlength=len(values))
    for _ in range(SMOOTHED):
        total = values + np.bincount(edges[:, 0], values[edges[:, 1]], len(values))
        total += np.bincount(edges[:, 1], values[edges[:, 0]], len(values))
        values = total / many
    return values


def _bend_per_mm(mesh: Mesh, edges: NDArray[np.integer]) -> Floats:
    """Mean curvature of the skin at each vertex (n,), positive on ridges: how its edges leave the plane of its normal, by the
    normal section's circle 2h/l².
    """
    along = mesh.vertices[edges[:, 1]] - mesh.vertices[edges[:, 0]]
    far2 = np.maximum(np.einsum("ij,ij->i", along, along), 1e-12)
    total, many = np.zeros(len(mesh.vertices)), np.bincount(edges.ravel(), minlength=len(mesh.vertices))
    for end, way in ((0, -2.0), (1, 2.0)):
        rise = np.einsum("ij,ij->i", along, mesh.vertex_normals[edges[:, end]])
        total += np.bincount(edges[:, end], way * rise / far2, len(total))
    return total / np.maximum(many, 1)


def _out_of_reach(bend_per_mm: Floats, radius_mm: float) -> Floats:
    """How far a ball of a radius stays out of a hollow that bends so: none of it while the hollow is wider than the ball."""
    return np.clip(1 - 1 / np.maximum(bend_per_mm * radius_mm, 1e-9), 0, 1)
