"""Round holes of a part, for magnets and pins: found by their walls, bored to another size.

Wherever two places of a wall look toward one line from the same distance, a cylinder is guessed; it is a hole where places of the skin
lie on it nearly all the way round (the vote of random samples: Fischler and Bolles 1981).
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.cutting import SIDES, Plane, attributes_from, from_plane, mesh_of, solid_of
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, normalised, turning_up, xyz

LEAST_MM, MOST_MM = 0.35, 4.0  # radii of what is bored for wires and magnets
POINTS, GUESSES, NEIGHBOURS = 40_000, 6_000, 24
OFF_MM, FACING = 0.06, 0.96
SECTORS, ROUND = 16, 14  # directions round the axis, and in how many of them there must be wall
LEAST_POINTS, SAME_MM = 24, 0.3
DEEP_MM, ACROSS = 5.0, 0.6  # how far along it the wall is followed; within this share of the radius skin is a bottom
SLANT = 0.15  # sine of the least angle between two walls that tell an axis


@dataclass(frozen=True)
class RoundHole:
    """``mouth``: the middle of its opening; ``inward``: unit, into the part."""

    mouth: tuple[float, float, float]
    inward: tuple[float, float, float]
    across_mm: float
    deep_mm: float


def round_holes(mesh: Mesh) -> list[RoundHole]:
    """The widest first; each once."""
    from scipy.spatial import cKDTree

    count = int(min(POINTS, max(4000, mesh.areas_mm2.sum() * 30)))
    points, normals = even_points(mesh, count)
    tree, found = cKDTree(points), list[RoundHole]()
    for middle, axis, radius in _guesses(points, normals, tree):
        if all(_apart(h, middle, axis) for h in found):
            hole = _hole(points, normals, tree, middle, axis, radius)
            if hole is not None and all(_apart(h, np.asarray(hole.mouth), np.asarray(hole.inward)) for h in found):
                found.append(hole)
    return sorted(found, key=lambda h: -h.across_mm)


def _guesses(points: Floats, normals: Floats, tree: Any) -> list[tuple[Floats, Floats, float]]:
    """Axes by pairs of neighbouring places whose normals meet ahead of them at the same distance: (place on it, direction, radius)."""
    dice = np.random.default_rng(5)
    first = dice.choice(len(points), min(GUESSES, len(points)), replace=False)
    near = tree.query(points[first], NEIGHBOURS)[1]
    second = near[np.arange(len(first)), dice.integers(NEIGHBOURS // 2, NEIGHBOURS, len(first))]
    p, q, n, m = points[first], points[second], normals[first], normals[second]
    axis = np.cross(n, m)
    slant = np.linalg.norm(axis, axis=1)
    axis = normalised(axis)
    gap = q - p
    gap = gap - (gap * axis).sum(axis=1)[:, None] * axis
    ahead = n + m
    radius = (gap * (n - m)).sum(axis=1) / np.maximum(((n - m) ** 2).sum(axis=1), 1e-9)
    level = np.abs((gap * ahead).sum(axis=1)) < 0.15 * np.maximum(np.abs(radius), 1e-9)
    good = (slant > SLANT) & (radius > LEAST_MM) & (radius < MOST_MM) & level
    return [(p[k] + radius[k] * n[k], axis[k], float(radius[k])) for k in np.flatnonzero(good)]


def _apart(hole: RoundHole, middle: Floats, axis: Floats) -> bool:
    away = middle - np.asarray(hole.mouth)
    inward = np.asarray(hole.inward)
    aside = np.linalg.norm(away - (away @ inward) * inward)
    along = away @ inward
    return bool(
        aside > max(SAME_MM, hole.across_mm / 2) or not -1 < along < hole.deep_mm + 1 or abs(axis @ inward) < 0.8
    )


def _hole(points: Floats, normals: Floats, tree: Any, middle: Floats, axis: Floats, radius: float) -> RoundHole | None:
    """A guess held against the skin about it, fitted again to what lies on it; None where it is not walled all round."""
    about = np.array(tree.query_ball_point(middle, 2.5 * radius + DEEP_MM), int)
    if len(about) < LEAST_POINTS:
        return None
    for _ in range(2):
        own = about[_on(points[about], normals[about], middle, axis, radius)]
        if len(own) < LEAST_POINTS:
            return None
        axis = _least_spread(normals[own], axis)
        middle, radius = _circle(points[own], middle, axis)
    own = about[_on(points[about], normals[about], middle, axis, radius)]
    if len(own) < LEAST_POINTS or not _walled(points[own], middle, axis):
        return None
    along = (points[own] - middle) @ axis
    low, high = (float(np.quantile(along, q)) for q in (0.01, 0.99))
    inward, start = (axis, low) if not _closed_at(points[about], middle, axis, radius, low) else (-axis, high)
    return RoundHole(xyz(middle + start * axis), xyz(inward), 2 * radius, high - low)


def _on(points: Floats, normals: Floats, middle: Floats, axis: Floats, radius: float) -> Floats:
    """Places that lie on the cylinder and look toward its axis, bool (n,)."""
    away = points - middle
    out = away - (away @ axis)[:, None] * axis
    far = np.linalg.norm(out, axis=1)
    toward = -(out * normals).sum(axis=1) / np.maximum(far, 1e-9)
    return np.asarray((np.abs(far - radius) < OFF_MM) & (toward > FACING))


def _least_spread(normals: Floats, axis: Floats) -> Floats:
    """The direction the wall's normals have least of."""
    least = np.linalg.eigh(normals.T @ normals)[1][:, 0]
    return np.asarray(least if least @ axis > 0 else -least)


