"""Photographs of a unit's figures: a list of what is still to be taken, each beside the scheme's colours, in white light by a grey card."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QColor, QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.book.photographs import read_photograph
from numerus.desk.context import Context
from numerus.desk.stages.finish.photo_state import PhotoState
from numerus.desk.stages.paint.colours.picture_view import PictureView, Place
from numerus.desk.theme.marks import draw_tick
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import FileDialog
from numerus.domain.army import Figure
from numerus.domain.journal import Fact, PhotographTaken
from numerus.errors import NumerusError
from numerus.formats.pictures import PICTURES
from numerus.progress.figure_records.photographs import SET_UP, SIDES, pixels_of

ROW_PX, NAME_PX, SIDE_PX, SWATCH_PX, MOST_ROWS = 21.0, 150.0, 60.0, 24.0, 11


class ShotList(Drawing):
    """A row a figure, a box a side, ticked where it was taken; below them how to set it up, and the scheme's colours."""

    def __init__(self, page: PhotoPage) -> None:
        super().__init__(page.context.theme, "Who was photographed from which side")
        self.page = page
        self.hold("setMinimumWidth", 350)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def draw(self, painter: QPainter) -> None:
        state = self.page.state
        for n, side in enumerate(SIDES):
            self.text(painter, NAME_PX + (n + 0.5) * SIDE_PX, 14, side, 11, colour="slate", align=CENTRE)
        y = 20.0
        for figure, sides in self._in_view(state):
            self.text(painter, 0, y + 15, figure.name, 13, figure is state.figure, width=NAME_PX - 8)
            for n, side in enumerate(SIDES):
                self._box(painter, figure.id, side, side in sides, NAME_PX + n * SIDE_PX, y)
            y += ROW_PX
        y = self._colours(painter, state, y + 22)
        self.text(painter, 0, y, "Set it up", 13, True)
        for number, words in enumerate(SET_UP):
            high = self.paragraph(painter, QRectF(0, y + 8, self.width(), 60), f"{number + 1}. {words}", 11)
            y += high + 3

    @staticmethod
    def _in_view(state: PhotoState) -> list[tuple[Figure, dict[str, PhotographTaken]]]:
        """As many rows as there is room for, the figure in hand among them."""
        rows = state.rows
        at = next((n for n, (f, _) in enumerate(rows) if state.figure and f.id == state.figure.id), 0)
        first = min(max(at - MOST_ROWS // 2, 0), max(len(rows) - MOST_ROWS, 0))
        return rows[first : first + MOST_ROWS]

    def _box(self, painter: QPainter, figure_id: str, side: str, taken: bool, x: float, y: float) -> None:
        state, box = self.page.state, QRectF(x + SIDE_PX / 2 - 9, y + 1, 18, 18)
        chosen = bool(state.figure) and state.figure.id == figure_id and state.side == side  # type: ignore[union-attr]
        painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("riverwash") if chosen else Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box, 3, 3)
        if taken:
            draw_tick(painter, box.left() + 3, box.top() + 3, 12, self.theme.colour("moss"))
        says = f"{side}, {'taken' if taken else 'to be taken'}"
        self.region(box, says, partial(self.page.choose, figure_id, side))

    def _colours(self, painter: QPainter, state: PhotoState, y: float) -> float:
        """The scheme's, to be held against the photograph."""
        self.text(painter, 0, y, "As the scheme has it", 13, True)
        for n, (zone, colour) in enumerate(state.colours):
            x, top = (n % 3) * 116.0, y + 10 + (n // 3) * (SWATCH_PX + 6)
            painter.fillRect(QRectF(x, top, SWATCH_PX, SWATCH_PX - 4), QColor(colour))
            self.text(painter, x + SWATCH_PX + 6, top + 17, zone, 11, width=74)
        return y + 34 + (1 + len(state.colours[3:]) // 3) * (SWATCH_PX + 6)


class PhotoPage(QWidget):
    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.state = PhotoState(context.session.answers)
        self.view, self.list = PictureView(context, "Photograph of the side in hand"), ShotList(self)
        self.view.moved.connect(self.point_at_card)
        self.heading, self.note = label("", "section", True), label("", "note", True)
        self.card = button(
            "Grey card …", self.ask_card, "", "Where the card stands in the picture: the ring can be dragged"
        )
        buttons = row(button("Attach …", self.ask, "main"), self.card, -1)
        right = column(self.heading, self.list, self.note, buttons, gap=8)
        right.setStretch(1, 1)
        body = row(self.view, right, gap=20, margins=(16, 4, 16, 12))
        body.setStretch(0, 1)
        self.setLayout(body)
        self._read = ""

    def refresh(self) -> None:
        state = self.state
        state.look(self.session.answers, self.session.unit_id, self.session.figure_id)
        self.heading.setText(state.heading)
        self._read_photograph()
        figure = state.figure
        self.view.empty_words = f"No photograph yet: {figure.name if figure else 'nobody'}, {state.side}."
        places = [Place("grey card", *state.card_at, ring=True)] if len(state.card_at) == 2 else []
        self.view.show_picture(state.shown, places)
        self.card.setEnabled(state.pixels is not None)
        words = "In white light, by the grey card." if places else "As the camera saw it: point at the grey card."
        self.note.setText(words if state.pixels is not None else "")
        self.list.update()

    def _read_photograph(self) -> None:
        """Its pixels, once."""
        taken = self.state.taken
        blob = taken.blob if taken else ""
        if blob == self._read:
            return
        self._read, self.state.pixels = blob, None
        try:
            if blob and self.session.book is not None:
                self.state.pixels = pixels_of(self.session.book.blob(blob))
        except NumerusError as error:
            self.session.failed.emit(error)

    def choose(self, figure_id: str, side: str) -> None:
        self.state.side = side
        self.session.select(self.session.unit_id, figure_id)
        self.refresh()

    def ask(self) -> None:
        name, _ = FileDialog.getOpenFileName(self, "A photograph", "", PICTURES)
        if name:
            self.attach(Path(name))

    def attach(self, path: Path) -> None:
        """Into the book, small enough to be kept."""
        if self.session.book is None:
            return
        try:
            blob = self.session.book.put_blob(read_photograph(path))
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        side = self.state.side
        self._write(self.state.fact(blob), f"photograph, {side}")

    def ask_card(self) -> None:
        """A ring in the middle of the picture, to be dragged onto the card."""
        if self.state.pixels is not None:
            high, wide = self.state.pixels.shape[:2]
            self.view.show_picture(self.state.pixels, [Place("grey card", wide / 2, high / 2, ring=True)])

    def point_at_card(self) -> None:
        """The ring lies on the card: from here on the photograph is shown in white light."""
        taken = self.state.taken
        if taken is not None and self.view.places:
            place = self.view.places[0]
            self._write(self.state.fact(taken.blob, (round(place.x, 1), round(place.y, 1))), "a grey card")

    def _write(self, fact: Fact | None, words: str) -> None:
        if fact is not None:
            self.session.commit(words, facts=[fact])
