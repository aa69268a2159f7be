"""The walk through calibration: write a test piece, print it, measure it, and take over what follows."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QGridLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import DoubleSpinBox, FileDialog
from numerus.domain.printing.machines import Machine
from numerus.errors import NumerusError
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.post.cautions import cautions
from numerus.printing.machines.calibration import (
    INNER_MM,
    OUTER_MM,
    Correction,
    Exposed,
    Measured,
    corrected,
    correction_of,
    dimension_piece,
    exposure_piece,
    least_detail_mm,
    lettering_piece,
    right_exposure_s,
)

FRAME_SAYS = f"Print the frame of {OUTER_MM:g} and {INNER_MM:g} mm at that exposure; measure both widths in x and y and enter the means."
LETTERS_SAY = "Print the rows of letters; the least that can be read in a raking light tells what of a sculpt's lettering comes through."
PIECES = {"exposure": exposure_piece, "frame": dimension_piece, "letters": lettering_piece}
TRIES = (0.85, 1.0, 1.2)  # of the exposure there is


class CalibratePage(QWidget):
    """``corrected``: the machine with what was found."""

    corrected = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.session = context.session
        self.machine = Machine("m", "Machine")
        self.pieces = [[_spin(0, 120, "s"), _spin(0, 1, "mm"), _spin(0, 1, "mm")] for _ in TRIES]
        self.outer, self.inner = _spin(0, 40, "mm"), _spin(0, 40, "mm")
        self.exposure_says, self.frame_says = label("", "strong", True), label("", "strong", True)
        grid = QGridLayout()
        for at, words in enumerate(("Exposure", "Finest pin that stands", "Finest slot that is open")):
            grid.addWidget(label(words, "note"), 0, at)
        for number, cells in enumerate(self.pieces, 1):
            for at, (cell, words) in enumerate(zip(cells, ("exposure", "pin", "slot"), strict=True)):
                cell.setAccessibleName(f"Piece {number}: {words}")
                cell.valueChanged.connect(lambda _: self._work_out())
                grid.addWidget(cell, number, at)
        for cell, words in ((self.outer, "Outer width"), (self.inner, "Inner width")):
            cell.setAccessibleName(words)
            cell.valueChanged.connect(lambda _: self._work_out())
        self.letters = _spin(0, 10, "mm high")
        self.letters.setAccessibleName("Least letters that can be read")
        self.take_letters = button("Take it over", self._take_letters, "main")
        self.take_exposure = button("Take it over", lambda: self._take(exposure=True), "main")
        self.take_frame = button("Take it over", lambda: self._take(exposure=False), "main")
        self.setLayout(column(
            label("1  Exposure", "section"),
            label("Print the piece at each of these exposures, wash and cure it, and look at it against the light.", "note", True),
            row(button("Write the piece …", lambda: self._ask("exposure")), -1), grid, row(self.exposure_says, self.take_exposure),
            10, label("2  Dimensions", "section"),
            label(FRAME_SAYS, "note", True),
            row(button("Write the frame …", lambda: self._ask("frame")), -1),
            row(label("Outer"), self.outer, label("Inner"), self.inner, -1), row(self.frame_says, self.take_frame),
            10, label("3  Lettering", "section"), label(LETTERS_SAY, "note", True),
            row(button("Write the letters …", lambda: self._ask("letters")), label("Least that can be read"), self.letters,
                self.take_letters, -1),
            -1, label("; ".join(cautions("print")), "caution", True), gap=6, margins=(10, 10, 10, 10),
        ))  # fmt: skip

    def show_machine(self, machine: Machine) -> None:
        if machine.id != self.machine.id or machine.exposure_s != self.machine.exposure_s:
            for share, (exposure, pin, slot) in zip(TRIES, self.pieces, strict=True):
                exposure.setValue(round(share * machine.exposure_s, 2))
                pin.setValue(0)
                slot.setValue(0)
        self.letters.setValue(machine.least_letter_mm)
        self.machine = machine
        self._work_out()

    def _exposed(self) -> list[Exposed]:
        """Pieces that were looked at."""
        exposures = [Exposed(*(cell.value() for cell in cells)) for cells in self.pieces]
        return [p for p in exposures if p.pin_mm > 0 and p.slot_mm > 0]

    def _work_out(self) -> None:
        self.exposure_s: float | None = None
        self.detail_mm = 0.0
        self.correction: Correction | None = None
        try:
            self.exposure_s, self.detail_mm = right_exposure_s(self._exposed()), least_detail_mm(self._exposed())
            alike = f"where pins and slots come out alike, at {self.detail_mm:.2f} mm: finer detail is lost."
            self.exposure_says.setText(f"Right: {self.exposure_s:.2f} s, {alike}")
        except NumerusError as error:
            self.exposure_says.setText(f"{error.message} {error.advice}")
        try:
            self.correction = correction_of(Measured(self.outer.value(), self.inner.value()))
            self.frame_says.setText(self.correction.description)
        except NumerusError:
            self.frame_says.setText("Enter both widths.")
        self.take_exposure.setEnabled(self.exposure_s is not None)
        self.take_frame.setEnabled(self.correction is not None)

    def _take(self, exposure: bool) -> None:
        machine = (
            corrected(self.machine, self.exposure_s, detail_mm=self.detail_mm)
            if exposure
            else corrected(self.machine, None, self.correction)
        )
        self.corrected.emit(machine)

    def _take_letters(self) -> None:
        self.corrected.emit(replace(self.machine, least_letter_mm=self.letters.value()))

    def _ask(self, which: str) -> None:
        name, _ = FileDialog.getSaveFileName(self, "The test piece", f"{which}.stl", "STL (*.stl)")
        if name:
            self.write(which, Path(name))

    def write(self, which: str, path: Path) -> None:
        try:
            write_stl(PIECES[which](), path)
        except NumerusError as error:
            self.session.failed.emit(error)


def _spin(low: float, high: float, unit: str) -> DoubleSpinBox:
    box = DoubleSpinBox()
    box.setRange(low, high)
    box.setDecimals(2)
    box.setSingleStep(0.05)
    box.setSuffix(f" {unit}")
    return box
