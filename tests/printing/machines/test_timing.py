"""Run time and pull by their formulas."""

from __future__ import annotations

import math
from dataclasses import replace

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st

from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.machines.timing import height_after, layer_count, pull_n, run_minutes
from numerus.printing.supports.style import held_mm2, style_for

MACHINE = Machine("m", "M", layer_mm=0.05, exposure_s=2, bottom_exposure_s=30, bottom_layers=5, rest_before_s=1, rest_after_s=0.5,
                  lift_mm=6, lift_mm_per_min=60, bottom_lift_mm_per_min=30, retract_mm_per_min=120, start_end_s=60)  # fmt: skip


def test_run_time_is_the_sum_over_layers() -> None:
    """Ten layers by hand: five of 30 + 1 + 12 + 3 + 0.5 s, five of 2 + 1 + 6 + 3 + 0.5 s, and 60 s of moves."""
    assert run_minutes(0.5, MACHINE) == pytest.approx((5 * 46.5 + 5 * 12.5 + 60) / 60)


@pytest.mark.parametrize(
    ("height", "layers"), [(0, 0), (0.024, 0), (0.026, 1), (0.05, 1), (0.074, 1), (0.076, 2), (32.0, 640)]
)
def test_a_layer_is_printed_if_its_middle_is_in_the_part(height: float, layers: int) -> None:
    """Layers are sampled at their middles."""
    assert layer_count(height, 0.05) == layers


def test_height_reached_is_that_of_the_layers_done() -> None:
    """Seven layers by hand: five long ones and two short; slow bottom layers are low for their minutes; past the end it is whole."""
    seven = (30 + 5 * 46.5 + 2 * 12.5) / 60
    assert height_after(seven, 20, MACHINE) == pytest.approx(0.35)
    assert height_after(seven - 0.1, 20, MACHINE) == pytest.approx(0.30)
    third = run_minutes(1, MACHINE) / 3
    assert height_after(third, 1, MACHINE) < 1 / 3 * 0.6
    assert height_after(0, 20, MACHINE) == 0 and height_after(2 * run_minutes(20, MACHINE), 20, MACHINE) == 20


def test_pull_is_proportional_to_area() -> None:
    """Twice the area pulls twice; slower lifts pull less."""
    areas = np.array([10.0, 20.0])
    pull = pull_n(areas, MACHINE, Resin("r", "R"))
    assert pull[1] == pytest.approx(2 * pull[0])


@given(st.floats(0.2, 0.8), st.floats(30, 240), st.floats(0.5, 2.0))
def test_a_tip_holds_the_layer_whose_pull_is_what_it_bears(tip_mm: float, lift: float, film: float) -> None:
    """In closed form: its mark times its strength over the film's stress, which grows with the root of the lift's speed."""
    machine, resin = Machine("m", "M", lift_mm_per_min=lift, film_pull=film), Resin("r", "R")
    wanted = math.pi / 4 * tip_mm**2 * resin.tip_n_per_mm2 / (resin.pull_n_per_mm2 * film * math.sqrt(lift / 60))
    assert held_mm2(tip_mm, machine, resin) == pytest.approx(wanted)


def test_tips_stand_closer_where_the_film_holds_harder() -> None:
    """Twice the pull, however it comes about, is borne by half the skin around each tip: spacing falls by the root."""
    resin, usual = Resin("r", "R"), Machine("m", "M")
    apart = style_for("balanced", usual, resin).spacing_mm
    for machine in (replace(usual, film_pull=2.0), replace(usual, lift_mm_per_min=4 * usual.lift_mm_per_min)):
        assert style_for("balanced", machine, resin).spacing_mm == pytest.approx(apart / math.sqrt(2), abs=2e-3)
