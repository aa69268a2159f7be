"""Money: what was bought, what to buy and by when, what pays; each a page."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QDateEdit, QHeaderView, QWidget

from numerus.desk.context import Context
from numerus.desk.money.money_state import MoneyState
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row, tried
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, FileDialog, LineEdit, TableItem, TableWidget, TabWidget
from numerus.domain.money import money_text
from numerus.domain.purchases import THINGS
from numerus.formats.tables import write_table
from numerus.money.ledger import ledger_rows
from numerus.progress.shopping import Item, shopping_rows

LEDGER = "Day", "Kind", "In the shop's words", "How much", "For", "Price"
SHOPPING = "Order by", "What", "Buy", "Needed", "There is", "Runs out", "Why"
TABLES = "Tables (*.csv *.ods)"


class Bars(Drawing):
    """Sums by what they went to, the largest first, then by month."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Where the money goes")
        self.groups: list[tuple[str, list[tuple[str, int]]]] = []
        self.currency = ""
        self.hold("setMinimumSize", 300, 300)

    def show_sums(self, groups: list[tuple[str, list[tuple[str, int]]]], currency: str) -> None:
        self.groups, self.currency = groups, currency
        self.update()

    def draw(self, painter: QPainter) -> None:
        y = 16.0
        for title, rows in self.groups:
            self.text(painter, 0, y, title, 16, True)
            y += 22
            most = max((pence for _, pence in rows), default=0)
            if not most:
                self.text(painter, 0, y, "Nothing is entered yet.", 13, colour="slate")
                y += 20
            for words, pence in rows:
                self.text(painter, 0, y, words, 13, width=150)
                self.bar(painter, 156, y - 10, (self.width() - 240) * pence / max(most, 1), 12, "river")
                self.text(painter, self.width(), y, money_text(pence, self.currency), 13, True, align=RIGHT)
                y += 21
            y += 14


