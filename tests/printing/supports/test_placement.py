"""Supports: everything caught, nothing pierced, closed solids."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
from benchmarks.sculpts import organic

from helpers import ball_mesh, box_mesh, subdivided
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.errors import Cancelled
from numerus.geometry.mesh import merged
from numerus.geometry.repair.health import edges_of
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import islands
from numerus.geometry.solids.united_columns import overlaps_mm
from numerus.printing.checks.layer_graph import layer_graph
from numerus.printing.checks.print_check import check_print, touching
from numerus.printing.checks.tip_loads import loads
from numerus.printing.machines.resting import lies_flat
from numerus.printing.orientation.pose_measures import posed, school_up
from numerus.printing.preparation.support_editing import supported
from numerus.printing.supports.placement import support
from numerus.printing.supports.posed_part import posed_part_of
from numerus.printing.supports.style import SupportStyle
from numerus.surface.fields.part_fields import fields_of

RESIN, STYLE = Resin("r", "R"), SupportStyle()


@pytest.mark.parametrize("name", ["torso_coat", "arm_L_bell", "head_hood", "heron_neck"])
@pytest.mark.parametrize("school", ["stands", "leans back", "lies on its back"])
def test_no_island_is_left_and_no_pillar_passes_through_the_part(name: str, school: str) -> None:
    """Printed layer by layer again, part and supports together begin nowhere in mid-air."""
    made = support(posed(mesh(name), school_up(school)), RESIN)
    again = islands(solid_columns(made.whole.triangles, 0.04, 0.05))
    assert made.islands_left == ()
    assert [i for i in again if i.area_mm2 > 0.06] == []
    assert check_print(made, Machine("m", "M"), RESIN).touches == ()


@pytest.mark.parametrize("seed", [1, 5])
def test_on_a_grown_sculpt_no_bar_runs_through_solid(seed: int) -> None:
    """Tilted so that limbs hang over the body: no bar's middle lies in the part away from its ends, no check finds it
    touching, and on pixels that lie otherwise than any it was proved on hardly anything begins in mid-air.
    """
    sculpt = organic(16_000, seed)
    made, proof = supported(posed(sculpt, (0, -0.64, 0.77)), Machine("m", "M"), RESIN, STYLE)
    solid = solid_columns(made.part.triangles, 0.03, 0.03)
    assert [p for p in made.pillars if _inside_mm(p, solid) > 0.2] == []
    assert proof.touches == ()
    for moved in ((0.011, 0.037, 0.0), (0.033, 0.004, 0.0), (0.047, 0.021, 0.0)):
        born = islands(solid_columns(made.whole.triangles + np.array(moved), 0.05, 0.05))
        assert len(born) <= 1


def _inside_mm(pillar: Pillar, solid: Columns) -> float:
    """How much of a pillar's middle line lies in solid, farther than a millimetre from its marks."""
    points = [np.array(p) for p in (pillar.tip, pillar.joint, pillar.knee, pillar.foot)]
    marked = [points[0], points[-1]] if pillar.lands == "part" else points[:1]
    inside = 0.0
    for a, b in zip(points, points[1:], strict=False):
        along = a + (b - a) * ((np.arange(200) + 0.5) / 200)[:, None]
        far = np.all([np.linalg.norm(along - m, axis=1) > 1.0 for m in marked], axis=0)
        inside += float((solid.holds(along) & far).mean() * np.linalg.norm(b - a))
    return inside


def test_no_way_leads_through_a_solid_cube() -> None:
    """However thin the bar and wherever it stands between pixel centres."""
    cube = box_mesh((6.4, 6.4, 6.4))
    room = posed_part_of(cube, fields_of(cube), SupportStyle(flat_mm2=1e9)).clearance(0.0)
    x, y = np.meshgrid(np.arange(16) * 0.4 - 3.0, np.arange(16) * 0.4 - 3.0)
    tops = np.stack([x.ravel(), y.ravel(), np.full(256, 9.0)], axis=1)
    assert not any(room.free(top, top - [0, 0, 4.0], 0.01) for top in tops)


def test_beside_a_part_that_stands_on_the_plate_there_is_no_raft() -> None:
    """A post with an arm: the pillar under the arm stays clear of the post's foot, whose edge a raft would grow into."""
    post = merged([box_mesh((8, 8, 20), (-4, -4, 0)), box_mesh((14, 4, 3), (0, -2, 12))])
    made = support(post, RESIN)
    assert made.part.bounds_mm[0, 2] == 0 and made.pillars
    assert touching(made) == ()
    assert overlaps_mm(made.posed_part.fine, made.support_columns)[:, 2].min() > 11


def test_the_volume_of_supports_counts_what_overlaps_once() -> None:
    """Resin of the supports is what they add to the part: the union's volume less the part's, on a grid of its own."""
    made = support(ball_mesh(6), RESIN)
    both, own = (solid_columns(m.triangles, 0.04, 0.02).volume_mm3 for m in (made.whole, made.part))
    assert made.support_ml == pytest.approx((both - own) / 1000, rel=0.01)
    assert made.support_ml < 0.99 * made.supports.signed_volume_mm3 / 1000


