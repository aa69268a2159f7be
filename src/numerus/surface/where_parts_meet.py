"""Where the parts of a figure meet: what rubs there when they move."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from scipy.spatial import cKDTree

from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.rolling_ball import close_points

RUB_MM = 1.5  # (default) how far from another part skin is still rubbed by it
SPACING_MM = 0.3


def where_parts_meet(mesh: Mesh, counts: tuple[int, ...] = ()) -> Floats:
    """1 where another part touches each vertex, falling to 0 at ``RUB_MM`` from it: float64 (n,).

    ``counts``: vertices of each part, in their order; the shells of the mesh where none are told.
    """
    part = np.repeat(np.arange(len(counts)), counts) if counts else _shells(mesh)
    face_part, near = part[mesh.faces[:, 0]], np.full(len(mesh.vertices), np.inf)
    skins = [close_points(mesh.with_faces(mesh.faces[face_part == p]), SPACING_MM) for p in np.unique(face_part)]
    for p, own in ((p, np.flatnonzero(part == p)) for p in np.unique(face_part)):
        low, high = mesh.vertices[own].min(axis=0) - RUB_MM, mesh.vertices[own].max(axis=0) + RUB_MM
        others = [s[_inside(s, low, high)] for n, s in zip(np.unique(face_part), skins, strict=True) if n != p]
        if sum(map(len, others)):
            near[own], _ = cKDTree(np.concatenate(others)).query(
                mesh.vertices[own], distance_upper_bound=RUB_MM, workers=2
            )
    return np.asarray(np.clip(1 - near / RUB_MM, 0, 1))


def _inside(points: Floats, low: Floats, high: Floats) -> NDArray[np.bool_]:
    return np.all((points >= low) & (points <= high), axis=1)


def _shells(mesh: Mesh) -> NDArray[np.int64]:
    """Vertices' shells by number."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    start, end = mesh.faces.ravel(), mesh.faces[:, [1, 2, 0]].ravel()
    many = len(mesh.vertices)
    linked = coo_array((np.ones(len(start), np.int8), (start, end)), shape=(many, many))
    return np.asarray(connected_components(linked, directed=False)[1], np.int64)
