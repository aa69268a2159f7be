"""Drill templates against joints whose faces are known."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.assembly.drill_template import WALL_MM, drill_template, drill_templates
from numerus.assembly.joints import joints_of
from numerus.geometry.mesh import merged, rotation_matrix, turning_up


def test_a_square_face_is_drawn_at_its_size_and_drilled_in_its_middle() -> None:
    """A bar of 6 by 4 mm on a block: its outline within two cells, the drill amid it, as much wall as the short side leaves."""
    made = drill_template(("block", box_mesh((20, 20, 10))), ("bar", box_mesh((6, 4, 12), (7, 8, 10))), 1.0)
    assert made is not None and len(made.outlines) == 1
    low, high = made.outlines[0].min(axis=0), made.outlines[0].max(axis=0)
    assert high - low == pytest.approx([6, 4], abs=0.2)
    assert made.mark[1] - (low + high)[1] / 2 == pytest.approx(0, abs=0.3)
    assert made.wall_mm == pytest.approx(2 - 0.5, abs=0.25)
    assert made.deep_mm == 5.0 and made.fits


def test_both_faces_meet_when_they_are_laid_on_each_other_wherever_the_joint_looks() -> None:
    """An L of two bars stood askew: the second face is the first one turned over, and an L is no mirror image of itself."""
    foot = merged([box_mesh((6, 2, 8), (0, 0, 10)), box_mesh((2, 6, 8), (0, 0, 10))])
    turn = rotation_matrix(turning_up((0.4, -0.7, 0.6)))
    made = drill_template(
        ("block", box_mesh((20, 20, 10), (-5, -5, 0)).transformed(turn)), ("foot", foot.transformed(turn)), 0.5
    )
    assert made is not None
    (first, _), (second, _) = made.face(False), made.face(True)
    for one, other in zip(first, second, strict=True):
        assert other * [-1, 1] == pytest.approx(one)
    area = 0.5 * abs(np.sum(first[0][:-1, 0] * first[0][1:, 1] - first[0][1:, 0] * first[0][:-1, 1]))
    assert area == pytest.approx(20, rel=0.08)


def test_a_bore_never_comes_out_of_a_thin_part() -> None:
    """In a rod of a millimetre none fits, in one of two a thinner wire, and it is said; in a short stub the bore is as deep as it bears."""
    block = box_mesh((20, 20, 10))
    rod = drill_template(("block", block), ("rod", box_mesh((1, 1, 12), (9, 9, 10))), 1.0)
    assert rod is not None and not rod.fits and "No room" in rod.description
    thicker = drill_template(("block", block), ("rod", box_mesh((2, 2, 12), (9, 9, 10))), 2.0)
    assert thicker is not None and thicker.fits and thicker.pin_mm in (0.8, 1.0)
    assert f"bears {(thicker.pin_mm / 2) ** 3:.0%}" in thicker.description
    stub = drill_template(("block", block), ("stub", box_mesh((5, 5, 4.2), (8, 8, 10))), 1.0)
    assert stub is not None and stub.fits and stub.deep_mm == 3.0 and stub.wall_mm >= WALL_MM


def test_only_joints_that_ask_for_a_pin_have_a_template() -> None:
    """A long arm on a small face asks for one; a ball beside the block touches nothing."""
    arm = box_mesh((140, 2, 2), (20, 8, 4))
    parts = [("block", box_mesh((20, 20, 10))), ("arm", arm), ("ball", ball_mesh(2, (60, 60, 2)))]
    joints = joints_of(parts)
    assert [(t.a, t.b) for t in drill_templates(parts, joints)] == [(j.a, j.b) for j in joints if j.pin_mm] != []
