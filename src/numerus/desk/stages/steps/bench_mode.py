"""Bench mode for plates, figures and units: the step in hand over the whole screen, its time, what else runs, what comes then."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime
from typing import Protocol

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.session import Session
from numerus.desk.stages.steps.step_timers import Shown, StepTimers, UnderWay
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.full_screen import FullScreen, letters
from numerus.desk.widgets.layout import row
from numerus.desk.widgets.rings import clock_words, draw_ring
from numerus.desk.widgets.worded import ComboBox, PushButton
from numerus.domain.stages import TITLES
from numerus.post.cautions import DEFER, cautions

TIMED_STAGES = "wash", "cure", "build", "prime", "finish"
MOST_RUNNING, MOST_THEN = 3, 3
RING = 2.3  # of its radius, in letters; it stands at the right


class Worked(Protocol):
    """A bench as bench mode needs it."""

    stage: str
    which: ComboBox
    done_button: PushButton

    @property
    def about(self) -> str: ...
    @property
    def steps(self) -> Sequence[Shown]: ...
    @property
    def timers(self) -> StepTimers: ...
    @property
    def liquid(self) -> str: ...


def running_anywhere(session: Session, now: datetime) -> list[UnderWay]:
    """What runs at any bench, what ends first at the front."""
    timers = [StepTimers(session.worked_out(f"steps {stage}")) for stage in TIMED_STAGES]
    return sorted((u for t in timers for u in t.running(now)), key=lambda u: u.ends)


class StepSheet(Drawing):
    """The step in hand, in letters for two metres; ``ahead``: how many steps further on is looked at."""

    def __init__(self, context: Context, bench: Worked, mode: FullScreen) -> None:
        super().__init__(context.theme, "The step in hand, large")
        self.session, self.bench, self.mode, self.ahead = context.session, bench, mode, 0

    @property
    def under_way(self) -> UnderWay | None:
        return self.bench.timers.of(self.bench.about) if self.bench.about else None

    @property
    def step_number(self) -> int:
        """Number of the step that is shown."""
        begun = self.under_way
        return min(max((begun.number if begun else 0) + self.ahead, 0), max(len(self.bench.steps) - 1, 0))

    def draw(self, painter: QPainter) -> None:
        bench = self.bench
        if not bench.about or not bench.steps:
            words = f"{TITLES[bench.stage]}: nothing waits here."
            self.paragraph(painter, self.area.adjusted(40, 120, -40, -40), words, 48, True)
            return
        unit = min(self.height() / 10.6, self.width() / 16)
        now = self.session.clock()
        self._head(painter, unit)
        self._clock(painter, unit, now)
        self._running(painter, unit, now)
        self._then(painter, unit)
        self._foot(painter, unit)

    def _head(self, painter: QPainter, unit: float) -> None:
        shown, begun, x = self.bench.steps[self.step_number], self.under_way, unit * 0.5
        when = "Later" if self.ahead > 0 else "Before" if self.ahead < 0 else "Now" if begun else "Next"
        place = f"{TITLES[self.bench.stage]}, {when.lower()}: step {self.step_number + 1} of {len(self.bench.steps)}"
        room = self.width() - 2 * x - unit * 2.4 * RING
        self.text(painter, x, unit * 0.9, place, letters(unit * 0.34), True, "river")
        self.text(painter, x, unit * 2.0, shown.title, letters(unit * 0.95), True, width=room)
        self.text(painter, x, unit * 2.9, self.bench.which.currentText(), letters(unit * 0.62), width=room)
        self.paragraph(painter, QRectF(x, unit * 3.3, room, unit * 1.9), shown.detail, letters(unit * 0.4))

    def _clock(self, painter: QPainter, unit: float, now: datetime) -> None:
        begun, shown = self.under_way, self.bench.steps[self.step_number]
        elapsed = begun.elapsed_min(now) if begun and not self.ahead else 0.0
        middle = QPointF(self.width() - unit * (RING + 0.7), unit * (RING + 0.7))
        late = elapsed > shown.minutes
        draw_ring(self, painter, middle, unit * RING, elapsed / max(shown.minutes, 1e-6), late)
        left = clock_words(abs(shown.minutes - elapsed))
        x, y = middle.x(), middle.y()
        self.text(painter, x, y + unit * 0.25, left, letters(unit * 1.1), True, align=CENTRE)
        told = "over" if late else "left" if begun and not self.ahead else "minutes"
        self.text(painter, x, y + unit * 0.9, told, letters(unit * 0.4), colour="slate", align=CENTRE)
        box = QRectF(unit * 0.5, unit * 5.75, self.width() - unit, unit * 1.3)
        role = "tallow_ink" if late else "river"
        self.paragraph(painter, box, f"Space: {self._pressed()}", letters(unit * 0.6), True, role)

    def _pressed(self) -> str:
        """What a press does now."""
        begun, steps = self.under_way, self.bench.steps
        if begun is None:
            return "begin"
        if begun.number + 1 < len(steps):
            return f"done, on to {steps[begun.number + 1].title.lower()}"
        return f"{self.bench.done_button.text().lower()}, into the journal"

    def _running(self, painter: QPainter, unit: float, now: datetime) -> None:
        y, x, right = unit * 7.9, unit * 0.5, self.width() * 0.48
        listed = running_anywhere(self.session, now)[:MOST_RUNNING]
        title = "Running" if listed else "Nothing runs"
        self.text(painter, x, y, title, letters(unit * 0.34), True)
        for number, begun in enumerate(listed):
            line = y + unit * 0.44 * (number + 1)
            role = "tallow_ink" if begun.ends <= now else "river"
            self.text(painter, x, line, begun.words, letters(unit * 0.3), width=right - x - unit * 2.4)
            self.text(painter, right, line, begun.left(now), letters(unit * 0.3), True, role, RIGHT)

    def _then(self, painter: QPainter, unit: float) -> None:
        y, left = unit * 7.9, self.width() * 0.53
        following = self.bench.steps[self.step_number + 1 :][:MOST_THEN]
        self.text(painter, left, y, "Then", letters(unit * 0.34), True)
        words = [f"{s.title}, {s.minutes:.0f} min" for s in following] or [self.bench.done_button.text()]
        for number, told in enumerate(words):
            line = y + unit * 0.44 * (number + 1)
            self.text(painter, left, line, told, letters(unit * 0.3), width=self.width() - left - unit * 0.5)

    def _foot(self, painter: QPainter, unit: float) -> None:
        lines = cautions(self.bench.stage, self.bench.liquid)
        x, px = unit * 0.5, letters(unit * 0.22)
        warned = lines[self.step_number % len(lines)] if lines else ""
        box = QRectF(x, self.height() - unit * 1.05, self.width() - 2 * x, unit * 0.7)
        self.paragraph(painter, box, f"Mind: {warned}. {DEFER}", px, True, "brick")
        others = self.bench.which.count() > 1
        keys = self.mode.keys_words("↑ ↓ another that waits    " if others else "")
        self.text(painter, x, self.height() - unit * 0.16, keys, px, colour="slate", width=self.width() - 2 * x)


class StepsBenchMode(FullScreen):
    """Over the whole screen until Escape; the bench it belongs to does the work."""

    def __init__(self, context: Context, bench: Worked, owner: QWidget) -> None:
        super().__init__(context, owner)
        self.sheet = StepSheet(context, bench, self)
        self.setLayout(row(self.sheet, gap=0))

    def look(self) -> None:
        self.sheet.update()

    def look_aside(self, by: int) -> None:
        which = self.sheet.bench.which
        if which.count() > 1:
            self.sheet.ahead = 0
            which.setCurrentIndex((which.currentIndex() + by) % which.count())
            which.activated.emit(which.currentIndex())
            self.look()

    def look_along(self, by: int) -> None:
        """Within the steps there are."""
        before = self.sheet.step_number
        self.sheet.ahead += by
        if self.sheet.step_number == before:
            self.sheet.ahead -= by
        self.look()
