"""What light did to parts, and what a resin wants by it: each verdict on cured parts moves the dose from which on it is hard, or brittle.

A part is tacky with the chance 1 / (1 + (dose / target)^SHARP), and brittle with 1 / (1 + (brittle / dose)^SHARP): logistic
in the logarithm of the dose, as dose-response is (Finney, Probit Analysis), over priors by the resin's own profile.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, field
from typing import NamedTuple

import numpy as np

from numerus.domain.journal import CureVerdict, Fact, StepDone
from numerus.domain.printing.machines import Resin
from numerus.geometry.mesh import Floats
from numerus.words import one_or_many

TACKY, HARD, BRITTLE, YELLOWED = "tacky", "hard", "brittle", "yellowed"
VERDICTS = (HARD, TACKY, BRITTLE, YELLOWED)
PRIOR_SD, SHARP = 0.35, 8.0  # (defaults) how surely a profile's doses are known, as a share; how sharply a resin turns hard
YELLOW_SHARE = 0.75  # (default) of the brittle dose: resin yellows before it breaks
GRID = 400


class Lighted(NamedTuple):
    """The dose that eight tenths of a plate's lit skin got, the most anywhere, J/cm², and how it came out."""

    reached: float
    most: float
    verdict: str


@dataclass
class Lit:
    """Folded as entries come: doses by the plate's run until it or a later one is judged, and all that was judged."""

    doses: dict[str, tuple[float, float]] = field(default_factory=dict)
    judged: list[Lighted] = field(default_factory=list)

    def take(self, facts: Iterable[Fact]) -> None:
        for fact in facts:
            event = fact.event
            if isinstance(event, StepDone) and event.stage == "cure" and event.reached_j_per_cm2:
                self.doses[fact.subject] = event.reached_j_per_cm2, event.most_j_per_cm2
            elif isinstance(event, CureVerdict) and fact.subject in self.doses:
                self.judged.append(Lighted(*self.doses[fact.subject], event.verdict))
                runs = list(self.doses)
                for run in runs[: runs.index(fact.subject) + 1]:  # nobody remembers those before
                    del self.doses[run]

    @property
    def unjudged(self) -> str:
        """The run cured last that nobody judged, "" for none."""
        return next(reversed(self.doses), "")


class Wanted(NamedTuple):
    """A dose as it is known: likeliest, and what eight in ten hold; J/cm²."""

    dose: float
    low: float
    high: float


@dataclass(frozen=True)
class Targets:
    """What a resin wants, and from what on it is brittle, by so many verdicts."""

    target: Wanted
    brittle: Wanted
    verdicts: int = 0

    @property
    def description(self) -> str:
        if not self.verdicts:
            return ""
        many = one_or_many(self.verdicts, "verdict")
        t, b = self.target, self.brittle
        return (
            f"Learned from {many}: hard from {t.dose:.1f} J/cm² ({t.low:.1f} to {t.high:.1f}), "
            f"brittle from {b.dose:.1f} ({b.low:.1f} to {b.high:.1f})."
        )


def targets_of(resin: Resin, judged: Sequence[Lighted] = ()) -> Targets:
    """What the profile says, moved by what came out of the lamp."""
    if not judged:
        told, breaks = resin.dose_j_per_cm2, resin.brittle_j_per_cm2
        return Targets(Wanted(told, told, told), Wanted(breaks, breaks, breaks))
    hard = [(one.reached, one.verdict == TACKY) for one in judged]
    broke = [
        (one.most / (YELLOW_SHARE if one.verdict == YELLOWED else 1.0), one.verdict in (HARD, TACKY)) for one in judged
    ]
    target = _learned(resin.dose_j_per_cm2, hard)
    return Targets(target, _learned(resin.brittle_j_per_cm2, broke), len(judged))


def _learned(prior: float, seen: Sequence[tuple[float, bool]]) -> Wanted:
    """A threshold by doses and whether each stayed below it: mean and the middle eight tenths over a grid of logarithms."""
    grid = np.log(prior) + np.linspace(-4 * PRIOR_SD, 4 * PRIOR_SD, GRID)
    log = -0.5 * ((grid - np.log(prior)) / PRIOR_SD) ** 2
    for dose, below in seen:
        log = log - np.logaddexp(0.0, (-1.0 if below else 1.0) * SHARP * (grid - np.log(max(dose, 1e-6))))
    weight = np.exp(log - log.max())
    weight /= weight.sum()
    low, high = (float(np.exp(grid[np.searchsorted(np.cumsum(weight), q)])) for q in (0.1, 0.9))
    return Wanted(float(np.exp(grid @ weight)), low, high)


def reached_dose(doses: Floats, share: float) -> float:
    """The dose that so much of the skin got at least."""
    return float(np.quantile(doses, 1 - share)) if len(doses) else 0.0
