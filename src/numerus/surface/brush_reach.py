"""Where a brush comes to on a figure as it is glued: places some free cone of brush and hand ends at, part by part.

The brush is a cone from its tip, then a hand that widens from where the brush ends. Its sides are followed by rays, so that
what is thinner than the gaps between them may be missed.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import RayScene, ring_directions
from numerus.surface.fields.exposure import TABLE_AROUND, TABLE_DEG
from numerus.surface.fields.painting_fields import cone_directions

AXES, WIDEST_DEG = 28, 70.0  # directions a brush is tried in, and how far from upright on the skin
EASY_SHARE = 1 / 7  # of the axes free: one comes there without looking for the way
SIDES = 8  # rays along a cone
OFF_MM = 0.05
PLACES_A_PART = 2500


@dataclass(frozen=True)
class Brush:
    """A cone of so many degrees either side for ``brush_mm``, then a hand of ``hand_deg`` for ``hand_mm`` (defaults)."""

    brush_deg: float = 8.0
    brush_mm: float = 20.0
    hand_deg: float = 30.0
    hand_mm: float = 60.0


BRUSH, AIRBRUSH = "brush", "airbrush"
TOOLS = {BRUSH: Brush(), AIRBRUSH: Brush(5.0, 50.0, 12.0, 70.0)}
"""By what it is painted with (defaults): an airbrush's cone of paint over 50 mm, then its body, which no skin comes near."""


@dataclass(frozen=True)
class PartReach:
    """mm² of a part that are seen from somewhere round the table, that a brush reaches of those, and reaches easily."""

    name: str
    seen_mm2: float
    reached_mm2: float
    easy_mm2: float


def brush_reach(parts: Sequence[tuple[str, Mesh]], brush: Brush | None = None) -> list[PartReach]:
    """What can be painted of parts in assembled coordinates, all of them in place."""
    scene = RayScene(merged([mesh.bare() for _, mesh in parts]))
    return [_part_reach(name, mesh, scene, brush or Brush()) for name, mesh in parts]


def _part_reach(name: str, mesh: Mesh, scene: RayScene, brush: Brush) -> PartReach:
    points, normals = even_points(mesh, PLACES_A_PART)
    each = float(mesh.areas_mm2.sum()) / max(len(points), 1)
    seen = seen_round_the_table(points, normals, scene)
    free = free_axes(points[seen], normals[seen], scene, brush)
    reached, easy = free > 0, free >= EASY_SHARE * AXES
    return PartReach(name, float(seen.sum()) * each, float(reached.sum()) * each, float(easy.sum()) * each)


def seen_round_the_table(points: Floats, normals: Floats, scene: RayScene) -> NDArray[np.bool_]:
    """Places somebody round the table sees."""
    seen = np.zeros(len(points), np.bool_)
    start = points + OFF_MM * normals
    for way in ring_directions(TABLE_DEG, TABLE_AROUND):
        ask = np.flatnonzero(~seen & (normals @ way > 0.02))
        seen[ask] = ~scene.blocked(start[ask], np.broadcast_to(way, (len(ask), 3)))
    return seen


def free_axes(points: Floats, normals: Floats, scene: RayScene, brush: Brush) -> NDArray[np.int64]:
    """Of ``AXES`` directions within 70° of each place's normal, how many leave brush and hand free, (n,)."""
    start = points + OFF_MM * normals
    count = np.zeros(len(points), np.int64)
    for axis in brush_axes(normals):
        count += free_cones(start, axis, scene, brush)
    return count


def brush_axes(normals: Floats) -> Iterator[Floats]:
    """The ``AXES`` directions a brush is tried in, each for all places, (n, 3)."""
    for local in cone_directions((0, 0, 1), WIDEST_DEG, AXES):
        yield _turned(local, normals)


def _turned(local: Floats, normals: Floats) -> Floats:
    """A direction about z as the same about each normal, (n, 3)."""
    side = np.where(np.abs(normals[:, :1]) < 0.9, [[1.0, 0, 0]], [[0, 1.0, 0]])
    across = np.cross(side, normals)
    across /= np.linalg.norm(across, axis=1, keepdims=True)
    other = np.cross(normals, across)
    return np.asarray(local[0] * across + local[1] * other + local[2] * normals)


def free_cones(start: Floats, axis: Floats, scene: RayScene, brush: Brush) -> NDArray[np.bool_]:
    """Whether nothing stands within the cone along each axis: its middle, the brush's sides, the hand's sides."""
    free = ~scene.blocked(start, axis, brush.brush_mm + brush.hand_mm)
    slope, spread = np.tan(np.radians(brush.brush_deg)), np.tan(np.radians(brush.hand_deg))
    for turn in np.arange(SIDES) * 2 * np.pi / SIDES:
        ask = np.flatnonzero(free)
        if not len(ask):
            break
        out = _turned(np.array([np.cos(turn), np.sin(turn), 0.0]), axis[ask])
        along = axis[ask] + slope * out
        long = float(np.linalg.norm([1.0, slope]))
        clear = ~scene.blocked(start[ask], along / long, brush.brush_mm * long)
        knuckle = start[ask] + brush.brush_mm * along
        wide = axis[ask] + spread * out
        far = float(np.linalg.norm([1.0, spread]))
        clear &= ~scene.blocked(knuckle, wide / far, brush.hand_mm * far)
        free[ask] = clear
    return np.asarray(free, np.bool_)
