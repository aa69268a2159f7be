"""Minutes of hands there are by a day, against days walked through one by one."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import date, timedelta

import numpy as np
import pytest

from numerus.domain.army import Army, Day
from numerus.errors import PlanError
from numerus.progress.forecasting.capacity import Capacities, day_of

FIRST = date(2026, 3, 5)


def walked(minutes: Sequence[float], need: float) -> float:
    """The day a need is met, of one who walks through the days: so many minutes have been there by the end of each."""
    before = 0.0
    for day, there in enumerate(minutes):
        if there >= need:
            return day + min(max((need - before) / max(there - before, 1e-9), 0), 1)
        before = there
    return len(minutes)


def test_the_day_a_need_is_met_is_that_of_one_who_walks_through_the_days() -> None:
    """With idle days between, a need met within a day, exactly at its end, at once and never."""
    capacity = np.array([[0.0, 60, 60, 90, 120], [30.0, 30, 30, 30, 30]])
    for need, told in (((60, 30), (2, 1)), ((75, 15), (3.5, 0.5)), ((0, 31), (0, 5)), ((500, 30.1), (5, 5))):
        assert np.allclose(day_of(capacity, np.array(need, float)), told)


@pytest.mark.parametrize("days", [1, 2, 3, 7, 8, 400])
def test_several_needs_of_each_draw_are_met_at_once(days: int) -> None:
    """However many days there are, plateaus and needs nobody meets among them."""
    dice = np.random.default_rng(days)
    capacity = np.cumsum(dice.integers(0, 3, (50, days)) * 30.0, axis=1)
    need = np.concatenate([dice.uniform(0.1, capacity.max() + 20, 40), capacity[40:50, dice.integers(days)]])
    needs = np.stack([need, need + 45, need / 2])
    told = [[walked(own, n) for own, n in zip(capacity.tolist(), row, strict=True)] for row in needs]
    met = needs <= capacity[:, -1]
    assert np.allclose(day_of(capacity, needs)[met], np.array(told)[met])
    assert (day_of(capacity, needs)[~met] >= days - 1).all()


def test_minutes_by_a_day_are_those_of_the_evenings_kept() -> None:
    """Evening by evening: kept where its dice fall below the share, with the extra minutes of a week spread over its days."""
    army = Army("a", "An army", FIRST + timedelta(days=60), evenings_kept=0.6)
    rng = np.random.default_rng(5)
    evenings, slack = rng.random((4, 30)), rng.standard_normal(4)
    capacities = Capacities(evenings)
    for extra in (0.0, 70.0):  # asked twice: what is kept from the first time is not changed by it
        told = capacities.of(army, FIRST, slack, extra)
        for draw in range(4):
            kept, minutes = min(max(0.6 + 0.08 * slack[draw], 0.05), 1.0), 0.0
            for day in range(30):
                planned = army.day(FIRST + timedelta(days=day)).hobby_minutes
                minutes += (planned if evenings[draw, day] < kept else 0) + extra / 7
                assert np.isclose(told[draw, day], minutes)


def test_no_time_at_all_is_said_but_a_further_evening_is_time() -> None:
    """Asked first with that evening and then without, it is said all the same."""
    idle = Army("a", "An army", FIRST, week=(Day(hobby_minutes=0),) * 7)
    capacities = Capacities(np.random.default_rng(1).random((3, 21)))
    assert np.allclose(capacities.of(idle, FIRST, np.zeros(3), 70.0)[:, -1], 210)
    with pytest.raises(PlanError, match="No hobby time"):
        capacities.of(idle, FIRST, np.zeros(3))
