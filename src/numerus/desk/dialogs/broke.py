"""It broke: which part of which figure and where, how it is mended, and what that puts back."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import caution_line, column, label, row
from numerus.desk.widgets.worded import ComboBox
from numerus.domain.parts import Part
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh, nearest_part, xyz
from numerus.progress.figure_records.breakage import WAYS, Breakage, broken, can_break

RESIN_RGB, CHOSEN_RGB = np.array([[196, 188, 174]], np.uint8), np.array([[118, 160, 160]], np.uint8)
POINT = "Point at the place where it broke: it is looked at on every figure with this part, and packed with care."


class BrokeDialog(Dialog):
    """``breakage``: what is chosen, None where nothing was built yet."""

    def __init__(self, context: Context, renderer: Renderer, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("It broke")
        self.context, self.session = context, context.session
        self.at_mm: tuple[float, ...] = ()
        self._meshes: dict[str, Mesh] = {}  # by slot
        self.figure, self.slot, self.how = ComboBox(), ComboBox(), ComboBox()
        for box, name in ((self.figure, "Figure"), (self.slot, "Part"), (self.how, "How it is mended")):
            box.setAccessibleName(name)
        for standing in self.session.answers.standing.figures.values():
            if can_break(standing):
                self.figure.addItem(f"{standing.figure.name}, {standing.unit.name}", standing.figure.id)
        self.figure.setCurrentIndex(max(self.figure.findData(self.session.figure_id), 0))
        self.how.addItems(WAYS)
        self.view = BenchView(context.theme, renderer, "The figure: click where it broke")
        self.view.overlay = self._draw_breaks
        self._build()
        self.view.picked.connect(self._pointed)
        self.figure.currentIndexChanged.connect(lambda _: self._fill_slots())
        self.slot.currentIndexChanged.connect(lambda _: self._another_part())
        self.how.currentIndexChanged.connect(lambda _: self._show())
        self._fill_slots()

    def _build(self) -> None:
        self.says, self.place = label("", "strong", True), label(POINT, "note", True)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = self.buttons.addButton("Write it down", QDialogButtonBox.ButtonRole.AcceptRole)
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        asked = (("Figure", self.figure), ("What broke", self.slot), ("So", self.how))
        rows = [row(label(words), -1, box) for words, box in asked]
        side = column(*rows, self.place, self.says, -1, caution_line("build"), self.buttons, gap=10)
        body = row(self.view, side, gap=14, margins=(14, 14, 14, 14))
        body.setStretch(0, 45)
        body.setStretch(1, 55)
        self.setLayout(body)
        self.resize(820, 480)

    @property
    def _parts(self) -> dict[str, Part]:
        """Parts of the figure by slot."""
        figure = self.session.plans.figures.get(self.figure.currentData() or "")
        parts = self.session.plans.parts
        return {slot: parts[p] for slot, p in (figure.build if figure else {}).items() if p in parts}

    def _fill_slots(self) -> None:
        self.slot.blockSignals(True)
        self.slot.clear()
        for slot, part in self._parts.items():
            self.slot.addItem(f"{slot}: {part.label}", slot)
        self.slot.blockSignals(False)
        self._read()
        self._another_part()

    def _read(self) -> None:
        """The figure's meshes, in a job."""
        parts, read, figure = self._parts, self.session.mesh_reader(), self.figure.currentData()
        self._meshes = {}
        self.view.show_things([])

        def work(progress: Progress) -> dict[str, Mesh]:
            return {slot: read(part.blob) for slot, part in parts.items() if progress(0.5)}

        def done(meshes: dict[str, Mesh]) -> None:
            if self.figure.currentData() == figure:
                self._meshes = meshes
                self._show_figure(refit=True)

        if parts:
            self.context.jobs.start("broke", "Reading meshes", work, done)

    def _another_part(self) -> None:
        self.at_mm = ()
        self._show_figure(refit=False)
        self._show()

    def _show_figure(self, refit: bool) -> None:
        chosen = self.slot.currentData()
        things = [Thing(mesh, CHOSEN_RGB if slot == chosen else RESIN_RGB) for slot, mesh in self._meshes.items()]
        self.view.show_things(things, refit=refit)

    def _pointed(self, place: Floats | None) -> None:
        """A click on the figure chooses the part there, and the place on it."""
        if place is None:
            return
        self.slot.setCurrentIndex(self.slot.findData(nearest_part(self._meshes, place)))
        self.at_mm = xyz(place, 2)
        self._show()

    @property
    def breakage(self) -> Breakage | None:
        figure_id, slot = self.figure.currentData(), self.slot.currentData()
        if not figure_id or not slot:
            return None
        session, how = self.session, self.how.currentText()
        return broken(session.plans, session.answers.standing, figure_id, slot, how, session.clock(), self.at_mm)

    def _show(self) -> None:
        breakage = self.breakage
        self.take.setEnabled(breakage is not None)
        self.says.setText(
            breakage.description if breakage else "No figure is built yet: what breaks on a plate is told at Print."
        )
        part = self._parts.get(self.slot.currentData() or "")
        held = self.session.answers.broken.get(part.id) if part else None
        before = (
            f" It broke {'once' if held.times == 1 else f'{held.times} times'} on {held.figures} built before."
            if held
            else ""
        )
        self.place.setText((f"The place is pinned on {part.label}." if self.at_mm and part else POINT) + before)
        self.view.update()

    def _draw_breaks(self, painter: QPainter, view: BenchView) -> None:
        """Where parts like these broke before, and the place that was pointed at."""
        theme = self.context.theme
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for part in self._parts.values():
            held = self.session.answers.broken.get(part.id)
            for at in held.at_mm if held else ():
                painter.setPen(QPen(theme.colour("tallow"), 2))
                painter.drawEllipse(view.project(at), 6, 6)
        if self.at_mm:
            x, y, z = self.at_mm
            cross = view.project((x, y, z))
            painter.setPen(QPen(theme.colour("brick"), 2.4))
            for dx, dy in ((8, 8), (8, -8)):
                painter.drawLine(cross - QPointF(dx, dy), cross + QPointF(dx, dy))
