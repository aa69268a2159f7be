"""Schemes that take less time: a lower level, small zones in one colour, or another school; each can be looked at beside the scheme."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.paint.figure.built import Built
from numerus.paint.figure.reading import reading
from numerus.paint.figure.schools import school_step
from numerus.paint.looks import at_level, figure_shot, lit_light
from numerus.paint.rack.pots import Rack
from numerus.paint.scheme import can_be_mixed, strokes_for

LOWEST, SMALL_ZONES, ONE_COAT = "lowest level", "small zones", "one coat"
NAMES = {
    LOWEST: f"to {LEVEL_NAMES[LEVELS[0]]}", SMALL_ZONES: "with plain small zones", ONE_COAT: "in one coat",
}  # fmt: skip
SMALL_SHARE = 0.05  # (default) of a figure's skin


def lighter_scheme(scheme: Scheme, kind: str, areas_cm2: Mapping[str, float], rack: Rack) -> Scheme:
    """The scheme by one of ``NAMES``, for a figure with zones of these areas."""
    if kind == LOWEST:
        return at_level(scheme, LEVELS[0])
    whole = sum(areas_cm2.values())
    made = [
        _small(r, areas_cm2, whole) if kind == SMALL_ZONES else _one_coat(r, areas_cm2, rack) for r in scheme.recipes
    ]
    return replace(scheme, recipes=tuple(made))


def _small(recipe: Recipe, areas_cm2: Mapping[str, float], whole: float) -> Recipe:
    """Only its first stroke on a zone hardly seen."""
    if areas_cm2.get(recipe.zone, 0.0) >= SMALL_SHARE * whole:
        return recipe
    return replace(recipe, steps=recipe.steps[:1])


def _one_coat(recipe: Recipe, areas_cm2: Mapping[str, float], rack: Rack) -> Recipe:
    """Translucent over the primer, then the recipe's edges, if it has any; a zone of one stroke, or whose paint is gone, stays as it is."""
    if len(recipe.steps) < 3 or not can_be_mixed(recipe.steps[0], rack):
        return recipe
    coat = school_step(0, "One coat", "one-coat", recipe.steps[0].mix, areas_cm2.get(recipe.zone, 0.0))
    edges = tuple(s for s in recipe.steps if s.technique == "edge")[:1]
    return replace(recipe, steps=(replace(coat, id=f"{recipe.zone}/one-coat"), *edges))


@dataclass(frozen=True, eq=False)
class Lightened:
    """A figure by its scheme and by a lighter one, in the same light, uint8 (h, w, 4); minutes of all strokes of each; the share of
    what is seen of light and dark across a table that the lighter one loses.
    """

    pictures: tuple[NDArray[np.uint8], NDArray[np.uint8]]
    minutes: tuple[float, float]
    contrast_lost: float


def lightened(
    built: Built, scheme: Scheme, kind: str, areas_cm2: Mapping[str, float], rack: Rack, size_px: tuple[int, int]
) -> Lightened:
    """Both ways to paint one figure, as they look and what they take."""
    shot, pictures, minutes, contrasts = figure_shot(built, *size_px, 2), [], [], []
    for way in (scheme, lighter_scheme(scheme, kind, areas_cm2, rack)):
        linear = lit_light(shot, built, way, rack)
        pictures.append(shot.picture(linear))
        minutes.append(sum(s.minutes for s in strokes_for(way, areas_cm2, LEVELS[-1])))
        contrasts.append(float(reading(shot, linear, built.zones).contrast.sum()))
    lost = 1 - contrasts[1] / contrasts[0] if contrasts[0] else 0.0
    return Lightened((pictures[0], pictures[1]), (minutes[0], minutes[1]), lost)
