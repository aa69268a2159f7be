"""Will it be ready? A seeded Monte Carlo over what is uncertain, and what moves or helps it most.

Uncertain are: how this person's minutes compare to the plan (by group of steps, learned), which evenings are kept,
how many parts fail, and how well machines are kept busy. One draw gives one end; twenty evenly spaced quantiles are
the twenty dots. The same draws are used for every "what if", so that differences are not noise.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from datetime import date, datetime, timedelta
from itertools import islice

import numpy as np

from numerus.domain.army import Army
from numerus.domain.journal import Fact, ForecastNoted
from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.printing.runs.run_records import failure_counts
from numerus.progress.forecasting.capacity import Capacities, day_of
from numerus.progress.history import History
from numerus.progress.pace.evenings import evenings_kept
from numerus.progress.pace.rates import Rate, failure_rate, rates_of
from numerus.progress.standing import Standing, standing
from numerus.progress.stores import estimates
from numerus.progress.washing import AS_USUAL, Washing
from numerus.progress.work import GROUP_OF, UnitWork, paint_min_at, uncounted, work_by_unit
from numerus.schedule.attendance import hobby_minutes_per_day

DRAWS = 600
HORIZON_DAYS = 540
MACHINE_HOURS_A_DAY = (12.0, 18.0)  # how long a machine really runs in a day, low and high
LAST_DRYING_DAYS = 1.0
AFTER_PRINT = ("wash", "cure", "build", "prime", "paint", "finish")


@dataclass(frozen=True, eq=False)
class Draws:
    """The dice of one forecast: standard normals per group (draws,), of the person's own pace; evenings and machine uniforms."""

    groups: dict[str, Floats]
    evenings: Floats
    slack: Floats
    failures: Floats
    machine: Floats
    pace: Floats | None  # None: each group goes by its own dice alone


def draws(seed: int = 20, count: int = DRAWS) -> Draws:
    rng = np.random.default_rng(seed)
    groups = {g: rng.standard_normal(count) for g in (*dict.fromkeys(GROUP_OF.values()), "desk")}
    return Draws(
        groups,
        rng.random((count, HORIZON_DAYS)),
        rng.standard_normal(count),
        rng.standard_normal(count),
        rng.random(count),
        rng.standard_normal(count),
    )


@dataclass(frozen=True)
class Situation:
    """What a forecast starts from; a lever is a changed copy."""

    today: date
    army: Army
    units: tuple[UnitWork, ...]
    rates: dict[str, Rate]
    fails: tuple[float, float, float]
    machines: int
    evenings_seen: int = 0  # the share of evenings kept was learned from so many
    extra_evening_min: float = 0.0


@dataclass(frozen=True)
class Mover:
    """Days the middle outcome moves when one uncertain thing goes well or badly, others in the middle."""

    name: str
    range_text: str
    earlier: float
    later: float


@dataclass(frozen=True)
class Lever:
    name: str
    in_time: int
    dots: tuple[date, ...]


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
    movers: tuple[Mover, ...]
    levers: tuple[Lever, ...]
    units: tuple[UnitForecast, ...]
    measured_steps: int
    ticked_weeks: int
    bias_days: float | None
    uncounted: int  # figures without a part: none of their printing is in it
    chances: dict[str, date]  # p10, p50, p90: ready by then with one chance in ten, one in two, nine in ten


def situation(
    plans: Plans, history: History, now: datetime, army_standing: Standing | None = None, washing: Washing = AS_USUAL
) -> Situation:
    if plans.army is None:
        raise PlanError("no-army", "There is no army in this book yet.", "Start one with Army, New army.")
    rate, army_standing = rates_of(plans, history.facts), army_standing or standing(plans, history)
    _refuse_uncounted(plans)
    factor = estimates(plans, army_standing).minutes.factor
    units = tuple(replace(u, machine=u.machine * factor) for u in work_by_unit(plans, army_standing, rate, washing))
    fails = failure_rate(*failure_counts(army_standing.runs.values()))
    kept = evenings_kept(history.facts, plans.army)
    army = replace(plans.army, evenings_kept=kept.share)
    return Situation(now.date(), army, units, rate, fails, max(len(plans.machines), 1), kept.evenings)


def _refuse_uncounted(plans: Plans) -> None:
    """No chances without work: what is not in the plan yet would count as done."""
    if not plans.figures:
        raise PlanError("no-figures", "No chances yet: the army has no figure.", "Add a unit with figures.")
    bare = uncounted(plans)
    if len(bare) == len(plans.figures):
        words = "No chances yet: no figure has parts, so nothing of their work is counted."
        raise PlanError("nothing-counted", words, "Bring their files in at Sort and fill the builds.")


