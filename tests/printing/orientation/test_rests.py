"""Ways to lie on the plate: exact on flat faces however the part is turned, first where they are best, never by a sealed cup."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Floats, Mesh, merged, rotation_matrix, turning_up
from numerus.printing.orientation.orientation_search import COSTS, costs_of
from numerus.printing.orientation.part_samples import buried, coarse_columns, sampled
from numerus.printing.orientation.pose_measures import measure, school_up
from numerus.printing.orientation.rests import middle_of_mass, rests
from numerus.printing.preparation.headless import ranked_poses
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


def of_trimesh(made: trimesh.Trimesh) -> Mesh:
    return Mesh(np.asarray(made.vertices), np.asarray(made.faces, np.int32))


def statue() -> Mesh:
    """Half an egg, its flat back looking to +y."""
    egg = trimesh.creation.icosphere(3)
    egg.apply_scale([9, 10, 20])
    half = trimesh.creation.box([40, 40, 60])
    half.apply_translation([0, -20, 0])
    return of_trimesh(trimesh.boolean.intersection([egg, half]))


def coin_on_edge() -> Mesh:
    coin = trimesh.creation.cylinder(12, 2, sections=64)
    coin.apply_transform(trimesh.transformations.rotation_matrix(np.pi / 2, [1, 0, 0]))
    return of_trimesh(coin)


def turn_to(way: Floats) -> Floats:
    return rotation_matrix(turning_up(way / np.linalg.norm(way)))


def test_a_box_rests_on_its_six_faces_however_it_is_turned() -> None:
    """To a thousandth of a degree, the largest first."""
    turn = turn_to(np.array([0.3, -0.5, 0.7]))
    found = rests(box_mesh((30, 20, 10)).transformed(turn))
    axes = turn[:3, :3] @ np.eye(3)
    assert len(found) == 6
    assert np.abs(found @ axes).max(axis=1) == pytest.approx(1, abs=1e-9)
    assert np.abs(found[:2] @ axes[:, 2]) == pytest.approx(1, abs=1e-9)


def test_it_rests_only_where_its_weight_falls_within() -> None:
    """A tall block with a heavy head to one side falls from its small foot."""
    head = merged([box_mesh((2, 2, 20)), ball_mesh(6).dropped().moved((9, 1, 14))])
    assert not any(up[2] > 0.999 for up in rests(head))
    assert middle_of_mass(box_mesh((4, 6, 8), (10, 0, 0))) == pytest.approx([12, 3, 4])


@pytest.mark.parametrize("make", [statue, coin_on_edge])
def test_what_has_a_flat_back_lies_on_it_first(make) -> None:  # type: ignore[no-untyped-def]
    """Exactly level, no lift, no supports, by far the least time; the school that says so lies so."""
    poses = ranked_poses(make(), MACHINE, RESIN)
    first = poses[0].cost
    assert abs(first.up[1]) == pytest.approx(1, abs=1e-6)
    assert first.support_mm2 == 0 and first.scar_mm2 == 0
    assert first.height_mm == pytest.approx(10 if make is statue else 2, abs=0.1)
    assert first.minutes == min(p.cost.minutes for p in poses)
    on_back = next(p.cost for p in poses if p.cost.school == "lies on its back")
    assert on_back.up == pytest.approx((0, -1, 0), abs=1e-6)


def test_a_sealed_bowl_never_comes_first() -> None:
    """Upright it seals five hundred square millimetres: what is offered first seals nothing."""
    inner, outer = trimesh.creation.cylinder(13, 20, sections=48), trimesh.creation.cylinder(15, 20, sections=48)
    inner.apply_translation([0, 0, 2])
    poses = ranked_poses(of_trimesh(trimesh.boolean.difference([outer, inner])), MACHINE, RESIN)
    assert poses[0].cost.cups == 0
    sealed = [p.score for p in poses if p.cost.cups]
    assert sealed and min(sealed) > max(p.score for p in poses if not p.cost.cups)


def test_what_lies_inside_another_shell_costs_nothing() -> None:
    """A small block wholly within a large one changes no cost of skin, in the search or measured."""
    block, within = box_mesh((20, 20, 20)), box_mesh((8, 8, 8), (6, 6, 6))
    both = merged([block, within])
    faces = np.arange(len(both.faces))
    assert buried(both, faces, *coarse_columns(both)).tolist() == [False] * len(block.faces) + [True] * len(
        within.faces
    )
    up = np.array([[0.3, -0.4, 0.866]])
    alone, with_inner = (costs_of(sampled(m, fields_of(m)), up)[0] for m in (block, both))
    for name in ("supports", "steps"):
        assert with_inner[COSTS.index(name)] == pytest.approx(alone[COSTS.index(name)], rel=1e-6)
    whole = [measure(m, fields_of(m), "leans back", school_up("leans back"), MACHINE, RESIN) for m in (block, both)]
    assert whole[1].support_mm2 == pytest.approx(whole[0].support_mm2, rel=1e-6)


def test_the_need_of_support_ends_at_no_cliff() -> None:
    """A slab turned degree by degree: what must be held never falls by more than a twentieth of the most at a degree."""
    slab = box_mesh((20, 20, 4))
    angles = np.radians(np.arange(2, 89))
    ups = np.stack([0 * angles, -np.sin(angles), np.cos(angles)], axis=1)
    held = costs_of(sampled(slab, fields_of(slab)), ups)[:, COSTS.index("supports")]
    assert np.abs(np.diff(held)).max() < 0.05 * held.max()
    assert held[:60].min() > 0
