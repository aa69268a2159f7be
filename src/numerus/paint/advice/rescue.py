"""Ways back from paint that went wrong: what it looks like now, and what each way makes of it, seen before a brush is wet."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np

from numerus.colour.light import delta_e, lab_of, rgb_of
from numerus.colour.matching import Target
from numerus.colour.reflectance import reflectances
from numerus.domain.painting.recipes import Placing, Recipe, RecipeStep
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.advice.colourways import base_step
from numerus.paint.figure.built import Built
from numerus.paint.figure.painted import PaintedZone, Primer, painted_zone
from numerus.paint.figure.placing import Places, stroke_laid_ml
from numerus.paint.figure.schools import darker, lighter, school_step
from numerus.paint.rack.matching import mixes_for
from numerus.paint.rack.parts_text import parts_text
from numerus.paint.rack.pots import Rack

POOLED, OVERDONE, FLAT, WRONG_HUE = "a wash pooled", "lights overdone", "it looks flat", "the colour is wrong"
FORGOTTEN = "its mix is forgotten"
FAULTS = (POOLED, OVERDONE, FLAT, WRONG_HUE, FORGOTTEN)
BY_COLOUR = (WRONG_HUE, FORGOTTEN)
"""Faults that are told by what colour the zone is."""
COATS_AGAIN = 3  # of a mix that is looked for, so that its own colour is judged and not the ground's
TIMES_TOO_MUCH = 3.0  # (default) how much more than planned lies there where a wash pooled or lights were overdone
LIGHT_TECHNIQUES = ("layer", "dry-brush", "edge", "stipple")


@dataclass(frozen=True, eq=False)
class Way:
    """A way back: its extra strokes, minutes and ml for one figure, mean ΔE2000 to the goal over what is seen, and its risk.

    ``painted``: the zone's places after it.
    """

    name: str
    steps: tuple[RecipeStep, ...]
    minutes: float
    ml: float
    delta_e: float
    risk: str
    painted: PaintedZone


@dataclass(frozen=True, eq=False)
class Spoilt:
    """A zone that went wrong: its places with their mm² and what they weigh as seen; the strokes that lie there over a ground, and
    Lab (n, 3) of what was meant. ``forgotten``: the colour whose mix is looked for, "" for none.
    """

    places: Places
    area_mm2: Floats
    weight: Floats
    steps: tuple[RecipeStep, ...]
    ground: Primer
    goal: Floats
    forgotten: str = ""


def spoilt(built: Built, recipe: Recipe, rack: Rack, primer: Primer, fault: str, colour: str = "") -> Spoilt:
    """The zone as it is after a fault, on every vertex. ``colour``: what it looks like, for a wrong one ("#RRGGBB").

    Raises PlanError where the recipe has nothing that can go wrong so, or no colour was told.
    """
    number = built.zones.index(recipe.zone)
    own = np.flatnonzero((built.figure.vertex_zone == number) & ~built.figure.fields.inside)
    places, area = built.figure.places.some(own), built.figure.mesh.vertex_areas_mm2[own]
    weight = area * np.maximum(np.asarray(built.figure.fields.seen, float)[own], 1e-3)
    goal = painted_zone(recipe.steps, rack, primer, places).lab()
    if fault in BY_COLOUR and not colour:
        raise PlanError("no-colour", "What colour is it now?", "Type it, or read it from a picture.")
    if fault == FORGOTTEN:  # seen on a figure that has none of it yet
        goal = np.broadcast_to(lab_of(rgb_of(colour)), goal.shape)
        return Spoilt(places, area, weight, (), primer, goal, colour)
    if fault == WRONG_HUE:
        ground = Primer(np.asarray(reflectances([colour])[0]))
        return Spoilt(places, area, weight, (), ground, goal)
    return Spoilt(places, area, weight, _gone_wrong(recipe, fault), primer, goal)


def _gone_wrong(recipe: Recipe, fault: str) -> tuple[RecipeStep, ...]:
    """The recipe's strokes as they were laid by mistake."""
    at_fault = [
        s
        for s in recipe.steps
        if s.technique in {POOLED: ("wash", "one-coat"), OVERDONE: LIGHT_TECHNIQUES}.get(fault, ())
    ]
    if fault == FLAT:
        return (
            tuple(s for s in recipe.steps if s.technique not in (*LIGHT_TECHNIQUES, "wash", "glaze"))
            or recipe.steps[:1]
        )
    if not at_fault:
        what = "wash" if fault == POOLED else "light"
        raise PlanError(
            "no-such-stroke",
            f"This recipe has no {what} that could have gone wrong.",
            "Say what it looks like instead.",
        )
    last = at_fault[-1]
    more = replace(last.placing, amount=last.placing.amount * TIMES_TOO_MUCH)
    kept = recipe.steps[: recipe.steps.index(last)]
    return (*kept, replace(last, placing=more))


