"""Cutting a part: planes proposed or placed by hand, keys, both halves shown before they are kept."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QBoxLayout, QSlider

from numerus.book.tidy import Remade, divided, halves, stored
from numerus.desk.stages.sort.part_tools.tool import CHANGED_RGB, PINS, RESIN_RGB, Tool, whole_thing
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Thing
from numerus.desk.widgets.layout import button, column, label, number_box, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import ComboBox
from numerus.errors import NumerusError, Progress
from numerus.geometry.cutting import (
    KEY_FORMS,
    Cut,
    CutProposal,
    KeyStyle,
    Plane,
    below_removed,
    cut,
    plugged,
    propose_cuts,
)  # fmt: skip
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.repair.health import oriented

PLANE_RGB = np.array([[29, 106, 114]], np.uint8)
LIES = {"level": 2, "left to right": 0, "front to back": 1}


class CutTool(Tool):
    """A plane proposed or placed by hand, keys, and both halves before they are kept."""

    title = "Cut"

    def build(self) -> QBoxLayout:
        self.proposals: list[CutProposal] | None = None
        self.plane: Plane | None = None
        self.halves: Cut | None = None
        self.list = PlaceList(self.page.theme, "Planes to cut at", "No waist was found: place the plane by hand.")
        self.list.chosen.connect(self._take)
        self.axis, self.form = ComboBox(), ComboBox()
        self.axis.addItems(list(LIES))
        self.axis.setAccessibleName("The plane lies")
        self.axis.activated.connect(lambda _: self._by_hand())
        for words, form in (*((f"{f} peg", f) for f in KEY_FORMS), ("magnet or pin", "hole"), ("no key", "")):
            self.form.addItem(words, form)
        self.form.setAccessibleName("Key")
        self.place = QSlider(Qt.Orientation.Horizontal)
        self.place.setRange(1, 99)
        self.place.setAccessibleName(tr("Where the plane lies"))
        self.place.valueChanged.connect(lambda _: self._by_hand())
        self.play = number_box(0.0, 0.5, 0.15, 0.05, "Clearance", " mm")
        self.hole = number_box(1.0, 10.0, 3.0, 0.5, "Magnet's diameter", " mm")
        self.words = label("", "note", True)
        self.show_button = button("Show both halves", self.show_cut, "main")
        self.keep_button = button(
            "Cut in two", self.keep_cut, "main", "Both halves become parts of the kit, the lower in a slot of its own"
        )
        self.off = button(
            "Leave off what is below",
            self.leave_off,
            "",
            "Cut level at the plane, the lower piece goes: a base that costs too much resin",
        )
        self.plug = button(
            "Fill a hollow", self._plug, "link", "Then click into a socket that is not wanted: it is filled level"
        )
        self.plugging = False
        layout = column(
            self.list, label("By hand", "strong"), row(self.axis, self.place, gap=6),
            row(self.form, -1, label("play"), self.play, gap=4), row(label("magnet or pin of"), self.hole, -1, gap=4), self.words,
            row(self.show_button, self.keep_button, -1), row(self.off, self.plug, -1), gap=6,
        )  # fmt: skip
        layout.setStretch(0, 1)
        return layout

    def forget(self) -> None:
        self.proposals, self.plane, self.halves, self.plugging = None, None, None, False
        self.words.setText("")

    def begin(self) -> None:
        self._fill()
        if self.proposals is None:
            mesh, machine = self.page.mesh, self.machine()
            self.play.setValue(machine.peg_play_mm)
            room = machine.plate_x_mm, machine.plate_y_mm, machine.height_mm

            def work(progress: Progress):  # type: ignore[no-untyped-def]
                solid = oriented(mesh)[0]
                return propose_cuts(solid, room) or propose_cuts(solid)

            self.start("cuts", "Looking for waists", work, self._met)

    def _met(self, cut_proposals: list[CutProposal]) -> None:
        self.proposals = cut_proposals
        names = {axis: name for name, axis in LIES.items()}
        lines = [
            (
                f"{names[int(np.argmax(p.plane.normal))].capitalize()}, {p.why}",
                f"{p.share_above:.0%} above, section {p.section_mm2:.0f} mm²",
            )
            for p in cut_proposals
        ]
        self.list.show_lines(lines)
        if self.plane is None and cut_proposals:
            self.plane = cut_proposals[0].plane
            self.list.at_line = 0
        self._fill()

    def _take(self, number: int) -> None:
        if self.proposals:
            self.at_plane(self.proposals[number].plane)

    def at_plane(self, plane: Plane) -> None:
        """A plane brought from elsewhere."""
        self.plane, self.halves = plane, None
        self._fill()
        self.page.draw()

    def _by_hand(self) -> None:
        mesh = self.page.mesh
        axis = LIES[self.axis.currentText()]
        low, high = mesh.bounds_mm
        point = (low + high) / 2
        point[axis] = low[axis] + (high[axis] - low[axis]) * self.place.value() / 100
        x, y, z = (float(v) for v in point)
        nx, ny, nz = (float(v) for v in np.eye(3)[axis])
        self.at_plane(Plane((x, y, z), (nx, ny, nz)))

    def _fill(self) -> None:
        self.show_button.setVisible(self.halves is None)
        self.keep_button.setVisible(self.halves is not None)
        level = self.plane is not None and self.plane.normal == (0.0, 0.0, 1.0)
        self.off.setEnabled(level)

    def style(self) -> KeyStyle | None:
        form = self.form.currentData()
        if not form:
            return None
        hole = self.hole.value() if form == "hole" else 0.0
        return KeyStyle("round" if form == "hole" else form, self.play.value(), hole_mm=hole, depth_mm=hole * 0.5)

    def show_cut(self) -> None:
        mesh, plane, style = self.page.mesh, self.plane, self.style()
        if plane is not None:
            self.start("cut", "Cutting", lambda progress: cut(oriented(mesh)[0], plane, style), self._cut)

    def _cut(self, cut_result: Cut) -> None:
        self.halves = cut_result
        keys = ", ".join(f"{k.width_mm:.1f} mm wide, {k.depth_mm:.1f} deep" for k in cut_result.keys) or "none"
        halves = [m.signed_volume_mm3 / 1000 for m in (cut_result.above, cut_result.below)]
        self.words.setText(
            f"{halves[0]:.2f} + {halves[1]:.2f} ml, play {cut_result.play_mm3 / 1000:.3f} ml; seam {cut_result.seam_mm:.0f} mm; keys: {keys}. "
            + " ".join(cut_result.notes)
        )
        self._fill()

    def keep_cut(self) -> None:
        """Both halves measured beside, then written with the builds that follow as one edit."""
        part, cut_ = self.page.part, self.halves
        if part is not None and cut_ is not None:
            label, part_zones = f"cut {part.label} in two", self.page.session.plans.part_zones.get(part.id)
            self.context.jobs.start(
                "halves",
                "Measuring both halves",
                lambda progress: halves(part, cut_, part_zones),
                lambda h: self._store(label, *h),
            )

    def _store(self, label: str, above: Remade, below: Remade) -> None:
        plans = self.session.plans
        self.session.store(
            label,
            lambda book: divided(
                stored(book, above), stored(book, below), plans.units.values(), plans.figures.values()
            ),
        )

    def leave_off(self) -> None:
        if self.plane is None:
            return
        try:
            mesh = below_removed(oriented(self.page.mesh)[0], self.plane.point[2])
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        self.page.keep("cut off below", mesh)

    def _plug(self) -> None:
        self.plugging = True
        self.words.setText("Click into the hollow that is to be filled.")

    def picked(self, place: Floats) -> None:
        if not self.plugging:
            return
        self.plugging = False
        try:
            mesh = plugged(oriented(self.page.mesh)[0], [float(v) for v in place], self.hole.value())
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        self.page.keep("a hollow filled", mesh)

    def things(self) -> tuple[list[Thing], str]:
        mesh = self.page.mesh
        if self.halves is not None and self.plane is not None:
            apart = np.asarray(self.plane.normal) * (float(np.linalg.norm(mesh.extents_mm)) * 0.18 + 2)
            return [
                Thing(self.halves.above.moved(apart), CHANGED_RGB),
                Thing(self.halves.below.moved(-apart), RESIN_RGB),
            ], "both halves, with their keys"
        things = [whole_thing(mesh)]
        if self.plane is not None:
            things.append(Thing(_sheet(mesh, self.plane), PLANE_RGB, 0.45))
        return things, "where the plane passes"

    def pins(self) -> list[tuple[tuple[float, float, float], bool]]:
        listed = self.proposals or [] if self.halves is None else []
        return [(p.plane.point, n == self.list.at_line) for n, p in enumerate(listed[:PINS])]


def _sheet(mesh: Mesh, plane: Plane) -> Mesh:
    """A thin square where the plane passes, a little larger than the part."""
    axis = int(np.argmax(np.abs(plane.normal)))
    low, high = mesh.bounds_mm
    low, high = low - 2, high + 2
    low[axis] = high[axis] = plane.point[axis]
    others = [a for a in range(3) if a != axis]
    corners = np.repeat(low[None], 4, axis=0)
    corners[1:3, others[0]], corners[2:, others[1]] = high[others[0]], high[others[1]]
    return Mesh(corners, np.array([[0, 1, 2], [0, 2, 3]] if axis != 1 else [[2, 1, 0], [3, 2, 0]], np.int32))
