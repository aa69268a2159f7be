"""Up to four ways to paint the same figure, side by side on one scale: picture, value, bars; the best of each row is bold."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QKeyEvent, QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.stages.paint.compared import Card, Row
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.images import to_image

ROW_H, LABELS_W, USUAL = 19.0, 112.0, 4


def card_width(room: float, cards: int) -> float:
    """What each card gets beside the names of the rows; fewer than the usual number are no wider for it."""
    return (room - LABELS_W) / max(cards, USUAL)


class ComparisonCards(Drawing):
    """Choose by click, by its letter, or with the arrows and Return."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context, name: str, rows: Sequence[Row], foot: str, waiting: str) -> None:
        super().__init__(context.theme, name)
        self.rows, self.foot, self.waiting = rows, foot, waiting
        self.cards: list[Card] = []
        self.number = 0
        self._images: list[tuple[QImage, QImage]] = []
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_cards(self, cards: Sequence[Card], chosen: int, waiting: str = "") -> None:
        if [c.colour is s.colour for c, s in zip(cards, self.cards, strict=False)] != [True] * max(
            len(cards), len(self.cards)
        ):
            self._images = [(to_image(c.colour), to_image(c.grey)) for c in cards]
        self.cards, self.number, self.waiting = list(cards), chosen, waiting or self.waiting
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.cards:
            self.text(painter, 4, 24, self.waiting, 13, colour="slate")
            return
        wide = card_width(self.width(), len(self.cards))
        picture = self.height() - len(self.rows) * ROW_H - 26
        for n, card in enumerate(self.cards):
            self._card(painter, n, card, QRectF(LABELS_W + n * wide, 0, wide - 8, picture))
        self._rows(painter, picture + 8, wide)

    def _card(self, painter: QPainter, n: int, card: Card, box: QRectF) -> None:
        chosen = n == self.number
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        self.lettered(painter, QPointF(box.left() + 16, box.top() + 17), card.letter, chosen)
        self.text(painter, box.left() + 32, box.top() + 18, card.name, 13, True, width=box.width() - 36)
        self.text(painter, box.left() + 32, box.top() + 33, card.note, 11, colour="slate", width=box.width() - 36)
        colour, grey = self._images[n]
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        self.standing(painter, colour, box.adjusted(6, 38, -6, -6))
        self._value(painter, grey, QRectF(box.right() - 62, box.top() + 40, 56, 76))
        self.region(box, card.description or f"{card.letter}: {card.name}", lambda: self.chosen.emit(n))

    def _value(self, painter: QPainter, grey: QImage, small: QRectF) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("chalk", 0.85))
        painter.drawRoundedRect(small, 3, 3)
        self.standing(painter, grey, small.adjusted(2, 2, -2, -2))
        self.text(painter, small.center().x(), small.bottom() + 12, "value", 11, colour="slate", align=CENTRE)

    def _rows(self, painter: QPainter, top: float, wide: float) -> None:
        for r, row in enumerate(self.rows):
            y = top + r * ROW_H
            values = [c.values[r][0] for c in self.cards]
            best = {"least": min(values), "most": max(values)}.get(row.best)
            self.text(painter, 0, y + 12, row.words, 11)
            for n, card in enumerate(self.cards):
                value, words = card.values[r]
                x = LABELS_W + n * wide
                self.text(painter, x + 70, y + 12, words, 11, value == best, align=RIGHT)
                self.bar(painter, x + 78, y + 5, wide - 92, 6, "bed")
                share = value / max(max(values), 1e-9)
                self.bar(painter, x + 78, y + 5, (wide - 92) * share, 6, "river" if n == self.number else "slate")
        y = top + len(self.rows) * ROW_H
        self.text(painter, 0, y + 12, self.foot, 11)
        for n, card in enumerate(self.cards):
            self.text(painter, LABELS_W + n * wide + 8, y + 12, card.foot, 11, colour="slate", width=wide - 16)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        letter = event.text().upper() if event is not None else ""
        place = next((n for n, c in enumerate(self.cards) if letter and c.letter == letter), None)
        if place is not None:
            self.chosen.emit(place)
        else:
            super().keyPressEvent(event)
