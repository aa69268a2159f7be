"""Pictures of the Cure bench: every part's dose from least to most, on either side of the target."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.post.lamp_load import Cured, PartDose

ROW_PX, MOST_ROWS = 19.0, 7
NAME_W, SHARES_W = 132.0, 112.0


class DoseList(Drawing):
    """Parts, the worst first: a thin line from least to most after the first side, a thick one turned over, a dot at the median."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Dose of every part")
        self.parts: list[PartDose] = []
        self.target, self.brittle, self.most, self.at_part = 1.2, 8.0, 3.6, 0
        self.hold("setFixedHeight", 34 + ROW_PX * MOST_ROWS)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_parts(self, parts: list[PartDose], cured: list[Cured], at_part: int) -> None:
        """``at_part``: the one that is shown."""
        self.parts, self.at_part = parts, at_part
        if cured:
            self.target, self.brittle = cured[0].station.target_j_per_cm2, cured[0].station.brittle_j_per_cm2
        highest = max((float(np.quantile(p.both, 0.98)) for p in parts), default=0.0)
        self.most = max(3 * self.target, 1.1 * highest)
        self.update()

    def draw(self, painter: QPainter) -> None:
        left, wide = NAME_W, self.width() - NAME_W - SHARES_W

        def x_of(dose: float) -> float:
            return left + wide * min(dose / self.most, 1.0)

        self.text(painter, 0, 13, "Parts, worst first", 13, True, width=NAME_W)
        self.text(painter, self.width() - 56, 13, "one side", 11, colour="slate", align=RIGHT)
        self.text(painter, self.width(), 13, "turned", 11, colour="slate", align=RIGHT)
        bottom = 22 + ROW_PX * min(len(self.parts), MOST_ROWS)
        self.bar(painter, left, 20, x_of(self.target) - left, bottom - 20, "bed")
        if self.most > self.brittle:
            self._brittle(painter, x_of(self.brittle), left + wide, bottom)
        for number, part in enumerate(self.parts[:MOST_ROWS]):
            self._row(painter, number, part, x_of)
        self.line(painter, x_of(self.target), 18, x_of(self.target), bottom, "ink", 1.5)
        self.text(painter, x_of(self.target) + 3, 13, f"{self.target:g} J/cm²", 11)
        if len(self.parts) > MOST_ROWS:
            self.text(painter, 0, bottom + 11, f"and {len(self.parts) - MOST_ROWS} others, better", 11, colour="slate")

    def _brittle(self, painter: QPainter, x: float, right: float, bottom: float) -> None:
        """From where on it is too much."""
        self.bar(painter, x, 20, right - x, bottom - 20, "brickwash")
        self.line(painter, x, 18, x, bottom, "brick", 1.5)
        self.text(painter, x + 3, 13, "brittle", 11, colour="brick")

    def _row(self, painter: QPainter, number: int, part: PartDose, x_of) -> None:  # type: ignore[no-untyped-def]
        y = 32 + ROW_PX * number
        box = QRectF(0, y - 11, self.width(), ROW_PX - 1)
        if number == self.at_part:
            self.bar(painter, box.left(), box.top(), box.width(), box.height(), "riverwash")
        self.text(painter, 4, y + 3, part.part.name, 11, number == self.at_part, width=NAME_W - 10)
        for dose, off, tone, thick in ((part.first, -3.0, "slate", 1.4), (part.both, 2.0, "river", 2.6)):
            low, middle, high = (float(v) for v in np.quantile(dose, (0.02, 0.5, 0.98)))
            self.line(painter, x_of(low), y + off, x_of(high), y + off, tone, thick)
            painter.setPen(QPen(self.theme.colour(tone), 1.4))
            painter.setBrush(self.theme.colour(tone if thick > 2 else "chalk"))
            painter.drawEllipse(QPointF(x_of(middle), y + off), 3.2, 3.2)
        under = [part.share_under(d, self.target) for d in (part.first, part.both)]
        self.text(painter, self.width() - 56, y + 3, f"{under[0]:.0%}", 11, align=RIGHT)
        self.text(
            painter, self.width(), y + 3, f"{under[1]:.0%}", 11, True, "brick" if under[1] > 0.1 else "ink", RIGHT
        )
        least, median, most = part.spread
        says = f"{part.part.name}: {least:.1f} to {most:.1f} J/cm², median {median:.1f}; {under[1]:.0%} of its skin under {self.target:g}"
        self.region(box, says, lambda n=number: self.chosen.emit(n))
