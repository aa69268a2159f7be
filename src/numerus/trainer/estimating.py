"""Guessing ml, grams and minutes of parts seen, and how one's guesses lie: the calibration by kind of quantity."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from math import exp, log

import numpy as np

from numerus.trainer.exercise import ESTIMATE, Card, Exercise, Mark

QUANTITIES = (
    ("resin", "ml of resin, supports left out"),
    ("height", "mm, how tall it is as it lies kept"),
    ("run", "minutes of a run of it alone"),
)
CLOSE, FAR = log(1.1), log(2.0)  # a tenth off is right, twice off is nothing
FEW = 3


@dataclass(frozen=True)
class SeenPart:
    """A part to guess at: its name, a picture so many mm wide, and what is true of it."""

    name: str
    picture: object
    wide_mm: float
    resin: float
    height: float
    run: float


def estimate(seed: int, level: int, parts: Sequence[SeenPart]) -> Exercise:
    """One quantity of one of these parts. Raises ValueError where there are none."""
    if not parts:
        raise ValueError("nothing to guess at")
    dice = np.random.default_rng([seed, level, 5])
    part, (key, words) = parts[int(dice.integers(len(parts)))], QUANTITIES[int(dice.integers(len(QUANTITIES)))]
    truth = float(getattr(part, key))

    def mark(typed: Sequence[float]) -> Mark:
        return mark_guess(key, truth, float(typed[0]))

    return Exercise(
        ESTIMATE,
        seed,
        level,
        f"{part.name}: how many {words}?",
        (Card(part.name, (f"the picture is {part.wide_mm:.0f} mm wide",), "", part.picture),),
        0,
        mark,
        key,
        (words,),
    )


def mark_guess(key: str, truth: float, guess: float) -> Mark:
    """By how far it is off in proportion: too much and too little count alike."""
    if guess <= 0:
        return Mark(0.0, f"It is {truth:.3g}.")
    off = log(guess / truth)
    score = float(np.clip((FAR - abs(off)) / (FAR - CLOSE), 0.0, 1.0))
    return Mark(score, f"It is {truth:.3g}; you guessed {guess / truth:.2f} times that.", (key, off))


def calibration(details: Iterable[tuple[str, float]]) -> list[str]:
    """How guesses of each kind lie, in words, where there are a few."""
    by_key: dict[str, list[float]] = {}
    for key, off in details:
        by_key.setdefault(key, []).append(off)
    lines = []
    for key, offs in by_key.items():
        if len(offs) >= FEW:
            middle, spread = float(np.median(offs)), float(np.std(offs))
            share = exp(middle) - 1
            way = "right on the middle" if abs(share) < 0.05 else f"{abs(share):.0%} {'low' if share < 0 else 'high'}"
            lines.append(
                f"{key}: you guess {way}, off by {exp(spread) - 1:.0%} from time to time ({len(offs)} guesses)"
            )
    return lines
