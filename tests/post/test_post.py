"""Baths, lamp, building and balance against arithmetic and closed forms."""

from __future__ import annotations

from datetime import datetime

import numpy as np
import pytest
import trimesh
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.assembly.balance import balance
from numerus.assembly.gluing import build_plan
from numerus.domain.army import SLOTS
from numerus.domain.journal import BathChanged, Fact
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.solids.mass import centre_of_mass
from numerus.post.cautions import cautions
from numerus.post.curing.cure import Lamp, cure_plan
from numerus.post.supports_off import AFTER, BEFORE, BY_PART, Held, supports_off
from numerus.post.washing.bath_book import Carried
from numerus.post.washing.emptying import Hanging, Hollow, Looked, hollows, kept_ml, packed_known, unpacked_known
from numerus.post.washing.wash import LIMIT_MIN, Bath, WashStep, baths, wash_plan
from numerus.post.washing.wash_ways import BASKET, WHOLE, Tub, WetPlate, clinging_ml, ways_of
from numerus.printing.hollow.tip import Tipping
from numerus.progress.done_facts import step

AT = datetime(2026, 3, 1)


def test_baths_carry_what_was_washed_since_they_were_changed() -> None:
    """Most of the resin stays in the dirty bath; a change empties one and leaves the other."""
    washes = [step("wash", (), 8, AT, subject="r", carried_ml=10.0)] * 3
    carried = Carried()
    carried.take(washes)
    dirty, clean = baths(carried)
    assert (dirty.carried_ml, clean.carried_ml) == (pytest.approx(25.5), pytest.approx(4.5))
    carried.take([Fact(AT, BathChanged(), "dirty")])
    dirty, clean = baths(carried)
    assert (dirty.carried_ml, clean.carried_ml) == (0, pytest.approx(4.5))


def test_a_bath_is_spent_at_eight_percent_of_resin_by_weight() -> None:
    """Share of life used is the weight share over 8 %."""
    bath = Bath("Dirty", 1.0, 62.45)
    assert bath.spent == pytest.approx(62.45 * 1.1 / (62.45 * 1.1 + 790) / 0.08)
    assert "change" in Bath("Dirty", 1.0, 80).description


def test_soaking_stays_under_the_limit_even_in_spent_baths() -> None:
    """Longer in dirty baths, never more than parts bear."""
    worn = Bath("Dirty", 1, 200)
    wet = WetPlate(300, 0.08, [Hollow("boiler", 1, Tipping(1.0, (0, 0, 1), (), 2.0))])
    plan = planned(wet, worn, worn)
    assert sum(s.minutes for s in plan if "bath" in s.title) <= 12
    assert any("swirl" in s.title and s.detail == "boiler" for s in plan)
    assert clinging_ml(100, 0.08) == pytest.approx(0.8)


def test_a_part_with_a_pocket_is_told_with_how_to_hold_it() -> None:
    """A cube open on one side keeps its room's volume with that side up, as on the plate; a solid one is not told; twins count."""
    shape = trimesh.creation.box((20, 20, 20)).difference(
        trimesh.creation.box((16, 16, 18), transform=trimesh.transformations.translation_matrix((0, 0, 2))),
        engine="manifold",
    )
    open_up = Mesh(shape.vertices, shape.faces.astype(np.int32))
    block = box_mesh((9, 9, 9))
    meshes = {"c": open_up, "b": block}.__getitem__
    cup, solid = Hanging("cup", "c", (0.0, 0.0, -1.0)), Hanging("block", "b", (0.0, 0.0, 1.0))
    told = hollows([cup, solid, cup], meshes)
    assert [(h.name, h.count) for h in told] == [("cup", 2)]
    assert told[0].tipping.hanging_ml == pytest.approx(
        16 * 16 * 17 / 1000, rel=0.01
    )  # of the room, 17 are below the rim
    assert told[0].tipping.left_ml == 0 and "runs empty" in told[0].words
    assert kept_ml(told) == pytest.approx(2 * told[0].tipping.hanging_ml)
    known: dict[str, Looked] = {}
    assert hollows([cup, solid], meshes, known=known)[0].tipping == told[0].tipping and len(known) == 2
    kept = unpacked_known(packed_known(known))
    with pytest.MonkeyPatch.context() as patch:
        patch.setattr("numerus.printing.hollow.venting.keeps_ml", None)  # what a book kept is not looked at again
        assert [h.tipping for h in hollows([cup, solid], meshes, known=kept)] == [told[0].tipping]
    assert unpacked_known(packed_known(kept)) == kept
    for damaged in (b"nonsense", b"[]", b'{"b": 3}', b'{"b": [{"up": [1]}, 0]}', None):
        assert unpacked_known(damaged) == {}
    kind = planned(WetPlate(300, 0.08, told), Bath("Dirty", 1, 0), Bath("Clean", 1, 0))
    assert next(s for s in kind if "swirl" in s.title).minutes == 2 * 1.5


