"""A failed part saved: mark what is lost, see how much that is, choose how it is made good; the piece and its saw guide are printed."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QRectF, QTimer
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.assembly.saved_look import AcrossTheTable
from numerus.assembly.saving import BAND, CORNER, END, IN_SHORT, Damage, Saving
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.print.saving_state import DOWN, UP, Looked, Piece, SavingState, saving_line
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.layout import button, caution_line, column, label, number_box, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import ComboBox
from numerus.domain.printing.plates import Placed
from numerus.errors import NumerusError, Progress, answered
from numerus.geometry.mesh import Floats, Mesh

LEFT_RGB, GONE_RGB = np.array([[188, 180, 166]], np.uint8), np.array([[176, 84, 62]], np.uint8)
WAIT_MS = 250  # after the last change, before it is cut out
HINT = "Click the part where it is broken, or set where the loss begins."


class AtTheTable(Drawing):
    """The figure with a new part and with the saved one, as an eye sees them across the table; larger than they are there."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Across the table")
        self.pictures: list[tuple[str, QImage]] = []
        self.words = ""
        self.hold("setFixedHeight", 220)

    def show_look(self, look: AcrossTheTable | None, way: str) -> None:
        named = [("with a new part", look.as_new), (way, look.saved)] if look else []
        self.pictures = [(words, to_image(image)) for words, image in named]
        self.words = look.words if look else ""
        self.update()

    def draw(self, painter: QPainter) -> None:
        self.text(
            painter, 0, 14, self.words or "Across the table: choose a way.", 13, bool(self.words), width=self.width()
        )
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        wide = self.width() / 2
        for number, (words, image) in enumerate(self.pictures):
            box = QRectF(number * wide, 22, wide - 8, self.height() - 40)
            painter.fillRect(box, self.theme.colour("matt"))
            scale = min(box.width() / image.width(), (box.height() - 8) / image.height())
            across, high = image.width() * scale, image.height() * scale
            painter.drawImage(QRectF(box.center().x() - across / 2, box.center().y() - high / 2, across, high), image)
            self.text(painter, number * wide, self.height() - 4, words, 11, colour="slate", width=wide - 8)


