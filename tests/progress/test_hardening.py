"""What was built or primed an hour ago is not gone on with yet."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.basing import BasePiece
from numerus.progress.done_facts import step
from numerus.progress.planning.bench_tasks import BUILD, to_do
from numerus.progress.standing import standing

GLUED = timedelta(hours=12)
CLAY = BasePiece("Bank", "clay", 6.0, 28.5)  # a day by its thickness


def waits(book: Book, figure: str, now: datetime) -> datetime | None:
    found = standing(book.plans, book.history)
    return to_do(book.plans, book.history.facts, found, now).inputs.free_at.get(figure)


@pytest.fixture
def built(demo: Book) -> str:
    """A figure of the demo that stands at Build, told to be built this evening."""
    found = standing(demo.plans, demo.history)
    own = next(f.figure.id for f in found.figures.values() if f.stage == BUILD)
    demo.commit("built", facts=[step(BUILD, (own,), 6.0, EVENING)])
    return own


def test_a_glued_figure_is_primed_when_its_glue_is_hard(demo: Book, built: str) -> None:
    """Twelve hours after it was told, and not held up after that."""
    assert waits(demo, built, EVENING + timedelta(minutes=5)) == EVENING + GLUED
    assert waits(demo, built, EVENING + GLUED + timedelta(minutes=1)) is None


def test_a_bank_of_clay_under_it_takes_longer_than_the_glue(demo: Book, built: str) -> None:
    """A day in usual air, and longer where it is damp."""
    unit = demo.plans.units[demo.plans.figures[built].unit_id]
    demo.commit("bank", [replace(unit, stack=(BasePiece("Plate", "plastic", 3.2, 28.5), CLAY))])
    assert waits(demo, built, EVENING + timedelta(minutes=5)) == EVENING + timedelta(hours=24)
    demo.commit("damp", [replace(demo.plans.army, bench_humidity=75.0)])
    damp = waits(demo, built, EVENING + timedelta(minutes=5))
    assert damp is not None and damp > EVENING + timedelta(hours=30)


def test_whoever_went_on_with_it_is_not_told_to_wait(demo: Book, built: str) -> None:
    """Primed ten minutes later all the same: then the primer counts, not the glue."""
    later = EVENING + timedelta(minutes=10)
    demo.commit("primed", facts=[step("prime", (built,), 2.0, later)])
    found = waits(demo, built, later + timedelta(minutes=1))
    assert found is not None and found < EVENING + GLUED
