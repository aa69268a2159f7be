"""Solid columns: for every pixel of a grid, the z-intervals in which a triangle mesh is solid.

The heart of the printing half. Conventions:

* Pixel (i, j) covers [i p, (i+1) p) x [j p, (j+1) p); its column stands at the centre. The grid is aligned to whole
  pixels of the file's own coordinates, so a part gives the same pixels wherever the grid begins.
* A triangle covers a pixel by the top-left rule on vertices snapped to 1/4096 pixel and integer edge functions
  (Pineda 1988, A parallel algorithm for polygon rasterization): a column through a shared edge is hit exactly once.
* Crossing a face that looks down adds 1 to the winding, one that looks up takes 1; solid is where the sum over all
  shells is not 0. Overlapping and nested shells therefore count as their union, a reversed shell inside as a void.
* Layer k fills [k h, (k+1) h) and is sampled at its middle; a run of layers is [low, high).
* A column whose windings do not return to 0 has met a hole: it is counted as doubtful and takes the runs of the
  nearest sound column within a few pixels, or else is closed at the mesh's own top or bottom.
"""

from __future__ import annotations

from collections.abc import Iterable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.errors import GeometryError
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, extremes

SUBPIXEL = 4096  # snapping of vertices: 12 nm at 50 µm pixels, far below any file's own precision
BAND_COLUMNS = 1 << 20  # columns worked on at a time: bounds memory on plates of 16k x 8k pixels
MAX_PIXELS_A_SIDE = 65_000  # x is kept in 16 bits; 4096 * 65000 squared fits 64-bit edge functions
MAX_LAYERS = 32_000  # layers are kept in 16 bits
BORROW_PX = 6  # how far a doubtful column looks for a sound neighbour
Z_SNAP = 1e-6  # layers; a face meant to lie on a sampling plane should not fall either way by rounding


@dataclass(frozen=True)
class Grid:
    """Where the pixels and layers lie: origin in whole pixels, size in pixels, pixel and layer in mm."""

    x0_px: int
    y0_px: int
    nx: int
    ny: int
    pixel_mm: float
    layer_mm: float

    def centre_mm(self, x: Floats | float, y: Floats | float) -> tuple[Floats | float, Floats | float]:
        return (x + self.x0_px + 0.5) * self.pixel_mm, (y + self.y0_px + 0.5) * self.pixel_mm


@dataclass(frozen=True, eq=False)
class Columns:
    """Runs of solid layers sorted by (row, x, low).

    ``row_start``: int64 (ny + 1,) into ``x`` uint16, ``low`` and ``high`` int16 (runs,): the run [low, high) of column x.
    ``volume_mm3`` is taken before rounding to layers: exact in z, sampled in x and y.
    """

    grid: Grid
    row_start: NDArray[np.int64]
    x: NDArray[np.uint16]
    low: NDArray[np.int16]
    high: NDArray[np.int16]
    layers: int
    volume_mm3: float
    doubtful: int

    @property
    def rows(self) -> NDArray[np.int32]:
        """The row of every run, int32 (runs,)."""
        return np.repeat(np.arange(self.grid.ny, dtype=np.int32), np.diff(self.row_start))

    def holds(self, points_mm: Floats) -> NDArray[np.bool_]:
        """Whether each point (n, 3) lies in solid, bool (n,)."""
        g = self.grid
        x, y, k = (
            np.floor(points_mm[:, a] / s).astype(np.int64)
            for a, s in ((0, g.pixel_mm), (1, g.pixel_mm), (2, g.layer_mm))
        )
        keys = self.rows.astype(np.int64) * g.nx + self.x
        inside = (x >= g.x0_px) & (x < g.x0_px + g.nx) & (y >= g.y0_px) & (y < g.y0_px + g.ny)
        key = np.where(inside, (y - g.y0_px) * g.nx + x - g.x0_px, -1)
        at, end = np.searchsorted(keys, key), np.searchsorted(keys, key, side="right")
        held = np.zeros(len(key), np.bool_)
        while (at < end).any():
            here = np.flatnonzero(at < end)
            run = at[here]
            held[here] |= (self.low[run] <= k[here]) & (k[here] < self.high[run])
            at[here] += 1
        return held


