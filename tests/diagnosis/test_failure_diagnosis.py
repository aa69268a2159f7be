"""The inquest: causes that fit what was seen, tests that tell, the table read from its file; entropy against sums by hand."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import datetime

import numpy as np
import pytest
from judging import FAULTS, Tally, page, seen_in, tally

from numerus.devices.failing_weeks import week
from numerus.diagnosis.failure_diagnosis import diagnose_failure, expected_bits, judged
from numerus.diagnosis.likelihoods import TABLE, ConfirmedCase, Seen, learned, likelihoods, table_text, usual
from numerus.diagnosis.observations import Circumstances
from numerus.domain.journal import PartOutcome
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Placed, Plate
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
        {c.key: c.share for c in diagnose_failure(some, p, [], Circumstances(resin=Resin("r", "R"), celsius=t)).causes}[
            "cold"
        ]
        for t in (None, 17.0, 25.0)
    ]
    assert shares[2] < shares[0] < shares[1]
    assert diagnose_failure(some, p, []).seen.yes["it was colder than the resin wants"] is None


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
    assert usual().tests["paper"].yes in yes.causes[0].evidence


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


@pytest.fixture(scope="module")
def weeks() -> Tally:
    return tally(range(500))


def test_over_500_weeks_of_a_workshop_the_true_cause_is_among_the_first_two(weeks: Tally) -> None:
    """In 85 of 100 weeks and of each fault in 60, as seen by users who look wrongly one time in five; tests make it better."""
    assert weeks.judged.total() > 450 and set(weeks.judged) == set(FAULTS)
    assert weeks.share(weeks.seen_right) >= 0.85
    for fault in FAULTS:
        assert weeks.seen_right[fault] / weeks.judged[fault] >= 0.6, fault
    assert weeks.share(weeks.asked_right) > weeks.share(weeks.seen_right)
    assert weeks.asked_min < weeks.in_turn_min


def test_the_page_of_confusions_is_as_measured(weeks: Tally) -> None:
    """docs/diagnosis.md is what these weeks say."""
    assert (TABLE.parents[3] / "docs" / "diagnosis.md").read_text() == page(weeks)


def test_the_workshop_brings_every_fault_and_is_repeatable() -> None:
    """Each of the sixteen strikes, a tenth of the weeks have two; the same number is the same week."""
    some = [week(seed) for seed in range(120)]
    assert {w.faults[0] for w in some} == set(FAULTS)
    assert 3 <= sum(len(w.faults) == 2 for w in some) <= 24
    assert week(5).runs[2].record.outcomes == week(5).runs[2].record.outcomes


def test_who_only_says_failed_is_not_told_it_was_at_one_height() -> None:
    """Without heights and looks nothing is known of them, and causes they alone tell of are not named for sure."""
    for seed in range(40):
        of = week(seed)
        if of.struck is not None:
            seen = seen_in(of, careless=True)
            assert seen.yes["at one height"] is None and seen.yes["in the first 2 mm"] is None and not seen.looks
            assert judged(seen, {}, usual()).causes[0].share < 0.995


def test_confirmed_cases_move_the_table_and_none_leaves_it() -> None:
    """Thirty dents that looked like torn-off parts make that look speak for the film; the shares follow the beta mean by hand."""
    table = usual()
    assert learned(table, []) == table
    case = ConfirmedCase("film", Seen({"one part alone": True}, {"torn off its supports": 2}), {"film": False})
    after = learned(table, [case] * 30)
    look = "looked: torn off its supports"
    assert after.seen[look]["film"] == pytest.approx((table.seen[look]["film"] * 8 + 30) / 38)
    assert after.seen[look]["tips"] == table.seen[look]["tips"]
    assert after.tests["film"].shows["film"] == pytest.approx(table.tests["film"].shows["film"] * 8 / 38)
    assert after.causes["film"][1] == pytest.approx((table.causes["film"][1] * 32 + 30) / 62)
    assert judged(case.seen, {}, after).causes[0].key == "film" != judged(case.seen, {}, table).causes[0].key


def test_a_table_of_few_causes_keeps_the_shipped_ones_beside_them() -> None:
    """A file may say only what it changes; what it wrote before under older names is read; round trip."""
    text = json.dumps({"causes": {}, "seen": {"one part alone": {"cold": 0.5}}, "tests": {}})
    assert likelihoods(text).seen["one part alone"] == {**usual().seen["one part alone"], "cold": 0.5}
    assert likelihoods(table_text(usual())) == usual()
