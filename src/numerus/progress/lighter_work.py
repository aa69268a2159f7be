"""What is left to paint when a unit is painted by a lighter scheme."""

from __future__ import annotations

from numerus.domain.painting.recipes import RecipeStep, Scheme
from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER
from numerus.paint.lighter import ONE_COAT, lighter_scheme
from numerus.paint.loads import setups_min
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke
from numerus.progress.pace.rates import Rate
from numerus.progress.standing import FigureStanding, Standing


def lighter_paint_min(plans: Plans, standing: Standing, unit_id: str, kind: str, rate: dict[str, Rate]) -> float:
    """Minutes of painting still to do on a unit by a lighter scheme (one of paint.lighter.NAMES); whoever is begun by the scheme is
    not begun anew in one coat.
    """
    known: dict[object, tuple[Scheme, Scheme]] = {}
    painted, steps = 0.0, list[RecipeStep]()
    for figure in (f for f in standing.of_unit(unit_id) if f.number <= NUMBER["paint"]):
        for stroke in _lighter_strokes(plans, figure, kind, known):
            painted += stroke.minutes * rate["paint"].factor_of(stroke.step.technique)
            steps.append(stroke.step)
    return painted + setups_min(steps)


def _lighter_strokes(
    plans: Plans, figure: FigureStanding, kind: str, known: dict[object, tuple[Scheme, Scheme]]
) -> list[Stroke]:
    """Strokes a figure still wants; ``known``: schemes of like figures, each with the lighter one."""
    scheme = plans.scheme_on(figure.figure)
    if scheme is None or (kind == ONE_COAT and figure.painted):
        return figure.next_strokes
    key = id(scheme), tuple(figure.figure.build.values())
    if key not in known:
        known[key] = scheme, lighter_scheme(scheme, kind, plans.zone_areas_cm2(figure.figure), rack_of(plans))
    own, zones = {s.id for r in scheme.recipes for s in r.steps}, {s.zone for s in figure.strokes}
    lighter = known[key][1]
    kept = {s.id for r in lighter.recipes for s in r.steps}
    fresh = [Stroke(r.zone, s) for r in lighter.recipes if r.zone in zones for s in r.steps if s.id not in own]
    return [*(s for s in figure.next_strokes if s.key in kept), *fresh]
