"""The rack: mixes as people write them, pots as people type them, changes that keep what uses them, lists in and out."""

from __future__ import annotations

from dataclasses import replace
from datetime import date, datetime

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import EVENING
from numerus.colour.light import delta_e, lab_of, rgb_of, value_of
from numerus.colour.words import HUES, colour_typed
from numerus.demo.scheme import SCHEME
from numerus.domain.painting.paints import Mix, Paint, Swatch
from numerus.domain.painting.recipes import Recipe, RecipeStep
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.paint.covering import covering
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.batches import (
    bases_covered,
    bulk,
    compared,
    drops_back,
    poured_on,
    strengths_from,
    thinning_warning,
    whole_drops,
    with_strengths,
)
from numerus.paint.rack.families import FAMILIES, family_of
from numerus.paint.rack.kinds import KINDS, hiding_um, stands_in
from numerus.paint.rack.matching import in_order, replacements
from numerus.paint.rack.parts_text import parts_from_text, parts_text
from numerus.paint.rack.pot_fields import FIELDS, field_text, ml_weighed
from numerus.paint.rack.pots import Rack, pigment_of
from numerus.paint.rack.rack_edits import checked_name, free_to_mix, put_in_place, uses_of, with_parts
from numerus.paint.rack.swatches import card_ground
from numerus.paint.scheme import laid_strokes, mix_colour
from numerus.starter.schemes import PAINTS

NOW = datetime(2026, 3, 5, 21)
RACK = Rack({p.id: p for p in PAINTS})
PLANS = Plans(paints=RACK.paints, schemes={SCHEME.id: SCHEME})
BY_NAME = RACK.by_name
TALLOW = RACK.paints["tallow"]


@pytest.mark.parametrize(
    ("text", "parts"),
    [
        ("Tallow coat 2 : Candle cream 1", {"tallow": 2, "candle": 1}),
        ("3.5:1 Tallow coat, Candle cream", {"tallow": 3.5, "candle": 1}),
        ("equal parts Slate grey and Ember", {"slate": 1, "ember": 1}),
        ("Tallow coat + a touch of Ember", {"tallow": 1, "ember": 0.1}),
        ("tallow COAT 10 drops : Candle cream 2 ml", {"tallow": 10, "candle": 40}),
        ("3 drops Ember + Tallow coat", {"ember": 3, "tallow": 1}),
        ("Ember", {"ember": 1}),
        ("Ember 1 : Ember 2", {"ember": 3}),
    ],
)
def test_mixes_are_read_as_people_write_them(text: str, parts: dict) -> None:
    """Ratios before or after, drops, ml, "a touch of", "equal parts"; and what is written reads back."""
    found = parts_from_text(text, BY_NAME)
    assert dict(found) == pytest.approx(parts)
    assert dict(parts_from_text(parts_text(found, RACK.names), BY_NAME)) == pytest.approx(parts)


@pytest.mark.parametrize(
    "text",
    [
        "",
        " : ",
        "Nobody 2",
        "Ember nan",
        "Ember ²",
        "Ember -1",
        "Ember 0",
        "Ember inf",
        "Ember 1e999",
        "2:1 Ember",
        "Ember :",
    ],
)
def test_what_is_no_mix_is_refused_in_words(text: str) -> None:
    """At entry, whatever it is."""
    with pytest.raises(PlanError):
        parts_from_text(text, BY_NAME)


@pytest.mark.parametrize(
    ("text", "colour"), [("#c99a2e", "#C99A2E"), ("C99A2E", "#C99A2E"), ("#FA0", "#FFAA00"), (" red ", HUES["red"])]
)
def test_colours_are_read(text: str, colour: str) -> None:
    """With and without the sign, short, in words."""
    assert colour_typed(text) == colour


def test_words_shift_a_hue_as_they_say() -> None:
    """Dark is darker, pale lighter and greyer, warm yellower, very dark darker still."""
    red, dark, very = (value_of(colour_typed(w)) for w in ("red", "dark red", "very dark red"))
    assert very < dark < red < value_of(colour_typed("pale red"))
    assert lab_of(rgb_of(colour_typed("warm grey")))[2] > lab_of(rgb_of(colour_typed("grey")))[2] + 3


@pytest.mark.parametrize("text", ["", "dark", "mauvish", "#12", "#GGGGGG", "redd", "red dark", "#１２３４５６", "nan"])
def test_words_that_mean_no_colour_are_refused(text: str) -> None:
    """Never kept to break a picture later."""
    with pytest.raises(PlanError, match="colour"):
        colour_typed(text)


