"""What straightening asks of a bent part, against the arc itself."""

import numpy as np
import pytest
from scipy.optimize import brentq

from numerus.assembly.warp import COLD_STRAIN, WARM_STRAIN, Warp


@pytest.mark.parametrize(("long", "bow", "wall"), [(50.0, 1.0, 1.0), (30.0, 0.5, 2.0), (80.0, 4.0, 0.8)])
def test_the_strain_is_that_of_the_arc_laid_flat(long: float, bow: float, wall: float) -> None:
    """The arc over a chord with that rise, found by its equation: its outer skin is longer than its middle by half the wall over the radius."""
    radius = brentq(lambda r: r - np.sqrt(r * r - (long / 2) ** 2) - bow, long / 2 + 1e-9, 1e6)
    angle = 2 * np.arcsin(long / 2 / radius)
    outer, middle = (radius + wall / 2) * angle, radius * angle
    assert Warp(long, long, bow, wall).strain == pytest.approx(outer / middle - 1, rel=0.02)


def test_thin_parts_are_straightened_and_thick_ones_printed_again() -> None:
    thin, bar, block = Warp(50, 50, 0.5, 0.8), Warp(50, 50, 3.0, 2.0), Warp(20, 20, 2.0, 6.0)
    assert thin.strain < COLD_STRAIN < bar.strain < WARM_STRAIN < block.strain
    assert "glue sets" in thin.way and "hot water" in bar.way and "print it again" in block.way
    assert Warp(50, 50, 0.0, 2.0).words == "straight, and as long as planned"


def test_a_part_that_shrank_is_told_by_its_share() -> None:
    assert "2.0% shorter than planned" in Warp(50, 49, 0, 1).words and "longer" in Warp(50, 51, 0, 1).words
