"""Shapes compared: turned, mirrored, scaled, remeshed, different; and hidden among supports."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy.spatial.transform import Rotation

from helpers import ball_mesh, box_mesh, handed_mesh, moved_by, subdivided
from numerus.geometry.likeness import Fit, ShapePrint, alike, even_points, within
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.solids.occupancy import cell_for, contact, occupied, shared_mm3
from numerus.kit.recognise import core_of


def compared(a: Mesh, b: Mesh) -> Fit | None:
    return alike(ShapePrint(a), ShapePrint(b))


@settings(max_examples=12)
@given(st.integers(0, 10_000))
def test_a_turned_copy_is_the_same_and_a_turned_mirror_is_not(seed: int) -> None:
    """However it lies: the copy is found as such, the mirrored one as mirrored, and the matrix lays one on the other."""
    turn = np.eye(4)
    turn[:3, :3] = Rotation.random(random_state=seed).as_matrix()
    turn[:3, 3] = 9, -4, 2
    shape = handed_mesh()
    for mirror in (False, True):
        other = subdivided(shape.transformed(turn @ np.diag([-1.0 if mirror else 1, 1, 1, 1])), 1)
        fit = compared(shape, other)
        assert fit is not None
        assert fit.mirrored == mirror
        assert fit.scale == pytest.approx(1, abs=1e-6)
        laid = shape.transformed(fit.matrix)
        assert np.abs(ShapePrint(other).distances(laid.vertices)[0]).max() < 0.1


def test_a_symmetric_shape_is_its_own_mirror_and_so_no_twin() -> None:
    """A box, a ball and a rod mirrored are simply copies."""
    rod = trimesh.creation.cylinder(1, 12, sections=48)
    for shape in (box_mesh((3, 4, 9)), ball_mesh(4), Mesh(np.asarray(rod.vertices), np.asarray(rod.faces, np.int32))):
        fit = compared(shape, moved_by(shape, 40, (5, 5, 5), mirror=True))
        assert fit is not None
        assert not fit.mirrored


def test_scale_copies_tell_their_scale() -> None:
    """The same shape at 1.5 times is the same shape at 1.5 times."""
    fit = compared(handed_mesh(), moved_by(handed_mesh(), 70, (1, 2, 3), scale=1.5))
    assert fit is not None
    assert fit.scale == pytest.approx(1.5, rel=1e-5)


@pytest.mark.parametrize("change", [(0, 0, 1.2), (0.9, 0, 0)])
def test_a_changed_detail_is_another_shape(change: tuple[float, float, float]) -> None:
    """One arm of it moved a little is enough."""
    assert compared(handed_mesh(), handed_mesh(change)) is None


def test_even_points_are_even() -> None:
    """Points per face follow area, and their mean is the surface's centroid."""
    points, normals = even_points(box_mesh((4, 2, 1)), 8000)
    assert (normals[:, 2] > 0.9).mean() == pytest.approx(8 / 28, abs=0.01)
    assert points.mean(axis=0) == pytest.approx([2, 1, 0.5], abs=0.02)


def test_a_part_is_found_among_pillars() -> None:
    """All of a plain part is found in a turned copy that stands on posts; a different one is not."""
    part = handed_mesh()
    posed = moved_by(part, 35, (0, 0, 12), tilt=(0.3, 0.5, 0.8))
    posts = [box_mesh((0.8, 0.8, 8), (x - 0.4, y - 0.4, 0.5)) for x in (-3, 0, 3) for y in (-2, 2)]
    held = merged([posed, box_mesh((14, 10, 0.6), (-7, -5, 0)), *posts])
    found, other = (
        within(ShapePrint(p), core_of(p), ShapePrint(held), core_of(held, 1.0), 0.1)
        for p in (part, handed_mesh((0, 0, 3)))
    )
    assert found.share > 0.97
    assert other.share < found.share - 0.05


def test_shared_space_is_counted_in_cells() -> None:
    """Two boxes share the box they both fill, whatever their shells."""
    a, b = box_mesh((6, 6, 6)), box_mesh((6, 6, 6), (3, 0, -1))
    cell = cell_for([a, b])
    cells = [occupied(m, cell, -1) for m in (a, b, merged([a, b]))]
    assert cells[0].volume_mm3 == pytest.approx(216, rel=0.05)
    assert shared_mm3(cells[0], cells[1]) == pytest.approx(3 * 6 * 5, rel=0.08)
    assert shared_mm3(cells[0], cells[2]) == pytest.approx(cells[0].volume_mm3)


def test_contact_is_where_the_skins_meet() -> None:
    """A box on a box touches over the smaller face and a rim of the gap's width, in its middle; one 1 mm away does not touch."""
    below = ShapePrint(box_mesh((10, 10, 2)))
    touch = contact(below, ShapePrint(box_mesh((4, 2, 3), (5, 1, 2.1))))
    assert touch is not None
    assert (touch.x_mm, touch.y_mm, touch.z_mm) == pytest.approx((7, 2, 2.05), abs=0.15)
    assert touch.area_mm2 == pytest.approx(8 + 12 * 0.25, rel=0.2)
    assert contact(below, ShapePrint(box_mesh((4, 2, 3), (5, 1, 3)))) is None
