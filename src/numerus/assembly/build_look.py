"""A figure looked at before it is glued: where a brush comes to, how its joints fit, what is worth keeping apart."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.joints import Joint, joints_of
from numerus.assembly.sub_assemblies import KeptApart, as_chosen, body_of, glued_in_order, ways_apart
from numerus.errors import Progress
from numerus.geometry.mesh import Mesh
from numerus.surface.brush_reach import BRUSH, TOOLS
from numerus.surface.reach_apart import ReachStudy, reach_study
from numerus.surface.zones import ZonedMesh

REACHED, OUT_OF_REACH, REGAINED = 0, 1, 2
NEAR = 1.5  # of the distance between places: as far as a place speaks for the skin round it


@dataclass(frozen=True, eq=False)
class BuildLook:
    """``near``: for every vertex of each part the place of the study that speaks for it, -1 where none does (nobody sees it)."""

    study: ReachStudy
    joints: list[Joint]
    near: list[NDArray[np.int64]]

    @cached_property
    def ways(self) -> list[KeptApart]:
        return ways_apart(self.study, self.joints)

    @property
    def body(self) -> str:
        return body_of(self.study.names, self.joints)

    def chosen(self, apart: Sequence[str]) -> KeptApart:
        way = next((w for w in self.ways if set(w.parts) == set(apart)), None)
        return way or as_chosen(apart, self.study, self.joints)

    def order(self, apart: Collection[str]) -> tuple[list[str], list[str]]:
        """What is glued to the body before painting, and what after it."""
        return glued_in_order(self.study, self.joints, apart)

    def joint_to(self, slot: str, glued: Collection[str]) -> Joint | None:
        """The joint by which a part comes to what is glued already: of several the one with most skin."""
        own = [j for j in self.joints if slot in (j.a, j.b) and ({j.a, j.b} - {slot}) <= set(glued)]
        return max(own, key=lambda j: j.area_mm2, default=None)

    def marks(self, apart: Collection[str]) -> list[NDArray[np.uint8]]:
        """REACHED, OUT_OF_REACH or REGAINED of every vertex, part by part."""
        glued, now = self.study.easy(), self.study.easy(apart)
        of_place = np.where(now, np.where(glued, REACHED, REGAINED), OUT_OF_REACH).astype(np.uint8)
        spoken = np.append(of_place, np.uint8(REACHED))
        return [spoken[near] for near in self.near]


def look_at_build(
    parts: Sequence[tuple[str, ZonedMesh]], progress: Progress = lambda _: True, tool: str = BRUSH
) -> BuildLook:
    """Parts by slot as they stand together, painted with a tool. Raises Cancelled."""
    study = reach_study(parts, TOOLS[tool], lambda share: progress(0.8 * share))
    joints = joints_of([(name, zoned.mesh) for name, zoned in parts])
    look = BuildLook(study, joints, [_near(study, n, zoned.mesh) for n, (_, zoned) in enumerate(parts)])
    _ = look.ways  # worked out here, where nobody waits
    return look


def _near(study: ReachStudy, number: int, mesh: Mesh) -> NDArray[np.int64]:
    from scipy.spatial import cKDTree

    own = np.flatnonzero(study.part == number)
    if not len(own):
        return np.full(len(mesh.vertices), -1)
    reach = NEAR * float(np.sqrt(study.area_mm2[own[0]]))
    away, at = cKDTree(study.point[own]).query(mesh.vertices, distance_upper_bound=reach)
    return np.where(np.isfinite(away), own[np.minimum(at, len(own) - 1)], -1)
