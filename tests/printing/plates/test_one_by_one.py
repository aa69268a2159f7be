"""Parts laid one by one: where the head clears what is finished, and why not where it does not."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.printing.plates.one_by_one import one_by_one

SNAIL = Machine("snail", "Snail", 220, 220, 250, kind=FILAMENT, layer_mm=0.1, head_mm=30, gantry_mm=25)
SQUARE = np.array([[0.0, 0], [10, 0], [10, 10], [0, 10]])


def test_far_and_low_parts_go_one_by_one_the_lowest_first() -> None:
    """Only the last may be taller than what the gantry clears."""
    found = one_by_one([SQUARE, SQUARE + [60, 0], SQUARE + [0, 60]], [60.0, 12.0, 20.0], SNAIL)
    assert found.order == (1, 2, 0)


def test_what_is_in_the_way_is_said() -> None:
    """Two tall parts, or two that are too near; half a millimetre decides."""
    tall = one_by_one([SQUARE, SQUARE + [60, 0]], [60.0, 40.0], SNAIL)
    assert not tall.order and "40 mm tall" in tall.why
    near = one_by_one([SQUARE, SQUARE + [39.5, 0]], [20.0, 20.0], SNAIL)
    assert not near.order and "30" in near.why
    assert one_by_one([SQUARE, SQUARE + [40.5, 0]], [20.0, 20.0], SNAIL).order


def test_it_saves_the_hops_and_costs_changes_of_layer() -> None:
    """Two towers of 200 layers: two hops a layer less, 200 changes more."""
    machine = replace(SNAIL, retract_s=1.0, travel_mm_per_s=20.0)
    found = one_by_one([SQUARE, SQUARE + [60, 0]], [20.0, 20.0], machine)
    assert found.saves_min == (200 * 2 * 2.0 - 200) / 60
    assert one_by_one([SQUARE], [20.0], machine).order == (0,)
