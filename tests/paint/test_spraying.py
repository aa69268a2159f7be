"""What a spray hits besides its zone, and in which order zones are painted: on blocks whose answers are known."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import box_mesh, subdivided
from numerus.geometry.mesh import merged
from numerus.paint.advice.zone_order import could_share, in_order, openness_by_zone, proposed_order
from numerus.paint.figure.built import Built, built_figure
from numerus.paint.figure.lost_light import REST, LostLight, lost_light, lost_light_words
from numerus.paint.figure.overspray import masks_words, overspray
from numerus.paint.priming.primer import TACK_MIN, pays_from, prime_plan, schools_compared
from numerus.paint.rack.pots import Rack
from numerus.starter.schemes import PAINTS, SCHEME
from numerus.surface.zones import ZonedMesh

RACK = Rack({p.id: p for p in PAINTS})
FRONT = np.array([0.0, -1.0, 0.0])


def blocks(*parts: tuple[str, tuple[float, float, float], tuple[float, float, float]]) -> Built:
    """Boxes of a zone each: name, size, lowest corner."""
    meshes = [subdivided(box_mesh(size, at), 3) for _, size, at in parts]
    labels = np.repeat(np.arange(len(parts)), [len(m.faces) for m in meshes]).astype(np.uint8)
    return built_figure([ZonedMesh(merged(meshes), tuple(n for n, *_ in parts), labels)], None, lambda _: True)[0]


def test_a_block_beside_is_hit_and_one_behind_is_not() -> None:
    """A spray from the front reaches the neighbour's front within its cone, nothing that stands behind or far aside."""
    built = blocks(
        ("own", (10, 4, 10), (0, 0, 0)), ("beside", (6, 4, 10), (11, 0, 0)), ("behind", (8, 4, 8), (1, 20, 1)), ("far", (6, 4, 10), (90, 0, 0)),
    )  # fmt: skip
    found = {o.zone: o.mm2 for o in overspray(built, "own", FRONT)}
    assert set(found) == {"beside"}
    reach = 60 * np.tan(np.radians(15))  # aims stand half of that apart: the last is within it of the border
    assert 0.5 * 6 * 10 < found["beside"] < 6 * 10 + 2 * 4 * 10 and reach > 7


def test_only_finished_zones_are_worth_a_word() -> None:
    """Sprayed before them there is nothing to mask."""
    built = blocks(("own", (10, 4, 10), (0, 0, 0)), ("beside", (6, 4, 10), (11, 0, 0)))
    found = overspray(built, "own", FRONT)
    assert masks_words(found, {"beside": "sash"}, set()) == ""
    words = masks_words(found, {"beside": "sash"}, {"beside"})
    assert "sash" in words and "tape" in words and "putty" in words


def test_the_deep_and_the_messy_come_first() -> None:
    """A slot between walls before the walls; what is dry-brushed before both; the scheme's recipes follow, none lost."""
    turns = proposed_order(
        SCHEME, {"cloth": 0.9, "lining": 0.3, "skin": 0.8, "leather": 0.7, "wood": 0.6, "metal": 0.95, "base": 0.9}
    )
    order = [t.zone for t in turns]
    assert order[:2] == ["base", "metal"], "dry-brushed, the deeper first"
    assert order[2:] == ["lining", "wood", "leather", "skin", "cloth"] and "deep" in turns[2].why
    made = in_order(SCHEME, turns)
    assert [r.zone for r in made.recipes] == order and set(made.recipes) == set(SCHEME.recipes)


def test_a_slot_lies_deeper_than_its_walls() -> None:
    """Mean openness by zone: the floor of a slot less than the outside."""
    built = blocks(
        ("wall", (4, 20, 16), (0, 0, 0)), ("wall2", (4, 20, 16), (8, 0, 0)), ("floor", (3.9, 20, 2), (4.05, 0, 0))
    )
    found = openness_by_zone(built)
    assert found["floor"] < found["wall"] and found["wall"] == pytest.approx(found["wall2"], abs=0.05)


def test_zones_that_could_share_a_pot_are_told_by_how_near_they_are() -> None:
    """Leather and wood of one brown, not cloth and lining; a pot shared already is not told."""
    near = could_share(SCHEME, RACK)
    assert {"leather", "wood"} in [{s.one, s.other} for s in near] and {"cloth", "lining"} not in [
        {s.one, s.other} for s in near
    ]
    assert [s.delta_e for s in near] == sorted(s.delta_e for s in near)


