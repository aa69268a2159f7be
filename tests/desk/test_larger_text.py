"""Text made larger is lost nowhere: what has no room is scrolled to."""

from __future__ import annotations

import pytest
from key_steps import tab_to
from PyQt6.QtCore import QPoint, QRect, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter
from PyQt6.QtWidgets import QAbstractButton, QApplication, QLabel, QWidget

from numerus.desk.theme.resources import load_fonts
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES


class DrawnText:
    """Notes what drawings could not write whole."""

    def __init__(self, monkeypatch: pytest.MonkeyPatch) -> None:
        self.cut: set[str] = set()
        write = Drawing.text

        def text(
            drawing: Drawing, painter: QPainter, x: float, y: float, words: str, *args: object, **more: object
        ) -> float:
            wide = write(drawing, painter, x, y, words, *args, **more)  # type: ignore[arg-type]
            whole = QFontMetricsF(painter.font()).horizontalAdvance(words)
            if wide < whole - 0.5:
                self.cut.add(words)
            return wide

        monkeypatch.setattr(Drawing, "text", text)


def cut_widgets(inside: QWidget) -> set[str]:
    """Labels and buttons in view whose words do not fit them."""
    cut = set()
    for widget in inside.findChildren(QLabel) + inside.findChildren(QAbstractButton):
        words = widget.text()
        if not widget.isVisible() or not words or "<" in words:
            continue
        wraps = isinstance(widget, QLabel) and widget.wordWrap()
        how = int(Qt.TextFlag.TextWordWrap) if wraps else 0
        needed = widget.fontMetrics().boundingRect(QRect(0, 0, widget.width(), 4000), how, words)
        if needed.width() > widget.width() + 1 or needed.height() > widget.height() + 1:
            cut.add(words)
    return cut


@pytest.mark.parametrize("scale", [1.3, 1.5])
def test_no_bench_loses_words_when_text_is_larger(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch, scale: float
) -> None:
    """On every bench, in a window of 1280 by 800."""
    load_fonts()
    drawn = DrawnText(monkeypatch)
    window.theme.set_scale(scale)
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
