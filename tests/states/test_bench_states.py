"""What benches know and may do, without a window: each state made from the demo's book, asked and told things."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta
from itertools import combinations

import numpy as np
import pytest

from helpers import EVENING
from numerus.book.book import Book
from numerus.colour.light import delta_e, lab_of, rgb_of
from numerus.desk.answers import Answers
from numerus.desk.stages.build.state import BuildState
from numerus.desk.stages.cure.state import CureState
from numerus.desk.stages.finish.state import FinishState
from numerus.desk.stages.muster.state import MusterState
from numerus.desk.stages.paint.figure.state import PaintState
from numerus.desk.stages.paint.zones.state import ZonesState
from numerus.desk.stages.plate.state import PlateState
from numerus.desk.stages.pose.state import PoseState
from numerus.desk.stages.prime.state import PrimeState
from numerus.desk.stages.print.state import PrintState
from numerus.desk.stages.ready.state import ReadyState
from numerus.desk.stages.sort.state import SortState
from numerus.desk.stages.wash.state import WashState
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.printing.runs.run_records import FAILED
from numerus.progress.history import History


def answers(book: Book) -> Answers:
    return Answers(book.plans, book.history, EVENING)


@pytest.fixture
def empty() -> Answers:
    return Answers(Plans(), History(), EVENING)


def test_a_state_of_an_empty_book_has_nothing_and_fails_nothing(empty: Answers) -> None:
    """No army, no unit, no part: every bench can be asked what waits, and nothing does."""
    assert MusterState(empty).week is None and MusterState(empty).unit_rows == []
    assert SortState(empty).parts == [] and not SortState(empty).has_gaps
    assert PoseState(empty).part is None and PoseState(empty).waiting == []
    assert PlateState(empty).plates == [] and not PlateState(empty).any_unit_owes
    assert PrintState(empty).scheduled_runs == () and PrintState(empty).run is None
    assert WashState(empty).run is None and CureState(empty).run is None
    assert BuildState(empty).waiting == [] and PrimeState(empty).waiting == []
    assert PaintState(empty).batch == [] and PaintState(empty).zone_ids == []
    assert FinishState(empty).chosen is None and ReadyState(empty).unit is None


def test_the_week_goes_into_words_and_back(demo: Book) -> None:
    """Typed as it is shown, nothing of the army changes; a wrong hour names its day and a wrong zone itself."""
    state = MusterState(answers(demo))
    week = state.week
    assert week is not None and state.with_week(week) == state.army
    days = [replace(week.days[0], home="23:00-18:00"), *week.days[1:]]
    with pytest.raises(PlanError, match="Monday"):
        state.with_week(replace(week, days=days))
    with pytest.raises(PlanError, match="Nowhere"):
        state.with_week(replace(week, time_zone="Nowhere"))
    longer = state.with_week(replace(week, ready_by=week.ready_by + timedelta(days=9), kept_percent=50))
    assert longer.evenings_kept == 0.5 and longer.week == state.army.week  # type: ignore[union-attr]


def test_a_date_that_is_past_is_told(demo: Book) -> None:
    """The muster says so itself, whatever the forecast makes of it."""
    plans = demo.plans
    assert plans.army is not None
    past = replace(plans, army=replace(plans.army, ready_by=EVENING.date() - timedelta(days=1)))
    assert "is past" in MusterState(Answers(past, demo.history, EVENING)).trouble


def test_parts_set_aside_leave_the_builds_that_used_them(demo: Book) -> None:
    """And a part moved to a slot the unit lacks brings the slot."""
    state = SortState(answers(demo))
    state.look(answers(demo), "lock")
    figure = state.plans.figures_of("lock")[0]
    slot, part_id = next(iter(figure.build.items()))
    changed = state.set_aside([part_id], False)
    assert all(part_id not in d.build.values() for d in changed if hasattr(d, "build"))
    assert any(getattr(d, "id", "") == figure.id and slot not in d.build for d in changed if hasattr(d, "build"))
    moved, widened = state.moved([part_id], "stern lamp")
    assert moved.slot == "stern lamp" and "stern lamp" in widened.slots  # type: ignore[union-attr]


def test_the_unposed_come_first_and_the_one_in_hand_stays(demo: Book) -> None:
    """A second pose of the same school takes the place of the one before."""
    state = PoseState(answers(demo))
    state.look(answers(demo), "heron", "")
    parts = state.parts
    assert [p.pose is not None for p in parts] == sorted(p.pose is not None for p in parts)
    assert state.part == (state.waiting or parts)[0]
    state.look(answers(demo), "heron", parts[-1].id)
    assert state.part == parts[-1]
    posed = next(p for p in state.plans.parts.values() if p.pose is not None)
    assert posed.pose is not None
    twice = posed.also_lying(posed.pose).also_lying(replace(posed.pose, tips=99))
    assert [o.tips for o in twice.others if o.school == posed.pose.school] == [99]


def test_what_is_planned_starts_only_while_someone_is_there(demo: Book) -> None:
    """Every run of the bill starts and is met within the army's hours; a day away moves what was planned on it."""
    state = PrintState(answers(demo))
    state.look(answers(demo), [])
    army = state.plans.army
    assert army is not None and state.scheduled_runs
    for run in state.scheduled_runs:
        windows = army.day(run.start.date()).home
        assert any(a <= run.start.hour * 60 + run.start.minute <= b for a, b in windows)
    day = state.scheduled_runs[0].start.date() + timedelta(days=1)
    away = state.day_as(day, "away")
    assert away is not None and away.day(day).home == () and army.day(day).home != ()


