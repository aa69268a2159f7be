"""Plain outlines: the convex hull of points, and how far from an outline a point lies."""

from __future__ import annotations

import numpy as np

from numerus.geometry.mesh import Floats


def hull_of(points_mm: Floats) -> Floats:
    """The corners of the convex hull of points (n, 2) that do not all lie in one line, going round to the left (Barber, Dobkin
    & Huhdanpaa 1996, Quickhull).
    """
    from scipy.spatial import ConvexHull

    return np.asarray(points_mm[ConvexHull(points_mm).vertices])


def gap_mm(outline: Floats, x_mm: float, y_mm: float) -> float:
    """From a point to an outline, its corners in turn; 0 within it.

    Within is told by how often a ray to the right crosses it (Shimrat 1962), which sides of no length do not mislead.
    """
    away, edge = np.array([x_mm, y_mm]) - outline, np.roll(outline, -1, axis=0) - outline
    crossing = (away[:, 1] >= 0) != (away[:, 1] >= edge[:, 1])
    share = away[crossing, 1] / edge[crossing, 1]
    if (away[crossing, 0] < share * edge[crossing, 0]).sum() % 2:
        return 0.0
    along = np.clip((away * edge).sum(axis=1) / np.maximum((edge**2).sum(axis=1), 1e-18), 0, 1)
    return float(np.hypot(*(away - along[:, None] * edge).T).min())
