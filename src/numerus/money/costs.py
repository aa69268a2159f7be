"""What a figure costs: money beside hands' time, beside the price of the bought equivalent."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass
from typing import Protocol

from numerus.assembly.stacked_base import stack_of
from numerus.domain.army import BOUGHT, Figure
from numerus.domain.money import shared_pence
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Laid
from numerus.kit.builds import printed_slots
from numerus.kit.completeness import Copy
from numerus.paint.priming.primer import primer_ml, varnish_ml
from numerus.paint.rack.pots import Rack, rack_of
from numerus.paint.scheme import Stroke, paint_needed_ml
from numerus.post.washing.wash_ways import SOLVENT_L_PER_BATH_ML, clinging_ml
from numerus.printing.machines.timing import layer_count, light_h, off_reel, run_minutes
from numerus.printing.plates.unlaid import height_mm, plate_share, room_mm2
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors
from numerus.printing.runs.run_records import CopyState

WITHOUT_POT_PENCE_PER_ML = 300 / 18  # (default) primer or varnish nobody has a price for
FORETOLD = 0.6, 1.7  # (default) what a run nobody has laid yet costs at least and at most, over what is foretold of it


@dataclass(frozen=True)
class Prices:
    """Pence of what wears and of what is not printed, as they were bought: a pair of gloves a run, a film over its layers, a screen over its
    hours of light, a base under a figure, and all that was spent on basing, over all figures; defaults where none was bought with its
    amount, no base and no basing then.
    """

    gloves: float = 25.0
    film: float = 1200.0
    screen: float = 6000.0
    base: float = 0.0
    basing: int = 0


DEFAULT_PRICES = Prices()


class Done(Protocol):
    """What costs need of where an army stands: the state of every copy, minutes of hands by figure, each figure's strokes."""

    @property
    def copies(self) -> Mapping[Copy, CopyState]: ...

    @property
    def hands(self) -> Mapping[str, float]: ...

    def strokes_of(self, figure_id: str) -> Sequence[Stroke]: ...


@dataclass(frozen=True)
class Cost:
    """Whole pence by what they went to, and minutes of hands logged; ``less`` and ``more``: by how much what is only foretold yet may
    differ. ``resin``: or plastic; ``coats``: primer and varnish.
    """

    kit: int
    resin: int
    washing: int
    machine: int
    paint: int
    coats: int
    base: int
    failures: int
    hands_min: float
    less: int = 0
    more: int = 0

    @property
    def total(self) -> int:
        return self.kit + self.resin + self.washing + self.machine + self.paint + self.coats + self.base + self.failures

    @property
    def range(self) -> tuple[int, int]:
        """The total as little and as much as it may become."""
        return self.total - self.less, self.total + self.more

    def __add__(self, other: Cost) -> Cost:
        return Cost(*(getattr(self, n) + getattr(other, n) for n in _NAMES))


_NAMES = ("kit", "resin", "washing", "machine", "paint", "coats", "base", "failures", "hands_min", "less", "more")
NOTHING = Cost(0, 0, 0, 0, 0, 0, 0, 0, 0)


def _kit_shares(plans: Plans) -> dict[str, int]:
    """What each figure bears of its kit's price, pence by figure: together all of it."""
    figures: dict[str, list[str]] = {}
    for figure in plans.figures.values():
        figures.setdefault(plans.units[figure.unit_id].kit_id, []).append(figure.id)
    shares: dict[str, int] = {}
    for kit in plans.kits.values():
        own = figures.get(kit.id, [])
        shares.update(zip(own, shared_pence(kit.price_pence, len(own)) if own else (), strict=True))
    return shares


def _part_ml(plans: Plans, part_id: str, factors: RunFactors) -> float:
    part = plans.parts.get(part_id)
    if part is None:
        return 0.0
    supports = part.pose.support_ml if part.pose else 0.15 * part.volume_ml
    return (part.volume_ml + supports) * (1 + plans.resin.cling_share) * factors.resin


def _machine_share(plans: Plans, copies: Iterable[tuple[str, str]], standing: Done, prices: Prices) -> float:
    """Power, gloves and film of the runs, by each copy's share of its plate."""
    cost = 0.0
    for copy in copies:
        state = standing.copies.get(copy)
        plate = plans.plates.get(state.plate_id) if state else None
        machine = plans.machines.get(plate.machine_id) if plate else None
        if plate is not None and machine is not None:
            cost += run_pence(plans, machine, plate.height_mm, plate.minutes, prices) / max(len(plate.placed), 1)
    return cost


def run_pence(plans: Plans, machine: Machine, height_mm: float, minutes: float, prices: Prices) -> float:
    """Power, gloves, the film's layers and the screen's hours of one run."""
    pence = plans.army.power_pence_per_kwh if plans.army else 0.0
    power = minutes / 60 * machine.power_w / 1000 * pence
    if machine.is_dry:
        return power
    layers = layer_count(height_mm, machine.layer_mm)
    film, screen = layers / machine.film_layers, light_h(layers, machine) / machine.screen_h
    return power + prices.gloves + prices.film * film + prices.screen * screen


