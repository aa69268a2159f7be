"""Bases made here: outline, sizes, lip, pocket and texture, seen while they are typed; several, each a little different."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtGui import QShowEvent
from PyQt6.QtWidgets import QDialogButtonBox, QFormLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.sort.layout import RESIN_RGB
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, FileDialog, SpinBox
from numerus.errors import NumerusError
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.formats.pictures import PICTURES, read_picture
from numerus.geometry.base_shapes import (
    OUTLINES,
    STEP_MM,
    TEXTURES,
    BaseShape,
    HeightField,
    base_mesh,
    texture_named,
    texture_of_picture,
)
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import Camera

PREVIEW_STEPS, MOST_MADE, PICTURE = 90, 20, "a picture …"
HEIGHT_PX = 256


class BaseDialog(Dialog):
    """``wide_mm``: the unit's bases. ``made`` writes the files of what is shown into a folder."""

    def __init__(self, context: Context, renderer: Renderer, parent: QWidget, wide_mm: float) -> None:
        super().__init__(parent)
        self.setWindowTitle("Make bases")
        self.resize(820, 520)
        self.view = BenchView(context.theme, renderer, "The base as it is made")
        self.view.camera = Camera((0, 0, 0), 24, 36, 50)
        self.words, self.fault = label("", "note", True), label("", "fault", True)
        self.outline, self.texture = ComboBox(), ComboBox()
        self.outline.addItems(OUTLINES)
        self.texture.addItems([*TEXTURES, PICTURE])
        self.texture.setCurrentText("cobbles")
        self.picture: Floats | None = None
        self.many, self.seed = SpinBox(), SpinBox()
        self.many.setRange(1, MOST_MADE)
        self.seed.setRange(1, 9999)
        self.sizes = {
            name: _size(value, most, step)
            for name, value, most, step in (
                ("wide_mm", wide_mm, 200.0, 1.0), ("deep_mm", wide_mm, 200.0, 1.0), ("high_mm", 3.5, 40.0, 0.5),
                ("lip_mm", 0.0, 5.0, 0.2), ("magnet_mm", 5.1, 30.0, 0.1), ("magnet_deep_mm", 2.1, 20.0, 0.1), ("depth_mm", 0.8, 5.0, 0.1),
            )
        }  # fmt: skip
        self.taper = _size(15.0, 45.0, 1.0, " °")
        self._lay_out()
        self.shown()

    def showEvent(self, event: QShowEvent | None) -> None:
        """As large as the dialog became."""
        super().showEvent(event)
        self.view.fit()

    def _lay_out(self) -> None:
        form = QFormLayout()
        rows = (
            ("Outline", self.outline), ("Across", self.sizes["wide_mm"]), ("Front to back", self.sizes["deep_mm"]),
            ("Height", self.sizes["high_mm"]), ("Sides lean in", self.taper), ("Lip above the top", self.sizes["lip_mm"]),
            ("Magnet, across", self.sizes["magnet_mm"]), ("Magnet, deep", self.sizes["magnet_deep_mm"]), ("Top", self.texture),
            ("It rises by", self.sizes["depth_mm"]), ("The first of its kind", self.seed), ("How many, all different", self.many),
        )  # fmt: skip
        for words, cell in rows:
            cell.setAccessibleName(words)
            form.addRow(tr(words), cell)
            signal = cell.currentTextChanged if isinstance(cell, ComboBox) else cell.valueChanged
            signal.connect(lambda _: self.shown())
        self.texture.activated.connect(lambda _: self._ask_picture())
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        box.rejected.connect(self.reject)
        self.make = button("Make and add to the kit", self.accept, "main")
        side = column(form, self.words, self.fault, -1, row(-1, box, self.make), gap=8)
        body = row(self.view, side, gap=16, margins=(14, 14, 14, 14))
        body.setStretch(0, 3)
        body.setStretch(1, 2)
        self.setLayout(body)

    def _ask_picture(self) -> None:
        """Light is high: any picture as a height field."""
        if self.texture.currentText() != PICTURE:
            return
        name, _ = FileDialog.getOpenFileName(self, "A picture, light where it is high", "", PICTURES)
        if name:
            self.take_picture(Path(name))

    def take_picture(self, path: Path) -> None:
        try:
            self.picture = read_picture(path, HEIGHT_PX).mean(axis=2) / 255
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        self.shown()

    @property
    def shape(self) -> BaseShape:
        """As it is typed. Raises PlanError for what cannot be made."""
        sizes = {name: cell.value() for name, cell in self.sizes.items()}
        return BaseShape(self.outline.currentText(), taper_deg=self.taper.value(), **sizes)

    def _texture(self, number: int) -> HeightField | None:
        across = max(self.shape.foot_mm)
        if self.texture.currentText() == PICTURE:
            return texture_of_picture(self.picture, across) if self.picture is not None else None
        return texture_named(self.texture.currentText(), self.seed.value() + number, across)

    def mesh(self, number: int, step_mm: float = STEP_MM) -> Mesh:
        """That of one of the bases. Raises PlanError."""
        return base_mesh(self.shape, self._texture(number), step_mm)

    def shown(self) -> None:
        """The first of them, coarser where it is large; or why it cannot be."""
        self.sizes["deep_mm"].setEnabled(self.outline.currentText() != "round")
        try:
            mesh = self.mesh(0, max(STEP_MM, self.sizes["wide_mm"].value() / PREVIEW_STEPS))
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            self.make.setEnabled(False)
            return
        self.fault.setText("")
        self.make.setEnabled(True)
        self.words.setText(
            f"{mesh.signed_volume_mm3 / 1000:.2f} ml each, {mesh.extents_mm[2]:.1f} mm high with its top."
        )
        self.view.show_things([Thing(mesh, RESIN_RGB)], refit=not self.view.things)

    def made(self, folder: Path) -> list[Path]:
        """Every base as a file of its own. Raises PlanError."""
        kind = "picture" if self.texture.currentText() == PICTURE else self.texture.currentText()
        stem = f"base_{self.outline.currentText()}_{self.sizes['wide_mm'].value():g}_{kind}"
        paths = [folder / f"{stem}_{self.seed.value() + n}.stl" for n in range(self.many.value())]
        for number, path in enumerate(paths):
            write_stl(self.mesh(number), path)
        return paths


def _size(value: float, most: float, step: float, suffix: str = " mm") -> DoubleSpinBox:
    cell = DoubleSpinBox()
    cell.setRange(0, most)
    cell.setDecimals(1)
    cell.setSingleStep(step)
    cell.setSuffix(suffix)
    cell.setValue(value)
    return cell
