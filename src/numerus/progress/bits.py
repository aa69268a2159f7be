"""The bits box: good spares no build has taken, and what failed and may still serve."""

from __future__ import annotations

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace

from numerus.domain.army import Figure
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.printing.runs.run_records import FAILED, spares_left
from numerus.progress.standing import Standing, wanted_copies

OWED_STATES = "owed", "plated"


@dataclass(frozen=True)
class Bit:
    """A part in the box: how many good ones, how many failed ones lie there; ``fits``: figures whose slot could take it instead of what is not
    printed for them yet.
    """

    part: Part
    good: int
    failed: int
    fits: tuple[Figure, ...]

    @property
    def use(self) -> str:
        """What it can be used for, in words."""
        if self.good and self.fits:
            names = ", ".join(f.name for f in self.fits[:3])
            return f"{names}{' …' if len(self.fits) > 3 else ''} could take it before anything is printed"
        return "good for another army, or as base dressing" if self.good else "test piece, scatter, base dressing"


def bits(plans: Plans, standing: Standing) -> list[Bit]:
    """What lies in the box, good ones first."""
    left = spares_left(plans.plates, standing.runs, wanted_copies(plans))
    failed = _failed(plans, standing)
    listed = [
        Bit(
            plans.parts[p],
            left.get(p, 0),
            failed[p],
            tuple(_takers(plans, standing, plans.parts[p])) if left.get(p) else (),
        )
        for p in {*left, *failed}
        if p in plans.parts
    ]
    return sorted(listed, key=lambda b: (-b.good, -b.failed, b.part.name))


def _failed(plans: Plans, standing: Standing) -> Counter[str]:
    return Counter(
        placed.part_id
        for run in standing.runs.values()
        if run.plate_id in plans.plates
        for placed in plans.plates[run.plate_id].placed
        if run.outcome_of(placed.id) == FAILED
    )


def _takers(plans: Plans, standing: Standing, part: Part) -> list[Figure]:
    """Figures of the part's kit with another part in its slot that is not printed yet, in the roll's order."""
    figures = [f for u in plans.units_in_order() if u.kit_id == part.kit_id for f in plans.figures_of(u.id)]
    return [f for f in figures if _would_take(f, standing, part)]


def _would_take(figure: Figure, standing: Standing, part: Part) -> bool:
    if part.slot not in figure.build or figure.build[part.slot] == part.id:
        return False
    state = standing.copies.get((figure.id, part.slot))
    return state is None or state.state in OWED_STATES


def taken_by(figure: Figure, part: Part) -> Figure:
    """The figure with the bit in its slot."""
    return replace(figure, build={**figure.build, part.slot: part.id})


def box_words(listed: Sequence[Bit]) -> str:
    """How much lies there."""
    good, failed = sum(b.good for b in listed), sum(b.failed for b in listed)
    return (
        f"{good} good, {failed} failed"
        if good or failed
        else "The box is empty: spares that are printed and not needed come here by themselves."
    )
