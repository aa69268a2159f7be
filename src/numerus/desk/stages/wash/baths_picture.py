"""Two tubs, as full as they are and as dark as they are dirty."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.post.wash import Bath


class BathsPicture(Drawing):
    """Two tubs, as full as they are and as dark as they are dirty, and how much life is left in each."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Baths")
        self.tubs: tuple[Bath, ...] = ()
        self.coming_ml = 0.0
        self.hold("setMinimumSize", 320, 220)

    def draw(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 6, 6)
        wide = min(190.0, self.width() * 0.36)
        high = min(210.0, self.height() * 0.52)
        for number, bath in enumerate(self.tubs):
            x = self.width() * (0.28 + 0.44 * number) - wide / 2
            self._tub(painter, bath, QRectF(x, self.height() * 0.5 - high / 2, wide, high))
        middle = self.width() / 2
        self.line(painter, middle - 18, self.height() / 2, middle + 14, self.height() / 2, "slate", 2)
        arrow = QPainterPath(QPointF(middle + 20, self.height() / 2))
        arrow.lineTo(middle + 10, self.height() / 2 - 6)
        arrow.lineTo(middle + 10, self.height() / 2 + 6)
        painter.setBrush(self.theme.colour("slate"))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawPath(arrow)
        self.text(
            painter,
            middle,
            self.height() - 16,
            f"This plate carries about {self.coming_ml:.1f} ml of resin in",
            11,
            colour="slate",
            align=CENTRE,
        )

    def _tub(self, painter: QPainter, bath: Bath, box: QRectF) -> None:
        spent = min(bath.spent, 1.0)
        painter.setPen(QPen(self.theme.colour("ink"), 1.6))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 6, 6)
        level = QRectF(box.left() + 3, box.top() + box.height() * 0.22, box.width() - 6, box.height() * 0.78 - 3)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("#9C8F73", 0.18 + 0.6 * spent))
        painter.drawRoundedRect(level, 4, 4)
        sludge = QRectF(
            level.left(), level.bottom() - level.height() * 0.35 * spent, level.width(), level.height() * 0.35 * spent
        )
        painter.setBrush(self.theme.colour("#6E6248", 0.75))
        painter.drawRect(sludge)
        self.text(painter, box.center().x(), box.top() - 12, f"{bath.name} bath", 16, True, align=CENTRE)
        self.text(
            painter, box.center().x(), level.center().y(), f"{max(0.0, 1 - bath.spent):.0%}", 22, True, align=CENTRE
        )
        self.text(
            painter,
            box.center().x(),
            level.center().y() + 18,
            "of its life left" if bath.spent < 1 else "spent: change it",
            11,
            bath.spent >= 1,
            align=CENTRE,
        )
        self.text(
            painter,
            box.center().x(),
            box.bottom() + 18,
            f"{bath.litres:g} l, {bath.carried_ml:.1f} ml of resin in it",
            11,
            colour="slate",
            align=CENTRE,
        )
        description = (
            "Resin washed in since it was changed, by weight, against the 8 % at which a bath no longer cleans"
        )
        self.region(box, description)
