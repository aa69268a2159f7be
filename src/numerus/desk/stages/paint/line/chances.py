"""Will the date hold: what would help, each with its chances in twenty, and what a lighter way to paint looks like."""

from __future__ import annotations

from collections.abc import Sequence
from functools import partial

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, Drawing, StatedDrawing
from numerus.desk.widgets.images import to_image
from numerus.paint.lighter import Lightened
from numerus.progress.forecasting.levers import Lever
from numerus.words import span

ROWS, STEP_PX, DOTS_PX = 6, 17.0, 340.0
PICTURE_PX = (110, 120)


class Chances(Drawing):
    """``chosen``: the number of a lever that paints lighter, to be looked at."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Will the date hold")
        self.levers: Sequence[Lever] = ()
        self.title, self.looked_at = "", ""
        self.hold("setFixedHeight", 138)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_levers(self, title: str, levers: Sequence[Lever], looked_at: str = "") -> None:
        self.title, self.levers, self.looked_at = title, levers, looked_at
        self.update()

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 16, self.title, 16, True, width=self.width())
        for number, lever in enumerate(self.levers[:ROWS]):
            y = 38 + STEP_PX * number
            box = QRectF(0, y - 13, self.width() - 4, STEP_PX)
            if lever.name == self.looked_at:
                painter.fillRect(box, self.theme.colour("riverwash"))
            self.text(painter, 0, y, lever.name, 13, number == 0, width=DOTS_PX - 16)
            self._dots(painter, lever, y)
            says = f"{lever.name}: {lever.in_time} in 20" + (", click to see what it looks like" if lever.kind else "")
            self.region(box, says, partial(self.chosen.emit, number) if lever.kind else None)

    def _dots(self, painter: QPainter, lever: Lever, y: float) -> None:
        for dot in range(20):
            held = dot < lever.in_time
            painter.setPen(QPen(self.theme.colour("moss" if held else "brick"), 1.2))
            painter.setBrush(self.theme.colour("moss") if held else Qt.BrushStyle.NoBrush)
            painter.drawEllipse(QPointF(DOTS_PX + dot * 12, y - 4), 4, 4)
        self.text(painter, DOTS_PX + 20 * 12 + 6, y, f"{lever.in_time} in 20", 13, True)


class LossPicture(StatedDrawing[Lightened]):
    """A figure as planned and as it would be, and what is lost of light and dark."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What a lighter way to paint loses")
        self.name = ""
        self.hold("setFixedWidth", 290)
        self.hold("setFixedHeight", 138)

    def draw(self, painter: QPainter) -> None:
        if self.state is None:
            self.paragraph(painter, self.area.adjusted(0, 40, 0, 0), "Painting both …", 11, colour="slate")
            return
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        pairs = zip(("now", "lighter"), self.state.pictures, self.state.minutes, strict=True)
        for number, (name, pixels, minutes) in enumerate(pairs):
            box = QRectF(number * 86, 0, 84, 120)
            self.standing(painter, to_image(pixels), box)
            self.text(painter, box.center().x(), 133, f"{name}, {span(minutes)}", 11, align=CENTRE, width=86)
        lost = self.state.contrast_lost
        less = f"loses {lost:.0%}" if lost >= 0.005 else f"gains {-lost:.0%}" if lost <= -0.005 else "keeps all"
        saved = span(max(self.state.minutes[0] - self.state.minutes[1], 0.0))
        words = f"{self.name}: across a table it {less} of the light and dark, and takes {saved} less a figure."
        self.paragraph(painter, QRectF(184, 6, self.width() - 184, 130), words, 11)
