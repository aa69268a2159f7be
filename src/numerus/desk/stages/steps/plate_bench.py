"""A bench whose work is one plate at a time: Wash and Cure."""

from __future__ import annotations

from numerus.desk.context import Context
from numerus.desk.stages.steps.bench import StepsBench
from numerus.desk.stages.steps.plate_state import PlateStepsState
from numerus.desk.widgets.layout import button
from numerus.words import waits


class PlateStepsBench(StepsBench):
    choose_words = "Plate"
    waiting_words = ""
    state: PlateStepsState

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        self.which.activated.connect(lambda _: self._chosen())
        self.line.begin = self.begin_step

    def _chosen(self) -> None:
        self.state.run_id = self.which.currentData() or ""
        self.show_choice()

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