@pytest.mark.parametrize(
    ("field", "text"),
    [
        ("ml", "nan"),
        ("ml", "²"),
        ("ml", "-1"),
        ("ml", "1e400"),
        ("colour", "dark"),
        ("kind", "soup"),
        ("hides", "0"),
        ("opened", "soon"),
        ("price", "inf"),
        ("ml", "900 g"),
        ("ml", "1 g"),
    ],
)
def test_a_field_that_is_wrong_is_refused(field: str, text: str) -> None:
    """With the pot as it was."""
    with pytest.raises(PlanError):
        FIELDS[field](TALLOW, text, NOW)


@pytest.mark.parametrize(
    ("field", "text", "shown"),
    [
        ("ml", "7.5 ml", "7.5"),
        ("ml", "", ""),
        ("colour", "dark red", colour_typed("dark red")),
        ("hides", "60", "60"),
        ("price", "2.5", "2.50"),
        ("opened", "2026-01-09", "2026-01-09"),
        ("maker", "  A   B ", "A B"),
    ],
)
def test_a_field_is_kept_as_typed(field: str, text: str, shown: str) -> None:
    """Units understood, empties not known."""
    assert field_text(FIELDS[field](TALLOW, text, NOW), field) == shown


def test_weighing_a_pot_tells_its_ml() -> None:
    """By hand: 31 g less 10 g of bottle at 1.4 g a ml are 15 ml; typed as grams it is told now."""
    pot = replace(TALLOW, tare_g=10.0, density_g_ml=1.4)
    assert ml_weighed(pot, 31.0) == 15.0
    weighed = FIELDS["ml"](pot, "31 g", NOW)
    assert (weighed.ml, weighed.ml_told) == (15.0, NOW)


def test_every_kind_can_be_mixed_or_is_clear() -> None:
    """Each hides in what it says or never; near-black opaque pots rule a shade."""
    for kind, made in KINDS.items():
        paint = Paint("p", "P", "", "#7A5232", 5, kind=kind)
        assert pigment_of(paint).hides_um == (
            pytest.approx(made.hides_um, rel=1e-3) if not made.clear else float("inf")
        )
        assert family_of(paint) in FAMILIES
    assert hiding_um(Paint("p", "P", "", "#17181B", 5)) == 4.0
    assert not stands_in("wash", "opaque") and stands_in("opaque", "semi-opaque")


def test_mixes_of_mixes_come_apart_into_pots() -> None:
    """Half of a mix that is a third Ember is a sixth Ember; a mix within itself is refused."""
    warm = Mix("warm", "Warm", (("ember", 1.0), ("tallow", 2.0)))
    rack = Rack(RACK.paints, {"warm": warm})
    assert rack.shares((("warm", 1.0), ("slate", 1.0))) == pytest.approx(
        {"ember": 1 / 6, "tallow": 1 / 3, "slate": 1 / 2}
    )
    with pytest.raises(PlanError, match="itself"):
        free_to_mix(rack, replace(warm, parts=(("warm", 1.0), ("ember", 1.0))))


def test_a_changed_mix_changes_every_stroke_that_uses_it() -> None:
    """Recomputed, not copied."""
    step = SCHEME.recipes[0].steps[1]
    scheme = with_parts(PLANS, step.id, (("house", 1.0),))
    used = next(s for r in scheme.recipes for s in r.steps if s.id == step.id)
    colours = [
        mix_colour(used, Rack(RACK.paints, {"house": Mix("house", "House", ((pot, 1.0),))})) for pot in ("ember", "eel")
    ]
    assert colours == [RACK.paints["ember"].colour, RACK.paints["eel"].colour]


def test_renaming_keeps_what_uses_a_pot_and_taking_it_away_says_where() -> None:
    """Recipes name pots by id; every use is listed."""
    plans = replace(PLANS, paints={**PLANS.paints, "tallow": replace(TALLOW, name="Old tallow")})
    assert mix_colour(SCHEME.recipes[0].steps[1], Rack(plans.paints)) == mix_colour(SCHEME.recipes[0].steps[1], RACK)
    words = [use.words for use in uses_of(PLANS, "tallow")]
    assert "coat: Base" in words and "coat: Layer" in words
    with pytest.raises(PlanError, match="on the rack already"):
        checked_name("candle CREAM", "tallow", RACK)


