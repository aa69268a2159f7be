"""Wash and Cure: plates on their way from the machine through baths and light."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QWidget

from numerus.bench.cure import SCHOOL_SAYS, SUPPORT_SCHOOLS, WANTED_J_PER_CM2, Lamp, cure_plan
from numerus.bench.wash import Bath, baths, clinging_ml, wash_plan
from numerus.desk.benches.steps import Shown, StepsBench
from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.layout import button
from numerus.floor.runs import FAILED, RunRecord
from numerus.kit.facts import BATH_CHANGED, Fact
from numerus.kit.plan import Part
from numerus.ledger.orders import step
from numerus.words import waits


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
        says = "Resin washed in since it was changed, by weight, against the 8 % at which a bath no longer cleans"
        self.region(box, says)


class LampPicture(Drawing):
    """The lamp, the part on its turntable, and which sides have had their dose."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Lamp and sides")
        self.turns, self.minutes, self.lamp = 2, 2.0, Lamp()
        self.hold("setMinimumSize", 320, 220)

    def draw(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 6, 6)
        centre = QPointF(self.width() * 0.5, self.height() * 0.56)
        size = min(self.width() * 0.2, self.height() * 0.24)
        lamp = QPointF(self.width() * 0.12, centre.y() - size * 0.6)
        rays = QPainterPath(lamp)
        rays.lineTo(centre.x() - size * 0.5, centre.y() - size)
        rays.lineTo(centre.x() - size * 0.5, centre.y() + size * 0.6)
        rays.closeSubpath()
        painter.setBrush(self.theme.colour("tallow", 0.28))
        painter.drawPath(rays)
        painter.setBrush(self.theme.colour("tallow"))
        painter.setPen(QPen(self.theme.colour("ink"), 1.4))
        painter.drawRoundedRect(QRectF(lamp.x() - 16, lamp.y() - 26, 20, 52), 4, 4)
        painter.setBrush(self.theme.colour("bed"))
        painter.drawEllipse(QPointF(centre.x(), centre.y() + size), size * 1.5, size * 0.4)
        figure = QPainterPath(QPointF(centre.x() - size * 0.5, centre.y() + size))
        for x, y in ((-0.26, -0.3), (-0.2, -0.9), (0.2, -0.9), (0.26, -0.3), (0.5, 1.0)):
            figure.lineTo(centre.x() + x * size, centre.y() + y * size)
        figure.closeSubpath()
        painter.setBrush(self.theme.colour("#B5AA93"))
        painter.drawPath(figure)
        painter.save()
        painter.setClipPath(figure)
        painter.fillRect(
            QRectF(centre.x() - size, centre.y() - size, size, size * 2.2), self.theme.colour("tallow", 0.5)
        )
        painter.restore()
        dose = f"{self.lamp.mw_per_cm2:g} mW/cm² at {self.lamp.distance_mm:g} mm, {self.minutes:.1f} min a side = {WANTED_J_PER_CM2:.1f} J/cm²"
        self.text(
            painter,
            self.width() / 2,
            30,
            f"{self.turns} × {self.minutes:.1f} min, turned in between",
            16,
            True,
            align=CENTRE,
        )
        self.text(painter, self.width() / 2, self.height() - 36, dose, 11, colour="slate", align=CENTRE)
        self.text(
            painter,
            self.width() / 2,
            self.height() - 18,
            "What the lamp cannot see is not cured: undersides, hollows, under a cape",
            11,
            colour="slate",
            align=CENTRE,
        )


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
            plans.parts[p.part_id]
            for p in plate.placed
            if p.part_id in plans.parts and run.outcomes.get(p.id, ("",))[0] != FAILED
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
        self.session.commit(f"changed the {bath} bath", facts=[Fact(self.session.clock(), BATH_CHANGED, bath, (), 10)])

    def _surface(self) -> float:
        return sum(p.surface_cm2 for p in self._parts())

    def show_choice(self) -> None:
        dirty, clean = baths(self.session.answers.facts)
        plan = wash_plan(self._surface(), False, dirty, clean)
        self.picture.tubs, self.picture.coming_ml = (dirty, clean), clinging_ml(self._surface())
        self.picture.update()
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in plan])
        soak = sum(s.minutes for s in plan if "bath" in s.title)
        self.verdict.setText(f"{soak:.0f} min of soaking in all: under 12, or thin parts soften.")
        self.note.setText("Whole plate into the tub: least handling. A basket: parts can be turned. Both are used.")
        self.minutes.setValue(8)

    def done(self) -> None:
        run = self._run()
        if run is not None:
            carried = round(clinging_ml(self._surface()), 2)
            fact = step(
                "wash",
                (),
                self.minutes.value(),
                self.session.clock(),
                subject=run.run_id,
                planned=8,
                carried_ml=carried,
            )
            self.session.commit(f"washed {self.which.currentText()}", facts=[fact])


class CureBench(_PlateSteps):
    stage, wants, done_words = "cure", "washed", "Cured by side"
    waiting_words = "Nothing waits for the lamp. Washed and dried plates come here."

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        for school in SUPPORT_SCHOOLS:
            self.school.addItem(f"supports off {school}", school)

    def build_picture(self) -> QWidget:
        self.picture = LampPicture(self.context)
        return self.picture

    def show_choice(self) -> None:
        parts, school, lamp = self._parts(), self.school.currentData() or "before", Lamp()
        thickest = max((sorted(p.extents_mm)[0] for p in parts), default=5.0)
        tips = sum(p.pose.tips for p in parts if p.pose)
        plan = cure_plan(thickest, tips, school, lamp)
        sides = [s for s in plan if s.title.startswith("Lamp")]
        self.picture.turns, self.picture.minutes, self.picture.lamp = len(sides), sides[0].minutes, lamp
        self.picture.update()
        self.line.show_steps([Shown(s.title, s.minutes, s.detail, s.hands) for s in plan])
        self.verdict.setText(f"{tips} tips to take off {len(parts)} parts.")
        self.note.setText(SCHOOL_SAYS[school])
        self.minutes.setValue(round(sum(s.minutes for s in plan if s.hands)))

    def done(self) -> None:
        run = self._run()
        if run is not None:
            fact = step("cure", (), self.minutes.value(), self.session.clock(), subject=run.run_id, planned=10)
            self.session.commit(f"cured {self.which.currentText()}", facts=[fact])
