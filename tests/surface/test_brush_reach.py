"""Where a brush comes to: open skin, a slit narrower than the brush, a wall beside it."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.geometry.mesh import merged
from numerus.geometry.rays import RayScene
from numerus.surface.brush_reach import AXES, Brush, brush_reach, free_axes


def test_a_ball_alone_is_reached_wherever_it_is_seen() -> None:
    """All of it, easily."""
    found = brush_reach([("ball", ball_mesh(6.0, (0, 0, 10)))])[0]
    assert found.reached_mm2 == pytest.approx(found.seen_mm2) and found.easy_mm2 == pytest.approx(found.seen_mm2)


def test_the_bottom_of_a_slit_is_reached_by_no_brush_wider_than_it() -> None:
    """A slit 1 mm wide and 8 deep: the cone at its rim is 2.2 mm across; in one 12 mm wide it stands free."""
    for wide, reached in ((1.0, False), (12.0, True)):
        walls = merged(
            [
                box_mesh((10, 40, 8), (-10 - wide / 2, -20, 0)),
                box_mesh((10, 40, 8), (wide / 2, -20, 0)),
                box_mesh((40, 40, 1), (-20, -20, -1)),
            ]
        )
        free = free_axes(np.array([[0.0, 0, 0]]), np.array([[0, 0, 1.0]]), RayScene(walls), Brush(hand_mm=0.01))
        assert (free[0] > 0) == reached


def test_a_hand_needs_more_room_than_the_brush() -> None:
    """A lid 25 mm above a place leaves the brush and stops the hand straight above it."""
    lid = box_mesh((200, 200, 1), (-100, -100, 25))
    place, up = np.array([[0.0, 0, 0]]), np.array([[0, 0, 1.0]])
    brush, hand = (int(free_axes(place, up, RayScene(lid), b)[0]) for b in (Brush(hand_mm=0.01), Brush()))
    assert hand < brush <= AXES


def test_a_cape_left_off_gives_the_back_behind_it_back() -> None:
    """Seen and reached both grow without it; what is reached is never more than what is seen."""
    body, cape = subdivided(box_mesh((10, 10, 20)), 2), subdivided(box_mesh((14, 1, 20), (-2, 11, 0)), 2)
    both = {p.name: p for p in brush_reach([("body", body), ("cape", cape)])}
    alone = brush_reach([("body", body)])[0]
    assert alone.seen_mm2 > both["body"].seen_mm2 and alone.reached_mm2 > both["body"].reached_mm2
    assert all(p.easy_mm2 <= p.reached_mm2 <= p.seen_mm2 for p in both.values())
