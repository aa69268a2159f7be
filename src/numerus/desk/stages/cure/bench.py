"""Cure: supports off by the chosen school, and what the lamp reaches."""

from __future__ import annotations

import numpy as np
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.cure.state import CureState, Lit, most_shaded
from numerus.desk.stages.steps.bench import Shown
from numerus.desk.stages.steps.plate_bench import PlateStepsBench
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import column, label
from numerus.post.cure import SCHOOL_DESCRIPTION, SUPPORT_SCHOOLS

LIT, UNLIT = np.array([236, 214, 150]), np.array([74, 70, 78])


class CureBench(PlateStepsBench):
    """What the lamp reaches on the part that is most in its own shade, and the steps by the chosen school."""

    stage, done_words = "cure", "Cured by side"
    waiting_words = "Nothing waits for the lamp. Washed and dried plates come here."
    state: CureState

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, CureState(context.session.answers)
        self._lit_for: tuple[object, ...] = ()
        super().__init__(context)
        for school in SUPPORT_SCHOOLS:
            self.school.addItem(f"supports off {school}", school)

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "What the lamp reaches on the plate's most shaded part")
        self.dose_words = label("", "note", True)
        made = QWidget()
        layout = column(self.view, self.dose_words, gap=6)
        layout.setStretch(0, 1)
        made.setLayout(layout)
        return made

    def show_choice(self) -> None:
        state = self.state
        state.school = self.school.currentData() or SUPPORT_SCHOOLS[0]
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in state.plan])
        self.verdict.setText(state.verdict)
        self.note.setText(SCHOOL_DESCRIPTION[state.school])
        self.minutes.plan(state.run_id, state.planned_min)
        self.dose_words.setText(state.light)
        self._look_at_light()

    def _look_at_light(self) -> None:
        """Each kind of part under the lamp, in a job; the last picture stays until the new one is there."""
        kinds, turns = self.state.kinds(), len(self.state.sides)
        about = (*kinds, turns)
        if about == self._lit_for:
            return
        self._lit_for = about
        mesh_of = self.session.mesh_reader()
        self.context.jobs.start(
            "lamp", "Turning parts under the lamp", lambda p: most_shaded(kinds, mesh_of, turns, p), self._show_lit
        )

    def _show_lit(self, found: Lit | None) -> None:
        if found is None:
            self.view.show_things([])
            return
        share = np.clip(found.dose, 0, 1)[:, None]
        colours = (UNLIT + (LIT - UNLIT) * share).astype(np.uint8)
        self.view.caption = (found.part.name, f"{found.shaded:.0%} of its surface stays in the shade")
        self.view.show_things([Thing(found.mesh, colours)])

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        if fact is not None:
            self.minutes.done()
            self.session.commit(f"cured {self.which.currentText()}", facts=[fact])
