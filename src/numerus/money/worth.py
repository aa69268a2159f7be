"""Whether something pays: a kit or a machine, from the how-manieth figure; and what failed plates cost."""

from __future__ import annotations

from collections.abc import Iterable, Mapping
from datetime import date
from math import ceil

from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Plate
from numerus.money.costs import DEFAULT_PRICES, Cost, Prices, material_pence, run_pence
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors
from numerus.printing.runs.run_records import FAILED, RunRecord


def pays_from(price_pence: float, bought_pence: float, running_pence: float) -> int | None:
    """The first figure with which printing, price included, is no dearer than buying so many; None where it never is."""
    saves = bought_pence - running_pence
    return max(ceil(price_pence / saves - 1e-9), 1) if saves > 0 else None


def kit_pays_from(plans: Plans, costs: Mapping[str, Cost], kit_id: str) -> int | None:
    """From which of its figures on a kit pays, against the bought equivalent of the units printed from it; None: never, or not known."""
    units = [u for u in plans.units.values() if u.kit_id == kit_id and u.bought_pence and plans.figures_of(u.id)]
    figures = sum(len(plans.figures_of(u.id)) for u in units)
    if not figures or kit_id not in plans.kits:
        return None
    bought = sum(u.bought_pence * len(plans.figures_of(u.id)) for u in units) / figures
    running = sum(costs[u.id].total - costs[u.id].kit for u in units) / figures
    return pays_from(plans.kits[kit_id].price_pence, bought, running)


def machine_pays_from(plans: Plans, costs: Mapping[str, Cost], price_pence: int) -> int | None:
    """From which figure of the army on a machine of this price pays, kits paid for."""
    units = [u for u in plans.units.values() if u.bought_pence and plans.figures_of(u.id)]
    figures = sum(len(plans.figures_of(u.id)) for u in units)
    if not figures:
        return None
    bought = sum(u.bought_pence * len(plans.figures_of(u.id)) for u in units)
    return pays_from(price_pence, bought / figures, sum(costs[u.id].total for u in units) / figures)


def waiting_pays(price_pence: int, off: float, sale_on: date, needed_on: date) -> tuple[int, int]:
    """(whole pence a sale saves, days between the sale and when the thing is needed: less than none where it comes too late).
    ``off``: the share that is taken off, 0..1.
    """
    return round(price_pence * off), (needed_on - sale_on).days


def failed_plates(
    plans: Plans, runs: Iterable[RunRecord], factors: RunFactors = AS_ESTIMATED, prices: Prices = DEFAULT_PRICES
) -> list[tuple[Plate, int, int]]:
    """(plate, how many parts failed, whole pence they cost in material and their share of the run), the dearest first."""
    listed = []
    for run in (r for r in runs if r.plate_id in plans.plates):
        plate = plans.plates[run.plate_id]
        lost = [p for p in plate.placed if run.outcome_of(p.id) == FAILED]
        machine = plans.machines.get(plate.machine_id)
        if lost and machine is not None:
            material = sum(material_pence(plans, p.part_id, machine, factors) for p in lost)
            whole = run_pence(plans, machine, plate.height_mm, plate.minutes, prices)
            share = whole * len(lost) / len(plate.placed)
            listed.append((plate, len(lost), round(material + share)))
    return sorted(listed, key=lambda row: -row[2])
