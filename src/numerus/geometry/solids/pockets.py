"""Empty space a part encloses: cups that suck on the film, voids that trap resin, pools that stay when it is poured out.

Worked on the empty runs of solid columns: nodes are runs [low, high) of empty layers in a column, edges join runs of
neighbouring columns that have a layer in common. All of space is connected over 6 neighbours that way, and each edge
and node has a layer from which it exists, so the newest-layer definition of cups is one sweep of a union-find
(Tarjan 1975) from the platform upward.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.union_find import find_root

LEAST_PIXELS = 4  # a cup or void smaller than this in every layer is sampling
SHALLOW_MM2 = 0.05  # a cup of one layer must be as large as this to be more than a rough step
MAX_COLUMNS = 40_000_000


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


@dataclass(frozen=True)
class Pocket:
    """Closed empty space of the finished part, or a pool: volume and centroid."""

    volume_ml: float
    x_mm: float
    y_mm: float
    z_mm: float


@dataclass(frozen=True, eq=False)
class _Space:
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


def _space(columns: Columns) -> _Space:
    g = columns.grid
    start, none = np.zeros((g.nx + 2) * (g.ny + 2) + 1, np.int64), np.zeros(0, np.int32)
    args = columns.row_start, columns.x, columns.low, columns.high, g.nx, g.ny, columns.layers
    count = _empty_runs(*args, start, none, none, False)
    low, high = np.empty(count, np.int32), np.empty(count, np.int32)
    _empty_runs(*args, start, low, high, True)
    return _Space(g.nx + 2, g.ny + 2, columns.layers, start, low, high)


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


def _joined(space: _Space) -> tuple[NDArray[np.int64], NDArray[np.int32], NDArray[np.int32]]:
    """Edges by layer: ``begin`` int64 (layers + 1,), and both runs of each."""
    counts, none = np.zeros(space.layers + 1, np.int64), np.zeros(0, np.int32)
    args = space.start, space.low, space.high, space.nx, space.ny, space.layers
    _edges(*args, counts, none, none, False)
    begin = np.concatenate([[0], np.cumsum(counts[: space.layers])]).astype(np.int64)
    one, other = np.empty(begin[-1], np.int32), np.empty(begin[-1], np.int32)
    _edges(*args, begin[:-1].copy(), one, other, True)
    return begin, one, other


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
def _note(k, root, made, sums, cup, cups):  # type: ignore[no-untyped-def]
    """Write a sealed set into its cup's row; returns how many cups there are then."""
    sums[root, 1] += sums[root, 0]
    if cup[root] < 0:
        cup[root] = made
        cups[made, 0] = k
        made += 1
    row = cups[cup[root]]
    row[1] = k + 1
    if sums[root, 0] > row[2]:
        row[2], row[4], row[5] = sums[root, 0], sums[root, 2], sums[root, 3]
    row[3] = max(row[3], sums[root, 1])
    return made


@kernel
def _sweep_cups(low, column, nx, ny, layers, begin, one, other, starts, born, ends, gone, parent, sealed, cups):  # type: ignore[no-untyped-def]
    """Sweep the newest layer upward. ``cups`` float64 (n, 6): first, last layer, area, volume, x and y sums at the largest.

    ``sealed`` int64 (n,): room for the sets that may be sealed now. Returns how many cups were written.
    """
    sums = np.zeros((len(low), 4))
    open_, cup = np.zeros(len(low), np.bool_), np.full(len(low), -1, np.int64)
    held, made = 0, 0
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
                made = _note(k, root, made, sums, cup, cups)
        held = kept
    return made


def _columns_of_runs(space: _Space) -> NDArray[np.int64]:
    return np.repeat(np.arange(space.nx * space.ny), np.diff(space.start))


def cups(columns: Columns) -> list[Cup]:
    """Every cup, the largest sealed area first; the platform closes z = 0 under a part that stands on it."""
    if columns.grid.nx * columns.grid.ny > MAX_COLUMNS or not columns.layers:
        return []
    space = _space(columns)
    begin, one, other = _joined(space)
    rows = np.zeros((max(len(space.low), 1), 6))
    runs = len(space.low)
    made = _sweep_cups(
        space.low, _columns_of_runs(space), space.nx, space.ny, space.layers, begin, one, other,
        *_by_layer(space.low, space.layers), *_by_layer(space.high, space.layers),
        np.arange(runs), np.empty(runs + 1, np.int64), rows,
    )  # fmt: skip
    pixel2 = columns.grid.pixel_mm**2
    told = [r for r in rows[:made] if r[2] >= LEAST_PIXELS and (r[1] - r[0] > 1 or r[2] * pixel2 >= SHALLOW_MM2)]
    found = [_cup(row, columns) for row in told]
    return sorted(found, key=lambda c: -c.area_mm2)


def _cup(row: Floats, columns: Columns) -> Cup:
    grid = columns.grid
    first, last, area, volume, sx, sy = (float(v) for v in row)
    x, y = grid.centre_mm(sx / area - 1, sy / area - 1)
    pixel2, h = grid.pixel_mm**2, grid.layer_mm
    return Cup(first * h, last * h, area * pixel2, volume * pixel2 * h / 1000, float(x), float(y))


@kernel
def _join_all(one, other, parent):  # type: ignore[no-untyped-def]
    for e in range(len(one)):
        a, b = find_root(parent, one[e]), find_root(parent, other[e])
        if a != b:
            parent[b] = a
    for i in range(len(parent)):
        parent[i] = find_root(parent, i)


