"""The search by shape alone, against the proper measure and against shapes whose answer is known."""

from __future__ import annotations

import numpy as np
import pytest
from scipy.stats import spearmanr

from helpers import box_mesh
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import merged
from numerus.printing.machines.resting import LIFT_MM
from numerus.printing.orientation.orientation_search import (
    COSTS,
    Search,
    Weights,
    apart,
    costs_of,
    sampled,
    search,
    shares,
    weighted_cost,
)
from numerus.printing.orientation.pose_measures import measure
from numerus.surface.fields.part_fields import fields_of


def cost(costs, name: str):  # type: ignore[no-untyped-def]
    return costs[:, COSTS.index(name)]


def test_costs_of_a_slab_are_its_own() -> None:
    """Height, layer, footprint and level skin, lying and on edge."""
    slab = box_mesh((30, 20, 2))
    found = costs_of(sampled(slab, fields_of(slab)), np.array([[0, 0, 1.0], [1.0, 0, 0]]))
    assert cost(found, "time") == pytest.approx([2 + LIFT_MM, 30 + LIFT_MM])
    assert cost(found, "pull") == pytest.approx([600, 40], rel=0.15)
    assert cost(found, "footprint") == pytest.approx([600, 40], rel=0.02)
    assert cost(found, "warp") == pytest.approx([1200, 0])  # its ends are no sheets
    assert cost(found, "supports") == pytest.approx([600, 40], rel=0.05)


def test_a_bowl_is_a_cup_one_way_and_keeps_resin_the_other() -> None:
    """Open toward the film it is closed below; hanging with its floor down it keeps what is in it."""
    walls = [
        box_mesh((20, 2, 9)),
        box_mesh((20, 2, 9), (0, 18, 0)),
        box_mesh((2, 20, 9)),
        box_mesh((2, 20, 9), (18, 0, 0)),
    ]
    from numerus.geometry.cutting import mesh_of, solid_of

    bowl = mesh_of(solid_of(merged([box_mesh((20, 20, 2)), *walls])))
    up = np.array([[0.05, 0.03, 1.0], [0.05, 0.03, -1.0]])
    found = costs_of(sampled(bowl, fields_of(bowl)), up / np.linalg.norm(up, axis=1)[:, None])
    assert cost(found, "cups")[0] > cost(found, "cups")[1]
    assert cost(found, "drain")[1] > cost(found, "drain")[0]


@pytest.mark.parametrize("name", ["torso_apron", "head_hat", "arm_R_hook"])
def test_the_search_orders_directions_as_the_measure_does(name: str) -> None:
    """Rank correlation over thirty directions: near one for what is exact, clearly above chance for what is estimated."""
    part = mesh(name)
    fields = fields_of(part)
    found = search(part, fields, Weights(), 300)
    pick = np.random.default_rng(3).choice(len(found.ups), 30, replace=False)
    real = [measure(part, fields, "x", found.ups[k], Machine("m", "M"), Resin("r", "R")) for k in pick]
    for of, field, least in (
        ("scars", "scar_mm2", 0.95),
        ("supports", "support_mm2", 0.95),
        ("steps", "steps_mm2", 0.95),
        ("time", "height_mm", 0.99),
        ("footprint", "footprint_mm2", 0.6),
        ("pull", "peak_mm2", 0.9),
        ("islands", "islands", 0.3),
    ):
        assert spearmanr(found.cost(of)[pick], [getattr(c, field) for c in real])[0] > least, of


def test_the_sphere_is_seen_growing_and_refined_near_the_best() -> None:
    """Each batch is told, all of it spread over the sphere; at the end there are more directions where the cost is least."""
    part = mesh("head_hat")
    seen: list[Search] = []
    found = search(part, fields_of(part), Weights(), 1200, met=seen.append)
    assert [len(s.ups) for s in seen] == [300, 600, 900, 1200]
    assert all(np.linalg.norm(s.ups.mean(axis=0)) < 0.02 for s in seen)
    assert len(found.ups) > 1200 and found.weighted_cost.min() <= found.weighted_cost[:1200].min()


def test_weights_are_blended_anew_without_measuring() -> None:
    """The cost is the weighted mean of shares; a cost that never changes takes no part; one alone decides alone."""
    part = mesh("head_hat")
    found = search(part, fields_of(part), Weights(), 300)
    alone = found.blended(Weights(*(1.0 if name == "time" else 0.0 for name in COSTS)))
    assert alone.costs is found.costs
    assert alone.cost("time")[alone.weighted_cost.argmin()] == found.cost("time").min()
    assert alone.weighted_cost == pytest.approx(shares(found.costs)[:, COSTS.index("time")])
    costs = np.array([[0, 4.0] + [7] * 9, [1, 2] + [7] * 9, [2, 0] + [7] * 9])
    assert shares(costs)[:, 0] == pytest.approx([0, 0.5, 1]) and not shares(costs)[:, 2:].any()
    assert weighted_cost(Weights(scars=3, supports=1), costs) == pytest.approx([0.25, 0.5, 0.75])


def test_the_best_apart_differ() -> None:
    """Least first, none within the angle of another or of what is taken."""
    ups = np.array([[0, 0, 1.0], [0.1, 0, 0.995], [1, 0, 0], [0, 1, 0]])
    assert apart(ups, np.array([0.1, 0.0, 0.3, 0.2]), 3, 25) == [1, 3, 2]
    assert apart(ups, np.array([0.1, 0.0, 0.3, 0.2]), 3, 25, ups[:1]) == [3, 2]
