"""The band: the road from muster to ready, who stands where, the hours that wait, the narrowest gate."""

from __future__ import annotations

import math

from PyQt6.QtCore import QRectF, QSize, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.session import CLOCK
from numerus.desk.theme.marks import draw_mark
from numerus.desk.theme.resources import draw_icon
from numerus.desk.widgets.drawing import LEFT, RIGHT, Drawing
from numerus.desk.widgets.later import Soon
from numerus.domain.stages import STAGES, TITLES
from numerus.progress.standing import FigureStanding
from numerus.words import counted, hours

HEIGHT, ROAD_TOP, ROAD_HIGH = 140, 35, 46
GATE_PX_PER_FIGURE, GATE_LEAST, GATE_MOST = 0.36, 6.0, 34.0
LATER_MARK = 5  # over this many figures in the army one mark stands for five


class Band(Drawing):
    """Always there. Clicking a stage, or arrows and Enter, opens its bench."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The march: where every figure stands")
        self.session = context.session
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", HEIGHT)
        soon = Soon(self, self.update, context.jobs.turns)  # the bench that is opened is painted before it
        for signal in (self.session.moved, self.session.selected):
            signal.connect(lambda *_: soon.ask())
        self.session.changed.connect(lambda about: soon.ask() if about - {CLOCK} else None)

    def sizeHint(self) -> QSize:
        return QSize(1280, round(HEIGHT * self.theme.zoom))

    def _edge(self, index: int) -> float:
        first = 110.0
        return 0.0 if index == 0 else first + (self.width() - first) * (index - 1) / (len(STAGES) - 1)

    def draw(self, painter: QPainter) -> None:
        painter.fillRect(self.area, self.theme.colour("linen"))
        chosen = STAGES.index(self.session.stage)
        left, right = self._edge(chosen), self._edge(chosen + 1)
        painter.fillRect(QRectF(left, 0, right - left, HEIGHT), self.theme.colour("chalk"))
        widths = self._gate_widths()
        road = self._road(widths)
        painter.setPen(QPen(self.theme.colour("hairline"), 1))
        painter.setBrush(self.theme.colour("bed"))
        painter.drawPath(road)
        painter.save()
        painter.setClipPath(road)
        painter.fillRect(QRectF(left, 0, right - left, HEIGHT), self.theme.colour("riverwash"))
        painter.restore()
        self._draw_narrowest(painter, widths)
        for index, stage in enumerate(STAGES):
            self._draw_stage(painter, index, stage)
        painter.fillRect(QRectF(left, HEIGHT - 3, right - left, 3), self.theme.colour("river"))
        self.line(painter, 0, HEIGHT - 0.5, left, HEIGHT - 0.5)
        self.line(painter, right, HEIGHT - 0.5, self.width(), HEIGHT - 0.5)

    def _gate_widths(self) -> dict[int, float]:
        """Half-road widths at the gate after each stage, by figures a week."""
        rate = {g.stage: g.per_week for g in self.session.answers.stage_throughputs}
        wide = {}
        for index, stage in enumerate(STAGES[:-1]):
            per_week = rate.get(stage, math.inf)
            wide[index] = (
                GATE_MOST
                if not math.isfinite(per_week)
                else min(max(per_week * GATE_PX_PER_FIGURE * 2, GATE_LEAST), GATE_MOST)
            )
        return wide

    def _road(self, widths: dict[int, float]) -> QPainterPath:
        """One path: full width in every stage, as narrow at each gate as it lets through."""
        middle, half = ROAD_TOP + ROAD_HIGH / 2, ROAD_HIGH / 2
        path = QPainterPath()
        path.moveTo(0, middle - half)
        for index in range(len(STAGES)):
            right = self._edge(index + 1)
            if index == len(STAGES) - 1:
                path.lineTo(right, middle - half)
                break
            gate = widths[index] / 2
            path.lineTo(right - 26, middle - half)
            path.cubicTo(right - 12, middle - half, right - 12, middle - gate, right, middle - gate)
            path.cubicTo(right + 12, middle - gate, right + 12, middle - half, right + 26, middle - half)
        path.lineTo(self.width(), middle + half)
        for index in reversed(range(len(STAGES) - 1)):
            right, gate = self._edge(index + 1), widths[index] / 2
            path.lineTo(right + 26, middle + half)
            path.cubicTo(right + 12, middle + half, right + 12, middle + gate, right, middle + gate)
            path.cubicTo(right - 12, middle + gate, right - 12, middle + half, right - 26, middle + half)
        path.lineTo(0, middle + half)
        path.closeSubpath()
        return path

    def _draw_narrowest(self, painter: QPainter, widths: dict[int, float]) -> None:
        gate = self.session.answers.narrowest
        if gate is None:
            return
        index = STAGES.index(gate.stage)
        x, middle = self._edge(index + 1), ROAD_TOP + ROAD_HIGH / 2
        for side in (-1, 1):
            near = middle + side * max(widths[index] / 2 + 1, 3)
            wedge = QPainterPath()
            wedge.moveTo(x, near)
            wedge.lineTo(x - 8, near + side * 11)
            wedge.lineTo(x + 8, near + side * 11)
            wedge.closeSubpath()
            painter.setPen(QPen(self.theme.colour("ink"), 1))
            painter.setBrush(self.theme.colour("tallow"))
            painter.drawPath(wedge)

    def _draw_stage(self, painter: QPainter, index: int, stage: str) -> None:
        x, right = self._edge(index) + 12, self._edge(index + 1) - 12
        if index == 0:
            x = 16
        here = self.session.answers.standing.at(stage)
        chosen = stage == self.session.stage
        self.text(painter, x, 22, TITLES[stage], 13, True, "river" if chosen else "ink")
        total = len(self.session.answers.standing.figures)
        shown = str(total) if stage == "muster" else str(len(here)) if here else "–"
        self.text(painter, right, 22, shown, 13, False, "ink" if here or stage == "muster" else "slate", RIGHT)
        box = QRectF(self._edge(index), 0, self._edge(index + 1) - self._edge(index), HEIGHT)
        self.region(box, self._says(stage, here), lambda: self.session.go(stage))
        if stage == "muster":
            self._draw_legend(painter, total)
            return
        self._draw_marks(painter, x, right, here)
        self._draw_hours(painter, x, right, stage)

    def _draw_legend(self, painter: QPainter, total: int) -> None:
        self.text(painter, 16, 54, f"{total} figures", 11, colour="slate")
        self.text(painter, 16, 69, "all mustered" if total else "none yet", 11, colour="slate")
        self.text(painter, 16, 104, "Waiting, by stage", 11, colour="slate", width=94)
        self.bar(painter, 16, 112, 8, 8, "ink")
        x = 32 + self.text(painter, 28, 120, "here", 11, colour="slate")
        self.bar(painter, x, 112, 8, 8, "ink", False)
        self.text(painter, x + 11, 120, "to come", 11, colour="slate", width=108 - x - 11)

    def _draw_marks(self, painter: QPainter, x: float, right: float, here: list[FigureStanding]) -> None:
        if not here:
            self.text(painter, (x + right) / 2, 62, "no one", 11, colour="slate", align="centre")
            return
        per = LATER_MARK if len(self.session.answers.standing.figures) > 120 else 1
        marks = [f.unit.mark for f in here][::per]
        single = len(marks) == 1 and marks[0] == "heron"
        high = 34.0 if single else 17.0 if len(marks) <= 10 else 12.0
        step, per_row = (high * 0.75, 5 if len(marks) <= 10 else 8)
        rows = -(-len(marks) // per_row)
        top = ROAD_TOP + ROAD_HIGH / 2 - rows * (high + 1) / 2
        start = (x + right) / 2 - min(len(marks), per_row) * step / 2
        for number, mark in enumerate(marks[: 2 * per_row if high > 12 else 3 * per_row]):
            at = start + (number % per_row) * step, top + (number // per_row) * (high + 1)
            draw_mark(painter, mark, *at, high * 0.94, self.theme.unit_colour(mark))

    def _draw_hours(self, painter: QPainter, x: float, right: float, stage: str) -> None:
        if stage == "ready":
            coming = len(self.session.answers.standing.figures) - len(self.session.answers.standing.at("ready"))
            self.text(painter, x, 104, f"{coming} to come" if coming else "all there", 11, colour="slate")
            return
        work = self.session.answers.work[stage]
        lines = [("machine", work.machine_here, work.machine_to_come), ("hand", work.hands_here, work.hands_to_come)]
        y = 93.0
        for icon, here_min, coming_min in lines:
            if here_min + coming_min < 0.5:
                continue
            draw_icon(painter, icon, x, y, 12, self.theme.colour("ink"))
            wide = min(max((here_min + coming_min) / 60 * 1.2, 3.0), right - x - 54)
            self.bar(painter, x + 17, y + 3, wide, 7, "slate", False)
            self.bar(painter, x + 17, y + 3, wide * here_min / (here_min + coming_min), 7, "slate")
            self.text(painter, right, y + 11, hours(here_min + coming_min), 11, align=RIGHT)
            y += 16
        gate = self.session.answers.narrowest
        if gate is not None and gate.stage == stage:
            self.text(painter, x, max(y + 10, 116), "narrowest gate:", 11, True, align=LEFT)
            self.text(painter, x, max(y + 10, 116) + 12, f"{gate.per_week:.1f} a week at most", 11)

    def _says(self, stage: str, here: list[FigureStanding]) -> str:
        work = self.session.answers.work[stage]
        lines = [f"{TITLES[stage]}: {counted(len(here), 'figure')}" if here else f"{TITLES[stage]}: no one"]
        lines += [f"{f.figure.name}: {f.detail}" for f in here[:8]]
        lines.append(f"Hands {hours(work.hands)}, machine {hours(work.machine)} still to do here")
        rate = next((g.per_week for g in self.session.answers.stage_throughputs if g.stage == stage), math.inf)
        if math.isfinite(rate):
            lines.append(
                f"With all hands here {rate:.1f} figures a week would pass: the week's hours, or the machine's, over the work left"
            )
        return "\n".join(lines)
