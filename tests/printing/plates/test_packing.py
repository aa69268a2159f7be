"""Packing: nothing overlaps, nothing leaves the plate, what cannot fit is said."""

from __future__ import annotations

from itertools import count

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.demo.parts import supported
from numerus.domain.printing.machines import Machine, Resin
from numerus.errors import Cancelled, PlanError
from numerus.geometry.mesh import about_vertical, rotation_matrix
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.layers import silhouette
from numerus.printing.plates.nesting import TURNS, _fits, turn_deg, turned_by, words_of
from numerus.printing.plates.packing import (
    CELL_MM,
    Outline,
    density,
    empty_plate,
    machine_minutes,
    outline_bitmap,
    pack,
    plates_of,
)

SMALL = Machine("m", "Small", 60, 40, 100)


def blank(width: int, depth: int, height: float = 10.0) -> Outline:
    bitmap = np.zeros((2 * max(width, depth) + 1,) * 2, bool)
    bitmap[:depth, :width] = True
    return Outline("p", "f", "s", bitmap, height, 1.0)


def cells_of(outline: Outline, turn: int, column: int, row: int):  # type: ignore[no-untyped-def]
    """Rows and columns of the plate's cells an outline lies on."""
    made = turned_by(outline.bitmap, turn_deg(turn))
    rows, columns = np.nonzero(made)
    return rows + row - (made.shape[0] - 1) // 2, columns + column - (made.shape[0] - 1) // 2


def test_turned_bitmaps_cover_what_they_must() -> None:
    """Every cell of the outline, turned as the mesh is, lies in a set cell; little more is set; quarter turns are exact."""
    bitmap = np.zeros((41, 41), bool)
    bitmap[6:18, 8:35] = bitmap[18:36, 8:14] = True
    rows, columns = np.nonzero(bitmap)
    for turn in range(TURNS):
        made = turned_by(bitmap, turn_deg(turn))
        angle = np.radians(turn_deg(turn))
        x, y = columns - 20.0, rows - 20.0
        middle = (made.shape[0] - 1) // 2
        tx, ty = np.cos(angle) * x - np.sin(angle) * y, np.sin(angle) * x + np.cos(angle) * y
        assert made[np.rint(ty).astype(int) + middle, np.rint(tx).astype(int) + middle].all()
        assert made.sum() <= bitmap.sum() * (1.0 if turn % 4 == 0 else 1.35)


@settings(max_examples=30, deadline=None)
@given(st.integers(0, 10**6), st.integers(0, 60), st.integers(0, 20))
def test_a_shape_fits_where_no_cell_is_shared(seed: int, column: int, row: int) -> None:
    """Words shifted and compared say what bitmaps say, at any place, across word borders."""
    dice = np.random.default_rng(seed)
    plate, shape = dice.random((40, 200)) < 0.004, dice.random((9, 90)) < 0.2
    order = np.arange(9)
    said = _fits(words_of(plate, 1), words_of(shape), order, row, column)
    assert said == (not (plate[row : row + 9, column : column + 90] & shape).any())


def test_a_ring_takes_another_part_into_its_hollow() -> None:
    """Interleaving: a block lies within a ring, on one plate that has room for nothing else."""
    ny, nx = empty_plate(SMALL).shape
    size = min(nx, ny) | 1
    ring = np.zeros((size, size), bool)
    ring[2:-2, 2:-2] = True
    ring[30:-30, 30:-30] = False
    ring_outline = Outline("ring", "f", "s", ring, 10.0, 1.0)
    small = Machine("m", "Tight", SMALL.plate_y_mm, SMALL.plate_y_mm, 100)
    packing = pack([ring_outline, blank(40, 40)], [small], tries=0)
    assert len(packing) == 1


@settings(max_examples=25, deadline=None)
@given(st.lists(st.tuples(st.integers(2, 40), st.integers(2, 40)), min_size=1, max_size=25))
def test_no_cell_is_taken_twice_and_every_part_is_placed_once(sizes: list) -> None:
    """Any set of outlines: each lies on exactly one plate, inside it, over no other."""
    outlines = [blank(w, d) for w, d in sizes]
    packing = pack(outlines, [SMALL], tries=1)
    assert sorted(spot[0] for plate in packing for spot in plate.spots) == list(range(len(outlines)))
    for plate in packing:
        taken = np.zeros_like(empty_plate(SMALL), int)
        for index, turn, column, row in plate.spots:
            rows, columns = cells_of(outlines[index], turn, column, row)
            assert rows.min() >= 0 and columns.min() >= 0
            taken[rows, columns] += 1
        assert taken.max() == 1