def ways_back(
    state_of_paint: Spoilt, recipe: Recipe, rack: Rack, area_cm2: float, new_id: Callable[[], str]
) -> list[Way]:
    """Every way that comes nearer to the goal than leaving it, nearest first, and leaving it. Raises PlanError as ``base_step``."""
    if state_of_paint.forgotten:
        return _mixes_again(state_of_paint, rack, area_cm2, new_id)
    base = base_step(recipe, rack).mix
    light, shade = lighter(base, rack), darker(base, rack)

    def step(name: str, technique: str, mix, mask: str = "", coats: int = 1, thinner: float = -1.0) -> RecipeStep:  # type: ignore[no-untyped-def]
        recipe_step = school_step(0, name, technique, mix, area_cm2, coats, thinner)
        return replace(recipe_step, id=new_id(), placing=Placing(mask))

    again = tuple(replace(s, id=new_id()) for s in recipe.steps)
    tried = (
        ("Leave it", (), "only you know"),
        ("Glaze it together", (step("Glaze", "glaze", base, "everywhere", 2),), "tints all of it"),
        (
            "Dust back the mid-tone",
            (step("Mid-tone", "dry-brush", base), step("Light", "edge", light)),
            "chalky if the brush is wet",
        ),
        (
            "Shade it again",
            (step("Shade", "wash", shade, "recess"), step("Light", "edge", light)),
            "may pool again on flats",
        ),
        (
            "Layer over the flats",
            (step("Flats", "layer", base, "open"), step("Light", "edge", light)),
            "brush marks",
        ),
        ("Paint the zone anew", again, "films grow, detail fills"),
    )
    ways = [_way(name, steps, risk, state_of_paint, rack) for name, steps, risk in tried]
    leave = ways[0].delta_e
    helping = [w for w in ways if not w.steps or w.delta_e < leave - 0.05]
    return sorted(helping, key=lambda w: (round(w.delta_e, 1), w.minutes))


def _mixes_again(state_of_paint: Spoilt, rack: Rack, area_cm2: float, new_id: Callable[[], str]) -> list[Way]:
    """The rack's nearest mixes of one, two and three pots to a colour nobody knows the mix of, each as base coats."""
    target, pots = Target(lab_of(rgb_of(state_of_paint.forgotten))), list(rack.paints.values())
    found = dict.fromkeys(p.parts for most in (1, 2, 3) for p in mixes_for(pots, target, most)[:1])
    listed = [_way("Leave it", (), "only you know", state_of_paint, rack)]
    for parts in found:
        coat = replace(
            school_step(0, "Base", "base", parts, area_cm2, COATS_AGAIN), id=new_id(), placing=Placing("everywhere")
        )
        listed.append(
            _way(f"Mix {parts_text(parts, rack.names)}", (coat,), "as near as the rack comes", state_of_paint, rack)
        )
    return sorted(listed, key=lambda w: (round(w.delta_e, 1), w.minutes))


def _way(name: str, steps: tuple[RecipeStep, ...], risk: str, state_of_paint: Spoilt, rack: Rack) -> Way:
    painted = painted_zone((*state_of_paint.steps, *steps), rack, state_of_paint.ground, state_of_paint.places)
    apart = delta_e(painted.lab(), state_of_paint.goal)
    mean = float((apart * state_of_paint.weight).sum() / max(state_of_paint.weight.sum(), 1e-9))
    laid = painted.strokes[len(painted.strokes) - len(steps) :] if steps else ()
    ml = sum(
        stroke_laid_ml(s, own, state_of_paint.area_mm2, rack.solids(s.mix, s.thinner))
        for s, own in zip(steps, laid, strict=False)
    )
    return Way(name, steps, sum(s.minutes for s in steps), ml, mean, risk, painted)
