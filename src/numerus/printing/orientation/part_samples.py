"""What of a part the search for poses works on: some of its faces, points of its inside, its coarse corners."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.pairs import cell_ids, unique_pairs
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.surface.fields.part_fields import Fields

SEARCH_FACES, INSIDE_POINTS, CORNERS = 12_000, 20_000, 80  # corners: cells along the part's diagonal
COARSE_CELLS = 150  # along the part's diagonal
SHEET_MM = 3.0


@dataclass(frozen=True, eq=False)
class Sampled:
    """What of a part the search works on: faces (normals, middles, areas), points inside, coarse corners with their neighbours."""

    normals: Floats
    places: Floats
    area: Floats
    scar_cost: Floats
    show: Floats
    sheet: Floats
    hull: Floats
    inside: Floats
    volume_mm3: float
    corners: Floats
    corner_normals: Floats
    start: NDArray[np.int64]
    beside: NDArray[np.int64]


def sampled(mesh: Mesh, fields: Fields) -> Sampled:
    """Samples of a part, the same for the same part."""
    pick = np.linspace(0, len(mesh.faces) - 1, min(SEARCH_FACES, len(mesh.faces))).astype(int)
    area = mesh.areas_mm2[pick] * (mesh.areas_mm2.sum() / max(mesh.areas_mm2[pick].sum(), 1e-12))
    coarse = coarse_columns(mesh)
    area = np.where(buried(mesh, pick, *coarse), 0.0, area)
    inside, volume = _inside(mesh, *coarse)
    corners, normals, start, beside = _corners(mesh)
    sheet = area * _sheets(mesh, pick, *coarse)
    return Sampled(
        mesh.normals[pick], mesh.triangles[pick].mean(axis=1), area, area * fields.scar_cost[pick], area * fields.show[pick], sheet, _hull(mesh),
        inside, volume, corners, normals, start, beside,
    )  # fmt: skip


def buried(mesh: Mesh, pick: NDArray[np.int64], columns: Columns, floor: float) -> NDArray[np.bool_]:
    """Which faces ``pick`` lie inside the union of shells, bool: what they look at is solid, so nothing of them is printed;
    ``columns`` as of ``coarse_columns``.
    """
    cell = columns.grid.pixel_mm
    outside = mesh.triangles[pick].mean(axis=1) - [0, 0, floor]
    return columns.holds(outside + cell * mesh.normals[pick]) & columns.holds(outside + 2 * cell * mesh.normals[pick])


def coarse_columns(mesh: Mesh) -> tuple[Columns, float]:
    """Columns of the part lowered onto z = 0, and from how high."""
    floor = float(mesh.bounds_mm[0, 2])
    cell = max(float(np.linalg.norm(mesh.extents_mm)) / COARSE_CELLS, 0.05)
    return solid_columns(mesh.moved((0, 0, -floor)).triangles, cell, cell), floor


def _hull(mesh: Mesh) -> Floats:
    """Corners of the convex hull: enough for heights; all of them where there is no hull."""
    from scipy.spatial import ConvexHull, QhullError

    try:
        return np.asarray(mesh.vertices[ConvexHull(mesh.vertices).vertices])
    except (QhullError, ValueError):
        return mesh.vertices


def _inside(mesh: Mesh, columns: Columns, floor: float) -> tuple[Floats, float]:
    """Points evenly in the solid (cells of columns, every so many) and its volume."""
    cell = columns.grid.pixel_mm
    long = (columns.high - columns.low).astype(np.int64)
    total = int(long.sum())
    if not total:
        return mesh.vertices[:1], 0.0
    take = np.unique(np.linspace(0, total - 1, min(INSIDE_POINTS, total)).astype(np.int64))
    ends = np.cumsum(long)
    run = np.searchsorted(ends, take, side="right")
    z = (columns.low[run] + take - (ends[run] - long[run]) + 0.5) * cell + floor
    x, y = columns.grid.centre_mm(columns.x[run].astype(float), columns.rows[run].astype(float))
    # Spread within their cells (R3 sequence, Roberts 2018), or layers along the cells would seem full and empty in turn.
    within = np.mod(np.arange(len(take))[:, None] * np.array([0.8191725134, 0.6710436067, 0.5497004779]), 1) - 0.5
    return np.stack([x, y, z], axis=1) + within * cell, columns.volume_mm3


def _corners(mesh: Mesh) -> tuple[Floats, Floats, NDArray[np.int64], NDArray[np.int64]]:
    """Vertices gathered in cells: places, normals, and which are neighbours (begins, and the neighbours)."""
    cell = max(float(np.linalg.norm(mesh.extents_mm)) / CORNERS, 1e-6)
    _, own = np.unique(cell_ids(mesh.vertices, cell), return_inverse=True)
    own = own.reshape(-1)
    count = int(own.max()) + 1 if len(own) else 0
    many = np.maximum(np.bincount(own, minlength=count), 1)
    places = np.stack([np.bincount(own, mesh.vertices[:, a], count) / many for a in range(3)], axis=1)
    normals: Floats = np.stack([np.bincount(own, mesh.vertex_normals[:, a], count) for a in range(3)], axis=1)
    ends = own[mesh.faces]
    pairs = np.concatenate([ends[:, [0, 1]], ends[:, [1, 2]], ends[:, [2, 0]]])
    pairs = pairs[pairs[:, 0] != pairs[:, 1]]
    pairs = unique_pairs(np.concatenate([pairs, pairs[:, ::-1]]))
    start = np.searchsorted(pairs[:, 0], np.arange(count + 1)).astype(np.int64)
    return places, normals, start, np.ascontiguousarray(pairs[:, 1])


def _sheets(mesh: Mesh, pick: NDArray[np.int64], columns: Columns, floor: float) -> Floats:
    """Which faces belong to thin sheets, 0 or 1: a few points under the skin at SHEET_MM lie outside again."""
    centres = mesh.triangles[pick].mean(axis=1) - [0, 0, floor]
    depths = (SHEET_MM / 3, 2 * SHEET_MM / 3, SHEET_MM)
    within = [columns.holds(centres - depth * mesh.normals[pick]) for depth in depths]
    return 1.0 - (within[0] & within[1] & within[2]).astype(float)