def test_what_a_roof_shades_as_built_is_lit_on_a_holder_of_its_own() -> None:
    """By hand: light straight down on a block under a smaller plate. The plate's shadow is what the block loses; the plate nothing."""
    block, plate = subdivided(box_mesh((10, 10, 2)), 5), subdivided(box_mesh((6, 6, 1), (2, 2, 3.5)), 4)
    found = {h.slot: h for h in lost_light([("legs", block), ("back", plate)], ["back"], spread_deg=0.1)}
    assert found[REST].lit_mm2 == pytest.approx(100, rel=0.08)
    seen_rim = found[REST].lost_mm2  # of the 36 mm² in shadow what is seen round the plate's rim, from 15° up
    assert 6 < seen_rim <= 36 * 1.06
    assert found["back"].lost_mm2 == 0
    wide = [LostLight(REST, 900.0, 40.0), LostLight("back", 50.0, 20.0), LostLight("head", 5000.0, 60.0)]
    assert (
        "0.4 cm² of the rest (4%)" in (words := lost_light_words(wide)) and "back" not in words and "head" not in words
    )
    assert lost_light([("legs", block), ("back", plate)], []) == [] == lost_light([("legs", block)], ["legs"])
    apart = [("legs", block), ("back", plate.with_vertices(plate.vertices + [40, 0, 0]))]
    assert all(h.lost_mm2 == 0 for h in lost_light(apart, ["back"])) and lost_light_words([]) == ""


def test_tacking_together_is_planned_round_the_second_coat() -> None:
    """Its minutes by the parts on sticks; without any there is nothing to tack."""
    plain, tacked = (prime_plan(4, "airbrush", SCHEME, {"back": 4}, t) for t in (False, True))
    titles = [s.title for s in tacked]
    at = titles.index("Second coat, from above")
    assert titles[at - 1] == "Tack together for the light" and titles[at + 1] == "Take apart again"
    assert sum(s.minutes for s in tacked) - sum(s.minutes for s in plain) == pytest.approx(2 * 4 * TACK_MIN)
    assert prime_plan(4, "airbrush", SCHEME, {}, True) == prime_plan(4, "airbrush", SCHEME)


def test_a_built_figure_gives_its_parts_back() -> None:
    """As they went in, each with its own faces."""
    meshes = [subdivided(box_mesh((10, 10, 2)), 1), box_mesh((6, 6, 1), (2, 2, 3.5))]
    zoned = [ZonedMesh(m, ("z",), np.zeros(len(m.faces), np.uint8)) for m in meshes]
    for own, told in zip(meshes, built_figure(zoned, None, lambda _: True)[0].parts, strict=True):
        assert np.array_equal(own.vertices, told.vertices) and np.array_equal(own.faces, told.faces)


def test_schools_of_priming_are_costed_side_by_side() -> None:
    """The same paint lies on the figures by each; a can loses most and is quickest, a brush loses least and is slowest for many."""
    many = {c.school: c for c in schools_compared(30, 30, 900.0, SCHEME)}
    assert many["can"].minutes < many["airbrush"].minutes < many["brush"].minutes
    assert len({round(c.ml - c.lost_ml, 9) for c in many.values()}) == 1
    assert many["can"].lost_ml > many["airbrush"].lost_ml > many["brush"].lost_ml > 0
    assert many["can"].cans == pytest.approx(many["can"].ml / 100) and many["brush"].cans == 0
    assert many["can"].description.endswith("of 1 can") and "can" not in many["airbrush"].description


def test_an_airbrush_pays_from_the_figure_at_which_its_minutes_are_fewer() -> None:
    """Counted out one by one: not one figure earlier; a can, quicker in both, pays at once."""
    pays = pays_from("airbrush", "brush", SCHEME)

    def minutes(school: str, figures: int) -> float:
        return sum(s.minutes for s in prime_plan(figures, school, SCHEME) if s.hands)

    assert pays > 1 and minutes("airbrush", pays) < minutes("brush", pays)
    assert minutes("airbrush", pays - 1) >= minutes("brush", pays - 1)
    assert pays_from("can", "airbrush", SCHEME) == 1
