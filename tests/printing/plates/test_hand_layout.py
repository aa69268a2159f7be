"""Plates laid by hand, their layers, and the archive that is printed."""

from __future__ import annotations

import json
import zipfile
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import Cancelled, MeshFileError, PlanError
from numerus.formats.layer_archive import LayerArchive
from numerus.geometry.hulls import hull_of
from numerus.geometry.mesh import merged
from numerus.printing.plates.hand_layout import lies_on, locked, moved, repacked, swapped, troubles
from numerus.printing.plates.kept_layers import layers_about, packed_layers, unpacked_layers
from numerus.printing.plates.layer_export import screen_px, write_layers
from numerus.printing.plates.packing import cells_of, outline_bitmap
from numerus.printing.plates.plate_layers import part_layers, plate_columns, plate_layers

MACHINE = Machine("m", "M", 60.0, 40.0, 100.0, pixel_mm=0.05, bad_spots=((52.0, 8.0, 5.0),))
RESIN = Resin("r", "R")
SHAPES = {
    "block/0": outline_bitmap(box_mesh((8, 8, 8), (-4, -4, 0))),
    "bar/0": outline_bitmap(box_mesh((20, 4, 6), (-10, -2, 0))),
}


def plate_with(*placed: tuple[str, float, float]) -> Plate:
    made = tuple(Placed(f"{n}", part, f"f{n}", part, x, y) for n, (part, x, y) in enumerate(placed))
    return Plate("p", "P", "m", "r", made, 8.0, 60.0, 4.0)


def test_a_part_is_moved_and_turned_where_it_can_lie_and_refused_elsewhere() -> None:
    """Onto free cells; over another, over the edge and onto a weak spot it is said and nothing is changed."""
    plate = plate_with(("block", 10, 10), ("bar", 30, 30))
    made = moved(plate, "0", 30, 12, 45.0, SHAPES, MACHINE)
    assert (made.placed[0].x_mm, made.placed[0].turn_deg, made.placed[1]) == (30, 45.0, plate.placed[1])
    assert made.reach_mm[0] == pytest.approx(40.5, abs=0.5) and troubles(made, SHAPES, MACHINE) == {}
    for x, y, description in ((30, 28, "another part"), (2, 10, "edge"), (50, 8, "weak spot")):
        with pytest.raises(PlanError, match=description):
            moved(plate, "0", x, y, 0.0, SHAPES, MACHINE)


@given(st.floats(12, 48), st.floats(12, 28), st.floats(0, 360))
def test_by_plain_outlines_no_part_is_let_onto_a_weak_spot(x: float, y: float, turn: float) -> None:
    """A bar anywhere, turned any way, beside a spot: where it is said to lie well the cells say so, too; well clear it is."""
    machine = replace(MACHINE, bad_spots=((30.0, 20.0, 5.0),))
    hull = hull_of(box_mesh((20, 4, 6), (-10, -2, 0)).vertices[:, :2])
    bar = Placed("0", "bar", "f", "bar", x, y, turn)
    plate = replace(plate_with(), placed=(bar,))
    fits = lies_on(plate, machine, lambda _: [(float(a), float(b)) for a, b in hull])
    assert not (fits and "weak spot" in " ".join(troubles(plate, SHAPES, machine).values()))
    assert fits or np.hypot(x - 30, y - 20) < np.hypot(10, 2) + 5 + 1
    assert not lies_on(plate, machine, lambda _: ())
    assert not lies_on(replace(plate, height_mm=101.0), replace(machine, bad_spots=()), lambda _: ())


def test_two_parts_change_places_if_each_fits_the_other() -> None:
    """A block and a bar apart; not where the bar would meet a third."""
    plate = plate_with(("block", 10, 10), ("bar", 30, 30))
    with pytest.raises(PlanError, match="edge"):
        swapped(plate, "0", "1", SHAPES, MACHINE)
    plate = plate_with(("block", 14, 10), ("bar", 30, 30))
    made = swapped(plate, "0", "1", SHAPES, MACHINE)
    assert [(p.x_mm, p.y_mm) for p in made.placed] == [(30, 30), (14, 10)]