def test_real_parts_as_placed_do_not_overlap() -> None:
    """Supported demo parts, turned and moved as the plan says, drawn at 0.1 mm: no pixel is shared."""
    names = ["torso_coat", "arm_R_snuffer", "head_hat", "pack_lantern"] * 4
    bitmaps = {n: outline_bitmap(supported(n)) for n in set(names)}
    outlines = [
        Outline(n, f"f{i}", "s", bitmaps[n], float(supported(n).extents_mm[2]), 1.0) for i, n in enumerate(names)
    ]
    packing = pack(outlines, [SMALL], tries=0)
    ids = count()
    for plate in plates_of(packing, outlines, Resin("r", "R"), "x", lambda: str(next(ids))):
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
    heights = [{outlines[s[0]].height_mm for s in plate.spots} for plate in pack(outlines, [SMALL])]
    assert sum(50.0 in h for h in heights) == 1


def test_bad_spots_stay_free() -> None:
    """No cell of any part lies on a weak spot."""
    machine = Machine("m", "M", 60, 40, 100, bad_spots=((10, 10, 8),))
    outlines = [blank(10, 10)] * 12
    spots = empty_plate(machine)
    for plate in pack(outlines, [machine], tries=0):
        for index, turn, column, row in plate.spots:
            rows, columns = cells_of(outlines[index], turn, column, row)
            assert not spots[rows, columns].any()


@pytest.mark.parametrize("outline", [blank(400, 10), blank(5, 5, 300.0)])
def test_what_does_not_fit_is_said_in_words(outline: Outline) -> None:
    """Too wide or too tall: a PlanError that names the machine."""
    with pytest.raises(PlanError, match="Small"):
        pack([outline], [SMALL])


def test_density_is_the_share_of_the_plate_covered() -> None:
    """A part of half the plate's cells has density one half."""
    ny, nx = empty_plate(SMALL).shape
    outline = blank(nx // 2, ny)
    assert density(pack([outline], [SMALL], tries=0), [outline]) == [pytest.approx(0.5, rel=0.01)]
    assert CELL_MM * nx == 60


def test_two_machines_share_the_parts_by_what_they_can_take() -> None:
    """What is too tall for one goes to the other; the faster one gets more; each plate is within its machine."""
    low, fast = Machine("low", "Low", 60, 40, 30.0, exposure_s=6.0), Machine("fast", "Fast", 60, 40, 100)
    outlines = [blank(60, 60, h) for h in (80.0, 20.0) * 30]
    made = pack(outlines, [low, fast])
    assert all(p.height_mm <= p.machine.height_mm for p in made)
    minutes = {m: sum(p.minutes for p in made if p.machine.id == m) for m in ("low", "fast")}
    assert minutes["low"] > 0 and minutes["fast"] > 0
    assert sum(len(p.spots) for p in made) == 60
    alone = machine_minutes(pack(outlines, [fast]))
    assert max(minutes.values()) < alone


def test_better_batches_are_told_as_they_are_found() -> None:
    """Each costs less than the one before; the last told is the answer."""
    rng = np.random.default_rng(4)
    outlines = [blank(int(w), int(d), float(h)) for w, d, h in rng.integers(10, 60, (60, 3))]
    told: list = []
    best = pack(outlines, [SMALL], tries=6, better=lambda filled, _: told.append(filled))
    costs = [machine_minutes(t) for t in told]
    assert costs == sorted(costs, reverse=True) and told[-1] is best
    with pytest.raises(Cancelled):
        pack(outlines, [SMALL], progress=lambda share: share < 0.3)


def test_a_plate_knows_how_far_it_reaches() -> None:
    """The furthest cell of its outlines, in mm."""
    outlines = [blank(40, 20)]
    (plate,) = plates_of(pack(outlines, [SMALL], tries=0), outlines, Resin("r", "R"), "x", lambda: "id")
    ((index, turn, column, row),) = pack(outlines, [SMALL], tries=0)[0].spots
    rows, columns = cells_of(outlines[index], turn, column, row)
    assert plate.reach_mm == ((columns.max() + 1) * CELL_MM, (rows.max() + 1) * CELL_MM)
