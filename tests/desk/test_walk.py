"""A short walk round the demo: six places by one button, left at any time; from nothing it opens the demo."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QPushButton

from numerus.desk.panels.walk import PLACES
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES


def test_every_place_is_shown_at_its_stage(window: MainWindow) -> None:
    """By Enter alone; its words fit the window; after the last it is gone; left half way nothing else has changed."""
    window.show()
    window.actions_by_title["A short walk"].trigger()
    walk, before = window.walk, window.session.answers.facts
    for number, place in enumerate(PLACES):
        assert window.session.stage == place.stage and walk.title.text().startswith(f"{number + 1} of {len(PLACES)}")
        assert walk.isVisibleTo(window) and walk.words.text() == place.words and place.stage in STAGES
        QTest.keyClick(walk.next, Qt.Key.Key_Space)
    assert not walk.isVisibleTo(window) and window.session.answers.facts is before
    walk.take()
    walk.go(1)
    walk.back.click()
    assert window.session.stage == PLACES[0].stage
    walk.leave_button.click()
    assert not walk.isVisibleTo(window)


def test_its_words_take_no_room_from_the_benches(window: MainWindow, qapp: QApplication) -> None:
    """In a window as small as it may be for text of this size a bench is as high as before, and scrolled."""
    window.resize(1280, 780)
    high, bar = {}, window.scroll_area.verticalScrollBar()
    assert bar is not None
    for walking in (False, True, False):
        if walking:
            window.walk.take()
        for place in PLACES:
            window.session.go(place.stage)
            qapp.processEvents()
            assert window.bench.height() >= high.setdefault(place.stage, window.bench.height())
            assert bar.isVisible() == walking and (not walking or window.walk.geometry().bottom() < window.height())
        window.walk.leave()


def test_figures_named_on_the_walk_are_in_the_demo(window: MainWindow) -> None:
    assert all(not p.figure_id or p.figure_id in window.session.plans.figures for p in PLACES)


def test_the_first_page_offers_it(window: MainWindow) -> None:
    """Beside the demo, a new army and a book."""
    window.session.open(None)
    shown = [b.text() for b in window.pages.currentWidget().findChildren(QPushButton)]
    assert shown[:4] == ["Open the demo army", "A short walk", "Start an army", "Open a book"]
    opened = []
    window.walk.open_demo = lambda: opened.append("demo")
    window.walk.take()
    assert opened == ["demo"] and window.walk.at == -1
