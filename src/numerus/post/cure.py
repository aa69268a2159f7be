"""Supports off and curing: the dose by side, in minutes under this lamp."""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import dataclass

from numerus.words import counted, span

MOST_NAMED = 3

OFF_MIN_PER_TIP = {"before": 0.03, "after": 0.06}  # warm and soft they fall away; cured they are cut one by one
OFF_LEAST_MIN = 2.0
USUAL_TIPS = 330  # on a plate that is not laid yet (default)
TURN_MIN = 1.0  # to turn a load between two sides
MOST_SIDES = 4
THICK_MM = 8.0  # above this the dose is doubled and the part turned half way
SUPPORT_SCHOOLS = ("before", "after")
USUAL_TIP_MM = 0.45  # (default) across the mark a tip leaves
TORN_SHARE = {"before": 1.0, "after": 1.4}  # (default) of a tip's section: hard resin takes skin along
FRAGILE_MM = 0.8  # walls that hard resin chips at


@dataclass(frozen=True)
class Lamp:
    """A curing lamp: light power at the part in mW/cm² at ``distance_mm``; falls with distance."""

    name: str = "Bench lamp"
    mw_per_cm2: float = 10.0
    distance_mm: float = 80.0

    def minutes_for(self, dose_j_per_cm2: float, distance_mm: float | None = None) -> float:
        """Dose = power x time; power falls with distance as a line of lights does, in proportion."""
        power = self.mw_per_cm2 * self.distance_mm / (distance_mm or self.distance_mm)
        return dose_j_per_cm2 * 1000 / power / 60


@dataclass(frozen=True)
class CureStep:
    title: str
    minutes: float
    hands: bool
    detail: str


def supports_off_min(tips: int, school: str) -> float:
    """Minutes of hands to take so many tips off, by school."""
    return max(OFF_LEAST_MIN, tips * OFF_MIN_PER_TIP[school])


@dataclass(frozen=True)
class SupportsOff:
    """Taking the supports of a plate off by one school: minutes of hands, mm² of marks, the thin parts that may chip."""

    school: str
    tips: int
    minutes: float
    marks_mm2: float
    may_chip: tuple[str, ...] = ()

    @property
    def description(self) -> str:
        costs = f"{span(self.minutes)}, about {self.marks_mm2:.0f} mm² of marks"
        if self.school == "before":
            raw = f"{counted(self.tips, 'touch')} of raw resin: gloves, warm water only once the solvent is gone"
            return f"Before the lamp: {costs}; {raw}."
        chips = f"; may chip: {', '.join(self.may_chip[:MOST_NAMED])}" if self.may_chip else "; nothing on it is thin"
        more = f" and {len(self.may_chip) - MOST_NAMED} more" if len(self.may_chip) > MOST_NAMED else ""
        return f"After it: {costs}{chips}{more}."


def supports_off(school: str, parts: Sequence[tuple[str, int, float]]) -> SupportsOff:
    """Of parts by name with how many tips each has and how thin it is, mm (0: not measured)."""
    tips = sum(count for _, count, _ in parts)
    marks = tips * math.pi / 4 * USUAL_TIP_MM**2 * TORN_SHARE[school]
    thin = tuple(dict.fromkeys(name for name, count, mm in parts if count and 0 < mm < FRAGILE_MM))
    return SupportsOff(school, tips, supports_off_min(tips, school), marks, thin if school == "after" else ())


def lamp_min(dose_j_per_cm2: float, lamp: Lamp = Lamp()) -> float:
    """For how long one load holds the lamp at most: every side, and turning it."""
    return MOST_SIDES * (lamp.minutes_for(dose_j_per_cm2) + TURN_MIN)


def cure_plan(
    thickest_mm: float,
    tips: int,
    school: str,
    dose_j_per_cm2: float,
    loads: int = 1,
    side_min: float = 0.0,
    lamp: Lamp = Lamp(),
) -> list[CureStep]:
    """Supports off by the chosen school, then the lamp from two sides or, for thick parts, twice from each, for every load.
    ``side_min``: as worked out for the parts themselves, which two sides then
    do for; 0 for the lamp's own on what faces it.
    """
    minutes = (side_min or lamp.minutes_for(dose_j_per_cm2)) * loads
    turns = MOST_SIDES if thickest_mm > THICK_MM and not side_min else 2
    sides = [
        CureStep(f"Lamp, side {1 + n % 2}", minutes, False, f"{counted(loads, 'load')}; then turn every part over")
        for n in range(turns)
    ]
    off = CureStep("Supports off", supports_off_min(tips, school), True, f"{counted(tips, 'tip')}, {school} the lamp")
    return [off, *sides] if school == "before" else [*sides, off]
