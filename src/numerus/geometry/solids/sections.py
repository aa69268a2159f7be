"""How the sections of a part grow out of each other, layer by layer: the graph that judgements of a print are read off.

A section is a component of a layer (8 neighbours; those under MIN_PIXELS are left out, as everywhere). Two sections of
neighbouring layers are linked where a pixel of the upper has a solid pixel of the lower in its 3x3 neighbourhood.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.pairs import unique_pairs
from numerus.geometry.solids.columns import Columns, Grid
from numerus.geometry.solids.layers import MIN_PIXELS, layer_runs
from numerus.geometry.solids.union_find import find_root, join_runs

SLANT = np.pi / 4  # a slanting edge drawn in pixel steps is on average longer by 4 / pi (Crofton)


@dataclass(frozen=True, eq=False)
class Sections:
    """Sections in order of layer. ``layer`` int32 (n,), ``area_mm2``, ``edge_mm`` (outline), ``x_mm``, ``y_mm`` (n,);
    ``spread_mm2`` (n, 3): how its area lies about its middle, the means of xx, xy, yy; ``begin`` int64 (layers + 1,): the first
    section of each layer; ``below``, ``above`` int32 (m,): linked pairs.
    """

    grid: Grid
    layer: NDArray[np.int32]
    area_mm2: Floats
    edge_mm: Floats
    x_mm: Floats
    y_mm: Floats
    spread_mm2: Floats
    begin: NDArray[np.int64]
    below: NDArray[np.int32]
    above: NDArray[np.int32]

    @property
    def layers(self) -> int:
        return len(self.begin) - 1

    def of_layers(self, values: Floats) -> Floats:
        """A value of sections summed over each layer, float64 (layers,)."""
        return np.asarray(np.bincount(self.layer, values, self.layers), np.float64)

    def links_of(self) -> tuple[NDArray[np.int64], NDArray[np.int32]]:
        """The sections below each: begins int64 (n + 1,) into the second."""
        order = np.argsort(self.above, kind="stable")
        begin = np.searchsorted(self.above[order], np.arange(len(self.layer) + 1))
        return begin.astype(np.int64), np.ascontiguousarray(self.below[order])

    def joins(self) -> NDArray[np.int32]:
        """For every section that begins in mid-air, the layer in which what grew from it joins something else, int32 (n,);
        -1 for the others, and for what joins nothing.
        """
        begin, below = self.links_of()
        return np.asarray(_joins(self.begin, begin, below))


@kernel
def _joins(begin, links, below):  # type: ignore[no-untyped-def]
    n = len(links) - 1
    parent, joined = np.arange(n), np.full(n, -1, np.int32)
    for k in range(len(begin) - 1):
        for s in range(begin[k], begin[k + 1]):
            for e in range(links[s], links[s + 1]):
                root, own = find_root(parent, below[e]), find_root(parent, s)
                if root == own:
                    continue
                # The older of two groups goes on; the younger one's beginning is what joined.
                old, young = min(root, own), max(root, own)
                if young != s and joined[young] < 0:
                    joined[young] = k
                parent[young] = old
    return joined


@kernel
def _linked(row, x0, x1, names, n, below_row, below_x0, below_x1, below_names, m, out, fill):  # type: ignore[no-untyped-def]
    """Pairs of names of runs that touch from layer to layer over 9 neighbours; counted, or written to ``out``."""
    count = 0
    for shift in range(-1, 2):
        j = 0
        for i in range(n):
            want = row[i] + shift
            while j < m and (below_row[j] < want or (below_row[j] == want and below_x1[j] < x0[i])):
                j += 1
            k = j
            while k < m and below_row[k] == want and below_x0[k] <= x1[i]:
                if fill and (count == 0 or out[count - 1, 0] != below_names[k] or out[count - 1, 1] != names[i]):
                    out[count, 0], out[count, 1] = below_names[k], names[i]
                    count += 1
                elif not fill:
                    count += 1
                k += 1
    return count


@kernel
def _shared_with_next_row(row, x0, x1, n, shared):  # type: ignore[no-untyped-def]
    """For each run the pixels that lie over pixels of the row before, into ``shared``: what is no edge between rows."""
    j = 0
    for i in range(n):
        while j < i and (row[j] < row[i] - 1 or (row[j] == row[i] - 1 and x1[j] <= x0[i])):
            j += 1
        k = j
        while k < i and row[k] == row[i] - 1 and x0[k] < x1[i]:
            shared[i] += min(x1[i], x1[k]) - max(x0[i], x0[k])
            k += 1


@kernel
def _layer(row, x0, x1, n, first_name, least, names, out):  # type: ignore[no-untyped-def]
    """Name the components of one layer's runs from ``first_name`` on (-1: a speck) and measure them into ``out``.

    ``out`` rows: pixels, sums of x and y, steps of outline, sums of xx, xy, yy. Returns how many there are.
    """
    parent = np.empty(n, np.int64)
    join_runs(row, x0, x1, n, parent)
    shared = np.zeros(n, np.int64)
    _shared_with_next_row(row, x0, x1, n, shared)
    sums = np.zeros((n, 7))
    for i in range(n):
        root, long, middle = find_root(parent, i), x1[i] - x0[i], (x0[i] + x1[i] - 1) / 2
        sums[root, 0] += long
        sums[root, 1] += long * middle
        sums[root, 2] += long * row[i]
        sums[root, 3] += 2 + 2 * (long - shared[i])
        sums[root, 4] += long * (middle * middle + (long * long - 1) / 12)
        sums[root, 5] += long * middle * row[i]
        sums[root, 6] += long * float(row[i]) * row[i]
    count = 0
    own = np.full(n, -1, np.int32)
    for i in range(n):
        if find_root(parent, i) == i and sums[i, 0] >= least:
            out[count] = sums[i]
            own[i] = first_name + count
            count += 1
    for i in range(n):
        names[i] = own[find_root(parent, i)]
    return count


@kernel
def _without_specks(row, x0, x1, names, n):  # type: ignore[no-untyped-def]
    kept = 0
    for i in range(n):
        kept += names[i] >= 0
    r, s, e, m = np.empty(kept, np.int32), np.empty(kept, np.int32), np.empty(kept, np.int32), np.empty(kept, np.int32)
    kept = 0
    for i in range(n):
        if names[i] >= 0:
            r[kept], s[kept], e[kept], m[kept] = row[i], x0[i], x1[i], names[i]
            kept += 1
    return r, s, e, m


@kernel
def _sections(start, row, x0, x1, r0, s0, e0, m0, first_name, least, counts, rows, links):  # type: ignore[no-untyped-def]
    """Sections and links of a chunk's layers into ``rows`` and ``links``, which must have room; see ``_layer``."""
    run_rows, linked = 0, 0
    for layer in range(len(start) - 1):
        a, b = start[layer], start[layer + 1]
        names = np.empty(b - a, np.int32)
        out = rows[run_rows:]
        count = _layer(row[a:b], x0[a:b], x1[a:b], b - a, first_name + run_rows, least, names, out)
        r1, s1, e1, m1 = _without_specks(row[a:b], x0[a:b], x1[a:b], names, b - a)
        linked += _linked(r1, s1, e1, m1, len(m1), r0, s0, e0, m0, len(m0), links[linked:], len(links) > 0)
        r0, s0, e0, m0 = r1, s1, e1, m1
        counts[layer] = count
        run_rows += count
    return run_rows, linked, r0, s0, e0, m0


