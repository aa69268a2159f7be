"""What was done to a machine parts its runs in before and since, and says no more than the numbers allow."""

from __future__ import annotations

from datetime import datetime, timedelta
from math import exp

import pytest
from scipy.special import betaln

from numerus.diagnosis.care import Care, Fared, care_of, chance_of_less
from numerus.domain.journal import Fact, FilmChanged, MachineCared, PartOutcome
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.printing.machines.routine import LEVELS, LOOKS, REMOVES, habits, routine_min
from numerus.printing.runs.run_records import FAILED, GOOD, RunRecord

NOW = datetime(2026, 3, 1, 12)


def run(day: int, failed: int, parts: int = 10, machine: str = "m") -> RunRecord:
    outcomes = {f"{day}-{n}": PartOutcome(f"{day}-{n}", FAILED if n < failed else GOOD) for n in range(parts)}
    at = NOW + timedelta(days=day)
    return RunRecord(f"r{day}{machine}", "p", machine, at, at + timedelta(hours=5), outcomes, True, True)


def test_runs_are_parted_by_what_was_done() -> None:
    """Each event against those before and after it; another machine's are left out; the newest first."""
    runs = [run(1, 2), run(2, 3), run(4, 1), run(6, 0), run(7, 0), run(3, 9, machine="other")]
    facts = [
        Fact(NOW + timedelta(days=3), FilmChanged(), "m"),
        Fact(NOW + timedelta(days=5), MachineCared("levelled"), "m"),
    ]
    facts += [Fact(NOW + timedelta(days=2), MachineCared("kicked"), "other")]
    levelled, film = care_of("m", runs, facts)
    assert (levelled.what, levelled.before, levelled.after) == ("levelled", Fared(10, 1), Fared(20, 0))
    assert (film.what, film.before, film.after) == ("film changed", Fared(20, 5), Fared(10, 1))
    assert care_of("nobody", runs, facts) == []


@pytest.mark.parametrize(("one", "other"), [((10, 1), (10, 3)), ((30, 2), (12, 5)), ((4, 0), (4, 0))])
def test_the_chance_is_that_of_the_exact_sum(one: tuple[int, int], other: tuple[int, int]) -> None:
    """P(a < b) for two beta distributions with whole parameters, as a finite sum."""
    a, b = Fared(*one), Fared(*other)
    a1, b1, a2, b2 = 1 + a.failed, 1 + a.parts - a.failed, 1 + b.failed, 1 + b.parts - b.failed
    exact = sum(_term(i, a1, b1, a2, b2) for i in range(a2))
    assert chance_of_less(a, b) == pytest.approx(exact, abs=0.03)


def _term(i: int, a1: int, b1: int, a2: int, b2: int) -> float:
    """Evan Miller's closed form: P(second > first), term i."""
    return exp(betaln(a1 + i, b1 + b2) - betaln(1 + i, b2) - betaln(a1, b1)) / (b2 + i)


def test_little_is_not_taken_for_much() -> None:
    """Three of ten against none of ten can be chance; thirty of a hundred against none cannot."""
    assert Care(NOW, "x", Fared(6, 1), Fared(6, 0)).verdict == "no difference can be told yet"
    assert Care(NOW, "x", Fared(100, 30), Fared(100, 2)).verdict == "fewer fail since"
    assert Care(NOW, "x", Fared(100, 2), Fared(100, 30)).verdict == "more fail since"
    assert Care(NOW, "x", Fared(0, 0), Fared(9, 2)).verdict == "nothing to compare yet"


def test_a_routine_takes_what_its_habits_take() -> None:
    """A run's minutes on the mean; a machine of plastic has no vat to look at; every school says what it costs."""
    machine = Machine("m", "M", levels_by="paper", removes_with="plastic", vat_looked_at="cured sheet")
    assert routine_min(machine) == pytest.approx(8 / 20 + 4 + 4 / 3)
    assert len(habits(machine)) == 3 and len(habits(Machine("s", "S", kind=FILAMENT))) == 2
    assert all(h.costs for school in (LEVELS, REMOVES, LOOKS) for h in school.values())
