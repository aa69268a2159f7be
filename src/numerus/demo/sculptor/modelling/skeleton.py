"""Joints: where a knee or elbow lies between two places, and the frame a hand holds something in."""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.modelling.shapes import Point
from numerus.geometry.mesh import Floats


def middle_joint(start: Point, end: Point, upper: float, lower: float, toward: Point) -> Point:
    """Knee or elbow of a limb of two bones from ``start`` to ``end``, bent toward a direction.

    A limb too short to reach is stretched straight; the answer then lies on the line.
    """
    a, c = np.asarray(start, float), np.asarray(end, float)
    way = c - a
    length = float(np.linalg.norm(way))
    along = way / max(length, 1e-9)
    x = (length**2 + upper**2 - lower**2) / (2 * max(length, 1e-9))
    x = min(max(x, 0.0), length) if length > upper + lower else x
    out = np.asarray(toward, float) - (np.asarray(toward, float) @ along) * along
    out /= max(float(np.linalg.norm(out)), 1e-9)
    joint = a + x * along + np.sqrt(max(upper**2 - x**2, 0.0)) * out
    return float(joint[0]), float(joint[1]), float(joint[2])


def frame(bar: Point, back: Point) -> Floats:
    """Rotation whose third column is the direction of the held bar and whose second points back along the forearm."""
    z = np.asarray(bar, float) / np.linalg.norm(bar)
    y = np.asarray(back, float) - (np.asarray(back, float) @ z) * z
    y /= np.linalg.norm(y)
    return np.stack([np.cross(y, z), y, z], axis=1)


def between(a: Point, b: Point, share: float) -> Point:
    p = np.asarray(a, float) * (1 - share) + np.asarray(b, float) * share
    return float(p[0]), float(p[1]), float(p[2])
