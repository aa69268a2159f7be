"""The designer's supported copy as one way among ours: found as it was turned, its marks as large as the tips that made it."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.demo import parts as demo_parts
from numerus.domain.parts import Kit, Part, Relation
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Floats, merged
from numerus.printing.preparation.supplied_way import supplied_copy, supplied_way, touched_mm2
from numerus.surface.fields.part_fields import Fields, fields_of

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


def about_z(degrees: float) -> Floats:
    a, turn = np.radians(degrees), np.eye(4)
    turn[:2, :2], turn[:3, 3] = [[np.cos(a), -np.sin(a)], [np.sin(a), np.cos(a)]], [5, 3, 40]
    return turn


def all_seen(faces: int) -> Fields:
    return Fields(np.ones(faces), np.ones(faces), *(np.zeros(faces, bool) for _ in range(3)))


def test_a_copy_is_found_as_it_lies_and_its_marks_are_those_of_its_tips() -> None:
    """Supported in a known pose, then turned and lifted away: the same direction up, its height, the ends of its tips as marks."""
    part = demo_parts.demo_part("arm_R_banner", lambda _: "")
    assert part.pose is not None and part.draft is not None
    mesh, copy = demo_parts.mesh("arm_R_banner"), demo_parts.supported("arm_R_banner").transformed(about_z(37))
    way = supplied_way(mesh, copy, all_seen(len(mesh.faces)), MACHINE, RESIN)
    assert way is not None and np.dot(way.cost.up, part.pose.up) > np.cos(np.radians(1))
    ends_mm2 = sum(np.pi / 4 * p.tip_mm**2 * (2 if p.lands == "part" else 1) for p in part.draft.pillars)
    assert way.cost.height_mm == pytest.approx(float(copy.extents_mm[2]))
    assert way.cost.scar_mm2 == pytest.approx(ends_mm2, rel=0.4)
    assert way.printed.pose.up == way.cost.up and way.cost.supported


def test_a_post_under_a_block_marks_as_much_as_its_end() -> None:
    """Two by two millimetres under a face that is seen in full."""
    block = box_mesh((20, 20, 6))
    whole = merged([block, box_mesh((2, 2, 5.1), (9, 9, -5))])
    fields = all_seen(len(block.faces))
    assert touched_mm2(block, whole, np.eye(4), fields) == pytest.approx(4.0, rel=0.15)
    assert touched_mm2(block, block, np.eye(4), fields) == 0


def test_a_copy_of_something_else_is_no_way() -> None:
    """A ball is not found in a supported arm."""
    ball = ball_mesh(6.0)
    assert supplied_way(ball, demo_parts.supported("arm_L_belt"), fields_of(ball), MACHINE, RESIN) is None


def test_the_copy_is_the_one_its_kit_tells_and_nobody_denied() -> None:
    """A copy without a plain part is no copy of this one."""

    def part(name: str) -> Part:
        return Part(name, "k", name, "head", "", 12, (1, 1, 1), 1, 1, True, 1, 0, "mm")

    def plans(*relations: Relation) -> Plans:
        return Plans(kits={"k": Kit("k", "K", relations=relations)}, parts={n: part(n) for n in ("a", "b")})

    told = Relation("supported", ("a", "b"), 0.9, "")
    found = supplied_copy(plans(told), part("a"))
    assert found is not None and found.id == "b"
    assert supplied_copy(plans(Relation("supported", ("b",), 0.7, "")), part("a")) is None
    assert supplied_copy(plans(Relation("supported", ("a", "b"), 0.9, "", overruled=True)), part("a")) is None
