"""Rings nobody holds go in a pause, not while somebody works."""

from __future__ import annotations

import gc
import weakref
from collections.abc import Iterator
from pathlib import Path

import pytest
from pytestqt.qtbot import QtBot

from helpers import EVENING
from numerus.book.book import Book
from numerus.desk.app import make_window
from numerus.desk.system.memory import PauseCollector, settle, unsettle
from numerus.desk.window import MainWindow


class Ring:
    """Holds itself, so that only the collector lets go of it."""

    def __init__(self) -> None:
        self.own = self


@pytest.fixture
def window(demo: Book, tmp_path: Path, qtbot: QtBot) -> Iterator[MainWindow]:
    before = gc.get_threshold()
    made = make_window(demo, lambda: EVENING, tmp_path / "settings.json", synchronous=True)
    qtbot.addWidget(made)
    yield made
    gc.set_threshold(*before)
    unsettle()


def old_ring() -> weakref.ref[Ring]:
    """One that small collections no longer look at."""
    ring = Ring()
    gc.collect(1)
    return weakref.ref(ring)


def test_no_whole_collection_comes_by_itself(window: MainWindow) -> None:
    """However much is made, an old ring stays: looking for it would hold the window up."""
    settle()
    ring, whole = old_ring(), gc.get_stats()[2]["collections"]
    _ = [[] for _ in range(400_000)]
    assert ring() is not None
    assert gc.get_stats()[2]["collections"] == whole
    assert gc.get_stats()[1]["collections"] > 0


def test_a_pause_after_something_was_done_lets_go_of_rings(window: MainWindow, qtbot: QtBot) -> None:
    """Opening a bench is something; without it nothing is looked for."""
    settle()
    PauseCollector(window.session, window.context.jobs, window, pause_ms=30)
    ring = old_ring()
    qtbot.wait(90)
    assert ring() is not None
    window.session.go("sort")
    qtbot.waitUntil(lambda: ring() is None)


def test_what_settled_is_let_go_of_in_another_language(window: MainWindow) -> None:
    """The old window settled with the program: a pause does not look at it, opening another one does."""
    ring = old_ring()
    settle()
    gc.collect()
    assert ring() is not None
    unsettle()
    assert ring() is None
