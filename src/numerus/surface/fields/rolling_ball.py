"""Where a ball rolled over a surface cannot come: recess from outside, ridge from within, both worked out on the mesh itself and not on voxels.

A place's recess is its distance from the nearest place that any free ball of radius r covers, over r: 0 where the ball touches,
√2 − 1 in a right-angled corner, 1 from one radius beyond on.
"""

from __future__ import annotations

import os
from collections.abc import Callable, Iterator
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.fields.in_threads import Done, in_threads
from numerus.surface.fields.rolling_ball_kernels import by_cells, nearest_ball, stand_free

TOUCHES = 0.98  # of its radius a ball along the normal is free: facets stand a little in
MOST_CELLS = 4_000_000  # more take longer to lay out than they save
NEIGHBOURS = 12
STEPS = 7
PIECES = 8  # for each thread: one can stop after any of them
CELLS_A_RADIUS = 3.0
SPACING, MOST_POINTS = 0.33, 4_000_000
FAR, FAR_OUT = 3.2, 2.6  # radii beyond which no free ball is looked for, and from which none comes near enough


@dataclass(frozen=True, eq=False)
class SurfaceGrid:
    """Points of a surface, close beside the ball, in the order of small cells: an empty ball meets few of them."""

    points: Floats
    low: Floats
    cell: float
    shape: NDArray[np.int64]
    starts: NDArray[np.int64]

    @property
    def args(self) -> tuple[object, ...]:
        return self.points, self.low, self.cell, self.shape, self.starts


def surface_grid(mesh: Mesh, radius_mm: float) -> SurfaceGrid:
    """Points of a mesh no further apart than a third of the ball's radius: a ball then stands in by s²/8r, about a
    seventieth of it.
    """
    points = close_points(mesh, SPACING * radius_mm)
    low, high = points.min(axis=0) - 1e-6, points.max(axis=0) + 1e-6
    cell = radius_mm / CELLS_A_RADIUS
    while np.prod(np.ceil((high - low) / cell)) > MOST_CELLS:
        cell *= 1.5
    shape = np.maximum(np.ceil((high - low) / cell), 1).astype(np.int64)
    starts, ordered = by_cells(np.ascontiguousarray(points), low, cell, shape)
    return SurfaceGrid(ordered, low, cell, shape, starts)


def close_points(mesh: Mesh, apart_mm: float) -> Floats:
    """Vertices, places along edges and, in larger faces, a lattice, no further apart than said, each once: float64 (k, 3)."""
    sides = np.linalg.norm(mesh.triangles - mesh.triangles[:, [1, 2, 0]], axis=2)
    longest = sides.max(axis=1)
    while np.sum(np.ceil(longest / apart_mm) ** 2) / 2 > MOST_POINTS:
        apart_mm *= 1.3
    long_edges = mesh.faces[:, [[0, 1], [1, 2], [2, 0]]][sides > apart_mm].astype(np.int64)
    ids = np.unique(np.sort(long_edges, axis=1) @ [len(mesh.vertices), 1])
    edges = np.stack(np.divmod(ids, len(mesh.vertices)), axis=1)
    lengths = np.linalg.norm(mesh.vertices[edges[:, 0]] - mesh.vertices[edges[:, 1]], axis=1)
    used = np.zeros(len(mesh.vertices), np.bool_)
    used[mesh.faces] = True
    points = [mesh.vertices[used]]
    points += [_within_edges(mesh.vertices[e], n) for e, n in _by_steps(edges, lengths / apart_mm)]
    points += [_within_faces(mesh.vertices[f], n) for f, n in _by_steps(mesh.faces, longest / apart_mm) if n > 2]
    return np.concatenate(points)


def _by_steps(cells: NDArray[np.integer], lengths: Floats) -> Iterator[tuple[NDArray[np.integer], int]]:
    """Edges or faces by how many steps their length takes."""
    steps = np.maximum(np.ceil(lengths), 1).astype(np.int64)
    return ((cells[steps == n], int(n)) for n in np.unique(steps))


def _within_edges(ends: Floats, steps: int) -> Floats:
    """Places between the ends (m, 2, 3) of edges, so many steps apart, float64 (m × (steps − 1), 3)."""
    share = (np.arange(1, steps) / steps)[None, :, None]
    return (ends[:, :1] * (1 - share) + ends[:, 1:] * share).reshape(-1, 3)


def _within_faces(corners: Floats, steps: int) -> Floats:
    """A lattice within triangles (m, 3, 3), none of it on their edges, float64 (m × k, 3)."""
    i, j = np.meshgrid(np.arange(1, steps), np.arange(1, steps), indexing="ij")
    shares = np.stack([i, j, steps - i - j], axis=-1)[i + j < steps] / steps
    return np.einsum("lc,mcx->mlx", shares, corners).reshape(-1, 3)


def recess(
    points: Floats, toward: Floats, grid: SurfaceGrid, radius_mm: float, judged: NDArray[np.bool_],
    done: Done = lambda share: None,
) -> Floats:  # fmt: skip
    """How far each point (n, 3) is out of reach of a ball on the side its unit normal ``toward`` (n, 3) shows, 0..1: float64.

    ``judged``: points that are surface at all; the others get 1. ``done`` is told how far it is, and may stop it by raising.
    """
    from scipy.spatial import cKDTree

    deep = np.ones(len(points))
    own = np.flatnonzero(judged)
    centres = points[own] + radius_mm * toward[own]
    stands = _by_pieces(lambda c: stand_free(c, TOUCHES * radius_mm, *grid.args), centres, lambda s: done(s / 2))
    free = stands.astype(np.bool_)
    deep[own[free]] = 0.0
    left = own[~free]
    if not len(left) or not free.any():
        return deep
    tree = cKDTree(centres[free])
    far, index = tree.query(
        points[left], k=min(NEIGHBOURS, int(free.sum())), distance_upper_bound=FAR * radius_mm, workers=2
    )
    far, index = far.reshape(len(left), -1), index.reshape(len(left), -1)
    begin = centres[free][np.minimum(index, free.sum() - 1)]
    ahead = np.einsum("nkc,nc->nk", begin - points[left][:, None], toward[left])
    usable = np.isfinite(far) & (ahead > -0.1 * far)
    first = usable.argmax(axis=1)
    some = usable.any(axis=1) & (far[:, 0] < FAR_OUT * radius_mm)
    start = begin[np.arange(len(left)), first][some]
    at = left[some]
    near = _by_pieces(
        lambda both: nearest_ball(
            np.ascontiguousarray(both[:, :3]), np.ascontiguousarray(both[:, 3:6]), np.ascontiguousarray(both[:, 6:]),
            radius_mm, STEPS, *grid.args,
        ),
        np.concatenate([points[at], toward[at], start], axis=1), lambda s: done(0.5 + s / 2),
    )  # fmt: skip
    deep[at] = np.clip(near / radius_mm - 1, 0, 1)
    return deep


def _by_pieces(act: Callable[[Floats], Floats], rows: Floats, done: Done) -> Floats:
    """Kernels give the interpreter's lock back; rows are independent."""
    workers = os.cpu_count() or 1
    pieces, told = [p for p in np.array_split(rows, PIECES * workers) if len(p)], []
    with in_threads(act, pieces, workers) as found:
        for piece in found:
            told.append(piece)
            done(len(told) / len(pieces))
    return np.concatenate(told) if told else np.zeros(0)
