"""The Pose bench's pictures: the chart of all directions, candidates side by side, the layer graph that is the scrubber."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.theme.palette import Theme
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.drawing import CENTRE, LEFT, RIGHT, Drawing
from numerus.desk.widgets.images import to_image
from numerus.geometry.mesh import Mesh
from numerus.kit.thumbnails import fitted_camera
from numerus.resin.layergraph import LayerGraph
from numerus.resin.pose import SCHOOL_SAYS, PoseCost, Search, in_words, posed
from numerus.words import span

LETTERS = "ABCD"
TONES = 7


def draw_letter(painter: QPainter, theme: Theme, x: float, y: float, letter: str, chosen: bool) -> None:
    """A candidate's letter in its box, centred."""
    box = QRectF(x - 9, y - 9, 18, 18)
    painter.setPen(QPen(theme.colour("ink"), 1))
    painter.setBrush(theme.colour("river" if chosen else "chalk"))
    painter.drawRoundedRect(box, 3, 3)
    painter.setFont(theme.drawn_font(11, True))
    painter.setPen(theme.colour("on_river" if chosen else "ink"))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, letter)


def draw_pin(painter: QPainter, theme: Theme, at: QPointF, number: str) -> None:
    """A numbered pin whose point is at ``at``."""
    path = QPainterPath(at)
    path.cubicTo(at + QPointF(-3, -8), at + QPointF(-9, -11), at + QPointF(-9, -18))
    path.arcTo(QRectF(at.x() - 9, at.y() - 27, 18, 18), 180, -180)
    path.cubicTo(at + QPointF(9, -11), at + QPointF(3, -8), at)
    painter.setPen(QPen(theme.colour("ink"), 1.2))
    painter.setBrush(theme.colour("chalk"))
    painter.drawPath(path)
    painter.setFont(theme.drawn_font(11, True))
    painter.setPen(theme.colour("ink"))
    painter.drawText(QRectF(at.x() - 9, at.y() - 27, 18, 18), Qt.AlignmentFlag.AlignCenter, number)


class PoseChart(Drawing):
    """Every way the part can lie, each to its true share: centre stands, rim is on its head (Lambert equal-area)."""

    turned = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Pose chart")
        self.found: Search | None = None
        self.costs: list[PoseCost] = []
        self.chosen = 0
        self._image: QImage | None = None
        self.hold("setMinimumSize", 168, 168)
        context.theme.changed.connect(self._stale)

    def show_search(self, found: Search | None, costs: list[PoseCost], chosen: int) -> None:
        if found is not self.found:
            self._image = None
        self.found, self.costs, self.chosen = found, costs, chosen
        self.update()

    def _stale(self) -> None:
        self._image = None

    def _place(self, up: tuple[float, float, float], radius: float) -> QPointF:
        """Where a direction of "up" lies: distance sin(lean / 2) of the radius, toward the side it leans to."""
        x, y, z = up
        flat = float(np.hypot(x, y))
        r = radius * float(np.sqrt(max(1 - z, 0) / 2))
        middle = QPointF(self.width() / 2, self.height() / 2)
        return middle if flat < 1e-9 else middle + QPointF(-x / flat * r, y / flat * r)

    def draw(self, painter: QPainter) -> None:
        radius = min(self.width(), self.height()) / 2 - 4
        middle = QPointF(self.width() / 2, self.height() / 2)
        if self.found is None:
            self.text(painter, middle.x(), middle.y(), "searching", 11, colour="slate", align=CENTRE)
            return
        if self._image is None:
            self._image = self._tones(self.found)
        clip = QPainterPath()
        clip.addEllipse(middle, radius, radius)
        painter.save()
        painter.setClipPath(clip)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(middle.x() - radius, middle.y() - radius, 2 * radius, 2 * radius), self._image)
        painter.restore()
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(self.theme.colour("ink"), 1.6))
        painter.drawEllipse(middle, radius, radius)
        painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
        for degrees in (45, 90, 135):
            r = radius * np.sin(np.radians(degrees / 2))
            painter.drawEllipse(middle, r, r)
            self.text(painter, middle.x() - r * 0.72, middle.y() + r * 0.72 + 4, f"{degrees}°", 11, align=CENTRE)
            painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DotLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
        for number, cost in enumerate(self.costs):
            at = self._place(cost.up, radius)
            draw_letter(painter, self.theme, at.x(), at.y(), LETTERS[number], number == self.chosen)
        says = "Centre stands, rings lean 45°, 90° and 135°, the rim is on its head; toward you leans back. Dark is little regret."
        self.region(self.area, says)

    def _tones(self, found: Search) -> QImage:
        """Regret of the nearest searched direction in seven tones."""
        from scipy.spatial import cKDTree

        size = 240
        y, x = (np.indices((size, size)) - size / 2 + 0.5) / (size / 2)
        r = np.minimum(np.hypot(x, y), 1)
        z = 1 - 2 * r * r
        flat = np.sqrt(np.maximum(1 - z * z, 0))
        ups = np.stack([-x / np.maximum(r, 1e-9) * flat, y / np.maximum(r, 1e-9) * flat, z], axis=-1)
        near, index = cKDTree(found.ups).query(ups.reshape(-1, 3), k=4)
        weight = 1 / (near + 0.02)
        regret = (found.regret[index] * weight).sum(axis=1) / weight.sum(axis=1)
        rank = np.clip((regret - regret.min()) / max(float(np.ptp(regret)), 1e-9) * TONES, 0, TONES - 1).astype(int)
        good, poor = self.theme.colour("river"), self.theme.colour("bed")
        mix = np.linspace(0.75, 0, TONES)
        tones = np.array(
            [
                [
                    good.red() * m + poor.red() * (1 - m),
                    good.green() * m + poor.green() * (1 - m),
                    good.blue() * m + poor.blue() * (1 - m),
                ]
                for m in mix
            ]
        )
        pixels = np.concatenate([tones[rank], np.full((size * size, 1), 255)], axis=1).astype(np.uint8)
        return to_image(pixels.reshape(size, size, 4))

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        radius = min(self.width(), self.height()) / 2 - 4
        offset = self.place(event) - QPointF(self.width() / 2, self.height() / 2)
        r = min(float(np.hypot(offset.x(), offset.y())) / radius, 1.0)
        z = 1 - 2 * r * r
        flat = float(np.sqrt(max(1 - z * z, 0)))
        length = max(float(np.hypot(offset.x(), offset.y())), 1e-9)
        self.turned.emit(np.array([-offset.x() / length * flat, offset.y() / length * flat, z]))


