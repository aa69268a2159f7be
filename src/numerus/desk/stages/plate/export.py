"""A plate out of the program: meshes, meshes with slices, layers for the machine, and a card that tells the pile apart."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from pathlib import Path

from PyQt6.QtCore import QRectF, QSize, QSizeF
from PyQt6.QtGui import QPageSize, QPainter, QPdfWriter
from PyQt6.QtSvg import QSvgGenerator

from numerus.desk.context import Context
from numerus.desk.jobs import Jobs
from numerus.desk.theme.palette import Theme
from numerus.desk.translate import tr
from numerus.desk.widgets.platepicture import PlatePicture
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import BookError, PlanError, Progress
from numerus.formats.layer_archive import LayerArchive
from numerus.formats.meshes.mesh_writing import Sliced, write_3mf, write_sliced_3mf, write_stl
from numerus.formats.tables import write_text
from numerus.geometry.mesh import merged
from numerus.geometry.slices import slices_of
from numerus.printing.machines.settings_note import plate_brims_mm, settings_note
from numerus.printing.plates.layer_export import write_layers
from numerus.printing.plates.plate_layers import plate_columns
from numerus.progress.printing.plating import MeshOf, plate_meshes

FORMS = (
    "3MF (*.3mf)", "3MF with slices (*.slices.3mf)", "STL (*.stl)", "Layers for the machine (*.layers)",
    "Bench card (*.pdf)", "Bench card (*.svg)",
)  # fmt: skip
CARD_PX = QSize(1000, 1414)
LINE_PX = 22.0


def write_plate_meshes(plate: Plate, machine: Machine, plans: Plans, mesh_of: MeshOf, path: Path) -> int:
    """How many parts were written, as STL or 3MF by the file's ending; of plastic with the settings beside it. May run in a job."""
    named = plate_meshes(plate, plans, mesh_of)
    write_stl(merged([m for _, m in named]), path) if path.suffix.lower() == ".stl" else write_3mf(named, path)
    if machine.is_dry:
        write_text(path.with_suffix(".settings.txt"), settings_note(machine, plate, plate_brims_mm(plate, plans)))
    return len(named)


@dataclass(frozen=True)
class PlateExport:
    """``done``: words when a file is there and was read back."""

    context: Context
    done: Callable[[str], object]

    def write(self, plate: Plate, machine: Machine, path: Path) -> None:
        """By the file's ending. Raises NumerusError where it cannot be written; layers are written as a job."""
        plans, mesh = self.context.session.plans, self.context.session.mesh
        ending = "".join(path.suffixes[-2:]).lower()
        if machine.is_dry and (path.suffix.lower() == ".layers" or ending == ".slices.3mf"):
            raise PlanError("no-light", f"{machine.name} lays filament and shows no layers.", "Choose STL or 3MF.")
        if path.suffix.lower() == ".layers":
            self._layers(plate, machine, path)
        elif ending == ".slices.3mf":
            self._sliced(plate, machine, path)
        elif path.suffix.lower() in (".pdf", ".svg"):
            write_plate_card(plate, machine, plans, self.context, path)
            self.done(f"{path.name}: {len(plate.placed)} parts, numbered as on the plate.")
        else:
            many = write_plate_meshes(plate, machine, plans, mesh, path)
            self.done(f"{path.name}: {many} parts{', settings beside it' if machine.is_dry else ''}.")

    def _layers(self, plate: Plate, machine: Machine, path: Path) -> None:
        """At the machine's own pixels, then read back and counted."""
        session = self.context.session
        meshes = [m for _, m in plate_meshes(plate, session.plans, session.mesh)]
        resin = session.plans.resin.name

        def work(progress: Progress) -> str:
            columns = plate_columns(meshes, machine.pixel_mm, machine.layer_mm, machine.scale_xy)
            write_layers(
                columns, machine, plate.name, resin, plate.minutes, plate.resin_ml, path, lambda s: progress(0.5 * s)
            )
            archive = LayerArchive.open(path)
            ml = archive.check(lambda s: progress(0.5 + 0.5 * s))
            return f"{path.name}: {archive.manifest.layers} layers, {ml:.1f} ml, read back as meant."

        self.context.jobs.start("layers", "Writing layers", work, self.done)

    def _sliced(self, plate: Plate, machine: Machine, path: Path) -> None:
        session, plans = self.context.session, self.context.session.plans
        places: dict[str, list[tuple[float, float, float]]] = {}
        for placed in plate.placed:
            places.setdefault(placed.shape, []).append((placed.x_mm, placed.y_mm, placed.turn_deg))
        one_of = {
            p.shape: (plans.parts[p.part_id], pose) for p in plate.placed if (pose := plans.pose_of(p)) is not None
        }
        meshes = [
            (part.label, session.mesh(pose.supported_blob), places[shape]) for shape, (part, pose) in one_of.items()
        ]

        def work(progress: Progress) -> str:
            lines = []
            for number, (name, mesh, at) in enumerate(meshes):
                progress(number / len(meshes))
                lines.append(Sliced(name, mesh, slices_of(mesh, machine.layer_mm), at))
            write_sliced_3mf(lines, path)
            return f"{path.name}: {len(lines)} parts with their slices, {len(plate.placed)} placed."

        self.context.jobs.start("slices", "Slicing", work, self.done)


