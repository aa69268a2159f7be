"""Pictures of the mixing bench: mixes beside the colour wanted, what the rack can reach, the batch in its bottles."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.stages.paint.mix.state import MixState
from numerus.desk.theme.marks import draw_tick, draw_warning
from numerus.desk.widgets.drawing import CENTRE, RIGHT, StatedDrawing
from numerus.desk.widgets.strokes import swatch
from numerus.domain.painting.paints import Parts
from numerus.geometry.mesh import Floats
from numerus.paint.rack.matching import Proposal

GOOD_DE, SEEN_DE, MOST_DE = 1.0, 2.3, 5.0
LETTERS, HEAD = "ABCDE", 16.0


def draw_drop(painter: QPainter, at: QPointF, high: float, colour: QColor, outline: QColor) -> None:
    """A drop of paint, its tip up."""
    wide = high * 0.62
    path = QPainterPath(QPointF(at.x(), at.y() - high / 2))
    path.cubicTo(
        at.x() + wide * 0.2,
        at.y() - high * 0.15,
        at.x() + wide / 2,
        at.y() + high * 0.02,
        at.x() + wide / 2,
        at.y() + high * 0.2,
    )
    path.cubicTo(
        at.x() + wide / 2,
        at.y() + high * 0.62,
        at.x() - wide / 2,
        at.y() + high * 0.62,
        at.x() - wide / 2,
        at.y() + high * 0.2,
    )
    path.cubicTo(
        at.x() - wide / 2, at.y() + high * 0.02, at.x() - wide * 0.2, at.y() - high * 0.15, at.x(), at.y() - high / 2
    )
    painter.setPen(QPen(outline, 0.8))
    painter.setBrush(colour)
    painter.drawPath(path)


class MixList(StatedDrawing[MixState]):
    """Mixes with the colour wanted edge to edge, their drops, a stroke over dark and pale, how far off."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Mixes in whole drops")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumWidth", 330)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None:
            return
        if not state.proposals:
            words = "Add three pots to the rack first." if len(state.pots) < 3 else "Looking through the rack …"
            self.text(painter, 4, 20, words, 13, colour="slate")
            return
        self.text(painter, 30, 11, "wanted | mix", 11, colour="slate")
        self.text(painter, self.width() - 4, 11, "over dark, over pale; ΔE", 11, colour="slate", align=RIGHT)
        high = min((self.height() - HEAD) / max(len(state.proposals), 1), 82.0)
        for n, proposal in enumerate(state.proposals):
            box = QRectF(0, HEAD + n * high, self.width(), high - 4)
            self._row(painter, n, proposal, box, n == state.chosen and not state.own)

    def _row(self, painter: QPainter, n: int, proposal: Proposal, box: QRectF, chosen: bool) -> None:
        state = self.state
        assert state is not None
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 4, 4)
        self.line(painter, 0, box.bottom() + 2, self.width(), box.bottom() + 2)
        y, last = box.top(), min(box.top() + 52, box.bottom() - 5)  # closer together where five have little room
        self.lettered(painter, QPointF(box.left() + 14, y + 16), LETTERS[n], chosen)
        self._halves(painter, QPointF(box.left() + 48, y + 22), 17, state.wanted.colour, proposal.colour)
        self._drops(painter, proposal.parts, box.left() + 76, last - 35)
        wide = self.width() - 200
        beside = 184 if last - y < 52 else 80  # the swatch reaches down to the words
        self.text(painter, box.left() + 72, last - 16, state.words_of(proposal.parts), 11, chosen, width=self.width() - beside)
        painter.drawImage(QRectF(self.width() - 108, y + 4, 104, 20), swatch(proposal.paint, 208, 40))
        self._at_hand(painter, proposal, box.left() + 72, last, wide)
        self._off(painter, proposal.delta_e, last)
        words = f"{LETTERS[n]}: {state.words_of(proposal.parts)}, ΔE {proposal.delta_e:.1f}"
        self.region(box, words, lambda: self.chosen.emit(n))

    def _halves(self, painter: QPainter, at: QPointF, radius: float, left: str, right: str) -> None:
        """The colour wanted and the mix, edge to edge, where a difference shows best."""
        box = QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius)
        painter.setPen(Qt.PenStyle.NoPen)
        for start, colour in ((90, left), (-90, right)):
            painter.setBrush(QColor(colour))
            painter.drawPie(box, start * 16, 180 * 16)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(self.theme.colour("ink"), 1))
        painter.drawEllipse(box)

    def _drops(self, painter: QPainter, parts: Parts, x: float, y: float) -> None:
        assert self.state is not None
        room = (self.width() - 190) / max(sum(n for _, n in parts) + 0.5 * len(parts), 1)
        step = min(room, 11.0)
        for pot, amount in parts:
            colour = QColor(self.state.rack.pigment(((pot, 1.0),)).colour)
            for _ in range(int(amount)):
                draw_drop(painter, QPointF(x, y), 14, colour, self.theme.colour("ink"))
                x += step
            x += step / 2

    def _at_hand(self, painter: QPainter, proposal: Proposal, x: float, y: float, wide: float) -> None:
        assert self.state is not None
        if proposal.lacking:
            draw_warning(painter, x, y - 10, 11, self.theme.colour("tallow"), self.theme.colour("ink"))
        else:
            draw_tick(painter, x, y - 9, 10, self.theme.colour("moss"))
        self.text(painter, x + 15, y, self.state.at_hand(proposal), 11, colour="slate", width=wide - 30)

    def _off(self, painter: QPainter, delta_e: float, y: float) -> None:
        """ΔE as a bar: not seen, seen side by side, seen across the table."""
        x, wide = self.width() - 84, 80.0
        self.text(painter, x - 6, y, f"{delta_e:.1f}", 13, True, align=RIGHT)
        for start, end, role in ((0, GOOD_DE, "moss"), (GOOD_DE, SEEN_DE, "tallow"), (SEEN_DE, MOST_DE, "brick")):
            painter.fillRect(
                QRectF(x + wide * start / MOST_DE, y - 7, wide * (end - start) / MOST_DE, 6),
                self.theme.colour(role, 0.45),
            )
        at = x + wide * min(delta_e, MOST_DE) / MOST_DE
        self.line(painter, at, y - 11, at, y + 2, "ink", 2)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        letter = event.text().upper()
        if letter and letter in LETTERS and self.state and LETTERS.index(letter) < len(self.state.proposals):
            self.chosen.emit(LETTERS.index(letter))
        else:
            super().keyPressEvent(event)