class MoneyDialog(Dialog):
    def __init__(self, context: Context, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.setWindowTitle("Money")
        self.resize(1060, 640)
        self.state = MoneyState(self.session.answers)
        self.items: list[Item] = []
        self.fault = label("", "fault", True)
        pages = TabWidget()
        pages.addTab(self._ledger_page(), "Bought")
        pages.addTab(self._shopping_page(), "To buy, by date")
        pages.addTab(self._worth_page(), "What pays")
        self.pages = pages
        self.setLayout(
            column(pages, self.fault, row(-1, button("Close", self.reject)), gap=8, margins=(14, 12, 14, 12))
        )
        self.refresh()

    def _ledger_page(self) -> QWidget:
        self.ledger, self.bars = _table(LEDGER, 2), Bars(self.context)
        self.thing, self.unit = ComboBox(), ComboBox()
        for key, thing in THINGS.items():
            self.thing.addItem(thing.name + (f", {thing.unit}" if thing.unit else ""), key)
        self.unit.addItem("all of the army", "")
        for unit in self.session.plans.units_in_order():
            self.unit.addItem(unit.name, unit.id)
        self.words, self.price, self.amount = LineEdit(), _number(100_000, 2), _number(1e6, 2)
        self.words.setPlaceholderText("in the shop's words")
        named = (
            (self.thing, "Kind"),
            (self.unit, "For"),
            (self.words, "Words"),
            (self.price, "Price"),
            (self.amount, "How much"),
        )
        for widget, name in named:
            widget.setAccessibleName(name)
        self.words.returnPressed.connect(self.enter)
        entry = row(
            self.thing, self.words, label("price", "note"), self.price, label("how much", "note"), self.amount, self.unit,
            button("Enter it", self.enter, "main"), gap=6,
        )  # fmt: skip
        deeds = row(
            button("Take the row out", self.take_out, tip="As a correction: it stays in the journal, and undo brings it back"),
            button("Opened today", self.open_pack, tip="How long it keeps is told from then on, see To buy, by date"), -1,
            button("Export …", lambda: self._ask("ledger.csv", self.export_ledger)), gap=6,
        )  # fmt: skip
        body = row(column(self.ledger, deeds, gap=6), self.bars, gap=16)
        body.setStretch(0, 3)
        body.setStretch(1, 2)
        page = QWidget()
        page.setLayout(column(entry, body, gap=8, margins=(6, 10, 6, 6)))
        return page

    def _shopping_page(self) -> QWidget:
        self.shopping, self.stale = _table(SHOPPING, 6), label("", "caution", True)
        self.note = label("", "note", True)
        page = QWidget()
        page.setLayout(column(
            self.note, self.shopping, self.stale,
            row(-1, button("Export …", lambda: self._ask("shopping.csv", self.export_shopping))), gap=6, margins=(6, 10, 6, 6),
        ))  # fmt: skip
        return page

    def _worth_page(self) -> QWidget:
        self.machine_price = _number(100_000, 2)
        self.machine_price.setAccessibleName("Price of a machine")
        self.machine_price.valueChanged.connect(lambda _: self._show_worth())
        self.pays, self.failed = _table(("What", "From when on"), 0), _table(("Plate", "Cost"), 0)
        asked = row(label("A machine would cost", "note"), self.machine_price, -1, gap=6)
        self.file_price, self.off, self.sale = _number(10_000, 2), _number(100, 0), QDateEdit(self.session.now.date())
        named = (self.file_price, "Price of a file"), (self.off, "Percent off"), (self.sale, "Day of the sale")
        self.wait = label("", "note", True)
        for widget, name in named:
            widget.setAccessibleName(name)
        self.off.setValue(50)
        self.sale.setDisplayFormat("d MMM yyyy")
        for signal in (self.file_price.valueChanged, self.off.valueChanged, self.sale.dateChanged):
            signal.connect(lambda _: self._show_wait())
        sale = row(
            label("A file of", "note"), self.file_price, label("with % off", "note"), self.off, label("on", "note"), self.sale,
            self.wait, gap=6,
        )  # fmt: skip
        sale.setStretch(6, 1)
        page = QWidget()
        page.setLayout(column(
            label("Against what the same figures cost bought; hands are not counted", "section"), asked, self.pays, sale,
            label("What failed parts cost, in material and their share of the run", "section"), self.failed,
            gap=6, margins=(6, 10, 6, 6),
        ))  # fmt: skip
        return page

    def refresh(self) -> None:
        self.state = state = MoneyState(self.session.answers)
        _fill(self.ledger, state.ledger_cells())
        self.bars.show_sums([("By kind", state.by_thing()), ("By month", state.by_month())], state.currency)
        self.stale.setText(state.stale_words())
        self.note.setText("Being worked out from the plan of the evenings …")
        self.context.jobs.start("shopping", "Counting what the plan uses up", state.shopping(), self._show_shopping)
        self._show_worth()

    def _show_shopping(self, found: tuple[list[Item], str]) -> None:
        self.items, why = found
        self.note.setText(
            why
            or "What the coming evenings use up, by the day it is first missing; five days from order to there (default)."
        )
        _fill(self.shopping, [_item_cells(i) for i in self.items])

    def _show_worth(self) -> None:
        _fill(self.pays, [list(r) for r in self.state.worth_words(round(100 * self.machine_price.value()))])
        _fill(self.failed, [list(r) for r in self.state.failed_words()])

    def _show_wait(self) -> None:
        pence, off = round(100 * self.file_price.value()), self.off.value() / 100
        self.wait.setText(self.state.waiting_words(pence, off, self.sale.date().toPyDate()) if pence else "")

    def enter(self) -> None:
        """What is typed becomes an entry of the journal."""

        def act() -> None:
            fact = self.state.entered(
                str(self.thing.currentData()), self.words.text(), round(100 * self.price.value()), self.amount.value(),
                str(self.unit.currentData()),
            )  # fmt: skip
            self.session.commit(f"bought: {self.thing.currentText().lower()}", facts=[fact])

        if tried(act, self.fault):
            self.words.clear()
            self.price.setValue(0)
            self.amount.setValue(0)
            self.refresh()

    def take_out(self) -> None:
        facts = self.state.taken_back(self.ledger.currentRow())
        if facts and self.session.commit("a purchase taken out", facts=facts):
            self.refresh()

    def open_pack(self) -> None:
        facts = self.state.opened(self.ledger.currentRow())
        if facts and self.session.commit("a pack opened", facts=facts):
            self.refresh()

    def export_ledger(self, path: Path) -> None:
        rows = ledger_rows(self.session.answers.facts, self.session.plans)
        tried(lambda: write_table(path, rows, "Ledger"), self.fault)

    def export_shopping(self, path: Path) -> None:
        tried(lambda: write_table(path, shopping_rows(self.items), "Shopping"), self.fault)

    def _ask(self, name: str, act) -> None:  # type: ignore[no-untyped-def]
        path, _ = FileDialog.getSaveFileName(self, "Export", name, TABLES)
        if path:
            act(Path(path))


def _number(most: float, digits: int) -> DoubleSpinBox:
    box = DoubleSpinBox()
    box.setRange(0, most)
    box.setDecimals(digits)
    return box


def _table(columns: tuple[str, ...], wide: int) -> TableWidget:
    table = TableWidget(0, len(columns))
    table.setHorizontalHeaderLabels(list(columns))
    table.setAccessibleName(", ".join(columns))
    table.setEditTriggers(TableWidget.EditTrigger.NoEditTriggers)
    table.setSelectionBehavior(TableWidget.SelectionBehavior.SelectRows)
    table.verticalHeader().setVisible(False)
    table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
    table.horizontalHeader().setSectionResizeMode(wide, QHeaderView.ResizeMode.Stretch)
    return table


def _fill(table: TableWidget, rows: list[list[str]]) -> None:
    table.setRowCount(len(rows))
    for y, cells in enumerate(rows):
        for x, words in enumerate(cells):
            item = TableItem(words)
            if x == len(cells) - 1 and len(cells) != len(SHOPPING):
                item.setTextAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
            table.setItem(y, x, item)


def _item_cells(item: Item) -> list[str]:
    unit = f" {item.unit}" if item.unit else ""
    return [
        f"{item.order_by:%a %d %b}" if item.order_by and item.buy else "", item.name, item.buy or "enough",
        f"{_told(item.need)}{unit}", "not told" if item.have is None else f"{_told(item.have)}{unit}",
        f"{item.runs_out:%a %d %b}" if item.runs_out else "", item.why,
    ]  # fmt: skip


def _told(amount: float) -> str:
    """Small amounts to a hundredth, others to a tenth, whole ones whole."""
    return f"{amount:.2f}" if 0 < amount < 1 else f"{amount:.1f}".removesuffix(".0")
