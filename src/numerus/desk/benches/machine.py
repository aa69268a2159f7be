"""A machine at work, drawn from its reading: plate, growing part, vat, and the numbers beside."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.images import to_image
from numerus.devices.camera import camera_picture
from numerus.devices.printer import Reading
from numerus.resin.plate import Plate
from numerus.resin.profiles import Machine
from numerus.words import span


class MachineView(Drawing):
    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The machine")
        self.session = context.session
        self.machine: Machine | None = None
        self.plate: Plate | None = None
        self.reading: Reading | None = None
        self.hold("setMinimumSize", 200, 250)

    def show_reading(self, machine: Machine | None, plate: Plate | None, reading: Reading | None) -> None:
        self.machine, self.plate, self.reading = machine, plate, reading
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.machine is None:
            return
        box = QRectF(4, 4, self.width() - 8, self.height() - 132)
        painter.setPen(QPen(self.theme.colour("slate"), 1.4))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 6, 6)
        vat_top = box.bottom() - 46
        if self.reading is not None and self.plate is not None:
            self._draw_camera(painter, box)
            self._draw_numbers(painter, box.bottom() + 20)
            return
        self._draw_vat(painter, box, vat_top)
        painter.fillRect(QRectF(box.left() + 34, vat_top, box.width() - 68, 10), self.theme.colour("slate"))
        self._draw_numbers(painter, box.bottom() + 20)

    def _draw_vat(self, painter: QPainter, box: QRectF, top: float) -> None:
        vat = QPainterPath(QPointF(box.left() + 16, top))
        for x, y in ((box.right() - 16, top), (box.right() - 26, top + 26), (box.left() + 26, top + 26)):
            vat.lineTo(x, y)
        vat.closeSubpath()
        painter.setPen(QPen(self.theme.colour("ink"), 1.2))
        painter.setBrush(self.theme.colour("linen"))
        painter.drawPath(vat)
        painter.save()
        painter.setClipPath(vat)
        painter.fillRect(QRectF(box.left(), top + 2, box.width(), 30), self.theme.colour("#9C8F73", 0.6))
        painter.restore()
        painter.fillRect(QRectF(box.left() + 26, top + 30, box.width() - 52, 4), self.theme.colour("river"))

    def _draw_camera(self, painter: QPainter, box: QRectF) -> None:
        """What the machine's camera sees, with how high it is."""
        assert self.plate is not None and self.machine is not None and self.reading is not None
        parts = []
        for placed in self.plate.placed:
            pose = self.session.plans.pose_of(placed)
            half = (pose.footprint_mm2**0.5 if pose else 10.0) / 2
            parts.append((placed.x_mm - half, placed.x_mm + half, pose.height_mm if pose else 10.0))
        picture = camera_picture(parts, self.machine.plate_x_mm, self.plate.height_mm, self.reading)
        rgba = np.dstack([picture, np.full(picture.shape[:2], 255, np.uint8)])
        frame = QPainterPath()
        frame.addRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        painter.save()
        painter.setClipPath(frame)
        painter.drawImage(box, to_image(np.ascontiguousarray(rgba)))
        painter.restore()
        says = f"{self.reading.height_mm:.1f} of {self.plate.height_mm:.1f} mm"
        self.tagged(painter, box.right() - 8, box.top() + 18, says, RIGHT)

    def _draw_numbers(self, painter: QPainter, y: float) -> None:
        reading = self.reading
        assert self.machine is not None
        if reading is None:
            self.text(painter, 4, y, "idle", 13, True)
            self.text(
                painter,
                4,
                y + 18,
                f"{self.machine.layer_mm:g} mm layers, {self.machine.pixel_mm * 1000:.0f} µm pixels",
                11,
                colour="slate",
            )
            return
        rows = (
            ("Layer", f"{reading.layer} of {reading.layers}"),
            ("Time left", span(reading.minutes_left)),
            ("Temperature", _told(reading.celsius, ".1f", "°C")),
            ("In the vat", _told(reading.resin_ml, ".0f", "ml")),
            ("State", reading.says or reading.state),
        )
        for number, (name, value) in enumerate(rows):
            self.text(painter, 4, y + 20 * number, name, 13)
            role = "brick" if name == "State" and reading.state == "stopped" else "ink"
            self.text(painter, self.width() - 4, y + 20 * number, value, 13, True, role, RIGHT)


def _told(value: float, form: str, unit: str) -> str:
    """A number a bridge may not know."""
    return f"{value:{form}} {unit}" if value == value else "not told"
