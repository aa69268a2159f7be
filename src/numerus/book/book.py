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
from typing import Any

import sqlalchemy as sa

from numerus.book import tables
from numerus.book.documents import KINDS, kind_of, read, written
from numerus.book.journal import Journal
from numerus.book.opening import engine_for, prepare
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


class Book:
    """An open book. ``plans`` is a snapshot, replaced whole after every edit; ``history`` is what its journal tells."""

    def __init__(self, path: Path, engine: sa.Engine, notices: Sequence[str]) -> None:
        self.path, self.notices = path, list(notices)
        self._engine = engine
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
            return cls(path, engine_for(path), notices)
        except (sa.exc.DBAPIError, sqlite3.Error) as error:
            why = getattr(error, "orig", error)
            raise BookError("unreadable", f"{path.name} cannot be read: {why}.", "It was left as it is.") from error

    def close(self) -> None:
        """What nobody refers to any more goes with it: at the end, when nobody waits to begin."""
        with contextlib.suppress(sa.exc.DBAPIError):  # a file that cannot be written keeps what nobody needs
            prune(self._engine)
        self._engine.dispose()

    def _read(self) -> None:
        """All of it as the file stands, or nothing where it cannot be read."""
        version, bodies, journal = self._version(), self._load(), Journal(self._engine, self)
        self._seen, self._bodies, self._journal = version, bodies, journal
        self._fold()

    def _version(self) -> int:
        """Another number whenever another program wrote into the file."""
        with self._engine.connect() as connection:
            return int(connection.exec_driver_sql("PRAGMA data_version").scalar_one())

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
        with self._engine.connect() as connection:
            for kind, id_, body in connection.execute(sa.select(tables.plan).order_by(sa.text("rowid"))):
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
        with self._transaction() as connection:
            entries = self._append(connection, new)
            self._write(connection, [(k, i, after) for k, i, _, after in changes])
            connection.execute(sa.delete(tables.edit).where(tables.edit.c.undone))
            row = {
                "label": label,
                "changes": json.dumps(changes),
                "entries": json.dumps([e.seq for e in entries]),
                "undone": False,
            }
            connection.execute(sa.insert(tables.edit).values(row))
        self._take_in([(k, i, after) for k, i, _, after in changes], entries)

    def tell(self, facts: Iterable[Fact]) -> None:
        """What happened by itself, at a machine: it is in the journal, but no edit, and undo takes back what a person did."""
        self._stands_as_seen()
        with self._transaction() as connection:
            entries = self._append(connection, facts)
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
        except (sa.exc.DBAPIError, sqlite3.Error) as error:
            raise BookError(
                "unwritable",
                f"{self.path.name} could not be written: {getattr(error, 'orig', error)}.",
                "The last change was not made; all before it is kept.",
            ) from error

    @contextmanager
    def _transaction(self) -> Iterator[sa.Connection]:
        """All or nothing."""
        with self._faults(), self._engine.begin() as connection:
            yield connection

    def _append(self, connection: sa.Connection, facts: Iterable[Fact]) -> list[Fact]:
        kept = []
        for fact in facts:
            row = {"at": fact.at.isoformat(), "kind": fact.event.kind, "subject": fact.subject, "figures": json.dumps(fact.figures),
                   "minutes": fact.minutes, "data": json.dumps(_fields_told(fact.event))}  # fmt: skip
            seq = connection.execute(sa.insert(tables.journal).values(row)).inserted_primary_key
            kept.append(fact._replace(seq=seq[0] if seq else 0))
        return kept

    def _write(self, connection: sa.Connection, changes: Iterable[tuple[str, str, str | None]]) -> None:
        for kind, id_, body in changes:
            here = (tables.plan.c.kind == kind) & (tables.plan.c.id == id_)
            if body is None:
                connection.execute(sa.delete(tables.plan).where(here))
            elif not connection.execute(sa.update(tables.plan).where(here).values(body=body)).rowcount:
                connection.execute(sa.insert(tables.plan).values(kind=kind, id=id_, body=body))

    def _take_in(self, changes: Iterable[tuple[str, str, str | None]], entries: Sequence[Fact]) -> None:
        for kind, id_, body in changes:
            if body is None:
                self._bodies[kind].pop(id_, None)
            else:  # in its place: the first machine stays the first, also when it is changed
                self._bodies[kind][id_] = read(kind, body)
        self._fold()
        self._journal.take(entries)

    def _edit(self, undone: bool) -> Any:
        """The edit next in line: the last done one, or the first undone one."""
        order = tables.edit.c.seq if undone else tables.edit.c.seq.desc()
        with self._engine.connect() as connection:
            return connection.execute(
                sa.select(tables.edit).where(tables.edit.c.undone == undone).order_by(order).limit(1)
            ).first()

    def undo_label(self) -> str:
        """What undo would take back, "" if nothing."""
        label = self._edit(False)
        return label.label if label else ""

    def redo_label(self) -> str:
        label = self._edit(True)
        return label.label if label else ""

    def undo(self) -> str:
        """Take the last edit back; its label, or "" if there was none."""
        self._stands_as_seen()
        return self._turn(self._edit(False), True)

    def redo(self) -> str:
        self._stands_as_seen()
        return self._turn(self._edit(True), False)

    def _turn(self, edit_row: Any, back: bool) -> str:
        if edit_row is None:
            return ""
        changes = [(k, i, before if back else after) for k, i, before, after in json.loads(edit_row.changes)]
        seqs = json.loads(edit_row.entries)
        with self._transaction() as connection:
            entries = self._append(connection, _turned(connection, seqs, back) if seqs else [])
            self._write(connection, changes)
            connection.execute(sa.update(tables.edit).where(tables.edit.c.seq == edit_row.seq).values(undone=back))
        self._take_in(changes, entries)
        return str(edit_row.label)

    def put_blob(self, data: bytes) -> str:
        """Keep bytes by their digest; the same bytes are kept once, and put right where they were damaged."""
        digest = digest_of(data)
        with self._transaction() as connection:
            kept = connection.execute(sa.select(tables.blob.c.data).where(tables.blob.c.digest == digest)).scalar()
            if kept is None or bytes(kept) != data:
                connection.execute(sa.insert(tables.blob).prefix_with("OR REPLACE").values(digest=digest, data=data))
        return digest

    def keep_worked_out(self, key: str, data: bytes) -> None:
        """Keep what took long and can be worked out again; it belongs to no edit."""
        self.keep_all_worked_out({key: data})

    def keep_all_worked_out(self, kept: Mapping[str, bytes]) -> None:
        """Several, by their keys, in one go."""
        rows = [{"key": key, "data": data} for key, data in kept.items()]
        with self._transaction() as connection:
            connection.execute(sa.insert(tables.worked_out).prefix_with("OR REPLACE"), rows)

    def worked_out(self, key: str) -> bytes | None:
        with self._engine.connect() as connection:
            stored = connection.execute(sa.select(tables.worked_out.c.data).where(tables.worked_out.c.key == key))
            data = stored.scalar()
        return None if data is None else bytes(data)

    def blob(self, digest: str) -> bytes:
        """Raises BookError where it is missing."""
        with self._engine.connect() as connection:
            stored = connection.execute(sa.select(tables.blob.c.data).where(tables.blob.c.digest == digest)).scalar()
        if stored is None:
            raise BookError("no-blob", "A mesh of this book is missing.", "Import its file again.")
        return bytes(stored)


def _turned(connection: Any, seqs: Sequence[int], back: bool) -> list[Fact]:
    """Corrections that undo an edit's entries, or do them again. A correction among them is turned round itself: a correction of a
    correction would say nothing.
    """
    columns = tables.journal.c
    asked = sa.select(columns.seq, columns.kind, columns.data).where(columns.seq.in_(seqs))
    away, there = set[int](), set[int]()
    for seq, kind, data in connection.execute(asked):
        named = set(json.loads(data).get("seqs", ())) if kind in _CORRECTIONS else {seq}
        goes = back != (kind == Withdrawn(()).kind)
        (away if goes else there).update(named)
    now = datetime.now()
    return [Fact(now, made(tuple(sorted(found)))) for made, found in ((Withdrawn, away), (Restored, there)) if found]


_CORRECTIONS = {Withdrawn(()).kind, Restored(()).kind}
