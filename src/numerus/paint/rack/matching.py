"""Mixes of the rack that come near a colour, put in order: near first; of near ones those at hand and of fewer pots."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from numerus.colour.films import COAT_UM, Pigment, coats_to_cover, mixed
from numerus.colour.matching import Target, matches
from numerus.colour.reflectance import hex_of_reflectance
from numerus.domain.painting.paints import Paint, Parts
from numerus.errors import Progress
from numerus.geometry.mesh import Floats
from numerus.paint.rack.kinds import kind_of, stands_in
from numerus.paint.rack.pots import pigment_of

AS_GOOD = 1.0  # ΔE within which what is at hand and simpler is preferred
LITTLE_ML = 2.0  # (default) less of a pot may not do


@dataclass(frozen=True, eq=False)
class Proposal:
    """A mix that comes near: whole drops by pot, what it looks like (hiding, or as the film that was asked for), how far off.
    ``lacking``: pots that are empty, low or not written down.
    """

    parts: Parts
    paint: Pigment
    colour: str
    delta_e: float
    lacking: tuple[str, ...]


def mixes_for(
    paints: Sequence[Paint], target: Target, most: int = 3, progress: Progress | None = None
) -> list[Proposal]:
    """The nearest mixes of up to ``most`` pots, best first (see ``in_order``). Gone and clear pots are left out.

    Raises Cancelled.
    """
    pots = [p for p in paints if not p.gone and not kind_of(p).clear]
    if not pots:
        return []
    pigments = [strong_pigment(p) for p in pots]
    listed = []
    for match in matches(pigments, target, most, progress=progress):
        chosen = [pots[i] for i in match.pots]
        paint = mixed([pigments[i] for i in match.pots], match.drops)
        seen = paint.hiding if target.ground is None else paint.over(target.ground, target.film_um)
        parts = tuple((p.id, float(n)) for p, n in zip(chosen, match.drops, strict=True))
        lacking = tuple(p.id for p in chosen if p.ml is None or p.ml < LITTLE_ML)
        listed.append(Proposal(parts, paint, hex_of_reflectance(seen), match.delta_e, lacking))
    return in_order(listed)


def strong_pigment(paint: Paint) -> Pigment:
    """A pot with its strength in it, as it weighs in a mix."""
    plain = pigment_of(paint)
    return Pigment(paint.strength * plain.absorption, paint.strength * plain.scattering)


def in_order(proposals: Sequence[Proposal]) -> list[Proposal]:
    """From the nearest on: all within ``AS_GOOD`` of it by what lacks, how many pots, how near; then likewise of the rest."""
    left, ordered = sorted(proposals, key=lambda p: p.delta_e), list[Proposal]()
    while left:
        alike = [p for p in left if p.delta_e <= left[0].delta_e + AS_GOOD]
        ordered += sorted(alike, key=lambda p: (len(p.lacking), len(p.parts), p.delta_e))
        left = left[len(alike) :]
    return ordered


def replacements(gone: Paint, rack: Sequence[Paint], progress: Progress | None = None) -> list[Proposal]:
    """What may stand in for a pot, by its kind alone: single pots and mixes of two and three, nearest first."""
    others = [p for p in rack if p.id != gone.id and stands_in(gone.kind, p.kind)]
    return mixes_for(others, Target(pigment_of(gone).lab), progress=progress)


def coats_over(paint: Pigment, grounds: Sequence[Floats], film_um: float = COAT_UM) -> list[int | None]:
    """Coats to cover each ground."""
    return [coats_to_cover(paint, g, film_um) for g in grounds]
