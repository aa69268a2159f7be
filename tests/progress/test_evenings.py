"""The evenings of the one plan: what each holds, plates and devices in it, and the orders that are its first."""

from __future__ import annotations

from collections import Counter
from dataclasses import replace
from datetime import datetime, timedelta
from itertools import pairwise

import pytest

from helpers import EVENING
from numerus.assembly.gluing import PUTTY_LIFE_MIN, PUTTY_MIX_MIN
from numerus.book.book import Book
from numerus.domain.clock import later
from numerus.domain.journal import StepDone
from numerus.domain.painting.recipes import FinishStep
from numerus.errors import PlanError
from numerus.paint.finishing.finish_steps import DAYLIGHT
from numerus.paint.priming.weather import Air
from numerus.paint.techniques import AIRBRUSH
from numerus.post.washing.wash import DRY_MIN, TUB_MIN
from numerus.progress.done_facts import step
from numerus.progress.forecasting.forecast import finish_dates, forecast
from numerus.progress.history import History
from numerus.progress.painting.painting_line import blocks_of
from numerus.progress.planning.bench_plan import BenchPlan, bench_plan, planned, replanned, tonight
from numerus.progress.planning.bench_tasks import (
    LAMP,
    LIFT,
    OUTDOORS,
    PRIME,
    PUTTY,
    START,
    TUB,
    fit_hours,
    to_do,
)
from numerus.progress.planning.evening_pieces import pieces
from numerus.progress.planning.next_tasks import orders_of
from numerus.progress.planning.task_kinds import painting_task
from numerus.progress.planning.wet_turns import wet_turns
from numerus.progress.standing import standing
from numerus.progress.washing import AS_USUAL
from numerus.schedule.daylight import daylight
from numerus.schedule.hand_plan import FIRST_WAY


@pytest.fixture
def plan(demo: Book) -> BenchPlan:
    found = standing(demo.plans, demo.history)
    return bench_plan(demo.plans, demo.history.facts, found, EVENING)


def test_evenings_hold_the_whole_plan_and_no_more_than_there_is_time(demo: Book, plan: BenchPlan) -> None:
    """Every task lies in one of them; hands, set-ups and plates of none take longer than it is."""
    evenings = plan.evenings()
    assert [t for e in evenings for t in e.tasks] == list(plan.tasks)
    assert all(e.hands_min <= e.window.minutes + 1e-6 for e in evenings)
    found = standing(demo.plans, demo.history)
    for evening in evenings:
        listed = pieces(evening, demo.plans, found, plan.to_do)
        assert sum(p.minutes for p in listed) == pytest.approx(evening.hands_min, abs=0.2)
        assert all(a.end <= b.start + timedelta(seconds=1) for a, b in pairwise(listed))
        assert all(p.title and p.why for p in listed)


def test_a_tub_and_a_lamp_hold_one_plate_at_a_time(plan: BenchPlan) -> None:
    """While one is in use nothing else goes in, whichever plate it is of."""
    for device in (TUB, LAMP):
        own = [t for t in plan.tasks if t.task.device == device]
        assert len(own) >= 3
        assert all(b.start >= a.end + timedelta(minutes=a.task.busy_min) for a, b in pairwise(own))


def test_the_bill_shows_tub_and_lamp_as_the_plan_has_them(demo: Book, plan: BenchPlan) -> None:
    """To the minute and for as long; one plate at a time, washed, dried, then lit; what waits says for how long."""
    turns = wet_turns(plan.to_do, demo.plans.plates, plan.way)
    tubs = {t.task.group: t for t in plan.tasks if t.task.device == TUB}
    assert len(turns) == len(tubs) >= 3 and any(t.waits_min > 0 for t in turns)
    for turn in turns:
        planned_turn = tubs[f"plate {turn.plate.id}"]
        assert turn.tub[0] == planned_turn.end
        assert turn.tub[1] - turn.tub[0] == timedelta(minutes=TUB_MIN * turn.plate.loads(demo.plans.army.tub_parts))  # type: ignore[union-attr]
        assert turn.lamp[0] - turn.tub[1] >= timedelta(minutes=DRY_MIN)
    for own in ([t.tub for t in turns], [t.lamp for t in turns]):
        assert all(b[0] >= a[1] for a, b in pairwise(sorted(own)))


