"""Cloth that hangs: coat skirts that follow the stance, mantles and short capes, with folds."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.demo.sculptor.modelling.shapes import Point, Shape
from numerus.geometry.mesh import Floats


@dataclass(frozen=True)
class Hang:
    """Cloth from ``top_z`` down to ``hem_z``: half widths (x, y) at both, the hem moved by ``shift``.

    ``folds``: (number round, depth as a share of the radius at the hem, phase). ``front``: direction in degrees of the
    opening, -90 is to the front; ``open_deg``: half its angle at the hem. ``wall``: thickness; ``closed_z``: above it
    the cloth is filled.
    """

    top_z: float
    hem_z: float
    top: tuple[float, float]
    hem: tuple[float, float]
    shift: tuple[float, float] = (0.0, 0.0)
    folds: tuple[int, float, float] = (9, 0.07, 0.0)
    front: float = -90.0
    open_deg: float = 0.0
    wall: float = 0.8
    closed_z: float = 99.0
    scallops: float = 0.25
    centre: tuple[float, float] = (0.0, 0.2)
    belly: float = 0.85  # below 1 the cloth falls steeply first and flares later


def hanging(cloth: Hang, zone: str = "coat") -> Shape:
    """The cloth as a shape; its inside is hollow below ``closed_z``."""
    span = cloth.top_z - cloth.hem_z
    (n, depth, phase), (tx, ty), (hx, hy) = cloth.folds, cloth.top, cloth.hem
    slope = np.hypot(hx - tx, span) / span

    def fold(turn: Floats, t: Floats) -> Floats:
        wave = np.sin(n * turn + phase + 0.7 * np.sin(2 * turn)) + 0.45 * np.sin((n + 4) * turn - 2 * phase)
        return 1 + depth * np.clip(t, 0, 1) ** 1.1 * (wave - 0.25 * wave**2)

    def field(p: Floats) -> Floats:
        t = np.clip((cloth.top_z - p[:, 2]) / span, 0, 1)
        x = p[:, 0] - cloth.centre[0] - cloth.shift[0] * t**1.4
        y = p[:, 1] - cloth.centre[1] - cloth.shift[1] * t**1.4
        share = t ** (1 / cloth.belly)
        rx, ry = tx + (hx - tx) * share, ty + (hy - ty) * share
        turn = np.arctan2(y / ry, x / rx)
        outer = (np.hypot(x / rx, y / ry) - fold(turn, t)) * np.minimum(rx, ry) / slope
        hem = cloth.hem_z + cloth.scallops * np.sin(n * turn + phase + 1.0)
        solid = np.maximum(outer, np.maximum(hem - p[:, 2], p[:, 2] - cloth.top_z))
        hollow = np.maximum(outer + cloth.wall, p[:, 2] - cloth.closed_z)
        solid = np.maximum(solid, -hollow)
        if cloth.open_deg > 0:
            off = (np.degrees(turn) - cloth.front + 180) % 360 - 180
            gap = (cloth.open_deg * t**1.3 + 1.5 - np.abs(off)) * np.radians(1) * np.hypot(x, y)
            solid = np.maximum(solid, gap)
        return solid

    most = np.array([max(tx, hx), max(ty, hy)]) * (1 + 2 * depth)
    shift = np.abs(cloth.shift)
    low: Point = (*(cloth.centre - most - shift), cloth.hem_z - 0.6)
    high: Point = (*(cloth.centre + most + shift), cloth.top_z)
    return Shape(field, zone, np.array(low), np.array(high), 0.35)


def banner(width: float, height: float, thick: float, waves: tuple[float, float]) -> Shape:
    """A cloth that hangs from z = 0 down to ``-height``, in folds toward y, with a swallow's tail."""

    def field(p: Floats) -> Floats:
        x, y, z = p.T
        down = np.clip(-z / height, 0, 1)
        fold = waves[0] * (0.3 + 0.7 * down) * np.sin(2 * np.pi * x / waves[1] + 1.4 * down) + 0.35 * down * np.sin(
            3 * down
        )
        tail = height * (0.86 + 0.14 * np.abs(x) / (width / 2))
        flat = np.maximum(np.abs(x) - width / 2 + 0.5 * down, np.maximum(z, -z - tail))
        return np.maximum((np.abs(y - fold) - thick / 2) * 0.75, flat)

    deep = abs(waves[0]) + thick + 0.5
    return Shape(field, "coat", np.array([-width / 2, -deep, -height * 1.02]), np.array([width / 2, deep, 0]), 0.1)
