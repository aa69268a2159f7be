"""The signs figures are drawn by: one shape and fill per unit, so that colour is never the only difference."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPainterPath, QPainterPathStroker, QPen, QTransform


def _coat() -> QPainterPath:
    """Hat and coat in a box of 12 x 16."""
    path = QPainterPath()
    path.addRoundedRect(QRectF(1.2, 3.6, 9.6, 1.5), 0.7, 0.7)
    path.addRoundedRect(QRectF(3.6, 0.8, 4.8, 3.4), 1, 1)
    path.addEllipse(QPointF(6, 6.3), 1.9, 1.7)
    coat = QPainterPath(QPointF(4.0, 7.8))
    for x, y in ((8.0, 7.8), (10.6, 15.4), (1.4, 15.4)):
        coat.lineTo(x, y)
    coat.closeSubpath()
    return path.united(coat)


def _pointed() -> QPainterPath:
    path = QPainterPath(QPointF(6, 0.2))
    for x, y in ((9.4, 4.6), (11, 5.6), (1, 5.6), (2.6, 4.6)):
        path.lineTo(x, y)
    path.closeSubpath()
    coat = QPainterPath(QPointF(4.2, 6.4))
    for x, y in ((7.8, 6.4), (10.6, 15.4), (1.4, 15.4)):
        coat.lineTo(x, y)
    coat.closeSubpath()
    return path.united(coat)


def _bell() -> QPainterPath:
    """A bell under its yoke."""
    path = QPainterPath()
    path.addRoundedRect(QRectF(2.2, 2.6, 7.6, 10.0), 3.8, 3.8)
    path.addRect(QRectF(2.2, 7.6, 7.6, 4.4))
    rim = QPainterPath()
    rim.addRoundedRect(QRectF(0.4, 10.9, 11.2, 2.2), 1.0, 1.0)
    yoke = QPainterPath()
    yoke.addRect(QRectF(5.1, 0.6, 1.8, 2.4))
    clapper = QPainterPath()
    clapper.addEllipse(QPointF(6, 14.4), 1.3, 1.3)
    return path.united(rim).united(yoke).united(clapper)


def _heron() -> QPainterPath:
    """Long legs, a body with a tail, a thin bent neck and a beak."""
    body = QPainterPath(QPointF(0.2, 8.6))
    body.cubicTo(2.4, 5.4, 6.6, 5.4, 7.6, 7.4)
    body.cubicTo(7.4, 9.6, 4.6, 10.4, 0.2, 8.6)
    stroker = QPainterPathStroker()
    stroker.setWidth(1.1)
    neck = QPainterPath(QPointF(7.0, 7.6))
    neck.cubicTo(9.8, 6.6, 6.2, 4.0, 7.8, 2.0)
    legs = QPainterPath(QPointF(4.2, 9.4))
    for x, y in ((4.8, 12.2), (4.0, 15.4)):
        legs.lineTo(x, y)
    legs.moveTo(5.6, 9.2)
    for x, y in ((6.6, 12.0), (6.4, 15.4)):
        legs.lineTo(x, y)
    beak = QPainterPath(QPointF(7.2, 0.8))
    for x, y in ((8.8, 0.9), (12, 2.6), (8.4, 2.8), (7.0, 2.4)):
        beak.lineTo(x, y)
    beak.closeSubpath()
    return body.united(stroker.createStroke(neck)).united(stroker.createStroke(legs)).united(beak)


_SHAPES = {"hat": _coat(), "hollow": _coat(), "half": _pointed(), "bell": _bell(), "heron": _heron()}
MARKS = tuple(_SHAPES)


def draw_mark(painter: QPainter, mark: str, x: float, y: float, height: float, colour: QColor) -> None:
    """The unit's sign with its top left at (x, y): solid, hollow or half filled by kind."""
    path = QTransform.fromTranslate(x, y).scale(height / 16, height / 16).map(_SHAPES.get(mark, _SHAPES["hat"]))
    painter.setPen(QPen(colour, max(1.0, height / 16)))
    painter.setBrush(Qt.BrushStyle.NoBrush if mark in ("hollow", "half") else colour)
    painter.drawPath(path)
    if mark == "half":
        painter.save()
        painter.setClipPath(path)
        painter.fillRect(QRectF(x, y + height * 0.55, height, height * 0.5), colour)
        painter.restore()


def draw_diamond(painter: QPainter, x: float, y: float, radius: float, fill: QColor, outline: QColor) -> None:
    """ "Look here": a diamond with an ink outline, centred."""
    path = QPainterPath(QPointF(x, y - radius))
    for dx, dy in ((radius, 0), (0, radius), (-radius, 0)):
        path.lineTo(x + dx, y + dy)
    path.closeSubpath()
    painter.setPen(QPen(outline, 1.2))
    painter.setBrush(fill)
    painter.drawPath(path)


def draw_warning(painter: QPainter, x: float, y: float, size: float, fill: QColor, outline: QColor) -> None:
    """A triangle with its bar and dot, its box's top left at (x, y)."""
    path = QPainterPath(QPointF(x + size / 2, y))
    path.lineTo(x + size, y + size * 0.9)
    path.lineTo(x, y + size * 0.9)
    path.closeSubpath()
    painter.setPen(QPen(outline, 1.2))
    painter.setBrush(fill)
    painter.drawPath(path)
    painter.drawLine(QPointF(x + size / 2, y + size * 0.32), QPointF(x + size / 2, y + size * 0.58))
    painter.drawPoint(QPointF(x + size / 2, y + size * 0.74))


def draw_tick(painter: QPainter, x: float, y: float, size: float, colour: QColor) -> None:
    painter.setPen(
        QPen(colour, max(1.4, size / 7), Qt.PenStyle.SolidLine, Qt.PenCapStyle.RoundCap, Qt.PenJoinStyle.RoundJoin)
    )
    painter.setBrush(Qt.BrushStyle.NoBrush)
    path = QPainterPath(QPointF(x, y + size * 0.55))
    path.lineTo(x + size * 0.38, y + size * 0.9)
    path.lineTo(x + size, y + size * 0.1)
    painter.drawPath(path)
