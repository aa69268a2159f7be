"""Starter schemes in one's own colours, levels and colourways: what is mixed comes near what was asked, and is seen."""

from __future__ import annotations

from dataclasses import replace
from itertools import count

import numpy as np
import pytest

from helpers import EVENING, ball_mesh, box_mesh, subdivided
from numerus.colour.light import delta_e, lab_of, rgb_of
from numerus.colour.palettes import main_colours
from numerus.colour.words import colour_typed, shifted, words_of_colour
from numerus.domain.painting.recipes import Scheme
from numerus.errors import Cancelled, PlanError
from numerus.geometry.mesh import merged
from numerus.paint.advice.colourways import base_step, colourways, recoloured
from numerus.paint.advice.starters import BY_NAME, BY_PLACE, BY_SHARE, SAID, ground_zones, starters, zone_colours
from numerus.paint.figure.built import Built, built_figure
from numerus.paint.looks import at_level, balance, costs, looks, seen_shares
from numerus.paint.rack.pots import Rack
from numerus.starter.schemes import PAINTS, SCHEME
from numerus.surface.zones import ZonedMesh

RACK = Rack({p.id: p for p in PAINTS})
AREAS = {"cloth": 6.0, "base": 3.0}


@pytest.fixture(scope="module")
def built() -> Built:
    """A ball of cloth on a flat ground."""
    ground, ball = subdivided(box_mesh((16, 16, 1), (-8, -8, 0)), 3), ball_mesh(6, (0, 0, 7.5), 3)
    labels = np.r_[np.zeros(len(ground.faces)), np.ones(len(ball.faces))].astype(np.uint8)
    return built_figure([ZonedMesh(merged([ground, ball]), ("base", "cloth"), labels)], None, lambda _: True)[0]


def ids() -> object:
    numbers = count()
    return lambda: f"new-{next(numbers)}"


def test_colours_come_from_names_places_and_shares_unless_one_says_otherwise() -> None:
    """A zone called leather is leather; what is told wins; the largest of the rest gets the main colour."""
    names = {"a": "cloak", "b": "old leather", "c": "hood", "d": "turf", "e": "trim"}
    areas = {"a": 9.0, "b": 20.0, "c": 4.0, "d": 30.0, "e": 1.0}
    told = zone_colours(names, areas, ["#2E5590", "#C8B078"], {"e": "#111111"}, {"d"})
    assert told["b"].reason == BY_NAME and told["b"].colour == colour_typed("leather")
    assert told["d"].reason == BY_PLACE and told["e"].colour == "#111111" and told["e"].reason == SAID
    assert (told["a"].colour, told["c"].colour) == ("#2E5590", "#C8B078") and told["a"].reason == BY_SHARE
    many = zone_colours({f"z{n}": f"zone {n}" for n in range(12)}, {}, ["#2E5590", "#C8B078"])
    assert len({c.colour for c in many.values()}) == 10, "five depths of each, then they come again"
    with pytest.raises(PlanError, match="colour"):
        zone_colours(names, areas, [])


def test_what_lies_lowest_is_ground(built: Built) -> None:
    """The plate, not the ball that stands on it."""
    assert ground_zones(built) == {"base"}


def test_each_starter_paints_every_zone_in_the_colour_it_was_given() -> None:
    """Four schools; a mix of the rack within six, or a pot to buy that is the very colour; every stroke can be mixed."""
    told = zone_colours({"cloth": "cloth", "base": "base"}, AREAS, ["#2E5590", "#8A2BE2"])
    found = starters(told, AREAS, RACK, ids(), EVENING)
    assert [s.candidate.letter for s in found] == list("ABCD")
    for starter in found:
        rack = Rack({**RACK.paints, **{p.id: p for p in starter.paints}})
        assert {r.zone for r in starter.candidate.scheme.recipes} == {"cloth", "base"}
        steps = [s for r in starter.candidate.scheme.recipes for s in r.steps]
        assert len({s.id for s in steps}) == len(steps) and all(rack.shares(s.mix) for s in steps)
        assert all(r.steps[0].level == "table" for r in starter.candidate.scheme.recipes)
    by_hand = found[2].candidate.scheme.recipes
    own = Rack({**RACK.paints, **{p.id: p for s in found for p in s.paints}})
    for recipe in by_hand:
        wanted = lab_of(rgb_of(told[recipe.zone].colour))
        assert float(delta_e(own.pigment(base_step(recipe, own).mix).lab, wanted)) < 6.5
    with pytest.raises(Cancelled):
        starters(told, AREAS, RACK, ids(), EVENING, lambda _: False)


def test_an_empty_rack_gets_a_pot_to_buy_for_each_colour() -> None:
    """Called to buy, with nothing in it, its colour a guess."""
    told = zone_colours({"cloth": "cloth", "base": "base"}, AREAS, ["#2E5590", "#C8B078"])
    found = starters(told, AREAS, Rack({}), ids(), EVENING)
    assert {p.colour for p in found[2].paints} == {"#2E5590", "#C8B078"}
    assert all(p.ml == 0.0 and p.known == "guessed" and p.name.endswith("to buy") for p in found[2].paints)


