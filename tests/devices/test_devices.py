"""Simulated devices: seeded, repeatable, true to the plan."""

from __future__ import annotations

from dataclasses import replace
from datetime import datetime

import pytest

from numerus.devices.air import coming_air
from numerus.devices.printer import FAULTS, SimulatedPrinter
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.printing.machines.timing import run_minutes

MACHINE = Machine("m", "M")
PLATE = Plate(
    "p",
    "P",
    "m",
    "r",
    tuple(Placed(f"i{n}", "part", f"f{n}", "head", 20.0 * n, 20) for n in range(6)),
    30,
    run_minutes(30, MACHINE),
    40,
)


@pytest.mark.parametrize("fault", FAULTS)
def test_the_same_run_shows_the_same_twice(fault: str) -> None:
    """So a program that was killed finds it where it would be."""
    one, other = (SimulatedPrinter(PLATE, MACHINE, 7, fault) for _ in range(2))
    assert [one.reading(m) for m in (0, 50, 500)] == [other.reading(m) for m in (0, 50, 500)]
    assert one.outcomes() == other.outcomes()


def test_a_good_run_grows_to_its_height_and_uses_its_resin() -> None:
    """Layers, resin and time agree at the end."""
    printer = SimulatedPrinter(PLATE, MACHINE, 1, "none")
    end = printer.reading(PLATE.minutes)
    assert (end.state, end.layer, end.minutes_left) == ("finished", end.layers, 0)
    assert end.height_mm == pytest.approx(30)
    assert end.resin_ml == pytest.approx(MACHINE.vat_full_ml - 40)
    assert all(o.outcome != "failed" for o in printer.outcomes())


def test_a_power_cut_stops_every_part_at_one_height() -> None:
    """And says so."""
    printer = SimulatedPrinter(PLATE, MACHINE, 1, "power cut")
    stopped = printer.reading(1e6)
    assert stopped.state == "stopped" and "power cut" in stopped.description
    assert {o.height_mm for o in printer.outcomes()} == {round(stopped.height_mm, 1)}


def test_a_part_that_lets_go_is_one() -> None:
    """Torn off above its supports."""
    failed = [o for o in SimulatedPrinter(PLATE, MACHINE, 3, "one part lets go").outcomes() if o.outcome == "failed"]
    assert len(failed) == 1 and failed[0].height_mm > 0


def test_a_vat_at_its_least_stops_the_machine_until_it_is_filled_up() -> None:
    """With half of what the plate takes it stops half way, filled up and let go on it ends; the level goes down evenly."""
    half = MACHINE.vat_min_ml + PLATE.resin_ml / 2
    short = SimulatedPrinter(PLATE, MACHINE, 1, "none", levels=((0.0, half),))
    stopped = short.reading(PLATE.minutes)
    assert stopped.state == "stopped" and "resin out" in stopped.description
    assert stopped.resin_ml == pytest.approx(MACHINE.vat_min_ml)
    assert short.reading(PLATE.minutes / 4).resin_ml == pytest.approx(half - PLATE.resin_ml / 4)
    filled = replace(short, resumed=True, levels=((0.0, half), (PLATE.minutes / 2, MACHINE.vat_full_ml)))
    assert filled.reading(PLATE.minutes).state == "finished"
    assert any(o.looks == "a line where it stood still" for o in filled.outcomes())
    assert replace(short, resumed=True).reading(PLATE.minutes).state == "stopped"


def test_faults_are_drawn_about_as_often_as_meant() -> None:
    """Most runs are good."""
    drawn = [SimulatedPrinter(PLATE, MACHINE, seed).drawn_fault for seed in range(400)]
    assert 0.5 < drawn.count("none") / 400 < 0.75
    assert set(drawn) == set(FAULTS)


def test_the_air_is_repeatable_and_plausible() -> None:
    """Every third hour, within what a year brings."""
    airs = coming_air(datetime(2026, 7, 1, 9))
    assert airs == coming_air(datetime(2026, 7, 1, 9))
    assert all(-20 < a.celsius < 45 and 0 < a.humidity <= 100 for a in airs)
