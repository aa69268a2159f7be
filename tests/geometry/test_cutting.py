"""Cuts: closed halves, volumes that add up, keys that fit and do not pierce, seams at waists."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, handed_mesh, reversed_mesh
from numerus.errors import GeometryError
from numerus.geometry.cutting import (
    KEY_FORMS,
    Cut,
    KeyStyle,
    Plane,
    below_removed,
    cut,
    plugged,
    propose_cuts,
    solid_of,
)  # fmt: skip
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.repair.health import edges_of
from numerus.geometry.thickness import thickness


def closed(mesh: Mesh) -> bool:
    return not (edges_of(mesh).balance != 0).any()


def volumes(made: Cut) -> float:
    return made.above.signed_volume_mm3 + made.below.signed_volume_mm3


@settings(max_examples=12)
@given(st.floats(-2.5, 2.5), st.floats(-1, 1), st.floats(-1, 1), st.floats(0.2, 1))
def test_volumes_add_up_wherever_the_plane_lies(offset: float, x: float, y: float, z: float) -> None:
    """Two closed halves, together the ball, and the cap's volume as the formula has it."""
    normal = np.array([x, y, z]) / np.linalg.norm([x, y, z])
    made = cut(ball_mesh(4), Plane(tuple(normal * offset), tuple(normal)))
    assert closed(made.above)
    assert closed(made.below)
    assert volumes(made) == pytest.approx(ball_mesh(4).signed_volume_mm3, rel=1e-4)
    height = 4 - offset
    assert made.above.signed_volume_mm3 == pytest.approx(np.pi * height**2 * (12 - height) / 3, rel=0.02)


@pytest.mark.parametrize("form", KEY_FORMS)
def test_a_key_fits_with_its_clearance_and_pierces_nothing(form: str) -> None:
    """Peg and socket: closed, clear of each other by the clearance, WALL_MM left round the socket."""
    block = box_mesh((12, 12, 20), (-6, -6, 0))
    made = cut(block, Plane((0, 0, 9), (0, 0, 1)), KeyStyle(form, 0.15))
    assert closed(made.above)
    assert closed(made.below)
    assert len(made.keys) == (2 if form == "round" else 1)
    assert made.play_mm3 > 0
    assert volumes(made) + made.play_mm3 == pytest.approx(12 * 12 * 20, rel=1e-5)
    assert (solid_of(made.above) ^ solid_of(made.below)).volume() == pytest.approx(0, abs=1e-6)
    assert thickness(made.below).thinnest_mm >= 0.5 - 1e-3
    gap = solid_of(made.above).min_gap(solid_of(made.below), 0.5)
    assert gap == pytest.approx(0, abs=1e-6)  # they meet at the seam
    lifted = solid_of(made.above).translate((0, 0, 0.05)).min_gap(solid_of(made.below), 0.5)
    assert lifted == pytest.approx(0.05, abs=0.01)


def test_a_thin_section_gets_no_key_and_says_so() -> None:
    """A sheet of 1 mm has no room for a socket."""
    made = cut(box_mesh((20, 1, 20)), Plane((0, 0, 9), (0, 0, 1)), KeyStyle())
    assert made.keys == ()
    assert made.notes


def test_a_key_is_made_smaller_until_it_fits() -> None:
    """Under a thin floor the socket stays shallow."""
    deep, thin = (cut(box_mesh((10, 10, 14)), Plane((5, 5, at), (0, 0, 1)), KeyStyle("D")).keys[0] for at in (9, 2.6))
    assert thin.depth_mm < deep.depth_mm
    assert thin.depth_mm + 0.15 + 0.5 <= 2.6 + 1e-6


def test_magnets_get_a_pair_of_holes() -> None:
    """Holes of the magnet's size in both halves, face to face; two, since the section is large."""
    made = cut(box_mesh((20, 10, 14)), Plane((10, 5, 7), (0, 0, 1)), KeyStyle(hole_mm=3, depth_mm=1, clearance_mm=0.05))
    hole = np.pi * 1.55**2 * 1.05 * np.sin(2 * np.pi / 32) / (2 * np.pi / 32)
    assert made.above.signed_volume_mm3 == pytest.approx(1400 - 2 * hole, rel=1e-3)
    assert made.below.signed_volume_mm3 == pytest.approx(1400 - 2 * hole, rel=1e-3)


def test_shells_are_cut_as_one_solid_and_voids_stay() -> None:
    """Overlapping boxes count once; a hollow is cut open."""
    crossed = merged([box_mesh((4, 4, 10)), box_mesh((4, 4, 10), (2, 0, 0))])
    assert volumes(cut(crossed, Plane((0, 0, 5), (0, 0, 1)))) == pytest.approx(240, rel=1e-5)
    hollow = merged([box_mesh((10, 10, 10)), reversed_mesh(box_mesh((4, 4, 4), (3, 3, 3)))])
    assert volumes(cut(hollow, Plane((0, 0, 5), (0, 0, 1)))) == pytest.approx(1000 - 64, rel=1e-5)


def test_a_torn_part_and_a_plane_beside_it_are_refused() -> None:
    """In words; nothing is cut."""
    torn = ball_mesh(4)
    with pytest.raises(GeometryError, match="torn"):
        cut(Mesh(torn.vertices, torn.faces[5:]), Plane((0, 0, 0), (0, 0, 1)))
    with pytest.raises(GeometryError, match="pass through"):
        cut(torn, Plane((0, 0, 9), (0, 0, 1)))


def test_cuts_are_proposed_at_the_waist() -> None:
    """An hourglass of boxes is best cut through its neck; halves that must fit are halves that fit."""
    waisted = merged(
        [
            box_mesh((10, 10, 10), (-5, -5, 0)),
            box_mesh((3, 3, 6), (-1.5, -1.5, 9)),
            box_mesh((10, 10, 12), (-5, -5, 14)),
        ]
    )
    best = propose_cuts(waisted)[0]
    assert best.plane.normal == (0, 0, 1)
    assert 10 < best.plane.point[2] < 14
    assert best.seam_mm == pytest.approx(12, rel=1e-3)
    assert all(max(p.largest_mm) <= 14 for p in propose_cuts(waisted, (14, 14, 14)))


def test_below_a_height_goes_and_sockets_are_filled() -> None:
    """A base is cut off level; a socket filled flush with the face round it."""
    assert below_removed(handed_mesh(), 1.0).bounds_mm[0, 2] == pytest.approx(1)
    with pytest.raises(GeometryError):
        below_removed(handed_mesh(), 99)
    block = solid_of(box_mesh((10, 10, 6))) - solid_of(box_mesh((3, 3, 3), (3.5, 3.5, 3.1)))
    from numerus.geometry.cutting import mesh_of

    filled = plugged(mesh_of(block), (5, 5, 6), 3.2)
    assert filled.signed_volume_mm3 == pytest.approx(600, rel=0.01)
    assert filled.bounds_mm[1, 2] == pytest.approx(6)