def trapped(columns: Columns) -> list[Pocket]:
    """Closed empty space of the finished part, off the platform; the largest first."""
    if columns.grid.nx * columns.grid.ny > MAX_COLUMNS or not columns.layers:
        return []
    space = _space(columns)
    _, one, other = _joined(space)
    parent = np.arange(len(space.low))
    _join_all(one, other, parent)
    column = _columns_of_runs(space)
    x, y = column % space.nx, column // space.nx
    edge = (x == 0) | (y == 0) | (x == space.nx - 1) | (y == space.ny - 1)
    free = np.zeros(len(parent), bool)
    free[parent[edge | (space.low == 0) | (space.high == space.layers)]] = True
    shut = np.flatnonzero(~free[parent])
    return _pockets(columns, parent[shut], x[shut] - 1, y[shut] - 1, space.low[shut], space.high[shut])


def _pockets(
    columns: Columns,
    owner: NDArray[np.int64],
    x: NDArray[np.int64],
    y: NDArray[np.int64],
    low: NDArray[np.int32],
    high: NDArray[np.int32],
) -> list[Pocket]:
    """Runs of closed space gathered by their set."""
    if not len(owner):
        return []
    grid = columns.grid
    names, index = np.unique(owner, return_inverse=True)
    long = (high - low).astype(float)
    total = np.bincount(index, long)
    px, py = grid.centre_mm(np.bincount(index, long * x) / total, np.bincount(index, long * y) / total)
    z = np.bincount(index, long * (low + high) / 2) / total * grid.layer_mm
    ml = total * grid.pixel_mm**2 * grid.layer_mm / 1000
    found = [
        Pocket(float(v), float(a), float(b), float(c))
        for v, a, b, c, n in zip(ml, np.atleast_1d(px), np.atleast_1d(py), z, total, strict=True)
        if n >= LEAST_PIXELS
    ]
    assert len(names) == len(total)
    return sorted(found, key=lambda p: -p.volume_ml)


@kernel
def _beside(c, nx, ny):  # type: ignore[no-untyped-def]
    """The neighbours of a column; a column of the rim, which is always open, stands for those it has not."""
    x, y = c % nx, c // nx
    return (c - 1 if x > 0 else c, c + 1 if x < nx - 1 else c, c - nx if y > 0 else c, c + nx if y < ny - 1 else c)


@kernel
def _spill_levels(start, low, high, column, nx, ny, layers):  # type: ignore[no-untyped-def]
    """How high liquid in each empty run must rise to get out, in layers; layers + 1 where it cannot.

    Least highest point over all ways out (Dijkstra with the maximum for the sum), by buckets of levels.
    """
    n = len(low)
    level = np.full(n, layers + 1, np.int32)
    head, following = np.full(layers + 2, -1, np.int64), np.full(n, -1, np.int64)
    done = np.zeros(n, np.bool_)
    for i in range(n):
        x, y = column[i] % nx, column[i] // nx
        if x == 0 or y == 0 or x == nx - 1 or y == ny - 1 or low[i] == 0:
            level[i] = 0
        elif high[i] == layers:
            level[i] = layers
        if level[i] <= layers:
            following[i], head[level[i]] = head[level[i]], i
    for k in range(layers + 1):
        while head[k] >= 0:
            i = head[k]
            head[k] = following[i]
            if done[i] or level[i] != k:
                continue
            done[i] = True
            for d in _beside(column[i], nx, ny):
                for j in range(start[d], start[d + 1]):
                    if done[j] or low[j] >= high[i] or low[i] >= high[j]:
                        continue
                    reach = max(k, low[i], low[j])
                    if reach < level[j]:
                        level[j] = reach
                        following[j], head[reach] = head[reach], j
    return level


def pools(mesh: Mesh, up: tuple[float, float, float], pixel_mm: float = 0.15) -> list[Pocket]:
    """What stays inside, and where in the mesh, when it is held with ``up`` upward and poured out slowly, air coming in
    freely; the largest first.

    A place stays wet if every way out climbs above it. Closed voids count in full.
    """
    turn = turning_up(up)
    turned = mesh.transformed(rotation_matrix(turn))
    floor = float(turned.bounds_mm[0, 2])
    columns = solid_columns(turned.moved((0, 0, -floor)).triangles, pixel_mm, pixel_mm)
    space = _space(columns)
    column = _columns_of_runs(space)
    level = _spill_levels(space.start, space.low, space.high, column, space.nx, space.ny, space.layers)
    top = np.minimum(space.high, level)
    _, one, other = _joined(space)
    touch = np.minimum(top[one], top[other]) > np.maximum(space.low[one], space.low[other])
    parent = np.arange(len(top))
    _join_all(one[touch], other[touch], parent)
    wet = np.flatnonzero(top > space.low)
    x, y = column[wet] % space.nx - 1, column[wet] // space.nx - 1
    found = _pockets(columns, parent[wet], x, y, space.low[wet], top[wet])
    places = np.array([(p.x_mm, p.y_mm, p.z_mm + floor) for p in found]).reshape(-1, 3) @ turn
    return [Pocket(p.volume_ml, *map(float, place)) for p, place in zip(found, places, strict=True)]


def retained_ml(mesh: Mesh, up: tuple[float, float, float], pixel_mm: float = 0.15) -> float:
    """How much stays inside when it is held with ``up`` upward and poured out, in ml."""
    return sum(p.volume_ml for p in pools(mesh, up, pixel_mm))
