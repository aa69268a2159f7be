"""Wash and Cure: plates on their way from the machine through baths and light."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.steps_bench import Shown, StepsBench
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.layout import button, column, label
from numerus.domain.journal import BathChanged, Fact
from numerus.domain.parts import Part
from numerus.post.cure import (
    SCHOOL_DESCRIPTION,
    SUPPORT_SCHOOLS,
    WANTED_J_PER_CM2,
    Lamp,
    cure_plan,
    lamp_dose,
    shaded_share,
)
from numerus.post.wash import HANDS_MIN, Bath, baths, clinging_ml, wash_plan
from numerus.printing.runs.run_records import FAILED, RunRecord
from numerus.progress.next_tasks import step
from numerus.words import counted, waits

LIT, UNLIT = np.array([236, 214, 150]), np.array([74, 70, 78])


class BathsPicture(Drawing):
    """Two tubs, as full as they are and as dark as they are dirty, and how much life is left in each."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Baths")
        self.tubs: tuple[Bath, ...] = ()
        self.coming_ml = 0.0
        self.hold("setMinimumSize", 320, 220)

    def draw(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 6, 6)
        wide = min(190.0, self.width() * 0.36)
        high = min(210.0, self.height() * 0.52)
        for number, bath in enumerate(self.tubs):
            x = self.width() * (0.28 + 0.44 * number) - wide / 2
            self._tub(painter, bath, QRectF(x, self.height() * 0.5 - high / 2, wide, high))
        middle = self.width() / 2
        self.line(painter, middle - 18, self.height() / 2, middle + 14, self.height() / 2, "slate", 2)
        arrow = QPainterPath(QPointF(middle + 20, self.height() / 2))
        arrow.lineTo(middle + 10, self.height() / 2 - 6)
        arrow.lineTo(middle + 10, self.height() / 2 + 6)
        painter.setBrush(self.theme.colour("slate"))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawPath(arrow)
        self.text(
            painter,
            middle,
            self.height() - 16,
            f"This plate carries about {self.coming_ml:.1f} ml of resin in",
            11,
            colour="slate",
            align=CENTRE,
        )

    def _tub(self, painter: QPainter, bath: Bath, box: QRectF) -> None:
        spent = min(bath.spent, 1.0)
        painter.setPen(QPen(self.theme.colour("ink"), 1.6))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 6, 6)
        level = QRectF(box.left() + 3, box.top() + box.height() * 0.22, box.width() - 6, box.height() * 0.78 - 3)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("#9C8F73", 0.18 + 0.6 * spent))
        painter.drawRoundedRect(level, 4, 4)
        sludge = QRectF(
            level.left(), level.bottom() - level.height() * 0.35 * spent, level.width(), level.height() * 0.35 * spent
        )
        painter.setBrush(self.theme.colour("#6E6248", 0.75))
        painter.drawRect(sludge)
        self.text(painter, box.center().x(), box.top() - 12, f"{bath.name} bath", 16, True, align=CENTRE)
        self.text(
            painter, box.center().x(), level.center().y(), f"{max(0.0, 1 - bath.spent):.0%}", 22, True, align=CENTRE
        )
        self.text(
            painter,
            box.center().x(),
            level.center().y() + 18,
            "of its life left" if bath.spent < 1 else "spent: change it",
            11,
            bath.spent >= 1,
            align=CENTRE,
        )
        self.text(
            painter,
            box.center().x(),
            box.bottom() + 18,
            f"{bath.litres:g} l, {bath.carried_ml:.1f} ml of resin in it",
            11,
            colour="slate",
            align=CENTRE,
        )
        description = (
            "Resin washed in since it was changed, by weight, against the 8 % at which a bath no longer cleans"
        )
        self.region(box, description)


class _PlateSteps(StepsBench):
    """A bench whose work is one plate at a time."""

    choose_words = "Plate"
    wants = ""
    waiting_words = ""

    def refresh(self) -> None:
        plans = self.session.plans
        runs = [
            r
            for r in self.session.answers.standing.runs.values()
            if r.state == self.wants and r.plate_id in plans.plates
        ]
        self.title.setText(self.stage.capitalize())
        self.subtitle.setText(waits(len(runs), "plate"))
        entries = [(plans.plates[r.plate_id].name, r.run_id) for r in runs]
        if not self.fill_choices(entries):
            self.show_empty(self.waiting_words, button("See the watch bill", lambda: self.session.go("print"), "main"))
            return
        self.show_full()
        self.show_choice()

    def _run(self) -> RunRecord | None:
        return self.session.answers.standing.runs.get(self.which.currentData() or "")

    def _parts(self) -> list[Part]:
        """Parts of the plate that came out, with repeats."""
        run, plans = self._run(), self.session.plans
        plate = plans.plates.get(run.plate_id) if run else None
        if plate is None or run is None:
            return []
        return [
            plans.parts[p.part_id] for p in plate.placed if p.part_id in plans.parts and run.outcome_of(p.id) != FAILED
        ]


