"""How long paint stays wet."""

from __future__ import annotations

from dataclasses import replace

import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.domain.painting.paints import Paint
from numerus.domain.painting.recipes import FinishStep, Placing, RecipeStep, Scheme
from numerus.paint.air import BenchAir, dew_point_c
from numerus.paint.drying import FASTEST, SLOWEST, Drying, spirit_times, water_times
from numerus.paint.rack.pots import Rack

BASE = RecipeStep("s", "Base", "base", (("tallow", 1.0),), 0.5, "round 2", 4.0, 20.0)
RACK = Rack(
    {p: Paint(p, p, "", "#806040", 17.0, kind=kind) for p, kind in (("tallow", "opaque"), ("tar", "enamel"))}, {}
)
DAMP = BenchAir(16.0, 75.0)
# Saturation pressures in hPa at 0, 10, 20, 30 °C, from steam tables.
STEAM = {0.0: 6.11, 10.0: 12.28, 20.0: 23.39, 30.0: 42.47}


def test_a_recipes_minutes_hold_for_one_usual_coat_in_a_heated_room() -> None:
    """Nothing is changed where nothing is told."""
    assert Drying(RACK).stroke_min(BASE) == pytest.approx(20.0)


@pytest.mark.parametrize("celsius", STEAM)
@pytest.mark.parametrize("humidity", [30.0, 60.0, 80.0])
def test_water_leaves_by_what_steam_tables_leave_room_for(celsius: float, humidity: float) -> None:
    """Twice the room for vapour, half the time."""
    room = STEAM[celsius] * (1 - humidity / 100)
    wanted = min(max(STEAM[20.0] * 0.5 / room, FASTEST), SLOWEST)
    assert water_times(BenchAir(celsius, humidity)) == pytest.approx(wanted, rel=0.01)


@given(st.floats(0, 45), st.floats(5, 98), st.floats(0.1, 10))
def test_colder_or_damper_air_never_dries_faster(celsius: float, humidity: float, more: float) -> None:
    """In any room."""
    here = BenchAir(celsius, humidity)
    assert water_times(BenchAir(celsius, min(humidity + more, 98.0))) >= water_times(here) - 1e-9
    assert water_times(BenchAir(max(celsius - more, 0.0), humidity)) >= water_times(here) - 1e-9
    assert spirit_times(BenchAir(celsius, 5.0)) == spirit_times(BenchAir(celsius, 98.0))


def test_air_at_its_dew_point_takes_nothing_on() -> None:
    """There the vapour of air is that of saturated air."""
    dew = dew_point_c(20.0, 50.0)
    assert BenchAir(dew, 0.0).pull_hpa == pytest.approx(BenchAir(20.0, 50.0).pull_hpa, rel=1e-6)
    assert water_times(BenchAir(dew, 98.0)) == SLOWEST


def test_each_coat_waits_for_the_one_below() -> None:
    """Two coats dry twice."""
    assert Drying(RACK).stroke_min(replace(BASE, coats=2)) == pytest.approx(40.0)


def test_what_is_laid_thicker_or_thinner_dries_by_the_water_in_it() -> None:
    """A fifth more film, a fifth longer; a neat coat of 0.40 solids holds 0.60 water, one thinned by half 0.733."""
    drying = Drying(RACK)
    assert drying.stroke_min(replace(BASE, placing=Placing(amount=1.2))) == pytest.approx(24.0)
    assert drying.stroke_min(replace(BASE, thinner=0.0)) == pytest.approx(20.0 * 0.60 / (1 - 0.40 / 1.5))
    dabs = replace(BASE, technique="stipple", thinner=0.0, placing=Placing(amount=2.0))
    assert drying.stroke_min(dabs) == pytest.approx(20.0), "twice as many dabs are no thicker"


def test_damp_air_holds_water_up_and_leaves_spirit_alone() -> None:
    """Enamel asks only how warm it is; a mix by its parts."""
    water, spirit = water_times(DAMP), spirit_times(DAMP)
    assert water > 2.0 and spirit == pytest.approx(2**0.4)
    drying = Drying(RACK, DAMP)
    assert drying.stroke_min(BASE) == pytest.approx(20.0 * water)
    half = replace(BASE, mix=(("tallow", 1.0), ("tar", 1.0)), thinner=1.0)
    assert drying.stroke_min(half) == pytest.approx(20.0 * (water + spirit) / 2)


def test_a_paint_that_is_gone_dries_as_usual() -> None:
    """Nothing is known of it but the recipe's minutes."""
    assert Drying(Rack({}, {}), DAMP).stroke_min(BASE) == pytest.approx(20.0 * water_times(DAMP))


def test_primer_and_finish_dry_by_what_they_are() -> None:
    """A can holds spirit, an airbrush water; glue takes its time."""
    drying, scheme = Drying(RACK, DAMP), Scheme("s", "s", ())
    assert drying.prime_min(scheme) == pytest.approx(30.0 * water_times(DAMP))
    assert drying.prime_min(replace(scheme, prime_school="can")) == pytest.approx(30.0 * spirit_times(DAMP))
    steps = [FinishStep(n, n, 2.0, 100.0) for n in ("Matt varnish", "Oil wash", "Glue the base")]
    wanted = [100 * water_times(DAMP), 100 * spirit_times(DAMP), 100.0]
    assert [drying.finish_min(s) for s in steps] == pytest.approx(wanted)
