"""The part as it hangs, with its supports: its colours by what is looked at, pins on what matters, the chosen tip."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPen

from numerus.desk.stages.pose.supports import SupportsPage
from numerus.desk.theme.palette import Theme
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.pins import draw_pin
from numerus.domain.printing.poses import Point
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.checks.print_check import marks
from numerus.printing.checks.print_findings import near_marks, on_vertices
from numerus.printing.preparation.posed_and_supported import Tried

PART_RGB = np.array([[198, 190, 176]], np.uint8)
SUPPORT_RGB = np.array([[158, 150, 136]], np.uint8)
MARK_RGB, SEEN_RGB, UNSEEN_RGB = np.array([168, 65, 43]), np.array([226, 208, 150]), np.array([126, 124, 122])
OFF_RGB, HOLD_RGB, GLUE_RGB = np.array([168, 65, 43]), np.array([29, 106, 114]), np.array([120, 150, 110])
MARK_MM = 0.7
COLOURS = ("plain", "marks", "seen")
COLOUR_CAPTIONS = {
    "plain": "The part", "marks": "Marks that will be left, where tips hold", "seen": (
        "Pale is seen at the table, dark is not; green is glued, red keeps tips off, blue asks for them"
    ),
}  # fmt: skip


def colours(tried: Tried, which: str) -> NDArray[np.uint8]:
    """Colours of the hanging part's vertices."""
    mesh, fields = tried.supported.part, tried.supported.posed_part.fields
    if which == "marks":
        return _mixed(PART_RGB[0], MARK_RGB, near_marks(mesh, marks(tried.supported)[0], MARK_MM))
    if which == "seen":
        base = _mixed(UNSEEN_RGB, SEEN_RGB, on_vertices(mesh, fields.show)).astype(float)
        for rgb, where in ((GLUE_RGB, fields.glue), (OFF_RGB, fields.keep_off), (HOLD_RGB, fields.hold)):
            share = on_vertices(mesh, where)[:, None] * 0.75
            base = base * (1 - share) + rgb * share
        return base.astype(np.uint8)
    return PART_RGB


def _mixed(low: NDArray[np.int64], high: NDArray[np.int64], share: NDArray[np.float64]) -> NDArray[np.uint8]:
    mixed = low * (1 - share[:, None]) + high * share[:, None]
    return np.asarray(mixed, np.uint8)


def things_of(tried: Tried, which: str) -> list[Thing]:
    supported, rgb = tried.supported, colours(tried, which)
    things = [
        Thing(supported.part, rgb, cut=True),
        Thing(supported.supports, SUPPORT_RGB, cut=True),
        Thing(supported.part, rgb, alpha=0.3),
    ]
    return [t for t in things if len(t.mesh.faces)]


def turning_thing(mesh: Mesh) -> list[Thing]:
    """The part alone, while it is being turned."""
    return [Thing(mesh, PART_RGB)]


def draw_pins(painter: QPainter, theme: Theme, view: BenchView, places: list[Point], chosen: int = -1) -> None:
    """Numbered pins; one that would cover another is left out, never the chosen one."""
    taken: list[QPointF] = []
    order = [chosen, *(n for n in range(len(places)) if n != chosen)] if chosen >= 0 else range(len(places))
    for number in order:
        at = view.project(places[number])
        if all((at - t).manhattanLength() > 24 for t in taken):
            draw_pin(painter, theme, at, str(number + 1))
            taken.append(at)


def draw_chosen(painter: QPainter, theme: Theme, view: BenchView, place: Point) -> None:
    """A ring round the chosen tip."""
    painter.setPen(QPen(theme.colour("river"), 2.5))
    painter.setBrush(Qt.BrushStyle.NoBrush)
    painter.drawEllipse(view.project(place), 8, 8)


def draw_dabs(painter: QPainter, theme: Theme, view: BenchView, places: Sequence[Floats], radius_mm: float) -> None:
    """What a stroke went over so far."""
    wide = radius_mm * view.height() / view.camera.height_mm
    shade = theme.colour("river")
    shade.setAlphaF(0.35)
    painter.setPen(Qt.PenStyle.NoPen)
    painter.setBrush(shade)
    for place in places:
        painter.drawEllipse(view.project(place), wide, wide)


def draw_note(painter: QPainter, theme: Theme, view: BenchView, words: str) -> None:
    painter.setPen(theme.colour("ink"))
    painter.setFont(theme.font(11))
    painter.drawText(QRectF(12, view.height() - 24, view.width() - 24, 16), 0, tr(words))


def draw_islands(painter: QPainter, theme: Theme, view: BenchView, tried: Tried) -> None:
    """Where material begins in mid-air, numbered."""
    draw_pins(painter, theme, view, [(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in tried.graph.islands])
    if tried.supported.pillars:
        draw_note(painter, theme, view, "Numbered pins: islands, each caught by a tip")


def draw_supports_over(painter: QPainter, theme: Theme, view: BenchView, tried: Tried, page: SupportsPage) -> None:
    """What was brushed, what was found, and the support that is chosen."""
    draw_dabs(painter, theme, view, view.dabs, page.brush[1])
    draw_pins(painter, theme, view, [f.place_mm for f in page.findings], page.list.at_line)
    if 0 <= page.chosen < len(tried.supported.pillars):
        draw_chosen(painter, theme, view, tried.supported.pillars[page.chosen].tip)
