"""Pictures of the Line page: the stroke in hand, the evening as hands, drying and palette, what the next one holds."""

from __future__ import annotations

from collections.abc import Callable
from datetime import datetime, timedelta

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QLinearGradient, QPainter, QPen

from numerus.desk.context import Context
from numerus.desk.stages.paint.line.state import PAINTING, SETTING_UP, LineState
from numerus.desk.theme.marks import draw_mark
from numerus.desk.widgets.drawing import CENTRE, RIGHT, StatedDrawing
from numerus.desk.widgets.rings import clock_words, draw_ring
from numerus.paint.loads import life_min
from numerus.progress.painting.painting_line import PaintBlock, TimedStroke
from numerus.words import counted

MOST_LANES, LIST_ROWS = 5, 13
LEFT_PX, STRIPE_PX = 68.0, 5.0
XOf = Callable[[datetime], float]


def pressed_words(state: LineState) -> str:
    """What a press does now."""
    if state.phase == PAINTING:
        return "done"
    return "the pot is ready" if state.phase == SETTING_UP else "begin"


class NowCard(StatedDrawing[LineState]):
    """The stroke in hand, its clock, what a press does, and what follows. ``pressed``: once on."""

    pressed = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The stroke in hand")
        self.session, self.state = context.session, None
        self.hold("setFixedHeight", 92)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    state: LineState | None

    def draw(self, painter: QPainter) -> None:
        state = self.state
        painter.setPen(QPen(self.theme.colour("river"), 1.5))
        painter.setBrush(self.theme.colour("riverwash"))
        painter.drawRoundedRect(self.area.adjusted(1, 1, -1, -1), 6, 6)
        if state is None or not state.blocks:
            words = state.fault if state and state.fault else "Nothing is left to paint on these figures."
            self.paragraph(painter, self.area.adjusted(16, 18, -16, -8), words, 16)
            return
        block, timed = state.upcoming[0]
        now = self.session.clock()
        colour = state.colour(block)
        if colour:
            painter.fillRect(QRectF(2, 8, 6, self.height() - 16), QColor(colour))
        self._words(painter, state, block, timed)
        self._clock(painter, state, timed, now)
        self._press(painter, state, now)
        self._following(painter, state)

    def _words(self, painter: QPainter, state: LineState, block: PaintBlock, timed: TimedStroke) -> None:
        room = self.width() - 560
        doing = {SETTING_UP: "Set up", PAINTING: "Now"}.get(state.phase, "Next")
        x = 20 + self.text(painter, 20, 22, doing, 13, True, "river") + 8
        self.text(
            painter,
            x,
            22,
            f"{timed.start:%H:%M}, {state.place_words(block, timed)}; {state.why(block)}",
            11,
            colour="slate",
            width=room,
        )
        self.text(painter, 20, 52, state.title(timed), 24, True, width=room + 20)
        self.text(painter, 20, 76, state.mix_words(timed) + f". {state.drops_words(block)}", 13, width=room + 20)

    def _clock(self, painter: QPainter, state: LineState, timed: TimedStroke, now: datetime) -> None:
        planned = (timed.end - timed.start).total_seconds() / 60
        elapsed = state.elapsed_min(now)
        middle = QPointF(self.width() - 478, self.height() / 2)
        draw_ring(self, painter, middle, 33, elapsed / max(planned, 1e-6), elapsed > planned)
        self.text(painter, middle.x(), middle.y() + 2, clock_words(elapsed), 16, True, align=CENTRE)
        self.text(painter, middle.x(), middle.y() + 16, f"of {clock_words(planned)}", 11, colour="slate", align=CENTRE)

    def _press(self, painter: QPainter, state: LineState, now: datetime) -> None:
        box = QRectF(self.width() - 424, 22, 150, self.height() - 44)
        wet = state.in_the_way(now) if state.phase == PAINTING else None
        painter.setPen(QPen(self.theme.colour("tallow" if wet else "ink"), 1.4))
        painter.setBrush(self.theme.colour("tallowwash" if wet else "chalk"))
        painter.drawRoundedRect(box, 5, 5)
        words = "It is dry" if wet else pressed_words(state).capitalize()
        self.text(painter, box.center().x(), box.center().y() + 1, words, 16, True, align=CENTRE)
        note = f"wet until {wet.until:%H:%M}" if wet else "Space"
        self.text(painter, box.center().x(), box.center().y() + 17, note, 11, colour="slate", align=CENTRE)
        self.region(box, words, self.pressed.emit)

    def _following(self, painter: QPainter, state: LineState) -> None:
        x, room = self.width() - 258, 246.0
        self.text(painter, x, 20, "then", 11, colour="slate")
        for number, (block, timed) in enumerate(state.following[:3]):
            y = 38 + 17 * number
            colour = state.colour(block)
            if colour:
                painter.fillRect(QRectF(x, y - 9, 9, 10), QColor(colour))
            self.text(painter, x + 14, y, f"{timed.start:%H:%M} {state.title(timed)}", 11, number == 0, width=room - 14)


