"""Sections and their links against whole bitmaps and a general labelling."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st
from scipy import ndimage

from helpers import ball_mesh, box_mesh
from numerus.geometry.mesh import merged
from numerus.geometry.solids import layers as module
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import MIN_PIXELS, islands, layer_areas_mm2, layer_bitmap
from numerus.geometry.solids.sections import sections

EIGHT = np.ones((3, 3))
places = st.tuples(*(st.integers(0, 12) for _ in range(3)))
spans = st.tuples(st.integers(1, 4), st.integers(1, 4), st.integers(1, 6))


def brute(columns: Columns) -> tuple[list[tuple[int, int]], set[tuple[tuple[int, int], tuple[int, int]]]]:
    """(layer, first pixel) of every section, and which touches which from layer to layer."""
    found, links, below = [], set(), {}
    for layer in range(columns.layers):
        label, count = ndimage.label(layer_bitmap(columns, layer), EIGHT)
        here = {}
        for number in range(1, count + 1):
            mine = label == number
            if mine.sum() >= MIN_PIXELS:
                here[layer, int(mine.sum()), int(np.flatnonzero(mine)[0])] = mine
        found += sorted(here)
        reach = {name: ndimage.binary_dilation(mask, EIGHT) for name, mask in below.items()}
        links |= {(low, high) for high, mask in here.items() for low, wide in reach.items() if (wide & mask).any()}
        below = here
    return sorted(found), links


@settings(max_examples=60, deadline=None)
@given(st.lists(st.tuples(places, spans), min_size=1, max_size=14), st.sampled_from([50, 16_000_000]))
def test_sections_and_links_are_those_of_brute_force(parts: list, chunk: int) -> None:
    """Any pile of pixel boxes, in chunks of any size: every section, every link, none invented; islands are those unlinked."""
    pile = merged([box_mesh(tuple(0.1 * s for s in span), tuple(0.1 * p for p in place)) for place, span in parts])
    columns = solid_columns(pile.triangles, 0.1, 0.1)
    before, module.CHUNK_RUNS = module.CHUNK_RUNS, chunk
    try:
        made = sections(columns)
    finally:
        module.CHUNK_RUNS = before
    found, links = brute(columns)
    assert sorted(zip(made.layer.tolist(), np.rint(made.area_mm2 / 0.01).astype(int).tolist(), strict=True)) == sorted(
        (layer, pixels) for layer, pixels, _ in found
    )
    assert len(made.below) == len(links)
    held = set(made.above.tolist())
    assert len(islands(columns)) == sum(k not in held and made.layer[k] > 0 for k in range(len(made.layer)))


def test_areas_outlines_and_centres_of_a_cone_of_discs() -> None:
    """A ball's sections are discs: area and outline of a circle, centre on the axis."""
    columns = solid_columns(ball_mesh(5, (1, 2, 5)).triangles, 0.05, 0.05)
    made = sections(columns)
    assert len(made.layer) == columns.layers == made.layers
    assert made.of_layers(made.area_mm2) == pytest.approx(layer_areas_mm2(columns))
    z = (made.layer + 0.5) * 0.05
    radius = np.sqrt(25 - (z - 5) ** 2)
    middle = slice(20, -20)
    assert made.area_mm2[middle] == pytest.approx(np.pi * radius[middle] ** 2, rel=0.01)
    assert made.edge_mm[middle] == pytest.approx(2 * np.pi * radius[middle], rel=0.03)
    assert (made.x_mm, made.y_mm) == (pytest.approx(1 + 0 * z, abs=0.02), pytest.approx(2 + 0 * z, abs=0.02))
    begin, below = made.links_of()
    assert [below[begin[k] : begin[k + 1]].tolist() for k in (0, 1, 5)] == [[], [0], [4]]


def test_a_beginning_in_mid_air_tells_where_it_joins() -> None:
    """A hook: its point begins at 3 mm and joins the bar at 8; what stands on the plate joins nothing, a lone crumb neither."""
    hook = merged([box_mesh((2, 2, 10)), box_mesh((8, 2, 2), (0, 0, 8)), box_mesh((1, 1, 5.5), (6, 0.5, 3))])
    crumb = box_mesh((1, 1, 1), (12, 0, 5))
    made = sections(solid_columns(merged([hook, crumb]).triangles, 0.1, 0.1))
    joins = made.joins()
    born = int(np.flatnonzero((made.layer == 30) & (made.x_mm > 5))[0])
    assert joins[born] == 80
    assert joins[made.begin[0]] == -1
    assert (joins >= 0).sum() == 1


def test_specks_are_reported_apart() -> None:
    """A hair of three pixels over four layers is four specks; the block beside it is none."""
    from numerus.geometry.solids.sections import specks

    hair, block = box_mesh((0.3, 0.1, 0.4), (3, 0, 0)), box_mesh((1, 1, 1))
    found = specks(solid_columns(merged([hair, block]).triangles, 0.1, 0.1))
    assert found[:, 2] == pytest.approx([0, 0.1, 0.2, 0.3])
    assert found[:, 0] == pytest.approx(3.15)
