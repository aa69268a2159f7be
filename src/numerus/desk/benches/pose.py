"""Pose: how each part lies on the machine, what each way costs, and the supports that go with it."""

from __future__ import annotations

from dataclasses import dataclass, replace
from pathlib import Path

import numpy as np
from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QBoxLayout, QComboBox, QFileDialog

from numerus.desk.benches.pose_pictures import Compared, LayerGraphView, PoseChart, draw_pin
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.jobs import Progress
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.layout import button, column, label, row
from numerus.errors import Cancelled, NumerusError
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.packed import pack_mesh
from numerus.geometry.writing import write_3mf, write_stl
from numerus.kit.builds import printed_slots
from numerus.kit.plan import Part, Pose
from numerus.resin.layergraph import LayerGraph, layer_graph
from numerus.resin.pose import TELLING_CUP_MM2, PoseCost, Search, candidates, fields_of, measure
from numerus.resin.posing import best_kept, kept_pose, twin_pose
from numerus.resin.profiles import Machine, Resin
from numerus.resin.supports import Supported
from numerus.words import counted

PART_RGB = np.array([[198, 190, 176]], np.uint8)
SUPPORT_RGB = np.array([[158, 150, 136]], np.uint8)
OWN = "your own turn"


@dataclass(frozen=True, eq=False)
class Tried:
    """A candidate with its supports: what Keep would write."""

    cost: PoseCost
    pose: Pose
    made: Supported
    graph: LayerGraph


Posed = tuple[Part, Pose, bytes]
"""A part with a pose and its supported mesh, packed, not yet in the book."""


def _packed(part: Part, pose: Pose, made: Supported) -> Posed:
    whole = made.whole
    return part, pose, pack_mesh(Mesh(whole.vertices, whole.faces))


def try_pose(mesh: Mesh, cost: PoseCost, machine: Machine, resin: Resin, progress: Progress) -> Tried:
    pose, made = kept_pose(mesh, cost, resin, progress=lambda s: progress(0.1 + 0.7 * s))
    if not progress(0.85):
        raise Cancelled
    return Tried(cost, pose, made, layer_graph(made, machine, resin))


