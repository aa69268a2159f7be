"""A commission as its panel shows it: hours against the quote, dates beside other work, what was booked. No Qt here."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date

from numerus.desk.answers import Answers
from numerus.domain.army import MAGNETS, Unit
from numerus.domain.commissions import Commission
from numerus.domain.journal import CommissionBooked, Fact
from numerus.domain.money import money_text
from numerus.money.against_quote import Account, AgainstQuote, account, against_quote, next_number
from numerus.money.quotes import Quote, Stop
from numerus.packing.parcel import FILL_MM
from numerus.progress.forecasting.forecast import Forecast
from numerus.progress.unit_done import WET, done_minutes
from numerus.words import counted


@dataclass(frozen=True)
class CommissionState:
    answers: Answers
    unit: Unit
    offer: Quote
    terms: Commission

    @property
    def against(self) -> AgainstQuote:
        plans, standing = self.answers.plans, self.answers.standing
        done = done_minutes(plans, standing, self.unit.id, self.offer.agreed.minutes.get(WET, 0.0))
        minutes = sum(standing.hands.get(f.id, 0.0) for f in plans.figures_of(self.unit.id))
        return against_quote(self.offer, self.terms, done, minutes / 60)

    @property
    def account(self) -> Account:
        return account(self.answers.facts, self.unit.id)

    @property
    def currency(self) -> str:
        return self.answers.plans.army.currency if self.answers.plans.army else ""

    @property
    def hours_words(self) -> str:
        """Where it stands against the quote, and what it will pay an hour."""
        a = self.against
        ends = (
            f"{a.expected.p50:.1f} h at {self.offer.agreed.name.lower()} ({a.expected.p10:.1f} to {a.expected.p90:.1f})"
        )
        pays = f"{money_text(a.earns_pence_per_h, self.currency)} an hour then, materials taken out"
        if a.share <= 0:
            return f"Nothing of it is done yet: {ends}; {pays}."
        word = "over" if a.over_share > 0 else "under"
        return f"{a.so_far_h:.1f} h so far, {a.quoted_h:.1f} h quoted for that: {abs(a.over_share):.0%} {word}. {ends}; {pays}."

    @property
    def stop_words(self) -> str:
        """The last stop that is reached."""
        reached = self.against.reached
        return (
            f"Reached: stop {reached}, {self.offer.stops[reached - 1].name.lower()}."
            if reached
            else "No stop is reached yet."
        )

    @property
    def dates(self) -> tuple[date, date, date] | None:
        """When it is ready beside all other work: early, middle, late; None where nothing can be said."""
        told = self.answers.forecast
        own = next((u for u in told.units if u.unit_id == self.unit.id), None) if isinstance(told, Forecast) else None
        return (own.low, own.middle, own.high) if own else None

    @property
    def date_words(self) -> str:
        if self.against.reached > self.offer.stops.index(self.offer.agreed):
            return "What was agreed is done: it may be packed and sent."
        if self.dates is None:
            return "No date can be foretold."
        low, middle, high = self.dates
        words = f"Ready beside all other work about {middle:%a %-d %b} ({low:%-d %b} to {high:%-d %b})"
        wanted = self.terms.wanted_by
        if wanted is None:
            return f"{words}."
        held = "in time" if high <= wanted else "likely late" if middle > wanted else "it may be late"
        return f"{words}, wanted by {wanted:%-d %b}: {held}."

    @property
    def money_words(self) -> str:
        a, currency = self.account, self.currency
        if not (a.invoices or a.paid or a.sent or a.refunded):
            return "Nothing was invoiced or paid yet."
        parts = [f"invoiced {money_text(a.asked, currency)} ({a.invoices[-1]})"] if a.invoices else []
        parts += [f"paid {money_text(a.paid, currency)}"] if a.paid else []
        parts += [f"open {money_text(a.open, currency)}"] if a.invoices and a.open > 0 else []
        parts += [f"given back {money_text(a.refunded, currency)}"] if a.refunded else []
        parts += [f"sent {a.sent}"] if a.sent else []
        return "; ".join(parts)[0].upper() + "; ".join(parts)[1:] + "."

    @property
    def packed_words(self) -> str:
        """How the figures travel, for the delivery note."""
        plans = self.answers.plans
        many = counted(len(plans.figures_of(self.unit.id)), "figure")
        standing = plans.army is not None and plans.army.travels == MAGNETS
        how = "each standing on a magnet in its tray" if standing else "each in foam cut to its outline"
        return f"{many}, {how}; one box in another with {FILL_MM:.0f} mm of soft filling around it."

    @property
    def next_number(self) -> str:
        return next_number(self.answers.facts, self.answers.now.date())

    def work_pence(self, stop: Stop) -> int:
        """What the work up to a stop costs: as agreed where that is the one."""
        return self.terms.agreed_pence if stop.name == self.terms.stop and self.terms.agreed_on else stop.price_pence

    def invoiced(self, stop: Stop, number: str) -> Fact:
        """The entry of an invoice for the work up to a stop, with postage."""
        pence = self.work_pence(stop) + self.terms.postage_pence
        return self.booked("invoice", pence, number=number, words=f"{self.unit.name}: {stop.name.lower()}")

    def booked(self, what: str, pence: int = 0, number: str = "", words: str = "") -> Fact:
        return Fact(self.answers.now, CommissionBooked(what, pence, number, words), self.unit.id)
