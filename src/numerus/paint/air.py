"""Water in air: what it holds, where it settles, and how hard it pulls water out of a film."""

from __future__ import annotations

import math
from dataclasses import dataclass

from numerus.domain.army import USUAL_CELSIUS, USUAL_HUMIDITY

SLOPE, OFFSET_C, AT_ZERO_HPA = 17.625, 243.04, 6.1094  # Magnus formula with the constants of Alduchov and Eskridge 1996


def saturation_hpa(celsius: float) -> float:
    """Pressure of water vapour in air that holds no more."""
    return AT_ZERO_HPA * math.exp(SLOPE * celsius / (OFFSET_C + celsius))


def dew_point_c(celsius: float, humidity: float) -> float:
    """°C at which this air's water settles; ``humidity`` relative, 0..100."""
    share = math.log(max(humidity, 1.0) / 100) + SLOPE * celsius / (OFFSET_C + celsius)
    return OFFSET_C * share / (SLOPE - share)


@dataclass(frozen=True)
class BenchAir:
    """Where paint dries: °C and relative humidity 0..100, as an army's owner told them, else a heated room's (defaults)."""

    celsius: float = USUAL_CELSIUS
    humidity: float = USUAL_HUMIDITY

    @property
    def pull_hpa(self) -> float:
        """By how much the vapour over a wet film exceeds that of the air: what water leaves it by (Dalton 1802)."""
        return saturation_hpa(self.celsius) * (1 - self.humidity / 100)
