"""Letters of candidates and numbered pins, the same on every picture."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.theme.palette import Theme

LETTERS = "ABCDE"


def draw_letter(painter: QPainter, theme: Theme, x: float, y: float, letter: str, chosen: bool) -> None:
    """A candidate's letter in its box, centred."""
    box = QRectF(x - 9, y - 9, 18, 18)
    painter.setPen(QPen(theme.colour("ink"), 1))
    painter.setBrush(theme.colour("river" if chosen else "chalk"))
    painter.drawRoundedRect(box, 3, 3)
    painter.setFont(theme.drawn_font(11, True))
    painter.setPen(theme.colour("on_river" if chosen else "ink"))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, letter)


def draw_pin(painter: QPainter, theme: Theme, at: QPointF, number: str) -> None:
    """A numbered pin whose point is at ``at``."""
    path = QPainterPath(at)
    path.cubicTo(at + QPointF(-3, -8), at + QPointF(-9, -11), at + QPointF(-9, -18))
    path.arcTo(QRectF(at.x() - 9, at.y() - 27, 18, 18), 180, -180)
    path.cubicTo(at + QPointF(9, -11), at + QPointF(3, -8), at)
    painter.setPen(QPen(theme.colour("ink"), 1.2))
    painter.setBrush(theme.colour("chalk"))
    painter.drawPath(path)
    painter.setFont(theme.drawn_font(11, True))
    painter.setPen(theme.colour("ink"))
    painter.drawText(QRectF(at.x() - 9, at.y() - 27, 18, 18), Qt.AlignmentFlag.AlignCenter, number)