class PoseBench(Bench):
    stage = "pose"

    def __init__(self, context: Context, deeds: Deeds, renderer: Renderer) -> None:
        self.deeds, self.renderer = deeds, renderer
        self.costs: list[PoseCost] = []
        self.found: Search | None = None
        self.tried: Tried | None = None
        self.shown_part, self.chosen = "", 3
        super().__init__(context)
        self.keep_button = self.add_button(
            "Keep this pose", self.keep, "main", "Written into the part with its supports; twins of the part use it too"
        )
        self.all_button = self.add_button(
            "Pose all that wait",
            self.pose_all,
            tip="Each in its best pose in which every island is caught; one step to undo",
        )
        self.export_button = self.add_button("Export", self.export, tip="The posed and supported part as STL or 3MF")

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "The part as it hangs, with its supports")
        self.view.overlay = self._draw_pins
        self.which = QComboBox()
        self.which.setAccessibleName("Part to pose")
        self.which.setMinimumWidth(220)
        self.which.activated.connect(lambda _: self.session.select(part_id=self.which.currentData()))
        self.chart, self.compared, self.graph = (
            PoseChart(self.context),
            Compared(self.context, self.renderer),
            LayerGraphView(self.context),
        )
        self.chart.turned.connect(self.try_own)
        self.compared.chosen.connect(self.choose)
        self.graph.scrubbed.connect(self._cut)
        self.verdict = label("", "", True)
        self.machine = label("", "note", True)
        words = column(
            label("Pose chart", "section"),
            label("Every way the part can lie, to its true share. Centre stands, outer ring is on its head. Toward you: leans back.", "note", True),
            label("Dark: little regret by scars, supports, time.", "note", True), 6, self.verdict, self.machine, -1,
        )  # fmt: skip
        upper = row(self.chart, words, gap=12)
        upper.setStretch(1, 1)
        right = column(upper, self.compared, gap=8)
        right.setStretch(1, 1)
        left = column(row(label("Part", "strong"), self.which, -1), self.view, gap=6)
        left.setStretch(1, 1)
        body = row(left, right, gap=20, margins=(16, 0, 16, 8))
        body.setStretch(0, 6)
        body.setStretch(1, 7)
        whole = column(body, self.graph, gap=0)
        whole.setStretch(0, 1)
        return whole

    def _parts(self) -> list[Part]:
        """Parts the selected unit's figures print, the unposed first."""
        plans = self.session.plans
        used = {p for f in plans.figures_of(self.session.unit_id) for p in printed_slots(f).values()}
        kit = [p for p in self.session.kit_parts() if p.needed]
        listed = [p for p in kit if p.id in used] or kit
        return sorted(listed, key=lambda p: (p.pose is not None, p.slot, p.name))

    @property
    def _machine(self) -> Machine:
        return next(iter(self.session.plans.machines.values()), Machine("machine", "Printer"))

    def refresh(self) -> None:
        parts = self._parts()
        if not parts:
            self.show_empty(
                "Nothing to pose: this unit's kit has no parts yet.",
                button("Go to Sort", lambda: self.session.go("sort"), "main"),
            )
            return
        self.show_full()
        waits = next((p for p in parts if p.pose is None), parts[0])
        part = self.session.part if self.session.part in parts else waits
        assert part is not None
        self.which.clear()
        for p in parts:
            self.which.addItem(f"{p.slot}: {p.label}{'' if p.pose else '  (not posed)'}", p.id)
        self.which.setCurrentIndex(parts.index(part))
        self.title.setText(f"Pose: {part.label}")
        waiting = sum(p.pose is None for p in parts)
        self.all_button.setEnabled(waiting > 0)
        self.subtitle.setText(
            f"{part.triangles} faces, {part.volume_ml:.2f} ml, {max(part.extents_mm):.1f} mm; {waiting} of {len(parts)} parts wait"
        )
        self.machine.setText(f"{self._machine.name}, {self._machine.layer_mm:g} mm layers. {self._kept_says(part)}")
        if part.id != self.shown_part:
            self._search(part)

    def _kept_says(self, part: Part) -> str:
        return (
            f"Kept: {part.pose.school}, {part.pose.tips} tips, {part.pose.height_mm:.1f} mm."
            if part.pose
            else "No pose kept yet."
        )

    def _search(self, part: Part) -> None:
        mesh, machine, resin = self.session.mesh(part.blob), self._machine, self.session.plans.resin
        self.shown_part, self.tried = part.id, None
        self.keep_button.setEnabled(False)
        self.context.jobs.start(
            "pose",
            "Searching poses",
            lambda progress: candidates(mesh, machine, resin, progress=progress),
            lambda r: self._searched(part.id, mesh, r),
        )

    def _searched(self, part_id: str, mesh: Mesh, result: tuple[list[PoseCost], Search]) -> None:
        if part_id != self.shown_part:
            return
        self.costs, self.found = result
        self.compared.show_costs(self.costs, mesh, self.chosen)
        self.choose(min(self.chosen, len(self.costs) - 1))

    def choose(self, number: int) -> None:
        """Support a candidate and show it."""
        part = self.session.plans.parts.get(self.shown_part)
        if part is None or number >= len(self.costs):
            return
        self.chosen = number
        self.chart.show_search(self.found, self.costs, number)
        self.compared.show_costs(self.costs, None, number)
        mesh, machine, resin, cost = (
            self.session.mesh(part.blob),
            self._machine,
            self.session.plans.resin,
            self.costs[number],
        )
        self.context.jobs.start(
            "support", "Placing supports", lambda progress: try_pose(mesh, cost, machine, resin, progress), self._tried
        )

    def try_own(self, up: Floats) -> None:
        """A direction clicked on the chart: measured and put in the last place."""
        part = self.session.plans.parts.get(self.shown_part)
        if part is None or not self.costs:
            return
        mesh, machine, resin = self.session.mesh(part.blob), self._machine, self.session.plans.resin

        def done(cost: PoseCost) -> None:
            self.costs = [*self.costs[:3], cost]
            self.compared.show_costs(self.costs, mesh, 3)
            self.choose(3)

        self.context.jobs.start(
            "pose", "Measuring this pose", lambda _: measure(mesh, fields_of(mesh), OWN, up, machine, resin), done
        )

    def _tried(self, tried: Tried) -> None:
        self.tried = tried
        self.keep_button.setEnabled(True)
        things = [Thing(tried.made.part, PART_RGB, cut=True), Thing(tried.made.supports, SUPPORT_RGB, cut=True)]
        things.append(Thing(tried.made.part, PART_RGB, alpha=0.3))
        self.view.caption = (
            f"{tried.cost.school}, {tried.pose.height_mm:.1f} mm",
            "drag to turn; the graph below cuts it",
        )
        self.view.show_things([t for t in things if len(t.mesh.faces)])
        self.graph.height_mm = 0.0
        self.graph.show_graph(tried.graph)
        self._cut(self.graph.height_mm)
        self.verdict.setText(self._judged(tried))

    def _judged(self, tried: Tried) -> str:
        ratio, height = tried.graph.least_margin()
        on_part = sum(p.on_part for p in tried.made.pillars)
        said = [f"{len(tried.made.pillars)} tips" + (f", {on_part} of them standing on the part" if on_part else "")]
        said.append("no island left" if not tried.made.islands_left else f"{len(tried.made.islands_left)} islands left")
        if tried.made.unreached:
            said.append(f"{len(tried.made.unreached)} overhangs no pillar reaches")
        cups = [c for c in tried.graph.cups if c.area_mm2 >= TELLING_CUP_MM2]
        if cups:
            said.append(
                f"{counted(len(cups), 'cup')}, the largest seals {cups[0].area_mm2:.0f} mm² from {cups[0].from_mm:.1f} mm: vent or tilt"
            )
        if np.isfinite(ratio):
            said.append(
                f"tips hold {ratio:.1f} times the pull at {height:.1f} mm" + (": too light" if ratio < 1.2 else "")
            )
        return "; ".join(said) + "."

    def _cut(self, height_mm: float) -> None:
        self.view.cut_mm = height_mm
        self.view.update()

    def _draw_pins(self, painter: QPainter, view: BenchView) -> None:
        if self.tried is None:
            return
        taken: list[QPointF] = []
        for number, island in enumerate(self.tried.graph.islands, 1):
            at = view.project((island.pixel_x_mm, island.pixel_y_mm, island.z_mm))
            if all((at - t).manhattanLength() > 24 for t in taken):
                draw_pin(painter, self.theme, at, str(number))
                taken.append(at)
        if self.tried.made.pillars:
            painter.setPen(self.theme.colour("ink"))
            painter.setFont(self.theme.font(11))
            painter.drawText(QRectF(12, view.height() - 24, 300, 16), 0, "Numbered pins: islands, each caught by a tip")

    def keep(self) -> None:
        """Write the pose and its supported mesh into the part and its same-named twins."""
        part, book = self.session.plans.parts.get(self.shown_part), self.session.book
        if part is None or self.tried is None or book is None:
            return
        try:
            blob = book.put_blob(_packed(part, self.tried.pose, self.tried.made)[2])
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        pose = replace(self.tried.pose, supported_blob=blob)
        if self.session.commit(f"pose of {part.label}: {pose.school}", [replace(part, pose=pose)]):
            self._pose_twins(part, pose)
            waiting = [p for p in self._parts() if p.pose is None]
            if waiting:
                self.session.select(part_id=waiting[0].id)

    def _pose_twins(self, part: Part, pose: Pose) -> None:
        """Parts of the same shape, or mirrored, that have no pose yet take this one over."""
        kit = self.session.plans.kits.get(part.kit_id)
        said = [r for r in (kit.relations if kit else ()) if r.kind in ("duplicate", "mirror") and not r.overruled]
        ids = {i for r in said if part.id in r.parts for i in r.parts} - {part.id}
        twins = [p for i in ids if (p := self.session.plans.parts.get(i)) and p.pose is None]
        if not twins:
            return
        mesh, machine, resin = self.session.mesh(part.blob), self._machine, self.session.plans.resin
        meshes = [(t, self.session.mesh(t.blob)) for t in twins]

        def work(progress: Progress) -> list[Posed]:
            found = [(t, twin_pose(mesh, pose, m, machine, resin)) for t, m in meshes]
            return [_packed(t, *kept) for t, kept in found if kept is not None]

        self.context.jobs.start(
            "twins", "Posing its twins", work, lambda found: self._take_over("twins take the pose over", found)
        )

    def pose_all(self) -> None:
        """Every part that waits in its best pose, as one edit; what was kept by hand stays."""
        machine, resin = self._machine, self.session.plans.resin
        waiting = [(p, self.session.mesh(p.blob)) for p in self._parts() if p.pose is None]

        def work(progress: Progress) -> list[Posed]:
            found = []
            for number, (part, mesh) in enumerate(waiting):
                if not progress(number / len(waiting)):
                    raise Cancelled
                found.append(_packed(part, *best_kept(mesh, machine, resin)))
            return found

        if waiting:
            words = f"Posing {counted(len(waiting), 'part')}"
            self.context.jobs.start(
                "pose all", words, work, lambda found: self._take_over("pose all that waits", found)
            )

    def _take_over(self, label: str, found: list[Posed]) -> None:
        """Poses worked out elsewhere, written as one edit."""
        book = self.session.book
        if book is None or not found:
            return
        try:
            made = [
                replace(part, pose=replace(pose, supported_blob=book.put_blob(packed))) for part, pose, packed in found
            ]
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        self.session.commit(label, made)

    def export(self) -> None:
        if self.tried is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self, "Export the supported part", f"{self.shown_part}.stl", "STL (*.stl);;3MF (*.3mf)"
        )
        if not name:
            return
        try:
            self.write(Path(name))
        except NumerusError as error:
            self.session.failed.emit(error)

    def write(self, path: Path) -> None:
        """The part as it stands on the plate, supports included."""
        assert self.tried is not None
        if path.suffix.lower() == ".3mf":
            write_3mf(
                [("part", self.tried.made.part), ("supports", self.tried.made.supports)][
                    : 2 if self.tried.made.pillars else 1
                ],
                path,
            )
        else:
            write_stl(self.tried.made.whole, path)
