"""Build, Prime and Finish: hands at the bench, figure by figure or a whole unit at once."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.bench.build import Balance, balance, build_plan
from numerus.desk.benches.steps import Shown, StepsBench
from numerus.desk.context import Context
from numerus.desk.painted import figure_things, primed_colours
from numerus.desk.theme.marks import draw_mark
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.layout import button, column
from numerus.devices.air import coming_air
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.ledger.orders import step
from numerus.ledger.standing import FigureStanding
from numerus.paint.priming import SCHOOLS, prime_plan
from numerus.paint.weather import Air, first_fit

APART = 0.45
RESIN_RGB = np.array([[196, 188, 174]], np.uint8)


class BuildBench(StepsBench):
    """One figure: the order of gluing, what stays apart, whether it stands."""

    stage, choose_words, done_words = "build", "Figure", "Built"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer = renderer
        super().__init__(context)
        self.school.addItem("sub-assemblies for the brush", False)
        self.school.addItem("all glued before painting", True)

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, its parts drawn apart")
        self.view.overlay = self._draw_foot
        self._balance: Balance | None = None
        return self.view

    def refresh(self) -> None:
        waiting = self.session.answers.standing.at("build")
        self.title.setText("Build")
        self.subtitle.setText(f"{len(waiting)} figure{'s' * (len(waiting) != 1)} wait{'s' * (len(waiting) == 1)}")
        if not self.fill_choices([(f"{f.figure.name}, {f.unit.name}", f.figure.id) for f in waiting]):
            self.show_empty(
                "No figure has all its parts cured. They come here when the last one is.",
                button("See Cure", lambda: self.session.go("cure"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def show_choice(self) -> None:
        figure = self.session.plans.figures[self.which.currentData()]
        unit = self.session.plans.units[figure.unit_id]
        together = bool(self.school.currentData())
        plan = build_plan([s for s in unit.slots if s in figure.build], together)
        self.line.show_steps([Shown(s.title, s.minutes, s.detail) for s in plan])
        meshes = {
            slot: self.session.mesh(self.session.plans.parts[p].blob)
            for slot, p in printed_slots(figure).items()
            if p in self.session.plans.parts
        }
        self._balance = balance(list(meshes.values())) if meshes else None
        base = unit.base_mm / 2
        words = self._balance.says if self._balance else "nothing printed"
        on_base = self._on_base_deg(base)
        self.verdict.setText(f"{figure.name} without its base {words}. On {unit.base_mm:g} mm: {on_base:.0f}° to tip.")
        self.note.setText(
            "Angle from the centre of mass to the edge of what touches the table, in its weakest direction; 15° and more stands well."
        )
        things = self._apart(list(meshes.values()))
        self.view.caption = (figure.name, "parts drawn apart")
        self.view.show_things(things)
        self.minutes.setValue(round(sum(s.minutes for s in plan)))

    def _apart(self, meshes: list[Mesh]) -> list[Thing]:
        """Each part moved outward from the middle of all, so that joints can be seen."""
        middle = np.mean([m.bounds_mm.mean(axis=0) for m in meshes], axis=0) if meshes else np.zeros(3)
        return [Thing(m.moved((m.bounds_mm.mean(axis=0) - middle) * APART), RESIN_RGB) for m in meshes]

    def _on_base_deg(self, radius_mm: float) -> float:
        if self._balance is None:
            return 0.0
        x, y, z = self._balance.centre_mm
        return float(np.degrees(np.arctan2(radius_mm - np.hypot(x, y), max(z, 1e-6))))

    def _draw_foot(self, painter: QPainter, view: BenchView) -> None:
        """The centre of mass and its foot on the table."""
        if self._balance is None:
            return
        x, y, z = self._balance.centre_mm
        top, foot = view.project((x, y, z)), view.project((x, y, 0))
        painter.setPen(QPen(self.theme.colour("river"), 1.4, Qt.PenStyle.DashLine))
        painter.drawLine(top, foot)
        painter.setBrush(self.theme.colour("river"))
        painter.drawEllipse(top, 5, 5)
        painter.setFont(self.theme.font(11, True))
        painter.drawText(top + QPointF(10, 4), "centre of mass")

    def done(self) -> None:
        figure = self.session.plans.figures[self.which.currentData()]
        planned = sum(s.minutes for s in build_plan(list(figure.build)))
        fact = step("build", (figure.id,), self.minutes.value(), self.session.clock(), planned=planned)
        self.session.commit(f"built {figure.name}", facts=[fact])


class AirStrip(Drawing):
    """The coming days' air: temperature as a line, dampness as bars, moments fit for a spray can in moss with a tick."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Weather for spray cans")
        self.airs: list[Air] = []
        self.setFixedHeight(108)

    def draw(self, painter: QPainter) -> None:
        if not self.airs:
            return
        step = self.width() / len(self.airs)
        for number, air in enumerate(self.airs):
            x = number * step
            self.bar(
                painter,
                x + 1,
                84 - 0.55 * air.humidity,
                step - 2,
                0.55 * air.humidity,
                "moss" if air.fit_to_spray else "bed",
            )
            if air.at.hour < 3:
                self.line(painter, x, 12, x, 98, "slate")
                self.text(painter, x + 3, 104, f"{air.at:%a} {air.at.day}", 11, colour="slate")
            fit = "fit for a spray can" if air.fit_to_spray else air.why_not
            self.region(
                QRectF(x, 0, step, 108),
                f"{air.at:%a %H:%M}: {air.celsius} °C, {air.humidity:.0f} %, wind {air.wind_m_s} m/s: {fit}",
            )
        painter.setPen(QPen(self.theme.colour("brick"), 1.6))
        points = [QPointF((n + 0.5) * step, 70 - 1.8 * a.celsius) for n, a in enumerate(self.airs)]
        painter.drawPolyline(points)
        self.text(
            painter,
            0,
            10,
            "dampness as bars, moss where a can may be used; the line is temperature",
            11,
            colour="slate",
        )
        self.text(
            painter,
            self.width(),
            10,
            f"now {self.airs[0].celsius} °C, {self.airs[0].humidity:.0f} %",
            11,
            True,
            align=RIGHT,
        )


