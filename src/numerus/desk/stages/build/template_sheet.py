"""Drill templates as a sheet of paper at true size: both faces of every joint with a pin or magnet, a bar to measure the print by."""

from __future__ import annotations

from collections.abc import Sequence
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QMarginsF, QPointF, QRectF, QSizeF, Qt
from PyQt6.QtGui import QPageLayout, QPageSize, QPainter, QPdfWriter, QPen, QPolygonF

from numerus.assembly.drill_template import DrillTemplate
from numerus.desk.theme.palette import Theme
from numerus.errors import BookError
from numerus.geometry.mesh import Floats

PAGE_MM, EDGE_MM = (210.0, 297.0), 15.0
BAR_MM = 50.0
LEAST_ROW_MM = 34.0
FIRST_MM = 50.0  # from the top to the first joint
WORDS_A_MM = 10.0  # text is drawn in tenths of a millimetre
MIND = (
    "Wear goggles; hold the part in a clamp, not in the hand; a sharp bit, slowly, and let the dust fall on a damp cloth. "
    "Keep magnets from children: swallowed ones injure. Local rules and the makers' sheets come before this one."
)


def write_templates(templates: Sequence[DrillTemplate], title: str, path: Path) -> None:
    """As PDF, A4, one millimetre a millimetre. Raises BookError where it cannot be written."""
    try:
        path.open("ab").close()
    except OSError as error:
        raise BookError(
            "unwritable", f"{path.name} could not be written: {error.strerror}.", "Choose another folder."
        ) from error
    device = QPdfWriter(str(path))
    device.setTitle(title)
    device.setPageLayout(
        QPageLayout(
            QPageSize(QSizeF(*PAGE_MM), QPageSize.Unit.Millimeter), QPageLayout.Orientation.Portrait, QMarginsF(0, 0, 0, 0)
        )
    )  # fmt: skip
    painter = QPainter(device)
    painter.scale(device.resolution() / 25.4, device.resolution() / 25.4)
    sheet = _Sheet(painter, title)
    for template in templates:
        if not sheet.has_room(template):
            device.newPage()
            sheet.begin()
        sheet.draw(template)
    painter.end()


class _Sheet:
    """Pages one after another, in millimetres."""

    def __init__(self, painter: QPainter, title: str) -> None:
        self.painter, self.title, self.theme = painter, title, Theme(False)
        self.y = 0.0
        self.begin()

    def begin(self) -> None:
        self._words(EDGE_MM, 14, self.title, 5, True)
        self._words(EDGE_MM, 22, f"Print at 100 %: this bar is {BAR_MM:.0f} mm long.", 3)
        self._pen(0.2)
        self.painter.drawRect(QRectF(EDGE_MM, 30, BAR_MM, 2))
        self._words(EDGE_MM, 34, MIND, 2.6)
        self.y = FIRST_MM

    def has_room(self, template: DrillTemplate) -> bool:
        return self.y + _row_mm(template) < PAGE_MM[1] - EDGE_MM or self.y == FIRST_MM

    def draw(self, template: DrillTemplate) -> None:
        high = _row_mm(template)
        self._words(EDGE_MM, self.y, f"{template.a} to {template.b}", 3.6, True)
        self._words(EDGE_MM, self.y + 5, template.description, 3)
        for number, name in enumerate((template.a, template.b)):
            middle = QPointF(PAGE_MM[0] * (0.3 + 0.4 * number), self.y + 10 + (high - 16) / 2)
            self._face(template.face(bool(number)), middle, template.bore_mm)
            if template.magnet is not None:
                self._words(middle.x() + template.bore_mm / 2 + 1, middle.y() - 5.5, "+−"[number], 5, True)
            self._words(middle.x() - 30, self.y + high - 6, f"face of the {name}", 2.8)
        self.y += high

    def _face(self, outlines: Sequence[Floats], middle: QPointF, bore_mm: float) -> None:
        """Paper's y runs down, a face's up."""
        self._pen(0.15)
        for line in outlines:
            self.painter.drawPolygon(QPolygonF([QPointF(middle.x() + x, middle.y() - y) for x, y in line]))
        self._pen(0.08)
        self.painter.drawEllipse(middle, bore_mm / 2, bore_mm / 2)
        arm = bore_mm / 2 + 2.5
        for along in (QPointF(arm, 0), QPointF(0, arm)):
            self.painter.drawLine(middle - along, middle + along)

    def _pen(self, wide_mm: float) -> None:
        self.painter.setPen(QPen(Qt.GlobalColor.black, wide_mm))
        self.painter.setBrush(Qt.BrushStyle.NoBrush)

    def _words(self, x: float, y: float, words: str, high_mm: float, strong: bool = False) -> None:
        self.painter.save()
        self.painter.scale(1 / WORDS_A_MM, 1 / WORDS_A_MM)
        font = self.theme.drawn_font(11, strong)
        font.setPixelSize(round(high_mm * WORDS_A_MM))
        self.painter.setFont(font)
        self.painter.setPen(Qt.GlobalColor.black)
        box = QRectF(x, y, PAGE_MM[0] - EDGE_MM - x, 4 * high_mm)
        self.painter.drawText(
            QRectF(*(WORDS_A_MM * v for v in (box.x(), box.y(), box.width(), box.height()))),
            Qt.TextFlag.TextWordWrap,
            words,
        )
        self.painter.restore()


def _row_mm(template: DrillTemplate) -> float:
    """How high a joint's faces stand, with their words."""
    reach = max((float(np.abs(line[:, 1] - template.mark[1]).max()) for line in template.outlines), default=0.0)
    return max(2 * reach + 24, LEAST_ROW_MM)
