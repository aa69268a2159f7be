"""Ends of an army, drawn: what a forecast starts from, its dice, and when each unit is ready by them.

Uncertain are: how this person's minutes compare to the plan (by group of steps, learned), which evenings are kept, how many parts
fail, and how well machines are kept busy. One draw gives one end. The same draws are used for every "what if", so that differences are
not noise.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from datetime import date, timedelta

import numpy as np
from numpy.typing import NDArray

from numerus.domain.army import Army
from numerus.geometry.mesh import Floats
from numerus.progress.forecasting.capacity import Capacities, day_of
from numerus.progress.pace.rates import Rate
from numerus.progress.work import GROUP_OF, UnitWork

DRAWS = 600
HORIZON_DAYS = 540
MACHINE_HOURS_A_DAY = (12.0, 18.0)  # how long a machine really runs in a day, low and high
LAST_DRYING_DAYS = 1.0
FIT_SHARE = 0.4  # (default) of evenings whose air is fit for a can, where nobody told it
WEATHERS = 32
AFTER_PRIME = ("paint", "finish")
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
    weather: Floats  # uniform (draws, WEATHERS), one a unit: how long it waits for air fit for a can


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
        rng.random((count, WEATHERS)),
    )


@dataclass(frozen=True)
class Situation:
    """What a forecast starts from; a lever is a changed copy."""

    today: date
    army: Army
    units: tuple[UnitWork, ...]
    rates: dict[str, Rate]
    fails: tuple[float, float, float]
    machines: int  # that print from today on
    evenings_seen: int = 0  # the share of evenings kept was learned from so many
    extra_evening_min: float = 0.0
    fit_share: float = FIT_SHARE  # of evenings, on which a can may be used
    done_by: Mapping[str, float] = field(
        default_factory=dict
    )  # share of all hands' work done when a unit is, by the plan
    back_days: tuple[float, ...] = ()  # in how many days each machine prints that is out of service


def _pace(rate: Rate, own: Floats, common: Floats | None) -> Floats:
    """Standard normals of a group: its own dice, and as far as its pace is the person's, those all groups share."""
    if common is None:
        return own
    return np.sqrt(1 - rate.common) * own + np.sqrt(rate.common) * common


def printed_days(machine_days: Floats, machines: int, back_days: Sequence[float]) -> Floats:
    """Days until work of so many days of one machine is printed (draws,), by those that print now and by each that comes back."""
    had, at, many = 0.0, 0.0, machines
    days = np.full(np.shape(machine_days), np.inf)
    for back in (*sorted(back_days), np.inf):
        left = machine_days - had
        in_reach = np.isinf(days) & (left <= many * (back - at) if many else left <= 0)
        days = np.where(in_reach, at + left / max(many, 1), days)
        had, at, many = had + many * (back - at) if many else had, back, many + 1
    return days


def _days_of_waiting(uniform: Floats, fit_share: float) -> Floats:
    """Evenings until one is fit, none if the first is: geometric."""
    if fit_share >= 1:
        return np.zeros_like(uniform)
    return np.ceil(np.log1p(-uniform) / np.log1p(-max(fit_share, 0.02))) - 1


def _after_waiting(s: Situation, capacity: Floats, before: Floats, weather: Floats) -> Floats:
    """The day on which what comes after the primer is done, if priming waits for fit air from when hands come to the unit; 0 for
    units that are not primed outdoors.
    """
    outdoors = [n for n, unit in enumerate(s.units) if unit.outdoors]
    waits = _days_of_waiting(weather[:, [n % WEATHERS for n in outdoors]].T, s.fit_share)
    primed = (day_of(capacity, before[outdoors]) + waits).astype(int)
    done = np.zeros(before.shape)
    done[outdoors] = day_of(capacity, _had_by(capacity, primed) + _minutes_in(AFTER_PRIME, s.units)[outdoors])
    return done


