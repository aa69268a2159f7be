"""A part of another kit on a figure: brought by its joint, turned about it; gap and cuts against closed forms."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh
from numerus.assembly.guest_parts import Fitting, Stance, flat_faces, told_joints
from numerus.domain.parts import Part, Relation
from numerus.geometry.mesh import Mesh

TORSO = box_mesh((10, 8, 14))  # from the origin on
ARM = box_mesh((12, 4, 4)).moved((40, 7, 3))  # centred somewhere else; cut flat at x = 40
CUT = (40.0, 9.0, 5.0)
SHOULDER = (10.0, 4.0, 10.0)


@pytest.fixture(scope="module")
def fitting() -> Fitting:
    return Fitting(ARM, [TORSO])


def test_a_joint_comes_to_its_place_whatever_the_turn() -> None:
    """And lengths stay; mirrored, left is right."""
    stance = Stance(CUT, SHOULDER, (20.0, -35.0, 110.0))
    moved = stance.placed(ARM)
    own = ARM.vertices - np.array(CUT)
    assert np.linalg.norm(moved.vertices - np.array(SHOULDER), axis=1) == pytest.approx(np.linalg.norm(own, axis=1))
    assert np.array(CUT) @ stance.matrix[:3, :3].T + stance.matrix[:3, 3] == pytest.approx(SHOULDER)
    mirrored = Stance(CUT, SHOULDER, mirrored=True).placed(ARM)
    assert mirrored.bounds_mm[:, 0] == pytest.approx([-2.0, 10.0]) and _volume(mirrored) == pytest.approx(192.0)
    assert _volume(Stance(CUT, SHOULDER, scale=2.0).placed(ARM)) == pytest.approx(8 * 192.0)


def _volume(mesh: Mesh) -> float:
    """By the divergence theorem: positive only where faces look outward."""
    a, b, c = mesh.triangles.transpose(1, 0, 2)
    return float((a * np.cross(b, c)).sum() / 6)


@pytest.mark.parametrize("open_mm", [0.0, 0.6, 1.4])
def test_a_gap_is_how_far_the_joint_stands_off(fitting: Fitting, open_mm: float) -> None:
    """A flat shoulder on a flat side; what is round the edge of the cut stands off as far."""
    away = Stance(CUT, (10.0 + open_mm, 4.0, 10.0))
    seat = fitting.seat(away)
    assert seat.cut_mm3 == pytest.approx(0.0, abs=1.5)
    assert open_mm - 0.1 <= seat.gap_mm <= open_mm + 1.0


@pytest.mark.parametrize("deep_mm", [0.5, 2.0, 5.0])
def test_a_cut_is_the_volume_that_both_fill(fitting: Fitting, deep_mm: float) -> None:
    """Four by four by as deep as it goes in."""
    seat = fitting.seat(Stance(CUT, (10.0 - deep_mm, 4.0, 10.0)))
    assert seat.cut_mm3 == pytest.approx(16 * deep_mm, rel=0.08, abs=4.0)


def test_snapped_it_touches_and_cuts_next_to_nothing(fitting: Fitting) -> None:
    """From too far out and from too deep; along its own way only."""
    for off in (1.7, -1.6):
        snapped = fitting.snapped(Stance(CUT, (10.0 + off, 4.0, 10.0)))
        assert snapped.place_mm[0] == pytest.approx(10.0, abs=0.25)
        assert snapped.place_mm[1:] == pytest.approx((4.0, 10.0), abs=1e-6)


@settings(max_examples=15, deadline=None)
@given(st.floats(-180, 180), st.integers(0, 2))
def test_what_is_seen_while_turning_is_what_a_turn_gives(fitting: Fitting, degrees: float, axis: int) -> None:
    """The picture of a swing tells the seat of each of its angles."""
    stance = Stance(CUT, SHOULDER)
    assert fitting.swing(stance, axis, [degrees])[0] == fitting.seat(stance.turned(axis, degrees))


def test_turned_into_the_chest_it_cuts() -> None:
    """An arm swung by a right angle about the upright axis lies along the side; by two it is inside."""
    fitting = Fitting(ARM, [TORSO])
    out, inside = fitting.seat(Stance(CUT, SHOULDER)), fitting.seat(Stance(CUT, SHOULDER).turned(2, 180.0))
    assert out.cut_mm3 < 1.5 and inside.cut_mm3 == pytest.approx(160.0, rel=0.06)  # ten of its twelve mm


def test_flat_faces_and_told_joints_are_where_it_may_be_cut() -> None:
    """The six sides of a box, the largest first; a ball has none that matters; a kit's own word by parts beside."""
    faces = flat_faces(ARM)
    assert len(faces) == 6 and any(np.allclose(f, CUT, atol=0.02) for f in faces)
    assert np.allclose(sorted(faces)[0], CUT, atol=0.02) or np.allclose(faces[-1], CUT, atol=0.02)
    assert len(flat_faces(ball_mesh(5))) == 6
    stated = [
        Relation("joint", ("arm", "cape"), 1.0, "", (1.0, 0.0, 0.0)), Relation("joint", ("arm", "torso"), 1.0, "", (2.0, 0.0, 0.0)),
        Relation("joint", ("arm", "belt"), 1.0, "", (3.0, 0.0, 0.0), overruled=True),
    ]  # fmt: skip
    arm = Part("arm", "k", "arm", "left arm", "", 12, (1, 1, 1), 1, 1, True, 1, 0, "mm")
    assert told_joints(arm, stated, ["torso"]) == [(2.0, 0.0, 0.0), (1.0, 0.0, 0.0)]
    assert told_joints(replace(arm, scale=1.5), stated, ["torso"])[0] == (3.0, 0.0, 0.0), "as large as it is now"
    assert told_joints(replace(arm, id="head"), stated) == []
