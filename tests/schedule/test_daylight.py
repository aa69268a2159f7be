"""Daylight by the date: as long as almanacs say, and only within the hours there are."""

from __future__ import annotations

from datetime import date, datetime, timedelta

import pytest

from numerus.schedule.attendance import Window
from numerus.schedule.daylight import daylight, in_daylight


@pytest.mark.parametrize(
    ("day", "latitude", "hours"),
    [
        (date(2026, 3, 20), 52, 12.0), (date(2026, 6, 21), 52, 16.5), (date(2026, 12, 21), 52, 7.5),
        (date(2026, 6, 21), 0, 12.0), (date(2026, 12, 21), -52, 16.5), (date(2026, 6, 21), 70, 24.0),
    ],
)  # fmt: skip
def test_days_are_as_long_as_almanacs_say(day: date, latitude: float, hours: float) -> None:
    """Within a quarter of an hour: refraction is left out."""
    window = daylight(day, latitude)
    assert window is not None and window.minutes / 60 == pytest.approx(hours, abs=0.3)


def test_a_polar_night_has_none() -> None:
    """And nothing of an evening lies in it."""
    assert daylight(date(2026, 12, 21), 75) is None
    noon = datetime(2026, 12, 21, 12)
    assert in_daylight([Window(noon, noon + timedelta(hours=1))], 75) == []


def test_only_what_lies_in_both_is_left() -> None:
    """An afternoon ends with the sun; an evening in winter has none, in June it has."""
    winter, summer = datetime(2026, 12, 5), datetime(2026, 6, 6)
    afternoon = Window(winter.replace(hour=14), winter.replace(hour=17))
    evening = Window(winter.replace(hour=20), winter.replace(hour=21))
    (left,) = in_daylight([afternoon, evening])
    assert left.start == afternoon.start and 15.5 < left.end.hour + left.end.minute / 60 < 17
    assert in_daylight([Window(summer.replace(hour=19), summer.replace(hour=20))])