def test_minutes_of_many_are_shared_and_called_what_they_are(demo: Book) -> None:
    """An hour for everyone who waits is an hour in all; typed is kept as typed, never as measured by the clock."""
    state = FinishState(answers(demo))
    facts = state.done_facts(60.0, "typed", EVENING)
    assert len(facts) == len(state.waiting(state.chosen)) > 0  # type: ignore[arg-type]
    assert sum(f.minutes for f in facts) == pytest.approx(60.0)
    assert {f.event.timing for f in facts} == {"typed"}  # type: ignore[union-attr]
    assert len({f.figures for f in facts}) == len(facts)


def test_a_step_is_painted_on_those_who_want_it(demo: Book) -> None:
    """Done, it is written for each figure of the batch that lacks it, and planned minutes are per figure."""
    state = PaintState(answers(demo))
    zone = state.next_zone()
    made = state.next_step(zone)
    assert made is not None
    wanting = state.figures_for(made.id)
    own = [stroke.minutes for figure in wanting for stroke in figure.strokes if stroke.key == made.id]
    assert len(own) == len(wanting) > 0 and state.planned_min(made) == pytest.approx(sum(own))
    facts = state.done_facts(made, 30.0, "timer", EVENING)
    assert [f.figures for f in facts] == [(w.figure.id,) for w in wanting]


def test_one_name_is_one_zone(demo: Book) -> None:
    """However it is written, a zone the army has is found; another name makes another, after those."""
    state = PaintState(answers(demo))
    known = next(iter(state.plans.zones.values()))
    assert state.zone_called(f"  {known.name.upper()} ", "new") == (known, False)
    fresh, new = state.zone_called("lamp glass", "new")
    assert new and fresh.id == "new" and fresh.name == "lamp glass"


def test_task_and_bench_tell_of_the_same_parts(demo: Book) -> None:
    """What failed on a plate is neither counted in the task nor at the bench."""
    asked = answers(demo)
    state = WashState(asked)
    assert state.run is not None and state.plate is not None
    lost = sum(state.run.outcome_of(p.id) == FAILED for p in state.plate.placed)
    task = next(t for t in asked.orders.listed if t.title == f"Wash {state.plate.name}")
    assert lost > 0 and len(state.parts) == len(state.plate.placed) - lost
    assert task.detail.startswith(f"{len(state.parts)} parts")


def test_zones_are_told_apart_by_their_tones(demo: Book) -> None:
    """Each of the demo's fourteen has one of its own, and none looks like another while they are named."""
    state = ZonesState(answers(demo))
    tones = [state.tone(zone.id) for zone in state.zones]
    labs = lab_of(np.array([rgb_of(tone) for tone in tones]))
    assert len(tones) >= 14
    assert min(delta_e(labs[one], labs[other]) for one, other in combinations(range(len(tones)), 2)) > 10
