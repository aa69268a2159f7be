"""Build: one figure; what stays apart for the brush and in what order it is glued, then the steps, and whether it will stand."""

from __future__ import annotations

from pathlib import Path

import numpy as np
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter, QPen
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.assembly.balance import SAFE_DEG, Balance, balance
from numerus.assembly.build_look import BuildLook, look_at_build
from numerus.assembly.drill_template import DrillTemplate, drill_templates
from numerus.assembly.flaws import Flaw, Way, seen_round_the_table
from numerus.assembly.joints import built_before_cured
from numerus.desk.context import Context
from numerus.desk.dialogs.papers import PapersButton
from numerus.desk.stages.build.apart_page import ApartPage
from numerus.desk.stages.build.flaw_page import FlawPage
from numerus.desk.stages.build.flaw_state import FlawState, flaw_work
from numerus.desk.stages.build.flaw_state import Key as FlawKey
from numerus.desk.stages.build.state import BuildState, LookKey
from numerus.desk.stages.build.template_sheet import write_templates
from numerus.desk.stages.build.warp_dialog import WarpDialog
from numerus.desk.stages.steps.bench import Shown, StepsBench
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import Pages, button, column
from numerus.desk.widgets.worded import FileDialog
from numerus.errors import NumerusError
from numerus.geometry.mesh import Mesh, merged, xyz
from numerus.surface.brush_reach import BRUSH
from numerus.words import waits

APART_PAGE, STEPS_PAGE, FLAWS_PAGE = "What stays apart", "Steps", "Before primer"
APART = 0.45
RESIN_RGB = np.array([[196, 188, 174]], np.uint8)


