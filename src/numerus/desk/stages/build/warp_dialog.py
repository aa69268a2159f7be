"""It is bent: a part measured against its plan, and what straightens it."""

from __future__ import annotations

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.assembly.warp import Warp
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import caution_line, column, label, row
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox
from numerus.domain.parts import Part


class WarpDialog(Dialog):
    """``warp``: of the chosen part, as it was measured."""

    def __init__(self, parts: dict[str, Part], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("It is bent, or not as long as planned")
        self.parts, self.slot = parts, ComboBox()
        self.slot.setAccessibleName("Part")
        for slot, part in parts.items():
            self.slot.addItem(f"{slot}: {part.label}", slot)
        self.length = self._spin("Longest side as measured", 1000.0, " mm long")
        self.bow = self._spin("How far its middle stands off a straight edge", 100.0, " mm off a straight edge")
        self.says = label("", "strong", True)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = self.buttons.addButton("Pin it", QDialogButtonBox.ButtonRole.AcceptRole)
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        self.slot.currentIndexChanged.connect(lambda _: self._another())
        asked = (("Part", self.slot), ("Its longest side", self.length), ("Its bow", self.bow))
        rows = [row(label(words), -1, box) for words, box in asked]
        self.setLayout(
            column(*rows, self.says, -1, caution_line("build"), self.buttons, gap=10, margins=(14, 14, 14, 14))
        )
        self.resize(480, 300)
        self._another()

    def _spin(self, name: str, most: float, unit: str) -> DoubleSpinBox:
        spin = DoubleSpinBox()
        spin.setRange(0.0, most)
        spin.setDecimals(1)
        spin.setSuffix(unit)
        spin.setAccessibleName(name)
        spin.valueChanged.connect(lambda _: self._show())
        return spin

    @property
    def part(self) -> Part | None:
        return self.parts.get(self.slot.currentData() or "")

    def _another(self) -> None:
        """Until it is measured a part is as long as planned."""
        if self.part is not None:
            self.length.setValue(max(self.part.extents_mm))
        self._show()

    @property
    def warp(self) -> Warp:
        planned = max(self.part.extents_mm) if self.part else 0.0
        measured = planned if abs(self.length.value() - planned) < 0.05 else self.length.value()
        return Warp(planned, measured, self.bow.value(), self.part.wall_mm if self.part else 0.0)

    def _show(self) -> None:
        words = self.warp.words
        self.says.setText(f"{words[0].upper()}{words[1:]}.")
        self.take.setEnabled(self.part is not None and bool(self.warp.way))
