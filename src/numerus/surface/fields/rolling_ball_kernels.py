"""Distances to a surface told by close points, and balls pushed out of it, in compiled loops.

Points (m, 3) lie in the order of their cells; ``starts`` (cells + 1,) says where each cell's begin.
"""

from __future__ import annotations

import numpy as np

from numerus.geometry.kernels import kernel


@kernel
def by_cells(points, low, cell, shape):  # type: ignore[no-untyped-def]
    """Where each cell's points begin, int64 (cells + 1,), and the points in the order of their cells."""
    at = np.empty(len(points), np.int64)
    starts = np.zeros(shape[0] * shape[1] * shape[2] + 1, np.int64)
    for n in range(len(points)):
        i = min(int((points[n, 0] - low[0]) / cell), shape[0] - 1)
        j = min(int((points[n, 1] - low[1]) / cell), shape[1] - 1)
        k = min(int((points[n, 2] - low[2]) / cell), shape[2] - 1)
        at[n] = (i * shape[1] + j) * shape[2] + k
        starts[at[n] + 1] += 1
    starts = np.cumsum(starts)
    following, ordered = starts[:-1].copy(), np.empty_like(points)
    for n in range(len(points)):
        ordered[following[at[n]]] = points[n]
        following[at[n]] += 1
    return starts, ordered


@kernel
def nearest_within(x, y, z, reach, enough, points, low, cell, shape, starts):  # type: ignore[no-untyped-def]
    """Distance to the nearest point, at most ``reach``, and that point; the first one nearer than ``enough`` will do."""
    best, at, stop = reach * reach, -1, enough * enough
    i0, i1 = max(int((x - reach - low[0]) / cell), 0), min(int((x + reach - low[0]) / cell), shape[0] - 1)
    j0, j1 = max(int((y - reach - low[1]) / cell), 0), min(int((y + reach - low[1]) / cell), shape[1] - 1)
    for i in range(i0, i1 + 1):
        left = low[0] + i * cell
        dx = max(max(left - x, x - left - cell), 0.0)
        for j in range(j0, j1 + 1):
            front = low[1] + j * cell
            dy = max(max(front - y, y - front - cell), 0.0)
            rest = best - dx * dx - dy * dy  # what is left of the ball over this column of cells
            if rest <= 0:
                continue
            half = np.sqrt(rest)
            k0, k1 = max(int((z - half - low[2]) / cell), 0), min(int((z + half - low[2]) / cell), shape[2] - 1)
            if k1 < k0:  # the ball is above or below all cells
                continue
            row = (i * shape[1] + j) * shape[2]
            for n in range(starts[row + k0], starts[row + k1 + 1]):
                far = (points[n, 0] - x) ** 2 + (points[n, 1] - y) ** 2 + (points[n, 2] - z) ** 2
                if far < best:
                    best, at = far, n
                    if far < stop:
                        return np.sqrt(far), points[n, 0], points[n, 1], points[n, 2]
    if at < 0:
        return np.sqrt(best), x, y, z
    return np.sqrt(best), points[at, 0], points[at, 1], points[at, 2]


@kernel
def stand_free(centres, reach, points, low, cell, shape, starts):  # type: ignore[no-untyped-def]
    """Whether no point lies nearer than ``reach`` to each centre (n, 3): bool (n,)."""
    free = np.empty(len(centres), np.bool_)
    for n in range(len(centres)):
        far, _, _, _ = nearest_within(
            centres[n, 0], centres[n, 1], centres[n, 2], reach, reach, points, low, cell, shape, starts
        )
        free[n] = far >= reach
    return free


@kernel
def _pushed_out(x, y, z, radius, tries, points, low, cell, shape, starts):  # type: ignore[no-untyped-def]
    """A ball's centre moved away from whatever it cuts, so often; whether it is free then."""
    for _ in range(tries):
        far, qx, qy, qz = nearest_within(x, y, z, radius, 0.0, points, low, cell, shape, starts)
        if far >= radius * 0.9995:
            return True, x, y, z
        if far < 1e-9:
            return False, x, y, z
        grow = radius / far
        x, y, z = qx + (x - qx) * grow, qy + (y - qy) * grow, qz + (z - qz) * grow
    far, _, _, _ = nearest_within(x, y, z, radius, 0.0, points, low, cell, shape, starts)
    return far >= radius * 0.995, x, y, z


@kernel
def nearest_ball(places, toward, begin, radius, steps, points, low, cell, shape, starts):  # type: ignore[no-untyped-def]
    """How near to each place (n, 3) the centre of a free ball comes, float64 (n,): from free centres ``begin`` (n, 3) it is
    drawn to the place and pushed out again, by ever smaller steps. A ball behind the place, against ``toward`` (n, 3), is none.
    """
    distances = np.empty(len(places))
    for n in range(len(places)):
        px, py, pz = places[n, 0], places[n, 1], places[n, 2]
        cx, cy, cz = begin[n, 0], begin[n, 1], begin[n, 2]
        best = np.sqrt((cx - px) ** 2 + (cy - py) ** 2 + (cz - pz) ** 2)
        pull = 0.5
        for _ in range(steps):
            tx, ty, tz = cx + pull * (px - cx), cy + pull * (py - cy), cz + pull * (pz - cz)
            free, tx, ty, tz = _pushed_out(tx, ty, tz, radius, 3, points, low, cell, shape, starts)
            far = np.sqrt((tx - px) ** 2 + (ty - py) ** 2 + (tz - pz) ** 2)
            ahead = (tx - px) * toward[n, 0] + (ty - py) * toward[n, 1] + (tz - pz) * toward[n, 2]
            if free and far < best - 1e-7 and ahead > -0.1 * far:
                best, cx, cy, cz = far, tx, ty, tz
            else:
                pull *= 0.5
        distances[n] = best
    return distances
