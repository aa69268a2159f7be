"""Where the parts of a figure meet: what rubs there when they move."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.fields.rolling_ball import close_points

RUB_MM = 1.5  # (default) how far from another part skin is still rubbed by it
POINTS_A_REACH = 5.0
MOST_CELLS = 8_000_000
NO_LABEL = 1 << 30


def where_parts_meet(mesh: Mesh, counts: tuple[int, ...] = ()) -> Floats:
    """1 where another part touches each vertex, falling to 0 at ``RUB_MM`` from it: float64 (n,).

    ``counts``: vertices of each part, in their order; the shells of the mesh where none are told.
    """
    part = np.repeat(np.arange(len(counts)), counts) if counts else _shells(mesh)
    return near_others(mesh, part[mesh.faces[:, 0]], part, RUB_MM)


def near_others(mesh: Mesh, of_face: NDArray[np.integer], of_vertex: NDArray[np.integer], within_mm: float) -> Floats:
    """1 where each vertex touches skin of another label than its own, falling to 0 so far from it: float64 (n,)."""
    from scipy.spatial import cKDTree

    near, labels = np.full(len(mesh.vertices), np.inf), np.unique(of_face)
    skins = [
        close_points(mesh.with_faces(mesh.faces[of_face == label]), within_mm / POINTS_A_REACH) for label in labels
    ]
    skin, of_skin = np.concatenate(skins), np.repeat(labels, [len(s) for s in skins])
    crowded = _crowded(skin, of_skin, within_mm)
    skin, of_skin, own_crowded = skin[crowded(skin)], of_skin[crowded(skin)], crowded(mesh.vertices)
    for label in np.unique(of_skin):
        own, others = np.flatnonzero(own_crowded & (of_vertex == label)), skin[of_skin != label]
        if len(own) and len(others):
            near[own], _ = cKDTree(others).query(mesh.vertices[own], distance_upper_bound=within_mm, workers=2)
    return np.asarray(np.clip(1 - near / within_mm, 0, 1))


def _crowded(skin: Floats, label: NDArray[np.integer], within_mm: float) -> Callable[[Floats], NDArray[np.bool_]]:
    """Tells of places (k, 3) whether two labels may lie within reach of each other there: by cells as wide as the reach, so that
    most of a figure is left alone.
    """
    from scipy.ndimage import maximum_filter, minimum_filter

    low, cell = skin.min(axis=0) - within_mm, within_mm
    while np.prod((skin.max(axis=0) - low) / cell + 2) > MOST_CELLS:
        cell *= 1.5
    shape = tuple(((skin.max(axis=0) - low) / cell).astype(np.int64) + 2)

    def cells(places: Floats) -> tuple[NDArray[np.int64], ...]:
        return tuple(((places - low) / cell).astype(np.int64).T)

    first, last = np.full(shape, NO_LABEL), np.full(shape, -1)
    np.minimum.at(first, cells(skin), label)
    np.maximum.at(last, cells(skin), label)
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
