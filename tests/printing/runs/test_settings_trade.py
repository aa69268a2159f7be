"""Faster or surer: hours and failures of other settings, against closed forms and what was printed so."""

from __future__ import annotations

import math

import pytest
from hypothesis import given
from hypothesis import strategies as st
from scipy.stats import poisson

from numerus.domain.printing.machines import Machine
from numerus.printing.machines.timing import run_minutes
from numerus.printing.runs.settings_trade import Printed, Setting, failure_times, hold, options, trade

TEAL = Machine("teal", "Teal")
OWN = Setting.of(TEAL)
HEIGHTS = [30.0] * 12


def test_usual_settings_change_nothing() -> None:
    """And nobody has printed anything: what is told of them is what is foretold."""
    told = trade(OWN, TEAL, HEIGHTS, 0.6, [])
    assert failure_times(OWN, OWN) == pytest.approx(1.0) and hold(OWN, OWN) == pytest.approx(1.0)
    assert told.failures == pytest.approx(0.6) and told.minutes == pytest.approx(run_minutes(30.0, TEAL))


def test_twice_the_lift_is_twice_the_failures_and_shorter() -> None:
    """The root of two pulled, squared."""
    fast = OWN._replace(lift_mm_per_min=2 * OWN.lift_mm_per_min)
    told = trade(fast, TEAL, HEIGHTS, 0.6, [])
    assert told.failures == pytest.approx(1.2) and told.minutes < run_minutes(30.0, TEAL)


def test_a_layer_holds_by_what_is_cured_beyond_it() -> None:
    """By the working curve: as much light as cures three layers holds twice as well as what cures two."""
    deeper = OWN._replace(exposure_s=OWN.exposure_s * math.exp(OWN.layer_mm / 0.1))
    assert hold(deeper, OWN) == pytest.approx(2.0) and failure_times(deeper, OWN) == pytest.approx(0.25)
    halved = OWN._replace(layer_mm=OWN.layer_mm / 2)
    assert hold(halved, OWN) == pytest.approx(3.0)
    assert failure_times(halved, OWN) == pytest.approx(2 / 9), "twice the layers, each held three times as well"


@given(st.floats(1.0, 4.0), st.floats(1.0, 2.0), st.floats(1.0, 3.0))
def test_more_haste_never_fails_less(lift: float, layer: float, light: float) -> None:
    """Faster, thicker, less light: each for itself."""
    for worse in (
        OWN._replace(lift_mm_per_min=OWN.lift_mm_per_min * lift), OWN._replace(exposure_s=OWN.exposure_s / light),
    ):  # fmt: skip
        assert failure_times(worse, OWN) >= 1 - 1e-9
    assert hold(OWN._replace(layer_mm=OWN.layer_mm * layer), OWN) <= 1 + 1e-9


def test_what_was_printed_so_outweighs_what_is_foretold() -> None:
    """A hundred parts of which thirty failed; of other settings they say nothing."""
    fast = OWN._replace(lift_mm_per_min=180.0)
    seen = [Printed(Setting(OWN.layer_mm, OWN.exposure_s, 175.0), 30, 100)]
    told, foretold = (trade(fast, TEAL, HEIGHTS, 0.6, r) for r in (seen, []))
    assert told.seen == 100 and told.failures == pytest.approx(12 * (30 + 16 * foretold.failures / 12) / 116)
    assert trade(OWN, TEAL, HEIGHTS, 0.6, seen).seen == 0


@given(st.floats(0.0, 30.0))
def test_eight_runs_in_ten_lie_within_the_range(usual: float) -> None:
    """The percentiles of a Poisson count."""
    told = trade(OWN, TEAL, [20.0] * 100, usual, [])
    low, high = (int(poisson.ppf(q, told.failures)) for q in (0.1, 0.9))
    assert told.range == (max(low, 0), max(high, 0))


def test_one_thing_is_changed_at_a_time() -> None:
    """And the machine's own settings come first, once."""
    listed = options(TEAL)
    assert listed[0] == OWN and len(set(listed)) == len(listed)
    assert all(sum(a != b for a, b in zip(s, OWN, strict=True)) <= 1 for s in listed)
