"""What to buy and by when: by the days of the plan, against what was bought and used."""

from __future__ import annotations

import math
from dataclasses import replace
from datetime import date, timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.basing import BaseLayer
from numerus.domain.journal import Fact, PackOpened, Purchased, RunStarted
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.domain.purchases import purchase
from numerus.printing.machines.timing import off_reel
from numerus.progress.done_facts import step
from numerus.progress.planning.bench_plan import bench_plan
from numerus.progress.planning.bench_tasks import BUILD
from numerus.progress.printing.plating import measured_plate
from numerus.progress.shopping import DELIVERY_DAYS, by_date, counted_items, shopping_list, stale
from numerus.progress.standing import standing
from numerus.progress.supplies import GLUE_G_A_JOINT, Use, coming_uses, in_store, reel_uses

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


def test_bases_take_what_their_recipe_says_when_finishing_begins(demo: Book) -> None:
    """Paste by area and thickness, tufts by number, snow by weight, for figures not finished; paint of the rim is not among them."""
    unit = replace(
        demo.plans.units["lock"],
        basing=(
            BaseLayer("Earth", "texture", 2.0, 0.5), BaseLayer("Tufts", "tufts", 4.0, 1.0), BaseLayer("Snow", "snow", 0.1, 1.0),
            BaseLayer("Rim", "rim", 2.0, 1.0),
        ),
    )  # fmt: skip
    demo.commit("bases", [unit])
    found = standing(demo.plans, demo.history)
    timed = bench_plan(demo.plans, demo.history.facts, found, EVENING).tasks
    uses = coming_uses(demo.plans, timed)
    waiting = [f for f in found.figures.values() if f.unit.id == "lock" and f.finish_left]
    paste_ml = math.pi * (unit.base_mm / 2) ** 2 * 0.75 * 0.5 * 2.0 / 1000
    assert sum(a for _, thing, a in uses if thing == "texture") == pytest.approx(paste_ml * len(waiting))
    assert sum(a for _, thing, a in uses if thing == "tufts") == 4 * len(waiting)
    lines = {i.name: i for i in counted_items(demo.plans, demo.history.facts, uses, TODAY)}
    assert lines["Tufts"].buy == "count what there is" and "Sand, snow, leaves" in lines
    demo.commit("tufts", facts=[purchase(EVENING, "tufts", "marsh tufts", 450, 10.0)])
    lines = {i.name: i for i in counted_items(demo.plans, demo.history.facts, uses, TODAY)}
    assert lines["Tufts"].buy == f"{4 * len(waiting) - 10} pieces"
    one = waiting[0].figure.id
    demo.commit("begun", facts=[step("finish", (one,), 2.0, EVENING + timedelta(hours=1), waiting[0].finish[0].id)])
    assert in_store(demo.plans, demo.history.facts, "tufts") == pytest.approx(6.0)


def test_a_reel_is_bought_by_the_day_a_run_would_lack_it(demo: Book) -> None:
    """Grams of waiting plates of plastic by the start of their runs, what ran since taken off."""
    snail = Machine("snail", "Snail", 220, 220, 250, kind=FILAMENT)
    demo.commit("a machine of plastic", [snail])
    found = standing(demo.plans, demo.history)
    begun = {r.plate_id for r in found.runs.values()}
    waiting = [p for p in demo.plans.plates.values() if p.id not in begun]
    laid = [measured_plate(replace(p, machine_id="snail"), snail, demo.plans) for p in waiting]
    demo.commit("its plates", laid)
    uses = reel_uses(demo.plans, standing(demo.plans, demo.history), EVENING)
    grams = sum(off_reel(snail, p.laid).grams for p in laid)
    assert sum(a for _, _, a in uses) == pytest.approx(grams) and uses == sorted(uses)
    demo.commit("a reel", facts=[purchase(EVENING, "plastic", "grey reel", 2200, grams / 2)])
    (line,) = counted_items(demo.plans, demo.history.facts, uses, TODAY)
    assert line.name == "Filament" and line.runs_out in {day for day, _, _ in uses}
    started = Fact(EVENING + timedelta(hours=1), RunStarted(laid[0].id, "snail", plastic=True), "r-1")
    demo.commit("a run", facts=[started])
    left = in_store(demo.plans, demo.history.facts, "plastic")
    assert left == pytest.approx(max(grams / 2 - off_reel(snail, laid[0].laid).grams, 0.0))


def test_what_is_opened_keeps_shorter(demo: Book) -> None:
    """Glue closed for a year, open for ninety days; a purchase taken back warns of nothing."""
    demo.commit("glue", facts=[purchase(EVENING, "glue", "thin glue", 400, 20.0)])
    bought = next(f for f in demo.history.facts if isinstance(f.event, Purchased) and f.event.words == "thin glue")
    after = EVENING + timedelta(days=120)
    assert not [w for w, _ in stale(demo.history.facts, after) if w == "thin glue"]
    demo.commit("opened", facts=[Fact(EVENING + timedelta(days=2), PackOpened(bought.seq))])
    assert ("thin glue", (EVENING + timedelta(days=92)).date()) in stale(demo.history.facts, after)
    demo.undo()
    assert not [w for w, _ in stale(demo.history.facts, after) if w == "thin glue"]
