"""What was closed is gone: nothing tells it anything any more, and it takes no room."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

import pytest
from PyQt6 import sip
from PyQt6.QtCore import QCoreApplication, QEvent, QObject, QTimer
from PyQt6.QtWidgets import QApplication

from numerus.book.book import Book
from numerus.desk.jobs import Jobs, calls_deleted_widget
from numerus.desk.trainer.trainer_dialog import TrainerDialog
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.window import MainWindow


def deleted_later() -> None:
    QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)


def test_the_first_page_is_told_of_no_zoom_once_a_book_is_open(make: Callable[[Book | None], MainWindow], demo: Book) -> None:
    """A window that is given less room when it is shown shrinks all that is there, and nothing else."""
    window = make(None)
    window.session.open(demo)
    deleted_later()
    before = window.band.maximumHeight()
    window.theme.fit(0.9)
    assert window.band.maximumHeight() < before


def test_dialogs_are_gone_when_they_were_closed(window: MainWindow, qapp: QApplication) -> None:
    """However often one is opened; what was entered can be read before."""
    read = list[str]()

    def opened() -> None:
        dialog = TrainerDialog(window.context, window.settings_path.with_name("practice"), "paint", window)
        QTimer.singleShot(0, dialog.reject)
        dialog.exec()
        read.append(dialog.kind)

    for _ in range(4):
        opened()
    deleted_later()
    assert len(read) == 4 and not window.findChildren(Dialog)


def test_a_job_that_ends_after_its_dialog_was_closed_tells_nobody(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Nothing is told to what is gone; what went wrong is still told."""
    jobs, said, asked = Jobs(), list[str](), Speaker()
    failed = list[object]()
    jobs.failed.connect(failed.append)
    jobs.start("one", "One", lambda _: 1, asked.hear)
    jobs.start("two", "Two", lambda _: 1, lambda _: said.append("two"))
    jobs.start("three", "Three", lambda _: 1 / 0, asked.hear)
    sip.delete(asked)
    qtbot.waitUntil(lambda: not jobs.busy)
    assert said == ["two"] and len(failed) == 1


class Speaker(QObject):
    def hear(self, _: object) -> None:
        raise AssertionError("gone")


@pytest.mark.parametrize("gone", [False, True])
def test_what_calls_deleted_widget_is_known_through_what_it_holds(gone: bool, qapp: QApplication) -> None:
    """Methods, functions that hold it, what is half applied, one in another; a function that holds itself ends, too."""
    speaker = Speaker()

    def again(_: object) -> None:
        again(speaker.hear)

    acts = [speaker.hear, lambda: speaker, partial(speaker.hear, 1), partial(print, speaker.hear), lambda: again, again]
    if gone:
        sip.delete(speaker)
    assert [calls_deleted_widget(act) for act in acts] == [gone] * len(acts)
    assert not calls_deleted_widget(print)
