"""The real window on a virtual screen; a warning of Qt or the log fails the test."""

from __future__ import annotations

import logging
import uuid
from collections.abc import Callable, Iterator
from datetime import datetime
from pathlib import Path
from random import Random

import pytest
from hand_clock import Clock
from PyQt6 import sip
from PyQt6.QtCore import QtMsgType, qInstallMessageHandler
from PyQt6.QtWidgets import QApplication
from sculpt_steps import own_army

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.app import application, make_window
from numerus.desk.system.language import Language
from numerus.desk.window import MainWindow


@pytest.fixture(scope="session")
def qapp() -> QApplication:
    return application()


@pytest.fixture(autouse=True)
def strict(caplog: pytest.LogCaptureFixture) -> Iterator[None]:
    said: list[str] = []

    def heard(kind: QtMsgType, _: object, words: str | None) -> None:
        if kind != QtMsgType.QtDebugMsg and "propagateSizeHints" not in (words or ""):
            said.append(words or "")

    before = qInstallMessageHandler(heard)
    yield
    qInstallMessageHandler(before)
    logged = [r.getMessage() for r in caplog.records if r.levelno >= logging.WARNING]
    assert not said and not logged, said + logged


@pytest.fixture(autouse=True)
def same_ids(monkeypatch: pytest.MonkeyPatch) -> None:
    """The same ids, and so the simulated machine's same faults, every time."""
    dice = Random(28)
    monkeypatch.setattr(uuid, "uuid4", lambda: uuid.UUID(int=dice.getrandbits(128), version=4))


@pytest.fixture
def make(qtbot, tmp_path: Path, request: pytest.FixtureRequest) -> Iterator[Callable[..., MainWindow]]:  # type: ignore[no-untyped-def]
    """A shown window on a book; jobs run at once, the clock stands unless another is given. Orders and what Muster tried have turns of
    their own, as in the real window, unless the test is marked ``at_once``: it asks for them.
    """
    made: list[MainWindow] = []
    at_once = request.node.get_closest_marker("at_once") is not None

    def build(
        book: Book | None, clock: Callable[[], datetime] = lambda: EVENING, language: Language | None = None
    ) -> MainWindow:
        window = make_window(book, clock, tmp_path / "settings.json", synchronous=True, language=language, at_once=at_once)
        made.append(window)
        window.show()
        return window

    yield build
    for window in made:
        window.close()
        sip.delete(window)


@pytest.fixture
def clock() -> Clock:
    return Clock()


@pytest.fixture
def timed(make: Callable[..., MainWindow], demo: Book, clock: Clock) -> MainWindow:
    """On the demo, with a clock that is set by hand."""
    window = make(demo, clock)
    window.session.select("lock")
    return window


@pytest.fixture
def window(make: Callable[[Book | None], MainWindow], demo: Book) -> MainWindow:
    return make(demo)


@pytest.fixture
def own(make: Callable[[Book | None], MainWindow], tmp_path: Path) -> MainWindow:
    """An army of one's own: two sculpts in one piece, a rack, no zone and no scheme."""
    return own_army(make, tmp_path)
