"""Plain tables: of a scheme's strokes, and of its finishing steps."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace

from PyQt6.QtWidgets import QDialogButtonBox, QHeaderView, QTableWidgetItem, QVBoxLayout, QWidget

from numerus.book.intake import new_id
from numerus.desk.session import Session
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, label, row
from numerus.desk.widgets.worded import TableWidget
from numerus.errors import NumerusError
from numerus.paint.finishing.finish_steps import COLUMNS as FINISH_COLUMNS
from numerus.paint.finishing.finish_steps import finish_rows, steps_from_rows
from numerus.paint.rack.pots import rack_of
from numerus.paint.rows import COLUMNS, ID, from_rows, to_rows


class TableDialog(Dialog):
    """Rows of text; OK calls ``keep`` with them, which raises NumerusError with what is wrong."""

    def __init__(
        self,
        parent: QWidget,
        title: str,
        columns: Sequence[str],
        rows: Sequence[Sequence[str]],
        keep: Callable[[list[list[str]]], None],
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle(title)
        self.resize(900, 520)
        self.keep, self.fault, self.id_column = keep, label("", "fault", True), -1
        self.table = TableWidget(len(rows), len(columns))
        self.table.setHorizontalHeaderLabels(list(columns))
        self.table.setAccessibleName(title)
        for y, cells in enumerate(rows):
            for x, words in enumerate(cells):
                self.table.setItem(y, x, QTableWidgetItem(words))
        self.table.resizeColumnsToContents()
        self.table.horizontalHeader().setSectionResizeMode(0, QHeaderView.ResizeMode.Stretch)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self._accept)
        box.rejected.connect(self.reject)
        outer = QVBoxLayout(self)
        outer.addWidget(self.table)
        outer.addWidget(self.fault)
        outer.addLayout(
            row(
                button("Add a row", self.add_row, tip="A copy of the chosen row"),
                button("Remove the row", self.remove_row),
                button("Up", lambda: self.move_row(-1), tip="The chosen row before the one above it"),
                button("Down", lambda: self.move_row(1), tip="The chosen row behind the one below it"),
                -1,
                gap=8,
            )
        )
        outer.addWidget(box)

    def add_row(self) -> None:
        at = max(self.table.currentRow(), 0)
        cells = self.rows()[at] if self.table.rowCount() else [""] * self.table.columnCount()
        self.table.insertRow(at + 1 if self.table.rowCount() else 0)
        for x, words in enumerate(cells):
            new = "" if x == self.id_column else words
            self.table.setItem(min(at + 1, self.table.rowCount() - 1), x, QTableWidgetItem(new))

    def hide_id(self, column: int) -> None:
        """A column that tells which row is which: kept, not shown; a copied row is another."""
        self.id_column = column
        self.table.setColumnHidden(column, True)

    def remove_row(self) -> None:
        self.table.removeRow(self.table.currentRow())

    def move_row(self, by: int) -> None:
        """The chosen row changes places with its neighbour."""
        at, to = self.table.currentRow(), self.table.currentRow() + by
        if at < 0 or not 0 <= to < self.table.rowCount():
            return
        for x in range(self.table.columnCount()):
            one, other = self.table.takeItem(at, x), self.table.takeItem(to, x)
            self.table.setItem(at, x, other)
            self.table.setItem(to, x, one)
        self.table.setCurrentCell(to, max(self.table.currentColumn(), 0))

    def rows(self) -> list[list[str]]:
        def cell(y: int, x: int) -> str:
            item = self.table.item(y, x)
            return item.text() if item is not None else ""

        return [[cell(y, x) for x in range(self.table.columnCount())] for y in range(self.table.rowCount())]

    def _accept(self) -> None:
        try:
            self.keep(self.rows())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
        else:
            self.accept()


def scheme_dialog(parent: QWidget, session: Session) -> TableDialog | None:
    """Edit the scheme's strokes, a row each."""
    scheme, rack = session.plans.scheme_of(session.unit_id), rack_of(session.plans)
    if scheme is None:
        return None

    def keep(rows: list[list[str]]) -> None:
        changed, zones = from_rows(scheme, rows, rack, session.plans.zones, new_id, session.clock())
        session.commit("change the scheme", [*zones, changed])

    rows = to_rows(scheme, rack, session.plans.zones)
    table = TableDialog(parent, f"Scheme: {scheme.name}", [*COLUMNS, "id"], rows, keep)
    table.hide_id(ID)
    return table


def finish_dialog(parent: QWidget, session: Session) -> TableDialog | None:
    """Edit the finishing steps of the unit's scheme, a row each, in their order."""
    scheme = session.plans.scheme_of(session.unit_id)
    if scheme is None:
        return None

    def keep(rows: list[list[str]]) -> None:
        steps = steps_from_rows(rows, scheme.finish, new_id, session.clock())
        session.commit("change the finishing steps", [replace(scheme, finish=steps)])

    table = TableDialog(parent, f"Finishing: {scheme.name}", FINISH_COLUMNS, finish_rows(scheme.finish), keep)
    table.hide_id(len(FINISH_COLUMNS) - 1)
    return table
