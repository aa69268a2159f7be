"""Laws of where everything stands: more done is never farther from done, and the books agree."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.special import betaincinv

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import Fact, PartOutcome, RunEnded, RunStarted, StepDone
from numerus.domain.stages import STAGES
from numerus.money.costs import unit_costs
from numerus.progress.done_facts import step
from numerus.progress.forecasting.forecast import forecast
from numerus.progress.history import History
from numerus.progress.pace.rates import beta_quantile, failure_rate, rates
from numerus.progress.planning.next_tasks import orders
from numerus.progress.printing.plating import owed_copies
from numerus.progress.standing import standing
from numerus.progress.work import stage_throughputs, work_by_stage, work_by_unit


def test_the_story_only_ever_goes_forward_but_for_failures(demo: Book) -> None:
    """Moment by moment: no figure steps back along the march unless a part of it failed."""
    facts = sorted(demo.history.facts, key=lambda f: f.at)
    before = {i: f.number for i, f in standing(demo.plans, History()).figures.items()}
    moments = sorted({f.at for f in facts})
    for moment in moments[::4]:
        now = standing(demo.plans, History.of([f for f in facts if f.at <= moment]))
        for figure, found in now.figures.items():
            assert found.number >= before[figure] or found.failures, figure
            before[figure] = found.number


def test_counts_by_stage_are_all_the_figures_there_are(demo: Book) -> None:
    """Whoever looks: by stage, by unit, in all."""
    found = standing(demo.plans, demo.history)
    assert sum(found.counts().values()) == len(demo.plans.figures) == 34
    for stage in STAGES:
        by_unit = sum(len(found.at(stage, unit)) for unit in demo.plans.units)
        assert by_unit == len(found.at(stage)) == found.counts()[stage]


def test_hours_by_stage_and_hours_by_unit_are_the_same_hours(demo: Book) -> None:
    """Hands and machine, to the minute."""
    found, known = standing(demo.plans, demo.history), rates(demo.history.facts)
    stages, units = work_by_stage(demo.plans, found, known), work_by_unit(demo.plans, found, known)
    hands = sum(w.hands_here + w.hands_to_come for w in stages.values())
    assert hands == pytest.approx(sum(u.hands_total for u in units), abs=1.0)


@pytest.mark.parametrize("stage", ["build", "prime", "stroke", "finish"])
def test_slower_hands_make_more_hours(demo: Book, stage: str) -> None:
    """A journal of slow steps raises what is left of that work and nothing else's."""
    found = standing(demo.plans, demo.history)
    slow = [step(stage, ("bell-0",), 60, EVENING, planned=10, timing="typed")] * 40
    usual, slower = (
        sum(u.hands_total for u in work_by_unit(demo.plans, found, rates(f)))
        for f in (demo.history.facts, [*demo.history.facts, *slow])
    )
    assert slower > usual


def test_stages_tell_figures_a_week_and_none_is_negative(demo: Book) -> None:
    """One for each stage that takes work."""
    found = stage_throughputs(demo.plans, standing(demo.plans, demo.history), rates(demo.history.facts))
    assert found and all(g.per_week > 0 for g in found)
    assert len({g.stage for g in found}) == len(found)


@given(st.integers(0, 40), st.integers(0, 400))
def test_failure_rates_grow_with_failures(failed: int, good: int) -> None:
    """The middle lies within its range; one failure more never lowers it."""
    looked = failed + good
    middle, low, high = failure_rate(failed, looked)
    assert 0 < low < middle < high < 1
    assert failure_rate(failed + 1, looked + 1)[0] > middle


@given(st.integers(1, 3000), st.integers(1, 30_000), st.floats(0.01, 0.99))
def test_a_beta_lies_where_scipy_has_it(a: int, b: int, chance: float) -> None:
    """Quantiles by trials counted are those by the incomplete beta function turned round."""
    assert beta_quantile(a, b, chance) == pytest.approx(betaincinv(a, b, chance), rel=1e-7)


