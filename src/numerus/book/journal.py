"""The journal of an open book: what all its entries tell, without reading those of long ago again.

Once there are many, what the older ones tell is kept beside them, as of one entry, and the rows after that one are read. It is
no second truth: the file itself throws it away when a row that it covers is touched (triggers, revision 0003), a correction
that reaches behind it makes it be left aside, and without it every row is read. In the same way what all but the newest tell
is held while the book is open, so that undo goes through those alone.
"""

from __future__ import annotations

import contextlib
import gc
import json
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import dataclass
from datetime import datetime
from functools import cache, partial
from itertools import islice
from typing import TYPE_CHECKING, Any, Protocol

from msgspec import DecodeError
from msgspec.json import decode

from numerus.book.database import SETTLED, Database
from numerus.domain.journal import EVENTS, Event, Fact, Restored, Withdrawn, corrected, taken_back
from numerus.errors import BookError
from numerus.progress.history import History

if TYPE_CHECKING:
    from pydantic import TypeAdapter

LIVELY = 20_000
"""Newest entries that stay as they are, and more: how far undo reaches without reading all."""
SETTLE = 3 * LIVELY
RECENT = 1_000
"""Newest entries at opening that undo goes through, with those that come; one of an older entry reads the rows."""


class Shelf(Protocol):
    """Keeps what was worked out; may raise BookError."""

    def worked_out(self, key: str) -> bytes | None: ...
    def keep_worked_out(self, key: str, data: bytes) -> None: ...


class Journal:
    """``history`` is what all entries tell, ``lost`` the rows that cannot be read, ``last_seq`` the newest entry; ``take``
    entries just written.
    """

    _checkpoint: _Checkpoint
    _recent: list[Fact]  # all after those, corrections included

    def __init__(self, database: Database, shelf: Shelf) -> None:
        self._database, self._shelf = database, shelf
        self._read()

    def take(self, entries: Sequence[Fact]) -> None:
        corrections = [e for e in entries if _corrects(e)]
        if _reach_back_to(self._checkpoint.seq, corrections):
            self._read()
        elif entries:
            self._recent += entries
            self.last_seq = entries[-1].seq
            if corrections:
                self.history = self._checkpoint.replayed(self._recent)
            else:
                self.history.take(entries)

    def _read(self) -> None:
        with _uncollected():
            seq, history = self._settled()
            corrections = list(read_rows(self._database, seq, _CORRECTIONS))
            if _reach_back_to(seq, corrections):
                seq, history, corrections = 0, History(), list(read_rows(self._database, 0, _CORRECTIONS))
            settled = self._go_through(seq, history, corrections)
        if settled:  # a file that cannot be written is gone through each time
            with contextlib.suppress(BookError):
                self._shelf.keep_worked_out(SETTLED, settled)

    def _settled(self) -> tuple[int, History]:
        data = self._shelf.worked_out(SETTLED)
        with contextlib.suppress(ValueError):
            if data is not None:
                return _adapter().validate_json(data)
        return 0, History()

    def _go_through(self, after: int, history: History, corrections: list[Fact]) -> bytes:
        """The entries after one, added to the history; it as of all but the newest, to be kept, b"" where nothing is.

        They are taken piece by piece: what was just read is gone through while it is near.
        """
        lost, last_seq, settled = list[int](), after, b""
        gone, many = taken_back(corrections), _count(self._database, after)
        rows, old = read_rows(self._database, after, lost=lost), many // LIVELY - 1 if many > SETTLE else 0
        for number, piece in enumerate(_pieces(rows, many - RECENT), 1):
            last_seq = piece[-1].seq
            history.take([e for e in piece if not _corrects(e) and e.seq not in gone])
            if number <= old:
                history.settle()
            if number == old and not _reach_back_to(last_seq, (c for c in corrections if c.seq > last_seq)):
                settled = _adapter().dump_json((last_seq, history), exclude_defaults=True)
        checkpoint, recent = _Checkpoint(last_seq, history), list(rows)
        history = checkpoint.replayed(recent)
        last_seq = recent[-1].seq if recent else last_seq
        # all of it, or what was known before
        self.history, self.lost, self.last_seq, self._checkpoint, self._recent = history, lost, last_seq, checkpoint, recent
        return settled


