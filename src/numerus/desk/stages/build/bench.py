"""Build: one figure, the order of gluing, what stays apart for the brush, and whether it will stand."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QFontMetricsF, QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.assembly.balance import Balance, balance
from numerus.assembly.gluing import build_plan
from numerus.desk.stages.steps_bench import Shown, StepsBench
from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import button
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.progress.next_tasks import step
from numerus.words import waits

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
        self.subtitle.setText(waits(len(waiting), "figure"))
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
        plan = build_plan([s for s in unit.slots if s in figure.build], () if together else unit.apart)
        self.line.show_steps([Shown(s.title, s.minutes, s.detail) for s in plan])
        meshes = {
            slot: self.session.mesh(self.session.plans.parts[p].blob)
            for slot, p in printed_slots(figure).items()
            if p in self.session.plans.parts
        }
        self._balance = balance(list(meshes.values())) if meshes else None
        words = self._balance.description if self._balance else "nothing printed"
        if "base" in meshes:
            self.verdict.setText(f"{figure.name} on its base {words}.")
        else:
            on_base = self._on_base_deg(unit.base_mm / 2)
            self.verdict.setText(
                f"{figure.name} without its base {words}. On {unit.base_mm:g} mm: {on_base:.0f}° to tip."
            )
        self.note.setText(
            "Angle from the centre of mass to the edge of what touches the table, in its weakest direction; 15° and more stands well."
        )
        things = self._apart(list(meshes.values()))
        self.view.caption = (figure.name, "parts drawn apart")
        self.view.show_things(things)
        self.minutes.plan(figure.id, sum(s.minutes for s in plan))

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
        figure = self.session.plans.figures[self.which.currentData()]
        planned = sum(s.minutes for s in build_plan(list(figure.build), self.session.plans.units[figure.unit_id].apart))
        minutes, timing = self.minutes.taken()
        fact = step("build", (figure.id,), minutes, self.session.clock(), planned=planned, timing=timing)
        self.minutes.done()
        self.session.commit(f"built {figure.name}", facts=[fact])
