"""Packing: nothing overlaps, nothing leaves the plate, what cannot fit is said."""

from __future__ import annotations

from itertools import count

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.demo.army import supported
from numerus.errors import PlanError
from numerus.geometry.columns import solid_columns
from numerus.geometry.layers import silhouette
from numerus.geometry.mesh import about_vertical, rotation_matrix
from numerus.resin.plate import CELL_MM, Outline, density, empty_plate, outline_bitmap, pack, plates_of
from numerus.resin.profiles import Machine, Resin

SMALL = Machine("m", "Small", 60, 40, 100)


def blank(width: int, depth: int, height: float = 10.0) -> Outline:
    bitmap = np.zeros((2 * max(width, depth) + 1,) * 2, bool)
    bitmap[:depth, :width] = True
    return Outline("p", "f", "s", bitmap, height, 1.0)


@settings(max_examples=25, deadline=None)
@given(st.lists(st.tuples(st.integers(2, 40), st.integers(2, 40)), min_size=1, max_size=25))
def test_no_cell_is_taken_twice_and_every_part_is_placed_once(sizes: list) -> None:
    """Any set of outlines: each lies on exactly one plate, inside it, over no other."""
    outlines = [blank(w, d) for w, d in sizes]
    packing = pack(outlines, SMALL, tries=1)
    assert sorted(spot[0] for plate in packing.plates for spot in plate) == list(range(len(outlines)))
    for plate in packing.plates:
        taken = np.zeros_like(empty_plate(SMALL), int)
        for index, turn, column, row in plate:
            rows, columns = np.nonzero(np.rot90(outlines[index].bitmap, turn))
            assert (rows + row).min() >= 0 and (columns + column).min() >= 0
            taken[rows + row, columns + column] += 1
        assert taken.max() == 1


def test_real_parts_as_placed_do_not_overlap() -> None:
    """Supported demo parts, turned and moved as the plan says, drawn at 0.1 mm: no pixel is shared."""
    names = ["torso_coat", "arm_R_snuffer", "head_hat", "pack_lantern"] * 4
    bitmaps = {n: outline_bitmap(supported(n)) for n in set(names)}
    outlines = [
        Outline(n, f"f{i}", "s", bitmaps[n], float(supported(n).extents_mm[2]), 1.0) for i, n in enumerate(names)
    ]
    packing = pack(outlines, SMALL, tries=0)
    ids = count()
    for plate in plates_of(packing, outlines, SMALL, Resin("r", "R"), "x", lambda: str(next(ids))):
        drawn = np.zeros((420, 620), int)
        for spot in plate.placed:
            turned = (
                supported(spot.part_id)
                .transformed(rotation_matrix(about_vertical(spot.turn_deg)))
                .moved((spot.x_mm, spot.y_mm, 0))
            )
            columns = solid_columns(turned.triangles, 0.1, 0.1)
            rows, cols = np.nonzero(silhouette(columns))
            drawn[rows + columns.grid.y0_px, cols + columns.grid.x0_px] += 1
        assert drawn.max() == 1
        assert drawn[400:].sum() == 0 and drawn[:, 600:].sum() == 0


def test_tall_goes_with_tall() -> None:
    """Two heights that each fill a plate are not mixed: machine minutes are those of one tall and one low plate."""
    outlines = [blank(20, 20, h) for h in (50.0, 8.0) * 20]
    heights = [{outlines[s[0]].height_mm for s in plate} for plate in pack(outlines, SMALL).plates]
    assert sum(50.0 in h for h in heights) == 1


def test_bad_spots_stay_free() -> None:
    """No cell of any part lies on a weak spot."""
    machine = Machine("m", "M", 60, 40, 100, bad_spots=((10, 10, 8),))
    outlines = [blank(10, 10)] * 12
    spots = empty_plate(machine)
    for plate in pack(outlines, machine, tries=0).plates:
        for index, turn, column, row in plate:
            rows, columns = np.nonzero(np.rot90(outlines[index].bitmap, turn))
            assert not spots[rows + row, columns + column].any()


@pytest.mark.parametrize("outline", [blank(400, 10), blank(5, 5, 300.0)])
def test_what_does_not_fit_is_said_in_words(outline: Outline) -> None:
    """Too wide or too tall: a PlanError that names the machine."""
    with pytest.raises(PlanError, match="Small"):
        pack([outline], SMALL)


def test_density_is_the_share_of_the_plate_covered() -> None:
    """A part of half the plate's cells has density one half."""
    ny, nx = empty_plate(SMALL).shape
    outline = blank(nx // 2, ny)
    assert density(pack([outline], SMALL, tries=0), [outline], SMALL) == [pytest.approx(0.5)]
    assert CELL_MM * nx == 60
