"""A part that came on supports of its own: printed as it stands, unless one wants it posed anew."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.places import PlaceList
from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.preparation.as_supplied import SuppliedPrint, pose_warnings, supplied_print

WHY = (
    "This mesh came on supports: it is not posed and supported a second time unless you ask for it. It was looked at as a "
    "print, layer by layer, like any other."
)


class SuppliedPage(QWidget):
    """``anew``: it is to be posed and supported all the same; ``shown``: it was looked at; ``made``: as it stands, while it is."""

    anew = pyqtSignal()
    shown = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.part_id = context, ""
        self.printed: SuppliedPrint | None = None
        self.says, self.numbers = label("", "", True), label("", "note", True)
        self.list = PlaceList(context.theme, "What was found of it as a print", "Nothing wrong was found.")
        self.anew_button = button("Pose it anew", self.anew.emit, "", "As if its supports were part of it")
        body = column(
            label("Ready-supported", "section"), label(WHY, "note", True), self.says, self.numbers, self.list,
            row(self.anew_button, -1), gap=8,
        )  # fmt: skip
        body.setStretch(4, 1)
        self.setLayout(body)

    def leave(self) -> None:
        self.part_id, self.printed = "", None

    def look_at(self, part: Part, machine: Machine, resin: Resin) -> None:
        """Looked at as a print, beside; again only where it is another part."""
        if part.id == self.part_id:
            return
        self.part_id, self.printed = part.id, None
        mesh = self.context.session.mesh(part.blob)
        self.context.jobs.start(
            "pose", "Looking at its supports", lambda _: supplied_print(mesh, machine, resin),
            lambda made: self._met(part.id, made),
        )  # fmt: skip

    def _met(self, part_id: str, printed: SuppliedPrint) -> None:
        if part_id == self.part_id:
            self.printed = printed
            self.show_print(printed)
            self.shown.emit(printed)

    def show_print(self, printed: SuppliedPrint) -> None:
        pose, proof = printed.pose, printed.proof
        self.says.setText(proof.description)
        x, y = printed.standing.extents_mm[:2]
        self.numbers.setText(
            f"{x:.1f} × {y:.1f} × {pose.height_mm:.1f} mm as it stands, {pose.tips} pillars counted. "
            "Its supports are weighed with it; how they bear leverage is not judged."
        )
        self.list.show_lines([(words[:1].upper() + words[1:], "as it stands") for words in pose_warnings(pose)])
