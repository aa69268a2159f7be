"""Seeded weeks of a simulated machine with one fault each, and whether the inquest finds it: how well causes are told apart."""

from __future__ import annotations

from collections import Counter
from datetime import datetime, timedelta

import numpy as np

from numerus.devices.printer import SimulatedPrinter
from numerus.diagnosis.failure_diagnosis import Circumstances, FailureDiagnosis, diagnose_failure
from numerus.domain.machines import Machine
from numerus.domain.plates import Placed, Plate
from numerus.printing.runs.run_records import FAILED, RunRecord

RUNS = 5  # of a week
FIRST = datetime(2026, 3, 2, 19)
CAUSES_OF = {
    "one part lets go": ("tips", "cup"), "power cut": ("power",), "resin out": ("resin",), "weak corner": ("screen", "film"),
}  # fmt: skip
"""What each simulated fault is in the inquest's words; a dim corner and a clouded film leave the same parts."""


def _plate(dice: np.random.Generator, number: int, machine: Machine, thirsty: bool) -> Plate:
    count = int(dice.integers(8, 20))
    room = np.array([machine.plate_x_mm, machine.plate_y_mm])
    places = dice.uniform(12, room - 12, (count, 2))
    placed = tuple(
        Placed(f"{number}-{k}", f"part-{k % 6}", f"f{k}", "head", float(x), float(y)) for k, (x, y) in enumerate(places)
    )
    ml = machine.vat_full_ml * (0.98 if thirsty else float(dice.uniform(0.1, 0.6)))
    return Plate(f"p{number}", f"Plate {number}", machine.id, "r", placed, float(dice.uniform(18, 60)), 180.0, ml)


def _record(plate: Plate, number: int, seed: int, fault: str, machine: Machine) -> RunRecord:
    outcomes = SimulatedPrinter(plate, machine, seed, fault).outcomes()
    at = FIRST + timedelta(days=number)
    return RunRecord(
        f"r{number}",
        plate.id,
        machine.id,
        at,
        at,
        {o.placed: o for o in outcomes},
        False,
        False,
    )


def week(seed: int, machine: Machine | None = None) -> tuple[str, FailureDiagnosis | None]:
    """One week: its fault, and the inquest of the first run that failed in part; None where none did.

    A weak corner is there all week, the other faults strike once.
    """
    machine, dice = machine or Machine("m", "Trial"), np.random.default_rng(seed)
    fault = str(dice.choice(list(CAUSES_OF)))
    struck = int(dice.integers(1, RUNS))
    told: list[tuple[RunRecord, Plate]] = []
    found = None
    for number in range(RUNS):
        now = fault if fault == "weak corner" or number == struck else "none"
        plate = _plate(dice, number, machine, now == "resin out")
        record = _record(plate, number, seed * RUNS + number, now, machine)
        if any(o.outcome == FAILED for o in record.outcomes.values()):
            found = diagnose_failure(record, plate, told, Circumstances(machine=machine))
        told.append((record, plate))
    return fault, found


def confusion(seeds: range) -> tuple[Counter[tuple[str, str]], float]:
    """How often each fault had which cause named first, and the share of weeks with the true one among the first two."""
    table: Counter[tuple[str, str]] = Counter()
    right, judged = 0, 0
    for seed in seeds:
        fault, found = week(seed)
        if found is None or not found.causes:
            continue
        judged += 1
        table[fault, found.causes[0].key] += 1
        right += bool({c.key for c in found.causes[:2]} & set(CAUSES_OF[fault]))
    return table, right / max(judged, 1)