def test_dose_is_power_times_time() -> None:
    """1.2 J/cm² at 10 mW/cm² take two minutes; twice as far, four."""
    lamp = Lamp()
    assert lamp.minutes_for(1.2) == pytest.approx(2)
    assert lamp.minutes_for(1.2, 160) == pytest.approx(4)


def test_thick_parts_are_turned_twice_and_schools_differ_in_order() -> None:
    """Supports off first, or last."""
    assert [s.title for s in cure_plan(20, {BEFORE: 10, AFTER: 0}, 1.2)][0] == "Supports off"
    after = cure_plan(3, {BEFORE: 0, AFTER: 10}, 1.2)
    assert (len(after), after[-1].title) == (3, "Supports off")


def test_centre_of_mass_of_known_bodies() -> None:
    """A box's middle, a ball's centre, wherever they stand."""
    centre, volume = centre_of_mass(box_mesh((2, 4, 6), (10, 20, 30)))
    assert centre == pytest.approx([11, 22, 33])
    assert volume == pytest.approx(48)
    assert centre_of_mass(ball_mesh(3, (1, 2, 3)))[0] == pytest.approx([1, 2, 3])


def test_a_box_tips_at_the_angle_of_its_shorter_half_side() -> None:
    """atan(half width / half height), over the shorter side."""
    assert balance([box_mesh((6, 10, 8))]).tipping_deg == pytest.approx(np.degrees(np.arctan2(3, 4)))


def test_a_body_whose_centre_lies_outside_its_foot_falls() -> None:
    """Negative angle, said in words."""
    found = balance([box_mesh((2, 2, 1)), box_mesh((20, 2, 2), (0, 0, 1))])
    assert found.tipping_deg < 0
    assert "falls" in found.description


def test_building_keeps_apart_what_is_painted_before_it_is_glued_on() -> None:
    """What the unit says stays off; the rest in the order of its slots."""
    slots = ["legs", "torso", "head", "back"]
    titles = [s.title for s in build_plan(slots, {"back"})]
    assert "Keep the back apart" in titles
    assert titles.index("Glue the torso") < titles.index("Glue the head")
    assert "Glue the back" in [s.title for s in build_plan(slots)]


@pytest.mark.parametrize("stage", ["print", "wash", "cure", "build", "prime", "paint", "finish"])
def test_every_step_that_can_hurt_has_its_cautions(stage: str) -> None:
    """And Muster has none."""
    assert cautions(stage)
    assert not cautions("muster")


@settings(max_examples=25, deadline=None)
@given(st.floats(2, 9), st.floats(1, 12))
def test_the_centre_of_overlapping_parts_is_that_of_their_union(overlap: float, wide: float) -> None:
    """Two boxes that overlap weigh like the boxes that tile them."""
    one, other = box_mesh((10, 8, 6)), box_mesh((wide + overlap, 8, 6), (10 - overlap, 0, 0))
    tiled = merged([one, box_mesh((wide, 8, 6), (10, 0, 0))])
    centre, volume = centre_of_mass(merged([one, other]))
    exact, total = centre_of_mass(tiled)
    assert volume == pytest.approx(total, rel=0.01)
    assert centre == pytest.approx(exact, abs=0.06)


def test_a_hollow_weighs_nothing() -> None:
    """A void on one side moves the centre to the other."""
    ball = reversed_mesh(ball_mesh(3, (5, 0, 0)))
    centre, volume = centre_of_mass(merged([box_mesh((20, 20, 20), (-10, -10, -10)), ball]))
    void = -ball.signed_volume_mm3
    assert volume == pytest.approx(8000 - void, rel=1e-3)
    assert centre[0] == pytest.approx(-5 * void / (8000 - void), abs=0.02)


@given(st.floats(0, 400), st.floats(0, 400))
def test_more_resin_in_a_bath_never_leaves_it_fresher(one: float, more: float) -> None:
    """Share of life used grows with what was carried in, and the words follow at the end."""
    a, b = Bath("Dirty", 1.5, one), Bath("Dirty", 1.5, one + more)
    assert a.spent <= b.spent
    assert ("spent" in b.description) == (b.spent >= 1)


