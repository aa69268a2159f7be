"""What the floor has in store and what wears, with all a book knows; and what to do before the next run."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from datetime import datetime

from numerus.diagnosis.wear import Stock, Wear, before_run, stock_of, wear_of
from numerus.domain.journal import Fact
from numerus.domain.plans import Plans
from numerus.printing.runs.learned import RunFactors
from numerus.printing.runs.run_records import waiting_plates
from numerus.progress.pace.rates import Rate, rate_of
from numerus.progress.standing import Standing
from numerus.words import counted

FLAKES = "look into the vat for cured flakes, run a clean scraper of plastic through it"


def all_wear(plans: Plans, standing: Standing, facts: Sequence[Fact], now: datetime) -> list[Wear]:
    """Film and screen of every machine that prints with light, the most worn first."""
    wear_list = [
        wear
        for machine in plans.machines.values()
        if not machine.is_dry
        for wear in wear_of(machine, standing.runs.values(), plans.plates, facts, now)
    ]
    return sorted(wear_list, key=lambda w: -w.share)


def all_stock(plans: Plans, standing: Standing, now: datetime) -> list[Stock]:
    """Every resin there is a profile or a bottle of."""
    runs = [(r, plans.plates[r.plate_id]) for r in standing.runs.values() if r.plate_id in plans.plates and not r.dry]
    waiting = [p for p in waiting_plates(plans.plates, standing.runs) if not plans.is_dry(p.machine_id)]
    bottles = list(plans.bottles.values())
    resins = plans.resins.values() or [plans.resin]
    factors = estimates(plans, standing).factors
    return [stock_of(resin, bottles, runs, waiting, now, factors) for resin in resins]


def checks(plans: Plans, standing: Standing, machine_id: str, now: datetime) -> list[str]:
    """What to do before a machine's next run: its vat after a failure, its resin, its film."""
    own = [r for r in standing.runs.values() if r.machine_id == machine_id]
    last = max((r.started for r in own), default=None)
    celsius = plans.machines[machine_id].room_c or None
    words = before_run(plans.resin, list(plans.bottles.values()), last, celsius, now)
    if own and any(o.outcome == "failed" for o in own[-1].outcomes.values()):
        words.insert(0, FLAKES)
    return words


@dataclass(frozen=True)
class Estimates:
    """How runs came about beside what was estimated of them: minutes, and resin where the machine told it."""

    minutes: Rate
    resin: Rate
    by_machine: Mapping[str, Rate] = field(default_factory=dict)

    @property
    def factors(self) -> RunFactors:
        """What is planned goes by it."""
        by_machine = {machine: rate.factor for machine, rate in self.by_machine.items()}
        ranges = [rate.range if rate.logged else (1.0, 1.0) for rate in (self.minutes, self.resin)]
        return RunFactors(by_machine, self.minutes.factor, self.resin.factor, ranges[0], ranges[1], self.minutes.logged)

    @property
    def description(self) -> str:
        if not self.minutes.logged:
            return "No run has ended by itself yet to hold its estimate against."
        used = f"; resin {_range(self.resin)}" if self.resin.logged else ""
        return f"Runs take {_range(self.minutes)} what is estimated{used}."


def _range(rate: Rate) -> str:
    low, high = rate.range
    return f"{rate.factor:.2f} × ({low:.2f}–{high:.2f}, {counted(rate.logged, 'run')})"


def estimates(plans: Plans, standing: Standing) -> Estimates:
    """From runs that ended by themselves; a run whose end was told late by hand says nothing about the machine."""
    minutes, resin = list[tuple[float, float]](), list[tuple[float, float]]()
    by_machine: dict[str, list[tuple[float, float]]] = {}
    for run in standing.runs.values():
        plate = plans.plates.get(run.plate_id)
        if run.end.aborted:
            continue
        if plate is not None and run.took_min > 0:
            minutes.append((run.took_min, plate.minutes))
            by_machine.setdefault(run.machine_id, []).append(minutes[-1])
        if plate is not None and run.used_ml > 0 and plate.resin_ml > 0:
            resin.append((run.used_ml, plate.resin_ml))
    return Estimates(rate_of(minutes), rate_of(resin), {m: rate_of(pairs) for m, pairs in by_machine.items()})
