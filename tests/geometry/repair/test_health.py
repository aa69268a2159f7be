"""What inspection says of sound and unsound meshes."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.geometry.mesh import Mesh, merged, welded
from numerus.geometry.repair.health import Health, inspect


def look(mesh: Mesh, declared: str = "") -> Health:
    return inspect(mesh, declared)[0]


def codes(health: Health) -> set[str]:
    return {p.code for p in health.problems}


def test_a_sound_box_has_nothing_wrong() -> None:
    """Closed, one shell, exact volume and surface."""
    health = look(box_mesh((10, 20, 30)))
    assert (health.watertight, health.shells, health.holes, health.problems) == (True, 1, 0, ())
    assert health.volume_ml == pytest.approx(6.0)
    assert health.surface_cm2 == pytest.approx(22.0)


def test_overlapping_shells_count_as_their_union() -> None:
    """Two boxes half inside each other: one and a half boxes, two shells."""
    health = look(merged([box_mesh((10, 10, 10)), box_mesh((10, 10, 10), (5, 0, 0))]))
    assert health.shells == 2
    assert health.volume_ml == pytest.approx(1.5, rel=1e-3)


def test_a_shell_inside_out_is_turned_and_said() -> None:
    """The volume is positive afterwards."""
    health = look(reversed_mesh(ball_mesh(5)))
    assert codes(health) == {"inside-out"}
    assert health.volume_ml == pytest.approx(ball_mesh(5).signed_volume_mm3 / 1000)


def test_a_reversed_shell_inside_another_stays_a_void() -> None:
    """Hollow parts keep their hollow."""
    health = look(merged([box_mesh((20, 20, 20), (-10, -10, -10)), reversed_mesh(ball_mesh(5))]))
    assert "inside-out" not in codes(health)
    assert health.volume_ml == pytest.approx(8 - ball_mesh(5).signed_volume_mm3 / 1000, rel=1e-3)


def test_each_hole_is_counted() -> None:
    """Two faces far apart taken out leave two holes."""
    ball = ball_mesh(5)
    torn = Mesh(
        ball.vertices, np.delete(ball.faces, [np.argmax(ball.normals[:, 2]), np.argmin(ball.normals[:, 2])], axis=0)
    )
    health = look(torn)
    assert (health.watertight, health.holes) == (False, 2)
    assert health.volume_ml == pytest.approx(ball.signed_volume_mm3 / 1000, rel=2e-3)


@pytest.mark.parametrize(("size", "declared", "unit", "doubted"), [
    (30.0, "", "mm", False), (1.2, "", "in", True), (0.03, "", "m", True), (30.0, "millimeter", "mm", False), (8000.0, "meter", "m", True),
])  # fmt: skip
def test_a_wrong_unit_is_noticed(size: float, declared: str, unit: str, doubted: bool) -> None:
    """A figure of 1.2 units is in inches, one of 0.03 in metres; a declared unit is doubted where it is absurd."""
    health = look(box_mesh((size / 3, size / 3, size)), declared)
    assert health.unit == unit
    assert ("unit" in codes(health)) == doubted


def test_degenerate_faces_and_specks_are_named() -> None:
    """A face that names a corner twice and a grain beside the part."""
    box = merged([box_mesh((10, 10, 10)), box_mesh((0.01, 0.01, 0.01), (30, 0, 0))])
    dirty = Mesh(box.vertices, np.concatenate([box.faces, [[0, 0, 1]]]).astype(np.int32))
    assert codes(look(dirty)) == {"degenerate", "specks"}


@pytest.mark.parametrize("turned", [False, True])
def test_touching_boxes_are_two_shells(turned: bool) -> None:
    """They share the edges of a face; each is a shell of its own, and one that is inside out is found."""
    other = box_mesh((10, 10, 10), (10, 0, 0))
    both = merged([box_mesh((10, 10, 10)), reversed_mesh(other) if turned else other])
    health = look(welded(both.triangles))
    assert health.shells == 2
    assert health.volume_ml == pytest.approx(2.0)
    assert ("inside-out" in codes(health)) == turned


def test_a_doubled_shell_counts_once_in_volume() -> None:
    """Every face there twice: two shells, one volume, and it is said."""
    box = box_mesh((10, 10, 10))
    health = look(welded(merged([box, box]).triangles))
    assert (health.shells, health.watertight) == (2, True)
    assert health.volume_ml == pytest.approx(1.0)
    assert codes(health) == {"non-manifold"}


def test_four_boxes_round_one_edge_stay_apart() -> None:
    """Eight faces at the middle edge: paired by the solid between them, not by chance."""
    boxes = [box_mesh((5, 5, 8), (5 * x, 5 * y, 0)) for x in (0, 1) for y in (0, 1)]
    assert look(welded(merged(boxes).triangles)).shells == 4


def test_one_flipped_face_is_called_inverted() -> None:
    """A single face looking the wrong way leaves its neighbours' edges uneven."""
    ball = ball_mesh(5)
    faces = ball.faces.copy()
    faces[40] = faces[40][::-1]
    assert "inverted-faces" in codes(look(Mesh(ball.vertices, faces)))


def test_many_overlapping_shells_are_their_union() -> None:
    """A row of ten half-overlapping boxes: 55 mm of bar."""
    row = merged([box_mesh((10, 10, 10), (5 * n, 0, 0)) for n in range(10)])
    health = look(row)
    assert health.shells == 10
    assert health.volume_ml == pytest.approx(5.5, rel=2e-3)