def planned(wet: WetPlate, dirty: Bath, clean: Bath, way: str = BASKET) -> list[WashStep]:
    return wash_plan(wet, ways_of(wet, Tub(200, 140, 1.5), 24)[way], dirty, clean, 5.0, 25.0)


@given(st.floats(1, 5000), st.booleans(), st.floats(0, 500), st.floats(0, 500), st.sampled_from([WHOLE, BASKET]))
def test_a_wash_always_drains_cleans_twice_and_dries(
    surface: float, hollow: bool, dirty: float, clean: float, way: str
) -> None:
    """By either way in this order, with swirling only for hollow parts, within the soak parts bear."""
    wet = WetPlate(surface, 0.08, [Hollow("hull", 2, Tipping(0.5, (0, 0, 1), (), 2.0))] if hollow else [])
    plan = planned(wet, Bath("Dirty", 1.5, dirty), Bath("Clean", 1.5, clean), way)
    titles = [s.title for s in plan]
    assert titles[0].startswith("Drain") and titles[-1] == "Dry fully"
    assert titles.index("Dirty bath") < titles.index("Clean bath")
    assert any("swirl" in t for t in titles) == hollow
    hands = ways_of(wet, Tub(200, 140, 1.5), 24)[way].hands_min
    assert sum(s.minutes for s in plan if s.hands) == pytest.approx(hands), "steps and orders say the same"
    assert sum(s.minutes for s in plan if "bath" in s.title) <= LIMIT_MIN


@given(st.lists(st.sampled_from(SLOTS), min_size=1, max_size=10, unique=True), st.booleans())
def test_every_slot_but_the_first_is_glued_or_kept_apart(slots: list, together: bool) -> None:
    """Once each; nothing is kept apart where all is glued together; one piece has nothing to fit."""
    steps = build_plan(slots, () if together else slots)
    handled = [s for s in steps if s.title.startswith(("Glue", "Keep"))]
    assert len(handled) == len(slots) - 1
    assert not (together and any(s.title.startswith("Keep") for s in handled))
    assert steps[0].title.startswith("Dry fit" if len(slots) > 1 else "File") and all(s.minutes > 0 for s in steps)


def test_all_schools_of_taking_supports_off_are_costed() -> None:
    """Hard resin takes longer and leaves more; what is thin and held by tips may chip then; before the lamp skin touches raw resin."""
    parts = [
        Held("bell", 40, 0.5),
        Held("base", 0, 0.4),
        Held("cloak", 20, 2.0),
        Held("bell", 40, 0.5),
        Held("hand", 5, 0.0),
    ]
    before, after, each = (supports_off(school, parts) for school in (BEFORE, AFTER, BY_PART))
    assert before.tips == {BEFORE: 105, AFTER: 0} and after.tips == {BEFORE: 0, AFTER: 105}
    assert before.minutes == pytest.approx(105 * 0.03) and after.minutes == pytest.approx(105 * 0.06)
    assert before.marks_mm2 == pytest.approx(105 * np.pi * 0.45**2 / 4) and after.marks_mm2 > before.marks_mm2
    assert after.may_chip == ("bell",) and before.may_chip == () and "touched 105 times" in before.description
    assert "nothing on it is thin" in supports_off(AFTER, [Held("block", 9, 3.0)]).description
    assert each.tips == {BEFORE: 80, AFTER: 25} and each.first == ("bell",) and each.may_chip == ()
    assert each.minutes == pytest.approx(80 * 0.03 + 25 * 0.06)


def test_part_by_part_the_users_own_choice_comes_before_the_thin_walls() -> None:
    """Cut while soft or hard as told; the steps are on either side of the lamp and take together what the school costs."""
    parts = [Held("bell", 40, 0.5, AFTER), Held("cloak", 60, 2.0, BEFORE), Held("hand", 20, 0.0)]
    off = supports_off(BY_PART, parts)
    assert off.tips == {BEFORE: 60, AFTER: 60} and off.may_chip == ("bell",) and "may chip: bell" in off.description
    plan = cure_plan(3, off.tips, 1.2)
    assert [s.hands for s in plan] == [True, False, False, True]
    assert sum(s.minutes for s in plan if s.hands) == pytest.approx(off.minutes)
    few = cure_plan(3, {BEFORE: 5, AFTER: 5}, 1.2)
    assert sum(s.minutes for s in few if s.hands) == pytest.approx(2.0), "and the least is not counted twice"
