"""Mixes in the cup: how much for so many figures, how it came out against the reference, what brings it back, what goes on."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from datetime import datetime
from math import ceil

import numpy as np

from numerus.colour.films import mixed
from numerus.colour.light import delta_e
from numerus.colour.strengths import KnownMix, Strength, learned_strengths
from numerus.domain.painting.paints import BESIDE, Mix, Paint, Parts, Swatch
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.rack.kinds import DROP_ML, kind_of
from numerus.paint.rack.pots import Rack, pigment_of
from numerus.paint.techniques import TECHNIQUES

CUP_ML, PALETTE_ML = 0.3, 0.1  # (default) what a loaded airbrush cup or a wet palette never gives back
SAME, WILL_SHOW = 1.0, 2.3  # ΔE2000: nobody sees it side by side; seen across the table
MOST_DROPS_BACK = 12
SPATTER_PARTS, SPIDER_PARTS = 0.3, 2.0  # thinner to paint in an airbrush (default)


@dataclass(frozen=True)
class Bulk:
    """A mix for a batch: whole drops of every pot, ml of each, what is wanted on the figures and what stays behind.

    ``lots``: how many times the recipe's own drops; ``short``: pots that do not hold so much.
    """

    drops: Mapping[str, int]
    ml: Mapping[str, float]
    wanted_ml: float
    stays_ml: float
    lots: int
    short: tuple[str, ...]

    @property
    def made_ml(self) -> float:
        return sum(self.ml.values())

    @property
    def left_ml(self) -> float:
        """What whole drops make more than the figures and the cup take."""
        return max(self.made_ml - self.wanted_ml - self.stays_ml, 0.0)


def bulk(parts: Parts, wanted_ml: float, rack: Rack, sessions: int = 1, sprayed: bool = False) -> Bulk:
    """Drops for ``wanted_ml`` on the figures and what stays in cup or palette at each of so many sessions, in whole lots of the
    recipe. Raises PlanError as ``Rack.shares``.
    """
    share = rack.shares(parts)
    lot = whole_drops(share)
    stays = sessions * (CUP_ML if sprayed else PALETTE_ML)
    lots = max(ceil((wanted_ml + stays) / (DROP_ML * sum(lot.values())) - 1e-9), sessions)
    drops = {pot: lots * n for pot, n in lot.items()}
    ml = {pot: n * DROP_ML for pot, n in drops.items()}
    short = tuple(pot for pot in ml if (left := rack.paints[pot].ml) is not None and left < ml[pot])
    return Bulk(drops, ml, wanted_ml, stays, lots, short)


def bases_covered(left_ml: float, bases_mm: Sequence[float], solids: float) -> int:
    """How many bases of these diameters, in order, so much of a mix gives one brushed coat."""
    if solids <= 0:
        return 0
    coat = TECHNIQUES["base"]
    each = np.pi * (np.asarray(bases_mm) / 20) ** 2 * coat.film_um * 1e-4 * (1 + coat.lost) / solids
    return int((np.cumsum(each) <= left_ml + 1e-9).sum())


def whole_drops(share: Mapping[str, float], most: int = 40) -> dict[str, int]:
    """The fewest whole drops that give shares to within a fiftieth, or the nearest of at most ``most``."""
    pots, wanted = list(share), np.array(list(share.values())) / sum(share.values())
    best: tuple[float, Floats] | None = None
    for total in range(len(pots), most + 1):
        drops = np.maximum(np.round(wanted * total), 1)
        off = float(np.abs(drops / drops.sum() - wanted).max())
        if best is None or off < best[0] - 1e-12:
            best = off, drops
        if off < 0.02:
            break
    assert best is not None
    return {pot: int(n) for pot, n in zip(pots, best[1], strict=True)}


def thinning_warning(thinner: float, sprayed: bool, kinds: Sequence[str]) -> str:
    """What is wrong with so many parts of thinner, "" where nothing is."""
    if not sprayed:
        return "So thin it runs into the folds: that is a wash." if thinner > 2 else ""
    if thinner > SPIDER_PARTS and "ink" not in kinds:
        return "So thin for the airbrush it spatters and runs in spiders: lower the pressure, or thin less."
    return "Too thick for the airbrush: it spatters and dries on the needle." if thinner < SPATTER_PARTS else ""


def poured_on(mix: Mix, added: Parts, left_ml: float, name: str, new_id: str, now: datetime) -> Mix:
    """The mix that is in the cup after so many drops are dropped into what is left of one: its true parts, in drops, to be made
    again, and the ml that are there now.

    ``added``: parts as drops. Raises PlanError where nothing was added, or nothing was left.
    """
    if not added or not left_ml > 0:
        raise PlanError(
            "nothing-added", "Nothing was added to the cup.", "Say what was dropped in, and how much was left."
        )
    whole = sum(amount for _, amount in mix.parts) + mix.thinner
    each = left_ml / DROP_ML / whole  # drops of what is left to a part of the mix
    total = {pot: amount * each for pot, amount in mix.parts}
    for pot, drops in added:
        total[pot] = total.get(pot, 0.0) + drops
    parts = tuple((pot, round(drops, 2)) for pot, drops in total.items())
    there = left_ml + DROP_ML * sum(drops for _, drops in added)
    return replace(
        mix, id=new_id, name=name, parts=parts, thinner=round(mix.thinner * each, 2), made=now.date(), ml=there, ml_told=now,
        swatches=(), changed=None, before=(), note=f"went on from {mix.name}",
    )  # fmt: skip


@dataclass(frozen=True)
class Comparison:
    """Today's batch against its reference: ΔE with its error, and what that means."""

    delta_e: float
    error: float

    @property
    def verdict(self) -> str:
        """ "same", "will show", or "too near to call" where the error bar reaches over both."""
        if self.delta_e + self.error <= WILL_SHOW or self.delta_e <= SAME:
            return "same"
        return "will show" if self.delta_e - self.error > SAME and self.delta_e > WILL_SHOW else "too near to call"


