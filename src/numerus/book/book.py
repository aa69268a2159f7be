"""The book: one army in one SQLite file. Plans are documents, facts are journal entries, every edit can be undone.

Each edit is one transaction, written through to the disk before it returns: killing the program at any moment loses no
completed change. Undo of a plan writes the earlier document back; undo of a journal entry appends a withdrawal.
"""

from __future__ import annotations

import contextlib
import json
import sqlite3
from collections.abc import Iterable, Iterator, Mapping, Sequence
from contextlib import contextmanager
from dataclasses import dataclass, fields
from datetime import datetime
from pathlib import Path
from typing import Any, NamedTuple

from numerus.book.database import Database
from numerus.book.documents import KINDS, kind_of, read, written
from numerus.book.journal import Journal
from numerus.book.opening import prepare
from numerus.book.pruning import digest_of, prune
from numerus.domain.journal import Event, Fact, Restored, Withdrawn
from numerus.domain.plans import Plans
from numerus.errors import BookError
from numerus.progress.history import History
from numerus.words import counted

_FIELD = {kind: kind + "s" for kind in KINDS} | {"army": "army", "part_zones": "part_zones", "mix": "mixes"}


def _fields_told(event: Event) -> dict[str, Any]:
    """An event's fields as they are written: those that say more than nothing, its kind apart."""
    values = {f.name: getattr(event, f.name) for f in fields(event)}
    return {f.name: values[f.name] for f in fields(event) if f.name != "kind" and values[f.name] != f.default}


@dataclass(frozen=True)
class Removed:
    """A plan to be taken out: its kind and id."""

    kind: str
    id: str


class _Edit(NamedTuple):
    """A row of what was edited: ``changes`` and ``entries`` as the JSON they are kept as."""

    seq: int
    label: str
    changes: str
    entries: str


