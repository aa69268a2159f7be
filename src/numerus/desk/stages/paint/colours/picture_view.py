"""A picture with places on it that can be dragged or moved by keys: a ring where a colour is read, a card's corners."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QKeyEvent, QMouseEvent, QPainter, QPen, QPolygonF

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image

REACH_PX, RING_PX = 14.0, 9.0


@dataclass
class Place:
    """A named place, in the picture's pixels; ``ring`` is drawn round, others as corners."""

    name: str
    x: float
    y: float
    ring: bool = False


class PictureView(Drawing):
    """``moved``: a place was dragged, or moved by keys: Tab takes the next, arrows move it, with Shift by ten."""

    moved = pyqtSignal()

    def __init__(self, context: Context, name: str) -> None:
        super().__init__(context.theme, name)
        self.pixels: NDArray[np.uint8] | None = None
        self.places: list[Place] = []
        self.outline = False
        self.empty_words = ""
        self.held = 0
        self._image: QImage | None = None
        self._dragged = False
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_picture(self, pixels: NDArray[np.uint8] | None, places: list[Place], outline: bool = False) -> None:
        """uint8 (h, w, 3); ``outline`` joins the places, in order, to a frame."""
        self.pixels, self.places, self.outline, self.held = pixels, places, outline, 0
        if pixels is not None:
            self._image = to_image(np.dstack([pixels, np.full(pixels.shape[:2], 255, np.uint8)]))
        self.update()

    def _box(self) -> QRectF:
        """Where the picture lies."""
        if self.pixels is None:
            return self.area
        high, wide = self.pixels.shape[:2]
        scale = min(self.width() / wide, self.height() / high)
        return QRectF((self.width() - wide * scale) / 2, (self.height() - high * scale) / 2, wide * scale, high * scale)

    def _scale(self) -> float:
        return self._box().width() / self.pixels.shape[1] if self.pixels is not None else 1.0

    def _on_screen(self, place: Place) -> QPointF:
        box, scale = self._box(), self._scale()
        return QPointF(box.left() + place.x * scale, box.top() + place.y * scale)

    def draw(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 5, 5)
        if self.pixels is None or self._image is None:
            self.paragraph(painter, self.area.adjusted(16, 16, -16, -16), self.empty_words, 13, colour="slate")
            return
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(self._box(), self._image)
        spots = [self._on_screen(p) for p in self.places]
        if self.outline and len(spots) > 2:
            self._pen(painter, lambda: painter.drawPolygon(QPolygonF(spots)))
        for n, (place, spot) in enumerate(zip(self.places, spots, strict=True)):
            radius = RING_PX if place.ring else 5.0
            self._pen(painter, lambda at=spot, r=radius: painter.drawEllipse(at, r, r), n == self.held)
            self.tagged(painter, spot.x(), spot.y() + radius + 14, place.name, CENTRE)

    def _pen(self, painter: QPainter, draw, held: bool = False) -> None:  # type: ignore[no-untyped-def]
        """Light over dark, so that it is seen on any picture."""
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for colour, wide in (("#232B33", 4.5), ("river" if held else "#FBF9F4", 2.2)):
            painter.setPen(QPen(self.theme.colour(colour), wide))
            draw()

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        at = self.place(event)
        self.by_key = False
        far = [(self._on_screen(p) - at).manhattanLength() for p in self.places]
        if not far or self.pixels is None:
            return
        if min(far) < 2 * REACH_PX or len(far) > 1:
            self.held = int(np.argmin(far))
        self._dragged = True
        self._to(at)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if self._dragged:
            self._to(self.place(event))

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        if self._dragged:
            self._dragged = False
            self.moved.emit()

    def _to(self, at: QPointF) -> None:
        box, scale, place = self._box(), self._scale(), self.places[self.held]
        self._put(place, (at.x() - box.left()) / scale, (at.y() - box.top()) / scale)

    def _put(self, place: Place, x: float, y: float) -> None:
        if self.pixels is not None:
            place.x, place.y = (
                float(np.clip(x, 0, self.pixels.shape[1] - 1)),
                float(np.clip(y, 0, self.pixels.shape[0] - 1)),
            )
        self.update()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        self.by_key = True
        steps = {Qt.Key.Key_Left: (-1, 0), Qt.Key.Key_Right: (1, 0), Qt.Key.Key_Up: (0, -1), Qt.Key.Key_Down: (0, 1)}
        if event.key() == Qt.Key.Key_Space and self.places:
            self.held = (self.held + 1) % len(self.places)
            self.update()
        elif Qt.Key(event.key()) in steps and self.places:
            by = 10 if event.modifiers() & Qt.KeyboardModifier.ShiftModifier else 1
            x, y = steps[Qt.Key(event.key())]
            place = self.places[self.held]
            self._put(place, place.x + by * x, place.y + by * y)
            self.moved.emit()
        else:
            super().keyPressEvent(event)
