"""What nobody refers to goes; what anything still refers to stays, and is put right when it comes again."""

from __future__ import annotations

import sqlite3
from contextlib import closing
from dataclasses import replace
from datetime import datetime
from pathlib import Path

import pytest

from numerus.book.book import Book
from numerus.book.pruning import FIELDS, MOST_FIELDS, MOST_PAINTING, PAINTING, digest_of
from numerus.domain.journal import Fact, PhotographTaken
from numerus.domain.printing.poses import BrushDab, BrushStroke
from numerus.errors import BookError
from numerus.paint.figure.built import fields_key


def blobs_of(path: Path) -> set[str]:
    with closing(sqlite3.connect(path)) as connection:
        return {d for (d,) in connection.execute("SELECT digest FROM blob")}


def test_blobs_nobody_names_go_and_all_others_stay(demo: Book) -> None:
    """A mesh of no plan goes at the next opening; a photograph's and one that undo would bring back stay."""
    lonely, seen, older = (demo.put_blob(word) for word in (b"lonely", b"photograph", b"older"))
    part = next(iter(demo.plans.parts.values()))
    demo.commit("photograph", facts=[Fact(datetime(2026, 3, 1), PhotographTaken(seen), "run")])
    demo.commit("another mesh", [replace(part, blob=older)])
    demo.commit("its own again", [part])
    before = blobs_of(demo.path)
    demo.close()
    again = Book.open(demo.path)
    assert before - blobs_of(demo.path) == {lonely}
    assert again.blob(older) == b"older"
    again.undo()
    assert again.plans.parts[part.id].blob == older
    again.close()


def test_worked_out_fields_of_meshes_that_are_gone_or_long_replaced_go(demo: Book) -> None:
    """The newest few of a mesh are kept."""
    blob = next(iter(demo.plans.parts.values())).blob
    demo.keep_worked_out(f"{FIELDS}{digest_of(b'gone')}:a", b"x")
    for n in range(MOST_FIELDS + 3):
        demo.keep_worked_out(f"{FIELDS}{blob}:{n}", b"x")
    demo.close()
    again = Book.open(demo.path)
    assert again.worked_out(f"{FIELDS}{digest_of(b'gone')}:a") is None
    assert (
        again.worked_out(f"{FIELDS}{blob}:0") is None and again.worked_out(f"{FIELDS}{blob}:{MOST_FIELDS + 2}") == b"x"
    )
    again.close()


def test_of_figures_fields_the_newest_are_kept(demo: Book) -> None:
    """Those of painting are of many parts together: the oldest go once there are too many."""
    assert fields_key(["a"]).startswith(PAINTING)
    for n in range(MOST_PAINTING + 2):
        demo.keep_worked_out(f"{PAINTING}2 {n}", b"x")
    demo.close()
    again = Book.open(demo.path)
    assert again.worked_out(f"{PAINTING}2 1") is None and again.worked_out(f"{PAINTING}2 {MOST_PAINTING + 1}") == b"x"
    again.close()


def test_adding_bytes_again_heals_what_was_damaged(demo: Book) -> None:
    """The file is added once more: its blob is whole."""
    digest = demo.put_blob(b"whole")
    with closing(sqlite3.connect(demo.path)) as connection:
        connection.execute("UPDATE blob SET data = x'00' WHERE digest = ?", (digest,))
        connection.commit()
    demo.catch_up()
    assert demo.blob(digest) == b"\x00"
    assert demo.put_blob(b"whole") == digest and demo.blob(digest) == b"whole"
    with pytest.raises(BookError):
        demo.blob("0" * 32)


def test_a_dab_of_the_brush_writes_the_dab_and_not_the_part(demo: Book) -> None:
    """The edit holds less than a thousandth of what the part would take twice."""
    part = max(demo.plans.parts.values(), key=lambda p: len(p.draft.pillars) if p.draft else 0)
    demo.commit("brush", [BrushStroke("b", part.id, part.blob, 0, (BrushDab("show", (1.0, 2.0, 3.0), 2.0),))])
    with closing(sqlite3.connect(demo.path)) as connection:
        told = connection.execute("SELECT length(changes) FROM edit ORDER BY seq DESC LIMIT 1").fetchone()[0]
        whole = connection.execute(
            "SELECT length(body) FROM plan WHERE kind = 'part' AND id = ?", (part.id,)
        ).fetchone()[0]
    assert told < 400 < whole
    assert [d.kind for d in demo.plans.dabs_of(part.id)] == ["show"]
    demo.undo()
    assert demo.plans.dabs_of(part.id) == ()
