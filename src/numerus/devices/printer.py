"""A simulated printer: it prints a plate on an accelerated clock, with temperature, resin level and seeded faults.

A pure function of (plate, machine, seed, minutes elapsed): asking twice gives the same answer, and a program that was
killed finds the run where it would be. Anything that can answer ``reading`` the same way may stand in its place.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.journal import PartOutcome
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import height_after, layer_count, layers_after
from numerus.printing.runs.run_records import FAILED, FLAWED, GOOD

FAULTS = ("none", "one part lets go", "power cut", "resin out", "weak corner")
_ODDS = (0.62, 0.20, 0.05, 0.05, 0.08)
LOOSE, LINE = "torn off its supports", "a line where it stood still"
ROOM_C, WARM_C, WARMING_MIN = 19.0, 24.5, 40.0


@dataclass(frozen=True)
class Reading:
    """What the machine shows: state is printing, stopped or finished; ``description`` explains a stop."""

    state: str
    layer: int
    layers: int
    height_mm: float
    minutes_left: float
    celsius: float
    resin_ml: float
    description: str = ""


@dataclass(frozen=True)
class SimulatedPrinter:
    """One run of one plate; ``fault`` "" draws one by the seed. ``resumed``: it was let go on after it had stopped.

    ``levels``: (minutes printed, ml) whenever the vat was filled up to so much; where nothing is told, enough stood in it.
    """

    plate: Plate
    machine: Machine
    seed: int
    fault: str = ""
    resumed: bool = False
    levels: tuple[tuple[float, float], ...] = ()

    def _dice(self) -> np.random.Generator:
        return np.random.default_rng([self.seed, len(self.plate.placed)])

    @property
    def drawn_fault(self) -> str:
        return self.fault or str(self._dice().choice(FAULTS, p=_ODDS))

    def _stop(self) -> tuple[float, str]:
        """The minute the run ends and why: whole (""), or where a power cut or a vat at its least stops it."""
        share, minutes = self._dice().uniform(0.25, 0.9), self.plate.minutes
        struck = self.drawn_fault in ("power cut", "resin out") and not self.resumed
        minute, ml = self._level
        dry = minute + max(ml - self.machine.vat_min_ml, 0.0) / self._ml_per_min
        events = [(minutes * share, self.drawn_fault)] if struck else []
        return min([*events, (dry, "resin out"), (minutes, "")])

    @property
    def _level(self) -> tuple[float, float]:
        """When the vat was last filled up, and to what."""
        return self.levels[-1] if self.levels else (0.0, max(self.machine.vat_full_ml, self._lasting_ml))

    @property
    def _lasting_ml(self) -> float:
        return self.plate.resin_ml + self.machine.vat_min_ml + 1e-6

    @property
    def _ml_per_min(self) -> float:
        return max(self.plate.resin_ml / max(self.plate.minutes, 1e-9), 1e-9)

    def _ml_at(self, done: float) -> float:
        """What stands in the vat; where it runs out before its time, less was in it than was told."""
        stop, why = self._stop()
        if why == "resin out":
            return self.machine.vat_min_ml + self._ml_per_min * (stop - done)
        minute, ml = self._level
        return max(ml - self._ml_per_min * max(done - minute, 0.0), 0.0)

    @property
    def _first_stop(self) -> tuple[float, str]:
        """Where it stopped first, resumed or not."""
        return replace(self, resumed=False, levels=self.levels[:1])._stop()

    def reading(self, minutes: float) -> Reading:
        """What the machine shows ``minutes`` after its start."""
        stop, why = self._stop()
        done = min(max(minutes, 0.0), stop)
        height = height_after(done, self.plate.height_mm, self.machine)
        layers = layer_count(self.plate.height_mm, self.machine.layer_mm)
        layer = layers_after(done, self.plate.height_mm, self.machine)
        celsius = WARM_C - (WARM_C - ROOM_C) * np.exp(-done / WARMING_MIN) + 0.15 * np.sin(done / 7)
        state = "printing" if minutes < stop else "stopped" if why else "finished"
        description = "" if state != "stopped" else f"{why} at {height:.1f} mm"
        left = max(self.plate.minutes - done, 0.0)
        return Reading(state, layer, layers, height, left, float(celsius), self._ml_at(done), description)

    def outcomes(self) -> list[PartOutcome]:
        """What became of each part, seeded."""
        dice, fault = self._dice(), self.drawn_fault
        stopped_min, stops = self._first_stop
        stop_height = height_after(stopped_min, self.plate.height_mm, self.machine)
        victim = int(dice.integers(len(self.plate.placed))) if self.plate.placed else -1
        outcomes = []
        for number, placed in enumerate(self.plate.placed):
            roll = dice.uniform()
            if stops and self.resumed:
                line = (
                    (FAILED, round(stop_height, 1), LOOSE)
                    if roll < 0.1
                    else (FLAWED, 0.0, LINE)
                    if roll < 0.6
                    else (GOOD, 0.0, "")
                )
                outcomes.append(PartOutcome(placed.id, *line))
            elif stops:
                outcomes.append(PartOutcome(placed.id, FAILED, round(stop_height, 1), "stops level all round"))
            elif fault == "one part lets go" and number == victim:
                outcomes.append(
                    PartOutcome(
                        placed.id, FAILED, round(2 + 0.5 * roll * self.plate.height_mm, 1), "torn off its supports"
                    )
                )
            elif fault == "weak corner" and placed.x_mm < 35 and placed.y_mm < 30:
                outcomes.append(
                    PartOutcome(
                        placed.id, FAILED if roll < 0.7 else FLAWED, round(1 + 6 * roll, 1), "soft and half made"
                    )
                )
            else:
                outcomes.append(PartOutcome(placed.id, FLAWED if roll > 0.97 else GOOD, 0.0, ""))
        return outcomes
