"""Paints, strokes, recipes and schemes; how much of each paint a batch needs and what to buy."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass

from numerus.colour.light import lab_of, mixed, nearest, rgb_of, side_by_side
from numerus.domain.paints import Paint
from numerus.domain.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.stages import LEVELS
from numerus.errors import PlanError
from numerus.paint.techniques import TECHNIQUES

WASTE = 1.25  # what dries on the palette
NEAR_DELTA_E = 12.0  # beyond this a stand-in is another colour
LEAST_BORDER_MM = 2.0
SAME_VALUE = 4.0  # L* apart below which two zones melt into one at table distance


@dataclass(frozen=True)
class Stroke:
    """One step of a recipe on one zone of a figure, in the scheme's order. ``key``: what the journal calls it."""

    zone: str
    step: RecipeStep

    @property
    def key(self) -> str:
        return self.step.id


def strokes_for(scheme: Scheme, zones: Iterable[str], level: str) -> list[Stroke]:
    """Every stroke a figure with these zones gets at this level, zone after zone."""
    wanted, rank = set(zones), LEVELS.index(level)
    return [
        Stroke(recipe.zone, step)
        for recipe in scheme.recipes
        if recipe.zone in wanted
        for step in recipe.steps
        if LEVELS.index(step.level) <= rank
    ]


def mix_colour(stroke: RecipeStep, rack: Mapping[str, Paint]) -> str:
    """The colour of a stroke's mix. Raises PlanError for a paint that is not on the rack."""
    missing = [p for p, _ in stroke.mix if p not in rack]
    if missing:
        raise PlanError(
            "no-paint", f"{stroke.name} asks for a paint that is not on the rack.", "Choose another, or add it."
        )
    return mixed([rack[p].colour for p, _ in stroke.mix], [parts for _, parts in stroke.mix])


def zone_colour(recipe: Recipe, rack: Mapping[str, Paint]) -> str:
    """What a zone looks like from afar: each stroke covers a share of what lay there before."""
    seen: str | None = None
    for step in recipe.steps:
        colour = mix_colour(step, rack)
        hides = TECHNIQUES[step.technique].seen * max(rack[p].opacity for p, _ in step.mix)
        seen = colour if seen is None else side_by_side([seen, colour], [1 - hides, hides])
    return seen or "#888888"


def paint_needed_ml(strokes: Iterable[tuple[Stroke, float]]) -> dict[str, float]:
    """ml of each paint for strokes on the given zone areas (stroke, cm²); thinner is not counted."""
    need: dict[str, float] = {}
    for stroke, area_cm2 in strokes:
        step, how = stroke.step, TECHNIQUES[stroke.step.technique]
        volume = area_cm2 * how.covers * how.ml_per_cm2 * WASTE
        total = sum(parts for _, parts in step.mix) + step.thinner
        for paint, parts in step.mix:
            need[paint] = need.get(paint, 0.0) + volume * parts / total
    return need


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
    others = {p.name: p.colour for p in rack.values() if p.id != paint.id and (p.ml or 0) > 0}
    near = nearest(paint.colour, others)[:1]
    return f", or use {near[0][0]}, ΔE {near[0][1]:.0f}" if near and near[0][1] < NEAR_DELTA_E else ""


def shopping(need: Mapping[str, float], rack: Mapping[str, Paint]) -> list[Buy]:
    """What to buy, and every pot whose content is unknown, scarcest first."""
    found = []
    for paint_id, ml in need.items():
        paint = rack[paint_id]
        if paint.ml is None:
            found.append(
                Buy(
                    paint,
                    ml,
                    0,
                    f"{paint.name}: {ml_text(ml)} needed; nobody wrote down what is left. Weigh or guess the pot.",
                )
            )
        elif ml > paint.ml:
            pots = int(-(-(ml - paint.ml) // paint.pot_ml))
            found.append(
                Buy(
                    paint,
                    ml,
                    pots,
                    f"{paint.name}: {ml_text(ml)} needed, {paint.ml:.0f} ml left: buy {pots}{_or_nearest(paint, rack)}.",
                )
            )
    return sorted(found, key=lambda b: -(b.need_ml - (b.paint.ml or 0)))


@dataclass(frozen=True)
class LowContrastPair:
    """Two zones whose values are too near to tell apart at table distance."""

    one: str
    other: str
    apart: float


def values(scheme: Scheme, rack: Mapping[str, Paint]) -> dict[str, float]:
    """L* of each zone as it will look."""
    return {r.zone: float(lab_of(rgb_of(zone_colour(r, rack)))[0]) for r in scheme.recipes}


def low_contrast_pairs(
    found: Mapping[str, float], borders_mm: Mapping[tuple[str, str], float]
) -> list[LowContrastPair]:
    """Zones that border on each other for more than ``LEAST_BORDER_MM`` and melt, worst first."""
    touching = [pair for pair, mm in borders_mm.items() if mm > LEAST_BORDER_MM]
    near = [LowContrastPair(a, b, abs(found[a] - found[b])) for a, b in touching if a in found and b in found]
    return sorted((m for m in near if m.apart < SAME_VALUE), key=lambda m: m.apart)