class PrimeBench(StepsBench):
    """A unit at once: when the weather allows, how, and what the primer does to the figure."""

    stage, choose_words, done_words = "prime", "Unit", "Primed, drying"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer = renderer
        super().__init__(context)
        for school in SCHOOLS:
            self.school.addItem(school, school)
        self.school.setCurrentIndex(1)

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, primed from above")
        self.air = AirStrip(self.context)
        made = QWidget()
        layout = column(self.view, self.air, gap=8)
        layout.setStretch(0, 1)
        made.setLayout(layout)
        return made

    def refresh(self) -> None:
        standing, plans = self.session.answers.standing, self.session.plans
        units = [u for u in plans.units_in_order() if standing.at("prime", u.id)]
        self.title.setText("Prime")
        self.subtitle.setText(plans.scheme.primer if plans.scheme else "")
        self.air.airs = coming_air(self.session.now)
        if not self.fill_choices([(f"{u.name}, {len(standing.at('prime', u.id))} figures", u.id) for u in units]):
            self.show_empty(
                "Nothing waits for primer. Built figures come here.",
                button("See Build", lambda: self.session.go("build"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def _waiting(self) -> list[FigureStanding]:
        return self.session.answers.standing.at("prime", self.which.currentData() or "")

    def show_choice(self) -> None:
        waiting, scheme = self._waiting(), self.session.plans.scheme
        if scheme is None or not waiting:
            return
        school = self.school.currentData()
        plan = prime_plan(len(waiting), school, scheme)
        steps = [Shown(p.title, p.minutes, p.detail, p.hands) for p in plan]
        self.line.show_steps(steps)
        fit = first_fit(self.air.airs)
        now = self.air.airs[0]
        when = "now" if now.fit_to_spray else f"{fit.at:%a %H:%M}" if fit else "not in the next days"
        self.verdict.setText(
            f"Spray can outdoors: {when}." + ("" if now.fit_to_spray else f" Now it is {now.why_not}.")
        )
        self.note.setText(f"{SCHOOLS[school]} Black suits metal and dry-brushing up; pale suits translucent paint.")
        figure = waiting[0].figure
        self.view.caption = (figure.name, "light from above, dark below")
        self.view.show_things(figure_things(self.session, figure, primed_colours))
        self.minutes.setValue(round(sum(s.minutes for s in steps if s.hands)))

    def done(self) -> None:
        waiting, scheme = self._waiting(), self.session.plans.scheme
        if not waiting or scheme is None:
            return
        each = self.minutes.value() / len(waiting)
        facts = [
            step("prime", (f.figure.id,), each, self.session.clock(), planned=scheme.prime_minutes) for f in waiting
        ]
        self.session.commit(f"primed {self.which.currentText()}", facts=facts)


class FinishPicture(Drawing):
    """Who has had which finishing step: figures down, steps across, in the order their solvents allow."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Finishing steps by figure")
        self.session = context.session
        self.setMinimumSize(320, 200)

    def draw(self, painter: QPainter) -> None:
        scheme = self.session.plans.scheme
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(QRectF(self.rect()), 6, 6)
        figures = [f for f in self.session.answers.standing.figures.values() if f.stage in ("finish", "ready")]
        if scheme is None:
            return
        wide = (self.width() - 180) / max(len(scheme.finish), 1)
        for at, (name, _, _) in enumerate(scheme.finish):
            self.text(painter, 160 + (at + 0.5) * wide, 28, name, 13, True, align=CENTRE, width=wide - 8)
        for number, figure in enumerate(figures[:14]):
            y = 44 + number * 32
            draw_mark(painter, figure.unit.mark, 16, y + 6, 18, self.theme.unit_colour(figure.unit.mark))
            self.text(painter, 40, y + 20, figure.figure.name, 13, width=118)
            for at, (name, _, _) in enumerate(scheme.finish):
                box = QRectF(164 + at * wide, y + 4, wide - 8, 24)
                done = name in figure.finished
                painter.setPen(QPen(self.theme.colour("moss" if done else "slate"), 1))
                painter.setBrush(self.theme.colour("moss") if done else Qt.BrushStyle.NoBrush)
                painter.drawRoundedRect(box, 3, 3)
                self.text(
                    painter,
                    box.center().x(),
                    box.center().y() + 4,
                    "done" if done else "to do",
                    11,
                    done,
                    "chalk" if done else "slate",
                    CENTRE,
                )


class FinishBench(StepsBench):
    """One step for everyone who waits for it."""

    stage, choose_words, done_words = "finish", "Step", "Done for all"

    def __init__(self, context: Context) -> None:
        super().__init__(context)
        self.school.hide()

    def build_picture(self) -> QWidget:
        self.picture = FinishPicture(self.context)
        return self.picture

    def _waiting(self, name: str) -> list[FigureStanding]:
        scheme = self.session.plans.scheme
        order = [n for n, _, _ in scheme.finish] if scheme else []
        return [
            f
            for f in self.session.answers.standing.at("finish")
            if next((n for n in order if n not in f.finished), "") == name
        ]

    def refresh(self) -> None:
        scheme = self.session.plans.scheme
        names = [n for n, _, _ in scheme.finish if self._waiting(n)] if scheme else []
        self.title.setText("Finish")
        self.subtitle.setText(f"{len(self.session.answers.standing.at('finish'))} figures wait")
        if not self.fill_choices([(f"{n}, {len(self._waiting(n))} figures", n) for n in names]):
            self.show_empty(
                "Nothing waits for varnish or basing. Painted figures come here.",
                button("See Paint", lambda: self.session.go("paint"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def show_choice(self) -> None:
        scheme, chosen = self.session.plans.scheme, self.which.currentData()
        if scheme is None:
            return
        steps = [
            Shown(
                name,
                minutes * max(len(self._waiting(name)), 1),
                f"{len(self._waiting(name))} figures now; dries {dries:.0f} min",
            )
            for name, minutes, dries in scheme.finish
        ]
        self.line.show_steps(steps)
        self.picture.update()
        minutes = next(m for n, m, _ in scheme.finish if n == chosen)
        self.verdict.setText(f"{chosen}: {', '.join(f.figure.name for f in self._waiting(chosen)[:5])}")
        self.note.setText(
            "Acrylic, then gloss varnish, decals and oil or enamel wash, spirit, overnight, matt varnish; pigments and tufts last."
        )
        self.minutes.setValue(max(1, round(minutes * len(self._waiting(chosen)))))

    def done(self) -> None:
        chosen, scheme = self.which.currentData(), self.session.plans.scheme
        waiting = self._waiting(chosen) if chosen else []
        if not waiting or scheme is None:
            return
        planned = next(m for n, m, _ in scheme.finish if n == chosen)
        facts = [
            step(
                "finish",
                (f.figure.id,),
                self.minutes.value() / len(waiting),
                self.session.clock(),
                chosen,
                planned=planned,
            )
            for f in waiting
        ]
        self.session.commit(f"{chosen.lower()} on {len(waiting)} figures", facts=facts)
