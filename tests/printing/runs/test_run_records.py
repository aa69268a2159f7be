"""The fold over runs, failures owed again, and the inquest."""

from __future__ import annotations

from datetime import datetime

import pytest

from helpers import active
from numerus.domain.journal import Fact, PartOutcome, Restored, RunEnded, RunStarted, StepDone, Withdrawn
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.printing.machines.timing import run_minutes
from numerus.printing.runs.run_records import copy_states, failure_counts, machine_layers, run_records, waiting_plates

AT = datetime(2026, 3, 1, 20)


def plate(name: str, copies: list[tuple[str, str]], order: int = 0, x: float = 50.0) -> Plate:
    placed = tuple(Placed(f"{name}-{n}", "part", f, s, x + 30 * n, 40) for n, (f, s) in enumerate(copies))
    return Plate(name, name, "m", "r", placed, 30, 100, 20, order)


def story(
    run: str, of: Plate, outcomes: dict[int, tuple[str, float]], steps: tuple[str, ...] = (), ended: bool = True
) -> list[Fact]:
    facts = [Fact(AT, RunStarted(of.id, "m"), run)]
    if ended:
        facts.append(Fact(AT, RunEnded(), run))
    for number, (outcome, height) in outcomes.items():
        facts.append(Fact(AT, PartOutcome(of.placed[number].id, outcome, height), run))
    return facts + [Fact(AT, StepDone(s), run) for s in steps]


def test_a_copy_walks_from_owed_to_cured() -> None:
    """Each entry of the journal moves it one state on."""
    p = plate("p", [("f", "head")])
    states = []
    for facts in ([], story("r", p, {}, ended=False), story("r", p, {}), story("r", p, {0: ("good", 0)}), story("r", p, {0: ("good", 0)}, ("wash",)),
                  story("r", p, {0: ("flawed", 0)}, ("wash", "cure"))):  # fmt: skip
        states.append(copy_states({"p": p}, run_records(facts))[("f", "head")].state)
    assert states == ["plated", "printing", "printing", "printed", "washed", "cured"]


def test_a_failed_part_is_owed_again_until_a_newer_plate_holds_it() -> None:
    """By itself; the failure is remembered."""
    first, second = plate("a", [("f", "head"), ("f", "legs")], 0), plate("b", [("f", "head")], 1)
    records = run_records(story("r", first, {0: ("failed", 4.2), 1: ("good", 0)}))
    owed = copy_states({"a": first}, records)[("f", "head")]
    assert (owed.state, owed.failures) == ("owed", 1)
    again = copy_states({"a": first, "b": second}, records)[("f", "head")]
    assert (again.state, again.failures) == ("plated", 1)
    assert [p.id for p in waiting_plates({"a": first, "b": second}, records)] == ["b"]
    assert failure_counts(records.values()) == (1, 2)
    assert machine_layers(records.values(), {"a": first}, {"m": Machine("m", "M")}) == {"m": 600}


def test_a_run_that_was_given_up_wears_by_the_layers_it_ran() -> None:
    """Half its minutes is not its 600 layers."""
    p, machine = plate("p", [("f", "head")]), Machine("m", "M")
    ended = [Fact(AT, RunStarted("p", "m"), "r"), Fact(AT, RunEnded(run_minutes(15, machine), aborted=True), "r")]
    assert machine_layers(run_records(ended).values(), {"p": p}, {"m": machine})["m"] == pytest.approx(300, abs=10)


def test_withdrawn_entries_do_not_count_and_restored_ones_do() -> None:
    """Corrections are entries too."""
    facts = [Fact(AT, StepDone("wash"), seq=1), Fact(AT, Withdrawn((1,)), seq=2)]
    assert active(facts) == []
    assert [f.seq for f in active([*facts, Fact(AT, Restored((1,)), seq=3)])] == [1]
