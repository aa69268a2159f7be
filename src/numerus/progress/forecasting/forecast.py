"""Will it be ready? Twenty equally likely ends against the date, and what moves or helps it most."""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import date, datetime, timedelta
from functools import cached_property, partial
from itertools import islice
from types import MappingProxyType
from typing import TYPE_CHECKING, Any

import numpy as np

from numerus.domain.army import Army
from numerus.domain.journal import Fact, ForecastNoted
from numerus.domain.plans import Plans
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.paint.priming.weather_file import air_from
from numerus.printing.runs.run_records import failure_counts
from numerus.progress.forecasting.capacity import Capacities
from numerus.progress.forecasting.drawn_ends import (
    FIT_SHARE,
    Draws,
    Situation,
    draws,
    equal_chances,
    in_time_of,
    simulate,
)
from numerus.progress.history import History
from numerus.progress.pace.evenings import evenings_kept
from numerus.progress.pace.rates import failure_rate, rates_of
from numerus.progress.standing import Standing, standing
from numerus.progress.stores import estimates
from numerus.progress.washing import AS_USUAL, Washing
from numerus.progress.work import UnitWork, uncounted, work_by_unit
from numerus.schedule.attendance import hobby_minutes_per_day, hobby_windows

if TYPE_CHECKING:
    from numerus.progress.forecasting.levers import Lever, Mover

MOST_TOLD_DAYS = 30
AS_THE_ROLL: Mapping[str, float] = MappingProxyType({})


@dataclass(frozen=True)
class UnitForecast:
    unit_id: str
    low: date
    middle: date
    high: date
    hands_min: float
    machine_min: float


@dataclass(frozen=True)
class Forecast:
    """Twenty equally likely ends and what they say against the date."""

    dots: tuple[date, ...]
    ready_by: date
    today: date
    middle: date
    half: tuple[date, date]
    most: tuple[date, date]
    in_time: int
    hands_left_min: float
    hands_there_min: float
    find_movers: Callable[[], Sequence[Mover]] = field(repr=False, compare=False)
    find_levers: Callable[[], Sequence[Lever]] = field(repr=False, compare=False)
    units: tuple[UnitForecast, ...]
    measured_steps: int
    ticked_weeks: int
    bias_days: float | None
    uncounted: int  # figures without a part: none of their printing is in it
    chances: dict[str, date]  # p10, p50, p90: ready by then with one chance in ten, one in two, nine in ten

    @cached_property
    def movers(self) -> tuple[Mover, ...]:
        """What moves it most; tried when it is first asked for."""
        return tuple(self.find_movers())

    @cached_property
    def levers(self) -> tuple[Lever, ...]:
        """What would help; likewise."""
        return tuple(self.find_levers())

    @property
    def nothing_left(self) -> bool:
        """Whether neither hands nor machines have anything to do any more."""
        return not self.hands_left_min and not any(u.machine_min for u in self.units)


def situation(
    plans: Plans, history: History, now: datetime, army_standing: Standing | None = None, washing: Washing = AS_USUAL,
    done_by: Mapping[str, float] = AS_THE_ROLL,
) -> Situation:  # fmt: skip
    if plans.army is None:
        raise PlanError("no-army", "There is no army in this book yet.", "Start one with Army, New army.")
    rate, army_standing = rates_of(plans, history.facts), army_standing or standing(plans, history)
    _refuse_uncounted(plans)
    factor = estimates(plans, army_standing).minutes.factor
    units = tuple(replace(u, machine=u.machine * factor) for u in work_by_unit(plans, army_standing, rate, washing))
    fails = failure_rate(*failure_counts(army_standing.runs.values()))
    kept = evenings_kept(history.facts, plans.army)
    army = replace(plans.army, evenings_kept=kept.share)
    serving, back_days = _floor(plans, now)
    return Situation(
        now.date(), army, units, rate, fails, serving, kept.evenings, fit_share=_fit_share(plans.army, now),
        done_by=done_by, back_days=back_days,
    )  # fmt: skip


def _fit_share(army: Army, now: datetime) -> float:
    """Share of the coming evenings on which a can may be used, by the air that was told; a default where none was."""
    told = air_from(army.weather, now)
    if not told:
        return FIT_SHARE
    evenings = [w for w in hobby_windows(army, now, MOST_TOLD_DAYS) if w.start <= told[-1].at]
    fit = sum(any(a.fit_to_spray and w.start <= a.at < w.end for a in told) for w in evenings)
    return fit / len(evenings) if evenings else FIT_SHARE


