"""The last look: a painted figure from its four sides with numbered places, ticked side by side, and what to do about each."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import QVBoxLayout, QWidget

from numerus.assembly.flaws import Flaw, Way
from numerus.desk.context import Context
from numerus.desk.stages.build.flaw_page import BEHIND, PIN_PX, ROLES, FlawList, draw_pin, way_rows
from numerus.desk.stages.finish.last_look_state import LastLookState
from numerus.desk.theme.marks import draw_tick
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.layout import caution_line, column, label, row
from numerus.geometry.mesh import merged
from numerus.geometry.rays import Camera
from numerus.kit.thumbnails import fitted_camera
from numerus.progress.figure_records.last_look import VIEWS

GAP, RAISE_DEG, MARGIN, FINER = 8.0, 10.0, 1.12, 2
FACING = 0.15  # how far a place must face a side to be looked at from there


class SidesPicture(Drawing):
    """``ticked`` is told a side, ``chosen`` a place by its key."""

    ticked = pyqtSignal(str)
    chosen = pyqtSignal(str)

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, "The figure from its four sides")
        self.renderer, self.state = renderer, LastLookState()
        self.things: Sequence[Thing] = ()
        self._drawn: dict[tuple[str, int, int], tuple[Camera, QImage]] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 210)

    def show_sides(self, things: Sequence[Thing], state: LastLookState) -> None:
        if things is not self.things:
            self.things, self._drawn = things, {}
        self.state = state
        self.update()

    def draw(self, painter: QPainter) -> None:
        wide = (self.width() - GAP * (len(VIEWS) - 1)) / len(VIEWS)
        for number, (view, turn_deg) in enumerate(VIEWS.items()):
            self._side(painter, QRectF(number * (wide + GAP), 0, wide, self.height()), view, turn_deg)

    def _side(self, painter: QPainter, box: QRectF, view: str, turn_deg: float) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(box, 5, 5)
        if self.things:
            camera, image = self._picture(view, turn_deg, int(FINER * box.width()), int(FINER * box.height()))
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawImage(box, image)
        seen = view in self.state.seen
        tick = QRectF(box.left() + 6, box.bottom() - 26, box.width() - 12, 22)
        self._tick(painter, tick, view, seen)
        self.region(
            tick,
            f"{view}: looked at" if seen else f"{view}: tick once you looked at it",
            lambda: self.ticked.emit(view),
        )
        if self.things:
            self._pins(painter, box, camera)

    def _tick(self, painter: QPainter, box: QRectF, view: str, seen: bool) -> None:
        square = QRectF(box.left() + 2, box.top() + 4, 14, 14)
        painter.setPen(QPen(self.theme.colour("moss" if seen else "slate"), 1.4))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(square, 3, 3)
        if seen:
            draw_tick(painter, square.left() + 2, square.top() + 2, 10, self.theme.colour("moss"))
        self.text(painter, box.left() + 22, box.top() + 16, view, 13, True)

    def _picture(self, view: str, turn_deg: float, wide: int, high: int) -> tuple[Camera, QImage]:
        key = view, wide, high
        if key not in self._drawn:
            whole = merged([t.mesh for t in self.things])
            camera = fitted_camera(whole, turn_deg, RAISE_DEG, MARGIN, wide / high)
            drawn = self.renderer.draw(list(self.things), camera, wide, high)
            self._drawn[key] = camera, to_image(np.ascontiguousarray(drawn))
        return self._drawn[key]

    def _pins(self, painter: QPainter, box: QRectF, camera: Camera) -> None:
        """A place has its pin on every side that it faces; the chosen one everywhere, pale where it is hidden."""
        right, up, toward = camera.axes()
        step = box.height() / camera.height_mm
        for n, flaw in reversed(list(enumerate(self.state.flaws))):
            faces = float(np.dot(flaw.facing, toward)) > FACING
            if not faces and flaw.key != self.state.chosen:
                continue
            offset = np.asarray(flaw.at_mm) - np.asarray(camera.centre_mm)
            at = box.center() + QPointF(float(offset @ right) * step, -float(offset @ up) * step)
            if flaw.key == self.state.chosen:
                painter.setPen(QPen(self.theme.colour("ink"), 2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawEllipse(at, PIN_PX + 4, PIN_PX + 4)
            draw_pin(
                painter, ROLES[flaw.kind], at, str(n + 1), flaw.key in self.state.dealt, self, 1.0 if faces else BEHIND
            )
            pin = QRectF(at.x() - PIN_PX, at.y() - PIN_PX, 2 * PIN_PX, 2 * PIN_PX)
            self.region(pin, f"{n + 1}: {flaw.words}", lambda key=flaw.key: self.chosen.emit(key))


class LastLookPage(QWidget):
    """``tick`` and ``deal``: what happens when a side was looked at, or a way is taken for the chosen place."""

    def __init__(
        self, context: Context, renderer: Renderer, state: LastLookState, tick: Callable[[str], object],
        deal: Callable[[Way], object],
    ) -> None:  # fmt: skip
        super().__init__()
        self.state, self.deal = state, deal
        self.sides, self.list = SidesPicture(context, renderer), FlawList(context)
        self.sides.ticked.connect(tick)
        self.sides.chosen.connect(self.choose)
        self.list.chosen.connect(self.choose)
        self.list.stepped.connect(self._stepped)
        self.list.taken.connect(self.take)
        self.words, self.round, self.place = (
            label("", "section", True),
            label("", "note", True),
            label("", "strong", True),
        )
        self.ways = QVBoxLayout()
        self.ways.setSpacing(4)
        side = column(self.words, self.place, self.ways, self.round, -1, caution_line("finish"), gap=6)
        below = row(self.list, side, gap=16)
        below.setStretch(0, 55)
        below.setStretch(1, 45)
        body = column(self.sides, below, gap=10, margins=(16, 4, 16, 8))
        body.setStretch(0, 58)
        body.setStretch(1, 42)
        self.setLayout(body)

    def show_figure(self, things: Sequence[Thing], looking: bool) -> None:
        """The figure as it is painted; its places, or that they are being looked for."""
        self.looking = looking
        self.sides.show_sides(things, self.state)
        self._show()

    def _show(self) -> None:
        flaw: Flaw | None = self.state.flaw
        self.words.setText("Looking round the figure …" if self.looking else self.state.sentence())
        self.round.setText(self.state.round_words)
        self.list.show_state(self.state)
        self.place.setText(f"{flaw.words}: {flaw.at_the_table}." if flaw else "")
        way_rows(self.ways, flaw.ways if flaw else (), self.deal)
        self.sides.update()

    def choose(self, key: str) -> None:
        self.state.chosen = key
        self._show()

    def _stepped(self, by: int) -> None:
        self.state.step(by)
        self._show()

    def take(self, number: int) -> None:
        """The way of that number for the chosen place, if there is one."""
        flaw = self.state.flaw
        if flaw is not None and number < len(flaw.ways):
            self.deal(flaw.ways[number])
