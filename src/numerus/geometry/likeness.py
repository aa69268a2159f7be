"""Is this mesh that one: turned, mirrored, scaled, cut into other triangles, or hidden among supports?

Shapes are compared by points spread evenly over their surfaces, so that triangles do not matter. Invariants (second
moments of the surface, distances from its centre) sort out most pairs at once; the rest are laid over each other by
their principal axes, and by many turns where the axes are ambiguous, refined by point-to-plane steps (Chen and Medioni
1992, Object modelling by registration of multiple range images), and judged by the distances left between the surfaces.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh

POINTS = 12_000
ASKED = 1_000
COARSE = 250
STEPS = 25
ROUGH_STEPS = 8
TWO_CORES = 4000  # points
SETTLED = 3e-5  # of the size: a step this small ends the search
MEAN_SHARE, FAR_SHARE, MOST_SHARE = 0.004, 0.012, 0.04  # of the diagonal: mean, 99 of 100, and the farthest, still "same"
SPREAD_TOLERANCE, AREA_TOLERANCE, PROFILE_TOLERANCE = 0.025, 0.08, 0.035
BANDS, BAND_POINTS = 8, 4_000
BAND_TOLERANCE = 0.014  # the same shape, turned, mirrored or cut into other triangles, differs by 0.003 at most
NEARLY_EQUAL = 0.06  # principal spreads closer than this leave the turn open
BETTER = 0.6  # a mirrored fit must leave this much less than the plain one
TURNS = 240
REFINED = 4


def even_points(mesh: Mesh, count: int) -> tuple[Floats, Floats]:
    """``count`` points spread evenly over the surface and their normals; the same for the same mesh."""
    points, face = even_places(mesh, count)
    return points, mesh.normals[face]


def even_places(mesh: Mesh, count: int) -> tuple[Floats, NDArray[np.int64]]:
    """``count`` points spread evenly over the surface, float64 (n, 3), and the face each lies on, int64 (n,).

    Faces get points in turn by area; places within a face follow the R2 sequence (Roberts 2018).
    """
    ends = np.cumsum(mesh.areas_mm2)
    face = np.searchsorted(ends, (np.arange(count) + 0.5) / count * ends[-1])
    face = np.minimum(face, len(mesh.faces) - 1)
    uv = np.mod(np.arange(count)[:, None] * np.array([0.7548776662466927, 0.5698402909980532]), 1)
    uv = np.where(uv.sum(axis=1, keepdims=True) > 1, 1 - uv, uv)
    corners = mesh.triangles[face]
    points = corners[:, 0] + uv[:, :1] * (corners[:, 1] - corners[:, 0]) + uv[:, 1:] * (corners[:, 2] - corners[:, 0])
    return points, face


class ShapePrint:
    """What of a mesh is compared: its surface's moments (exact over its triangles) and even points with normals."""

    def __init__(self, mesh: Mesh) -> None:
        self.area_mm2 = float(mesh.areas_mm2.sum())
        corner_sum = mesh.triangles.sum(axis=1)
        self.centre = np.einsum("f,fx->x", mesh.areas_mm2, corner_sum) / (3 * self.area_mm2)
        second = _second_moment(mesh, self.centre) / self.area_mm2
        values, axes = np.linalg.eigh(second)
        self.spread = np.sqrt(np.maximum(values, 0))
        self.axes = axes * np.sign(np.linalg.det(axes))
        self.size_mm = float(np.linalg.norm(self.spread))
        self.diagonal_mm = float(np.linalg.norm(mesh.extents_mm))
        self.points, self.normals = even_points(mesh, POINTS)

    @cached_property
    def tree(self) -> Any:
        from scipy.spatial import cKDTree

        return cKDTree(self.points)

    @cached_property
    def profile(self) -> Floats:
        """Sorted distances of the points from the centre in sizes, float64 (100,)."""
        far = np.linalg.norm(self.points - self.centre, axis=1) / self.size_mm
        return np.asarray(np.quantile(far, np.linspace(0.005, 0.995, 100)))

    @cached_property
    def bands(self) -> Floats:
        """How much of the surface's distance from its centre varies at each fineness, float64 (BANDS,): energies of its
        spherical harmonics, which no turn and no mirror changes (Kazhdan, Funkhouser and Rusinkiewicz 2003, Rotation
        invariant spherical harmonic representation of 3D shape descriptors).
        """
        from scipy.special import sph_harm_y

        x, y, z = (self.points[:: POINTS // BAND_POINTS] - self.centre).T / self.size_mm
        far = np.sqrt(x * x + y * y + z * z)
        down, round_ = np.arccos(np.clip(z / np.maximum(far, 1e-12), -1, 1)), np.arctan2(y, x)
        energies = []
        for degree in range(1, BANDS + 1):
            parts = [abs((far * sph_harm_y(degree, order, down, round_)).mean()) ** 2 for order in range(degree + 1)]
            energies.append((parts[0] + 2 * sum(parts[1:])) * 4 * np.pi / (2 * degree + 1))
        return np.sqrt(energies)

    @property
    def spacing_mm(self) -> float:
        """About how far neighbouring points are apart."""
        return float(np.sqrt(self.area_mm2 / POINTS))

    def nearest(self, points: Floats) -> tuple[Floats, Any]:
        """Distance to, and number of, the nearest sample of each point; on two cores where that pays."""
        near, index = self.tree.query(points, workers=2 if len(points) > TWO_CORES else 1)
        return near, index

    def distances(self, points: Floats) -> tuple[Floats, Any]:
        """From each point to this surface (by the plane at the nearest sample), and that sample."""
        near, index = self.nearest(points)
        across = np.abs(np.einsum("ij,ij->i", points - self.points[index], self.normals[index]))
        lateral = np.sqrt(np.maximum(near**2 - across**2, 0))
        return np.hypot(across, np.maximum(lateral - 1.5 * self.spacing_mm, 0)), index


def _second_moment(mesh: Mesh, centre: Floats) -> Floats:
    """Integral of x xT over the surface about ``centre``, exact: area / 12 (sum of corner squares + square of the sum)."""
    t = mesh.triangles - centre
    s = t.sum(axis=1)
    squares = np.einsum("f,fcx,fcy->xy", mesh.areas_mm2, t, t) + np.einsum("f,fx,fy->xy", mesh.areas_mm2, s, s)
    return np.asarray(squares / 12)


@dataclass(frozen=True, eq=False)
class Fit:
    """``matrix`` (4, 4) lays the first shape over the second; ``scale`` is how much larger it then is; distances in mm."""

    matrix: Floats
    scale: float
    mirrored: bool
    mean_mm: float
    far_mm: float
    most_mm: float

    @property
    def description(self) -> str:
        return f"{self.mean_mm:.2f} mm apart, {self.most_mm:.2f} at most"


def may_be_alike(a: ShapePrint, b: ShapePrint) -> bool:
    """Whether what no turn, mirror or scale changes agrees."""
    if min(a.size_mm, b.size_mm) <= 0:
        return False
    spreads = np.abs(a.spread / a.size_mm - b.spread / b.size_mm).max()
    areas = abs(np.log((a.area_mm2 / a.size_mm**2) / (b.area_mm2 / b.size_mm**2)))
    if spreads > SPREAD_TOLERANCE or areas > AREA_TOLERANCE:
        return False
    if np.abs(a.profile - b.profile).mean() > PROFILE_TOLERANCE:
        return False
    return bool(np.abs(a.bands - b.bands).max() < BAND_TOLERANCE)


def alike(a: ShapePrint, b: ShapePrint) -> Fit | None:
    """How ``a`` lies over ``b`` if they are one shape: turned, else mirrored; None if they are not."""
    if not may_be_alike(a, b):
        return None
    scale = b.size_mm / a.size_mm
    plain = _best(a, b, scale, mirrored=False)
    if _same(plain, b) and plain.mean_mm < MEAN_SHARE * b.diagonal_mm / 8:
        return plain
    mirror = _best(a, b, scale, mirrored=True)
    best = mirror if mirror.mean_mm < BETTER * plain.mean_mm else plain
    return best if _same(best, b) else None


def _same(fit: Fit, b: ShapePrint) -> bool:
    d = b.diagonal_mm
    return fit.mean_mm < MEAN_SHARE * d and fit.far_mm < FAR_SHARE * d and fit.most_mm < MOST_SHARE * d


def _best(a: ShapePrint, b: ShapePrint, scale: float, mirrored: bool) -> Fit:
    starts = _starts(a, b, mirrored)
    asked = (a.points[:: POINTS // COARSE] - a.centre) * scale
    laid = np.concatenate([asked @ r.T for r in starts]) + b.centre
    cost = b.nearest(laid)[0].reshape(len(starts), -1).mean(axis=1)
    likely = [k for k in np.argsort(cost)[:REFINED] if cost[k] <= 2 * min(cost)]
    own = (a.points - a.centre)[:: POINTS // ASKED]
    settled = [_settled(own, b, starts[k] * scale, b.centre, 1.0) for k in likely]
    linear, move = min(settled, key=lambda s: float(b.distances(own @ s[0].T + s[1])[0].mean()))
    return _judged(a, b, linear, move, scale, mirrored)


def _starts(a: ShapePrint, b: ShapePrint, mirrored: bool) -> list[Floats]:
    """Turns (mirrored or not) that bring a's principal axes onto b's; many where two or three spreads are alike."""
    gaps = np.diff(b.spread) / max(b.size_mm, 1e-12)
    flip = -1.0 if mirrored else 1.0
    if (gaps > NEARLY_EQUAL).all():
        signs = [(x, y, x * y * flip) for x in (1, -1) for y in (1, -1)]
        return [b.axes @ np.diag(s) @ a.axes.T for s in signs]
    if (gaps <= NEARLY_EQUAL).all():
        return [t @ np.diag([1.0, 1.0, flip]) for t in _turns()]
    axis = 2 if gaps[0] <= NEARLY_EQUAL else 0
    return [
        b.axes @ spin @ np.diag(np.where(np.arange(3) == axis, s, 1.0)) @ np.diag(other) @ a.axes.T
        for spin in _spins(axis)
        for s, other in _around(axis, flip)
    ]


def _around(axis: int, flip: float) -> list[tuple[float, Floats]]:
    """The axis kept or turned over, with one other sign so that the whole is a rotation (or mirror)."""
    side = np.where(np.arange(3) == (axis + 1) % 3, 1.0, 0.0)
    return [(s, np.where(side > 0, s * flip, 1.0)) for s in (1.0, -1.0)]


def _spins(axis: int) -> list[Floats]:
    from scipy.spatial.transform import Rotation

    unit = np.eye(3)[axis]
    return [Rotation.from_rotvec(unit * t).as_matrix() for t in np.linspace(0, 2 * np.pi, 36, endpoint=False)]


def _turns() -> list[Floats]:
    from scipy.spatial.transform import Rotation

    return list(Rotation.random(TURNS, random_state=7).as_matrix())


def _judged(a: ShapePrint, b: ShapePrint, linear: Floats, move: Floats, scale: float, mirrored: bool) -> Fit:
    """How far all points of both surfaces are from the other one."""
    there = b.distances((a.points - a.centre) @ linear.T + move)[0]
    back = a.distances((b.points - move) @ np.linalg.inv(linear).T + a.centre)[0] * scale
    both = np.concatenate([there, back])
    matrix = np.eye(4)
    matrix[:3, :3], matrix[:3, 3] = linear, move - linear @ a.centre
    return Fit(
        matrix, scale, mirrored, float(both.mean()), float(np.quantile(both, 0.99)), float(np.quantile(both, 0.9995))
    )


def _settled(
    points: Floats, b: ShapePrint, linear: Floats, move: Floats, keep: float, steps: int = STEPS
) -> tuple[Floats, Floats]:
    """Point-to-plane steps that lay ``points`` onto b; only the nearest ``keep`` share of them counts."""
    from scipy.spatial.transform import Rotation

    for _ in range(steps):
        laid = points @ linear.T + move
        near, index = b.nearest(laid)
        used = near <= np.quantile(near, keep)
        p, q, n = laid[used], b.points[index[used]], b.normals[index[used]]
        centre = p.mean(axis=0)
        rows = np.hstack([np.cross(p - centre, n), n])
        step, *_ = np.linalg.lstsq(rows, np.einsum("ij,ij->i", q - p, n), rcond=1e-6)
        spin = Rotation.from_rotvec(step[:3]).as_matrix()
        linear, move = spin @ linear, spin @ (move - centre) + centre + step[3:]
        if np.abs(step).max() < SETTLED * b.size_mm:
            break
    return linear, move


@dataclass(frozen=True, eq=False)
class Within:
    """How much of a plain shape lies on the surface of another that holds more, how far the rest is, in mm, and the turn (4, 4) that
    lays it there.
    """

    share: float
    mean_mm: float
    matrix: Floats


@dataclass(frozen=True, eq=False)
class Core:
    """The thick inner part of a shape: centre, principal axes (as rows) and spread along them, in mm."""

    centre: Floats
    axes: Floats
    spread: Floats

    def unlike(self, other: Core) -> float:
        """How different the spreads are: 0 for equal ones."""
        return float(np.abs(self.spread - other.spread).max() / max(np.linalg.norm(other.spread), 1e-9))


def within(plain: ShapePrint, core: Core, whole: ShapePrint, whole_core: Core, tolerance_mm: float) -> Within:
    """Whether ``plain`` is contained in ``whole`` as its surface, however turned.

    A shape and the same shape with supports have their cores in common, so the search begins there: along the axes, and
    in many other turns; the most promising are settled roughly, the best of those finely.
    """
    starts = [whole_core.axes.T @ np.diag(s) @ core.axes for s in ((1, 1, 1), (1, -1, -1), (-1, 1, -1), (-1, -1, 1))]
    starts = [s * np.sign(np.linalg.det(s)) for s in starts] + _turns()
    own = plain.points - core.centre
    few = own[:: POINTS // (COARSE // 2)]
    laid = np.concatenate([few @ r.T for r in starts]) + whole_core.centre
    cost = np.minimum(whole.nearest(laid)[0], 2).reshape(len(starts), -1).mean(axis=1)
    rough = []
    for k in np.argsort(cost)[: 2 * REFINED]:
        linear, move = _settled(own[:: POINTS // COARSE], whole, starts[k], whole_core.centre, 0.85, ROUGH_STEPS)
        near = whole.nearest(own[:: POINTS // COARSE] @ linear.T + move)[0]
        rough.append((float(np.quantile(near, 0.8)), linear, move))
    best = Within(0.0, np.inf, np.eye(4))
    for _, linear, move in sorted(rough, key=lambda r: r[0])[:2]:
        linear, move = _settled(own[:: POINTS // ASKED], whole, linear, move, 0.85)
        near = whole.distances(own[:: POINTS // 3000] @ linear.T + move)[0]
        matrix = np.eye(4)
        matrix[:3, :3], matrix[:3, 3] = linear, move - linear @ core.centre
        best = max(best, Within(float((near < tolerance_mm).mean()), float(near.mean()), matrix), key=lambda w: w.share)
    return best
