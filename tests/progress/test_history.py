"""What the journal tells, kept up entry by entry, is what it tells when read from the start."""

from __future__ import annotations

from datetime import timedelta
from itertools import pairwise

from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import EVENING, all_told
from numerus.book.book import Book
from numerus.domain.journal import (
    BathChanged,
    BathFilled,
    BathSettled,
    BathsSwapped,
    Fact,
    PartBroke,
    PartOutcome,
    RunEnded,
    RunPaused,
    RunResumed,
    RunStarted,
    StepDone,
    WashVerdict,
)
from numerus.progress.history import History
from numerus.progress.standing import standing

EVENTS = [
    RunStarted("p", "m", 200.0), RunEnded(90.0, 30.0), RunPaused("by hand"), RunResumed(vat_ml=250.0),
    PartOutcome("a", "good"), StepDone("wash", carried_ml=4.0), StepDone("prime", planned_min=4.0, timing="timer"), BathChanged(), BathFilled("water", 2.0), BathSettled(0.5),
    BathsSwapped(1.0), WashVerdict("tacky"), StepDone("build", "back"), PartBroke("head", "glue", (("build", "back"),), "head"),
]  # fmt: skip
FACTS = st.builds(
    lambda minute, event, run, who: Fact(
        EVENING + timedelta(minutes=minute),
        event,
        "dirty" if isinstance(event, BathChanged | BathFilled | BathSettled) else run,
        who,
        6.0,
    ),
    st.integers(0, 500),
    st.sampled_from(EVENTS),
    st.sampled_from(["r1", "r2"]),
    st.sampled_from([(), ("f1",), ("f1", "f2")]),
)


def told(history: History) -> tuple[object, ...]:
    return history.runs.records(), history.steps, history.hands, history.carried, history.timed


@settings(max_examples=60)
@given(st.lists(FACTS, max_size=30), st.data())
def test_kept_up_it_is_as_read_from_the_start(facts: list[Fact], data: st.DataObject) -> None:
    """Added in pieces, told in between, old entries let go of."""
    at = sorted(data.draw(st.lists(st.integers(0, len(facts)), max_size=3)))
    known = History()
    for begin, end in pairwise([0, *at, len(facts)]):
        known.take(facts[begin:end])
        known.runs.records()
        known.settle()
    assert told(known) == told(History.of(facts))


def test_undo_is_seen_by_what_is_kept_up(demo: Book) -> None:
    """A step is there after it, gone after undo, there again after redo."""
    figure = next(iter(demo.plans.figures))
    demo.commit("a step", facts=[Fact(EVENING, StepDone("stroke", "never before"), "", (figure,), 7.0)])
    hands = []
    for turn in (lambda: None, demo.undo, demo.redo):
        turn()
        assert demo.history == all_told(demo.path)
        hands.append(standing(demo.plans, demo.history).hands[figure])
    assert hands[0] == hands[2] == hands[1] + 7
