"""The book keeps every completed change, undoes any, and refuses politely."""

from __future__ import annotations

import os
import signal
import sqlite3
import subprocess
import sys
import time
from dataclasses import replace
from datetime import date, datetime
from pathlib import Path

import pytest
from hypothesis import HealthCheck, given, settings
from hypothesis import strategies as st

from numerus.book.book import Book, Removed
from numerus.book.intake import take_in
from numerus.domain.army import Army, Unit
from numerus.domain.journal import Fact, StepDone
from numerus.domain.parts import Kit
from numerus.domain.printing.machines import Machine
from numerus.errors import BookError, Cancelled
from numerus.formats.meshes.mesh_writing import write_stl

from helpers import box_mesh  # isort: skip

ARMY = Army("army", "Watch", date(2026, 4, 1))
AT = datetime(2026, 3, 1, 20)


@pytest.fixture
def book(tmp_path: Path):  # type: ignore[no-untyped-def]
    made = Book.open(tmp_path / "a.numerus", create=True)
    yield made
    made.close()


def state(book: Book) -> tuple:
    return book.plans, [(f.event, f.subject, f.minutes) for f in book.history.facts]


edits = st.lists(
    st.tuples(st.sampled_from(["name", "unit", "drop", "fact"]), st.integers(0, 3)), min_size=1, max_size=12
)


def do(book: Book, edit: tuple[str, int]) -> None:
    what, n = edit
    if what == "name":
        book.commit("name", [replace(ARMY, name=f"Watch {n}")])
    elif what == "unit":
        book.commit("unit", [Unit(f"u{n}", f"U{n}", n, 28.5, "")])
    elif what == "drop":
        book.commit("drop", [Removed("unit", f"u{n}")])
    else:
        book.commit("fact", facts=[Fact(AT, StepDone("wash"), f"r{n}", (), n)])


@settings(max_examples=25, deadline=None, suppress_health_check=[HealthCheck.function_scoped_fixture])
@given(edits)
def test_undo_of_all_is_the_beginning_and_redo_of_all_the_end(tmp_path: Path, made: list) -> None:
    """For any edits, across a restart in between."""
    path = tmp_path / f"{time.monotonic_ns()}.numerus"
    book = Book.open(path, create=True)
    begin = state(book)
    for edit in made:
        do(book, edit)
    end = state(book)
    while book.undo():
        pass
    assert state(book) == begin
    book.close()
    book = Book.open(path)
    assert state(book) == begin
    while book.redo():
        pass
    assert state(book) == end
    book.close()


def test_a_new_edit_forgets_what_was_undone(book: Book) -> None:
    """There is one line of time."""
    do(book, ("unit", 1))
    book.undo()
    do(book, ("unit", 2))
    assert book.redo() == ""
    assert list(book.plans.units) == ["u2"]


def test_undoing_a_fact_appends_a_withdrawal(book: Book) -> None:
    """The journal only grows."""
    do(book, ("fact", 1))
    book.undo()
    with sqlite3.connect(book.path) as connection:
        kinds = [row[0] for row in connection.execute("SELECT kind FROM journal ORDER BY seq")]
    assert kinds == ["step", "withdrawn"]
    assert book.history.facts == []


def test_an_edit_that_changes_nothing_is_no_edit(book: Book) -> None:
    """Saving the same again leaves undo alone."""
    book.commit("army", [ARMY])
    book.commit("again", [ARMY])
    assert book.undo_label() == "army"


KILLED = """
import sys
from datetime import date
from pathlib import Path
from numerus.book.book import Book
from numerus.domain.army import Army
book = Book.open(Path(sys.argv[1]), create=True)
for n in range(100000):
    book.commit("name", [Army("army", f"Watch {n}", date(2026, 4, 1))])
    print(n, flush=True)
"""


def test_a_kill_at_any_moment_loses_no_completed_change(tmp_path: Path) -> None:
    """Killed three times in the middle of writing: the last change told of is in the book."""
    path = tmp_path / "a.numerus"
    for wait in (0.05, 0.11, 0.17):
        child = subprocess.Popen([sys.executable, "-c", KILLED, str(path)], stdout=subprocess.PIPE, text=True)
        assert child.stdout is not None
        last = int(child.stdout.readline())
        time.sleep(wait)
        os.kill(child.pid, signal.SIGKILL)
        told = child.stdout.read().splitlines()
        child.wait()
        child.stdout.close()
        last = int(told[-1]) if told and told[-1].isdigit() else last
        book = Book.open(path)
        assert book.plans.army is not None
        assert int(book.plans.army.name.split()[1]) >= last
        assert book.notices == []
        book.close()
        path.unlink()


