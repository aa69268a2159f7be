"""Prime: a unit at once, when the weather allows, and what the primer does to the figure."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, QSignalBlocker
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.session import ALL
from numerus.desk.stages.prime.first_colour import FirstColourChart
from numerus.desk.stages.prime.state import PrimeState
from numerus.desk.stages.prime.weather_dialog import WeatherDialog
from numerus.desk.stages.steps.bench import Shown, StepsBench
from numerus.desk.view3d.painted import figure_things
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import Pages, button, column, label, panel, row
from numerus.desk.widgets.worded import SpinBox
from numerus.domain.painting.recipes import Scheme
from numerus.domain.parts import Part
from numerus.paint.figure.lost_light import LostLight
from numerus.paint.priming.primer import MOST_FILLER, SCHOOLS
from numerus.paint.priming.weather import Air
from numerus.paint.zone_colours import primed_colours
from numerus.progress.standing import FigureStanding

PAGES = "Steps", "First colour"


class AirStrip(Drawing):
    """The coming days' air: temperature as a line, dampness as bars, moments fit for a spray can in moss with a tick."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Weather for spray cans")
        self.airs: Sequence[Air] = ()
        self.told = False
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
                f"{air.at:%a %H:%M}: {air.celsius:g} °C, {air.humidity:.0f} %, wind {air.wind_m_s:g} m/s: {fit}",
            )
        painter.setPen(QPen(self.theme.colour("brick"), 1.6))
        points = [QPointF((n + 0.5) * step, 70 - 1.8 * a.celsius) for n, a in enumerate(self.airs)]
        painter.drawPolyline(points)
        self.text(
            painter,
            self.width(),
            10,
            f"{'as you told it' if self.told else 'simulated air'}, now {self.airs[0].celsius:g} °C, {self.airs[0].humidity:.0f} %, "
            f"dew point {self.airs[0].dew_point_c:.0f} °C",
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
        self._asked: object = None
        self._asked_stairs: object = None
        super().__init__(context)
        for tab in self.tabs:
            self.buttons.addWidget(tab)
        for school in SCHOOLS:
            self.school.addItem(school, school)
        self.school.activated.connect(lambda n: self._keep(self.state.with_school(self.school.itemData(n))))
        self.which.activated.connect(lambda _: self._chosen())

    def build(self) -> QBoxLayout:
        steps, self.stack = QWidget(), Pages()
        steps.setLayout(super().build())
        self.chart = FirstColourChart(self.context)
        ways = column(self.chart, margins=(20, 4, 20, 12))
        self.stack.addWidget(steps)
        self.stack.addWidget(panel(ways, "bench"))
        self.tabs = [button(name, lambda n=n: self.open_page(n), "tab") for n, name in enumerate(PAGES)]
        for tab in self.tabs:
            tab.setCheckable(True)
            tab.setAutoExclusive(True)
        self.tabs[0].setChecked(True)
        return column(self.stack)

    def open_page(self, number: int) -> None:
        """The steps, or ways to lay the first colour."""
        self.stack.setCurrentIndex(number)

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, primed from above")
        self.air = AirStrip(self.context)
        widget = QWidget()
        self.light, self.stairs = label("", "strong", True), label("", "note", True)
        self.tack = button(
            "Tack together for the light",
            self.tack_together,
            "",
            "Before the second coat; taken apart again after it",
        )
        for told in (self.light, self.tack):
            told.hide()
        self.weather = button(
            "Weather …", self.ask_weather, "", "Typed, or from a file; simulated where nobody tells it"
        )
        self.filler = SpinBox()
        self.filler.setRange(0, MOST_FILLER)
        self.filler.setPrefix("filler coats: ")
        self.filler.setAccessibleName("Coats of filler, sanded, before the primer")
        self.filler.valueChanged.connect(lambda coats: self._keep(self.state.with_filler(coats)))
        layout = column(
            self.view,
            self.light,
            self.stairs,
            row(label("Bars damp, line warmth", "note"), -1, self.tack, self.filler, self.weather),
            self.air,
            gap=8,
        )
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
        self.air.airs, self.air.told = state.airs, state.told
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
        self.school.setCurrentIndex(self.school.findData(state.school))
        with QSignalBlocker(self.filler):
            self.filler.setValue(state.scheme.filler_coats if state.scheme else 0)
        self.line.show_steps([Shown(p.title, p.minutes, p.detail, p.hands) for p in state.plan])
        self.verdict.setText(state.weather)
        self.note.setText(state.compared)
        self.note.setToolTip(
            f"{SCHOOLS[state.school]} Black suits metal and dry-brushing up; pale suits translucent paint."
        )
        self._tell_light()
        self._tell_stairs()
        self.chart.show_state(state.first_colour)
        self.minutes.plan(f"{state.unit_id} {len(state.waiting)}", state.planned_min)
        if state.waiting:
            build = state.waiting[0].figure.build.values()
            self.with_meshes([state.plans.parts[p] for p in build if p in state.plans.parts], self._show_figure)

    def _show_figure(self) -> None:
        if self.state.waiting:
            figure = self.state.waiting[0].figure
            self.view.caption = (figure.name, "light from above, dark below")
            self.view.show_things(figure_things(self.session, figure, primed_colours))
            self._look_at_light()
            self._look_at_stairs()

    def _look_at_stairs(self) -> None:
        """How deep the layers' stairs are, in a job, once for a build."""
        key = self.state.stairs_for
        if key is None or key in self.state.stairs_um or key == self._asked_stairs:
            return
        self._asked_stairs = key
        work = self.state.stairs_work({p.id: self.session.mesh(p.blob) for p in self.state.printed})

        def done(um: float) -> None:
            self.state.stairs_um[key] = um
            self._tell_stairs()

        self.context.jobs.start("stairs", "Looking at the layers' stairs", work, done, self._not_looked)

    def _tell_stairs(self) -> None:
        self.stairs.setText(self.state.stairs_words)
        self.stairs.setVisible(bool(self.state.stairs_words))

    def _keep(self, scheme: Scheme | None) -> None:
        """The scheme primed otherwise: one edit."""
        if scheme is not None:
            self.session.commit("how the primer goes on", [scheme])

    def _look_at_light(self) -> None:
        """What parts on sticks of their own lose of the common light, in a job, once for the same figure."""
        first = self.state.on_sticks
        asked = (tuple(first.figure.build.items()), first.on_sticks) if first else None
        if asked == self._asked:
            return
        self._asked = asked
        if first is None:
            self._lit(())
            return
        parts = [self.session.plans.parts[p] for p in first.figure.build.values() if p in self.session.plans.parts]
        self.with_meshes(parts, lambda: self._light_job(first, parts))

    def _light_job(self, standing: FigureStanding, parts: list[Part]) -> None:
        work = self.state.light_work(standing, {p.id: self.session.mesh(p.blob) for p in parts})
        self.context.jobs.start("light", "Looking at the light on the holders", work, self._lit, self._not_looked)

    def _not_looked(self) -> None:
        self._asked = self._asked_stairs = None

    def _lit(self, lost: tuple[LostLight, ...]) -> None:
        self.state.lost = lost
        self._tell_light()

    def _tell_light(self) -> None:
        self.light.setText(self.state.light)
        self.light.setVisible(bool(self.state.light))
        self.tack.setVisible(self.state.tacked or bool(self.state.light))
        self.tack.setText("Leave them apart" if self.state.tacked else "Tack together for the light")

    def ask_weather(self) -> None:
        dialog = WeatherDialog(self, self.state.airs[0], self.session.now)
        if dialog.exec():
            self.keep_weather(dialog.airs)

    def keep_weather(self, airs: Sequence[Air]) -> None:
        """The air as it was told, or simulated again: one edit."""
        army = self.state.with_weather(airs)
        if army is not None:
            self.session.commit("the weather as told" if airs else "simulated air again", [army])

    def tack_together(self) -> None:
        """Put together for the second coat, or not."""
        self.state.tacked = not self.state.tacked
        self.show_choice()

    def done(self) -> None:
        facts = self.state.done_facts(*self.minutes.taken(), self.session.clock())
        if facts:
            self.minutes.done()
            self.session.commit(f"primed {self.which.currentText()}", facts=facts)