def _after_printing(s: Situation, capacity: Floats, machine_min: Floats, hours: Floats) -> Floats:
    """The day on which the work of a unit's last plate, a third of what comes after printing, is done; 0 for units that print
    nothing more.
    """
    made = [n for n, unit in enumerate(s.units) if unit.machine]
    printed = printed_days(machine_min[made] / (hours * 60), s.machines, s.back_days).astype(int)
    done = np.zeros(machine_min.shape)
    done[made] = day_of(capacity, _had_by(capacity, printed) + _minutes_in(AFTER_PRINT, s.units)[made] / 3)
    return done


def _had_by(capacity: Floats, days: NDArray[np.int64]) -> Floats:
    """Minutes of hands there have been by the end of a day, (units, draws)."""
    return capacity[np.arange(len(capacity)), np.minimum(days, HORIZON_DAYS - 1)]


def _minutes_in(stages: Sequence[str], units: Sequence[UnitWork]) -> Floats:
    """Of hands, (units, 1)."""
    return np.array([sum(m for stage, m in unit.hands.items() if stage in stages) for unit in units]).reshape(-1, 1)


def _hands_by_unit(units: Sequence[UnitWork], factor: Mapping[str, Floats], failing: Floats) -> Floats:
    """Minutes of hands of each unit, (units, draws), what fails done again."""
    groups = {name: n for n, name in enumerate(factor)}
    told = np.zeros((len(units), len(groups)))
    for row, unit in enumerate(units):
        for stage, minutes in unit.hands.items():
            told[row, groups[GROUP_OF.get(stage, "desk")]] += minutes
    printed = np.array([unit.machine > 0 for unit in units], float)[:, None]
    return (told @ np.stack(list(factor.values()))) * (1 + 0.5 * failing * printed)


def simulate(s: Situation, dice: Draws, capacities: Capacities | None = None) -> dict[str, Floats]:
    """Days from today on which each unit is ready, per draw: {unit id: (draws,)} with "" for the whole army.

    Units are worked in the roll's order, or as the plan of the evenings has them. A unit is ready when hands have done all up to it,
    and not before its last plate is printed and the work of that plate (a third of its work after printing) is done.
    """
    capacity = (capacities or Capacities(dice.evenings)).of(s.army, s.today, dice.slack, s.extra_evening_min)
    factor = {g: np.exp(r.spread * _pace(r, dice.groups[g], dice.pace)) for g, r in s.rates.items()}
    factor["desk"] = np.exp(0.3 * dice.groups["desk"])
    failing = np.clip(s.fails[0] + (s.fails[2] - s.fails[1]) / 2.56 * dice.failures, 0, 0.5)
    hours = MACHINE_HOURS_A_DAY[0] + (MACHINE_HOURS_A_DAY[1] - MACHINE_HOURS_A_DAY[0]) * dice.machine
    own = _hands_by_unit(s.units, factor, failing)
    hands = np.cumsum(own, axis=0)
    machine = np.cumsum([unit.machine * (1 + 1.5 * failing) for unit in s.units], axis=0).reshape(hands.shape)
    shares = np.array([s.done_by.get(unit.unit_id, np.nan) for unit in s.units])[:, None]
    done = np.maximum.reduce(
        (
            day_of(capacity, np.where(np.isnan(shares), hands, shares * own.sum(axis=0))),
            _after_printing(s, capacity, machine, hours),
            _after_waiting(s, capacity, np.vstack([np.zeros_like(own[:1]), hands[:-1]]), dice.weather),
        )
    )
    ready = done + np.array([LAST_DRYING_DAYS if unit.hands_total > 0 else 0.0 for unit in s.units])[:, None]
    return {"": ready.max(axis=0, initial=0.0), **{u.unit_id: days for u, days in zip(s.units, ready, strict=True)}}


def equal_chances(days: Floats, today: date) -> tuple[date, ...]:
    quantiles = np.quantile(days, (np.arange(20) + 0.5) / 20)
    return tuple(today + timedelta(days=int(np.floor(q))) for q in quantiles)


def in_time_of(dots: Sequence[date], ready_by: date) -> int:
    return sum(d <= ready_by for d in dots)
