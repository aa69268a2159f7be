"""Laws of paint: what is needed adds up, what is bought suffices, what dries is counted once."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.colour.light import delta_e, hex_of, lab_of, rgb_of, value_of
from numerus.colour.reflectance import lab_of_reflectance
from numerus.demo.scheme import SCHEME
from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import Recipe, RecipeStep
from numerus.domain.stages import LEVELS
from numerus.paint.loads import load_of
from numerus.paint.priming.primer import SCHOOLS, prime_plan, primed_ground
from numerus.paint.priming.weather import Air
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import Stroke, mix_colour, paint_needed_ml, shopping, strokes_for, zone_colour, zone_labs
from numerus.progress.painting.painting_line import blocks_of, used_drying_min
from numerus.schedule.attendance import Window
from numerus.schedule.hand_plan import plan_hands
from numerus.schedule.hand_tasks import HandInputs, HandTask
from numerus.starter.schemes import PAINTS

RACK = Rack({p.id: p for p in PAINTS})
GROUND = primed_ground(SCHEME)
ZONES = [r.zone for r in SCHEME.recipes]
STAGES = strokes_for(SCHEME, ZONES, "parade")
COLOURS = st.builds(lambda r, g, b: f"#{r:02X}{g:02X}{b:02X}", *[st.integers(0, 255)] * 3)
AT = datetime(2026, 3, 5, 20)


@given(st.lists(st.tuples(st.sampled_from(STAGES), st.floats(0.1, 40)), max_size=12), st.floats(1.5, 4))
def test_paint_needed_adds_up_and_grows_in_proportion(work: list, times: float) -> None:
    """Twice the area, twice the paint; a batch needs what its figures need."""
    whole = paint_needed_ml(work, RACK)
    each = [paint_needed_ml([w], RACK) for w in work]
    assert whole == pytest.approx({p: sum(e.get(p, 0.0) for e in each) for p in {p for e in each for p in e}})
    assert bool(whole) == bool(work)
    assert paint_needed_ml([(s, a * times) for s, a in work], RACK) == pytest.approx(
        {p: ml * times for p, ml in whole.items()}
    )


def test_paint_needed_is_what_a_film_takes_by_its_parts() -> None:
    """Worked by hand: on 40 cm² a base coat of two parts to one, thinned by one, with what dries on the palette."""
    step = RecipeStep("s", "Coat", "base", (("slate", 2.0), ("candle", 1.0)), 1.0, "brush", 5.0, 20.0, "table", coats=2)
    dry_ml = 40 * 2 * 15e-4 * 1.5 / (4 / 3)  # two coats of 15 µm, thinned by a third instead of a half
    wet_ml = dry_ml / (0.40 * 3 / 4) * 1.25  # two fifths of the paint stay, a quarter of the pot is thinner
    found = paint_needed_ml([(Stroke("coat", step), 40.0)], RACK)
    assert found == pytest.approx({"slate": wet_ml / 2, "candle": wet_ml / 4})


@given(st.floats(0.1, 200), st.floats(0, 60), st.floats(5, 60))
def test_what_is_bought_suffices_and_one_pot_less_would_not(need: float, left: float, pot: float) -> None:
    """Nothing is bought where enough is left."""
    paint = Paint("p", "Pot", "Maker", "#336699", left, pot_ml=pot)
    bought = shopping({"p": need}, {"p": paint})
    pots = bought[0].pots if bought else 0
    assert left + pots * pot >= need - 1e-9
    assert pots == 0 or left + (pots - 1) * pot < need


@given(COLOURS, COLOURS)
def test_the_difference_of_two_colours_is_the_same_both_ways(a: str, b: str) -> None:
    """And nothing only for a colour and itself."""
    one, other = lab_of(rgb_of(a)), lab_of(rgb_of(b))
    assert float(delta_e(one, other)) == pytest.approx(float(delta_e(other, one)), abs=1e-9)
    assert (float(delta_e(one, other)) < 1e-6) == (a == b)
    assert hex_of(rgb_of(a)) == a


@pytest.mark.parametrize("recipe", SCHEME.recipes, ids=lambda r: r.zone)
def test_a_zone_looks_like_its_strokes_over_its_primer(recipe: Recipe) -> None:
    """Its value lies within those of its strokes and its ground; a base that hides leaves no ground to see."""
    strokes = [mix_colour(s, RACK) for s in recipe.steps]
    value = value_of(zone_colour(recipe, RACK, GROUND))
    told = [*map(value_of, strokes), float(lab_of_reflectance(GROUND)[0])]
    assert min(told) - 1 <= value <= max(told) + 1
    thick = replace(recipe.steps[0], technique="base", coats=20)
    assert zone_colour(Recipe(recipe.zone, (thick,)), RACK, GROUND) == zone_colour(
        Recipe(recipe.zone, (thick,)), RACK, GROUND * 0.1
    )
    assert float(zone_labs(SCHEME, RACK, GROUND)[recipe.zone][0]) == pytest.approx(value, abs=0.5)


@pytest.mark.parametrize(("low", "high"), [(a, b) for i, a in enumerate(LEVELS) for b in LEVELS[i:]])
def test_a_higher_level_keeps_every_stroke_of_a_lower_one(low: str, high: str) -> None:
    """In the same order."""
    fewer, more = ([s.key for s in strokes_for(SCHEME, ZONES, level)] for level in (low, high))
    assert [k for k in more if k in set(fewer)] == fewer


@settings(max_examples=25, deadline=None)
@given(st.integers(1, 6), st.lists(st.sampled_from(ZONES), min_size=1, max_size=4, unique=True))
def test_hands_cannot_use_more_drying_time_than_there_is(figures: int, zones: list) -> None:
    """Nor more than they work."""
    evenings = [Window(AT + timedelta(days=d), AT + timedelta(days=d, hours=3)) for d in range(60)]
    strokes = strokes_for(SCHEME, zones, "good")
    tasks = [
        HandTask(f"f{n}", s.zone, s.key, s.step.minutes, s.step.dries_min, load_of(s.step), holds=True)
        for n in range(figures)
        for s in strokes
    ]
    blocks = blocks_of(
        plan_hands(HandInputs(tasks, evenings), 1), {(f"f{n}", s.key): s for n in range(figures) for s in strokes}
    )
    drying, used = used_drying_min(blocks)
    work = sum((d.end - d.start).total_seconds() / 60 for b in blocks for d in b.strokes)
    assert 0 <= used <= min(drying, work) + 1e-6


@pytest.mark.parametrize("school", SCHOOLS)
@given(st.integers(1, 60), st.integers(1, 60))
def test_priming_more_figures_never_takes_less(school: str, few: int, more: int) -> None:
    """Hands' minutes grow; drying does not depend on how many."""
    one, other = (prime_plan(n, school, SCHEME) for n in (few, few + more))
    assert sum(s.minutes for s in one if s.hands) < sum(s.minutes for s in other if s.hands)
    assert [s.minutes for s in one if not s.hands] == [s.minutes for s in other if not s.hands]


@given(st.floats(-10, 45), st.floats(5, 100), st.floats(0, 20))
def test_weather_unfit_for_a_can_always_says_why(celsius: float, humidity: float, wind: float) -> None:
    """And fit weather has nothing to say."""
    air = Air(AT, celsius, humidity, wind)
    assert air.fit_to_spray == (air.why_not == "")
