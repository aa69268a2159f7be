"""Prime: a unit at once, when the weather allows, and what the primer does to the figure."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.session import ALL
from numerus.desk.stages.prime.state import PrimeState
from numerus.desk.stages.steps.bench import Shown, StepsBench
from numerus.desk.view3d.painted import figure_things, primed_colours
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column
from numerus.devices.air import coming_air
from numerus.paint.priming import SCHOOLS
from numerus.paint.weather import Air


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
            "bars: damp (moss: fit for a can); line: warmth",
            11,
            colour="slate",
        )
        self.text(
            painter,
            self.width(),
            10,
            f"simulated air, now {self.airs[0].celsius} °C, {self.airs[0].humidity:.0f} %",
            11,
            True,
            align=RIGHT,
        )


class PrimeBench(StepsBench):
    """A unit at once: when the weather allows, how, and what the primer does to the figure."""

    shows = ALL  # also the hour: the air changes
    stage, choose_words, done_words = "prime", "Unit", "Primed, drying"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, PrimeState(context.session.answers)
        super().__init__(context)
        for school in SCHOOLS:
            self.school.addItem(school, school)
        self.school.setCurrentIndex(1)
        self.which.activated.connect(lambda _: self._chosen())

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, primed from above")
        self.air = AirStrip(self.context)
        widget = QWidget()
        layout = column(self.view, self.air, gap=8)
        layout.setStretch(0, 1)
        widget.setLayout(layout)
        return widget

    def _chosen(self) -> None:
        self.state.unit_id = self.which.currentData() or ""
        self.show_choice()

    def refresh(self) -> None:
        state, scheme = self.state, self.session.plans.scheme_of(self.state.unit_id)
        state.look(self.session.answers)
        self.title.setText("Prime")
        self.subtitle.setText(scheme.primer if scheme else "")
        state.airs = self.air.airs = coming_air(self.session.now)
        self.air.update()
        if not self.fill_choices(state.choices, state.unit_id):
            self.show_empty(
                "Nothing waits for primer. Built figures come here.",
                button("See Build", lambda: self.session.go("build"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def show_choice(self) -> None:
        state = self.state
        state.school = self.school.currentData()
        self.line.show_steps([Shown(p.title, p.minutes, p.detail, p.hands) for p in state.plan])
        self.verdict.setText(state.weather)
        self.note.setText(
            f"{SCHOOLS[state.school]} Black suits metal and dry-brushing up; pale suits translucent paint."
        )
        self.minutes.plan(f"{state.unit_id} {len(state.waiting)}", state.planned_min)
        if state.waiting:
            build = state.waiting[0].figure.build.values()
            self.with_meshes([state.plans.parts[p] for p in build if p in state.plans.parts], self._show_figure)

    def _show_figure(self) -> None:
        if self.state.waiting:
            figure = self.state.waiting[0].figure
            self.view.caption = (figure.name, "light from above, dark below")
            self.view.show_things(figure_things(self.session, figure, primed_colours))

    def done(self) -> None:
        facts = self.state.done_facts(*self.minutes.taken(), self.session.clock())
        if facts:
            self.minutes.done()
            self.session.commit(f"primed {self.which.currentText()}", facts=facts)
