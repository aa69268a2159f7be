"""The whole march in the real window with files the program has never seen, by clicks and keys."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import numpy as np
import pytest
from bench_steps import do
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtWidgets import QApplication, QDialog, QDialogButtonBox, QFileDialog

from helpers import stages, steps, stranger
from numerus.book.book import Book
from numerus.desk.dialogs.army_and_unit import ArmyDialog, UnitDialog
from numerus.desk.stages.pose.keep import write_supported
from numerus.desk.window import MainWindow
from numerus.domain.journal import BathFilled, PartOutcome
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.post.washing.emptying import Hollow
from numerus.printing.hollow.tip import Tipping


def answer(kind: type[QDialog], fill: Callable[[QDialog], None]) -> None:
    """When a dialog of this kind is up, fill it and press OK."""

    def act() -> None:
        dialog = QApplication.activeModalWidget()
        assert isinstance(dialog, kind)
        fill(dialog)
        box = dialog.findChild(QDialogButtonBox)
        box.button(QDialogButtonBox.StandardButton.Ok).click()

    QTimer.singleShot(0, act)


def click(qtbot, widget) -> None:  # type: ignore[no-untyped-def]
    qtbot.mouseClick(widget, Qt.MouseButton.LeftButton)


def muster(window: MainWindow) -> None:
    """An army with a date and a unit of two."""

    def name_army(dialog: ArmyDialog) -> None:
        dialog.name.setText("Strangers")
        dialog.ready_by.line.setText("20 April")
        assert "Which printer" in dialog.wrong()
        dialog.machine.setCurrentIndex(dialog.machine.count() - 1)
        assert "Type the printer" in dialog.wrong()
        for key, mm in (("plate_x_mm", 143), ("plate_y_mm", 89), ("height_mm", 175), ("pixel_mm", 0.035)):
            dialog.figures[key].setValue(mm)

    def name_unit(dialog: UnitDialog) -> None:
        dialog.name.setText("Twisted")
        dialog.count.setValue(2)

    answer(ArmyDialog, name_army)
    do(window, "Start an army …")
    answer(UnitDialog, name_unit)
    do(window, "Add a unit …")


def sort(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Add files, mend the unit in doubt, fill the builds."""
    do(window, "Sort")
    do(window, "Add mesh files or an archive …")
    bench = window.benches["sort"]
    head = next(p for p in window.session.plans.parts.values() if p.slot == "head")
    bench.open_part(head.id)
    click(qtbot, bench.part_page.tabs["Size"])
    size = bench.part_page.tool
    assert size.unit_button.isVisible() and "25.4" in size.unit_button.text()
    click(qtbot, size.unit_button)
    assert window.session.plans.parts[head.id].extents_mm[2] == pytest.approx(7.6, abs=0.1)
    click(qtbot, bench.tabs["Builds"])
    click(qtbot, bench.fill_button)
    assert stages(window) == {"pose"}


