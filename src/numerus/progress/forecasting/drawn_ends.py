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
        return np.zeros(len(uniform))
    return np.ceil(np.log1p(-uniform) / np.log1p(-max(fit_share, 0.02))) - 1


def _after_waiting(capacity: Floats, before: Floats, waits: Floats, unit: UnitWork) -> Floats:
    """The day on which what comes after the primer is done, if priming waits so many days from when hands come to the unit."""
    primed = np.minimum((day_of(capacity, before) + waits).astype(int), HORIZON_DAYS - 1)
    after = sum(m for stage, m in unit.hands.items() if stage in AFTER_PRIME)
    return day_of(capacity, capacity[np.arange(len(before)), primed] + after)


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
    all_hands = own.sum(axis=0)
    hands, machine = np.zeros(len(failing)), np.zeros(len(failing))
    ready: dict[str, Floats] = {"": np.zeros(len(failing))}
    for number, unit in enumerate(s.units):
        share = s.done_by.get(unit.unit_id)
        before, hands = hands, hands + own[number]
        until = hands if share is None else share * all_hands
        machine = machine + unit.machine * (1 + 1.5 * failing)
        printed = printed_days(machine / (hours * 60), s.machines, s.back_days)
        after = sum(m for stage, m in unit.hands.items() if stage in AFTER_PRINT) / 3 if unit.machine else 0.0
        rows = np.arange(len(failing))
        had = capacity[rows, np.minimum(printed.astype(int), HORIZON_DAYS - 1)]
        done = np.maximum(day_of(capacity, until), day_of(capacity, had + after) if unit.machine else 0.0)
        if unit.outdoors:
            waits = _days_of_waiting(dice.weather[:, number % WEATHERS], s.fit_share)
            done = np.maximum(done, _after_waiting(capacity, before, waits, unit))
        ready[unit.unit_id] = done + (LAST_DRYING_DAYS if unit.hands_total > 0 else 0.0)
        ready[""] = np.maximum(ready[""], ready[unit.unit_id])
    return ready


def equal_chances(days: Floats, today: date) -> tuple[date, ...]:
    quantiles = np.quantile(days, (np.arange(20) + 0.5) / 20)
    return tuple(today + timedelta(days=int(np.floor(q))) for q in quantiles)


def in_time_of(dots: Sequence[date], ready_by: date) -> int:
    return sum(d <= ready_by for d in dots)
