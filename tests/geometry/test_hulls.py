"""Plain outlines against brute force."""

from __future__ import annotations

import numpy as np
import pytest

from numerus.geometry.hulls import gap_mm, hull_of


def test_a_hull_holds_its_points() -> None:
    """Random points: none outside; every corner is one of them, and left out it would lie outside."""
    points = np.random.default_rng(5).normal(size=(300, 2)) * [20, 8] + [3, -4]
    hull = hull_of(points)
    assert all(gap_mm(hull, x, y) == pytest.approx(0, abs=1e-9) for x, y in points)
    assert all(gap_mm(np.delete(hull, n, axis=0), *hull[n]) > 0 for n in range(len(hull)))
    doubled = np.repeat(hull, 2, axis=0)  # sides of no length
    assert gap_mm(doubled, 3, -4) == 0 and gap_mm(doubled, 99, 0) == pytest.approx(gap_mm(hull, 99, 0))


def test_a_gap_is_the_way_to_the_nearest_point_of_the_outline() -> None:
    """A square: inside none, beside it straight, at a corner aslant; and as many points along a polygon's edges say."""
    square = np.array([[0.0, 0], [4, 0], [4, 4], [0, 4]])
    assert gap_mm(square, 1, 3) == 0
    assert gap_mm(square, 7, 2) == pytest.approx(3)
    assert gap_mm(square, 7, 8) == pytest.approx(5)
    hull = hull_of(np.random.default_rng(6).normal(size=(50, 2)))
    edges = np.concatenate([np.linspace(a, b, 500) for a, b in zip(hull, np.roll(hull, -1, axis=0), strict=True)])
    assert gap_mm(hull, 9, -5) == pytest.approx(np.hypot(*(edges - [9, -5]).T).min(), rel=1e-3)
