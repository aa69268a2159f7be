"""What is done of a unit, in planned minutes by group of steps: what a quote is held against while it is worked on."""

from __future__ import annotations

from numerus.domain.plans import Plans
from numerus.domain.stages import NUMBER
from numerus.paint.loads import setups_min
from numerus.paint.priming.primer import prime_min, prime_setup_min
from numerus.progress.standing import FigureStanding, Standing
from numerus.progress.work import build_min

WET = "wash and cure"


def done_minutes(plans: Plans, standing: Standing, unit_id: str, wet_min: float) -> dict[str, float]:
    """``wet_min``: planned to wash and cure all of it."""
    figures = standing.of_unit(unit_id)
    done = {"build": 0.0, "prime": 0.0, "paint": 0.0, "finish": 0.0, WET: 0.0}
    for figure in figures:
        done[WET] += wet_min / len(figures) * (figure.number >= NUMBER["build"])
        if figure.built_keys:
            done["build"] += build_min(figure)
        if figure.number > NUMBER["prime"]:
            done["prime"] += _primed_min(figure, plans, figures)
        done["paint"] += sum(s.minutes for s in figure.strokes if s.key in figure.painted)
        done["finish"] += sum(figure.finish_min(s) for s in figure.finish if s.id in figure.finished)
    painted = [s.step for f in figures for s in f.strokes if s.key in f.painted]
    return done | {"paint": done["paint"] + setups_min(painted)}


def _primed_min(figure: FigureStanding, plans: Plans, figures: list[FigureStanding]) -> float:
    """With its share of setting up."""
    scheme = plans.scheme_of(figure.unit.id)
    return prime_min(scheme, figure.times) + prime_setup_min(scheme) / len(figures) if scheme else 0.0
