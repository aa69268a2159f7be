"""A part of another kit on a figure: chosen, brought by its joint, turned, snapped; gap and cuts are told while it moves."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen
from PyQt6.QtWidgets import QWidget

from numerus.assembly.guest_parts import Fitting, Point, Seat, Stance
from numerus.book.intake import new_id
from numerus.book.tidy import stored
from numerus.desk.context import Context
from numerus.desk.stages.sort.guest_state import JOININGS, SWING_DEG, GuestState, Put, clear_span, seat_words
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, number_box, row
from numerus.desk.widgets.worded import CheckBox, ComboBox
from numerus.domain.army import Figure
from numerus.domain.parts import LICENCES, Part
from numerus.errors import NumerusError, Progress, answered
from numerus.geometry.mesh import Floats, Mesh, xyz

RESIN_RGB, GUEST_RGB = np.array([[196, 188, 174]], np.uint8), np.array([[118, 160, 160]], np.uint8)
AXES = ("nods, about left to right", "leans, about front to back", "swings, about upright")
MOST_MM3 = 6.0  # shown of cuts


class SwingPicture(Drawing):
    """How far it may be turned about one axis: gap and cuts against the angle, where it stands now."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "How far it may be turned")
        self.seats: list[Seat] = []
        self.at_deg, self.axis = 0.0, 2
        self.hold("setMinimumSize", 280, 150)

    def show_swing(self, seats: Sequence[Seat], axis: int, at_deg: float) -> None:
        self.seats, self.axis, self.at_deg = list(seats), axis, at_deg
        self.update()

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 14, f"How far it {AXES[self.axis]}", 13, True)
        if not self.seats:
            return
        widest = max(1.0, *(min(s.gap_mm, 9.0) for s in self.seats))
        self.text(painter, 0, 30, f"cut, to {MOST_MM3:g} mm³", 11, colour="brick")
        self.text(painter, self.width(), 30, f"gap, to {widest:.1f} mm", 11, colour="river", align=RIGHT)
        top, bottom, degrees = 36.0, self.height() - 18.0, list(SWING_DEG)

        def x_of(angle: float) -> float:
            return (angle - degrees[0]) / (degrees[-1] - degrees[0]) * self.width()

        span = clear_span(self.seats, self.at_deg)
        if span is not None:
            painter.fillRect(
                QRectF(x_of(span[0]), top, x_of(span[1]) - x_of(span[0]), bottom - top), self.theme.colour("riverwash")
            )
        self.line(painter, 0, bottom, self.width(), bottom)
        for role, values in (
            ("brick", [min(s.cut_mm3, MOST_MM3) / MOST_MM3 for s in self.seats]),
            ("river", [min(s.gap_mm, widest) / widest for s in self.seats]),
        ):
            path = QPainterPath(QPointF(0, bottom - values[0] * (bottom - top)))
            for angle, value in zip(degrees, values, strict=True):
                path.lineTo(x_of(angle), bottom - value * (bottom - top))
            painter.setPen(QPen(self.theme.colour(role), 1.8))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(path)
        self.line(painter, x_of(self.at_deg), top, x_of(self.at_deg), bottom, "ink", 1.6)
        for angle in (-90, -45, 0, 45, 90):
            self.text(
                painter,
                min(max(x_of(angle), 12), self.width() - 12),
                self.height() - 4,
                f"{angle}°",
                11,
                align="centre",
            )