class RackMap(StatedDrawing[MixState]):
    """a* and b* from above: pots where they lie, how those in hand mix, the colour wanted; the value strip is the third way."""

    struck = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What the rack can reach")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumWidth", 250)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None:
            return
        pots, wanted = state.on_map(), state.target.lab
        self.field = QRectF(0, 0, self.width(), self.height() - 62)
        places = np.array([p.lab for p in pots] + [tuple(wanted)])
        self.low, self.span = self._extent(places)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.field, 5, 5)
        self._axes(painter)
        for path in state.paths():
            line = QPainterPath(self._at(path[0]))
            for lab in path[1:]:
                line.lineTo(self._at(lab))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(self.theme.colour("river"), 1.8))
            painter.drawPath(line)
        self._pots(painter, pots)
        self._target(painter, self._at(wanted))
        self._values(painter, [(p.name, p.lab[0]) for p in pots if p.chosen], float(wanted[0]))

    def _extent(self, places) -> tuple[np.ndarray, float]:  # type: ignore[no-untyped-def]
        """Lower corner of a* and b*, and how many a pixel is."""
        low, high = places[:, 1:].min(axis=0) - 8, places[:, 1:].max(axis=0) + 8
        span = max((high[0] - low[0]) / self.field.width(), (high[1] - low[1]) / self.field.height(), 0.1)
        middle = (low + high) / 2
        return middle - span * np.array([self.field.width(), self.field.height()]) / 2, float(span)

    def _at(self, lab: Sequence[float] | Floats) -> QPointF:
        return QPointF((lab[1] - self.low[0]) / self.span, self.field.height() - (lab[2] - self.low[1]) / self.span)

    def _axes(self, painter: QPainter) -> None:
        zero = self._at((0, 0, 0))
        inside_x, inside_y = 0 < zero.x() < self.field.width(), 0 < zero.y() < self.field.height()
        if inside_x:
            self.line(painter, zero.x(), 4, zero.x(), self.field.height() - 4, "hairline", 1.5)
        if inside_y:
            self.line(painter, 4, zero.y(), self.field.width() - 4, zero.y(), "hairline", 1.5)
        self.text(painter, self.field.width() / 2, 14, "yellower", 11, colour="slate", align=CENTRE)
        self.text(painter, self.field.width() / 2, self.field.height() - 5, "bluer", 11, colour="slate", align=CENTRE)
        self.text(painter, 5, self.field.height() / 2, "greener", 11, colour="slate")
        self.text(painter, self.field.width() - 5, self.field.height() / 2, "redder", 11, colour="slate", align=RIGHT)

    def _pots(self, painter: QPainter, pots) -> None:  # type: ignore[no-untyped-def]
        spots = [(self._at(p.lab), 3.0 + 0.3 * min(p.ml or 6.0, 18.0)) for p in pots]
        taken = [QRectF(at.x() - r, at.y() - r, 2 * r, 2 * r) for at, r in spots]
        for pot in sorted(pots, key=lambda p: -p.chosen):
            at, radius = self._at(pot.lab), 4.0 + 0.35 * min(pot.ml or 6.0, 18.0)
            style = Qt.PenStyle.DashLine if pot.ml is None else Qt.PenStyle.SolidLine
            painter.setPen(QPen(self.theme.colour("river" if pot.chosen else "ink"), 2.2 if pot.chosen else 0.8, style))
            painter.setBrush(QColor(pot.colour))
            painter.drawEllipse(at, radius, radius)
            self._name(painter, pot.name, at, radius, pot.chosen, taken)
            left = "not written down" if pot.ml is None else f"{pot.ml:.0f} ml left"
            box = QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius)
            self.region(box, f"{pot.name}, {left}. Press to do without it.", lambda p=pot.id: self.struck.emit(p))

    def _name(self, painter: QPainter, name: str, at: QPointF, radius: float, bold: bool, taken: list[QRectF]) -> None:
        """A pot's name beside it, where no other name is."""
        wide = self.wide(name, 11, bold)
        for x in (at.x() + radius + 3, at.x() - radius - 3 - wide):
            box = QRectF(x, at.y() - 7, wide, 13)
            if self.field.adjusted(2, 2, -2, -2).contains(box) and not any(t.intersects(box) for t in taken):
                taken.append(box)
                self.text(painter, x, at.y() + 4, name, 11, bold)
                return

    def _target(self, painter: QPainter, at: QPointF) -> None:
        for radius, colour, wide in ((9.0, "#FBF9F4", 4.0), (9.0, "#232B33", 2.0), (2.0, "#232B33", 2.0)):
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.setPen(QPen(QColor(colour), wide))
            painter.drawEllipse(at, radius, radius)

    def _values(self, painter: QPainter, pots: list[tuple[str, float]], wanted: float) -> None:
        y, wide = self.height() - 40, self.width()
        for n in range(40):
            tone = round(255 * n / 39)
            painter.fillRect(QRectF(wide * n / 40, y, wide / 40 + 1, 7), QColor(tone, tone, tone))
        last = -99.0
        for name, value in sorted(pots, key=lambda p: p[1]):
            x = wide * value / 100
            self.line(painter, x, y - 3, x, y + 11, "river", 1.6)
            if x - last > 70:
                self.text(
                    painter, min(max(x, 30), wide - 34), y + 24, f"{name.split()[0]} {value:.0f}", 11, align=CENTRE
                )
                last = x
        self.text(painter, wide * wanted / 100, y - 3, "▾", 13, True, align=CENTRE)
        self.text(painter, 0, y + 38, f"Value wanted: {wanted:.0f}", 11, colour="slate")