def compared(today: Swatch, reference: Swatch) -> Comparison:
    from numerus.colour.light import lab_of, rgb_of

    apart = float(delta_e(lab_of(rgb_of(today.colour)), lab_of(rgb_of(reference.colour))))
    # Read from one picture, both are off by the same: only how today's was read against it counts.
    return Comparison(apart, today.error if today.known == BESIDE else float(np.hypot(today.error, reference.error)))


@dataclass(frozen=True)
class Correction:
    """Drops of one pot into a batch, and how far it is off after them."""

    pot: str
    drops: int
    delta_e: float


def drops_back(
    parts: Parts, batch_drops: int, seen: Floats, wanted: Floats, rack: Rack, pots: Sequence[str]
) -> list[Correction]:
    """What brings a batch of so many drops from Lab ``seen`` (3,) nearest to ``wanted``, best first, nothing added among them.

    The theory tells how drops move the colour; that move is laid onto what was really seen.
    """
    start = rack.pigment(parts)
    listed = [Correction("", 0, float(delta_e(seen, wanted)))]
    for pot in (p for p in pots if not kind_of(rack.paints[p]).clear):
        paint = rack.paints[pot]
        one = pigment_of(paint)
        for drops in range(1, MOST_DROPS_BACK + 1):
            after = mixed([start, one], [batch_drops, drops], [1.0, paint.strength])
            moved = seen + after.lab - start.lab
            listed.append(Correction(pot, drops, float(delta_e(moved, wanted))))
    return sorted(listed, key=lambda c: (round(c.delta_e, 2), c.drops))


def strengths_from(rack: Rack) -> dict[str, Strength]:
    """What the swatches kept with mixes tell of the strengths of their pots."""
    from numerus.colour.light import lab_of, rgb_of

    known = []
    for mix in rack.mixes.values():
        try:
            share = rack.shares(mix.parts)
        except PlanError:
            continue
        known += [KnownMix(share, lab_of(rgb_of(s.colour)), s.error) for s in mix.swatches if len(share) > 1]
    return learned_strengths({p.id: pigment_of(p) for p in rack.paints.values()}, known)


def with_strengths(rack: Rack) -> list[Paint]:
    """Pots whose strength is another by what was learned."""
    strengths = {pot: s for pot, s in strengths_from(rack).items() if pot in rack.paints}
    new = [
        replace(rack.paints[p], strength=round(s.value, 3), strength_error=round(s.error, 3))
        for p, s in strengths.items()
    ]
    return [p for p in new if p != rack.paints[p.id]]


def strength_words(paint: Paint) -> str:
    """ "1.6 ± 0.2 times as strong as its kind", "" before anything was learned."""
    if paint.strength_error <= 0:
        return ""
    return f"{paint.strength:.1f} ± {paint.strength * paint.strength_error:.1f} times as strong as its kind"
