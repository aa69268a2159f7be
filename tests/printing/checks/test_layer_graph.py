"""The layer graph against boxes with known layers."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import merged
from numerus.printing.checks.layer_graph import LayerGraph, layer_graph
from numerus.printing.checks.tip_loads import SIDE_SHARE, STANDING_N_PER_MM2
from numerus.printing.machines.timing import pull_n
from numerus.printing.supports.placement import support
from numerus.printing.supports.posed_part import PIXEL_MM

MACHINE, RESIN = Machine("m", "Machine", layer_mm=0.05), Resin("r", "Resin")


def test_a_box_has_equal_layers_and_is_held_by_its_foot() -> None:
    """Area of the box in every layer, pull by the formula, margin foot over pull."""
    graph = layer_graph(support(box_mesh((12, 12, 6), (-6, -6, 0)), RESIN), MACHINE, RESIN)
    assert graph.areas_mm2 == pytest.approx(np.full(len(graph.areas_mm2), 144), rel=2 * PIXEL_MM / 12)
    assert graph.height_mm == pytest.approx(6, abs=0.1)
    assert graph.pull_n == pytest.approx(pull_n(graph.areas_mm2, MACHINE, RESIN, 48 * np.pi / 4), rel=0.02)
    margin, _ = graph.least_margin()
    # Six millimetres up a twentieth of the pull goes sideways, worst toward a corner 6√2 from the middle of 12 x 12 mm.
    sway = 1 + SIDE_SHARE * 6 * 6 * np.sqrt(2) / (12**2 / 12)
    assert margin == pytest.approx(144 * STANDING_N_PER_MM2 / graph.pull_n.max() / sway, rel=0.03)
    assert graph.islands == ()


def test_the_bitmap_is_the_cut_at_that_height() -> None:
    """A post on a slab: wide below, narrow above."""
    part = merged([box_mesh((10, 10, 2), (-5, -5, 0)), box_mesh((2, 2, 9), (-1, -1, 1))])
    graph = layer_graph(support(part, RESIN), MACHINE, RESIN)
    wide, narrow = (graph.bitmap(h).sum() * PIXEL_MM**2 for h in (1.0, 6.0))
    assert wide == pytest.approx(100, rel=0.06)
    assert narrow == pytest.approx(4, rel=0.15)


def test_tips_hold_only_what_is_above_their_tip() -> None:
    """A lifted ball is held by nothing before its first tip and by more, never less, higher up."""
    graph = layer_graph(support(ball_mesh(6, (0, 0, 11)), RESIN), MACHINE, RESIN)
    assert (np.diff(graph.holds_n) >= 0).all()
    assert graph.holds_n[0] == 0 < graph.holds_n[-1]
    assert len(graph.islands) == 1


def test_a_leap_of_the_area_is_told_once() -> None:
    """A broad plate on a post: one line where it begins, one where the post goes on."""
    areas = np.concatenate([np.full(40, 9.0), np.full(20, 60.0), np.full(40, 12.0)])
    graph = LayerGraph(0.1, areas, areas * 0, areas * 0, (), None, (), None, None, None)  # type: ignore[arg-type]
    assert graph.jumps == [(pytest.approx(4.0), 51.0), (pytest.approx(6.0), 48.0)]
