"""What is lost of a failed part, against closed forms; the piece, the saw guide and the ways to make it good."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.assembly.saving import (
    BAND,
    CORNER,
    DETAILED,
    END,
    FLAT,
    FORMER,
    GUIDE_HIGH_MM,
    GUIDE_PLAY_MM,
    PIECE,
    PUTTY,
    WHOLE,
    Damage,
    as_end,
    lost_of,
    saw_guide,
    touching_slots,
    ways_to_save,
)
from numerus.errors import GeometryError
from numerus.geometry.mesh import Mesh

POST = box_mesh((6, 8, 30))
UP = (0.0, 0.0, 1.0)


def closed(mesh: Mesh) -> trimesh.Trimesh:
    return trimesh.Trimesh(mesh.vertices, mesh.faces)


def test_an_end_and_a_band_have_the_volume_of_their_slabs() -> None:
    """Whichever way is up: their skin is all but where they broke off."""
    end = lost_of(POST, Damage(END, (3, 4, 22), UP))
    assert end.volume_mm3 == pytest.approx(6 * 8 * 8, rel=1e-4)
    assert end.skin_mm2 == pytest.approx(2 * (6 + 8) * 8 + 48, rel=0.03) and end.break_mm2 == pytest.approx(
        48, rel=0.12
    )
    band = lost_of(POST, Damage(BAND, (3, 4, 10), UP, 5.0))
    assert band.volume_mm3 == pytest.approx(6 * 8 * 5, rel=1e-4) and band.break_mm2 == pytest.approx(96, rel=0.12)
    assert len(closed(band.left).split()) == 2, "two stumps are left"
    side = lost_of(POST, Damage(END, (4, 4, 15), (1.0, 0.0, 0.0)))
    assert side.volume_mm3 == pytest.approx(2 * 8 * 30, rel=1e-4)


def test_a_corner_is_the_ball_within_the_part() -> None:
    """An eighth of a ball at a box's corner; what is left and what is gone are the whole again, both closed."""
    lost = lost_of(POST, Damage(CORNER, (0, 0, 30), UP, 4.0))
    assert lost.volume_mm3 == pytest.approx(4 / 3 * np.pi * 64 / 8, rel=0.01)
    assert lost.left_mm3 + lost.volume_mm3 == pytest.approx(6 * 8 * 30, rel=1e-4)
    assert closed(lost.left).is_watertight and closed(lost.gone).is_watertight


def test_a_corner_is_sawn_off_level_with_all_of_it() -> None:
    """The plane leaves nothing of the ball behind."""
    corner = Damage(CORNER, (0, 0, 30), UP, 4.0)
    level = as_end(corner, POST)
    beyond = (lost_of(POST, corner).gone.vertices - np.array(level.at)) @ np.array(level.toward)
    assert beyond.min() >= -0.02 and np.linalg.norm(level.toward) == pytest.approx(1.0)
    assert lost_of(POST, level).volume_mm3 >= lost_of(POST, corner).volume_mm3


def test_nothing_lost_or_nothing_left_is_refused() -> None:
    """Marked beside the part, or all of it."""
    for at in ((3, 4, 31), (3, 4, -1)):
        with pytest.raises(GeometryError, match="nothing is left"):
            lost_of(POST, Damage(END, at, UP))


def test_smooth_skin_is_told_from_detail() -> None:
    """A wall has no relief, a ball a little, a field of studs much."""
    studs = [
        box_mesh((0.5, 0.5, 0.6)).moved((x, y, 30)) for x in np.arange(0.5, 5.5, 1.0) for y in np.arange(0.5, 7.5, 1.0)
    ]
    studded = Mesh(
        np.concatenate([POST.vertices, *(s.vertices for s in studs)]),
        np.concatenate([POST.faces, *(s.faces + len(POST.vertices) + 8 * n for n, s in enumerate(studs))]),
    )
    wall = lost_of(box_mesh((40, 40, 40)), Damage(END, (20, 20, 36), UP))
    rounded = lost_of(ball_mesh(4.0), Damage(END, (0, 0, 1), UP))
    assert 0 < rounded.relief < DETAILED and wall.relief < FLAT
    assert lost_of(studded, Damage(END, (3, 4, 29.9), UP)).relief > DETAILED
    assert "smooth" in wall.words


def test_a_saw_guide_goes_round_and_ends_where_the_piece_begins() -> None:
    """A collar as high as told, its hole the section with play, closed."""
    guide = saw_guide(POST, Damage(END, (3, 4, 22), UP))
    assert closed(guide).is_watertight and guide.extents_mm[2] == pytest.approx(GUIDE_HIGH_MM)
    ring = closed(guide).section([0, 0, 1], [0, 0, 2.0]).to_2D()[0]
    hole = min(abs(p.area) for p in (trimesh.path.polygons.Polygon(d) for d in ring.discrete))
    assert hole == pytest.approx((6 + 2 * GUIDE_PLAY_MM) * (8 + 2 * GUIDE_PLAY_MM), rel=0.03)


def test_ways_follow_from_what_is_lost() -> None:
    """A smooth bit is puttied, a detailed half printed again; a mating part is a former; what nobody sees is hidden."""
    smooth = lost_of(box_mesh((20, 20, 20)), Damage(CORNER, (0, 0, 20), UP, 3.0))
    ways = {w.key: w for w in ways_to_save(smooth, [], 0.0, 1.0, 12.0, 40.0)}
    assert ways[PUTTY].chance > ways["hide"].chance and FORMER not in ways
    assert f"{smooth.volume_mm3 * 0.0019:.1f} g" in ways[PUTTY].takes
    beside = ways_to_save(smooth, ["torso"], 1.0, 1.0, 12.0, 40.0)
    assert FORMER in {w.key for w in beside} and beside[0].key == "hide"
    half = lost_of(ball_mesh(6.0), Damage(END, (0, 0, 0), UP))
    again = {w.key: w for w in ways_to_save(half, [], 0.0, 0.5, 40.0, 60.0)}
    assert again[PIECE].chance > again[PUTTY].chance
    most = lost_of(POST, Damage(END, (3, 4, 3), UP))
    assert ways_to_save(most, [], 1.0, 1.0, 50.0, 55.0)[0].key == WHOLE, "nine tenths are gone: nothing is hidden"


def test_the_part_it_met_is_found() -> None:
    """By how near they come to what is lost; far ones are none."""
    gone = lost_of(POST, Damage(END, (3, 4, 22), UP)).gone
    beside = [("base", box_mesh((20, 20, 2)).moved((-7, -6, -2))), ("head", ball_mesh(4.0).moved((3, 4, 34)))]
    assert touching_slots(gone, beside) == ["head"]
