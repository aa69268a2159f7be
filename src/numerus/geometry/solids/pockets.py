"""Empty space a part encloses: voids that trap resin, pools that stay when it is poured out.

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
from numerus.geometry.mesh import Mesh, rotation_matrix, turning_up
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.empty_runs import LEAST_PIXELS, columns_of_runs, empty_runs_of, joined_runs
from numerus.geometry.solids.union_find import find_root

MAX_COLUMNS = 40_000_000


@dataclass(frozen=True)
class Pocket:
    """Closed empty space of the finished part, or a pool: volume and centroid."""

    volume_ml: float
    x_mm: float
    y_mm: float
    z_mm: float


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
    space = empty_runs_of(columns)
    _, one, other = joined_runs(space)
    parent = np.arange(len(space.low))
    _join_all(one, other, parent)
    column = columns_of_runs(space)
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
    pockets = [
        Pocket(float(v), float(a), float(b), float(c))
        for v, a, b, c, n in zip(ml, np.atleast_1d(px), np.atleast_1d(py), z, total, strict=True)
        if n >= LEAST_PIXELS
    ]
    assert len(names) == len(total)
    return sorted(pockets, key=lambda p: -p.volume_ml)


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
    space = empty_runs_of(columns)
    column = columns_of_runs(space)
    level = _spill_levels(space.start, space.low, space.high, column, space.nx, space.ny, space.layers)
    top = np.minimum(space.high, level)
    _, one, other = joined_runs(space)
    touch = np.minimum(top[one], top[other]) > np.maximum(space.low[one], space.low[other])
    parent = np.arange(len(top))
    _join_all(one[touch], other[touch], parent)
    wet = np.flatnonzero(top > space.low)
    x, y = column[wet] % space.nx - 1, column[wet] // space.nx - 1
    pockets = _pockets(columns, parent[wet], x, y, space.low[wet], top[wet])
    places = np.array([(p.x_mm, p.y_mm, p.z_mm + floor) for p in pockets]).reshape(-1, 3) @ turn
    return [Pocket(p.volume_ml, *map(float, place)) for p, place in zip(pockets, places, strict=True)]


def retained_ml(mesh: Mesh, up: tuple[float, float, float], pixel_mm: float = 0.15) -> float:
    """How much stays inside when it is held with ``up`` upward and poured out, in ml."""
    return sum(p.volume_ml for p in pools(mesh, up, pixel_mm))
