"""Machines by their links: resumed runs, a bridge's folder, what the camera sees."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import datetime, timedelta
from pathlib import Path

import numpy as np
import pytest

from helpers import box_mesh
from numerus.devices.camera import HIGH, WIDE, camera_picture, front_of
from numerus.devices.link import ArchivePrinter, FolderLink, link_for
from numerus.devices.printer import LINE, SimulatedPrinter
from numerus.domain.journal import Fact, RunPaused, RunResumed, RunStarted
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.formats.layer_archive import LayerArchive
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import merged
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.layer_export import write_layers
from numerus.printing.plates.plate_layers import plate_columns
from numerus.printing.runs.run_records import Pause, RunRecord, run_records

NOW = datetime(2026, 3, 5, 18, 30)
MACHINE = Machine("m", "M")
PLACED = tuple(Placed(f"i{n}", "part", f"f{n}", "head", 10.0 + 9 * n, 20) for n in range(12))
PLATE = Plate("p", "P", "m", "r", PLACED, 30, run_minutes(30, MACHINE), 40)
RUN = RunRecord("run", "p", "m", NOW, None, {}, False, False)


def test_a_run_let_go_on_ends_whole_with_a_line_in_some_parts() -> None:
    """Stopped at one height it goes on to the end; few are lost, many show where it stood."""
    stopped = SimulatedPrinter(PLATE, MACHINE, 5, "power cut")
    on = replace(stopped, resumed=True)
    assert stopped.reading(1e6).state == "stopped" and on.reading(1e6).state == "finished"
    looks = [o.looks for o in on.outcomes()]
    assert LINE in looks and sum(o.outcome == "failed" for o in on.outcomes()) < 6
    assert link_for(PLATE, MACHINE, replace(RUN, pauses=(Pause(NOW, NOW, "power cut"),))).resumed


def test_time_stands_still_while_a_run_does() -> None:
    """Two hours with half an hour's pause are ninety minutes; a pause not ended counts till now."""
    facts = [Fact(NOW, RunStarted("p", "m"), "run"),
             Fact(NOW + timedelta(minutes=30), RunPaused("power cut"), "run")]  # fmt: skip
    later = NOW + timedelta(hours=2)
    still = run_records(facts)["run"]
    assert still.paused == "power cut" and still.minutes_at(later) == pytest.approx(30)
    on = run_records([*facts, Fact(NOW + timedelta(minutes=60), RunResumed(), "run")])["run"]
    assert on.paused == "" and on.minutes_at(later) == pytest.approx(90)


def test_a_bridge_tells_what_its_file_says(tmp_path: Path) -> None:
    """What the file leaves out comes from the clock; no file, and a damaged one, are told in words."""
    link = link_for(PLATE, replace(MACHINE, link=str(tmp_path)), RUN)
    assert isinstance(link, FolderLink)
    half = link.reading(PLATE.minutes / 2)
    assert (
        half.state == "printing"
        and 14 < half.height_mm < 15  # bottom layers take longer for their height
        and "no status.json" in half.description
    )
    (tmp_path / "status.json").write_text(
        json.dumps({"state": "stopped", "layer": 120, "celsius": 21.5, "says": "vat empty"})
    )
    told = link.reading(5.0)
    assert (told.state, told.layer, told.celsius, told.description) == ("stopped", 120, 21.5, "vat empty")
    assert told.height_mm == pytest.approx(6.0)
    for damaged in ("{", '{"layer": "many"}', "[]"):
        (tmp_path / "status.json").write_text(damaged)
        assert "cannot be read" in link.reading(5.0).description
    assert all(o.outcome == "good" for o in link.outcomes())


def test_the_camera_sees_the_plate_rise_and_parts_grow() -> None:
    """Seeded; the plate is higher later, and more of the picture is part."""
    printer = SimulatedPrinter(PLATE, MACHINE, 1, "none")
    skin = merged([box_mesh((15, 8, 30), (20, 5, 0)), box_mesh((20, 8, 18), (60, 40, 0))])
    skin = even_points(skin, 8000)[0]
    early, late = (camera_picture(skin, 143.0, 30.0, printer.reading(m), 3) for m in (20, PLATE.minutes))
    assert early.shape == (HIGH, WIDE, 3) and early.dtype == np.uint8
    assert np.array_equal(early, camera_picture(skin, 143.0, 30.0, printer.reading(20), 3))
    plate_rows = [int(np.argmax(p[:, WIDE // 2, 0] > 160)) for p in (early, late)]
    assert plate_rows[1] < plate_rows[0] - 20


def test_the_front_shows_each_part_where_it_hangs_as_far_as_it_has_grown() -> None:
    """Two blocks to the pixel; the one behind darker; half grown, half as many rows."""
    skin = even_points(merged([box_mesh((15, 8, 30), (20, 5, 0)), box_mesh((20, 8, 18), (60, 40, 0))]), 40_000)[0]
    whole, half = (front_of(skin, 143.0, grown, 1.0) for grown in (30.0, 15.0))
    assert whole.shape == (31, 144) and half.shape == (16, 144)
    assert (whole[1:29, 21:34] > 0).all() and (whole[1:17, 61:79] > 0).all()
    assert not whole[:, :19].any() and not whole[:, 37:58].any() and not whole[20:, 60:80].any()
    assert whole[5, 70] < whole[5, 27]


def test_the_simulated_machine_prints_a_layer_archive(tmp_path: Path) -> None:
    """Layers, height and resin are those of the pictures; a vat that holds too little stops it."""
    machine = Machine("m", "M", 40.0, 30.0, pixel_mm=0.1, layer_mm=0.1)
    columns = plate_columns([box_mesh((20, 10, 5), (5, 5, 0))], machine.pixel_mm, machine.layer_mm)
    write_layers(columns, machine, "Plate", "R", 50.0, 1.0, tmp_path / "plate.layers")
    archive = LayerArchive.open(tmp_path / "plate.layers")
    half, end = (ArchivePrinter(archive, 10.0).reading(m) for m in (25.0, 50.0))
    assert (half.layer, half.state) == (25, "printing") and half.height_mm == pytest.approx(2.5)
    assert end.state == "finished" and 10.0 - end.resin_ml == pytest.approx(1.0, rel=0.01)
    assert ArchivePrinter(archive, 0.3).reading(25.0).state == "stopped"
