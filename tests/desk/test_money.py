"""Money in the real window: bought and taken out again, what to buy by the plan's days, what pays."""

from __future__ import annotations

import csv
from datetime import date
from pathlib import Path

import pytest

from numerus.desk.money.money_dialog import MoneyDialog
from numerus.desk.window import MainWindow
from numerus.domain.purchases import purchases


@pytest.fixture
def dialog(window: MainWindow) -> MoneyDialog:
    return MoneyDialog(window.context, window)


def enter(dialog: MoneyDialog, thing: str, words: str, price: float, amount: float) -> None:
    dialog.thing.setCurrentIndex(dialog.thing.findData(thing))
    dialog.words.setText(words)
    dialog.price.setValue(price)
    dialog.amount.setValue(amount)
    dialog.enter()


def cells(table) -> list[list[str]]:  # type: ignore[no-untyped-def]
    return [[table.item(y, x).text() for x in range(table.columnCount())] for y in range(table.rowCount())]


def test_a_purchase_is_entered_exported_and_taken_out(dialog: MoneyDialog, tmp_path: Path) -> None:
    """It stands on top with its sum, in the book and in the file; out again its money is gone, and undo brings it back."""
    enter(dialog, "gloves", "nitrile, medium", 7.90, 50)
    enter(dialog, "glue", "thick", 4.20, 5)
    rows = cells(dialog.ledger)
    assert [r[2] for r in rows] == ["thick", "nitrile, medium"] and rows[0][-1] == "£ 4.20" and rows[1][3] == "50 pairs"
    dialog.export_ledger(tmp_path / "ledger.csv")
    with (tmp_path / "ledger.csv").open(encoding="utf-8") as file:
        assert sum(int(r["spent_pence"]) for r in csv.DictReader(file)) == 1210
    dialog.grab()
    dialog.ledger.setCurrentCell(0, 0)
    dialog.take_out()
    assert [r[2] for r in cells(dialog.ledger)] == ["nitrile, medium"]
    dialog.session.undo()
    assert len(purchases(dialog.session.answers.facts)) == 2


def test_the_list_knows_what_was_bought_and_what_the_plan_takes(dialog: MoneyDialog, tmp_path: Path) -> None:
    """Gloves nobody told of are to be counted; a box of them is enough; too little glue has a day."""
    before = {r[1]: r for r in cells(dialog.shopping)}
    assert before["Gloves"][2] == "count what there is" and before["Gloves"][4] == "not told"
    enter(dialog, "gloves", "", 7.90, 50)
    enter(dialog, "glue", "", 4.20, 1)
    after = {r[1]: r for r in cells(dialog.shopping)}
    assert after["Gloves"][2] == "enough" and after["Glue"][2].endswith(" g") and after["Glue"][0] and after["Glue"][5]
    dialog.export_shopping(tmp_path / "list.ods")
    assert (tmp_path / "list.ods").read_bytes()[:2] == b"PK"
    dialog.export_shopping(tmp_path / "none" / "list.csv")
    assert "cannot be written" in dialog.fault.text()


def test_what_pays_follows_the_price(dialog: MoneyDialog) -> None:
    """A dearer machine pays later; failed parts are told with what they cost."""
    dialog.machine_price.setValue(200)
    early = cells(dialog.pays)[-1]
    dialog.machine_price.setValue(400)
    late = cells(dialog.pays)[-1]
    assert early[0] == "A machine of £ 200.00" and int(early[1].split()[-1]) < int(late[1].split()[-1])
    assert any("failed" in r[0] and r[1].startswith("£") for r in cells(dialog.failed))
    dialog.file_price.setValue(16)
    assert "costs" in dialog.wait.text() or "Wait" in dialog.wait.text()
    dialog.sale.setDate(date(2026, 3, 5))
    assert dialog.wait.text().startswith("Wait: it saves £ 8.00")
    dialog.sale.setDate(date(2026, 4, 5))
    assert "costs" in dialog.wait.text() and "days" in dialog.wait.text()
    dialog.pages.setCurrentIndex(2)
    dialog.grab()
