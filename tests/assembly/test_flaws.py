"""What to look at before the primer: found where it is, sized as it is, hidden where nobody sees it; ways by what it is."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import trimesh
from scipy.spatial import cKDTree

from helpers import ball_mesh, box_mesh, subdivided
from numerus.assembly.build_look import BuildLook, look_at_build
from numerus.assembly.flaws import (
    HIDDEN,
    LEAVE,
    MARGIN,
    SCAR,
    SEAM,
    STAIRS,
    THIN,
    Flaw,
    PrintedPart,
    flaws_of,
    radius_beside,
    seam_ways,
)  # fmt: skip
from numerus.geometry.mesh import Mesh, merged, turning_up
from numerus.surface.support_marks import tips_of
from numerus.surface.zones import ZonedMesh

UP = np.array([0.0, 0.0, 1.0])
NOTHING = np.zeros((0, 3))


def zoned(mesh: Mesh) -> ZonedMesh:
    return ZonedMesh(mesh, ("skin",), np.zeros(len(mesh.faces), np.uint8))


def looked(*parts: tuple[str, Mesh]) -> BuildLook:
    return look_at_build([(name, zoned(mesh)) for name, mesh in parts])


def printed(slot: str, mesh: Mesh, up=UP, layer=0.05, margin=2.0, tips=NOTHING) -> PrintedPart:  # type: ignore[no-untyped-def]
    return PrintedPart(slot, mesh, np.asarray(up, float), layer, margin, np.asarray(tips, float))


def kinds(flaws: list[Flaw]) -> dict[str, list[Flaw]]:
    return {k: [f for f in flaws if f.kind == k] for k in {f.kind for f in flaws}}


def test_tips_are_read_off_the_print_where_supports_touch() -> None:
    """Three pillars under a leaning block: three places, back in the block's own mm; another mesh's print tells nothing."""
    block, up = subdivided(box_mesh((10, 6, 4)), 2), np.array([0.3, 0.2, 0.9])
    turned = block.with_vertices(block.vertices @ turning_up(up).T + [50, 30, 9])
    below = np.array([[3.0, 2, 0], [7, 2, 0], [5, 5, 0]])
    ends = below @ turning_up(up).T + [50, 30, 9]
    pillars = [box_mesh((0.3, 0.3, z - 0.02), (x - 0.15, y - 0.15, 0)) for x, y, z in ends]
    found = tips_of(block, up, merged([turned, *pillars]))
    assert len(found) == 3
    for place in below:
        assert np.linalg.norm(found - place, axis=1).min() < 0.35
    assert not len(tips_of(block, up, turned)) and not len(tips_of(block, -up, merged([turned, *pillars])))


def test_scars_in_sight_come_before_those_below_and_what_nobody_sees_is_not_told() -> None:
    """On top, on a side, on the underside that stands on the table."""
    block = subdivided(box_mesh((10, 10, 8)), 3)
    tips = [[5, 5, 8.0], [5, 0, 4.0], [5, 5, 0.0]]
    scars = kinds(flaws_of([printed("body", block, tips=tips)], looked(("body", block))))[SCAR]
    assert [f.key for f in scars] == [f"{SCAR} body 0", f"{SCAR} body 1"] or [f.seen for f in scars] == sorted(
        (f.seen for f in scars), reverse=True
    )
    assert f"{SCAR} body 2" not in {f.key for f in scars} and all(f.ways[-1].name == LEAVE for f in scars)


def test_how_far_it_is_told_apart_is_one_minute_of_arc() -> None:
    """A tip of 0.45 mm from a metre and a half; a quarter of a millimetre just not across the table."""
    block = subdivided(box_mesh((10, 10, 8)), 3)
    scar = flaws_of([printed("body", block, tips=[[5, 5, 8.0]])], looked(("body", block)))[0]
    assert scar.told_from_mm == pytest.approx(0.45 * 60 * 180 / np.pi)
    assert "1.5 m" in scar.at_the_table and "not" not in scar.at_the_table


def test_a_slope_shows_stairs_and_walls_do_not() -> None:
    """Printed leaning by 30°, tops have stairs of layer times cosine; printed upright none at all."""
    block = subdivided(box_mesh((10, 10, 8)), 3)
    look = looked(("body", block))
    leaning = kinds(flaws_of([printed("body", block, [0.5, 0, np.sqrt(0.75)])], look))[STAIRS]
    assert len(leaning) == 1 and "43 µm" in leaning[0].words and leaning[0].at_mm[2] > 7.9
    assert STAIRS not in kinds(flaws_of([printed("body", block)], look))


def test_a_blade_is_thin_and_a_block_is_not_and_margins_are_told() -> None:
    """0.4 mm thick as it is; a margin that is not known says nothing."""
    blade = subdivided(box_mesh((12, 0.4, 8)), 4)
    found = kinds(flaws_of([printed("blade", blade, margin=1.05)], looked(("blade", blade))))
    assert found[THIN][0].size_mm == pytest.approx(0.4, abs=0.02) and "1.05" in found[MARGIN][0].words
    block = subdivided(box_mesh((10, 10, 8)), 2)
    assert not {THIN, MARGIN} & set(kinds(flaws_of([printed("b", block, margin=0.0)], looked(("b", block)))))


def test_skin_is_as_round_as_the_ball_or_the_tube_it_is_of() -> None:
    """By the tighter bend of a tube; a plate is flat, and a thin one is not round for having two sides."""
    ball = ball_mesh(5.0, subdivisions=5)
    assert radius_beside(ball, cKDTree(ball.vertices), ball.vertices[7]) == pytest.approx(5.0, rel=0.05)
    tube = trimesh.creation.cylinder(4.0, 30, sections=96).subdivide().subdivide().subdivide()
    mesh = Mesh(np.asarray(tube.vertices), np.asarray(tube.faces, np.int32))
    assert radius_beside(mesh, cKDTree(mesh.vertices), (4.0, 0.0, 0.0)) == pytest.approx(4.0, rel=0.1)
    plate = subdivided(box_mesh((20, 20, 0.6)), 5)
    assert radius_beside(plate, cKDTree(plate.vertices), (10, 10, 0.6)) > 1000


def test_where_parts_like_it_broke_is_looked_at_even_where_nothing_is_thin() -> None:
    block = subdivided(box_mesh((10, 10, 8)), 2)
    part = replace(printed("b", block), broke_at=((10.0, 5.0, 8.0),) * 2, figures=7)
    (flaw,) = kinds(flaws_of([part], looked(("b", block))))[THIN]
    assert flaw.at_mm == (10.0, 5.0, 8.0) and flaw.words == "b: broke here 2 times on 7 built"


def test_a_gap_beside_a_joint_is_a_seam_with_ways_by_its_width() -> None:
    """A lid that rests on a pin that fills almost all of it: thick glue for little, putty for much, leaving it always among them."""
    block = subdivided(box_mesh((10, 10, 6)), 3)
    pin = subdivided(box_mesh((9.2, 9.2, 1), (0.4, 0.4, 5.5)), 2)
    lid = merged([subdivided(box_mesh((10, 10, 3), (0, 0, 6.2)), 3), pin])
    seams = kinds(flaws_of([printed("block", block), printed("lid", lid)], looked(("block", block), ("lid", lid)))).get(
        SEAM, []
    )
    assert len(seams) == 1 and 0.08 < seams[0].size_mm < 0.6
    flat, tight = float("inf"), 3.0
    for width, radius, first in (
        (0.12, flat, "filler primer"), (0.12, tight, "resin"), (0.2, flat, "resin"), (0.4, flat, "soft filler"),
        (0.4, tight, "two-part putty"), (1.0, flat, "two-part putty"),
    ):  # fmt: skip
        ways = seam_ways(width, radius)
        assert ways[0].name.startswith(first) and ways[-1].name == LEAVE
        assert all(w.minutes > 0 and w.passes > 0 for w in ways[:-1])


def test_skin_that_no_brush_comes_to_is_told_unless_the_part_stays_apart() -> None:
    """A wall close before another: its back is out of reach; painted apart it is not."""
    wall = subdivided(box_mesh((20, 2, 16)), 3)
    screen = merged([subdivided(box_mesh((20, 1, 14), (0, -4.5, 0)), 3), box_mesh((1, 4, 1), (9.5, -4, 0))])
    look, parts = looked(("wall", wall), ("screen", screen)), [printed("wall", wall), printed("screen", screen)]
    together, apart = kinds(flaws_of(parts, look)), kinds(flaws_of(parts, look, ("screen",)))
    assert sum(f.kind == HIDDEN for f in together.get(HIDDEN, [])) > len(apart.get(HIDDEN, []))