def test_a_plate_is_lifted_before_the_next_is_put_on(plan: BenchPlan) -> None:
    """On each machine in turn, also where one hangs now; nothing is washed before it is off."""
    by_machine: dict[str, list[str]] = {}
    for one in plan.to_do.appointments:
        by_machine.setdefault(one.machine_id, []).append(one.kind)
    hanging = [kinds for kinds in by_machine.values() if kinds[0] == LIFT]
    assert hanging and all(a != b for kinds in by_machine.values() for a, b in pairwise(kinds))
    off = {a.plate_id: a.end for a in plan.to_do.appointments if a.kind == LIFT}
    washed = {t.task.key.removesuffix("/wash"): t.start for t in plan.tasks if t.task.key.endswith("/wash")}
    assert all(washed[plate] >= end for plate, end in off.items() if plate in washed)
    assert any(a.kind == START for a in plan.to_do.appointments)


def test_what_is_washed_already_is_not_washed_again(demo: Book, plan: BenchPlan) -> None:
    """Only what is left of a plate's way is planned."""
    found = standing(demo.plans, demo.history)
    run = next(r for r in found.runs.values() if r.state == "printed")
    washed = replace(found, runs={**found.runs, run.run_id: replace(run, washed=True)})
    keys = {t.key for t in to_do(demo.plans, demo.history.facts, washed, EVENING).inputs.tasks}
    assert f"{run.plate_id}/wash" not in keys and f"{run.plate_id}/cure" in keys
    assert f"{run.plate_id}/wash" in {t.task.key for t in plan.tasks}


def test_the_orders_are_the_plan_s_first_evening(demo: Book) -> None:
    """By the way it was found: every order of hands is a task of that evening, and the other way round."""
    found = standing(demo.plans, demo.history)
    work = to_do(demo.plans, demo.history.facts, found, EVENING)
    plan = planned(work)
    first = plan.evenings()[0]
    assert tonight(work, plan.way, first.window.end) == list(first.tasks)
    listed = orders_of(work, demo.plans, found, EVENING, AS_USUAL, plan.way)
    assert listed.work_min == pytest.approx(first.hands_min)
    done = {(f.event.stage, figure) for t in listed.listed for f in t.facts for figure in f.figures}  # type: ignore[union-attr]
    built = {("build", t.task.group) for t in first.tasks if t.task.key == "build"}
    assert built and built <= done


def test_a_can_waits_for_air_that_was_told(demo: Book) -> None:
    """By airbrush it does not; the air of hours nobody told is taken to be fit."""
    found, scheme = standing(demo.plans, demo.history), demo.plans.scheme
    assert scheme is not None
    wet = [Air(EVENING + timedelta(hours=h), 8.0, 90.0, 2.0) for h in range(0, 72)]
    fine = [Air(wet[-1].at + timedelta(hours=h), 18.0, 50.0, 1.0) for h in range(1, 4)]
    for school, waits in (("can", True), ("airbrush", False)):
        plans = replace(demo.plans, schemes={**demo.plans.schemes, scheme.id: replace(scheme, prime_school=school)})
        plan = bench_plan(plans, demo.history.facts, found, EVENING, airs=[*wet, *fine])
        primed = [t for t in plan.tasks if t.task.key == PRIME]
        assert (min(t.start for t in primed) >= fine[0].at) == waits
        assert all((t.task.device == OUTDOORS) == waits for t in primed)
    hours = fit_hours([*wet, *fine], EVENING)
    assert hours[0].start == fine[0].at and hours[-1].start == later(fine[-1].at, 60, "") and len(hours) == 2
    assert datetime.max > hours[-1].end > EVENING + timedelta(days=300)


def test_two_people_share_evenings_and_bring_the_date_nearer(demo: Book, plan: BenchPlan) -> None:
    """Each evening holds twice the minutes, nobody works at two things at once; the forecast's days come earlier, too."""
    army = demo.plans.army
    assert army is not None
    plans, found = replace(demo.plans, army=replace(army, people=2)), standing(demo.plans, demo.history)
    shared = bench_plan(plans, demo.history.facts, found, EVENING)
    assert plan.ends and shared.ends and shared.ends < plan.ends
    evenings = shared.evenings()
    assert all(e.hands_min <= 2 * e.window.minutes + 1e-6 for e in evenings)
    assert any(e.hands_min > e.window.minutes for e in evenings)
    for evening in evenings:
        for person in (0, 1):
            own = [p for p in pieces(evening, plans, found, shared.to_do) if p.person == person]
            assert all(a.end <= b.start + timedelta(seconds=1) for a, b in pairwise(own))
    alone, both = (finish_dates(p, demo.history, EVENING, found) for p in (demo.plans, plans))
    assert all(both[q] <= alone[q] for q in alone) and both["p50"] < alone["p50"]


