"""What a failed or flawed part looked like: small drawings to choose from."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.diagnosis.failure_diagnosis import LOOKS

HIGH = 78.0


class LooksPicker(Drawing):
    """``chosen`` tells the looks in the inquest's words."""

    chosen = pyqtSignal(str)

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "What it looked like")
        self.looks, self.enabled = "", True
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", HIGH)

    def show_looks(self, looks: str, enabled: bool) -> None:
        self.looks, self.enabled = looks, enabled
        self.update()

    def draw(self, painter: QPainter) -> None:
        wide = self.width() / len(LOOKS)
        for number, looks in enumerate(LOOKS):
            box = QRectF(number * wide + 2, 1, wide - 4, HIGH - 2)
            chosen = looks == self.looks
            painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
            painter.setBrush(self.theme.colour("riverwash" if chosen else "chalk"))
            painter.drawRoundedRect(box, 4, 4)
            self._draw_part(painter, looks, QPointF(box.center().x(), box.top() + 44))
            first, _, rest = looks.partition(" ")
            for line, words in enumerate((first, rest)):
                role = "ink" if self.enabled else "slate"
                self.text(painter, box.center().x(), box.bottom() - 16 + 11 * line, words, 9, colour=role, align=CENTRE, width=wide - 6)  # fmt: skip
            if self.enabled:
                self.region(box, looks.capitalize(), lambda name=looks: self.chosen.emit(name))

    def _draw_part(self, painter: QPainter, looks: str, foot: QPointF) -> None:
        """A part hanging from the plate: what is there filled, what should be dotted."""
        whole = QPainterPath(foot + QPointF(-7, -36))
        for x, y in ((7, -36), (9, -22), (5, -10), (0, -2), (-6, -12), (-8, -24)):
            whole.lineTo(foot + QPointF(x, y))
        whole.closeSubpath()
        self.line(painter, foot.x() - 20, foot.y() - 38, foot.x() + 20, foot.y() - 38, "slate", 3)
        painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(whole)
        painter.save()
        if looks == LOOKS[0]:  # stops level
            painter.setClipRect(QRectF(foot.x() - 20, foot.y() - 38, 40, 20))
        elif looks == LOOKS[1]:  # torn off: it lies below, askew
            painter.translate(foot + QPointF(6, 4))
            painter.rotate(38)
            painter.translate(-foot)
            painter.setClipRect(QRectF(foot.x() - 20, foot.y() - 28, 40, 40))
        if looks != LOOKS[3]:  # nothing there
            painter.setPen(QPen(self.theme.colour("ink"), 1))
            tone = self.theme.colour("#9C8F73", 0.35 if looks == LOOKS[2] else 1.0)
            painter.setBrush(tone)
            painter.drawPath(whole)
        painter.restore()