def pose(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Keep a pose for each of the three parts: the lying one by a click on its column, the rest as found."""
    do(window, "Pose")
    bench = window.benches["pose"]
    bench.compared.chosen.emit(2)
    assert "lies" in bench.tried.cost.school
    for _ in range(3):
        click(qtbot, bench.keep_button)
    assert all(p.pose is not None for p in window.session.plans.parts.values())
    assert stages(window) == {"plate"}


def print_all(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Start, let the simulated machine run fast to its end, take the plate off; what failed is plated again."""
    for _ in range(8):
        do(window, "Plate")
        plates = window.benches["plate"]
        if plates.make_button.isEnabled():
            click(qtbot, plates.make_button)
        do(window, "Print")
        bench = window.benches["print"]
        bench.choose(bench.state.scheduled_runs[0].plate.id)
        click(qtbot, bench.start_button)
        assert bench.state.run.state == "printing"
        for _ in range(2000):
            if bench.state.run.state != "printing":
                break
            if bench.state.run.paused:  # the simulated machine stops now and then: it goes on where it stood
                click(qtbot, bench.live.pause_button)
            bench.live.tick()
        assert bench.state.run.state == "hanging", bench.state.run
        click(qtbot, bench.off_button)
        click(qtbot, bench.off.record_button)
        wash_and_cure(window, qtbot)
        if stages(window) == {"build"}:
            return
    pytest.fail("the simulated machine failed eight times")


def wash_and_cure(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    for stage, title in (("wash", "Wash"), ("cure", "Cure")):
        do(window, title)
        click(qtbot, window.benches[stage].done_button)


def by_hand(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Build both, prime, every stroke of every zone, every finishing step."""
    do(window, "Build")
    for _ in range(2):
        click(qtbot, window.benches["build"].done_button)
    assert stages(window) == {"prime"}
    do(window, "Prime")
    click(qtbot, window.benches["prime"].done_button)
    do(window, "Paint")
    click(qtbot, window.benches["paint"].name_button)
    for _ in range(200):
        if stages(window) != {"paint"}:
            break
        click(qtbot, window.benches["paint"].done_button)
    do(window, "Finish")
    for _ in range(3):
        click(qtbot, window.benches["finish"].done_button)


def test_an_army_walks_from_muster_to_ready(make, qtbot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:  # type: ignore[no-untyped-def]
    """New army, import, pose, plate, run, wash, build, paint, ready; then the book is opened again and still says so."""
    files = stranger(tmp_path)
    book = tmp_path / "Strangers.numerus"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *a, **k: (str(book), ""))
    monkeypatch.setattr(QFileDialog, "getOpenFileNames", lambda *a, **k: ([str(f) for f in files], ""))
    window = make(None)
    muster(window)
    assert stages(window) == {"sort"}
    sort(window, qtbot)
    pose(window, qtbot)
    print_all(window, qtbot)
    by_hand(window, qtbot)
    assert stages(window) == {"ready"}
    do(window, "Ready")
    assert "2 of 2" in window.benches["ready"].subtitle.text()
    assert len(window.benches["ready"].packing_text().splitlines()) == 2
    window.session.open(None)
    again = Book.open(book)
    window.session.open(again)
    assert stages(window) == {"ready"}


def test_a_plate_and_a_part_are_exported_as_they_stand(window: MainWindow, tmp_path: Path) -> None:
    """STL and 3MF of the same plate hold the same solid, on the plate."""
    window.session.select("heron")
    do(window, "Plate")
    bench = window.benches["plate"]
    for ending in ("stl", "3mf"):
        bench.write(tmp_path / f"plate.{ending}")
    one, other = (read_mesh(tmp_path / f"plate.{e}").mesh for e in ("stl", "3mf"))
    assert one.signed_volume_mm3 == pytest.approx(other.signed_volume_mm3, rel=1e-3)
    assert one.bounds_mm[0, 2] == pytest.approx(0, abs=0.01)
    window.session.select("heron", part_id="heron_head")
    do(window, "Pose")
    write_supported(window.benches["pose"].tried.supported, tmp_path / "part.3mf")
    assert read_mesh(tmp_path / "part.3mf").mesh.bounds_mm[0, 2] == pytest.approx(0, abs=0.01)


@pytest.mark.at_once
def test_dragging_a_part_to_another_shelf_changes_its_slot(window: MainWindow) -> None:
    """And undo brings it back."""
    window.session.select("kiln")
    do(window, "Sort")
    bench = window.benches["sort"]
    bench.layout_page.shelves["head"].dropped.emit(["head_hat"], "extra")
    assert window.session.plans.parts["head_hat"].slot == "extra"
    do(window, "Undo")
    assert window.session.plans.parts["head_hat"].slot == "head"


def test_a_part_not_needed_leaves_every_build(window: MainWindow) -> None:
    """Figures that used it fall back to Sort; undo mends all of it in one step."""
    window.session.select("kiln")
    do(window, "Sort")
    window.benches["sort"].open_part("head_hat")
    window.benches["sort"].part_page.set_aside()
    assert not window.session.plans.parts["head_hat"].needed
    assert all("head_hat" not in f.build.values() for f in window.session.plans.figures.values())
    do(window, "Undo")
    assert window.session.plans.parts["head_hat"].needed
    assert any("head_hat" in f.build.values() for f in window.session.plans.figures.values())


def test_scrubbing_the_layer_graph_cuts_the_part(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """By keys and by drag; the pose chart takes a click as a new candidate."""
    window.session.select("heron", part_id="heron_head")
    do(window, "Pose")
    bench = window.benches["pose"]
    before = bench.view.cut_mm
    qtbot.keyClick(bench.graph, Qt.Key.Key_PageUp)
    assert bench.view.cut_mm > before
    bench.graph.scrub(5.0)
    assert bench.view.cut_mm == 5.0
    bench.chart.turned.emit(np.array([0.0, 0.6, 0.8]))
    assert bench.trials.costs[3].school == "your own turn"


def test_tapping_a_part_turns_its_outcome_and_failed_ones_are_owed(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Good, flawed, failed with a height; kept, the figure is back at Plate."""
    do(window, "Print")
    bench = window.benches["print"]
    run = next(r for r in window.session.answers.standing.runs.values() if r.state == "hanging")
    bench.choose(run.plate_id)
    first, off = bench.state.plate.placed[0], bench.off
    click(qtbot, bench.off_button)
    off.show_run(
        bench.state.run, bench.state.plate, {p.id: PartOutcome(p.id, "good") for p in bench.state.plate.placed}
    )
    for _ in range(2):
        off.turn_outcome(first.id)
    off.height_at.setValue(7.5)
    off.looks.chosen.emit("torn off its supports")
    assert off.outcomes[first.id] == PartOutcome(first.id, "failed", 7.5, "torn off its supports")
    off.record()
    standing = window.session.answers.standing
    assert standing.runs[run.run_id].outcomes[first.id].height_mm == 7.5
    assert standing.figures[first.figure_id].stage == "plate"
    bench.choose(run.plate_id)
    assert "1 failed" in off.counts.text()
    before = off.diagnose_failure.result
    assert sum(c.share for c in before.causes) == pytest.approx(1)
    off.diagnose_failure.yes.click()
    after = off.diagnose_failure.result
    assert after.causes != before.causes
    assert before.tests[0].key not in [t.key for t in after.tests]
    window.session.undo()
    assert off.diagnose_failure.result.causes == before.causes


def test_the_wash_tells_when_baths_are_changed(window: MainWindow) -> None:
    """A changed bath is full of life again."""
    do(window, "Wash")
    bench = window.benches["wash"]
    bench.done()
    assert bench.picture.tubs[0].carried_ml > 0
    bench.changed("dirty", BathFilled("alcohol", 2.0))
    assert bench.picture.tubs[0].carried_ml == 0 and bench.picture.tubs[0].litres == 2.0


def test_choosing_a_zone_shows_its_strokes_and_marks_them_for_the_batch(window: MainWindow) -> None:
    """A click on a stroke writes it for every figure that lacks it, once."""
    window.session.select("lock")
    do(window, "Paint")
    bench = window.benches["paint"].figure
    bench.choose_zone("iron")
    assert bench.zone_title.text() == "Iron"
    before = steps(window)
    first = bench.state.steps("iron")[0].id
    bench.mark_done(first)
    added = steps(window) - before
    assert added == len(bench.state.batch)
    bench.mark_done(first)
    assert steps(window) == before + added
    bench.view.grab()
    bench._picked(None)


def test_the_army_is_cut_into_foam_for_the_users_own_box(window: MainWindow, tmp_path: Path) -> None:
    """Trays of every figure; another box is an edit that can be taken back; the cut files are written where one says."""
    window.session.go("ready")
    bench = window.benches["ready"]
    found = bench.state.packed
    assert found is not None and sum(len(t.laid) for t in found.trays) == len(window.session.plans.figures)
    bench.grab()
    bench.wide.setValue(400)
    bench.deep.setValue(300)
    bench._resize_box()
    assert window.session.plans.army.tray_mm == (400.0, 300.0) and len(bench.state.packed.trays) == 1
    window.session.undo()
    assert window.session.plans.army.tray_mm == (300.0, 200.0)
    bench.cut_into(tmp_path / "foam")
    many = len(bench.state.packed.trays)
    written = sorted(p.name for p in (tmp_path / "foam").iterdir())
    cut = [f"tray-{n + 1}.{kind}" for kind in ("dxf", "svg") for n in range(many)]
    assert written == sorted([*cut, "labels.pdf", "packing-list.html", "trays.pdf"])
    (tmp_path / "file").write_text("in the way")
    failed: list[object] = []
    window.context.jobs.failed.connect(failed.append)
    bench.cut_into(tmp_path / "file")
    assert failed and bench.packing_text().count("\n") == len(window.session.plans.figures) - 1


def test_the_wash_looks_into_the_parts_of_the_plate(window: MainWindow) -> None:
    """The skirt of a coat keeps a little and is named with how to hold it; what keeps more costs its minutes, too."""
    do(window, "Wash")
    window.session.go("wash")
    bench = window.benches["wash"]
    state = bench.state
    assert [h.name for h in state.hollow] == ["legs_climbing"] and "tip it" in bench.note.text()
    planned = state.planned_min
    order = next(o for o in window.session.answers.orders.listed if o.bench == "wash")
    assert order.minutes == planned and f"{state.hollow[0].count} hollow one" in order.detail
    assert order.facts[0].event.carried_ml == pytest.approx(state.carried_ml, abs=0.01)
    state.looked_at[state.held_for] = [Hollow("boiler", 2, Tipping(0.4, (0.0, 0.0, 1.0), (), 3.0))]
    bench.show_choice()
    assert "boiler, 2 of them: as it hangs it keeps 0.40 ml" in bench.note.text()
    assert state.planned_min == planned + 1.5 and any(s.detail == "boiler" for s in state.plan)
