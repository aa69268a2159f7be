"""Practising in the real window: by keys alone, marked, kept in its own file, what was missed again."""

from __future__ import annotations

from pathlib import Path

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest

from numerus.desk.trainer.trainer_dialog import TrainerDialog
from numerus.desk.window import MainWindow
from numerus.trainer.exercise import BENCH_OF, ESTIMATE, MELT, MIX, NAMES, PLATE, POSE, VALUE
from numerus.trainer.record import read_record


@pytest.fixture
def dialog(window: MainWindow, tmp_path: Path) -> TrainerDialog:
    return TrainerDialog(window.context, tmp_path / "practice.jsonl", "paint", window)


def choose(dialog: TrainerDialog, kind: str) -> None:
    dialog.kinds.setCurrentRow(list(NAMES).index(kind))


def test_an_exercise_is_done_by_keys_and_kept(dialog: TrainerDialog, tmp_path: Path) -> None:
    """Numbers choose, Enter marks and goes on; what was answered stands in the file, and the sheet."""
    choose(dialog, VALUE)
    assert not dialog.answer_button.isEnabled()
    for key in "123456":
        QTest.keyClick(dialog.cards, key)
    assert dialog.cards.chosen == [0, 1, 2, 3, 4, 5] and dialog.answer_button.isEnabled()
    QTest.keyClick(dialog.cards, "3")
    assert not dialog.answer_button.isEnabled()
    QTest.keyClick(dialog.cards, "3")
    QTest.keyClick(dialog, Qt.Key.Key_Return)
    assert "L*" in dialog.said.text()
    QTest.keyClick(dialog.cards, "1")
    assert len(dialog.cards.chosen) == 6, "closed once it was marked"
    (one,) = read_record(tmp_path / "practice.jsonl").done
    assert (one.kind, one.seed) == (VALUE, 1)
    seed = dialog.exercise.seed
    QTest.keyClick(dialog, Qt.Key.Key_Return)
    assert dialog.said.text() == "" and dialog.exercise.seed != seed
    dialog.grab()


@pytest.mark.parametrize("kind", [MELT, MIX, POSE, ESTIMATE])
def test_every_kind_is_marked_with_the_demo(dialog: TrainerDialog, kind: str) -> None:
    """Made from the book's own parts and pots; told what is true."""
    choose(dialog, kind)
    assert dialog.exercise is not None and dialog.exercise.kind == kind
    for number in range(dialog.exercise.choose):
        dialog.cards.press(number)
    for box in dialog.numbers:
        box.setValue(2)
    dialog.grab()
    dialog.answer()
    assert dialog.said.text().split(".")[0] in ("Right", "Partly", "Not so") and dialog.record.done[-1].kind == kind


def test_a_failed_plate_is_looked_into_and_named(dialog: TrainerDialog) -> None:
    """A test costs its minutes and is not offered again; the true cause is right, and can be named once."""
    choose(dialog, PLATE)
    page, plate = dialog.plate_page, dialog.exercise
    page.tests.setCurrentRow(0)
    many = page.tests.count()
    page.make_test()
    assert (
        page.tests.count() == many - 1 and plate.minutes > 0 and f"{plate.minutes:.0f} min spent" in page.spent.text()
    )
    page.causes.setCurrentRow(list(plate.causes).index(plate.faults[0]))
    page.name_cause()
    assert dialog.said.text().startswith("Right") and dialog.record.done[-1].score == 1.0
    page.name_cause()
    assert len(dialog.record.done) == 1
    dialog.grab()


def test_it_opens_on_what_its_bench_asks_for(window: MainWindow, tmp_path: Path) -> None:
    """From every bench; without a book what needs one says so, and the rest can be done."""
    for stage in ("print", "pose", "muster"):
        opened = TrainerDialog(window.context, tmp_path / "p.jsonl", stage, window)
        assert BENCH_OF.get(opened.kind) == stage or stage == "muster"
    assert "Practise …" in [c.title for c in window.commands]
    window.session.open(None)
    bare = TrainerDialog(window.context, tmp_path / "p.jsonl", "pose", window)
    assert "needs posed parts" in bare.ask.text() and bare.exercise is None
    choose(bare, MIX)
    assert "pots" in bare.ask.text()
    choose(bare, MELT)
    assert bare.exercise is not None