@settings(max_examples=20, deadline=None)
@given(st.integers(1, 8), st.floats(10, 40), st.floats(10, 28))
def test_packing_anew_leaves_what_is_kept_and_lays_the_others_free(bars: int, x: float, y: float) -> None:
    """The locked block stays to the micrometre; nothing overlaps; too many are refused."""
    plate = locked(plate_with(("block", x, y), *[("bar", 30, 20)] * bars), "0", True)
    try:
        made = repacked(plate, SHAPES, MACHINE)
    except PlanError as error:
        assert bars > 4 and "no room" in error.message
        return
    assert made.placed[0] == plate.placed[0] and troubles(made, SHAPES, MACHINE) == {}


def test_cells_are_those_of_the_turned_outline() -> None:
    """A bar turned by ninety degrees is as tall as it was wide; by any angle it covers its area and a rim."""
    flat, upright = (cells_of(Placed("0", "bar", "f", "s", 30, 20, turn), SHAPES["bar/0"]) for turn in (0.0, 90.0))
    assert np.ptp(upright[0]) == np.ptp(flat[1]) and np.ptp(upright[1]) == np.ptp(flat[0])
    slanted = cells_of(Placed("0", "bar", "f", "s", 30, 20, 33.0), SHAPES["bar/0"])
    assert len(flat[0]) <= len(slanted[0]) < 1.5 * len(flat[0])


def test_a_plate_is_measured_layer_by_layer() -> None:
    """Two boxes of different height: areas, resin and weight are theirs; the vat is filled up when it falls below its least."""
    tall, low = (part_layers(box_mesh((10, 10, h), (5, 5, 0)), MACHINE, RESIN) for h in (8, 4))
    found = plate_layers([(tall, 1), (low, 2)], MACHINE, RESIN)
    assert found.areas_mm2[0] == pytest.approx(300, rel=0.03) and found.areas_mm2[-1] == pytest.approx(100, rel=0.03)
    assert found.ml[-1] == pytest.approx(1.6 * 1.1, rel=0.03) and found.weight_g == pytest.approx(1.6 * 1.1, rel=0.03)
    assert found.refill_mm is None and found.pull_n[0] > found.pull_n[-1] and found.height_mm == pytest.approx(8)
    thirsty = plate_layers([(tall, 1), (low, 2)], replace(MACHINE, vat_full_ml=151.32), RESIN)
    assert thirsty.refill_mm == pytest.approx(4.0, abs=0.2)


def test_layers_that_were_kept_are_those_that_were_measured() -> None:
    """What is no such thing is not taken for one; another machine's are kept elsewhere."""
    measured = part_layers(box_mesh((10, 10, 4), (5, 5, 0)), MACHINE, RESIN)
    kept = unpacked_layers(packed_layers(measured))
    assert kept.volume_ml == measured.volume_ml
    assert np.array_equal(kept.areas_mm2, measured.areas_mm2) and np.array_equal(kept.pull_n, measured.pull_n)
    assert unpacked_layers(None) is None and unpacked_layers(b"PK no layers") is None
    assert layers_about(MACHINE, RESIN) != layers_about(replace(MACHINE, layer_mm=0.03), RESIN)


def test_parts_apart_pull_together_as_one_soup_does() -> None:
    """The same two boxes measured together: areas alike, pull the sum."""
    apart = [box_mesh((10, 10, 8), (5, 5, 0)), box_mesh((10, 10, 4), (25, 5, 0))]
    together = part_layers(merged(apart), MACHINE, RESIN)
    found = plate_layers([(part_layers(m, MACHINE, RESIN), 1) for m in apart], MACHINE, RESIN)
    assert found.areas_mm2 == pytest.approx(together.areas_mm2)
    assert found.pull_n == pytest.approx(together.pull_n, rel=0.02)


