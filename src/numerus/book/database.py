"""The file of a book as SQLite reads and writes it: one connection, every commit on the disk before it returns.

Python's own module, for what is done at every start and every edit; revisions of the schema are SQLAlchemy's and Alembic's,
which take a fifth of a second to import and are asked only where a book is made or brought up to date.
"""

from __future__ import annotations

import sqlite3
import threading
from collections.abc import Iterator, Sequence
from contextlib import contextmanager
from pathlib import Path
from typing import Any

SCHEMA = 5
"""Kept in SQLite's user_version, so that it can be read before anything else is."""
SETTLED = "journal"
"""What older entries tell, among what was worked out; triggers of the file name it, too (revision 0003)."""
APPLICATION_ID = 0x4E554D52  # "NUMR"
TABLES = ("plan", "journal", "edit", "blob", "worked_out")
SETTINGS = ("PRAGMA journal_mode=DELETE", "PRAGMA synchronous=FULL")


class Database:
    """A connection that threads may share; what one of them writes as a whole no other gets into. Raises sqlite3.Error."""

    def __init__(self, path: Path) -> None:
        self._connection = sqlite3.connect(path, isolation_level=None, check_same_thread=False)
        self._writing = threading.RLock()
        for setting in SETTINGS:
            self.execute(setting)

    def close(self) -> None:
        self._connection.close()

    def execute(self, statement: str, values: Sequence[Any] = ()) -> sqlite3.Cursor:
        return self._connection.execute(statement, values)

    def rows(self, statement: str, values: Sequence[Any] = ()) -> list[Any]:
        return self.execute(statement, values).fetchall()

    def row(self, statement: str, values: Sequence[Any] = ()) -> Any:
        """The first row, None where there is none."""
        return self.execute(statement, values).fetchone()

    def value(self, statement: str, values: Sequence[Any] = ()) -> Any:
        """The first column of the first row, None where there is none."""
        found = self.row(statement, values)
        return None if found is None else found[0]

    @contextmanager
    def transaction(self) -> Iterator[None]:
        """All or nothing, and as one against other programs from its first statement on."""
        with self._writing:
            self.execute("BEGIN IMMEDIATE")
            try:
                yield
                self.execute("COMMIT")
            except BaseException:
                if self._connection.in_transaction:  # a full disk has rolled it back already
                    self.execute("ROLLBACK")
                raise
