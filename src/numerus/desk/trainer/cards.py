"""Cards to choose from, by mouse or by their numbers; what was chosen first carries a 1."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.images import to_image
from numerus.trainer.exercise import Card

GAP = 10.0
KEYS = "123456789"


class Cards(Drawing):
    """``chosen``: numbers in the order they were pressed; a second press takes one back."""

    changed = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Cards to choose from")
        self.cards: Sequence[Card] = ()
        self.chosen: list[int] = []
        self.most, self.open, self.offer = 0, True, True
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumSize", 560, 230)

    def show_cards(self, cards: Sequence[Card], most: int) -> None:
        """``most``: how many are chosen; 0: they are only looked at."""
        self.cards, self.chosen, self.most, self.open = cards, [], most, True
        self.update()

    def close_choice(self) -> None:
        self.open = False
        self.update()

    def press(self, number: int) -> None:
        if not self.open or not self.most or not 0 <= number < len(self.cards):
            return
        if number in self.chosen:
            self.chosen.remove(number)
        else:
            self.chosen = [*self.chosen, number] if len(self.chosen) < self.most else [*self.chosen[:-1], number]
        self.update()
        self.changed.emit()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is not None and event.text() and event.text() in KEYS:
            self.press(KEYS.index(event.text()))
            return
        super().keyPressEvent(event)

    def draw(self, painter: QPainter) -> None:
        if not self.cards:
            return
        wide = (self.width() - GAP * (len(self.cards) - 1)) / len(self.cards)
        for number, card in enumerate(self.cards):
            self._card(painter, number, card, QRectF(number * (wide + GAP), 1, wide, self._high(wide)))

    def _high(self, wide: float) -> float:
        """No higher than what is on them wants."""
        shows = any(c.colour or c.picture is not None for c in self.cards)
        return min(self.height() - 2, max(1.25 * wide, 250.0) if shows else 160.0)

    def _card(self, painter: QPainter, number: int, card: Card, box: QRectF) -> None:
        chosen = number in self.chosen
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 3 if chosen else 1))
        painter.setBrush(self.theme.colour("riverwash" if chosen else "matt"))
        painter.drawRoundedRect(box.adjusted(2, 2, -2, -2), 6, 6)
        inside = box.adjusted(10, 10, -10, -10)
        if card.colour:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour(card.colour))
            painter.drawRoundedRect(QRectF(inside.left(), inside.top(), inside.width(), inside.height() * 0.62), 4, 4)
        elif card.picture is not None:
            self.standing(
                painter,
                to_image(card.picture),
                QRectF(inside.left(), inside.top(), inside.width(), inside.height() * 0.8),
            )
        below = inside.top() + inside.height() * (0.62 if card.colour else 0.8 if card.picture is not None else 0.1)
        self.text(painter, inside.left(), below + 18, card.title, 16, True, width=inside.width())
        for row, words in enumerate(card.lines):
            self.text(painter, inside.left(), below + 40 + 19 * row, words, 13, width=inside.width())
        if self.most:
            turn = str(self.chosen.index(number) + 1) if chosen and self.most > 1 else str(number + 1)
            self.lettered(painter, QPointF(box.right() - 18, box.bottom() - 18), turn, chosen)
            self.region(
                box,
                f"{number + 1}: {card.title or 'colour'} {' '.join(card.lines)}".strip(),
                lambda n=number: self.press(n),
            )