def test_a_colourway_moves_every_stroke_as_its_base() -> None:
    """The base comes near the colour; light stays lighter, shade darker; a grey stays, and so do ids."""
    recipe = next(r for r in SCHEME.recipes if r.zone == "cloth")
    moved = recoloured(recipe, "#5FA08A", RACK)
    base = [RACK.pigment(s.mix).lab for s in moved.steps]
    assert float(delta_e(base[0], lab_of(rgb_of("#5FA08A")))) < 3
    assert base[2][0] > base[0][0] and [s.id for s in moved.steps] == [s.id for s in recipe.steps]
    assert moved.steps[0].mix != recipe.steps[0].mix
    metal = next(r for r in SCHEME.recipes if r.zone == "metal")
    assert recoloured(metal, "#B8913F", RACK).steps[1].mix == metal.steps[1].mix, "a metal is not mixed into another"
    shown = colourways(SCHEME, "cloth", ["#5FA08A", "#2F4A66"], RACK)
    assert [c.letter for c in shown] == ["A", "B", "C"] and shown[0].scheme == SCHEME
    with pytest.raises(PlanError, match="recipe"):
        colourways(SCHEME, "nothing", ["#5FA08A"], RACK)


def test_candidates_are_seen_on_the_same_figure(built: Built) -> None:
    """Other colours are another picture of the same outline; more strokes take more minutes and ml; who melts is told."""
    levels = [at_level(SCHEME, level) for level in ("table", "good", "parade")]
    costed = [costs(s, RACK, AREAS, 10) for s in levels]
    assert costed[0][0] < costed[1][0] == costed[2][0] and costed[0][1] < costed[1][1]
    shown = looks(
        built, colourways(SCHEME, "cloth", ["#2F4A66"], RACK), RACK, AREAS, 10, {("base", "cloth"): 20.0}, (64, 80)
    )
    one, other = (look.colour.astype(int) for look in shown)
    assert (one[..., 3] == other[..., 3]).all() and np.abs(one - other).max() > 60
    alike = replace(SCHEME, recipes=tuple(replace(r, steps=SCHEME.recipes[0].steps) for r in SCHEME.recipes))
    grey = looks(
        built, [replace(shown[0].candidate, scheme=alike)], RACK, AREAS, 10, {("base", "cloth"): 20.0}, (64, 80)
    )
    assert [(p.one, p.other) for p in grey[0].melting] == [("base", "cloth")]
    assert not looks(built, [replace(shown[0].candidate, scheme=alike)], RACK, AREAS, 10, {}, (64, 80))[0].melting
    with pytest.raises(Cancelled):
        looks(built, colourways(SCHEME, "cloth", [], RACK), RACK, AREAS, 1, {}, (64, 80), progress=lambda _: False)
    assert costs(Scheme("", "", ()), RACK, AREAS, 5) == (0.0, 0.0)


def test_a_picture_is_made_of_a_few_colours() -> None:
    """Three areas with noise give their three colours, what is most of it first."""
    told = ("#2E5590", "#C8B078", "#A8412B")
    pixels = np.repeat(np.array([[rgb_of(c) * 255 for c in told]]), [60, 30, 10], axis=1).repeat(40, axis=0)
    noisy = np.clip(pixels + np.random.default_rng(4).normal(0, 4, pixels.shape), 0, 255).astype(np.uint8)
    found = main_colours(noisy, 3)
    assert [float(delta_e(lab, lab_of(rgb_of(c)))) < 2 for lab, c in zip(found, told, strict=True)] == [True] * 3
    assert len(main_colours(np.full((9, 9, 3), 90, np.uint8), 3)) == 1


def test_colours_are_said_and_shifted_in_words() -> None:
    """A hue is called by its own name; darker is darker by so much."""
    for word in ("olive", "navy", "bone", "dark red"):
        assert words_of_colour(colour_typed(word)) == word
    assert lab_of(rgb_of(shifted("#808080", -16)))[0] == pytest.approx(lab_of(rgb_of("#808080"))[0] - 16, abs=0.5)


def test_what_is_seen_is_shared_out(built: Built) -> None:
    """The ball hides its own foot and much of the ground from nobody; together it is all."""
    found = seen_shares(built)
    assert sum(found.values()) == pytest.approx(1) and found["cloth"] > found["base"] > 0.05


def test_shares_of_colours_are_summed_by_hue() -> None:
    """Two zones of one hue count together, the largest first."""
    labs = {"a": lab_of(rgb_of("#3F7A3D")), "b": lab_of(rgb_of("#3F7A3D")), "c": lab_of(rgb_of("#A8322B"))}
    assert balance({"a": 0.3, "b": 0.1, "c": 0.6}, labs) == {"red": 0.6, "green": 0.4}
