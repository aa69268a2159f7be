"""What to buy and by when: everything the plans use up, day by day, against what there is.

Resin, films and paint are counted where they are used (stores, wear, pots). What is counted here are things that are only bought and
used: solvent, gloves, glue, putty, blades, bases. What there is of them is what the ledger bought less what the journal has used since.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from datetime import date, datetime, timedelta
from math import ceil

from numerus.diagnosis.wear import Stock, Wear
from numerus.domain.army import BOUGHT
from numerus.domain.journal import Fact, Purchased, StepDone
from numerus.domain.plans import Plans
from numerus.domain.purchases import THINGS, purchases
from numerus.kit.builds import printed_slots
from numerus.post.washing.wash_ways import SOLVENT_L_PER_BATH_ML, clinging_ml
from numerus.progress.history import History
from numerus.progress.painting.paint_stock import PotStock, paint_stock
from numerus.progress.planning.bench_tasks import BUILD, WASH
from numerus.progress.standing import Standing
from numerus.progress.stores import all_stock, all_wear
from numerus.schedule.hand_tasks import TimedTask
from numerus.words import counted

GLUE_G_A_JOINT, PUTTY_G_A_FIGURE, BLADES_A_FIGURE = 0.05, 0.3, 0.05  # (defaults)
DELIVERY_DAYS = 5  # (default) from ordered to there
COUNTED = "solvent", "gloves", "glue", "putty", "blades", "bases"
WORN_SHARE = 0.8  # of a film or screen, from which on another one is wanted

Use = tuple[date, str, float]
"""A day, a kind of thing, how much of it."""


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


def coming_uses(plans: Plans, timed: Iterable[TimedTask]) -> list[Use]:
    """What the plan's tasks use up, by the day they are done: solvent by the skin that is washed, a pair of gloves an evening with wet
    resin, glue by joints, putty and blades by figures, a base for each that is bought.
    """
    uses: list[Use] = []
    gloved: set[date] = set()
    built: set[str] = set()
    for one in timed:
        day, key = one.end.date(), one.task.key
        if one.task.urgent:
            gloved.add(day)
        if key.endswith(f"/{WASH}"):
            uses.append((day, "solvent", _solvent_l(plans, key.rpartition("/")[0])))
        if key == BUILD and one.task.group not in built:
            built.add(one.task.group)
            uses += [(day, thing, amount) for thing, amount in build_uses(plans, one.task.group).items()]
    return sorted([*uses, *((day, "gloves", 1.0) for day in gloved)])


def _solvent_l(plans: Plans, plate_id: str) -> float:
    plate = plans.plates.get(plate_id)
    parts = [plans.parts[p.part_id] for p in plate.placed if p.part_id in plans.parts] if plate else []
    return clinging_ml(sum(p.surface_cm2 for p in parts), plans.resin.film_mm) * SOLVENT_L_PER_BATH_ML


def build_uses(plans: Plans, figure_id: str) -> dict[str, float]:
    """Glue, putty, blades and bases one figure takes when it is built."""
    figure = plans.figures.get(figure_id)
    if figure is None:
        return {}
    joints = max(len(printed_slots(figure)) - 1, 0)
    uses = {"glue": GLUE_G_A_JOINT * joints, "putty": PUTTY_G_A_FIGURE if joints else 0.0, "blades": BLADES_A_FIGURE}
    return uses | {"bases": float(sum(part == BOUGHT for part in figure.build.values()))}


def used_since(plans: Plans, facts: Sequence[Fact], thing: str, since: datetime) -> float:
    """How much of a thing the journal has used since then: washed plates, figures built, days with wet resin."""
    done = [f for f in facts if isinstance(f.event, StepDone) and f.at >= since]
    if thing == "gloves":
        return float(len({f.at.date() for f in done if _stage(f) in ("wash", "cure")}))
    if thing == "solvent":
        washed = (f.event.carried_ml or 0.0 for f in done if isinstance(f.event, StepDone) and f.event.stage == WASH)
        return sum(washed) * SOLVENT_L_PER_BATH_ML
    return sum(build_uses(plans, figure).get(thing, 0.0) for f in done if _stage(f) == BUILD for figure in f.figures)


def _stage(fact: Fact) -> str:
    return fact.event.stage if isinstance(fact.event, StepDone) else ""


def in_store(plans: Plans, facts: Sequence[Fact], thing: str) -> float | None:
    """What is left of a counted thing; None where none was ever bought with its amount."""
    own = [
        f for f in purchases(facts) if isinstance(f.event, Purchased) and f.event.thing == thing and f.event.amount > 0
    ]
    if not own:
        return None
    bought = sum(f.event.amount for f in own if isinstance(f.event, Purchased))
    return max(bought - used_since(plans, facts, thing, own[0].at), 0.0)


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
    """(what the shop called it, since when) of things bought so long ago that they may have gone off (defaults)."""
    listed = []
    for fact in purchases(facts):
        if isinstance(fact.event, Purchased) and (keeps := THINGS.get(fact.event.thing, THINGS["other"]).keeps_days):
            until = (fact.at + timedelta(days=keeps)).date()
            if until < now.date():
                listed.append((fact.event.words or THINGS[fact.event.thing].name, until))
    return listed


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
        *counted_items(plans, facts, coming_uses(plans, timed), today),
        *resin_items(all_stock(plans, army_standing, now), {r.id: r.name for r in plans.resins.values()}),
        *paint_items(paint_stock(plans, history, now), today),
        *wear_items(all_wear(plans, army_standing, facts, now), {m.id: m.name for m in plans.machines.values()}, today),
    ])  # fmt: skip