@given(st.integers(0, 40), st.integers(20, 400))
def test_failure_rates_narrow_with_knowledge(failed: int, more: int) -> None:
    """Ten times as many prints with the same share failed, and few of them: the range is no wider."""
    looked = 11 * failed + more
    once, tenfold = failure_rate(failed, looked), failure_rate(10 * failed, 10 * looked)
    assert tenfold[2] - tenfold[1] <= once[2] - once[1] + 1e-9


def test_a_failed_part_is_owed_and_its_figure_goes_back(demo: Book) -> None:
    """Hanging plate, one part failed: owed again at once, the others go on."""
    found = standing(demo.plans, demo.history)
    run = next(r for r in found.runs.values() if r.state == "hanging")
    plate = demo.plans.plates[run.plate_id]
    lost = plate.placed[0]
    facts = [Fact(EVENING, PartOutcome(p.id, "failed" if p is lost else "good", 3.0), run.run_id) for p in plate.placed]  # fmt: skip
    after = standing(demo.plans, History.of([*demo.history.facts, *facts]))
    assert after.copies[(lost.figure_id, lost.slot)].state == "owed"
    unit = demo.plans.figures[lost.figure_id].unit_id
    assert (lost.figure_id, lost.slot) in owed_copies(demo.plans, after, unit)
    assert after.figures[lost.figure_id].failures == found.figures[lost.figure_id].failures + 1


def test_a_run_walks_from_started_to_hanging(demo: Book) -> None:
    """Started, it prints; ended, it hangs until someone says what came of it."""
    waiting = next(p for p in demo.plans.plates.values() if p.name == "Great bell")
    start = Fact(EVENING, RunStarted(waiting.id, waiting.machine_id), "new")
    end = Fact(EVENING + timedelta(minutes=waiting.minutes), RunEnded(), "new")
    assert standing(demo.plans, History.of([*demo.history.facts, start])).runs["new"].state == "printing"
    assert standing(demo.plans, History.of([*demo.history.facts, start, end])).runs["new"].state == "hanging"


@pytest.mark.parametrize("minutes", [0, 15, 45, 120])
def test_orders_never_ask_for_more_than_the_evening_has(demo: Book, minutes: int) -> None:
    """Wet plates cannot wait and are always asked for; everything else fits into the time."""
    army = demo.plans.army
    assert army is not None
    week = tuple(replace(day, hobby_minutes=minutes, hobby_from=21 * 60 + 12) for day in army.week)
    plans = replace(demo.plans, army=replace(army, week=week))
    found = orders(plans, demo.history.facts, standing(plans, demo.history), EVENING)
    wet = sum(o.minutes for o in found.listed if o.bench in ("print", "wash", "cure"))
    assert sum(o.minutes for o in found.listed) <= max(found.minutes, wet) + 1e-6


def test_a_later_date_never_lowers_the_chances(demo: Book) -> None:
    """The ends stay, the date moves."""
    army = demo.plans.army
    assert army is not None
    chances = []
    for days in (0, 3, 7, 14):
        plans = replace(demo.plans, army=replace(army, ready_by=army.ready_by + timedelta(days=days)))
        found = forecast(plans, demo.history, EVENING, standing(plans, demo.history))
        assert list(found.dots) == sorted(found.dots) and len(found.dots) == 20
        chances.append(found.in_time)
    assert chances == sorted(chances) and chances[-1] > chances[0]


def test_logged_minutes_are_kept_beside_the_money(demo: Book) -> None:
    """Ten more minutes on a figure change its unit's hands and no price."""
    more = [*demo.history.facts, Fact(EVENING, StepDone("stroke"), "", ("lock-1",), 10.0)]
    before, after = (unit_costs(demo.plans, standing(demo.plans, h))["lock"] for h in (demo.history, History.of(more)))
    assert after.hands_min == pytest.approx(before.hands_min + 10)
    assert after.total == pytest.approx(before.total)


def test_every_zone_of_a_figure_has_area_to_paint(demo: Book) -> None:
    """Areas add up to what its parts show."""
    for figure in demo.plans.figures.values():
        areas = demo.plans.zone_areas_cm2(figure)
        assert areas and min(areas.values()) >= 0
        parts = [demo.plans.parts[p] for p in figure.build.values() if p in demo.plans.parts]
        assert sum(areas.values()) == pytest.approx(sum(p.surface_cm2 for p in parts), rel=0.02)
