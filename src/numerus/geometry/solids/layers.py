"""What the layers of solid columns measure: areas, components, islands, overhangs; worked on runs, never on bitmaps.

Definitions: pixels of a layer connect over 8 neighbours; components under ``MIN_PIXELS`` are ignored and do not hold
the next layer; an island is a component none of whose pixels has a solid pixel in its 3x3 neighbourhood in the layer
below. Layer 0 stands on the platform.

A layer is a list of x-runs sorted by (row, x). They come straight from the columns: an x-run begins at x in the layers
where column x is solid and column x - 1 is not, and ends likewise, so one pass over neighbouring columns gives the
beginnings and one the ends, each already in order.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled, Progress
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.union_find import find_root, join_runs

MIN_PIXELS = 4  # smaller components are specks that neither print nor hold
CHUNK_RUNS = 16_000_000  # x-runs held at a time: keeps plates of 16k x 8k pixels under 2 GB

"""Told the share done, 0..1; answers False to cancel."""


@dataclass(frozen=True)
class Island:
    """A component born in mid-air: lower face and centroid in mm, area in its layer of birth, its pixel nearest the centroid."""

    z_mm: float
    x_mm: float
    y_mm: float
    area_mm2: float
    pixel_x_mm: float
    pixel_y_mm: float


@dataclass(frozen=True, eq=False)
class LayerRuns:
    """x-runs [x0, x1) of layers ``first``..: ``start`` int64 (layers + 1,), ``row``, ``x0``, ``x1`` int32."""

    first: int
    start: NDArray[np.int64]
    row: NDArray[np.int32]
    x0: NDArray[np.int32]
    x1: NDArray[np.int32]


@kernel
def _pixels_per_layer(low, high, layers):  # type: ignore[no-untyped-def]
    steps = np.zeros(layers + 1, np.int64)
    for i in range(len(low)):
        steps[low[i]] += 1
        steps[high[i]] -= 1
    return np.cumsum(steps)[:layers]


def layer_areas_mm2(columns: Columns) -> Floats:
    """Solid area of every layer, float64 (layers,)."""
    return _pixels_per_layer(columns.low, columns.high, columns.layers) * columns.grid.pixel_mm**2


@kernel
def _gaps(low, high, a, a_end, b, b_end, first, last, counts, cursor, row, x, out_row, out_x, fill):  # type: ignore[no-untyped-def]
    """Layers of [first, last) where runs a..a_end are solid and runs b..b_end are not: counted or written."""
    j = b
    for i in range(a, a_end):
        k = max(low[i], first)
        end = min(high[i], last)
        while k < end:
            while j < b_end and high[j] <= k:
                j += 1
            if j < b_end and low[j] <= k:
                k = high[j]
                continue
            stop = end if j >= b_end else min(end, low[j])
            for layer in range(k - first, stop - first):
                if fill:
                    at = cursor[layer]
                    out_row[at], out_x[at] = row, x
                    cursor[layer] = at + 1
                else:
                    counts[layer] += 1
            k = stop


@kernel
def _edges(row_start, x, low, high, first, last, begins, counts, cursor, out_row, out_x, fill):  # type: ignore[no-untyped-def]
    """Beginnings (or ends) of x-runs in layers [first, last), in order of row and x."""
    for row in range(len(row_start) - 1):
        previous, previous_end, previous_x = 0, 0, -2
        i, stop = row_start[row], row_start[row + 1]
        while i < stop:
            here, xi = i, x[i]
            while i < stop and x[i] == xi:
                i += 1
            joined = previous_x == xi - 1
            if begins:
                a, a_end = (previous, previous_end) if joined else (0, 0)
                _gaps(low, high, here, i, a, a_end, first, last, counts, cursor, row, xi, out_row, out_x, fill)
            else:
                if joined:
                    _gaps(
                        low,
                        high,
                        previous,
                        previous_end,
                        here,
                        i,
                        first,
                        last,
                        counts,
                        cursor,
                        row,
                        xi,
                        out_row,
                        out_x,
                        fill,
                    )
                if i >= stop or x[i] != xi + 1:
                    _gaps(low, high, here, i, 0, 0, first, last, counts, cursor, row, xi + 1, out_row, out_x, fill)
            previous, previous_end, previous_x = here, i, xi


def _chunk(columns: Columns, first: int, last: int, counts: NDArray[np.int64]) -> LayerRuns:
    start = np.zeros(last - first + 1, np.int64)
    np.cumsum(counts[first:last], out=start[1:])
    total = int(start[-1])
    row, x0, x1 = (np.empty(total, np.int32) for _ in range(3))
    args = columns.row_start, columns.x, columns.low, columns.high, first, last
    _edges(*args, True, counts, start[:-1].copy(), row, x0, True)
    _edges(*args, False, counts, start[:-1].copy(), row, x1, True)
    return LayerRuns(first, start, row, x0, x1)


def _chunk_ends(counts: NDArray[np.int64]) -> Iterator[tuple[int, int]]:
    first = 0
    while first < len(counts):
        many = np.searchsorted(np.cumsum(counts[first:]), CHUNK_RUNS)
        last = min(len(counts), first + max(1, int(many)))
        yield first, last
        first = last


def layer_runs(columns: Columns) -> Iterator[LayerRuns]:
    """The layers from below as chunks of x-runs, each chunk within ``CHUNK_RUNS``."""
    counts = np.zeros(columns.layers, np.int64)
    none = np.zeros(0, np.int32)
    _edges(
        columns.row_start,
        columns.x,
        columns.low,
        columns.high,
        0,
        columns.layers,
        True,
        counts,
        counts,
        none,
        none,
        False,
    )
    for first, last in _chunk_ends(counts):
        yield _chunk(columns, first, last, counts)


@kernel
def _held(row, x0, x1, n, below_row, below_x0, below_x1, m, held):  # type: ignore[no-untyped-def]
    """Which runs have a solid pixel of the layer below in the 3x3 neighbourhood of one of their pixels."""
    for shift in range(-1, 2):
        j = 0
        for i in range(n):
            want = row[i] + shift
            while j < m and (below_row[j] < want or (below_row[j] == want and below_x1[j] < x0[i])):
                j += 1
            if j < m and below_row[j] == want and below_x0[j] <= x1[i]:
                held[i] = True


@kernel
def _components(start, row, x0, x1, b_row, b_x0, b_x1, platform, births, min_pixels):  # type: ignore[no-untyped-def]
    """Components of a chunk's layers; unheld ones are written to ``births`` rows (layer, x, y, pixels, px, py).

    Returns births found and the kept runs of the last layer, for the next chunk.
    """
    count = 0
    for layer in range(len(start) - 1):
        a, b = start[layer], start[layer + 1]
        n = b - a
        r, s, e = row[a:b], x0[a:b], x1[a:b]
        parent = np.empty(n, np.int64)
        join_runs(r, s, e, n, parent)
        held = np.zeros(n, np.bool_)
        _held(r, s, e, n, b_row, b_x0, b_x1, len(b_row), held)
        pixels, sum_x, sum_y = np.zeros(n, np.int64), np.zeros(n), np.zeros(n)
        caught = np.zeros(n, np.bool_)
        for i in range(n):
            root = find_root(parent, i)
            length = e[i] - s[i]
            pixels[root] += length
            sum_x[root] += length * (s[i] + e[i] - 1) / 2
            sum_y[root] += length * r[i]
            caught[root] = caught[root] or held[i]
        near_x, near_y, nearest = np.zeros(n), np.zeros(n), np.full(n, np.inf)
        for i in range(n):  # the pixel of each unheld component that lies nearest its centroid
            root = find_root(parent, i)
            if not caught[root]:
                cx, cy = sum_x[root] / pixels[root], sum_y[root] / pixels[root]
                px = min(max(np.rint(cx), s[i]), e[i] - 1)
                d = (px - cx) ** 2 + (r[i] - cy) ** 2
                if d < nearest[root]:
                    nearest[root], near_x[root], near_y[root] = d, px, r[i]
        kept = 0
        for i in range(n):
            root = find_root(parent, i)
            if pixels[root] < min_pixels:
                continue
            kept += 1
            if root == i and not caught[root] and not (platform and layer == 0):
                if count < len(births):
                    births[count, 0], births[count, 3] = layer, pixels[root]
                    births[count, 1], births[count, 2] = sum_x[root] / pixels[root], sum_y[root] / pixels[root]
                    births[count, 4], births[count, 5] = near_x[i], near_y[i]
                count += 1
        b_row, b_x0, b_x1 = np.empty(kept, np.int32), np.empty(kept, np.int32), np.empty(kept, np.int32)
        kept = 0
        for i in range(n):
            if pixels[find_root(parent, i)] >= min_pixels:
                b_row[kept], b_x0[kept], b_x1[kept] = r[i], s[i], e[i]
                kept += 1
    return count, b_row, b_x0, b_x1


def islands(columns: Columns, progress: Progress | None = None, min_pixels: int = MIN_PIXELS) -> list[Island]:
    """Every island of the part, from below upward. Raises Cancelled when ``progress`` answers False."""
    none = np.zeros(0, np.int32)
    below = none, none, none
    listed: list[Island] = []
    for chunk in layer_runs(columns):
        births = np.empty((4096, 6))
        args = chunk.start, chunk.row, chunk.x0, chunk.x1, *below, chunk.first == 0
        count, *kept = _components(*args, births, min_pixels)
        if count > len(births):
            births = np.empty((count, 6))
            count, *kept = _components(*args, births, min_pixels)
        below = tuple(kept)  # type: ignore[assignment]
        listed += [_island(columns, chunk.first, birth) for birth in births[:count]]
        done = (chunk.first + len(chunk.start) - 1) / max(columns.layers, 1)
        if progress is not None and not progress(done):
            raise Cancelled
    return listed


def _island(columns: Columns, first: int, birth: Floats) -> Island:
    grid = columns.grid
    x, y = grid.centre_mm(birth[1], birth[2])
    px, py = grid.centre_mm(birth[4], birth[5])
    area = birth[3] * grid.pixel_mm**2
    return Island(float((first + birth[0]) * grid.layer_mm), float(x), float(y), float(area), float(px), float(py))


def layer_bitmap(columns: Columns, layer: int) -> NDArray[np.bool_]:
    """One layer as pixels, bool (ny, nx), row 0 at the lowest y."""
    hit = (columns.low <= layer) & (columns.high > layer)
    bitmap = np.zeros((columns.grid.ny, columns.grid.nx), bool)
    bitmap[columns.rows[hit], columns.x[hit]] = True
    return bitmap


def silhouette(columns: Columns) -> NDArray[np.bool_]:
    """Every pixel that is solid in some layer, bool (ny, nx)."""
    bitmap = np.zeros((columns.grid.ny, columns.grid.nx), bool)
    bitmap[columns.rows, columns.x] = True
    return bitmap


@kernel
def _lowest_gap(row_start, x, low, high, ny, nx, reach_px, out_x, out_y, out_layer):  # type: ignore[no-untyped-def]
    """Run bottoms (low > 0) with nothing solid in the layer below within ``reach_px``; returns how many."""
    n = 0
    for row in range(ny):
        for i in range(row_start[row], row_start[row + 1]):
            under = low[i] - 1
            if under < 0:
                continue
            if not _solid_near(row_start, x, low, high, ny, x[i], row, under, reach_px):
                if n < len(out_x):
                    out_x[n], out_y[n], out_layer[n] = x[i], row, low[i]
                n += 1
    return n


@kernel
def _solid_near(row_start, x, low, high, ny, xi, row, layer, reach_px):  # type: ignore[no-untyped-def]
    """Whether a pixel within ``reach_px`` (Euclidean) of (xi, row) is solid in ``layer``."""
    whole = int(reach_px)
    for j in range(max(row - whole, 0), min(row + whole + 1, ny)):
        wide = int(np.sqrt(reach_px * reach_px - (j - row) * (j - row)))
        a, b = row_start[j], row_start[j + 1]
        k = a + np.searchsorted(x[a:b], xi - wide)
        while k < b and x[k] <= xi + wide:
            if low[k] <= layer < high[k]:
                return True
            k += 1
    return False


def overhangs(columns: Columns, reach_mm: float) -> NDArray[np.int32]:
    """Pixels that begin farther than ``reach_mm`` from the solid of the layer below: int32 (n, 3) of x, y, layer."""
    x, y, layer = (np.empty(len(columns.x), np.int32) for _ in range(3))
    n = _lowest_gap(
        columns.row_start,
        columns.x,
        columns.low,
        columns.high,
        columns.grid.ny,
        columns.grid.nx,
        reach_mm / columns.grid.pixel_mm,
        x,
        y,
        layer,
    )
    return np.stack([x[:n], y[:n], layer[:n]], axis=1)