class Batch(StatedDrawing[MixState]):
    """What the batch takes: a bottle a pot with its level and what is drawn off, and the cup they make."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The batch")
        self.hold("setFixedHeight", 116)

    def draw(self, painter: QPainter) -> None:
        bulk = self.state.batch() if self.state else None
        if self.state is None or bulk is None:
            mixed = self.state is not None and self.state.paint is not None
            words = (
                "No figure waits for it: say for how many."
                if mixed
                else "Choose a mix to see how much of it the batch takes."
            )
            self.text(painter, 0, 20, words, 13, colour="slate")
            return
        x = 0.0
        for pot, drops in bulk.drops.items():
            self._bottle(painter, pot, drops, bulk.ml[pot], x, pot in bulk.short)
            x += 176
        self.text(painter, x, 62, "→", 22)
        self._cup(painter, x + 34, bulk.made_ml)

    def _bottle(self, painter: QPainter, pot: str, drops: int, ml: float, x: float, short: bool) -> None:
        assert self.state is not None
        paint = self.state.plans.paints[pot]
        glass = QRectF(x + 2, 20, 34, 84)
        painter.setPen(QPen(self.theme.colour("ink"), 1.4))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(glass, 6, 6)
        painter.drawRoundedRect(QRectF(x + 11, 8, 16, 13), 2, 2)
        left = paint.ml
        if left is not None:
            level = min(left / paint.pot_ml, 1.0) * (glass.height() - 4)
            drawn = min(ml / paint.pot_ml, 1.0) * (glass.height() - 4)
            inside = QRectF(glass.left() + 2, glass.bottom() - 2 - level, glass.width() - 4, level)
            painter.fillRect(inside, QColor(self.state.rack.pigment(((pot, 1.0),)).colour))
            self.hatch(painter, QRectF(inside.left(), inside.top(), inside.width(), min(drawn, level)), "chalk")
        self.text(painter, x + 44, 32, paint.name, 11, True, width=128)
        self.text(painter, x + 44, 50, f"{drops} drops", 13)
        of = "? ml" if left is None else f"{left:.1f} ml"
        self.text(painter, x + 44, 68, f"{ml:.1f} of {of}", 11, colour="slate")
        stays = "weigh the pot" if left is None else "not enough" if short else f"{left - ml:.1f} ml stay"
        self.text(painter, x + 44, 84, stays, 11, bold=short, colour="brick" if short else "slate")

    def _cup(self, painter: QPainter, x: float, ml: float) -> None:
        assert self.state is not None and self.state.paint is not None
        path = QPainterPath(QPointF(x, 34))
        for to in ((x + 52, 34), (x + 46, 88), (x + 6, 88)):
            path.lineTo(QPointF(*to))
        path.closeSubpath()
        painter.setPen(QPen(self.theme.colour("ink"), 1.4))
        painter.setBrush(QColor(self.state.paint.colour))
        painter.drawPath(path)
        self.tagged(painter, x + 26, 66, f"{ml:.1f} ml", CENTRE)
