"""The Plate bench: laid by hand, seen by layers, batched over machines, exported and read back."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import QPoint, QPointF, QRectF, Qt
from PyQt6.QtSvg import QSvgRenderer
from PyQt6.QtTest import QTest

from numerus.book.book import Removed
from numerus.desk.stages.plate import bench as plate_bench
from numerus.desk.stages.plate.known_layers import KnownLayers
from numerus.desk.window import MainWindow
from numerus.domain.printing.plates import Plate
from numerus.formats.layer_archive import LayerArchive
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.printing.runs.run_records import waiting_plates


def bench_of(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.select("heron")
    window.session.go("plate")
    bench = window.benches["plate"]
    waiting = [p for p in window.session.plans.plates.values() if bench.state.waits(p)]
    bench.state.plate_id = max(waiting, key=lambda p: len(p.placed)).id
    bench._show()
    return bench


def spot_of(bench, placed) -> QPoint:  # type: ignore[no-untyped-def]
    frame, scale = bench.picture._frame(bench.picture.machine)
    at = QPointF(frame.left() + placed.x_mm * scale, frame.bottom() - placed.y_mm * scale) * bench.theme.zoom
    return at.toPoint()


def drag(bench, placed, dx: int, dy: int) -> None:  # type: ignore[no-untyped-def]
    bench.picture.grab()
    at = spot_of(bench, placed)
    QTest.mousePress(bench.picture, Qt.MouseButton.LeftButton, pos=at)
    QTest.mouseMove(bench.picture, at + QPoint(dx // 2, dy // 2))
    bench.picture.grab()
    QTest.mouseRelease(bench.picture, Qt.MouseButton.LeftButton, pos=at + QPoint(dx, dy))


def test_a_part_is_dragged_and_lies_there_or_is_refused(window: MainWindow) -> None:
    """Where it can lie it does, to the pixel; over the edge it is told and stays; undo takes it back."""
    bench = bench_of(window)
    before = bench.state.plate.placed[-1]
    drag(bench, before, 40, -120)
    after = next(p for p in bench.state.plate.placed if p.id == before.id)
    scale = bench.picture._frame(bench.picture.machine)[1] * bench.theme.zoom
    assert after.x_mm - before.x_mm == pytest.approx(40 / scale, abs=1 / scale)
    assert after.y_mm - before.y_mm == pytest.approx(120 / scale, abs=1 / scale)
    drag(bench, after, -2000, 0)
    assert "over the edge" in window.errors.message.text()
    assert next(p for p in bench.state.plate.placed if p.id == before.id) == after
    window.session.undo()
    assert next(p for p in bench.state.plate.placed if p.id == before.id) == before


def test_a_part_is_turned_kept_and_the_others_packed_round_it(window: MainWindow) -> None:
    """Turned in steps; kept, packing anew leaves it; let go it may move."""
    bench = bench_of(window)
    first = bench.state.plate.placed[-1]
    drag(bench, first, 60, -150)
    bench._tapped(first.id)
    bench.of_part[0].click()
    assert bench.state.chosen.turn_deg == pytest.approx((first.turn_deg + 7.5) % 360)
    bench.lock_button.click()
    kept = bench.state.chosen
    bench.pack_button.click()
    assert bench.state.chosen == kept and kept.locked
    bench._tapped(first.id)
    assert bench.lock_button.text() == "Let it go"


def test_swapping_and_taking_off(window: MainWindow) -> None:
    """A tap after Swap changes places where both fit; what is taken off is owed, and the run as short as what is left."""
    bench = bench_of(window)
    one, other, *_ = bench.state.plate.placed
    bench._tapped(one.id)
    bench.swap_button.click()
    bench._tapped(other.id)
    now = {p.id: (p.x_mm, p.y_mm) for p in bench.state.plate.placed}
    swapped = now[one.id] == (other.x_mm, other.y_mm)
    assert swapped or "It stays where it was" in window.errors.message.text() + window.errors.advice.text()
    tall = max(bench.state.plate.placed, key=lambda p: window.session.plans.parts[p.part_id].pose.height_mm)
    before = bench.state.plate
    bench._tapped(tall.id)
    bench.away_button.click()
    assert len(bench.state.plate.placed) == len(before.placed) - 1
    assert bench.state.plate.minutes <= before.minutes and bench.state.plate.resin_ml < before.resin_ml


def test_the_graph_shows_a_layer_at_the_machines_own_pixels(window: MainWindow) -> None:
    """Area and pull of all parts; scrubbed, the layer's area is the graph's; Escape shows the plate again."""
    bench = bench_of(window)
    found = bench.graph.layers
    assert found.height_mm == pytest.approx(bench.state.plate.height_mm, abs=0.2)
    assert f"{found.weight_g:.0f} g" in bench.numbers.text()
    bench.graph._scrub(found.height_mm / 2)
    layer = bench.picture.layer
    assert layer.pixel_mm == window.session.plans.machines[bench.state.plate.machine_id].pixel_mm
    area = layer.bitmap.sum() * layer.pixel_mm**2
    assert area == pytest.approx(found.areas_mm2[int(bench.graph.height_mm / found.layer_mm)], rel=0.05)
    bench.picture.grab()
    near = layer.loupe(*(float(v) for v in np.add(layer.origin_mm, 1.0)))
    assert near.width() == near.height() == 75
    QTest.keyClick(bench.graph, Qt.Key.Key_Escape)
    assert bench.picture.layer is None


def test_a_plate_that_was_measured_is_measured_anew_only_for_other_settings(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Its graph is there at once for who opens the book again; with thinner layers it has as many more."""
    bench, measured = bench_of(window), []
    layers = len(bench.graph.layers.areas_mm2)
    plain = plate_bench.part_layers
    monkeypatch.setattr(plate_bench, "part_layers", lambda *told: (measured.append(1), plain(*told))[1])
    bench._layers = KnownLayers(window.session)
    bench._show()
    assert len(bench.graph.layers.areas_mm2) == layers and not measured
    machine = window.session.plans.machines[bench.state.plate.machine_id]
    window.session.commit("finer", [replace(machine, layer_mm=machine.layer_mm / 2)])
    bench._show()
    assert measured and len(bench.graph.layers.areas_mm2) == pytest.approx(2 * layers, abs=2)


