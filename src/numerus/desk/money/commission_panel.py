"""A commission while it is worked on: hours against the quote as a line, dates, money; papers and payments at a press."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPolygonF
from PyQt6.QtWidgets import QWidget

from numerus.book.blob_reader import read_blob
from numerus.desk.context import Context
from numerus.desk.money.commission_state import CommissionState
from numerus.desk.money.papers import delivery_html, invoice_html, save_page
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.desk.widgets.layout import button, column, label, row, tried
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, FileDialog, LineEdit
from numerus.domain.army import Unit
from numerus.domain.commissions import Commission
from numerus.errors import Progress
from numerus.money.quotes import Quote
from numerus.progress.figure_records.photographs import shown_photographs
from numerus.words import counted

BOOKINGS = (("paid", "Paid"), ("sent", "Parcel sent, postage"), ("refund", "Given back for damage on the way"))


class HoursLine(Drawing):
    """Hours over the share that is done: what was quoted as a band, what it took as a line, what it comes to."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Hours so far against the quote")
        self.state: CommissionState | None = None
        self.hold("setFixedHeight", 118)

    def show_state(self, state: CommissionState) -> None:
        self.state = state
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.state is None:
            return
        a, agreed = self.state.against, self.state.terms.agreed_h
        low, middle, high = agreed if any(agreed) else (a.expected.p10, a.expected.p50, a.expected.p90)
        left, right, bottom, top = 34.0, self.width() - 92.0, self.height() - 20.0, 10.0
        most = 1.1 * max(high, a.expected.p90, a.so_far_h, 1e-6)

        def at(share: float, hours: float) -> QPointF:
            return QPointF(left + (right - left) * share, bottom - (bottom - top) * hours / most)

        painter.setPen(self.theme.colour("hairline"))
        painter.setBrush(self.theme.colour("riverwash"))
        painter.drawPolygon(QPolygonF([at(0, 0), at(1, low), at(1, high)]))
        self._stroke(painter, at(0, 0), at(1, middle), "river", 1.5)
        self.line(painter, left, bottom, right, bottom)
        offer = self.state.offer
        for number, stop in enumerate(offer.stops[: 1 + offer.stops.index(offer.agreed)], 1):
            x = left + (right - left) * stop.hours.p50 / max(offer.agreed.hours.p50, 1e-9)
            self.line(painter, x, top, x, bottom)
            self.text(painter, x, bottom + 14, f"{number} {stop.name.lower()}", 11, stop is offer.agreed, align=RIGHT)
        self._stroke(painter, at(0, 0), at(a.share, a.so_far_h), "ink", 3)
        self._stroke(painter, at(a.share, a.so_far_h), at(1, a.expected.p50), "slate", 1.5)
        painter.setBrush(self.theme.colour("ink"))
        painter.drawEllipse(at(a.share, a.so_far_h), 5, 5)
        self.line(painter, right, at(1, a.expected.p10).y(), right, at(1, a.expected.p90).y(), "ink", 4)
        self.text(painter, right + 10, at(1, a.expected.p50).y() + 4, f"{a.expected.p50:.1f} h", 16, True)
        self.text(painter, left - 6, bottom, "0", 11, align=RIGHT, colour="slate")
        self.text(painter, left - 6, top + 8, f"{most:.0f} h", 11, align=RIGHT, colour="slate")
        self.region(QRectF(0, 0, self.width(), self.height()), self.state.hours_words)

    def _stroke(self, painter: QPainter, one: QPointF, other: QPointF, role: str, wide: float) -> None:
        self.line(painter, one.x(), one.y(), other.x(), other.y(), role, wide)


