"""A plate from above, to scale: what lies where, numbered; bad spots hatched; parts can be tapped."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_diamond
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image
from numerus.geometry.mesh import about_vertical, rotation_matrix
from numerus.resin.plate import CELL_MM, Placed, Plate, outline_bitmap
from numerus.resin.profiles import Machine

OUTCOME_TONES = {"good": "moss", "flawed": "tallow", "failed": "brick"}


class PlatePicture(Drawing):
    """``tapped`` tells the placed id. ``outcomes`` colours and marks parts when a plate has come out."""

    tapped = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The plate from above")
        self.session = context.session
        self.plate: Plate | None = None
        self.machine: Machine | None = None
        self.outcomes: dict[str, str] = {}
        self.says: Callable[[Placed], str] = lambda placed: placed.slot
        self.chosen = ""
        self.marks: list[tuple[float, float]] = []  # places of earlier failures, in mm
        self._images: dict[tuple[str, float, str], tuple[QImage, float]] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumSize", 320, 200)
        context.theme.changed.connect(self._images.clear)

    def show_plate(self, plate: Plate | None, machine: Machine | None, outcomes: dict[str, str] | None = None) -> None:
        self.plate, self.machine, self.outcomes = plate, machine, outcomes or {}
        self.update()

    def _frame(self, machine: Machine) -> tuple[QRectF, float]:
        scale = min((self.width() - 20) / machine.plate_x_mm, (self.height() - 44) / machine.plate_y_mm)
        wide, high = machine.plate_x_mm * scale, machine.plate_y_mm * scale
        return QRectF((self.width() - wide) / 2, 8, wide, high), scale

    def draw(self, painter: QPainter) -> None:
        if self.plate is None or self.machine is None:
            return
        frame, scale = self._frame(self.machine)
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(frame.adjusted(-4, -4, 4, 4), 6, 6)
        painter.setBrush(self.theme.colour("linen"))
        painter.drawRoundedRect(frame, 3, 3)
        self._draw_bad_spots(painter, frame, scale)
        for number, placed in enumerate(self.plate.placed, 1):
            self._draw_part(painter, placed, number, frame, scale)
        for x_mm, y_mm in self.marks:
            spot = QPointF(frame.left() + x_mm * scale, frame.bottom() - y_mm * scale)
            draw_diamond(painter, spot.x(), spot.y(), 7, self.theme.colour("brickwash"), self.theme.colour("brick"))
        x, y = frame.left(), frame.bottom() + 22
        self.line(painter, x, y - 10, x + 20 * scale, y - 10, "slate", 2)
        self.text(painter, x + 20 * scale + 8, y - 6, "20 mm; the front is below", 11, colour="slate")
        if self.machine.bad_spots:
            self.text(
                painter, frame.right(), y - 6, "hatched: weak spot, kept clear", 11, colour="slate", align="right"
            )

    def _draw_bad_spots(self, painter: QPainter, frame: QRectF, scale: float) -> None:
        assert self.machine is not None
        for x, y, radius in self.machine.bad_spots:
            spot = QPainterPath()
            spot.addEllipse(
                QPointF(frame.left() + x * scale, frame.bottom() - y * scale), radius * scale, radius * scale
            )
            painter.save()
            painter.setClipPath(spot)
            self.hatch(painter, spot.boundingRect(), "slate")
            painter.restore()
            painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DashLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawPath(spot)

    def _draw_part(self, painter: QPainter, placed: Placed, number: int, frame: QRectF, scale: float) -> None:
        part = self.session.plans.parts.get(placed.part_id)
        centre = QPointF(frame.left() + placed.x_mm * scale, frame.bottom() - placed.y_mm * scale)
        outcome = self.outcomes.get(placed.id, "")
        if part is None or part.pose is None:
            return
        image, wide = self._image(part.pose.supported_blob, placed.turn_deg, OUTCOME_TONES.get(outcome, "river"))
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(
            QRectF(centre.x() - wide * scale / 2, centre.y() - wide * scale / 2, wide * scale, wide * scale), image
        )
        chosen = placed.id == self.chosen
        if outcome == "failed":
            draw_diamond(painter, centre.x(), centre.y(), 11, self.theme.colour("tallow"), self.theme.colour("ink"))
        else:
            painter.setPen(QPen(self.theme.colour("river" if chosen else "ink"), 2 if chosen else 1))
            painter.setBrush(self.theme.colour("riverwash" if chosen else "chalk"))
            painter.drawEllipse(centre, 9, 9)
        self.text(painter, centre.x(), centre.y() + 4, str(number), 11, True, align=CENTRE)
        reach = max(10.0, wide * scale * 0.3)
        word = f", {outcome}" if outcome else ""
        self.region(
            QRectF(centre.x() - reach, centre.y() - reach, 2 * reach, 2 * reach),
            f"{number}. {self.says(placed)}{word}",
            lambda: self.tapped.emit(placed.id),
        )

    def _image(self, blob: str, turn_deg: float, role: str) -> tuple[QImage, float]:
        """The silhouette as a tinted picture and its width in mm."""
        key = blob, turn_deg, role
        if key not in self._images:
            mesh = self.session.mesh(blob).transformed(rotation_matrix(about_vertical(turn_deg)))
            bitmap = outline_bitmap(mesh, margin_mm=0.0)[::-1]
            colour = self.theme.colour(role)
            pixels = np.zeros((*bitmap.shape, 4), np.uint8)
            pixels[bitmap] = (colour.red(), colour.green(), colour.blue(), 120)
            data = pixels
            image = to_image(data)
            self._images[key] = image, bitmap.shape[0] * CELL_MM
        return self._images[key]
