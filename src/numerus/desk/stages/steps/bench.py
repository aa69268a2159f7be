"""What the wet and the hand benches share: a picture, the steps with minutes, the cautions, and Done."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt, QTimer
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.steps.bench_mode import StepsBenchMode
from numerus.desk.stages.steps.minutes_taken import MinutesTaken
from numerus.desk.stages.steps.step_timers import Shown, StepTimers
from numerus.desk.theme.marks import draw_tick, draw_warning
from numerus.desk.theme.resources import draw_icon
from numerus.desk.translate import tr
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import RIGHT, Drawing, hold
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox
from numerus.post.cautions import DEFER, cautions
from numerus.words import span

LONGEST_S = 86_400.0  # a timer of Qt runs no longer than some weeks
LEAST_ASIDE = 30.0  # px: less room than that for something aside is none


class StepLine(Drawing):
    """Steps down a line; hands or waiting told by sign; cautions below, always."""

    def __init__(self, context: Context, stage: str) -> None:
        super().__init__(context.theme, "Steps")
        self.stage, self.liquid = stage, "alcohol"
        self.steps: Sequence[Shown] = ()
        self.under_way, self.left = -1, ""  # the step that was begun, and how much of it is left
        self.begin: Callable[[int], None] | None = None
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.aside = ""  # said between the steps and the cautions, where there is room
        self.hold("setMinimumWidth", 300)

    def show_steps(self, steps: Sequence[Shown]) -> None:
        self.steps = steps
        self.update()

    def show_under_way(self, number: int, left: str) -> None:
        self.under_way, self.left = number, left
        self.update()

    def draw(self, painter: QPainter) -> None:
        heights = self._caution_heights()
        room = self.height() - 30 - sum(heights)
        step = max(32.0, min(48.0, room / max(len(self.steps), 1)))
        self.line(painter, 9, 14, 9, 14 + step * max(len(self.steps) - 1, 0), "hairline", 2)
        for number, shown in enumerate(self.steps):
            self._step_row(painter, number, shown, 14 + number * step, step)
        below, cautions_at = step * len(self.steps) + 14, max(step * len(self.steps) + 14, self.height() - sum(heights))
        self._draw_aside(painter, QRectF(28, below, self.width() - 32, cautions_at - below - 8))
        self._draw_cautions(painter, cautions_at, heights)

    def _draw_aside(self, painter: QPainter, box: QRectF) -> None:
        if self.aside and box.height() > LEAST_ASIDE:
            self.paragraph(painter, box, self.aside, 11)
            self.region(box, self.aside)

    def _step_row(self, painter: QPainter, number: int, shown: Shown, y: float, step: float) -> None:
        box = QRectF(0, y - 10, self.width(), step)
        if number == self.under_way:
            self._mark_under_way(painter, box)
        self._dot(painter, y, number)
        self.text(painter, 28, y + 5, shown.title, 13, True, width=self.width() - 120)
        if number == self.under_way:
            role = "brick" if self.left.startswith(("over", "time")) else "river"
            self.text(painter, self.width() - 4, y + 5, self.left, 13, True, role, RIGHT)
        else:
            sign = "hand" if shown.hands else "clock"
            draw_icon(painter, sign, self.width() - 82, y - 6, 13, self.theme.colour("slate"))
            self.text(painter, self.width(), y + 5, span(shown.minutes), 13, align=RIGHT)
        self.text(painter, 28, y + 20, shown.detail, 11, colour="slate", width=self.width() - 32)
        begin = self.begin
        told = f"{shown.title}: {shown.detail}" + (". Click when it begins: its time runs" if begin else "")
        self.region(box, told, (lambda: begin(number)) if begin else None)

    def _mark_under_way(self, painter: QPainter, box: QRectF) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("riverwash"))
        painter.drawRoundedRect(box.adjusted(-2, -1, 0, -3), 4, 4)

    def _said(self) -> list[str]:
        """The stage's cautions, and who comes before them."""
        warned = cautions(self.stage, self.liquid)
        return [*warned, DEFER] if warned else []

    def _caution_heights(self) -> list[float]:
        """A caution is never cut off: each is as high as its words need."""
        measure = self.theme.drawn_metrics(11, True)
        box, wrap = QRectF(0, 0, self.width() - 24, 400), int(Qt.TextFlag.TextWordWrap)
        return [measure.boundingRect(box, wrap, tr(words)).height() + 4 for words in self._said()]

    def _draw_cautions(self, painter: QPainter, y: float, heights: list[float]) -> None:
        for number, (words, high) in enumerate(zip(self._said(), heights, strict=True)):
            box = QRectF(22, y, self.width() - 24, high)
            if words != DEFER:
                draw_warning(painter, 1, y, 13, self.theme.colour("tallow"), self.theme.colour("ink"))
            self.paragraph(painter, box, words, 11, number == 0, "slate" if words == DEFER else "brick")
            self.region(box, words)
            y += high

    def _dot(self, painter: QPainter, y: float, number: int) -> None:
        """A step's number, a tick where a later one was begun."""
        if number < self.under_way:
            draw_tick(painter, 4.5, y - 4.5, 9, self.theme.colour("moss"))
        else:
            self.numbered(painter, QPointF(9, y), number + 1, number == self.under_way)


