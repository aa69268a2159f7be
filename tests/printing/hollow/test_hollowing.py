"""Hollow shapes against their formulas: walls as asked, volumes saved, nothing trapped, solid where it is thin."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.errors import GeometryError
from numerus.geometry.cutting import mesh_of, solid_of
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.repair.health import edges_of
from numerus.geometry.thickness import thickness
from numerus.printing.hollow.hollowing import hollow, plugs, with_drain_at
from numerus.printing.hollow.venting import tipping, vented
from numerus.printing.orientation.pose_measures import measure
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


@pytest.mark.parametrize("wall", [1.5, 3.0])
def test_a_ball_is_hollowed_to_its_wall(wall: float) -> None:
    """The wall within a tenth everywhere, the saving by the formula less the drains, closed and drained."""
    made = hollow(ball_mesh(11), wall)
    assert made.min_wall_mm == pytest.approx(wall, rel=0.1)
    bores = 2 * np.pi * 1.5**2 * wall / 1000
    assert made.saved_ml == pytest.approx(4 / 3 * np.pi * (11 - wall) ** 3 / 1000 + bores, rel=0.03)
    assert made.trapped_ml == 0
    assert len(made.drains) == 2
    assert not (edges_of(made.mesh).balance != 0).any()
    walls = thickness(made.mesh)
    away = np.min([np.linalg.norm(walls.point - d.place_mm, axis=1) for d in made.drains], axis=0) > 5
    assert np.quantile(walls.wall_mm[away & (walls.wall_mm < 2 * wall)], [0.02, 0.98]) == pytest.approx(
        [wall, wall], rel=0.1
    )


def test_drains_are_at_the_ends_and_out_of_sight() -> None:
    """One low and one high as printed; on a tall box none in the middle of its front."""
    made = hollow(box_mesh((14, 14, 40), (-7, -7, 0)), 2.0)
    heights = sorted(d.place_mm[2] for d in made.drains)
    assert heights[0] < 10 and heights[1] > 30
    assert min(d.seen for d in made.drains) < 0.2


def test_thin_limbs_stay_solid_and_thin_parts_are_refused() -> None:
    """A rod on a block adds no room; a rod alone has none, and a senseless wall is refused."""
    block, rod = box_mesh((20, 20, 20)), box_mesh((4, 4, 30), (8, 8, 19))
    alone, both = hollow(block, 2.0), hollow(merged([block, rod]), 2.0)
    assert both.saved_ml == pytest.approx(alone.saved_ml, rel=0.05)
    for bad, wall in ((rod, 2.0), (block, 0.1), (box_mesh((20, 20, 0)), 2.0)):
        with pytest.raises(GeometryError):
            hollow(bad, wall)


def bowl() -> Mesh:
    outer, inner = (solid_of(m) for m in (box_mesh((16, 16, 12)), box_mesh((12, 12, 12), (2, 2, 2))))
    return mesh_of(outer - inner)


def test_a_cup_is_opened_by_a_vent_off_the_plate() -> None:
    """Standing on its floor a bowl sucks; vented it does not, and the vent comes out at a side, not on the plate."""
    made, vent = vented(bowl(), (8, 8, 2.6))
    assert measure(bowl(), fields_of(bowl()), "stands", np.array([0, 0, 1.0]), MACHINE, RESIN).cups == 1
    assert measure(made, fields_of(made), "stands", np.array([0, 0, 1.0]), MACHINE, RESIN).cups == 0
    assert vent.place_mm[2] > 0.5 and vent.length_mm == pytest.approx(2, abs=0.6)
    with pytest.raises(GeometryError, match="No thin wall"):
        vented(merged([box_mesh((60, 60, 60))]), (30, 30, 75))


def test_a_drain_goes_where_it_is_put() -> None:
    """To the skin there, through the wall that is shortest; the room stays, the other drain too."""
    made = hollow(box_mesh((16, 16, 40), (-8, -8, 0)), 2.0)
    moved = with_drain_at(made, 0, (8.0, 3.0, 30.0))
    assert moved.drains[1] == made.drains[1]
    assert moved.drains[0].place_mm == (8.0, 3.0, 30.0)
    assert moved.drains[0].length_mm == pytest.approx(2, abs=0.3)
    assert moved.saved_ml == pytest.approx(made.saved_ml, rel=0.02)
    assert moved.trapped_ml == 0


def test_struts_stand_in_the_room_and_plugs_fit_the_drains() -> None:
    """Posts cost what they are; a plug for each drain, thinner than it by the play, as long as the wall."""
    block = box_mesh((30, 30, 30))
    plain, held = hollow(block, 2.0), hollow(block, 2.0, strut_mm=2.0)
    posts = (plain.saved_ml - held.saved_ml) * 1000 / (np.pi * 1.0**2 * 26)
    assert posts == pytest.approx(9, abs=0.6)
    assert held.trapped_ml == 0
    made = plugs(plain, 0.15)
    assert len(solid_of(made).decompose()) == len(plain.drains) == 2
    assert made.extents_mm[2] == pytest.approx(1.1 + max(d.length_mm for d in plain.drains), abs=0.05)


def test_pouring_out_tells_which_way() -> None:
    """A bowl hanging mouth up keeps its fill and runs empty on its side or mouth down; a block keeps nothing."""
    full = tipping(bowl().transformed(np.diag([1.0, 1, -1, 1])))
    assert full.hanging_ml == pytest.approx(1.44, rel=0.05)
    assert full.left_ml == 0 and "runs empty" in full.description
    assert tipping(box_mesh((5, 5, 5))).description == "As it hangs it runs empty by itself."


def test_drains_go_under_what_is_glued_on_and_to_the_ends_as_it_hangs() -> None:
    """A block lying on its side has its drains left and right; a plate glued to one of them takes one under it."""
    block = box_mesh((40, 18, 18))
    lying = hollow(block, 2.0, up=(1, 0, 0))
    assert sorted(round(d.place_mm[0] / 40) for d in lying.drains) == [0, 1]
    worn = hollow(block, 2.0, up=(0, 0, 1), others=[box_mesh((12, 18, 18), (40, 0, 0))])
    assert [d.glued for d in worn.drains] == [True, True]
    assert all(d.seen == 0 and d.place_mm[0] > 39.9 for d in worn.drains)
    moved = with_drain_at(worn, 0, (20, 0, 15))
    assert not moved.drains[0].glued and moved.drains[1] == worn.drains[1]
