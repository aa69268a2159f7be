"""The bath book in the window: what is done to a bath, what verdicts teach, what the bench says before and after."""

from __future__ import annotations

from dataclasses import replace

import pytest
from PyQt6.QtWidgets import QApplication, QDialog

from numerus.desk.stages.wash.bath_dialog import FILL, SETTLE, SWAP, BathDialog
from numerus.desk.window import MainWindow
from numerus.domain.journal import BathFilled, BathSettled, BathsSwapped


def wash_bench(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.go("wash")
    QApplication.processEvents()
    window.grab()
    return window.benches["wash"]


def test_what_was_done_to_a_bath_is_asked_and_can_be_taken_back(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Only what an answer needs is asked; done, the book draws it, the cautions are the liquid's; undo empties it again."""
    bench = wash_bench(window)
    dialog = BathDialog(bench.state, bench)
    asked = {FILL: {"which", "liquid", "litres"}, SETTLE: {"which", "removed"}, SWAP: {"litres"}}
    for what, shown in asked.items():
        dialog.what.setCurrentText(what)
        assert {name for name, holder in dialog.rows.items() if not holder.isHidden()} == shown
    assert isinstance(dialog.done_event, BathsSwapped) and dialog.bath == "dirty"
    dialog.what.setCurrentText(SETTLE)
    assert dialog.done_event == BathSettled(0.6)

    def fill(self: BathDialog) -> int:
        self.what.setCurrentText(FILL)
        self.liquid.setCurrentText("glycol")
        self.litres.setValue(2.5)
        return QDialog.DialogCode.Accepted

    before = bench.state.tubs[0]
    monkeypatch.setattr(BathDialog, "exec", fill)
    bench.bath_button.click()
    assert (bench.state.tubs[0].liquid, bench.state.tubs[0].litres, bench.state.tubs[0].carried_ml) == (
        "glycol",
        2.5,
        0,
    )
    assert any("Glycol" in words for words in bench.line._said()) and not any(
        "Alcohol burns" in w for w in bench.line._said()
    )
    window.session.undo()
    assert bench.state.tubs[0] == before


def test_how_parts_came_out_moves_where_a_bath_is_spent(window: MainWindow) -> None:
    """Asked once for each washed plate, also when nothing is wet any more; tacky lowers it, and undo asks again."""
    bench = wash_bench(window)
    while bench.state.waiting:
        bench.done()
    bench.refresh()
    window.grab()
    assert bench.asked.isVisible() and not bench.done_button.isEnabled() and "Nothing is wet" in bench.verdict.text()
    before, run = bench.state.limit, bench.state.unjudged
    bench.judged["tacky"].click()
    assert bench.state.limit.share < before.share and bench.state.unjudged != run
    assert bench.state.limit.verdicts == before.verdicts + 1
    window.session.undo()
    assert bench.state.unjudged == run and bench.state.limit == before


def test_a_bath_that_does_not_suit_the_resin_is_told(window: MainWindow) -> None:
    """Alcohol for a resin that washes in water, water for one that does not; else by which plate the bath is spent."""
    bench = wash_bench(window)
    session = window.session
    assert "Spent" in bench.state.outlook or "spends" in bench.state.outlook or "is spent" in bench.state.outlook
    bench.changed("dirty", BathFilled("water", 1.5))
    assert "Water does not clean" in bench.subtitle.text()
    session.commit("resin", [replace(session.plans.resin, cure="water-washable")])
    assert "Water does not clean" not in bench.state.outlook
    bench.changed("dirty", BathFilled("alcohol", 1.5))
    assert "turns it white" in bench.state.outlook


def test_every_plate_to_come_is_in_the_book(window: MainWindow) -> None:
    """Waiting ones first, then those the watch bill has, each with more in the bath after it than before."""
    bench = wash_bench(window)
    shares = [s for _, _, s in bench.picture.coming]
    assert shares == sorted(shares) and len(shares) >= len(bench.state.waiting)
    times = [at for at, _, _ in bench.picture.coming]
    assert times == sorted(times)
    assert any("planned" in r.description for r in bench.picture.regions)
