"""Papers for a client: quote, invoice and delivery note as pages."""

from __future__ import annotations

from base64 import b64encode
from collections.abc import Sequence
from datetime import date
from html import escape
from pathlib import Path

from PyQt6.QtGui import QTextDocument

from numerus.desk.dialogs.bench_card import print_document
from numerus.domain.commissions import Commission
from numerus.domain.money import money_text
from numerus.money.against_quote import Account
from numerus.money.quotes import Quote, Stop
from numerus.words import counted

PICTURE_PX = 110  # high, of a figure


def save_page(html: str, path: Path) -> None:
    """As PDF. Raises BookError where it cannot be written."""
    document = QTextDocument()
    document.setHtml(html)
    print_document(document, path)


def quote_html(offer: Quote, terms: Commission, currency: str) -> str:
    """Every stop with all before it, what is agreed, and the terms."""
    rows = "".join(
        f"<tr><td>{number}. {'<b>' if s is offer.agreed else ''}{escape(s.name)}{'</b>' if s is offer.agreed else ''}<br>"
        f"<small>{escape(s.description)}</small></td><td align='right'>{s.hours.p10:.1f} to {s.hours.p90:.1f} h</td>"
        f"<td align='right'>{escape(money_text(s.price_pence, currency))}</td></tr>"
        for number, s in enumerate(offer.stops, 1)
    )
    asked = (
        terms.brief,
        f"References: {terms.references}" * bool(terms.references),
        f"Yours: {terms.theirs}" * bool(terms.theirs),
    )
    brief = "".join(f"<p>{escape(words)}</p>" for words in asked if words)
    return (
        f"<h2>Quote: {escape(offer.unit)}{_whose(terms)}</h2>{brief}<p>{counted(offer.figures, 'figure')}. Each price holds everything above it: "
        f"work may end at any of them.</p><table width='100%' cellpadding='4'>{rows}</table>"
        f"<p>Agreed: {escape(offer.agreed.name)}, {escape(money_text(offer.agreed.price_pence, currency))}. "
        f"Deposit {escape(money_text(offer.deposit_pence, currency))}; postage and insurance {escape(money_text(offer.postage_pence, currency))}.</p>"
    )


def _whose(terms: Commission) -> str:
    return f" for {escape(terms.client)}" if terms.client else ""


def invoice_html(
    offer: Quote, stop: Stop, pence: int, terms: Commission, booked: Account, number: str, today: date, currency: str
) -> str:
    """What was done up to a stop, postage, what is paid already, what is left to pay. ``pence``: of the work."""
    lines = [(f"{offer.unit}, {counted(offer.figures, 'figure')}: {stop.name.lower()}, {stop.description}", pence)]
    lines += [("Postage and insurance", terms.postage_pence)] if terms.postage_pence else []
    whole = sum(p for _, p in lines)
    lines += [("Paid already", -booked.paid)] if booked.paid else []
    rows = "".join(
        f"<tr><td>{escape(words)}</td><td align='right'>{escape(money_text(p, currency))}</td></tr>"
        for words, p in lines
    )
    return (
        f"<h2>Invoice {escape(number)}{_whose(terms)}</h2><p>{today:%-d %B %Y}</p><table width='100%' cellpadding='4'>{rows}</table>"
        f"<p><b>To pay: {escape(money_text(whole - booked.paid, currency))}</b></p>"
    )


def _picture(jpeg: bytes) -> str:
    return f"<img height='{PICTURE_PX}' src='data:image/jpeg;base64,{b64encode(jpeg).decode()}'>" if jpeg else ""


def delivery_html(
    offer: Quote,
    figures: Sequence[tuple[str, bytes]],
    packed: str,
    terms: Commission,
    today: date,
    not_to_sell: Sequence[str],
) -> str:
    """Every figure with a box to tick and its photograph (JPEG, b"" where none was taken), how it is packed, what to look at on arrival."""
    rows = "".join(
        f"<tr><td width='18'>☐</td><td>{escape(name)}</td><td align='right'>{_picture(jpeg)}</td></tr>"
        for name, jpeg in figures
    )
    sold = f"<p>{escape(' '.join(not_to_sell))}</p>" if not_to_sell else ""
    return (
        f"<h2>Delivery note: {escape(offer.unit)}{_whose(terms)}</h2><p>{today:%-d %B %Y}. {escape(packed)}</p>"
        f"<table width='100%' cellpadding='3'>{rows}</table><p>Please look at every figure on the day it comes, and keep the boxes if "
        f"anything broke: tell what and send a picture.</p>{sold}"
    )
