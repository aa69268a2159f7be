"""A part's unit and scale, and ways to make it fit."""

from __future__ import annotations

import math
from collections.abc import Callable

from PyQt6.QtCore import QRectF, pyqtSignal
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QBoxLayout

from numerus.assembly.after_scaling import PLAY, SIZE, WALL, Misfit, misfits, shaved
from numerus.desk.stages.sort.part_tools.tool import Tool
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import LineEdit
from numerus.domain.parts import Part
from numerus.errors import NumerusError, answered
from numerus.geometry.mesh import Mesh
from numerus.geometry.round_holes import bored
from numerus.kit.joined_parts import joined_to
from numerus.kit.recognise import Base, base_of
from numerus.kit.scale import EYES_MM, factor_of, unit_reason
from numerus.kit.sorting import offered_factor
from numerus.printing.machines.fitting import FitRow, ways_to_fit
from numerus.words import hours


class _Ways(Drawing):
    """The trade-off table: ways to fit, each with scale, height and hours; a click takes one up."""

    taken = pyqtSignal(object)

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "Ways to make it fit")
        self.rows: list[FitRow] = []

    def draw(self, painter: QPainter) -> None:
        right = self.width() - 2
        for x, words in ((right - 118, "size"), (right - 60, "stands"), (right, "prints")):
            self.text(painter, x, 12, words, 11, colour="slate", align=RIGHT)
        whole = self.rows[0].minutes if self.rows else 0.0
        for number, fit in enumerate(self.rows):
            y, tone = 34 + number * 24, "ink" if fit.fits else "brick"
            self.line(painter, 0, y - 17, right, y - 17)
            self.text(painter, 0, y, fit.way, 13, number == 0, tone, width=right - 168)
            self.text(painter, right - 118, y, f"{fit.scale:.0%}", 13, colour=tone, align=RIGHT)
            self.text(painter, right - 60, y, f"{fit.height_mm:.0f} mm", 13, colour=tone, align=RIGHT)
            self.text(painter, right, y, hours(fit.minutes), 13, colour=tone, align=RIGHT)
            saved = whole - fit.minutes
            description = (
                "does not fit this machine" if not fit.fits else f"saves {hours(saved)}" if saved > 1 else "as it is"
            )
            self.region(QRectF(0, y - 16, right, 22), f"{fit.way}: {description}", lambda f=fit: self.taken.emit(f))


