"""Cure: supports off by the chosen school, the load laid on the table, and what the lamp reaches of every part."""

from __future__ import annotations

import numpy as np
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.cure.lamp_choice import LampChoice
from numerus.desk.stages.cure.pictures import DoseList
from numerus.desk.stages.cure.state import CureState
from numerus.desk.stages.steps.asked_verdict import AskedVerdict
from numerus.desk.stages.steps.bench import Shown
from numerus.desk.stages.steps.plate_bench import PlateStepsBench
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.worded import CheckBox
from numerus.geometry.mesh import Floats, xyz
from numerus.geometry.rays import Camera
from numerus.post.curing.cure_book import VERDICTS
from numerus.post.curing.lamp_dose import Station
from numerus.post.curing.lamp_load import Cured
from numerus.post.snipping import Snipping
from numerus.post.supports_off import NAMES, SCHOOLS

FROM_ABOVE_DEG = 62.0
DARK, UNDER, ENOUGH, TOO_MUCH = ((58, 56, 62), (150, 128, 92), (240, 222, 170), (214, 120, 98))


def dose_colours(dose: Floats, limit: Floats, station: Station) -> np.ndarray:
    """uint8 (n, 3): dark to tan below the target, pale from it on, red where it makes brittle."""
    enough, over = dose / station.target_j_per_cm2, dose / np.maximum(limit, 1.01 * station.target_j_per_cm2)
    at = np.where(over > 1, 1 + over, np.minimum(enough, 1.5))
    known = np.array([0.0, 0.999, 1.0, 2.0, 2.3])
    tones = np.array([DARK, UNDER, ENOUGH, ENOUGH, TOO_MUCH], float)
    return np.stack([np.interp(at, known, tones[:, c]) for c in range(3)], axis=1).astype(np.uint8)


