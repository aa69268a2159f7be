"""Minutes a step took: a clock to start and stop, or a number to type; left alone, the plan is kept as a plan."""

from __future__ import annotations

from PyQt6.QtWidgets import QWidget

from numerus.desk.session import Session
from numerus.desk.stages.steps.step_clock import StepClock
from numerus.desk.widgets.layout import button, row
from numerus.desk.widgets.worded import SpinBox
from numerus.domain.journal import Timing

MOST_MIN = 2000


class MinutesTaken(QWidget):
    """``plan`` tells which step is shown; ``taken`` answers what to write of it."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session, self.state = session, StepClock()
        self.box = SpinBox()
        self.box.setRange(0, MOST_MIN)
        self.box.setSuffix(" min it took")
        self.box.setAccessibleName("Minutes it took")
        self.box.setToolTip("Only minutes that were timed or typed teach the forecast; left as planned they do not")
        self.box.valueChanged.connect(self._typed)
        self.clock_button = button(
            "Start the clock", self.start_or_stop, "", "Runs while you work; stop it for a pause"
        )
        self.setLayout(row(self.clock_button, self.box, gap=6))
        session.changed.connect(lambda _: self._show())

    def plan(self, about: str, planned_min: float) -> None:
        self.state.plan(about, planned_min)
        self._show()

    def taken(self) -> tuple[float, Timing]:
        return self.state.taken(self.session.clock())

    def timed(self, minutes: float) -> None:
        """What a clock elsewhere measured; nothing where that is 0, or a clock or a number here was there before."""
        if not self.state.elapsed_min(self.session.clock()) and not self.state.typed_min:
            self.state.timed_min = minutes

    def done(self) -> None:
        """What was timed or typed is written: the next step begins with nothing."""
        self.state.plan("", 0.0)

    def start_or_stop(self) -> None:
        now = self.session.clock()
        self.state.stop(now) if self.state.started is not None else self.state.start(now)
        self._show()

    def _typed(self, minutes: int) -> None:
        self.state.typed_min = float(minutes)

    def _show(self) -> None:
        elapsed = self.state.elapsed_min(self.session.clock())
        running = self.state.started is not None
        known = (
            f"{elapsed:.0f} min by the clock"
            if running or elapsed > 0
            else f"as planned, {self.state.planned_min:.0f} min"
        )
        self.box.setSpecialValueText(known)
        self.box.blockSignals(True)
        self.box.setValue(round(self.state.typed_min))
        self.box.blockSignals(False)
        self.clock_button.setText("Stop the clock" if running else "Start the clock")
