"""Starter schemes: an army's zones in its owner's colours, by each school, mixed from the rack as far as it reaches.

A zone whose name is a colour word ("leather", "steel", "bone") gets that colour; the others share the chosen ones by how much of
the figure they are. Who wants it otherwise says so, zone by zone.
"""

from __future__ import annotations

from collections.abc import Callable, Collection, Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import lab_of, rgb_of
from numerus.colour.matching import Target
from numerus.colour.words import colour_typed, shifted, words_of_colour
from numerus.domain.painting.paints import GUESSED, Paint, Parts
from numerus.domain.painting.recipes import Recipe, RecipeStep, Scheme
from numerus.errors import Cancelled, PlanError, Progress
from numerus.paint.figure.built import Built
from numerus.paint.figure.schools import School, schools
from numerus.paint.figure.shot import Figure
from numerus.paint.looks import Candidate
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.matching import Proposal, mixes_for
from numerus.paint.rack.pots import Rack
from numerus.words import free_name

NEAR_ENOUGH = 6.0  # ΔE2000 beyond which a pot to buy is better than any mix of the rack
PRIMERS = {"A": "pale grey over dark grey", "B": "black", "C": "grey", "D": "black"}
EARTH = "#6B5A44"  # (default) what lies lowest is ground
LOWEST = 0.12  # of a figure's height: a zone whose skin lies under it on the mean is ground
BY_NAME, BY_SHARE, BY_PLACE, SAID = "by its name", "by its share of the figure", "as ground, lowest", "as you said"


@dataclass(frozen=True)
class ZoneColour:
    """The colour a zone is to have, and why."""

    colour: str
    reason: str


@dataclass(frozen=True, eq=False)
class Starter:
    """A scheme by a school, with the pots the rack has not got (to buy, guessed)."""

    candidate: Candidate
    paints: tuple[Paint, ...]
    goes_wrong: str


def zone_colours(
    names: Mapping[str, str], areas_cm2: Mapping[str, float], chosen: Sequence[str], asked: Mapping[str, str] | None = None,
    ground: Collection[str] = (),
) -> dict[str, ZoneColour]:  # fmt: skip
    """A colour for every zone of ``names`` (names by id). ``chosen``: colours, the main one first; ``said``: zones told by hand;
    ``ground``: zones that are the ground it stands on.

    Raises PlanError where no colour was chosen.
    """
    if not chosen:
        raise PlanError("no-colour", "Choose at least one colour.", "Type it, or read it from a picture.")
    colours = {z: ZoneColour(c, SAID) for z, c in (asked or {}).items() if z in names}
    for zone, name in names.items():
        if zone not in colours and (colour := _named_colour(name)):
            colours[zone] = ZoneColour(colour, BY_NAME)
    colours |= {z: ZoneColour(EARTH, BY_PLACE) for z in ground if z in names and z not in colours}
    left = sorted((z for z in names if z not in colours), key=lambda z: (-areas_cm2.get(z, 0.0), names[z]))
    for n, zone in enumerate(left):
        colours[zone] = ZoneColour(_share_of(chosen, n), BY_SHARE)
    return colours


def ground_zones(built: Built) -> set[str]:
    """Zones whose skin lies at the very foot of a figure: what it stands on."""
    figure = built.figure
    height = figure.mesh.vertices[:, 2] - figure.mesh.bounds_mm[0][2]
    low = LOWEST * float(figure.mesh.extents_mm[2])
    mean = {
        n: float(np.average(height[own], weights=figure.mesh.vertex_areas_mm2[own] + 1e-9))
        for n, own in _places(figure)
    }
    return {built.zones[n] for n, mm in mean.items() if mm < low}


def _places(figure: Figure) -> list[tuple[int, NDArray[np.bool_]]]:
    return [(int(n), figure.vertex_zone == n) for n in np.unique(figure.vertex_zone) if n >= 0]


def _named_colour(name: str) -> str:
    """The colour a zone's name says, "" where it is no word for one."""
    for word in (name, *reversed(name.split())):
        try:
            return colour_typed(word)
        except PlanError:
            continue
    return ""