class CureBench(PlateStepsBench):
    """The load from above in the light it got, its parts with their doses, and the steps by the chosen school."""

    stage, done_words, picture_share = "cure", "Cured by side", 7
    waiting_words = "Nothing waits for the lamp. Washed and dried plates come here."
    state: CureState

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, CureState(context.session.answers)
        self._loaded_for: object = None
        self._snipped_for: tuple[tuple[str, str], ...] = ()
        self.at_part = 0
        super().__init__(context)
        for school in SCHOOLS:
            self.school.addItem(NAMES[school], school)
        self.school.activated.connect(lambda at: self.choose_school(self.school.itemData(at)))

    def build(self) -> QBoxLayout:
        body = super().build()
        self.asked = AskedVerdict(VERDICTS, self.judge)
        return column(body, self.asked, gap=0)

    def judge(self, verdict: str) -> None:
        """How the plate cured last came out: what the resin wants is learned by it."""
        fact = self.state.verdict_fact(verdict, self.session.clock())
        if fact is not None:
            self.session.commit(f"cured parts: {verdict}", facts=[fact])

    def refresh(self) -> None:
        """Where nothing waits the plate cured last is still asked about."""
        super().refresh()
        if not self.state.waiting and self.state.unjudged is not None:
            self.show_full()
            self._show_words()
        self.done_button.setEnabled(bool(self.state.waiting))

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The load on the table, as the light reaches it")
        self.list = DoseList(self.context)
        self.list.chosen.connect(self.choose)
        self.list.off_changed.connect(self.change_part)
        self.both = CheckBox("turned over, too")
        self.both.setChecked(True)
        self.both.toggled.connect(lambda _: self._show_load())
        self.dose_words, self.advice = label("", "note", True), label("", "strong", True)
        widget = QWidget()
        self.lamps = LampChoice(self.session)
        layout = column(
            self.view,
            row(self.both, -1, label("Lamp"), self.lamps),
            self.list,
            self.advice,
            self.dose_words,
            gap=4,
        )
        layout.setStretch(0, 1)
        widget.setLayout(layout)
        return widget

    def choose_school(self, school: str) -> None:
        """How supports come off from now on: one edit, and orders and evenings go by it."""
        army = self.state.with_school(school)
        if army is not None:
            self.session.commit(NAMES[army.supports_off], [army])

    def change_part(self, name: str) -> None:
        """This part's supports on the other side of the lamp."""
        parts = self.state.toggled(name)
        self.session.commit(f"supports of {name} off {parts[0].supports_off} the lamp", parts)

    def choose(self, number: int) -> None:
        """A part of the list, looked at from near."""
        self.at_part = number
        self._show_words()
        part = self.state.worst[number].part
        low, high = part.mesh.bounds_mm
        centre = xyz((low + high) / 2)
        size = float(np.linalg.norm(high - low))
        self.view.camera = Camera(centre, self.view.camera.turn_deg, 35, 1.3 * size)
        self.view.update()

    def show_choice(self) -> None:
        state = self.state
        self.school.setCurrentIndex(max(self.school.findData(state.school), 0))
        self.lamps.show_lamp(state.lamp)
        self._follow_the_light()
        self._look_at_tips()
        self._show_words()

    def _show_words(self) -> None:
        state = self.state
        run = state.unjudged
        self.asked.ask(state.plans.plates, run, "After a day, how did {} come out of the light?")
        self.line.aside = state.snipping
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in state.plan])
        self.verdict.setText(state.verdict)
        self.note.setText(" ".join(school.description for school in state.schools))
        self.minutes.plan(state.run_id, state.planned_min)
        self.dose_words.setText(state.light)
        self.advice.setText(" ".join(state.advice()))
        self.list.show_parts(state.worst, state.cured, self.at_part, state.off_when)

    def _follow_the_light(self) -> None:
        """The load in a job; the last picture stays until the new one is there."""
        about = self.state.loaded_for
        if about == self._loaded_for:
            return
        self._loaded_for, self.state.cured, self.at_part = about, [], 0
        work = self.state.curing(self.session.mesh_reader())
        self.context.jobs.start("lamp", "Following the light", work, self._lit)

    def _look_at_tips(self) -> None:
        """Where tips hold thin skin, in a job, once for a plate."""
        about = self.state.tips_of
        if not about or about in self.state.snippings or about == self._snipped_for:
            return

        def done(listed: list[Snipping]) -> None:
            self.state.snippings[about] = listed
            self._show_words()

        self._snipped_for = about
        work = self.state.snipping_work(self.session.mesh_reader())
        self.context.jobs.start("snipping", "Looking where tips hold thin skin", work, done, self._not_snipped)

    def _not_snipped(self) -> None:
        self._snipped_for = ()

    def _lit(self, cured_parts: list[Cured]) -> None:
        self.state.cured = cured_parts
        self._show_words()
        self._show_load()

    def _show_load(self) -> None:
        """The first load: where it is pale it is cured."""
        cured_parts = self.state.cured
        if not cured_parts:
            self.view.show_things([])
            return
        station, both = cured_parts[0].station, self.both.isChecked()
        things = [
            Thing(p.part.mesh, dose_colours(p.by_vertex[both], p.by_vertex[2], station)) for p in cured_parts[0].parts
        ]
        more = f", of {len(cured_parts)}" if len(cured_parts) > 1 else ""
        self.view.caption = (
            f"Load 1{more}: {len(cured_parts[0].parts)} parts",
            "pale has its dose, dark has not, red is too much",
        )
        ends = np.concatenate([p.part.mesh.bounds_mm for p in cured_parts[0].parts])
        wide, deep, _ = (float(v) for v in np.ptp(ends, axis=0))
        aspect = max(self.view.width(), 1) / max(self.view.height(), 1)
        self.view.camera = Camera((0.0, 6.0, 0.0), 0, FROM_ABOVE_DEG, max(0.9 * deep + 36, 1.1 * wide / aspect))
        self.view.show_things(things, refit=False)

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        if fact is not None:
            self.minutes.done()
            self._end_steps()
            self.session.commit(f"cured {self.which.currentText()}", facts=[fact])
