"""The inquest: causes that fit what was seen, tests that tell, the table read from its file; entropy against sums by hand."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import datetime

import numpy as np
import pytest

from numerus.diagnosis.failure_diagnosis import (
    TABLE,
    Circumstances,
    diagnose_failure,
    expected_bits,
    likelihoods,
    usual,
)
from numerus.domain.journal import PartOutcome
from numerus.domain.machines import Machine
from numerus.domain.plates import Placed, Plate
from numerus.errors import PlanError
from numerus.printing.runs.run_records import RunRecord

AT = datetime(2026, 3, 1, 20)


def plate(name: str, count: int = 5, x: float = 50.0, ml: float = 20) -> Plate:
    placed = tuple(Placed(f"{name}-{n}", "part", f"f{n}", "head", x + 30 * n, 40) for n in range(count))
    return Plate(name, name, "m", "r", placed, 30, 100, ml)


def record(of: Plate, failed: dict[int, float], looks: str = "", run: str = "r1") -> RunRecord:
    outcomes = {
        p.id: PartOutcome(p.id, "failed", failed[n], looks) if n in failed else PartOutcome(p.id, "good")
        for n, p in enumerate(of.placed)
    }
    return RunRecord(run, of.id, "m", AT, AT, outcomes, False, False)


@pytest.mark.parametrize(("failed", "earlier", "looks", "cause"), [
    ({n: 14.0 for n in range(5)}, {}, "", "power"),
    ({n: 0.5 + 0.3 * n for n in range(5)}, {}, "", "adhesion"),
    ({0: 9.0, 1: 4.0}, {0: 7.0}, "soft and half made", "screen"),
    ({2: 12.0}, {}, "torn off its supports", "tips"),
])  # fmt: skip
def test_the_inquest_names_the_cause_that_fits(failed: dict, earlier: dict, looks: str, cause: str) -> None:
    """Everything at one height, nothing stuck, the same place again, one part alone; shares sum to one."""
    p, before = plate("p"), plate("q")
    found = diagnose_failure(record(p, failed, looks), p, [(record(before, earlier, run="r0"), before)])
    assert found.causes[0].key == cause
    assert sum(c.share for c in found.causes) == pytest.approx(1)
    assert found.causes[0].evidence


def test_a_place_or_a_height_is_never_blamed_on_the_tips() -> None:
    """Where several fail at one place, or all at one height, tips are not among the first two, however thin they were."""
    p, before = plate("p"), plate("q")
    place = diagnose_failure(record(p, {0: 9.0, 1: 5.0}), p, [(record(before, {0: 7.0, 1: 6.0}, run="r0"), before)])
    height = diagnose_failure(record(p, {n: 9.0 for n in range(5)}), p, [])
    for found in (place, height):
        assert "tips" not in [c.key for c in found.causes[:2]]


def test_circumstances_move_the_verdict() -> None:
    """A vat that held barely enough points to resin, cold to cold; what is not known moves nothing."""
    machine = Machine("m", "M", vat_full_ml=100)
    full, p = plate("p", ml=99), plate("p")
    level = {n: 22.0 for n in range(5)}
    assert diagnose_failure(record(full, level), full, [], Circumstances(machine=machine)).causes[0].key == "resin"
    assert diagnose_failure(record(p, level), p, [], Circumstances(machine=machine)).causes[0].key == "power"
    some = record(p, {0: 3.0, 2: 8.0, 3: 1.0})
    shares = [
        {c.key: c.share for c in diagnose_failure(some, p, [], Circumstances(celsius=t)).causes}["cold"]
        for t in (None, 17.0, 25.0)
    ]
    assert shares[2] < shares[0] < shares[1]
    assert diagnose_failure(some, p, []).seen["it was colder than 22 degrees"] is None


def test_the_test_that_tells_most_comes_first_and_its_answer_counts() -> None:
    """Film or screen at one place: paper on the screen tells between them; its yes makes the screen, its no the film."""
    p, before = plate("p"), plate("q")
    told = record(p, {0: 9.0, 1: 4.0}), p, [(record(before, {0: 7.0}, run="r0"), before)]
    first = diagnose_failure(*told)
    assert {c.key for c in first.causes[:2]} == {"film", "screen"}
    assert first.tests[0].key in ("paper", "film")
    yes, no = (diagnose_failure(*told, answers={"paper": a}) for a in (True, False))
    assert yes.causes[0].key == "screen" and no.causes[0].key == "film"
    assert "paper" not in [t.key for t in yes.tests]
    assert usual().tests["paper"][2] in yes.causes[0].evidence


def test_bits_are_those_of_the_textbook() -> None:
    """A perfect test between two even causes tells one bit, a useless one none, a good one in between."""
    even = np.array([0.5, 0.5])
    assert expected_bits(even, np.array([1.0, 0.0])) == pytest.approx(1)
    assert expected_bits(even, np.array([0.3, 0.3])) == pytest.approx(0)
    h = -(0.9 * np.log2(0.9) + 0.1 * np.log2(0.1))
    assert expected_bits(even, np.array([0.9, 0.1])) == pytest.approx(1 - h)


def test_no_failure_has_no_cause() -> None:
    """A good plate is left alone."""
    p = plate("p")
    assert diagnose_failure(record(p, {}), p, []).causes == ()


@pytest.mark.parametrize("broken", ["no json", "{}", "prior"])
def test_a_table_that_is_none_is_refused(broken: str) -> None:
    """And one that was edited counts: with another prior comes another verdict."""
    raw = json.loads(TABLE.read_text())
    raw["causes"]["tips"]["prior"] = 2.0
    with pytest.raises(PlanError):
        likelihoods(json.dumps(raw) if broken == "prior" else broken)
    raw["causes"]["tips"]["prior"], raw["causes"]["film"]["prior"] = 0.001, 0.9
    p = plate("p")
    alone = record(p, {2: 12.0})
    assert diagnose_failure(alone, p, []).causes[0].key == "tips"
    assert diagnose_failure(alone, p, [], table=likelihoods(json.dumps(raw))).causes[0].key == "film"
    assert replace(alone).state == "printed"
