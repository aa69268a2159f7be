"""A unit painted for someone else: every stop with its hours and price side by side, terms typed beside them, kept and printed."""

from __future__ import annotations

from dataclasses import replace
from datetime import date
from pathlib import Path

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QDateEdit, QWidget

from numerus.book.book import Removed
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.money.commission_panel import CommissionPanel
from numerus.desk.money.papers import quote_html, save_page
from numerus.desk.translate import tr
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label, row, tried
from numerus.desk.widgets.worded import CheckBox, DoubleSpinBox, FileDialog, LineEdit, SpinBox
from numerus.domain.army import Unit
from numerus.domain.commissions import Commission
from numerus.domain.money import money_text
from numerus.errors import NumerusError
from numerus.money.against_quote import agreed_now, requoted
from numerus.money.quotes import Quote, Stop, quote
from numerus.words import counted

GAP_PX = 8.0
NO_DATE = date(2000, 1, 1)


class Stops(Drawing):
    """Where work may end, from the first to the last: price, hours, what each adds; ``chosen``: the number of one."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Stops and their prices")
        self.quote: Quote | None = None
        self.currency = ""
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumSize", 720, 186)

    def show_quote(self, offer: Quote, currency: str) -> None:
        self.quote, self.currency = offer, currency
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.quote is None:
            return
        many = len(self.quote.stops)
        wide = (self.width() - GAP_PX * (many - 1)) / many
        for number, stop in enumerate(self.quote.stops):
            before = self.quote.stops[number - 1].price_pence if number else 0
            self._stop(painter, number, stop, before, QRectF(number * (wide + GAP_PX), 1, wide, self.height() - 2))

    def _stop(self, painter: QPainter, number: int, stop: Stop, before: int, box: QRectF) -> None:
        assert self.quote is not None
        agreed = stop is self.quote.agreed
        painter.setPen(QPen(self.theme.colour("river" if agreed else "hairline"), 2 if agreed else 1))
        painter.setBrush(self.theme.colour("riverwash" if agreed else "matt"))
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 6, 6)
        self.lettered(painter, QPointF(box.left() + 18, box.top() + 18), str(number + 1), agreed)
        x, room = box.left() + 12, box.width() - 20
        self.text(painter, x + 24, box.top() + 24, stop.name, 16, True, width=room - 24)
        self.paragraph(painter, QRectF(x, box.top() + 34, room, 30), stop.description, 11, colour="slate")
        self.text(painter, x, box.top() + 90, money_text(stop.price_pence, self.currency), 20, True, width=room)
        low, high = (money_text(p) for p in stop.price_range)
        self.text(painter, x, box.top() + 106, f"{low} to {high}", 11, colour="slate", width=room)
        hours = stop.hours
        self.text(painter, x, box.top() + 130, f"{hours.p50:.1f} h", 16, True)
        self.text(painter, x, box.top() + 146, f"{hours.p10:.1f} to {hours.p90:.1f}", 11, colour="slate", width=room)
        more = (
            f"+ {money_text(stop.price_pence - before, self.currency)} from stop {number}"
            if number
            else "the least that is paid for"
        )
        self.text(painter, x, box.bottom() - 10, more, 11, True, width=room)
        self.region(
            box,
            f"Stop {number + 1}, {stop.name}: {money_text(stop.price_pence, self.currency)}",
            lambda n=number: self.chosen.emit(n),
        )


class QuoteDialog(Dialog):
    """``terms``: as they are typed. *Keep* writes them into the book; *Forget* takes them, and the client, out of it."""

    def __init__(self, context: Context, unit: Unit, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.context, self.session, self.unit = context, context.session, unit
        self.setWindowTitle(f"Quote: {unit.name}")
        kept = self.session.plans.commission_of(unit.id)
        self.terms = kept or Commission(new_id(), unit.id)
        self.quote: Quote | None = None
        self.stops = Stops(context)
        self.stops.chosen.connect(self.choose)
        self.client, self.brief = self._line("Client", self.terms.client), self._line("Brief", self.terms.brief)
        self.references = self._line("References", self.terms.references)
        self.theirs = self._line("What is theirs", self.terms.theirs)
        self.rate = self._number("an hour", self.terms.pence_per_h / 100, 0, 1000, 2)
        self.margin = self._number("margin, %", 100 * self.terms.margin, 0, 300, 0)
        self.deposit = self._number("deposit, %", 100 * self.terms.deposit, 0, 100, 0)
        self.postage = self._number("postage", self.terms.postage_pence / 100, 0, 1000, 2)
        self.wanted = QDateEdit()
        self.wanted.setAccessibleName(tr("Wanted by"))
        self.wanted.setDisplayFormat("d MMM yyyy")
        self.wanted.setMinimumDate(NO_DATE)
        self.wanted.setSpecialValueText("no date")
        self.wanted.setDate(self.terms.wanted_by or NO_DATE)
        self.wanted.dateChanged.connect(lambda _: self.reckon())
        self.prints = CheckBox("I print it, too")
        self.prints.setChecked(self.terms.prints)
        self.prints.toggled.connect(lambda _: self.reckon())
        self.note, self.fault = label("", "note", True), label("", "fault", True)
        self.forget_button = button(
            "Forget the client", self.forget, tip="The commission and all personal data of it leave the book"
        )
        self.forget_button.setEnabled(kept is not None)
        self.panel = CommissionPanel(context, unit)
        self.panel.setVisible(kept is not None)
        self.setLayout(self._layout())
        self.reckon()

    def _layout(self):  # type: ignore[no-untyped-def]
        numbers = [
            row(label(box.accessibleName(), "note"), box, gap=4)
            for box in (self.rate, self.margin, self.deposit, self.postage)
        ]
        who = row(label("Client", "note"), self.client, label("Brief", "note"), self.brief, gap=6)
        who.addWidget(label("wanted by", "note"))
        who.addWidget(self.wanted)
        who.setStretch(1, 1)
        who.setStretch(3, 2)
        deeds = row(
            self.forget_button, -1, button("Save as PDF …", self.ask_pdf), button("Keep", self.keep, "main"),
            button("Close", self.reject), gap=8,
        )  # fmt: skip
        sent = row(label("References", "note"), self.references, label("Theirs", "note"), self.theirs, gap=6)
        return column(
            who,
            sent,
            row(*numbers, self.prints, -1, gap=14),
            self.stops,
            self.note,
            self.panel,
            self.fault,
            deeds,
            gap=10,
            margins=(16, 14, 16, 14),
        )

    def _line(self, name: str, words: str) -> LineEdit:
        field = LineEdit(words)
        field.setAccessibleName(name)
        return field

    def _number(self, name: str, value: float, least: float, most: float, digits: int) -> DoubleSpinBox | SpinBox:
        box = DoubleSpinBox()
        box.setDecimals(digits)
        box.setRange(least, most)
        box.setValue(value)
        box.setAccessibleName(name)
        box.valueChanged.connect(lambda _: self.reckon())
        return box

    def typed(self) -> Commission:
        """The terms as they stand. Raises PlanError for senseless ones."""
        return replace(
            self.terms, client=self.client.text().strip(), brief=self.brief.text().strip(),
            references=self.references.text().strip(), theirs=self.theirs.text().strip(), pence_per_h=round(100 * self.rate.value()),
            margin=self.margin.value() / 100, deposit=self.deposit.value() / 100, postage_pence=round(100 * self.postage.value()),
            prints=self.prints.isChecked(), wanted_by=wanted if (wanted := self.wanted.date().toPyDate()) > NO_DATE else None,
        )  # fmt: skip

    def reckon(self) -> None:
        """Every stop's price by the terms as they are."""
        answers = self.session.answers
        try:
            self.terms = self.typed()
            self.quote = quote(
                answers.plans, answers.standing, self.unit, self.terms, answers.rates, answers.run_factors
            )
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}".strip())
            return
        self.fault.setText("")
        self.stops.show_quote(self.quote, self._currency)
        self.note.setText(" ".join(self._words(self.quote)))
        self.panel.show_offer(self.quote, self.terms)

    @property
    def _currency(self) -> str:
        army = self.session.plans.army
        return army.currency if army else ""

    def _words(self, offer: Quote) -> list[str]:
        money = self._currency
        words = [
            f"Agreed: stop at {offer.agreed.name.lower()}, {money_text(offer.agreed.price_pence, money)} for {counted(offer.figures, 'figure')}; "
            f"deposit {money_text(offer.deposit_pence, money)}, postage {money_text(offer.postage_pence, money)}.",
            f"Materials {money_text(offer.agreed.materials_pence, money)}. Hours are those of all the work, at your pace.",
        ]
        more = requoted(self.terms, offer)
        if more:
            kept = money_text(self.terms.agreed_pence, money)
            words.append(
                f"{'Dearer' if more > 0 else 'Cheaper'} than the {kept} that were agreed: by {money_text(abs(more), money)}."
            )
        if offer.is_guess:
            words.append(f"Only {counted(offer.measured, 'step')} of yours were measured: the range is doubled.")
        words += [
            f"{counted(many, 'part')} of {kit}: {says}. Ask before prints are sold."
            for kit, many, says in offer.not_to_sell
        ]
        return words

    def choose(self, number: int) -> None:
        """Where to stop."""
        if self.quote is not None:
            self.terms = replace(self.terms, stop=self.quote.stops[number].name)
            self.reckon()

    def keep(self) -> None:
        if self.fault.text() or self.quote is None:
            return
        agreed = replace(self.terms, **agreed_now(self.quote.agreed, self.session.now.date()))  # type: ignore[arg-type]
        if self.session.commit(f"a commission: {self.unit.name}", [agreed]):
            self.accept()

    def forget(self) -> None:
        if self.session.commit(f"no commission: {self.unit.name}", [Removed("commission", self.terms.id)]):
            self.reject()

    def ask_pdf(self) -> None:
        path, _ = FileDialog.getSaveFileName(self, "Save the quote", "quote.pdf", "PDF (*.pdf)")
        if path:
            self.save_pdf(Path(path))

    def save_pdf(self, path: Path) -> None:
        """The quote on a page for the client."""
        offer = self.quote
        if offer is not None:
            tried(lambda: save_page(quote_html(offer, self.terms, self._currency), path), self.fault)
