"""The journal of an open book: what all its entries tell, without reading those of long ago again.

Once there are many, what the older ones tell is kept beside them, as of one entry, and the rows after that one are read. It is
no second truth: the file itself throws it away when a row that it covers is touched (triggers, revision 0003), a correction
that reaches behind it makes it be left aside, and without it every row is read.
"""

from __future__ import annotations

import contextlib
import gc
from collections.abc import Callable, Iterable, Iterator, Sequence
from datetime import datetime
from functools import cache
from typing import Any, Protocol

from pydantic import TypeAdapter, ValidationError
from pydantic_core import from_json

from numerus.book.tables import SETTLED
from numerus.errors import BookError
from numerus.kit.facts import RESTORED, WITHDRAWN, Fact, active
from numerus.ledger.history import History

LIVELY = 20_000
"""Newest entries that stay as they are: how far undo reaches without reading all."""
SETTLE = 3 * LIVELY


class Shelf(Protocol):
    """Where the journal lies: its rows, and what was worked out of them."""

    def rows(self, after: int) -> list[Fact]: ...
    def worked_out(self, key: str) -> bytes | None: ...
    def keep_worked_out(self, key: str, data: bytes) -> None: ...


class Journal:
    """``history`` is what all entries tell; ``take`` those just written."""

    def __init__(self, shelf: Shelf) -> None:
        self._shelf = shelf
        self.history = self._read()

    def take(self, entries: Sequence[Fact]) -> None:
        if any(_corrects(entries)):
            self.history = self._read()
        else:
            self.history.take(entries)

    def _read(self) -> History:
        seq, history = self._settled()
        entries = self._shelf.rows(seq)
        if seq and any(named <= seq for named in _corrects(entries)):
            history, entries = History(), self._shelf.rows(0)
        if len(entries) > SETTLE:
            history, entries = self._settle(history, entries)
        history.take(active(entries))
        return history

    def _settled(self) -> tuple[int, History]:
        data = self._shelf.worked_out(SETTLED)
        with contextlib.suppress(ValidationError):
            if data is not None:
                return _adapter().validate_json(data)
        return 0, History()

    def _settle(self, history: History, entries: list[Fact]) -> tuple[History, list[Fact]]:
        """All but the newest entries gone through and kept; a file that cannot be written is read whole each time."""
        old, new = entries[:-LIVELY], entries[-LIVELY:]
        if any(named <= old[-1].seq for named in _corrects(new)):
            return history, entries
        history.take(active(old))
        history.settle()
        with contextlib.suppress(BookError):
            self._shelf.keep_worked_out(SETTLED, _adapter().dump_json((old[-1].seq, history)))
        return history, new


@cache
def _adapter() -> TypeAdapter[tuple[int, History]]:
    return TypeAdapter(tuple[int, History])


def _corrects(entries: Iterable[Fact]) -> Iterable[int]:
    """Entries named by corrections."""
    return (seq for e in entries if e.kind in (WITHDRAWN, RESTORED) for seq in e.data["seqs"])


def read_rows(cursor: Any, after: int) -> tuple[list[Fact], int]:
    """The entries after one, in order, and how many of them are damaged. Half a million rows are read one by one without a
    row object each and without the collector, which would look through all of them again and again.
    """
    rows = "SELECT at, kind, subject, figures, minutes, data, seq FROM journal WHERE seq > ? ORDER BY seq"
    gc.disable()
    try:
        return list(_facts(cursor.execute(rows, (after,)))), 0
    except ValueError:
        read = [_one(row) for row in cursor.execute(rows, (after,))]
        return [fact for fact in read if fact is not None], read.count(None)
    finally:
        cursor.close()
        gc.enable()
        gc.freeze()


def _facts(rows: Iterable[Any]) -> Iterator[Fact]:
    """What is the same in many rows is made once and kept once."""
    same, whom, what = _Once(str), _Once(lambda text: tuple(from_json(text))), _Once(from_json)
    when, made = datetime.fromisoformat, tuple.__new__
    return (
        made(Fact, (when(at), same[kind], same[subject], whom[figures], minutes, what[data], seq))
        for at, kind, subject, figures, minutes, data, seq in rows
    )


def _one(row: Any) -> Fact | None:
    with contextlib.suppress(ValueError):
        return next(_facts([row]))
    return None


class _Once(dict[str, Any]):
    """What a text means, worked out when it is met first."""

    def __init__(self, make: Callable[[str], Any]) -> None:
        super().__init__()
        self._make = make

    def __missing__(self, text: str) -> Any:
        self[text] = made = self._make(text)
        return made
