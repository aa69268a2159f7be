"""Recipes, what to buy, and the batch line's laws."""

from __future__ import annotations

from datetime import datetime

import numpy as np
import pytest

from numerus.demo.scheme import SCHEME, ZONES
from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import RecipeStep, Scheme
from numerus.errors import PlanError
from numerus.paint.priming.primer import prime_plan, primed_ground
from numerus.paint.priming.weather import Air, first_fit
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import (
    LowContrastPair,
    Stroke,
    low_contrast_pairs,
    mix_colour,
    paint_needed_ml,
    shopping,
    strokes_for,
    zone_labs,
)
from numerus.starter import schemes
from numerus.starter.schemes import PAINTS

RACK = Rack({p.id: p for p in PAINTS})
NOW = datetime(2026, 3, 5, 20)


def test_the_demo_scheme_paints_every_zone_from_its_rack() -> None:
    """All zones have a recipe, all mixes can be made, no two steps have one id; likewise of the scheme to begin with."""
    for scheme, zones in ((SCHEME, ZONES), (schemes.SCHEME, schemes.ZONES)):
        steps = [s for r in scheme.recipes for s in r.steps]
        assert {r.zone for r in scheme.recipes} == {z.id for z in zones}
        assert all(mix_colour(s, RACK).startswith("#") for s in steps)
        assert len({s.id for s in steps}) == len(steps)


def test_a_lower_level_has_fewer_strokes_in_the_same_order() -> None:
    """Table-ready is part of good, good of parade."""
    table, good, parade = (
        [s.key for s in strokes_for(SCHEME, [z.id for z in ZONES], level)] for level in ("table", "good", "parade")
    )
    assert [k for k in good if k in set(table)] == table
    assert [k for k in parade if k in set(good)] == good
    assert len(table) < len(good) < len(parade)


def test_paint_needed_grows_with_area_and_thinner_is_not_bought() -> None:
    """Equal parts of paint and thinner need half the paint."""
    pure = Stroke("coat", RecipeStep("a", "s", "base", (("tallow", 1.0),), 0.0, "b", 1, 1))
    thinned = Stroke("coat", RecipeStep("a", "s", "base", (("tallow", 1.0),), 1.0, "b", 1, 1))
    assert paint_needed_ml([(pure, 20.0)], RACK)["tallow"] == pytest.approx(
        2 * paint_needed_ml([(pure, 10.0)], RACK)["tallow"]
    )
    assert paint_needed_ml([(thinned, 10.0)], RACK)["tallow"] == pytest.approx(
        paint_needed_ml([(pure, 10.0)], RACK)["tallow"] / 2
    )


def test_shopping_rounds_up_to_pots_and_asks_about_unknown_ones() -> None:
    """A pot without a volume is said, not guessed."""
    rack = {
        "a": Paint("a", "A", "M", "#112233", 2.0, pot_ml=10),
        "b": Paint("b", "B", "M", "#112233", None),
        "c": Paint("c", "C", "M", "#112233", 50),
    }
    found = {b.paint.id: b for b in shopping({"a": 23.0, "b": 1.0, "c": 5.0}, rack)}
    assert found["a"].pots == 3
    assert "or use C, ΔE 0" in found["a"].description
    assert "nobody" in found["b"].description
    assert "c" not in found


def test_zones_of_like_value_melt() -> None:
    """Where they touch, named with how far they are apart; the demo's values lie within black and white."""
    labs = {
        "coat": np.array([63, 5, 5.0]),
        "brass": np.array([64, 8, 5.0]),
        "skin": np.array([40, 5, 5.0]),
        "sash": np.array([63, 60, 5.0]),
    }
    pair = ("brass", "coat")
    assert low_contrast_pairs(labs, {pair: 12.0}) == [LowContrastPair("brass", "coat", 1)]
    assert low_contrast_pairs(labs, {pair: 1.0}) == low_contrast_pairs(labs, {}) == []
    assert low_contrast_pairs(labs, {("coat", "sash"): 12.0}) == [], "a hue so far off tells them apart"
    assert all(0 < lab[0] < 100 for lab in zone_labs(SCHEME, RACK, primed_ground(SCHEME)).values())


def test_a_paint_missing_from_the_rack_is_said() -> None:
    """In words, naming the stroke."""
    with pytest.raises(PlanError, match="Base"):
        mix_colour(RecipeStep("a", "Base", "base", (("gone", 1.0),), 0, "b", 1, 1), RACK)
    assert isinstance(SCHEME, Scheme)


def test_spray_weather() -> None:
    """The first hour that is warm, dry and still enough."""
    airs = [Air(NOW, 5, 50, 1), Air(NOW, 15, 80, 1), Air(NOW, 15, 50, 9), Air(NOW, 15, 50, 1)]
    assert first_fit(airs) is airs[3]
    assert [a.why_not for a in airs] == ["too cold, 5 °C", "too damp, 80 %", "too windy, 9 m/s", ""]


def test_priming_schools_differ_in_setup_and_pace() -> None:
    """For one figure the brush is quickest, for thirty the can; drying is the same."""
    minutes = {
        s: [sum(p.minutes for p in prime_plan(n, s, SCHEME) if p.hands) for n in (1, 30)]
        for s in ("can", "airbrush", "brush")
    }
    assert min(minutes, key=lambda s: minutes[s][0]) in ("can", "brush")
    assert min(minutes, key=lambda s: minutes[s][1]) == "can"
    assert prime_plan(3, "can", SCHEME)[-1] == prime_plan(9, "brush", SCHEME)[-1]
