"""A simulated weather station: seeded air of the coming days, by day warmer and drier."""

from __future__ import annotations

from datetime import datetime, timedelta

import numpy as np

from numerus.paint.priming.weather import Air


def coming_air(now: datetime, days: int = 5, seed: int = 3) -> list[Air]:
    """Air at every third hour from the next full hour on."""
    start = now.replace(minute=0, second=0, microsecond=0) + timedelta(hours=1)
    dice = np.random.default_rng([seed, start.toordinal()])
    mood = np.repeat(dice.normal(0, 1, days + 1), 8)[: days * 8]
    hours = []
    for number, shift in enumerate(mood):
        at = start + timedelta(hours=3 * number)
        day = np.sin((at.hour - 8) / 24 * 2 * np.pi)
        season = np.sin((at.timetuple().tm_yday - 105) / 365 * 2 * np.pi)
        celsius = 10.5 + 7.5 * season + 4 * day + 2.5 * shift
        humidity = float(np.clip(68 - 10 * day - 6 * shift - 5 * season, 30, 98))
        hours.append(
            Air(at, round(float(celsius), 1), round(humidity), round(float(abs(2.4 + 1.5 * dice.normal())), 1))
        )
    return hours
