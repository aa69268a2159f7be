"""A clock as a ring that fills, and minutes as a clock tells them."""

from __future__ import annotations

from datetime import timedelta

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.widgets.drawing import Drawing


def clock_words(minutes: float) -> str:
    """ "3:07": minutes and seconds."""
    seconds = int(timedelta(seconds=round(minutes * 60)).total_seconds())
    return f"{seconds // 60}:{seconds % 60:02d}"


def draw_ring(drawing: Drawing, painter: QPainter, middle: QPointF, radius: float, share: float, late: bool) -> None:
    """How much of the planned minutes has gone."""
    theme = drawing.theme
    box = QRectF(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius)
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.setPen(QPen(theme.colour("hairline"), radius / 5))
    painter.drawEllipse(box)
    pen = QPen(theme.colour("tallow" if late else "river"), radius / 5)
    pen.setCapStyle(Qt.PenCapStyle.FlatCap)
    painter.setPen(pen)
    painter.drawArc(box, 90 * 16, -round(min(share, 1.0) * 360 * 16))
