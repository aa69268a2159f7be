"""Value: how does it read? The figure across the table, in value, by other eyes; work against attention; one help for each fault."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import replace
from functools import partial

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QKeyEvent, QMouseEvent, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.value.photo_dialog import PhotoDialog
from numerus.desk.stages.paint.value.state import PLACES, VIEWS, Read, ValueState
from numerus.desk.widgets.drawing import RIGHT, Drawing, StatedDrawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox, PushButton, TextLabel
from numerus.domain.parts import Part
from numerus.paint.advice.value_help import MOST

ARM_MM, TABLE_MM, INCH_MM = 600.0, 900.0, 25.4
DEGREES_A_PX = 0.6


class ReadPicture(Drawing):
    """The figure as it reads, and how large it is across the table. A drag, or the arrow keys, moves the lamp."""

    lamp = pyqtSignal(float, float)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The figure as it reads")
        self.image: QImage | None = None
        self.height_mm, self.words = 40.0, "Painting the figure …"
        self._from: QPointF | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setToolTip("Drag, or use the arrow keys, to move the lamp")

    def show_read(self, read: Read | None, words: str) -> None:
        self.image = to_image(read.picture) if read else None
        self.height_mm, self.words = read.height_mm if read else 40.0, words
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.image is None:
            self.text(painter, 8, 24, self.words, 13, colour="slate")
            return
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        wide, high = self.width(), self.height()
        scale = min(wide / self.image.width(), high / self.image.height())
        size = self.image.width() * scale, self.image.height() * scale
        painter.drawImage(QRectF(0, 0, *size), self.image)
        self._at_arms_length(painter, size[0])

    def _at_arms_length(self, painter: QPainter, right: float) -> None:
        """As large on this screen as the figure is across the table: both fill the same of one's sight."""
        assert self.image is not None
        dots = float(self.logicalDpiY()) / INCH_MM * ARM_MM / TABLE_MM
        high = self.height_mm * dots
        wide = high * self.image.width() / self.image.height()
        x = min(right + 8, self.width() - wide)
        painter.drawImage(QRectF(x, 6, wide, high), self.image)
        self.text(painter, x, high + 20, "its size at 900 mm,", 11, colour="slate", width=self.width() - x)
        self.text(painter, x, high + 34, "screen at arm's length", 11, colour="slate", width=self.width() - x)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self._from = event.position() if event is not None else None

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        if self._from is not None and event is not None:
            moved = event.position() - self._from
            if moved.manhattanLength() > 3:
                self.lamp.emit(moved.x() * DEGREES_A_PX, -moved.y() * DEGREES_A_PX)
        self._from = None

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        moves = {
            Qt.Key.Key_Left: (-15.0, 0.0), Qt.Key.Key_Right: (15.0, 0.0), Qt.Key.Key_Up: (0.0, 10.0), Qt.Key.Key_Down: (0.0, -10.0),
        }  # fmt: skip
        if event is not None and Qt.Key(event.key()) in moves:
            self.lamp.emit(*moves[Qt.Key(event.key())])
        else:
            super().keyPressEvent(event)


class AttentionRows(StatedDrawing[ValueState]):
    """A row a zone: minutes, what is seen, what draws the eye; press one to say that eyes should go there."""

    marked = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Work against attention, by zone")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def draw(self, painter: QPainter) -> None:
        if self.state is None or self.state.read is None:
            return
        attentions = self.state.read.attention
        wide = (self.width() - 104) / 3
        for n, words in enumerate(("minutes planned", "seen", "draws the eye")):
            self.text(painter, 104 + n * wide, 11, words, 11, colour="slate", width=wide)
        high = min(34.0, (self.height() - 18) / max(len(attentions), 1))
        most = max((max(a.minutes, a.seen, a.drawn) for a in attentions), default=1.0)
        for n, own in enumerate(attentions):
            y = 18 + n * high
            name = self.state.zone_name(own.zone)
            self.text(painter, 14, y + 12, name, 11, own.focus, width=86)
            if own.focus:
                self.text(painter, 0, y + 12, "◎", 11, True, "river_ink")
            for k, share in enumerate((own.minutes, own.seen, own.drawn)):
                x = 104 + k * wide
                self.bar(painter, x, y + 4, (wide - 46) * share / max(most, 1e-9), 8, ("slate", "moss", "tallow")[k])
                bold = bool(own.verdict) and k < 2
                self.text(painter, x + wide - 10, y + 12, f"{share:.0%}", 11, bold, align=RIGHT)
            if own.verdict and high >= 26:
                self.text(painter, 104, y + 25, own.verdict, 11, colour="tallow_ink", width=self.width() - 110)
            words = f"{name}: {own.minutes:.0%} of the minutes, {own.seen:.0%} of what is seen, {own.drawn:.0%} of the contrast. {own.verdict}"
            self.region(QRectF(0, y, self.width(), high - 1), words, lambda z=own.zone: self.marked.emit(z))


