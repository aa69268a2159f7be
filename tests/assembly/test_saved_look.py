"""A saved part across the table: nothing changes where it is printed again, a stump is as much less as it is short, relief is smoothed away."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh
from numerus.assembly.saved_look import GREY, TableLook, as_saved
from numerus.assembly.saving import CORNER, END, HIDE, PIECE, PUTTY, WHOLE, Damage, lost_of
from numerus.demo import parts as demo_parts
from numerus.geometry.mesh import Mesh

POST, UP = box_mesh((6, 6, 30)), (0.0, 0.0, 1.0)
TOP = Damage(END, (3.0, 3.0, 20.0), UP)


def test_what_is_printed_again_is_as_new_and_a_stump_is_not() -> None:
    """A third of a post's height is missing where it is hidden: gone from the picture, and its top is seen where its side was."""
    lost = lost_of(POST, TOP)
    assert TableLook(POST, []).across(*as_saved(POST, lost, TOP, WHOLE)).share == 0
    hidden = TableLook(POST, []).across(*as_saved(POST, lost, TOP, HIDE))
    side, cap = 6 * 30 * np.cos(np.radians(40)), 36 * np.sin(np.radians(40))
    assert hidden.share == pytest.approx((side / 3 + cap) / (side + cap), abs=0.08)
    assert hidden.as_new.shape == hidden.saved.shape and "looks otherwise" in hidden.words


def test_what_stands_beside_it_makes_it_less_of_the_figure() -> None:
    """The same stump beside a post of its size is about half as much."""
    lost = lost_of(POST, TOP)
    alone = TableLook(POST, []).across(*as_saved(POST, lost, TOP, HIDE)).share
    beside = TableLook(POST, [POST.moved((12, 0, 0))]).across(*as_saved(POST, lost, TOP, HIDE)).share
    assert beside == pytest.approx(alone / 2, rel=0.35)


def test_putty_has_no_relief_and_keeps_the_form() -> None:
    """What is lost is smoother and hardly smaller; what is left is as it was, to the last vertex."""
    mesh = demo_parts.mesh("torso_apron")
    middle = float(mesh.bounds_mm[:, 2].mean())
    damage = Damage(END, (0.0, 0.0, middle), UP)
    shaped, _ = as_saved(mesh, lost_of(mesh, damage), damage, PUTTY)
    gone = mesh.vertices[:, 2] > middle
    assert np.array_equal(shaped.vertices[~gone], mesh.vertices[~gone])
    assert _roughness(shaped, gone) < 0.7 * _roughness(mesh, gone)
    assert shaped.signed_volume_mm3 == pytest.approx(mesh.signed_volume_mm3, rel=0.08)


def _roughness(mesh: Mesh, which: np.ndarray) -> float:
    """Mean angle between the normals of an edge's ends, over edges of those vertices."""
    a, b = mesh.faces[:, 0], mesh.faces[:, 1]
    own = which[a] & which[b]
    cosine = (mesh.vertex_normals[a[own]] * mesh.vertex_normals[b[own]]).sum(axis=1)
    return float(np.degrees(np.arccos(np.clip(cosine, -1, 1))).mean())


def test_a_seam_is_drawn_where_it_broke_off_and_nowhere_else() -> None:
    """Round the cut of an end, round the ball of a corner; none where the part is new."""
    mesh = demo_parts.mesh("torso_apron")
    middle = mesh.bounds_mm.mean(axis=0)
    for damage, far in (
        (Damage(END, tuple(middle), UP), lambda v: np.abs(v[:, 2] - middle[2])),
        (Damage(CORNER, tuple(middle), UP, 4.0), lambda v: np.abs(np.linalg.norm(v - middle, axis=1) - 4.0)),
    ):
        made, colours = as_saved(mesh, lost_of(mesh, damage), damage, PIECE)
        dark = (colours != GREY).any(axis=1)
        assert dark.any() and far(made.vertices)[dark].max() < 0.12 + 1e-9
    assert not (as_saved(mesh, lost_of(mesh, damage), damage, WHOLE)[1] != GREY).any()
