"""The shelf: pots on boards, each a stroke over dark and over pale ground, how full it is, and what is wrong with it."""

from __future__ import annotations

from PyQt6.QtCore import QMimeData, QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QDrag, QImage, QMouseEvent, QPainter, QPen, QWheelEvent
from PyQt6.QtWidgets import QApplication

from numerus.colour.films import Pigment
from numerus.desk.context import Context
from numerus.desk.stages.paint.page_tab import POT_MIME
from numerus.desk.stages.paint.rack.state import Shown
from numerus.desk.theme.marks import draw_warning
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.strokes import swatch

LEAST_W, CELL_H, SWATCH_H, BOARD_H = 104.0, 62.0, 28.0, 18.0
MOST_SWATCHES = 600


class Shelf(Drawing):
    """``chosen``: a pot's id, and whether one more. Boards that do not fit are reached by the wheel and by keys."""

    chosen = pyqtSignal(str, bool)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The rack: pots by family")
        self.boards: list[tuple[str, list[Shown]]] = []
        self.picked: tuple[str, ...] = ()
        self.offset = 0.0
        self._high = 0.0
        self._swatches: dict[Pigment, QImage] = {}
        self._places: list[tuple[QRectF, str]] = []
        self._pressed: tuple[str, QPointF] | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumWidth", 420)

    def show_boards(self, boards: list[tuple[str, list[Shown]]], picked: tuple[str, ...]) -> None:
        """``picked`` are drawn as chosen."""
        self.boards, self.picked = boards, picked
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.boards:
            self.text(painter, 4, 20, "No pot like that.", 13, colour="slate")
        y, self._places = -self.offset, []
        across = max(int((self.width() - 6) // LEAST_W), 1)
        wide = (self.width() - 6) / across
        for line in self._lines(across):
            column = 0
            for name, pots in line:
                self.text(painter, column * wide + 4, y + 13, name, 11, True, "slate")
                for n, pot in enumerate(pots):
                    at = n + column
                    box = QRectF(at % across * wide, y + BOARD_H + at // across * CELL_H, wide - 6, CELL_H - 4)
                    if box.bottom() > -CELL_H and box.top() < self.height() + CELL_H:
                        self._pot(painter, pot, box)
                column += len(pots)
            y += BOARD_H + -(-column // across) * CELL_H + 2
            self.line(painter, 0, y - 3, self.width(), y - 3, "hairline", 1.5)
        self._high = y + self.offset
        if self._high > self.height() + 4:
            self._thumb(painter)

    def _lines(self, across: int) -> list[list[tuple[str, list[Shown]]]]:
        """Families that fit stand on one board; a large one has boards of its own."""
        lines: list[list[tuple[str, list[Shown]]]] = []
        room = 0
        for name, pots in self.boards:
            if len(pots) > room:
                lines.append([])
                room = across
            lines[-1].append((name, pots))
            room -= len(pots)
        return lines

    def _thumb(self, painter: QPainter) -> None:
        """How much of the shelf is in view."""
        high = self.height()
        self.bar(painter, self.width() - 3, high * self.offset / self._high, 3, high * high / self._high, "slate")

    def _pot(self, painter: QPainter, pot: Shown, box: QRectF) -> None:
        if pot.id in self.picked:
            painter.setPen(QPen(self.theme.colour("river"), 2))
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 4, 4)
        place = QRectF(box.left() + 4, box.top() + 4, box.width() - 8, SWATCH_H)
        painter.drawImage(place, self._swatch(pot))
        if pot.gone:
            self.hatch(painter, place, "slate")
        self._level(painter, pot, QRectF(place.left(), place.bottom() + 2, place.width(), 3))
        room = box.width() - 8
        self.text(painter, box.left() + 4, box.top() + 46, pot.name, 11, pot.id in self.picked, width=room)
        ml = self.text(painter, box.right() - 4, box.top() + 57, pot.ml, 11, colour="slate", align=RIGHT)
        if pot.note:
            draw_warning(
                painter, box.left() + 4, box.top() + 49, 8, self.theme.colour("tallow"), self.theme.colour("ink")
            )
            self.text(painter, box.left() + 15, box.top() + 57, pot.note, 11, colour="tallow_ink", width=room - 14 - ml)
        self._places.append((box, pot.id))
        self.region(box, self._words(pot), lambda p=pot.id: self._choose(p))

    def _words(self, pot: Shown) -> str:
        hides = pot.pigment.hides_um
        covers = f"hides at {hides:.0f} µm" if hides < 1e5 else "clear"
        lacks = f"; {pot.lacks:.1f} ml more are needed than are left" if pot.lacks > 0 else ""
        return f"{pot.name}: {pot.ml}, {covers}{lacks}. Left half over dark ground, right half over pale: one brushed coat."

    def _choose(self, pot: str) -> None:
        held = QApplication.keyboardModifiers()
        more = bool(held & (Qt.KeyboardModifier.ControlModifier | Qt.KeyboardModifier.ShiftModifier))
        self.chosen.emit(pot, more)

    def _swatch(self, pot: Shown) -> QImage:
        """A pot's stroke, worked out once while its pigment is the same."""
        if pot.pigment not in self._swatches:
            if len(self._swatches) > MOST_SWATCHES:
                self._swatches.clear()
            self._swatches[pot.pigment] = swatch(pot.pigment, 208, 56)
        return self._swatches[pot.pigment]

    def _level(self, painter: QPainter, pot: Shown, box: QRectF) -> None:
        """How full: solid; what nobody wrote down is dashed."""
        if pot.level is None:
            painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DashLine))
            painter.drawLine(QPointF(box.left(), box.center().y()), QPointF(box.right(), box.center().y()))
            return
        self.bar(painter, box.left(), box.top(), box.width(), box.height(), "bed")
        self.bar(
            painter,
            box.left(),
            box.top(),
            box.width() * pot.level,
            box.height(),
            "tallow" if pot.lacks > 0 else "slate",
        )

    def wheelEvent(self, event: QWheelEvent | None) -> None:
        self._scroll(-event.angleDelta().y() / 2)

    def _scroll(self, by: float) -> None:
        self.offset = min(max(self.offset + by, 0.0), max(self._high - self.height(), 0.0))
        self.update()

    def _step(self, by: int) -> None:
        super()._step(by)
        box = self._active()[self.at].box
        if box.bottom() > self.height() - 8:
            self._scroll(box.bottom() - self.height() + CELL_H)
        elif box.top() < 8:
            self._scroll(box.top() - CELL_H)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        at = self.place(event)
        self._pressed = next(((pot, at) for box, pot in self._places if box.contains(at)), None)
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        super().mouseMoveEvent(event)
        if self._pressed is None or not event.buttons() & Qt.MouseButton.LeftButton:
            return
        pot, start = self._pressed
        if (self.place(event) - start).manhattanLength() > 12:
            self._pressed = None
            data = QMimeData()
            data.setData(POT_MIME, pot.encode())
            drag = QDrag(self)
            drag.setMimeData(data)
            drag.exec(Qt.DropAction.CopyAction)
