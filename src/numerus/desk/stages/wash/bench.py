"""Wash: a plate on its way through two baths and the air."""

from __future__ import annotations

from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.steps.asked_verdict import AskedVerdict
from numerus.desk.stages.steps.bench import Shown
from numerus.desk.stages.steps.plate_bench import PlateStepsBench
from numerus.desk.stages.wash.bath_dialog import BathDialog
from numerus.desk.stages.wash.baths_picture import BathsPicture
from numerus.desk.stages.wash.habits import WashHabits
from numerus.desk.stages.wash.state import VERDICTS, WashState
from numerus.desk.stages.wash.ways_picture import WaysPicture
from numerus.desk.widgets.layout import column
from numerus.domain.journal import BathFilled, BathSettled, BathsSwapped
from numerus.post.washing.bath_book import DIRTY
from numerus.post.washing.emptying import SHAPES, Hollow

WORDS_OF = {
    BathFilled: "filled anew",
    BathSettled: "settled and filtered",
    BathsSwapped: "the clean one made the dirty one",
}


class WashBench(PlateStepsBench):
    stage, done_words = "wash", "Washed and drying"
    waiting_words = "Nothing is wet. Plates come here from Print; two baths, then air."
    state: WashState

    def __init__(self, context: Context) -> None:
        self.state = WashState(context.session.answers)
        self._looking_at: object = None
        super().__init__(context)
        tip = "Filled anew, settled and filtered, or the clean one made the dirty one; never down a drain"
        self.bath_button = self.add_button("A bath was …", self.ask_bath, tip=tip)
        self.school.hide()

    def build(self) -> QBoxLayout:
        body = super().build()
        self.asked = AskedVerdict(VERDICTS, self.judge)
        return column(body, self.asked, gap=0)

    def build_picture(self) -> QWidget:
        self.picture = BathsPicture(self.context)
        self.ways = WaysPicture(self.context, lambda way: self.change_habit({"wash_way": way}))
        self.habits = WashHabits(self.change_habit)
        widget, layout = QWidget(), column(self.picture, self.ways, self.habits, gap=6)
        layout.setStretch(0, 1)
        widget.setLayout(layout)
        return widget

    def change_habit(self, habit: dict[str, object]) -> None:
        """Another way in, longer draining, other tubs: one edit, and what is planned goes by it."""
        army = self.state.with_habit(**habit)
        if army is not None:
            self.session.commit("washed otherwise", [army])

    def ask_bath(self) -> None:
        dialog = BathDialog(self.state, self)
        if dialog.exec():
            self.changed(dialog.bath, dialog.done_event)

    def changed(self, bath: str, event: BathFilled | BathSettled | BathsSwapped) -> None:
        fact = self.state.bath_fact(event, bath, self.session.clock())
        self.session.commit(f"{bath} bath: {WORDS_OF[type(event)]}", facts=[fact])

    def judge(self, verdict: str) -> None:
        """How the plate washed last came out: where baths are spent, and how long parts dry, learn by it."""
        fact = self.state.verdict_fact(verdict, self.session.clock())
        if fact is not None:
            self.session.commit(f"washed parts: {verdict}", facts=[fact])

    def refresh(self) -> None:
        """Where nothing is wet the bath book stays in view: what came out last is judged there."""
        super().refresh()
        if not self.state.waiting and self.state.carried.points:
            self.show_full()
            self._show_words()
        self.done_button.setEnabled(bool(self.state.waiting))

    def show_choice(self) -> None:
        self._look_into_parts()
        self._show_words()

    def _look_into_parts(self) -> None:
        """What stays in them, in a job, once for a plate."""
        about = self.state.held_for
        if about and about not in self.state.looked_at and about != self._looking_at:
            self._looking_at = about

            kept = self.session.worked_out(SHAPES)

            def done(looked: tuple[list[Hollow], bytes]) -> None:
                self.state.looked_at[about] = looked[0]
                if looked[1] != kept:
                    self.session.keep_emptying(looked[1])
                self._show_words()

            work = self.state.emptying(self.session.mesh_reader(), kept)
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
        self.picture.show_book(state.carried, state.limit, state.tubs, state.shares, self.session.now)
        self.line.liquid = state.carried.liquid[DIRTY]
        self.asked.ask(state.plans.plates, state.unjudged, "Once dry and lit, how did {} come out?")
        plan = state.plan if state.waiting else []
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in plan])
        self.verdict.setText(state.verdict if state.waiting else self.waiting_words)
        looked = state.held_for in state.looked_at or self._looking_at is not None
        self.note.setText(state.holding if looked else "")
        self._show_ways()
        self.habits.show_habits(state)
        self.subtitle.setText(state.outlook)
        self.minutes.plan(state.run_id, state.planned_min)

    def _show_ways(self) -> None:
        state = self.state
        self.ways.setVisible(bool(state.waiting))
        if state.waiting:
            self.ways.show_ways(state.ways, state.way.key, state.advised)
            self.ways.show_queue(state.queue, self.session.now)

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        if fact is not None:
            self.minutes.done()
            self._end_steps()
            self.session.commit(f"washed {self.which.currentText()}", facts=[fact])
