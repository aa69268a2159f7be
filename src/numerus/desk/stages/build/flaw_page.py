"""Before the primer: a walk round the figure, place by place, each judged at table distance and dealt with or left."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QPainter, QPen
from PyQt6.QtWidgets import QVBoxLayout, QWidget

from numerus.assembly.flaws import HIDDEN, MARGIN, PINNED, SCAR, SEAM, STAIRS, THIN, Flaw, Way
from numerus.desk.context import Context
from numerus.desk.stages.build.flaw_state import FlawState, is_mended, way_words
from numerus.desk.theme.marks import draw_tick
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing, StatedDrawing
from numerus.desk.widgets.layout import button, caution_line, clear, column, label, row
from numerus.desk.widgets.worded import DoubleSpinBox, LineEdit
from numerus.geometry.mesh import Floats, Mesh, nearest_part, xyz
from numerus.progress.figure_records.last_look import UNPAINTED

RESIN_RGB = np.array([[196, 188, 174]], np.uint8)
ROLES = {
    SEAM: "river",
    SCAR: "brick",
    STAIRS: "tallow",
    THIN: "ink",
    HIDDEN: "slate",
    MARGIN: "brick",
    UNPAINTED: "brick",
    PINNED: "moss",
}
ROW_PX, PIN_PX = 34.0, 9.0
BEHIND = 0.3  # how far the pin of a place on the other side shows
NOTE = (
    "Of each kind the worst six, as printed and built here; minutes, limits and a tip's size are defaults. Told apart: one minute of "
    "arc. Press a place or use up and down; keys 1 to 4 take a way; the bench writes it down, undo takes it back."
)


class FlawList(StatedDrawing[FlawState]):
    """A row a place, the worst first: what it is, how it is seen, what was done."""

    chosen = pyqtSignal(str)
    stepped = pyqtSignal(int)
    taken = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Places to look at")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 200)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None:
            return
        room = max(int(self.height() / ROW_PX), 1)
        at = next((n for n, f in enumerate(state.flaws) if f.key == state.chosen), 0)
        first = min(max(at - room // 2, 0), max(len(state.flaws) - room, 0))
        for n, flaw in enumerate(state.flaws[first : first + room]):
            self._row(painter, first + n, flaw, QRectF(0, n * ROW_PX, self.width(), ROW_PX - 2))

    def _row(self, painter: QPainter, n: int, flaw: Flaw, box: QRectF) -> None:
        assert self.state is not None
        if flaw.key == self.state.chosen:
            painter.setPen(QPen(self.theme.colour("river"), 1.4))
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box.adjusted(1, 0, -1, 0), 4, 4)
        way = self.state.dealt.get(flaw.key, "")
        draw_pin(painter, ROLES[flaw.kind], QPointF(14, box.center().y()), str(n + 1), bool(way), self)
        wide = self.width() - 34
        self.text(painter, 30, box.top() + 13, flaw.words, 11, not way, width=wide - (70 if way else 0))
        self.text(painter, 30, box.top() + 27, f"{flaw.kind}: {flaw.at_the_table}", 11, colour="slate", width=wide)
        if way:
            draw_tick(
                painter, self.width() - 16, box.top() + 4, 9, self.theme.colour("moss" if is_mended(way) else "slate")
            )
            self.text(painter, self.width() - 22, box.top() + 13, "done" if is_mended(way) else "left", 11, align=RIGHT)
        told = f"{n + 1}: {flaw.words}; {flaw.at_the_table}. {f'Dealt with: {way}.' if way else 'Not dealt with yet.'}"
        self.region(box, told, lambda key=flaw.key: self.chosen.emit(key))

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        words, key = event.text(), Qt.Key(event.key())
        if key in (Qt.Key.Key_Down, Qt.Key.Key_Up):
            self.stepped.emit(1 if key == Qt.Key.Key_Down else -1)
        elif words.isdigit() and words != "0":
            self.taken.emit(int(words) - 1)
        else:
            super().keyPressEvent(event)


def draw_pin(
    painter: QPainter, role: str, at: QPointF, words: str, done: bool, on: Drawing, strong: float = 1.0
) -> None:
    """A numbered pin, hollow once it is dealt with; ``strong``: how far it shows."""
    colour = on.theme.colour(role, strong)
    painter.setPen(QPen(colour, 1.6))
    painter.setBrush(Qt.BrushStyle.NoBrush if done else colour)
    painter.drawEllipse(at, PIN_PX, PIN_PX)
    ink = "slate" if done else "ink" if role == "tallow" else "chalk"
    on.text(painter, at.x(), at.y() + 4, words, 11, True, ink, align=CENTRE)


def way_rows(layout: QVBoxLayout, ways: Sequence[Way], deal: Callable[[Way], object]) -> None:
    """A button for each way, the one advised first, with what it takes."""
    clear(layout)
    for n, way in enumerate(ways):
        mark = "main" if n == 0 else ""
        take = button(f"{n + 1}  {way.name[0].upper()}{way.name[1:]}", lambda w=way: deal(w), mark, way_words(way))
        layout.addLayout(row(take, label(way_words(way), "note", True), gap=8))


class PinRow(QWidget):
    """A flaw pinned by hand: pressed, the next click on the figure is its place; how large it is, and what."""

    def __init__(self) -> None:
        super().__init__()
        self.press = button("Pin a flaw", lambda: None, "", "Then click on the figure where it is; Escape gives up")
        self.press.setCheckable(True)
        self.across, self.words = DoubleSpinBox(), LineEdit()
        self.across.setRange(0.1, 40.0)
        self.across.setValue(1.0)
        self.across.setSuffix(" mm across")
        self.across.setAccessibleName("How large the flaw is")
        self.words.setPlaceholderText("what it is")
        self.words.setAccessibleName("What the flaw is")
        self.words.setMaxLength(80)
        self.bent = button(
            "It is bent …", lambda: None, "link", "A part measured against its plan, and what straightens it"
        )
        layout = row(self.press, self.across, self.words, self.bent, gap=6)
        layout.setStretch(2, 1)
        self.setLayout(layout)


class FlawPage(QWidget):
    """``deal``: what happens when a way is taken for the chosen place; ``pin``: when a flaw was pointed at."""

    def __init__(
        self, context: Context, renderer: Renderer, state: FlawState, deal: Callable[[Way], object],
        pin: Callable[[Flaw], object],
    ) -> None:  # fmt: skip
        super().__init__()
        self.pin, self.pins = pin, PinRow()
        self._slots: dict[str, Mesh] = {}
        self.context, self.theme, self.state, self.deal = context, context.theme, state, deal
        self.view = BenchView(context.theme, renderer, "The figure with numbered places to look at")
        self.view.overlay = self._draw_pins
        self.view.picked.connect(self._pointed)
        self.list = FlawList(context)
        self.list.chosen.connect(self.choose)
        self.list.stepped.connect(self._stepped)
        self.list.taken.connect(self.take)
        self.words, self.place = label("", "title", True), label("", "strong", True)
        self.ways = QVBoxLayout()
        self.ways.setSpacing(4)
        side = column(
            self.words,
            self.list,
            self.pins,
            self.place,
            self.ways,
            label(NOTE, "note", True),
            caution_line("build"),
            gap=6,
        )
        side.setStretch(1, 1)
        body = row(self.view, side, gap=16, margins=(16, 4, 16, 8))
        body.setStretch(0, 52)
        body.setStretch(1, 48)
        self.setLayout(body)

    def show_figure(self, name: str, slots: dict[str, Mesh], looking: bool) -> None:
        """The figure as it is built, its parts by slot; its places, or that they are being looked for."""
        self._slots, meshes = slots, list(slots.values())
        self.view.caption = (name, "looking for places …" if looking else "before the primer")
        self.view.show_things([Thing(m, RESIN_RGB) for m in meshes], refit=not self.view.things)
        self.words.setText("Looking round the figure …" if looking else self.state.sentence())
        self._show()

    def _show(self) -> None:
        flaw = self.state.flaw
        self.list.show_state(self.state)
        self.place.setText(f"{flaw.words}: {flaw.at_the_table}." if flaw else "")
        way_rows(self.ways, flaw.ways if flaw else (), self.deal)
        self.view.update()

    def choose(self, key: str) -> None:
        """A place in hand, seen from its own side."""
        self.state.chosen = key
        flaw = self.state.flaw
        if flaw is not None:
            away = np.asarray(flaw.at_mm) - np.asarray(self.view.camera.centre_mm)
            toward = float(np.degrees(np.arctan2(away[0], -away[1])))
            self.view.turn(toward - self.view.camera.turn_deg)
        self._show()

    def _stepped(self, by: int) -> None:
        self.state.step(by)
        self.choose(self.state.chosen)

    def take(self, number: int) -> None:
        """The way of that number for the chosen place, if there is one."""
        flaw = self.state.flaw
        if flaw is not None and number < len(flaw.ways):
            self.deal(flaw.ways[number])

    def _pointed(self, place: Floats | None) -> None:
        """A click on the figure is the place of the flaw to be pinned."""
        if place is None or not self.pins.press.isChecked():
            return
        self.pins.press.setChecked(False)
        slot = nearest_part(self._slots, place)
        self.pin(self.state.pin(slot, xyz(place, 2), self.pins.across.value(), self.pins.words.text()))
        self.pins.words.clear()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event.key() == Qt.Key.Key_Escape and self.pins.press.isChecked():
            self.pins.press.setChecked(False)
        else:
            super().keyPressEvent(event)

    def _draw_pins(self, painter: QPainter, view: BenchView) -> None:
        _, _, toward = view.camera.axes()
        for n, flaw in reversed(list(enumerate(self.state.flaws))):
            at, done = view.project(flaw.at_mm), flaw.key in self.state.dealt
            if flaw.key == self.state.chosen:
                painter.setPen(QPen(self.theme.colour("ink"), 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawEllipse(at, PIN_PX + 4, PIN_PX + 4)
            strong = 1.0 if float(np.dot(flaw.facing, toward)) > -0.1 else BEHIND
            draw_pin(painter, ROLES[flaw.kind], at, str(n + 1), done, self.list, strong)
