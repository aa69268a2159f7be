"""Wash: a plate on its way through two baths and the air."""

from __future__ import annotations

from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.steps.bench import Shown
from numerus.desk.stages.steps.plate_bench import PlateStepsBench
from numerus.desk.stages.wash.baths_picture import BathsPicture
from numerus.desk.stages.wash.state import WashState
from numerus.post.emptying import Hollow

WAYS = "Whole plate into the tub: least handling. A basket: parts can be turned. Both are used."


class WashBench(PlateStepsBench):
    stage, done_words = "wash", "Washed and drying"
    waiting_words = "Nothing is wet. Plates come here from Print; two baths, then air."
    state: WashState

    def __init__(self, context: Context) -> None:
        self.state = WashState(context.session.answers)
        self._looking_at: object = None
        super().__init__(context)
        tip = "Let it settle, filter, cure the sludge; never down a drain"
        self.add_button("Dirty bath changed", lambda: self.changed("dirty"), tip=tip)
        self.add_button("Clean bath changed", lambda: self.changed("clean"))
        self.school.hide()

    def build_picture(self) -> QWidget:
        self.picture = BathsPicture(self.context)
        return self.picture

    def changed(self, bath: str) -> None:
        fact = self.state.changed_fact(bath, self.session.clock())
        self.session.commit(f"changed the {bath} bath", facts=[fact])

    def show_choice(self) -> None:
        self._look_into_parts()
        self._show_words()

    def _look_into_parts(self) -> None:
        """What stays in them, in a job, once for a plate."""
        about = self.state.held_for
        if about and about not in self.state.looked_at and about != self._looking_at:
            self._looking_at = about

            def done(hollow: list[Hollow]) -> None:
                self.state.looked_at[about] = hollow
                self._show_words()

            work = self.state.emptying(self.session.mesh_reader())
            self.context.jobs.start(
                "emptying", "Looking into the parts", work, done, lambda: self._looked_in_vain(about)
            )

    def _looked_in_vain(self, about: object) -> None:
        """Cancelled: the plate is looked at when it is shown again, and until then nothing is said of it."""
        if self._looking_at == about:
            self._looking_at = None
            self._show_words()

    def _show_words(self) -> None:
        state = self.state
        self.picture.tubs, self.picture.coming_ml = state.tubs, state.carried_ml
        self.picture.update()
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in state.plan])
        self.verdict.setText(state.verdict)
        looked = state.held_for in state.looked_at or self._looking_at is not None
        self.note.setText((state.holding if looked else "") or WAYS)
        self.minutes.plan(state.run_id, state.planned_min)

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        if fact is not None:
            self.minutes.done()
            self.session.commit(f"washed {self.which.currentText()}", facts=[fact])