def sections(columns: Columns, least_pixels: int = MIN_PIXELS) -> Sections:
    """The sections of all layers and how they hang together."""
    none = np.zeros(0, np.int32)
    last: tuple[Any, ...] = (none, none, none, none)
    rows, links, counts = [], [], []
    total = 0
    for chunk in layer_runs(columns):
        layers, room = len(chunk.start) - 1, np.empty((len(chunk.row) + 1, 7))
        args = chunk.start, chunk.row, chunk.x0, chunk.x1, *last, total, least_pixels
        many = np.zeros(layers, np.int64)
        _, linked, *_ = _sections(*args, many, room, np.zeros((0, 2), np.int32))
        pairs = np.empty((linked + 1, 2), np.int32)
        run_rows, linked, *kept = _sections(*args, many, room, pairs)
        last, total = tuple(kept), total + run_rows
        rows.append(room[:run_rows].copy())
        links.append(unique_pairs(pairs[:linked]).astype(np.int32))
        counts.append(many)
    return _gathered(columns.grid, rows, links, counts)


def _gathered(
    grid: Grid, rows: list[Floats], links: list[NDArray[np.int32]], counts: list[NDArray[np.int64]]
) -> Sections:
    row = np.concatenate([*rows, np.zeros((0, 7))])
    link = np.concatenate([*links, np.zeros((0, 2), np.int32)])
    many = np.concatenate([*counts, np.zeros(0, np.int64)])
    middle, mean = row[:, 1:3] / row[:, :1], row[:, 4:] / row[:, :1]
    x, y = grid.centre_mm(middle[:, 0], middle[:, 1])
    return Sections(
        grid, np.repeat(np.arange(len(many), dtype=np.int32), many), row[:, 0] * grid.pixel_mm**2,
        row[:, 3] * (grid.pixel_mm * SLANT), np.asarray(x), np.asarray(y), _spread(middle, mean) * grid.pixel_mm**2,
        np.concatenate([[0], np.cumsum(many)]),
        np.ascontiguousarray(link[:, 0]), np.ascontiguousarray(link[:, 1]),
    )  # fmt: skip


