"""What to ask for a unit: hours with their range, materials and a price for every stop on the way, so that stopping early is fair.

Hours are the recipe's at this user's learned rates; their range comes from the same seeded draws for every stop, so that a later
stop is never quoted below an earlier one. A price is (hours at the rate + materials) with the margin, to the nearest half unit.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Protocol

import numpy as np

from numerus.assembly.gluing import build_plan, glued_later, kept_apart
from numerus.domain.army import Figure, Unit
from numerus.domain.commissions import Commission
from numerus.domain.parts import LICENCES
from numerus.domain.plans import Plans
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.errors import PlanError
from numerus.geometry.mesh import Floats
from numerus.kit.builds import printed_slots
from numerus.money.costs import Done, coats_pence, unit_costs
from numerus.paint.loads import setups_min
from numerus.paint.priming.primer import prime_min, prime_setup_min, primer_ml, varnish_ml
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import Stroke, paint_needed_ml, strokes_for
from numerus.paint.stroke_minutes import Sizes, sizes_by_figure
from numerus.post.supports_off import USUAL_OFF_MIN
from numerus.post.washing.wash import HANDS_MIN
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors

DRAWS, SEED = 2000, 20
FEW_STEPS = 20  # measured; under it a range is doubled, and that is said
ROUND_PENCE = 50
PRIMED, BASE = "Primed", "Base colours"


class Pace(Protocol):
    """How this user's minutes compare with the plan: the factor, its spread in logs, from how many measured steps."""

    @property
    def factor(self) -> float: ...
    @property
    def spread(self) -> float: ...
    @property
    def logged(self) -> int: ...


@dataclass(frozen=True)
class Range:
    """One chance in ten that it is less, one in two, nine in ten."""

    p10: float
    p50: float
    p90: float


@dataclass(frozen=True)
class Stop:
    """Where work may end: hours up to there, whole pence of materials and of the price, and what the price may become;
    ``minutes``: as planned, by group of steps.
    """

    name: str
    description: str
    hours: Range
    materials_pence: int
    price_pence: int
    price_range: tuple[int, int]
    minutes: Mapping[str, float]


@dataclass(frozen=True)
class Quote:
    """``stops``: each with all before it; ``agreed``: the one to stop at; ``not_to_sell``: parts whose licence forbids selling prints,
    or does not say, by kit and what it says; ``measured``: steps the hours were learned from.
    """

    unit: str
    figures: int
    stops: tuple[Stop, ...]
    agreed: Stop
    deposit_pence: int
    postage_pence: int
    not_to_sell: tuple[tuple[str, int, str], ...]
    measured: int

    @property
    def is_guess(self) -> bool:
        return self.measured < FEW_STEPS


def quote(
    plans: Plans, standing: Done, unit: Unit, terms: Commission, paces: Mapping[str, Pace], factors: RunFactors = AS_ESTIMATED
) -> Quote:  # fmt: skip
    """What a unit would cost its client. Raises PlanError where there is nothing to quote."""
    figures = plans.figures_of(unit.id)
    if not figures or plans.scheme_of(unit.id) is None:
        raise PlanError("nothing-to-quote", f"{unit.name} has no figures or no scheme yet.", "Muster it first.")
    measured = sum(p.logged for p in paces.values())
    draws = _draws(paces, 1.0 if measured >= FEW_STEPS else 2.0)
    stops = []
    for name, description, minutes, materials in _stops(plans, standing, unit, figures, terms, factors):
        hours = sum((m * draws[group] for group, m in minutes.items()), np.zeros(DRAWS)) / 60
        stops.append(_priced(name, description, hours, materials, terms, minutes))
    agreed = next((s for s in stops if s.name == terms.stop), stops[-1])
    return Quote(
        unit.name, len(figures), tuple(stops), agreed, _rounded(agreed.price_pence * terms.deposit), terms.postage_pence,
        _not_to_sell(plans, figures) if terms.prints else (), measured,
    )  # fmt: skip


def _draws(paces: Mapping[str, Pace], wider: float) -> dict[str, Floats]:
    """Factors of each group of steps: seeded, the same for every stop."""
    rng = np.random.default_rng(SEED)
    return {g: p.factor * np.exp(wider * p.spread * rng.standard_normal(DRAWS)) for g, p in sorted(paces.items())}


def _priced(
    name: str, description: str, hours: Floats, materials_pence: int, terms: Commission, minutes: Mapping[str, float]
) -> Stop:
    low, middle, high = (float(np.quantile(hours, q)) for q in (0.1, 0.5, 0.9))

    def price(h: float) -> int:
        return _rounded((h * terms.pence_per_h + materials_pence) * (1 + terms.margin))

    prices = price(low), price(high)
    return Stop(name, description, Range(low, middle, high), materials_pence, price(middle), prices, minutes)


def _rounded(pence: float) -> int:
    return round(pence / ROUND_PENCE) * ROUND_PENCE


