"""The evenings to come: the one plan of the hands, an evening a row, and one of them piece by piece."""

from __future__ import annotations

from functools import partial

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.muster.evenings_state import EveningsState
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.errors import NumerusError
from numerus.progress.planning.bench_plan import BenchPlan, Evening
from numerus.progress.planning.bench_tasks import LAMP, TUB
from numerus.progress.planning.evening_pieces import Piece
from numerus.words import counted

LEFT_PX, ROW_PX, BAR_PX, LEAST_MIN = 128.0, 46.0, 22.0, 120.0
LIST_ROW_PX, LIST_TOP_PX = 18.0, 30.0


class EveningsPage(QWidget):
    """Plans in a job when it is looked at; the orders go by the way it was found."""

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.state = EveningsState(context.session.answers)
        self.answer, self.note = label("", "section"), label("", "note", True)
        self.chart, self.list = EveningsChart(self), PieceList(self)
        self._planned_for: object = None
        top = row(
            self.answer, -1, button("‹ Earlier", lambda: self.turn(-1), "link"), button("Later ›", lambda: self.turn(1), "link")
        )  # fmt: skip
        body = column(top, self.note, self.chart, self.list, gap=6, margins=(20, 6, 20, 10))
        body.setStretch(3, 1)
        self.setLayout(body)

    def refresh(self) -> None:
        """Plan anew where what it depends on is another."""
        self.state.look(self.session.answers)
        if self.isVisible() and self.state.planned_for != self._planned_for:
            self._planned_for = self.state.planned_for
            work = self.state.planning()
            self.context.jobs.start("evenings", "Planning the evenings", work, self._planned, self._stopped)
        self._show()

    def _stopped(self) -> None:
        self._planned_for = None

    def _planned(self, result: BenchPlan | NumerusError) -> None:
        self.state.take(result)
        if self.state.plan is not None:
            self.session.keep_way(self.state.plan.way, self.state.done_by)
        self._show()

    def _show(self) -> None:
        self.answer.setText(self.state.answer if self.state.plan or self.state.fault else "Planning the evenings …")
        self.note.setText(self.state.note)
        self.chart.update()
        self.list.update()

    def turn(self, by: int) -> None:
        self.state.turn(by)
        self._show()

    def choose(self, number: int) -> None:
        self.state.choose(number)
        self._show()

    def go(self, piece: Piece) -> None:
        """To the bench where it is done."""
        if piece.unit_id:
            self.session.select(piece.unit_id)
        self.session.go(piece.bench)


