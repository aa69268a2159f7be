"""Cells a mesh lies over: against a general library's polygons, and by closed form."""

import numpy as np
import pytest
from shapely import Point, box, contains_xy, union_all
from shapely.geometry import Polygon

from helpers import ball_mesh, box_mesh
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.shadows import shadow


def test_a_box_shades_its_cells_and_a_ball_a_disc() -> None:
    assert shadow(box_mesh((4, 2, 9), (0.1, 0.1, 0)), 0.25, 0, 0, 20, 20).sum() == 16 * 8 + 3, (
        "and the cells of its corners"
    )
    disc = shadow(ball_mesh(10.0, (12, 12, 3)), 0.1, 0, 0, 240, 240)
    assert disc.sum() * 0.01 == pytest.approx(np.pi * 100, rel=0.01)


def test_any_triangles_shade_what_a_library_says_they_cover() -> None:
    """Middles of cells within any triangle, however it is turned, and cells with a corner; what lies beside is cut off."""
    dice = np.random.default_rng(7)
    for _ in range(20):
        corners = dice.uniform(-1, 11, (5, 3, 3))
        soup = Mesh(corners.reshape(-1, 3), np.arange(15, dtype=np.int32).reshape(-1, 3))
        found = shadow(soup, 0.5, 0, 0, 20, 20)
        whole = union_all([Polygon(c[:, :2]).buffer(1e-9) for c in corners])
        y, x = (np.indices((20, 20)) + 0.5) * 0.5
        expected = contains_xy(whole, x, y)
        inside = [p for p in corners.reshape(-1, 3)[:, :2] if box(0, 0, 10, 10).contains(Point(p))]
        for px, py in inside:
            expected[int(py / 0.5), int(px / 0.5)] = True
        assert not (expected & ~found).any()
        assert (found & ~expected)[1:-1, 1:-1].sum() == 0


def test_a_bar_thinner_than_a_cell_is_seen_where_its_corners_are() -> None:
    bar = merged([box_mesh((0.01, 0.01, 5), (x, 1.0, 0)) for x in (1.0, 3.0)])
    assert np.flatnonzero(shadow(bar, 0.5, 0, 0, 10, 10).any(axis=0)).tolist() == [2, 6]
