"""May one prime outdoors? Spray cans want 10-30 °C, under 65 % humidity and little wind."""

from __future__ import annotations

from dataclasses import dataclass
from datetime import datetime


@dataclass(frozen=True)
class Air:
    """Weather at a moment: °C, relative humidity 0..100, wind in m/s."""

    at: datetime
    celsius: float
    humidity: float
    wind_m_s: float

    @property
    def fit_to_spray(self) -> bool:
        return 10 <= self.celsius <= 30 and self.humidity < 65 and self.wind_m_s < 4

    @property
    def why_not(self) -> str:
        if self.celsius < 10:
            return f"too cold, {self.celsius:.0f} °C"
        if self.celsius > 30:
            return f"too hot, {self.celsius:.0f} °C"
        if self.humidity >= 65:
            return f"too damp, {self.humidity:.0f} %"
        return f"too windy, {self.wind_m_s:.0f} m/s" if self.wind_m_s >= 4 else ""


def first_fit(airs: list[Air]) -> Air | None:
    """The next moment fit for a spray can, None where the forecast holds none."""
    return next((a for a in airs if a.fit_to_spray), None)