class Book:
    """An open book. ``plans`` is a snapshot, replaced whole after every edit; ``history`` is what its journal tells."""

    def __init__(self, path: Path, database: Database, notices: Sequence[str]) -> None:
        self.path, self.notices = path, list(notices)
        self._database = database
        self._read()
        if lost := len(self._journal.lost):
            self.notices.append(f"Left out of the journal: {counted(lost, 'damaged row')}.")

    @classmethod
    def open(cls, path: Path, create: bool = False) -> Book:
        """Open a book, bringing an older one up to date, saving what can be saved of a damaged one.

        Raises BookError where there is none, it is no book, or a newer program wrote it.
        """
        notices = prepare(path, create)
        try:
            return cls(path, Database(path), notices)
        except sqlite3.Error as error:
            raise BookError("unreadable", f"{path.name} cannot be read: {error}.", "It was left as it is.") from error

    def close(self) -> None:
        """What nobody refers to any more goes with it: at the end, when nobody waits to begin."""
        with contextlib.suppress(sqlite3.Error):  # a file that cannot be written keeps what nobody needs
            prune(self._database)
        self._database.close()

    def _read(self) -> None:
        """All of it as the file stands, or nothing where it cannot be read."""
        version, bodies, journal = self._version(), self._load(), Journal(self._database, self)
        self._seen, self._bodies, self._journal = version, bodies, journal
        self._fold()

    def _version(self) -> int:
        """Another number whenever another program wrote into the file."""
        return int(self._database.value("PRAGMA data_version"))

    def catch_up(self) -> bool:
        """Read what another program changed since; whether plans or journal are others now. Raises BookError while it writes."""
        with self._faults():
            if self._version() == self._seen:
                return False
            plans, last = self.plans, self._journal.last_seq
            self._read()
        return (plans, last) != (self.plans, self._journal.last_seq)

    def _load(self) -> dict[str, dict[str, Any]]:
        """Plans by kind and id."""
        bodies: dict[str, dict[str, Any]] = {kind: {} for kind in KINDS}
        for kind, id_, body in self._database.rows("SELECT kind, id, body FROM plan ORDER BY rowid"):
            try:
                bodies[kind][id_] = read(kind, body)
            except (BookError, KeyError):
                self.notices.append(f"A damaged {kind} was left out.")
        return bodies

    @property
    def history(self) -> History:
        return self._journal.history

    def _fold(self) -> None:
        army = next(iter(self._bodies["army"].values()), None)
        others = {_FIELD[kind]: dict(found) for kind, found in self._bodies.items() if kind != "army"}
        self.plans = Plans(army, **others)

    def commit(self, label: str, documents: Iterable[Any] = (), facts: Iterable[Fact] = ()) -> None:
        """One edit: documents written or Removed, facts appended, all or nothing; what was undone can no longer be redone."""
        self._stands_as_seen()
        changes = [self._change(d) for d in documents]
        changes = [c for c in changes if c[2] != c[3]]
        new = list(facts)
        if not changes and not new:
            return
        with self._transaction():
            entries = self._append(new)
            self._write([(k, i, after) for k, i, _, after in changes])
            self._database.execute("DELETE FROM edit WHERE undone")
            told = (label, json.dumps(changes), json.dumps([e.seq for e in entries]))
            self._database.execute("INSERT INTO edit (label, changes, entries, undone) VALUES (?, ?, ?, 0)", told)
        self._take_in([(k, i, after) for k, i, _, after in changes], entries)

    def tell(self, facts: Iterable[Fact]) -> None:
        """What happened by itself, at a machine: it is in the journal, but no edit, and undo takes back what a person did."""
        self._stands_as_seen()
        with self._transaction():
            entries = self._append(facts)
        self._take_in([], entries)

    def _stands_as_seen(self) -> None:
        """Raises BookError where another program wrote meanwhile: what is asked for was about what stood there before."""
        if self.catch_up():
            raise BookError(
                "changed-elsewhere", f"Another program changed {self.path.name} meanwhile.",
                "It was read again and nothing was overwritten: look, and do it once more.",
            )  # fmt: skip

    def _change(self, document: Any) -> tuple[str, str, str | None, str | None]:
        kind = document.kind if isinstance(document, Removed) else kind_of(document)
        before = self._bodies[kind].get(document.id)
        after = None if isinstance(document, Removed) else written(document)
        return kind, document.id, None if before is None else written(before), after

    @contextmanager
    def _faults(self) -> Iterator[None]:
        """Faults of the disk or the file (full, read-only, gone, locked) come out as BookError."""
        try:
            yield
        except sqlite3.Error as error:
            raise BookError(
                "unwritable",
                f"{self.path.name} could not be written: {error}.",
                "The last change was not made; all before it is kept.",
            ) from error

    @contextmanager
    def _transaction(self) -> Iterator[None]:
        """All or nothing."""
        with self._faults(), self._database.transaction():
            yield

    def _append(self, facts: Iterable[Fact]) -> list[Fact]:
        kept = []
        for fact in facts:
            row = (fact.at.isoformat(), fact.event.kind, fact.subject, json.dumps(fact.figures), fact.minutes,
                   json.dumps(_fields_told(fact.event)))  # fmt: skip
            written_row = self._database.execute(
                "INSERT INTO journal (at, kind, subject, figures, minutes, data) VALUES (?, ?, ?, ?, ?, ?)", row
            )
            kept.append(fact._replace(seq=written_row.lastrowid or 0))
        return kept

    def _write(self, changes: Iterable[tuple[str, str, str | None]]) -> None:
        """A plan that is there keeps its row and so its place among the others."""
        for kind, id_, body in changes:
            if body is None:
                self._database.execute("DELETE FROM plan WHERE kind = ? AND id = ?", (kind, id_))
            else:
                self._database.execute(
                    "INSERT INTO plan (kind, id, body) VALUES (?, ?, ?) ON CONFLICT (kind, id) DO UPDATE SET body = excluded.body",
                    (kind, id_, body),
                )

    def _take_in(self, changes: Iterable[tuple[str, str, str | None]], entries: Sequence[Fact]) -> None:
        for kind, id_, body in changes:
            if body is None:
                self._bodies[kind].pop(id_, None)
            else:  # in its place: the first machine stays the first, also when it is changed
                self._bodies[kind][id_] = read(kind, body)
        self._fold()
        self._journal.take(entries)

    def _edit(self, undone: bool) -> _Edit | None:
        """The edit next in line: the last done one, or the first undone one."""
        order = "ASC" if undone else "DESC"
        found = self._database.row(
            f"SELECT seq, label, changes, entries FROM edit WHERE undone = ? ORDER BY seq {order} LIMIT 1", (undone,)
        )
        return None if found is None else _Edit(*found)

    def undo_label(self) -> str:
        """What undo would take back, "" if nothing."""
        edit = self._edit(False)
        return edit.label if edit else ""

    def redo_label(self) -> str:
        edit = self._edit(True)
        return edit.label if edit else ""

    def undo(self) -> str:
        """Take the last edit back; its label, or "" if there was none."""
        self._stands_as_seen()
        return self._turn(self._edit(False), True)

    def redo(self) -> str:
        self._stands_as_seen()
        return self._turn(self._edit(True), False)

    def _turn(self, edit: _Edit | None, back: bool) -> str:
        if edit is None:
            return ""
        changes = [(k, i, before if back else after) for k, i, before, after in json.loads(edit.changes)]
        seqs = json.loads(edit.entries)
        with self._transaction():
            entries = self._append(_turned(self._database, seqs, back) if seqs else [])
            self._write(changes)
            self._database.execute("UPDATE edit SET undone = ? WHERE seq = ?", (back, edit.seq))
        self._take_in(changes, entries)
        return edit.label

    def put_blob(self, data: bytes) -> str:
        """Keep bytes by their digest; the same bytes are kept once, and put right where they were damaged."""
        digest = digest_of(data)
        with self._faults():
            if self._database.value("SELECT data FROM blob WHERE digest = ?", (digest,)) != data:
                with self._database.transaction():
                    self._database.execute("INSERT OR REPLACE INTO blob (digest, data) VALUES (?, ?)", (digest, data))
        return digest

    def keep_worked_out(self, key: str, data: bytes) -> None:
        """Keep what took long and can be worked out again; it belongs to no edit."""
        self.keep_all_worked_out({key: data})

    def keep_all_worked_out(self, kept: Mapping[str, bytes]) -> None:
        """Several, by their keys, in one go."""
        with self._transaction():
            for row in kept.items():
                self._database.execute("INSERT OR REPLACE INTO worked_out (key, data) VALUES (?, ?)", row)

    def worked_out(self, key: str) -> bytes | None:
        return self._database.value("SELECT data FROM worked_out WHERE key = ?", (key,))

    def blob(self, digest: str) -> bytes:
        """Raises BookError where it is missing."""
        stored: bytes | None = self._database.value("SELECT data FROM blob WHERE digest = ?", (digest,))
        if stored is None:
            raise BookError("no-blob", "A mesh of this book is missing.", "Import its file again.")
        return stored


def _turned(database: Database, seqs: Sequence[int], back: bool) -> list[Fact]:
    """Corrections that undo an edit's entries, or do them again. A correction among them is turned round itself: a correction of a
    correction would say nothing.
    """
    away, there = set[int](), set[int]()
    for seq, kind, data in database.rows(
        "SELECT seq, kind, data FROM journal WHERE seq IN (SELECT value FROM json_each(?))", (json.dumps(seqs),)
    ):
        named = set(json.loads(data).get("seqs", ())) if kind in _CORRECTIONS else {seq}
        goes = back != (kind == Withdrawn(()).kind)
        (away if goes else there).update(named)
    now = datetime.now()
    return [Fact(now, made(tuple(sorted(found)))) for made, found in ((Withdrawn, away), (Restored, there)) if found]


_CORRECTIONS = {Withdrawn(()).kind, Restored(()).kind}
