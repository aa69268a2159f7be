"""Prime: a unit at once, when the weather allows, and what the primer does to the figure."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.session import ALL
from numerus.desk.stages.steps_bench import Shown, StepsBench
from numerus.desk.view3d.painted import figure_things, primed_colours
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column
from numerus.devices.air import coming_air
from numerus.paint.priming import SCHOOLS, prime_plan
from numerus.paint.weather import Air, first_fit
from numerus.progress.next_tasks import step
from numerus.progress.standing import FigureStanding
from numerus.words import counted


class AirStrip(Drawing):
    """The coming days' air: temperature as a line, dampness as bars, moments fit for a spray can in moss with a tick."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Weather for spray cans")
        self.airs: list[Air] = []
        self.hold("setFixedHeight", 108)

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
            "bars: dampness, moss where a can may be used; line: warmth",
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

    shows = ALL  # also the hour: the air changes
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
        if not self.fill_choices(
            [(f"{u.name}, {counted(len(standing.at('prime', u.id)), 'figure')}", u.id) for u in units]
        ):
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
        self.minutes.plan(self.which.currentText(), sum(s.minutes for s in steps if s.hands))

    def done(self) -> None:
        waiting, scheme = self._waiting(), self.session.plans.scheme
        if not waiting or scheme is None:
            return
        (minutes, timing), now = self.minutes.taken(), self.session.clock()
        planned, each = scheme.prime_minutes, minutes / len(waiting)
        facts = [step("prime", (f.figure.id,), each, now, planned=planned, timing=timing) for f in waiting]
        self.minutes.done()
        self.session.commit(f"primed {self.which.currentText()}", facts=facts)
