"""What a unit taught: estimates held against what was measured alone, failures and breaks of its own, lessons shown to others."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import PartBroke
from numerus.progress.done_facts import step
from numerus.progress.figure_records.lessons import lesson_words, lessons_at, noted, unit_review
from numerus.progress.history import History
from numerus.progress.standing import standing


def test_only_what_was_measured_is_held_against_its_plan(demo: Book) -> None:
    """Eight minutes for four by the clock, and a tick that says nothing; what was off most is told first."""
    figures = [f.id for f in demo.plans.figures_of("kiln")]
    facts = [
        *(step("prime", (f,), 8.0, EVENING, planned=4.0, timing="timer") for f in figures[:3]),
        *(step("prime", (f,), 4.0, EVENING, planned=4.0) for f in figures[3:]),
        step("stroke", (figures[0],), 2.0, EVENING, "x", planned=2.1, timing="typed"),
        step("stroke", ("lock-0",), 90.0, EVENING, "x", planned=2.0, timing="timer"),
    ]
    history = History.of([*demo.history.facts, *facts])
    history.settle()
    review = unit_review(demo.plans, standing(demo.plans, history), history, "kiln")
    assert [(e.stage, e.planned_min, e.measured_min, e.steps) for e in review.estimates] == [
        ("prime", 12.0, 24.0, 3), ("stroke", 2.1, 2.0, 1),
    ]  # fmt: skip
    assert "2.00 times as long" in review.words[0] and "as planned" in review.words[1] and review.stage == "prime"
    assert not review.ready


def test_failures_and_breaks_are_the_units_own(demo: Book) -> None:
    """Counted over its figures' copies; a break of another unit is not told."""
    name = demo.plans.figures["lock-0"].name
    broke = [
        replace_at(step("x", (f,), 0, EVENING)._replace(event=PartBroke("head", "glue"))) for f in ("lock-0", "ferry-0")
    ]
    history = History.of([*demo.history.facts, *broke])
    found = standing(demo.plans, history)
    lock, ferry = (unit_review(demo.plans, found, history, u) for u in ("lock", "ferry"))
    assert lock.broke == (f"head of {name}",) and f"Broke later: head of {name}." in lock.words
    placed = [
        (run.outcomes[p.id].outcome, p.figure_id) for run in found.runs.values() if run.plate_id in demo.plans.plates
        for p in demo.plans.plates[run.plate_id].placed if p.id in run.outcomes
    ]  # fmt: skip
    own = [outcome for outcome, figure in placed if figure.startswith("ferry-")]
    assert (ferry.failed, ferry.looked_at) == (own.count("failed"), len(own)) and ferry.looked_at > 0


def replace_at(fact):  # type: ignore[no-untyped-def]
    return fact._replace(at=EVENING + timedelta(minutes=1))


def test_a_lesson_is_shown_where_it_belongs_to_the_next_unit_and_not_to_its_own(demo: Book) -> None:
    """The latest first, also when its unit is gone."""
    facts = [
        noted("lock", "paint", " thin the wash more ", EVENING),
        noted("bell", "paint", "glue the bell later", EVENING + timedelta(days=1)),
        noted("lock", "wash", "longer", EVENING),
    ]
    seen = lessons_at(demo.plans, facts, "paint", "ferry")
    assert [lesson.words for lesson in seen] == ["glue the bell later", "thin the wash more"]
    assert lesson_words(seen) == "Next time: glue the bell later (Bellringers, 6 Mar).  And 1 more."
    assert [lesson.words for lesson in lessons_at(demo.plans, facts, "paint", "bell")] == ["thin the wash more"]
    gone = replace(demo.plans, units={})
    assert "a unit that is gone" in lessons_at(gone, facts, "wash")[0].description
    assert lesson_words([]) == ""
    with pytest.raises(ValueError):
        noted("lock", "nowhere", "x", EVENING)
