"""The Figure page's pictures: strokes of a zone, the figures across the table."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen

from numerus.colour.light import value_of
from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_tick, draw_warning
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.strokes import swatch_over
from numerus.domain.painting.recipes import Recipe, Scheme
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.rays import Camera
from numerus.kit.thumbnails import fitted_camera
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import laid_strokes, laid_um, mix_words
from numerus.words import span

BARE = 0.22  # of a stroke's swatch shows what lies below


class StrokeList(Drawing):
    """The strokes of the chosen zone over dark and light; the next one stands out; click one to mark it done for all."""

    chosen = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Strokes of the zone")
        self.session = context.session
        self.recipe: Recipe | None = None
        self.scheme: Scheme | None = None
        self.done: dict[str, int] = {}
        self.figures = 0
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumWidth", 300)

    def show_recipe(
        self, recipe: Recipe | None, done: dict[str, int], figures: int, scheme: Scheme | None = None
    ) -> None:
        self.recipe, self.done, self.figures, self.scheme = recipe, done, figures, scheme
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.recipe is None:
            return
        rack, scheme = rack_of(self.session.plans), self.scheme
        names = rack.names
        laid = {s.step.id: s for s in laid_strokes(self.recipe, rack, primed_ground(scheme))} if scheme else {}
        self.text(painter, 4, 11, "over what lies below", 11, colour="slate")
        high = min(70.0, (self.height() - 18) / max(len(self.recipe.steps), 1))
        following = next((s.id for s in self.recipe.steps if self.done.get(s.id, 0) < self.figures), "")
        for number, stroke in enumerate(self.recipe.steps):
            y = 18 + number * high
            box = QRectF(0, y, self.width(), high - 3)
            if stroke.id == following:
                painter.setPen(Qt.PenStyle.NoPen)
                painter.setBrush(self.theme.colour("riverwash"))
                painter.drawRoundedRect(box, 4, 4)
            shown = QRectF(4, y + 5, 152, min(36.0, high - 12))
            if stroke.id in laid:
                paint, below = rack.pigment(stroke.mix), laid[stroke.id].below
                painter.drawImage(shown, swatch_over(paint, [below], 304, 72, stroke.technique, laid_um(stroke), BARE))
            else:
                self.hatch(painter, shown)
                self.tagged(painter, shown.left() + 8, shown.center().y() + 4, "a paint is gone", colour="brick")
            self._state(painter, number, stroke.id, y + high / 2 - 3, stroke.id == following)
            self.text(painter, 192, y + 17, stroke.name, 13, True)
            self.text(painter, self.width() - 4, y + 17, span(stroke.minutes), 13, align=RIGHT)
            words = QRectF(192, y + 20, self.width() - 196, 30)
            used = self.paragraph(painter, words, mix_words(stroke, names), 11)
            if high > used + 32:
                tool = f"{stroke.tool}, dries {span(stroke.dries_min)}, from {stroke.level}"
                self.text(painter, 192, y + 32 + used, tool, 11, colour="slate", width=self.width() - 196)
            description = (
                f"{stroke.name}: {stroke.technique}; {self.done.get(stroke.id, 0)} of {self.figures} figures have it"
            )
            self.region(box, description, lambda s=stroke.id: self.chosen.emit(s))

    def _state(self, painter: QPainter, number: int, step_id: str, y: float, following: bool) -> None:
        whole = self.figures > 0 and self.done.get(step_id, 0) >= self.figures
        painter.setPen(QPen(self.theme.colour("moss" if whole else "river" if following else "slate"), 1.4))
        painter.setBrush(
            self.theme.colour("moss") if whole else self.theme.colour("river") if following else Qt.BrushStyle.NoBrush
        )
        painter.drawEllipse(QPointF(174, y), 9, 9)
        if whole:
            draw_tick(painter, 169.5, y - 4.5, 9, self.theme.colour("chalk"))
        else:
            self.text(painter, 174, y + 4, str(number + 1), 11, True, "on_river" if following else "ink", CENTRE)


class TableView(Drawing):
    """Three figures small as on the table, as painted and in value only; a strip says which zones melt."""

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, "At table distance")
        self.renderer = renderer
        self.colour: list[Thing] = []
        self.grey: list[Thing] = []
        self.zones: dict[str, str] = {}
        self.melting: list[tuple[str, str, float]] = []
        self._drawn: dict[tuple[int, int, int], QImage] = {}
        self._looked: tuple[list[Mesh], Camera] | None = None
        self.hold("setMinimumWidth", 206)

    def show_figures(self, colour: list[Thing], grey: list[Thing], zones: dict[str, str]) -> None:
        """``zones``: names of the largest and their colours."""
        self.colour, self.grey, self.zones, self._drawn = colour, grey, zones, {}
        self.update()

    def show_melting(self, pairs: list[tuple[str, str, float]]) -> None:
        """Names of zones that touch and melt, with how far their values are apart; worst first."""
        self.melting = pairs
        self.update()

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 18, "At table distance", 16, True)
        if not self.colour:
            return
        high = (self.height() - 176) / 2
        for at, (words, things) in enumerate((("As painted", self.colour), ("Value only", self.grey))):
            y = 26 + at * (high + 22)
            self.text(painter, 0, y + 10, words, 11, colour="slate")
            box = QRectF(0, y + 16, self.width(), high)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("matt"))
            painter.drawRoundedRect(box, 5, 5)
            self._row(painter, things, box)
        self._strip(painter, self.height() - 76)

    def _row(self, painter: QPainter, things: list[Thing], box: QRectF) -> None:
        wide = int(box.height() * 0.62)
        shown = self._shown(things, 2 * wide, int(2 * box.height()))
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        many = 3 if 2.4 * wide < box.width() else 2
        for n in range(many):
            x = box.center().x() + (n - (many - 1) / 2) * min(wide * 0.85, box.width() / many) - wide / 2
            painter.drawImage(QRectF(x, box.top(), wide, box.height()), shown)

    def _shown(self, things: list[Thing], wide: int, high: int) -> QImage:
        """The figure at a size, drawn once."""
        key = id(things), wide, high
        if key not in self._drawn:
            camera = self._camera_on(things)
            self._drawn[key] = to_image(np.ascontiguousarray(self.renderer.draw(things, camera, wide, high)))
        return self._drawn[key]

    def _camera_on(self, things: list[Thing]) -> Camera:
        """The same figure in other colours is looked at from the same place, which is worked out once."""
        meshes = [t.mesh for t in things]
        if (
            self._looked is None
            or len(self._looked[0]) != len(meshes)
            or any(a is not b for a, b in zip(self._looked[0], meshes, strict=True))
        ):
            self._looked = meshes, fitted_camera(merged(meshes), 20, 22, 1.12, 0.62)
        return self._looked[1]

    def _strip(self, painter: QPainter, y: float) -> None:
        """Lightness 0 to 100 with a tick per zone, and the pair that melts."""
        wide = float(self.width())
        for n in range(50):
            tone = round(255 * n / 49)
            painter.fillRect(
                QRectF(wide * n / 50, y, wide / 50 + 1, 8), self.theme.colour(f"#{tone:02X}{tone:02X}{tone:02X}")
            )
        last = {0: -99.0, 1: -99.0}
        for number, (zone, colour) in enumerate(sorted(self.zones.items(), key=lambda z: value_of(z[1]))):
            x = wide * value_of(colour) / 100
            side = number % 2
            self.line(painter, x, y - 3, x, y + 11, "ink", 1.4)
            if x - last[side] > 46:
                self.text(
                    painter,
                    min(max(x, 14), wide - 22),
                    y - 6 if side == 0 else y + 22,
                    f"{zone} {value_of(colour):.0f}",
                    11,
                    align=CENTRE,
                )
                last[side] = x
        if self.melting:
            one, other, apart = self.melting[0]
            draw_warning(painter, 0, y + 32, 14, self.theme.colour("tallow"), self.theme.colour("ink"))
            self.text(
                painter,
                20,
                y + 44,
                f"{other.capitalize()} melts into {one}: {apart:.0f} apart.",
                11,
                True,
                width=wide - 20,
            )
            self.text(painter, 20, y + 58, "Shade one down or light the other.", 11, colour="slate", width=wide - 20)
        else:
            self.text(painter, 0, y + 44, "Neighbouring zones stand apart in value.", 11, colour="slate", width=wide)