def _circle(points: Floats, middle: Floats, axis: Floats) -> tuple[Floats, float]:
    """Middle and radius of the circle through places as seen along the axis, by least squares (Kåsa 1976)."""
    u, v, _ = turning_up(axis)
    away = points - middle
    x, y = away @ u, away @ v
    a, b, c = np.linalg.lstsq(np.stack([2 * x, 2 * y, np.ones(len(x))], axis=1), x * x + y * y, rcond=None)[0]
    return middle + a * u + b * v, float(np.sqrt(max(c + a * a + b * b, 1e-12)))


def _walled(points: Floats, middle: Floats, axis: Floats) -> bool:
    u, v, _ = turning_up(axis)
    away = points - middle
    turn = np.arctan2(away @ v, away @ u)
    return len(np.unique(((turn + np.pi) / (2 * np.pi) * SECTORS).astype(int) % SECTORS)) >= ROUND


def _closed_at(points: Floats, middle: Floats, axis: Floats, radius: float, end: float) -> bool:
    """Whether skin lies across the axis at that end: the bottom, and not the mouth."""
    away = points - middle
    along = away @ axis
    aside = np.linalg.norm(away - along[:, None] * axis, axis=1)
    return bool(((aside < ACROSS * radius) & (np.abs(along - end) < max(SAME_MM, radius / 2))).any())


def bored(mesh: Mesh, hole: RoundHole, across_mm: float) -> Mesh:
    """The hole at another width, as deep as it was: filled and bored anew. Raises GeometryError where the part is no solid, or for a width
    that is none.
    """
    from manifold3d import Manifold

    if not 0.2 <= across_mm <= 2 * MOST_MM + 4:
        raise GeometryError("no-width", f"{across_mm:g} mm is no width of a hole.", "Take 0.2 to 12 mm.")
    place = from_plane(Plane(hole.mouth, hole.inward))

    def post(radius: float, low: float, high: float) -> Any:
        return Manifold.cylinder(high - low, radius, radius, 2 * SIDES).translate((0, 0, low)).transform(place)

    filled = solid_of(mesh) + post(hole.across_mm / 2 + OFF_MM, 0.0, hole.deep_mm + OFF_MM)
    made = filled - post(across_mm / 2, -max(1.0, hole.across_mm), hole.deep_mm)
    return attributes_from(mesh_of(made), mesh)
