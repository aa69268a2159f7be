"""A commission quoted in the real window: prices follow the terms, what is kept is in the book, the client can leave it."""

from __future__ import annotations

from datetime import date
from pathlib import Path

import pytest

from numerus.desk.money.papers import invoice_html, quote_html
from numerus.desk.money.quote import QuoteDialog
from numerus.desk.window import MainWindow
from numerus.domain.money import money_text
from numerus.money.against_quote import Account


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


def test_a_commission_is_followed_invoiced_and_forgotten(window: MainWindow, tmp_path: Path) -> None:
    """Hours, date and money of a unit in work; an invoice for an earlier stop is numbered once written; undo takes a booking back."""
    session = window.session
    dialog = QuoteDialog(window.context, session.plans.units["lock"], window)
    assert not dialog.panel.isVisibleTo(dialog)
    dialog.client.setText("Fen Pilots")
    dialog.choose(2)
    dialog.wanted.setDate(date(2026, 3, 20))
    dialog.keep()
    kept = session.plans.commission_of("lock")
    assert (
        kept is not None
        and kept.agreed_pence == dialog.quote.agreed.price_pence
        and kept.wanted_by == date(2026, 3, 20)
    )
    dialog = QuoteDialog(window.context, session.plans.units["lock"], window)
    panel = dialog.panel
    panel.grab()
    assert panel.isVisibleTo(dialog) and "h so far" in panel.words.text() and "wanted by 20 Mar" in panel.dates.text()
    panel.sum.setValue(39)
    panel.about.setText("deposit")
    panel.book()
    panel.stop.setCurrentIndex(1)
    panel.invoice(tmp_path / "invoice.pdf")
    panel.delivery(tmp_path / "note.pdf")
    assert all((tmp_path / n).read_bytes()[:5] == b"%PDF-" for n in ("invoice.pdf", "note.pdf"))
    asked = dialog.quote.stops[1].price_pence
    assert "2026-01" in panel.money.text() and money_text(asked - 3900, "£") in panel.money.text()
    panel.invoice(tmp_path / "none" / "invoice.pdf")
    assert "could not be written" in panel.fault.text() and "2026-02" not in panel.money.text()
    dialog.rate.setValue(2 * dialog.rate.value())
    assert "Dearer than" in dialog.note.text()
    dialog.forget()
    assert session.plans.commission_of("lock") is None
    assert "Fen Pilots" not in repr(session.answers.facts)


def test_an_invoice_adds_up_on_the_page(dialog: QuoteDialog) -> None:
    """Work and postage less what was paid; the client's words are not taken for marks."""
    dialog.postage.setValue(6.40)
    dialog.client.setText("<b>Guild</b>")
    dialog.reckon()
    booked = Account(0, 3900, 0, (), "")
    page = invoice_html(
        dialog.quote, dialog.quote.stops[0], 4250, dialog.terms, booked, "2026-07", date(2026, 4, 1), "£"
    )
    assert "To pay: £ 9.90" in page and "£ -39.00" in page and "&lt;b&gt;Guild" in page and "2026-07" in page
