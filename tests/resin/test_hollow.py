"""Hollow shapes against their formulas: walls as asked, volumes saved, nothing trapped, solid where it is thin."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.errors import GeometryError
from numerus.geometry.health import edges_of
from numerus.geometry.mesh import merged
from numerus.geometry.thickness import thickness
from numerus.resin.hollow import hollow


@pytest.mark.parametrize("wall", [1.5, 2.0, 3.0])
def test_a_ball_is_hollowed_to_its_wall(wall: float) -> None:
    """The wall within a tenth everywhere, the saving by the formula less the drains, closed and drained."""
    made = hollow(ball_mesh(15), wall)
    assert made.min_wall_mm == pytest.approx(wall, rel=0.1)
    bores = 2 * np.pi * 1.5**2 * wall / 1000
    assert made.saved_ml == pytest.approx(4 / 3 * np.pi * (15 - wall) ** 3 / 1000 + bores, rel=0.03)
    assert made.trapped_ml == 0
    assert len(made.drains) == 2
    assert not (edges_of(made.mesh).balance != 0).any()
    walls = thickness(made.mesh)
    away = np.min([np.linalg.norm(walls.point - d.place_mm, axis=1) for d in made.drains], axis=0) > 5
    assert np.quantile(walls.wall_mm[away & (walls.wall_mm < 2 * wall)], [0.02, 0.98]) == pytest.approx(
        [wall, wall], rel=0.1
    )


def test_drains_are_at_the_ends_and_out_of_sight() -> None:
    """One low and one high as printed; on a tall box none in the middle of its front."""
    made = hollow(box_mesh((20, 20, 40), (-10, -10, 0)), 2.0)
    heights = sorted(d.place_mm[2] for d in made.drains)
    assert heights[0] < 10 and heights[1] > 30
    assert min(d.seen for d in made.drains) < 0.2


def test_thin_limbs_stay_solid_and_thin_parts_are_refused() -> None:
    """A rod on a block adds no room; a rod alone has none, and a senseless wall is refused."""
    block, rod = box_mesh((20, 20, 20)), box_mesh((4, 4, 30), (8, 8, 19))
    alone, both = hollow(block, 2.0), hollow(merged([block, rod]), 2.0)
    assert both.saved_ml == pytest.approx(alone.saved_ml, rel=0.05)
    for bad, wall in ((rod, 2.0), (block, 0.1)):
        with pytest.raises(GeometryError):
            hollow(bad, wall)