class SavingDialog(Dialog):
    """``chosen``: the way that was taken, None until then."""

    def __init__(
        self, context: Context, renderer: Renderer, placed: Placed, height_mm: float, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.state = SavingState(self.session.answers, placed, height_mm)
        self.setWindowTitle(f"Save it: {self.state.part.label}")
        self.mesh: Mesh | None = None
        self.beside: dict[str, Mesh] = {}
        self.looked: Looked | None = None
        self.at: Floats | None = None
        self.chosen: Saving | None = None
        self.across: dict[str, AcrossTheTable] = {}
        self.view = BenchView(context.theme, renderer, "The part: what is left, and in red what is lost")
        self.view.picked.connect(self._picked)
        self.soon = QTimer(self)
        self.soon.setSingleShot(True)
        self.soon.timeout.connect(self._look)
        self._build()
        self.resize(1120, 680)
        self._read()

    def _build(self) -> None:
        self.kind, self.way = ComboBox(), ComboBox()
        self.kind.addItems([END, BAND, CORNER])
        self.way.addItems([UP, DOWN])
        self.start, self.wide = (
            number_box(0, 500, 0, 0.5, name, " mm", decimals=1) for name in ("Where the loss begins", "How wide it is")
        )
        self.wide.setValue(5.0)
        for box, name in ((self.kind, "What is lost"), (self.way, "Which way")):
            box.setAccessibleName(name)
            box.activated.connect(lambda _: self._changed())
        for spin in (self.start, self.wide):
            spin.valueChanged.connect(lambda _: self._changed())
        self.words, self.fault = label(HINT, "strong", True), label("", "fault", True)
        self.table = AtTheTable(self.context)
        self.list = PlaceList(self.context.theme, "Ways to save it", "Mark what is lost first.")
        self.list.chosen.connect(self._chose)
        self.take_button = button("Do it so", self.take, "main")
        self.lost_label, self.way_label = label("wide"), label("going")
        side = column(
            row(label("Lost is"), self.kind, -1, gap=8), row(self.way_label, self.way, -1, gap=8),
            row(label("from"), self.start, self.lost_label, self.wide, -1, gap=8),
            self.words, self.fault, label("Ways, the most promising first", "section"), self.list, caution_line("repair"),
            row(-1, button("Close", self.reject), self.take_button, gap=8), gap=9,
        )  # fmt: skip
        side.setStretch(6, 1)
        left = column(self.view, self.table, gap=8)
        left.setStretch(0, 1)
        body = row(left, side, gap=16, margins=(16, 14, 16, 14))
        body.setStretch(0, 5)
        body.setStretch(1, 5)
        self.setLayout(body)
        self.take_button.setEnabled(False)

    def _read(self) -> None:
        """Its mesh and those beside it, in a job."""
        read, part, beside = self.session.mesh_reader(), self.state.part, self.state.beside

        def work(_: Progress) -> tuple[Mesh, dict[str, Mesh]]:
            return read(part.blob), {slot: read(p.blob) for slot, p in beside.items()}

        self.context.jobs.start("saving", "Reading the part", work, lambda found: self._have(*found))

    def _have(self, mesh: Mesh, beside: dict[str, Mesh]) -> None:
        self.mesh, self.beside = mesh, beside
        long = self.state.long_mm(mesh, UP)
        self.start.setRange(0.0, long)
        self.start.setValue(self.state.failed_at_mm(mesh))
        self.view.show_things([Thing(mesh, LEFT_RGB)], refit=True)
        self._look()

    @property
    def damage(self) -> Damage | None:
        """What is marked; None before the mesh is there, or a corner was clicked."""
        kind = self.kind.currentText()
        if self.mesh is None or (kind == CORNER and self.at is None):
            return None
        return self.state.damage(
            self.mesh, kind, self.way.currentText(), self.start.value(), max(self.wide.value(), 0.2), self.at
        )

    def _changed(self) -> None:
        kind = self.kind.currentText()
        banded: tuple[QWidget, ...] = (self.lost_label, self.wide)
        along: tuple[QWidget, ...] = (self.way_label, self.way, self.start)
        for widgets, shown in ((banded, kind != END), (along, kind != CORNER)):
            for widget in widgets:
                widget.setVisible(shown)
        self._look() if self.context.jobs.synchronous else self.soon.start(WAIT_MS)

    def _picked(self, place: Floats | None) -> None:
        """A click: the middle of a lost corner, else where the loss begins."""
        if place is None or self.mesh is None:
            return
        self.at = place
        if self.kind.currentText() != CORNER:
            toward = self.state.toward(self.way.currentText())
            self.start.setValue(float(place @ toward - (self.mesh.vertices @ toward).min()))
        self._changed()

    def _look(self) -> None:
        damage, mesh = self.damage, self.mesh
        if damage is None or mesh is None:
            self.words.setText(HINT)
            return
        looking = self.state.looking(damage, mesh, self.beside)

        self.context.jobs.start("saving look", "Cutting out what is lost", answered(looking), self._seen)

    def _seen(self, found: Looked | NumerusError) -> None:
        self.looked, self.chosen = (None, None) if isinstance(found, NumerusError) else (found, None)
        self.take_button.setEnabled(False)
        if isinstance(found, NumerusError):
            self.words.setText("")
            self.fault.setText(f"{found.message} {found.advice}")
            self.list.show_lines([])
            return
        self.fault.setText("")
        self.words.setText(found.lost.words)
        self.view.show_things([Thing(found.lost.left, LEFT_RGB), Thing(found.lost.gone, GONE_RGB, 0.45)], refit=False)
        self.across = {}
        self.table.show_look(None, "")
        self.list.show_lines([saving_line(w) for w in found.ways])
        self.context.jobs.idle("saving table", "Looking at it across the table", self.across_work(), self._across)

    def across_work(self) -> Callable[[Progress], tuple[Looked, dict[str, AcrossTheTable]]]:
        """The work of seeing every way across the table, with what it was looked at for."""
        found, damage, mesh, beside = self.looked, self.damage, self.mesh, self.beside
        assert found is not None and damage is not None and mesh is not None
        looking = self.state.tabling(found, damage, mesh, beside)
        return lambda progress: (found, looking(progress))

    def _across(self, told: tuple[Looked, dict[str, AcrossTheTable]]) -> None:
        found, seen = told
        if self.looked is not found:
            return
        self.across, chosen = seen, self.list.at_line
        self.list.show_lines([saving_line(w, seen[w.key]) for w in found.ways])
        self.list.at_line = chosen
        self._show_across()

    def _show_across(self) -> None:
        way = self.chosen or (self.looked.ways[0] if self.looked else None)
        if way is not None:
            self.table.show_look(self.across.get(way.key), IN_SHORT[way.key])

    def _chose(self, number: int) -> None:
        self.chosen = self.looked.ways[number] if self.looked else None
        self.take_button.setEnabled(self.chosen is not None)
        printed = self.chosen is not None and self.state.is_printed(self.chosen)
        self.take_button.setText("Make the piece" if printed else "Do it so")
        self._show_across()

    def take(self) -> None:
        """The way that is chosen; what is to be printed for it is made, posed and owed."""
        damage, mesh = self.damage, self.mesh
        if self.chosen is None or damage is None or mesh is None:
            return
        if not self.state.is_printed(self.chosen):
            self.accept()
            return
        self.take_button.setEnabled(False)
        making = self.state.making(damage, mesh, (new_id(), new_id()))
        self.context.jobs.start("saving make", "Making the piece and its saw guide", making, self._made)

    def _made(self, pieces: list[Piece]) -> None:
        words = f"missing piece of {self.state.part.label}"
        if self.session.store(words, lambda book: self.state.to_print(pieces, book.put_blob)):
            self.accept()
