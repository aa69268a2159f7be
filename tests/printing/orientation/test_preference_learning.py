"""Weights learned from choices: little from one, the chooser's own from many."""

from __future__ import annotations

import numpy as np

from numerus.printing.orientation.orientation_search import COSTS, Weights
from numerus.printing.orientation.preference_learning import SCHOOL_WEIGHTS, choice_of, drift, learned

MEASURED = SCHOOL_WEIGHTS[0]


def choices_of(wanted: Weights, count: int):  # type: ignore[no-untyped-def]
    dice = np.random.default_rng(5)
    made = []
    for _ in range(count):
        shares = dice.random((4, len(COSTS)))
        made.append(choice_of(shares, int(np.argmin(shares @ wanted.row))))
    return made


def test_without_choices_the_school_speaks() -> None:
    """And every school explains itself and differs from the others."""
    assert learned(MEASURED, []) == MEASURED.weights
    assert len({s.weights for s in SCHOOL_WEIGHTS}) == len(SCHOOL_WEIGHTS)
    assert all("Costs" in s.description or "costs" in s.description for s in SCHOOL_WEIGHTS)


def test_choices_move_weights_toward_the_chooser() -> None:
    """Someone who cares for time alone: one choice moves a little, forty make it count most, and it is said in words."""
    hasty = Weights(*(5.0 if name == "time" else 0.1 for name in COSTS))
    one, many = (learned(MEASURED, choices_of(hasty, n)) for n in (1, 40))
    assert MEASURED.weights.time < many.time and many.scars < MEASURED.weights.scars
    assert abs(np.log(one.time / MEASURED.weights.time)) < abs(np.log(many.time / MEASURED.weights.time))
    assert int(np.argmax(many.row)) == COSTS.index("time")
    moved = [words.rsplit(" ", 1) for words in drift(many, MEASURED).split(" and ")]
    assert moved and all((getattr(many, c) > getattr(MEASURED.weights, c)) == (way == "more") for c, way in moved)
    assert drift(MEASURED.weights, MEASURED) == ""