def _spread(middle: Floats, mean: Floats) -> Floats:
    """Means of xx, xy, yy about the middle, in pixels²; a pixel by itself is spread by a twelfth (n, 3)."""
    x, y = middle.T
    return mean - np.stack([x * x, x * y, y * y], axis=1) + np.array([1 / 12, 0, 1 / 12])


@kernel
def _name_runs(start, row, x0, x1, first_name, least, names):  # type: ignore[no-untyped-def]
    """The number of the section each run belongs to, -1 for specks, into ``names``; returns how many there are."""
    run_names = 0
    for layer in range(len(start) - 1):
        a, b = start[layer], start[layer + 1]
        out = np.empty((b - a, 7))
        run_names += _layer(row[a:b], x0[a:b], x1[a:b], b - a, first_name + run_names, least, names[a:b], out)
    return run_names


@kernel
def _section_near(a, b, row, x0, x1, names, y, x, near_px):  # type: ignore[no-untyped-def]
    """The section of a layer's runs a..b that holds a pixel, or the nearest within ``near_px``; -1 for none."""
    best, nearest = near_px * near_px + 1.0, -1
    for i in range(a + np.searchsorted(row[a:b], y - int(near_px) - 1), b):
        if row[i] > y + near_px + 1:
            break
        aside = max(max(x0[i] - x, x - x1[i] + 1), 0)
        far = float(aside * aside + (row[i] - y) ** 2)
        if names[i] >= 0 and far < best:
            best, nearest = far, names[i]
    return nearest


@kernel
def _sections_near(start, row, x0, x1, names, first, asked, near_px, count):  # type: ignore[no-untyped-def]
    """Answers ``asked`` (layer, row, x) of this chunk into ``found``."""
    for q in range(len(asked)):
        layer = asked[q, 0] - first
        if 0 <= layer < len(start) - 1:
            a, b = start[layer], start[layer + 1]
            count[q] = _section_near(a, b, row, x0, x1, names, asked[q, 1], asked[q, 2], near_px)


class SectionMap:
    """Which section of ``columns`` lies at a place: the runs of all layers, named once."""

    def __init__(self, columns: Columns, least_pixels: int = MIN_PIXELS) -> None:
        self.grid, self._chunks, total = columns.grid, [], 0
        for chunk in layer_runs(columns):
            names = np.empty(len(chunk.row), np.int32)
            total += _name_runs(chunk.start, chunk.row, chunk.x0, chunk.x1, total, least_pixels, names)
            self._chunks.append((chunk.start, chunk.row, chunk.x0, chunk.x1, names, chunk.first))

    def at(self, points_mm: Floats, layers: NDArray[np.int64], near_px: float = 0.0) -> NDArray[np.int64]:
        """The section of each layer that holds a point (n, 2) of x and y, or the nearest within ``near_px``; -1 for none."""
        origin = np.array([self.grid.y0_px, self.grid.x0_px])
        pixels = np.floor(points_mm[:, 1::-1] / self.grid.pixel_mm).astype(np.int64) - origin
        asked, index = np.column_stack([layers, pixels]), np.full(len(points_mm), -1, np.int64)
        for chunk in self._chunks:
            _sections_near(*chunk, asked, near_px, index)
        return index


def specks(columns: Columns) -> Floats:
    """Components too small to print or to hold anything, each where it is: (n, 3) of x, y and its layer's lower face in mm."""
    part_sections = sections(columns, 1)
    small = part_sections.area_mm2 < (MIN_PIXELS - 0.5) * columns.grid.pixel_mm**2
    return np.stack(
        [part_sections.x_mm[small], part_sections.y_mm[small], part_sections.layer[small] * columns.grid.layer_mm],
        axis=1,
    )
