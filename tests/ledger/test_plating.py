"""Spares by what fails, and what they are for."""

from __future__ import annotations

from dataclasses import replace

import pytest

from helpers import EVENING
from numerus.floor.runs import RunRecord, copy_states
from numerus.kit.completeness import chance_to_fail
from numerus.kit.plan import Figure, Part, Unit
from numerus.ledger.plans import Plans
from numerus.ledger.plating import failing_spares, part_rate
from numerus.ledger.standing import standing
from numerus.resin.plate import Placed, Plate

PART = Part("part", "k", "Head", "head", "", 100, (9, 9, 9), 1.0, 5.0, True, 1, 0, "mm", weak_mm2=20.0)


def test_spares_follow_how_often_a_part_failed() -> None:
    """By its frailty where nothing is known; after twelve failures in twenty prints about half as many spares as copies."""
    assert part_rate(PART, 0, 0) == pytest.approx(chance_to_fail(PART))
    assert part_rate(PART, 0, 400) < chance_to_fail(PART)
    assert part_rate(PART, 12, 20) == pytest.approx((12 + 16 * chance_to_fail(PART)) / 36)
    figures = {f"f{n}": Figure(f"f{n}", "u", "F", n, {"head": PART.id}) for n in range(10)}
    placed = tuple(Placed(f"x{n}", PART.id, "", "head", 10, 10) for n in range(20))
    plates = {"p": Plate("p", "P", "m", "r", placed, 10, 60, 10)}
    plans = Plans(units={"u": Unit("u", "U", 0, 25.0, "k")}, figures=figures, parts={PART.id: PART}, plates=plates)
    outcomes = {p.id: ("failed" if n < 12 else "good", 0.0, "") for n, p in enumerate(placed)}
    record = RunRecord("r", "p", "m", EVENING, EVENING, outcomes, False, False)
    copies = [(f, "head") for f in figures]
    assert failing_spares(plans, replace(standing(plans, []), runs={"r": record}), copies) == [PART.id] * 4
    assert failing_spares(plans, standing(plans, []), copies) == []


def test_a_good_spare_takes_the_place_of_a_failed_copy() -> None:
    """Of the same part and only once; without one the copy is owed again."""
    placed = [Placed(f"x{n}", "part", f"f{n}", "head", 10, 10) for n in range(3)] + [
        Placed("s", "part", "", "head", 9, 9)
    ]
    plates = {"p": Plate("p", "P", "m", "r", tuple(placed), 10, 60, 10)}
    outcomes = {"x0": ("good", 0.0, ""), "x1": ("failed", 3.0, ""), "x2": ("failed", 3.0, ""), "s": ("good", 0.0, "")}
    record = RunRecord("r", "p", "m", EVENING, EVENING, outcomes, True, False)
    states = copy_states(plates, {"r": record})
    assert [states[f"f{n}", "head"].state for n in range(3)] == ["washed", "washed", "owed"]
    assert states["f1", "head"].failures == 1
