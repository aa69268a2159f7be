"""Sheets at true size to pin on the foam, one page a tray as large as the tray, and labels for the trays, as PDF."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

from PyQt6.QtCore import QMarginsF, QPointF, QRectF, QSizeF, Qt
from PyQt6.QtGui import QFont, QPageLayout, QPageSize, QPainter, QPdfWriter, QPen, QPolygonF

from numerus.errors import BookError
from numerus.packing.trays import Tray

DPI = 600
MM = DPI / 25.4
RULER_MM = 100
LABEL_MM = 90.0, 50.0


def write_sheets(trays: Sequence[Tray], path: Path) -> None:
    """Each tray's edge and pockets at 1:1 with names, and a line of a hundred millimetres to check the printer by. Raises BookError."""
    painter, writer = QPainter(), _writer(path, trays[0].wide_mm, trays[0].deep_mm)
    _begin(painter, writer, path)
    for number, tray in enumerate(trays):
        if number:
            _page(writer, tray.wide_mm, tray.deep_mm)
            writer.newPage()
        _draw(painter, tray, number + 1)
    painter.end()


def _draw(painter: QPainter, tray: Tray, number: int) -> None:
    painter.setPen(QPen(Qt.GlobalColor.black, 0.2 * MM))
    painter.setFont(QFont("Source Sans 3", 9))
    painter.drawRect(QRectF(0, 0, tray.wide_mm * MM, tray.deep_mm * MM))
    for laid in tray.laid:
        shape = QPolygonF([QPointF(x * MM, (tray.deep_mm - y) * MM) for x, y in laid.outline])
        painter.drawPolygon(shape)
        painter.drawText(
            shape.boundingRect(), Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap, laid.pocket.figure
        )
    low = (tray.deep_mm - 1.5) * MM
    long = min(RULER_MM, tray.wide_mm - 10)
    painter.drawLine(QPointF(3 * MM, low), QPointF((3 + long) * MM, low))
    painter.drawText(
        QPointF(3 * MM, low - 0.8 * MM), f"tray {number}, {tray.high_mm:.0f} mm deep; this line is {long:.0f} mm"
    )


def write_labels(labels: Sequence[Sequence[str]], path: Path) -> None:
    """On A4, two beside each other, to be cut out. Raises BookError."""
    painter, writer = QPainter(), _writer(path, 210, 297)
    _begin(painter, writer, path)
    wide, high = LABEL_MM
    for number, lines in enumerate(labels):
        place = number % 10
        if number and not place:
            writer.newPage()
        x, y = (10 + (place % 2) * (wide + 5)) * MM, (10 + place // 2 * (high + 5)) * MM
        painter.setPen(QPen(Qt.GlobalColor.black, 0.2 * MM))
        painter.drawRect(QRectF(x, y, wide * MM, high * MM))
        for row, words in enumerate(lines):
            painter.setFont(QFont("Source Sans 3", 14 if row == 1 else 10))
            painter.drawText(QRectF(x + 3 * MM, y + (2 + 7.6 * row) * MM, (wide - 6) * MM, 8 * MM), 0, words)
    painter.end()


def _writer(path: Path, wide_mm: float, deep_mm: float) -> QPdfWriter:
    if not path.parent.is_dir():
        raise BookError("unwritable", f"{path.name} could not be written.", "Choose another folder.")
    writer = QPdfWriter(str(path))
    writer.setResolution(DPI)
    _page(writer, wide_mm, deep_mm)
    return writer


def _page(writer: QPdfWriter, wide_mm: float, deep_mm: float) -> None:
    size = QPageSize(QSizeF(wide_mm, deep_mm), QPageSize.Unit.Millimeter, "", QPageSize.SizeMatchPolicy.ExactMatch)
    writer.setPageLayout(QPageLayout(size, QPageLayout.Orientation.Portrait, QMarginsF(0, 0, 0, 0)))


def _begin(painter: QPainter, writer: QPdfWriter, path: Path) -> None:
    if not painter.begin(writer):
        raise BookError("unwritable", f"{path.name} could not be written.", "Choose another folder.")
