"""Where the parts of a figure meet: what rubs there when they move."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray
from scipy.ndimage import maximum_filter, minimum_filter
from scipy.spatial import cKDTree

from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.rolling_ball import close_points

RUB_MM = 1.5  # (default) how far from another part skin is still rubbed by it
SPACING_MM = 0.3
MOST_CELLS = 8_000_000
NO_PART = 1 << 30


def where_parts_meet(mesh: Mesh, counts: tuple[int, ...] = ()) -> Floats:
    """1 where another part touches each vertex, falling to 0 at ``RUB_MM`` from it: float64 (n,).

    ``counts``: vertices of each part, in their order; the shells of the mesh where none are told.
    """
    part = np.repeat(np.arange(len(counts)), counts) if counts else _shells(mesh)
    near, face_part = np.full(len(mesh.vertices), np.inf), part[mesh.faces[:, 0]]
    skins = [close_points(mesh.with_faces(mesh.faces[face_part == p]), SPACING_MM) for p in np.unique(face_part)]
    skin, of_skin = np.concatenate(skins), np.repeat(np.unique(face_part), [len(s) for s in skins])
    crowded = _crowded(skin, of_skin)
    skin, of_skin, own_crowded = skin[crowded(skin)], of_skin[crowded(skin)], crowded(mesh.vertices)
    for p in np.unique(of_skin):
        own, others = np.flatnonzero(own_crowded & (part == p)), skin[of_skin != p]
        if len(own) and len(others):
            near[own], _ = cKDTree(others).query(mesh.vertices[own], distance_upper_bound=RUB_MM, workers=2)
    return np.asarray(np.clip(1 - near / RUB_MM, 0, 1))


def _crowded(skin: Floats, part: NDArray[np.int64]) -> Callable[[Floats], NDArray[np.bool_]]:
    """Tells of places (k, 3) whether two parts may lie within reach of each other there: by cells as wide as the reach, so that
    most of a figure is left alone.
    """
    low, cell = skin.min(axis=0) - RUB_MM, RUB_MM
    while np.prod((skin.max(axis=0) - low) / cell + 2) > MOST_CELLS:
        cell *= 1.5
    shape = tuple(((skin.max(axis=0) - low) / cell).astype(np.int64) + 2)

    def cells(places: Floats) -> tuple[NDArray[np.int64], ...]:
        return tuple(((places - low) / cell).astype(np.int64).T)

    first, last = np.full(shape, NO_PART), np.full(shape, -1)
    np.minimum.at(first, cells(skin), part)
    np.maximum.at(last, cells(skin), part)
    first, last = minimum_filter(first, 3, mode="nearest"), maximum_filter(last, 3, mode="nearest")
    mixed = (first != last) & (last >= 0)
    return lambda places: np.asarray(mixed[cells(places)])


def _shells(mesh: Mesh) -> NDArray[np.int64]:
    """Vertices' shells by number."""
    from scipy.sparse import coo_array
    from scipy.sparse.csgraph import connected_components

    start, end = mesh.faces.ravel(), mesh.faces[:, [1, 2, 0]].ravel()
    many = len(mesh.vertices)
    linked = coo_array((np.ones(len(start), np.int8), (start, end)), shape=(many, many))
    return np.asarray(connected_components(linked, directed=False)[1], np.int64)
