"""A machine at work, drawn from its reading: plate, growing part, vat, and the numbers beside."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
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
        level = 1.0 if self.reading is None else self.reading.resin_ml / max(self.machine.vat_full_ml, 1)
        vat_top = box.bottom() - 46
        self._draw_vat(painter, box, vat_top, level)
        share = (
            0.0
            if self.reading is None or self.plate is None
            else self.reading.height_mm / max(self.plate.height_mm, 1e-9)
        )
        self._draw_growth(painter, box, vat_top, share)
        self._draw_numbers(painter, box.bottom() + 20)

    def _draw_vat(self, painter: QPainter, box: QRectF, top: float, level: float) -> None:
        vat = QPainterPath(QPointF(box.left() + 16, top))
        for x, y in ((box.right() - 16, top), (box.right() - 26, top + 26), (box.left() + 26, top + 26)):
            vat.lineTo(x, y)
        vat.closeSubpath()
        painter.setPen(QPen(self.theme.colour("ink"), 1.2))
        painter.setBrush(self.theme.colour("linen"))
        painter.drawPath(vat)
        painter.save()
        painter.setClipPath(vat)
        painter.fillRect(
            QRectF(box.left(), top + 26 - 24 * min(level, 1), box.width(), 30), self.theme.colour("#9C8F73", 0.6)
        )
        painter.restore()
        painter.fillRect(QRectF(box.left() + 26, top + 30, box.width() - 52, 4), self.theme.colour("river"))

    def _draw_growth(self, painter: QPainter, box: QRectF, vat_top: float, share: float) -> None:
        """The plate rises as the parts grow below it: half made parts hang down into the vat."""
        reach = vat_top - box.top() - 44
        plate_y = vat_top + 10 - reach * share * 0.9
        left, right = box.left() + 34, box.right() - 34
        self.line(painter, box.left() + 12, box.top() + 12, box.left() + 12, vat_top + 20, "hairline", 6)
        painter.fillRect(QRectF(box.left() + 10, plate_y - 8, 24, 5), self.theme.colour("slate"))
        painter.fillRect(QRectF(left, plate_y - 10, right - left, 10), self.theme.colour("slate"))
        heights = []
        for placed in self.plate.placed if self.plate else ():
            part = self.session.plans.parts.get(placed.part_id)
            heights.append((placed.x_mm, part.pose.height_mm if part and part.pose else 10.0))
        if not heights or self.plate is None or self.machine is None:
            return
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("#9C8F73"))
        for x_mm, height in heights:
            x = left + (right - left) * x_mm / self.machine.plate_x_mm
            done = min(share, height / self.plate.height_mm) * reach * 0.9
            part_path = QPainterPath(QPointF(x - 3, plate_y))
            for px, py in (
                (x + 3, plate_y),
                (x + 7, plate_y + done * 0.5),
                (x + 3, plate_y + done),
                (x - 4, plate_y + done),
                (x - 6, plate_y + done * 0.6),
            ):
                part_path.lineTo(px, py)
            painter.drawPath(part_path)
        if self.reading is not None:
            self.text(
                painter,
                box.right() - 10,
                box.top() + 18,
                f"{self.reading.height_mm:.1f} of {self.plate.height_mm:.1f} mm",
                11,
                align=RIGHT,
            )

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
            ("Layer", f"{reading.layer} of {reading.layers}"), ("Time left", span(reading.minutes_left)), ("In the vat", f"{reading.celsius:.1f} °C"),
            ("Resin left", f"{reading.resin_ml:.0f} ml"), ("State", reading.says or reading.state),
        )  # fmt: skip
        for number, (name, value) in enumerate(rows):
            self.text(painter, 4, y + 20 * number, name, 13)
            role = "brick" if name == "State" and reading.state == "stopped" else "ink"
            self.text(painter, self.width() - 4, y + 20 * number, value, 13, True, role, RIGHT)
