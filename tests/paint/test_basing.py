"""Bases and decals: amounts by closed form, where something strewn lies, a sheet on which nothing overlaps."""

from __future__ import annotations

import math
from itertools import combinations
from xml.etree import ElementTree

import pytest
from hypothesis import given
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh
from numerus.domain.basing import BaseLayer, Decal
from numerus.errors import PlanError
from numerus.geometry.mesh import merged
from numerus.paint.finishing.basing import (
    FEET_SHARE,
    RIM_MM,
    SHEET_MM,
    cut_list,
    cut_sheet,
    cut_sheet_svg,
    decal_rows,
    decals_from_rows,
    layer_need,
    layer_rows,
    layers_from_rows,
    lies_on,
)

SIZES = st.lists(st.tuples(st.floats(1, 60), st.floats(1, 40), st.integers(1, 3)), min_size=1, max_size=6)


def test_amounts_are_those_of_a_round_base() -> None:
    """Paste fills its thickness, tufts are counted, what is strewn is weighed where it lies, a rim is as long as the base is round."""
    top = math.pi * 16**2 * (1 - FEET_SHARE)
    assert layer_need(BaseLayer("earth", "texture", 1.5, 0.5), 32, 10).amount == pytest.approx(
        top * 0.5 * 1.5 * 10 / 1000
    )
    assert layer_need(BaseLayer("tufts", "tufts", 3), 32, 10).words == "30 tufts"
    snow = BaseLayer("snow", "snow", 0.05)
    assert layer_need(snow, 32, 4).amount == pytest.approx(top / 100 * 0.05 * 4)
    assert layer_need(snow, 32, 4, lying_mm2=200).amount == pytest.approx(2.0 * 0.05 * 4)
    rim = layer_need(BaseLayer("rim", "rim", 2), 32, 1).amount
    assert rim == pytest.approx(math.pi * 32 * RIM_MM * 2 * 0.015 / 0.35 / 1000)


def test_what_is_strewn_lies_on_what_is_flat_and_open_to_the_sky() -> None:
    """On a ball the cap to 45 degrees; under a roof nothing, on the roof all."""
    ball = ball_mesh(10, subdivisions=5)
    cap = 2 * math.pi * 100 * (1 - math.cos(math.pi / 4))
    assert ball.areas_mm2[lies_on(ball)].sum() == pytest.approx(cap, rel=0.02)
    floor, roof = box_mesh((20, 20, 1)), box_mesh((20, 20, 1), (0, 0, 10))
    both = merged([floor, roof])
    lies = lies_on(both)
    assert both.areas_mm2[lies].sum() == pytest.approx(400) and not lies[: len(floor.faces)].any()


@given(SIZES, st.integers(1, 6))
def test_every_decal_is_on_the_sheet_once_and_none_overlaps(
    sizes: list[tuple[float, float, int]], figures: int
) -> None:
    """As many as the list says, inside the sheet, apart from each other."""
    decals = [Decal(f"d{n}", *size) for n, size in enumerate(sizes)]
    cuts = cut_sheet(decals, figures)
    assert len(cuts) == sum(many for _, many in cut_list(decals, figures))
    assert all(c.x_mm >= 0 and c.x_mm + c.decal.wide_mm <= SHEET_MM and c.y_mm >= 0 for c in cuts)
    for a, b in combinations(cuts[:40], 2):
        apart_x = a.x_mm + a.decal.wide_mm < b.x_mm or b.x_mm + b.decal.wide_mm < a.x_mm
        apart_y = a.y_mm + a.decal.high_mm < b.y_mm or b.y_mm + b.decal.high_mm < a.y_mm
        assert apart_x or apart_y


def test_the_sheet_is_a_drawing_at_true_size() -> None:
    """Millimetres as units, a frame a decal, a name with odd letters kept."""
    tree = ElementTree.fromstring(cut_sheet_svg(cut_sheet([Decal("a & <b>", 6, 8, 2)], 3)))
    frames = [e for e in tree if e.tag.endswith("rect")]
    assert tree.get("width") == "190mm" and len(frames) == 6
    assert {(f.get("width"), f.get("height")) for f in frames} == {("6", "8")} and frames[0][0].text == "a & <b>"


def test_tables_are_read_back_and_what_is_wrong_is_told_by_row() -> None:
    """A round trip of both tables; a kind, a number or a name that is none is refused."""
    layers = (BaseLayer("Earth", "texture", 1.2), BaseLayer("Snow", "snow", 0.05, 0.6))
    decals = (Decal("Badge", 6, 8, 2, "shoulder"),)
    assert layers_from_rows(layer_rows(layers)) == layers and decals_from_rows(decal_rows(decals)) == decals
    for rows in ([["x", "lava", "1", "1"]], [["x", "sand", "much", "1"]], [["x", "sand", "1", "1.5"]]):
        with pytest.raises(PlanError, match="Row 1"):
            layers_from_rows(rows)
    for rows in ([["", "6", "8", "1", ""]], [["x", "0", "8", "1", ""]], [["x", "6", "800", "1", ""]]):
        with pytest.raises(PlanError, match="Row 1"):
            decals_from_rows(rows)
