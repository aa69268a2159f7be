"""Baths, lamp, building and balance against arithmetic and closed forms."""

from __future__ import annotations

from datetime import datetime

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.bench.build import balance, build_plan, centre_of_mass
from numerus.bench.cautions import cautions
from numerus.bench.cure import Lamp, cure_plan
from numerus.bench.wash import Bath, baths, clinging_ml, wash_plan
from numerus.kit.facts import BATH_CHANGED, Fact
from numerus.ledger.orders import step

AT = datetime(2026, 3, 1)


def test_baths_carry_what_was_washed_since_they_were_changed() -> None:
    """Most of the resin stays in the dirty bath; a change empties one and leaves the other."""
    washes = [step("wash", (), 8, AT, subject="r", carried_ml=10.0)] * 3
    dirty, clean = baths(washes)
    assert (dirty.carried_ml, clean.carried_ml) == (pytest.approx(25.5), pytest.approx(4.5))
    dirty, clean = baths([*washes, Fact(AT, BATH_CHANGED, "dirty")])
    assert (dirty.carried_ml, clean.carried_ml) == (0, pytest.approx(4.5))


def test_a_bath_is_spent_at_eight_percent_of_resin_by_weight() -> None:
    """Share of life used is the weight share over 8 %."""
    bath = Bath("Dirty", 1.0, 62.45)
    assert bath.spent == pytest.approx(62.45 * 1.1 / (62.45 * 1.1 + 790) / 0.08)
    assert "change" in Bath("Dirty", 1.0, 80).says


def test_soaking_stays_under_the_limit_even_in_spent_baths() -> None:
    """Longer in dirty baths, never more than parts bear."""
    worn = Bath("Dirty", 1, 200)
    plan = wash_plan(300, True, worn, worn)
    assert sum(s.minutes for s in plan if "bath" in s.title) <= 12
    assert any("hollow" in s.title for s in plan)
    assert clinging_ml(100) == pytest.approx(0.8)


def test_dose_is_power_times_time() -> None:
    """1.2 J/cm² at 10 mW/cm² take two minutes; twice as far, four."""
    lamp = Lamp()
    assert lamp.minutes_for(1.2) == pytest.approx(2)
    assert lamp.minutes_for(1.2, 160) == pytest.approx(4)


def test_thick_parts_are_turned_twice_and_schools_differ_in_order() -> None:
    """Supports off first, or last."""
    assert [s.title for s in cure_plan(20, 10, "before", Lamp())][0] == "Supports off"
    after = cure_plan(3, 10, "after", Lamp())
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
    assert "falls" in found.says


def test_building_keeps_apart_what_a_brush_cannot_reach() -> None:
    """The back is kept apart unless all is glued at once; legs come before heads."""
    slots = ["head", "back", "legs", "torso"]
    titles = [s.title for s in build_plan(slots)]
    assert "Keep the back apart" in titles
    assert titles.index("Glue the torso") < titles.index("Glue the head")
    assert "Glue the back" in [s.title for s in build_plan(slots, together=True)]


@pytest.mark.parametrize("stage", ["print", "wash", "cure", "build", "prime", "paint", "finish"])
def test_every_step_that_can_hurt_has_its_cautions(stage: str) -> None:
    """And Muster has none."""
    assert cautions(stage)
    assert not cautions("muster")
