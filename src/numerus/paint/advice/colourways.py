"""Colourways: one zone in several colours, every stroke moved as its base is, on the same figure."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from datetime import datetime

from numerus.colour.light import hex_of_lab, lab_of, rgb_of
from numerus.colour.matching import Target
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.errors import PlanError, Progress
from numerus.geometry.mesh import Floats
from numerus.paint.looks import Candidate, with_recipe
from numerus.paint.rack.kinds import kind_of, stands_in
from numerus.paint.rack.matching import mixes_for
from numerus.paint.rack.pots import Rack

MOST_COLOURS = 4
NO_HUE = 8.0  # chroma below which a stroke is a grey that suits any colour


def base_step(recipe: Recipe, rack: Rack) -> RecipeStep:
    """The stroke that gives a zone its colour: its base coat, else its first that can be mixed. Raises PlanError without one."""
    there = [s for s in recipe.steps if all(rack.holds(p) for p, _ in s.mix)]
    if not there:
        raise PlanError("no-stroke", "The zone has no stroke that can be mixed.", "Give it one on the Recipe page.")
    return next((s for s in there if s.technique in ("base", "one-coat")), there[0])


def recoloured(recipe: Recipe, colour: str, rack: Rack, progress: Progress = lambda _: True) -> Recipe:
    """The same strokes for another colour: each mix is moved in Lab as the base is, and mixed anew from pots of its own kind.

    Strokes of no hue stay as they are. Ids stay: it is the same recipe, in another colour. Raises PlanError, Cancelled.
    """
    base = rack.pigment(base_step(recipe, rack).mix).lab
    moved = lab_of(rgb_of(colour)) - base
    return replace(recipe, steps=tuple(_moved(s, base, moved, rack, progress) for s in recipe.steps))


def renewed(old: Recipe, new: Recipe, new_id: Callable[[], str], now: datetime) -> Recipe:
    """The new recipe, where a stroke of another mix is another stroke: what was painted before stays told as it was."""
    pairs = zip(old.steps, new.steps, strict=True)
    return replace(new, steps=tuple(a if a.mix == b.mix else replace(b, id=new_id(), since=now) for a, b in pairs))


def _moved(step: RecipeStep, base: Floats, moved: Floats, rack: Rack, progress: Progress) -> RecipeStep:
    try:
        paint, share = rack.pigment(step.mix), rack.shares(step.mix)
    except PlanError:
        return step
    kinds = [kind_of(rack.paints[p]).name for p in share]
    neutral = (
        float(paint.lab[1] ** 2 + paint.lab[2] ** 2) < NO_HUE**2 and float(base[1] ** 2 + base[2] ** 2) >= NO_HUE**2
    )
    if neutral or "metallic" in kinds or all(kind_of(rack.paints[p]).clear for p in share):
        return step
    pots = [p for p in rack.paints.values() if any(stands_in(k, p.kind) for k in kinds)]
    proposals = mixes_for(pots, Target(_inside(paint.lab + moved)), most=2, progress=progress)
    return replace(step, mix=proposals[0].parts) if proposals else step


def _inside(lab: Floats) -> Floats:
    """The nearest colour a screen can show, so that a target is one that paint can have."""
    return lab_of(rgb_of(hex_of_lab(lab)))


def colourways(
    scheme: Scheme, zone: str, colours: Sequence[str], rack: Rack, progress: Progress = lambda _: True
) -> list[Candidate]:
    """The scheme as it is and with a zone in each of up to three other colours. Raises PlanError, Cancelled."""
    recipe = next((r for r in scheme.recipes if r.zone == zone), None)
    if recipe is None:
        raise PlanError("no-recipe", "The zone has no recipe yet.", "Give it one on the Recipe page.")
    candidates = [Candidate("A", "As it is", "", scheme)]
    for letter, colour in zip("BCD", colours, strict=False):
        candidates.append(
            Candidate(letter, colour, "", with_recipe(scheme, recoloured(recipe, colour, rack, progress)))
        )
    return candidates