def grid_over(bounds_mm: Floats, pixel_mm: float, layer_mm: float) -> Grid:
    """The smallest grid of whole pixels over ``bounds_mm`` (2, 3). Raises GeometryError for senseless sizes."""
    if not (np.all(np.isfinite(bounds_mm)) and pixel_mm > 0 and layer_mm > 0):
        raise GeometryError("bad-grid", "Pixel and layer must be above zero and the part's size finite.")
    low = np.floor(bounds_mm[0, :2] / pixel_mm).astype(np.int64)
    high = np.ceil(bounds_mm[1, :2] / pixel_mm).astype(np.int64)
    nx, ny = (int(n) for n in np.maximum(high - low, 1))
    if max(nx, ny) > MAX_PIXELS_A_SIDE or bounds_mm[1, 2] / layer_mm > MAX_LAYERS:
        raise GeometryError(
            "too-large", f"{nx} x {ny} pixels and so many layers are more than can be measured.", "Check the unit."
        )
    return Grid(int(low[0]), int(low[1]), nx, ny, float(pixel_mm), float(layer_mm))


def _snap(triangles: Floats, grid: Grid) -> NDArray[np.int64]:
    """Corner x, y in sub-pixels from the grid's origin, with pixel centres on whole multiples of SUBPIXEL."""
    origin = np.array([grid.x0_px + 0.5, grid.y0_px + 0.5])
    return np.rint((triangles[:, :, :2] / grid.pixel_mm - origin) * SUBPIXEL).astype(np.int64)


