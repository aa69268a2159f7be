"""In which order to paint the zones: sprays and messy strokes first, then from the inside out; and which zones could share a pot."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, replace
from itertools import combinations

import numpy as np

from numerus.colour.light import delta_e
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.errors import PlanError
from numerus.paint.advice.colourways import base_step
from numerus.paint.figure.built import Built
from numerus.paint.rack.pots import Rack

MESSY = {"spray": 3.0, "sponge": 1.5, "dry-brush": 1.0, "stipple": 0.5}
"""How far a technique strays over its zone's border (default order of mess)."""
ALIKE = 8.0  # ΔE2000 between two base coats that could be one


@dataclass(frozen=True)
class Turn:
    """A zone's turn, and why it is then."""

    zone: str
    why: str


def openness_by_zone(built: Built) -> dict[str, float]:
    """Mean openness of each zone's skin, by area: the deeper a zone lies, the less."""
    figure = built.figure
    openness = {}
    for number, zone in enumerate(built.zones):
        own = (figure.vertex_zone == number) & ~figure.fields.inside
        if own.any():
            weight = figure.mesh.vertex_areas_mm2[own] + 1e-9
            openness[zone] = float(np.average(np.asarray(figure.fields.openness, float)[own], weights=weight))
    return openness


def proposed_order(scheme: Scheme, openness: Mapping[str, float]) -> list[Turn]:
    """Messy zones first, then those that lie deepest: what is deep is spoilt least by what comes after, and reached last."""
    turns = [(-_mess(r), openness.get(r.zone, 1.0), n, r) for n, r in enumerate(scheme.recipes)]
    return [Turn(r.zone, _why(mess, deep)) for mess, deep, _, r in sorted(turns, key=lambda t: t[:3])]


def _mess(recipe: Recipe) -> float:
    return max((MESSY.get(s.technique, 0.0) for s in recipe.steps), default=0.0)


def _why(mess: float, openness: float) -> str:
    if mess <= -MESSY["spray"]:
        return "sprayed: before all it could hit"
    return (
        "messy: before its neighbours"
        if mess <= -1.0
        else f"lies {'deep' if openness < 0.5 else 'open'}, {openness:.0%} free"
    )


def in_order(scheme: Scheme, turns: list[Turn]) -> Scheme:
    """The scheme with its recipes in these turns."""
    place = {t.zone: n for n, t in enumerate(turns)}
    return replace(scheme, recipes=tuple(sorted(scheme.recipes, key=lambda r: place.get(r.zone, len(place)))))


@dataclass(frozen=True)
class Shared:
    """Two zones whose base coats are so alike that one pot would do for both."""

    one: str
    other: str
    delta_e: float


def could_share(scheme: Scheme, rack: Rack) -> list[Shared]:
    """Zones whose bases differ as mixes and hardly as colours, the nearest first."""
    bases = {}
    for recipe in scheme.recipes:
        try:
            bases[recipe.zone] = base_step(recipe, rack).mix
        except PlanError:
            continue
    shared_bases = [
        Shared(a, b, float(delta_e(rack.pigment(bases[a]).lab, rack.pigment(bases[b]).lab)))
        for a, b in combinations(bases, 2)
        if bases[a] != bases[b]
    ]
    return sorted((s for s in shared_bases if s.delta_e < ALIKE), key=lambda s: s.delta_e)