def _pace(rate: Rate, own: Floats, common: Floats | None) -> Floats:
    """Standard normals of a group: its own dice, and as far as its pace is the person's, those all groups share."""
    if common is None:
        return own
    return np.sqrt(1 - rate.common) * own + np.sqrt(rate.common) * common


def simulate(s: Situation, dice: Draws, capacities: Capacities | None = None) -> dict[str, Floats]:
    """Days from today on which each unit is ready, per draw: {unit id: (draws,)} with "" for the whole army.

    Units are worked in the roll's order. A unit is ready when hands have done all up to it, and not before its last
    plate is printed and the work of that plate (a third of its work after printing) is done.
    """
    capacity = (capacities or Capacities(dice.evenings)).of(s.army, s.today, dice.slack, s.extra_evening_min)
    factor = {g: np.exp(r.spread * _pace(r, dice.groups[g], dice.pace)) for g, r in s.rates.items()}
    factor["desk"] = np.exp(0.3 * dice.groups["desk"])
    failing = np.clip(s.fails[0] + (s.fails[2] - s.fails[1]) / 2.56 * dice.failures, 0, 0.5)
    hours = MACHINE_HOURS_A_DAY[0] + (MACHINE_HOURS_A_DAY[1] - MACHINE_HOURS_A_DAY[0]) * dice.machine
    hands, machine = np.zeros(len(failing)), np.zeros(len(failing))
    ready: dict[str, Floats] = {"": np.zeros(len(failing))}
    for unit in s.units:
        own = sum((m * factor[GROUP_OF.get(stage, "desk")] for stage, m in unit.hands.items()), np.zeros(len(failing)))
        machine = machine + unit.machine * (1 + 1.5 * failing)
        hands = hands + own * (1 + (0.5 * failing if unit.machine else 0.0))
        printed = machine / (hours * 60 * s.machines)
        after = sum(m for stage, m in unit.hands.items() if stage in AFTER_PRINT) / 3 if unit.machine else 0.0
        rows = np.arange(len(failing))
        had = capacity[rows, np.minimum(printed.astype(int), HORIZON_DAYS - 1)]
        done = np.maximum(day_of(capacity, hands), day_of(capacity, had + after) if unit.machine else 0.0)
        ready[unit.unit_id] = done + (LAST_DRYING_DAYS if unit.hands_total > 0 else 0.0)
        ready[""] = np.maximum(ready[""], ready[unit.unit_id])
    return ready


def _dots(days: Floats, today: date) -> tuple[date, ...]:
    quantiles = np.quantile(days, (np.arange(20) + 0.5) / 20)
    return tuple(today + timedelta(days=int(np.floor(q))) for q in quantiles)


def _in_time(dots: Sequence[date], ready_by: date) -> int:
    return sum(d <= ready_by for d in dots)


def _date(today: date, days: float) -> date:
    return today + timedelta(days=int(np.floor(days)))


def forecast(
    plans: Plans, history: History, now: datetime, army_standing: Standing | None = None, dice: Draws | None = None,
    washing: Washing = AS_USUAL,
) -> Forecast:  # fmt: skip
    """The whole answer. Raises PlanError where there is no army or no time at all."""
    dice = dice or draws()
    s = situation(plans, history, now, army_standing, washing)
    army_standing = army_standing or standing(plans, history)
    capacities = Capacities(dice.evenings)
    ready = simulate(s, dice, capacities)
    days = ready[""]
    q = np.quantile(days, [0.05, 0.25, 0.5, 0.75, 0.95])
    dots = _dots(days, s.today)
    there = hobby_minutes_per_day(s.army, s.today, max((s.army.ready_by - s.today).days + 1, 0))
    units = tuple(_unit_forecast(u, ready[u.unit_id], s.today) for u in s.units)
    return Forecast(
        dots, s.army.ready_by, s.today, _date(s.today, q[2]), (_date(s.today, q[1]), _date(s.today, q[3])),
        (_date(s.today, q[0]), _date(s.today, q[4])), _in_time(dots, s.army.ready_by),
        sum(u.hands_total for u in s.units), float(sum(there)) * s.army.evenings_kept,
        tuple(_movers(s, dice, capacities)), tuple(_levers(s, dice, plans, army_standing, capacities)), units,
        sum(r.logged for r in s.rates.values()), max((r.weeks for r in s.rates.values()), default=0),
        _bias(history.facts, float(q[2]), s.today), len(uncounted(plans)), _chances(days, s.today),
    )  # fmt: skip


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


def _fixed(dice: Draws, **changes: float) -> Draws:
    """The middle of everything, but for what is named."""
    n = len(dice.slack)
    groups = {g: np.full(n, changes.get(g, 0.0)) for g in dice.groups}
    return Draws(
        groups,
        dice.evenings,
        np.full(n, changes.get("evenings", 0.0)),
        np.full(n, changes.get("failures", 0.0)),
        np.full(n, changes.get("machine", 0.5)),
        None,
    )


