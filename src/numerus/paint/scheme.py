"""Paints, strokes, recipes and schemes; how much of each paint a batch needs and what to buy."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from dataclasses import dataclass
from functools import lru_cache
from operator import attrgetter

import numpy as np

from numerus.colour.films import Pigment, broken
from numerus.colour.light import delta_e
from numerus.colour.reflectance import hex_of_reflectance, lab_of_reflectance
from numerus.domain.painting.paints import Mix, Paint
from numerus.domain.painting.recipes import BY_HAND, Recipe, RecipeStep, Scheme
from numerus.domain.stages import LEVELS
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.rack.kinds import stands_in
from numerus.paint.rack.pots import Rack, pigment_of
from numerus.paint.stroke_minutes import AS_TOLD, stroke_times
from numerus.paint.techniques import LINE, RESIST, RUB_BACK, TECHNIQUES

NEAR_DELTA_E = 12.0  # beyond this a stand-in is another colour
LEAST_BORDER_MM = 2.0
SAME_VALUE, SAME_COLOUR = 8.0, 12.0  # L* and ΔE2000 apart below which two zones melt into one at table distance


@dataclass(frozen=True)
class Stroke:
    """One step of a recipe on one zone of a figure, in the scheme's order. ``key``: what the journal calls it; ``times``: its minutes
    there over those the recipe tells (see paint.stroke_minutes); ``dries_min``: from the hands' end (see paint.drying).
    """

    zone: str
    step: RecipeStep
    times: float = 1.0
    dries_min: float = 0.0

    @property
    def minutes(self) -> float:
        return self.step.minutes * self.times

    @property
    def key(self) -> str:
        return self.step.id


def strokes_for(
    scheme: Scheme, zones: Iterable[str], level: str, sizes: Mapping[str, float] = AS_TOLD,
    dries_min: Callable[[RecipeStep], float] = attrgetter("dries_min"),
) -> list[Stroke]:  # fmt: skip
    """Every stroke a figure with these zones gets at this level, zone after zone; ``sizes``: of its zones, over the usual ones;
    ``dries_min``: how long each stays wet, else as its recipe tells.
    """
    wanted, rank = set(zones), LEVELS.index(level)
    return [
        Stroke(
            recipe.zone, step, stroke_times(step, sizes[recipe.zone]) if recipe.zone in sizes else 1.0, dries_min(step)
        )
        for recipe in scheme.recipes
        if recipe.zone in wanted
        for step in recipe.steps
        if LEVELS.index(step.level) <= rank
    ]


def mix_colour(stroke: RecipeStep, rack: Rack) -> str:
    """The colour of a stroke's mix when it hides. Raises PlanError for a paint that is not on the rack."""
    return _mix(stroke, rack).colour


def _mix(stroke: RecipeStep, rack: Rack) -> Pigment:
    if any(not rack.holds(pot) for pot, _ in stroke.mix):
        raise PlanError(
            "no-paint", f"{stroke.name} asks for a paint that is not on the rack.", "Choose another, or add it."
        )
    return rack.pigment(stroke.mix)


def mix_words(step: RecipeStep, names: Mapping[str, str]) -> str:
    """ "Tallow coat 2 : 1 Candle cream, thinned 1"; less than a fifth of a part is a touch."""
    parts = [f"{names.get(p, '?')}{f' {n:g}' if len(step.mix) > 1 and n >= 0.2 else ''}" for p, n in step.mix]
    thin = f", thinned {step.thinner:g}" if step.thinner else ""
    return " : ".join(parts) + thin


def can_be_mixed(stroke: RecipeStep, rack: Rack) -> bool:
    """Whether every pot it asks for, through all mixes, is on the rack."""
    try:
        rack.shares(stroke.mix)
    except PlanError:
        return False
    return True


@dataclass(frozen=True, eq=False)
class Laid:
    """A stroke as it lies: reflectances (BANDS,) of what is ``below``, of its ``film`` there, and of the zone from afar."""

    step: RecipeStep
    below: Floats
    film: Floats
    afar: Floats


