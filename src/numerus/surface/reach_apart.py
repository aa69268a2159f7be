"""Which parts stand in the brush's way, place by place: what leaving any of them off gives back, without asking again.

Where a brush comes to easily with all glued it does so with less in its way. At every other place each cone of brush and
hand is asked against one part at a time; a cone is free once every part that stands in it is left off. A part kept apart
is painted by itself: only its own shape is in its way.
"""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from numerus.domain.painting.zones import UNNAMED
from numerus.errors import Cancelled, Progress
from numerus.geometry.likeness import even_places
from numerus.geometry.mesh import Floats, merged
from numerus.geometry.rays import RayScene
from numerus.surface.brush_reach import (
    AXES,
    EASY_SHARE,
    OFF_MM,
    PLACES_A_PART,
    Brush,
    brush_axes,
    free_cones,
    seen_round_the_table,
)
from numerus.surface.zones import ZonedMesh

MOST_PARTS = 63


@dataclass(frozen=True, eq=False)
class ReachStudy:
    """Places of a built figure that are seen. ``part`` int16 (n,): which part each lies on; ``face`` int64 (n,) of that part's mesh;
    ``zone`` (n,) of names, "" for none; ``area_mm2`` (n,): the skin it stands for; ``blockers`` uint64 (n, AXES): of each cone the
    parts in its way, a bit each.
    """

    names: tuple[str, ...]
    point: Floats
    part: NDArray[np.int16]
    face: NDArray[np.int64]
    zone: NDArray[np.str_]
    area_mm2: Floats
    blockers: NDArray[np.uint64]

    def free(self, apart: Collection[str] = ()) -> NDArray[np.int64]:
        """Of each place's cones how many are free with these parts kept apart, (n,)."""
        alone = np.array([n in apart for n in self.names], np.bool_)
        together = np.uint64(sum(1 << k for k, off in enumerate(alone) if not off))
        own = np.uint64(1) << self.part.astype(np.uint64)
        in_the_way = np.where(alone[self.part], own, together)
        return np.asarray((self.blockers & in_the_way[:, None] == 0).sum(axis=1), np.int64)

    def easy(self, apart: Collection[str] = ()) -> NDArray[np.bool_]:
        """Places a brush comes to easily, (n,)."""
        return np.asarray(self.free(apart) >= EASY_SHARE * AXES)

    def easy_mm2(self, apart: Collection[str] = ()) -> float:
        """How much of what is seen a brush comes to easily."""
        return float(self.area_mm2[self.easy(apart)].sum())

    @property
    def seen_mm2(self) -> float:
        return float(self.area_mm2.sum())

    def zones(self, apart: Collection[str] = ()) -> list[tuple[str, float, float]]:
        """Of each zone its name, mm² seen, and mm² a brush comes to easily; the largest first."""
        names, number = np.unique(self.zone, return_inverse=True)
        seen = np.bincount(number, self.area_mm2, len(names))
        easy = np.bincount(number, self.area_mm2 * self.easy(apart), len(names))
        rows = [(str(n), float(s), float(e)) for n, s, e in zip(names, seen, easy, strict=True)]
        return sorted(rows, key=lambda r: -r[1])

    @cached_property
    def covers(self) -> Floats:
        """How much skin of part i has part j in more than half of its cones, mm² (parts, parts)."""
        count = len(self.names)
        covers = np.zeros((count, count))
        for j in range(count):
            much = (self.blockers & np.uint64(1 << j) != 0).mean(axis=1) > 0.5
            covers[:, j] = np.bincount(self.part[much], self.area_mm2[much], count)
        return covers * (1 - np.eye(count))


def reach_study(
    parts: Sequence[tuple[str, ZonedMesh]], brush: Brush | None = None, progress: Progress = lambda _: True
) -> ReachStudy:
    """Parts by name in assembled coordinates. Raises Cancelled, and ValueError for more than MOST_PARTS parts."""
    if len(parts) > MOST_PARTS:
        raise ValueError(f"more than {MOST_PARTS} parts")
    scene = RayScene(merged([zoned.mesh.bare() for _, zoned in parts]))
    alone = [RayScene(zoned.mesh) for _, zoned in parts]
    places = [_places(number, zoned, scene) for number, (_, zoned) in enumerate(parts)]
    point, normal, part, face, zone, area = (np.concatenate(each) for each in zip(*places, strict=True))
    blockers = np.zeros((len(point), AXES), np.uint64)
    start, brush = point + OFF_MM * normal, brush or Brush()
    for number, axis in enumerate(brush_axes(normal)):
        if not progress(number / AXES):
            raise Cancelled
        blocked = np.flatnonzero(~free_cones(start, axis, scene, brush))
        blockers[blocked, number] = _in_the_way(start[blocked], axis[blocked], part[blocked], alone, brush)
    return ReachStudy(tuple(n for n, _ in parts), point, part, face, zone, area, blockers)


def _places(
    number: int, zoned: ZonedMesh, scene: RayScene
) -> tuple[Floats, Floats, NDArray[np.int16], NDArray[np.int64], NDArray[np.str_], Floats]:
    """Of one part the places seen: point, normal, part, face, zone, area."""
    mesh = zoned.mesh
    points, face = even_places(mesh, PLACES_A_PART)
    seen = seen_round_the_table(points, mesh.normals[face], scene)
    points, face = points[seen], face[seen]
    words = np.array([*zoned.zones, ""])
    label = zoned.labels[face]
    zone = words[np.where(label == UNNAMED, len(zoned.zones), label)]
    area = np.full(len(face), float(mesh.areas_mm2.sum()) / PLACES_A_PART)
    return points, mesh.normals[face], np.full(len(face), number, np.int16), face, zone, area


def _in_the_way(
    start: Floats, axis: Floats, part: NDArray[np.int16], alone: Sequence[RayScene], brush: Brush
) -> NDArray[np.uint64]:
    """The parts in each of some blocked cones; where a part's own shape is, no other is asked: that cone never comes free."""
    blockers = np.zeros(len(start), np.uint64)
    for own, scene in enumerate(alone):
        here = np.flatnonzero(part == own)
        blocked = here[~free_cones(start[here], axis[here], scene, brush)]
        blockers[blocked] |= np.uint64(1 << own)
    ask = np.flatnonzero(blockers == 0)
    for other, scene in enumerate(alone):
        here = ask[part[ask] != other]
        blocked = here[~free_cones(start[here], axis[here], scene, brush)]
        blockers[blocked] |= np.uint64(1 << other)
    return blockers
