"""The bath book: what is in either tub by what went through it, and from which share of resin on it no longer cleans.

Two tubs, the dirty one first. A wash leaves most of what a plate carries in the dirty one; a tub is filled anew, its resin
settled in the light and filtered out, or the clean one becomes the dirty one. Each verdict on washed parts moves the share
at which a bath is spent: it is tacky with the chance 1 / (1 + exp((limit - share) / WIDTH)) (a logistic threshold, as in
dose-response: Finney, Probit Analysis), over a prior by SPENT_SHARE.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime
from math import exp, hypot, log, sqrt

import numpy as np

from numerus.domain.journal import BathChanged, BathFilled, BathSettled, BathsSwapped, Fact, StepDone, WashVerdict
from numerus.words import one_or_many

DIRTY, CLEAN = "dirty", "clean"
DIRTY_SHARE = 0.85  # (default) of what a plate carries in that stays in the first bath
SPENT_SHARE, SPENT_SD = 0.08, 0.015  # (defaults) by weight: where a bath no longer cleans, and how surely
FILM_PART = 0.5  # (default) of what verdicts move that is the film's
EIGHT_IN_TEN = 1.2816  # standard deviations on either side
WIDTH = 0.006  # (default) how sharply
LITRES, RESIN_G_PER_ML = 1.5, 1.1  # (defaults)
SETTLED_SHARE = 0.6  # (default) of the resin that a settled and filtered bath leaves behind
TACKY, CLEAN_PART, WHITE = "tacky", "came clean", "white"
_KINDS = frozenset((StepDone, BathChanged, BathFilled, BathSettled, BathsSwapped, WashVerdict))


@dataclass(frozen=True)
class Liquid:
    """What baths are filled with: g a ml, how much longer than alcohol it takes, what it asks for."""

    name: str
    g_per_ml: float
    times_as_long: float
    cautions: tuple[str, ...]


LIQUIDS = {
    liquid.name: liquid
    for liquid in (
        Liquid("alcohol", 0.79, 1.0, ("Alcohol burns: no flame, sparks or hot plates near; window open",)),
        Liquid("glycol", 0.95, 1.5, ("Glycol solvents go through skin and gloves in time: change gloves, ventilate",)),
        Liquid(
            "water",
            1.0,
            1.5,
            ("Water that washed resin is hazardous waste like any bath: never down a drain, no plants",),
        ),
    )
}
"""Minutes and weights are defaults; the maker's data sheet comes first."""


@dataclass(frozen=True)
class BathPoint:
    """The share of resin by weight in a bath after something happened to it: "wash", "filled", "settled" or "swapped"."""

    at: datetime
    bath: str
    share: float
    what: str


@dataclass(frozen=True)
class Judged:
    """How a washed plate came out, and the share of resin in the dirty bath when it was washed."""

    at: datetime
    share: float
    verdict: str


