"""A plate against height: area and pull of all parts together, when the vat is filled up; dragged along it shows a layer."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen

from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.printing.plates.plate_layers import PlateLayers

TOP, FOOT, POINTS = 22.0, 18.0, 240


class PlateGraph(Drawing):
    """``scrubbed``: a height in mm, or less than nothing where the plate is seen whole again."""

    scrubbed = pyqtSignal(float)

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "The plate's layers: drag along it to see one")
        self.layers: PlateLayers | None = None
        self.height_mm = -1.0
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", 104)

    def show_layers(self, plate_layers: PlateLayers | None) -> None:
        self.layers, self.height_mm = plate_layers, -1.0
        self.update()

    def _x(self, height_mm: float) -> float:
        assert self.layers is not None
        return 4 + (self.width() - 8) * height_mm / max(self.layers.height_mm, 1e-9)

    def draw(self, painter: QPainter) -> None:
        plate_layers = self.layers
        if plate_layers is None or not len(plate_layers.areas_mm2):
            self.text(painter, 0, 14, "Area and pull against height", 11, colour="slate")
            return
        bottom = self.height() - FOOT
        self._curve(painter, plate_layers, plate_layers.areas_mm2, bottom, True)
        self._curve(painter, plate_layers, plate_layers.pull_n, bottom, False)
        self.line(painter, 4, bottom, self.width() - 4, bottom, "slate")
        most = int(np.argmax(plate_layers.pull_n))
        pull = plate_layers.pull_n[most]
        description = f"pull to {pull:.0f} N at {most * plate_layers.layer_mm:.1f} mm; area to {plate_layers.areas_mm2.max():.0f} mm²"
        self.text(painter, 4, 12, description, 11, colour="slate")
        self.text(painter, 4, self.height() - 4, "0 mm", 11, colour="slate")
        self.text(
            painter,
            self.width() - 4,
            self.height() - 4,
            f"{plate_layers.height_mm:.0f} mm",
            11,
            colour="slate",
            align=RIGHT,
        )
        if plate_layers.refill_mm is not None:
            x = self._x(plate_layers.refill_mm)
            self.line(painter, x, TOP, x, bottom, "brick", 2)
            self.tagged(painter, min(max(x, 40), self.width() - 40), TOP + 12, "fill the vat", CENTRE, "brick")
        if self.height_mm >= 0:
            x = self._x(self.height_mm)
            self.line(painter, x, TOP - 4, x, bottom, "river", 2)
            self.tagged(painter, min(max(x, 30), self.width() - 30), bottom + 14, f"{self.height_mm:.2f} mm", CENTRE)

    def _curve(
        self, painter: QPainter, plate_layers: PlateLayers, values: np.ndarray, bottom: float, filled: bool
    ) -> None:
        high, step = bottom - TOP, max(len(values) // POINTS, 1)
        path = QPainterPath(QPointF(4, bottom))
        for k in range(0, len(values), step):
            share = float(values[k : k + step].max()) / max(float(values.max()), 1e-9)
            path.lineTo(self._x((k + step / 2) * plate_layers.layer_mm), bottom - high * 0.94 * share)
        path.lineTo(self.width() - 4, bottom)
        painter.setPen(Qt.PenStyle.NoPen if filled else QPen(self.theme.colour("ink"), 1.3))
        painter.setBrush(self.theme.colour("#9C8F73", 0.5) if filled else Qt.BrushStyle.NoBrush)
        painter.drawPath(path)

    def _scrub(self, height_mm: float) -> None:
        if self.layers is not None:
            top = self.layers.height_mm - self.layers.layer_mm / 2
            self.height_mm = float(np.clip(height_mm, 0, top)) if height_mm >= 0 else -1.0
            self.scrubbed.emit(self.height_mm)
            self.update()

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if self.layers is not None and event.buttons():
            share = (self.place(event).x() - 4) / max(self.width() - 8, 1)
            self._scrub(max(share, 0.0) * self.layers.height_mm)

    def mouseDoubleClickEvent(self, event: QMouseEvent | None) -> None:
        self._scrub(-1.0)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Arrows go a layer up or down, Escape shows the whole plate."""
        step = {Qt.Key.Key_Right: 1, Qt.Key.Key_Left: -1, Qt.Key.Key_PageUp: 20, Qt.Key.Key_PageDown: -20}.get(
            Qt.Key(event.key())
        )
        if event.key() == Qt.Key.Key_Escape:
            self._scrub(-1.0)
        elif step is None or self.layers is None:
            super().keyPressEvent(event)
        else:
            self._scrub(max(self.height_mm, 0.0) + step * self.layers.layer_mm)