def _share_of(chosen: Sequence[str], n: int) -> str:
    """The colours in turn; when all had a turn, deeper, then paler ones of them."""
    round_, which = divmod(n, len(chosen))
    return shifted(chosen[which], (0.0, -16.0, 16.0, -28.0, 26.0)[min(round_, 4)])


def starters(
    colours: Mapping[str, ZoneColour], areas_cm2: Mapping[str, float], rack: Rack,
    new_id: Callable[[], str], now: datetime, progress: Progress = lambda _: True,
) -> list[Starter]:  # fmt: skip
    """A scheme for each of the four schools, in the same colours. Raises Cancelled."""
    bases, bought = base_mixes([c.colour for c in colours.values()], rack, new_id, progress)
    own = Rack({**rack.paints, **{p.id: p for p in bought}}, rack.mixes)
    by_zone = {
        zone: schools(bases[told.colour], own, max(areas_cm2.get(zone, 1.0), 0.1)) for zone, told in colours.items()
    }
    return [_starter(letter, by_zone, own, bought, new_id, now) for letter in PRIMERS]


def base_mixes(
    colours: Sequence[str], rack: Rack, new_id: Callable[[], str], progress: Progress = lambda _: True
) -> tuple[dict[str, Parts], tuple[Paint, ...]]:
    """The best mix of the rack for each colour; where none comes near, a pot to buy in that very colour. Raises Cancelled."""
    pots = tuple(p for p in rack.paints.values() if kind_of(p).name in ("opaque", "semi-opaque", "translucent"))
    mixes, bought = dict[str, Parts](), list[Paint]()
    for n, colour in enumerate(dict.fromkeys(colours)):
        proposal = _nearest(colour, pots)
        if proposal is not None and proposal.delta_e <= NEAR_ENOUGH:
            mixes[colour] = proposal.parts
        else:
            taken = [p.name for p in (*rack.paints.values(), *bought)]
            name = free_name(f"{words_of_colour(colour).capitalize()}, to buy", taken)
            bought.append(Paint(new_id(), name, "", colour, 0.0, known=GUESSED))
            mixes[colour] = ((bought[-1].id, 1.0),)
        if not progress((n + 1) / len(colours)):
            raise Cancelled
    return mixes, tuple(bought)


@lru_cache(512)  # the same colours are asked for by every school, and again after each small change
def _nearest(colour: str, pots: tuple[Paint, ...]) -> Proposal | None:
    return next(iter(mixes_for(pots, Target(lab_of(rgb_of(colour))))), None)


def _starter(
    letter: str, by_zone: Mapping[str, list[School]], rack: Rack, bought: Sequence[Paint],
    new_id: Callable[[], str], now: datetime,
) -> Starter:  # fmt: skip
    chosen = {zone: next(s for s in listed if s.letter == letter) for zone, listed in by_zone.items()}
    recipes = tuple(Recipe(zone, leveled(s.steps, new_id, now)) for zone, s in chosen.items())
    first = next(iter(chosen.values()))
    scheme = Scheme("", f"{first.name} scheme", recipes, primer=PRIMERS[letter])
    used = {p for r in recipes for s in r.steps for p, _ in s.mix}
    candidate = Candidate(letter, first.name, f"on {PRIMERS[letter]}", scheme)
    return Starter(candidate, tuple(p for p in bought if p.id in used), first.goes_wrong)


def leveled(steps: Sequence[RecipeStep], new_id: Callable[[], str], now: datetime) -> tuple[RecipeStep, ...]:
    """A school's strokes as new steps: the first two for the table, the last for parade where there are four, others good."""
    many = len(steps)
    levels = [
        "table" if n < min(2, many - 1) else "parade" if n == many - 1 and many > 3 else "good" for n in range(many)
    ]
    return tuple(replace(s, id=new_id(), level=level, since=now) for s, level in zip(steps, levels, strict=True))
