"""Every direction a part could hang in, and what each costs by shape alone: the search under the pose chart.

Costs are worked on samples of the part, so that thousands of directions take seconds: its faces (what must be held,
marked, stepped), points of its inside (how large its layers are) and its coarse corners (where layers begin in mid-air
or close a cup). The candidates worth a look are then measured properly: see ``numerus.printing.orientation.pose_measures``.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled, Progress
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.pairs import cell_ids, unique_pairs
from numerus.geometry.solids.columns import solid_columns
from numerus.surface.part_fields import Fields

DIRECTIONS = 1500
BATCH = 300  # directions after which there is something to look at
SEARCH_FACES, INSIDE_POINTS, CORNERS = 12_000, 20_000, 80  # corners: cells along the part's diagonal
STEEP_COS = -np.cos(np.radians(40))  # a face leaning less than 40 degrees from level must be held from below
SCAR_SHARE = 0.04  # of a supported area that tips mark: 0.35 mm tips at 2.6 mm spacing, with the filing around them
STEP_COS, LEVEL_COS = np.cos(np.radians(50)), np.cos(np.radians(4))  # steps show on slopes, not on walls or flats
WARP_COS = np.cos(np.radians(12))
SHEET_MM = 3.0
SLABS = 24  # heights the inside is counted in
REFINED, REFINE_DEG, AROUND = 6, (5.0, 2.5), 12
APART_DEG = 25.0

COSTS = ("scars", "supports", "steps", "time", "footprint", "pull", "jumps", "islands", "cups", "warp", "drain")
COST_DESCRIPTION = {
    "scars": "marks of tips on what is seen", "supports": "skin that must be held from below",
    "steps": "layer steps on what is seen", "time": "height, which is time", "footprint": "room on the plate",
    "pull": "the largest layer, which pulls most", "jumps": "sudden changes of layer, which leave lines",
    "islands": "places that begin in mid-air", "cups": "hollows that suck on the film",
    "warp": "thin sheets that lie level and curl", "drain": "hollows that keep resin as it hangs",
}  # fmt: skip


@dataclass(frozen=True)
class Weights:
    """How much each of COSTS counts, 0..5."""

    scars: float = 5.0
    supports: float = 3.0
    steps: float = 2.0
    time: float = 2.0
    footprint: float = 0.3
    pull: float = 1.0
    jumps: float = 0.3
    islands: float = 1.0
    cups: float = 1.0
    warp: float = 0.3
    drain: float = 0.3

    @property
    def row(self) -> Floats:
        """In the order of COSTS."""
        return np.array([getattr(self, name) for name in COSTS])


@dataclass(frozen=True, eq=False)
class Search:
    """Directions tried: ``ups`` (n, 3), their ``costs`` (n, 11) in the order of COSTS (areas mm², mm, counts), and their
    ``weighted_cost`` (n,): the weighted mean of each cost as a share of its range, least best.
    """

    ups: Floats
    costs: Floats
    weighted_cost: Floats

    @property
    def best(self) -> int:
        return int(np.argmin(self.weighted_cost))

    @property
    def shares(self) -> Floats:
        """Each cost as a share of its range over all directions, 0..1, (n, 11)."""
        return shares(self.costs)

    def cost(self, name: str) -> Floats:
        return self.costs[:, COSTS.index(name)]

    def nearest(self, up: Floats | tuple[float, float, float]) -> int:
        return int(np.argmax(self.ups @ np.asarray(up)))

    def blended(self, weights: Weights) -> Search:
        """The same directions under other weights: at once, since nothing is measured again."""
        return Search(self.ups, self.costs, weighted_cost(weights, self.costs))


def shares(costs: Floats) -> Floats:
    low = costs.min(axis=0)
    return (costs - low) / np.maximum(costs.max(axis=0) - low, 1e-12)


def weighted_cost(weights: Weights, costs: Floats) -> Floats:
    """Weighted mean of the shares; what is the same in every direction takes no part."""
    told = weights.row * (np.ptp(costs, axis=0) > 1e-9)
    return np.asarray(shares(costs) @ told / max(told.sum(), 1e-9))


def directions(count: int = DIRECTIONS) -> Floats:
    """Evenly spread unit vectors (count, 3): a Fibonacci sphere (Gonzalez 2010, Measurement of areas on a sphere)."""
    i = np.arange(count) + 0.5
    z = 1 - 2 * i / count
    turn = np.pi * (1 + 5**0.5) * i
    r = np.sqrt(1 - z * z)
    return np.stack([r * np.cos(turn), r * np.sin(turn), z], axis=1)


@kernel
def _leaning(normals, ups, skin, found):  # type: ignore[no-untyped-def]
    """Adds up ``face_costs`` direction by direction, each face once."""
    for d in range(len(ups)):
        x, y, z = ups[d]
        scars, held, steps, curls, seen = 0.0, 0.0, 0.0, 0.0, 0.0
        for f in range(len(normals)):
            cosine = normals[f, 0] * x + normals[f, 1] * y + normals[f, 2] * z
            lean = abs(cosine)
            if cosine < STEEP_COS:
                hang = np.sqrt(min((STEEP_COS - cosine) / (STEEP_COS + 1), 1.0))
                scars += skin[f, 0] * hang
                held += skin[f, 1] * hang
            if STEP_COS < lean < LEVEL_COS:
                steps += skin[f, 2] * (lean - STEP_COS) / (LEVEL_COS - STEP_COS)
            if lean > WARP_COS:
                curls += skin[f, 3] * (lean - WARP_COS) / (1 - WARP_COS)
            seen += skin[f, 1] * lean
        found[d] = scars, held, steps, curls, seen / 2


def face_costs(normals: Floats, ups: Floats, marked: Floats, held: Floats, shown: Floats, sheet: Floats) -> Floats:
    """What the lean of faces costs in directions (n, 3), each face by areas of its own, (faces,): float64 (n, 5).

    ``marked`` and ``held`` where it must be held from below: not when steep, wholly when it looks down; ``shown`` as plainly as
    layer steps show: not on walls and flats, most just off level; ``sheet`` as nearly level as it lies; and the shadow of
    ``held``, for a convex part exact (Cauchy 1841), for others an upper bound.
    """
    skin, found = np.stack([marked, held, shown, sheet], axis=1), np.zeros((len(ups), 5))
    _leaning(np.ascontiguousarray(normals, np.float64), np.ascontiguousarray(ups, np.float64), skin, found)
    return found


@dataclass(frozen=True, eq=False)
class Sampled:
    """What of a part the search works on: faces (normals, areas), points inside, coarse corners with their neighbours."""

    normals: Floats
    area: Floats
    scar_cost: Floats
    show: Floats
    sheet: Floats
    hull: Floats
    inside: Floats
    volume_mm3: float
    corners: Floats
    corner_normals: Floats
    start: NDArray[np.int64]
    beside: NDArray[np.int64]


def sampled(mesh: Mesh, fields: Fields) -> Sampled:
    """Samples of a part, the same for the same part."""
    pick = np.linspace(0, len(mesh.faces) - 1, min(SEARCH_FACES, len(mesh.faces))).astype(int)
    area = mesh.areas_mm2[pick] * (mesh.areas_mm2.sum() / max(mesh.areas_mm2[pick].sum(), 1e-12))
    inside, volume = _inside(mesh)
    corners, normals, start, beside = _corners(mesh)
    sheet = area * _sheets(mesh, pick)
    return Sampled(
        mesh.normals[pick], area, area * fields.scar_cost[pick], area * fields.show[pick], sheet, _hull(mesh),
        inside, volume, corners, normals, start, beside,
    )  # fmt: skip


def _hull(mesh: Mesh) -> Floats:
    """Corners of the convex hull: enough for heights; all of them where there is no hull."""
    from scipy.spatial import ConvexHull, QhullError

    try:
        return np.asarray(mesh.vertices[ConvexHull(mesh.vertices).vertices])
    except (QhullError, ValueError):
        return mesh.vertices


def _inside(mesh: Mesh) -> tuple[Floats, float]:
    """Points evenly in the solid (cells of columns, every so many) and its volume."""
    standing = mesh.moved((0, 0, -mesh.bounds_mm[0, 2]))
    cell = max(float(np.linalg.norm(mesh.extents_mm)) / 150, 0.05)
    columns = solid_columns(standing.triangles, cell, cell)
    long = (columns.high - columns.low).astype(np.int64)
    total = int(long.sum())
    if not total:
        return mesh.vertices[:1], 0.0
    take = np.unique(np.linspace(0, total - 1, min(INSIDE_POINTS, total)).astype(np.int64))
    ends = np.cumsum(long)
    run = np.searchsorted(ends, take, side="right")
    z = (columns.low[run] + take - (ends[run] - long[run]) + 0.5) * cell + mesh.bounds_mm[0, 2]
    x, y = columns.grid.centre_mm(columns.x[run].astype(float), columns.rows[run].astype(float))
    # Spread within their cells (R3 sequence, Roberts 2018), or layers along the cells would seem full and empty in turn.
    within = np.mod(np.arange(len(take))[:, None] * np.array([0.8191725134, 0.6710436067, 0.5497004779]), 1) - 0.5
    return np.stack([x, y, z], axis=1) + within * cell, columns.volume_mm3


def _corners(mesh: Mesh) -> tuple[Floats, Floats, NDArray[np.int64], NDArray[np.int64]]:
    """Vertices gathered in cells: places, normals, and which are neighbours (begins, and the neighbours)."""
    cell = max(float(np.linalg.norm(mesh.extents_mm)) / CORNERS, 1e-6)
    _, own = np.unique(cell_ids(mesh.vertices, cell), return_inverse=True)
    own = own.reshape(-1)
    count = int(own.max()) + 1 if len(own) else 0
    many = np.maximum(np.bincount(own, minlength=count), 1)
    places = np.stack([np.bincount(own, mesh.vertices[:, a], count) / many for a in range(3)], axis=1)
    normals: Floats = np.stack([np.bincount(own, mesh.vertex_normals[:, a], count) for a in range(3)], axis=1)
    ends = own[mesh.faces]
    pairs = np.concatenate([ends[:, [0, 1]], ends[:, [1, 2]], ends[:, [2, 0]]])
    pairs = pairs[pairs[:, 0] != pairs[:, 1]]
    pairs = unique_pairs(np.concatenate([pairs, pairs[:, ::-1]]))
    start = np.searchsorted(pairs[:, 0], np.arange(count + 1)).astype(np.int64)
    return places, normals, start, np.ascontiguousarray(pairs[:, 1])


def _sheets(mesh: Mesh, pick: NDArray[np.int64]) -> Floats:
    """Which faces belong to thin sheets, 0 or 1: a few points under the skin at SHEET_MM lie outside again."""
    standing = mesh.bounds_mm[0, 2]
    cell = max(float(np.linalg.norm(mesh.extents_mm)) / 150, 0.05)
    columns = solid_columns(mesh.moved((0, 0, -standing)).triangles, cell, cell)
    centres = mesh.triangles[pick].mean(axis=1) - [0, 0, standing]
    depths = (SHEET_MM / 3, 2 * SHEET_MM / 3, SHEET_MM)
    within = [columns.holds(centres - depth * mesh.normals[pick]) for depth in depths]
    return 1.0 - (within[0] & within[1] & within[2]).astype(float)


@kernel
def _layer_sizes(heights, slabs):  # type: ignore[no-untyped-def]
    """Per direction (a row of heights) the fullest slab and the largest step between neighbours, as shares of all points per
    slab height.
    """
    peak, jump = np.zeros(len(heights)), np.zeros(len(heights))
    counts = np.zeros(slabs + 2)
    for d in range(len(heights)):
        row = heights[d]
        low = row.min()
        size = max(row.max() - low, 1e-9)
        counts[:] = 0
        for height in row:
            counts[1 + min(int((height - low) / size * slabs), slabs - 1)] += 1
        for k in range(1, slabs + 2):
            peak[d] = max(peak[d], counts[k])
            jump[d] = max(jump[d], abs(counts[k] - counts[k - 1]))
        scale = slabs / (size * len(row))
        peak[d] *= scale
        jump[d] *= scale
    return peak, jump


@kernel
def _extremes(heights, facing, start, beside, born, cupped, pooled):  # type: ignore[no-untyped-def]
    """Per direction: corners lower than all neighbours that look down (islands) or up (cups), higher that look down (pools)."""
    for i in range(heights.shape[0]):
        if start[i] == start[i + 1]:
            continue
        for d in range(heights.shape[1]):
            lowest, highest = True, True
            for e in range(start[i], start[i + 1]):
                other = heights[beside[e], d]
                lowest = lowest and other > heights[i, d]
                highest = highest and other < heights[i, d]
                if not (lowest or highest):
                    break
            if lowest and facing[i, d] < 0:
                born[d] += 1
            elif lowest:
                cupped[d] += 1
            elif highest and facing[i, d] < 0:
                pooled[d] += 1


def costs_of(part: Sampled, ups: Floats) -> Floats:
    """The costs of directions (n, 3): float64 (n, 11) in the order of COSTS."""
    scars, held, steps, curls, shadow = face_costs(
        part.normals, ups, part.scar_cost, part.area, part.show, part.sheet
    ).T
    height = np.ptp(part.hull @ ups.T, axis=0)
    peak, jump = _layer_sizes(ups @ part.inside.T, SLABS)
    born, cupped, pooled = np.zeros(len(ups)), np.zeros(len(ups)), np.zeros(len(ups))
    _extremes(part.corners @ ups.T, part.corner_normals @ ups.T, part.start, part.beside, born, cupped, pooled)
    return np.stack([
        scars * SCAR_SHARE, held, steps, height, shadow, peak * part.volume_mm3, jump * part.volume_mm3, born, cupped, curls, pooled,
    ], axis=1)  # fmt: skip


def search(
    mesh: Mesh, fields: Fields, weights: Weights, count: int = DIRECTIONS,
    progress: Progress | None = None, met: Callable[[Search], object] | None = None,
) -> Search:  # fmt: skip
    """Score ``count`` directions, then more round the best. ``met`` is told what is known so far, to be looked at.

    Raises Cancelled when ``progress`` answers False.
    """
    part = sampled(mesh, fields)
    ups, costs = np.zeros((0, 3)), np.zeros((0, len(COSTS)))
    for share, batch in _batches(count):
        if progress is not None and not progress(share):
            raise Cancelled
        ups, costs = np.concatenate([ups, batch]), np.concatenate([costs, costs_of(part, batch)])
        if met is not None:
            met(Search(ups, costs, weighted_cost(weights, costs)))
    for degrees in REFINE_DEG:
        more = _around(ups[apart(ups, weighted_cost(weights, costs), REFINED, APART_DEG)], degrees)
        ups, costs = np.concatenate([ups, more]), np.concatenate([costs, costs_of(part, more)])
    return Search(ups, costs, weighted_cost(weights, costs))


def _batches(count: int) -> Iterator[tuple[float, Floats]]:
    """The sphere evenly in a few goes: each is spread over all of it."""
    every = max(count // BATCH, 1)
    ups = directions(count)
    for first in range(every):
        yield first / every, ups[first::every]


def apart(ups: Floats, cost: Floats, most: int, degrees: float, taken: Floats | None = None) -> list[int]:
    """Indices of the least costs whose directions differ by ``degrees`` from each other and from ``taken`` (k, 3)."""
    near, chosen = np.cos(np.radians(degrees)), []  # type: ignore[var-annotated]
    free = np.ones(len(ups), np.bool_) if taken is None or not len(taken) else ~(ups @ taken.T > near).any(axis=1)
    for k in np.argsort(cost, kind="stable"):
        if len(chosen) < most and free[k]:
            chosen.append(int(k))
            free &= ups @ ups[k] < near
    return chosen


def _around(ups: Floats, degrees: float) -> Floats:
    """A ring of directions round each."""
    turn = np.arange(AROUND) * 2 * np.pi / AROUND
    made = []
    for up in ups:
        side = np.cross(up, np.eye(3)[int(np.argmin(np.abs(up)))])
        side /= np.linalg.norm(side)
        ring = np.outer(np.cos(turn), side) + np.outer(np.sin(turn), np.cross(up, side))
        made.append(np.cos(np.radians(degrees)) * up + np.sin(np.radians(degrees)) * ring)
    return np.concatenate(made) if made else np.zeros((0, 3))
