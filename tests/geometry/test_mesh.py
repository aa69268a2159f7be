"""Meshes as arrays: sums with closed forms, turning, mirroring, welding."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.geometry.mesh import about_vertical, merged, rotation_matrix, turning_up, welded
from numerus.geometry.repair.mending import mend

NUMBERS = st.floats(-50, 50, allow_nan=False, width=32)
SIZES = st.tuples(*[st.floats(0.5, 40) for _ in range(3)])


@given(SIZES, st.tuples(NUMBERS, NUMBERS, NUMBERS))
def test_a_box_has_the_volume_and_surface_of_a_box(size: tuple, at: tuple) -> None:
    """Wherever it stands."""
    mesh = box_mesh(size, at)
    a, b, c = size
    assert mesh.signed_volume_mm3 == pytest.approx(a * b * c, rel=1e-6)
    assert mesh.areas_mm2.sum() == pytest.approx(2 * (a * b + b * c + c * a), rel=1e-6)
    assert mesh.extents_mm == pytest.approx(size, rel=1e-6)


def test_a_ball_comes_near_the_closed_forms() -> None:
    """Volume and surface within the polyhedron's error; normals point outward."""
    ball = ball_mesh(5, (3, -2, 7), 5)
    assert ball.signed_volume_mm3 == pytest.approx(4 / 3 * np.pi * 125, rel=2e-3)
    assert ball.areas_mm2.sum() == pytest.approx(4 * np.pi * 25, rel=2e-3)
    outward = (ball.vertices - (3, -2, 7)) / 5
    assert np.einsum("ij,ij->i", ball.vertex_normals, outward).min() > 0.999


def test_a_reversed_mesh_has_the_negative_volume() -> None:
    """The sign tells inside from outside."""
    assert reversed_mesh(ball_mesh(4)).signed_volume_mm3 == pytest.approx(-ball_mesh(4).signed_volume_mm3)


def test_a_mirroring_matrix_keeps_the_outside_outside() -> None:
    """Volume stays positive, bounds are mirrored."""
    mirrored = box_mesh((2, 3, 4), (1, 0, 0)).transformed(np.diag([-1.0, 1, 1, 1]))
    assert mirrored.signed_volume_mm3 == pytest.approx(24)
    assert mirrored.bounds_mm[:, 0] == pytest.approx([-3, -1])


@given(st.tuples(NUMBERS, NUMBERS, NUMBERS).filter(lambda v: np.linalg.norm(v) > 0.1))
def test_turning_up_is_a_rotation_of_least_angle(direction: tuple) -> None:
    """The direction comes to +Z, lengths and handedness stay, and the angle is the one between them."""
    turn = turning_up(direction)
    unit = np.array(direction) / np.linalg.norm(direction)
    assert turn @ unit == pytest.approx([0, 0, 1], abs=1e-5)
    assert turn @ turn.T == pytest.approx(np.eye(3), abs=1e-5)
    assert np.linalg.det(turn) == pytest.approx(1)
    angle = np.arccos(np.clip((np.trace(turn) - 1) / 2, -1, 1))
    assert angle == pytest.approx(np.arccos(np.clip(unit[2], -1, 1)), abs=1e-3)


def test_turns_about_the_vertical_add_up() -> None:
    """30° and 60° are 90°."""
    whole = about_vertical(30) @ about_vertical(60)
    assert whole == pytest.approx(about_vertical(90))
    assert rotation_matrix(whole)[:3, :3] == pytest.approx(whole)


def test_dropping_centres_and_stands_on_the_platform() -> None:
    """The middle over the origin, the lowest point at zero."""
    low, high = box_mesh((2, 6, 3), (10, -4, 9)).dropped().bounds_mm
    assert low == pytest.approx([-1, -3, 0])
    assert high == pytest.approx([1, 3, 3])


def test_merging_adds_volumes_and_keeps_attributes_where_all_have_them() -> None:
    """One mesh without an attribute leaves the whole without."""
    one, other = box_mesh((1, 1, 1)), box_mesh((2, 2, 2), (5, 0, 0))
    told = [m.with_face_attribute("zone", np.full(12, z, np.uint8)) for m, z in ((one, 3), (other, 4))]
    whole = merged(told)
    assert whole.signed_volume_mm3 == pytest.approx(9)
    assert whole.face_attributes["zone"].tolist() == [3] * 12 + [4] * 12
    assert not merged([told[0], other]).face_attributes
    assert len(merged([]).faces) == 0


@settings(max_examples=60, deadline=None)
@given(st.lists(st.integers(0, 3), min_size=9, max_size=180).filter(lambda n: len(n) % 9 == 0))
def test_welding_finds_exactly_the_equal_corners(numbers: list) -> None:
    """As many vertices as np.unique finds, and every triangle where it was."""
    triangles = np.array(numbers, float).reshape(-1, 3, 3)
    mesh = welded(triangles)
    assert len(mesh.vertices) == len(np.unique(triangles.reshape(-1, 3), axis=0))
    assert np.array_equal(mesh.triangles, triangles)


def test_welding_counts_minus_zero_as_zero() -> None:
    """Files write both."""
    mesh = welded(np.array([[[0.0, 0, 0], [1, 0, 0], [0, 1, 0]], [[-0.0, 0, 0], [0, 1, -0.0], [0, 0, 1]]]))
    assert len(mesh.vertices) == 4


def test_welding_a_million_corners_is_whole() -> None:
    """A ball of many faces, torn apart and welded, is closed again."""
    ball = ball_mesh(5, subdivisions=6)
    again = welded(ball.triangles)
    assert len(again.vertices) == len(ball.vertices)
    assert again.signed_volume_mm3 == pytest.approx(ball.signed_volume_mm3)


def test_attributes_go_along_with_whatever_is_done_to_a_mesh() -> None:
    """Moved, turned, mirrored, scaled and mended; each face is told as it was, faces left out take theirs with them."""
    number = np.arange(12)
    cube = replace(
        box_mesh((2, 3, 4)).with_face_attribute("number", number), vertex_attributes={"corner": np.arange(8)}
    )
    mirror = np.diag([-1.0, 1, 1, 1])
    for made in (cube.moved((1, 2, 3)), cube.transformed(mirror), cube.scaled(2.0), cube.dropped(), cube.bare()):
        assert made.face_attributes["number"].tolist() == number.tolist()
        assert made.vertex_attributes["corner"].tolist() == list(range(8))
    assert cube.keeping(number % 2 == 0).face_attributes["number"].tolist() == [0, 2, 4, 6, 8, 10]
    torn = cube.keeping(number != 5)
    assert mend(torn).mesh.face_attributes["number"].tolist()[:11] == [n for n in number if n != 5]
    assert len(mend(torn).mesh.face_attributes["number"]) == 12
