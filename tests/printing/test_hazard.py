"""How far up parts fail, and when a look at a run is worth it: against dice and against trying every moment."""

from __future__ import annotations

import math
from datetime import datetime, timedelta

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import EVENING
from numerus.book.book import Book
from numerus.domain.journal import Fact, PartOutcome
from numerus.printing.runs.hazard import (
    BANDS_MM,
    PRIOR_FAILURES,
    USUAL_MM,
    Hazard,
    Printed,
    best_look,
    hazard_of,
    stopped_share,
)
from numerus.progress.printing.looking import look_at, look_words
from numerus.progress.printing.planned_runs import next_runs
from numerus.progress.standing import standing
from numerus.schedule.attendance import hours_of

NOON = datetime(2026, 3, 5, 12)


def test_nothing_known_is_the_usual() -> None:
    """One failure in so many mm, wherever; a plate of many parts loses one more likely."""
    hazard = hazard_of([])
    assert hazard.expected(100) == pytest.approx(100 / USUAL_MM)
    assert hazard.any_failed([25.0], 25) == pytest.approx(1 - math.exp(-25 / USUAL_MM))
    assert hazard.any_failed([25.0] * 10, 25) > hazard.any_failed([25.0], 25)


def test_what_failed_low_makes_low_layers_the_dangerous_ones() -> None:
    """Thousands of parts of a known hazard are learned to within their chance."""
    dice = np.random.default_rng(3)
    true = np.where(np.arange(4000) % 4 == 0, dice.uniform(0, 3, 4000), np.inf)  # a quarter fails in the lowest band
    hazard = hazard_of(Printed(20.0, float(t) if t <= 20 else None) for t in true)
    low = hazard.per_mm(0) * 3
    assert low == pytest.approx(-math.log(0.75), rel=0.1)
    assert hazard.per_mm(2) * USUAL_MM < 0.05


@settings(max_examples=40, deadline=None)
@given(
    st.lists(st.tuples(st.floats(2, 80), st.booleans()), max_size=30),
    st.lists(st.floats(5, 70), min_size=1, max_size=6),
    st.floats(1, 80),
)
def test_the_chance_of_any_failure_is_that_of_dice(
    told: list[tuple[float, bool]], heights: list[float], up_to: float
) -> None:
    """Thrown for every part and every tenth of a mm."""
    hazard = hazard_of(Printed(h, h / 2 if fails else None) for h, fails in told)
    step, alive = 0.1, 1.0
    for height in heights:
        for n in range(int(min(height, up_to) / step)):
            band = next(k for k in range(len(BANDS_MM) - 1) if (n + 0.5) * step <= BANDS_MM[k + 1])
            alive *= 1 - hazard.per_mm(band) * step
    assert hazard.any_failed(heights, up_to) == pytest.approx(1 - alive, abs=0.03)


def test_the_look_is_the_best_of_all_moments_and_none_where_none_is_worth_it() -> None:
    """Early enough to save much, late enough that something has failed; a short run is not looked at."""
    hazard = Hazard((5.0, 0, 0, 0, 0, 0), (20.0, 100, 100, 100, 100, 0))
    moments = [(NOON + timedelta(minutes=m), float(m)) for m in range(10, 600, 10)]
    found = best_look(hazard, [40.0] * 8, moments, 600, lambda gone: gone / 15, 0.4)
    assert found is not None
    saved = [hazard.any_failed([40.0] * 8, gone / 15) * 0.4 * (600 - gone) for _, gone in moments]
    assert found.saved_min == pytest.approx(max(saved)) and found.at == moments[int(np.argmax(saved))][0]
    assert found.left_min < 600 and 0 < found.chance < 1
    assert best_look(hazard, [4.0], moments[:1], 12, lambda gone: gone / 3, 0.3) is None
    assert best_look(hazard, [40.0], [], 600, lambda gone: gone, 0.3) is None


def test_plates_that_lost_half_are_those_one_would_stop() -> None:
    """One in three to begin with, then by what happened."""
    assert stopped_share([]) == pytest.approx(1 / 3)
    assert stopped_share([(0, 8)] * 50) == pytest.approx(1 / 3)
    assert stopped_share([(4, 8), (8, 8), (1, 8)] * 30) == pytest.approx((60 + 1) / (90 + 3))
    assert PRIOR_FAILURES > 0


def test_an_army_whose_parts_fail_low_is_told_when_to_look(demo: Book) -> None:
    """Everything printed so far lost: the long run of the bill is worth a look while somebody is there, in words with what it saves."""
    plans, runs = demo.plans, standing(demo.plans, demo.history).runs
    lost = [
        Fact(EVENING, PartOutcome(placed.id, "failed", 2.0), run.run_id)
        for run in runs.values()
        if run.state == "cured" and run.plate_id in plans.plates
        for placed in plans.plates[run.plate_id].placed
    ]
    demo.commit("all lost", facts=lost)
    found = standing(plans, demo.history)
    longest = max(next_runs(plans, found, EVENING).scheduled_runs, key=lambda r: r.minutes)
    hours = hours_of(plans.army, EVENING)
    look = look_at(plans, found, longest.plate, longest.start, longest.minutes, EVENING, hours)
    assert look is not None and hours.attended(look.at) and longest.start < look.at < longest.end
    assert look.chance > 0.5 and look_words(look).startswith(f"Look at {look.at:%H:%M}")
    assert look_words(None).startswith("No look")
