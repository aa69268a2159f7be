"""Two sets of solid columns as one, or what they share, without rasterizing either again."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from numerus.errors import GeometryError
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns, Grid


@kernel
def _merge_rows(a_start, a_x, a_low, a_high, b_start, b_x, b_low, b_high, start, x, low, high, fill):  # type: ignore[no-untyped-def]
    """Runs of two column sets over the same rows as one: counted into ``start``, or written."""
    n = 0
    for row in range(len(a_start) - 1):
        start[row] = n
        i, a_end, j, b_end = a_start[row], a_start[row + 1], b_start[row], b_start[row + 1]
        while i < a_end or j < b_end:
            first = j >= b_end or (i < a_end and (a_x[i] < b_x[j] or (a_x[i] == b_x[j] and a_low[i] <= b_low[j])))
            xi, lo, hi = (a_x[i], a_low[i], a_high[i]) if first else (b_x[j], b_low[j], b_high[j])
            i, j = (i + 1, j) if first else (i, j + 1)
            # Whatever begins before this run ends grows it.
            while True:
                if i < a_end and a_x[i] == xi and a_low[i] <= hi:
                    hi = max(hi, a_high[i])
                    i += 1
                elif j < b_end and b_x[j] == xi and b_low[j] <= hi:
                    hi = max(hi, b_high[j])
                    j += 1
                else:
                    break
            if fill:
                x[n], low[n], high[n] = xi, lo, hi
            n += 1
    start[len(a_start) - 1] = n
    return n


def _on_grid(
    columns: Columns, grid: Grid
) -> tuple[NDArray[np.int64], NDArray[np.uint16], NDArray[np.int16], NDArray[np.int16]]:
    """Row starts, x, low and high on a grid that holds the columns' own."""
    down, right = columns.grid.y0_px - grid.y0_px, columns.grid.x0_px - grid.x0_px
    start = np.concatenate([
        np.zeros(down, np.int64), columns.row_start, np.full(grid.ny - columns.grid.ny - down, columns.row_start[-1], np.int64)
    ])  # fmt: skip
    return start, (columns.x + right).astype(np.uint16), columns.low, columns.high


def _common_grid(one: Columns, other: Columns) -> Grid:
    """The grid over both. Raises GeometryError where pixels or layers differ in size."""
    a, b = one.grid, other.grid
    if (a.pixel_mm, a.layer_mm) != (b.pixel_mm, b.layer_mm):
        raise GeometryError("bad-grid", "Columns of different pixels or layers have no common grid.")
    x0, y0 = min(a.x0_px, b.x0_px), min(a.y0_px, b.y0_px)
    nx, ny = max(a.x0_px + a.nx, b.x0_px + b.nx) - x0, max(a.y0_px + a.ny, b.y0_px + b.ny) - y0
    return Grid(x0, y0, nx, ny, a.pixel_mm, a.layer_mm)


def run_volume_mm3(columns: Columns) -> float:
    """Volume of the runs themselves: rounded to layers, as unions of columns are."""
    lengths = (columns.high - columns.low).astype(np.int64)
    return float(lengths.sum()) * columns.grid.pixel_mm**2 * columns.grid.layer_mm


def united(one: Columns, other: Columns) -> Columns:
    """Two solids as one, from their columns: quicker than from their meshes where one of them stays the same.

    Both must have one pixel and layer size. The volume is that of the runs, rounded to layers.
    """
    grid = _common_grid(one, other)
    ny = grid.ny
    runs = *_on_grid(one, grid), *_on_grid(other, grid)
    start = np.zeros(ny + 1, np.int64)
    none = np.zeros(0, np.uint16), np.zeros(0, np.int16), np.zeros(0, np.int16)
    count = _merge_rows(*runs, start, *none, False)
    x, low, high = np.empty(count, np.uint16), np.empty(count, np.int16), np.empty(count, np.int16)
    _merge_rows(*runs, start, x, low, high, True)
    both = Columns(grid, start, x, low, high, max(one.layers, other.layers), 0.0, one.doubtful + other.doubtful)
    return replace(both, volume_mm3=run_volume_mm3(both))


@kernel
def _overlaps(a_start, a_x, a_low, a_high, b_start, b_x, b_low, b_high, out, fill):  # type: ignore[no-untyped-def]
    """Runs in which both are solid: counted, or written to ``out`` rows (row, x, low, high)."""
    n = 0
    for row in range(len(a_start) - 1):
        i, a_end, j, b_end = a_start[row], a_start[row + 1], b_start[row], b_start[row + 1]
        while i < a_end and j < b_end:
            if a_x[i] != b_x[j]:
                i, j = (i + 1, j) if a_x[i] < b_x[j] else (i, j + 1)
                continue
            low, high = max(a_low[i], b_low[j]), min(a_high[i], b_high[j])
            if low < high:
                if fill:
                    out[n, 0], out[n, 1], out[n, 2], out[n, 3] = row, a_x[i], low, high
                n += 1
            i, j = (i + 1, j) if a_high[i] <= b_high[j] else (i, j + 1)
    return n


def overlaps_mm(one: Columns, other: Columns) -> Floats:
    """Where two solids overlap: float64 (n, 4) of the x and y of a column's centre, and from and to what height it does."""
    grid = _common_grid(one, other)
    runs = *_on_grid(one, grid), *_on_grid(other, grid)
    overlap = np.zeros((_overlaps(*runs, np.zeros((0, 4), np.int64), False), 4), np.int64)
    _overlaps(*runs, overlap, True)
    x, y = grid.centre_mm(overlap[:, 1].astype(float), overlap[:, 0].astype(float))
    return np.stack([x, y, overlap[:, 2] * grid.layer_mm, overlap[:, 3] * grid.layer_mm], axis=1)
