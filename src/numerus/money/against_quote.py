"""A commission while it is worked on: hours so far against the quote, what they will come to, which stop is reached; what is still to pay."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from datetime import date

from numerus.domain.commissions import Commission
from numerus.domain.journal import CommissionBooked, Fact
from numerus.money.quotes import Quote, Range, Stop

DONE = 0.999


@dataclass(frozen=True)
class AgainstQuote:
    """``share``: of the planned minutes up to the agreed stop that is done; ``quoted_h``: what the quote gave for that, ``so_far_h`` what
    it took; ``expected``: hours when the stop is reached; ``earns_pence_per_h``: what the agreed price pays then, materials taken out;
    ``reached``: the number of the last stop that is done, 0 for none.
    """

    share: float
    so_far_h: float
    quoted_h: float
    expected: Range
    earns_pence_per_h: float
    reached: int

    @property
    def over_share(self) -> float:
        """How much longer it took than was quoted for it, 0.17 for 17 % over."""
        return self.so_far_h / self.quoted_h - 1 if self.quoted_h > 0 else 0.0


def against_quote(offer: Quote, terms: Commission, done: Mapping[str, float], so_far_h: float) -> AgainstQuote:
    """``done``: planned minutes of what is done, by group of steps. What is left is quoted as before, at this user's pace now."""
    stop, agreed = offer.agreed, terms.agreed_h if any(terms.agreed_h) else _as_range(offer.agreed)
    share = _done_share(stop, done)
    expected = Range(*(so_far_h + (1 - share) * h for h in (stop.hours.p10, stop.hours.p50, stop.hours.p90)))
    price = terms.agreed_pence or stop.price_pence
    earns = (price - stop.materials_pence) / expected.p50 if expected.p50 > 0 else 0.0
    reached = sum(_done_share(s, done) >= DONE for s in offer.stops)
    return AgainstQuote(share, so_far_h, share * agreed[1], expected, earns, reached)


def _as_range(stop: Stop) -> tuple[float, float, float]:
    return stop.hours.p10, stop.hours.p50, stop.hours.p90


def _done_share(stop: Stop, done: Mapping[str, float]) -> float:
    """Of a stop's planned minutes; more done in one group than is planned there counts for no other."""
    whole = sum(stop.minutes.values())
    return sum(min(done.get(group, 0.0), minutes) for group, minutes in stop.minutes.items()) / whole if whole else 0.0


def agreed_now(stop: Stop, today: date) -> dict[str, object]:
    """What is kept of a quote when it is agreed, by the commission's fields."""
    return {"agreed_pence": stop.price_pence, "agreed_h": _as_range(stop), "agreed_on": today, "stop": stop.name}


def requoted(terms: Commission, offer: Quote) -> int | None:
    """What a change of wishes adds to the agreed price, or takes off, whole pence; None where nothing was agreed."""
    return offer.agreed.price_pence - terms.agreed_pence if terms.agreed_on else None


@dataclass(frozen=True)
class Account:
    """Whole pence: asked by the last invoice, paid, given back; ``invoices``: their numbers; ``sent``: when and how the parcel went."""

    asked: int
    paid: int
    refunded: int
    invoices: tuple[str, ...]
    sent: str

    @property
    def open(self) -> int:
        """What the client still owes."""
        return self.asked - self.paid


def account(facts: Iterable[Fact], unit_id: str) -> Account:
    """What was booked of a unit's commission."""
    booked = [(f.at, f.event) for f in facts if isinstance(f.event, CommissionBooked) and f.subject == unit_id]
    invoices = [e for _, e in booked if e.what == "invoice"]
    sent = [f"{at:%-d %b}{', ' + e.words if e.words else ''}" for at, e in booked if e.what == "sent"]
    return Account(
        invoices[-1].pence if invoices else 0,
        sum(e.pence for _, e in booked if e.what == "paid"),
        sum(e.pence for _, e in booked if e.what == "refund"),
        tuple(e.number for e in invoices),
        sent[-1] if sent else "",
    )


def next_number(facts: Iterable[Fact], today: date) -> str:
    """The next invoice of the year: 2026-03."""
    year = f"{today:%Y}-"
    numbers = [f.event.number for f in facts if isinstance(f.event, CommissionBooked) and f.event.what == "invoice"]
    return f"{year}{1 + sum(n.startswith(year) for n in numbers):02d}"
