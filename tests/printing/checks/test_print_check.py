"""The print of a supported part foretold: groups, tips, necks, marks; against sums done by hand."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.geometry.mesh import merged
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.sections import SectionMap, sections
from numerus.printing.checks.print_check import (
    check_mesh_print,
    check_print,
    marks,
    scar_bill,
)
from numerus.printing.orientation.pose_measures import posed, school_up
from numerus.printing.supports.placement import built, support
from numerus.printing.supports.posed_part import posed_part_of
from numerus.printing.supports.style import SupportStyle
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN, STYLE = Machine("m", "M"), Resin("r", "R"), SupportStyle()
NONE_FLAT = replace(STYLE, flat_mm2=1e9)


def straight(x: float, y: float, z: float, tip_mm: float = 0.45) -> Pillar:
    return Pillar((x, y, z), (x, y, z - 1.6), (x, y, z - 1.6), (x, y, 0.0), tip_mm)


def test_light_and_heavy_tips_are_told() -> None:
    """One fine tip under a wide block is too light; nine heavy ones under a small one are too heavy."""
    wide = box_mesh((12, 12, 3))
    made = built(posed_part_of(wide, fields_of(wide), NONE_FLAT), STYLE, [straight(0, 0, 4, 0.3)])
    assert check_print(made, MACHINE, RESIN).too_light == (0,)
    small = box_mesh((3, 3, 3))
    nine = [straight(x, y, 4, 0.7) for x in (-1, 0, 1) for y in (-1, 0, 1)]
    made = built(posed_part_of(small, fields_of(small), NONE_FLAT), STYLE, nine)
    assert check_print(made, MACHINE, RESIN).too_heavy == tuple(range(9))


def test_a_shaft_through_the_part_and_a_lonely_tall_one_are_told() -> None:
    """A pillar drawn through a ledge touches; one of forty millimetres that cannot be stouter swings."""
    ledge = merged([box_mesh((10, 3, 2)), box_mesh((3, 3, 12)), box_mesh((10, 3, 2), (0, 0, 11))])
    posed_part = posed_part_of(ledge, fields_of(ledge), NONE_FLAT)
    made = built(posed_part, STYLE, [straight(3, 0, 15)])
    assert check_print(made, MACHINE, RESIN).touches == (0,)
    beside = merged([box_mesh((8, 8, 2), (0, 0, 40)), box_mesh((2, 8, 41), (2.6, 0, 0))])
    made = built(posed_part_of(beside, fields_of(beside), NONE_FLAT), STYLE, [straight(-2.35, 0, 44)])
    assert check_print(made, MACHINE, RESIN).swings == (0,)


def test_a_ready_supported_mesh_is_judged_without_knowing_its_tips() -> None:
    """The weakest section is what the tips say by groups; cut a pillar away and the mesh tells what is missing."""
    block = box_mesh((5, 5, 3))
    four = [straight(x, y, 4) for x in (-2, 2) for y in (-2, 2)]
    made = built(posed_part_of(block, fields_of(block), NONE_FLAT), STYLE, four)
    known, blind = check_print(made, MACHINE, RESIN), check_mesh_print(made.whole, MACHINE, RESIN)
    assert blind.weakest.margin == pytest.approx(known.loads.margins.min(), rel=0.2)
    assert blind.weakest.at_mm[2] == pytest.approx(4, abs=0.2)
    made = support(posed(mesh("torso_apron"), school_up("leans back")), RESIN)
    assert check_mesh_print(made.whole, MACHINE, RESIN).islands == ()
    first = min(made.pillars, key=lambda p: p.tip[2])
    less = built(made.posed_part, made.style, [p for p in made.pillars if p is not first])
    assert len(check_mesh_print(less.whole, MACHINE, RESIN).islands) > 0


def test_marks_cost_more_where_they_are_seen() -> None:
    """Area by how much it is seen; minutes grow with size and sight; a bar on the part leaves two."""
    ball = ball_mesh(6)
    posed_part = posed_part_of(ball, fields_of(ball), STYLE)
    side, low = straight(5.5, 0, 7.6, 0.7), straight(0, 0, 4, 0.7)
    seen, hidden = (built(posed_part, STYLE, [p]) for p in (side, low))
    assert scar_bill(seen)[0] > scar_bill(hidden)[0] == pytest.approx(0, abs=0.01)
    assert scar_bill(seen)[1] > scar_bill(hidden)[1]
    bar = replace(low, foot=(0, 0, 2.0), lands="part")
    assert len(marks(built(posed_part, STYLE, [bar]))[1]) == 2


def test_a_section_is_found_by_a_point_in_it_or_near() -> None:
    """Two posts: each point names its own; one between them within reach, none beyond it."""
    posts = merged([box_mesh((2, 2, 3)), box_mesh((2, 2, 3), (5, 0, 0))])
    columns = solid_columns(posts.triangles, 0.1, 0.1)
    made = sections(columns)
    points, layers = np.array([[1.0, 1], [6, 1], [2.3, 1], [3.5, 1]]), np.array([5, 5, 5, 5])
    found = SectionMap(columns).at(points, layers, 4)
    assert made.x_mm[found[0]] == pytest.approx(1, abs=0.1) and made.x_mm[found[1]] == pytest.approx(6, abs=0.1)
    assert found[2] == found[0] and found[3] == -1