class EveningsChart(Drawing):
    """A row an evening, as long as it is: pieces of work, setting up hatched; below them tub and lamp while they are in use."""

    def __init__(self, page: EveningsPage) -> None:
        super().__init__(page.context.theme, "The evenings to come")
        self.page = page
        self.hold("setFixedHeight", 6 * ROW_PX + 4)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def draw(self, painter: QPainter) -> None:
        state = self.page.state
        longest = max([LEAST_MIN, *(e.window.minutes for e in state.shown)])
        for number, evening in enumerate(state.shown):
            self._row(painter, number, evening, (self.width() - LEFT_PX) / longest)

    def _row(self, painter: QPainter, number: int, evening: Evening, px_a_min: float) -> None:
        state, at, y = self.page.state, self.page.state.first + number, number * ROW_PX
        box = QRectF(0, y, self.width(), ROW_PX - 3)
        if at == state.chosen:
            painter.fillRect(box, self.theme.colour("riverwash"))
        words = state.evening_words(evening)
        self.region(box, f"{evening.window.start:%A %-d %B}: {words}", partial(self.page.choose, at))
        self.text(painter, 6, y + 17, f"{evening.window.start:%a %-d %b, %H:%M}", 13, True)
        self.text(painter, 6, y + 33, words, 11, colour="slate", width=LEFT_PX - 10)
        self.bar(painter, LEFT_PX, y + 6, evening.window.minutes * px_a_min, BAR_PX, "hairline", filled=False)
        for piece in state.pieces(evening):
            self._piece(painter, piece, evening, y + 6, px_a_min)
        self._held(painter, evening, y + 8 + BAR_PX, px_a_min)

    def _piece(self, painter: QPainter, piece: Piece, evening: Evening, y: float, px_a_min: float) -> None:
        begun, high = (piece.start - evening.window.start).total_seconds() / 60, BAR_PX / self.page.state.people
        y += piece.person * high
        box = QRectF(LEFT_PX + begun * px_a_min, y, max(piece.minutes * px_a_min, 1.5), high)
        colour = self.page.state.colour(piece)
        painter.fillRect(box, self.theme.colour("chalk"))
        self.hatch(painter, QRectF(box.left(), y, piece.setup_min * px_a_min, high), "slate")
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(box)
        stripe = QColor(colour) if colour else self.theme.colour("bed")
        painter.fillRect(QRectF(box.left(), y, box.width(), 4), stripe)
        if box.width() > 40 and high >= 16:
            self.text(painter, box.left() + 3, y + 16, piece.title, 11, width=box.width() - 5)
        says = f"{piece.start:%H:%M} to {piece.end:%H:%M}: {piece.title}; {piece.why}"
        self.region(box, says, partial(self.page.go, piece))

    def _held(self, painter: QPainter, evening: Evening, y: float, px_a_min: float) -> None:
        """Tub and lamp, as long as they are not to be had; what goes on after the evening goes on without hands."""
        for device, since, until in self.page.state.held(evening):
            begun, ended = ((t - evening.window.start).total_seconds() / 60 for t in (since, until))
            ended = min(ended, (self.width() - LEFT_PX) / px_a_min)
            box = QRectF(
                LEFT_PX + begun * px_a_min, y + (0 if device == TUB else 4), max(ended - begun, 1) * px_a_min, 3
            )
            painter.fillRect(box, self.theme.colour("river" if device == TUB else "tallow"))
            words = {TUB: "in the baths and drying", LAMP: "supports off, under the lamp"}[device]
            self.region(box.adjusted(0, -1, 0, 1), f"{words} until {until:%H:%M}")


class PieceList(Drawing):
    """The evening chosen: when, what, why then, for how long. A click goes to the bench."""

    def __init__(self, page: EveningsPage) -> None:
        super().__init__(page.context.theme, "The evening chosen, piece by piece")
        self.page = page
        self.hold("setMinimumHeight", 150)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def draw(self, painter: QPainter) -> None:
        state = self.page.state
        if not state.evenings:
            return
        evening = state.evenings[state.chosen]
        listed = state.pieces(evening)
        self.text(painter, 0, 16, f"{evening.window.start:%A %-d %B}, piece by piece", 13, True)
        rows = max(int((self.height() - LIST_TOP_PX) // LIST_ROW_PX), 1)
        columns = 1 if len(listed) <= rows else 2
        wide = self.width() / columns
        for number, piece in enumerate(listed[: rows * columns]):
            x = number // rows * wide
            self._piece(painter, piece, x, LIST_TOP_PX + number % rows * LIST_ROW_PX, wide - 16 * (columns > 1))
        more = len(listed) - rows * columns
        if more > 0:
            self.text(painter, self.width(), 16, f"and {counted(more, 'piece')} more", 11, colour="slate", align=RIGHT)

    def _piece(self, painter: QPainter, piece: Piece, x: float, y: float, wide: float) -> None:
        colour = self.page.state.colour(piece)
        self.text(painter, x, y + 13, f"{piece.start:%H:%M}", 11, colour="slate")
        if colour:
            painter.fillRect(QRectF(x + 36, y + 4, 8, 10), QColor(colour))
        used = self.text(painter, x + 48, y + 13, piece.title, 13, width=min(wide - 96, 230))
        left = wide - 48 - used - 54
        if left > 60:
            self.text(painter, x + 56 + used, y + 13, piece.why, 11, colour="slate", width=left)
        self.text(painter, x + wide, y + 13, f"{piece.minutes:.0f} min", 11, align=RIGHT)
        says = f"{piece.start:%H:%M} to {piece.end:%H:%M}: {piece.title}; {piece.why}"
        self.region(QRectF(x, y, wide, LIST_ROW_PX), says, partial(self.page.go, piece))
