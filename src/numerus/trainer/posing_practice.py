"""Which way up: poses of a part seen side by side, and which of them is best at one thing, as measured."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.printing.orientation.pose_measures import PoseCost
from numerus.trainer.exercise import POSE, Card, Exercise, Mark
from numerus.words import span

AS_GOOD = 0.03  # share by which two poses are as good
ASKS: Sequence[tuple[str, str, Callable[[PoseCost], float], Callable[[PoseCost], str]]] = (
    ("minutes", "Which is done first?", lambda c: c.minutes, lambda c: span(c.minutes)),
    (
        "scars",
        "Which leaves the least marks where they show?",
        lambda c: c.scar_mm2,
        lambda c: f"{c.scar_mm2:.1f} mm² of marks",
    ),
    (
        "steps",
        "Which shows the least steps of layers?",
        lambda c: c.steps_mm2,
        lambda c: f"{c.steps_mm2:.0f} mm² of steps",
    ),
    ("pull", "Which pulls least at its worst layer?", lambda c: c.peak_pull_n, lambda c: f"{c.peak_pull_n:.2f} N"),
)


@dataclass(frozen=True, eq=False)
class Posed:
    """A part in a few poses, measured, with a picture of each."""

    name: str
    costs: tuple[PoseCost, ...]
    pictures: tuple[object, ...]


def which_way_up(seed: int, level: int, part: Posed) -> Exercise:
    """One question on one part's poses; those as good as the best to within ``AS_GOOD`` are right, too."""
    dice = np.random.default_rng([seed, level, 7])
    order = [int(n) for n in dice.permutation(len(part.costs))]
    _, ask, measure, said = ASKS[int(dice.integers(len(ASKS)))]
    costs = [part.costs[n] for n in order]

    def mark(chosen: Sequence[float]) -> Mark:
        return mark_pose(costs, int(chosen[0]), measure, said)

    cards = tuple(Card(f"{n + 1}", (), "", part.pictures[k]) for n, k in enumerate(order))
    return Exercise(POSE, seed, level, f"{part.name}: {ask.lower()}", cards, 1, mark)


def mark_pose(
    costs: Sequence[PoseCost], chosen: int, measure: Callable[[PoseCost], float], said: Callable[[PoseCost], str]
) -> Mark:
    told = [measure(c) for c in costs]
    least, own = min(told), told[chosen]
    best = costs[told.index(least)]
    right = own <= least * (1 + AS_GOOD) + 1e-9
    score = 1.0 if right else float(np.clip(1 - (own - least) / max(max(told) - least, 1e-9), 0, 1)) * 0.7
    all_told = "; ".join(f"{n + 1}: {said(c)}" for n, c in enumerate(costs))
    return Mark(score, f"{best.school}: {said(best)}. Measured: {all_told}.")
