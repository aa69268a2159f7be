"""What moves a forecast most, and what would help: each tried with the same dice."""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import date

import numpy as np

from numerus.domain.plans import Plans
from numerus.domain.stages import LEVELS
from numerus.paint.lighter import LOWEST, NAMES
from numerus.progress.forecasting.capacity import Capacities
from numerus.progress.forecasting.drawn_ends import (
    MACHINE_HOURS_A_DAY,
    Draws,
    Situation,
    equal_chances,
    in_time_of,
    simulate,
)
from numerus.progress.lighter_work import lighter_paint_min
from numerus.progress.pace.rates import EIGHT_IN_TEN, Rate
from numerus.progress.standing import Standing
from numerus.progress.work import UnitWork


@dataclass(frozen=True)
class Mover:
    """Days the middle outcome moves when one uncertain thing goes well or badly, others in the middle."""

    name: str
    range_text: str
    earlier: float
    later: float


@dataclass(frozen=True)
class Lever:
    """Something to change: how many of twenty ends are in time then, and which days. ``units`` painted by a lighter scheme of a ``kind``, ""
    where painting stays as it is.
    """

    name: str
    in_time: int = 0
    dots: tuple[date, ...] = ()
    kind: str = ""
    units: frozenset[str] = frozenset()


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
        np.full(dice.weather.shape, changes.get("weather", 0.5)),
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
    if any(u.outdoors for u in s.units):
        days = f"{s.fit_share:.0%} of evenings fit"
        things.append(("Weather for the can", days, {"weather": 0.1}, {"weather": 0.9}))
    base = float(np.median(simulate(s, _fixed(dice), capacities)[""]))
    listed = []
    for name, description, good, bad in things:
        better, worse = (float(np.median(simulate(s, _fixed(dice, **c), capacities)[""])) for c in (good, bad))
        listed.append(Mover(name, description, min(better - base, 0.0), max(worse - base, 0.0)))
    return sorted(listed, key=lambda m: m.earlier - m.later)[:5]


def _percent(rate: Rate) -> str:
    return "{:.2f}–{:.2f} × plan".format(*rate.range)


def levers(s: Situation, dice: Draws, plans: Plans, army_standing: Standing, capacities: Capacities) -> list[Lever]:
    """What would help, each tried with the same dice, what helps most first; nothing is changed by looking."""
    options = [Lever("As planned"), *_lighter(s, plans)]
    changed = [s, *(_lightened(s, o, plans, army_standing) for o in options[1:])]
    if len(options) > 1:
        evening = float(np.median([d.hobby_minutes * s.army.people for d in s.army.week if d.hobby_minutes] or [0]))
        best = min(range(1, len(options)), key=lambda n: sum(u.hands_total for u in changed[n].units))
        more = replace(options[best], name=f"{options[best].name} + an evening")
        options += [Lever("One more evening a week"), more]
        changed += [replace(c, extra_evening_min=evening) for c in (s, changed[best])]
    last = max(s.units, key=lambda u: u.machine + u.hands_total / 10, default=None)
    if last is not None and len(s.units) > 1:
        options.append(Lever(f"{_short_name(plans, last.unit_id)} later"))
        changed.append(replace(s, units=tuple(u for u in s.units if u is not last)))
    tried = [_tried(o, c, dice, capacities) for o, c in zip(options, changed, strict=True)]
    return [tried[0], *sorted(tried[1:], key=lambda lever: (-lever.in_time, lever.dots[len(lever.dots) // 2]))]


def _tried(lever: Lever, changed: Situation, dice: Draws, capacities: Capacities) -> Lever:
    dots = equal_chances(simulate(changed, dice, capacities)[""], changed.today)
    return replace(lever, in_time=in_time_of(dots, changed.army.ready_by), dots=dots)


def _short_name(plans: Plans, unit_id: str) -> str:
    return plans.units[unit_id].name.rpartition(", ")[2]


def _lighter(s: Situation, plans: Plans) -> list[Lever]:
    """Which units might be painted lighter: the one with most painting left table-ready, and all ranks by each lighter scheme, while
    leaders (units of one figure, and those of the highest level) stay as they are.
    """
    left = [u for u in s.units if u.hands.get("paint", 0.0) > 0]
    above = [u for u in left if plans.units[u.unit_id].level != LEVELS[0]]
    most = max(above, key=lambda u: u.hands["paint"]).unit_id if above else ""
    offered = (
        [Lever(f"{_short_name(plans, most)} {NAMES[LOWEST]}", kind=LOWEST, units=frozenset((most,)))] if most else []
    )
    for kind in NAMES:
        ranks = [u.unit_id for u in (above if kind == LOWEST else left) if _in_ranks(plans, u.unit_id)]
        if len(ranks) > 1:
            offered.append(Lever(f"Ranks {NAMES[kind]}", kind=kind, units=frozenset(ranks)))
    return offered


def _in_ranks(plans: Plans, unit_id: str) -> bool:
    return plans.units[unit_id].level != LEVELS[-1] and len(plans.figures_of(unit_id)) > 1


def _lightened(s: Situation, lever: Lever, plans: Plans, army_standing: Standing) -> Situation:
    """Only what the lighter scheme asks for is still painted on these units."""

    def lighten(u: UnitWork) -> UnitWork:
        if u.unit_id not in lever.units:
            return u
        left = lighter_paint_min(plans, army_standing, u.unit_id, lever.kind, s.rates)
        return replace(u, hands={**u.hands, "paint": left})

    return replace(s, units=tuple(lighten(u) for u in s.units))
