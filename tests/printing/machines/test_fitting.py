"""What fits a machine, against boxes whose answer is known."""

from __future__ import annotations

import pytest

from helpers import box_mesh
from numerus.domain.printing.machines import Machine
from numerus.geometry.mesh import merged
from numerus.printing.machines.fitting import MARGIN_MM, fewest_cuts, largest_scale, ways_to_fit
from numerus.printing.machines.resting import LIFT_MM

MACHINE = Machine("m", "M", plate_x_mm=104, plate_y_mm=64, height_mm=124)


def test_a_cube_is_limited_by_the_plates_lesser_side() -> None:
    """60 mm of room across: a cube of 30 fits at 2 at least (a turned one can gain a little)."""
    scale, height = largest_scale(box_mesh((30, 30, 30)), MACHINE)
    assert scale == pytest.approx(2, rel=0.1)
    assert height <= MACHINE.height_mm - LIFT_MM + 1e-9


def test_a_long_rod_fits_leaning_or_standing() -> None:
    """A rod longer than every side fits along the room's diagonal: longer than upright, no longer than the diagonal."""
    scale, _ = largest_scale(box_mesh((1, 1, 100)), MACHINE)
    room = [MACHINE.plate_x_mm - 2 * MARGIN_MM, MACHINE.plate_y_mm - 2 * MARGIN_MM, MACHINE.height_mm - LIFT_MM]
    assert 1.2 < scale <= sum(r * r for r in room) ** 0.5 / 100


def test_the_table_tells_what_each_way_costs() -> None:
    """Smaller is quicker, a cut at the waist is quicker still, and what does not fit is said."""
    tall = merged([box_mesh((20, 20, 90)), box_mesh((6, 6, 30), (7, 7, 85)), box_mesh((20, 20, 90), (0, 0, 110))])
    rows = {r.way: r for r in ways_to_fit(tall, MACHINE)}
    assert not rows["at 100 %"].fits
    assert rows["at 80 %"].minutes < rows["at 90 %"].minutes < rows["at 100 %"].minutes
    assert rows["as large as it fits"].scale < 1
    cut = rows["cut 1 time: it fits whole"]
    assert len(cut.planes) == 1 and 85 < cut.planes[0].point[2] < 115
    assert cut.minutes < rows["at 80 %"].minutes


def test_a_part_that_fits_is_cut_only_to_print_sooner() -> None:
    """Two blocks on a thin neck: cut there it stands half as high; a flat slab gains nothing and is not cut."""
    dumbbell = merged([box_mesh((20, 20, 40)), box_mesh((4, 4, 20), (8, 8, 35)), box_mesh((20, 20, 40), (0, 0, 50))])
    rows = {r.way: r for r in ways_to_fit(dumbbell, MACHINE)}
    assert rows["cut once, halves side by side"].height_mm < 0.6 * rows["at 100 %"].height_mm
    assert not any(r.planes for r in ways_to_fit(box_mesh((40, 30, 3)), MACHINE, 3.0))


def test_the_fewest_cuts_leave_only_pieces_that_fit() -> None:
    """A rod of 230 mm in a room of 60 x 40 x 80: two pieces are longer than the room's diagonal, three fit; nothing is lost."""
    small = Machine("m", "M", plate_x_mm=64, plate_y_mm=44, height_mm=84)
    rod = box_mesh((20, 20, 230))
    found = fewest_cuts(rod, small)
    assert found is not None
    planes, pieces = found
    assert (len(planes), len(pieces)) == (2, 3)
    assert all(largest_scale(p, small)[0] >= 1 for p in pieces)
    assert sum(p.signed_volume_mm3 for p in pieces) == pytest.approx(rod.signed_volume_mm3, rel=1e-6)
    assert fewest_cuts(rod, small, 1) is None
