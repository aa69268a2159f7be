"""A machine out of service until a spare part has come, air that is not fit for a can: what waits for them, and the forecast with it."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import EVENING
from numerus.book.book import Book
from numerus.errors import PlanError
from numerus.paint.priming.weather import Air
from numerus.paint.priming.weather_file import air_text
from numerus.printing.machines.profile_files import checked
from numerus.progress.forecasting.drawn_ends import _days_of_waiting, printed_days
from numerus.progress.forecasting.forecast import Forecast, finish_dates, forecast
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import standing

DAYS = st.floats(0.1, 30)


@settings(max_examples=60, deadline=None)
@given(st.integers(0, 3), st.lists(DAYS, min_size=1, max_size=3), DAYS)
def test_machines_that_come_back_share_the_work_from_then_on(machines: int, back: list[float], work: float) -> None:
    """As if every hundredth of a day were lived through."""
    days = float(printed_days(np.array([work]), machines, back)[0])
    left, at, step = work, 0.0, 0.01
    while left > 0:
        left -= step * (machines + sum(b <= at for b in back))
        at += step
    assert days == pytest.approx(at, abs=0.05)


def test_a_run_waits_for_its_machine_and_the_forecast_for_the_run(demo: Book) -> None:
    """All machines out for six weeks: nothing starts before, and all ends are later; with one out the others go on."""
    found, back = standing(demo.plans, demo.history), (EVENING + timedelta(days=45)).date()
    out = {m.id: replace(m, in_service=False, back_on=back.isoformat()) for m in demo.plans.machines.values()}
    plans = replace(demo.plans, machines=out)
    runs = next_runs(plans, found, EVENING).scheduled_runs
    assert runs and all(r.start >= datetime.combine(back, datetime.min.time()) for r in runs)
    now, later = (finish_dates(p, demo.history, EVENING, found) for p in (demo.plans, plans))
    assert all(later[q] > now[q] for q in now)
    first = next(iter(out))
    one = replace(demo.plans, machines={**demo.plans.machines, first: out[first]})
    between = finish_dates(one, demo.history, EVENING, found)
    assert all(now[q] <= between[q] <= later[q] for q in now)


def test_a_day_that_is_none_is_refused(demo: Book) -> None:
    """In words, before anything is written; a day that is past is now."""
    machine = next(iter(demo.plans.machines.values()))
    with pytest.raises(PlanError, match="is no day"):
        checked(replace(machine, back_on="soon"))
    mended = replace(machine, in_service=False, back_on="2020-01-01")
    assert checked(mended).serves_from(EVENING) == EVENING and not mended.service_words(EVENING)
    assert "out until" in replace(mended, back_on="2026-04-01").service_words(EVENING)
    assert replace(mended, back_on="").service_words(EVENING) == "out of service"


@settings(max_examples=30, deadline=None)
@given(st.floats(0.05, 0.95))
def test_evenings_waited_for_the_air_are_as_many_as_dice_say(share: float) -> None:
    """On the mean (1 - p) / p, as one who throws a die every evening finds."""
    uniform = (np.arange(20_000) + 0.5) / 20_000
    assert float(_days_of_waiting(uniform, share).mean()) == pytest.approx((1 - share) / share, rel=0.02, abs=0.01)


def test_an_army_primed_by_a_can_waits_for_the_weather(demo: Book) -> None:
    """Later than by airbrush, the more so the fewer evenings are fit; what moves the date says so; told air counts instead."""
    found, scheme, army = standing(demo.plans, demo.history), demo.plans.scheme, demo.plans.army
    assert scheme is not None and army is not None

    def ends(school: str, weather: str = "") -> Forecast:
        schemes = {**demo.plans.schemes, scheme.id: replace(scheme, prime_school=school)}
        plans = replace(demo.plans, schemes=schemes, army=replace(army, weather=weather))
        return forecast(plans, demo.history, EVENING, found)

    hours = [EVENING.replace(minute=0) + timedelta(hours=h) for h in range(0, 24 * 14)]
    wet = air_text([Air(h, 5.0, 95.0, 2.0) for h in hours])
    fine = air_text([Air(h, 18.0, 45.0, 1.0) for h in hours])
    last = {
        name: max(f.dots)
        for name, f in {"fine": ends("can", fine), "usual": ends("can"), "wet": ends("can", wet)}.items()
    }
    assert last["fine"] <= last["usual"] <= last["wet"] and last["fine"] < last["wet"]
    assert any(m.name == "Weather for the can" for m in ends("can", wet).movers)
    assert not any(m.name == "Weather for the can" for m in ends("airbrush").movers)