class EveningChart(StatedDrawing[LineState]):
    """Hands as blocks under the colour of their mix, setting up hatched, a mark for each figure; each drying its own thin line; how
    long every mix stays good.
    """

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The evening: hands, drying, palette")
        self.session, self.state = context.session, None
        self.hold("setMinimumHeight", 210)

    state: LineState | None

    def draw(self, painter: QPainter) -> None:
        blocks = self.state.tonight if self.state else []
        if self.state is None or not blocks:
            return
        start = blocks[0].begun
        minutes = max((max(b.end for b in blocks) - start).total_seconds() / 60, 20) * 1.02
        wide = self.width() - LEFT_PX - 8

        def x_of(when: datetime) -> float:
            return LEFT_PX + wide * min(max((when - start).total_seconds() / 60 / minutes, 0.0), 1.0)

        bottom = self.height() - 4
        self._hours(painter, start, minutes, x_of, bottom)
        self.text(painter, 0, 44, "Hands", 13, True)
        for block in blocks:
            self._block(painter, self.state, block, x_of)
        drying = 92.0
        palette = max(bottom - 14.0 * min(len(self._loads(blocks)), MOST_LANES) - 6, drying + 40)
        self.text(painter, 0, drying + 12, "Drying", 13, True)
        self._drying(painter, blocks, x_of, drying, palette - 10)
        self.text(painter, 0, palette + 12, "Palette", 13, True)
        self._palette(painter, self.state, blocks, x_of, palette)
        now = self.session.clock()
        if start <= now <= blocks[-1].end:
            self.line(painter, x_of(now), 18, x_of(now), bottom, "brick", 1.6)

    def _hours(self, painter: QPainter, start: datetime, minutes: float, x_of: XOf, bottom: float) -> None:
        every = 20 if minutes < 150 else 30
        at = start.replace(minute=start.minute // every * every, second=0, microsecond=0)
        while at <= start + timedelta(minutes=minutes):
            if at >= start:
                self.line(painter, x_of(at), 18, x_of(at), bottom)
                words = f"{at:%H:%M}"
                middle = min(x_of(at), self.width() - self.wide(words, 11) / 2)  # whole at the edge
                self.text(painter, middle, 12, words, 11, colour="slate", align=CENTRE)
            at += timedelta(minutes=every)

    def _block(self, painter: QPainter, state: LineState, block: PaintBlock, x_of: XOf) -> None:
        begun = x_of(block.begun)
        x0, x1 = x_of(block.start), x_of(block.end)
        colour = state.colour(block)
        painter.fillRect(
            QRectF(begun, 20, x1 - begun, STRIPE_PX), QColor(colour) if colour else self.theme.colour("bed")
        )
        if x0 - begun > 1.5:
            self.hatch(painter, QRectF(begun, 27, x0 - begun, 34), "slate")
        for timed in block.strokes:
            a, b = x_of(timed.start), x_of(timed.end)
            painter.fillRect(QRectF(a, 27, max(b - a - 1, 1), 34), self.theme.colour("slate"))
            if b - a > 13:
                figure = self.session.plans.figures[timed.figure_id]
                mark = self.session.plans.units[figure.unit_id].mark
                draw_mark(painter, mark, (a + b) / 2 - 6, 36, 15, self.theme.colour("on_river"))
        zone = self.session.plans.zone_name(block.stroke.zone)
        if x1 - begun > 30:
            self.text(painter, begun + 1, 76, f"{zone}: {block.stroke.step.name.lower()}", 11, width=x1 - begun - 2)
        says = f"{block.stroke.step.name} on {zone}, {block.start:%H:%M} to {block.end:%H:%M}: {state.why(block)}"
        self.region(QRectF(begun, 18, max(x1 - begun, 4), 62), says)

    def _drying(self, painter: QPainter, blocks: list[PaintBlock], x_of: XOf, top: float, bottom: float) -> None:
        """As many lanes as there is room for; each line ends where its stroke is dry."""
        lanes = max(int((bottom - top) / 2.6), 1)
        strokes = [s for b in blocks for s in b.strokes]
        step = min((bottom - top) / max(len(strokes), 1), 4.5)
        for number, timed in enumerate(strokes):
            y = top + (number % lanes if step < 2.6 else number) * max(step, 2.6)
            self.line(painter, x_of(timed.end), y, x_of(timed.dry), y, "tallow", 1.6)

    @staticmethod
    def _loads(blocks: list[PaintBlock]) -> list[list[PaintBlock]]:
        """Blocks of one pot together."""
        loads: list[list[PaintBlock]] = []
        for block in blocks:
            if block.setup_min or not loads:
                loads.append([])
            loads[-1].append(block)
        return loads

    def _palette(self, painter: QPainter, state: LineState, blocks: list[PaintBlock], x_of: XOf, top: float) -> None:
        """Each mix from when it is poured, fading to when it is dry there."""
        for number, load in enumerate(self._loads(blocks)):
            first, colour = load[0], state.colour(load[0])
            y = top + 14 * (number % MOST_LANES)
            good = first.start + timedelta(minutes=life_min(first.stroke.step))
            x0, x1, x2 = x_of(first.start), x_of(load[-1].end), x_of(good)
            fade = QLinearGradient(x0, 0, max(x2, x0 + 1), 0)
            ground = QColor(colour) if colour else self.theme.colour("bed")
            clear = QColor(ground)
            clear.setAlpha(20)
            fade.setColorAt(0, ground)
            fade.setColorAt(min(max((x1 - x0) / max(x2 - x0, 1), 0.05), 0.95), ground)
            fade.setColorAt(1, clear)
            painter.fillRect(QRectF(x0, y + 3, max(x2 - x0, 2), 7), fade)
            zones = dict.fromkeys(self.session.plans.zone_name(b.stroke.zone) for b in load)
            words = f"{state.mix_words(first.strokes[0]).partition(';')[0]}: {', '.join(zones)}"
            self.region(QRectF(x0, y, max(x2 - x0, 4), 12), f"{words}; good until {good:%H:%M}")


class LoadList(StatedDrawing[LineState]):
    """What an evening holds, pot by pot, with its minutes."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The next evening, pot by pot")
        self.session, self.state = context.session, None
        self.hold("setFixedWidth", 196)

    state: LineState | None

    def draw(self, painter: QPainter) -> None:
        blocks = self.state.after if self.state else []
        if self.state is None or not blocks:
            self.text(painter, 0, 14, "No evening after this", 13, True, width=self.width())
            return
        self.text(painter, 0, 14, f"{blocks[0].start:%a %-d, from %H:%M}", 13, True)
        self.text(painter, self.width(), 14, "min", 11, colour="slate", align=RIGHT)
        minutes = [sum((s.end - s.start).total_seconds() / 60 for s in b.strokes) for b in blocks]
        rows = max(min(int((self.height() - 44) // 16), LIST_ROWS), 1)
        for number, (block, mins) in enumerate(zip(blocks[:rows], minutes, strict=False)):
            y = 34 + 16 * number
            colour = self.state.colour(block)
            if colour:
                painter.fillRect(QRectF(0, y - 9, 7, 11), QColor(colour))
            zone = self.session.plans.zone_name(block.stroke.zone)
            self.text(painter, 12, y, f"{zone}: {block.stroke.step.name.lower()}", 11, width=100)
            self.bar(painter, 118, y - 8, 50 * mins / max(minutes), 8, "slate", filled=False)
            self.text(painter, self.width(), y, f"{mins:.0f}", 11, align=RIGHT)
        y = 34 + 16 * min(rows, len(blocks))
        more = f"and {len(blocks) - rows} more; " if len(blocks) > rows else ""
        self.text(painter, 0, y + 4, f"{more}{counted(sum(b.setup_min > 0 for b in blocks), 'pot')}", 11, True)
        self.text(painter, self.width(), y + 4, f"{sum(minutes):.0f}", 11, True, align=RIGHT)


class WetList(StatedDrawing[LineState]):
    """What of the batch is wet, and until when."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What is wet")
        self.session, self.state = context.session, None
        self.hold("setFixedWidth", 270)

    state: LineState | None

    def draw(self, painter: QPainter) -> None:
        wet = self.state.wet(self.session.clock()) if self.state else []
        self.text(painter, 0, 16, "Wet now" if wet else "Nothing is wet", 13, True)
        for number, one in enumerate(wet[:5]):
            y = 38 + 19 * number
            name = f"{self.session.plans.zone_name(one.zone)}, {self.session.plans.figures[one.figure_id].name}"
            self.text(painter, 0, y, name, 11, width=200)
            self.text(painter, self.width(), y, f"until {one.until:%H:%M}", 11, True, "tallow_ink", RIGHT)
