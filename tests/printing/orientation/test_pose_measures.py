"""Poses against shapes whose answers are known."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.errors import Cancelled
from numerus.geometry.mesh import merged, turning_up
from numerus.printing.machines.resting import LIFT_MM
from numerus.printing.orientation.orientation_search import Weights, directions, search
from numerus.printing.orientation.pose_measures import SCHOOLS, candidates, in_words, measure, posed, school_up
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


@pytest.mark.parametrize("up", [(0, 0, 1), (0, 0, -1), (1, 2, 3), (-1, 0.2, -0.4)])
def test_turning_brings_the_direction_up_and_changes_no_length(up: tuple) -> None:
    """A rotation, not a mirror."""
    turn = turning_up(up)
    assert turn @ (np.array(up) / np.linalg.norm(up)) == pytest.approx([0, 0, 1])
    assert turn @ turn.T == pytest.approx(np.eye(3))
    assert np.linalg.det(turn) == pytest.approx(1)


def test_directions_are_spread_evenly() -> None:
    """They sum to nearly nothing and no cap is empty."""
    ups = directions(1500)
    assert np.linalg.norm(ups.mean(axis=0)) < 1e-3
    assert (ups @ np.array([0.6, -0.64, 0.48])).max() > 0.995


def test_a_flat_box_standing_on_its_face_needs_no_support() -> None:
    """Its largest layer is its footprint, its volume its own, no island."""
    box = box_mesh((20, 10, 5))
    cost = measure(box, fields_of(box), "stands", school_up("stands"), MACHINE, RESIN)
    assert (cost.islands, cost.support_mm2, cost.height_mm) == (0, 0, pytest.approx(5))
    assert cost.peak_mm2 == pytest.approx(200, rel=0.02)
    assert cost.volume_ml == pytest.approx(1.0, rel=0.02)


def test_a_mushroom_shows_its_cap() -> None:
    """Upright the cap's underside must be held: its area, not the stalk's."""
    cap = merged([box_mesh((4, 4, 10), (-2, -2, 0)), box_mesh((16, 16, 2), (-8, -8, 10))])
    cost = measure(cap, fields_of(cap), "stands", school_up("stands"), MACHINE, RESIN)
    assert cost.support_mm2 == pytest.approx(16 * 16, rel=0.08)


def test_the_best_found_has_least_regret_of_all_tried() -> None:
    """And following only time it is as low as any direction."""
    part = mesh("arm_R_hook")
    found = search(part, fields_of(part), Weights(*(1.0 * (k == 3) for k in range(11))), 400)
    assert found.cost("time")[found.best] == found.cost("time").min()
    height = posed(part, found.ups[found.best]).extents_mm[2]
    assert height + LIFT_MM == pytest.approx(found.cost("time").min(), rel=0.02)


def test_all_schools_are_offered_and_compared_in_words() -> None:
    """Four candidates of a demo part, and a sentence that names a gain."""
    costs, _ = candidates(mesh("head_hat"), MACHINE, RESIN)
    assert tuple(c.school for c in costs) == SCHOOLS
    assert "min" in in_words(costs[2], costs[0])
    assert in_words(costs[0], costs[0]) == "no difference that matters"


def test_a_balls_exposure_is_greatest_above_and_nothing_below() -> None:
    """Viewers stand around the table and look down."""
    ball = ball_mesh(5)
    show = fields_of(ball).show
    up = ball.normals[:, 2]
    assert show[up < -0.97].max() == 0
    assert show[(up > 0.2) & (up < 0.8)].min() > 0.5


def test_a_search_can_be_cancelled() -> None:
    """Progress answering False raises Cancelled."""
    with pytest.raises(Cancelled):
        candidates(box_mesh((5, 5, 5)), MACHINE, RESIN, progress=lambda share: False)
