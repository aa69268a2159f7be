"""A journal of many years opens without reading its old entries again, and never tells anything else for it."""

from __future__ import annotations

import sqlite3
from datetime import datetime, timedelta
from pathlib import Path

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from helpers import EVENING, all_told
from numerus.book import journal
from numerus.book.book import Book
from numerus.book.database import SETTLED
from numerus.domain.journal import (
    Event,
    Fact,
    ForecastNoted,
    RunEnded,
    RunStarted,
    StepDone,
    Withdrawn,
)
from numerus.domain.plans import Plans
from numerus.progress.history import History
from numerus.progress.standing import standing

AT = datetime(2026, 3, 1, 20)
WASH = Fact(AT, StepDone("wash", carried_ml=2.0), "r", ("f1",), 5.0)


@pytest.fixture(autouse=True)
def _soon(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(journal, "LIVELY", 5)
    monkeypatch.setattr(journal, "SETTLE", 12)
    monkeypatch.setattr(journal, "RECENT", 3)


@pytest.fixture
def long(tmp_path: Path):  # type: ignore[no-untyped-def]
    """A book of thirty entries, settled."""
    book = Book.open(tmp_path / "long.numerus", create=True)
    for n in range(10):
        say(book, n, RunStarted("p", "m", 200.0))
        say(book, n, StepDone("wash", carried_ml=2.0))
        say(book, n, RunEnded(celsius=21.5) if n % 2 else ForecastNoted("2026-04-01"))
    yield reopened(book)


def say(book: Book, n: int, event: Event) -> None:
    book.commit(event.kind, facts=[Fact(AT + timedelta(minutes=n), event, f"r{n}", ("f1",), 5.0)])


def reopened(book: Book) -> Book:
    book.close()
    return Book.open(book.path)


def told(history: History) -> tuple[object, ...]:
    rare = [f for f in history.facts if isinstance(f.event, ForecastNoted)]
    return standing(Plans(), history), history.steps, history.carried, rare


def test_a_settled_journal_tells_what_all_its_entries_tell(long: Book) -> None:
    """Old entries are no longer held; runs, hands, baths and rare entries are as read from the start, also when it goes on."""
    assert len(long.history.facts) < 20 < len(all_told(long.path).facts)
    assert told(long.history) == told(all_told(long.path))
    say(long, 99, StepDone("cure"))
    assert told(long.history) == told(all_told(long.path))
    again = reopened(long)
    assert told(again.history) == told(all_told(again.path))
    again.close()


def test_undo_reaches_behind_what_is_settled(long: Book) -> None:
    """All thirty edits taken back one by one, and done again: each time as read from the start."""
    for turn in (Book.undo, Book.redo):
        while turn(long):
            assert told(long.history) == told(all_told(long.path))
        long = reopened(long)
        assert told(long.history) == told(all_told(long.path))


def test_undo_of_what_is_recent_reads_no_row(long: Book, monkeypatch: pytest.MonkeyPatch) -> None:
    """What the older entries tell is held; only who goes on to take those back waits for all rows."""
    read, rows = [], journal.read_rows
    monkeypatch.setattr(journal, "read_rows", lambda *given, **more: read.append(given) or rows(*given, **more))
    say(long, 50, StepDone("cure"))
    for turn in (long.undo, long.redo, long.undo, long.undo):
        turn()
        assert not read
    for _ in range(4):
        long.undo()
    assert read and told(long.history) == told(all_told(long.path))


@pytest.mark.parametrize(
    "touch",
    [
        "UPDATE journal SET minutes = 50 WHERE seq = 2",
        "DELETE FROM journal WHERE seq = 2",
        "DELETE FROM journal WHERE seq = 2; UPDATE journal SET seq = 2 WHERE seq = 3",
        "UPDATE journal SET seq = seq + 1000; INSERT INTO journal VALUES (7, '2026-03-01T20:00:00', 'step', 'r', '[\"f9\"]', 3, '{\"stage\": \"cure\"}')",
    ],
)
def test_what_another_program_does_to_old_rows_is_seen(long: Book, touch: str) -> None:
    """The file itself forgets what it kept of them."""
    long.close()
    with sqlite3.connect(long.path) as other:
        before = other.execute("SELECT count(*) FROM worked_out WHERE key = ?", (SETTLED,)).fetchone()
        other.executescript(touch)
        after = other.execute("SELECT count(*) FROM worked_out WHERE key = ?", (SETTLED,)).fetchone()
    other.close()
    assert (before[0], after[0]) == (1, 0)
    again = Book.open(long.path)
    assert told(again.history) == told(all_told(again.path))
    again.close()


@pytest.mark.parametrize("kept", [b"no JSON", b"[3, {}]extra", b'[4, {"runs": 7}]', b""])
def test_what_was_kept_and_cannot_be_read_is_worked_out_again(long: Book, kept: bytes) -> None:
    """Rows are the truth."""
    long.keep_worked_out(SETTLED, kept)
    again = reopened(long)
    assert told(again.history) == told(all_told(again.path)) and again.worked_out(SETTLED) != kept
    again.close()


def test_a_book_that_cannot_be_written_is_read_all_the_same(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    """A full disk at opening costs time, not the opening."""
    book = Book.open(tmp_path / "a.numerus", create=True)
    book.commit("much", facts=[WASH] * 40)
    book.close()
    with sqlite3.connect(book.path) as other:
        other.execute("CREATE TRIGGER full BEFORE INSERT ON worked_out BEGIN SELECT RAISE(ABORT, 'full'); END")
    other.close()
    again = Book.open(book.path)
    assert again.worked_out(SETTLED) is None and again.history.hands == {"f1": 200.0}
    again.close()


@settings(max_examples=40, suppress_health_check=[HealthCheck.function_scoped_fixture], deadline=None)
@given(st.lists(st.sampled_from(["say", "say", "say", "undo", "redo", "open"]), max_size=60))
def test_any_story_is_told_as_its_rows_tell_it(tmp_path_factory: pytest.TempPathFactory, story: list[str]) -> None:
    """Entries, undo, redo and reopening in any order."""
    book = Book.open(tmp_path_factory.mktemp("story") / "a.numerus", create=True)
    for n, what in enumerate(story):
        if what == "say":
            say(book, n, StepDone("wash", carried_ml=float(n)))
        elif what == "open":
            book = reopened(book)
        else:
            getattr(book, what)()
        assert told(book.history) == told(all_told(book.path))
    book.close()


def test_a_correction_that_is_undone_is_turned_round(tmp_path: Path) -> None:
    """An entry taken out by a correction: undone it is there, done again gone, both undone it was never made; read anew alike."""
    book = Book.open(tmp_path / "b.numerus", create=True)
    book.commit("a step", facts=[Fact(EVENING, StepDone("build"), "", ("f",), 5.0)])
    (made,) = book.history.facts
    book.commit("taken out", facts=[Fact(EVENING, Withdrawn((made.seq,)))])
    there = []
    for turn in (None, book.undo, book.redo, book.undo, book.undo, book.redo):
        if turn is not None:
            turn()
        again = Book.open(tmp_path / "b.numerus")
        assert [f.seq for f in again.history.facts] == [f.seq for f in book.history.facts]
        there.append(len(book.history.facts))
    assert there == [0, 1, 0, 1, 0, 1]
