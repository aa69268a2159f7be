"""Pictures of the Cure bench: every part's dose from least to most, on either side of the target."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.post.curing.lamp_load import Cured, PartDose

ROW_PX, MOST_ROWS = 19.0, 6
NAME_W, SHARES_W, OFF_W = 132.0, 112.0, 76.0


class DoseList(Drawing):
    """Parts, the worst first: a thin line from least to most after the first side, a thick one turned over, a dot at the median."""

    chosen = pyqtSignal(int)
    off_changed = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Dose of every part")
        self.parts: list[PartDose] = []
        self.off: dict[str, str] = {}
        self.from_row = 0
        self.target, self.brittle, self.most, self.at_part = 1.2, 8.0, 3.6, 0
        self.hold("setFixedHeight", 34 + ROW_PX * MOST_ROWS)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_parts(self, parts: list[PartDose], cured: list[Cured], at_part: int, off: dict[str, str]) -> None:
        """``at_part``: the one that is shown; ``off``: when supports come off, by name, where that is chosen part by part."""
        self.parts, self.at_part, self.off = parts, at_part, off
        self.from_row = self.from_row if self.from_row < len(parts) else 0
        if cured:
            self.target, self.brittle = cured[0].station.target_j_per_cm2, cured[0].station.brittle_j_per_cm2
        highest = max((float(np.quantile(p.both, 0.98)) for p in parts), default=0.0)
        self.most = max(3 * self.target, 1.1 * highest)
        self.update()

    def draw(self, painter: QPainter) -> None:
        left, wide = NAME_W, self.width() - NAME_W - SHARES_W - (OFF_W if self.off else 0.0)
        if self.off:
            self.text(painter, self.width() - SHARES_W - 4, 13, "supports off", 11, colour="slate", align=RIGHT)

        def x_of(dose: float) -> float:
            return left + wide * min(dose / self.most, 1.0)

        self.text(painter, 0, 13, "Parts, worst first", 13, True, width=NAME_W)
        self.text(painter, self.width() - 56, 13, "one side", 11, colour="slate", align=RIGHT)
        self.text(painter, self.width(), 13, "turned", 11, colour="slate", align=RIGHT)
        shown = self.parts[self.from_row : self.from_row + MOST_ROWS]
        bottom = 22 + ROW_PX * len(shown)
        self.bar(painter, left, 20, x_of(self.target) - left, bottom - 20, "bed")
        if self.most > self.brittle:
            self._brittle(painter, x_of(self.brittle), left + wide, bottom)
        for number, part in enumerate(shown):
            self._row(painter, number, part, x_of)
        self.line(painter, x_of(self.target), 18, x_of(self.target), bottom, "ink", 1.5)
        self.text(painter, x_of(self.target) + 3, 13, f"{self.target:g} J/cm²", 11)
        if len(self.parts) > MOST_ROWS:
            words = f"{self.from_row + 1} to {self.from_row + len(shown)} of {len(self.parts)}, the next …"
            self.text(painter, 0, bottom + 11, words, 11, True, "river")
            self.region(QRectF(0, bottom, 180, 16), f"Parts {words}", self._next_rows)

    def _next_rows(self) -> None:
        """The next rows of the list, after its end the first again."""
        self.from_row = self.from_row + MOST_ROWS if self.from_row + MOST_ROWS < len(self.parts) else 0
        self.update()

    def _brittle(self, painter: QPainter, x: float, right: float, bottom: float) -> None:
        """From where on it is too much."""
        self.bar(painter, x, 20, right - x, bottom - 20, "brickwash")
        self.line(painter, x, 18, x, bottom, "brick", 1.5)
        self.text(painter, x + 3, 13, "brittle", 11, colour="brick")

    def _row(self, painter: QPainter, number: int, part: PartDose, x_of) -> None:  # type: ignore[no-untyped-def]
        y = 32 + ROW_PX * number
        box = QRectF(0, y - 11, self.width(), ROW_PX - 1)
        at = self.from_row + number
        if at == self.at_part:
            self.bar(painter, box.left(), box.top(), box.width(), box.height(), "riverwash")
        self.text(painter, 4, y + 3, part.part.name, 11, at == self.at_part, width=NAME_W - 10)
        for dose, off, tone, thick in ((part.first, -3.0, "slate", 1.4), (part.both, 2.0, "river", 2.6)):
            low, middle, high = (float(v) for v in np.quantile(dose, (0.02, 0.5, 0.98)))
            self.line(painter, x_of(low), y + off, x_of(high), y + off, tone, thick)
            painter.setPen(QPen(self.theme.colour(tone), 1.4))
            painter.setBrush(self.theme.colour(tone if thick > 2 else "chalk"))
            painter.drawEllipse(QPointF(x_of(middle), y + off), 3.2, 3.2)
        self._limit(painter, x_of(float(part.limit.min())), y)
        under = [part.share_under(d, self.target) for d in (part.first, part.both)]
        self.text(painter, self.width() - 56, y + 3, f"{under[0]:.0%}", 11, align=RIGHT)
        self.text(
            painter, self.width(), y + 3, f"{under[1]:.0%}", 11, True, "brick" if under[1] > 0.1 else "ink", RIGHT
        )
        least, median, most = part.spread
        says = f"{part.part.name}: {least:.1f} to {most:.1f} J/cm², median {median:.1f}; {under[1]:.0%} of its skin under {self.target:g}"
        self.region(box, says, lambda: self.chosen.emit(at))
        if part.part.name in self.off:
            self._when_off(painter, part.part.name, y)

    def _limit(self, painter: QPainter, x: float, y: float) -> None:
        """From where on its thinnest skin is brittle."""
        self.line(painter, x, y - 7, x, y + 6, "brick", 1.5)

    def _when_off(self, painter: QPainter, name: str, y: float) -> None:
        """Before the lamp or after it; a click changes it."""
        when, right = self.off[name], self.width() - SHARES_W - 4
        self.text(painter, right, y + 3, when, 11, True, "river", RIGHT)
        box = QRectF(right - OFF_W + 12, y - 11, OFF_W - 8, ROW_PX - 1)
        self.region(
            box, f"{name}: supports off {when} the lamp; click for the other", lambda: self.off_changed.emit(name)
        )
