"""What runs really took reaches the schedule, the vat, the stock and the costs; evenings kept are learned from the journal."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.army import Army
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunStarted, StepDone
from numerus.domain.printing.plates import Plate
from numerus.money.costs import unit_costs
from numerus.printing.runs.learned import RunFactors
from numerus.printing.runs.vat import filling
from numerus.progress.history import History
from numerus.progress.pace.evenings import TYPED_EVENINGS, evenings_kept
from numerus.progress.pace.rates import rate_of
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import standing
from numerus.progress.stores import all_stock, checks, estimates

SIX = 6


def after_six_runs(demo: Book, minutes: float = 1.09, resin: float = 1.18, aborted: bool = False):  # type: ignore[no-untyped-def]
    """The demo's plans and standing with six runs more, longer and thirstier than estimated."""
    machine = next(iter(demo.plans.machines))
    plates, facts = {}, list(demo.history.facts)
    for n in range(SIX):
        plate = Plate(f"old{n}", f"Old {n}", machine, demo.plans.resin.id, (), 30, 200, 50)
        at, plates[plate.id] = EVENING - timedelta(days=9 - n), plate
        facts += [Fact(at, RunStarted(plate.id, machine), f"run{n}"), Fact(at, RunEnded(200 * minutes, 50 * resin, aborted=aborted), f"run{n}"),
                  Fact(at, PartOutcome("none", "good"), f"run{n}")]  # fmt: skip
    plans = replace(demo.plans, plates={**demo.plans.plates, **plates})
    return plans, standing(plans, History.of(facts)), machine


def test_what_six_runs_told_reaches_the_schedule_the_pour_the_stock_and_the_cost(demo: Book) -> None:
    """Each by the same factor, worked out here from the six logs by hand; nothing learned leaves all as estimated."""
    plans, stands, machine = after_six_runs(demo)
    factors = estimates(plans, stands).factors
    assert factors.minutes[machine] == pytest.approx(rate_of([(218.0, 200.0)] * SIX).factor)
    assert 1.04 < factors.minutes[machine] < 1.09 and 1.08 < factors.resin < 1.18
    run = next(s for s in next_runs(plans, stands, EVENING).scheduled_runs if s.machine_id == machine)
    assert run.minutes == pytest.approx(run.plate.minutes * factors.minutes[machine])
    assert (run.end - run.start).total_seconds() / 60 == pytest.approx(run.minutes)
    assert run.resin_ml == pytest.approx(run.plate.resin_ml * factors.resin)
    at = plans.machines[machine]
    assert filling(run.plate, at, None, factors).needs_ml == pytest.approx(run.plate.resin_ml * factors.resin_range[1])
    assert filling(run.plate, at, None, factors).needs_ml > run.resin_ml > filling(run.plate, at, None).needs_ml
    waiting = sum(s.resin_ml for s in next_runs(plans, stands, EVENING).scheduled_runs)
    assert sum(s.planned_ml for s in all_stock(plans, stands, EVENING)) == pytest.approx(waiting)
    dear, plain = (unit_costs(plans, stands, f) for f in (factors, RunFactors()))
    assert all(dear[u].resin >= plain[u].resin for u in dear) and dear != plain


def test_a_run_that_was_given_up_teaches_nothing_of_minutes(demo: Book) -> None:
    """Six runs ended by hand after a third of their time leave the factors as they were."""
    plans, stands, _ = after_six_runs(demo, minutes=0.3, resin=0.3, aborted=True)
    assert estimates(plans, stands) == estimates(demo.plans, standing(demo.plans, demo.history))


def test_the_room_is_told_or_asked_for_and_cold_by_the_resin_alone(demo: Book) -> None:
    """No warmth is made up: where none was typed it is asked for; typed, it is held against what the resin in use wants."""
    (machine, *_), stands = demo.plans.machines.values(), standing(demo.plans, demo.history)

    def words(room_c: float, least_c: float = 20.0) -> str:
        resin = replace(demo.plans.resin, least_c=least_c)
        plans = replace(demo.plans, machines={machine.id: replace(machine, room_c=room_c)}, resins={resin.id: resin})
        return " ".join(checks(plans, stands, machine.id, EVENING))

    assert "nobody has told" in words(0) and "warm it to 20" in words(17) and "room has 17" in words(17)
    assert "warm" not in words(21) and "warm it to 25" in words(21, least_c=25.0)


def ticked(days: list[int], minutes: float = 0.0) -> list[Fact]:
    timing = "typed" if minutes else "planned"
    return [
        Fact(EVENING + timedelta(days=d), StepDone("stroke", "k", 10.0, timing=timing), "", ("f",), minutes)
        for d in days
    ]


def test_evenings_kept_are_learned_and_away_weeks_say_nothing() -> None:
    """Two evenings of seven, four weeks long, beside a typed 80 of 100: the beta mean by hand; an empty month between is left out."""
    army = Army("a", "A", EVENING.date())
    there = sum(army.day(EVENING.date() + timedelta(days=d)).hobby_minutes > 0 for d in range(7))
    days = [7 * w + d for w in range(4) for d in (0, 2)] + [27]
    found = evenings_kept(ticked(days), army)
    assert found.evenings == 4 * there
    assert found.share == pytest.approx((0.8 * TYPED_EVENINGS + 9) / (TYPED_EVENINGS + 4 * there))
    later = [d for d in days if d < 14] + [d + 28 for d in days if d >= 14]
    assert evenings_kept(ticked(later), army) == found
    assert evenings_kept([], army).share == 0.8


def test_a_week_written_down_on_sunday_counts_its_minutes() -> None:
    """All hours of the week in one entry is a week kept."""
    army = Army("a", "A", EVENING.date())
    week = sum(d.hobby_minutes for d in army.week)
    assert evenings_kept(ticked([0], week) + ticked([6], 1.0), army).share > evenings_kept(ticked([0, 6]), army).share
