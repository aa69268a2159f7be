"""The pose chart: every direction as a map with its good regions outlined, small silhouettes round it; and what counts."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QMouseEvent, QPainter, QPainterPath, QPen, QPolygonF

from numerus.desk.context import Context
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.pins import LETTERS, draw_letter
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.orientation.direction_chart import ChartMap, chart_map, outline_of, place_of, up_of
from numerus.printing.orientation.orientation_search import COST_DESCRIPTION, COSTS, OF_A_FILM, Search, Weights
from numerus.printing.orientation.pose_measures import PoseCost

TONES = 7
RIM_PX = 24.0  # for the silhouettes round the map
AROUND = 8
ROW_PX = 17.0


class PoseChart(Drawing):
    """Every way the part can lie, each to its true share: centre stands, rim is on its head (Lambert equal-area).

    ``turning``: a direction while it is dragged; ``turned``: where it was let go.
    """

    turning = pyqtSignal(object)
    turned = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Pose chart")
        self.search: Search | None = None
        self.costs: list[PoseCost] = []
        self.chosen = 0
        self.dragged: tuple[float, float, float] | None = None
        self._map: ChartMap | None = None
        self._image: QImage | None = None
        self._outlines: list[tuple[tuple[float, float], Floats]] = []
        self.hold("setMinimumSize", 176, 164)
        context.theme.changed.connect(self._stale)

    def show_part(self, mesh: Mesh) -> None:
        """The part whose silhouettes stand round the map."""
        turns = np.arange(AROUND) * 2 * np.pi / AROUND
        ups = [np.array([-np.sin(t), np.cos(t), 0.0]) for t in turns]
        self._outlines = [(place_of(up), outline_of(mesh, up)) for up in ups]
        self.update()

    def show_search(self, search: Search | None, costs: list[PoseCost], chosen: int) -> None:
        if search is not self.search:
            self._image = self._map = None
        self.search, self.costs, self.chosen, self.dragged = search, costs, chosen, None
        self.update()

    def _stale(self) -> None:
        self._image = None

    @property
    def _radius(self) -> float:
        return min(self.width(), self.height()) / 2 - RIM_PX

    @property
    def _middle(self) -> QPointF:
        return QPointF(self.width() / 2, self.height() / 2)

    def _place(self, up: tuple[float, float, float], radius: float) -> QPointF:
        """Where a direction of "up" lies on the map."""
        x, y = place_of(up)
        return self._middle + QPointF(x * radius, y * radius)

    def draw(self, painter: QPainter) -> None:
        radius, middle = self._radius, self._middle
        if self.search is None:
            self.text(painter, middle.x(), middle.y(), "searching", 11, colour="slate", align=CENTRE)
            return
        if self._map is None:
            self._map = chart_map(self.search)
        if self._image is None:
            self._image = self._tones(self._map)
        self._draw_map(painter, middle, radius)
        self._draw_rings(painter, middle, radius)
        self._draw_outlines(painter, middle, radius)
        for number, cost in enumerate(self.costs):
            at = self._place(cost.up, radius)
            draw_letter(painter, self.theme, at.x(), at.y(), LETTERS[number], number == self.chosen)
        if self.dragged is not None:
            painter.setPen(QPen(self.theme.colour("ink"), 2))
            painter.setBrush(self.theme.colour("tallow"))
            painter.drawEllipse(self._place(self.dragged, radius), 6, 6)
        self.region(
            self.area,
            "Centre stands, rings lean 45°, 90° and 135°, the rim is on its head; toward you leans back. Dark is little "
            "regret, the line holds the best tenth. Drag to turn the part, let go to support it.",
        )

    def _draw_map(self, painter: QPainter, middle: QPointF, radius: float) -> None:
        clip = QPainterPath()
        clip.addEllipse(middle, radius, radius)
        painter.save()
        painter.setClipPath(clip)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        assert self._image is not None and self._map is not None
        painter.drawImage(QRectF(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius), self._image)
        painter.setPen(QPen(self.theme.colour("ink"), 1.2))
        for line in self._map.contours:
            painter.drawPolyline(QPolygonF([middle + QPointF(x * radius, y * radius) for x, y in line]))
        painter.restore()

    def _draw_rings(self, painter: QPainter, middle: QPointF, radius: float) -> None:
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(self.theme.colour("ink"), 1.6))
        painter.drawEllipse(middle, radius, radius)
        for degrees in (45, 90, 135):
            r = radius * np.sin(np.radians(degrees / 2))
            painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(middle, r, r)
            self.text(painter, middle.x() - r * 0.72, middle.y() + r * 0.72 + 4, f"{degrees}°", 11, align=CENTRE)

    def _draw_outlines(self, painter: QPainter, middle: QPointF, radius: float) -> None:
        """The part as it lies at each point of the ring, outside the map."""
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("ink"))
        for (x, y), outline in self._outlines:
            length = max(float(np.hypot(x, y)), 1e-9)
            at = middle + QPointF(x / length, y / length) * (radius + RIM_PX / 2)
            painter.drawPolygon(QPolygonF([at + QPointF(u, -v) * (RIM_PX - 4) for u, v in outline]))

    def _tones(self, mapped: ChartMap) -> QImage:
        """The weighted cost in seven tones."""
        weighted_cost = mapped.weighted_cost
        rank = np.clip(
            (weighted_cost - weighted_cost.min()) / max(float(np.ptp(weighted_cost)), 1e-9) * TONES, 0, TONES - 1
        ).astype(int)
        good, poor = self.theme.colour("river"), self.theme.colour("bed")
        mix = np.linspace(0.75, 0, TONES)[:, None]
        ends = [np.array([c.red(), c.green(), c.blue()]) for c in (good, poor)]
        tones = ends[0] * mix + ends[1] * (1 - mix)
        pixels = np.concatenate([tones[rank], np.full((*rank.shape, 1), 255)], axis=2)
        return to_image(np.ascontiguousarray(pixels.astype(np.uint8)))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if event is not None and event.buttons() and self.costs:
            offset = self.place(event) - self._middle
            up = up_of(offset.x() / self._radius, offset.y() / self._radius)
            self.dragged = (float(up[0]), float(up[1]), float(up[2]))
            self.turning.emit(up)
            self.update()

    def mouseReleaseEvent(self, _: QMouseEvent | None) -> None:
        if self.dragged is not None:
            up, self.dragged = self.dragged, None
            self.turned.emit(np.array(up))


class WhatCounts(Drawing):
    """How much each cost counts, in five steps; a click sets it, a second click on the first step takes it out."""

    changed = pyqtSignal(object)

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "What counts here")
        self.weights, self.dry = Weights(), False
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumSize", 190, 6 * ROW_PX)

    def show_weights(self, weights: Weights, dry: bool = False) -> None:
        """``dry``: of plastic, where what a film does is not asked."""
        self.weights, self.dry = weights, dry
        self.update()

    def draw(self, painter: QPainter) -> None:
        shown = [c for c in COSTS if not (self.dry and c in OF_A_FILM)]
        half = (len(shown) + 1) // 2
        wide = self.width() / 2
        for number, name in enumerate(shown):
            x, y = (number // half) * wide, (number % half) * ROW_PX
            value = getattr(self.weights, name)
            self.text(painter, x, y + 13, name, 11)
            self.region(QRectF(x, y, 58, 20), COST_DESCRIPTION[name])
            for step in range(5):
                box = QRectF(x + 60 + step * 11, y + 4, 9, 9)
                painter.setPen(QPen(self.theme.colour("slate"), 1))
                painter.setBrush(self.theme.colour("ink") if value > step + 0.15 else self.theme.colour("chalk"))
                painter.drawRect(box)
                self.region(
                    box.adjusted(-1, -2, 1, 2),
                    f"{COST_DESCRIPTION[name]}: {value:.1f} of 5",
                    lambda n=name, s=step: self._set(n, s),
                )

    def _set(self, name: str, step: int) -> None:
        value = 0.0 if step == 0 and 0 < getattr(self.weights, name) <= 1 else step + 1.0
        self.weights = Weights(**{n: value if n == name else getattr(self.weights, n) for n in COSTS})
        self.changed.emit(self.weights)
        self.update()
