"""Counts and durations are said one way."""

from __future__ import annotations

import pytest

from numerus.words import counted, hours, natural, span, waits


@pytest.mark.parametrize(("number", "said"), [(0, "0 parts"), (1, "1 part"), (2, "2 parts")])
def test_one_thing_has_no_s(number: int, said: str) -> None:
    """Nothing and many do."""
    assert counted(number, "part") == said


def test_one_waits_and_two_wait() -> None:
    """The verb follows."""
    assert (waits(1, "plate"), waits(2, "plate")) == ("1 plate waits", "2 plates wait")


@pytest.mark.parametrize(
    ("minutes", "said"),
    [(0, "0 min"), (0.4, "½ min"), (1, "1 min"), (89, "89 min"), (90, "1 h 30 min"), (605, "10 h 05 min")],
)
def test_spans_are_minutes_until_an_hour_and_a_half(minutes: float, said: str) -> None:
    """Then hours with two figures of minutes."""
    assert span(minutes) == said


def test_hours_have_one_place() -> None:
    """As the band writes them."""
    assert hours(93) == "1.6 h"


def test_names_are_sorted_as_people_count() -> None:
    """Numbers by their value, the rest by letters; a number comes after no number."""
    assert sorted(["head 10", "Head 2", "head", "arm 3"], key=natural) == ["arm 3", "head", "Head 2", "head 10"]