def test_a_newer_book_is_refused_and_left_alone(book: Book) -> None:
    """Byte for byte."""
    book.commit("army", [ARMY])
    book.close()
    with sqlite3.connect(book.path) as connection:
        connection.execute("PRAGMA user_version=99")
    connection.close()
    before = book.path.read_bytes()
    with pytest.raises(BookError) as caught:
        Book.open(book.path)
    assert caught.value.code == "newer-book"
    assert book.path.read_bytes() == before


def test_a_damaged_book_is_opened_as_far_as_it_can_be_and_a_copy_kept(book: Book) -> None:
    """Pages overwritten in the middle: much is saved, the damaged file is kept beside."""
    for n in range(400):
        book.commit("fact", facts=[Fact(AT, StepDone("wash"), f"r{n}" * 30, (), n)])
    book.close()
    data = bytearray(book.path.read_bytes())
    middle = len(data) // 2 // 4096 * 4096
    data[middle : middle + 8192] = os.urandom(8192)
    book.path.write_bytes(bytes(data))
    saved = Book.open(book.path)
    assert saved.notices and "damaged" in saved.notices[0]
    assert len(saved.history.facts) > 150
    assert [p.read_bytes() for p in book.path.parent.glob("*damaged*")] == [bytes(data)]
    saved.commit("army", [ARMY])
    saved.close()


def test_a_damaged_row_of_the_journal_is_left_out_and_told(book: Book) -> None:
    """The other entries count; the row stays in the file."""
    for n in range(3):
        book.commit("fact", facts=[Fact(AT, StepDone("wash"), f"r{n}", (), n)])
    book.close()
    with sqlite3.connect(book.path) as connection:
        connection.execute("""UPDATE journal SET data = '{"stage": "wa' WHERE subject = 'r1'""")
    connection.close()
    again = Book.open(book.path)
    assert [f.subject for f in again.history.facts] == ["r0", "r2"]
    assert again.notices == ["Left out of the journal: 1 damaged row."]
    again.close()


@pytest.mark.parametrize("deed", ["commit", "tell", "undo"])
def test_what_another_program_wrote_is_read_before_anything_is_overwritten(book: Book, deed: str) -> None:
    """Two programs on one file: the later one is told, nothing is lost, and its second try stands beside the other's."""
    book.commit("army", [ARMY])
    other = Book.open(book.path)
    other.commit("unit", [Unit("u1", "U1", 1, 28.5, "")], [Fact(AT, StepDone("wash"), "r1", (), 5)])
    user_actions = {
        "commit": lambda: book.commit("name", [replace(ARMY, name="Other")]),
        "tell": lambda: book.tell([Fact(AT, StepDone("wash"), "r2", (), 7)]),
        "undo": book.undo,
    }
    before = book.path.read_bytes()
    with pytest.raises(BookError) as caught:
        user_actions[deed]()
    assert caught.value.code == "changed-elsewhere" and book.path.read_bytes() == before
    assert "u1" in book.plans.units and state(book) == state(other)
    user_actions[deed]()
    assert other.catch_up() and state(other) == state(book)
    other.close()


def test_a_book_that_cannot_be_read_again_just_now_stays_as_it_was(book: Book, monkeypatch: pytest.MonkeyPatch) -> None:
    """Told in words; as soon as it can it is read."""
    book.commit("army", [ARMY])
    other = Book.open(book.path)
    other.commit("unit", [Unit("u1", "U1", 1, 28.5, "")])
    before = book.plans
    with monkeypatch.context() as broken:
        broken.setattr(book, "_load", lambda: (_ for _ in ()).throw(sqlite3.OperationalError("database is locked")))
        with pytest.raises(BookError, match="locked"):
            book.commit("name", [replace(ARMY, name="Other")])
    assert book.plans is before and book.catch_up() and book.plans == other.plans
    other.close()


def test_a_program_that_only_kept_what_it_worked_out_stops_nobody(book: Book) -> None:
    """It belongs to no edit."""
    other = Book.open(book.path)
    other.keep_worked_out("key", b"data")
    assert not book.catch_up()
    book.commit("army", [ARMY])
    other.close()


