"""What is worth keeping apart, in what order it is glued, and that it is glued on later."""

from __future__ import annotations

from itertools import combinations

import numpy as np
import pytest

from helpers import box_mesh
from numerus.assembly.build_look import OUT_OF_REACH, REGAINED, BuildLook, look_at_build
from numerus.assembly.gluing import build_plan, glued_later, kept_apart
from numerus.assembly.joints import joints_of
from numerus.assembly.sub_assemblies import apart_minutes, as_chosen, body_of, in_one_piece, worth_it
from numerus.geometry.mesh import merged
from numerus.surface.zones import zoned

# A post on a floor with a roof over it, and a knob on the roof.
PARTS = [
    ("floor", box_mesh((24, 24, 1))),
    ("post", box_mesh((4, 4, 5), (10, 10, 1))),
    ("roof", box_mesh((22, 22, 1), (1, 1, 6))),
    ("knob", box_mesh((2, 2, 2), (11, 11, 7))),
]


@pytest.fixture(scope="module")
def look() -> BuildLook:
    return look_at_build([(name, zoned(mesh, (), None)) for name, mesh in PARTS])


def test_the_ways_are_the_best_of_all_there_are(look: BuildLook) -> None:
    """Against every set of parts that leaves the rest in one piece: none gives more back for its minutes than what is worth it."""
    best = worth_it(look.ways, 12.0)
    body, value = look.body, lambda w: w.easy_mm2 - 12.0 * w.minutes
    others = [n for n in look.study.names if n != body]
    for many in range(len(others) + 1):
        for apart in combinations(others, many):
            if in_one_piece([n for n in look.study.names if n not in apart], look.joints):
                assert value(as_chosen(apart, look.study, look.joints)) <= value(best) + 1e-6
    assert worth_it(look.ways, 1e9).parts == ()


def test_a_way_costs_its_sticks_and_its_joints(look: BuildLook) -> None:
    """Two joints cost more than one; the joint of two parts that are both apart is counted once."""
    assert apart_minutes("roof", look.joints) > apart_minutes("knob", look.joints)
    both = apart_minutes("knob", look.joints) + apart_minutes("roof", look.joints, ("knob",))
    alone = apart_minutes("roof", look.joints)
    assert both < apart_minutes("knob", look.joints) + alone
    for way in look.ways:
        assert way.minutes == pytest.approx(look.chosen(way.parts).minutes)


def test_the_body_has_most_joints_and_never_goes(look: BuildLook) -> None:
    assert look.body in ("post", "roof") and all(look.body not in w.parts for w in look.ways)
    assert body_of(["floor", "post"], look.joints) == "post"


def test_what_is_glued_first_holds_what_comes_after(look: BuildLook) -> None:
    """Each part meets one that is glued already; what stays apart comes last; every part once."""
    first, last = look.order(("roof", "knob"))
    assert set(last) == {"roof", "knob"} and sorted([look.body, *first, *last]) == sorted(look.study.names)
    glued = [look.body]
    for slot in (*first, *last):
        joint = look.joint_to(slot, glued)
        assert joint is not None and {joint.a, joint.b} - {slot} <= set(glued)
        glued.append(slot)


def test_skin_given_back_is_marked_on_the_figure(look: BuildLook) -> None:
    """The roof off: some of the floor that no brush got to is got to now; nothing is lost."""
    before, after = look.marks(())[0], look.marks(("roof", "knob"))[0]
    assert (before == REGAINED).sum() == 0
    assert (after == OUT_OF_REACH).sum() <= (before == OUT_OF_REACH).sum()
    assert [len(m) for m in look.marks(())] == [len(mesh.vertices) for _, mesh in PARTS]


def test_a_gap_beside_a_joint_is_measured() -> None:
    """A lid on a pad of 4 by 4 mm stands 0.3 mm off all round: mean and largest are that, its area that round it."""
    pad, lid = box_mesh((4, 4, 0.3), (8, 8, 1)), box_mesh((20, 20, 1), (0, 0, 1.3))
    below = box_mesh((20, 20, 1))
    (joint,) = joints_of([("below", merged([below, pad])), ("lid", lid)])
    ring = 4 * 4 * 0.4 + np.pi * 0.4**2  # of the floor what lies within half a millimetre of the pad's top
    assert joint.gap.mean_mm == pytest.approx(0.3, abs=0.02) and joint.gap.most_mm == pytest.approx(0.3, abs=0.02)
    assert joint.gap.area_mm2 == pytest.approx(ring, rel=0.25)
    assert "putty" in joint.filling and joint.gap.filler_ml == pytest.approx(joint.gap.area_mm2 * 0.0003, rel=0.1)
    (shut,) = joints_of([("below", below), ("lid", box_mesh((20, 20, 1), (0, 0, 1)))])
    assert shut.filling == "" and shut.gap.most_mm == 0


def test_a_pin_bears_the_knock_by_itself() -> None:
    """A long bar on a small spot: the wire's bending stress under a knock stays under what brass bears; a stout joint has none."""
    (weak,) = joints_of([("foot", box_mesh((6, 6, 6))), ("bar", box_mesh((60, 3, 3), (5.9, 1.5, 5.6)))])
    assert weak.pin_mm in (0.5, 0.8, 1.0, 1.5, 2.0)
    assert 32 * weak.knock_nmm / (np.pi * weak.pin_mm**3) <= 300 and f"pin {weak.pin_mm:g} mm" in weak.advice
    (stout,) = joints_of([("foot", box_mesh((6, 6, 6))), ("top", box_mesh((6, 6, 2), (0, 0, 6)))])
    assert stout.pin_mm == 0


def test_what_was_kept_apart_is_glued_on_after_painting() -> None:
    """By what the journal says of the build; in words a step each, in the order kept."""
    kept = kept_apart(["base", "head", "back"], ("back", "cloak", "head"))
    assert [s.name for s in glued_later(kept)] == ["Glue on the back", "Glue on the head"]
    assert glued_later("") == () and len({s.id for s in glued_later(kept)}) == 2
    plan = build_plan(["base", "head", "back"], ("back",), {"head": "4 mm² touch"})
    assert [s.detail for s in plan if s.title == "Glue the head"] == ["4 mm² touch"]
    assert any(s.title == "Keep the back apart" for s in plan)
