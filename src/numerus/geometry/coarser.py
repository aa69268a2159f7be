"""A mesh told by fewer vertices: for what is looked at before the whole of it is worked out."""

from __future__ import annotations

from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Ints, Mesh, equal_rows, normalised

SAMPLED = 20_000  # faces by which the size of the skin is told


class Coarser(NamedTuple):
    """A coarser mesh; which of its vertices each vertex (n,) of the finer one became; which faces (k,) of that one its own are."""

    mesh: Mesh
    place: Ints
    faces: NDArray[np.int64]


def coarser(mesh: Mesh, cells: int) -> Coarser:
    """Vertices put together in about so many cells of the skin by clustering (Rossignac and Borrel 1993): one in the middle of each
    cell and side that the skin passes there, so that thin walls keep both; shaded as it was, by their mean normals.
    """
    some = mesh.keeping(np.arange(0, len(mesh.faces), max(len(mesh.faces) // SAMPLED, 1)))
    cell_mm = float(np.sqrt(some.areas_mm2.mean() * len(mesh.faces) / cells))
    cells_in = np.floor((mesh.vertices - mesh.bounds_mm[0]) / cell_mm).astype(np.int64)
    cells_in[:, 2] = 6 * cells_in[:, 2] + _side(mesh.vertex_normals)
    place, _ = equal_rows(cells_in)
    middle = _sums(mesh.vertices, place) / np.bincount(place)[:, None]
    faces = place[mesh.faces]
    whole = (faces[:, 0] != faces[:, 1]) & (faces[:, 1] != faces[:, 2]) & (faces[:, 2] != faces[:, 0])
    few = Mesh(middle, faces[whole]).shaded_by(normalised(_sums(mesh.vertex_normals, place)))
    return Coarser(few, place, np.flatnonzero(whole))


def _side(normals: Floats) -> NDArray[np.int64]:
    """Which of the six sides of a box each normal (n, 3) faces most, as a number (n,)."""
    most = np.abs(normals).argmax(axis=1)
    return 2 * most + (normals[np.arange(len(normals)), most] > 0)


def _sums(rows: Floats, place: Ints) -> Floats:
    return np.stack([np.bincount(place, column) for column in rows.T], axis=1)
