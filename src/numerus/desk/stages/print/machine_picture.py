"""A machine at work, as its camera sees it, with its numbers; or at rest, with what will hang from its plate."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.images import to_image
from numerus.devices.camera import HIGH, WIDE, camera_picture, front_of
from numerus.devices.printer import Reading
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.domain.printing.poses import Pose
from numerus.errors import Cancelled, Progress
from numerus.geometry.hulls import hull_of
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.machines.timing import off_reel
from numerus.printing.plates.one_by_one import one_by_one
from numerus.printing.plates.packing import placed_points
from numerus.words import span

SKIN_POINTS = 4000  # of each part

NOTHING: Floats = np.zeros((0, 3))


def _points_on(mesh: Mesh) -> Floats:
    return even_points(mesh, SKIN_POINTS)[0] if len(mesh.faces) else NOTHING


class MachineView(Drawing):
    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The machine")
        self.session, self.jobs = context.session, context.jobs
        self.machine: Machine | None = None
        self.plate: Plate | None = None
        self.reading: Reading | None = None
        self.at_rest: list[tuple[str, str]] = []
        self.vat_ml: float | None = None
        self.hangs = "will hang"
        self._skin = NOTHING
        self._skin_of: tuple[tuple[Placed, str], ...] = ()
        self._looking_at: tuple[tuple[Placed, str], ...] = ()
        self._known: dict[str, Floats] = {}
        self.hold("setMinimumSize", 200, 380)

    def show_reading(self, machine: Machine | None, plate: Plate | None, reading: Reading | None) -> None:
        self.machine, self.plate, self.reading = machine, plate, reading
        self._look_at_plate()
        self.update()

    def _look_at_plate(self) -> None:
        """Points all over what is on the plate, where it stands: in a job, once for a plate."""
        placed = self.plate.placed if self.plate else ()
        poses = [(p, pose) for p in placed if (pose := self.session.plans.pose_of(p)) is not None]
        about = tuple((p, pose.supported_blob) for p, pose in poses)
        if about in (self._skin_of, self._looking_at):
            return
        self._skin, self._looking_at, known, mesh_of = NOTHING, about, self._known, self.session.mesh_reader()

        def work(progress: Progress) -> Floats:
            for number, (_, blob) in enumerate(about):
                if not progress(number / len(about)):
                    raise Cancelled
                known[blob] = known[blob] if blob in known else _points_on(mesh_of(blob))
            return np.concatenate([NOTHING, *(placed_points(known[blob], p) for p, blob in about)])

        def done(skin: Floats) -> None:
            self._skin, self._skin_of = skin, about
            self.update()

        self.jobs.start("skin", "Looking at the plate", work, done, lambda: self._looked_in_vain(about))

    def _looked_in_vain(self, about: tuple[tuple[Placed, str], ...]) -> None:
        """The plate is looked at again when it is shown the next time."""
        self._looking_at = () if self._looking_at == about else self._looking_at

    def show_rest(self, vat_ml: float | None, worn: list[tuple[str, str]], hangs: str) -> None:
        """What there is to say of the machine while it does not print: what stands in its vat, what is worn; of its plate
        whether it "will hang", "hangs" or "hung".
        """
        self.vat_ml, self.hangs = vat_ml, hangs
        ml = "not known" if vat_ml is None else f"{vat_ml:.0f} ml"
        vat = [("In the vat", ml)] if self.machine is None or not self.machine.is_dry else []
        self.at_rest = [*vat, *worn, ("State", "its plate hangs" if hangs == "hangs" else "at rest")]

    def draw(self, painter: QPainter) -> None:
        if self.machine is None:
            return
        box = QRectF(4, 4, self.width() - 8, (self.width() - 8) * HIGH / WIDE)
        painter.setPen(QPen(self.theme.colour("slate"), 1.4))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawRoundedRect(box, 6, 6)
        if self.reading is not None and self.plate is not None:
            self._draw_camera(painter, box)
        elif self.machine.is_dry:
            self._draw_standing(painter, box)
        else:
            self._draw_vat(painter, box, box.bottom() - 42)
            self._draw_coming(painter, box, box.bottom() - 42)
        self._draw_numbers(painter, self._draw_from_above(painter, box.bottom() + 10) + 24)

    def _draw_from_above(self, painter: QPainter, top: float) -> float:
        """The plate from above with its parts' outlines; where it ends."""
        assert self.machine is not None
        wide = self.width() - 8
        scale = wide / self.machine.plate_x_mm
        frame = QRectF(4, top, wide, self.machine.plate_y_mm * scale)
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(frame, 3, 3)
        painter.setPen(QPen(self.theme.colour("river"), 1))
        painter.setBrush(self.theme.colour("riverwash"))
        for placed in self.plate.placed if self.plate else ():
            pose = self.session.plans.pose_of(placed)
            corners = [(x, y, 0.0) for x, y in self._hull(pose)] if pose else []
            if corners:
                places = placed_points(np.array(corners), placed) * scale
                painter.drawPolygon([QPointF(frame.left() + x, frame.bottom() - y) for x, y, _ in places.tolist()])
        return frame.bottom()

    def _hull(self, pose: Pose) -> Sequence[tuple[float, float]]:
        """Its outline, of an older book's pose worked out here."""
        points = self._known.get(pose.supported_blob, NOTHING)
        return pose.hull_mm or ([(x, y) for x, y in hull_of(points[:, :2]).tolist()] if len(points) else [])

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
        high = 26 * min((self.vat_ml or 0.0) / max(self.machine.vat_full_ml if self.machine else 1.0, 1e-9), 1.0)
        painter.fillRect(QRectF(box.left(), top + 26 - high, box.width(), high), self.theme.colour("#9C8F73", 0.6))
        painter.restore()
        painter.fillRect(QRectF(box.left() + 26, top + 30, box.width() - 52, 4), self.theme.colour("river"))

    def _draw_coming(self, painter: QPainter, box: QRectF, vat_top: float) -> None:
        """The plate over the vat and what will hang from it, seen from the front and to scale."""
        assert self.machine is not None
        tall, wide = self.plate.height_mm if self.plate else 0.0, self.machine.plate_x_mm
        scale = min((box.width() - 28) / wide, (vat_top - box.top() - 42) / max(tall, 1e-9))
        left, top = box.center().x() - wide * scale / 2, vat_top - tall * scale - 6
        painter.fillRect(QRectF(left, top - 9, wide * scale, 9), self.theme.colour("slate"))
        if self.plate is None:
            return
        painter.drawImage(QPointF(left, top), to_image(np.ascontiguousarray(self._front(wide, tall, scale))))
        self.text(
            painter, box.center().x(), box.top() + 18, f"what {self.hangs} there", 11, colour="slate", align=CENTRE
        )

    def _draw_standing(self, painter: QPainter, box: QRectF) -> None:
        """What stands on the bed of a filament machine, seen from the front and to scale, under its nozzle."""
        assert self.machine is not None
        tall, wide = self.plate.height_mm if self.plate else 0.0, self.machine.plate_x_mm
        bed = box.bottom() - 22
        scale = min((box.width() - 28) / wide, (bed - box.top() - 60) / max(tall, 1e-9))
        left = box.center().x() - wide * scale / 2
        painter.fillRect(QRectF(left, bed, wide * scale, 6), self.theme.colour("slate"))
        at = box.center().x() + wide * scale / 3
        high = box.top() + 26
        nozzle = [QPointF(at + x, high + y) for x, y in ((-7, 0), (7, 0), (2, 10), (-2, 10))]
        painter.setPen(QPen(self.theme.colour("ink"), 1.2))
        painter.setBrush(self.theme.colour("linen"))
        painter.drawPolygon(nozzle)
        if self.plate is not None:
            image = self._front(wide, tall, scale)[::-1]
            painter.drawImage(QPointF(left, bed - len(image)), to_image(np.ascontiguousarray(image)))
            words = f"what {self.hangs.replace('hang', 'stand').replace('hung', 'stood')} there"
            self.text(painter, box.center().x(), box.top() + 18, words, 11, colour="slate", align=CENTRE)

    def _front(self, wide: float, tall: float, scale: float):  # type: ignore[no-untyped-def]
        """The plate's skin from the front as pixels, the plate's own side on top."""
        seen, river = front_of(self._skin, wide, tall, scale), self.theme.colour("river")
        pixels = np.zeros((*seen.shape, 4), np.uint8)
        pixels[..., :3] = river.red(), river.green(), river.blue()
        pixels[..., 3] = 150 * seen
        return pixels

    def _draw_camera(self, painter: QPainter, box: QRectF) -> None:
        """What the machine's camera sees, with how high it is."""
        assert self.plate is not None and self.machine is not None and self.reading is not None
        picture = camera_picture(self._skin, self.machine.plate_x_mm, self.plate.height_mm, self.reading)
        rgba = np.dstack([picture, np.full(picture.shape[:2], 255, np.uint8)])
        frame = QPainterPath()
        frame.addRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        painter.save()
        painter.setClipPath(frame)
        painter.drawImage(box, to_image(np.ascontiguousarray(rgba)))
        painter.restore()
        description = f"{self.reading.height_mm:.1f} of {self.plate.height_mm:.1f} mm"
        self.tagged(painter, box.right() - 8, box.top() + 18, description, RIGHT)

    def _draw_numbers(self, painter: QPainter, y: float) -> None:
        reading = self.reading
        assert self.machine is not None
        if reading is None:
            machine = self.machine
            name, fine = (
                ("Layers, nozzle", f"{machine.nozzle_mm:g} mm")
                if machine.is_dry
                else ("Layers, pixels", f"{machine.pixel_mm * 1000:.0f} µm")
            )
            self._draw_rows(painter, y, [(name, f"{machine.layer_mm:g} mm, {fine}"), *self._plastic(), *self.at_rest])
            return
        self._draw_rows(painter, y, [
            ("Layer", f"{reading.layer} of {reading.layers}"),
            ("Time left", span(reading.minutes_left)),
            ("Temperature" if self.machine.link else "Temperature, simulated", _told(reading.celsius, ".1f", "°C")),
            ("In the vat", _told(reading.resin_ml, ".0f", "ml")),
            ("State", reading.description or reading.state),
        ])  # fmt: skip

    def _plastic(self) -> list[tuple[str, str]]:
        """What a plate takes off the reel."""
        machine, plate = self.machine, self.plate
        if machine is None or plate is None or not machine.is_dry:
            return []
        grams, metres = off_reel(machine, plate.laid)
        poses = [(p, pose) for p in plate.placed if (pose := self.session.plans.pose_of(p)) is not None]
        outlines = [self._outline(pose, placed) for placed, pose in poses]
        alone = (
            one_by_one(outlines, [pose.height_mm for _, pose in poses], machine) if all(map(len, outlines)) else None
        )
        self.setToolTip(f"One by one: {alone.why}" if alone else "")
        said = (
            "not looked at"
            if alone is None
            else f"saves {span(alone.saves_min)}"
            if alone.order
            else "no: see why here"
        )
        return [
            ("Filament", f"{grams:.0f} g, {metres:.1f} m"),
            ("One by one", said),
        ]

    def _outline(self, pose: Pose, placed: Placed) -> Floats:
        corners = np.array([(x, y, 0.0) for x, y in self._hull(pose)])
        return placed_points(corners, placed)[:, :2] if len(corners) else corners

    def _draw_rows(self, painter: QPainter, y: float, rows: list[tuple[str, str]]) -> None:
        stopped = self.reading is not None and self.reading.state == "stopped"
        for number, (name, value) in enumerate(rows):
            self.text(painter, 4, y + 20 * number, name, 13)
            role = "brick" if name == "State" and stopped else "ink"
            self.text(painter, self.width() - 4, y + 20 * number, value, 13, True, role, RIGHT)


def _told(value: float, form: str, unit: str) -> str:
    """A number a bridge may not know."""
    return f"{value:{form}} {unit}" if value == value else "not told"
