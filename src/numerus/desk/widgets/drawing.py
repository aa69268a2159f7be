"""The base of everything drawn by hand: text in the theme's type, clickable regions with their tooltips and keys."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Generic, TypeVar

from PyQt6.QtCore import QEvent, QObject, QPointF, QRectF, Qt
from PyQt6.QtGui import (
    QColor,
    QFocusEvent,
    QHelpEvent,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
)
from PyQt6.QtWidgets import QToolTip, QWidget

from numerus.desk.theme.palette import CONTENT, LABEL, Theme
from numerus.desk.translate import tr
from numerus.desk.widgets.worded import Told

LEFT, RIGHT, CENTRE = "left", "right", "centre"
BY_KEY = (Qt.FocusReason.TabFocusReason, Qt.FocusReason.BacktabFocusReason, Qt.FocusReason.ShortcutFocusReason)


@dataclass(frozen=True)
class Region:
    """A part of a drawing that tells something and, with ``act``, can be clicked or chosen by key."""

    box: QRectF
    description: str
    act: Callable[[], None] | None = None


class _Held(QObject):
    """Goes with its widget, so that the theme tells it no more: a function would still be told."""

    def __init__(self, theme: Theme, widget: QWidget, setter: str, px: tuple[float, ...]) -> None:
        super().__init__(widget)
        self.theme, self.set, self.px = theme, getattr(widget, setter), px
        self.apply()
        theme.changed.connect(self.apply)

    def apply(self) -> None:
        self.set(*(round(p * self.theme.zoom) for p in self.px))


def hold(theme: Theme, widget: QWidget, setter: str, *px: float) -> None:
    """Set a size in the layout's own pixels, now and whenever the theme's zoom changes."""
    _Held(theme, widget, setter, px)


class Drawing(Told, QWidget):
    """Subclasses draw in ``draw`` and register regions; arrows move between those that act, Enter chooses.

    A drawing measures in the layout's own pixels: its width, height and places are what they would be without zoom.
    """

    def __init__(self, theme: Theme, name: str) -> None:
        super().__init__()
        self.theme = theme
        self.regions: list[Region] = []
        self.at, self.by_key = -1, False
        self.setAccessibleName(name)
        self.setMouseTracking(True)
        theme.changed.connect(self.update)

    def width(self) -> float:
        return super().width() / self.theme.zoom

    def height(self) -> float:
        return super().height() / self.theme.zoom

    @property
    def area(self) -> QRectF:
        return QRectF(0, 0, self.width(), self.height())

    def place(self, event: QMouseEvent | QHelpEvent | None) -> QPointF:
        """Where an event happened, in the drawing's pixels."""
        return (event.position() if isinstance(event, QMouseEvent) else QPointF(event.pos())) / self.theme.zoom

    def hold(self, setter: str, *px: float) -> None:
        """Keep a size of the widget, given in the drawing's pixels."""
        hold(self.theme, self, setter, *px)

    def draw(self, painter: QPainter) -> None:
        raise NotImplementedError

    def paintEvent(self, _: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.scale(self.theme.zoom, self.theme.zoom)
        self.regions = []
        painter.save()
        self.draw(painter)
        painter.restore()
        if self.hasFocus() and self.by_key:
            self._draw_focus(painter)
        painter.end()

    def _draw_focus(self, painter: QPainter) -> None:
        active = self._active()
        box = active[self.at].box if 0 <= self.at < len(active) else self.area.adjusted(1, 1, -1, -1)
        painter.setPen(QPen(self.theme.colour("river"), 2))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 3, 3)

    def _active(self) -> list[Region]:
        return [r for r in self.regions if r.act is not None]

    def region(self, box: QRectF, description: str = "", act: Callable[[], None] | None = None) -> None:
        self.regions.append(Region(box, tr(description), act))

    def _region_at(self, at: QPointF) -> Region | None:
        return next((r for r in reversed(self.regions) if r.box.contains(at)), None)

    def event(self, event: QEvent | None) -> bool:
        if isinstance(event, QHelpEvent) and event.type() == QEvent.Type.ToolTip:
            region = self._region_at(self.place(event))
            QToolTip.showText(
                event.globalPos(),
                f"<p style='white-space:pre-wrap'>{region.description}</p>" if region and region.description else "",
                self,
            )
            return True
        return super().event(event)

    def focusInEvent(self, event: QFocusEvent | None) -> None:
        """Who points needs no frame: it is drawn for the keyboard alone."""
        self.by_key = event is not None and event.reason() in BY_KEY
        super().focusInEvent(event)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self.by_key = False
        region = next((r for r in reversed(self._active()) if r.box.contains(self.place(event))), None)
        if region is not None and region.act is not None:
            region.act()

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        over = any(r.box.contains(self.place(event)) for r in self._active())
        self.setCursor(Qt.CursorShape.PointingHandCursor if over else Qt.CursorShape.ArrowCursor)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        active, key = self._active(), event.key()
        self.by_key = True
        if not active:
            super().keyPressEvent(event)
        elif key in (Qt.Key.Key_Right, Qt.Key.Key_Down):
            self._step(1)
        elif key in (Qt.Key.Key_Left, Qt.Key.Key_Up):
            self._step(-1)
        elif key in (Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_Space) and 0 <= self.at < len(active):
            act = active[self.at].act
            if act is not None:
                act()
        else:
            super().keyPressEvent(event)

    def _step(self, by: int) -> None:
        self.at = (self.at + by) % len(self._active())
        self.setAccessibleDescription(self._active()[self.at].description)
        self.update()

    def text(
        self, painter: QPainter, x: float, y: float, words: str, size: int = CONTENT, bold: bool = False,
        colour: str | QColor = "ink", align: str = LEFT, width: float = 0.0,
    ) -> float:  # fmt: skip
        """Draw one line with its baseline at ``y``; elided to ``width`` if given. Returns how wide it is."""
        words, measure = tr(words), self.theme.drawn_metrics(size, bold)
        if width > 0:
            words = measure.elidedText(words, Qt.TextElideMode.ElideRight, width)
        wide = measure.horizontalAdvance(words)
        painter.setFont(self.theme.drawn_font(size, bold))
        painter.setPen(self.theme.colour(colour) if isinstance(colour, str) else colour)
        painter.drawText(QPointF(x - {LEFT: 0.0, RIGHT: wide, CENTRE: wide / 2}[align], y), words)
        return wide

    def wide(self, words: str, size: int = CONTENT, bold: bool = False) -> float:
        """How wide the words are drawn, in the drawing's pixels."""
        return self.theme.drawn_metrics(size, bold).horizontalAdvance(tr(words))

    def tagged(self, painter: QPainter, x: float, y: float, words: str, align: str = LEFT, colour: str = "ink") -> None:
        """A strong label on a chip of its own, readable over whatever is drawn there."""
        wide = self.wide(words, LABEL, True)
        left = x - {LEFT: 0.0, RIGHT: wide, CENTRE: wide / 2}[align]
        chip = self.theme.colour("chalk", 0.88)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(chip)
        painter.drawRoundedRect(QRectF(left - 4, y - 11, wide + 8, 15), 3, 3)
        self.text(painter, left, y, words, LABEL, True, colour)

    def paragraph(
        self, painter: QPainter, box: QRectF, words: str, size: int = CONTENT, bold: bool = False, colour: str = "ink",
        align: str = LEFT,
    ) -> float:  # fmt: skip
        """Draw wrapped text in a box; returns its height."""
        how = int(Qt.TextFlag.TextWordWrap) | int(Qt.AlignmentFlag.AlignHCenter if align == CENTRE else 0)
        painter.setFont(self.theme.drawn_font(size, bold))
        painter.setPen(self.theme.colour(colour))
        used = painter.boundingRect(box, how, tr(words))
        painter.drawText(box, how, tr(words))
        return float(used.height())

    def fitted(self, painter: QPainter, box: QRectF, words: str) -> float:
        """Wrapped text of content size, or of label size where the box is too low for that; returns its height."""
        measure = self.theme.drawn_metrics()
        high = measure.boundingRect(box, int(Qt.TextFlag.TextWordWrap), tr(words)).height()
        return self.paragraph(painter, box, words, CONTENT if high <= box.height() else LABEL)

    def line(
        self, painter: QPainter, x0: float, y0: float, x1: float, y1: float, role: str = "hairline", width: float = 1.0
    ) -> None:
        painter.setPen(QPen(self.theme.colour(role), width))
        painter.drawLine(QPointF(x0, y0), QPointF(x1, y1))

    def bar(
        self, painter: QPainter, x: float, y: float, wide: float, high: float, role: str | QColor, filled: bool = True
    ) -> None:
        """A bar: solid is here or done, outline is to come."""
        colour = self.theme.colour(role) if isinstance(role, str) else role
        painter.setPen(Qt.PenStyle.NoPen if filled else QPen(colour, 1))
        painter.setBrush(colour if filled else Qt.BrushStyle.NoBrush)
        painter.drawRect(
            QRectF(x, y, max(wide, 0), high) if filled else QRectF(x + 0.5, y + 0.5, max(wide - 1, 0), high - 1)
        )

    def numbered(self, painter: QPainter, at: QPointF, number: int, chosen: bool = False) -> None:
        """A number in a ring, centred: the same thing has it in every picture."""
        painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 1.2))
        painter.setBrush(self.theme.colour("river" if chosen else "chalk"))
        painter.drawEllipse(at, 9.0, 9.0)
        self.text(painter, at.x(), at.y() + 4, str(number), 11, True, "on_river" if chosen else "ink", CENTRE)

    def lettered(self, painter: QPainter, at: QPointF, letter: str, chosen: bool = False) -> None:
        """A letter in a square, centred: one of few that are compared."""
        painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 1.4))
        painter.setBrush(self.theme.colour("river" if chosen else "chalk"))
        painter.drawRoundedRect(QRectF(at.x() - 9, at.y() - 9, 18, 18), 3, 3)
        self.text(painter, at.x(), at.y() + 4, letter, 11, True, "on_river" if chosen else "ink", CENTRE)

    def standing(self, painter: QPainter, image: QImage, box: QRectF) -> None:
        """An image as large as its box holds, on the box's floor."""
        scale = min(box.width() / image.width(), box.height() / image.height())
        wide, high = image.width() * scale, image.height() * scale
        painter.drawImage(QRectF(box.center().x() - wide / 2, box.bottom() - high, wide, high), image)

    def hatch(self, painter: QPainter, box: QRectF, role: str = "brick") -> None:
        """Missing or clashing."""
        painter.save()
        painter.setClipRect(box)
        painter.setPen(QPen(self.theme.colour(role), 1))
        x = box.left() - box.height()
        while x < box.right():
            painter.drawLine(QPointF(x, box.bottom()), QPointF(x + box.height(), box.top()))
            x += 6
        painter.restore()


State = TypeVar("State")


class StatedDrawing(Drawing, Generic[State]):
    """A drawing of what a page's state says; None until it was shown one."""

    def __init__(self, theme: Theme, name: str) -> None:
        super().__init__(theme, name)
        self.state: State | None = None

    def show_state(self, state: State) -> None:
        self.state = state
        self.update()
