"""What a failed or flawed part looked like: small drawings to choose from."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.diagnosis.likelihoods import LOOKS, PLASTIC_LOOKS

RESIN = "#9C8F73"
HIGH = 78.0
SHAPE = ((7, -36), (9, -22), (5, -10), (0, -2), (-6, -12), (-8, -24))


class LooksPicker(Drawing):
    """``chosen`` tells the looks in the inquest's words."""

    chosen = pyqtSignal(str)

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "What it looked like")
        self.looks, self.enabled, self.plastic = "", True, False
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", HIGH)

    def show_looks(self, looks: str, enabled: bool, plastic: bool = False) -> None:
        """Nothing to choose where it is not enabled: then only what was chosen is drawn. ``plastic``: it stood on a bed."""
        self.looks, self.enabled, self.plastic = looks, enabled, plastic
        self.update()

    def draw(self, painter: QPainter) -> None:
        shown = PLASTIC_LOOKS if self.plastic else LOOKS
        wide = self.width() / len(shown)
        for number, looks in enumerate(shown):
            box = QRectF(number * wide + 1, 1, wide - 2, HIGH - 2)
            self._draw_choice(painter, looks, box)
            if self.enabled:
                self.region(box, looks.capitalize(), lambda name=looks: self.chosen.emit(name))

    def _draw_choice(self, painter: QPainter, looks: str, box: QRectF) -> None:
        chosen = looks == self.looks
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("riverwash" if chosen else "chalk"))
        painter.drawRoundedRect(box, 4, 4)
        draw = self._draw_plastic if self.plastic else self._draw_part
        draw(painter, looks, QPointF(box.center().x(), box.top() + 44))
        words = QRectF(box.left() + 1, box.top() + 44, box.width() - 2, box.height() - 44)
        role = "ink" if self.enabled else "slate"
        self.paragraph(painter, words, looks, 9, colour=role, align=CENTRE)

    def _draw_part(self, painter: QPainter, looks: str, foot: QPointF) -> None:
        """A part hanging from the plate: what is there filled, what should be dotted."""
        self.line(painter, foot.x() - 20, foot.y() - 38, foot.x() + 20, foot.y() - 38, "slate", 3)
        painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(_outline(foot))
        painter.save()
        painter.setPen(QPen(self.theme.colour("ink"), 1))
        painter.setBrush(self.theme.colour(RESIN, 0.35 if looks == LOOKS[2] else 1.0))
        self._draw_remains(painter, looks, foot)
        painter.restore()

    def _draw_remains(self, painter: QPainter, looks: str, foot: QPointF) -> None:
        level, torn, soft, bare, step, swollen, missing, bent, hole = LOOKS
        x, y = foot.x(), foot.y()
        if looks in (level, missing):
            painter.setClipRect(QRectF(x - 20, y - 38, 40, 20 if looks == level else 27))
        elif looks == torn:  # it lies below, askew
            painter.translate(foot + QPointF(6, 4))
            painter.rotate(38)
            painter.translate(-foot)
            painter.setClipRect(QRectF(x - 20, y - 28, 40, 40))
        elif looks == swollen:
            painter.setPen(
                QPen(
                    self.theme.colour(RESIN),
                    5,
                    Qt.PenStyle.SolidLine,
                    Qt.PenCapStyle.RoundCap,
                    Qt.PenJoinStyle.RoundJoin,
                )
            )
        elif looks == bent:
            painter.translate(foot + QPointF(0, -36))
            painter.shear(0.0, 0.45)
            painter.translate(QPointF(0, 36) - foot)
        if looks == step:
            self._draw_shifted(painter, foot)
        elif looks != bare:
            painter.drawPath(_outline(foot))
        if looks == hole:
            painter.setBrush(self.theme.colour("chalk"))
            painter.drawEllipse(QPointF(x + 1, y - 20), 4, 5)

    def _draw_plastic(self, painter: QPainter, looks: str, foot: QPointF) -> None:
        """A part standing on the bed: what is there filled, what should be dotted."""
        x, y = foot.x(), foot.y()
        self.line(painter, x - 20, y - 2, x + 20, y - 2, "slate", 3)
        painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(_standing(foot))
        painter.save()
        painter.setPen(QPen(self.theme.colour("ink"), 1))
        painter.setBrush(self.theme.colour(RESIN))
        level, off, nest, strings, gaps, droop, corners, step, wrong = PLASTIC_LOOKS
        if looks == level:
            painter.setClipRect(QRectF(x - 20, y - 18, 40, 20))
        if looks in (off, corners):
            painter.translate(foot + QPointF(0, -4))
            painter.rotate(58 if looks == off else 9)
            painter.translate(-foot)
        if looks == nest:
            self._draw_threads(painter, foot, 7, 13.0)
        elif looks == step:
            for top, high, aside in ((-38, 18, 5.0), (-20, 20, 0.0)):
                painter.setClipRect(QRectF(x - 24, y + top, 48, high))
                painter.drawPath(_standing(foot + QPointF(aside, 0)))
        else:
            painter.drawPath(_standing(foot))
        if looks == strings:
            self._draw_threads(painter, foot, 4, 18.0)
        if looks == gaps:
            for gap in range(4):
                painter.fillRect(QRectF(x - 9, y - 33 + 8 * gap, 18, 2), self.theme.colour("chalk"))
        if looks == droop:
            painter.drawEllipse(QPointF(x + 8, y - 18), 5, 6)
        if looks == wrong:
            painter.drawRect(QRectF(x - 12, y - 30, 10, 9))
        painter.restore()

    def _draw_threads(self, painter: QPainter, foot: QPointF, many: int, wide: float) -> None:
        """Loops of filament beside and over each other."""
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for number in range(many):
            path = QPainterPath(foot + QPointF(-wide, -5 - 4 * number))
            path.cubicTo(
                foot + QPointF(-4, 2 - 6 * number), foot + QPointF(6, -14 - 3 * number), foot + QPointF(wide, -4 - 4 * number)
            )  # fmt: skip
            painter.drawPath(path)

    def _draw_shifted(self, painter: QPainter, foot: QPointF) -> None:
        """The same part, but from one height on it stands aside."""
        for top, high, aside in ((-38, 18, 0.0), (-20, 22, 4.0)):
            painter.setClipRect(QRectF(foot.x() - 24, foot.y() + top, 48, high))
            painter.drawPath(_outline(foot + QPointF(aside, 0)))


def _standing(foot: QPointF) -> QPainterPath:
    """A tapering part on its foot, its shoulder overhanging on one side."""
    path = QPainterPath(foot + QPointF(-7, -3))
    for x, y in ((7, -3), (5, -14), (11, -24), (5, -28), (2, -36), (-4, -36), (-6, -20)):
        path.lineTo(foot + QPointF(x, y))
    path.closeSubpath()
    return path


def _outline(foot: QPointF) -> QPainterPath:
    path = QPainterPath(foot + QPointF(-7, -36))
    for x, y in SHAPE:
        path.lineTo(foot + QPointF(x, y))
    path.closeSubpath()
    return path
