"""Supports, proof and poses of what a nozzle lays: held by angle and span, nothing pulls, nothing seals, it must not be knocked over."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import FILAMENT, Machine, Resin
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.solids.bridges import bridged, on_a_span
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.layers import overhangs
from numerus.printing.checks.print_check import check_print
from numerus.printing.checks.print_findings import print_findings, supports_say, verdict
from numerus.printing.checks.standing_firm import brim_mm
from numerus.printing.machines.timing import pull_n
from numerus.printing.orientation.orientation_search import OF_A_FILM, Weights
from numerus.printing.orientation.pose_measures import measure
from numerus.printing.supports.placement import support
from numerus.printing.supports.style import style_for
from numerus.surface.fields.part_fields import fields_of

RESIN, LIGHT = Resin("r", "R"), Machine("m", "M")
SNAIL = Machine("s", "Snail", kind=FILAMENT, support_style="posts", nozzle_mm=0.4)
POSTS = style_for("posts", SNAIL, RESIN)


def block(size: tuple[float, float, float], x: float = 0.0, y: float = 0.0, z: float = 0.0) -> Mesh:
    """A box by its lowest corner."""
    return box_mesh(size).moved((x, y, z))


def table(span_mm: float, overhang_mm: float = 0.0) -> Mesh:
    """A board on two walls so far apart, that stands out beyond the right one."""
    walls = [block((3, 10, 8)), block((3, 10, 8), span_mm + 3)]
    return merged([*walls, block((span_mm + 6 + overhang_mm, 10, 2), 0, 0, 8)])


def tips(part: Mesh) -> int:
    return len(support(part, RESIN, POSTS).pillars)


def test_a_span_is_drawn_through_the_air_and_a_longer_one_carried() -> None:
    """Eight millimetres from side to side need nothing, twenty do; resin wants tips under both."""
    assert tips(table(6)) == 0
    assert tips(table(20)) > 0
    assert len(support(table(6), RESIN, style_for("balanced", LIGHT, RESIN)).pillars) > 0


def test_what_stands_out_on_one_side_only_is_no_span() -> None:
    """Five millimetres beyond the wall droop."""
    held = support(table(6, overhang_mm=5), RESIN, POSTS)
    assert held.pillars
    assert all(p.tip[0] > held.part.bounds_mm[1, 0] - 5.5 for p in held.pillars), "nothing between the walls"


@pytest.mark.parametrize(("lean_deg", "held"), [(30, False), (40, False), (60, True), (75, True)])
def test_slopes_are_held_from_fifty_degrees_on(lean_deg: float, held: bool) -> None:
    """A wall that leans, by its angle from upright."""
    shift = 10 * np.tan(np.radians(lean_deg))
    wall = block((6, 12, 10))
    leaning = Mesh(wall.vertices + wall.vertices[:, 2:] / 10 * [shift, 0, 0], wall.faces)
    assert bool(tips(leaning)) == held


def test_spans_agree_with_a_flood_of_the_layer() -> None:
    """Against boards of random outline between random walls, looked at pixel by pixel; and the check by points finds no span where
    rows and columns find none.
    """
    dice = np.random.default_rng(5)
    for _ in range(4):
        walls = [block((2, 9, 6), x, dice.uniform(-2, 2)) for x in np.cumsum(dice.uniform(3, 9, 4))]
        part = merged([*walls, block((30, 7, 1), 1, 1, 6)])
        columns = solid_columns(part.triangles, 0.2, 0.2)
        hang = overhangs(columns, 0.44)
        told = bridged(columns, hang, 5.0)
        for n in dice.integers(0, len(hang), 40):
            x, y, layer = hang[n]
            assert told[n] == _walked(columns, hang[hang[:, 2] == layer], x, y, layer, 5.0)
        places = np.stack(
            [*columns.grid.centre_mm(hang[:, 0].astype(float), hang[:, 1].astype(float)), hang[:, 2] * 0.2], axis=1
        )
        seen = on_a_span(columns, places, 5.0 + 2 * 0.44 + 0.4)
        assert seen[told].mean() > 0.95 and seen[~told].mean() < 0.35


def _walked(columns, hang, x, y, layer, most_mm):  # type: ignore[no-untyped-def]
    """From a pixel to both sides, one at a time, along x and along y."""
    hanging = {(a, b) for a, b, _ in hang.tolist()}

    def solid(a: int, b: int) -> bool:
        place = [*columns.grid.centre_mm(float(a), float(b)), (layer + 0.5) * columns.grid.layer_mm]
        return bool(columns.holds(np.array([place]))[0])

    for dx, dy in ((1, 0), (0, 1)):
        ends, long = [], 1
        for sign in (1, -1):
            a, b = x + sign * dx, y + sign * dy
            while (a, b) in hanging:
                a, b, long = a + sign * dx, b + sign * dy, long + 1
            ends.append(solid(a, b))
        if all(ends) and long * columns.grid.pixel_mm <= most_mm:
            return True
    return False


def test_no_film_pulls_and_nothing_seals() -> None:
    """A bell upside down and a large layer cost nothing of a nozzle; of light they do."""
    assert not pull_n(np.array([500.0]), SNAIL, RESIN, 80.0).any() and pull_n(np.array([500.0]), LIGHT, RESIN).all()
    held = support(ball_mesh(8), RESIN, POSTS)
    proof = check_print(held, SNAIL, RESIN)
    assert not proof.too_light and not proof.too_heavy
    words = supports_say(held, proof) + verdict(proof, print_findings(held, proof, ()), True)
    assert "pull" not in words and "cup" not in words and "post" in words
    shell = _cup()
    up = np.array([0.0, 0.0, 1.0])
    wet, dry = (measure(shell, fields_of(shell), "stands", up, m, RESIN) for m in (LIGHT, SNAIL))
    assert wet.cups and not dry.cups and dry.peak_pull_n == 0 and dry.pools_ml == 0
    assert all(getattr(Weights().on(SNAIL), name) == 0 for name in OF_A_FILM) and Weights().on(LIGHT) == Weights()


def _cup() -> Mesh:
    """A box without a floor, open below as it stands."""
    walls = [block((14, 2, 10), 0, y) for y in (0, 12)] + [block((2, 14, 10), x) for x in (0, 12)]
    return merged([*walls, block((14, 14, 2), 0, 0, 10)])


def test_what_is_tall_on_little_wants_a_brim() -> None:
    """A rod wants one, the same rod on a base none; a brim of that width holds by the same sum, half a millimetre less does not."""
    rod, base = block((2, 2, 40), 11, 11), block((25, 25, 3))
    wanted = brim_mm(solid_columns(rod.triangles, 0.05, 0.05), 40.0)
    assert 2 <= wanted <= 8
    side = np.array([wanted, wanted - 0.5])  # a square of 2 mm grown all round, by hand
    area, arm = 4 + 8 * side + np.pi * side**2, 1 + side
    assert list(0.1 * area * arm >= 1.5 * 40.0) == [True, False]
    assert brim_mm(solid_columns(merged([rod, base]).triangles, 0.05, 0.05), 40.0) == 0


def test_a_brim_is_told_and_kept_out_of_resin() -> None:
    """The proof of a rod of plastic names it; of resin it does not."""
    rod = block((7, 7, 60))
    proof = check_print(support(rod, RESIN, POSTS), SNAIL, RESIN)
    found = print_findings(support(rod, RESIN, POSTS), proof, ())
    assert proof.brim_mm > 0 and [f.code for f in found] == ["brim"]
    assert f"{proof.brim_mm:g} mm" in verdict(proof, found, True)
    balanced = style_for("balanced", LIGHT, RESIN)
    assert check_print(support(rod, RESIN, balanced), LIGHT, RESIN).brim_mm == 0
    assert replace(balanced, line_mm=0.4).dry
