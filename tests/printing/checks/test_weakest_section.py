"""The weakest section of a ready-supported print, against beams reckoned by hand."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest

from helpers import box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.sections import Sections, sections
from numerus.printing.checks.tip_loads import SIDE_SHARE, STANDING_N_PER_MM2, section_pulls_n
from numerus.printing.checks.weakest_section import WeakestSection, weakest_section

MACHINE, RESIN = Machine("m", "M"), Resin("r", "R")


def grown_of(mesh: Mesh) -> Sections:
    return sections(solid_columns(mesh.triangles, 0.1, 0.1))


def weakest_of(mesh: Mesh, resin: Resin = RESIN) -> WeakestSection:
    return weakest_section(grown_of(mesh), MACHINE, resin)


def test_a_section_knows_how_its_area_lies() -> None:
    """A bar of 6 by 2 mm has a twelfth of the squares of its sides about its middle, and no mixed moment; two bars are two."""
    bars = grown_of(merged([box_mesh((6, 2, 1)), box_mesh((1, 3, 1), (10, 0, 0))]))
    first, second = bars.spread_mm2[:2]
    assert first == pytest.approx([3.0, 0, 1 / 3], rel=0.02, abs=0.01)
    assert second == pytest.approx([1 / 12, 0, 0.75], rel=0.04, abs=0.01)


def test_a_post_below_the_middle_of_a_slab_bears_its_pull_and_the_side_pull() -> None:
    """A waist of one square millimetre: pull over its area, and the side pull on the height above it, at the rim of its ellipse."""
    feet, slab, up = box_mesh((8, 8, 2)), box_mesh((6, 6, 0.3), (1, 1, 5)), 3.3
    grown = grown_of(merged([feet, box_mesh((1, 1, 3.1), (3.5, 3.5, 1.95)), slab]))
    pull = section_pulls_n(grown, MACHINE, RESIN)[grown.layer == 52].sum()
    by_hand = RESIN.tip_n_per_mm2 / (pull * (1 + SIDE_SHARE * up * 2 / np.sqrt(1 / 12)))
    found = weakest_section(grown, MACHINE, RESIN)
    assert found.margin == pytest.approx(by_hand, rel=0.1)
    assert found.at_mm[:2] == pytest.approx((4, 4), abs=0.1) and 1.9 < found.at_mm[2] < 2.4


def test_an_arm_pulls_its_post_over() -> None:
    """A plate that sticks out 9 mm to one side of a post: eccentric tension, many times what the pull alone would ask for."""
    post = box_mesh((2, 2, 10.1))
    middle = weakest_of(merged([box_mesh((10, 10, 1), (-4, -4, 0)), post, box_mesh((10, 2, 0.5), (-4, 0, 10))]))
    aside = weakest_of(merged([box_mesh((10, 10, 1), (-4, -4, 0)), post, box_mesh((10, 2, 0.5), (0, 0, 10))]))
    sway = SIDE_SHARE * 9.5 * 2 / np.sqrt(1 / 3)
    assert middle.margin / aside.margin == pytest.approx((1 + sway + 4 * 2 / np.sqrt(1 / 3)) / (1 + sway), rel=0.05)


def test_two_posts_hold_as_a_pair() -> None:
    """Ten millimetres apart they are no lever to each other: a slab over both loads each by half, and where one is cut away the
    other is bent.
    """
    foot, slab = box_mesh((12, 2, 1)), box_mesh((12, 2, 0.5), (0, 0, 8))
    left, right = box_mesh((1, 2, 7.2), (0, 0, 0.95)), box_mesh((1, 2, 7.2), (11, 0, 0.95))
    pair, single = weakest_of(merged([foot, left, right, slab])), weakest_of(merged([foot, left, slab]))
    assert single.margin < pair.margin / 10
    thin = weakest_of(merged([foot, left, right, box_mesh((12, 2, 0.1), (0, 0, 8))]))
    assert thin.margin == pytest.approx(pair.margin, rel=0.3)


def test_a_rod_that_leans_on_one_tip_breaks() -> None:
    """Two by sixty millimetres at forty degrees on an edge of 0.3 mm: by its pull alone it would hold, by its lever never."""
    lean = np.deg2rad(40)
    turn = np.array([[np.cos(lean), 0, np.sin(lean)], [0, 1, 0], [-np.sin(lean), 0, np.cos(lean)]])
    straight = box_mesh((2, 2, 60), (-1, -1, 0))
    rod = Mesh(straight.vertices @ turn.T, straight.faces).dropped().moved((0, 0, 3))
    x, y, _ = rod.vertices[np.argmin(rod.vertices[:, 2])]
    cone, foot = box_mesh((0.3, 2, 3.6), (x - 0.15, -1, 0)), box_mesh((6, 6, 0.5), (x - 3, -3, 0))
    found = weakest_of(merged([rod, cone, foot]))
    assert found.margin < 0.1 and found.at_mm[2] < 4


def test_what_begins_in_mid_air_holds_nothing() -> None:
    """A slab above the plate, joined to nothing; joined by a post it holds."""
    foot, slab = box_mesh((6, 6, 1)), box_mesh((6, 6, 1), (0, 0, 4))
    assert weakest_of(merged([foot, slab])).margin == 0
    assert weakest_of(merged([foot, slab, box_mesh((3, 3, 4), (1.5, 1.5, 0.5))])).margin > 0


def test_a_stout_print_on_a_small_foot_is_torn_off_the_plate() -> None:
    """Of resin that never breaks: the plate holds STANDING_N_PER_MM2 on the foot, and says so."""
    column = box_mesh((4, 4, 1))
    found = weakest_of(column, replace(RESIN, tip_n_per_mm2=1e6))
    grown = grown_of(column)
    pull = section_pulls_n(grown, MACHINE, RESIN).max()
    by_hand = STANDING_N_PER_MM2 * 16 / (pull * (1 + SIDE_SHARE * 1.0 * 2 / np.sqrt(16 / 12)))
    assert found.on_plate and found.margin == pytest.approx(by_hand, rel=0.1) and "plate" in found.description