def test_supports_are_closed_solids_on_the_plate() -> None:
    """Every edge is matched; the raft lies on z = 0; the part hangs above it."""
    made = support(posed(mesh("arm_R_hook"), school_up("leans back")), RESIN)
    assert not np.any(edges_of(made.supports).balance)
    assert made.supports.signed_volume_mm3 > 0
    assert made.supports.bounds_mm[0, 2] == pytest.approx(0, abs=1e-9)
    assert made.part.bounds_mm[0, 2] == pytest.approx(STYLE.lift_mm)


def test_a_ball_is_caught_at_its_lowest_point() -> None:
    """Its one island lies under the centre; a tip stands there."""
    made = support(ball_mesh(6), RESIN)
    lowest = min(made.pillars, key=lambda p: p.tip[2])
    assert lowest.tip[:2] == pytest.approx((0, 0), abs=0.15)


def test_a_flat_foot_stands_on_the_plate_without_supports() -> None:
    """A box needs nothing and is not raised."""
    box = box_mesh((10, 10, 4))
    made = support(box, RESIN)
    assert lies_flat(box, STYLE.flat_mm2)
    assert (len(made.pillars), made.part.bounds_mm[0, 2]) == (0, 0)


def test_under_a_table_pillars_reach_the_plate_between_its_legs() -> None:
    """A table's top is held all over, at the style's spacing."""
    legs = [box_mesh((2, 2, 10), (x, y, 0)) for x in (0, 18) for y in (0, 18)]
    made = support(merged([*legs, box_mesh((20, 20, 2), (0, 0, 10))]), RESIN, SupportStyle(flat_mm2=10))
    top = [p for p in made.pillars if p.tip[2] > 9]
    assert len(top) > 25
    assert not any(p.lands == "part" for p in top)


def test_the_layer_graph_knows_margin_and_slice() -> None:
    """Areas sum to the part's volume; the least margin is the least of its groups'."""
    made = support(posed(mesh("arm_L_bell"), school_up("leans back")), RESIN)
    graph = layer_graph(made, Machine("m", "M"), RESIN)
    assert graph.areas_mm2.sum() * graph.layer_mm / 1000 == pytest.approx(made.part.signed_volume_mm3 / 1000, rel=0.03)
    ratio, height = graph.least_margin()
    margins = loads(made.posed_part, made.pillars, Machine("m", "M"), RESIN).margins
    assert ratio == margins.min() == margins[round(height / graph.layer_mm)]
    assert graph.bitmap(height).sum() * 0.1**2 == pytest.approx(
        graph.areas_mm2[round(height / graph.layer_mm)], abs=0.05
    )


def test_branches_save_resin_and_reach_the_same_places() -> None:
    """A plate held all over: joined into trees it takes less resin than pillars alone, and leaves no island either."""
    plate = box_mesh((24, 24, 2), (0, 0, 0)).transformed(
        np.array([[1, 0, 0, 0], [0, 1, 0, 0], [0.5, 0, 1, 0], [0, 0, 0, 1.0]])
    )
    trees, alone = (support(plate, RESIN, SupportStyle(trees=on)) for on in (True, False))
    assert sum(p.lands == "pillar" for p in trees.pillars) > 10
    assert trees.supports.signed_volume_mm3 < 0.9 * alone.supports.signed_volume_mm3
    assert trees.islands_left == alone.islands_left == ()


def test_tall_pillars_are_braced_or_stout() -> None:
    """A block high above the plate: no pillar swings, and one alone is thicker instead."""
    for block in (box_mesh((9, 9, 3)), ball_mesh(0.8)):
        made = support(block, RESIN, SupportStyle(lift_mm=40, flat_mm2=1e9))
        proof = check_print(made, Machine("m", "M"), RESIN)
        assert made.steady and proof.swings == ()


def test_small_feet_take_less_than_a_raft() -> None:
    """Feet stand alone on the plate."""
    raft, feet = (support(ball_mesh(6), RESIN, SupportStyle(foot=foot)) for foot in ("raft", "feet"))
    assert feet.supports.signed_volume_mm3 < raft.supports.signed_volume_mm3
    assert feet.supports.bounds_mm[0, 2] == pytest.approx(0, abs=1e-9)


def test_placing_supports_can_be_cancelled() -> None:
    """Progress answering False raises Cancelled and returns nothing."""
    with pytest.raises(Cancelled):
        support(ball_mesh(6), RESIN, progress=lambda share: False)


def test_a_bar_on_the_part_stands_where_nobody_looks() -> None:
    """A ledge over a wide foot: the bar leans to the half of the foot that is hidden, and straight down where all is alike."""
    foot = subdivided(box_mesh((30, 20, 3), (-15, -10, 0)), 5)
    ledge = box_mesh((4, 4, 2), (-2, -2, 7))
    post = box_mesh((1.5, 1.5, 12), (-0.75, 1.2, 2))
    part = merged([foot, ledge, post])
    centres = part.triangles.mean(axis=1)
    fields = fields_of(part)
    for scar_cost in (np.zeros(len(centres)), np.where(centres[:, 0] > -0.3, 1.0, 0.0)):
        seen = replace(fields, show=scar_cost, glue=np.zeros(len(centres), bool))
        made = support(part, RESIN, SupportStyle(flat_mm2=1, aside_mm=0.8), None, seen)
        bars = [p for p in made.pillars if p.lands == "part" and p.tip[0] > -0.5 and p.tip[1] < 0.5]
        assert bars
        leans = max(np.hypot(p.foot[0] - p.tip[0], p.foot[1] - p.tip[1]) for p in bars)
        assert (leans > 0.5) == bool(scar_cost.any())