class CommissionPanel(QWidget):
    def __init__(self, context: Context, unit: Unit) -> None:
        super().__init__()
        self.context, self.session, self.unit = context, context.session, unit
        self.state: CommissionState | None = None
        self.hours = HoursLine(context)
        self.words, self.dates, self.money = label("", "note", True), label("", "strong", True), label("", "note", True)
        self.fault = label("", "fault", True)
        self.stop, self.what = ComboBox(), ComboBox()
        self.stop.setAccessibleName("Stop the invoice is for")
        self.what.setAccessibleName("What to book")
        for key, words in BOOKINGS:
            self.what.addItem(words, key)
        self.what.setSizeAdjustPolicy(ComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
        self.what.setMinimumWidth(150)
        self.sum, self.about = DoubleSpinBox(), LineEdit()
        self.sum.setRange(0, 100_000)
        self.sum.setAccessibleName("Sum to book")
        self.about.setAccessibleName("Words to the booking")
        self.about.setPlaceholderText("words, weight")
        papers = row(
            label("Up to", "note"), self.stop, button("Invoice …", self.ask_invoice), button("Delivery note …", self.ask_delivery),
            14, self.what, self.sum, self.about, button("Book it", self.book), gap=6,
        )  # fmt: skip
        papers.setStretch(papers.indexOf(self.about), 1)
        self.setLayout(
            column(
                label("While it is worked on", "section"),
                self.hours,
                self.words,
                self.dates,
                self.money,
                papers,
                self.fault,
                gap=4,
            )
        )

    def show_offer(self, offer: Quote, terms: Commission) -> None:
        self.state = CommissionState(self.session.answers, self.unit, offer, terms)
        chosen = self.stop.currentIndex() if self.stop.count() == len(offer.stops) else offer.stops.index(offer.agreed)
        self.stop.clear()
        self.stop.addItems([s.name for s in offer.stops])
        self.stop.setCurrentIndex(chosen)
        self.hours.show_state(self.state)
        self.words.setText(f"{self.state.stop_words} {self.state.hours_words}")
        self.dates.setText(self.state.date_words)
        self.money.setText(self.state.money_words)

    def ask_invoice(self) -> None:
        path, _ = FileDialog.getSaveFileName(self, "Save the invoice", "invoice.pdf", "PDF (*.pdf)")
        if path:
            self.invoice(Path(path))

    def invoice(self, path: Path) -> None:
        """For the work up to the chosen stop: written, numbered and booked."""
        state = self.state
        if state is None:
            return
        stop, number = state.offer.stops[self.stop.currentIndex()], state.next_number
        page = invoice_html(
            state.offer,
            stop,
            state.work_pence(stop),
            state.terms,
            state.account,
            number,
            self.session.now.date(),
            state.currency,
        )
        if tried(lambda: save_page(page, path), self.fault):
            self._book([state.invoiced(stop, number)], f"invoice {number}")

    def ask_delivery(self) -> None:
        path, _ = FileDialog.getSaveFileName(self, "Save the delivery note", "delivery note.pdf", "PDF (*.pdf)")
        if path:
            self.delivery(Path(path))

    def delivery(self, path: Path) -> None:
        """Every figure to tick with its photograph, and what may not be sold on; photographs are read in a job."""
        state, book = self.state, self.session.book
        if state is None or book is None:
            return
        figures = {f.id: f.name for f in self.session.plans.figures_of(self.unit.id)}
        sold = [f"{counted(many, 'part')} of {kit}: {says}." for kit, many, says in state.offer.not_to_sell]
        facts, today, kept = list(self.session.answers.facts), self.session.now.date(), book.path

        def work(_: Progress) -> str:
            taken = shown_photographs(facts, figures, lambda blob: read_blob(kept, blob))
            pictured = [(name, taken.get(figure, b"")) for figure, name in figures.items()]
            return delivery_html(state.offer, pictured, state.packed_words, state.terms, today, sold)

        def written(page: str) -> None:
            tried(lambda: save_page(page, path), self.fault)

        self.context.jobs.start("delivery note", "Drawing the delivery note", work, written)

    def book(self) -> None:
        """What was paid, sent or given back."""
        if self.state is not None:
            what, pence = str(self.what.currentData()), round(100 * self.sum.value())
            self._book(
                [self.state.booked(what, pence, words=self.about.text().strip())], self.what.currentText().lower()
            )

    def _book(self, facts, words: str) -> None:  # type: ignore[no-untyped-def]
        if self.state is not None and self.session.commit(f"{self.unit.name}: {words}", facts=facts):
            self.sum.setValue(0)
            self.about.clear()
            self.show_offer(self.state.offer, self.state.terms)