def test_an_archive_holds_what_was_meant_and_says_if_it_does_not(tmp_path: Path) -> None:
    """Whole screens, white where it is exposed, the front last; read back it is the volume; damage is found."""
    columns = plate_columns(
        [box_mesh((10, 6, 2), (5, 5, 0)), ball_mesh(3.0, (30, 20, 3))], MACHINE.pixel_mm, MACHINE.layer_mm
    )
    path = tmp_path / "plate.layers"
    manifest = write_layers(columns, MACHINE, "Plate 1", "R", 60.0, 3.0, path)
    rows, across = screen_px(MACHINE)
    archive = LayerArchive.open(path)
    assert archive.manifest == manifest and (manifest.rows, manifest.columns) == (rows, across) == (800, 1200)
    assert archive.check() == pytest.approx(0.12 + 4 / 3 * np.pi * 27 / 1000, rel=0.01)
    first = np.unpackbits(next(iter(archive.bits())), axis=1)[:, :across]
    at = np.argwhere(first)
    assert (rows - 1 - at[:, 0]).min() == 100 and at[:, 1].min() == 100
    with zipfile.ZipFile(path) as old, zipfile.ZipFile(tmp_path / "hurt.layers", "w") as new:
        for name in old.namelist():
            if name != "00007.png":
                new.writestr(name, old.read("00009.png" if name == "00050.png" else name))
    with pytest.raises(MeshFileError, match="Layer 8"):
        LayerArchive.open(tmp_path / "hurt.layers").check()


def test_an_export_that_is_stopped_or_cannot_be_written_leaves_nothing(tmp_path: Path) -> None:
    """Neither the file nor a part of it; what was there before stays."""
    columns = plate_columns([box_mesh((10, 6, 2), (5, 5, 0))], MACHINE.pixel_mm, MACHINE.layer_mm)
    path = tmp_path / "plate.layers"
    path.write_text("before")
    with pytest.raises(Cancelled):
        write_layers(columns, MACHINE, "P", "R", 60.0, 3.0, path, lambda share: share < 0.5)
    assert path.read_text() == "before" and list(tmp_path.iterdir()) == [path]
    with pytest.raises(MeshFileError, match="could not be written"):
        write_layers(columns, MACHINE, "P", "R", 60.0, 3.0, tmp_path / "none" / "plate.layers")
    with pytest.raises(MeshFileError, match="no layer archive"):
        LayerArchive.open(path)
    with zipfile.ZipFile(path, "w") as other:
        other.writestr("manifest.json", json.dumps({"form": "numerus-layers", "version": 99}))
    with pytest.raises(MeshFileError, match="another form"):
        LayerArchive.open(path)


@pytest.mark.parametrize("comp_px", [-2, 1, 3])
def test_outlines_are_drawn_in_as_the_machine_is_calibrated(comp_px: int, tmp_path: Path) -> None:
    """A square is smaller by so many pixels on each side, or larger; the archive counts what it shows."""
    columns = plate_columns([box_mesh((5, 5, 0.5), (5, 5, 0))], MACHINE.pixel_mm, MACHINE.layer_mm)
    machine = replace(MACHINE, xy_comp_mm=comp_px * MACHINE.pixel_mm)
    manifest = write_layers(columns, machine, "P", "R", 1.0, 1.0, tmp_path / "p.layers")
    side = 5 - 2 * comp_px * MACHINE.pixel_mm
    assert manifest.areas_mm2 == pytest.approx([side**2] * columns.layers)
    assert LayerArchive.open(tmp_path / "p.layers").check() == pytest.approx(side**2 * 0.5 / 1000)


def test_parts_are_scaled_about_their_own_middles() -> None:
    """Two squares a tenth larger: each about where it stands, no higher."""
    plain, larger = (
        plate_columns([box_mesh((5, 5, 2), (5, 5, 0)), box_mesh((5, 5, 2), (25, 5, 0))], 0.05, 0.1, scale)
        for scale in (1.0, 1.1)
    )
    assert larger.volume_mm3 == pytest.approx(plain.volume_mm3 * 1.21) and larger.layers == plain.layers
    ends = [(c.grid.x0_px * 0.05, (c.grid.x0_px + c.grid.nx) * 0.05) for c in (plain, larger)]
    assert ends[1] == pytest.approx((ends[0][0] - 0.25, ends[0][1] + 0.25), abs=0.06)
