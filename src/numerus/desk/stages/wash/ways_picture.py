"""The two ways into the baths side by side, each with its price; and all plates that wait, one behind the other through the tubs."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime, timedelta

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_tick, draw_warning
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.post.washing.wash_queue import Queue, Turn
from numerus.post.washing.wash_ways import Way
from numerus.words import span

CARD_H, ROW_H, MOST_ROWS = 110.0, 17.0, 3
GAP = 8.0


class WaysPicture(Drawing):
    """``choose`` is told which way is taken, "" for the advised one."""

    def __init__(self, context: Context, choose: Callable[[str], None]) -> None:
        super().__init__(context.theme, "Ways into the baths")
        self.choose = choose
        self.ways: dict[str, Way] = {}
        self.chosen, self.advised = "", ""
        self.queue: Queue | None = None
        self.now = datetime.min
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", CARD_H + 4)

    def show_ways(self, ways: dict[str, Way], chosen: str, advised: str) -> None:
        self.ways, self.chosen, self.advised = ways, chosen, advised
        self.update()

    def show_queue(self, queue: Queue | None, now: datetime) -> None:
        self.queue, self.now = queue, now
        rows = min(len(queue.turns), MOST_ROWS) if queue else 0
        self.hold("setFixedHeight", CARD_H + 4 + (24 + ROW_H * rows if rows else 0))
        self.update()

    def draw(self, painter: QPainter) -> None:
        wide = (self.width() - GAP) / 2
        for number, way in enumerate(self.ways.values()):
            self._card(painter, QRectF(number * (wide + GAP), 0, wide, CARD_H), way)
        if self.queue is not None:
            self._draw_queue(painter, self.queue, CARD_H + 18)

    def _card(self, painter: QPainter, box: QRectF, way: Way) -> None:
        taken = way.key == self.chosen
        painter.setPen(QPen(self.theme.colour("river" if taken else "hairline"), 2 if taken else 1))
        painter.setBrush(self.theme.colour("riverwash" if taken else "chalk"))
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        x, wide = box.left() + 10, box.width() - 20
        if taken:
            draw_tick(painter, box.right() - 20, box.top() + 10, 10, self.theme.colour("river"))
        self.text(painter, x, box.top() + 19, way.name, 13, True, width=wide - 16)
        price = f"{way.hands_min:g} min of hands, {way.carried_ml:.1f} ml into the baths"
        self.text(painter, x, box.top() + 36, price, 11, width=wide)
        y = box.top() + 42
        y += self.paragraph(painter, QRectF(x, y, wide, 30), way.speaks_for[0].capitalize(), 11, colour="slate") + 1
        if way.against:
            draw_warning(painter, x, y + 1, 11, self.theme.colour("tallow"), self.theme.colour("ink"))
            self.paragraph(
                painter,
                QRectF(x + 16, y, wide - 16, box.bottom() - y - 2),
                way.against[0].capitalize(),
                11,
                colour="tallow_ink",
            )
        elif way.key == self.advised:
            self.text(painter, x, y + 11, "advised for this plate", 11, True, "moss")
        told = "; ".join((f"{way.name}: {price}", *way.speaks_for, *way.against))
        self.region(box, told, lambda: self.choose("" if way.key == self.advised else way.key))

    def _draw_queue(self, painter: QPainter, queue: Queue, y: float) -> None:
        how = "all made ready first, then one behind the other" if queue.all_lifted else "one behind the other"
        words = f"All {len(queue.turns)} plates, {how}: {span(queue.minutes)} ({span(queue.one_by_one_min)} one by one)"
        self.text(painter, 2, y, words, 11, True, width=self.width() - 4)
        left, right = 130.0, self.width() - 62
        for number, turn in enumerate(queue.turns[:MOST_ROWS]):
            self._turn(painter, turn, y + 8 + number * ROW_H, left, (right - left) / max(queue.minutes, 1.0))

    def _turn(self, painter: QPainter, turn: Turn, y: float, left: float, px_min: float) -> None:
        self.text(painter, 2, y + 10, turn.plate, 11, width=left - 8)
        for (begin, end), role, filled in (
            (turn.lifted, "slate", False), (turn.dirty, "river", True), (turn.clean, "moss", True),
        ):  # fmt: skip
            self.bar(painter, left + begin * px_min, y + 2, (end - begin) * px_min, 10, role, filled)
        out = self.now + timedelta(minutes=turn.out)
        self.text(painter, self.width() - 2, y + 10, f"out {out:%H:%M}", 11, align=RIGHT)
        told = (
            f"{turn.plate}: got ready from {turn.lifted[0]:.0f}, dirty bath {turn.dirty[0]:.0f} to {turn.dirty[1]:.0f}"
        )
        clean = f"clean {turn.clean[0]:.0f} to {turn.clean[1]:.0f}, out after {turn.out:.0f} min"
        self.region(QRectF(0, y, self.width(), ROW_H), f"{told}, {clean}, if begun now")
