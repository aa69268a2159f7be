"""A book of schema 3, kept as it was written then, opens and loses nothing."""

from __future__ import annotations

import shutil
import sqlite3
from collections.abc import Iterator
from contextlib import closing
from pathlib import Path

import numpy as np
import pytest

from numerus.book.book import Book
from numerus.domain.journal import (
    DiagnosisTest,
    ForecastNoted,
    PartOutcome,
    PhotographTaken,
    PoseChosen,
    RepairEnded,
    RunEnded,
    StepDone,
)
from numerus.formats.meshes.face_labels import unpack_labels
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.money.costs import unit_costs
from numerus.progress.pace.rates import rates
from numerus.progress.standing import standing

OLD = Path(__file__).parent / "data" / "book_of_schema_3.numerus"


@pytest.fixture
def book(tmp_path: Path) -> Iterator[Book]:
    path = tmp_path / "old.numerus"
    shutil.copy(OLD, path)
    opened = Book.open(path)
    yield opened
    opened.close()


def test_the_file_itself_is_of_schema_3(tmp_path: Path) -> None:
    """Or these tests would prove nothing."""
    with closing(sqlite3.connect(OLD)) as connection:
        assert connection.execute("PRAGMA user_version").fetchone() == (3,)


def test_every_figure_stands_where_it_stood(book: Book) -> None:
    """As the program of that time told it: stages, strokes and finishing steps done, by ids given by position."""
    found = standing(book.plans, book.history).figures
    assert {i: (f.stage, f.detail) for i, f in found.items()} == {
        "reed-0": ("finish", "base rim left"),
        "reed-1": ("paint", "2 of 7 strokes"),
        "reed-2": ("paint", "1 of 5 strokes"),
    }
    assert found["reed-0"].painted == {"coat/0", "coat/1", "coat/2", "coat/3", "skin/0", "skin/1", "base/0"}
    assert (found["reed-1"].painted, found["reed-2"].painted) == ({"coat/0", "coat/1"}, {"coat/0"})
    assert found["reed-0"].finished == {"Matt varnish"}
    assert book.notices == [] and list(book.path.parent.glob("*before-5*"))


def test_zones_left_the_mesh_for_documents(book: Book) -> None:
    """The torso's label array is what its mesh said; a part that had no zones stays what it was painted as."""
    told = book.plans.part_zones["torso"]
    mesh = unpack_mesh(book.blob(book.plans.parts["torso"].blob))
    labels = unpack_labels(book.blob(told.labels), len(mesh.faces))
    high = mesh.triangles[:, 0, 2] > 16
    assert told.zones == ("coat", "skin") and np.array_equal(labels == 1, high)
    assert sum(told.area_cm2) == pytest.approx(book.plans.parts["torso"].surface_cm2, rel=1e-3)
    assert book.plans.part_zones["stranger"].zones == ("coat",)
    assert [z.name for z in book.plans.zones.values()] == ["coat", "skin", "base"]


def test_what_was_brushed_on_is_a_document_of_its_own(book: Book) -> None:
    """Both dabs, in order, on the mesh they were brushed on."""
    assert [d.kind for d in book.plans.dabs_of("torso")] == ["show", "keep off"]


def test_money_is_whole_pence_and_costs_are_what_they_were(book: Book) -> None:
    """Every price times a hundred; a tariff may be a fraction."""
    plans = book.plans
    assert plans.army is not None and (plans.army.solvent_pence_per_l, plans.army.power_pence_per_kwh) == (650, 28.5)
    assert (plans.kits["kit"].price_pence, plans.units["reeds"].bought_pence) == (1349, 3250)
    assert (plans.resin.pence_per_l, plans.paints["peat"].price_pence) == (2790, 365)
    assert unit_costs(plans, standing(plans, book.history))["reeds"].kit == 1349


def test_every_entry_is_read_and_minutes_say_whether_they_were_measured(book: Book) -> None:
    """Strokes were never timed then; hands' steps whose minutes were changed were typed."""
    events = [f.event for f in book.history.facts]
    for kind in (DiagnosisTest, ForecastNoted, PartOutcome, PhotographTaken, PoseChosen, RepairEnded, RunEnded):
        assert any(isinstance(e, kind) for e in events), kind
    with closing(sqlite3.connect(OLD)) as connection:
        rows = connection.execute("SELECT count(*) FROM journal WHERE kind NOT IN ('withdrawn', 'restored')").fetchone()
    assert len(events) == rows[0] - 1  # the step that was undone
    measured = {e.stage for e in events if isinstance(e, StepDone) and e.measured}
    assert measured == {"wash", "build"}
    known = rates(book.history.facts)
    assert known["build"].logged == 3 and known["paint"].logged == 0


def test_every_edit_of_then_can_be_undone_and_done_again(book: Book) -> None:
    """Back to an empty book and forth to the same plans; the scheme before its last edit has today's ids."""
    before, told = book.plans, standing(book.plans, book.history)
    schemes = []
    while book.undo():
        schemes += list(book.plans.schemes.values())
    assert book.plans.army is None
    assert any(len(s.recipes[0].steps) == 3 for s in schemes)
    assert all(s.id in {f"coat/{n}" for n in range(4)} for made in schemes for s in made.recipes[0].steps)
    while book.redo():
        pass
    assert {k: v for k, v in book.plans.schemes.items()} == before.schemes and book.plans.kits == before.kits
    assert standing(book.plans, book.history).figures["reed-0"].painted == told.figures["reed-0"].painted


def test_a_damaged_book_of_then_is_saved_and_brought_up(tmp_path: Path) -> None:
    """Rows are copied under the form they were written in, then migrated like any other."""
    path = tmp_path / "hurt.numerus"
    data = bytearray(OLD.read_bytes())
    data[-600:-200] = b"\xff" * 400
    data[20_000:20_040] = b"\x00" * 40
    path.write_bytes(bytes(data))
    book = Book.open(path)
    assert book.plans.army is not None and book.plans.army.solvent_pence_per_l == 650
    assert all(s.id for scheme in book.plans.schemes.values() for r in scheme.recipes for s in r.steps)
    book.close()


def test_pots_say_their_kind_and_a_colour_that_was_none_is_a_grey_called_guessed(tmp_path: Path) -> None:
    """Instead of a share of covering; also in edits that can be undone."""
    import json

    path = tmp_path / "old.numerus"
    shutil.copy(OLD, path)
    with closing(sqlite3.connect(path)) as connection:
        rows = [
            ("wash", "Bog wash", "#4A3524", 0.45),
            ("glow", "Glow", "#F6CE4A", 0.6),
            ("odd", "Odd", "drak red", 0.9),
            ("named", "Named", "dark red", 0.9),
        ]
        for id_, name, colour, opacity in rows:
            body = {"id": id_, "name": name, "maker": "", "colour": colour, "ml": 3, "price": 3.0, "opacity": opacity}
            connection.execute("INSERT INTO plan (kind, id, body) VALUES ('paint', ?, ?)", (id_, json.dumps(body)))
        connection.commit()
    book = Book.open(path)
    kinds = {p.id: (p.kind, p.known) for p in book.plans.paints.values() if p.id in {r[0] for r in rows}}
    assert kinds == {
        "wash": ("wash", "typed"),
        "glow": ("translucent", "typed"),
        "odd": ("opaque", "guessed"),
        "named": ("opaque", "typed"),
    }
    assert book.plans.paints["odd"].colour == "#808285" and book.plans.paints["named"].colour.startswith("#")
    book.close()
