"""What stays apart until it is painted: the figure glued and as it would be apart, what that is worth, the order, the joints."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.assembly.build_look import OUT_OF_REACH, REACHED, REGAINED
from numerus.assembly.drill_template import drilled
from numerus.assembly.sub_assemblies import worth_it
from numerus.desk.context import Context
from numerus.desk.stages.build.pictures import GluingOrder, JointList, WorthChart, ZoneGains
from numerus.desk.stages.build.state import BuildState
from numerus.desk.theme.palette import Theme
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import hold
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox
from numerus.geometry.mesh import Floats, Mesh
from numerus.surface.brush_reach import AIRBRUSH, BRUSH, TOOLS
from numerus.words import counted, span

AWAY = 0.3  # of the figure's height: how far a part kept apart is drawn from its place
TONES = np.array(
    [[196, 188, 174], [61, 58, 54], [95, 169, 172]], np.uint8
)  # by mark: reached, out of reach, given back
NOTES = {
    BRUSH: "A brush of 8° either side over 20 mm, then a hand (defaults); reached: one way in seven is free. Minutes are defaults.",
    AIRBRUSH: "Paint in a cone of 5° either side over 50 mm, then the airbrush (defaults); reached: one way in seven is free.",
}


class ApartPage(QWidget):
    """``changed``: something else is tried; ``tool_changed``: another tool, to be looked at anew; ``worth_kept``: what a minute is worth
    was settled; ``templates_wanted``: where to drill is to be printed.
    """

    changed = pyqtSignal()
    tool_changed = pyqtSignal()
    worth_kept = pyqtSignal()
    templates_wanted = pyqtSignal()

    def __init__(self, context: Context, renderer: Renderer, state: BuildState) -> None:
        super().__init__()
        self.theme, self.state = context.theme, state
        self.glued = self._view(renderer, "The figure with all glued", "A")
        self.apart = self._view(renderer, "The figure with parts kept apart", "B")
        self.glued.looked.connect(lambda: self._follow(self.glued, self.apart))
        self.apart.looked.connect(lambda: self._follow(self.apart, self.glued))
        self.worth, self.gains = WorthChart(context), ZoneGains(context)
        self.order, self.joints = GluingOrder(context), JointList(context)
        self.worth.chosen.connect(self._take_way)
        self.order.toggled.connect(self._toggle)
        self.worth.worth_tried.connect(self._try_worth)
        self.worth.worth_kept.connect(self.worth_kept.emit)
        self.tool_box = ComboBox()
        self.tool_box.setAccessibleName("What it is painted with")
        for tool in TOOLS:
            self.tool_box.addItem(f"with {tool}", tool)
        self.tool_box.activated.connect(lambda at: self.take_tool(self.tool_box.itemData(at)))
        self.worth_words, self.note = label("", "note", True), label(NOTES[BRUSH], "note", True)
        self.setLayout(self._body())

    def _view(self, renderer: Renderer, name: str, letter: str) -> BenchView:
        view = BenchView(self.theme, renderer, name)
        view.overlay = lambda painter, shown: self._legend(painter, shown, letter)
        return view

    def _body(self):  # type: ignore[no-untyped-def]
        side = column(
            row(label("What each part kept apart is worth", "section"), -1, self.tool_box), self.worth, self.worth_words,
            label("Where it counts", "section"), self.gains, self.note, gap=4,
        )  # fmt: skip
        side.setStretch(1, 5)
        side.setStretch(4, 6)
        body = row(self.glued, self.apart, side, gap=8, margins=(16, 4, 16, 8))
        for place, share in enumerate((29, 29, 42)):
            body.setStretch(place, share)
        order = column(label("In what order", "section"), self.order, gap=2)
        self.template_button = button(
            "Drill template …",
            self.templates_wanted.emit,
            "link",
            "Both faces, at true size, of joints that ask for a pin and of parts apart that a magnet holds",
        )
        joints = column(row(label("Joints", "section"), -1, self.template_button), self.joints, gap=2)
        for side_by_side in (order, joints):
            side_by_side.setStretch(1, 1)
        low = row(order, joints, gap=24, margins=(16, 8, 16, 8))
        low.setStretch(0, 1)
        low.setStretch(1, 1)
        drawer = panel(low, "drawer")
        hold(self.theme, drawer, "setFixedHeight", 176)
        whole = column(body, drawer, gap=0)
        whole.setStretch(0, 1)
        return whole

    def show_figure(self, meshes: dict[str, Mesh]) -> None:
        """What is known of the figure; ``meshes`` by slot."""
        state, look = self.state, self.state.known
        if look is None:
            self.glued.caption, self.apart.caption = ("All glued", "looking where a brush comes to …"), ("", "")
            plain = [Thing(m, TONES[REACHED][None]) for m in meshes.values()]
            self.glued.show_things(plain)
            self.apart.show_things(plain)
            return
        way = look.chosen(state.apart)
        glued = look.ways[0]
        self.glued.caption = ("All glued", f"{glued.share:.0%} of what is seen is reached")
        words = f"{_listed(way.parts)} apart" if way.parts else "Nothing apart"
        self.apart.caption = (
            f"{words[0].upper()}{words[1:]}",
            f"{way.share:.0%} reached, {span(way.minutes)} more, {way.seam_mm:.0f} mm of seam to touch up"
            if way.parts
            else "press a part below, or a point of the chart",
        )
        self.glued.show_things(_things(meshes, look.marks(()), {}), refit=True)
        self.apart.show_things(
            _things(meshes, look.marks(way.parts), _moved_away(meshes, look.body, way.parts)), refit=True
        )
        self.worth.show_ways(look.ways, way, state.worth)
        pays = _listed(worth_it(look.ways, state.worth).parts) or "nothing"
        self.worth_words.setText(
            f"Worth it over {state.worth:.0f} mm² a minute (the dashed slope: drag it, or + and −): {pays}. Beside the points: mm² a minute."
        )
        self.gains.show_zones(state.zones)
        self.order.show_order(look.body, *look.order(way.parts))
        self.joints.show_joints(state.joints)
        self.template_button.setEnabled(bool(drilled(state.joints, state.apart)))

    def _follow(self, led: BenchView, other: BenchView) -> None:
        """Both are looked at from the same side."""
        other.camera = type(other.camera)(
            other.camera.centre_mm, led.camera.turn_deg, led.camera.raise_deg, other.camera.height_mm
        )
        other.update()

    def _take_way(self, number: int) -> None:
        if self.state.known is not None:
            self.state.try_way(self.state.known.ways[number])
            self.changed.emit()

    def take_tool(self, tool: str) -> None:
        """What the figure is painted with."""
        if tool != self.state.tool:
            self.state.tool, self.state.tried = tool, None
            self.tool_box.setCurrentIndex(self.tool_box.findData(tool))
            self.note.setText(NOTES[tool])
            self.tool_changed.emit()

    def _try_worth(self, mm2_per_min: float) -> None:
        self.state.tried_worth = mm2_per_min
        self.changed.emit()

    def _toggle(self, slot: str) -> None:
        self.state.toggle(slot)
        self.changed.emit()

    def _legend_words(self, letter: str) -> list[str]:
        """What is out of reach, and for what is tried what it gives back."""
        look, apart = self.state.known, self.state.apart if letter == "B" else ()
        if look is None:
            return []
        study = look.study
        left = (study.seen_mm2 - study.easy_mm2(apart)) / 100
        back = (study.easy_mm2(apart) - study.easy_mm2()) / 100
        return [
            f"{left:.1f} cm² no {self.state.tool} gets to",
            *([f"{back:.1f} cm² given back"] if letter == "B" else []),
        ]

    def _legend(self, painter: QPainter, view: BenchView, letter: str) -> None:
        """The letter of what is compared, and what the tones mean."""
        _lettered(painter, self.theme, view.width() - 26, letter, letter == "B")
        look = self.state.known
        if look is None:
            return
        tones = _tone(OUT_OF_REACH), _tone(REGAINED)
        rows = list(zip(tones, self._legend_words(letter), strict=False))
        zoom = self.theme.zoom
        painter.setFont(self.theme.font(11))
        for n, (tone, words) in enumerate(rows):
            y, wide = (56 + 17 * n) * zoom, painter.fontMetrics().horizontalAdvance(tr(words))
            painter.fillRect(QRectF(9 * zoom, y - 12 * zoom, 26 * zoom + wide, 16 * zoom), self.theme.colour("matt", 0.8))
            painter.setPen(QPen(self.theme.colour("slate"), 0.8))
            painter.setBrush(self.theme.colour(tone))
            painter.drawRect(QRectF(12 * zoom, y - 9 * zoom, 14 * zoom, 10 * zoom))
            painter.setPen(self.theme.colour("ink"))
            painter.drawText(QPointF(32 * zoom, y), tr(words))


def _tone(mark: int) -> str:
    return "#{:02X}{:02X}{:02X}".format(*TONES[mark].tolist())


def _lettered(painter: QPainter, theme: Theme, x: float, letter: str, chosen: bool) -> None:
    box = QRectF(x, 8, 18, 18)
    painter.setPen(QPen(theme.colour("river" if chosen else "slate"), 1.4))
    painter.setBrush(theme.colour("river" if chosen else "chalk"))
    painter.drawRoundedRect(box, 3, 3)
    painter.setFont(theme.font(11, True))
    painter.setPen(theme.colour("on_river" if chosen else "ink"))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, letter)


def _things(meshes: dict[str, Mesh], marks: list[NDArray[np.uint8]], away: dict[str, Floats]) -> list[Thing]:
    return [
        Thing(mesh.moved(away[slot]) if slot in away else mesh, TONES[mark])
        for (slot, mesh), mark in zip(meshes.items(), marks, strict=True)
    ]


def _moved_away(meshes: dict[str, Mesh], body: str, apart: tuple[str, ...]) -> dict[str, Floats]:
    """How far each part kept apart is drawn from its place: outward from the body."""
    middle = {slot: mesh.bounds_mm.mean(axis=0) for slot, mesh in meshes.items()}
    whole = np.array([m.bounds_mm for m in meshes.values()])
    far = AWAY * float(np.ptp(whole[:, :, 2]))
    ways = {slot: middle[slot] - middle[body] for slot in apart if slot != body}
    return {slot: far * way / max(float(np.linalg.norm(way)), 1e-9) for slot, way in ways.items()}


def _listed(slots: tuple[str, ...]) -> str:
    return ", ".join(slots) if len(slots) <= 3 else counted(len(slots), "part")