@dataclass
class Carried:
    """Both baths as the journal says, kept up as entries are added: resin in ml, litres, liquid, since when; all that happened."""

    ml: dict[str, float] = field(default_factory=lambda: {DIRTY: 0.0, CLEAN: 0.0})
    litres: dict[str, float] = field(default_factory=lambda: {DIRTY: LITRES, CLEAN: LITRES})
    liquid: dict[str, str] = field(default_factory=lambda: {DIRTY: "alcohol", CLEAN: "alcohol"})
    since: dict[str, datetime] = field(default_factory=dict)
    points: list[BathPoint] = field(default_factory=list)
    judged: list[Judged] = field(default_factory=list)
    washed_at: dict[str, float] = field(default_factory=dict)
    judged_runs: set[str] = field(default_factory=set)

    def take(self, facts: Iterable[Fact]) -> None:
        for fact in facts:
            kind = type(fact.event)
            if kind in _KINDS and (kind is not StepDone or fact.event.stage == "wash"):  # type: ignore[union-attr]
                self._take(fact)

    def _take(self, fact: Fact) -> None:
        at, event, subject = fact.at, fact.event, fact.subject
        if isinstance(event, StepDone):
            self._washed(at, subject, event.carried_ml)
        elif isinstance(event, BathChanged | BathFilled):
            self._filled(at, subject, event)
        elif isinstance(event, BathSettled):
            self.ml[subject] = self.ml.get(subject, 0.0) * (1 - event.removed_share)
            self._note(at, subject, "settled")
        elif isinstance(event, BathsSwapped):
            self._swapped(at, event)
        elif isinstance(event, WashVerdict):
            self.judged_runs.add(subject)
            self.judged.append(Judged(at, self.washed_at.get(subject, self.share(DIRTY)), event.verdict))

    def _washed(self, at: datetime, run: str, ml: float) -> None:
        self.washed_at[run] = self.share(DIRTY)
        for bath, share in ((DIRTY, DIRTY_SHARE), (CLEAN, 1 - DIRTY_SHARE)):
            self.ml[bath] += ml * share
            self._note(at, bath, "wash")

    def _filled(self, at: datetime, bath: str, event: BathChanged | BathFilled) -> None:
        self.ml[bath], self.since[bath] = 0.0, at
        if isinstance(event, BathFilled):
            self.litres[bath], self.liquid[bath] = event.litres, event.liquid
        self._note(at, bath, "filled")

    def _swapped(self, at: datetime, event: BathsSwapped) -> None:
        """The clean bath is the dirty one from now on; what was dirty is gone, and the clean one is fresh."""
        self.ml[DIRTY], self.litres[DIRTY], self.liquid[DIRTY] = self.ml[CLEAN], self.litres[CLEAN], self.liquid[CLEAN]
        self.since[DIRTY], self.since[CLEAN] = self.since.get(CLEAN, at), at
        self.ml[CLEAN], self.litres[CLEAN] = 0.0, event.litres
        self._note(at, DIRTY, "swapped")
        self._note(at, CLEAN, "filled")

    def _note(self, at: datetime, bath: str, what: str) -> None:
        self.points.append(BathPoint(at, bath, self.share(bath), what))

    def share(self, bath: str) -> float:
        """Resin in a bath by weight, 0..1."""
        return share_of(self.ml[bath], self.litres[bath], self.liquid[bath])


def share_of(resin_ml: float, litres: float, liquid: str) -> float:
    """Resin by weight in so much liquid."""
    resin_g, solvent_g = resin_ml * RESIN_G_PER_ML, litres * 1000 * LIQUIDS[liquid].g_per_ml
    return resin_g / max(resin_g + solvent_g, 1e-9)


@dataclass(frozen=True)
class SpentAt:
    """The share of resin from which on a bath no longer cleans: likeliest, and what eight in ten hold; ``verdicts`` it learned by."""

    share: float
    low: float
    high: float
    verdicts: int = 0

    @property
    def description(self) -> str:
        learned = f"learned from {one_or_many(self.verdicts, 'verdict')}" if self.verdicts else "a default"
        return f"spent at {self.share:.1%}, {learned}: {self.low:.1%} to {self.high:.1%}"


def spent_at(judged: Sequence[Judged]) -> SpentAt:
    """Where baths are spent, by what parts came out like: mean and the middle eight tenths over a grid."""
    limits = np.linspace(0.01, 0.25, 481)
    log = -0.5 * ((limits - SPENT_SHARE) / SPENT_SD) ** 2
    told = [j for j in judged if j.verdict in (TACKY, CLEAN_PART)]
    for one in told:
        sign = 1.0 if one.verdict == TACKY else -1.0
        log -= np.logaddexp(0.0, sign * (limits - one.share) / WIDTH)
    weight = np.exp(log - log.max())
    total = np.cumsum(weight) / weight.sum()
    low, high = (float(limits[np.searchsorted(total, q)]) for q in (0.1, 0.9))
    return SpentAt(float(limits @ weight / weight.sum()), low, high, len(told))


