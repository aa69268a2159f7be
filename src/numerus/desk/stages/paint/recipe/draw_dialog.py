"""Drawn on the figure: a freehand stroke, or where a stroke goes, line by line on the skin; measured while one draws."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QKeyEvent, QKeySequence, QPainter, QPen, QShortcut
from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import DoubleSpinBox, PushButton
from numerus.geometry.mesh import Floats
from numerus.paint.figure.by_hand import DrawnOnFigure
from numerus.paint.techniques import LINE

HOW = (
    "Draw on the figure with the mouse; drag beside it to turn it. By keyboard: arrows turn it under the cross, Space puts the line's "
    "next point there, Return ends the line."
)
OTHER_ZONES_GREY = np.array([176, 172, 164])
CROSS_PX = 9.0


class DrawingView(BenchView):
    """A figure one draws on: ``brushed`` tells a line, by mouse or, point by point at the cross, by keys."""

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, renderer, "The figure to draw on")
        self.points: list[Floats] = []

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event.key() == Qt.Key.Key_Space:
            place = self.pick(QPointF(self.width() / 2, self.height() / 2))
            self.points += [] if place is None else [place]
            self.update()
        elif Qt.Key(event.key()) in (Qt.Key.Key_Return, Qt.Key.Key_Enter) and self.points:
            places, self.points = self.points, []
            self.brushed.emit(places)
        else:
            super().keyPressEvent(event)


class DrawDialog(Dialog):
    """``drawn``: the lines; ``colours``: of the figure's vertices, uint8 (n, 3), as it is painted without them. Once accepted,
    ``drawn.placing()`` tells where the step goes.
    """

    def __init__(
        self, context: Context, renderer: Renderer, drawn: DrawnOnFigure, colours: np.ndarray, ink: np.ndarray, zone: str, parent: QWidget
    ) -> None:  # fmt: skip
        super().__init__(parent)
        self.context, self.drawn, self.ink, self.ground = context, drawn, ink, _quiet(colours, drawn.own)
        freehand = drawn.step.technique == LINE
        self.setWindowTitle(f"{drawn.step.name}, drawn on {zone}")
        self.view = DrawingView(context, renderer)
        self.view.overlay = self._draw_cross
        self.view.brushed.connect(self.draw)
        self.width_mm = DoubleSpinBox()
        self.width_mm.setRange(0.1, 20.0)
        self.width_mm.setSingleStep(0.1)
        self.width_mm.setSuffix(" mm wide")
        self.width_mm.setAccessibleName("Width of the line")
        self.width_mm.setValue(drawn.lines[-1].width_mm if drawn.lines else (0.5 if freehand else 3.0))
        self.width_mm.valueChanged.connect(self._set_brush)
        self.told = label("", "strong", True)
        self.only = label(f"Only what lies on {zone} takes it: the rest is grey.", "note", True)
        QShortcut(QKeySequence.StandardKey.Undo, self, self.take_back)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        self._lay_out()
        for knob in self.findChildren(PushButton):  # Return ends a line and does not close the dialog
            knob.setAutoDefault(False)
        self._set_brush()
        self._show(True)

    def _lay_out(self) -> None:
        back = button("Take the last back", self.take_back, "", "Ctrl+Z")
        anew = button("Start over", self.start_over, "link", "All lines away; Cancel keeps what was there before")
        title = label(self.windowTitle(), "section", True)
        side = column(
            title,
            self.told,
            self.width_mm,
            row(back, anew, -1, gap=6),
            self.only,
            -1,
            label(HOW, "note", True),
            self.box,
            gap=8,
        )
        body = row(self.view, side, gap=14, margins=(14, 14, 14, 14))
        body.setStretch(0, 70)
        body.setStretch(1, 30)
        self.setLayout(body)
        self.resize(980, 640)
        self.view.setFocus(Qt.FocusReason.OtherFocusReason)

    def _set_brush(self) -> None:
        """Places a hand goes over are taken half a width apart."""
        self.view.brush_mm = max(self.width_mm.value() / 2, 0.1)

    def draw(self, places: list[Floats]) -> None:
        self.drawn.draw(places, self.width_mm.value())
        self._show()

    def take_back(self) -> None:
        self.drawn.take_back()
        self._show()

    def start_over(self) -> None:
        self.drawn.lines.clear()
        self._show()

    def _show(self, refit: bool = False) -> None:
        """What is drawn, on the figure and in words: worked out in a job."""
        self.context.jobs.start(
            "drawn",
            "Laying the line onto the skin",
            lambda _: self.drawn.shown(),
            lambda told: self._shown(told[0], told[1], refit),
        )

    def _shown(self, cover: Floats, words: str, refit: bool) -> None:
        colours, share = self.ground.copy(), cover[:, None]
        own = self.drawn.own
        colours[own] = np.round(colours[own] * (1 - share) + self.ink * share).astype(np.uint8)
        self.told.setText(words)
        self.view.show_things([Thing(self.drawn.built.figure.mesh, colours)], refit or not self.view.things)

    def _draw_cross(self, painter: QPainter, view: BenchView) -> None:
        """The cross keys draw at, and the line that is being drawn."""
        begun = [*self.view.points, *view.dabs]
        painter.setPen(QPen(self.context.theme.colour("river"), 2.2))
        seen = [view.project(p) for p in begun]
        for a, b in zip(seen, seen[1:], strict=False):
            painter.drawLine(a, b)
        for at in seen[:1]:
            painter.drawEllipse(at, 2.5, 2.5)
        if view.hasFocus():
            middle = QPointF(view.width() / 2, view.height() / 2)
            for way in (QPointF(CROSS_PX, 0), QPointF(0, CROSS_PX)):
                painter.drawLine(middle - way, middle + way)


def _quiet(colours: np.ndarray, own: np.ndarray) -> np.ndarray:
    """The zone as it is painted, all else grey by its value."""
    value = colours.astype(float).mean(axis=1, keepdims=True) / 255
    quiet = (OTHER_ZONES_GREY * (0.72 + 0.4 * value)).astype(np.uint8)
    quiet[own] = colours[own]
    return quiet
