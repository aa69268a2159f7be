"""Weather comes in by files and goes out again; what is wrong in one is told by its hour; cold skin near the dew point takes no paint."""

from __future__ import annotations

import json
from datetime import datetime, timedelta

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.errors import PlanError
from numerus.paint.priming.weather import Air, first_fit
from numerus.paint.priming.weather_file import air_from, air_text, read_air

AT = datetime(2026, 3, 5, 18)
HOURS = [Air(AT + timedelta(hours=3 * n), 12.5 - n, 50 + n, 1.5) for n in range(6)]


def test_what_is_written_is_read_again_in_either_format() -> None:
    """In order of time, whatever order it stands in."""
    assert read_air(air_text(HOURS)) == HOURS
    rows = [
        {"time": a.at.isoformat(), "celsius": a.celsius, "humidity": a.humidity, "wind_m_s": a.wind_m_s}
        for a in reversed(HOURS)
    ]
    assert read_air(json.dumps(rows)) == HOURS and read_air(json.dumps({"hours": rows})) == HOURS


@pytest.mark.parametrize(
    ("text", "says"),
    [
        ("time,celsius,humidity,wind_m_s\n2026-03-05T18:00,cold,50,1", "Hour 1"),
        ("time,celsius,humidity\n2026-03-05T18:00,10,50", "wind_m_s"),
        ("time,celsius,humidity,wind_m_s\n2026-03-05T18:00,10,150,1", "humidity is 150"),
        ('{"days": []}', "no list"),
        ("[1, 2]", "no list"),
        ("[", "no JSON"),
        ("time,celsius,humidity,wind_m_s\n", "no hour"),
        ("time,celsius,humidity,wind_m_s\n2026-03-05T18:00,nan,50,1", "no air has"),
    ],
)  # fmt: skip
def test_what_is_wrong_in_a_file_is_told(text: str, says: str) -> None:
    """By the hour and the column."""
    with pytest.raises(PlanError, match=says):
        read_air(text)


def test_only_what_is_still_to_come_counts() -> None:
    """The hour that is now as well; a file that has ended tells nothing."""
    text = air_text(HOURS)
    assert air_from(text, AT + timedelta(hours=4)) == HOURS[1:]
    assert air_from(text, AT + timedelta(days=3)) == [] and air_from("", AT) == []


@given(st.floats(-20, 45), st.floats(1, 100))
def test_at_the_dew_point_the_air_is_full(celsius: float, humidity: float) -> None:
    """Vapour over water at the dew point (by another formula, of Buck 1981) is what the air holds: within two parts in a hundred."""

    def vapour(c: float) -> float:
        return float(6.1121 * np.exp((18.678 - c / 234.5) * c / (257.14 + c)))

    air = Air(AT, celsius, humidity, 0)
    assert air.dew_point_c <= celsius + 1e-9
    if air.dew_point_c > -40:
        assert vapour(air.dew_point_c) == pytest.approx(vapour(celsius) * humidity / 100, rel=0.03)


def test_the_hour_must_be_one_at_which_somebody_is_there() -> None:
    """Fit at noon and at six: who comes home at five sprays at six."""
    noon, six = Air(AT.replace(hour=12), 15, 50, 1), Air(AT, 15, 50, 1)
    assert first_fit([noon, six]) == noon
    assert first_fit([noon, six], [(AT - timedelta(hours=1), AT + timedelta(hours=4))]) == six
    assert first_fit([noon, six], []) is None
