"""The file as a database: whole transactions, and nothing read at a start that only revisions of the schema need."""

from __future__ import annotations

import contextlib
import sqlite3
import subprocess
import sys
import threading
from pathlib import Path

import pytest

from numerus.book.book import Book
from numerus.book.database import Database

PUT = "INSERT INTO worked_out (key, data) VALUES (?, ?)"


@pytest.fixture
def database(tmp_path: Path):
    Book.open(tmp_path / "army.numerus", create=True).close()
    with contextlib.closing(Database(tmp_path / "army.numerus")) as opened:
        yield opened


def count(database: Database) -> int:
    return int(database.value("SELECT count(*) FROM worked_out"))


def test_a_transaction_that_fails_leaves_nothing_behind(database: Database) -> None:
    """Neither where the program fails within it nor where the database does."""
    for fault, statement in ((ZeroDivisionError, None), (sqlite3.Error, "INSERT INTO nowhere VALUES (1)")):
        with pytest.raises(fault), database.transaction():
            database.execute(PUT, ("a", b""))
            if statement is None:
                raise ZeroDivisionError
            database.execute(statement)
        assert count(database) == 0
    with database.transaction():
        database.execute(PUT, ("a", b""))
    assert count(database) == 1


def test_no_thread_writes_into_what_another_writes_as_a_whole(database: Database) -> None:
    """One that fails takes back its own rows alone, however the two are timed."""
    within, done = threading.Event(), threading.Event()

    def other() -> None:
        within.wait()
        done.set()  # from here on it waits for its turn
        with database.transaction():
            database.execute(PUT, ("other", b""))

    thread = threading.Thread(target=other)
    thread.start()
    with pytest.raises(ZeroDivisionError), database.transaction():
        database.execute(PUT, ("own", b""))
        within.set()
        done.wait()
        thread.join(0.1)
        raise ZeroDivisionError
    thread.join()
    assert database.rows("SELECT key FROM worked_out") == [("other",)]


def test_a_known_book_is_opened_without_what_only_a_revision_needs(tmp_path: Path) -> None:
    """SQLAlchemy and Alembic take long to import; making a book asks for them, opening one does not."""
    path = tmp_path / "army.numerus"
    Book.open(path, create=True).close()
    asked = "import sys; from pathlib import Path; from numerus.book.book import Book; Book.open(Path(sys.argv[1]));"
    told = subprocess.run(
        [sys.executable, "-c", asked + "print({'sqlalchemy', 'alembic'} & set(sys.modules))", str(path)],
        capture_output=True, text=True, check=True,
    )  # fmt: skip
    assert told.stdout.strip() == "set()"
