"""The table the inquest judges by, to be read, argued with and changed: how often each cause shows what is seen."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path
from textwrap import fill

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QHeaderView, QTableWidgetItem, QWidget

from numerus.desk.context import Context
from numerus.desk.translate import tr
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import FileDialog, TableWidget
from numerus.diagnosis.likelihoods import Likelihoods, likelihoods, table_text, usual
from numerus.errors import BookError, NumerusError
from numerus.progress.printing.failure_record import table_of

PRIOR = "usual share of failures"
HEAD_LETTERS, DEEPEST = 8, 0.5  # of a column's head in a line; how much of the tone a share of all gets


class LikelihoodsDialog(Dialog):
    """Causes across, what is seen and tests down, in per cent. Saved with the army as one edit."""

    def __init__(self, context: Context, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.theme = context.session, context.theme
        self.setWindowTitle("How causes show themselves")
        self.resize(1240, 700)
        self.grid, self.fault = TableWidget(), label("", "fault", True)
        self.grid.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.Stretch)
        self.grid.itemChanged.connect(self._tint)
        self.grid.setAccessibleName("How often each cause shows what is seen, in per cent")
        description = (
            "Of a hundred failures by a cause, in how many is this seen? The inquest multiplies these shares; "
            "what is not known takes no part."
        )
        foot = row(
            button("As shipped", lambda: self.show_table(usual())), button("From a file …", self.ask_import),
            button("To a file …", self.ask_export), -1, button("Save", self.save, "main"),
        )  # fmt: skip
        body = column(label(description, "note", True), self.grid, self.fault, foot, gap=8, margins=(14, 14, 14, 14))
        body.setStretch(1, 1)
        self.setLayout(body)
        self.show_table(table_of(self.session.plans))

    def show_table(self, table: Likelihoods) -> None:
        self.table = table
        keys = list(table.causes)
        rows = [(PRIOR, [p for _, p in table.causes.values()])]
        rows += [(seen, [shares[k] for k in keys]) for seen, shares in table.seen.items()]
        rows += [(f"test: {t.yes}", [t.shows[k] for k in keys]) for t in table.tests.values()]
        self.grid.setRowCount(len(rows))
        self.grid.setColumnCount(len(keys))
        self.grid.setHorizontalHeaderLabels(
            [fill(tr(name).partition(":")[0], HEAD_LETTERS, break_long_words=False) for name, _ in table.causes.values()]
        )
        self.grid.setVerticalHeaderLabels([words for words, _ in rows])
        for at, (_, shares) in enumerate(rows):
            for across, share in enumerate(shares):
                cell = QTableWidgetItem(f"{100 * share:g}")
                cell.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
                self.grid.setItem(at, across, cell)

    def _tint(self, cell: QTableWidgetItem) -> None:
        """The more often, the deeper: what tells causes apart is seen before it is read."""
        share = min(self._share(cell.row(), cell.column()), 1.0)
        self.grid.blockSignals(True)
        cell.setBackground(self.theme.colour("river", DEEPEST * share))
        self.grid.blockSignals(False)

    def edited(self) -> Likelihoods:
        """The table as it stands in the cells. Raises PlanError where one is no share."""
        keys = list(self.table.causes)
        rows = iter([[self._share(at, across) for across in range(len(keys))] for at in range(self.grid.rowCount())])
        causes = {k: (self.table.causes[k][0], p) for k, p in zip(keys, next(rows), strict=True)}
        seen = {name: dict(zip(keys, next(rows), strict=True)) for name in self.table.seen}
        tests = {k: replace(t, shows=dict(zip(keys, next(rows), strict=True))) for k, t in self.table.tests.items()}
        return likelihoods(table_text(Likelihoods(causes, seen, tests)))

    def _share(self, at: int, across: int) -> float:
        cell = self.grid.item(at, across)
        try:
            return float(cell.text().replace(",", ".")) / 100 if cell else 0.0
        except ValueError:
            return 0.0  # refused with the others that are no share

    def save(self) -> None:
        army = self.session.plans.army
        try:
            text = table_text(self.edited())
        except NumerusError as error:
            self.fault.setText(error.message)
            return
        self.fault.setText("")
        if army is not None:
            kept = "" if text == table_text(usual()) else text
            self.session.commit("how causes show themselves", [replace(army, likelihoods=kept)])

    def ask_import(self) -> None:
        name, _ = FileDialog.getOpenFileName(self, "A table of likelihoods", "", "Tables (*.json)")
        if name:
            self.take_in(Path(name))

    def take_in(self, path: Path) -> None:
        try:
            self.show_table(likelihoods(path.read_text()))
            self.fault.setText("")
        except (OSError, UnicodeDecodeError):
            self.fault.setText(f"{path.name} cannot be read.")
        except NumerusError as error:
            self.fault.setText(error.message)

    def ask_export(self) -> None:
        name, _ = FileDialog.getSaveFileName(self, "The table as a file", "likelihoods.json", "Tables (*.json)")
        if name:
            self.write(Path(name))

    def write(self, path: Path) -> None:
        try:
            path.write_text(table_text(self.edited()))
        except OSError as error:
            self.session.failed.emit(BookError("unwritable", f"{path.name} cannot be written: {error.strerror}."))
        except NumerusError as error:
            self.fault.setText(error.message)
