"""The layer graph that is the scrubber: area, pull and what the tips hold against height, with islands and cups."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, LEFT, RIGHT, Drawing, Region
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.pins import draw_pin
from numerus.printing.checks.layer_graph import LayerGraph

CUPS_SHOWN = 6


class LayerGraphView(Drawing):
    """Area filled, pull as a line, what the tips hold dashed, islands as pins; drag along it to cut the part there."""

    scrubbed = pyqtSignal(float)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Layer graph: drag to scrub through the height")
        self.graph: LayerGraph | None = None
        self.height_mm = 0.0
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setFixedHeight", 132)
        self.setCursor(Qt.CursorShape.SizeHorCursor)

    def show_graph(self, graph: LayerGraph | None) -> None:
        self.graph = graph
        if graph is not None:
            self.height_mm = min(self.height_mm or graph.height_mm * 0.45, graph.height_mm)
        self.update()

    @property
    def _left(self) -> float:
        return 184.0

    def _x(self, height_mm: float) -> float:
        assert self.graph is not None
        return self._left + (self.width() - self._left - 16) * height_mm / max(self.graph.height_mm, 1e-9)

    def draw(self, painter: QPainter) -> None:
        painter.fillRect(self.area, self.theme.colour("linen"))
        self.line(painter, 0, 0.5, self.width(), 0.5)
        graph = self.graph
        if graph is None or not len(graph.areas_mm2):
            self.text(painter, 16, 30, "The layers are measured when a pose is chosen.", 11, colour="slate")
            return
        top, bottom = 34.0, self.height() - 26.0
        self._draw_slice(painter, graph)
        self._draw_area(painter, graph, top, bottom)
        if graph.pulls:
            self._draw_pull(painter, graph, top, bottom)
        self._draw_axis(painter, graph, bottom)
        for number in self._decluttered(graph):
            x = self._x(graph.islands[number].z_mm)
            draw_pin(painter, self.theme, QPointF(x, top - 2), str(number + 1))
            self.line(painter, x, top - 2, x, bottom, "slate", 0.8)
            self.region(QRectF(x - 10, top - 30, 20, 28), graph.island_says(number))
        self._draw_jumps(painter, graph, top, bottom)
        self._draw_cups(painter, graph, bottom)
        self._draw_margin(painter, graph, top, bottom)
        self._draw_handle(painter, graph, top, bottom)

    def _draw_pull(self, painter: QPainter, graph: LayerGraph, top: float, bottom: float) -> None:
        """What the film pulls, and dashed what the tips hold, on one scale."""
        most = max(float(graph.pull_n.max()), float(np.minimum(graph.holds_n, 4 * graph.pull_n.max()).max()), 1e-9)
        self._curve(painter, graph, graph.pull_n, most, top, bottom, QPen(self.theme.colour("ink"), 1.4))
        dashed = QPen(self.theme.colour("river"), 1.4, Qt.PenStyle.DashLine)
        self._curve(painter, graph, np.minimum(graph.holds_n, most), most, top, bottom, dashed)

    def _draw_jumps(self, painter: QPainter, graph: LayerGraph, top: float, bottom: float) -> None:
        """A bar over the area where it leaps: there a line may show on the print."""
        most = max(float(graph.areas_mm2.max()), 1e-9)
        for height, jump in graph.jumps:
            x, k = self._x(height), round(height / graph.layer_mm)
            ends = [bottom - (bottom - top) * 0.86 * float(graph.areas_mm2[n]) / most for n in (k - 1, k)]
            self.line(painter, x, min(ends) - 3, x, max(ends), "brick", 2.6)
            description = f"A line may show at {height:.1f} mm: {jump:.0f} mm² more or less than the layer below."
            self.region(QRectF(x - 4, min(ends) - 6, 8, max(ends) - min(ends) + 9), description)

    def _draw_cups(self, painter: QPainter, graph: LayerGraph, bottom: float) -> None:
        """Hatched bars on the axis where a cup sucks on the film, with what to do in words."""
        for cup in graph.cups[:CUPS_SHOWN]:
            x = self._x(cup.from_mm)
            box = QRectF(x, bottom - 7, max(self._x(cup.to_mm) - x, 4), 7)
            painter.setPen(QPen(self.theme.colour("brick"), 1))
            painter.setBrush(self.theme.colour("brickwash"))
            painter.drawRect(box)
            self.hatch(painter, box)
            description = f"Cup from {cup.from_mm:.1f} to {cup.to_mm:.1f} mm: {cup.area_mm2:.1f} mm² sealed, {cup.volume_ml:.3f} ml."
            self.region(box.adjusted(-4, -8, 4, 4), f"{description} Vent it near its bottom, or tilt the part.")

    def _decluttered(self, graph: LayerGraph) -> list[int]:
        """Islands by height, thinned so that pins do not cover each other."""
        kept: list[int] = []
        for number in sorted(range(len(graph.islands)), key=lambda n: graph.islands[n].z_mm):
            z = graph.islands[number].z_mm
            if not kept or self._x(z) - self._x(graph.islands[kept[-1]].z_mm) >= 20:
                kept.append(number)
        return kept

    def _region_at(self, at: QPointF) -> Region | None:
        """What is drawn there, else the layer under the pointer."""
        region = super()._region_at(at)
        if region is None and self.graph is not None and at.x() >= self._left and len(self.graph.areas_mm2):
            height = self._height_at(at.x())
            return Region(QRectF(at.x() - 2, 0, 4, self.height()), self.graph.description(height))
        return region

    def _height_at(self, x: float) -> float:
        assert self.graph is not None
        return float(np.clip((x - self._left) / max(self.width() - self._left - 16, 1), 0, 1)) * self.graph.height_mm

    def _draw_slice(self, painter: QPainter, graph: LayerGraph) -> None:
        frame = QRectF(16, 12, 84, 84)
        painter.setPen(QPen(self.theme.colour("hairline"), 1))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(frame, 4, 4)
        bitmap = graph.bitmap(self.height_mm)[::-1]
        colour = self.theme.colour("tallow")
        pixels = np.zeros((*bitmap.shape, 4), np.uint8)
        pixels[bitmap] = (colour.red(), colour.green(), colour.blue(), 255)
        data = pixels
        image = to_image(data)
        scale = min(74 / bitmap.shape[1], 74 / bitmap.shape[0])
        wide, high = bitmap.shape[1] * scale, bitmap.shape[0] * scale
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(frame.center().x() - wide / 2, frame.center().y() - high / 2, wide, high), image)
        grid = graph.columns.grid
        self.text(
            painter,
            16,
            122,
            f"This layer, {grid.nx * grid.pixel_mm:.0f} × {grid.ny * grid.pixel_mm:.0f} mm",
            11,
            colour="slate",
        )

    def _draw_area(self, painter: QPainter, graph: LayerGraph, top: float, bottom: float) -> None:
        most = max(float(graph.areas_mm2.max()), 1e-9)
        for upto, alpha in ((graph.height_mm, 0.35), (self.height_mm, 0.55)):
            path = QPainterPath(QPointF(self._x(0), bottom))
            layers = int(np.ceil(upto / graph.layer_mm))
            for k in range(min(layers, len(graph.areas_mm2))):
                path.lineTo(
                    self._x((k + 0.5) * graph.layer_mm),
                    bottom - (bottom - top) * 0.86 * float(graph.areas_mm2[k]) / most,
                )
            path.lineTo(self._x(min(upto, graph.height_mm)), bottom)
            path.closeSubpath()
            tone = QColor("#9C8F73")
            tone.setAlphaF(alpha)
            painter.fillPath(path, tone)
        self.tagged(painter, self._left + 8, top + 14, f"peak {most:.0f} mm²", colour="slate")

    def _curve(
        self,
        painter: QPainter,
        graph: LayerGraph,
        values: np.ndarray,
        most: float,
        top: float,
        bottom: float,
        pen: QPen,
    ) -> None:
        path = QPainterPath()
        for k, value in enumerate(values):
            at = QPointF(self._x((k + 0.5) * graph.layer_mm), bottom - (bottom - top) * 0.94 * float(value) / most)
            path.lineTo(at) if k else path.moveTo(at)
        painter.setPen(pen)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)

    def _draw_axis(self, painter: QPainter, graph: LayerGraph, bottom: float) -> None:
        self.line(painter, self._left, bottom, self.width() - 16, bottom, "slate")
        step = next(s for s in (1, 2, 5, 10, 20, 50, 100) if graph.height_mm / s <= 12)
        for tick in range(0, int(graph.height_mm) + 1, step):
            self.line(painter, self._x(tick), bottom, self._x(tick), bottom + 4, "slate")
            self.text(
                painter,
                self._x(tick),
                bottom + 16,
                f"{tick} mm" if tick == 0 else str(tick),
                11,
                colour="slate",
                align=CENTRE,
            )
        for at, (words, role, dash) in enumerate(
            (("area", "#9C8F73", None), ("pull", "ink", False), ("tips hold", "river", True))[: 3 if graph.pulls else 1]
        ):
            y = 28 + 20 * at
            if dash is None:
                self.bar(painter, 112, y - 8, 12, 8, role)
            else:
                painter.setPen(
                    QPen(self.theme.colour(role), 1.6, Qt.PenStyle.DashLine if dash else Qt.PenStyle.SolidLine)
                )
                painter.drawLine(QPointF(110, y - 4), QPointF(126, y - 4))
            self.text(painter, 132, y, words, 11, colour="slate")
        if graph.jumps:
            self.line(painter, 118, 98, 118, 110, "brick", 2.6)
            self.text(painter, 132, 108, "may line", 11, colour="slate")
        if graph.cups:
            self.hatch(painter, QRectF(110, 81, 16, 7))
            self.text(painter, 132, 88, "cups", 11, colour="slate")

    def _draw_margin(self, painter: QPainter, graph: LayerGraph, top: float, bottom: float) -> None:
        ratio, height = graph.least_margin()
        if not np.isfinite(ratio):
            return
        x = self._x(height)
        words = f"least margin: tips hold {ratio:.1f} times the pull, {height:.1f} mm"
        role = "brick" if ratio < 1.2 else "ink"
        tri = QPainterPath(QPointF(x, bottom - 12))
        tri.lineTo(x - 6, bottom - 23)
        tri.lineTo(x + 6, bottom - 23)
        tri.closeSubpath()
        painter.setPen(QPen(self.theme.colour("ink"), 1))
        painter.setBrush(self.theme.colour("tallow"))
        painter.drawPath(tri)
        at_right = x > self.width() * 0.6
        self.tagged(painter, x - 14 if at_right else x + 14, bottom - 14, words, RIGHT if at_right else LEFT, role)

    def _draw_handle(self, painter: QPainter, graph: LayerGraph, top: float, bottom: float) -> None:
        x = self._x(self.height_mm)
        self.line(painter, x, top - 16, x, bottom, "river", 2)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("river"))
        painter.drawRoundedRect(QRectF(x - 12, bottom - 2, 24, 16), 3, 3)
        for dx in (-4, 0, 4):
            self.line(painter, x + dx, bottom + 2, x + dx, bottom + 10, "on_river", 1.4)
        k = min(int(self.height_mm / graph.layer_mm), len(graph.areas_mm2) - 1)
        words = f"{self.height_mm:.1f} mm: area {graph.areas_mm2[k]:.1f} mm²"
        words += f", pull {graph.pull_n[k]:.1f} N" if graph.pulls else ""
        right = x > self.width() - 260
        self.tagged(painter, x - 8 if right else x + 8, 14, words, RIGHT if right else LEFT)

    def scrub(self, height_mm: float) -> None:
        if self.graph is not None:
            self.height_mm = float(np.clip(height_mm, 0, self.graph.height_mm - 1e-6))
            self.scrubbed.emit(self.height_mm)
            self.update()

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if self.graph is not None and event.buttons():
            self.scrub(self._height_at(self.place(event).x()))

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        step = {Qt.Key.Key_Right: 1, Qt.Key.Key_Left: -1, Qt.Key.Key_PageUp: 10, Qt.Key.Key_PageDown: -10}.get(
            Qt.Key(event.key())
        )
        if step is None or self.graph is None:
            super().keyPressEvent(event)
        else:
            self.scrub(self.height_mm + step * self.graph.layer_mm)
