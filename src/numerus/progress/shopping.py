"""What to buy and by when: everything the plans use up, day by day, against what there is.

Resin, films and paint are counted where they are used (stores, wear, pots). What is counted here are things that are only bought and
used: filament, solvent, gloves, glue, putty, blades, bases and what lies on them. What there is of them is what the ledger bought
less what the journal has used since.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, datetime, timedelta
from math import ceil

from numerus.diagnosis.wear import Stock, Wear
from numerus.domain.journal import Fact, Purchased
from numerus.domain.plans import Plans
from numerus.domain.purchases import THINGS, opened_on, purchases
from numerus.progress.history import History
from numerus.progress.painting.paint_stock import PotStock, paint_stock
from numerus.progress.standing import Standing
from numerus.progress.stores import all_stock, all_wear
from numerus.progress.supplies import Use, coming_uses, in_store, reel_uses
from numerus.schedule.hand_tasks import TimedTask
from numerus.words import counted

DELIVERY_DAYS = 5  # (default) from ordered to there
COUNTED = "plastic", "solvent", "gloves", "glue", "putty", "blades", "bases", "texture", "strewn", "tufts"
WORN_SHARE = 0.8  # of a film or screen, from which on another one is wanted


@dataclass(frozen=True)
class Item:
    """One line of the list: ``need`` and ``have`` in ``unit``, None where nobody has told; when what there is runs out, by when to
    order, how much; ``why``: what asks for it.
    """

    name: str
    unit: str
    need: float
    have: float | None
    runs_out: date | None
    order_by: date | None
    buy: str
    why: str


def counted_items(plans: Plans, facts: Sequence[Fact], uses: Sequence[Use], today: date) -> list[Item]:
    """A line for every counted thing the plans use."""
    items = []
    for thing in COUNTED:
        own = [(day, amount) for day, kind, amount in uses if kind == thing and amount > 0]
        if own:
            items.append(_counted(thing, own, in_store(plans, facts, thing), today))
    return items


def _counted(thing: str, uses: Sequence[tuple[date, float]], have: float | None, today: date) -> Item:
    need, kind = sum(amount for _, amount in uses), THINGS[thing]
    why = f"first used {uses[0][0]:%-d %b}, {len(uses)} times by {uses[-1][0]:%-d %b}"
    if have is None:
        return Item(kind.name, kind.unit, need, None, None, None, "count what there is", why)
    out, lacking = _first_without(uses, have), max(need - have, 0.0)
    order = max(out - timedelta(days=DELIVERY_DAYS), today) if out else None
    return Item(kind.name, kind.unit, need, have, out, order, _amount(lacking, kind.unit) if out else "", why)


def _first_without(uses: Sequence[tuple[date, float]], have: float) -> date | None:
    """The day on which what there is does not do any more."""
    for day, amount in uses:
        have -= amount
        if have < -1e-9:
            return day
    return None


def _amount(amount: float, unit: str) -> str:
    """Whole pieces and pairs; a tenth of what is poured."""
    if unit in ("pieces", "pairs"):
        return counted(ceil(amount - 1e-9), unit.removesuffix("s"))
    return f"{ceil(10 * amount - 1e-9) / 10:g} {unit}"


def resin_items(stocks: Iterable[Stock], names: Mapping[str, str]) -> list[Item]:
    """Resins that are used or planned."""
    return [
        Item(names.get(s.resin_id, s.resin_id), "ml", s.planned_ml, s.left_ml, s.order_by, s.order_by,
             f"{max(s.planned_ml - s.left_ml, 0.0):.0f} ml" if s.planned_ml > s.left_ml else "", s.description)
        for s in stocks
        if s.planned_ml or s.week_ml
    ]  # fmt: skip


def paint_items(pots: Iterable[PotStock], today: date) -> list[Item]:
    """Pots that lack something, or of which nobody knows how much is left."""
    items = []
    for pot in (p for p in pots if p.need_ml > 0 and (p.pots_to_buy or p.ml_left is None)):
        order = max(pot.runs_out - timedelta(days=DELIVERY_DAYS), today) if pot.runs_out else None
        many = f"{pot.pots_to_buy} of {pot.paint.pot_ml:.0f} ml" if pot.pots_to_buy else "weigh it first"
        why = f"{counted(len(pot.by_unit), 'unit')} paint with it"
        items.append(Item(pot.paint.name, "ml", pot.need_ml, pot.ml_left, pot.runs_out, order, many, why))
    return items


def wear_items(worn: Iterable[Wear], names: Mapping[str, str], today: date) -> list[Item]:
    """Films and screens that are nearly through."""
    return [
        Item(
            f"{w.what} of {names.get(w.machine_id, w.machine_id)}",
            "",
            1.0,
            1.0 - min(w.share, 1.0),
            None,
            today,
            "1",
            w.description,
        )
        for w in worn
        if w.share >= WORN_SHARE
    ]


def stale(facts: Iterable[Fact], now: datetime) -> list[tuple[str, date]]:
    """(what the shop called it, since when) of things bought, or opened, so long ago that they may have gone off (defaults)."""
    listed, known = [], list(facts)
    opened = opened_on(known)
    for fact in purchases(known):
        until = _good_until(fact, opened.get(fact.seq))
        if isinstance(fact.event, Purchased) and until is not None and until < now.date():
            listed.append((fact.event.words or THINGS[fact.event.thing].name, until))
    return listed


def _good_until(bought: Fact, opened: datetime | None) -> date | None:
    """Closed as long as its kind keeps, open as long as that keeps, whichever ends first; None for what keeps."""
    thing = THINGS.get(bought.event.thing, THINGS["other"]) if isinstance(bought.event, Purchased) else THINGS["other"]
    ends = [bought.at + timedelta(days=thing.keeps_days)] if thing.keeps_days else []
    ends += [opened + timedelta(days=thing.open_days)] if opened and thing.open_days else []
    return min(ends).date() if ends else None


def by_date(items: Iterable[Item]) -> list[Item]:
    """What must be ordered first on top; what there is enough of last."""
    return sorted(items, key=lambda i: (not i.buy, i.order_by or date.max, i.name))


def shopping_rows(items: Iterable[Item]) -> list[list[object]]:
    """The list as rows under a head."""
    head: list[object] = ["what", "need", "have", "unit", "buy", "order_by", "runs_out", "why"]
    rows: list[list[object]] = [
        [i.name, round(i.need, 3), "" if i.have is None else round(i.have, 3), i.unit, i.buy,
         i.order_by.isoformat() if i.order_by else "", i.runs_out.isoformat() if i.runs_out else "", i.why]
        for i in items
    ]  # fmt: skip
    return [head, *rows]


def shopping_list(
    plans: Plans, history: History, army_standing: Standing, timed: Iterable[TimedTask], now: datetime
) -> list[Item]:
    """Everything, what must be ordered first on top. ``timed``: the plan of the evenings, by whose days things are used."""
    today, facts = now.date(), history.facts
    return by_date([
        *counted_items(plans, facts, [*coming_uses(plans, timed), *reel_uses(plans, army_standing, now)], today),
        *resin_items(all_stock(plans, army_standing, now), {r.id: r.name for r in plans.resins.values()}),
        *paint_items(paint_stock(plans, history, now), today),
        *wear_items(all_wear(plans, army_standing, facts, now), {m.id: m.name for m in plans.machines.values()}, today),
    ])  # fmt: skip