def test_all_units_are_batched_over_both_machines(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Waiting plates taken apart and made anew: better batches are shown as they are found, and what it saves is told."""
    monkeypatch.setattr("numerus.progress.printing.batching.TRIES", 1)
    plans = window.session.plans
    waiting = waiting_plates(plans.plates, window.session.answers.standing.runs)
    window.session.commit("apart", [Removed("plate", p.id) for p in waiting])
    window.session.go("plate")
    bench = window.benches["plate"]
    told: list[str] = []
    bench.bettered.connect(lambda batch: told.append(batch.description))
    bench.on.setCurrentIndex(bench.on.findData("all"))
    bench.batch_button.click()
    made = waiting_plates(window.session.plans.plates, window.session.answers.standing.runs)
    assert {p.machine_id for p in made} == set(window.session.plans.machines)
    assert told and "of machine" in window.errors.message.text()
    assert all(p.reach_mm[0] > 0 for p in made)


def small(bench) -> Plate:  # type: ignore[no-untyped-def]
    """The plate with one low part alone, so that its layers are few."""
    low = min(bench.state.plate.placed, key=lambda p: bench.session.plans.parts[p.part_id].pose.height_mm)
    return replace(bench.state.plate, placed=(low,))


def test_a_plate_is_exported_and_read_back(window: MainWindow, tmp_path: Path) -> None:
    """Layers at the machine's pixels counted again, 3MF with slices as meshes, a card as PDF and SVG; a bad folder is told."""
    bench = bench_of(window)
    plate = small(bench)
    machine = replace(window.session.plans.machines[plate.machine_id], pixel_mm=0.2, layer_mm=0.25)
    bench.out_of.write(plate, machine, tmp_path / "plate.layers")
    assert "read back as meant" in window.errors.message.text()
    archive = LayerArchive.open(tmp_path / "plate.layers")
    assert archive.manifest.name == plate.name and archive.check() > 0
    bench.out_of.write(plate, machine, tmp_path / "plate.slices.3mf")
    whole = read_mesh(tmp_path / "plate.slices.3mf").mesh
    bench.out_of.write(plate, machine, tmp_path / "plate.3mf")
    assert whole.bounds_mm == pytest.approx(read_mesh(tmp_path / "plate.3mf").mesh.bounds_mm, abs=0.01)
    for ending in ("pdf", "svg"):
        bench.out_of.write(plate, machine, tmp_path / f"card.{ending}")
    assert (tmp_path / "card.pdf").read_bytes().startswith(b"%PDF")
    assert QSvgRenderer(str(tmp_path / "card.svg")).viewBoxF() == QRectF(0, 0, 1000, 1414)
    bench.out_of.write(plate, machine, tmp_path / "none" / "plate.layers")
    assert "could not be written" in window.errors.message.text()
