"""Words that a picture or a widget could not show whole."""

from __future__ import annotations

import pytest
from PyQt6.QtCore import QRect, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter
from PyQt6.QtWidgets import QAbstractButton, QLabel, QWidget

from numerus.desk.translate import tr
from numerus.desk.widgets.drawing import Drawing


class DrawnText:
    """Notes what drawings could not write whole."""

    def __init__(self, monkeypatch: pytest.MonkeyPatch) -> None:
        self.cut: set[str] = set()
        write = Drawing.text

        def text(
            drawing: Drawing, painter: QPainter, x: float, y: float, words: str, *args: object, **more: object
        ) -> float:
            wide = write(drawing, painter, x, y, words, *args, **more)  # type: ignore[arg-type]
            whole = QFontMetricsF(painter.font()).horizontalAdvance(tr(words))
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