@kernel
def _span(x0, y0, x1, y1, x2, y2, nx, first_row, last_row):  # type: ignore[no-untyped-def]
    """Pixels whose centres the triangle's box holds: first and last column and row, clipped."""
    i0 = max(-(-min(x0, x1, x2) // SUBPIXEL), 0)
    i1 = min(max(x0, x1, x2) // SUBPIXEL, nx - 1)
    j0 = max(-(-min(y0, y1, y2) // SUBPIXEL), first_row)
    j1 = min(max(y0, y1, y2) // SUBPIXEL, last_row)
    return i0, i1, j0, j1


@kernel
def _owns(ax, ay, bx, by):  # type: ignore[no-untyped-def]
    """Whether a counter-clockwise edge a to b owns the points on it: left edges and top edges do."""
    return by < ay or (by == ay and bx < ax)


@kernel
def _cross_band(xy, z, members, nx, first_row, last_row, start, cursor, out_z, out_sign, fill):  # type: ignore[no-untyped-def]
    """Count (fill False) or write (fill True) the crossings of the band's triangles with its columns.

    Triangle seen from above clockwise: it looks down (+1), corners are exchanged to be counter-clockwise.
    Edge function w = (b - a) x (p - a) >= 1 - owns is "inside".
    """
    for m in members:
        x0, y0, x1, y1, x2, y2 = xy[m, 0, 0], xy[m, 0, 1], xy[m, 1, 0], xy[m, 1, 1], xy[m, 2, 0], xy[m, 2, 1]
        z0, z1, z2 = z[m, 0], z[m, 1], z[m, 2]
        area = (x1 - x0) * (y2 - y0) - (x2 - x0) * (y1 - y0)
        if area == 0:
            continue
        sign = -1
        if area < 0:
            sign, area = 1, -area
            x1, y1, z1, x2, y2, z2 = x2, y2, z2, x1, y1, z1
        i0, i1, j0, j1 = _span(x0, y0, x1, y1, x2, y2, nx, first_row, last_row)
        b0 = 0 if _owns(x1, y1, x2, y2) else -1
        b1 = 0 if _owns(x2, y2, x0, y0) else -1
        b2 = 0 if _owns(x0, y0, x1, y1) else -1
        for j in range(j0, j1 + 1):
            py = j * SUBPIXEL
            row = (j - first_row) * nx
            for i in range(i0, i1 + 1):
                px = i * SUBPIXEL
                w0 = (x2 - x1) * (py - y1) - (y2 - y1) * (px - x1)
                w1 = (x0 - x2) * (py - y2) - (y0 - y2) * (px - x2)
                w2 = area - w0 - w1
                if w0 + b0 >= 0 and w1 + b1 >= 0 and w2 + b2 >= 0:
                    c = row + i
                    if fill:
                        at = start[c] + cursor[c]
                        out_z[at] = (w0 * z0 + w1 * z1 + w2 * z2) / area
                        out_sign[at] = sign
                    cursor[c] += 1


@kernel
def _sort_column(z, sign, a, b):  # type: ignore[no-untyped-def]
    """Insertion sort of a column's crossings by z; at equal z entering comes first, so that touching shells join."""
    for i in range(a + 1, b):
        zi, si = z[i], sign[i]
        j = i - 1
        while j >= a and (z[j] > zi or (z[j] == zi and sign[j] < si)):
            z[j + 1], sign[j + 1] = z[j], sign[j]
            j -= 1
        z[j + 1], sign[j + 1] = zi, si


@kernel
def _layer_at(z, layer_mm):  # type: ignore[no-untyped-def]
    """The first layer whose middle is at or above z, not below the platform."""
    return max(int(np.ceil(z / layer_mm - 0.5 - Z_SNAP)), 0)


@kernel
def _sweep(z, sign, start, layer_mm, z_bottom, z_top, run_low, run_high, runs, sums):  # type: ignore[no-untyped-def]
    """Sort each column, sweep its winding and write its runs of layers in place.

    ``start`` (columns + 1,); runs of column c go to ``run_low[start[c] + c:]`` (one spare place per column for a run
    that has to be closed at the mesh's top). ``sums`` gets volume in mm (z-lengths). Returns doubtful flags.
    """
    columns = len(start) - 1
    doubtful = np.zeros(columns, np.bool_)
    for c in range(columns):
        a, b = start[c], start[c + 1]
        if a == b:
            continue
        _sort_column(z, sign, a, b)
        total = 0
        for i in range(a, b):
            total += sign[i]
        doubtful[c] = total != 0
        winding = -total if total < 0 else 0
        begin = z_bottom
        count = 0
        out = a + c
        length = 0.0
        last_high = -1
        for i in range(a, b + 1):
            before = winding
            top = z_top if i == b else z[i]
            winding = 0 if i == b else winding + sign[i]
            if before == 0 and winding != 0:
                begin = top
            elif before != 0 and winding == 0:
                length += top - begin
                low, high = _layer_at(begin, layer_mm), _layer_at(top, layer_mm)
                if high > low:
                    if low <= last_high and count > 0:
                        run_high[out + count - 1] = max(high, last_high)
                    else:
                        run_low[out + count], run_high[out + count] = low, high
                        count += 1
                    last_high = run_high[out + count - 1]
        runs[c] = count
        sums[c] = length
    return doubtful


@kernel
def _lend(doubtful, nx, rows, counts):  # type: ignore[no-untyped-def]
    """For each doubtful column the nearest sound, crossed column of the band within BORROW_PX, or itself."""
    lender = np.arange(len(doubtful))
    for c in range(len(doubtful)):
        if not doubtful[c]:
            continue
        x, y = c % nx, c // nx
        best = BORROW_PX * BORROW_PX + 1
        for j in range(max(y - BORROW_PX, 0), min(y + BORROW_PX + 1, rows)):
            for i in range(max(x - BORROW_PX, 0), min(x + BORROW_PX + 1, nx)):
                n = j * nx + i
                d = (i - x) * (i - x) + (j - y) * (j - y)
                if d < best and not doubtful[n] and counts[n] > 0:
                    best, lender[c] = d, n
    return lender


@kernel
def _collect(start, lender, runs, run_low, run_high, nx, rows, row_count, out_x, out_low, out_high):  # type: ignore[no-untyped-def]
    """Gather the band's runs in (row, x, low) order; returns how many there are."""
    n = 0
    for j in range(rows):
        before = n
        for i in range(nx):
            c = lender[j * nx + i]
            for r in range(start[c] + c, start[c] + c + runs[c]):
                out_x[n], out_low[n], out_high[n] = i, run_low[r], run_high[r]
                n += 1
        row_count[j] = n - before
    return n


@dataclass(frozen=True)
class _Band:
    row_count: NDArray[np.int64]
    x: NDArray[np.uint16]
    low: NDArray[np.int16]
    high: NDArray[np.int16]
    length_mm: float
    doubtful: int


def _band(triangles: Floats, members: NDArray[np.int64], grid: Grid, rows: range, z_ends: tuple[float, float]) -> _Band:
    """Crossings, windings and runs of the columns of ``rows``; ``z_ends`` are the whole mesh's bottom and top."""
    own = triangles[members]
    xy, z = _snap(own, grid), np.ascontiguousarray(own[:, :, 2], dtype=np.float64)
    members = np.arange(len(own))
    first, last, columns = rows.start, rows.stop - 1, len(rows) * grid.nx
    none = np.zeros(0)
    counts = np.zeros(columns, np.int64)
    _cross_band(xy, z, members, grid.nx, first, last, counts, counts, none, counts, False)
    start = np.zeros(columns + 1, np.int64)
    np.cumsum(counts, out=start[1:])
    crossings, signs = np.empty(start[-1]), np.empty(start[-1], np.int64)
    _cross_band(xy, z, members, grid.nx, first, last, start, np.zeros(columns, np.int64), crossings, signs, True)
    spare = int(start[-1]) + columns
    run_low, run_high = np.empty(spare, np.int16), np.empty(spare, np.int16)
    runs, lengths = np.zeros(columns, np.int32), np.zeros(columns)
    doubtful = _sweep(crossings, signs, start, grid.layer_mm, *z_ends, run_low, run_high, runs, lengths)
    lender = _lend(doubtful, grid.nx, len(rows), counts) if doubtful.any() else np.arange(columns)
    room = int(runs[lender].sum())
    x, low, high = np.empty(room, np.uint16), np.empty(room, np.int16), np.empty(room, np.int16)
    row_count = np.zeros(len(rows), np.int64)
    _collect(start, lender, runs, run_low, run_high, grid.nx, len(rows), row_count, x, low, high)
    return _Band(row_count, x, low, high, float(lengths[lender].sum()), int(doubtful.sum()))


def _members(triangles: Floats, grid: Grid, bands: list[range]) -> list[NDArray[np.int64]]:
    """Which triangles may reach into each band of rows (a row to spare on either side)."""
    if len(bands) == 1:
        return [np.arange(len(triangles))]
    a, b, c = (triangles[:, k, 1] for k in range(3))
    edges = np.minimum(np.minimum(a, b), c), np.maximum(np.maximum(a, b), c)
    low, high = (edge / grid.pixel_mm - grid.y0_px for edge in edges)
    return [np.flatnonzero((high >= rows.start - 1) & (low <= rows.stop + 1)) for rows in bands]


def solid_columns(
    triangles: Floats, pixel_mm: float, layer_mm: float, bounds_mm: Floats | None = None, threads: int = 2
) -> Columns:
    """Columns of a triangle soup (m, 3, 3) in mm; no faces give no runs.

    Everything below the platform (z < 0) is cut off. Raises GeometryError for senseless sizes.
    """
    if bounds_mm is None:
        flat = triangles.reshape(-1, 3)
        bounds_mm = extremes(flat) if len(flat) else np.zeros((2, 3))
    grid = grid_over(bounds_mm, pixel_mm, layer_mm)
    height = max(1, min(-(-grid.ny // threads), BAND_COLUMNS // grid.nx))
    bands = [range(y, min(y + height, grid.ny)) for y in range(0, grid.ny, height)]
    members = _members(triangles, grid, bands)
    z_ends = float(bounds_mm[0, 2]), float(bounds_mm[1, 2])
    with ThreadPoolExecutor(threads) as pool:
        return _gathered(grid, pool.map(lambda rows, mine: _band(triangles, mine, grid, rows, z_ends), bands, members))


def _gathered(grid: Grid, bands: Iterable[_Band]) -> Columns:
    """All bands' runs in one place as they come. Room is reserved, not touched: only what is filled costs memory."""
    room = 2 * grid.nx * grid.ny + 1024
    runs: list[NDArray[Any]] = [np.empty(room, dtype) for dtype in (np.uint16, np.int16, np.int16)]
    counts, filled, length_mm, doubtful = [np.zeros(1, np.int64)], 0, 0.0, 0
    for band in bands:
        end = filled + len(band.x)
        if end > len(runs[0]):
            runs = [np.concatenate([r[:filled], np.empty(end, r.dtype)]) for r in runs]
        for whole, part in zip(runs, (band.x, band.low, band.high), strict=True):
            whole[filled:end] = part
        counts.append(band.row_count)
        filled, length_mm, doubtful = end, length_mm + band.length_mm, doubtful + band.doubtful
    x, low, high = (r[:filled] for r in runs)
    layers = int(high.max()) if filled else 0
    return Columns(
        grid, np.cumsum(np.concatenate(counts)), x, low, high, layers, length_mm * grid.pixel_mm**2, doubtful
    )