class SizeTool(Tool):
    """Unit, scale, and ways to make it fit."""

    title = "Size"

    def build(self) -> QBoxLayout:
        self.rows: list[FitRow] | None = None
        self.unit, self.height_words = label("", "", True), label("", "note", True)
        self.unit_button = button("Read in another unit", lambda: self.page.convert_unit(), "main")
        self.wanted = LineEdit()
        self.wanted.setPlaceholderText("110 %   ·   1:48 to 1:56   ·   28 mm to 32 mm")
        self.wanted.setAccessibleName("New scale")
        self.wanted.returnPressed.connect(self.apply)
        self.ways = _Ways(self.page.theme)
        self.ways.taken.connect(self.take)
        self.note, self.base_words = label("", "note", True), label("", "", True)
        self.misfits: list[Misfit] = []
        self.looked_at: tuple[str, ...] = ()  # the meshes they are of
        self.fits_head = label("What no longer fits", "strong")
        self.fits = PlaceList(self.page.theme, "What no longer fits", "Everything it was made for still fits.")
        self.fits.chosen.connect(self._chose)
        self.mend_button = button("Mend it", self.mend, "main")
        layout = column(
            label("Unit", "strong"), self.unit, self.unit_button, self.base_words, 6, label("Scale", "strong"),
            row(self.wanted, button("Scale it", self.apply), gap=6), self.height_words, 6,
            self.fits_head, self.fits, row(self.mend_button, -1), label("Make this fit", "strong"), self.note, self.ways, gap=4,
        )  # fmt: skip
        layout.setStretch(10, 1)
        layout.setStretch(14, 1)
        return layout

    def forget(self) -> None:
        self.rows = None
        self.ways.rows = []
        self.looked_at = ()
        self._show_misfits([])

    def begin(self) -> None:
        part = self.page.part
        if part is None:
            return
        factor = offered_factor(part)
        self.unit.setText(unit_reason(part))
        self.unit_button.setVisible(factor != 1.0)
        self.unit_button.setText(f"Read as {part.unit}: × {factor:g}")
        size = " × ".join(f"{e:.1f}" for e in part.extents_mm)
        self.height_words.setText(
            f"{size} mm now. Scales like 28 mm are to the eyes of an adult, who is 1:{EYES_MM / 28:.0f} then."
        )
        if self.rows is None:
            mesh, machine = self.page.mesh, self.machine()
            standing = part.pose.height_mm if part.pose else None
            self.note.setText(
                f"On {machine.name}, {'as posed' if standing else 'standing as it is'}; red does not fit."
            )
            self.base_words.setText("")
            self.start(
                "fit", "Trying sizes", lambda progress: (ways_to_fit(mesh, machine, standing), base_of(mesh)), self._met
            )

        self._look_after_scaling(part)

    def _look_after_scaling(self, part: Part) -> None:
        """What was made for it as it came, where it is not so large any more."""
        plans, mesh, play = self.session.plans, self.page.mesh, self.machine().peg_play_mm
        kit = plans.kits.get(part.kit_id)
        joined = joined_to(part, kit.relations if kit else (), plans.parts)
        about = part.blob, *(p.blob for p in joined)
        if part.scale == 1.0 or about == self.looked_at:
            return
        self.looked_at = about
        beside = [(p, self.session.mesh(p.blob)) for p in joined]
        self.start(
            "misfits", "Looking what no longer fits", lambda _: misfits(part, mesh, beside, play), self._show_misfits
        )

    def _show_misfits(self, found: list[Misfit]) -> None:
        self.misfits = found
        for widget in (self.fits_head, self.fits, self.mend_button):
            widget.setVisible(bool(found))
        self.fits.show_lines([(m.words, m.detail) for m in found])
        self._chose(0)

    def _chose(self, number: int) -> None:
        """The line in hand, and what a click does about it."""
        self.fits.at_line = number
        deed = self.misfits[number].deed if number < len(self.misfits) else ""
        self.mend_button.setText(deed or "Mend it")
        self.mend_button.setEnabled(bool(deed))

    def mend(self) -> None:
        """What was told of the line in hand is mended, as one edit."""
        misfit, part, mesh = self.misfits[self.fits.at_line], self.page.part, self.page.mesh
        if part is None:
            return
        if misfit.kind == SIZE:
            self.page.scale_along(part)
        elif misfit.kind == WALL:
            self.page.use("Walls")
        elif misfit.kind == PLAY:
            other = self.session.plans.parts[misfit.parts[0]]
            beside = self.session.mesh(other.blob)
            self._mended(f"shaved to fit {other.label}", lambda: shaved(mesh, beside, misfit.mm))
        elif misfit.hole is not None:
            hole = misfit.hole
            self._mended(f"a hole bored to {misfit.mm:.2f} mm", lambda: bored(mesh, hole, misfit.mm))

    def _mended(self, words: str, make: Callable[[], Mesh]) -> None:
        def done(made: Mesh | NumerusError) -> None:
            self.session.failed.emit(made) if isinstance(made, NumerusError) else self.page.keep(words, made)

        self.start("mend fit", "Mending it", answered(lambda _: make()), done)

    def _met(self, fits: tuple[list[FitRow], Base | None]) -> None:
        self.rows = self.ways.rows = fits[0]
        self.base_words.setText(fits[1].description if fits[1] else "")
        self.ways.update()

    def take(self, fit: FitRow) -> None:
        """The size into the line, to be looked at before it is applied; a cut onto the part, in the Cut tool."""
        if fit.planes:
            self.page.cut_at(fit.planes)
        elif fit.scale != 1:
            # Rounded down: what just fits must still fit.
            self.wanted.setText(f"{math.floor(fit.scale * 1000) / 10:g} %")

    def apply(self) -> None:
        try:
            factor = factor_of(self.wanted.text())
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        self.wanted.clear()
        self.page.scale(factor)