class StepsBench(Bench):
    """Subclasses give ``picture``, fill ``choices`` and ``steps``, and write facts in ``done``."""

    choose_words = "For"
    done_words = "Done"
    picture_share = 5  # of ten parts of the bench's width

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        self._timers, self._timers_of = StepTimers(), self.session.book
        self._read_timers()
        self.mode: StepsBenchMode | None = None
        self.rung = self.session.clock()
        self.time_up = QTimer(self)
        self.time_up.setSingleShot(True)
        self.time_up.timeout.connect(self._ring)
        self.session.changed.connect(self._show_timer)
        self.which.activated.connect(self._show_timer)

    def build(self) -> QBoxLayout:
        self.line = StepLine(self.context, self.stage)
        self.which, self.school = ComboBox(), ComboBox()
        self.which.setAccessibleName(self.choose_words)
        self.school.setAccessibleName("School")
        for box in (self.which, self.school):
            box.setSizeAdjustPolicy(ComboBox.SizeAdjustPolicy.AdjustToContents)
            box.activated.connect(lambda _: self.show_choice())
        self.minutes = MinutesTaken(self.session)
        self.note = label("", "note", True)
        self.verdict = label("", "strong", True)
        self.done_button = button(
            self.done_words, self.done, "main", "Written into the journal; minutes timed or typed teach the forecast"
        )
        picture = self.build_picture()
        right = column(row(self.which, -1, self.school), 6, self.line, gap=6)
        right.setStretch(2, 1)
        body = row(picture, right, gap=20, margins=(16, 4, 16, 8))
        body.setStretch(0, self.picture_share)
        body.setStretch(1, 10 - self.picture_share)
        drawer = panel(
            row(
                column(-1, self.verdict, self.note, -1, gap=2), self.minutes, self.done_button, margins=(16, 10, 16, 10)
            ),
            "drawer",
        )
        drawer.layout().setStretch(0, 1)
        hold(self.theme, drawer, "setFixedHeight", 98)
        whole = column(body, drawer, gap=0)
        whole.setStretch(0, 1)
        return whole

    @property
    def _kept_under(self) -> str:
        return f"steps {self.stage}"

    @property
    def timers(self) -> StepTimers:
        """Of the book that is open."""
        if self._timers_of is not self.session.book:
            self._read_timers()
        return self._timers

    def _read_timers(self) -> None:
        self._timers, self._timers_of = StepTimers(self.session.worked_out(self._kept_under)), self.session.book

    @property
    def liquid(self) -> str:
        """Whose cautions are told."""
        return self.line.liquid

    @property
    def about(self) -> str:
        """What its steps are done to: the plate, figure or unit that is chosen; "" for nothing."""
        return str(self.which.currentData() or "")

    @property
    def steps(self) -> Sequence[Shown]:
        """What is done one after the other."""
        return self.line.steps

    def begin_step(self, number: int) -> None:
        """A step was begun: its minutes run, also while the window is closed."""
        if self.about:
            self.timers.begin(
                self.about, number, self.steps[number], self.session.clock(), None, self.which.currentText()
            )
            self._keep_timers()

    def press(self) -> None:
        """Once on in bench mode; after the last step the work is written down, with the minutes its hands took."""
        if not self.about or not self.steps:
            return
        now = self.session.clock()
        if self.timers.press(self.about, self.steps, now, self.which.currentText()):
            about = self.about
            self.minutes.timed(self.timers.hands_min(about, self.steps, now))
            self.done()
            if self.about != about:  # what could not be written down goes on
                self.timers.end(about)
        self._keep_timers()

    def open_mode(self) -> bool:
        """One step at a time over the whole screen, until Escape."""
        if not self.about:
            return False
        if self.mode is None:
            self.mode = StepsBenchMode(self.context, self, self)
            self.mode.pressed.connect(self.press)
            self.mode.undone.connect(self.session.undo)
            self.mode.left.connect(lambda: setattr(self, "mode", None))
        self.mode.showFullScreen()
        return True

    def _end_steps(self) -> None:
        """What was under way of what is chosen is done."""
        self.timers.end(self.about)
        self._keep_timers()

    def _keep_timers(self) -> None:
        self.session.keep_worked_out(self._kept_under, self.timers.kept())
        self._show_timer()

    def _show_timer(self, _: object = None) -> None:
        now, under_way = self.session.clock(), self.timers.of(self.about)
        self.line.show_under_way(under_way.number if under_way else -1, under_way.left(now) if under_way else "")
        if self.mode is not None:
            self.mode.look()
        ends = self.timers.next_end(now)
        if ends is not None:
            self.time_up.start(int(1000 * min((ends - now).total_seconds(), LONGEST_S)) + 1)

    def _ring(self) -> None:
        now = self.session.clock()
        for ended in self.timers.over(self.rung, now):
            self.context.announcer.tell(f"{ended.words} is over")
        self.rung = now
        self._show_timer()

    def build_picture(self) -> QWidget:
        raise NotImplementedError

    def show_choice(self) -> None:
        """Show what is chosen in ``which`` and ``school``."""
        raise NotImplementedError

    def done(self) -> None:
        raise NotImplementedError

    def fill_choices(self, entries: Sequence[tuple[str, object]], chosen: object = None) -> bool:
        """Put (words, data) into ``which``, with what is ``chosen`` or was before; False where there are none."""
        kept = self.which.currentData() if chosen is None else chosen
        self.which.clear()
        for words, data in entries:
            self.which.addItem(words, data)
        self.which.setCurrentIndex(max(self.which.findData(kept), 0))
        return bool(entries)
