"""Faults are found where they are, and mending gives back the solid that was there."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, reversed_mesh, subdivided
from numerus.geometry.mesh import Mesh, merged, welded
from numerus.geometry.repair.findings import findings
from numerus.geometry.repair.health import edges_of
from numerus.geometry.repair.mending import boundary_loops, mend

BALL = ball_mesh(5)


def without(mesh: Mesh, centre: tuple[float, float, float], radius: float) -> Mesh:
    gone = np.linalg.norm(mesh.triangles.mean(axis=1) - centre, axis=1) < radius
    return Mesh(mesh.vertices, mesh.faces[~gone])


def codes(mesh: Mesh) -> list[str]:
    return [f.code for f in findings(mesh)]


def test_a_sound_mesh_has_no_findings_and_is_left_alone() -> None:
    """Nothing to find, nothing done, nothing changed."""
    assert findings(BALL) == []
    mended = mend(BALL)
    assert mended.done == ()
    assert np.array_equal(mended.mesh.faces, BALL.faces)


def test_holes_are_found_where_they_are_and_closed() -> None:
    """Two holes of different size: largest first, at their places; closed, with the volume nearly as before."""
    torn = without(without(BALL, (0, 0, 5), 1.5), (5, 0, 0), 0.8)
    holes = [f for f in findings(torn) if f.code == "holes"]
    assert [f.place_mm[2] > 4 for f in holes] == [True, False]
    assert holes[0].size_mm > holes[1].size_mm
    mended = mend(torn)
    assert mended.watertight
    assert mended.after_mm3 == pytest.approx(BALL.signed_volume_mm3, rel=0.02)
    assert "2 holes closed" in mended.done


@settings(max_examples=15)
@given(st.integers(0, 10_000))
def test_a_cube_with_a_piece_of_its_top_torn_out_is_the_cube_again(seed: int) -> None:
    """Flat holes, round or at the rim, are closed exactly: least area is no area more than the plane's."""
    cube = subdivided(box_mesh((4, 4, 4)), 3)
    x, y, radius = np.random.default_rng(seed).uniform((0, 0, 0.5), (4, 4, 3))
    middle = cube.triangles.mean(axis=1)
    gone = (middle[:, 2] > 4 - 1e-9) & (np.hypot(middle[:, 0] - x, middle[:, 1] - y) < radius)
    mended = mend(Mesh(cube.vertices, cube.faces[~gone]))
    assert mended.watertight
    assert mended.mesh.signed_volume_mm3 == pytest.approx(64)
    assert mended.mesh.areas_mm2.sum() == pytest.approx(96)


@settings(max_examples=15)
@given(st.integers(0, 10_000))
def test_faces_turned_at_random_are_turned_back(seed: int) -> None:
    """Whichever faces are turned, the solid comes out right side out."""
    turned = np.random.default_rng(seed).random(len(BALL.faces)) < 0.4
    faces = BALL.faces.copy()
    faces[turned] = faces[turned][:, ::-1]
    mended = mend(Mesh(BALL.vertices, faces))
    assert mended.mesh.signed_volume_mm3 == pytest.approx(BALL.signed_volume_mm3)


def test_a_soup_with_a_crack_a_speck_and_doubles_is_one_solid() -> None:
    """Corners a hair apart, a doubled face, one of no area and a speck: joined, dropped, and said."""
    rough = BALL.triangles + np.random.default_rng(3).normal(0, 3e-7, (len(BALL.faces), 3, 3))
    soup = np.concatenate([rough, rough[:1], np.zeros((1, 3, 3)), box_mesh((0.02, 0.02, 0.02), (9, 0, 0)).triangles])
    mended = mend(welded(soup))
    assert mended.watertight
    assert mended.mesh.signed_volume_mm3 == pytest.approx(BALL.signed_volume_mm3, rel=1e-5)
    assert {"1 speck dropped", "1 doubled face dropped", "1 face without area dropped"} <= set(mended.done)


def test_voids_stay_unless_asked_and_are_told() -> None:
    """A void is found as a shell inside; filled only on demand."""
    hollow = merged([box_mesh((10, 10, 10)), reversed_mesh(box_mesh((4, 4, 4), (3, 3, 3)))])
    assert [(f.code, f.place_mm) for f in findings(hollow)] == [("internal-shell", (5, 5, 5))]
    assert mend(hollow).after_mm3 == pytest.approx(1000 - 64)
    assert mend(hollow, fill_voids=True).after_mm3 == pytest.approx(1000)


def test_other_faults_have_pins() -> None:
    """Inside out, overlapping, speckled, tangled, turned: each by its code."""
    assert "inside-out" in codes(merged([BALL, reversed_mesh(box_mesh((2, 2, 2), (9, 0, 0)))]))
    assert codes(merged([BALL, box_mesh((2, 2, 8), (4, 0, 0))])) == ["overlapping-shells"]
    assert codes(merged([BALL, box_mesh((0.02, 0.02, 0.02), (9, 0, 0))])) == ["specks"]
    fin = np.array([[*BALL.faces[0][:2], len(BALL.vertices)]], np.int32)
    tangled = Mesh(np.vstack([BALL.vertices, [[9, 9, 9]]]), np.vstack([BALL.faces, fin]))
    assert "non-manifold" in codes(tangled)
    turned = BALL.faces.copy()
    turned[:3] = turned[:3, ::-1]
    assert "inverted-faces" in codes(Mesh(BALL.vertices, turned))


def test_shells_whose_boxes_alone_overlap_are_not_called_overlapping() -> None:
    """A block in the crook of a bracket shares no space with it; pushed into it, it does."""
    bracket = trimesh.boolean.union(
        [trimesh.creation.box(bounds=b) for b in ([[0, 0, 0], [9, 2, 1]], [[0, 0, 0], [1, 2, 9]])]
    )
    hook = Mesh(np.asarray(bracket.vertices), np.asarray(bracket.faces, np.int32))
    assert codes(merged([hook, box_mesh((2, 1, 2), (4, 0.5, 4))])) == []
    assert codes(merged([hook, box_mesh((2, 1, 2), (0.5, 0.5, 4))])) == ["overlapping-shells"]


def test_loops_that_meet_at_a_corner_are_two() -> None:
    """Two holes that share one corner are closed one by one."""
    cube = subdivided(box_mesh((4, 4, 4)), 2)
    middle = cube.triangles.mean(axis=1)
    top = middle[:, 2] > 4 - 1e-9
    gone = top & (((middle[:, 0] < 2) & (middle[:, 1] < 2)) | ((middle[:, 0] > 2) & (middle[:, 1] > 2)))
    torn = Mesh(cube.vertices, cube.faces[~gone])
    assert len(boundary_loops(torn)) == 2
    mended = mend(torn)
    assert not (edges_of(mended.mesh).balance != 0).any()
