"""Dose against closed forms: one lamp on a flat place, turning, shadow, walls."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.geometry.mesh import Mesh, merged
from numerus.post.curing.lamp_dose import Lamp, Station, dose_j_per_cm2, under_target_mm2

UP = (0.0, 0.0, 1.0)


def lone_face(normal_up: bool = True) -> Mesh:
    """A small square about the origin."""
    made = Mesh(
        np.array([[-1, -1, 0], [1, -1, 0], [1, 1, 0], [-1, 1, 0], [0, 0, 0.0]]),
        np.array([[0, 1, 4], [1, 2, 4], [2, 3, 4], [3, 0, 4]], np.int32),
    )
    return made if normal_up else Mesh(made.vertices, made.faces[:, ::-1].copy())


def test_a_lamp_straight_above_gives_power_over_distance_squared() -> None:
    """60 mW/sr at 80 mm for 2 minutes: 60 / 6400 mm² · 100 mm²/cm² · 120 s."""
    lamp = Lamp((0, 0, 80), 60, 1, (0, 0, -1))
    dose = dose_j_per_cm2(lone_face(), Station((lamp,), False), 2.0)
    assert dose[4] == pytest.approx(60 / 6400 * 100 * 120 * 1e-3, rel=1e-3)
    assert dose_j_per_cm2(lone_face(False), Station((lamp,), False), 2.0)[4] == 0


@pytest.mark.parametrize(("aside", "exponent"), [(30.0, 1.0), (45.0, 2.0), (60.0, 3.0)])
def test_light_aside_falls_by_the_lamp_s_and_the_skin_s_cosine(aside: float, exponent: float) -> None:
    """A lamp that looks straight down from aside: cosᵐ of its own angle times the skin's, over the longer way squared."""
    x = 80 * np.tan(np.radians(aside))
    dose = dose_j_per_cm2(lone_face(), Station((Lamp((x, 0, 80), 60, exponent, (0, 0, -1)),), False), 1.0)
    cos = np.cos(np.radians(aside))
    assert dose[4] == pytest.approx(60 * cos**exponent * cos / ((80 / cos) ** 2) * 100 * 60 * 1e-3, rel=2e-3)
    behind = dose_j_per_cm2(lone_face(), Station((Lamp((x, 0, 80), 60, exponent, UP),), False), 1.0)
    assert behind[4] == 0, "none behind a lamp"


def test_a_turning_post_gets_the_mean_over_the_turn() -> None:
    """A side of a box gets 1/π of what it would facing a far lamp all the time; standing it gets all or nothing."""
    post = subdivided(box_mesh((4, 4, 10), (-2, -2, -5)), 2)
    lamp = Lamp((0, -4000, 0), 6e5, 0, (0, 1, 0))
    side = (
        (np.abs(post.vertices[:, 1] + 2) < 1e-9)
        & (np.abs(post.vertices[:, 0]) < 1.5)
        & (np.abs(post.vertices[:, 2]) < 3)
    )
    still, steady = (dose_j_per_cm2(post, Station((lamp,), turns), 3.0)[side] for turns in (False, True))
    assert steady.mean() / still.mean() == pytest.approx(1 / np.pi, rel=0.01)
    four = dose_j_per_cm2(post, Station((lamp,), True, 4), 3.0)[side]
    assert four.mean() / still.mean() == pytest.approx(1 / 4, rel=0.01)


def test_what_stands_between_takes_the_light_and_what_stands_behind_the_lamp_does_not() -> None:
    """A lid at 40 mm, one at 120."""
    lamp = Lamp((0, 0, 80), 60, 1, (0, 0, -1))
    for height, dark in ((40.0, True), (120.0, False)):
        both = merged([lone_face(), box_mesh((20, 20, 1), (-10, -10, height))])
        assert (dose_j_per_cm2(both, Station((lamp,), False), 1.0)[4] == 0) == dark


def test_walls_give_back_their_share_to_what_no_lamp_sees() -> None:
    """Twice the share, twice as much on the shaded side; none without walls."""
    ball = ball_mesh(4.0, (0, 0, 0), 3)
    lamp = Lamp((0, 0, 80), 60, 1, (0, 0, -1))
    shaded = ball.vertex_normals[:, 2] < -0.5
    none, some, twice = (
        dose_j_per_cm2(ball, Station((lamp,), False, 0, r), 1.0)[shaded].mean() for r in (0.0, 0.2, 0.4)
    )
    assert none == 0 and twice == pytest.approx(2 * some) and some > 0
    assert under_target_mm2(ball, np.zeros(len(ball.vertices)), 1.0) == pytest.approx(ball.areas_mm2.sum())
