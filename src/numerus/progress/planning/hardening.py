"""Until what was built or primed can be gone on with: glue, putty, what a base is stacked of, primer and filler."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime, timedelta

from numerus.assembly.stacked_base import stack_dries_min
from numerus.domain.journal import Fact, StepDone
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.paint.drying import Drying, water_times
from numerus.paint.priming.primer import FILLER_DRIES_MIN
from numerus.progress.standing import FigureStanding

GLUE_MIN = 12 * 60.0  # (default) glue and putty cure overnight


def hard_min(figure: FigureStanding, drying: Drying) -> float:
    """Until what was built may be primed: glue and putty, and beside them what its base is stacked of."""
    glued = GLUE_MIN if len(figure.figure.build) > 1 or figure.unit.stack else 0.0
    return max(glued, stack_dries_min(figure.unit.stack, water_times(drying.air)))


def primer_dries_min(scheme: Scheme, drying: Drying) -> float:
    """Primer, and every coat of filler on it."""
    return drying.prime_min(scheme) + scheme.filler_coats * FILLER_DRIES_MIN * water_times(drying.air)


def hard_at(
    plans: Plans, facts: Sequence[Fact], figures: Sequence[FigureStanding], drying: Drying, now: datetime
) -> dict[str, datetime]:
    """When figures built or primed lately can be gone on with, by id; only those that are still wet. Whoever went on with one knows better."""
    minutes: dict[tuple[str, str], float] = {}
    for figure in figures:
        scheme = plans.scheme_of(figure.unit.id)
        minutes["build", figure.figure.id] = hard_min(figure, drying)
        minutes["prime", figure.figure.id] = primer_dries_min(scheme, drying) if scheme else 0.0
    since = now - timedelta(minutes=max(minutes.values(), default=0.0))
    waits: dict[str, datetime] = {}
    for fact in (f for f in facts if f.at > since):
        if isinstance(fact.event, StepDone):
            stage = fact.event.stage
            waits |= {own: fact.at + timedelta(minutes=minutes.get((stage, own), 0.0)) for own in fact.figures}
    return {own: ready for own, ready in waits.items() if ready > now}
