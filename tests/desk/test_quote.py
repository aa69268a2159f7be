"""A commission quoted in the real window: prices follow the terms, what is kept is in the book, the client can leave it."""

from __future__ import annotations

from pathlib import Path

import pytest

from numerus.desk.dialogs.quote import QuoteDialog, quote_html
from numerus.desk.window import MainWindow


@pytest.fixture
def dialog(window: MainWindow) -> QuoteDialog:
    return QuoteDialog(window.context, window.session.plans.units["bell"], window)


def test_prices_follow_the_terms_as_they_are_typed(dialog: QuoteDialog) -> None:
    """Twice the rate, about twice the price; printing adds resin and names what may not be sold; nothing is written yet."""
    before = dialog.quote
    assert before is not None and before.agreed is before.stops[-1]
    dialog.rate.setValue(2 * dialog.rate.value())
    after = dialog.quote
    assert after is not None and after.agreed.price_pence == pytest.approx(2 * before.agreed.price_pence, rel=0.03)
    dialog.prints.setChecked(True)
    assert dialog.quote.agreed.materials_pence > before.agreed.materials_pence
    assert "Ask before prints are sold" in dialog.note.text()
    dialog.grab()
    assert dialog.session.plans.commission_of("bell") is None


def test_a_stop_is_chosen_kept_and_the_client_forgotten(
    dialog: QuoteDialog, window: MainWindow, tmp_path: Path
) -> None:
    """The agreed stop, the client and the brief are kept, shown again, printed, and taken out with one press; undo knows all."""
    dialog.client.setText("Fen Pilots' <guild>")
    dialog.brief.setText("Bells of verdigris")
    dialog.choose(1)
    dialog.keep()
    kept = window.session.plans.commission_of("bell")
    assert kept is not None and (kept.client, kept.stop) == ("Fen Pilots' <guild>", "Base colours")
    again = QuoteDialog(window.context, window.session.plans.units["bell"], window)
    assert again.client.text() == kept.client and again.quote.agreed.name == "Base colours"
    again.save_pdf(tmp_path / "quote.pdf")
    assert (tmp_path / "quote.pdf").read_bytes()[:5] == b"%PDF-"
    page = quote_html(again.quote, again.terms, "£")
    assert "&lt;guild&gt;" in page and "<b>Base colours</b>" in page
    again.forget()
    assert window.session.plans.commission_of("bell") is None
    window.session.undo()
    assert window.session.plans.commission_of("bell") == kept


def test_a_unit_with_nothing_to_quote_says_so(window: MainWindow) -> None:
    """And keeps nothing."""
    from dataclasses import replace

    empty = replace(window.session.plans.units["bell"], id="empty", name="Nobody yet")
    dialog = QuoteDialog(window.context, empty, window)
    assert "no figures" in dialog.fault.text()
    dialog.keep()
    assert not window.session.plans.commissions
    dialog.grab()
