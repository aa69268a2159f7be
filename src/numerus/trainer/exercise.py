"""What every exercise has: a question with cards to choose from or a number to type, and a mark by what is true.

Exercises are seeded: the same kind, seed and level ask the same. Marks lie between 0 and 1; whatever cannot be told from the best by the
exercise's own measure counts as right, so that no right answer is marked wrong.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, field
from typing import Any

GOOD = 0.8  # from which on it counts as known
LEVELS = 3

VALUE, MELT, DRIES, NEXT, ESTIMATE, MIX, PLATE, POSE = (
    "value", "melt", "dries", "next", "estimate", "mix", "plate", "pose",
)  # fmt: skip
NAMES = {
    PLATE: "Failed plate", POSE: "Which way up", MIX: "Mix to match", VALUE: "Read the value", MELT: "Find the melting pair",
    DRIES: "What dries first", NEXT: "What next", ESTIMATE: "Estimate",
}  # fmt: skip
BENCH_OF = {
    PLATE: "print", POSE: "pose", MIX: "paint", VALUE: "paint", MELT: "paint", DRIES: "paint", NEXT: "paint", ESTIMATE: "plate",
}  # fmt: skip
"""At which bench each is practised."""


@dataclass(frozen=True)
class Mark:
    """``score`` 0..1; ``words``: what is true, and why; ``detail``: what the calibration learns, ("resin", log of guess over truth)."""

    score: float
    words: str
    detail: tuple[str, float] | None = None

    @property
    def good(self) -> bool:
        return self.score >= GOOD


@dataclass(frozen=True)
class Card:
    """Something to choose: a title, lines under it, a colour it shows, "" for none."""

    title: str
    lines: tuple[str, ...] = ()
    colour: str = ""
    picture: Any = None


@dataclass(frozen=True, eq=False)
class Exercise:
    """``choose``: how many cards are chosen, in order; 0 where a number or drops are asked for (``unit``). ``mark`` takes the numbers of
    cards chosen, or the numbers typed.
    """

    kind: str
    seed: int
    level: int
    ask: str
    cards: tuple[Card, ...]
    choose: int
    mark: Callable[[Sequence[float]], Mark] = field(repr=False)
    unit: str = ""
    fields: tuple[str, ...] = ()

    @property
    def decimals(self) -> int:
        """Of what is typed: so many that a right answer can be, of a part of a few hundredths of a ml, too."""
        return {"drops": 0, "resin": 3}.get(self.unit, 1)


def level_of(scores: Sequence[float]) -> int:
    """How hard the next one is, 1 to 3, by the last few of its kind: harder after three good ones, easier after two bad ones."""
    level, run = 1, 0
    for score in scores:
        run = (run + 1 if run >= 0 else 1) if score >= GOOD else (run - 1 if run <= 0 else -1)
        if run >= 3:
            level, run = min(level + 1, LEVELS), 0
        elif run <= -2:
            level, run = max(level - 1, 1), 0
    return level
