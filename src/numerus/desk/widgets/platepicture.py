"""A plate from above, to scale: what lies where, numbered; bad spots hatched; parts can be tapped."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace
from functools import cached_property

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QMouseEvent, QPainter, QPen, QPolygonF

from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_diamond
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.domain.printing.poses import Pose
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Mesh, about_vertical, rotation_matrix
from numerus.printing.plates.nesting import Bitmap
from numerus.printing.plates.packing import CELL_MM, outline_bitmap

SLACK = 4.0  # px a tap may slip
HATCH_PX, SLANT = 7.0, 0.5**0.5
LOUPE, LOUPE_PX, MOST_PX = 150.0, 75, 1600
OUTCOME_TONES = {"good": "moss", "flawed": "tallow", "failed": "brick"}


@dataclass(frozen=True, eq=False)
class Layer:
    """One layer at the machine's own pixels, bool (ny, nx), row 0 at the front; where it lies, and how it is coloured."""

    bitmap: NDArray[np.bool_]
    pixel_mm: float
    origin_mm: tuple[float, float]
    rgb: tuple[int, int, int]

    @property
    def size_mm(self) -> tuple[float, float]:
        return self.bitmap.shape[1] * self.pixel_mm, self.bitmap.shape[0] * self.pixel_mm

    @cached_property
    def image(self) -> QImage:
        """All of it, coarse enough to be drawn; a pixel that is set anywhere shows."""
        by = max(self.bitmap.shape[1] // MOST_PX, 1)
        ny, nx = (n // by * by for n in self.bitmap.shape)
        coarse = self.bitmap[:ny, :nx].reshape(ny // by, by, nx // by, by).any(axis=(1, 3))
        return self._tinted(np.asarray(coarse))

    def loupe(self, x_mm: float, y_mm: float) -> QImage:
        """Its own pixels round a place on the plate."""
        x, y = (int((v - o) / self.pixel_mm) - LOUPE_PX // 2 for v, o in zip((x_mm, y_mm), self.origin_mm, strict=True))
        near = np.zeros((LOUPE_PX, LOUPE_PX), bool)
        rows, columns = np.arange(y, y + LOUPE_PX), np.arange(x, x + LOUPE_PX)
        r, c = (rows >= 0) & (rows < self.bitmap.shape[0]), (columns >= 0) & (columns < self.bitmap.shape[1])
        near[np.ix_(r, c)] = self.bitmap[np.ix_(rows[r], columns[c])]
        return self._tinted(near, ground=True)

    def _tinted(self, bitmap: NDArray[np.bool_], ground: bool = False) -> QImage:
        pixels = np.full((*bitmap.shape, 4), 255 if ground else 0, np.uint8)
        pixels[bitmap] = (*self.rgb, 255)
        return to_image(np.ascontiguousarray(pixels[::-1]))


class PlatePicture(Drawing):
    """``tapped`` tells the placed id. ``outcomes`` colours and marks parts when a plate has come out.

    While it is ``by_hand`` a part follows the pointer: ``dragged`` tells where it was let go, in mm.
    """

    tapped = pyqtSignal(str)
    dragged = pyqtSignal(str, float, float)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The plate from above")
        self.session, self.jobs = context.session, context.jobs
        self.plate: Plate | None = None
        self.machine: Machine | None = None
        self.outcomes: dict[str, str] = {}
        self.description: Callable[[Placed], str] = lambda placed: placed.slot
        self.chosen = ""
        self.marks: list[tuple[float, float]] = []  # places of earlier failures, in mm
        self.by_hand = False
        self.layer: Layer | None = None
        self._grabbed: Placed | None = None
        self._from, self._at = QPointF(), QPointF()
        self._images: dict[tuple[str, float, str], tuple[QImage, float]] = {}
        self._outlines: dict[tuple[str, float], Bitmap] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumSize", 320, 200)
        context.theme.changed.connect(self._images.clear)

    def show_plate(self, plate: Plate | None, machine: Machine | None, outcomes: dict[str, str] | None = None) -> None:
        self.plate, self.machine, self.outcomes = plate, machine, outcomes or {}
        self._read_outlines()
        self.update()

    def _read_outlines(self) -> None:
        """True outlines of the plate's parts, in a job; until they are there plain ones are drawn."""
        missing, read = self._missing(), self.session.mesh_reader()
        if missing:
            self.jobs.start(
                f"outlines {id(self)}", "Drawing outlines", lambda p: silhouettes(missing, read, p), self._have_outlines
            )

    def read_outlines_now(self) -> None:
        """The same on this thread: for a page that is printed."""
        self._have_outlines(silhouettes(self._missing(), self.session.mesh_reader()))

    def _have_outlines(self, outlines: dict[tuple[str, float], Bitmap]) -> None:
        self._outlines |= outlines
        self.update()

    def _missing(self) -> list[tuple[str, float]]:
        placed = self.plate.placed if self.plate else ()
        keys = [
            (pose.supported_blob, p.turn_deg) for p in placed if (pose := self.session.plans.pose_of(p)) is not None
        ]
        return [key for key in dict.fromkeys(keys) if key not in self._outlines]

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
        if self.layer is not None:
            self._draw_layer(painter, frame, scale)
        for number, placed in enumerate(self.plate.placed, 1):
            if self.layer is None:
                self._draw_part(painter, self._seen(placed, scale), number, frame, scale)
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

    def _seen(self, placed: Placed, scale: float) -> Placed:
        """Where a part is drawn: under the pointer while it is dragged."""
        if self._grabbed is None or placed.id != self._grabbed.id:
            return placed
        by = (self._at - self._from) / scale
        return replace(placed, x_mm=placed.x_mm + by.x(), y_mm=placed.y_mm - by.y())

    def _draw_layer(self, painter: QPainter, frame: QRectF, scale: float) -> None:
        """One layer as the machine exposes it, and its own pixels where the pointer is."""
        assert self.layer is not None
        x, y = self.layer.origin_mm
        wide, high = self.layer.size_mm
        box = QRectF(frame.left() + x * scale, frame.bottom() - (y + high) * scale, wide * scale, high * scale)
        painter.drawImage(box, self.layer.image)
        if not frame.contains(self._at):
            return
        near = self.layer.loupe((self._at.x() - frame.left()) / scale, (frame.bottom() - self._at.y()) / scale)
        box = QRectF(frame.right() - LOUPE - 6, frame.top() + 6, LOUPE, LOUPE)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform, False)
        painter.drawImage(box, near)
        painter.setPen(QPen(self.theme.colour("ink"), 1.4))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRect(box)
        self.tagged(painter, box.left() + 4, box.bottom() - 6, "its own pixels")

    def _draw_bad_spots(self, painter: QPainter, frame: QRectF, scale: float) -> None:
        assert self.machine is not None
        for x, y, radius in self.machine.bad_spots:
            centre = QPointF(frame.left() + x * scale, frame.bottom() - y * scale)
            painter.setPen(QPen(self.theme.colour("slate"), 1))
            for across in np.arange(HATCH_PX / 2 - radius * scale, radius * scale, HATCH_PX):
                # Chords, not a clipped pattern: a card as SVG knows no clipping.
                half = float(np.sqrt(max((radius * scale) ** 2 - across**2, 0.0)))
                middle, along = centre + QPointF(across, across) * SLANT, QPointF(half, -half) * SLANT
                painter.drawLine(middle - along, middle + along)
            painter.setPen(QPen(self.theme.colour("slate"), 1, Qt.PenStyle.DashLine))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawEllipse(centre, radius * scale, radius * scale)

    def _draw_part(self, painter: QPainter, placed: Placed, number: int, frame: QRectF, scale: float) -> None:
        pose = self.session.plans.pose_of(placed)
        centre = QPointF(frame.left() + placed.x_mm * scale, frame.bottom() - placed.y_mm * scale)
        outcome = self.outcomes.get(placed.id, "")
        if pose is None:
            return
        wide = self._draw_outline(painter, placed, pose, centre, scale, OUTCOME_TONES.get(outcome, "river"))
        chosen = placed.id == self.chosen
        if outcome == "failed":
            draw_diamond(painter, centre.x(), centre.y(), 11, self.theme.colour("tallow"), self.theme.colour("ink"))
        else:
            painter.setPen(QPen(self.theme.colour("river" if chosen else "ink"), 2 if chosen else 1))
            painter.setBrush(self.theme.colour("riverwash" if chosen else "chalk"))
            painter.drawEllipse(centre, 9, 9)
        if placed.locked:
            painter.setPen(QPen(self.theme.colour("ink"), 2))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(QRectF(centre.x() - 12, centre.y() - 12, 24, 24))
        self.text(painter, centre.x(), centre.y() + 4, str(number), 11, True, align=CENTRE)
        reach = max(10.0, wide * scale * 0.3)
        word = f", {outcome}" if outcome else ""
        self.region(
            QRectF(centre.x() - reach, centre.y() - reach, 2 * reach, 2 * reach),
            f"{number}. {self.description(placed)}{word}",
            lambda: self._tap(placed),
        )

    def _draw_outline(
        self, painter: QPainter, placed: Placed, pose: Pose, centre: QPointF, scale: float, role: str
    ) -> float:
        """The part's outline in a tone, and its width in mm; a plain one where the true one is still being read."""
        if (pose.supported_blob, placed.turn_deg) in self._outlines:
            image, wide = self._image(pose.supported_blob, placed.turn_deg, role)
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            size = wide * scale
            painter.drawImage(QRectF(centre.x() - size / 2, centre.y() - size / 2, size, size), image)
            return wide
        turn = np.radians(placed.turn_deg)
        corners = np.array(pose.hull_mm).reshape(-1, 2) @ [[np.cos(turn), np.sin(turn)], [-np.sin(turn), np.cos(turn)]]
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour(role, 0.47))
        seen = corners * (scale, -scale) + (centre.x(), centre.y())
        painter.drawPolygon(QPolygonF([QPointF(x, y) for x, y in seen.tolist()]))
        return float(np.ptp(corners, axis=0).max()) if len(corners) else 10.0

    def _tap(self, placed: Placed) -> None:
        self._grabbed = placed if self.by_hand else None
        self.tapped.emit(placed.id)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self._from = self._at = self.place(event)
        self._grabbed = None
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        self._at = self.place(event)
        if self._grabbed is None:
            super().mouseMoveEvent(event)
        if self._grabbed is not None or self.layer is not None:
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        grabbed, by = self._grabbed, self.place(event) - self._from
        self._grabbed = None
        if grabbed is not None and self.machine is not None and by.manhattanLength() > SLACK:
            scale = self._frame(self.machine)[1]
            self.dragged.emit(grabbed.id, grabbed.x_mm + by.x() / scale, grabbed.y_mm - by.y() / scale)
        self.update()

    def _image(self, blob: str, turn_deg: float, role: str) -> tuple[QImage, float]:
        """The silhouette as a tinted picture and its width in mm."""
        key = blob, turn_deg, role
        if key not in self._images:
            bitmap = self._outlines[blob, turn_deg][::-1]
            colour = self.theme.colour(role)
            pixels = np.zeros((*bitmap.shape, 4), np.uint8)
            pixels[bitmap] = (colour.red(), colour.green(), colour.blue(), 120)
            data = pixels
            image = to_image(data)
            self._images[key] = image, bitmap.shape[0] * CELL_MM
        return self._images[key]


def silhouettes(
    wanted: Sequence[tuple[str, float]], read: Callable[[str], Mesh], progress: Progress = lambda _: True
) -> dict[tuple[str, float], Bitmap]:
    """Silhouettes of meshes turned about the vertical, by mesh and turn. Raises Cancelled."""
    outlines = {}
    for number, (blob, turn_deg) in enumerate(wanted):
        if not progress(number / len(wanted)):
            raise Cancelled
        turned = read(blob).transformed(rotation_matrix(about_vertical(turn_deg)))
        outlines[blob, turn_deg] = outline_bitmap(turned, margin_mm=0.0)
    return outlines