def test_another_takes_the_place_of_a_pot_in_the_same_amount() -> None:
    """2 parts of it become 2 of what stands in, split by its own shares; nothing else changes."""
    scheme = put_in_place(PLANS, "tallow", (("flame", 1.0), ("oak", 3.0)), EVENING)[0]
    before, after = SCHEME.recipes[0].steps[1].mix, scheme.recipes[0].steps[1].mix
    assert dict(before)["tallow"] == 2.0
    assert dict(after) == pytest.approx({"flame": 0.5, "oak": 1.5, "candle": 0.3})
    assert not uses_of(replace(PLANS, schemes={scheme.id: scheme}), "tallow")


def test_a_stroke_whose_paint_is_gone_leaves_the_rest_of_the_recipe() -> None:
    """Nothing is emptied, nothing breaks."""
    rack = Rack({k: v for k, v in RACK.paints.items() if k != "peat"})
    recipe = SCHEME.recipes[0]
    laid = laid_strokes(recipe, rack, primed_ground(SCHEME))
    assert [s.step.id for s in laid] == [s.id for s in recipe.steps if dict(s.mix).keys() != {"peat"}]


def test_a_gone_wash_is_replaced_by_a_wash_only() -> None:
    """However near an opaque paint is."""
    washes = [Paint(f"w{n}", f"W{n}", "", c, 9, kind="wash") for n, c in enumerate(("#50382A", "#2E3A2A", "#301A10"))]
    twin = Paint("twin", "Twin", "", RACK.paints["peat"].colour, 9)
    found = replacements(RACK.paints["peat"], [*RACK.paints.values(), *washes, twin])
    assert found and all(pot.startswith("w") for p in found for pot, _ in p.parts)


def test_near_matches_prefer_what_is_at_hand_and_simple() -> None:
    """Within 1 ΔE; beyond it the nearer comes first."""
    found = replacements(RACK.paints["cobble"], list(RACK.paints.values()))
    groups = in_order(found)
    assert {id(p) for p in groups} == {id(p) for p in found}
    best = min(p.delta_e for p in found)
    first = [p for p in groups if p.delta_e <= best + 1.0]
    assert groups[: len(first)] == first
    keys = [(len(p.lacking), len(p.parts)) for p in first]
    assert keys == sorted(keys)


@given(
    st.dictionaries(st.sampled_from(["tallow", "candle", "ember"]), st.floats(0.05, 9), min_size=1),
    st.floats(0.05, 40),
    st.integers(1, 5),
)
def test_a_batch_is_enough_in_whole_drops(parts: dict, wanted: float, sessions: int) -> None:
    """What is wanted and what stays behind each time, in the same recipe every session."""
    made = bulk(tuple(parts.items()), wanted, RACK, sessions)
    assert made.made_ml >= wanted + made.stays_ml - 1e-9
    assert made.lots >= sessions and set(made.drops) == set(parts)
    lot = {pot: n / made.lots for pot, n in made.drops.items()}
    share = {pot: n / sum(lot.values()) for pot, n in lot.items()}
    wanted_share = RACK.shares(tuple(parts.items()))
    assert max(abs(share[p] - wanted_share[p]) for p in share) < 0.05


def test_whole_drops_are_the_fewest_that_do() -> None:
    """2 : 1 is three drops; a touch is not lost."""
    assert whole_drops({"a": 2 / 3, "b": 1 / 3}) == {"a": 2, "b": 1}
    assert whole_drops({"a": 1.0, "b": 0.1})["b"] == 1


def test_what_is_left_in_the_cup_goes_on() -> None:
    """0.4 ml of 3 : 1 are eight drops, six and two; two drops of Ember more make half a ml of 6 : 2 : 2, again a mix."""
    cup = Mix("m", "Coat", (("tallow", 3.0), ("candle", 1.0)), swatches=(Swatch(date(2026, 3, 1), "#C99A2E", 1.0),))
    made = poured_on(cup, (("ember", 2.0),), 0.4, "Coat, then Ember", "n", EVENING)
    assert dict(made.parts) == {"tallow": 6.0, "candle": 2.0, "ember": 2.0} and not made.swatches
    assert made.ml == pytest.approx(0.5) and made.made == EVENING.date()
    thinned = poured_on(replace(cup, thinner=4.0), (("ember", 2.0),), 0.4, "x", "n", EVENING)
    assert dict(thinned.parts) == {"tallow": 3.0, "candle": 1.0, "ember": 2.0} and thinned.thinner == 4.0
    for added, left in (((), 0.5), ((("ember", 1.0),), 0.0)):
        with pytest.raises(PlanError, match="added"):
            poured_on(cup, added, left, "x", "n", EVENING)


