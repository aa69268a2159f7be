"""Whole figures painted by schemes, side by side: how each looks, what it costs, which zones melt."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import hex_of_lab
from numerus.colour.words import words_of_colour
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.domain.stages import LEVELS
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats
from numerus.geometry.rays import LIGHT, METAL_DARKER, METAL_SHINES
from numerus.kit.thumbnails import fitted_camera
from numerus.paint.figure.built import MOST_KNOWN, Built, painted_key
from numerus.paint.figure.painted import Primer, painted_zone
from numerus.paint.figure.reading import reading
from numerus.paint.figure.shot import Shot
from numerus.paint.priming.primer import primed_ground, two_tone_primer
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import (
    LowContrastPair,
    can_be_mixed,
    low_contrast_pairs,
    paint_needed_ml,
    strokes_for,
    zone_labs,
)
from numerus.paint.techniques import TECHNIQUES

EXPOSURE = 0.8
GREY_GROUND = 0.4
MUCH = 0.3  # of a zone, from which on a stroke is its uppermost paint
TURN_DEG, RAISE_DEG, MARGIN = 22.0, 9.0, 1.05

Borders = Mapping[tuple[str, str], float]


@dataclass(frozen=True)
class Candidate:
    """A way to paint the whole figure: a scheme with the strokes it has at this candidate's level only."""

    letter: str
    name: str
    note: str
    scheme: Scheme


@dataclass(frozen=True, eq=False)
class Look:
    """A candidate as it is seen, in colour and in value only, uint8 (h, w, 4); minutes of hands and ml for all figures; zones that
    melt, worst first; the share each hue has of what is seen; by zone the share of what draws the eye across the table.
    """

    candidate: Candidate
    colour: NDArray[np.uint8]
    grey: NDArray[np.uint8]
    minutes: float
    ml: float
    melting: tuple[LowContrastPair, ...]
    balance: Mapping[str, float]
    drawn: Mapping[str, float]


def scheme_light(shot: Shot, built: Built, scheme: Scheme | None, rack: Rack, but: str = "") -> Floats:
    """Linear light (s, 3) of every sample by a scheme, the zone ``but`` left primed; what has no recipe stays primed."""
    primer = two_tone_primer(scheme) if scheme else Primer(np.full(36, GREY_GROUND))
    recipes = {r.zone: r.steps for r in scheme.recipes if r.zone != but} if scheme else {}
    light = np.zeros((len(shot.hit), 3))
    for number in np.unique(shot.zone):
        own = np.flatnonzero(shot.zone == number)
        steps = recipes.get(built.zones[number], ()) if number >= 0 else ()
        key = painted_key(int(number), steps, rack, primer)
        if key not in shot.painted:
            shot.forget_beyond(MOST_KNOWN)
            shot.painted[key] = painted_zone(steps, rack, primer, shot.places.some(own)).light()
        light[own] = shot.painted[key]
    return light


def lit_light(shot: Shot, built: Built, scheme: Scheme, rack: Rack, toward: Floats = LIGHT) -> Floats:
    """Linear light (s, 3) of every sample painted by a scheme under a lamp from ``toward``; metal throws it back, matt paint does
    not.
    """
    flat = scheme_light(shot, built, scheme, rack)
    metal = metal_shares(shot, built, scheme, rack)[:, None]
    matt = flat * shot.light(toward)[:, None]
    shine = flat / np.maximum(flat.max(axis=1, keepdims=True), 1e-6) * shot.glint(toward)[:, None]
    return EXPOSURE * (matt * (1 - METAL_DARKER * metal) + METAL_SHINES * metal * shine)


def metal_shares(shot: Shot, built: Built, scheme: Scheme, rack: Rack) -> Floats:
    """How far each sample's uppermost paint is metal, 0..1 (s,)."""
    recipes = {r.zone: r.steps for r in scheme.recipes}
    return np.asarray(metal_by_zone(built.zones, recipes, rack)[shot.zone])


def metal_by_zone(zones: Sequence[str], recipes: Mapping[str, Sequence[RecipeStep]], rack: Rack) -> Floats:
    """How far each zone's uppermost paint is metal, 0..1 (zones + 1,), from the last stroke that covers much of it; the last is of
    skin that has no zone.
    """
    shares = np.zeros(len(zones) + 1)
    for number, zone in enumerate(zones):
        upper = [s for s in recipes.get(zone, ()) if TECHNIQUES[s.technique].covers >= MUCH and can_be_mixed(s, rack)]
        if upper:
            share = rack.shares(upper[-1].mix)
            metal = sum(n for pot, n in share.items() if kind_of(rack.paints[pot]).name == "metallic")
            shares[number] = metal
    return shares


