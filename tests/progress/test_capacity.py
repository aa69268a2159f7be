"""Minutes of hands there are by a day, against days walked through one by one."""

from __future__ import annotations

from datetime import date, timedelta

import numpy as np
import pytest

from numerus.domain.army import Army, Day
from numerus.errors import PlanError
from numerus.progress.forecasting.capacity import Capacities, day_of, first_by_halving, prepare

FIRST = date(2026, 3, 5)


def test_the_day_a_need_is_met_is_that_of_one_who_walks_through_the_days() -> None:
    """With idle days between, a need met within a day, exactly at its end, at once and never."""
    capacity = np.array([[0.0, 60, 60, 90, 120], [30.0, 30, 30, 30, 30]])
    for need, told in (((60, 30), (2, 1)), ((75, 15), (3.5, 0.5)), ((0, 31), (0, 5)), ((500, 30.1), (5, 5))):
        assert np.allclose(day_of(capacity, np.array(need, float)), told)


def test_without_the_compiler_the_same_day_is_found() -> None:
    """Halving all rows at once finds what a search row by row finds, plateaus and needs nobody meets among them."""
    dice = np.random.default_rng(3)
    for days in (1, 2, 7, 400):
        capacity = np.cumsum(dice.integers(0, 3, (50, days)) * 30.0, axis=1)
        need = np.concatenate([dice.uniform(-10, capacity.max() + 20, 40), capacity[40:50, dice.integers(days)]])
        told = [int(np.searchsorted(row, n)) for row, n in zip(capacity, need, strict=True)]
        assert first_by_halving(capacity, need).tolist() == told
    prepare()
    assert day_of(capacity, need)[0] == pytest.approx(day_of(capacity[:1], need[:1])[0])


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
