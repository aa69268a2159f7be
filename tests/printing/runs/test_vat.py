"""The vat followed from run to run, against what was poured in and used."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime, timedelta

import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.domain.journal import Fact, RunEnded, RunPaused, RunResumed, RunStarted
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord, run_records
from numerus.printing.runs.vat import filling, left_after, levels, rest_of, stands_in

NOW = datetime(2026, 3, 5, 18)
MACHINE = Machine("m", "M", vat_full_ml=300, vat_min_ml=100)
PLATE = Plate("p", "P", "m", "r", (), 30.0, 240.0, 120.0)  # half a ml a minute
PLATES = {"p": PLATE}


def at(minutes: float) -> datetime:
    return NOW + timedelta(minutes=minutes)


def record(*more: Fact, ml: float | None = 200) -> RunRecord:
    told = {} if ml is None else {"vat_ml": ml}
    return run_records([Fact(NOW, RunStarted("p", "m", **told), "run"), *more])["run"]


def test_a_run_takes_from_the_vat_what_it_takes() -> None:
    """So much a minute while it prints, nothing while it stands still, all of it at its end; as the machine told it, if it did."""
    assert left_after(record(), PLATE, MACHINE, at(60)) == pytest.approx(170)
    still = record(Fact(at(60), RunPaused("w"), "run"))
    assert left_after(still, PLATE, MACHINE, at(600)) == pytest.approx(170)
    ended = record(Fact(at(240), RunEnded(), "run"))
    assert stands_in(MACHINE, [ended], PLATES, at(9999)) == pytest.approx(80)
    told = record(Fact(at(240), RunEnded(used_ml=131.0), "run"))
    assert stands_in(MACHINE, [told], PLATES, at(9999)) == pytest.approx(69)
    assert stands_in(MACHINE, [record(ml=None)], PLATES, at(60)) == pytest.approx(270)
    assert stands_in(replace(MACHINE, id="other"), [told], PLATES, at(0)) is None


def test_let_run_fast_it_takes_what_it_printed_not_what_the_clock_says() -> None:
    """Over in two minutes of the clock with all its minutes printed: all its resin is gone from the vat."""
    fast = record(Fact(at(2), RunEnded(minutes=240.0), "run"))
    assert stands_in(MACHINE, [fast], PLATES, at(3)) == pytest.approx(80)
    filled = record(
        Fact(at(1), RunPaused("low"), "run"),
        Fact(at(1), RunResumed(100.0, 150.0), "run"),
        Fact(at(2), RunEnded(minutes=240.0), "run"),
    )
    assert stands_in(MACHINE, [filled], PLATES, at(3)) == pytest.approx(150 - 70)


def test_what_is_filled_up_on_the_way_counts_from_there() -> None:
    """Stopped after an hour, filled to 250 an hour later, printed another hour: 220."""
    run = record(
        Fact(at(60), RunPaused("resin out"), "run"),
        Fact(at(120), RunResumed(vat_ml=250.0), "run"),
        Fact(at(200), RunPaused("by hand"), "run"),
    )
    assert levels(run, MACHINE) == ((0.0, 200), (60.0, 250))
    assert left_after(run, PLATE, MACHINE, at(180)) == pytest.approx(220)
    assert left_after(run, PLATE, MACHINE, at(999)) == pytest.approx(210)


@given(st.floats(10, 400), st.one_of(st.none(), st.floats(0, 300)))
def test_as_much_is_poured_in_as_a_run_takes(ml: float, stands: float | None) -> None:
    """To its least at the end, never over the brim, never less than stands there; where it does not last, it is said when."""
    asked = filling(replace(PLATE, resin_ml=ml), MACHINE, stands)
    assert (stands or 0) - 1 <= asked.start_ml <= 300
    low = asked.low_min(asked.start_ml)
    assert (low is None) == (ml <= 200.01)
    if low is not None:
        assert 300 - ml / 240 * low == pytest.approx(100, abs=0.01)
        assert "runs low after" in asked.description_with(asked.start_ml)
    elif stands is not None and asked.start_ml >= stands + 3:
        assert "pour in" in asked.description_with(asked.start_ml)


def test_when_the_vat_runs_low_is_told_while_it_prints() -> None:
    """With 145 ml after half an hour it has 45 to give, which is an hour and a half; with 205 it lasts."""
    short, long = (rest_of(PLATE, MACHINE, 30, ml) for ml in (145, 205))
    assert short.low_min(145) == pytest.approx(90) and long.low_min(205) is None
    assert (short.needs_ml, short.start_ml) == (pytest.approx(105), 205)
    assert rest_of(PLATE, MACHINE, 240, 100).low_min(100) is None


def test_a_run_done_sooner_than_estimated_used_all_and_a_given_up_one_its_share() -> None:
    """220 of 240 minutes to its own end is the whole plate; given up after half its minutes it is half."""
    done = record(Fact(at(220), RunEnded(minutes=220.0), "run"))
    assert stands_in(MACHINE, [done], PLATES, at(999)) == pytest.approx(80)
    left = record(Fact(at(120), RunEnded(minutes=120.0, aborted=True), "run"))
    assert stands_in(MACHINE, [left], PLATES, at(999)) == pytest.approx(80 + 60)
