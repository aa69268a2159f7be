"""A report to send: numbers and the log, but no name a user gave, no path, no mesh; what went wrong can be copied."""

from __future__ import annotations

import zipfile
from pathlib import Path

import pytest
from PyQt6.QtWidgets import QApplication

from helpers import EVENING
from numerus import __version__
from numerus.book.book import Book
from numerus.desk.system.report import log_text, names_of, without_names, write_report
from numerus.desk.window import MainWindow
from numerus.errors import BookError


def test_a_report_holds_no_name_and_no_path(demo: Book, tmp_path: Path) -> None:
    """Of an army, its figures and parts, in what was said and in the log; how many there are is told."""
    log = tmp_path / "numerus.log"
    figure = demo.plans.figures["lock-0"].name
    log.write_text(
        f"INFO opened {demo.path}\nWARNING zones of arm_L_bell: {figure} of {demo.plans.units['lock'].name}\n"
    )
    path = tmp_path / "report.zip"
    write_report(path, demo.plans, 77, EVENING, f"{figure} cannot be built from /home/me/Kit 1/a.stl", [log])
    with zipfile.ZipFile(path) as archive:
        assert sorted(archive.namelist()) == ["log.txt", "report.txt"]
        told = {name: archive.read(name).decode() for name in archive.namelist()}
    for text in told.values():
        assert not any(f" {name} " in text.replace("\n", " ") for name in names_of(demo.plans))
        assert (
            figure not in text
            and "arm_L_bell" not in text
            and str(tmp_path) not in text
            and "/home" not in text
            and "a.stl" not in text
        )
    assert (
        f"Numerus {__version__}" in told["report.txt"] and f"figures: {len(demo.plans.figures)}" in told["report.txt"]
    )
    assert (
        "cannot be built" in told["report.txt"]
        and "zones of" in told["log.txt"]
        and "journal entries at hand: 77" in told["report.txt"]
    )


@pytest.mark.parametrize(
    ("said", "left"),
    [
        ("Ann and Annet", "[…] and Annet"),
        ("read ~/kits/dwarf king.stl", "read […] king.stl"),
        ("from /home/me/Kit 1/a.stl: torn", "from [….stl]: torn"),
        ("8/10 of 3 mm/s", "8/10 of 3 mm/s"),
        ("Ann Marl, Ann", "[…], […]"),
    ],
)
def test_whole_names_go_and_nothing_else(said: str, left: str) -> None:
    """The longest first; a fraction is no path."""
    assert without_names(said, ["Ann Marl", "Ann"]) == left


def test_what_cannot_be_read_or_written_is_said(demo: Book, tmp_path: Path) -> None:
    """A log that is gone stands as such in the report; a folder that is not there is an error with advice."""
    assert "cannot be read" in log_text(tmp_path / "gone.log")
    with pytest.raises(BookError, match="cannot be written"):
        write_report(tmp_path / "nowhere" / "r.zip", demo.plans, 0, EVENING, "", [])


def test_what_went_wrong_is_copied_and_reported_from_the_window(window: MainWindow, tmp_path: Path) -> None:
    """A fault has Copy, good news has not; the report goes where it is asked to."""
    window.errors.tell(BookError("x", "The book is torn.", "Mend it."))
    assert window.errors.copy_button.isVisible()
    window.errors.copy_button.click()
    clipboard = QApplication.clipboard()
    assert (
        clipboard is not None and "The book is torn. Mend it." in clipboard.text() and __version__ in clipboard.text()
    )
    window.user_actions.write_report(tmp_path / "r.zip", window.errors.said)
    assert zipfile.is_zipfile(tmp_path / "r.zip") and "Read it before you send it" in window.errors.message.text()
    assert window.errors.copy_button.isHidden()
    window.user_actions.write_report(tmp_path / "nowhere" / "r.zip", "")
    assert "cannot be written" in window.errors.message.text()
