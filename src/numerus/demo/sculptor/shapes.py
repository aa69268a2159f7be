"""Signed-distance shapes: each is a function from points (n, 3) to distances in mm, negative inside.

Distances are exact for capsules, boxes and tori and close near the surface for the rest (lathes, ellipsoids), which is
all that marching cubes needs.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np

from numerus.geometry.mesh import Floats

Field = Callable[[Floats], Floats]
Point = tuple[float, float, float]


@dataclass(frozen=True)
class Shape:
    """A field with the painted material it is made of and a box outside which it need not be asked."""

    field: Field
    zone: str
    low: Floats
    high: Floats


def _shape(field: Field, zone: str, low: Floats, high: Floats) -> Shape:
    return Shape(field, zone, np.asarray(low, float), np.asarray(high, float))


def capsule(a: Point, b: Point, ra: float, rb: float, zone: str) -> Shape:
    """A rounded bar from ``a`` to ``b`` whose radius runs from ``ra`` to ``rb``."""
    pa, pb = np.asarray(a, float), np.asarray(b, float)
    axis = pb - pa
    length2 = max(float(axis @ axis), 1e-12)

    def field(p: Floats) -> Floats:
        t = np.clip((p - pa) @ axis / length2, 0, 1)
        return np.linalg.norm(p - pa - t[:, None] * axis, axis=1) - (ra + (rb - ra) * t)

    r = max(ra, rb)
    return _shape(field, zone, np.minimum(pa, pb) - r, np.maximum(pa, pb) + r)


def ellipsoid(centre: Point, radii: Point, zone: str, turn: Floats | None = None) -> Shape:
    c, r = np.asarray(centre, float), np.asarray(radii, float)

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        k0 = np.linalg.norm(q / r, axis=1)
        k1 = np.linalg.norm(q / (r * r), axis=1)
        return np.where(k1 < 1e-9, -r.min(), k0 * (k0 - 1) / np.maximum(k1, 1e-9))

    reach = r.max() if turn is not None else r
    return _shape(field, zone, c - reach, c + reach)


def box(centre: Point, half: Point, rounding: float, zone: str, turn: Floats | None = None) -> Shape:
    """A box of half sizes ``half`` with rounded edges, turned by the rotation ``turn``."""
    c, h = np.asarray(centre, float), np.asarray(half, float)

    def field(p: Floats) -> Floats:
        q = np.abs((p - c) if turn is None else (p - c) @ turn) - (h - rounding)
        return np.linalg.norm(np.maximum(q, 0), axis=1) + np.minimum(q.max(axis=1), 0) - rounding

    reach = np.full(3, np.linalg.norm(h)) if turn is not None else h
    return _shape(field, zone, c - reach, c + reach)


def ring(centre: Point, radii: tuple[float, float], tube: float, zone: str, turn: Floats | None = None) -> Shape:
    """A torus about the (turned) vertical, elliptic in plan."""
    c = np.asarray(centre, float)
    scale = np.array([radii[0], radii[1]])

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        plan = np.linalg.norm(q[:, :2] / scale, axis=1)
        return np.hypot((plan - 1) * scale.mean(), q[:, 2]) - tube

    reach = np.full(3, max(radii) + tube)
    return _shape(field, zone, c - reach, c + reach)


def lathe(
    centre: Point,
    profile: list[tuple[float, float]],
    zone: str,
    squash: float = 1.0,
    folds: tuple[int, float, float] = (0, 0.0, 0.0),
    turn: Floats | None = None,
) -> Shape:
    """A solid turned about the vertical: ``profile`` is (height, radius) upward from ``centre``.

    ``squash``: depth over width of its ellipse. ``folds``: (number, depth, phase) of cloth folds, deepest at the hem.
    """
    c = np.asarray(centre, float)
    z, r = np.array(profile, float).T
    slope = np.gradient(r, z) if len(z) > 1 else np.zeros(1)

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        around = np.arctan2(q[:, 1] / squash, q[:, 0])
        radius = np.interp(q[:, 2], z, r)
        hem = np.clip((z[-1] - q[:, 2]) / (z[-1] - z[0]), 0, 1)
        radius = radius * (1 + folds[1] * hem * np.sin(folds[0] * around + folds[2] + np.sin(2 * around)))
        wall = (np.hypot(q[:, 0], q[:, 1] / squash) - radius) * min(1.0, squash)
        wall = wall / np.sqrt(1 + np.interp(q[:, 2], z, slope) ** 2)
        return np.maximum(wall, np.abs(q[:, 2] - (z[0] + z[-1]) / 2) - (z[-1] - z[0]) / 2)

    top = r.max() * (1 + abs(folds[1]))
    low, high = np.array([-top, -top, z[0]]), np.array([top, top, z[-1]])
    if turn is not None:
        reach = np.full(3, np.hypot(top, np.abs(z).max()))
        low, high = -reach, reach
    return _shape(field, zone, c + low, c + high)


def path(points: list[Point], radius: tuple[float, float], zone: str) -> list[Shape]:
    """A chain of capsules along a curve, tapering from the first radius to the second."""
    radii = np.linspace(radius[0], radius[1], len(points))
    return [capsule(points[i], points[i + 1], radii[i], radii[i + 1], zone) for i in range(len(points) - 1)]


def displaced(shape: Shape, pattern: Field, depth: float) -> Shape:
    """The surface pushed outward by ``depth`` times ``pattern`` (-1..1): planks, shingles, cobbles, weave."""
    reach = abs(depth)
    return _shape(lambda p: shape.field(p) - depth * pattern(p), shape.zone, shape.low - reach, shape.high + reach)


def cut(shape: Shape, *tools: Shape) -> Shape:
    """The shape without what the tools cover."""

    def field(p: Floats) -> Floats:
        return np.maximum.reduce([shape.field(p), *(-tool.field(p) for tool in tools)])

    return _shape(field, shape.zone, shape.low, shape.high)


def mirrored(shapes: list[Shape]) -> list[Shape]:
    """The same shapes on the other side of x = 0."""
    flip = np.array([-1.0, 1, 1])

    def one(s: Shape) -> Shape:
        low, high = s.low * flip, s.high * flip
        return _shape(lambda p: s.field(p * flip), s.zone, np.minimum(low, high), np.maximum(low, high))

    return [one(s) for s in shapes]


def turned(about_x_deg: float = 0, about_y_deg: float = 0, about_z_deg: float = 0) -> Floats:
    """A rotation for the ``turn`` of shapes: points are brought into the shape's own frame by p @ turn."""
    from scipy.spatial.transform import Rotation

    return np.asarray(Rotation.from_euler("xyz", [about_x_deg, about_y_deg, about_z_deg], degrees=True).as_matrix())
