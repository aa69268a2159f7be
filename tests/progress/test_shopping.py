"""What to buy and by when: by the days of the plan, against what was bought and used."""

from __future__ import annotations

from datetime import date, timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.purchases import purchase
from numerus.progress.done_facts import step
from numerus.progress.planning.bench_plan import bench_plan
from numerus.progress.planning.bench_tasks import BUILD
from numerus.progress.shopping import (
    DELIVERY_DAYS,
    GLUE_G_A_JOINT,
    Use,
    by_date,
    coming_uses,
    counted_items,
    in_store,
    shopping_list,
    stale,
)
from numerus.progress.standing import standing

TODAY = date(2026, 3, 5)


@pytest.fixture
def uses(demo: Book) -> list[Use]:
    found = standing(demo.plans, demo.history)
    return coming_uses(demo.plans, bench_plan(demo.plans, demo.history.facts, found, EVENING).tasks)


def test_every_figure_to_be_built_takes_its_glue_once(demo: Book, uses: list[Use]) -> None:
    """Joints of all that are not built, counted here by their slots; gloves on as many evenings as anything is wet."""
    found = standing(demo.plans, demo.history)
    waiting = [f for f in found.figures.values() if not f.built_keys]
    joints = sum(max(sum(p in demo.plans.parts for p in f.figure.build.values()) - 1, 0) for f in waiting)
    assert sum(a for _, thing, a in uses if thing == "glue") == pytest.approx(GLUE_G_A_JOINT * joints)
    days = [day for day, thing, _ in uses if thing == "gloves"]
    assert days == sorted(set(days)) and len(days) >= 2


def test_what_runs_out_is_ordered_days_before(uses: list[Use]) -> None:
    """Glue for half of it: on the day it is gone something has arrived; with enough nothing is to be bought."""
    need = sum(a for _, thing, a in uses if thing == "glue")
    gone, have = None, need / 2
    for day, thing, amount in uses:
        have -= amount if thing == "glue" else 0.0
        if have < 0 and gone is None:
            gone = day
    plans_less = (
        [purchase(EVENING, "glue", "a bottle", 400, need / 2)],
        [purchase(EVENING, "glue", "two", 800, 2 * need)],
    )
    from numerus.domain.plans import Plans

    half, plenty = (next(i for i in counted_items(Plans(), f, uses, TODAY) if i.name == "Glue") for f in plans_less)
    assert half.runs_out == gone and half.order_by == max(gone - timedelta(days=DELIVERY_DAYS), TODAY)  # type: ignore[operator]
    assert half.buy.endswith(" g") and float(half.buy.split()[0]) == pytest.approx(need / 2, abs=0.11)
    assert plenty.buy == "" and plenty.runs_out is None


def test_what_nobody_told_of_is_to_be_counted_first(demo: Book, uses: list[Use]) -> None:
    """It is not taken for nothing; nor is it left out."""
    item = next(i for i in counted_items(demo.plans, [], uses, TODAY) if i.name == "Gloves")
    assert item.have is None and item.buy == "count what there is" and item.need >= 2


def test_what_was_used_since_it_was_bought_is_gone(demo: Book) -> None:
    """Two figures built after a bottle of glue; one built before it does not count."""
    figure = next(f for f in demo.plans.figures.values() if f.unit_id == "lock")
    joints = sum(p in demo.plans.parts for p in figure.build.values()) - 1
    facts = [
        step(BUILD, (figure.id,), 10, EVENING - timedelta(days=1)),
        purchase(EVENING, "glue", "a bottle", 400, 10.0),
        step(BUILD, (figure.id,), 10, EVENING + timedelta(hours=1)),
        step(BUILD, (figure.id,), 10, EVENING + timedelta(hours=2)),
    ]
    assert in_store(demo.plans, facts, "glue") == pytest.approx(10.0 - 2 * joints * GLUE_G_A_JOINT)
    assert in_store(demo.plans, facts, "putty") is None


def test_the_list_begins_with_what_is_ordered_first_and_ends_with_what_there_is(demo: Book) -> None:
    """Counted things, resin and pots in one; old bottles are told."""
    found = standing(demo.plans, demo.history)
    demo.commit(
        "bought",
        facts=[
            purchase(EVENING - timedelta(days=900), "resin", "Old Grey", 3000, 1000),
            purchase(EVENING, "gloves", "", 500, 100),
        ],
    )
    plan = bench_plan(demo.plans, demo.history.facts, found, EVENING)
    items = shopping_list(demo.plans, demo.history, found, plan.tasks, EVENING)
    assert items == by_date(items) and {"Gloves", "Glue", "Any primer", "Sedge Tough Grey"} <= {i.name for i in items}
    dated = [i.order_by for i in items if i.order_by and i.buy]
    assert dated == sorted(dated) and next(i for i in items if i.name == "Gloves").buy == ""
    assert stale(demo.history.facts, EVENING) == [("Old Grey", (EVENING - timedelta(days=360)).date())]