def _floor(plans: Plans, now: datetime) -> tuple[int, tuple[float, ...]]:
    """How many machines print now, and in how many days each that is out prints again; where nobody knows of any, one is counted."""
    since = [m.serves_from(now) for m in plans.machines.values()]
    days = [(at - now).total_seconds() / 86_400 for at in since if at is not None]
    serving, back = sum(d <= 0 for d in days), tuple(d for d in days if d > 0)
    return (serving, back) if days else (1, ())


def _refuse_uncounted(plans: Plans) -> None:
    """No chances without work: what is not in the plan yet would count as done."""
    if not plans.figures:
        raise PlanError("no-figures", "No chances yet: the army has no figure.", "Add a unit with figures.")
    bare = uncounted(plans)
    if len(bare) == len(plans.figures):
        words = "No chances yet: no figure has parts, so nothing of their work is counted."
        raise PlanError("nothing-counted", words, "Bring their files in at Sort and fill the builds.")


def _date(today: date, days: float) -> date:
    return today + timedelta(days=int(np.floor(days)))


def forecast(
    plans: Plans, history: History, now: datetime, army_standing: Standing | None = None, dice: Draws | None = None,
    washing: Washing = AS_USUAL, done_by: Mapping[str, float] = AS_THE_ROLL,
) -> Forecast:  # fmt: skip
    """The whole answer; ``done_by``: by unit the share of all work of hands that is done when it is, where the plan of the evenings is
    known. Raises PlanError where there is no army or no time at all.
    """
    dice = dice or draws()
    s = situation(plans, history, now, army_standing, washing, done_by)
    army_standing = army_standing or standing(plans, history)
    capacities = Capacities(dice.evenings)
    ready = simulate(s, dice, capacities)
    days = ready[""]
    q = np.quantile(days, [0.05, 0.25, 0.5, 0.75, 0.95])
    dots = equal_chances(days, s.today)
    there = hobby_minutes_per_day(s.army, s.today, max((s.army.ready_by - s.today).days + 1, 0))
    units = tuple(_unit_forecast(u, ready[u.unit_id], s.today) for u in s.units)
    return Forecast(
        dots, s.army.ready_by, s.today, _date(s.today, q[2]), (_date(s.today, q[1]), _date(s.today, q[3])),
        (_date(s.today, q[0]), _date(s.today, q[4])), in_time_of(dots, s.army.ready_by),
        sum(u.hands_total for u in s.units), float(sum(there)) * s.army.evenings_kept,
        partial(_movers, s, dice, capacities), partial(_levers, s, dice, plans, army_standing, capacities), units,
        sum(r.logged for r in s.rates.values()), max((r.weeks for r in s.rates.values()), default=0),
        _bias(history.facts, float(q[2]), s.today), len(uncounted(plans)), _chances(days, s.today),
    )  # fmt: skip


def _movers(*given: Any) -> Sequence[Mover]:
    """Read when somebody asks: the forecast itself is wanted at every start."""
    from numerus.progress.forecasting.levers import movers

    return movers(*given)


def _levers(*given: Any) -> Sequence[Lever]:
    from numerus.progress.forecasting.levers import levers

    return levers(*given)


def finish_dates(
    plans: Plans, history: History, now: datetime, army_standing: Standing | None = None, washing: Washing = AS_USUAL
) -> dict[str, date]:
    """The day the army is ready with one chance in ten, one in two and nine in ten: p10, p50, p90."""
    s = situation(plans, history, now, army_standing, washing)
    days = simulate(s, draws())[""]
    return _chances(days, s.today)


def _chances(days: Floats, today: date) -> dict[str, date]:
    return {f"p{q}": _date(today, float(np.quantile(days, q / 100))) for q in (10, 50, 90)}


def _unit_forecast(unit: UnitWork, days: Floats, today: date) -> UnitForecast:
    chances = _chances(days, today)
    return UnitForecast(unit.unit_id, chances["p10"], chances["p50"], chances["p90"], unit.hands_total, unit.machine)


def _bias(facts: Sequence[Fact], middle_days: float, today: date) -> float | None:
    """Days that earlier forecasts were early (+) against today's middle, None before three were noted."""
    last = islice((f for f in reversed(facts) if isinstance(f.event, ForecastNoted)), 10)
    noted = [f.event.day for f in last if isinstance(f.event, ForecastNoted)]
    if len(noted) < 3:
        return None
    return float(np.mean([(_date(today, middle_days) - d).days for d in noted]))
