"""The ledger: sums of what was bought, by kind and month, and every entry that is money as rows."""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable
from dataclasses import replace

from numerus.domain.journal import CommissionBooked, Fact, Purchased
from numerus.domain.plans import Plans
from numerus.domain.purchases import FOR_BASES, THINGS
from numerus.money.costs import DEFAULT_PRICES, Prices


def spent_by_thing(facts: Iterable[Fact]) -> dict[str, int]:
    """Whole pence by kind, the most first; together they are all that was spent."""
    spent: Counter[str] = Counter()
    for event in (f.event for f in facts):
        if isinstance(event, Purchased):
            spent[event.thing] += event.pence
    return dict(spent.most_common())


def spent_by_month(facts: Iterable[Fact]) -> dict[str, int]:
    """Whole pence by month, "2026-03", the oldest first."""
    spent: Counter[str] = Counter()
    for fact in facts:
        if isinstance(fact.event, Purchased):
            spent[f"{fact.at:%Y-%m}"] += fact.event.pence
    return dict(sorted(spent.items()))


def unit_pence(facts: Iterable[Fact], thing: str) -> float | None:
    """What one unit of a thing cost on the mean, None where none was bought with its amount."""
    own = [f.event for f in facts if isinstance(f.event, Purchased) and f.event.thing == thing and f.event.amount > 0]
    amount = sum(e.amount for e in own)
    return sum(e.pence for e in own) / amount if amount else None


def prices_of(facts: Iterable[Fact]) -> Prices:
    """As things were bought; defaults where none was."""
    listed, usual = list(facts), DEFAULT_PRICES
    bought = ("gloves", "gloves"), ("film", "film"), ("screen", "screen"), ("base", "bases")
    told = {name: pence for name, thing in bought if (pence := unit_pence(listed, thing)) is not None}
    spent = spent_by_thing(listed)
    return replace(usual, **told, basing=sum(spent.get(t, 0) for t in FOR_BASES))  # type: ignore[arg-type]


def ledger_rows(facts: Iterable[Fact], plans: Plans) -> list[list[object]]:
    """A head and a row for every entry that is money: bought things as spent, commissions as earned, sums in whole pence."""
    rows: list[list[object]] = [["date", "kind", "words", "amount", "of", "for", "spent_pence", "earned_pence"]]
    for fact in facts:
        unit = plans.units.get(fact.subject)
        of = unit.name if unit else ""
        if isinstance(fact.event, Purchased):
            e, thing = fact.event, THINGS.get(fact.event.thing, THINGS["other"])
            rows.append([f"{fact.at:%Y-%m-%d}", thing.name, e.words, e.amount or "", thing.unit, of, e.pence, 0])
        elif isinstance(fact.event, CommissionBooked) and fact.event.what in ("paid", "refund"):
            paid, words = fact.event.what == "paid", fact.event.words or fact.event.what
            spent, earned = (0, fact.event.pence) if paid else (fact.event.pence, 0)
            rows.append([f"{fact.at:%Y-%m-%d}", "Commission", words, "", "", of, spent, earned])
    return rows