class BuildBench(StepsBench):
    """Two pages for one figure: what stays apart, and the steps."""

    stage, choose_words, done_words = "build", "Figure", "Built"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, BuildState(context.session.answers)
        self._balance: Balance | None = None
        self._weighed: tuple[str, ...] = ()
        self._drawn_apart: list[tuple[Mesh, Thing]] = []
        self._looking_at: LookKey | None = None
        self.flaws = FlawState()
        self._flaws_looked_at: FlawKey = ()
        super().__init__(context)
        for tab in self.tabs.values():
            self.buttons.addWidget(tab)
        self.papers = PapersButton(self.context, self.renderer)
        self.buttons.addWidget(self.papers)
        self.keep_button = self.add_button(
            "Keep B",
            self.keep,
            "main",
            "The unit's figures are built so, glued on later as a finishing step; undo brings back what was",
        )
        self.school.addItem("sub-assemblies", False)
        self.school.addItem("all glued first", True)
        self.which.activated.connect(lambda _: self._chosen())

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, its parts drawn apart")
        self.view.overlay = self._draw_foot
        return self.view

    def build(self) -> QBoxLayout:
        steps, self.stack = QWidget(), Pages()
        steps.setLayout(super().build())
        self.apart_page = ApartPage(self.context, self.renderer, self.state)
        self.apart_page.changed.connect(self._show_apart)
        self.apart_page.tool_changed.connect(self.show_choice)
        self.apart_page.worth_kept.connect(self._keep_worth)
        self.apart_page.templates_wanted.connect(self.ask_templates)
        self.flaw_page = FlawPage(self.context, self.renderer, self.flaws, self.deal, self.pin)
        self.flaw_page.pins.bent.clicked.connect(lambda _: self.ask_bent())
        self.tabs = {}
        for name, page in ((STEPS_PAGE, steps), (APART_PAGE, self.apart_page), (FLAWS_PAGE, self.flaw_page)):
            self.stack.addWidget(page)
            self.tabs[name] = button(name, lambda n=name: self.open_page(n), "tab")
            self.tabs[name].setCheckable(True)
        return column(self.stack)

    def open_page(self, name: str) -> None:
        if name == FLAWS_PAGE:  # details are a brush's work
            self.apart_page.take_tool(BRUSH)
        self.stack.setCurrentIndex(list(self.tabs).index(name))
        self._show_tabs()
        if name != STEPS_PAGE and self.state.waiting:
            self.show_choice()

    @property
    def _apart_open(self) -> bool:
        return self.stack.currentIndex() == 1

    @property
    def _flaws_open(self) -> bool:
        return self.stack.currentIndex() == 2

    def _show_tabs(self) -> None:
        for number, tab in enumerate(self.tabs.values()):
            tab.setChecked(number == self.stack.currentIndex())
        self._show_title()
        state = self.state
        offered = self._apart_open and bool(state.waiting) and state.known is not None
        self.keep_button.setVisible(offered)
        self.keep_button.setEnabled(offered and set(state.apart) != set(state.kept))

    def _show_title(self) -> None:
        state = self.state
        titles = "Build", "Build: what stays apart?", "Build: what before the primer?"
        self.title.setText(titles[max(self.stack.currentIndex(), 0)])
        named = [state.figure.name] if state.waiting else []
        hints = [state.hint] if state.waiting and state.hint and not self._apart_open else []
        self.subtitle.setText("; ".join([*named, waits(len(state.waiting), "figure"), *hints]))

    def _chosen(self) -> None:
        self.state.choose(self.which.currentData() or "")
        self.show_choice()

    def refresh(self) -> None:
        state = self.state
        state.look(self.session.answers)
        state.follow(self.session.figure_id)
        self._show_title()
        self.papers.look_at()
        if not self.fill_choices(state.choices, state.figure_id):
            self.show_empty(
                "No figure has all its parts cured. They come here when the last one is.",
                button("See Cure", lambda: self.session.go("cure"), "main"),
            )
            return
        self.show_full()
        self.show_choice()

    def show_choice(self) -> None:
        state = self.state
        state.together = bool(self.school.currentData())
        self.line.show_steps([Shown(s.title, s.minutes, s.detail) for s in state.plan])
        self.note.setText(
            "Angle from the centre of mass to the edge of what touches the table, in its weakest direction; "
            f"{SAFE_DEG:.0f}° and more stands well. {built_before_cured(state.known.joints) if state.known else ''}".strip()
        )
        self.minutes.plan(state.figure_id, state.planned_min)
        self.with_meshes(state.parts.values(), self._show_parts)

    def _show_parts(self) -> None:
        meshes = [self.session.mesh(p.blob) for p in self.state.parts.values()]
        self._look()
        self._show_apart()
        self._show_flaws()
        self.view.caption = (self.state.figure.name, "parts drawn apart")
        self.view.show_things(self._apart(meshes))
        self._weigh(meshes)

    def _look(self) -> None:
        """Where a brush comes to and how the joints fit, in a job, once for a build: when somebody asks what stays apart."""
        state, key, tool = self.state, self.state.look_key, self.state.tool
        if not (self._apart_open or self._flaws_open) or state.known is not None or key == self._looking_at:
            return
        parts = [(slot, self.session.zoned(part)) for slot, part in state.parts.items()]

        def done(look: BuildLook) -> None:
            state.remember(key, look)
            self.show_choice()

        self._looking_at = key
        self.context.jobs.start(
            "build look", "Looking where a brush comes to", lambda progress: look_at_build(parts, progress, tool), done,
            lambda: self._looked_in_vain(key),
        )  # fmt: skip

    def _looked_in_vain(self, key: LookKey) -> None:
        """It is looked at when the figure is shown again."""
        self._looking_at = None if self._looking_at == key else self._looking_at

    def _show_apart(self) -> None:
        if self._apart_open:
            self.apart_page.show_figure({s: self.session.mesh(p.blob) for s, p in self.state.parts.items()})
        self._show_tabs()

    def _keep_worth(self) -> None:
        """What a minute is worth from now on."""
        army = self.state.with_worth()
        if army is not None:
            self.session.commit(f"a minute is worth {army.worth_mm2_per_min:g} mm²", [army])

    def ask_templates(self) -> None:
        name, _ = FileDialog.getSaveFileName(self, "Drill template", "drill-template.pdf", "PDF (*.pdf)")
        if name:
            self.save_templates(Path(name))

    def save_templates(self, path: Path) -> None:
        """Where to drill for pins, and for magnets of what is kept apart now."""
        parts = [(slot, self.session.mesh(part.blob)) for slot, part in self.state.parts.items()]
        joints, apart, title = self.state.joints, self.state.apart, f"Where to drill: {self.state.figure.name}"

        def done(templates: list[DrillTemplate]) -> None:
            try:
                write_templates(templates, title, path)
            except NumerusError as error:
                self.session.failed.emit(error)

        self.context.jobs.start(
            "templates",
            "Looking where to drill",
            lambda progress: drill_templates(parts, joints, apart, progress),
            done,
        )

    def _show_flaws(self) -> None:
        """The figure with its places; what is not known yet is looked for in a job, once the joints and the brush were."""
        if not self._flaws_open:
            return
        state, key = self.state, self.state.own.flaw_key
        self.flaws.look(self.session.answers, state.figure_id, key)
        slots = {slot: self.session.mesh(p.blob) for slot, p in state.parts.items()}
        self.flaw_page.show_figure(state.figure.name, slots, not self.flaws.knows(key))
        if state.known is None or self.flaws.knows(key) or key == self._flaws_looked_at:
            return
        work = flaw_work(state.own, state.known, self.session.mesh_reader())

        def done(flaws: list[Flaw]) -> None:
            self.flaws.remember(key, flaws)
            self._show_flaws()

        self._flaws_looked_at = key
        self.context.jobs.start("flaws", "Looking round the figure", work, done, lambda: self._flaws_in_vain(key))

    def _flaws_in_vain(self, key: FlawKey) -> None:
        self._flaws_looked_at = () if self._flaws_looked_at == key else self._flaws_looked_at

    def deal(self, way: Way) -> None:
        """The chosen place is dealt with by a way: one entry of the journal, then the next place."""
        fact = self.flaws.fact(way, self.session.clock())
        if fact is not None:
            self.flaws.chosen = self.flaws.after()
            self.session.commit(f"{way.name}, {self.state.figure.name}", facts=[fact])

    def ask_bent(self) -> None:
        """A part measured against its plan; what is bent is pinned in its middle, with what straightens it."""
        dialog = WarpDialog(self.state.parts, self)
        if dialog.exec() and dialog.part is not None:
            mesh, warp = self.session.mesh(dialog.part.blob), dialog.warp
            middle = mesh.vertices[np.argmin(np.linalg.norm(mesh.vertices - mesh.bounds_mm.mean(axis=0), axis=1))]
            self.pin(self.flaws.pin(dialog.slot.currentData(), xyz(middle, 2), warp.bow_mm, warp.words))

    def pin(self, flaw: Flaw) -> None:
        """A flaw that was pointed at is judged by how it is seen round the table, in a job, and written down."""
        meshes, figure = [self.session.mesh(p.blob) for p in self.state.parts.values()], self.state.figure

        def done(looked: list[Flaw]) -> None:
            if self.flaws.figure_id == figure.id:
                self.flaws.chosen = looked[0].key
                fact = self.flaws.pin_fact(looked[0], self.session.clock())
                self.session.commit(f"a flaw pinned on {figure.name}", facts=[fact])

        self.context.jobs.start(
            "pin", "Looking at the place", lambda _: seen_round_the_table([flaw], merged(meshes)), done
        )

    def keep(self) -> None:
        """The unit keeps apart what is tried."""
        state = self.state
        apart = state.apart
        state.tried = None
        self.session.commit(f"what stays apart, {state.unit.name}", state.kept_changes_to(apart))
        self.open_page(STEPS_PAGE)

    def _weigh(self, meshes: list[Mesh]) -> None:
        """Where its centre of mass lies, in a job; what was known of another figure is not shown for this one."""
        about = tuple(p.blob for p in self.state.parts.values())
        if about == self._weighed:
            self.verdict.setText(self.state.verdict(self._balance))
            return
        self._balance, self._weighed = None, ()
        self.verdict.setText(f"{self.state.figure.name}: being weighed …")

        def done(weighed: Balance | None) -> None:
            self._balance, self._weighed = weighed, about
            self.verdict.setText(self.state.verdict(weighed))
            self.view.update()

        self.context.jobs.start("balance", "Weighing the figure", lambda _: balance(meshes) if meshes else None, done)

    def _apart(self, meshes: list[Mesh]) -> list[Thing]:
        """Each part moved outward from the middle of all, so that joints can be seen; the same parts are the same things again."""
        if [id(mesh) for mesh in meshes] != [id(mesh) for mesh, _ in self._drawn_apart]:
            self._drawn_apart = list(zip(meshes, self._moved_apart(meshes), strict=True))
        return [thing for _, thing in self._drawn_apart]

    def _moved_apart(self, meshes: list[Mesh]) -> list[Thing]:
        middle = np.mean([m.bounds_mm.mean(axis=0) for m in meshes], axis=0) if meshes else np.zeros(3)
        return [Thing(m.moved((m.bounds_mm.mean(axis=0) - middle) * APART), RESIN_RGB) for m in meshes]

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
        font = self.theme.font(11, True)
        wide = QFontMetricsF(font).horizontalAdvance(tr("centre of mass"))
        box = QRectF(min(top.x() + 10, view.width() - wide - 18), top.y() - 10, wide + 12, 20)
        painter.setPen(QPen(self.theme.colour("river"), 1))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 4, 4)
        painter.setFont(font)
        painter.setPen(self.theme.colour("ink"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr("centre of mass"))

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        name = self.state.figure.name
        self.minutes.done()
        self.session.commit(f"built {name}", facts=[fact])
