"""A small unit from primer to ready, lived evening by evening in bench mode with one key, and what the forecast of the first day said."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

from fortnight_steps import live_through
from hand_clock import Clock

from helpers import SATURDAY
from numerus.book.book import Removed
from numerus.desk.window import MainWindow
from numerus.domain.journal import StepDone
from numerus.progress.forecasting.forecast import Forecast

TIMES = 1.2  # this painter's minutes over the told ones
WAITING = {"ferry-0", "ferry-1"}  # at Prime


def only_two(window: MainWindow) -> None:
    """All but two figures that wait for primer are somebody else's."""
    session = window.session
    for unit in [u for u in session.plans.units if u != "ferry"]:
        window.user_actions.remove_unit(unit)
    for figure in [f for f in session.plans.figures if f not in WAITING]:
        window.user_actions.remove_figure(figure)
    unit = session.plans.units["ferry"]
    cured = {r.plate_id for r in session.answers.standing.runs.values() if r.state == "cured"}
    plates = [Removed("plate", p) for p in session.plans.plates if p not in cured]
    session.commit("quick ones, nothing on plates", [replace(unit, level="table"), *plates])


def test_two_figures_come_home_by_one_key_when_the_forecast_said_they_might(timed: MainWindow, clock: Clock) -> None:
    """Primed, painted and finished with minutes that were measured; the end is one of the first day's likely ones."""
    clock.now = SATURDAY
    timed.session.tick()
    only_two(timed)
    stages = {f.stage for f in timed.session.answers.standing.figures.values()}
    assert stages == {"prime"}
    first = timed.session.answers.forecast
    assert isinstance(first, Forecast)
    before = len(timed.session.answers.facts)
    end = live_through(timed, clock, 14, TIMES, {"ferry"})
    assert end is not None
    own = [f for f in timed.session.answers.facts[before:] if isinstance(f.event, StepDone)]
    strokes = [f for f in own if f.event.stage == "stroke"]
    assert len({(f.figures, f.event.key) for f in strokes}) == len(strokes) >= 20
    measured = [f.minutes / f.event.planned_min for f in strokes if f.event.timing == "timer"]
    assert len(measured) >= 0.9 * len(strokes) and all(abs(m - TIMES) < 0.02 for m in measured)
    assert {f.event.stage for f in own} == {"prime", "stroke", "finish"}
    assert min(first.dots) - timedelta(days=1) <= end.date() <= max(first.dots)