def at_level(scheme: Scheme, level: str) -> Scheme:
    """The scheme with the strokes a level asks for."""
    rank = LEVELS.index(level)
    kept = [replace(r, steps=tuple(s for s in r.steps if LEVELS.index(s.level) <= rank)) for r in scheme.recipes]
    return replace(scheme, recipes=tuple(kept))


def with_recipe(scheme: Scheme, recipe: Recipe) -> Scheme:
    """The scheme with a zone's recipe in the place of its own, or after the others."""
    if any(r.zone == recipe.zone for r in scheme.recipes):
        return replace(scheme, recipes=tuple(recipe if r.zone == recipe.zone else r for r in scheme.recipes))
    return replace(scheme, recipes=(*scheme.recipes, recipe))


def figure_shot(built: Built, width: int, height: int, finer: int, behind: bool = False) -> Shot:
    """The figure as all pictures of a comparison see it; or from the other side."""
    turn_deg = TURN_DEG + 180 * behind
    return built.shot(
        fitted_camera(built.figure.mesh, turn_deg, RAISE_DEG, MARGIN, width / height), width, height, finer
    )


def looks(
    built: Built, candidates: Sequence[Candidate], rack: Rack, areas_cm2: Mapping[str, float], figures: int, borders_mm: Borders,
    size_px: tuple[int, int], finer: int = 2, progress: Progress = lambda _: True,
) -> list[Look]:  # fmt: skip
    """Every candidate on the same figure in the same light. ``areas_cm2`` of the figure's zones. Raises Cancelled."""
    shot = figure_shot(built, *size_px, finer)
    listed, seen = [], seen_shares(built)
    for n, candidate in enumerate(candidates):
        if not progress(0.3 + 0.7 * n / len(candidates)):
            raise Cancelled
        linear = lit_light(shot, built, candidate.scheme, rack)
        minutes, ml = costs(candidate.scheme, rack, areas_cm2, figures)
        labs = zone_labs(candidate.scheme, rack, primed_ground(candidate.scheme))
        melting = tuple(low_contrast_pairs(labs, borders_mm))
        pictures = shot.picture(linear), shot.picture(linear, grey=True)
        drawn = reading(shot, linear, built.zones).drawn
        listed.append(Look(candidate, *pictures, minutes, ml, melting, balance(seen, labs), drawn))
    return listed


def seen_shares(built: Built) -> dict[str, float]:
    """Share of the seen skin by zone: area weighted by from how many places round the table it is seen, together 1."""
    figure = built.figure
    weight = figure.mesh.vertex_areas_mm2 * np.asarray(figure.fields.seen, float)
    shares = {z: float(weight[figure.vertex_zone == n].sum()) for n, z in enumerate(built.zones)}
    whole = sum(shares.values())
    return {z: w / whole for z, w in shares.items()} if whole > 0 else {}


def balance(shares: Mapping[str, float], labs: Mapping[str, Floats]) -> dict[str, float]:
    """Share of what is seen that each colour has: zones' shares by the words for their colour, largest first."""
    share_of: dict[str, float] = {}
    for zone, share in shares.items():
        if zone in labs:
            word = words_of_colour(hex_of_lab(labs[zone]))
            share_of[word] = share_of.get(word, 0.0) + share
    return dict(sorted(share_of.items(), key=lambda s: -s[1]))


def costs(scheme: Scheme, rack: Rack, areas_cm2: Mapping[str, float], figures: int) -> tuple[float, float]:
    """Minutes of hands and ml of paint for so many figures alike: each figure's own, and one set-up a mix and tool."""
    strokes = strokes_for(scheme, areas_cm2, LEVELS[-1])
    loads = {(s.step.mix, s.step.tool): TECHNIQUES[s.step.technique].setup_min for s in strokes}
    minutes = figures * sum(s.step.minutes for s in strokes) + sum(loads.values())
    needed = paint_needed_ml([(s, areas_cm2.get(s.zone, 0.0)) for s in strokes], rack)
    return minutes, figures * sum(needed.values())