@dataclass(frozen=True)
class _Checkpoint:
    """What all entries up to one tell, corrections made since included; it is not gone on by itself."""

    seq: int
    history: History

    def replayed(self, entries: Sequence[Fact]) -> History:
        """With those after it; what of them corrects an entry up to it is in it already."""
        gone, whole = taken_back([e for e in entries if _corrects(e)]), self.history.copy()
        whole.take([e for e in entries if not _corrects(e) and e.seq not in gone])
        return whole


_CORRECTIONS = f"AND kind IN ('{Withdrawn(()).kind}', '{Restored(()).kind}')"


def _corrects(entry: Fact) -> bool:
    return isinstance(entry.event, Withdrawn | Restored)


def _reach_back_to(seq: int, corrections: Iterable[Fact]) -> bool:
    """Whether one of them corrects an entry so old."""
    return any(named <= seq for c in corrections for named in corrected(c))


def _count(database: Database, after: int) -> int:
    count: int = database.value("SELECT count(*) FROM journal WHERE seq > ?", (after,))
    return count


def _pieces(rows: Iterator[Fact], many: int) -> Iterator[list[Fact]]:
    """So many rows, piece by piece; the rest is left."""
    while many > 0 and (piece := list(islice(rows, min(many, LIVELY)))):
        yield piece
        many -= len(piece)


@cache
def _adapter() -> TypeAdapter[tuple[int, History]]:
    """Read where there is something settled: it takes longer to import than the rest of the journal to be read."""
    from pydantic import TypeAdapter

    return TypeAdapter(tuple[int, History])


@contextlib.contextmanager
def _uncollected() -> Iterator[None]:
    """Without the collector, which would look through what is read again and again."""
    enabled = gc.isenabled()
    gc.disable()
    try:
        yield
    finally:
        if enabled:
            gc.enable()


def read_rows(database: Database, after: int = 0, but: str = "", lost: list[int] | None = None) -> Iterator[Fact]:
    """The entries after one, in order, without a row object each; what is the same in many is made once and kept once.

    ``lost`` is told of damaged ones.
    """
    same, whom = _Once(str), _Once(lambda text: tuple(decode(text)))
    what = {kind: _Once(partial(_event, make_fact)) for kind, make_fact in EVENTS.items()}
    when, make_fact = datetime.fromisoformat, tuple.__new__
    columns = "SELECT at, kind, subject, figures, minutes, data, seq FROM journal"
    for at, kind, subject, figures, minutes, data, seq in database.execute(
        f"{columns} WHERE seq > ? {but} ORDER BY seq", (after,)
    ):
        try:
            yield make_fact(Fact, (when(at), what[kind][data], same[subject], whom[figures], minutes, seq))
        except (KeyError, TypeError, ValueError):
            if lost is not None:
                lost.append(seq)


def _event(event_class: type, text: str) -> Event:
    """What an entry's fields tell; lists are kept as the tuples they were. Raises ValueError or TypeError where they are not its own."""
    try:
        data = decode(text)
    except DecodeError:  # numbers that are none, as Python writes them
        data = json.loads(text)
    for name, value in data.items():
        if isinstance(value, list):
            data[name] = tuple(tuple(v) if isinstance(v, list) else v for v in value)
    event: Event = event_class(**data)
    return event


class _Once(dict[str, Any]):
    """What a text means, worked out when it is met first."""

    def __init__(self, make: Callable[[str], Any]) -> None:
        super().__init__()
        self._make = make

    def __missing__(self, text: str) -> Any:
        self[text] = maker = self._make(text)
        return maker
