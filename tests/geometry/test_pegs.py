"""Pegs, sockets and magnet holes between two parts, against closed forms and by pixels that both would fill."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.errors import GeometryError
from numerus.geometry.cutting import KeyStyle, Plane
from numerus.geometry.mesh import Mesh
from numerus.geometry.pegs import as_one, pegged
from numerus.geometry.solids.columns import solid_columns

ARM, BODY = box_mesh((8, 8, 12), (-4, -4, 0)), box_mesh((20, 20, 15), (-10, -10, -15))
MEET = Plane((0.0, 0.0, 0.0), (0.0, 0.0, 1.0))


def volume(mesh: Mesh) -> float:
    made = trimesh.Trimesh(mesh.vertices, mesh.faces)
    assert made.is_watertight
    return float(made.volume)


def shared_mm3(a: Mesh, b: Mesh, cell: float = 0.05) -> float:
    """Volume that both fill, counted in cells by points of one asked of the other."""
    floor = min(a.bounds_mm[0, 2], b.bounds_mm[0, 2])
    one, other = (solid_columns(m.moved((0, 0, -floor)).triangles, cell, cell) for m in (a, b))
    runs = (one.high - one.low).astype(int)
    own = np.repeat(np.arange(len(runs)), runs)
    layer = one.low[own] + np.arange(len(own)) - np.repeat(np.cumsum(runs) - runs, runs)
    x, y = one.grid.centre_mm(one.x[own].astype(float), one.rows[own].astype(float))
    return float(other.holds(np.stack([x, y, (layer + 0.5) * cell], axis=1)).sum()) * cell**3


def test_a_peg_adds_what_its_socket_takes_but_for_the_play() -> None:
    """Of two flat faces: a cylinder of the width and depth told, and one wider and deeper by the play."""
    style = KeyStyle("round", 0.2)
    made = pegged(ARM, BODY, MEET, style)
    assert made.other is not None
    circle = 32 / (2 * np.pi) * np.sin(2 * np.pi / 32)  # a circle of 32 sides
    area = np.pi / 4 * made.width_mm**2 * circle
    wider = np.pi / 4 * (made.width_mm + 0.4) ** 2 * circle
    sunk = (volume(made.part) - volume(ARM)) / area - made.depth_mm
    assert 0 <= sunk <= 2.0
    assert volume(BODY) - volume(made.other) == pytest.approx(wider * (made.depth_mm + sunk + 0.2), rel=0.01)
    assert shared_mm3(made.part, made.other) < 0.01 * area


def test_between_curved_skins_it_is_rooted_where_both_are_whole() -> None:
    """A ball on a ball, tilted: closed, the peg nowhere in the other, and deep enough to hold."""
    body, head = ball_mesh(8.0), ball_mesh(4.0, (0, 0, 0))
    toward = np.array([0.6, 0.0, 0.8])
    head = head.moved(toward * 11.6)
    meet = Plane(tuple(toward * 7.8), tuple(toward))
    made = pegged(head, body, meet, KeyStyle("D", 0.15))
    assert made.other is not None and made.depth_mm >= 0.5 * made.width_mm >= 0.5
    reach = ((made.part.vertices - meet.point) @ toward).min()
    assert reach < -made.depth_mm - 0.1
    bare = shared_mm3(head, body)
    assert shared_mm3(made.part, made.other) <= bare + 0.05 and volume(made.other) < volume(body)


def test_holes_for_a_magnet_are_in_both() -> None:
    """As wide and deep as the magnet and its play, in each."""
    made = pegged(ARM, BODY, MEET, KeyStyle("round", 0.1, hole_mm=3.0, depth_mm=2.0))
    assert made.other is not None and made.width_mm == 3.0
    for before, after in ((ARM, made.part), (BODY, made.other)):
        gone = (volume(before) - volume(after)) / (np.pi / 4 * 3.2**2)
        assert 2.0 < gone < 4.2  # from the face, through what is not whole, and its play


def test_as_one_piece_they_have_the_volume_of_both_less_what_they_share() -> None:
    """What does not touch is refused."""
    sunk = ARM.moved((0, 0, -1))
    assert volume(as_one(sunk, BODY).part) == pytest.approx(8 * 8 * 12 + 20 * 20 * 15 - 64, rel=1e-4)
    with pytest.raises(GeometryError, match="do not touch"):
        as_one(ARM.moved((0, 0, 3)), BODY)


def test_what_is_too_slight_for_a_peg_is_said() -> None:
    """A wand of a millimetre, and a magnet wider than the arm."""
    with pytest.raises(GeometryError, match="no room"):
        pegged(box_mesh((1, 1, 12), (-0.5, -0.5, 0)), BODY, MEET, KeyStyle())
    with pytest.raises(GeometryError, match="no room"):
        pegged(ARM, BODY, MEET, KeyStyle(hole_mm=8.0, depth_mm=2.0))
