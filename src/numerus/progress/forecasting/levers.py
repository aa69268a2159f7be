"""What moves a forecast most, and what would help: each tried with the same dice."""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import date

import numpy as np

from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.progress.forecasting.capacity import Capacities
from numerus.progress.forecasting.drawn_ends import (
    MACHINE_HOURS_A_DAY,
    Draws,
    Situation,
    equal_chances,
    in_time_of,
    simulate,
)
from numerus.progress.pace.rates import EIGHT_IN_TEN, Rate
from numerus.progress.standing import Standing
from numerus.progress.work import UnitWork, paint_min_at


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


def movers(s: Situation, dice: Draws, capacities: Capacities) -> list[Mover]:
    """One thing at a time to its one-in-ten ends, everything else in the middle."""
    z = EIGHT_IN_TEN
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
    listed = []
    for name, description, good, bad in things:
        better, worse = (float(np.median(simulate(s, _fixed(dice, **c), capacities)[""])) for c in (good, bad))
        listed.append(Mover(name, description, min(better - base, 0.0), max(worse - base, 0.0)))
    return sorted(listed, key=lambda m: m.earlier - m.later)[:5]


def _percent(rate: Rate) -> str:
    return "{:.2f}–{:.2f} × plan".format(*rate.range)


def levers(s: Situation, dice: Draws, plans: Plans, army_standing: Standing, capacities: Capacities) -> list[Lever]:
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
    listed = []
    for name, changed in options:
        dots = equal_chances(simulate(changed, dice, capacities)[""], s.today)
        listed.append(Lever(name, in_time_of(dots, s.army.ready_by), dots))
    return listed


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
        offered.append((f"Ranks to {LEVEL_NAMES[LEVELS[0]]}", ranks))
    return offered


def _lowered(s: Situation, units: frozenset[str], army_standing: Standing) -> Situation:
    """Only what the scheme has at its lowest level is still painted on these units."""

    def lower(u: UnitWork) -> UnitWork:
        left = paint_min_at(army_standing, u.unit_id, LEVELS[0], s.rates)
        return replace(u, hands={**u.hands, "paint": left}) if u.unit_id in units else u

    return replace(s, units=tuple(lower(u) for u in s.units))