class GuestDialog(Dialog):
    """``stance``: how the part lies now; what is kept is one edit."""

    def __init__(
        self, context: Context, renderer: Renderer, figure: Figure, slot: str, parent: QWidget | None = None
    ) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.state = GuestState(self.session.answers, figure, slot)
        self.setWindowTitle(f"A part of another kit: {slot} of {figure.name}")
        self.stance = Stance((0.0, 0.0, 0.0), (0.0, 0.0, 0.0))
        self.fitting: Fitting | None = None
        self.part: Part | None = None
        self.mesh: Mesh | None = None
        self.beside: list[Mesh] = []
        self.joints: list[Point] = []
        self.places: list[Point] = []
        self.axis = 2
        self._filling = False
        self.view = BenchView(context.theme, renderer, "The figure: click where the part belongs")
        self.view.picked.connect(self._picked)
        self.swing = SwingPicture(context)
        self._make_inputs()
        self._make_buttons()
        self._lay_out()
        self.resize(1080, 660)
        self._fill_kits()

    def _make_inputs(self) -> None:
        self.kit_box, self.part_box = ComboBox(), ComboBox()
        self.kit_box.activated.connect(lambda _: self._fill_parts())
        self.part_box.activated.connect(lambda _: self._take_part())
        self.licence = label("", "note", True)
        self.turns = [number_box(-180, 180, 0, 5, f"How far it {words}", "°", decimals=1) for words in AXES]
        self.moves = [
            number_box(-200, 200, 0, 0.1, f"Moved {way}", " mm", decimals=1) for way in ("right", "back", "up")
        ]
        self.percent = number_box(10, 400, 100, 1, "Size", " %", decimals=1)
        self.mirrored = CheckBox("mirrored")
        for number, turn in enumerate(self.turns):
            turn.valueChanged.connect(lambda _, n=number: self._changed(n))
        for box in (*self.moves, self.percent):
            box.valueChanged.connect(lambda _: self._changed())
        self.mirrored.toggled.connect(lambda _: self._changed())
        for widget, name in ((self.kit_box, "Kit"), (self.part_box, "Part"), (self.mirrored, "Mirrored")):
            widget.setAccessibleName(name)
        self.words = label("", "strong", True)
        self.span = label("", "note", True)

    def _make_buttons(self) -> None:
        self.joint_button = button(
            "Its other joint", self.next_joint, tip="As its kit tells, then by the flat faces it was cut at"
        )
        self.place_button = button(
            "Another place", self.next_place, tip="Where parts of this slot are joined on; or click the figure"
        )
        self.snap_button = button(
            "Snap to it", self.snap, tip="Pushed along its joint until it touches without cutting"
        )
        self.joining = ComboBox()
        self.joining.addItems(JOININGS)
        self.joining.setAccessibleName("Joined by")
        self.joining.setToolTip("A socket is cut into a copy of what it meets, so that other figures keep theirs")
        self.everywhere = CheckBox("also on figures with nothing chosen there")
        self.everywhere.setAccessibleName("On others, too")
        self.keep_button = button(
            "Keep it", self.keep, "main", "As a part of the unit's choices; the kit's own stays as it is"
        )

    def _lay_out(self) -> None:
        side = column(
            row(label("Kit"), self.kit_box, gap=8), row(label("Part"), self.part_box, gap=8), self.licence,
            *(row(label(words.partition(",")[0].capitalize()), -1, spin) for words, spin in zip(AXES, self.turns, strict=True)),
            row(label("Joint at"), -1, *self.moves, gap=4), row(label("Size"), self.percent, self.mirrored, -1, gap=8),
            row(self.joint_button, self.place_button, self.snap_button, -1, gap=6),
            self.words, self.swing, self.span, -1, row(label("Joined by"), self.joining, -1, gap=8), self.everywhere,
            row(-1, button("Close", self.reject), self.keep_button, gap=8), gap=7,
        )  # fmt: skip
        body = row(self.view, side, gap=16, margins=(16, 14, 16, 14))
        body.setStretch(0, 6)
        body.setStretch(1, 5)
        self.setLayout(body)

    def _fill_kits(self) -> None:
        for kit in self.state.kits:
            self.kit_box.addItem(kit.name, kit.id)
        self._fill_parts()

    def _fill_parts(self) -> None:
        self.part_box.clear()
        for part in self.state.parts(self.kit_box.currentData() or ""):
            self.part_box.addItem(f"{part.slot}: {part.label}", part.id)
        self._take_part()

    def _take_part(self) -> None:
        """Its mesh and those beside it are read in a job; then it is brought to its place."""
        self.part = self.session.plans.parts.get(self.part_box.currentData() or "")
        self.fitting, self.mesh = None, None
        self.keep_button.setEnabled(False)
        if self.part is None:
            return
        kit = self.session.plans.kits.get(self.part.kit_id)
        self.licence.setText(LICENCES.get(kit.licence, "") if kit else "")
        part, blobs, read = self.part, [p.blob for p in self.state.beside], self.session.mesh_reader()

        def work(_: Progress) -> tuple[Mesh, list[Mesh], Fitting | None]:
            mesh, beside = read(part.blob), [read(b) for b in blobs]
            return mesh, beside, Fitting(mesh, beside) if beside else None

        self.context.jobs.start("guest", "Reading the part", work, lambda found: self._have(part, *found))

    def _have(self, part: Part, mesh: Mesh, beside: list[Mesh], fitting: Fitting | None) -> None:
        if part is not self.part:
            return
        self.mesh, self.beside, self.fitting = mesh, beside, fitting
        self.joints, self.places = self.state.joints(part, mesh), self.state.places(beside)
        if not self.places:
            self.words.setText("This figure wears nothing yet: fill its other slots first.")
            return
        self.stance = Stance(self.joints[0], self.places[0])
        self.keep_button.setEnabled(True)
        self._show(refit=True)

    def next_joint(self) -> None:
        """Brought by another of its joints."""
        self._with(joint_mm=_after(self.joints, self.stance.joint_mm))

    def next_place(self) -> None:
        self._with(place_mm=_after(self.places, self.stance.place_mm))

    def _picked(self, place: Floats | None) -> None:
        if place is not None and self.fitting is not None:
            self._with(place_mm=xyz(place))

    def snap(self) -> None:
        if self.fitting is None:
            return
        fitting, stance = self.fitting, self.stance

        def done(found: Stance) -> None:
            self.stance = found
            self._show()

        self.context.jobs.start("guest snap", "Snapping it", lambda _: fitting.snapped(stance), done)

    def _with(self, **changes: Point) -> None:
        if changes and self.fitting is not None:
            self.stance = replace(self.stance, **changes)  # type: ignore[arg-type]
            self._show()

    def _changed(self, axis: int | None = None) -> None:
        """A turn, a move or another size by hand."""
        if self._filling or self.fitting is None:
            return
        self.axis = self.axis if axis is None else axis
        x, y, z = (s.value() for s in self.turns)
        at = xyz(np.array([s.value() for s in self.moves]))
        self.stance = replace(
            self.stance,
            turn_deg=(x, y, z),
            place_mm=at,
            scale=self.percent.value() / 100,
            mirrored=self.mirrored.isChecked(),
        )
        self._show()

    def _show(self, refit: bool = False) -> None:
        if self.mesh is None or self.fitting is None:
            return
        self._filling = True
        for spin, value in zip((*self.turns, *self.moves), (*self.stance.turn_deg, *self.stance.place_mm), strict=True):
            spin.setValue(value)
        self._filling = False
        placed = self.stance.placed(self.mesh)
        self.view.show_things([*(Thing(m, RESIN_RGB) for m in self.beside), Thing(placed, GUEST_RGB)], refit=refit)
        self.words.setText(seat_words(self.fitting.seat(self.stance)))
        fitting, stance, axis = self.fitting, self.stance, self.axis

        def swung(seats: list[Seat]) -> None:
            self.swing.show_swing(seats, axis, stance.turn_deg[axis])
            span = clear_span(seats, stance.turn_deg[axis])
            self.span.setText(
                "It cuts where it is." if span is None else f"Clears everything from {span[0]:.0f}° to {span[1]:.0f}°."
            )

        self.context.jobs.start("guest swing", "Turning it", lambda _: fitting.swing(stance, axis, SWING_DEG), swung)

    def keep(self) -> None:
        """The part as it lies, one of the unit's choices and on the figure."""
        if self.part is None or self.mesh is None:
            return
        part, way, ids = self.part, self.joining.currentText(), (new_id(), new_id())
        beside = [self.session.labelled_mesh(p) for p in self.state.beside]
        mesh = self.session.labelled_mesh(part)
        self.keep_button.setEnabled(False)
        making = self.state.making(part, mesh, self.stance, beside, way, ids)

        self.context.jobs.start("guest keep", "Joining it on", answered(making), self._made)

    def _made(self, put: Put | NumerusError) -> None:
        self.keep_button.setEnabled(True)
        if isinstance(put, NumerusError):
            self.words.setText(f"{put.message} {put.advice}")
            return
        words = f"{put.guest.part.label} of another kit on {self.state.figure.name}"
        made = [m for m in (put.guest, put.other) if m is not None]
        everywhere = self.everywhere.isChecked()
        if self.session.store(
            words, lambda book: [*(d for m in made for d in stored(book, m)), *self.state.kept(put, everywhere)]
        ):
            self.accept()


def _after(listed: Sequence[Point], one: Point) -> Point:
    """The next of a list, round about; the first where this is none of them."""
    return listed[(listed.index(one) + 1) % len(listed)] if one in listed else listed[0]
