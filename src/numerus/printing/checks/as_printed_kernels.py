"""Rays through a grid of cells."""

from __future__ import annotations

import numpy as np

from numerus.geometry.kernels import kernel


@kernel
def span_in_box(origin, way, low, high, most):  # type: ignore[no-untyped-def]
    """From where to where a ray is in a box; the first is beyond the second where it misses it."""
    start, end = 0.0, most
    for a in range(3):
        if abs(way[a]) < 1e-12:
            if origin[a] < low[a] or origin[a] > high[a]:
                end = -1.0
        else:
            t0, t1 = (low[a] - origin[a]) / way[a], (high[a] - origin[a]) / way[a]
            start, end = max(start, min(t0, t1)), min(end, max(t0, t1))
    return start, end


@kernel
def first_in_cells(cells, corner, size, origin, way, start, end):  # type: ignore[no-untyped-def]
    """How far a ray goes from ``start`` until it meets a solid cell, infinite where it meets none before ``end``."""
    cell, step, each, following = np.zeros(3, np.int64), np.zeros(3, np.int64), np.full(3, np.inf), np.full(3, np.inf)
    for a in range(3):
        place = (origin[a] + (start + 1e-9) * way[a] - corner[a]) / size[a]
        cell[a] = min(max(int(np.floor(place)), 0), cells.shape[a] - 1)
        if abs(way[a]) > 1e-12:
            step[a] = 1 if way[a] > 0 else -1
            each[a] = size[a] / abs(way[a])
            following[a] = (corner[a] + (cell[a] + (way[a] > 0)) * size[a] - origin[a]) / way[a]
    at = start
    while at <= end:
        if cells[cell[0], cell[1], cell[2]]:
            return at
        a = int(np.argmin(following))
        at = following[a]
        following[a] += each[a]
        cell[a] += step[a]
        if cell[a] < 0 or cell[a] >= cells.shape[a]:
            return np.inf
    return np.inf


@kernel
def first_solid(cells, corner, size, origins, way, most_mm):  # type: ignore[no-untyped-def]
    """How far each ray (n, 3) goes along ``way`` until it meets a solid cell, infinite where it meets none: float64 (n,).

    From cell to cell in the order a ray crosses them (Amanatides and Woo 1987, A fast voxel traversal algorithm).
    """
    out = np.full(len(origins), np.inf)
    high = corner + size * np.array(cells.shape)
    for n in range(len(origins)):
        start, end = span_in_box(origins[n], way, corner, high, most_mm)
        if start <= end:
            out[n] = first_in_cells(cells, corner, size, origins[n], way, start, end)
    return out
