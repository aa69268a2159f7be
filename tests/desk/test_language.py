"""The window in German: all it says is said in it, nothing is cut off, and what people wrote stays as they wrote it."""

from __future__ import annotations

import re
import sys
from collections.abc import Callable, Iterator, Mapping
from dataclasses import fields, is_dataclass, replace
from datetime import date
from pathlib import Path

import pytest
from cut_words import DrawnText, cut_widgets
from PyQt6.QtCore import QDate, QLocale
from PyQt6.QtWidgets import QApplication, QComboBox, QFileDialog
from pytestqt.qtbot import QtBot
from test_roomy_dialogs import openers

from numerus.book.book import Book
from numerus.desk.app import Program
from numerus.desk.dialogs.tables import scheme_dialog
from numerus.desk.stages.print.likelihoods import LikelihoodsDialog
from numerus.desk.system import settings as kept
from numerus.desk.system.language import ENGLISH, Language, figures_of, own_name, wanted
from numerus.desk.theme.resources import load_fonts
from numerus.desk.translate import tr
from numerus.desk.widgets.date_line import DateLine
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, FileDialog
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES

ENGLISH_ONLY = re.compile(
    r"\b(the|and|with|are|of|this|that|what|which|from|your|for|has|have|is|it|by|each|than|its)\b"
)

ELIDED = {"0.01 mm apart, 0.23 at most, other triangles"}
"""Written shorter in any language where there is no room; so are the pieces of an evening, told in full below it (muster 1)."""


@pytest.fixture
def german(qapp: QApplication) -> Iterator[Language]:
    language = Language("de")
    yield language
    language.take_out()


@pytest.fixture
def window(german: Language, make: Callable[..., MainWindow], demo: Book) -> MainWindow:
    load_fonts()
    return make(demo, language=german)


def texts(value: object) -> Iterator[str]:
    """All texts in a document, whoever wrote them."""
    if isinstance(value, str):
        yield value
    elif is_dataclass(value) and not isinstance(value, type):
        for f in fields(value):
            yield from texts(getattr(value, f.name))
    elif isinstance(value, Mapping):
        yield from (t for both in value.items() for one in both for t in texts(one))
    elif isinstance(value, (list, tuple, set, frozenset)):
        yield from (t for one in value for t in texts(one))


def everything(window: MainWindow) -> Iterator[str]:
    """Every bench with its pages, then every dialog; each is in view when its name comes."""
    for stage in STAGES:
        window.session.go(stage)
        bench = window.benches[stage]
        QApplication.processEvents()
        yield stage
        for number, tab in enumerate(getattr(bench, "tab_buttons", ())):
            tab.click()
            QApplication.processEvents()
            yield f"{stage} {number}"
    window.session.select("bell")
    window.session.go("wash")
    for name, opened in openers(window).items():
        if (dialog := opened()) is not None:
            dialog.show()
            QApplication.processEvents()
            yield name
            dialog.close()


@pytest.mark.at_once
def test_all_that_is_said_is_said_in_german_and_written_whole(
    window: MainWindow, german: Language, monkeypatch: pytest.MonkeyPatch
) -> None:
    """On every bench, page and dialog; told by words that only English has, wherever people did not write them themselves."""
    book, drawn = german.phrasebook, DrawnText(monkeypatch)
    assert book is not None
    own = set(texts(window.session.plans))
    cut: dict[str, set[str]] = {}
    for name in everything(window):
        cut[name] = drawn.cut | cut_widgets(window.canvas)
        drawn.cut = set()
    said = [words for words in book._answers.values() if words not in own]
    english = [words for words in said if ENGLISH_ONLY.search(_without(words, own))]
    lost_figures = [words for words in book._answers.items() if sorted(_digits(words[0])) != sorted(_digits(words[1]))]
    assert not lost_figures, lost_figures[:10]
    assert len(said) > 2500 and not english, (len(english), english[:20])
    lost = {name: words - ELIDED for name, words in cut.items() if name != "muster 1"}
    assert not any(lost.values()), lost


def _digits(words: str) -> str:
    """Every figure of the words: none may be lost or made up on the way into another language."""
    return "".join(filter(str.isdigit, words))


def _without(words: str, own: set[str]) -> str:
    for text in sorted((t for t in own if " " in t and t in words), key=len, reverse=True):
        words = words.replace(text, "")
    return words


def test_choices_are_shown_in_german_and_asked_as_the_code_has_them(german: Language) -> None:
    box = ComboBox()
    box.addItems(["by hand", "Resin"])
    box.addItem("3 figures", 3)
    assert [QComboBox.itemText(box, n) for n in range(3)] == ["von Hand", "Harz", "3 Figuren"]
    box.setCurrentText("Resin")
    assert box.currentText() == "Resin" and box.currentIndex() == 1 == box.findText("Resin")
    box.setEditable(True)
    box.setEditText("bells")
    assert box.currentText() == "bells"
    box.setItemText(1, "Plate")
    assert box.itemText(1) == "Plate" and QComboBox.itemText(box, 1) == "Platte"


def test_numbers_are_typed_and_shown_with_a_comma(german: Language, qtbot: QtBot) -> None:
    box = DoubleSpinBox()
    qtbot.addWidget(box)
    box.setSuffix(" mm high")
    box.setValue(2.5)
    assert box.text() == "2,50 mm hoch"
    box.lineEdit().setText("3,75")
    assert box.value() == 3.75


