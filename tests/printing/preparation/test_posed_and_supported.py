"""Poses kept without looking: the best one that leaves no island, and what twins take over."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh, handed_mesh, moved_by
from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.orientation.pose_measures import candidates
from numerus.printing.preparation.posed_and_supported import best_kept, kept_pose, twin_pose

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


def test_the_best_pose_leaves_no_island() -> None:
    """And is no taller than the part's diagonal with its lift."""
    pose, made = best_kept(handed_mesh(), MACHINE, RESIN)
    assert made.islands_left == ()
    assert pose.height_mm <= float(np.linalg.norm(handed_mesh().extents_mm)) + 5


@pytest.mark.parametrize("mirror", [False, True])
def test_a_twin_takes_the_pose_over(mirror: bool) -> None:
    """Turned or mirrored, it then stands as tall and shows the same silhouette's extents."""
    part = handed_mesh()
    cost = candidates(part, MACHINE, RESIN)[0][1]
    pose, made = kept_pose(part, cost, MACHINE, RESIN)
    twin = moved_by(part, 63, (5, 6, 7), mirror=mirror)
    found = twin_pose(part, pose, twin, MACHINE, RESIN)
    assert found is not None
    assert found[0].height_mm == pytest.approx(pose.height_mm, abs=0.05)
    assert found[1].part.extents_mm[2] == pytest.approx(made.part.extents_mm[2], abs=0.05)
    assert twin_pose(part, pose, box_mesh((3, 4, 5)), MACHINE, RESIN) is None
