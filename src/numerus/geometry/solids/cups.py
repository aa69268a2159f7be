"""Suction cups: space closed sideways and below while the film closes it above, layer by layer."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.empty_runs import LEAST_PIXELS, columns_of_runs, empty_runs_of, joined_runs
from numerus.geometry.solids.pockets import MAX_COLUMNS
from numerus.geometry.solids.union_find import find_root

SHALLOW_MM2 = 0.05  # a cup of one layer must be as large as this to be more than a rough step


@dataclass(frozen=True)
class Cup:
    """Space closed sideways and below while the film closes it above: from its first to its last layer.

    ``area_mm2``: largest sealed area in a newest layer, its centroid in ``x_mm, y_mm``; ``volume_ml``: largest.
    """

    from_mm: float
    to_mm: float
    area_mm2: float
    volume_ml: float
    x_mm: float
    y_mm: float


@kernel
def _by_layer(level, layers):  # type: ignore[no-untyped-def]
    """Counting sort of runs by a layer of theirs: begins int64 (layers + 2,) and the order."""
    begin = np.zeros(layers + 2, np.int64)
    for i in range(len(level)):
        begin[level[i] + 1] += 1
    for k in range(layers + 1):
        begin[k + 1] += begin[k]
    place, order = begin.copy(), np.empty(len(level), np.int32)
    for i in range(len(level)):
        order[place[level[i]]] = i
        place[level[i]] += 1
    return begin, order


@kernel
def _unite(a, b, parent, sums, open_, cup, cups):  # type: ignore[no-untyped-def]
    """Join two sets; ``sums`` float64 (n, 4): area, volume, x and y sums. Of two cups that run together the older goes on."""
    if sums[a, 0] + sums[a, 1] < sums[b, 0] + sums[b, 1]:
        a, b = b, a
    parent[b] = a
    for s in range(4):
        sums[a, s] += sums[b, s]
    open_[a] |= open_[b]
    if cup[a] < 0 or (cup[b] >= 0 and cups[cup[b], 0] < cups[cup[a], 0]):
        cup[a] = cup[b]


@kernel
def _note(k, root, pair, sums, cup, cups):  # type: ignore[no-untyped-def]
    """Write a sealed set into its cup's row; returns how many cups there are then."""
    sums[root, 1] += sums[root, 0]
    if cup[root] < 0:
        cup[root] = pair
        cups[pair, 0] = k
        pair += 1
    row = cups[cup[root]]
    row[1] = k + 1
    if sums[root, 0] > row[2]:
        row[2], row[4], row[5] = sums[root, 0], sums[root, 2], sums[root, 3]
    row[3] = max(row[3], sums[root, 1])
    return pair


@kernel
def _sweep_cups(low, column, nx, ny, layers, begin, one, other, starts, born, ends, gone, parent, sealed, cups):  # type: ignore[no-untyped-def]
    """Sweep the newest layer upward. ``cups`` float64 (n, 6): first, last layer, area, volume, x and y sums at the largest.

    ``sealed`` int64 (n,): room for the sets that may be sealed now. Returns how many cups were written.
    """
    sums = np.zeros((len(low), 4))
    open_, cup = np.zeros(len(low), np.bool_), np.full(len(low), -1, np.int64)
    held, cup_rows = 0, 0
    for k in range(layers):
        for i in gone[ends[k] : ends[k + 1]]:
            root = find_root(parent, i)
            sums[root, 0] -= 1
            sums[root, 2] -= column[i] % nx
            sums[root, 3] -= column[i] // nx
        for i in born[starts[k] : starts[k + 1]]:
            x, y = column[i] % nx, column[i] // nx
            sums[i, 0], sums[i, 2], sums[i, 3] = 1, x, y
            open_[i] = x == 0 or y == 0 or x == nx - 1 or y == ny - 1
            sealed[held] = i
            held += 1
        for e in range(begin[k], begin[k + 1]):
            a, b = find_root(parent, one[e]), find_root(parent, other[e])
            if a != b:
                _unite(a, b, parent, sums, open_, cup, cups)
        kept = 0
        for root in sealed[:held]:
            # A set goes on under its root alone; what was joined, opened or roofed over is dropped for good.
            if parent[root] == root and not open_[root] and sums[root, 0] > 0:
                sealed[kept] = root
                kept += 1
                cup_rows = _note(k, root, cup_rows, sums, cup, cups)
        held = kept
    return cup_rows


def cups(columns: Columns) -> list[Cup]:
    """Every cup, the largest sealed area first; the platform closes z = 0 under a part that stands on it."""
    if columns.grid.nx * columns.grid.ny > MAX_COLUMNS or not columns.layers:
        return []
    space = empty_runs_of(columns)
    begin, one, other = joined_runs(space)
    rows = np.zeros((max(len(space.low), 1), 6))
    runs = len(space.low)
    cup_rows = _sweep_cups(
        space.low, columns_of_runs(space), space.nx, space.ny, space.layers, begin, one, other,
        *_by_layer(space.low, space.layers), *_by_layer(space.high, space.layers),
        np.arange(runs), np.empty(runs + 1, np.int64), rows,
    )  # fmt: skip
    pixel2 = columns.grid.pixel_mm**2
    cup_table = [
        r for r in rows[:cup_rows] if r[2] >= LEAST_PIXELS and (r[1] - r[0] > 1 or r[2] * pixel2 >= SHALLOW_MM2)
    ]
    listed = [_cup(row, columns) for row in cup_table]
    return sorted(listed, key=lambda c: -c.area_mm2)


def _cup(row: Floats, columns: Columns) -> Cup:
    grid = columns.grid
    first, last, area, volume, sx, sy = (float(v) for v in row)
    x, y = grid.centre_mm(sx / area - 1, sy / area - 1)
    pixel2, h = grid.pixel_mm**2, grid.layer_mm
    return Cup(first * h, last * h, area * pixel2, volume * pixel2 * h / 1000, float(x), float(y))