def _stops(plans: Plans, standing: Done, unit: Unit, figures: Sequence[Figure], terms: Commission, factors: RunFactors):  # type: ignore[no-untyped-def]
    """(name, what it is, minutes by group, pence of materials) of each stop that adds something, from the beginning."""
    sizes = sizes_by_figure(plans)
    times = {f.id: sizes[f.id].whole_times for f in figures}
    minutes_by_stop = _made(plans, figures, terms, times)
    primer = coats_pence(plans, "primer", sum(primer_ml(_cm2(plans, f)) for f in figures))
    printed = _printed_pence(plans, standing, unit, factors) if terms.prints else 0
    yield PRIMED, "built, filled, primed", minutes_by_stop, round(printed + primer)
    scheme = plans.scheme_of(unit.id)
    finish = sum(s.minutes for s in scheme.finish) * sum(times.values()) if scheme else 0.0
    later = [s for f in figures for s in glued_later(kept_apart(f.build, unit.apart))]
    finish += sum(s.minutes for s in later)
    varnish = coats_pence(plans, "varnish", sum(varnish_ml(_cm2(plans, f)) for f in figures))
    before = -1
    for name, strokes, is_level in _painted(plans, figures, sizes):
        count = sum(map(len, strokes))
        if count <= before:
            continue
        before = count
        listed = [s for own in strokes for s in own]
        minutes = {
            **minutes_by_stop,
            "paint": sum(s.minutes for s in listed) + setups_min(s.step for s in listed),
            "finish": finish * is_level,
        }
        paint = _paint_pence(plans, figures, strokes)
        says = f"{count // len(figures)} strokes a figure" + (", finished and based" if is_level else "")
        yield name, says, minutes, round(printed + primer + paint + varnish * is_level)


def _made(plans: Plans, figures: Sequence[Figure], terms: Commission, times: Mapping[str, float]) -> dict[str, float]:
    """Minutes up to priming, by group; the work of plates only where the user prints."""
    build = sum(sum(s.minutes for s in build_plan(list(f.build), plans.units[f.unit_id].apart)) for f in figures)
    wet = HANDS_MIN + USUAL_OFF_MIN if terms.prints else 0.0
    schemes = [plans.scheme_for(f) for f in figures]
    prime = sum(prime_min(scheme, times[f.id]) for f, scheme in zip(figures, schemes, strict=True) if scheme)
    prime += sum(prime_setup_min(s) for s in {s.id: s for s in schemes if s}.values())
    return {"build": build, "prime": prime, "wash and cure": wet}


def _painted(plans: Plans, figures: Sequence[Figure], sizes: Mapping[str, Sizes]):  # type: ignore[no-untyped-def]
    """Base colours, then every level of the scheme: (name, each figure's strokes, whether it is a level)."""
    scheme = plans.scheme_for(figures[0])
    assert scheme is not None
    zones = [(plans.zone_areas_cm2(f), sizes[f.id].zones) for f in figures]

    def at(level: str) -> list[list[Stroke]]:
        return [strokes_for(scheme, areas, level, own) for areas, own in zones]

    base = [_first_of_each_zone(strokes) for strokes in at(LEVELS[-1])]
    yield BASE, base, False
    for level in LEVELS:
        yield LEVEL_NAMES[level].capitalize(), at(level), True


def _first_of_each_zone(strokes: Sequence[Stroke]) -> list[Stroke]:
    return list({s.zone: s for s in reversed(strokes)}.values())


def _cm2(plans: Plans, figure: Figure) -> float:
    return sum(plans.parts[p].surface_cm2 for p in figure.build.values() if p in plans.parts)


def _paint_pence(plans: Plans, figures: Sequence[Figure], strokes: Sequence[Sequence[Stroke]]) -> float:
    areas = [plans.zone_areas_cm2(f) for f in figures]
    laid = [(s, zones.get(s.zone, 0.0)) for own, zones in zip(strokes, areas, strict=True) for s in own]
    need = paint_needed_ml(laid, rack_of(plans))
    return sum(ml * plans.paints[p].price_pence / plans.paints[p].pot_ml for p, ml in need.items() if p in plans.paints)


def _printed_pence(plans: Plans, standing: Done, unit: Unit, factors: RunFactors) -> float:
    cost = unit_costs(plans, standing, factors)[unit.id]
    return cost.kit + cost.resin + cost.washing + cost.machine + cost.failures


def _not_to_sell(plans: Plans, figures: Sequence[Figure]) -> tuple[tuple[str, int, str], ...]:
    """Kits with parts of these figures that may not go out as prints, or of which nobody knows."""
    used = {p for f in figures for p in printed_slots(f).values() if p in plans.parts}
    kits = [plans.parts[p].kit_id for p in used]
    listed = []
    for kit_id in sorted(set(kits)):
        kit = plans.kits.get(kit_id)
        licence = kit.licence if kit else "unknown"
        if licence != "sell-prints":
            listed.append((kit.name if kit else kit_id, kits.count(kit_id), LICENCES[licence]))
    return tuple(listed)
