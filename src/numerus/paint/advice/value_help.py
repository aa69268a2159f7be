"""One change each that would help a figure to read: melting zones set apart, eyes led where they should go, lights seen or quieter."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from types import MappingProxyType

import numpy as np

from numerus.colour.light import hex_of_lab
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.errors import PlanError
from numerus.paint.advice.colourways import base_step, recoloured, renewed
from numerus.paint.backs import LOUD, Back
from numerus.paint.figure.placing import FRONT
from numerus.paint.figure.reading import OVERDONE, TIMID, Attention, Reading
from numerus.paint.figure.schools import lighter, school_step
from numerus.paint.looks import with_recipe
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import LowContrastPair, can_be_mixed

APART = 14.0  # L* two touching zones should be apart: beyond what melts, with room for the hand
MOST = 4
LIGHTS = ("edge", "layer", "dry-brush")
CATCHING = ("dry-brush", "edge", "sponge")  # what rims of layers catch
ON_FLAWS, SOFTER = 0.3, 0.5  # (default) share of contrast on flaws that is too much; how much of a stroke is left


@dataclass(frozen=True)
class ValueHelp:
    """What is wrong, what would help, and the scheme with it."""

    fault: str
    words: str
    scheme: Scheme


def value_helps(
    scheme: Scheme, rack: Rack, read: Reading, melting: Sequence[LowContrastPair], attentions: Sequence[Attention],
    names: Mapping[str, str], areas_cm2: Mapping[str, float], new_id: Callable[[], str], now: datetime,
    back: Back | None = None, on_stairs: Mapping[str, float] = MappingProxyType({}),
) -> list[ValueHelp]:  # fmt: skip
    """The worst faults first, one change for each, at most ``MOST``; of the ``back`` where it was looked at; ``on_stairs``: share of
    all contrast that lies on visible layer lines, by zone.
    """
    maker = _Maker(scheme, rack, names, areas_cm2, new_id, now)
    helps = [maker.set_apart(pair, attentions) for pair in melting[:2]]
    helps += [maker.by_span(zone, low, high) for zone, (low, high) in read.spans.items() if zone in names]
    helps.append(maker.off_flaws(on_stairs))
    helps.append(maker.quieter(attentions))
    helps.append(maker.quieter_back(back) if back is not None else None)
    return [h for h in helps if h is not None][:MOST]


@dataclass(frozen=True)
class _Maker:
    scheme: Scheme
    rack: Rack
    names: Mapping[str, str]
    areas_cm2: Mapping[str, float]
    new_id: Callable[[], str]
    now: datetime

    def _recipe(self, zone: str) -> Recipe | None:
        """The zone's recipe, None where it has no stroke that can be mixed."""
        own = (r for r in self.scheme.recipes if r.zone == zone)
        return next((r for r in own if any(can_be_mixed(s, self.rack) for s in r.steps)), None)

    def _with(self, fault: str, words: str, recipe: Recipe) -> ValueHelp:
        return ValueHelp(fault, words, with_recipe(self.scheme, recipe))

    def set_apart(self, pair: LowContrastPair, attentions: Sequence[Attention]) -> ValueHelp | None:
        """The zone of the two that is less of the figure a shade darker or lighter, away from the other."""
        seen = {a.zone: a.seen for a in attentions}
        small, large = sorted((pair.one, pair.other), key=lambda z: seen.get(z, 0.0))
        own, other = self._recipe(small), self._recipe(large)
        if own is None or other is None:
            return None
        try:
            lab, beside = (self.rack.pigment(base_step(r, self.rack).mix).lab for r in (own, other))
            down = lab[0] <= beside[0] and beside[0] - APART > 8 or beside[0] + APART > 94
            wanted = np.array([beside[0] + (-APART if down else APART), lab[1], lab[2]])
            moved = recoloured(own, hex_of_lab(wanted), self.rack)
        except PlanError:
            return None
        word = "darker" if down else "lighter"
        fault = f"{self.names[small].capitalize()} melts into {self.names[large]}, {pair.apart:.0f} L* apart"
        return self._with(
            fault, f"{self.names[small]} {word}, to {wanted[0]:.0f} L*", renewed(own, moved, self.new_id, self.now)
        )

    def by_span(self, zone: str, low: float, high: float) -> ValueHelp | None:
        """Lights inside a zone that nobody sees across the table, or that shout."""
        recipe, name = self._recipe(zone), self.names[zone]
        if recipe is None:
            return None
        if high - low < TIMID and not any(s.technique == "edge" for s in recipe.steps):
            fault = f"{name.capitalize()} is flat across the table, {low:.0f} to {high:.0f} L*"
            return self._with(fault, f"edges on {name}, a light lighter", self._with_edge(recipe))
        lights = _lights(recipe)
        if high - low > OVERDONE and lights and not self._is_metal(recipe):
            fault = f"{name.capitalize()} shouts inside itself, {low:.0f} to {high:.0f} L*"
            return self._with(fault, f"{name} without {lights[-1].name.lower()}", _without(recipe, lights[-1]))
        return None

    def _is_metal(self, recipe: Recipe) -> bool:
        """Whether a zone is to shine: what a metal throws back is no highlight overdone."""
        pots = {p for s in recipe.steps if can_be_mixed(s, self.rack) for p in self.rack.shares(s.mix)}
        return any(kind_of(self.rack.paints[p]).name == "metallic" for p in pots)

    def _with_edge(self, recipe: Recipe) -> Recipe:
        mix = lighter(base_step(recipe, self.rack).mix, self.rack)
        step = school_step(0, "Edges", "edge", mix, self.areas_cm2.get(recipe.zone, 1.0))
        return replace(recipe, steps=(*recipe.steps, replace(step, id=self.new_id(), level="good", since=self.now)))

    def quieter(self, attentions: Sequence[Attention]) -> ValueHelp | None:
        """Where something else draws more than what eyes should go to: its last light left out."""
        focus = [a for a in attentions if a.focus]
        if not focus or not attentions:
            return None
        louder = [a for a in attentions if not a.focus and a.drawn > max(f.drawn for f in focus)]
        recipes = [(a, r) for a in louder if (r := self._recipe(a.zone)) and _lights(r)]
        if not recipes:
            return None
        loud, recipe = recipes[0]
        light = _lights(recipe)[-1]
        wanted = " and ".join(self.names.get(f.zone, "") for f in focus[:2])
        fault = f"Eyes go to {self.names[loud.zone]} ({loud.drawn:.0%}) before {wanted}"
        return self._with(fault, f"{self.names[loud.zone]} without {light.name.lower()}", _without(recipe, light))

    def off_flaws(self, on_stairs: Mapping[str, float]) -> ValueHelp | None:
        """Where much contrast lies on layer lines, strokes that catch their rims are laid more thinly in the zone that shows most."""
        if sum(on_stairs.values()) < ON_FLAWS:
            return None
        for zone in on_stairs:
            recipe = self._recipe(zone)
            catching = [s for s in recipe.steps if s.technique in CATCHING] if recipe else []
            if recipe is not None and catching and zone in self.names:
                return self._softer(recipe, catching[-1], sum(on_stairs.values()))
        return None

    def _softer(self, recipe: Recipe, step: RecipeStep, share: float) -> ValueHelp:
        softer = replace(step, placing=replace(step.placing, amount=step.placing.amount * SOFTER))
        name = self.names[recipe.zone]
        fault = f"{share:.0%} of the contrast lies on layer lines, {name} shows them most"
        steps = tuple(softer if s.id == step.id else s for s in recipe.steps)
        return self._with(
            fault,
            f"{step.name.lower()} of {name} half as strong, or filled and sanded first",
            replace(recipe, steps=steps),
        )

    def quieter_back(self, back: Back) -> ValueHelp | None:
        """Where the back is as loud as the front: lights of what draws most there are left to the front half, and their minutes."""
        if back.against_front < LOUD:
            return None
        for zone in sorted(back.drawn, key=lambda z: -back.drawn[z]):
            recipe = self._recipe(zone)
            lights = [s for s in _lights(recipe) if not s.placing.mask] if recipe else []
            if recipe is not None and lights and zone in self.names:
                return self._forward_only(recipe, lights[-1], back)
        return None

    def _forward_only(self, recipe: Recipe, light: RecipeStep, back: Back) -> ValueHelp:
        share, name = back.forward.get(recipe.zone, 1.0), self.names[recipe.zone]
        minutes = max(round(light.minutes * share, 2), 0.1)
        forward = replace(light, placing=replace(light.placing, mask=FRONT), minutes=minutes)
        steps = tuple(forward if s.id == light.id else s for s in recipe.steps)
        fault = f"The back is as loud as the front ({back.against_front:.0%} of its contrast), {name} most"
        words = (
            f"{light.name.lower()} of {name} on the front half only, {light.minutes - minutes:.1f} min less a figure"
        )
        return self._with(fault, words, replace(recipe, steps=steps))


def _lights(recipe: Recipe) -> list[RecipeStep]:
    return [s for s in recipe.steps if s.technique in LIGHTS]


def _without(recipe: Recipe, step: RecipeStep) -> Recipe:
    return replace(recipe, steps=tuple(s for s in recipe.steps if s.id != step.id))
