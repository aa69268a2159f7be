"""Lived campaigns against what was forecast of them."""

from __future__ import annotations

from datetime import timedelta

import pytest

from numerus.progress.forecasting.campaigns import FIRST, LAST_DRYING, campaign, held
from numerus.schedule.attendance import hours_of


@pytest.mark.parametrize(
    ("pace", "measures", "least"),
    [
        pytest.param(None, True, 0.75, id="who-times-their-steps"),
        pytest.param(1.5, True, 0.75, id="half-as-slow-again"),
        pytest.param(1.5, False, 0.7, id="half-as-slow-again-and-only-ticks"),
    ],
)
def test_the_forecasts_range_holds_the_true_date_as_often_as_it_says(
    pace: float | None, measures: bool, least: float
) -> None:
    """Of sixty seeded campaigns the eighty per cent range holds about so many, and is missed on no side by far more than a tenth."""
    told = [held(campaign(seed, pace, measures)) for seed in range(60)]
    share = sum(low <= true <= high for low, high, true in told) / len(told)
    assert least <= share <= 0.92
    assert all(low < high for low, high, _ in told)
    assert sum(true < low for low, _, true in told) <= 0.25 * len(told)
    assert sum(true > high for _, high, true in told) <= 0.25 * len(told)


def test_ticking_the_plan_teaches_nothing_of_how_long_a_step_takes() -> None:
    """Where steps are only ticked no step counts as measured: what is known is the pace of whole weeks."""
    known = campaign(5, 1.5, False).situation().rates
    assert all(rate.logged == 0 and rate.weeks > 0 for rate in known.values())
    assert min(rate.factor for rate in known.values()) > 1.1


def test_a_campaign_is_lived_the_same_way_twice_and_no_faster_than_its_machines() -> None:
    """Seeded; the last day is not before the last plate can be off, and a figure dries for a day."""
    one = campaign(3)
    assert one.lived() == campaign(3).lived()
    machine = sum(one.plate_min) / len(one.machines)
    assert one.lived() >= FIRST.date() + timedelta(minutes=machine) + LAST_DRYING - timedelta(days=1)
    assert hours_of(one.army, FIRST).attended(FIRST)
