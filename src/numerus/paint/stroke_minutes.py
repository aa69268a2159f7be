"""How much longer a stroke takes on a larger or busier zone than on the usual one its recipe's minutes were told for.

The usual figure of a scheme is the middle one of those painted by it. A zone's work is its skin and the borders it is cut in along;
minutes grow with it as a power below one, since a large zone is taken with larger strokes (a default for each technique), but for
picking the figure up and loading the brush, which every figure asks for alike.
"""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field
from statistics import median
from types import MappingProxyType

from numerus.domain.army import Figure
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.plans import Plans
from numerus.paint.techniques import TECHNIQUES

CUT_IN_MM = 0.6  # (default) skin beside a border that takes care: a millimetre of it is so many mm² more
PICK_UP_MIN = 0.2  # (default) of every stroke on every figure
WHOLE_GROWS = 0.6  # (default) of priming and varnishing with a figure's skin
LEAST, MOST = 0.2, 8.0  # times the recipe's minutes, whatever was measured of the skin
AS_TOLD: Mapping[str, float] = MappingProxyType({})


def zone_work_cm2(plans: Plans, figure: Figure) -> dict[str, float]:
    """Skin of each zone of a figure with what its borders add, cm²."""
    work = dict(plans.zone_areas_cm2(figure))
    for part in figure.build.values():
        zones = plans.part_zones.get(part)
        for one, other, mm in zones.borders_mm if zones else ():
            for zone in (one, other):
                if zone in work:
                    work[zone] += mm * CUT_IN_MM / 100
    return work


@dataclass(frozen=True)
class Sizes:
    """A figure's zones over the usual ones, by zone, and the whole of it over the usual figure; 1 where nothing is known."""

    zones: Mapping[str, float] = field(default_factory=dict)
    whole: float = 1.0

    @property
    def whole_times(self) -> float:
        """How much longer than told what is done to the whole figure takes."""
        return _within(self.whole**WHOLE_GROWS)


def figure_sizes(plans: Plans, figures: Iterable[Figure]) -> dict[str, Sizes]:
    """Of figures painted by one scheme, by id, each against the middle one of all."""
    known = dict[tuple[str, ...], dict[str, float]]()
    work = {}
    for figure in figures:
        build = tuple(figure.build.values())
        if build not in known:
            known[build] = zone_work_cm2(plans, figure)
        work[figure.id] = known[build]
    listed: dict[str, list[float]] = {}
    for own in work.values():
        for zone, cm2 in own.items():
            listed.setdefault(zone, []).append(cm2)
    usual = {zone: median(cm2) for zone, cm2 in listed.items()}
    whole = median([sum(own.values()) for own in work.values() if own] or [1.0])
    return {
        f: Sizes({z: cm2 / usual[z] for z, cm2 in own.items()}, sum(own.values()) / whole if own else 1.0)
        for f, own in work.items()
    }


def sizes_by_figure(plans: Plans) -> dict[str, Sizes]:
    """How large each figure is against the usual one of those painted by its scheme."""
    painted_by: dict[str, list[Figure]] = {}
    for figure in plans.figures.values():
        scheme = plans.scheme_for(figure)
        painted_by.setdefault(scheme.id if scheme else "", []).append(figure)
    return {f: s for figures in painted_by.values() for f, s in figure_sizes(plans, figures).items()}


def stroke_times(step: RecipeStep, size: float) -> float:
    """Minutes over those the recipe tells, for a zone of so many times the usual work."""
    fixed = min(PICK_UP_MIN / step.minutes, 1.0) if step.minutes > 0 else 1.0
    return _within(fixed + (1 - fixed) * size ** TECHNIQUES[step.technique].grows)


def _within(times: float) -> float:
    return min(max(times, LEAST), MOST)
