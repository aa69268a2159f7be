"""Ways back from paint that went wrong: what it looks like now, and what each way makes of it, seen before a brush is wet."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np

from numerus.colour.light import delta_e
from numerus.colour.reflectance import reflectances
from numerus.domain.painting.recipes import Placing, Recipe, RecipeStep
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.advice.colourways import base_step
from numerus.paint.figure.built import Built
from numerus.paint.figure.painted import PaintedZone, Primer, painted_zone
from numerus.paint.figure.placing import Places, stroke_laid_ml
from numerus.paint.figure.schools import darker, lighter, school_step
from numerus.paint.rack.pots import Rack

POOLED, OVERDONE, FLAT, WRONG_HUE = "a wash pooled", "lights overdone", "it looks flat", "the colour is wrong"
FAULTS = (POOLED, OVERDONE, FLAT, WRONG_HUE)
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
    Lab (n, 3) of what was meant.
    """

    places: Places
    area_mm2: Floats
    weight: Floats
    steps: tuple[RecipeStep, ...]
    ground: Primer
    goal: Floats


def spoilt(built: Built, recipe: Recipe, rack: Rack, primer: Primer, fault: str, colour: str = "") -> Spoilt:
    """The zone as it is after a fault, on every vertex. ``colour``: what it looks like, for a wrong one ("#RRGGBB").

    Raises PlanError where the recipe has nothing that can go wrong so, or no colour was told.
    """
    number = built.zones.index(recipe.zone)
    own = np.flatnonzero((built.figure.vertex_zone == number) & ~built.figure.fields.inside)
    places, area = built.figure.places.some(own), built.figure.mesh.vertex_areas_mm2[own]
    weight = area * np.maximum(np.asarray(built.figure.fields.seen, float)[own], 1e-3)
    goal = painted_zone(recipe.steps, rack, primer, places).lab()
    if fault == WRONG_HUE:
        if not colour:
            raise PlanError("no-colour", "What colour is it now?", "Type it, or read it from a picture.")
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