class Compared(Drawing):
    """Two to four candidates on equal scales; the difference said in words; a column can be chosen."""

    chosen = pyqtSignal(int)
    ROWS = (
        ("Time", "minutes", lambda c: span(c.minutes), "Minutes of a run as tall as this pose"),
        ("Scars on show", "scar_mm2", lambda c: f"{c.scar_mm2:.1f} mm²", "Marks of tips on what the table sees"),
        ("Islands", "islands", lambda c: str(c.islands), "Places that begin in mid-air and must be caught"),
        ("Cups", "cups", lambda c: str(c.cups), "Spaces that suck on the film when the plate lifts: vent or tilt"),
        ("To support", "support_mm2", lambda c: f"{c.support_mm2:.0f} mm²", "Area that leans less than 40° from level"),
        ("Peak layer", "peak_mm2", lambda c: f"{c.peak_mm2:.0f} mm²", "Largest layer: the strongest pull on the film"),
        (
            "Height",
            "height_mm",
            lambda c: f"{c.height_mm:.1f} mm",
            "With 4 mm under it for the tips, unless it stands flat",
        ),
    )

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, "Candidates compared")
        self.renderer = renderer
        self.costs: list[PoseCost] = []
        self.at_candidate = 0
        self._pictures: list[QImage] = []
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 226)

    def show_costs(self, costs: list[PoseCost], mesh: Mesh | None, chosen: int) -> None:
        if mesh is not None:
            self._pictures = [self._picture(posed(mesh, c.up)) for c in costs]
        self.costs, self.at_candidate = costs, chosen
        self.update()

    def _picture(self, mesh: Mesh) -> QImage:
        camera = fitted_camera(mesh, 28, 16, 1.1, 1.3)
        image = np.ascontiguousarray(
            self.renderer.draw([Thing(mesh, np.array([[188, 180, 166]], np.uint8))], camera, 208, 160)
        )
        return to_image(image)

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 18, "Compared", 16, True)
        self.text(painter, 0, 34, "same part, same", 11, colour="slate")
        self.text(painter, 0, 47, "scale in each row", 11, colour="slate")
        if not self.costs:
            return
        left = 104.0
        wide = (self.width() - left) / len(self.costs)
        picture = max(44.0, min(90.0, self.height() - 196))
        step = max(17.0, min(27.0, (self.height() - picture - 50) / len(self.ROWS)))
        for number, cost in enumerate(self.costs):
            self._column(painter, number, cost, left + number * wide, wide, picture, step)
        for at, (name, _, _, says) in enumerate(self.ROWS):
            y = picture + 22 + at * step
            self.text(painter, 0, y + 13, name, 11)
            self.region(QRectF(0, y, left, step), says)
        self._in_words(painter)

    def _column(
        self, painter: QPainter, number: int, cost: PoseCost, x: float, wide: float, picture: float, step: float
    ) -> None:
        chosen = number == self.at_candidate
        box = QRectF(x, 0, wide - 6, picture + 26 + len(self.ROWS) * step)
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 5, 5)
        if number < len(self._pictures):
            painter.drawImage(
                QRectF(x + wide / 2 - picture * 0.65 + 4, 2, picture * 1.3, picture), self._pictures[number]
            )
        draw_letter(painter, self.theme, x + 14, 14, LETTERS[number], chosen)
        self.text(painter, x + 6, picture + 14, cost.school, 11, chosen, width=wide - 14)
        for at, (_, field, words, _) in enumerate(self.ROWS):
            y = picture + 22 + at * step
            most = max(max(float(getattr(c, field)) for c in self.costs), 1e-9)
            self.text(painter, x + 6, y + 13, words(cost), 11, chosen)
            self.bar(painter, x + 6, y + 16, wide - 20, 3, "bed")
            self.bar(
                painter,
                x + 6,
                y + 16,
                (wide - 20) * float(getattr(cost, field)) / most,
                3,
                "river" if chosen else "slate",
            )
        self.region(box, SCHOOL_SAYS.get(cost.school, "Your own turn of the part."), lambda: self.chosen.emit(number))

    def _in_words(self, painter: QPainter) -> None:
        chosen, first = self.costs[self.at_candidate], self.costs[0]
        other = self.costs[-1] if self.at_candidate == 0 else first
        if chosen is other:
            return
        against = LETTERS[self.costs.index(other)]
        wide = self.text(painter, 0, self.height() - 6, f"{LETTERS[self.at_candidate]} against {against}: ", 13, True)
        self.text(painter, wide, self.height() - 6, in_words(chosen, other) + ".", 13, width=self.width() - wide)


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
        most = max(float(graph.pull_n.max()), float(np.minimum(graph.holds_n, 4 * graph.pull_n.max()).max()), 1e-9)
        self._curve(painter, graph, graph.pull_n, most, top, bottom, QPen(self.theme.colour("ink"), 1.4))
        self._curve(
            painter,
            graph,
            np.minimum(graph.holds_n, most),
            most,
            top,
            bottom,
            QPen(self.theme.colour("river"), 1.4, Qt.PenStyle.DashLine),
        )
        self._draw_axis(painter, graph, bottom)
        for number, island in enumerate(self._decluttered(graph), 1):
            draw_pin(painter, self.theme, QPointF(self._x(island), top - 2), str(number))
            self.line(painter, self._x(island), top - 2, self._x(island), bottom, "slate", 0.8)
        self._draw_cups(painter, graph, bottom)
        self._draw_margin(painter, graph, top, bottom)
        self._draw_handle(painter, graph, top, bottom)

    def _draw_cups(self, painter: QPainter, graph: LayerGraph, bottom: float) -> None:
        """Hatched bars on the axis where a cup sucks on the film, with what to do in words."""
        for cup in graph.cups[:CUPS_SHOWN]:
            x = self._x(cup.from_mm)
            box = QRectF(x, bottom - 7, max(self._x(cup.to_mm) - x, 4), 7)
            painter.setPen(QPen(self.theme.colour("brick"), 1))
            painter.setBrush(self.theme.colour("brickwash"))
            painter.drawRect(box)
            self.hatch(painter, box)
            says = f"Cup from {cup.from_mm:.1f} to {cup.to_mm:.1f} mm: {cup.area_mm2:.1f} mm² sealed, {cup.volume_ml:.3f} ml."
            self.region(box.adjusted(-4, -8, 4, 4), f"{says} Vent it near its bottom, or tilt the part.")

    def _decluttered(self, graph: LayerGraph) -> list[float]:
        """Heights of islands, thinned so that pins do not cover each other."""
        kept: list[float] = []
        for z in sorted(i.z_mm for i in graph.islands):
            if not kept or self._x(z) - self._x(kept[-1]) >= 20:
                kept.append(z)
        return kept

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
            (("area", "#9C8F73", None), ("pull", "ink", False), ("tips hold", "river", True))
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
        words = f"{self.height_mm:.1f} mm: area {graph.areas_mm2[k]:.1f} mm², pull {graph.pull_n[k]:.1f} N"
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
            share = (self.place(event).x() - self._left) / max(self.width() - self._left - 16, 1)
            self.scrub(share * self.graph.height_mm)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        step = {Qt.Key.Key_Right: 1, Qt.Key.Key_Left: -1, Qt.Key.Key_PageUp: 10, Qt.Key.Key_PageDown: -10}.get(
            Qt.Key(event.key())
        )
        if step is None or self.graph is None:
            super().keyPressEvent(event)
        else:
            self.scrub(self.height_mm + step * self.graph.layer_mm)
