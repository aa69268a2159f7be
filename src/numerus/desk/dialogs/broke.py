"""It broke: which part of which figure, how it is mended, and what that puts back."""

from __future__ import annotations

from PyQt6.QtWidgets import QComboBox, QDialog, QDialogButtonBox, QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.layout import caution_line, column, label, row
from numerus.progress.breakage import WAYS, Breakage, broken, can_break


class BrokeDialog(QDialog):
    """``breakage``: what is chosen, None where nothing was built yet."""

    def __init__(self, session: Session, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("It broke")
        self.session = session
        self.figure, self.slot, self.how = QComboBox(), QComboBox(), QComboBox()
        for box, name in ((self.figure, "Figure"), (self.slot, "Part"), (self.how, "How it is mended")):
            box.setAccessibleName(name)
        for standing in session.answers.standing.figures.values():
            if can_break(standing):
                self.figure.addItem(f"{standing.figure.name}, {standing.unit.name}", standing.figure.id)
        self.figure.setCurrentIndex(max(self.figure.findData(session.figure_id), 0))
        self.how.addItems(WAYS)
        self.says = label("", "strong", True)
        self.buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = self.buttons.addButton("Write it down", QDialogButtonBox.ButtonRole.AcceptRole)
        self.buttons.accepted.connect(self.accept)
        self.buttons.rejected.connect(self.reject)
        self.figure.currentIndexChanged.connect(lambda _: self._fill_slots())
        for box in (self.slot, self.how):
            box.currentIndexChanged.connect(lambda _: self._show())
        rows = [
            row(label(words), -1, box)
            for words, box in (("Figure", self.figure), ("What broke", self.slot), ("So", self.how))
        ]
        self.setLayout(column(*rows, self.says, caution_line("build"), self.buttons, gap=10, margins=(14, 14, 14, 14)))
        self.resize(480, 300)
        self._fill_slots()

    def _fill_slots(self) -> None:
        figure = self.session.plans.figures.get(self.figure.currentData() or "")
        self.slot.clear()
        for slot, part_id in (figure.build if figure else {}).items():
            part = self.session.plans.parts.get(part_id)
            if part is not None:
                self.slot.addItem(f"{slot}: {part.label}", slot)
        self._show()

    @property
    def breakage(self) -> Breakage | None:
        figure_id, slot = self.figure.currentData(), self.slot.currentData()
        if not figure_id or not slot:
            return None
        session = self.session
        return broken(session.plans, session.answers.standing, figure_id, slot, self.how.currentText(), session.clock())

    def _show(self) -> None:
        breakage = self.breakage
        self.take.setEnabled(breakage is not None)
        self.says.setText(
            breakage.description if breakage else "No figure is built yet: what breaks on a plate is told at Print."
        )
