"""The first colour on a batch: how long each way takes for so many figures, where they cross, and what each costs."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.stages.prime.state import FirstColour
from numerus.desk.widgets.drawing import CENTRE, RIGHT, StatedDrawing
from numerus.paint.priming.base_coats import BaseCoat
from numerus.words import counted, span

LEAST_FIGURES, TABLE_ROW_PX, LABEL_PX, LEFT_PX = 12, 24.0, 150.0, 44.0
COLUMNS = (("minutes", 250.0), ("paint", 340.0), ("lost", 410.0), ("cost", 490.0), ("pays from", 620.0))
DASHES = ((), (6.0, 3.0), (2.0, 2.0), (8.0, 3.0, 2.0, 3.0))


class FirstColourChart(StatedDrawing[FirstColour]):
    """Minutes against figures, a line a way, the batch that waits marked on them; below them a row a way."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Ways to lay the first colour")

    def draw(self, painter: QPainter) -> None:
        if self.state is None or not self.state.ways:
            self.text(painter, 0, 40, "Nothing waits whose first colour is known: name zones and write a recipe.", 13)
            return
        state, high = self.state, self.height() - 64 - TABLE_ROW_PX * len(self.state.ways)
        self.text(painter, 0, 20, state.title, 16, True, width=self.width())
        most = max(2 * state.figures, LEAST_FIGURES)
        box = QRectF(LEFT_PX, 44, self.width() - LEFT_PX - LABEL_PX, high - 62)
        self._axes(painter, box, most, max(w.minutes(most) for w in state.ways))
        self._lines(painter, box, state, most)
        for number, way in enumerate(state.ways):
            self._row(painter, way, state, high + 42 + number * TABLE_ROW_PX)
        for words, x in COLUMNS:
            self.text(painter, x, high + 22, words, 11, colour="slate", align=RIGHT)
        self.text(painter, 0, self.height() - 4, state.note, 11, colour="slate", width=self.width())

    def _axes(self, painter: QPainter, box: QRectF, most: int, longest: float) -> None:
        self.line(painter, box.left(), box.bottom(), box.right(), box.bottom(), "slate")
        every = max(round(most / 6), 1)
        for n in range(every, most + 1, every):
            x = box.left() + box.width() * n / most
            self.line(painter, x, box.bottom(), x, box.bottom() + 3, "slate")
            self.text(painter, x, box.bottom() + 15, str(n), 11, colour="slate", align=CENTRE)
        self.text(painter, box.right() + 8, box.bottom() + 15, "figures", 11, colour="slate")
        step = next(s for s in (5, 10, 20, 30, 60, 120, 240, 600, 6000) if longest / s <= 5)
        for n in range(1, int(longest // step) + 1):
            y = box.bottom() - box.height() * n * step / longest
            self.line(painter, box.left(), y, box.right(), y)
            self.text(painter, box.left() - 6, y + 4, f"{n * step} min", 11, colour="slate", align=RIGHT)

    def _lines(self, painter: QPainter, box: QRectF, state: FirstColour, most: int) -> None:
        longest = max(w.minutes(most) for w in state.ways)

        def at(way: BaseCoat, n: float) -> QPointF:
            minutes = way.setup_min + way.figure_min * n
            return QPointF(box.left() + box.width() * n / most, box.bottom() - box.height() * minutes / longest)

        here = box.left() + box.width() * state.figures / most
        self.line(painter, here, box.top() - 8, here, box.bottom(), "river", 1.6)
        self.text(painter, here + 5, box.top() - 2, f"{counted(state.figures, 'figure')} wait", 11, True, "river")
        labels: list[float] = []
        for number, way in enumerate(sorted(state.ways, key=lambda w: -w.minutes(most))):
            path = QPainterPath(at(way, 0))
            path.lineTo(at(way, most))
            pen = QPen(self.theme.colour("ink"), 1.8)
            if DASHES[number]:
                pen.setDashPattern(list(DASHES[number]))
            painter.setPen(pen)
            painter.drawPath(path)
            painter.setBrush(self.theme.colour("river"))
            painter.setPen(QPen(self.theme.colour("ink"), 1))
            painter.drawEllipse(at(way, state.figures), 3.6, 3.6)
            y = max(at(way, most).y() + 4, (labels[-1] + 14) if labels else 0)
            labels.append(y)
            self.text(painter, box.right() + 8, y, way.name, 11, True)

    def _row(self, painter: QPainter, way: BaseCoat, state: FirstColour, y: float) -> None:
        quickest = way is state.ways[0]
        self.text(painter, 0, y, way.name.capitalize(), 13, quickest)
        pays = way.pays_from(state.brush)
        cells = (
            span(way.minutes(state.figures)), f"{way.ml:.1f} ml", f"{way.lost_ml / way.ml:.0%}" if way.lost_ml else "–",
            f"{state.currency} {way.pence / 100:.2f}", "" if way is state.brush else counted(pays, "figure") if pays else "never",
        )  # fmt: skip
        for (_, x), words in zip(COLUMNS, cells, strict=True):
            self.text(painter, x, y, words, 13, quickest, align=RIGHT)
        if way.outdoors:
            self.text(painter, 632, y, "outdoors", 11, colour="slate", width=self.width() - 632)
        self.line(painter, 0, y + 7, self.width(), y + 7)