def test_dates_are_typed_and_shown_with_the_languages_months(german: Language, qtbot: QtBot) -> None:
    """Also as the code has them, and in figures."""
    line = DateLine("Ready by", date(2026, 3, 1), date(2026, 3, 28))
    qtbot.addWidget(line)
    assert line.line.text() == "28. März 2026" and line.day == date(2026, 3, 28)
    for typed in ("4. Mai 2026", "4 May 2026", "4.5.2026", "4. mai"):
        line.line.setText(typed)
        assert line.day == date(2026, 5, 4), typed
    for number in range(1, 13):
        line.set_day(date(2026, number, 9))
        assert line.day == date(2026, number, 9), line.line.text()


def test_what_is_typed_into_tables_stays_as_the_code_has_it(window: MainWindow) -> None:
    """Read back it is the same scheme: techniques and kinds are not put into German, nor numbers into its figures."""
    scheme = scheme_dialog(window, window.session)
    assert scheme is not None
    english = [[scheme.table.item(y, x).text() for x in range(scheme.table.columnCount())] for y in range(scheme.table.rowCount())]
    assert any("wash" in row for row in english) and not any("Lasur" in row for row in english)
    likely = LikelihoodsDialog(window.context, window).grid
    shares = [likely.item(y, 0).text() for y in range(likely.rowCount()) if likely.item(y, 0)]
    assert all(float(share) >= 0 for share in shares if share)


def test_forms_of_files_are_answered_as_the_code_has_them(german: Language, monkeypatch: pytest.MonkeyPatch) -> None:
    shown: list[tuple[str, ...]] = []

    def chosen(_: object, *about: str) -> tuple[str, str]:
        shown.append(about)
        return "x.csv", about[-1].split(";;")[1]

    monkeypatch.setattr(QFileDialog, "getSaveFileName", chosen)
    forms = "Sheet at 1:1 (*.svg);;Table (*.csv)"
    assert FileDialog.getSaveFileName(None, "Decals to cut", "decals.svg", forms) == ("x.csv", "Table (*.csv)")
    assert shown == [("Abziehbilder zum Schneiden", "decals.svg", "Bogen 1:1 (*.svg);;Tabelle (*.csv)")]


def test_names_people_gave_stay(window: MainWindow) -> None:
    """Also where a name is a word of the program: a unit called Plate, beside the stage of that name."""
    window.session.commit("x", [replace(window.session.plans.units["lock"], name="Plate")])
    window.session.go("muster")
    window.session.go("plate")
    told = [action.text() for action in window.roll.menu().actions()]
    assert "Plate ändern …" in told and "Plate entfernen" in told
    assert tr("Plate") == "Platte"


def test_another_language_is_chosen_in_the_menu(
    qapp: QApplication, monkeypatch: pytest.MonkeyPatch, tmp_path: Path, demo: Book
) -> None:
    """The window opens again on the same book, at once and at every later start."""
    where, path = tmp_path / "settings.json", demo.path
    demo.close()
    monkeypatch.setattr(kept, "default_path", lambda: where)
    monkeypatch.setattr("numerus.desk.app.log_to_file", lambda: tmp_path / "log")
    monkeypatch.setattr("numerus.desk.system.language.QLocale.uiLanguages", lambda _: ["en-GB"])
    hook = sys.excepthook
    program = Program(qapp)
    program.open(path)
    assert program.window is not None and "Army" in titles(program.window)
    program.window.actions_by_title["Deutsch"].trigger()
    for _ in range(10):
        QApplication.processEvents()
    again = program.window
    assert "Armee" in titles(again) and again.session.book.path == path and kept.load(where).language == "de"
    assert wanted(kept.load(where).language) == "de"
    again.actions_by_title["English"].trigger()
    for _ in range(10):
        QApplication.processEvents()
    assert "Army" in titles(program.window) and QLocale() == QLocale.system()
    program.window.close()
    sys.excepthook = hook


def titles(window: MainWindow) -> list[str]:
    return [action.text().removeprefix("&") for action in window.menuBar().actions()]


@pytest.mark.parametrize(
    ("asked", "spoken"),
    [(["de-AT", "en-GB"], "de"), (["xx-XX", "de-DE"], "de"), (["en-US", "de-DE"], ENGLISH), (["xx"], ENGLISH)],
)
def test_the_desktops_language_is_taken_where_there_is_one(
    asked: list[str], spoken: str, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Unless one was chosen here."""
    monkeypatch.setattr("numerus.desk.system.language.QLocale.uiLanguages", lambda _: asked)
    assert wanted("") == spoken and wanted("de") == "de" and own_name("de") == "Deutsch"


def test_figures_of_a_language_are_qts(qapp: QApplication) -> None:
    """Compared with what Qt writes itself."""
    for name in ("de", "en_GB", "fr", "sv"):
        locale, figures = QLocale(name), figures_of(QLocale(name))
        assert figures.written("1,234.5") == locale.toString(1234.5, "f", 1).replace(" ", figures.thousands)
        written = figures.written("14 November 2026")
        assert written in locale.toString(QDate(2026, 11, 14), QLocale.FormatType.LongFormat)
