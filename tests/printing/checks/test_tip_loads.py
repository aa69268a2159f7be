"""Who carries what: against sums by hand, and against a pattern of rivets solved as many little ones."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from helpers import box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.geometry.mesh import Floats, Mesh, merged, rotation_matrix, turning_up
from numerus.printing.checks.tip_loads import SIDE_SHARE, STANDING_N_PER_MM2, loads
from numerus.printing.machines.timing import pull_n
from numerus.printing.preparation.steadying import steadied
from numerus.printing.supports.posed_part import posed_part_of
from numerus.printing.supports.style import SupportStyle, tip_n
from numerus.surface.fields.part_fields import fields_of

MACHINE, RESIN, STYLE = Machine("m", "M"), Resin("r", "R"), SupportStyle()
NONE_FLAT = replace(STYLE, flat_mm2=1e9)


def straight(x: float, y: float, z: float, tip_mm: float = 0.45) -> Pillar:
    return Pillar((x, y, z), (x, y, z - 1.6), (x, y, z - 1.6), (x, y, 0.0), tip_mm)


def rod(lean_deg: float, long_mm: float = 60.0) -> Mesh:
    """A rod of two millimetres, leaning."""
    angle = np.radians(lean_deg)
    up = np.array([0.0, -np.sin(angle), np.cos(angle)])
    turn = np.arange(24) * np.pi / 12
    ring = np.stack([np.cos(turn), np.sin(turn), 0 * turn], axis=1)
    levels = np.linspace(0, long_mm, 61)
    corners = np.concatenate([ring + [0, 0, z] for z in levels] + [[[0, 0, 0], [0, 0, long_mm]]])
    i, j, top = np.arange(24), np.roll(np.arange(24), -1), 24 * 60
    faces = [np.stack([j, i, i * 0 + 24 * 61], axis=1), np.stack([top + i, top + j, i * 0 + 24 * 61 + 1], axis=1)]
    for level in range(60):
        low, high = level * 24, level * 24 + 24
        faces += [np.stack([low + i, low + j, high + i], axis=1), np.stack([low + j, high + j, high + i], axis=1)]
    return Mesh(corners, np.concatenate(faces).astype(np.int32)).transformed(rotation_matrix(turning_up(up)))


def by_rivets(tips: list[Pillar], force: float, at: tuple[float, float], height_mm: float) -> float:
    """The largest share of strength anywhere on the tips: their discs cut into many little rivets whose stress is a plane
    through force and moments, the sideways part tried all round.
    """
    r, turn = np.meshgrid((np.arange(60) + 0.5) / 60, np.arange(72) * np.pi / 36)
    disc = np.stack([(r * np.cos(turn)).ravel(), (r * np.sin(turn)).ravel()], axis=1)
    weight = (r / r.sum()).ravel()
    points = np.concatenate([np.array(t.tip[:2]) + t.tip_mm / 2 * disc for t in tips])
    area = np.concatenate([weight * np.pi * t.tip_mm**2 / 4 for t in tips])
    ones = np.column_stack([np.ones(len(points)), points])
    system = ones.T @ (area[:, None] * ones)
    mean_z = np.average([t.tip[2] for t in tips], weights=[t.tip_mm**2 for t in tips])
    worst = 0.0
    for side in np.arange(180) * np.pi / 90:
        push = SIDE_SHARE * (height_mm - mean_z) * np.array([np.cos(side), np.sin(side)])
        plane = np.linalg.solve(system, force * np.array([1.0, at[0] + push[0], at[1] + push[1]]))
        worst = max(worst, float((ones @ plane).max()))
    return worst / RESIN.tip_n_per_mm2


def test_a_long_rod_on_one_tip_is_far_too_weak_by_its_lever() -> None:
    """Two by sixty millimetres leaning 40° on one tip of 0.3 mm: the pull alone is held, its bending moment is hundreds of times
    what the tip bears, as the section modulus pi d³ / 32 says.
    """
    leaning = rod(40)
    part = posed_part_of(leaning, fields_of(leaning), NONE_FLAT)
    lowest = part.part.vertices[np.argmin(part.part.vertices[:, 2])]
    tip = straight(float(lowest[0]), float(lowest[1]), 4.0, 0.3)
    found = loads(part, [tip], MACHINE, RESIN)
    layer = int(30 / 0.1)
    here = part.grown.layer == layer
    force = float(pull_n(part.grown.area_mm2[here], MACHINE, RESIN, part.grown.edge_mm[here])[0])
    arm = float(np.hypot(part.grown.x_mm[here][0] - tip.tip[0], part.grown.y_mm[here][0] - tip.tip[1]))
    bends = force * (arm + SIDE_SHARE * (30.1 - 4.0))
    bears = np.pi * 0.3**3 / 32 * RESIN.tip_n_per_mm2
    assert tip_n(0.3, RESIN) / force > 3
    assert 1 / found.margins[layer] == pytest.approx(bends / bears + force / tip_n(0.3, RESIN), rel=0.02)
    assert found.margins.min() < 1 / 200


def test_a_pattern_of_tips_carries_what_many_little_rivets_would() -> None:
    """Tips of several sizes under an arm that pulls beside them."""
    arm = merged([box_mesh((6, 5, 2)), box_mesh((16, 2, 3), (3, 0, 1.5))])
    tips = [straight(-2, -2, 4, 0.7), straight(2, -1, 4, 0.3), straight(-1, 2, 4, 0.45), straight(2, 2, 4, 0.45)]
    part = posed_part_of(arm, fields_of(arm), NONE_FLAT)
    shift = part.part.bounds_mm[0, :2] + [3, 2.5]
    tips = [straight(t.tip[0] + shift[0], t.tip[1] + shift[1], 4, t.tip_mm) for t in tips]
    found = loads(part, tips, MACHINE, RESIN)
    for layer in (50, 80):
        here = part.grown.layer == layer
        force = pull_n(part.grown.area_mm2[here], MACHINE, RESIN, part.grown.edge_mm[here])
        x, y = (float(np.average(v[here], weights=force)) for v in (part.grown.x_mm, part.grown.y_mm))
        worst = by_rivets(tips, float(force.sum()), (x, y), (layer + 1) * 0.1)
        assert 1 / found.margins[layer] == pytest.approx(worst, rel=0.04)


def test_two_towers_are_held_apart_until_a_bridge_joins_them() -> None:
    """Before the bridge each tower has its own tip; the weaker one sets the margin; above, both hold all of it."""
    towers = merged([box_mesh((4, 4, 10)), box_mesh((4, 4, 10), (16, 0, 0)), box_mesh((20, 4, 4), (0, 0, 10))])
    part = posed_part_of(towers, fields_of(towers), NONE_FLAT)
    tips = [straight(-8, 0, 4, 0.7), straight(8, 0, 4, 0.3)]
    found = loads(part, tips, MACHINE, RESIN)
    one, both = (
        float(pull_n(np.array([a]), MACHINE, RESIN, e)[0]) for a, e in ((16, 16 * np.pi / 4), (80, 48 * np.pi / 4))
    )
    assert 1 / found.margins[80] == pytest.approx(by_rivets(tips[1:], one, (8, 0), 8.1), rel=0.05)
    assert 1 / found.margins[160] == pytest.approx(by_rivets(tips, both, (0, 0), 16.1), rel=0.05)


def test_what_no_tip_holds_is_loose_and_what_stands_is_held_by_its_foot() -> None:
    """A block in the air without supports pulls on nothing; on the plate its first layer holds it, less the lever of its height."""
    block = box_mesh((6, 6, 5))
    air = loads(posed_part_of(block, fields_of(block), NONE_FLAT), [], MACHINE, RESIN)
    assert air.margins.min() == 0 and air.loose.max() > 1
    plate = loads(posed_part_of(block, fields_of(block), replace(STYLE, flat_mm2=1)), [], MACHINE, RESIN)
    pull = float(pull_n(np.array([36.0]), MACHINE, RESIN, 24 * np.pi / 4)[0])
    sway = 1 + SIDE_SHARE * 5 * 3 * np.sqrt(2) / (6**2 / 12)
    assert plate.margins.min() == pytest.approx(36 * STANDING_N_PER_MM2 / pull / sway, rel=0.03)


@pytest.mark.parametrize("lean_deg", [0, 20, 40])
def test_what_leans_or_stands_tall_is_given_a_wider_hold(lean_deg: float) -> None:
    """The rod that one tip could not bear is held with the style's margin by a few more, none nearer than they must be."""
    leaning = rod(lean_deg)
    part = posed_part_of(leaning, fields_of(leaning), NONE_FLAT)
    lowest = part.part.vertices[np.argmin(part.part.vertices[:, 2])]
    first = [straight(float(lowest[0]), float(lowest[1]), 4.0, 0.45)]
    more = steadied(part, first, STYLE, MACHINE, RESIN)
    assert 1 < len(more) < 12
    held, before = (loads(part, tips, MACHINE, RESIN).margins for tips in (more, first))
    assert held.min() >= STYLE.margin > before.min()
    places = spread([p.tip for p in more])
    assert np.median(places) > 2


def spread(tips: list[tuple[float, float, float]]) -> Floats:
    points = np.array(tips)
    far = np.linalg.norm(points[:, None] - points[None], axis=2)
    return np.asarray(far[np.triu_indices(len(points), 1)])