def test_a_colour_is_checked_in_daylight_where_evenings_have_any(demo: Book) -> None:
    """A step of that kind lies in hours of the sun, at weekends here; with evenings alone in winter it waits for none."""
    scheme, army, found = demo.plans.scheme, demo.plans.army, standing(demo.plans, demo.history)
    assert scheme is not None and army is not None
    check = FinishStep("check", "Colour check", 1.0, 0.0)
    plans = replace(demo.plans, schemes={scheme.id: replace(scheme, finish=(check, *scheme.finish))})
    history = History.of(
        [f for f in demo.history.facts if not (isinstance(f.event, StepDone) and f.event.stage == "finish")]
    )
    found = standing(plans, history)
    checked = [t for t in bench_plan(plans, history.facts, found, EVENING).tasks if t.task.key == "check"]
    lit = [daylight(t.start.date()) for t in checked]
    assert checked and all(w and w.start <= t.start and t.end <= w.end for t, w in zip(checked, lit, strict=True))
    late = replace(army, week=tuple(replace(d, hobby_from=22 * 60, hobby_minutes=100) for d in army.week))
    dark = to_do(replace(plans, army=late), history.facts, found, EVENING)
    assert DAYLIGHT not in dark.inputs.usable


def test_more_than_all_evenings_hold_is_planned_as_far_as_it_goes(demo: Book) -> None:
    """A few minutes a week: the first evenings, told as not all; whoever asks for the whole is told why there is none."""
    army, found = demo.plans.army, standing(demo.plans, demo.history)
    assert army is not None
    scant = replace(army, week=tuple(replace(d, hobby_minutes=58 if n == 2 else 0) for n, d in enumerate(army.week)))
    plans = replace(demo.plans, army=scant)
    plan = planned(to_do(plans, demo.history.facts, found, EVENING))
    assert not plan.whole and plan.tasks and plan.ends
    assert all(t.end <= plan.windows[-1].end for t in plan.tasks)
    with pytest.raises(PlanError, match="do not hold"):
        bench_plan(plans, demo.history.facts, found, EVENING)


def test_after_a_tick_the_plan_goes_on_by_the_way_it_was_found(demo: Book, plan: BenchPlan) -> None:
    """What was done first is left out; the rest is planned once, as fast as it is walked."""
    first = next(t for t in plan.tasks if t.task.holds)
    done = step("stroke", (first.task.group,), first.task.minutes, first.end, first.task.key)
    history = History.of([*demo.history.facts, done])
    found = standing(demo.plans, history)
    work = to_do(demo.plans, history.facts, found, EVENING)
    again = replanned(work, plan.way)
    keys = {(t.task.group, t.task.key) for t in again.tasks}
    assert keys == {(t.task.group, t.task.key) for t in plan.tasks} - {(first.task.group, first.task.key)}


def test_who_has_twenty_five_minutes_now_is_told_what_fits_into_them(demo: Book) -> None:
    """At an hour that is no hobby time: work for so long and no longer, the evenings after as they are."""
    found, noon = standing(demo.plans, demo.history), EVENING.replace(hour=12)
    work = to_do(demo.plans, demo.history.facts, found, noon, minutes_now=25)
    listed = orders_of(work, demo.plans, found, noon, AS_USUAL, FIRST_WAY)
    assert listed.minutes == 25 and 15 < listed.work_min <= 25
    assert all(t.start is None or t.start < noon + timedelta(minutes=25) for t in listed.listed)
    usual = to_do(demo.plans, demo.history.facts, found, noon)
    assert work.evenings[1:] == usual.evenings


