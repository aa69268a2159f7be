"""Supports changed by hand and mended by the proof; every change is a new, checked one."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import BrushDab
from numerus.errors import GeometryError
from numerus.geometry.mesh import merged
from numerus.printing.checks.print_check import check_print
from numerus.printing.orientation.pose_measures import posed, school_up
from numerus.printing.preparation.support_editing import (
    drafted,
    mended,
    moved_tip,
    split,
    supported,
    thickened,
    under,
    with_tip,
    without_tip,
)
from numerus.printing.supports.placement import built, support
from numerus.printing.supports.posed_part import posed_part_of
from numerus.printing.supports.style import STYLES, SupportStyle, style_for, tip_name
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN, STYLE = Machine("m", "M"), Resin("r", "R"), SupportStyle(flat_mm2=1e9)


def test_tips_are_added_moved_thickened_and_taken_away() -> None:
    """Each gives a new one with that change alone; what was there stays as it was."""
    made = support(ball_mesh(6), RESIN, STYLE)
    more = with_tip(made, (3.0, 0.0, 5.0), 0.45)
    assert more.pillars[:-1] == made.pillars and more.pillars[-1].why == "hand"
    assert np.linalg.norm(np.array(more.pillars[-1].tip) - [0, 0, 10]) == pytest.approx(6, abs=0.05)
    moved = moved_tip(more, len(more.pillars) - 1, (0.0, 3.0, 5.0))
    assert moved.pillars[-1].tip[1] > 1 > abs(moved.pillars[-1].tip[0])
    assert (
        thickened(moved, 0).pillars[0].tip_mm > moved.pillars[0].tip_mm or moved.pillars[0].tip_mm == STYLE.tips_mm[-1]
    )
    assert thickened(thickened(thickened(made, 0, True), 0, True), 0, True).pillars[0].tip_mm == STYLE.tips_mm[0]
    assert without_tip(more, len(more.pillars) - 1).pillars == made.pillars
    with pytest.raises(GeometryError, match="looks up"):
        under(made, (0, 0, 16))


def test_a_tip_is_split_in_two_to_either_side() -> None:
    """Two of its size, apart, where there was one."""
    made = support(box_mesh((12, 12, 3)), RESIN, STYLE)
    halves = split(made, 0).pillars
    assert len(halves) == len(made.pillars) + 1
    a, b = (np.array(p.tip) for p in halves[-2:])
    assert 0.8 < np.linalg.norm(a - b) < STYLE.spacing_mm
    assert {p.tip_mm for p in halves[-2:]} == {made.pillars[0].tip_mm}


def test_branches_of_a_trunk_that_goes_stand_by_themselves() -> None:
    """No strut is left hanging in the air."""
    plate = box_mesh((24, 24, 2), (0, 0, 0)).transformed(
        np.array([[1, 0, 0, 0], [0, 1, 0, 0], [0.5, 0, 1, 0], [0, 0, 0, 1.0]])
    )
    made = support(plate, RESIN, STYLE)
    branch = next(p for p in made.pillars if p.lands == "pillar")
    trunk = next(i for i, p in enumerate(made.pillars) if p.lands == "plate" and p.foot[:2] == branch.foot[:2])
    less = without_tip(made, trunk)
    feet = {p.foot[:2] for p in less.pillars if p.lands == "plate"}
    assert all(p.foot[:2] in feet for p in less.pillars if p.lands == "pillar")
    assert branch.tip in {p.tip for p in less.pillars}


def test_one_action_mends_what_the_proof_finds() -> None:
    """All tips taken but one: islands are caught again, tips grown until they hold; heavy ones are made finer."""
    made = support(posed(mesh("torso_apron"), school_up("leans back")), RESIN)
    poor = built(made.posed_part, made.style, made.pillars[:1])
    assert check_print(poor, MACHINE, RESIN).islands_left
    again, proof = mended(poor, MACHINE, RESIN)
    assert proof.sound and proof.loads.margins.min() >= made.style.margin
    assert check_print(again, MACHINE, RESIN).too_heavy == ()


def test_a_cone_on_its_point_gets_what_it_needs() -> None:
    """Fine tips would not hold it: the proof makes them heavier or more."""
    cone = merged([box_mesh((0.6, 0.6, 2), (-0.3, -0.3, 0)), box_mesh((14, 14, 3), (-7, -7, 1.8))])
    made, proof = supported(cone, MACHINE, RESIN, style_for("balanced", MACHINE, RESIN))
    assert proof.sound and proof.loads.margins.min() >= 1.2


def test_keep_off_is_kept_and_hold_is_held() -> None:
    """No tip but an island's within the painted patch; where "hold" was painted there are more."""
    slab = subdivided(box_mesh((20, 20, 2)), 4)
    plain = support(slab, RESIN, STYLE, None, fields_of(slab))
    middle = (10.0, 10.0, 0.0)
    off = support(slab, RESIN, STYLE, None, fields_of(slab, (), [BrushDab("keep off", middle, 5.0)]))
    on = support(slab, RESIN, STYLE, None, fields_of(slab, (), [BrushDab("hold", middle, 5.0)]))

    def within(made, radius):  # type: ignore[no-untyped-def]
        return sum(np.hypot(p.tip[0], p.tip[1]) < radius for p in made.pillars if p.why != "island")

    assert within(off, 4.5) == 0 < within(plain, 4.5) < within(on, 4.5)


def test_tips_prefer_what_glue_will_cover() -> None:
    """Half of a slab's underside is a joint: more of the tips between edges stand there than on the half that is seen."""
    slab = subdivided(box_mesh((24, 8, 2)), 5)
    base = fields_of(slab)
    glue = slab.triangles.mean(axis=1)[:, 0] > 12
    seen = replace(base, glue=glue, show=np.where(glue, 0.0, 1.0))
    made = support(slab, RESIN, STYLE, None, seen)
    fine, heavy = STYLE.tips_mm[0], STYLE.tips_mm[2]
    sizes = {p.tip[0] > 0: set() for p in made.pillars}
    for p in made.pillars:
        if p.why != "island" and abs(p.tip[0]) > 1:
            sizes[p.tip[0] > 0].add(p.tip_mm)
    assert sizes[False] == {fine} and heavy in sizes[True]


def test_a_draft_is_the_same_again() -> None:
    """From its pillars alone the same supports come back."""
    part = posed(mesh("arm_L_bell"), school_up("stands"))
    made = support(part, RESIN, STYLE)
    again = drafted(part, made.posed_part.fields, STYLE, made.pillars)
    assert again.supports.vertices == pytest.approx(made.supports.vertices)
    assert again.islands_left == made.islands_left


def test_styles_differ_and_follow_the_pull() -> None:
    """Sparse to safe: more tips; a faster lift draws them together; sizes have names."""
    tips = {name: len(support(ball_mesh(8), RESIN, style_for(name, MACHINE, RESIN)).pillars) for name in STYLES}
    assert tips["sparse"] < tips["balanced"] < tips["safe"]
    fast = style_for("balanced", Machine("m", "M", lift_mm_per_min=180), RESIN)
    assert fast.spacing_mm < style_for("balanced", MACHINE, RESIN).spacing_mm == SupportStyle().spacing_mm
    assert [tip_name(t, STYLE) for t in STYLE.tips_mm] == ["fine", "medium", "heavy"]
    assert posed_part_of(box_mesh((9, 9, 3)), fields_of(box_mesh((9, 9, 3))), SupportStyle()).part.bounds_mm[0, 2] == 0
