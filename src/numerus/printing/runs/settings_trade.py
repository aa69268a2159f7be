"""Faster or surer: what lift speed, layer and exposure make of a run's hours and of its failures.

Failures of other settings are foretold from those of usual ones: a layer is pulled with the root of the lift speed (Stefan 1874, see
``machines.timing``) and holds to the one below by how far its cure reaches beyond its own thickness (working curve, Jacobs 1992,
Rapid Prototyping & Manufacturing); what so is pulled harder than it holds fails oftener by a power, and every layer is one chance
more. What was printed with nearly the same settings counts for itself.
"""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from typing import NamedTuple

from numerus.domain.printing.machines import Machine
from numerus.printing.machines.timing import run_minutes

DEPTH_MM, CURED_LAYERS = 0.1, 2.0  # (defaults) penetration of light; layers deep that usual settings cure
POWER = 2.0  # (default) of pull over hold that failures grow with
LEAST_HOLD, MOST_TIMES = 0.05, 50.0
PRIOR_PARTS = 16.0  # printed parts that what is foretold counts for against what was seen
NEAR = 0.08  # settings no farther apart are the same
AGAIN_HANDS_MIN = 14.0  # (default) of a part printed again: plate, wash, supports and cure
LIFTS, LAYERS, LIGHT = (0.6, 0.8, 1.0, 1.4, 2.0), (0.6, 1.0, 1.6), (0.8, 1.0, 1.25)


class Setting(NamedTuple):
    """Layer mm, seconds of light, lift speed mm/min."""

    layer_mm: float
    exposure_s: float
    lift_mm_per_min: float

    @classmethod
    def of(cls, machine: Machine) -> Setting:
        return cls(machine.layer_mm, machine.exposure_s, machine.lift_mm_per_min)

    def on(self, machine: Machine) -> Machine:
        layer, light, lift = self
        return replace(machine, layer_mm=layer, exposure_s=light, lift_mm_per_min=lift)

    def is_near(self, other: Setting) -> bool:
        return all(abs(a - b) <= NEAR * b for a, b in zip(self, other, strict=True))


class Printed(NamedTuple):
    """Parts that came off a run with a setting: how many failed of how many."""

    setting: Setting
    failed: int
    parts: int


def hold(setting: Setting, usual: Setting) -> float:
    """How far a layer holds to the one below, over how far it does with usual settings (1): what is cured beyond its thickness, as a
    share of that.
    """
    least_s = usual.exposure_s * math.exp(-CURED_LAYERS * usual.layer_mm / DEPTH_MM)
    cured = DEPTH_MM * math.log(max(setting.exposure_s / least_s, 1.0))
    return max((cured / setting.layer_mm - 1) / (CURED_LAYERS - 1), LEAST_HOLD)


def failure_times(setting: Setting, usual: Setting) -> float:
    """How many times as often parts fail as with usual settings."""
    pull = math.sqrt(setting.lift_mm_per_min / usual.lift_mm_per_min)
    chances = usual.layer_mm / setting.layer_mm
    return min((pull / hold(setting, usual)) ** POWER * chances, MOST_TIMES)


@dataclass(frozen=True)
class Trade:
    """One setting of a run: minutes it takes, parts that fail on the mean, how few and many in eight of ten runs, minutes with what is
    printed again, and parts that were printed so already.
    """

    setting: Setting
    minutes: float
    failures: float
    range: tuple[int, int]
    net_min: float
    seen: int


def trade(
    setting: Setting, machine: Machine, heights_mm: Sequence[float], usual_failures: float, record: Iterable[Printed]
) -> Trade:
    """A plate of parts so high; ``usual_failures``: parts of it that fail with the machine as it is, on the mean."""
    usual, many = Setting.of(machine), max(len(heights_mm), 1)
    share = min(usual_failures * failure_times(setting, usual) / many, 0.95)
    near = [p for p in record if p.setting.is_near(setting)]
    failed, parts = sum(p.failed for p in near), sum(p.parts for p in near)
    share = (failed + PRIOR_PARTS * share) / (parts + PRIOR_PARTS)
    minutes = run_minutes(max(heights_mm, default=0.0), setting.on(machine))
    mean = share * many
    again = (1 - math.exp(-mean)) * minutes + mean * AGAIN_HANDS_MIN
    return Trade(setting, minutes, mean, _eight_in_ten(mean), minutes + again, parts)


def _eight_in_ten(mean: float) -> tuple[int, int]:
    """The tenth and ninetieth percentile of a Poisson count."""
    total, chance, low, number = 0.0, math.exp(-mean), -1, 0
    while True:
        total += chance
        low = number if low < 0 and total >= 0.1 else low
        if total >= 0.9:
            return low, number
        number += 1
        chance *= mean / number


def options(machine: Machine) -> list[Setting]:
    """Settings to be weighed: one thing changed at a time, the machine's own first."""
    own = Setting.of(machine)
    lifts = [own._replace(lift_mm_per_min=round(own.lift_mm_per_min * k)) for k in LIFTS]
    layers = [own._replace(layer_mm=round(own.layer_mm * k, 3)) for k in LAYERS]
    light = [own._replace(exposure_s=round(own.exposure_s * k, 1)) for k in LIGHT]
    return list(dict.fromkeys([own, *lifts, *layers, *light]))
