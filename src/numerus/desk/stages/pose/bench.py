"""Pose: how each part lies on the machine, what each way costs, and the supports that go with it."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QBoxLayout

from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.dialogs.papers import PapersButton
from numerus.desk.stages.pose.edit import SupportEditor
from numerus.desk.stages.pose.keep import Keeper, write_supported
from numerus.desk.stages.pose.made_of import MadeOf
from numerus.desk.stages.pose.pictures.layers import LayerGraphView
from numerus.desk.stages.pose.pictures.view import (
    COLOUR_CAPTIONS,
    COLOURS,
    draw_islands,
    draw_supports_over,
    things_of,
    turning_thing,
)
from numerus.desk.stages.pose.poses import PosesPage
from numerus.desk.stages.pose.state import PoseState
from numerus.desk.stages.pose.supplied import SuppliedPage
from numerus.desk.stages.pose.supports import BRUSH, SupportsPage
from numerus.desk.stages.pose.trials import Trials
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.layout import Pages, button, column, label, row
from numerus.desk.widgets.worded import ComboBox, FileDialog
from numerus.domain.parts import Part
from numerus.errors import NumerusError
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.checks.print_findings import misfit, verdict
from numerus.printing.orientation.orientation_search import Search
from numerus.printing.orientation.pose_measures import posed
from numerus.printing.orientation.preference_learning import choices_in
from numerus.printing.preparation.as_supplied import SuppliedPrint, pose_warnings
from numerus.printing.preparation.posed_and_supported import Tried

POSES, SUPPORTS = "Poses", "Supports"


class PoseBench(Bench):
    stage = "pose"

    def __init__(self, context: Context, user_actions: Actions, renderer: Renderer) -> None:
        self.user_actions, self.renderer = user_actions, renderer
        self.state = PoseState(context.session.answers)
        self.trials = Trials(context)
        self.page, self.keeper = POSES, Keeper(context)
        self.anew: set[str] = set()  # such parts that are posed all the same
        super().__init__(context)
        self.keep_button = self.add_button(
            "Keep this pose", self.keep, "main", "Written into the part with its supports; twins of the part use it too"
        )
        second = "A second pose: batching takes it where a lower part makes a plate shorter"
        self.second_button = self.add_button("Also like this", self.keep_second, "", second)
        all_tip = "Each in its best pose in which every island is caught; one step to undo"
        self.all_button = self.add_button("Pose all that wait", self.pose_all, tip=all_tip)
        self.everywhere_button = self.add_button(
            "In every unit", self.pose_everywhere, tip="Poses all parts of all units that wait; one step to undo"
        )
        self.papers = PapersButton(self.context, self.renderer)
        self.buttons.addWidget(self.papers)
        self.keeper.summed.connect(user_actions.noted.emit)
        self.export_button = self.add_button("Export", self.export, tip="The posed and supported part as STL or 3MF")

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "The part as it hangs, with its supports")
        self.view.overlay = self._draw_over
        self.which = ComboBox()
        self.which.setAccessibleName("Part to pose")
        self.which.setMinimumWidth(190)
        self.which.setSizeAdjustPolicy(ComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.which.activated.connect(lambda _: self.session.select(part_id=self.which.currentData()))
        self.colour_box, self.colours_say = ComboBox(), label("Colours", "note")
        self.colour_box.addItems([c.capitalize() for c in COLOURS])
        self.colour_box.setAccessibleName("What the colours show")
        self.colour_box.activated.connect(lambda _: self._show_view())
        self.poses, self.supports = PosesPage(self.context, self.renderer), SupportsPage(self.context)
        self.supplied_page = SuppliedPage(self.context)
        self.editor = SupportEditor(self.context, self.trials, self.supports)
        self.graph = LayerGraphView(self.context)
        self.chart, self.compared = self.poses.chart, self.poses.compared
        self._connect()
        self.tabs = {name: button(name, lambda n=name: self.open_page(n), "tab") for name in (POSES, SUPPORTS)}
        for tab in self.tabs.values():
            tab.setCheckable(True)
        self.stack = Pages()
        self.stack.addWidget(self.poses)
        self.stack.addWidget(self.supports)
        self.stack.addWidget(self.supplied_page)
        self.verdict = label("", "strong")
        tabs = row(*self.tabs.values(), 12, self.verdict, gap=2)
        tabs.setStretch(3, 1)
        right = column(tabs, self.stack, gap=6)
        right.setStretch(1, 1)
        self.made_of = MadeOf(self.session)
        choosing = row(label("Part", "strong"), self.which, self.made_of, -1, self.colours_say, self.colour_box)
        choosing.setStretch(1, 6)
        left = column(choosing, self.view, gap=6)
        left.setStretch(1, 1)
        body = row(left, right, gap=20, margins=(16, 0, 16, 8))
        body.setStretch(0, 6)
        body.setStretch(1, 7)
        whole = column(body, self.graph, gap=0)
        whole.setStretch(0, 1)
        return whole

    def _connect(self) -> None:
        self.chart.turning.connect(self._turning)
        self.chart.turned.connect(self.trials.try_own)
        self.compared.chosen.connect(self.trials.choose)
        self.poses.weighed.connect(self.trials.weigh)
        self.trials.begun.connect(self._begun)
        self.trials.grew.connect(self._grew)
        self.trials.listed.connect(self._listed)
        self.trials.shown.connect(self._show)
        self.trials.supplied_shown.connect(self._show_way)
        self.view.picked.connect(self._picked)
        self.view.brushed.connect(self.editor.brushed)
        self.supports.styled.connect(self.editor.styled)
        self.supports.deed.connect(self.editor.deed)
        self.supports.looked.connect(self.view.update)
        self.supports.mode_changed.connect(self._mode_changed)
        self.graph.scrubbed.connect(self._cut)
        self.supplied_page.anew.connect(self._pose_anew)
        self.supplied_page.shown.connect(self._show_supplied)

    def open_page(self, name: str) -> None:
        turned, self.page = name != self.page, name
        self.stack.setCurrentWidget(self.poses if name == POSES else self.supports)
        for title, tab in self.tabs.items():
            tab.setChecked(title == name)
        if turned and name == SUPPORTS and self.tried is not None:
            self.graph.scrub(self.tried.graph.height_mm)
        self._take_brush()
        self.view.update()

    def refresh(self) -> None:
        self.state.look(self.session.answers, self.session.unit_id, self.session.part_id)
        part = self.state.part
        if part is None:
            self.show_empty(
                "Nothing to pose: this unit's kit has no parts yet.",
                button("Go to Sort", lambda: self.session.go("sort"), "main"),
            )
            return
        self.show_full()
        self._head(part)
        self.poses.show_habit(choices_in(self.session.answers.facts), self.trials.how(part)[0].is_dry)
        stands = self.state.is_supplied(part) and part.id not in self.anew
        for widget in (*self.tabs.values(), self.second_button, self.graph, self.colour_box, self.colours_say):
            widget.setVisible(not stands and not (widget is self.colours_say and self.session.plans.is_mixed))
        self.keep_button.setText("Print as supplied" if stands else "Keep this pose")
        if stands:
            self._look_at_supplied(part)
            return
        self.supplied_page.leave()
        self.open_page(self.page)
        self.trials.look_at(part, self.poses.weights)

    def _look_at_supplied(self, part: Part) -> None:
        """A part on supports of its own, looked at as a print."""
        self.stack.setCurrentWidget(self.supplied_page)
        self.verdict.setText("Printed as supplied" if part.pose else "It came with supports")
        if self.trials.part_id != part.id:
            self.trials.leave(part.id)
            self.keep_button.setEnabled(False)
        self.supplied_page.look_at(part, self.trials.machine, self.trials.resin)

    def _show_supplied(self, supplied_print: SuppliedPrint) -> None:
        self.keep_button.setEnabled(True)
        self.view.cut_mm = 1e9
        self.view.caption = ("As supplied", f"{supplied_print.pose.height_mm:.1f} mm high; drag to turn")
        self.view.show_things(turning_thing(supplied_print.standing))

    def _show_way(self, supplied_print: SuppliedPrint) -> None:
        """The designer's copy among our own ways: nothing of it is changed by hand."""
        self.open_page(POSES)
        for unused in (self.second_button, self.tabs[SUPPORTS]):
            unused.setEnabled(False)
        self.graph.hide()
        self.verdict.setText("; ".join(pose_warnings(supplied_print.pose)) or "As supplied: nothing wrong was found")
        self.verdict.setToolTip(supplied_print.proof.description)
        self._show_supplied(supplied_print)

    def _pose_anew(self) -> None:
        """Its own supports are taken for part of it."""
        self.anew.add(self.trials.part_id)
        self.trials.leave("")
        self.refresh()

    def _head(self, part: Part) -> None:
        parts = self.state.parts
        self.which.clear()
        for p in parts:
            self.which.addItem(self.state.line_of(p), p.id)
        self.which.setCurrentIndex(parts.index(part))
        self.made_of.look_at(part)
        self.title.setText(f"Pose: {part.label}")
        self.papers.look_at()
        self.all_button.setEnabled(bool(self.state.waiting))
        mine, everywhere = {p.id for p in self.state.waiting}, self.state.waiting_everywhere
        self.everywhere_button.setVisible(any(p.id not in mine for p in everywhere))
        self.everywhere_button.setText(f"In every unit: {len(everywhere)}")
        self.subtitle.setText(self.state.subtitle(self.trials.how(part)[0]))

    @property
    def tried(self) -> Tried | None:
        """What lies on the bench."""
        return self.trials.tried

    def _begun(self, mesh: Mesh) -> None:
        for push_button in (self.keep_button, self.second_button):
            push_button.setEnabled(False)
        self.chart.show_part(mesh)

    def _grew(self, search: Search) -> None:
        """Part of the search, to be looked at."""
        if self.trials.fields is None:
            self.chart.show_search(search, [], 0)

    def _listed(self, mesh: Mesh | None) -> None:
        self.chart.show_search(self.trials.search, self.trials.costs, self.trials.chosen)
        trials = self.trials
        self.compared.show_costs(trials.costs, mesh, trials.chosen, trials.least, trials.machine.is_dry)

    def _turning(self, up: Floats) -> None:
        """The part follows the chart."""
        part, search = self.trials.part, self.trials.search
        if part is not None and search is not None:
            turned = posed(self.session.mesh(part.blob), up)
            near = search.costs[search.nearest(up)]
            self.view.cut_mm = 1e9
            support = f"about {near[1]:.0f} mm² to support; let go to support it"
            self.view.caption = (f"{turned.extents_mm[2]:.1f} mm high", support)
            self.view.show_things(turning_thing(turned), refit=False)

    def _picked(self, place: Floats | None) -> None:
        if place is not None and self.tried is not None and self.page == SUPPORTS:
            self.editor.picked(place)
            self.view.update()

    def _show(self, again: bool) -> None:
        shown, height = self.tried, self.graph.height_mm
        if shown is None:
            return
        for used in (self.keep_button, self.second_button, self.tabs[SUPPORTS]):
            used.setEnabled(True)
        self.graph.height_mm = 0.0
        self.graph.show()
        self.graph.show_graph(shown.graph)
        self.supports.show_made(shown.supported, shown.graph, shown.cost.pools_ml)
        self._show_view()
        if self.page == SUPPORTS:  # whole, not cut, but for a change of what was looked at
            self.graph.scrub(height if again else shown.graph.height_mm)
        self._cut(self.graph.height_mm)
        self.verdict.setText(
            misfit(shown.supported, self.trials.machine)
            or verdict(shown.graph.proof, self.supports.findings, self.trials.machine.is_dry)
        )
        self.open_page(self.page)

    def _show_view(self, refit: bool = True) -> None:
        if self.tried is not None:
            which = COLOURS[self.colour_box.currentIndex()]
            words = "drag to turn; the graph below cuts it" if which == "plain" else COLOUR_CAPTIONS[which]
            self.view.caption = (f"{self.tried.cost.school}, {self.tried.pose.height_mm:.1f} mm", words)
            self.view.show_things(things_of(self.tried, which), refit)

    def _cut(self, height_mm: float) -> None:
        whole = self.tried is not None and height_mm >= self.tried.graph.height_mm - 0.01
        self.view.cut_mm = 1e9 if whole else height_mm
        self.view.update()

    def _draw_over(self, painter: QPainter, view: BenchView) -> None:
        if self.tried is None or self.chart.dragged is not None:
            return
        if self.page == POSES:
            draw_islands(painter, self.theme, view, self.tried)
        else:
            draw_supports_over(painter, self.theme, view, self.tried, self.supports)

    def _mode_changed(self) -> None:
        """Brushing shows what was brushed; a drag on the part brushes it, beside the part it still turns it."""
        self._take_brush()
        if self.supports.mode == BRUSH and self.colour_box.currentIndex() != COLOURS.index("seen"):
            self.colour_box.setCurrentIndex(COLOURS.index("seen"))
            self._show_view(refit=False)

    def _take_brush(self) -> None:
        at_hand = self.page == SUPPORTS and self.supports.mode == BRUSH
        self.view.brush_mm = self.supports.brush[1] / 2 if at_hand else 0.0

    def keep(self) -> None:
        """Write the pose and its supported mesh into the part and its same-shaped twins; the choice is remembered."""
        part, shown = self.trials.part, self.tried
        supplied_print = self.supplied_page.printed or self.trials.supplied_chosen
        if part is not None and supplied_print is not None:
            self.keeper.keep_supplied(part, supplied_print)
            self._next_waiting()
            return
        if part is None or shown is None:
            return
        self.trials.drafted = shown.draft
        if pose := self.keeper.keep(part, shown, self.trials.choice()):
            self.keeper.pose_twins(part, pose, *self.trials.how(part))
            self._next_waiting()

    def _next_waiting(self) -> None:
        if self.state.waiting:
            self.session.select(part_id=self.state.waiting[0].id)

    def keep_second(self) -> None:
        """The pose as it lies on the bench, beside the one that was kept first."""
        part, shown = self.trials.part, self.tried
        if part is None or shown is None:
            return
        if part.pose is None:
            self.keep()
            return
        self.keeper.keep_second(part, shown)

    def pose_all(self) -> None:
        """Every part that waits in its best pose, as one edit; what was kept by hand stays."""
        self._pose(self.state.waiting)

    def pose_everywhere(self) -> None:
        """Every part of every unit that waits, as one edit."""
        self._pose(self.state.waiting_everywhere)

    def _pose(self, waiting: list[Part]) -> None:
        supplied = {p.id for p in waiting if self.state.is_supplied(p) and p.id not in self.anew}
        self.keeper.pose_all(waiting, supplied, self.trials.known, self.trials.how, self.poses.weights)

    def export(self) -> None:
        supplied_print = self.supplied_page.printed or self.trials.supplied_chosen
        printed = supplied_print or (self.tried.supported if self.tried else None)
        if printed is None:
            return
        name, _ = FileDialog.getSaveFileName(
            self, "Export the supported part", f"{self.trials.part_id}.stl", "STL (*.stl);;3MF (*.3mf)"
        )
        if not name:
            return
        try:
            write_supported(printed, Path(name))
        except NumerusError as error:
            self.session.failed.emit(error)