class WashBench(_PlateSteps):
    stage, wants, done_words = "wash", "printed", "Washed and drying"
    waiting_words = "Nothing is wet. Plates come here from Print; two baths, then air."

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        self.add_button(
            "Dirty bath changed",
            lambda: self.changed("dirty"),
            tip="Let it settle, filter, cure the sludge; never down a drain",
        )
        self.add_button("Clean bath changed", lambda: self.changed("clean"))
        self.school.hide()

    def build_picture(self) -> QWidget:
        self.picture = BathsPicture(self.context)
        return self.picture

    def changed(self, bath: str) -> None:
        self.session.commit(f"changed the {bath} bath", facts=[Fact(self.session.clock(), BathChanged(), bath, (), 10)])

    def _surface(self) -> float:
        return sum(p.surface_cm2 for p in self._parts())

    def show_choice(self) -> None:
        dirty, clean = baths(self.session.answers.history.carried)
        plan = wash_plan(self._surface(), False, dirty, clean)
        self.picture.tubs, self.picture.coming_ml = (dirty, clean), clinging_ml(self._surface())
        self.picture.update()
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in plan])
        soak = sum(s.minutes for s in plan if "bath" in s.title)
        self.verdict.setText(f"{soak:.0f} min of soaking in all: under 12, or thin parts soften.")
        self.note.setText("Whole plate into the tub: least handling. A basket: parts can be turned. Both are used.")
        self.minutes.plan(self.which.currentText(), HANDS_MIN)

    def done(self) -> None:
        run = self._run()
        if run is not None:
            carried = round(clinging_ml(self._surface()), 2)
            minutes, timing = self.minutes.taken()
            fact = step(
                "wash", (), minutes, self.session.clock(), subject=run.run_id, planned=HANDS_MIN,
                carried_ml=carried, timing=timing,
            )  # fmt: skip
            self.minutes.done()
            self.session.commit(f"washed {self.which.currentText()}", facts=[fact])


class CureBench(_PlateSteps):
    """What the lamp reaches on the part that is most in its own shade, and the steps by the chosen school."""

    stage, wants, done_words = "cure", "washed", "Cured by side"
    waiting_words = "Nothing waits for the lamp. Washed and dried plates come here."

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer = renderer
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
        parts, school, lamp = self._parts(), self.school.currentData() or "before", Lamp()
        thickest = max((sorted(p.extents_mm)[0] for p in parts), default=5.0)
        tips = sum(p.pose.tips for p in parts if p.pose)
        plan = cure_plan(thickest, tips, school, lamp)
        sides = [s for s in plan if s.title.startswith("Lamp")]
        self._show_light(parts, len(sides), sides[0].minutes, lamp)
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in plan])
        self.verdict.setText(f"{counted(tips, 'tip')} to take off {counted(len(parts), 'part')}.")
        self.note.setText(SCHOOL_DESCRIPTION[school])
        self.planned = max(1, round(sum(s.minutes for s in plan if s.hands)))
        self.minutes.plan(self.which.currentText(), self.planned)

    def _show_light(self, parts: list[Part], turns: int, minutes: float, lamp: Lamp) -> None:
        """Each kind of part under the lamp; the one with most surface in the shade is shown, lit and unlit."""
        meshes = {p.id: (p, self.session.mesh(p.blob)) for p in parts}
        doses = {i: lamp_dose(mesh, turns) for i, (_, mesh) in meshes.items() if len(mesh.faces)}
        if not doses:
            self.view.show_things([])
            return
        worst = max(doses, key=lambda i: shaded_share(meshes[i][1], doses[i]))
        part, mesh = meshes[worst]
        lit = np.clip(doses[worst], 0, 1)[:, None]
        colours = (UNLIT + (LIT - UNLIT) * lit).astype(np.uint8)
        self.view.caption = (part.name, f"{shaded_share(mesh, doses[worst]):.0%} of its surface stays in the shade")
        self.view.show_things([Thing(mesh, colours)])
        self.dose_words.setText(
            f"Pale is lit, dark is not. {turns} × {minutes:.1f} min, turned in between: {lamp.mw_per_cm2:g} mW/cm² at "
            f"{lamp.distance_mm:g} mm make {WANTED_J_PER_CM2:.1f} J/cm² a side. What stays dark wants turning over, or daylight."
        )

    def done(self) -> None:
        run = self._run()
        if run is not None:
            minutes, timing = self.minutes.taken()
            now = self.session.clock()
            fact = step("cure", (), minutes, now, subject=run.run_id, planned=self.planned, timing=timing)
            self.minutes.done()
            self.session.commit(f"cured {self.which.currentText()}", facts=[fact])
