"""Areas, islands and overhangs against brute force on bitmaps."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy import ndimage

from helpers import ball_mesh, box_mesh
from numerus.errors import Cancelled
from numerus.geometry.mesh import merged
from numerus.geometry.solids import layers as module
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import MIN_PIXELS, islands, layer_areas_mm2, layer_bitmap, layer_runs, overhangs

EIGHT = np.ones((3, 3))
places = st.tuples(*(st.integers(0, 12) for _ in range(3)))
spans = st.tuples(st.integers(1, 4), st.integers(1, 4), st.integers(1, 6))


def brute_islands(columns: Columns) -> list[tuple[int, int]]:
    """(layer, pixels) of every island, by whole bitmaps and a general labelling."""
    found, below = [], np.zeros((columns.grid.ny, columns.grid.nx), bool)
    for layer in range(columns.layers):
        label, count = ndimage.label(layer_bitmap(columns, layer), EIGHT)
        reach, kept = ndimage.binary_dilation(below, EIGHT), np.zeros_like(below)
        for number in range(1, count + 1):
            mine = label == number
            if mine.sum() < MIN_PIXELS:
                continue
            kept |= mine
            if layer > 0 and not (mine & reach).any():
                found.append((layer, int(mine.sum())))
        below = kept
    return sorted(found)


@settings(max_examples=60, deadline=None)
@given(st.lists(st.tuples(places, spans), min_size=1, max_size=14))
def test_islands_are_those_of_brute_force(parts: list) -> None:
    """Any pile of pixel boxes: specks, bridges, diagonal touches, births and re-births are all found, none invented."""
    pile = merged([box_mesh(tuple(0.1 * s for s in span), tuple(0.1 * p for p in place)) for place, span in parts])
    columns = solid_columns(pile.triangles, 0.1, 0.1)
    found = sorted((round(i.z_mm / 0.1), round(i.area_mm2 / 0.01)) for i in islands(columns))
    assert found == brute_islands(columns)


@settings(max_examples=20, deadline=None)
@given(st.lists(st.tuples(places, spans), min_size=1, max_size=8), st.integers(1, 50))
def test_runs_are_the_bitmaps_in_chunks_of_any_size(parts: list, chunk: int) -> None:
    """Layers taken as runs, however they are cut into chunks, hold the same pixels as bitmaps."""
    pile = merged([box_mesh(tuple(0.1 * s for s in span), tuple(0.1 * p for p in place)) for place, span in parts])
    columns = solid_columns(pile.triangles, 0.1, 0.1)
    before, module.CHUNK_RUNS = module.CHUNK_RUNS, chunk
    try:
        for part in layer_runs(columns):
            for k in range(len(part.start) - 1):
                drawn = np.zeros((columns.grid.ny, columns.grid.nx), bool)
                for i in range(part.start[k], part.start[k + 1]):
                    drawn[part.row[i], part.x0[i] : part.x1[i]] = True
                assert np.array_equal(drawn, layer_bitmap(columns, part.first + k))
    finally:
        module.CHUNK_RUNS = before


def test_a_ball_in_the_air_is_one_island_where_it_begins() -> None:
    """Its birth lies under its centre, at the layer where four pixels are solid."""
    born = islands(solid_columns(ball_mesh(5, (2.0, -1.0, 8.0)).triangles, 0.05, 0.05))
    assert len(born) == 1
    assert (born[0].x_mm, born[0].y_mm) == pytest.approx((2, -1), abs=0.06)
    assert born[0].z_mm == pytest.approx(3.0, abs=0.06)


def test_what_stands_on_the_platform_is_no_island_and_what_is_lifted_is() -> None:
    """The same box on the platform and above it."""
    assert islands(solid_columns(box_mesh((2, 2, 2)).triangles, 0.1, 0.1)) == []
    assert len(islands(solid_columns(box_mesh((2, 2, 2), (0, 0, 1)).triangles, 0.1, 0.1))) == 1


def test_an_hourglass_thinner_than_four_pixels_is_born_again() -> None:
    """Components under four pixels do not hold the next layer."""
    waist = merged([box_mesh((2, 2, 1)), box_mesh((0.1, 0.1, 1), (1, 1, 1)), box_mesh((2, 2, 1), (0, 0, 2))])
    born = islands(solid_columns(waist.triangles, 0.1, 0.1))
    assert [round(i.z_mm, 3) for i in born] == [2.0]


def test_areas_of_a_ball_follow_the_circle() -> None:
    """Layer area at height z is pi (r² - z²)."""
    columns = solid_columns(ball_mesh(5, (0, 0, 5), 6).triangles, 0.05, 0.1)
    z = (np.arange(columns.layers) + 0.5) * 0.1 - 5
    assert np.allclose(layer_areas_mm2(columns), np.pi * (25 - z**2), atol=0.35)


def test_overhang_is_what_reaches_farther_than_the_resin() -> None:
    """A shelf 2 mm deep on a wall: with a reach of 0.5 mm the outer 1.5 mm hang, to a pixel."""
    shelf = merged([box_mesh((1, 4, 5)), box_mesh((3, 4, 1), (0, 0, 5))])
    hanging = overhangs(solid_columns(shelf.triangles, 0.1, 0.1), 0.5)
    assert set(hanging[:, 2]) == {50}
    assert len(hanging) * 0.01 == pytest.approx(1.5 * 4, abs=0.4)


def test_cancelling_stops_the_search() -> None:
    """A progress that answers False ends the work with Cancelled."""
    with pytest.raises(Cancelled):
        islands(solid_columns(box_mesh((2, 2, 2)).triangles, 0.1, 0.1), lambda share: False)
