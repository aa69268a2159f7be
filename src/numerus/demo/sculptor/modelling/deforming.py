"""Shapes displaced, warped, twisted and bent, and the half of space beyond a plane."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np

from numerus.demo.sculptor.modelling.shapes import Field, Point, Shape, bounded
from numerus.geometry.mesh import Floats


def half_space(point: Point, outward: Point, reach: float = 60.0) -> Shape:
    """Everything behind a plane: mostly a tool that cuts a flat joint."""
    at, n = np.asarray(point, float), np.asarray(outward, float) / np.linalg.norm(outward)
    return bounded(lambda p: (p - at) @ n, "coat", at - reach, at + reach)


def displaced(shape: Shape, pattern: Field, depth: float) -> Shape:
    """The surface pushed outward by ``depth`` times ``pattern`` (-1..1): planks, shingles, cobbles, weave."""
    reach = abs(depth)
    return replace(
        shape, field=lambda p: shape.field(p) - depth * pattern(p), low=shape.low - reach, high=shape.high + reach
    )


def warped(shape: Shape, into: Callable[[Floats], Floats], reach: float) -> Shape:
    """The shape asked at other places: bends, twists and waves that move no point by more than ``reach``."""
    return replace(shape, field=lambda p: shape.field(into(p)), low=shape.low - reach, high=shape.high + reach)


def twisted(shape: Shape, degrees_per_mm: float) -> Shape:
    """The shape turned about the z axis more and more with height: wrought bars, horns, candles."""
    reach = float(np.abs(np.stack([shape.low[:2], shape.high[:2]])).max())

    def untwist(p: Floats) -> Floats:
        a = -np.radians(degrees_per_mm) * p[:, 2]
        x, y = p[:, 0] * np.cos(a) - p[:, 1] * np.sin(a), p[:, 0] * np.sin(a) + p[:, 1] * np.cos(a)
        return np.stack([x, y, p[:, 2]], axis=1)

    return warped(shape, untwist, 0.42 * reach)


def bent(shape: Shape, radius_mm: float) -> Shape:
    """The shape's z axis bent into an arc of ``radius_mm`` toward +x, lengths along the axis kept: handles, horns, ribs."""

    def unbend(p: Floats) -> Floats:
        turn = np.arctan2(p[:, 2], radius_mm - p[:, 0])
        return np.stack([radius_mm - np.hypot(radius_mm - p[:, 0], p[:, 2]), p[:, 1], turn * radius_mm], axis=1)

    top = float(np.abs([shape.low[2], shape.high[2]]).max())
    return warped(shape, unbend, top * min(1.0, top / radius_mm))