@pytest.mark.parametrize(("content", "code"), [(b"hello, this is no book at all", "not-a-book"), (None, "no-book")])
def test_what_is_no_book_is_refused(content: bytes | None, code: str, tmp_path: Path) -> None:
    """A text file, a missing file."""
    path = tmp_path / "x.numerus"
    if content is not None:
        path.write_bytes(content)
    with pytest.raises(BookError) as caught:
        Book.open(path)
    assert caught.value.code == code


def test_another_programs_database_is_refused_untouched(tmp_path: Path) -> None:
    """It is a database, but not ours."""
    path = tmp_path / "x.numerus"
    with sqlite3.connect(path) as connection:
        connection.execute("CREATE TABLE t (a)")
    connection.close()
    with pytest.raises(BookError, match="no Numerus book"):
        Book.open(path)


def test_a_failed_write_changes_nothing(book: Book) -> None:
    """A locked file: a typed error, the old state kept, the next try works."""
    book.commit("army", [ARMY])
    other = sqlite3.connect(book.path, isolation_level=None)
    other.execute("BEGIN EXCLUSIVE")
    before = state(book)
    book._database.execute("PRAGMA busy_timeout=50")
    with pytest.raises(BookError):
        book.commit("name", [replace(ARMY, name="Lost")])
    assert state(book) == before
    other.execute("ROLLBACK")
    other.close()
    book.commit("name", [replace(ARMY, name="Kept")])
    assert book.plans.army is not None and book.plans.army.name == "Kept"


def test_blobs_are_kept_once_and_missing_ones_said(book: Book) -> None:
    """By their digest."""
    assert book.put_blob(b"mesh") == book.put_blob(b"mesh")
    assert book.blob(book.put_blob(b"mesh")) == b"mesh"
    with pytest.raises(BookError):
        book.blob("0" * 32)


def test_files_are_taken_in_as_one_edit_and_cancelling_leaves_the_book(book: Book, tmp_path: Path) -> None:
    """What was refused is listed; undo takes the whole import back."""
    write_stl(box_mesh((10, 10, 30)), tmp_path / "L_arm_01.stl")
    (tmp_path / "torn.stl").write_bytes(b"xx")
    files = [tmp_path / "L_arm_01.stl", tmp_path / "torn.stl"]
    before = state(book)
    with pytest.raises(Cancelled):
        take_in(book, files, "Kit", lambda share: False)
    assert state(book) == before
    parts, refused = take_in(book, files, "Kit")
    assert [(p.slot, p.watertight) for p in parts] == [("left arm", True)]
    assert [r.error.code for r in refused] == ["truncated"]
    assert isinstance(next(iter(book.plans.kits.values())), Kit)
    book.undo()
    assert state(book) == before


def test_what_is_changed_keeps_its_place(tmp_path: Path) -> None:
    """The first machine is still the first after it was changed, and when the book is opened again."""
    path = tmp_path / "a.numerus"
    book = Book.open(path, create=True)
    book.commit("two", [Machine("b", "B"), Machine("a", "A")])
    book.commit("changed", [Machine("b", "Better")])
    assert [m.name for m in book.plans.machines.values()] == ["Better", "A"]
    book.close()
    assert [m.name for m in Book.open(path).plans.machines.values()] == ["Better", "A"]


def test_a_book_of_the_first_form_is_brought_up_and_keeps_what_was_worked_out(book: Book) -> None:
    """The old file is kept beside; what was worked out belongs to no edit and is there again."""
    book.commit("army", [ARMY])
    book.close()
    with sqlite3.connect(book.path) as connection:
        connection.execute("DROP TABLE worked_out")
        for trigger in ("journal_changed", "journal_cut", "journal_put_between"):
            connection.execute(f"DROP TRIGGER {trigger}")
        connection.execute("UPDATE alembic_version SET version_num='0001'")
        connection.execute("PRAGMA user_version=1")
    connection.close()
    again = Book.open(book.path)
    assert again.plans.army == ARMY and again.undo_label() == "army"
    again.keep_worked_out("key", b"first")
    again.keep_worked_out("key", b"second")
    assert again.undo_label() == "army"
    again.close()
    assert Book.open(book.path).worked_out("key") == b"second"
    assert list(book.path.parent.glob("*before-5*"))
