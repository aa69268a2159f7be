"""Commands on money and show: what units cost, what to ask for one, the army as a page."""

from __future__ import annotations

import argparse
from datetime import datetime

from numerus.cli.results import Result
from numerus.errors import PlanError
from numerus.formats.tables import write_table, write_text


def quote_of(args: argparse.Namespace) -> list[Result]:
    """Hours with their range, materials and a price for every stop; sums in whole pence."""
    from numerus.book.book import Book
    from numerus.domain.commissions import Commission
    from numerus.money.quotes import quote
    from numerus.progress.pace.rates import rates_of
    from numerus.progress.standing import standing
    from numerus.progress.stores import estimates

    book = Book.open(args.book)
    plans = book.plans
    unit = next((u for u in plans.units.values() if args.unit in (u.id, u.name)), None)
    if unit is None:
        names = ", ".join(u.name for u in plans.units_in_order())
        raise PlanError("no-unit", f"There is no unit {args.unit!r}.", f"There are: {names}.")
    army_standing = standing(plans, book.history)
    terms = plans.commission_of(unit.id) or Commission("quote", unit.id)
    unit_quote = quote(
        plans,
        army_standing,
        unit,
        terms,
        rates_of(plans, book.history.facts),
        estimates(plans, army_standing).factors,
    )
    stops = [{
        "name": s.name, "what": s.description, "hours": _hours(s.hours), "materials": s.materials_pence, "price": s.price_pence,
        "price_range": list(s.price_range),
    } for s in unit_quote.stops]  # fmt: skip
    return [{
        "file": str(args.book), "ok": True, "unit": unit.name, "figures": unit_quote.figures, "hours": _hours(unit_quote.agreed.hours),
        "materials": unit_quote.agreed.materials_pence, "price": unit_quote.agreed.price_pence, "stop": unit_quote.agreed.name, "stops": stops,
        "deposit": unit_quote.deposit_pence, "postage": unit_quote.postage_pence, "currency": plans.army.currency if plans.army else "",
        "terms": {"pence_per_h": terms.pence_per_h, "margin": terms.margin, "prints": terms.prints}, "measured_steps": unit_quote.measured,
        "range_doubled": unit_quote.is_guess, "not_to_sell": [list(line) for line in unit_quote.not_to_sell],
    }]  # fmt: skip


def _hours(hours) -> dict[str, float]:  # type: ignore[no-untyped-def]
    return {"p10": round(hours.p10, 3), "p50": round(hours.p50, 3), "p90": round(hours.p90, 3)}


def costs_of(args: argparse.Namespace) -> list[Result]:
    """Every unit's cost when it is ready, whole pence by what they go to; together they are the total. Hands stand beside it."""
    from numerus.book.book import Book
    from numerus.money.costs import unit_costs
    from numerus.money.ledger import ledger_rows, prices_of
    from numerus.progress.standing import standing
    from numerus.progress.stores import estimates

    book = Book.open(args.book)
    plans, army_standing = book.plans, standing(book.plans, book.history)
    costs = unit_costs(plans, army_standing, estimates(plans, army_standing).factors, prices_of(book.history.facts))
    units = [{
        "unit": plans.units[u].name, "figures": len(plans.figures_of(u)), "kit": c.kit, "resin": c.resin, "washing": c.washing,
        "machine": c.machine, "paint": c.paint, "coats": c.coats, "base": c.base,
        "failures": c.failures, "total": c.total, "least": c.range[0], "most": c.range[1],
        "hands_h": round(c.hands_min / 60, 2),
        "bought": plans.units[u].bought_pence * len(plans.figures_of(u)),
    } for u, c in costs.items()]  # fmt: skip
    if args.csv:
        write_table(args.csv, [[*u] for u in units[:1]] + [[*u.values()] for u in units], "Costs")
    if args.ledger:
        write_table(args.ledger, ledger_rows(book.history.facts, plans), "Ledger")
    return [{
        "file": str(args.book), "ok": True, "currency": plans.army.currency if plans.army else "", "units": units,
        "total": sum(c.total for c in costs.values()),
    }]  # fmt: skip


def army_of(args: argparse.Namespace) -> list[Result]:
    """The army as one HTML file with its pictures, and as rows."""
    from functools import cache

    from numerus.book.book import Book
    from numerus.book.part_meshes import zoned_part
    from numerus.money.costs import unit_costs
    from numerus.money.ledger import prices_of
    from numerus.progress.army_page import PageTerms, army_html, figure_pictures, roster_rows, roster_table
    from numerus.progress.figure_records.photographs import shown_photographs
    from numerus.progress.standing import standing
    from numerus.progress.stores import estimates

    book = Book.open(args.book)
    plans, army_standing = book.plans, standing(book.plans, book.history)
    costs = None
    if args.costs:
        costs = {
            u: c.total
            for u, c in unit_costs(
                plans, army_standing, estimates(plans, army_standing).factors, prices_of(book.history.facts)
            ).items()
        }
    pictures = figure_pictures(plans, army_standing, cache(lambda part: zoned_part(book, part)))
    pictures |= shown_photographs(book.history.facts, plans.figures, book.blob)
    terms = PageTerms((args.now or datetime.now()).date(), costs, plans.army.currency if plans.army else "£")
    write_text(args.out, army_html(plans, army_standing, pictures, terms))
    if args.roster:
        write_table(args.roster, roster_table(plans, army_standing), "Roster")
    return [
        {
            "file": str(args.book),
            "ok": True,
            "out": str(args.out),
            "pictures": len(pictures),
            "figures": roster_rows(plans, army_standing),
        }
    ]


def shop_of(args: argparse.Namespace) -> list[Result]:
    """What to buy and by when, for all the plan of the evenings uses up."""
    from numerus.book.book import Book
    from numerus.cli.line import hands_plan
    from numerus.progress.shopping import shopping_list, shopping_rows
    from numerus.progress.standing import standing

    book, now = Book.open(args.book), args.now or datetime.now()
    plan = hands_plan(book, now)
    items = shopping_list(book.plans, book.history, standing(book.plans, book.history), plan.tasks, now)
    rows = shopping_rows(items)
    if args.csv:
        write_table(args.csv, rows, "Shopping")
    head = [str(word) for word in rows[0]]
    return [{"file": str(args.book), "ok": True, "list": [dict(zip(head, row, strict=True)) for row in rows[1:]]}]