def _movers(s: Situation, dice: Draws, capacities: Capacities) -> list[Mover]:
    """One thing at a time to its one-in-ten ends, everything else in the middle."""
    z = 1.2816
    kept = s.army.evenings_kept
    learned = ", learned" if s.evenings_seen else ""
    week = sum(1 for d in s.army.week if d.hobby_minutes) or 1
    paint, build = s.rates["paint"], s.rates["build"]
    things = [
        ("Minutes a stroke takes", _percent(paint), {"paint": -z}, {"paint": z}),
        ("Minutes building takes", _percent(build), {"build": -z}, {"build": z}),
        (f"Evenings kept{learned}", f"{week * (kept - 0.1):.1f}–{week * min(kept + 0.1, 1):.1f} a week",
         {"evenings": z}, {"evenings": -z}),
        ("Failed parts", f"{s.fails[1]:.0%}–{s.fails[2]:.0%}".replace("%–", "–"), {"failures": -z}, {"failures": z}),
        (
            "Machine kept busy",
            f"{MACHINE_HOURS_A_DAY[0]:.0f}–{MACHINE_HOURS_A_DAY[1]:.0f} h a day",
            {"machine": 0.9},
            {"machine": 0.1},
        ),
    ]  # fmt: skip
    base = float(np.median(simulate(s, _fixed(dice), capacities)[""]))
    movers = []
    for name, description, good, bad in things:
        better, worse = (float(np.median(simulate(s, _fixed(dice, **c), capacities)[""])) for c in (good, bad))
        movers.append(Mover(name, description, min(better - base, 0.0), max(worse - base, 0.0)))
    return sorted(movers, key=lambda m: m.earlier - m.later)[:5]


def _percent(rate: Rate) -> str:
    low, high = rate.factor * np.exp(-1.2816 * rate.spread), rate.factor * np.exp(1.2816 * rate.spread)
    return f"{low:.2f}–{high:.2f} × plan"


def _levers(s: Situation, dice: Draws, plans: Plans, army_standing: Standing, capacities: Capacities) -> list[Lever]:
    """What would help, each tried with the same dice; nothing is changed by looking."""
    evening = float(np.median([d.hobby_minutes for d in s.army.week if d.hobby_minutes] or [0]))
    options: list[tuple[str, Situation]] = [("As planned", s)]
    for name, units in _lower_levels(s, plans):
        options.append((name, _lowered(s, units, army_standing)))
    if len(options) > 1:
        options.append(("One more evening a week", replace(s, extra_evening_min=evening)))
        options.append(("Both of the above", replace(options[-2][1], extra_evening_min=evening)))
    last = max(s.units, key=lambda u: u.machine + u.hands_total / 10, default=None)
    if last is not None and len(s.units) > 1:
        options.append(
            (f"{_short_name(plans, last.unit_id)} later", replace(s, units=tuple(u for u in s.units if u is not last)))
        )
    levers = []
    for name, changed in options:
        dots = _dots(simulate(changed, dice, capacities)[""], s.today)
        levers.append(Lever(name, _in_time(dots, s.army.ready_by), dots))
    return levers


def _short_name(plans: Plans, unit_id: str) -> str:
    return plans.units[unit_id].name.rpartition(", ")[2]


def _lower_levels(s: Situation, plans: Plans) -> list[tuple[str, frozenset[str]]]:
    """Which units might be painted table-ready: the one with most painting left, and all ranks while leaders (units of one figure, and
    those of the highest level) stay as they are.
    """
    above = [u for u in s.units if plans.units[u.unit_id].level != LEVELS[0] and u.hands.get("paint", 0.0) > 0]
    if not above:
        return []
    most = max(above, key=lambda u: u.hands["paint"]).unit_id
    ranks = frozenset(
        u.unit_id for u in above if plans.units[u.unit_id].level != LEVELS[-1] and len(plans.figures_of(u.unit_id)) > 1
    )
    offered = [(f"{_short_name(plans, most)} to {LEVEL_NAMES[LEVELS[0]]}", frozenset((most,)))]
    if len(ranks) > 1:
        offered.append((f"Ranks to {LEVEL_NAMES[LEVELS[0]]}, leaders kept", ranks))
    return offered


def _lowered(s: Situation, units: frozenset[str], army_standing: Standing) -> Situation:
    """Only what the scheme has at its lowest level is still painted on these units."""

    def lower(u: UnitWork) -> UnitWork:
        left = paint_min_at(army_standing, u.unit_id, LEVELS[0], s.rates)
        return replace(u, hands={**u.hands, "paint": left}) if u.unit_id in units else u

    return replace(s, units=tuple(lower(u) for u in s.units))
