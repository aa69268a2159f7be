"""A bench whose work is one plate at a time: Wash and Cure."""

from __future__ import annotations

from PyQt6.QtCore import QTimer
from PyQt6.QtWidgets import QApplication

from numerus.desk.context import Context
from numerus.desk.stages.steps.bench import StepsBench
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.desk.stages.steps.step_timers import StepTimers
from numerus.desk.widgets.layout import button
from numerus.words import waits

LONGEST_S = 86_400.0  # a timer of Qt runs no longer than some weeks


class PlateStepsBench(StepsBench):
    choose_words = "Plate"
    waiting_words = ""
    state: PlateStepsState

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        self.which.activated.connect(lambda _: self._chosen())
        self.timers = StepTimers(self.session.worked_out(self._kept_under))
        self.time_up = QTimer(self)
        self.time_up.setSingleShot(True)
        self.time_up.timeout.connect(self._rung)
        self.line.begin = self.begin_step
        self.session.changed.connect(lambda _: self._show_timer())

    @property
    def _kept_under(self) -> str:
        return f"steps {self.stage}"

    def begin_step(self, number: int) -> None:
        """A step was begun: its minutes run, also while the window is closed."""
        if self.state.run_id:
            now = self.session.clock()
            self.timers.begin(self.state.run_id, number, self.line.steps[number].minutes, now)
            self._keep_timers()

    def _end_steps(self) -> None:
        """What was under way of the plate is done."""
        self.timers.end(self.state.run_id)
        self._keep_timers()

    def _keep_timers(self) -> None:
        self.session.keep_worked_out(self._kept_under, self.timers.kept())
        self._show_timer()

    def _show_timer(self) -> None:
        now, under_way = self.session.clock(), self.timers.of(self.state.run_id)
        self.line.show_under_way(under_way.number if under_way else -1, under_way.words(now) if under_way else "")
        ends = self.timers.next_end(now)
        if ends is not None:
            self.time_up.start(int(1000 * min((ends - now).total_seconds(), LONGEST_S)) + 1)

    def _rung(self) -> None:
        QApplication.beep()
        self._show_timer()

    def _chosen(self) -> None:
        self.state.run_id = self.which.currentData() or ""
        self.show_choice()
        self._show_timer()

    def refresh(self) -> None:
        self.state.look(self.session.answers)
        self.title.setText(self.stage.capitalize())
        self.subtitle.setText(waits(len(self.state.waiting), "plate"))
        if not self.fill_choices(self.state.choices, self.state.run_id):
            self.show_empty(self.waiting_words, button("See the watch bill", lambda: self.session.go("print"), "main"))
            return
        self.show_full()
        self.show_choice()
        self._show_timer()
