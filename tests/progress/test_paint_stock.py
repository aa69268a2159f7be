"""What is left of pots, what is needed and when it runs out, against sums made by hand."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest

from helpers import EVENING
from numerus.demo.army import make_demo
from numerus.domain.journal import Fact, StepDone
from numerus.domain.plans import Plans
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke, paint_needed_ml
from numerus.progress.history import History
from numerus.progress.painting.paint_stock import ml_left, paint_stock
from numerus.progress.standing import standing


@pytest.fixture(scope="module")
def story(tmp_path_factory: pytest.TempPathFactory) -> tuple[Plans, History]:
    book = make_demo(tmp_path_factory.mktemp("stock") / "demo.numerus", EVENING)
    found = book.plans, book.history
    book.close()
    return found


def test_what_is_needed_is_the_sum_over_every_figure_left(story: tuple[Plans, History]) -> None:
    """Stroke by stroke over the whole army."""
    plans, history = story
    rack, wanted = rack_of(plans), dict[str, float]()
    for figure in standing(plans, history).figures.values():
        areas = plans.zone_areas_cm2(figure.figure)
        for pot, ml in paint_needed_ml([(s, areas.get(s.zone, 0.0)) for s in figure.next_strokes], rack).items():
            wanted[pot] = wanted.get(pot, 0.0) + ml
    told = {s.paint.id: s.need_ml for s in paint_stock(plans, history, EVENING) if s.paint.id}
    del told["medium"]  # thinning takes it, too
    assert {p: ml for p, ml in told.items() if ml} == pytest.approx({p: ml for p, ml in wanted.items() if ml})


def test_primer_and_varnish_are_needed_where_there_is_no_pot(story: tuple[Plans, History]) -> None:
    """To be bought, under the name of their kind; a pot of the kind takes the need over."""
    plans, history = story
    found = {s.paint.kind: s for s in paint_stock(plans, history, EVENING) if not s.paint.id}
    assert found["primer"].pots_to_buy >= 1 and found["varnish"].pots_to_buy >= 1
    pot = replace(
        next(iter(plans.paints.values())), id="primer", name="Grey primer", kind="primer", ml=400.0, pot_ml=400.0
    )
    with_pot = replace(plans, paints={**plans.paints, "primer": pot})
    told = {s.paint.name: s for s in paint_stock(with_pot, history, EVENING)}
    assert told["Grey primer"].need_ml == pytest.approx(found["primer"].need_ml)
    assert told["Grey primer"].pots_to_buy == 0 and "Any primer" not in told


def test_strokes_done_since_a_pot_was_weighed_are_taken_off(story: tuple[Plans, History]) -> None:
    """Those before are not; a pot never told stays not known."""
    plans, history = story
    recipe = plans.scheme.recipes[0]
    step, figure = recipe.steps[1], next(iter(plans.figures.values()))
    weighed = replace(plans.paints["tallow"], ml=10.0, ml_told=EVENING)
    told = replace(plans, paints={**plans.paints, "tallow": weighed})

    def done(at: datetime) -> Fact:
        return Fact(at, StepDone("stroke", step.id), "", (figure.id,), 5.0)

    area = plans.zone_areas_cm2(figure)[recipe.zone]
    used = paint_needed_ml([(Stroke(recipe.zone, step), area)], rack_of(plans))["tallow"]
    facts = [done(EVENING - timedelta(hours=1)), done(EVENING + timedelta(hours=1))]
    assert ml_left(told, facts)["tallow"] == pytest.approx(10.0 - used)
    assert ml_left(told, facts)["flame"] is None


def test_a_pot_runs_out_on_the_day_its_use_reaches_what_is_left(story: tuple[Plans, History]) -> None:
    """One unit that needs twice what is left uses it up half way to its date; enough never runs out."""
    plans, history = story
    unit = "heron"
    need = {s.paint.id: s.by_unit.get(unit, 0.0) for s in paint_stock(plans, history, EVENING) if s.paint.id}
    pot = max(need, key=lambda p: need[p])
    only = {f.id: f for f in plans.figures.values() if f.unit_id == unit}
    paint = replace(plans.paints[pot], ml=need[pot] / 2)
    small = replace(plans, figures=only, paints={**plans.paints, pot: paint})
    day = EVENING.date() + timedelta(days=20)
    found = next(s for s in paint_stock(small, history, EVENING, {unit: day}) if s.paint.id == pot)
    assert abs((found.runs_out - EVENING.date()).days - 10) <= 1
    whole = replace(small, paints={**plans.paints, pot: replace(paint, ml=need[pot] * 1.01)})
    assert next(s for s in paint_stock(whole, history, EVENING, {unit: day}) if s.paint.id == pot).runs_out is None