@dataclass(frozen=True)
class Film:
    """How many times as thick as told the film is that parts bring along: likeliest, and what eight in ten hold."""

    times: float
    low: float
    high: float
    verdicts: int = 0

    @property
    def description(self) -> str:
        """Empty where nothing is known but what is told."""
        if not self.verdicts:
            return ""
        return f"by {one_or_many(self.verdicts, 'verdict')} {self.times:.2f} × as thick ({self.low:.2f} to {self.high:.2f})"


def film_by(judged: Sequence[Judged]) -> Film:
    """What verdicts tell of the film. They only tell it together with where a bath is spent, as one ratio: of what they move
    ``FILM_PART`` is laid to the film, the rest to the limit (two normal unknowns of which only the sum of logarithms is seen).
    """
    limit, told = spent_at(judged), log(SPENT_SHARE)
    moved, seen_sd = log(limit.share) - told, log(limit.high / limit.low) / (2 * EIGHT_IN_TEN)
    unseen_sd = sqrt(FILM_PART * (1 - FILM_PART)) * SPENT_SD / SPENT_SHARE
    middle, sd = -FILM_PART * moved, hypot(FILM_PART * seen_sd, unseen_sd)
    if not limit.verdicts:
        return Film(1.0, exp(-EIGHT_IN_TEN * sd), exp(EIGHT_IN_TEN * sd))
    return Film(exp(middle), exp(middle - EIGHT_IN_TEN * sd), exp(middle + EIGHT_IN_TEN * sd), limit.verdicts)


def thicker(share: float, times: float) -> float:
    """A bath's share of resin by weight if so many times the resin came into it."""
    return times * share / (1 + (times - 1) * share)


def corrected(carried: Carried) -> Carried:
    """The bath book with as much resin as the film likely was, by what came out of the baths; the journal has what was told."""
    times = film_by(carried.judged).times
    return replace(
        carried,
        ml={bath: ml * times for bath, ml in carried.ml.items()},
        points=[replace(p, share=thicker(p.share, times)) for p in carried.points],
        judged=[replace(j, share=thicker(j.share, times)) for j in carried.judged],
    )


def corrected_limit(judged: Sequence[Judged]) -> SpentAt:
    """Where baths are spent, for the resin that likely came in; ``judged`` as the journal has it."""
    limit, times = spent_at(judged), film_by(judged).times
    share, low, high = (thicker(at, times) for at in (limit.share, limit.low, limit.high))
    return SpentAt(share, low, high, limit.verdicts)


@dataclass(frozen=True)
class Spent:
    """When a bath will be spent: by which plate, and the earliest and latest day by how surely the limit is known."""

    at: datetime
    plate: str
    earliest: datetime | None
    latest: datetime | None


def shares_to_come(
    carried: Carried, coming: Sequence[tuple[datetime, str, float]], bath: str = DIRTY
) -> list[tuple[datetime, str, float]]:
    """A bath's share after each plate to come, (when, plate, ml it carries in) each."""
    ml, shares = carried.ml[bath], []
    for at, plate, more in coming:
        ml += more * (DIRTY_SHARE if bath == DIRTY else 1 - DIRTY_SHARE)
        shares.append((at, plate, share_of(ml, carried.litres[bath], carried.liquid[bath])))
    return shares


def spent_when(
    carried: Carried, limit: SpentAt, coming: Sequence[tuple[datetime, str, float]], bath: str = DIRTY
) -> Spent | None:
    """The plate that spends a bath, None where none to come does."""
    shares = shares_to_come(carried, coming, bath)
    reach = {q: next((c for c in shares if c[2] >= q), None) for q in (limit.low, limit.share, limit.high)}
    middle, low, high = reach[limit.share], reach[limit.low], reach[limit.high]
    if middle is None:
        return None
    return Spent(middle[0], middle[1], low[0] if low else None, high[0] if high else None)
