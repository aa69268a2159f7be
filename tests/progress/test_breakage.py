"""What breaks puts back just what it must, and undo brings it again."""

from __future__ import annotations

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.progress.figure_records.breakage import GLUE, PIN, REPRINT, Breakage, broken, can_break
from numerus.progress.history import History
from numerus.progress.standing import FigureStanding, Standing, standing


def told(book: Book, facts: tuple = ()) -> Standing:  # type: ignore[type-arg]
    history = History.of(book.history.facts) if facts else book.history
    if facts:
        history.take(list(facts))
    return standing(book.plans, history)


def one(book: Book, stage: str) -> FigureStanding:
    figures = told(book).figures.values()
    return next(f for f in figures if f.stage == stage and can_break(f) and "head" in f.figure.build)


def breaks(book: Book, stage: str, how: str) -> tuple[FigureStanding, Breakage, FigureStanding]:
    before = one(book, stage)
    breakage = broken(book.plans, told(book), before.figure.id, "head", how, EVENING)
    return before, breakage, told(book, breakage.facts).figures[before.figure.id]


@pytest.mark.parametrize("how", [GLUE, PIN])
def test_a_ready_figure_is_asked_to_glue_it_on_and_for_nothing_else(demo: Book, how: str) -> None:
    """No stroke is lost; a pin costs more than glue."""
    before, breakage, after = breaks(demo, "ready", how)
    assert after.stage == "finish" and [s.name for s in after.finish_left] == ["Glue on the head"]
    assert after.painted == before.painted and breakage.pence == 0 and not breakage.strokes
    assert "no stroke is lost" in breakage.description


def test_what_is_not_painted_yet_goes_back_to_the_bench(demo: Book) -> None:
    """Built again, it goes on where it was."""
    before, _, after = breaks(demo, "paint", GLUE)
    assert after.stage == "build" and after.painted == before.painted


def test_a_lost_part_is_owed_again_and_only_its_own_strokes_with_it(demo: Book) -> None:
    """Strokes of zones that are not on it stay done; resin and hands are told; primed and finished anew."""
    before, breakage, after = breaks(demo, "ready", REPRINT)
    part = demo.plans.parts[before.figure.build["head"]]
    on_it = set(demo.plans.part_zones[part.id].zones)
    assert breakage.strokes and {s.zone for s in breakage.strokes} <= on_it
    gone = before.painted - after.painted
    assert gone == {s.key for s in breakage.strokes}
    assert {s.zone for s in after.strokes if s.key in after.painted}.isdisjoint({s.zone for s in breakage.strokes})
    assert breakage.pence > 0 and after.number < before.number
    whole = sum(s.step.minutes for s in breakage.strokes)
    assert breakage.minutes < whole + 10, "a part is painted in less than the figure"


def test_a_pin_takes_longer_than_glue(demo: Book) -> None:
    minutes = [breaks(demo, "ready", how)[1].minutes for how in (GLUE, PIN)]
    assert minutes[0] < minutes[1]


def test_what_was_never_built_does_not_break(demo: Book) -> None:
    """Its parts fail on plates; that is told at Print."""
    assert not any(can_break(f) for f in told(demo).figures.values() if f.stage in ("sort", "pose", "plate", "print"))