def _foretold_share(plans: Plans, part_ids: Iterable[str], prices: Prices) -> float:
    """Of runs that are not laid yet, on the machine each is reckoned for: each part's share of a plate by its footprint, for a run as
    tall as itself.
    """
    cost = 0.0
    for part in (plans.parts[p] for p in part_ids if p in plans.parts):
        machine = plans.machine_for(part)
        if machine is None or not machine.in_service or plans.army is None:
            continue
        tall = height_mm(part)
        minutes = run_minutes(tall, machine, Laid(part.volume_ml, part.surface_cm2))
        cost += run_pence(plans, machine, tall, minutes, prices) * min(plate_share(room_mm2(part), machine), 1.0)
    return cost


def _base_pence(plans: Plans, figure: Figure, prices: Prices) -> int:
    """What is bought under a figure: the pieces its base is stacked of, else a base where one is bought."""
    unit = plans.units.get(figure.unit_id)
    if unit is not None and unit.stack:
        return stack_of(unit.stack).pence
    return round(prices.base * sum(part == BOUGHT for part in figure.build.values()))


def coats_pence(plans: Plans, kind: str, ml: float) -> float:
    """Of primer or varnish, by the cheapest pot there is."""
    pots = [p for p in plans.paints.values() if p.kind == kind and not p.gone]
    return ml * min((p.price_pence / p.pot_ml for p in pots), default=WITHOUT_POT_PENCE_PER_ML)


def _machine_of(plans: Plans, state: CopyState | None) -> Machine | None:
    plate = plans.plates.get(state.plate_id) if state else None
    return plans.machines.get(plate.machine_id) if plate else None


def material_pence(plans: Plans, part_id: str, machine: Machine | None, factors: RunFactors) -> float:
    """Of one print of a part: resin with what clings to it, or plastic as far as it is laid; by ``machine``, None where no plate
    holds it.
    """
    part = plans.parts.get(part_id)
    machine = machine or (plans.machine_for(part) if part else None)
    if part is None or machine is None or not machine.is_dry:
        return _part_ml(plans, part_id, factors) * plans.resin.pence_per_l / 1000
    laid = Laid(part.volume_ml + (part.pose.support_ml if part.pose else 0.0), part.surface_cm2)
    return off_reel(machine, laid).grams / 1000 * machine.plastic_pence_per_kg


def _basing_shares(plans: Plans, prices: Prices) -> dict[str, int]:
    """What each figure bears of what was spent on basing: together all of it."""
    return dict(zip(plans.figures, shared_pence(prices.basing, max(len(plans.figures), 1)), strict=False))


def figure_cost(
    figure: Figure, plans: Plans, standing: Done, kit_shares: Mapping[str, int], factors: RunFactors, rack: Rack,
    prices: Prices = DEFAULT_PRICES, basing_pence: int = 0,
) -> Cost:  # fmt: skip
    """The cost of one figure when it is ready: what is spent, and what its plan will still spend, resin by what runs really took."""
    parts = printed_slots(figure)
    machines = {s: _machine_of(plans, standing.copies.get((figure.id, s))) for s in parts}
    each = {s: material_pence(plans, p, machines[s], factors) for s, p in parts.items()}
    resin = sum(each.values())
    wet = [p for s, p in parts.items() if not ((m := machines[s]) and m.is_dry)]
    surface = sum(plans.parts[p].surface_cm2 for p in wet if p in plans.parts)
    solvent = (
        clinging_ml(surface, plans.resin.film_mm)
        * SOLVENT_L_PER_BATH_ML
        * (plans.army.solvent_pence_per_l if plans.army else 0.0)
    )
    failed = sum(standing.copies[(figure.id, s)].failures * each[s] for s in parts if (figure.id, s) in standing.copies)
    areas = plans.zone_areas_cm2(figure)
    stages = [(s, areas.get(s.zone, 0.0)) for s in standing.strokes_of(figure.id)]
    paint = sum(
        ml * plans.paints[p].price_pence / plans.paints[p].pot_ml
        for p, ml in paint_needed_ml(stages, rack).items()
        if p in plans.paints
    )
    machine = _machine_share(plans, ((figure.id, s) for s in parts), standing, prices)
    foretold = _foretold_share(plans, (p for s, p in parts.items() if machines[s] is None), prices)
    skin = sum(plans.parts[p].surface_cm2 for p in figure.build.values() if p in plans.parts)
    scheme = plans.scheme_for(figure)
    coats = coats_pence(plans, "primer", primer_ml(skin, scheme.prime_school)) if scheme else 0.0
    if scheme and any("varnish" in step.name.lower() for step in scheme.finish):
        coats += coats_pence(plans, "varnish", varnish_ml(skin))
    kit = kit_shares.get(figure.id, 0)
    return Cost(
        kit,
        round(resin),
        round(solvent),
        round(machine + foretold),
        round(paint),
        round(coats),
        _base_pence(plans, figure, prices) + basing_pence,
        round(failed),
        standing.hands.get(figure.id, 0.0),
        round(foretold * (1 - FORETOLD[0])),
        round(foretold * (FORETOLD[1] - 1)),
    )


def unit_costs(
    plans: Plans, standing: Done, factors: RunFactors = AS_ESTIMATED, prices: Prices = DEFAULT_PRICES
) -> dict[str, Cost]:
    """Cost of every unit, by id."""
    shares, basing, rack = _kit_shares(plans), _basing_shares(plans, prices), rack_of(plans)
    costs = {}
    for unit in plans.units_in_order():
        total = NOTHING
        for figure in plans.figures_of(unit.id):
            total = total + figure_cost(figure, plans, standing, shares, factors, rack, prices, basing[figure.id])
        costs[unit.id] = total
    return costs
