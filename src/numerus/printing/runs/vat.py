"""The vat followed from run to run: what stands in it, whether a run lasts with that, when it must be filled up."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from datetime import datetime

from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.learned import AS_ESTIMATED, RunFactors
from numerus.printing.runs.run_records import RunRecord
from numerus.words import span

ROUNDING_ML = 0.01
POUR_ML = 3.0  # less is not worth opening a bottle for


def levels(run: RunRecord, machine: Machine, zone: str = "") -> tuple[tuple[float, float], ...]:
    """(minutes printed, ml) whenever it was told what stands in the vat; full at the start where it was not."""
    steps = tuple((run.minutes_at(v.at, zone) if v.minutes is None else v.minutes, v.ml) for v in run.vat_levels)
    return steps if steps and steps[0][0] <= 0 else ((0.0, machine.vat_full_ml), *steps)


def left_after(
    run: RunRecord, plate: Plate, machine: Machine, now: datetime, zone: str = "", factors: RunFactors = AS_ESTIMATED
) -> float:
    """What stands in the vat ``now`` by what the run has used since it was last told: ml."""
    steps = levels(run, machine, zone)
    minute, ml = steps[-1]
    if run.used_ml > 0 and len(steps) == 1:
        return max(ml - run.used_ml, 0.0)
    # What a run told of its minutes counts before the clock: it may have been let run fast.
    by_clock = run.minutes_at(run.ended or now, zone)
    printed = run.took_min if run.ended else 0.0
    # One that was not given up had printed all of it, in however many minutes.
    whole = max(printed if printed > 0 and not run.end.aborted else factors.minutes_of(plate, machine.id), 1e-9)
    done = min(printed or by_clock, whole)
    return max(ml - factors.ml_of(plate) * max(done - minute, 0.0) / whole, 0.0)


def stands_in(
    machine: Machine, runs: Iterable[RunRecord], plates: Mapping[str, Plate], now: datetime, zone: str = "",
    factors: RunFactors = AS_ESTIMATED,
) -> float | None:  # fmt: skip
    """What stands in a machine's vat by its last run: ml, None where no run of it is known."""
    own = [r for r in runs if r.machine_id == machine.id and r.plate_id in plates]
    last = max(own, key=lambda r: r.started, default=None)
    return left_after(last, plates[last.plate_id], machine, now, zone, factors) if last else None


@dataclass(frozen=True)
class Filling:
    """What to pour in before a run starts or goes on.

    ``stands_ml``: what is in the vat by the journal, None where that is not known; ``needs_ml``: what the run still takes, above
    the machine's ``least_ml``; ``start_ml``: what should be in it, as far as it holds so much; ``minutes`` the run still takes.
    """

    stands_ml: float | None
    needs_ml: float
    least_ml: float
    start_ml: float
    minutes: float

    def low_min(self, ml: float) -> float | None:
        """After how many minutes a vat with so much in it falls to the least; None where it lasts."""
        use = ml - self.least_ml
        return None if use >= self.needs_ml - ROUNDING_ML else self.minutes * max(use, 0.0) / self.needs_ml

    def description_with(self, ml: float) -> str:
        """What starting with so much in the vat means."""
        low = self.low_min(ml)
        lasts = "lasts" if low is None else f"runs low after {span(low)}: someone must fill it up"
        if self.stands_ml is None:
            return f"nothing is known of it; {lasts}"
        pour = ml - self.stands_ml
        return f"{self.stands_ml:.0f} stand in it{f', pour in {pour:.0f}' if pour >= POUR_ML else ''}; {lasts}"


def filling(plate: Plate, machine: Machine, stands_ml: float | None, factors: RunFactors = AS_ESTIMATED) -> Filling:
    """Before a run: as much as it takes above the machine's least, if the vat holds that; what stands in it already stays.

    Where resin was weighed or told, what it took at most eight times in ten: a vat too full is no harm, one too empty is.
    """
    ml = plate.resin_ml * max(factors.resin, factors.resin_range[1])
    return _filling(ml, factors.minutes_of(plate, machine.id), machine, stands_ml)


def rest_of(
    plate: Plate, machine: Machine, minutes: float, stands_ml: float, factors: RunFactors = AS_ESTIMATED
) -> Filling:
    """What the rest of a run takes that has printed so many minutes, with so much in its vat."""
    whole = factors.minutes_of(plate, machine.id)
    left = max(whole - minutes, 0.0)
    return _filling(factors.ml_of(plate) * left / max(whole, 1e-9), left, machine, stands_ml)


def _filling(needs_ml: float, minutes: float, machine: Machine, stands_ml: float | None) -> Filling:
    wanted = min(needs_ml + machine.vat_min_ml, machine.vat_full_ml)
    start = max(wanted, min(stands_ml or 0.0, machine.vat_full_ml))
    return Filling(stands_ml, needs_ml, machine.vat_min_ml, math.ceil(start), minutes)
