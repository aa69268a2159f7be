"""Drill templates against joints whose faces are known."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.assembly.balance import RESIN_G_PER_MM3
from numerus.assembly.drill_template import WALL_MM, drill_template, drill_templates
from numerus.assembly.joints import GRAVITY, KNOCK_G, MAGNETS, joints_of
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
    first, second = made.face(False), made.face(True)
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
    assert thicker is not None and thicker.fits and thicker.bore_mm in (0.8, 1.0)
    assert f"bears {(thicker.bore_mm / 2) ** 3:.0%}" in thicker.description
    stub = drill_template(("block", block), ("stub", box_mesh((5, 5, 4.2), (8, 8, 10))), 1.0)
    assert stub is not None and stub.fits and stub.deep_mm == 3.0 and stub.wall_mm >= WALL_MM


def test_joints_that_ask_for_a_pin_and_parts_apart_that_a_magnet_holds_have_a_template() -> None:
    """A long arm on a small face asks for a pin; a cube on the block needs a magnet only while it is kept apart, marked the same way
    whichever part is named first; a ball beside the block touches nothing.
    """
    arm = box_mesh((140, 2, 2), (20, 8, 4))
    cube, ball = box_mesh((8, 8, 8), (2, 2, 10)), ball_mesh(2, (60, 60, 2))
    parts = [("cube", cube), ("block", box_mesh((20, 20, 10))), ("arm", arm), ("ball", ball)]
    joints = [("cube" if "cube" in (j.a, j.b) else "arm", j) for j in joints_of(parts)]
    assert [(t.a, t.b, t.magnet) for t in drill_templates(parts, joints)] == [("block", "arm", None)]
    (held,) = (t for t in drill_templates(parts, joints, ("cube",)) if t.magnet)
    assert (held.a, held.b) == ("block", "cube") and held.fits and held.deep_mm == held.magnet.thick_mm
    assert "+ up in the block, − up in the cube" in held.description


def test_a_magnet_is_the_smallest_that_a_knock_does_not_tip_off() -> None:
    """By hand: a cube on its square, half the pull at the radius of a disc as large against five times its weight half its height up."""
    joint = joints_of([("block", box_mesh((20, 20, 10))), ("tower", box_mesh((8, 8, 60), (2, 2, 10)))])[0]
    asked = KNOCK_G * 8 * 8 * 60 * RESIN_G_PER_MM3 * GRAVITY * 30
    bears = [m for m in MAGNETS if 0.5 * m.pull_n * np.sqrt(64 / np.pi) >= asked]
    assert joint.magnet == bears[0] != MAGNETS[0]
    assert bears[0].name in joint.advice
