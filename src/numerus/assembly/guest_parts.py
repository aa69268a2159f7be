"""A part of another kit on a figure: put by its joint, turned about it, and what that leaves open and cuts.

Kits come in places of their own, or centred part by part. A part is brought by one of its joints to a place on the figure: where the
kits tell them, else by the flat faces of its hull, which a sculptor's cut leaves.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.domain.parts import Part, Relation
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, merged, xyz
from numerus.geometry.solids.columns import Columns, solid_columns

Point = tuple[float, float, float]
SKIN_POINTS, CELL_MM, INSIDE_MOST, MOST_ACROSS = 6000, 0.25, 20_000, 800
JOINT_MM = 2.5  # (default) round its joint a part's skin is held against the figure's
SNAP_MM, SNAP_STEP_MM = 3.0, 0.1
CUT_COUNTS = 0.5  # mm of gap a mm³ cut is worth when a part is snapped
SAME_WAY, SAME_PLANE_MM = 0.02, 0.1  # faces of a hull that are one


@dataclass(frozen=True)
class Stance:
    """How a part is put: its joint (in its own mm) to a place of the figure, scaled and mirrored (left for right) there, turned about x,
    then y, then z through it.
    """

    joint_mm: Point
    place_mm: Point
    turn_deg: Point = (0.0, 0.0, 0.0)
    scale: float = 1.0
    mirrored: bool = False

    @property
    def matrix(self) -> Floats:
        """4x4 from the part's own coordinates to the figure's."""
        linear = np.diag([-1.0 if self.mirrored else 1.0, 1.0, 1.0]) * self.scale
        for axis, degrees in enumerate(self.turn_deg):
            linear = _about(axis, degrees) @ linear
        made = np.eye(4)
        made[:3, :3] = linear
        made[:3, 3] = np.asarray(self.place_mm) - linear @ np.asarray(self.joint_mm)
        return made

    def placed(self, mesh: Mesh) -> Mesh:
        return mesh.transformed(self.matrix)

    def turned(self, axis: int, degrees: float) -> Stance:
        """Turned otherwise about one axis."""
        x, y, z = (degrees if n == axis else d for n, d in enumerate(self.turn_deg))
        return replace(self, turn_deg=(x, y, z))


def _about(axis: int, degrees: float) -> Floats:
    angle, (a, b) = np.radians(degrees), [(1, 2), (2, 0), (0, 1)][axis]
    turn = np.eye(3)
    turn[a, a] = turn[b, b] = np.cos(angle)
    turn[a, b], turn[b, a] = -np.sin(angle), np.sin(angle)
    return turn


@dataclass(frozen=True)
class Seat:
    """What a stance leaves: half of the joint's skin is no farther than ``gap_mm`` from the figure; ``cut_mm3`` of the part is inside it."""

    gap_mm: float
    cut_mm3: float


class Fitting:
    """A part held against the figure without it: asked again and again while it is turned."""

    def __init__(self, part: Mesh, figure: Sequence[Mesh]) -> None:
        from scipy.spatial import cKDTree

        whole = merged(list(figure))
        self._floor = float(whole.bounds_mm[0, 2])
        cell = _cell_mm(whole)
        self._figure: Columns = solid_columns(whole.moved((0, 0, -self._floor)).triangles, cell, cell)
        self._skin = cKDTree(even_points(whole, 4 * SKIN_POINTS)[0])
        self._own_skin = even_points(part, SKIN_POINTS)[0]
        self._inside, self._each_mm3 = _inside_of(part)

    def seat(self, stance: Stance) -> Seat:
        cut = self._held(_moved(self._inside, stance)).sum() * self._each_mm3 * stance.scale**3
        near = np.linalg.norm(self._own_skin - np.asarray(stance.joint_mm), axis=1) * stance.scale < JOINT_MM
        if not near.any():
            return Seat(float("inf"), float(cut))
        skin = _moved(self._own_skin[near], stance)
        far = np.where(self._held(skin), 0.0, self._skin.query(skin)[0])
        return Seat(float(np.median(far)), float(cut))

    def swing(self, stance: Stance, axis: int, degrees: Iterable[float]) -> list[Seat]:
        """Turned about one axis through its joint, everything else as it is."""
        return [self.seat(stance.turned(axis, d)) for d in degrees]

    def snapped(self, stance: Stance) -> Stance:
        """Pushed along the way from its middle to its joint until it touches without cutting, as far as that goes."""
        middle = _moved(self._inside.mean(axis=0)[None], stance)[0]
        way = np.asarray(stance.place_mm) - middle
        way /= max(float(np.linalg.norm(way)), 1e-9)
        steps = np.arange(-SNAP_MM, SNAP_MM + SNAP_STEP_MM / 2, SNAP_STEP_MM)
        tried = [replace(stance, place_mm=xyz(np.asarray(stance.place_mm) + s * way)) for s in steps]
        seats = [self.seat(t) for t in tried]
        costs = [s.gap_mm + CUT_COUNTS * s.cut_mm3 + 1e-3 * abs(d) for s, d in zip(seats, steps, strict=True)]
        return tried[int(np.argmin(costs))]

    def _held(self, points: Floats) -> NDArray[np.bool_]:
        return self._figure.holds(points - [0.0, 0.0, self._floor])