def laid_strokes(recipe: Recipe, rack: Rack, ground: Floats) -> list[Laid]:
    """The strokes of a recipe one on the other over a primed ground; those whose paint is gone are left out."""
    listed, below, below_resist = list[Laid](), ground, ground
    for step in recipe.steps:
        if not can_be_mixed(step, rack):
            continue
        if step.technique == RESIST:
            below_resist = below
        again = step.technique == RUB_BACK
        lying = below_resist if again else _mix(step, rack).over(below, laid_um(step))
        listed.append(Laid(step, below, lying, broken(lying, below, seen_share(step))))
        below = listed[-1].afar
    return listed


def zone_colour(recipe: Recipe, rack: Rack, ground: Floats) -> str:
    """What a zone looks like from afar over its primer (see ``laid_strokes``)."""
    return hex_of_reflectance(zone_reflectance(recipe, rack, ground))


def zone_reflectance(recipe: Recipe, rack: Rack, ground: Floats) -> Floats:
    """Reflectance (BANDS,) of a zone from afar; its primer where no stroke lies yet."""
    named = [pot for step in recipe.steps for pot, _ in step.mix]
    mixes = tuple(dict.fromkeys(rack.mixes[p] for p in named if p in rack.mixes)) and tuple(rack.mixes.values())
    pots = {p for step in recipe.steps if can_be_mixed(step, rack) for p in rack.shares(step.mix)}
    paints = tuple(rack.paints[p] for p in sorted(pots))
    return _zone_reflectance(recipe, paints, mixes, np.ascontiguousarray(ground).tobytes())


@lru_cache(2048)  # the same few zones are shown by every bench, whenever one is opened
def _zone_reflectance(recipe: Recipe, paints: tuple[Paint, ...], mixes: tuple[Mix, ...], ground: bytes) -> Floats:
    rack, below = Rack({p.id: p for p in paints}, {m.id: m for m in mixes}), np.frombuffer(ground)
    strokes = laid_strokes(recipe, rack, below)
    return strokes[-1].afar if strokes else below


def laid_um(step: RecipeStep) -> float:
    """Dry film of a stroke where it lies, µm: a brush lays so much wet paint whatever is in it, so that what is thinner than
    usual dries thinner.
    """
    how, whole = TECHNIQUES[step.technique], sum(parts for _, parts in step.mix)
    return how.film_um * step.coats * (1 + how.thinned) / (1 + step.thinner / whole)


def covered_share(step: RecipeStep) -> float:
    """Share of its zone a stroke is put on: by its technique, or as far as it was drawn by hand."""
    return _of_drawn(step, TECHNIQUES[step.technique].covers)


def seen_share(step: RecipeStep) -> float:
    """Share of its zone a stroke is seen on from afar."""
    return _of_drawn(step, TECHNIQUES[step.technique].seen)


def drawn_where_it_must(step: RecipeStep) -> bool:
    """False for a freehand stroke, or one within a mask by hand, of which nothing is drawn."""
    return bool(step.placing.drawn) or (step.technique != LINE and step.placing.mask != BY_HAND)


def _of_drawn(step: RecipeStep, share: float) -> float:
    if step.technique == LINE:
        return step.placing.drawn_share
    return share * step.placing.drawn_share if step.placing.mask == BY_HAND else share


def stroke_ml(step: RecipeStep, area_cm2: float, rack: Rack) -> float:
    """Wet ml of a thinned mix for a stroke on so much of a zone: dry film over share of solids, and what is lost on the way."""
    how = TECHNIQUES[step.technique]
    solids = rack.solids(step.mix, step.thinner)
    laid_cm3 = area_cm2 * covered_share(step) * laid_um(step) * 1e-4
    return laid_cm3 * (1 + how.lost) / solids if solids > 0 else 0.0


def paint_needed_ml(strokes: Iterable[tuple[Stroke, float]], rack: Rack) -> dict[str, float]:
    """ml of each pot for strokes on the given zone areas (stroke, cm²), mixes taken apart; what is gone is left out, thinner
    added at the brush is not counted.
    """
    need: dict[str, float] = {}
    for stroke, area_cm2 in strokes:
        for paint, ml in _needed_a_cm2(stroke.step, rack).items():
            need[paint] = need.get(paint, 0.0) + ml * area_cm2
    return need


