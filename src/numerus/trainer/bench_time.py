"""A bench of wet zones: what is dry first, and what to begin with so that most gets done in 25 minutes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import permutations

import numpy as np

from numerus.trainer.exercise import DRIES, NEXT, Card, Exercise, Mark

ZONES = "coat", "hat", "skin", "leather", "iron", "bell"
KINDS = (
    ("wash", 30.0),
    ("base colour", 15.0),
    ("layer", 10.0),
    ("varnish", 45.0),
    ("spray", 20.0),
)  # minutes to dry (defaults)
NEAR_MIN = (0.0, 12.0, 6.0, 3.0)  # by level: between the first dry and the second
WINDOW_MIN = 25.0
AS_MUCH = 0.5  # minutes of work that count as as much


def dries_first(seed: int, level: int) -> Exercise:
    """Four zones painted at different times: which can be painted on first?"""
    dice = np.random.default_rng([seed, level, 3])
    gap = NEAR_MIN[level]
    first = float(dice.uniform(3, 10))
    dry_in = dice.permutation([first, *(first + gap + dice.uniform(0, 1.5 * gap, 3))])
    names, cards = dice.permutation(ZONES)[:4], []
    for name, left in zip(names, dry_in, strict=True):
        kind, dries = KINDS[int(dice.integers(len(KINDS)))]
        dries = max(dries, float(np.ceil(left)))
        cards.append(Card(str(name), (kind, f"dries {dries:.0f} min", f"put on {dries - left:.0f} min ago")))
    told = [_left(c) for c in cards]

    def mark(chosen: Sequence[float]) -> Mark:
        own, least = told[int(chosen[0])], min(told)
        return Mark(float(own <= least), f"{cards[told.index(least)].title} is dry in {least} min; yours in {own}.")

    return Exercise(DRIES, seed, level, "All are wet. Which can you paint on first?", tuple(cards), 1, mark)


def _left(card: Card) -> int:
    """Minutes until a card's zone is dry, by what stands on it."""
    return int(card.lines[1].split()[1]) - int(card.lines[2].split()[2])


@dataclass(frozen=True)
class Job:
    """A stroke on a zone: from when on it can be done, minutes, which pot it needs."""

    name: str
    ready_min: int
    minutes: int
    pot: str


POT_MIN = 3  # to open another pot


def work_in(order: Sequence[Job], window_min: float = WINDOW_MIN, in_hand: str = "") -> int:
    """Minutes of work that an order brings into the window; what does not fit any more is not begun."""
    now, done, pot = 0, 0, in_hand
    for job in order:
        start = max(now + POT_MIN * (job.pot != pot), job.ready_min)
        if start + job.minutes > window_min:
            continue
        now, done, pot = start + job.minutes, done + job.minutes, job.pot
    return done


def what_next(seed: int, level: int) -> Exercise:
    """Five strokes, some on wet zones, some in the pot in hand: with which to begin, so that most is done in 25 minutes."""
    dice = np.random.default_rng([seed, level, 4])
    pots = "brown", "red", "bone"
    for attempt in range(200):
        jobs = [
            Job(str(name), int(dice.choice([0, 0, 4, 9, 14])), int(dice.integers(4, 10)), str(dice.choice(pots)))
            for name in dice.permutation(ZONES)[:5]
        ]
        best = best_firsts(jobs, pots[0])
        if len(best) <= 4 - level and any(j.ready_min for j in jobs) or attempt == 199:
            break

    def mark(chosen: Sequence[float]) -> Mark:
        return mark_next(jobs, pots[0], int(chosen[0]))

    cards = tuple(
        Card(
            j.name,
            (
                f"{j.minutes} min of work",
                f"pot: {j.pot}",
                "dry now" if not j.ready_min else f"wet for {j.ready_min} min",
            ),
        )
        for j in jobs
    )
    ask = f"25 minutes left, the {pots[0]} pot is open; another takes {POT_MIN} min. With which do you begin?"
    return Exercise(NEXT, seed, level, ask, cards, 1, mark)


def best_firsts(jobs: Sequence[Job], in_hand: str) -> set[int]:
    """Every first stroke that some best order begins with, of all orders."""
    most = max(work_in(o, in_hand=in_hand) for o in permutations(jobs))
    return {n for n, job in enumerate(jobs) if _after(jobs, job, in_hand) >= most - AS_MUCH}


def _after(jobs: Sequence[Job], first: Job, in_hand: str) -> int:
    """The most that can be done beginning with a stroke, which is waited for."""
    rest = [j for j in jobs if j is not first]
    return max(work_in([first, *o], in_hand=in_hand) for o in permutations(rest))


def mark_next(jobs: Sequence[Job], in_hand: str, chosen: int) -> Mark:
    most, own = max(work_in(o, in_hand=in_hand) for o in permutations(jobs)), _after(jobs, jobs[chosen], in_hand)
    order = max(permutations(jobs), key=lambda o: work_in(o, in_hand=in_hand))
    words = f"Best: {', '.join(j.name for j in order)}: {most} min of work. Beginning with {jobs[chosen].name}: {own}."
    return Mark(1.0 if own >= most - AS_MUCH else own / most * 0.7, words)