@pytest.mark.parametrize(
    ("colour", "error", "verdict"),
    [("#C99A2E", 1.0, "same"), ("#B08020", 1.0, "will show"), ("#C4952B", 4.0, "too near to call")],
)
def test_a_batch_is_judged_with_its_error(colour: str, error: float, verdict: str) -> None:
    """Same, will show, or honestly not told."""
    reference = Swatch(date(2026, 1, 1), "#C99A2E", 0.2)
    assert compared(Swatch(date(2026, 3, 1), colour, error), reference).verdict == verdict


def test_drops_bring_a_batch_back() -> None:
    """Poured with three drops of cream too few in forty: cream is what brings it back, to a fifth of what it was off."""
    parts = (("tallow", 3.0), ("candle", 1.0))
    spoiled = RACK.pigment((("tallow", 33.0), ("candle", 7.0))).lab
    wanted = RACK.pigment(parts).lab
    found = drops_back(parts, 40, spoiled, wanted, RACK, list(RACK.paints))
    nothing = next(c for c in found if not c.drops)
    assert found[0].pot == "candle" and found[0].delta_e < nothing.delta_e / 5
    assert float(delta_e(spoiled, wanted)) == pytest.approx(nothing.delta_e)


def test_swatches_of_mixes_teach_strengths() -> None:
    """A slate that tints twice as much as its kind says is found from what came out; the pots are told so."""
    strong = Rack({**RACK.paints, "slate": replace(RACK.paints["slate"], strength=2.0)})
    mixes = {}
    for n, parts in enumerate([(1, 1), (1, 3), (3, 1), (1, 6), (2, 3)]):
        mix = (("slate", float(parts[0])), ("candle", float(parts[1])))
        mixes[f"m{n}"] = Mix(
            f"m{n}", f"M{n}", mix, swatches=(Swatch(date(2026, 3, 1), strong.pigment(mix).colour, 0.5),)
        )
    learned = Rack(RACK.paints, mixes)
    found = strengths_from(learned)
    assert 1.6 < found["slate"].value / found["candle"].value < 2.2
    assert {p.id for p in with_strengths(learned)} == {"slate", "candle"}


def test_thinning_for_the_airbrush_is_warned_of() -> None:
    """Too thick spatters, too thin runs; ink may be thin."""
    assert "thick" in thinning_warning(0.1, True, ["opaque"]) and "spiders" in thinning_warning(3, True, ["opaque"])
    assert thinning_warning(3, True, ["ink"]) == "" == thinning_warning(1, True, ["opaque"])


def test_leftovers_cover_as_many_bases_as_their_film_is_large() -> None:
    """A round top of 32 mm is 8.04 cm²; a coat of 15 µm, a quarter lost, of paint that is 40 % solid."""
    one = 3.14159 * 1.6**2 * 15e-4 * 1.25 / 0.4
    assert bases_covered(2.5 * one, [32.0] * 5, 0.4) == 2
    assert bases_covered(0.99 * one, [32.0], 0.4) == 0 and bases_covered(1.0, [32.0], 0.0) == 0


def test_an_undercoat_is_told_by_the_minutes_it_saves() -> None:
    """A weak yellow over black: coats here and over pale as they are counted stroke by stroke, less the undercoat's own."""
    yellow = replace(PAINTS[0], id="y", colour="#E8C52E", kind="semi-opaque", hides_um=60.0)
    rack = Rack({"y": yellow})
    step = RecipeStep("s", "Base", "base", (("y", 1.0),), 0.5, "round 2", 3.0, 20.0)
    (laid,) = laid_strokes(Recipe("z", (step,)), rack, card_ground("#08080A"))
    found = covering(laid, rack)
    assert found.coats is not None and found.over_pale is not None and found.coats > found.over_pale + 1
    assert f"saves {3.0 * (found.coats - found.over_pale - 1):.1f} min a figure" in found.warning
    strong = Rack({"y": replace(yellow, colour="#101014", hides_um=20.0)})
    (laid,) = laid_strokes(Recipe("z", (step,)), strong, card_ground("#E0DBCE"))
    assert "undercoat" not in covering(laid, strong).warning
