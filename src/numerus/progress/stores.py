"""What the floor has in store and what wears, with all a book knows; and what to do before the next run."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass
from datetime import datetime

from numerus.diagnosis.wear import Stock, Wear, before_run, stock_of, wear_of
from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.rates import Rate, rate_of
from numerus.progress.standing import Standing
from numerus.words import counted

FLAKES = "look into the vat for cured flakes, run a clean scraper of plastic through it"


def all_wear(plans: Plans, standing: Standing, facts: Sequence[Fact], now: datetime) -> list[Wear]:
    """Film and screen of every machine that prints with light, the most worn first."""
    found = [
        wear
        for machine in plans.machines.values()
        if machine.kind == "resin"
        for wear in wear_of(machine, standing.runs.values(), plans.plates, facts, now)
    ]
    return sorted(found, key=lambda w: -w.share)


def all_stock(plans: Plans, standing: Standing, now: datetime) -> list[Stock]:
    """Every resin there is a profile or a bottle of."""
    runs = [(r, plans.plates[r.plate_id]) for r in standing.runs.values() if r.plate_id in plans.plates]
    waiting, bottles = waiting_plates(plans.plates, standing.runs), list(plans.bottles.values())
    resins = plans.resins.values() or [plans.resin]
    return [stock_of(resin, bottles, runs, waiting, now) for resin in resins]


def checks(plans: Plans, standing: Standing, machine_id: str, celsius: float | None, now: datetime) -> list[str]:
    """What to do before a machine's next run: its vat after a failure, its resin, its film."""
    own = [r for r in standing.runs.values() if r.machine_id == machine_id]
    last = max((r.started for r in own), default=None)
    found = before_run(plans.resin, list(plans.bottles.values()), last, celsius, now)
    if own and any(o.outcome == "failed" for o in own[-1].outcomes.values()):
        found.insert(0, FLAKES)
    return found


@dataclass(frozen=True)
class Estimates:
    """How runs came about beside what was estimated of them: minutes, and resin where the machine told it."""

    minutes: Rate
    resin: Rate

    @property
    def description(self) -> str:
        if not self.minutes.logged:
            return "No run has ended by itself yet to hold its estimate against."
        used = f"; resin {_range(self.resin)}" if self.resin.logged else ""
        return f"Runs take {_range(self.minutes)} what is estimated{used}."


def _range(rate: Rate) -> str:
    low, high = (rate.factor * math.exp(z * rate.spread) for z in (-1.2816, 1.2816))
    return f"{rate.factor:.2f} × ({low:.2f}–{high:.2f}, {counted(rate.logged, 'run')})"


def estimates(plans: Plans, standing: Standing) -> Estimates:
    """From runs that ended by themselves; a run whose end was told late by hand says nothing about the machine."""
    minutes, resin = [], []
    for run in standing.runs.values():
        plate = plans.plates.get(run.plate_id)
        if plate is not None and run.took_min > 0:
            minutes.append((run.took_min, plate.minutes))
        if plate is not None and run.used_ml > 0 and plate.resin_ml > 0:
            resin.append((run.used_ml, plate.resin_ml))
    return Estimates(rate_of(minutes), rate_of(resin))
