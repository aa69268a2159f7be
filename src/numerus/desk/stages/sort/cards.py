"""What the shapes say: one card per statement, with its evidence, what was made of it, and a way to change that."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.theme.marks import draw_warning
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.kit.statements import Statement

CARD_WIDE = 190.0


class Cards(Drawing):
    """As many cards as there is room for; the rest by turning the page."""

    def __init__(self, theme: Theme, act: Callable[[Statement], None], look: Callable[[Statement], None]) -> None:
        super().__init__(theme, "What the shapes say")
        self.act, self.look = act, look
        self.statements: Sequence[Statement] = ()
        self.first = 0
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.hold("setFixedHeight", 92)

    def show_said(self, statements: Sequence[Statement]) -> None:
        self.statements = statements
        self.first = min(self.first, max(len(statements) - self.room, 0))
        self.update()

    @property
    def room(self) -> int:
        return max(int(self.width() // CARD_WIDE), 1)

    def turn(self, by: int) -> None:
        """To the next or the former page, round and round."""
        pages = -(-len(self.statements) // self.room) or 1
        self.first = ((self.first // self.room + by) % pages) * self.room
        self.update()

    @property
    def page_words(self) -> str:
        if not self.statements:
            return ""
        return f"{self.first + 1}-{min(self.first + self.room, len(self.statements))} of {len(self.statements)}"

    def draw(self, painter: QPainter) -> None:
        if not self.statements:
            self.text(painter, 0, 22, "Nothing to say yet: shapes are compared when files are added.", colour="slate")
            return
        wide = self.width() / self.room
        for number, statement in enumerate(self.statements[self.first : self.first + self.room]):
            if number:
                self.line(painter, number * wide - 10, 4, number * wide - 10, 84)
            self._card(painter, number * wide, wide - 20, statement)

    def _card(self, painter: QPainter, x: float, wide: float, statement: Statement) -> None:
        sure = f"; {statement.relation.confidence:.0%} sure" if statement.relation else ""
        self.region(
            QRectF(x, 0, wide, 64),
            f"{statement.title}: {statement.description}\n{statement.evidence}{sure}",
            lambda: self.look(statement),
        )
        self.text(painter, x, 14, statement.title, 13, True, width=wide)
        self.text(painter, x, 32, statement.description, 13, width=wide)
        self.text(painter, x, 49, statement.evidence, 11, colour="slate", width=wide)
        denied = statement.relation is not None and statement.relation.overruled
        if statement.open:
            draw_warning(painter, x, 61, 13, self.theme.colour("tallow"), self.theme.colour("ink"))
        else:
            self._tick(painter, x, 73, "slate" if denied else "moss_ink")
        acts = self.text(painter, x + wide, 73, statement.act, 11, True, "river", RIGHT)
        self.text(
            painter, x + 19, 73, statement.outcome, 11, colour="slate" if denied else "ink", width=wide - acts - 26
        )
        box = QRectF(x + wide - acts - 6, 58, acts + 12, 22)
        self.region(box, f"{statement.act}: now {statement.outcome}", lambda: self.act(statement))

    def _tick(self, painter: QPainter, x: float, y: float, role: str) -> None:
        painter.setPen(QPen(self.theme.colour(role), 1.6))
        painter.drawPolyline([QPointF(x + 1, y - 5), QPointF(x + 5, y - 1), QPointF(x + 12, y - 10)])