def _cell_mm(mesh: Mesh) -> float:
    """Fine, but of a part of metres no more cells than of a figure."""
    return max(CELL_MM, float(mesh.extents_mm.max()) / MOST_ACROSS)


def _moved(points: Floats, stance: Stance) -> Floats:
    return np.asarray(points @ stance.matrix[:3, :3].T + stance.matrix[:3, 3])


def _inside_of(mesh: Mesh) -> tuple[Floats, float]:
    """Points evenly in a solid (n, 3), and how many mm³ each stands for."""
    floor = float(mesh.bounds_mm[0, 2])
    cell = _cell_mm(mesh)
    columns = solid_columns(mesh.moved((0, 0, -floor)).triangles, cell, cell)
    runs = (columns.high - columns.low).astype(int)
    if not runs.sum():
        return mesh.vertices[:1], 0.0
    own = np.repeat(np.arange(len(runs)), runs)
    layer = columns.low[own] + np.arange(len(own)) - np.repeat(np.cumsum(runs) - runs, runs)
    x, y = columns.grid.centre_mm(columns.x[own].astype(float), columns.rows[own].astype(float))
    points: Floats = np.stack([x, y, (layer + 0.5) * cell + floor], axis=1)
    thinned = points[:: max(len(points) // INSIDE_MOST, 1)]
    return thinned, cell**3 * len(points) / len(thinned)


def told_joints(part: Part, relations: Iterable[Relation], beside: Iterable[str] | None = None) -> list[Point]:
    """Where a kit says that a part is joined on, as large as it is now; to parts ``beside`` first where some are named."""
    near = set(beside or ())
    own = [
        r for r in relations if r.kind == "joint" and r.place_mm is not None and part.id in r.parts and not r.overruled
    ]
    places = [r.place_mm for r in sorted(own, key=lambda r: not near & set(r.parts)) if r.place_mm is not None]
    return [(x * part.scale, y * part.scale, z * part.scale) for x, y, z in places]


def flat_faces(mesh: Mesh, most: int = 6) -> list[Point]:
    """Middles of the largest flat faces of a part's hull: where it may have been cut from its neighbour."""
    from scipy.spatial import ConvexHull, QhullError

    try:
        hull = ConvexHull(mesh.vertices)
    except (QhullError, ValueError):
        return [xyz(mesh.bounds_mm.mean(axis=0))]
    corners = mesh.vertices[hull.simplices]
    areas = np.linalg.norm(np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]), axis=1) / 2
    steps = np.array([SAME_WAY, SAME_WAY, SAME_WAY, SAME_PLANE_MM])
    _, own = np.unique(np.round(hull.equations / steps).astype(int), axis=0, return_inverse=True)
    sums = np.bincount(own.reshape(-1), areas)
    middles = [
        np.bincount(own.reshape(-1), areas * corners.mean(axis=1)[:, a]) / np.maximum(sums, 1e-12) for a in range(3)
    ]
    largest = np.argsort(-sums)[:most]
    return [xyz(np.array([m[k] for m in middles])) for k in largest]
