"""Finish: one step for everyone who waits for it, in the order their solvents allow."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.assembly.flaws import Flaw, Way
from numerus.desk.context import Context
from numerus.desk.dialogs.tables import finish_dialog
from numerus.desk.stages.build.figure_parts import FigureParts
from numerus.desk.stages.build.flaw_state import Key
from numerus.desk.stages.finish.base_page import BasePage
from numerus.desk.stages.finish.last_look_page import LastLookPage
from numerus.desk.stages.finish.last_look_state import LastLookState, last_look_key, last_look_work
from numerus.desk.stages.finish.photo_page import PhotoPage
from numerus.desk.stages.finish.state import FinishState
from numerus.desk.stages.steps.bench import Shown, StepsBench
from numerus.desk.theme.marks import draw_mark, draw_tick
from numerus.desk.view3d.painted import figure_things
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.layout import Pages, button, column
from numerus.domain.painting.recipes import FinishStep
from numerus.paint.zone_colours import painter_of, zone_colours
from numerus.progress.standing import FigureStanding
from numerus.words import counted, waits

ORDER = "Acrylic, then gloss varnish, decals and oil or enamel wash, spirit, overnight, matt varnish; pigments and tufts last."
MOST_TOLD = 2
STEPS_PAGE, LAST_PAGE, BASE_PAGE, PHOTO_PAGE = "Steps", "Last look", "Bases", "Photographs"


class FinishPicture(Drawing):
    """Who has had which finishing step: figures down, steps across, in the order their solvents allow."""

    MOST = 7

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Finishing steps by figure")
        self.session = context.session
        self.hold("setMinimumWidth", 320)

    def show_figures(self, figures: list[FigureStanding]) -> None:
        self.figures = figures
        self.hold("setFixedHeight", 36 + 26 * min(len(figures), self.MOST) + (16 if len(figures) > self.MOST else 0))
        self.update()

    def draw(self, painter: QPainter) -> None:
        steps = tuple({s.id: s for f in self.figures for s in f.finish}.values())
        if not steps:
            return
        wide = (self.width() - 130) / max(len(steps), 1)
        for at, wanted in enumerate(steps):
            self.text(painter, 130 + (at + 0.5) * wide, 18, wanted.name, 11, True, align=CENTRE, width=wide - 4)
        for number, figure in enumerate(self.figures[: self.MOST]):
            self._row(painter, figure, 28 + number * 26, steps, wide)
        if len(self.figures) > self.MOST:
            self.text(painter, 0, self.height() - 4, f"and {len(self.figures) - self.MOST} more", 11, colour="slate")

    def _row(
        self, painter: QPainter, figure: FigureStanding, y: float, steps: Sequence[FinishStep], wide: float
    ) -> None:
        self.line(painter, 0, y, self.width(), y)
        draw_mark(painter, figure.unit.mark, 2, y + 5, 16, self.theme.unit_colour(figure.unit.mark))
        self.text(painter, 26, y + 17, figure.figure.name, 13, width=100)
        for at, wanted in enumerate(steps):
            middle = 130 + (at + 0.5) * wide
            if wanted.id in figure.finished:
                draw_tick(painter, middle - 22, y + 8, 11, self.theme.colour("moss"))
                self.text(painter, middle - 6, y + 17, "done", 11, colour="moss_ink")
            elif wanted not in figure.finish:
                self.text(painter, middle - 6, y + 17, "not asked", 11, colour="slate")
            else:
                painter.setPen(QPen(self.theme.colour("slate"), 1.2))
                painter.setBrush(Qt.BrushStyle.NoBrush)
                painter.drawRect(QRectF(middle - 22, y + 8, 10, 10))
                self.text(painter, middle - 6, y + 17, "to do", 11, colour="slate")


class FinishBench(StepsBench):
    """One step for everyone who waits for it."""

    stage, choose_words, done_words = "finish", "Step", "Done for all"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, FinishState(context.session.answers)
        self.last = LastLookState()
        self._looking_at: Key = ()
        super().__init__(context)
        for tab in self.tabs.values():
            self.buttons.addWidget(tab)
        self.school.hide()
        self.add_button(
            "Finishing steps …",
            self.edit_steps,
            tip="What is done after painting, in which order; checked by its solvents",
        )
        self.which.activated.connect(lambda _: self._chosen())

    def build(self) -> QBoxLayout:
        steps, self.stack = QWidget(), Pages()
        steps.setLayout(super().build())
        self.last_page = LastLookPage(self.context, self.renderer, self.last, self.tick, self.deal)
        self.tabs = {}
        self.base_page = BasePage(self.context, self.renderer)
        self.photo_page = PhotoPage(self.context)
        pages = (
            (STEPS_PAGE, steps),
            (LAST_PAGE, self.last_page),
            (BASE_PAGE, self.base_page),
            (PHOTO_PAGE, self.photo_page),
        )
        for name, page in pages:
            self.stack.addWidget(page)
            self.tabs[name] = button(name, lambda n=name: self.open_page(n), "tab")
            self.tabs[name].setCheckable(True)
        self.tabs[STEPS_PAGE].setChecked(True)
        return column(self.stack)

    def open_page(self, name: str) -> None:
        self.stack.setCurrentIndex(list(self.tabs).index(name))
        for tab, opened in self.tabs.items():
            opened.setChecked(tab == name)
        self.refresh()

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "A figure that waits for this step, painted")
        self.picture = FinishPicture(self.context)
        widget = QWidget()
        layout = column(self.view, self.picture, gap=8)
        layout.setStretch(0, 1)
        widget.setLayout(layout)
        return widget

    def edit_steps(self) -> None:
        """The scheme's finishing steps as a table; undo brings the old ones back."""
        dialog = finish_dialog(self, self.session)
        if dialog is not None:
            dialog.exec()

    def _chosen(self) -> None:
        self.state.step_id = self.which.currentData() or ""
        self.show_choice()

    def refresh(self) -> None:
        state = self.state
        state.look(self.session.answers, self.session.figure_id)
        self.title.setText("Finish")
        self.subtitle.setText(waits(len(self.session.answers.standing.at("finish")), "figure"))
        self._show_unit_pages()
        if not self.fill_choices(state.choices, state.step_id) and self.stack.currentIndex() < 2:
            self.show_empty(
                "Nothing waits for varnish or basing. Painted figures come here.",
                button("See Paint", lambda: self.session.go("paint"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def show_choice(self) -> None:
        state, chosen = self.state, self.state.chosen
        if chosen is None:
            return
        self.line.show_steps([self._shown(step) for step in state.steps])
        self.picture.show_figures(state.figures)
        self.verdict.setText(f"{chosen.name}: {', '.join(f.figure.name for f in state.waiting(chosen)[:5])}")
        self.note.setText(" ".join(state.warnings[:MOST_TOLD]) or ORDER)
        self.minutes.plan(f"{chosen.id} {len(state.waiting(chosen))}", state.planned_min)
        build = state.shown.figure.build.values() if state.shown else ()
        self.with_meshes([state.plans.parts[p] for p in build if p in state.plans.parts], self._show_figure)

    def _show_figure(self) -> None:
        shown, chosen = self.state.shown, self.state.chosen
        if shown is not None and chosen is not None:
            self.view.caption = (shown.figure.name, f"waits for {chosen.name.lower()}")
            painted = painter_of(
                zone_colours(self.session.plans, self.session.plans.scheme_on(shown.figure), shown.painted)
            )
            self.view.show_things(figure_things(self.session, shown.figure, painted))
            self._show_last_look(shown)

    def _show_unit_pages(self) -> None:
        """Those of the unit in the roll, whoever waits here."""
        for page in (self.base_page, self.photo_page):
            if self.stack.currentWidget() is page:
                page.refresh()

    def _show_last_look(self, shown: FigureStanding) -> None:
        """The figure from its sides; places that are not known yet are looked for in a job."""
        if self.stack.currentIndex() != 1:
            return
        figure = FigureParts(self.session.answers, shown.figure)
        key = last_look_key(figure, shown)
        self.last.look(self.session.answers, shown.figure.id, key)
        self.last_page.show_figure(self.view.things, not self.last.knows(key))
        if self.last.knows(key) or key == self._looking_at:
            return
        parts = {slot: self.session.zoned(part) for slot, part in figure.parts.items()}
        work = last_look_work(figure, shown, parts, self.session.mesh_reader())

        def done(flaws: list[Flaw]) -> None:
            self.last.remember(key, flaws)
            self.show_choice()

        self._looking_at = key
        self.context.jobs.start("last look", "Looking round the figure", work, done, self._looked_in_vain)

    def _looked_in_vain(self) -> None:
        self._looking_at = ()

    def tick(self, view: str) -> None:
        """A side was looked at."""
        fact = self.last.tick(view, self.session.clock())
        if fact is not None:
            self.session.commit(f"looked at from the {view}", facts=[fact])

    def deal(self, way: Way) -> None:
        """The chosen place is dealt with by a way: one entry of the journal, then the next place."""
        fact = self.last.fact(way, self.session.clock())
        if fact is not None:
            self.last.chosen = self.last.after()
            self.session.commit(f"{way.name}, before varnish", facts=[fact])

    @property
    def steps(self) -> list[Shown]:
        """The one that is chosen: each is done to all who wait for it."""
        return [self._shown(self.state.chosen)] if self.state.chosen else []

    def _shown(self, step: FinishStep) -> Shown:
        many = len(self.state.waiting(step))
        detail = f"{counted(many, 'figure')} now; dries {self.state.dries_min(step):.0f} min"
        return Shown(step.name, self.state.minutes_of(step), detail)

    def done(self) -> None:
        chosen, facts = self.state.chosen, self.state.done_facts(*self.minutes.taken(), self.session.clock())
        if chosen is not None and facts:
            self.minutes.done()
            self.session.commit(f"{chosen.name.lower()} on {counted(len(facts), 'figure')}", facts=facts)