def write_plate_card(plate: Plate, machine: Machine, plans: Plans, context: Context, path: Path) -> None:
    """The plate from above with a numbered list of whose part is which, as PDF or SVG. Raises BookError."""
    device: QPdfWriter | QSvgGenerator
    if path.suffix.lower() == ".svg":
        device = QSvgGenerator()
        device.setFileName(str(path))
        device.setSize(CARD_PX)
        device.setViewBox(QRectF(0, 0, CARD_PX.width(), CARD_PX.height()))
        device.setTitle(plate.name)
    else:
        device = QPdfWriter(str(path))
        device.setPageSize(QPageSize(QSizeF(210, 297), QPageSize.Unit.Millimeter))
    painter = QPainter()
    if not painter.begin(device):
        raise BookError("unwritable", f"{path.name} could not be written.", "Choose another folder.")
    if isinstance(device, QPdfWriter):
        painter.setWindow(0, 0, CARD_PX.width(), CARD_PX.height())
    _draw_card(painter, plate, machine, plans, context)
    painter.end()


def _draw_card(painter: QPainter, plate: Plate, machine: Machine, plans: Plans, context: Context) -> None:
    theme = Theme(False)
    picture = PlatePicture(replace(context, theme=theme, jobs=Jobs(synchronous=True)))
    picture.resize(CARD_PX.width() - 80, 560)
    picture.show_plate(plate, machine)
    painter.setFont(theme.drawn_font(20, True))
    painter.setPen(theme.colour("ink"))
    painter.drawText(QRectF(40, 30, 900, 30), 0, f"{plate.name}, {machine.name}")
    painter.setFont(theme.drawn_font(11))
    description = (
        f"{len(plate.placed)} parts, {plate.height_mm:.1f} mm high, {plate.minutes / 60:.1f} h, {plate.resin_ml:.0f} ml"
    )
    painter.drawText(QRectF(40, 62, 900, 20), 0, tr(description))
    painter.save()
    painter.translate(40, 90)
    picture.draw(painter)
    painter.restore()
    _draw_list(painter, theme, [whose(p, plans) for p in plate.placed])


def _draw_list(painter: QPainter, theme: Theme, lines: list[str]) -> None:
    """Numbered, in as many columns as it takes."""
    rows = int((CARD_PX.height() - 700) / LINE_PX)
    columns = max(-(-len(lines) // rows), 2)
    wide = (CARD_PX.width() - 80) / columns
    painter.setFont(theme.drawn_font(11))
    for number, words in enumerate(lines):
        x, y = 40 + (number // rows) * wide, 670 + (number % rows) * LINE_PX
        painter.drawRect(QRectF(x, y + 3, 12, 12))
        painter.drawText(QRectF(x + 20, y, wide - 24, LINE_PX), 0, f"{number + 1}  {tr(words)}")


def whose(placed: Placed, plans: Plans) -> str:
    figure, part = plans.figures.get(placed.figure_id), plans.parts.get(placed.part_id)
    return f"{figure.name if figure else 'spare'}, {placed.slot}: {part.label if part else '?'}"
