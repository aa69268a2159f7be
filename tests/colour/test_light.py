"""Colour against published pairs, closed forms and laws."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.colour.light import (
    delta_e,
    encoded,
    hex_of,
    lab_of,
    linear,
    rgb_of,
    rgb_of_lab,
    value_of,
)

colours = st.tuples(*(st.integers(0, 255) for _ in range(3))).map(lambda c: "#{:02X}{:02X}{:02X}".format(*c))

# From Sharma, Wu & Dalal 2005, table 1.
SHARMA = [
    ((50, 2.6772, -79.7751), (50, 0, -82.7485), 2.0425), ((50, 3.1571, -77.2803), (50, 0, -82.7485), 2.8615),
    ((50, -1.3802, -84.2814), (50, 0, -82.7485), 1.0000), ((50, 0, 0), (50, -1, 2), 2.3669),
    ((50, 2.49, -0.001), (50, -2.49, 0.0009), 7.1792), ((50, 2.49, -0.001), (50, -2.49, 0.0011), 7.2195),
    ((50, -0.001, 2.49), (50, 0.0011, -2.49), 4.7461), ((50, 2.5, 0), (50, 0, -2.5), 4.3065), ((50, 2.5, 0), (73, 25, -18), 27.1492),
    ((50, 2.5, 0), (58, 24, 15), 19.4535), ((60.2574, -34.0099, 36.2677), (60.4626, -34.1751, 39.4387), 1.2644),
    ((22.7233, 20.0904, -46.694), (23.0331, 14.973, -42.5619), 2.0373), ((2.0776, 0.0795, -1.135), (0.9033, -0.0636, -0.5514), 0.9082),
]  # fmt: skip


@pytest.mark.parametrize(("one", "other", "expected"), SHARMA)
def test_ciede2000_of_the_published_pairs(one: tuple, other: tuple, expected: float) -> None:
    """Both ways round, to four places."""
    assert float(delta_e(np.array(one), np.array(other))) == pytest.approx(expected, abs=1e-4)
    assert float(delta_e(np.array(other), np.array(one))) == pytest.approx(expected, abs=1e-4)


@given(colours)
def test_encoding_round_trips_and_difference_to_itself_is_nothing(colour: str) -> None:
    """sRGB to light and back; a colour is nearest to itself."""
    assert hex_of(encoded(linear(rgb_of(colour)))) == colour
    assert float(delta_e(lab_of(rgb_of(colour)), lab_of(rgb_of(colour)))) == pytest.approx(0, abs=1e-9)


def test_value_runs_from_black_to_white() -> None:
    """L* is 0 and 100 at the ends and 53.6 at middle grey 128."""
    assert value_of("#000000") == pytest.approx(0, abs=1e-6)
    assert value_of("#FFFFFF") == pytest.approx(100, abs=0.01)
    assert value_of("#808080") == pytest.approx(53.585, abs=0.01)


@given(colours)
def test_lab_comes_back_as_light(colour: str) -> None:
    """There and back, within the screen's colours."""
    assert hex_of(encoded(rgb_of_lab(lab_of(rgb_of(colour))))) == colour


def test_a_colour_that_is_none_is_refused() -> None:
    """Not six digits."""
    with pytest.raises(ValueError):
        rgb_of("#12")
