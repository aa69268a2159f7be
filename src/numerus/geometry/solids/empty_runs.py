"""The empty space beside solid columns, as runs, and which of them touch."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.solids.columns import Columns

LEAST_PIXELS = 4  # a cup or void smaller than this in every layer is sampling


@dataclass(frozen=True, eq=False)
class EmptyRuns:
    """Empty runs of a padded grid: ``start`` int64 (columns + 1,) into ``low``, ``high`` int32 (runs,)."""

    nx: int
    ny: int
    layers: int
    start: NDArray[np.int64]
    low: NDArray[np.int32]
    high: NDArray[np.int32]


@kernel
def _empty_runs(row_start, x, low, high, nx, ny, layers, start, out_low, out_high, fill):  # type: ignore[no-untyped-def]
    """Empty runs of the grid padded by one column all round: counted into ``start`` or written."""
    n = 0
    for j in range(ny + 2):
        a = row_start[j - 1] if 1 <= j <= ny else 0
        end = row_start[j] if 1 <= j <= ny else 0
        for i in range(nx + 2):
            if not fill:
                start[j * (nx + 2) + i] = n
            at = 0
            while a < end and x[a] == i - 1:
                if low[a] > at:
                    if fill:
                        out_low[n], out_high[n] = at, low[a]
                    n += 1
                at = high[a]
                a += 1
            if at < layers:
                if fill:
                    out_low[n], out_high[n] = at, layers
                n += 1
    if not fill:
        start[(ny + 2) * (nx + 2)] = n
    return n


def empty_runs_of(columns: Columns) -> EmptyRuns:
    g = columns.grid
    start, none = np.zeros((g.nx + 2) * (g.ny + 2) + 1, np.int64), np.zeros(0, np.int32)
    args = columns.row_start, columns.x, columns.low, columns.high, g.nx, g.ny, columns.layers
    count = _empty_runs(*args, start, none, none, False)
    low, high = np.empty(count, np.int32), np.empty(count, np.int32)
    _empty_runs(*args, start, low, high, True)
    return EmptyRuns(g.nx + 2, g.ny + 2, columns.layers, start, low, high)


@kernel
def _edges(start, low, high, nx, ny, layers, at, one, other, fill):  # type: ignore[no-untyped-def]
    """Pairs of runs in neighbouring columns with a layer in common, sorted by the first such layer.

    ``at`` int64 (layers + 1,): counted per layer, or the place of the next edge of each layer.
    """
    for c in range(nx * ny):
        for step in range(2):
            if (step == 0 and c % nx == nx - 1) or (step == 1 and c + nx >= nx * ny):
                continue
            d = c + 1 if step == 0 else c + nx
            a, b = start[c], start[d]
            while a < start[c + 1] and b < start[d + 1]:
                first = max(low[a], low[b])
                if first < min(high[a], high[b]):
                    if fill:
                        one[at[first]], other[at[first]] = a, b
                    at[first] += 1
                if high[a] < high[b]:
                    a += 1
                else:
                    b += 1


def joined_runs(space: EmptyRuns) -> tuple[NDArray[np.int64], NDArray[np.int32], NDArray[np.int32]]:
    """Edges by layer: ``begin`` int64 (layers + 1,), and both runs of each."""
    counts, none = np.zeros(space.layers + 1, np.int64), np.zeros(0, np.int32)
    args = space.start, space.low, space.high, space.nx, space.ny, space.layers
    _edges(*args, counts, none, none, False)
    begin = np.concatenate([[0], np.cumsum(counts[: space.layers])]).astype(np.int64)
    one, other = np.empty(begin[-1], np.int32), np.empty(begin[-1], np.int32)
    _edges(*args, begin[:-1].copy(), one, other, True)
    return begin, one, other


def columns_of_runs(space: EmptyRuns) -> NDArray[np.int64]:
    return np.repeat(np.arange(space.nx * space.ny), np.diff(space.start))