class ValuePage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read."""

    def __init__(
        self, context: Context, built: BuiltFigures, with_meshes: Callable[[Iterable[Part], Callable[[], object]], None]
    ) -> None:
        super().__init__()
        self.context, self.session, self.built, self.with_meshes = context, context.session, built, with_meshes
        self.state = ValueState(context.session.answers, new_id)
        self.views, self.places = ComboBox(), ComboBox()
        self.views.addItems(VIEWS)
        self.places.addItems(PLACES)
        for box, name in ((self.views, "How it is looked at"), (self.places, "From where it is seen")):
            box.setAccessibleName(name)
            box.activated.connect(self._view_taken)
        self.picture, self.rows, self.words = ReadPicture(context), AttentionRows(context), label("", "strong", True)
        self.picture.lamp.connect(self.move_lamp)
        self.rows.marked.connect(self.mark)
        self.helps = [self._help_row(n) for n in range(MOST)]
        self.nothing = label("Nothing stands in its way across the table.", "note")
        photo = button(
            "Against a photograph …",
            self.photograph,
            "link",
            "A painted figure zone by zone, or a reference to take colours from",
        )
        left = column(row(self.views, self.places, photo, -1, gap=8), self.picture, gap=6)
        left.setStretch(1, 1)
        right = column(label("Work against attention", "section"), self.rows, gap=4)
        right.setStretch(1, 1)
        upper = row(left, right, gap=20, margins=(16, 0, 16, 6))
        upper.setStretch(0, 52)
        upper.setStretch(1, 48)
        listed = [panel(row(t, take, words, -1, gap=8, margins=(0, 0, 0, 0))) for words, t, take in self.helps]
        self.panels = listed
        lower = panel(column(self.words, *listed, self.nothing, gap=3, margins=(16, 6, 16, 6)), "drawer")
        body = column(upper, lower, gap=0)
        body.setStretch(0, 1)
        self.setLayout(body)
        self._asked: object = None

    def _help_row(self, n: int) -> tuple[TextLabel, PushButton, PushButton]:
        """What is wrong and would help, seen before it is taken."""
        tries, take = button("Try", partial(self.try_help, n)), button("Take", partial(self.take_help, n), "main")
        return label(), tries, take

    @property
    def summary(self) -> str:
        figure = self.state.figure
        return f"{figure.name}, lamp from {_side(self.state.turn_deg)}" if figure else ""

    def refresh(self) -> None:
        session = self.session
        self.state.look(session.answers, session.unit_id, session.figure_id)
        self.work()

    def work(self) -> None:
        """Paint and read the figure, unless nothing that counts is another."""
        state, plans = self.state, self.session.plans
        if state.missing():
            self._asked, state.read = None, None
        else:
            assert state.figure is not None
            parts = [plans.parts[p] for p in dict.fromkeys(state.figure.build.values()) if p in plans.parts]
            asked = (*state.asked, self.built.key(parts))
            if asked != self._asked:
                self._asked = asked
                self.with_meshes(parts, lambda: self._paint(parts))
        self._show()

    def _paint(self, parts: list[Part]) -> None:
        make, work = self.built.making(parts), self.state.work()

        def done(read: Read) -> None:
            self.state.take(read)
            self.built.keep()
            self._show()

        self.context.jobs.start("value", "Reading the figure across the table", lambda p: work(make(p), p), done)

    def _show(self) -> None:
        state = self.state
        self.picture.show_read(state.read, state.missing() or "Painting the figure …")
        self.rows.show_state(state)
        self.words.setText(state.sentence())
        for n, (words, tries, take) in enumerate(self.helps):
            shown = n < len(state.helps)
            self.panels[n].setVisible(shown)
            if shown:
                words.setText(f"{state.helps[n].fault}. Would help: {state.helps[n].words}.")
                tries.setText("‹ Back" if n == state.tried else "Try")
                take.setVisible(n == state.tried)
        self.nothing.setVisible(not state.helps and state.read is not None)

    def _view_taken(self, _: int) -> None:
        self.state.view, self.state.place = self.views.currentText(), self.places.currentText()
        self.work()

    def move_lamp(self, turn_deg: float, raise_deg: float) -> None:
        self.state.move_lamp(turn_deg, raise_deg)
        self.work()

    def mark(self, zone_id: str) -> None:
        """Eyes should go to a zone, or need not any more."""
        zone = self.session.plans.zones.get(zone_id)
        if zone is not None:
            word = "need not go" if zone.focus else "should go"
            self.session.commit(f"eyes {word} to {zone.name}", [replace(zone, focus=not zone.focus)])

    def photograph(self) -> None:
        """A photograph against the scheme; a reference's colours are taken in one edit."""
        wanted = self.state.wanted()
        if not wanted:
            return
        dialog = PhotoDialog(self.context, wanted, self)
        if dialog.exec() and dialog.colours:
            schemes = self.state.coloured_as(dialog.colours)
            self.session.commit("colours of a reference", schemes)

    def try_help(self, n: int) -> None:
        """The figure with one help, or without it again."""
        self.state.tried = -1 if self.state.tried == n else n
        self.work()

    def take_help(self, n: int) -> None:
        value_help = self.state.helps[n]
        self.session.commit(value_help.words, [value_help.scheme])


def _side(turn_deg: float) -> str:
    """Where the lamp stands, as one looks at the figure."""
    names = (
        "the front",
        "the front right",
        "the right",
        "behind right",
        "behind",
        "behind left",
        "the left",
        "the front left",
    )
    return names[round((turn_deg % 360) / 45) % 8]
