"""What this user cares about: the schools as weights that explain themselves, and weights learned from what was chosen.

A kept pose was preferred to the candidates beside it. Choices are taken as a multinomial logit over regret (McFadden 1974,
Conditional logit analysis of qualitative choice behavior) and the weights that make them likeliest are found, held near
the school's own by a prior: one choice moves them a little, twenty a lot.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.domain.journal import Fact, PoseChosen
from numerus.geometry.mesh import Floats
from numerus.printing.orientation.orientation_search import COSTS, Weights

SURE = 12.0  # how firmly regret decides: a tenth less regret is chosen three times as often
PRIOR = 0.7  # standard deviation of the logarithm of a weight about the school's
LEAST, MOST = 0.05, 5.0


@dataclass(frozen=True)
class School:
    """A habit of posing as weights: what it is after, and what it costs."""

    name: str
    weights: Weights
    description: str


UPRIGHT = "Upright"
SCHOOL_WEIGHTS = (
    School("Measure it", Weights(), "Everything counts by what it costs you: marks in sight first, then work, steps and time."),
    School(
        UPRIGHT, Weights(4, 2, 5, 0.5, 1, 0.5, 0.3, 1, 1, 0.3, 0.3),
        "Best vertical detail: no steps on what is seen, marks hidden underneath. Costs height, which is time, and pillars.",
    ),
    School(
        "Tilt", Weights(2, 1, 2, 1, 0.3, 5, 5, 1, 4, 3, 1),
        "Layers change slowly, pull stays low, nothing flat curls, cups drain. Costs more to hold up, steps on slopes.",
    ),
    School(
        "On its back", Weights(3, 2, 0.3, 5, 0.3, 0.5, 0.3, 4, 1, 0.3, 0.3),
        "Shortest run, fewest beginnings in mid-air, marks on the side nobody sees. Costs that side, and room on the plate.",
    ),
)  # fmt: skip


def learned(school: School, choices: Sequence[PoseChosen]) -> Weights:
    """The weights that explain the choices best, near the school's; the school's own without choices."""
    chosen_poses = [c for c in choices if len(c.kept) == len(COSTS) and c.others]
    if not chosen_poses:
        return school.weights
    from scipy.optimize import minimize

    start = np.log(np.maximum(school.weights.row, LEAST))
    sets = [np.array([c.kept, *c.others]) for c in chosen_poses]
    weights = minimize(
        lambda x: _unlikely(x, start, sets),
        start,
        method="L-BFGS-B",
        bounds=[(np.log(LEAST), np.log(MOST))] * len(COSTS),
    )
    return Weights(*(round(float(w), 2) for w in np.exp(weights.x)))


def _unlikely(x: Floats, start: Floats, sets: Sequence[Floats]) -> float:
    """Minus the logarithm of how likely the choices and the weights are."""
    weights = np.exp(x)
    cost = float(((x - start) ** 2).sum()) / (2 * PRIOR**2)
    for shares in sets:
        weighted_cost = shares @ weights / weights.sum()
        cost += SURE * float(weighted_cost[0]) + float(np.log(np.exp(-SURE * weighted_cost).sum()))
    return cost


def choice_of(shares: Floats, kept: int) -> PoseChosen:
    """A choice among candidates: their shares (n, 11) and the number of the one kept."""
    rows = [tuple(round(float(v), 4) for v in row) for row in shares]
    return PoseChosen(rows[kept], tuple(r for i, r in enumerate(rows) if i != kept))


def choices_in(facts: Iterable[Fact]) -> list[PoseChosen]:
    """The choices a journal remembers."""
    return [f.event for f in facts if isinstance(f.event, PoseChosen)]


def drift(learned_: Weights, school: School) -> str:
    """In words: what has come to count for more or for less than in the school."""
    ratio = np.log(np.maximum(learned_.row, LEAST) / np.maximum(school.weights.row, LEAST))
    order = np.argsort(-np.abs(ratio))[:2]
    words = [f"{COSTS[k]} {'more' if ratio[k] > 0 else 'less'}" for k in order if abs(ratio[k]) > 0.1]
    return " and ".join(words)
