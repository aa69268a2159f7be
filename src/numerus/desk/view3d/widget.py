"""A lit bench with figures on it: turn, shift, zoom, pick; all of it also from the keyboard."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import (
    QColor,
    QImage,
    QKeyEvent,
    QLinearGradient,
    QMouseEvent,
    QPainter,
    QPainterPath,
    QPaintEvent,
    QRadialGradient,
    QWheelEvent,
)
from PyQt6.QtWidgets import QSizePolicy, QWidget

from numerus.desk.theme.palette import Theme
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.images import to_image
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import LIGHT, Camera, RayScene
from numerus.kit.thumbnails import fitted_camera

LAMP_DEG_A_PX = 0.5
Overlay = Callable[[QPainter, "BenchView"], None]


class BenchView(QWidget):
    """Shows things; ``picked`` tells the place in mm a click met. ``overlay`` draws labels over the picture.

    With a ``brush_mm`` a drag that begins on a thing does not turn it: ``brushed`` tells the places it went over, no two
    nearer than that, when it is let go.
    """

    picked = pyqtSignal(object)
    brushed = pyqtSignal(object)
    looked = pyqtSignal()

    def __init__(self, theme: Theme, renderer: Renderer, name: str = "Figure on the bench") -> None:
        super().__init__()
        self.theme, self.renderer = theme, renderer
        self.things: list[Thing] = []
        self.camera = Camera((0, 0, 0), 24, 14, 50)
        self.cut_mm = 1e9
        self.overlay: Overlay | None = None
        self.caption: tuple[str, str] = ("", "")
        self._from: QPointF | None = None
        self._moved = False
        self.brush_mm = 0.0
        self.lamp = LIGHT
        self.dabs: list[Floats] = []
        self._scene: RayScene | None = None
        self._drawn: tuple[list[Thing], tuple[object, ...], QImage] | None = None
        self.setAccessibleName(name)
        self.setToolTip(
            "Drag to turn, right-drag to shift, wheel to zoom, Ctrl-drag to move the lamp; arrows, + and - do the same; Home fits"
        )
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Expanding)
        self.setMinimumSize(180, 160)

    def show_things(self, things: list[Thing], refit: bool = True) -> None:
        if not _alike(things, self.things):  # what is seen already need not be drawn again
            self.things, self._scene = things, None
        if refit and things:
            self.fit()
        self.update()

    def fit(self, meshes: list[Mesh] | None = None) -> None:
        """Look at all that is shown, or at these meshes that soon will be."""
        whole = merged([t.mesh for t in self.things] if meshes is None else meshes)
        if len(whole.faces):
            aspect = max(self.width(), 1) / max(self.height(), 1)
            self.camera = fitted_camera(whole, self.camera.turn_deg, self.camera.raise_deg, 1.16, aspect)
        self.update()

    def project(self, point: Floats | tuple[float, float, float]) -> QPointF:
        """Where a place in mm is seen."""
        right, up, _ = self.camera.axes()
        offset = np.asarray(point, float) - np.asarray(self.camera.centre_mm)
        step = self.height() / self.camera.height_mm
        return QPointF(self.width() / 2 + float(offset @ right) * step, self.height() / 2 - float(offset @ up) * step)

    def paintEvent(self, _: QPaintEvent | None) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        frame = QPainterPath()
        frame.addRoundedRect(QRectF(self.rect()), 6, 6)
        painter.setClipPath(frame)
        ground = QLinearGradient(0, 0, 0, self.height())
        matt = self.theme.colour("matt")
        ground.setColorAt(0, matt.lighter(104 if not self.theme.lamplight else 118))
        ground.setColorAt(0.72, matt)
        ground.setColorAt(1, matt.darker(107))
        painter.fillRect(self.rect(), ground)
        self._draw_shadow(painter)
        ratio = self.devicePixelRatioF()
        painter.drawImage(QRectF(self.rect()), self._picture(int(self.width() * ratio), int(self.height() * ratio)))
        if self.overlay is not None:
            self.overlay(painter, self)
        self._draw_caption(painter)
        if self.hasFocus():
            painter.setPen(self.theme.colour("river"))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRoundedRect(QRectF(self.rect()).adjusted(1, 1, -1, -1), 6, 6)
        painter.end()

    def _picture(self, width: int, height: int) -> QImage:
        """The things as they are looked at; drawn anew only where something about them is other than the last time."""
        seen = self.camera, width, height, self.cut_mm, tuple(self.lamp)
        if self._drawn is None or self._drawn[0] is not self.things or self._drawn[1] != seen:
            drawn = self.renderer.draw(self.things, self.camera, width, height, self.cut_mm, light=self.lamp)
            self._drawn = self.things, seen, to_image(np.ascontiguousarray(drawn))
        return self._drawn[2]

    def _draw_shadow(self, painter: QPainter) -> None:
        """A soft pool of shade where the lowest thing stands."""
        if not self.things:
            return
        whole = [t.mesh.bounds_mm for t in self.things if len(t.mesh.faces)]
        if not whole:
            return
        low, high = np.min([b[0] for b in whole], axis=0), np.max([b[1] for b in whole], axis=0)
        foot = self.project((float(low[0] + high[0]) / 2, float(low[1] + high[1]) / 2, float(low[2])))
        step = self.height() / self.camera.height_mm
        wide = float(max(high[0] - low[0], high[1] - low[1])) * step * 0.62
        flat = wide * max(np.sin(np.radians(self.camera.raise_deg)), 0.12)
        shade = QRadialGradient(QPointF(0, 0), 1.0)
        shade.setColorAt(0.0, QColor(30, 24, 16, 70))
        shade.setColorAt(0.55, QColor(30, 24, 16, 38))
        shade.setColorAt(1.0, QColor(30, 24, 16, 0))
        painter.save()
        painter.translate(foot + QPointF(wide * 0.08, flat * 0.08))
        painter.scale(wide * 1.35, flat * 1.35)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(shade)
        painter.drawEllipse(QPointF(0, 0), 1, 1)
        painter.restore()

    def _draw_caption(self, painter: QPainter) -> None:
        if self.caption[0]:
            zoom = self.theme.zoom
            painter.setPen(self.theme.colour("ink"))
            painter.setFont(self.theme.font(11, True))
            painter.drawText(QPointF(12, 20) * zoom, tr(self.caption[0]))
            painter.setFont(self.theme.font(11))
            painter.setPen(self.theme.colour("slate"))
            painter.drawText(QPointF(12, 35) * zoom, tr(self.caption[1]))

    def turn(self, degrees: float, raise_deg: float = 0.0) -> None:
        tilt = float(np.clip(self.camera.raise_deg + raise_deg, -85, 85))
        self.camera = replace(self.camera, turn_deg=(self.camera.turn_deg + degrees) % 360, raise_deg=tilt)
        self._look()

    def shift(self, dx_px: float, dy_px: float) -> None:
        right, up, _ = self.camera.axes()
        step = self.camera.height_mm / max(self.height(), 1)
        x, y, z = (float(v) for v in np.asarray(self.camera.centre_mm) - right * dx_px * step + up * dy_px * step)
        self.camera = replace(self.camera, centre_mm=(x, y, z))
        self._look()

    def move_lamp(self, turn_deg: float, raise_deg: float) -> None:
        """The lamp moved round the figure, to the viewer's right and up."""
        turn = np.degrees(np.arctan2(self.lamp[0], -self.lamp[1])) + turn_deg
        up = np.clip(np.degrees(np.arcsin(np.clip(self.lamp[2], -1, 1))) + raise_deg, -20, 89)
        t, e = np.radians(turn), np.radians(up)
        self.lamp = np.array([np.sin(t) * np.cos(e), -np.cos(t) * np.cos(e), np.sin(e)])
        self._look()

    def zoom(self, factor: float) -> None:
        self.camera = replace(self.camera, height_mm=float(np.clip(self.camera.height_mm * factor, 2, 2000)))
        self._look()

    def _look(self) -> None:
        self.update()
        self.looked.emit()

    def pick(self, at: QPointF) -> Floats | None:
        """The place in mm seen at a point of the widget, None for the bench itself."""
        whole = merged([t.mesh for t in self.things if t.alpha >= 1])
        if not len(whole.faces):
            return None
        self._scene = self._scene or RayScene(whole)
        right, up, toward = self.camera.axes()
        step = self.camera.height_mm / self.height()
        plane = (
            np.asarray(self.camera.centre_mm)
            + (at.x() - self.width() / 2) * step * right
            - (at.y() - self.height() / 2) * step * up
        )
        far = 2 * float(np.linalg.norm(whole.extents_mm)) + self.camera.height_mm
        start = plane + far * toward
        face = int(self._scene.first_hit(start[None], -toward[None])[0])
        if face < 0:
            return None
        corner, normal = whole.triangles[face, 0], whole.normals[face]
        along = float((corner - start) @ normal) / float(-toward @ normal)
        return np.asarray(start - along * toward)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self._from, self._moved = event.position(), False
        if self.brush_mm and event.button() == Qt.MouseButton.LeftButton:
            self._dab(event.position())

    def _dab(self, at: QPointF) -> None:
        place = self.pick(at)
        if place is not None and all(np.linalg.norm(place - d) >= self.brush_mm for d in self.dabs):
            self.dabs.append(place)
            self.update()

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if self._from is None:
            return
        if self.dabs:
            self._dab(event.position())
            return
        delta = event.position() - self._from
        self._from, self._moved = event.position(), True
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.move_lamp(LAMP_DEG_A_PX * delta.x(), -LAMP_DEG_A_PX * delta.y())
        elif event.buttons() & (Qt.MouseButton.RightButton | Qt.MouseButton.MiddleButton):
            self.shift(delta.x(), delta.y())
        else:
            self.turn(-0.5 * delta.x(), 0.5 * delta.y())

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        if self.dabs:
            dabs, self.dabs = self.dabs, []
            self.brushed.emit(dabs)
        elif self._from is not None and not self._moved:
            self.picked.emit(self.pick(event.position()))
        self._from = None

    def wheelEvent(self, event: QWheelEvent | None) -> None:
        self.zoom(0.9 ** (event.angleDelta().y() / 120))

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        key = Qt.Key
        moves = {
            key.Key_Left: lambda: self.turn(10), key.Key_Right: lambda: self.turn(-10), key.Key_Up: lambda: self.turn(0, 6),
            key.Key_Down: lambda: self.turn(0, -6), key.Key_Plus: lambda: self.zoom(0.9), key.Key_Minus: lambda: self.zoom(1.1),
            key.Key_Home: self.fit,
        }  # fmt: skip
        if event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            moves |= {
                key.Key_Left: lambda: self.move_lamp(-15, 0), key.Key_Right: lambda: self.move_lamp(15, 0),
                key.Key_Up: lambda: self.move_lamp(0, 10), key.Key_Down: lambda: self.move_lamp(0, -10),
            }  # fmt: skip
        move = moves.get(key(event.key()))
        if move is None:
            super().keyPressEvent(event)
        else:
            move()


def _alike(things: list[Thing], others: list[Thing]) -> bool:
    return len(things) == len(others) and all(a.looks_like(b) for a, b in zip(things, others, strict=True))
