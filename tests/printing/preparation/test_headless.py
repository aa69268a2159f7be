"""Poses and supports judged from a mesh alone: order, schools, what is held and what is not."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh, handed_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Mesh, merged
from numerus.printing.preparation.headless import SCHOOL_OF, ranked_poses, supported_part

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


def test_poses_come_least_regret_first_and_differ() -> None:
    """Sorted by score; the further ones lean elsewhere than the schools'; one school alone when asked."""
    found = ranked_poses(handed_mesh(), MACHINE, RESIN)
    scores = [j.score for j in found]
    assert scores == sorted(scores)
    ups = np.array([j.cost.up for j in found if j.cost.school == "further"])
    cosines = ups @ ups.T - np.eye(len(ups))
    assert cosines.max() < np.cos(np.radians(24))
    for school, name in SCHOOL_OF.items():
        assert [j.cost.school for j in ranked_poses(handed_mesh(), MACHINE, RESIN, school)] == [name]


def test_a_bowl_has_a_cup_upright_and_says_so() -> None:
    """Standing on its floor it sucks; the count is the pose's own."""
    inner = trimesh.creation.cylinder(6, 12, sections=48)
    outer = trimesh.creation.cylinder(8, 12, sections=48)
    inner.apply_translation([0, 0, 2])
    bowl = trimesh.boolean.difference([outer, inner])
    mesh = Mesh(np.asarray(bowl.vertices), np.asarray(bowl.faces, np.int32))
    cups = {j.cost.school: j.cost.cups for j in ranked_poses(mesh, MACHINE, RESIN)}
    assert cups["stands"] == 1


@pytest.mark.parametrize("keep", [True, False])
def test_supported_shapes_leave_no_island_and_hold(keep: bool) -> None:
    """A ball, a T, a bridge: nothing begins in mid-air, no overhang is left alone, tips outweigh the pull."""
    bridge = merged(
        [box_mesh((4, 6, 15), (-12, 0, 0)), box_mesh((4, 6, 15), (8, 0, 0)), box_mesh((24, 6, 3), (-12, 0, 14))]
    )
    for mesh in (
        ball_mesh(8),
        bridge,
        merged([box_mesh((4, 4, 20), (-2, -2, 0)), box_mesh((24, 4, 4), (-12, -2, 18))]),
    ):
        made = supported_part(mesh, MACHINE, RESIN, keep)
        assert made.proof.islands_left == ()
        assert not len(made.proof.unsupported)
        assert made.worst_margin >= made.supported.style.margin
        laid = mesh.transformed(made.transform)
        assert np.abs(laid.bounds_mm - made.supported.part.bounds_mm).max() < 1e-6
