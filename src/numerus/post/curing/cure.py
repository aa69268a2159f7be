"""Supports off and curing: the dose by side, in minutes under this lamp."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from numerus.post.supports_off import AFTER, BEFORE, OFF_MIN_PER_TIP, supports_off_min
from numerus.words import counted

TURN_MIN = 1.0  # to turn a load between two sides
MOST_SIDES = 4
THICK_MM = 8.0  # above this the dose is doubled and the part turned half way


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


def lamp_min(dose_j_per_cm2: float, lamp: Lamp = Lamp()) -> float:
    """For how long one load holds the lamp at most: every side, and turning it."""
    return MOST_SIDES * (lamp.minutes_for(dose_j_per_cm2) + TURN_MIN)


def cure_plan(
    thickest_mm: float,
    tips: Mapping[str, int],
    dose_j_per_cm2: float,
    loads: int = 1,
    side_min: float = 0.0,
    lamp: Lamp = Lamp(),
) -> list[CureStep]:
    """Supports that come off before the lamp, the lamp from two sides or, for thick parts, twice from each, for every load, and supports
    that come off after it.
    ``side_min``: as worked out for the parts themselves, which two sides then
    do for; 0 for the lamp's own on what faces it.
    """
    minutes = (side_min or lamp.minutes_for(dose_j_per_cm2)) * loads
    turns = MOST_SIDES if thickest_mm > THICK_MM and not side_min else 2
    sides = [
        CureStep(f"Lamp, side {1 + n % 2}", minutes, False, f"{counted(loads, 'load')}; then turn every part over")
        for n in range(turns)
    ]
    return [*_off(tips, BEFORE), *sides, *_off(tips, AFTER)]


def _off(tips: Mapping[str, int], when: str) -> list[CureStep]:
    """Supports off before or after the lamp, where any are: together they take what the plate takes."""
    count, whole = tips[when], sum(c * OFF_MIN_PER_TIP[w] for w, c in tips.items())
    if not count and (whole or when == AFTER):
        return []
    minutes = supports_off_min(tips) * (count * OFF_MIN_PER_TIP[when] / whole if whole else 1.0)
    return [CureStep("Supports off", minutes, True, f"{counted(count, 'tip')}, {when} the lamp")]
