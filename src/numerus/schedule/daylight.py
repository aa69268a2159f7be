"""When there is daylight to judge colours by: from sunrise to sunset, by the date alone at a middle latitude (a default)."""

from __future__ import annotations

import math
from collections.abc import Iterable
from datetime import date, datetime, time, timedelta

from numerus.schedule.attendance import Window

LATITUDE_DEG = 52.0  # (default)
NOON_H = 12.5  # (default) the sun's highest by the clock, over the year and its summer hour
OBLIQUITY_DEG, SOLSTICE_DAY = 23.44, 355


def daylight(day: date, latitude_deg: float = LATITUDE_DEG) -> Window | None:
    """Sunrise to sunset, None in a polar night (Spencer's declination in one harmonic; hour angle by cos h = -tan φ tan δ)."""
    turn = 2 * math.pi * (day.timetuple().tm_yday - SOLSTICE_DAY) / 365.25
    declination = math.radians(-OBLIQUITY_DEG * math.cos(turn))
    cosine = -math.tan(math.radians(latitude_deg)) * math.tan(declination)
    if cosine >= 1:
        return None
    half_h = math.degrees(math.acos(max(cosine, -1.0))) / 15
    noon = datetime.combine(day, time()) + timedelta(hours=NOON_H)
    return Window(noon - timedelta(hours=half_h), noon + timedelta(hours=half_h))


def in_daylight(windows: Iterable[Window], latitude_deg: float = LATITUDE_DEG) -> list[Window]:
    """What of hours is in daylight."""
    lit = []
    for window in windows:
        day = daylight(window.start.date(), latitude_deg)
        start, end = (max(window.start, day.start), min(window.end, day.end)) if day else (window.end, window.start)
        if start < end:
            lit.append(Window(start, end))
    return lit