def _needed_a_cm2(step: RecipeStep, rack: Rack) -> Mapping[str, float]:
    """ml of each pot for a cm² of zone; worked out once for a rack, since every figure of a batch asks for the same strokes."""
    if step not in rack.needs:
        whole = sum(parts for _, parts in step.mix)
        there = can_be_mixed(step, rack)
        volume = stroke_ml(step, 1.0, rack) * whole / (whole + step.thinner) if there else 0.0
        rack.needs[step] = {p: volume * share for p, share in rack.shares(step.mix).items()} if there else {}
    return rack.needs[step]


def ml_text(ml: float) -> str:
    """Paint in words; a drop is not nothing."""
    return f"{ml:.1f} ml" if ml >= 0.1 else "less than 0.1 ml"


@dataclass(frozen=True)
class Buy:
    """One paint against its pot: ``pots`` to buy; ``description`` explains, also where nobody knows what is left."""

    paint: Paint
    need_ml: float
    pots: int
    description: str


def _or_nearest(paint: Paint, rack: Mapping[str, Paint]) -> str:
    """The pot that could stand in, with how far off it is, if one comes near enough to be asked about."""
    others = [p for p in rack.values() if p.id != paint.id and (p.ml or 0) > 0 and stands_in(paint.kind, p.kind)]
    apart = [float(delta_e(pigment_of(paint).lab, pigment_of(p).lab)) for p in others]
    near = min(zip(apart, (p.name for p in others), strict=True), default=(NEAR_DELTA_E, ""))
    return f", or use {near[1]}, ΔE {near[0]:.0f}" if near[0] < NEAR_DELTA_E else ""


def shopping(need: Mapping[str, float], rack: Mapping[str, Paint]) -> list[Buy]:
    """What to buy, and every pot whose content is unknown, scarcest first."""
    buys = []
    for paint_id, ml in need.items():
        paint = rack[paint_id]
        if paint.ml is None:
            buys.append(
                Buy(
                    paint,
                    ml,
                    0,
                    f"{paint.name}: {ml_text(ml)} needed; nobody wrote down what is left. Weigh or guess the pot.",
                )
            )
        elif ml > paint.ml:
            pots = int(-(-(ml - paint.ml) // paint.pot_ml))
            buys.append(
                Buy(
                    paint,
                    ml,
                    pots,
                    f"{paint.name}: {ml_text(ml)} needed, {paint.ml:.0f} ml left: buy {pots}{_or_nearest(paint, rack)}.",
                )
            )
    return sorted(buys, key=lambda b: -(b.need_ml - (b.paint.ml or 0)))


@dataclass(frozen=True)
class LowContrastPair:
    """Two zones whose values are too near to tell apart at table distance."""

    one: str
    other: str
    apart: float


def zone_labs(scheme: Scheme, rack: Rack, ground: Floats) -> dict[str, Floats]:
    """CIE L*a*b* (3,) of each zone as it will look."""
    return {r.zone: lab_of_reflectance(zone_reflectance(r, rack, ground)) for r in scheme.recipes}


def low_contrast_pairs(
    labs: Mapping[str, Floats], borders_mm: Mapping[tuple[str, str], float]
) -> list[LowContrastPair]:
    """Zones that border on each other for more than ``LEAST_BORDER_MM`` and melt: alike in value, and hue does not tell them
    apart either; worst first.
    """
    touching = [(a, b) for (a, b), mm in borders_mm.items() if mm > LEAST_BORDER_MM and a in labs and b in labs]
    near = [LowContrastPair(a, b, abs(float(labs[a][0] - labs[b][0]))) for a, b in touching]
    melting = [p for p in near if p.apart < SAME_VALUE and float(delta_e(labs[p.one], labs[p.other])) < SAME_COLOUR]
    return sorted(melting, key=lambda m: m.apart)
