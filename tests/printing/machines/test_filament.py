"""What a nozzle lays: its way along outlines against slices of real shapes, minutes and plastic against closed forms."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh
from numerus.demo.parts import mesh
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.domain.printing.plates import Laid
from numerus.geometry.mesh import Mesh
from numerus.printing.machines.timing import lay_seconds, off_reel, outline_mm, plastic_ml, run_minutes

SNAIL = Machine("snail", "Snail", kind=FILAMENT, layer_mm=0.12)


def sliced_mm(part: Mesh, layer_mm: float) -> float:
    """Length of all outlines, cut layer by layer by a mesh library."""
    whole = trimesh.Trimesh(part.vertices, part.faces)
    heights = np.arange(part.bounds_mm[0, 2] + layer_mm / 2, part.bounds_mm[1, 2], layer_mm)
    cuts = whole.section_multiplane([0, 0, 0], [0, 0, 1], heights)
    return float(sum(cut.length for cut in cuts if cut is not None))


@pytest.mark.parametrize("part", [ball_mesh(9.0), box_mesh((20, 20, 40)), mesh("torso_coat"), mesh("legs_standing")])
def test_the_way_along_outlines_is_that_of_the_slices(part: Mesh) -> None:
    """Within a tenth, for a ball, a tower and figures' parts."""
    told = outline_mm(float(part.areas_mm2.sum()) / 100, SNAIL)
    assert told == pytest.approx(sliced_mm(part, SNAIL.layer_mm), rel=0.12)


def test_a_solid_block_takes_the_time_of_its_lines() -> None:
    """Filled whole, without hops, at one speed: its plastic over what the nozzle lays in a second."""
    even = replace(SNAIL, fill_share=1.0, wall_mm_per_s=40.0, fill_mm_per_s=40.0)
    ml_a_second = 40.0 * 1.1 * even.nozzle_mm * even.layer_mm / 1000
    assert lay_seconds(0, even, Laid(16.0, 40.0)) == pytest.approx(16.0 / ml_a_second)
    assert plastic_ml(even, Laid(16.0, 40.0)) == pytest.approx(16.0)


def test_filling_less_takes_less_of_both_and_more_parts_take_more_hops() -> None:
    """Walls stay; a second part hops twice a layer; of resin none of it says anything."""
    sparse, full = (replace(SNAIL, fill_share=s) for s in (0.1, 0.6))
    laid = Laid(30.0, 60.0)
    assert plastic_ml(sparse, laid) < plastic_ml(full, laid) < 30.0
    assert run_minutes(40, sparse, laid) < run_minutes(40, full, laid)
    assert run_minutes(40, sparse, laid) < run_minutes(40, sparse, laid._replace(parts=2))
    light = Machine("m", "M")
    assert run_minutes(30, light, laid) == run_minutes(30, light)


def test_a_reel_is_told_in_metres() -> None:
    """A kilogram of the usual plastic is a third of a kilometre of thin filament, an eighth of thick."""
    whole = replace(SNAIL, fill_share=1.0)
    kilogram = Laid(1000 / SNAIL.plastic_g_per_ml, 0.0)
    assert off_reel(whole, kilogram).grams == pytest.approx(1000)
    assert off_reel(whole, kilogram).metres == pytest.approx(335, rel=0.01)
    assert off_reel(replace(whole, filament_mm=2.85), kilogram).metres == pytest.approx(126, rel=0.01)
