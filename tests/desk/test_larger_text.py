"""Text made larger is lost nowhere: what has no room is scrolled to."""

from __future__ import annotations

import pytest
from cut_words import DrawnText, cut_widgets
from key_steps import tab_to
from PyQt6.QtCore import QPoint, QRect
from PyQt6.QtWidgets import QApplication

from numerus.desk.theme.resources import load_fonts
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES


def test_no_bench_loses_words_when_text_is_larger(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """On every bench, in a window of 1280 by 800."""
    load_fonts()
    drawn = DrawnText(monkeypatch)
    window.theme.set_scale(1.5)
    lost: dict[str, set[str]] = {}
    for stage in STAGES:
        drawn.cut.clear()
        window.session.go(stage)
        QApplication.processEvents()
        assert window.width() == 1280
        lost[stage] = drawn.cut | cut_widgets(window.canvas)
    assert not any(lost.values()), lost


def test_what_has_the_focus_is_scrolled_into_view(window: MainWindow) -> None:
    """A button far to the right, reached by Tab alone at one and a half."""
    load_fonts()
    window.theme.set_scale(1.5)
    window.session.go("paint")
    QApplication.processEvents()
    area, wanted = window.scroll_area, window.benches["paint"].done_button
    assert not area.viewport().rect().contains(QRect(wanted.mapTo(area.viewport(), QPoint(0, 0)), wanted.size()))
    tab_to(wanted)
    assert area.viewport().rect().contains(QRect(wanted.mapTo(area.viewport(), QPoint(0, 0)), wanted.size()))
