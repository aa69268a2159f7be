"""Build: one figure, the order of gluing, what stays apart for the brush, and whether it will stand."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.assembly.balance import SAFE_DEG, Balance, balance
from numerus.desk.context import Context
from numerus.desk.stages.build.state import BuildState
from numerus.desk.stages.steps.bench import Shown, StepsBench
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import button
from numerus.geometry.mesh import Mesh
from numerus.words import waits

APART = 0.45
RESIN_RGB = np.array([[196, 188, 174]], np.uint8)


class BuildBench(StepsBench):
    """One figure: the order of gluing, what stays apart, whether it stands."""

    stage, choose_words, done_words = "build", "Figure", "Built"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.state = renderer, BuildState(context.session.answers)
        self._balance: Balance | None = None
        self._weighed: tuple[str, ...] = ()
        super().__init__(context)
        self.school.addItem("sub-assemblies", False)
        self.school.addItem("all glued first", True)
        self.which.activated.connect(lambda _: self._chosen())

    def build_picture(self) -> QWidget:
        self.view = BenchView(self.theme, self.renderer, "The figure, its parts drawn apart")
        self.view.overlay = self._draw_foot
        return self.view

    def _chosen(self) -> None:
        self.state.figure_id = self.which.currentData() or ""
        self.show_choice()

    def refresh(self) -> None:
        state = self.state
        state.look(self.session.answers)
        self.title.setText("Build")
        self.subtitle.setText(waits(len(state.waiting), "figure"))
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
            f"{SAFE_DEG:.0f}° and more stands well."
        )
        self.minutes.plan(state.figure_id, state.planned_min)
        self.with_meshes(state.parts.values(), self._show_parts)

    def _show_parts(self) -> None:
        meshes = [self.session.mesh(p.blob) for p in self.state.parts.values()]
        self.view.caption = (self.state.figure.name, "parts drawn apart")
        self.view.show_things(self._apart(meshes))
        self._weigh(meshes)

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
        """Each part moved outward from the middle of all, so that joints can be seen."""
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
        wide = QFontMetricsF(font).horizontalAdvance("centre of mass")
        box = QRectF(min(top.x() + 10, view.width() - wide - 18), top.y() - 10, wide + 12, 20)
        painter.setPen(QPen(self.theme.colour("river"), 1))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 4, 4)
        painter.setFont(font)
        painter.setPen(self.theme.colour("ink"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, "centre of mass")

    def done(self) -> None:
        fact = self.state.done_fact(*self.minutes.taken(), self.session.clock())
        name = self.state.figure.name
        self.minutes.done()
        self.session.commit(f"built {name}", facts=[fact])
