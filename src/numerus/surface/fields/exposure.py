"""How much of what comes from given directions meets the skin: looks from round a table."""

from __future__ import annotations

from concurrent.futures import ThreadPoolExecutor

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene, ring_directions

OFF_SHARE = 0.002  # rays start so far off the skin, as a share of the part's size: float32 inside the library needs it
TABLE_DEG, TABLE_AROUND = (15.0, 40.0, 70.0), 12  # elevations of viewers, and how many stand round
OPEN_FACE = 0.3  # share of the viewers' cosines that an open face turned to a viewer at 40° on one side gets


def cosine_sum(points: Floats, normals: Floats, directions: Floats, scene: RayScene, off_mm: float) -> Floats:
    """Sum over ``directions`` (k, 3, toward the source) of the cosine to each point's normal (Lambert 1760) where nothing of
    the scene stands between: float64 (n,). Points and normals (n, 3).
    """
    start = points + normals * off_mm

    def lit(toward: Floats) -> tuple[NDArray[np.int64], Floats]:
        facing = normals @ toward
        ask = np.flatnonzero(facing > 0)
        return ask, facing[ask] * ~scene.blocked(start[ask], np.broadcast_to(toward, (len(ask), 3)))

    total = np.zeros(len(points))
    with ThreadPoolExecutor(2) as pool:  # in order, so that sums are the same whatever the threads do
        for ask, light in pool.map(lit, directions):
            total[ask] += light
    return total


def table_exposure(mesh: Mesh, points: Floats, normals: Floats, scene: RayScene | None = None) -> Floats:
    """How much viewers around a table (15-70° above it) see of each point, 0..1: float64 (n,).

    Mean over viewers of the cosine toward the viewer where the line of sight is free, scaled so that an open face
    turned to a viewer at 40° on one side comes to about 1.
    """
    views = ring_directions(TABLE_DEG, TABLE_AROUND)
    seen = cosine_sum(points, normals, views, scene or RayScene(mesh), _off_mm(mesh))
    return np.minimum(seen / (OPEN_FACE * len(views)), 1.0)


def _off_mm(mesh: Mesh) -> float:
    return OFF_SHARE * float(np.linalg.norm(mesh.extents_mm))