def test_sprays_that_begin_a_zone_come_before_all_brushwork_of_a_figure(demo: Book) -> None:
    """Nothing painted is drifted onto; a spray over a wash stays where the recipe has it."""
    scheme = demo.plans.scheme
    assert scheme is not None
    coat = next(r for r in scheme.recipes if r.zone == "coat")
    steps = tuple(replace(s, technique="spray") if n in (0, 2) else s for n, s in enumerate(coat.steps))
    recipes = tuple(replace(coat, steps=steps) if r.zone == "coat" else r for r in scheme.recipes)
    plans = replace(demo.plans, schemes={scheme.id: replace(scheme, recipes=recipes)})
    found = standing(plans, demo.history)
    plan = bench_plan(plans, demo.history.facts, found, EVENING)
    sprayed = [t for t in plan.strokes if t.task.key == steps[0].id]
    assert sprayed and all(t.task.device == AIRBRUSH for t in sprayed)
    for spray in sprayed:
        own = [t for t in plan.strokes if t.task.group == spray.task.group and t is not spray]
        assert all(t.start >= spray.dry - timedelta(seconds=1) for t in own)
        later = [t for t in own if t.task.key == steps[2].id]
        assert all(any(o.end <= t.start for o in own if o.task.key == steps[1].id) for t in later)


def test_the_forecast_s_units_are_ready_in_the_order_of_the_plan(demo: Book, plan: BenchPlan) -> None:
    """As far as hands decide: the unit whose last figure the plan does first is likely ready first; the army's end is as it was."""
    shares = plan.done_by({f.id: f.unit_id for f in demo.plans.figures.values()})
    assert set(shares) == set(demo.plans.units) and max(shares.values()) == pytest.approx(1.0, abs=0.02)
    last = {u: max(t.end for t in plan.tasks if demo.plans.figures.get(t.task.group, None) and demo.plans.figures[t.task.group].unit_id == u) for u in shares}  # fmt: skip
    assert sorted(shares, key=shares.__getitem__) == sorted(last, key=last.__getitem__)
    found = standing(demo.plans, demo.history)
    by_roll, by_plan = (forecast(demo.plans, demo.history, EVENING, found, done_by=d) for d in ({}, shares))
    assert abs((by_plan.middle - by_roll.middle).days) <= 1
    middle = {u.unit_id: u.middle for u in by_plan.units}
    assert middle["lock"] > next(u.middle for u in by_roll.units if u.unit_id == "lock")
    assert sorted(shares, key=shares.__getitem__)[0] == min(middle, key=middle.__getitem__)


def test_a_stroke_longer_than_any_evening_is_worked_in_parts(demo: Book, plan: BenchPlan) -> None:
    """Every other step is planned as ever; parts of it make the whole, in order, and are said to be parts; it stays one tick."""
    army = demo.plans.army
    assert army is not None
    whole = max(plan.tasks, key=lambda t: t.task.minutes if t.task.holds else 0.0).task
    short = replace(army, week=tuple(replace(d, hobby_minutes=int(whole.minutes - 2)) for d in army.week))
    plans, found = replace(demo.plans, army=short), standing(demo.plans, demo.history)
    work = to_do(plans, demo.history.facts, found, EVENING)
    parts = [t for t in tonight(work, FIRST_WAY, datetime.max) if t.task.part[1] > 1 and t.task.key == whole.key]
    own = [t for t in parts if t.task.group == whole.group]
    assert [t.task.part for t in own] == [(n + 1, len(own)) for n in range(len(own))] and len(own) >= 2
    assert sum(t.task.minutes for t in own) == pytest.approx(whole.minutes)
    assert all(a.end <= b.start for a, b in pairwise(own)) and {t.task.dries_min for t in own[:-1]} == {0.0}
    block = blocks_of(own[:1], work.strokes)[0]
    assert "part 1 of" in painting_task(block, plans, Counter()).detail
    assert {t.task.key for t in plan.tasks} == {t.key for t in work.inputs.tasks}


def test_figures_built_one_after_another_share_a_mix_of_putty(plan: BenchPlan) -> None:
    """It is kneaded once for all that are built while it can be shaped, and anew after that."""
    built = [t for t in plan.tasks if t.task.load == PUTTY]
    fresh = [t for t in built if t.setup_min]
    assert {t.setup_min for t in fresh} == {PUTTY_MIX_MIN} and len(fresh) < len(built)
    for timed in built:
        mixed = max(t.start for t in fresh if t.start <= timed.start)
        assert timed.start - mixed <= timedelta(minutes=PUTTY_LIFE_MIN)
