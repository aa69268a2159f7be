"""The bits box: what lies in it, who could take it, and giving it at a press."""

from __future__ import annotations

from PyQt6.QtWidgets import QHeaderView, QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, TableItem, TableWidget
from numerus.progress.bits import Bit, bits, box_words, taken_by

COLUMNS = "Part", "Slot", "Good", "Failed", "What for"


class BitsDialog(Dialog):
    def __init__(self, session: Session, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.session, self.listed = session, list[Bit]()
        self.setWindowTitle("Bits box")
        self.resize(820, 480)
        self.says, self.table, self.takers = label("", "note", True), TableWidget(0, len(COLUMNS)), ComboBox()
        self.table.setHorizontalHeaderLabels(list(COLUMNS))
        self.table.setAccessibleName("What lies in the bits box")
        self.table.setEditTriggers(TableWidget.EditTrigger.NoEditTriggers)
        self.table.setSelectionBehavior(TableWidget.SelectionBehavior.SelectRows)
        self.table.verticalHeader().setVisible(False)
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        self.table.horizontalHeader().setSectionResizeMode(4, QHeaderView.ResizeMode.Stretch)
        self.table.currentCellChanged.connect(lambda *_: self._show_takers())
        self.takers.setAccessibleName("Who takes it")
        self.give_button = button(
            "Give it", self.give, "main", "Its slot is filled from the box; nothing is printed for it"
        )
        self.setLayout(column(
            self.says, self.table, row(label("To", "note"), self.takers, self.give_button, -1, button("Close", self.reject), gap=8),
            gap=8, margins=(14, 12, 14, 12),
        ))  # fmt: skip
        self.refresh()

    def refresh(self) -> None:
        answers = self.session.answers
        self.listed = bits(answers.plans, answers.standing)
        self.says.setText(
            f"{box_words(self.listed)}. A build that asks for a part that lies here takes it by itself before it is plated."
        )
        self.table.setRowCount(len(self.listed))
        for y, bit in enumerate(self.listed):
            cells = bit.part.label, bit.part.slot, str(bit.good), str(bit.failed), bit.use
            for x, words in enumerate(cells):
                self.table.setItem(y, x, TableItem(words))
        if self.listed:
            self.table.setCurrentCell(0, 0)
        self._show_takers()

    @property
    def chosen(self) -> Bit | None:
        number = self.table.currentRow()
        return self.listed[number] if 0 <= number < len(self.listed) else None

    def _show_takers(self) -> None:
        self.takers.clear()
        for figure in self.chosen.fits if self.chosen else ():
            self.takers.addItem(figure.name, figure.id)
        self.give_button.setEnabled(self.takers.count() > 0)

    def give(self) -> None:
        """The figure's slot takes the part, as an edit."""
        bit, figure = self.chosen, self.session.plans.figures.get(str(self.takers.currentData()))
        if bit is None or figure is None:
            return
        if self.session.commit(f"{bit.part.label} from the box for {figure.name}", [taken_by(figure, bit.part)]):
            self.refresh()
