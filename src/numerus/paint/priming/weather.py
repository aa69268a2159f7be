"""May one prime outdoors? Spray cans want 10-30 °C, under 65 % humidity, little wind, and skin well above the dew point."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass
from datetime import datetime

from numerus.paint.air import dew_point_c

Span = tuple[datetime, datetime]
ABOVE_DEW_C = 3.0  # a surface nearer to the dew point than that takes water on (ISO 8502-4)


@dataclass(frozen=True)
class Air:
    """Weather at a moment: °C, relative humidity 0..100, wind in m/s."""

    at: datetime
    celsius: float
    humidity: float
    wind_m_s: float

    @property
    def dew_point_c(self) -> float:
        """°C at which this air's water settles."""
        return dew_point_c(self.celsius, self.humidity)

    @property
    def fit_to_spray(self) -> bool:
        return not self.why_not

    @property
    def why_not(self) -> str:
        if self.celsius < 10:
            return f"too cold, {self.celsius:.0f} °C"
        if self.celsius > 30:
            return f"too hot, {self.celsius:.0f} °C"
        if self.humidity >= 65:
            return f"too damp, {self.humidity:.0f} %"
        if self.celsius - self.dew_point_c < ABOVE_DEW_C:
            return f"too near the dew point, {self.dew_point_c:.0f} °C"
        return f"too windy, {self.wind_m_s:.0f} m/s" if self.wind_m_s >= 4 else ""


def first_fit(airs: Iterable[Air], there: Sequence[Span] | None = None) -> Air | None:
    """The next moment fit for a spray can at which somebody is ``there``, None where the forecast holds none."""
    return next((a for a in airs if a.fit_to_spray and (there is None or _within(a.at, there))), None)


def _within(at: datetime, spans: Sequence[Span]) -> bool:
    return any(start <= at < end for start, end in spans)
