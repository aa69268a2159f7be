"""Each bench does its stage's work: what is clicked becomes an edit, what is shown comes from the book."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta
from pathlib import Path

import numpy as np
import pytest
from bench_steps import cure_the_smallest
from PyQt6.QtCore import QEvent, QPointF, Qt
from PyQt6.QtGui import QMouseEvent
from PyQt6.QtWidgets import QApplication, QFileDialog, QInputDialog, QMenu, QWidget

from helpers import EVENING, box_mesh
from numerus.book.book import Book, Removed
from numerus.desk.app import make_window
from numerus.desk.stages.muster.forecast_pictures import UnitsTable
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.window import MainWindow
from numerus.domain.army import BOUGHT, NONE
from numerus.domain.stages import STAGES
from numerus.errors import Cancelled, NumerusError, Progress
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.post.washing.emptying import Hollow


def shown(window: MainWindow, stage: str, unit: str = "", part: str = ""):  # type: ignore[no-untyped-def]
    """The stage's bench on a unit, or a part of it, painted."""
    window.session.select(unit, part_id=part)
    window.session.go(stage)
    QApplication.processEvents()
    window.grab()
    return window.benches[stage]


def click_region(drawing: Drawing, description: str) -> None:
    """A click in the middle of the region whose words begin so, wherever zoom puts it."""
    drawing.grab()
    region = next(r for r in drawing.regions if r.act is not None and r.description.startswith(description))
    at = region.box.center() * drawing.theme.zoom
    press = QMouseEvent(
        QEvent.Type.MouseButtonPress, at, drawing.mapToGlobal(at), Qt.MouseButton.LeftButton, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    )  # fmt: skip
    drawing.mousePressEvent(press)


def test_clicking_a_stage_on_the_band_opens_its_bench(window: MainWindow) -> None:
    """At normal size and when drawings are enlarged."""
    for scale, title in ((1.0, "Paint"), (1.5, "Wash")):
        window.resize(int(1280 * scale), int(800 * scale))
        window.theme.set_scale(scale)
        click_region(window.band, title)
        assert window.session.stage == title.lower()


def test_larger_text_enlarges_all_of_the_window(window: MainWindow) -> None:
    """In a window half as large again the band is half as high again and nothing scrolls; in the smallest all of it scrolls."""
    high = QWidget.height(window.band)
    window.resize(1920, 1200)
    QApplication.processEvents()
    for _ in range(4):
        window.actions_by_title["Larger text"].trigger()
    assert window.theme.scale == 1.5
    assert window.theme.zoom == pytest.approx(1.5)
    assert QWidget.height(window.band) == pytest.approx(1.5 * high, abs=1)
    assert window.band.height() == pytest.approx(high, abs=1)
    assert (
        not window.scroll_area.horizontalScrollBar().isVisible()
        and not window.scroll_area.verticalScrollBar().isVisible()
    )
    window.resize(1280, 800)
    QApplication.processEvents()
    assert window.scroll_area.horizontalScrollBar().isVisible() and window.band.width() == pytest.approx(1280, abs=1)
    for _ in range(4):
        window.actions_by_title["Smaller text"].trigger()
    assert (window.theme.scale, window.theme.zoom) == (1.0, 1.0)
    QApplication.processEvents()
    assert not window.scroll_area.horizontalScrollBar().isVisible()


def test_every_bench_draws_with_larger_text_and_for_a_disbanded_army(window: MainWindow) -> None:
    """No fault in drawing; one undo brings all of it back."""
    window.theme.set_scale(1.25)
    plans = window.session.plans
    gone = [Removed(kind, i) for kind in ("figure", "unit", "plate", "run", "part") for i in getattr(plans, kind + "s")]
    for stage in STAGES:
        bench = shown(window, stage)
        assert window.errors.isHidden(), stage
        assert window.session.commit("disband", gone)
        assert bench.grab().width() > 0
        window.session.undo()
        assert window.session.plans == plans, stage


def test_builds_are_changed_cell_by_cell(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """A part, bought, deliberately empty; each is one edit that undo takes back."""
    bench = shown(window, "sort", "kiln")
    figure = window.session.plans.figures_of("kiln")[6]
    offered: list[str] = []
    monkeypatch.setattr(QMenu, "exec", lambda menu, *_: offered.extend(a.text() for a in menu.actions()))
    bench.open_page("Builds")
    click_region(bench.builds.grid, f"{figure.name}, left arm")
    assert {"Bought, not printed", "Deliberately empty"} < set(offered)
    for choice in (NONE, BOUGHT, "arm_L_bell"):
        bench.builds.set_slot(figure, "left arm", choice)
        assert window.session.plans.figures[figure.id].build["left arm"] == choice
    for _ in range(3):
        window.session.undo()
    assert "left arm" not in window.session.plans.figures[figure.id].build


def test_filling_the_gaps_leaves_nobody_without_an_arm(window: MainWindow) -> None:
    """The completeness line follows."""
    bench = shown(window, "sort", "kiln")
    bench.open_page("Builds")
    assert "left arm" in bench.builds.line.text()
    bench.fill_gaps()
    assert "no left arm" not in bench.builds.line.text().lower()
    assert all("left arm" in f.build for f in window.session.plans.figures_of("kiln"))
    assert not bench.fill_button.isEnabled()


def test_a_part_is_renamed_and_given_a_new_slot(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """A slot of one's own is asked for by name and comes to the unit; none is born of an empty answer or a stray key."""
    bench = shown(window, "sort", "kiln")
    bench.open_part("head_hat")
    page = bench.part_page
    page.name.setText("Brimmed hat")
    page.name.editingFinished.emit()
    assert window.session.plans.parts["head_hat"].name == "Brimmed hat"
    page.name.setText("   ")
    page.name.editingFinished.emit()
    assert window.session.plans.parts["head_hat"].name == "Brimmed hat"
    slots = window.session.plans.units["kiln"].slots
    assert not page.slot.isEditable()
    for answer in (("", False), ("Headgear ", True)):
        monkeypatch.setattr(QInputDialog, "getText", lambda *_, answer=answer, **__: answer)
        assert window.session.plans.units["kiln"].slots == slots
        page.slot.setCurrentText("a new slot …")
        page.slot.activated.emit(0)
    assert "headgear" in window.session.plans.units["kiln"].slots


def test_a_pose_is_exported_and_keeps_its_height(
    window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Through the file dialog; the file stands on the platform."""
    bench = shown(window, "pose", "heron", "heron_head")
    path = tmp_path / "part.stl"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *a, **k: (str(path), ""))
    bench.export()
    low, high = read_mesh(path).mesh.bounds_mm[:, 2]
    assert low == pytest.approx(0, abs=0.02)
    assert high == pytest.approx(bench.tried.cost.height_mm, abs=0.5)


def test_a_plate_is_taken_apart_and_its_parts_are_owed_again(window: MainWindow) -> None:
    """And undo lays it again."""
    bench = shown(window, "plate", "heron")
    waiting = next(p for p in window.session.plans.plates.values() if not bench.state.went(p))
    bench.state.plate_id = waiting.id
    bench.take_apart()
    assert waiting.id not in window.session.plans.plates
    window.session.undo()
    assert waiting.id in window.session.plans.plates


def test_the_runs_to_come_are_numbered_the_same_in_list_and_bill(window: MainWindow) -> None:
    """A click in the list chooses the run; its reason is told."""
    bench = shown(window, "print", "heron")
    names = [s.plate.name for s in bench.state.scheduled_runs]
    bench.choose(bench.state.scheduled_runs[0].plate.id)
    click_region(bench.planned.runs, names[1])
    assert bench.state.plate_id == bench.state.scheduled_runs[1].plate.id
    assert names[1] in bench.planned.why.text()
    assert bench.state.scheduled_runs[1].why in bench.planned.reasons.text()


def test_a_machine_that_holds_a_plate_is_not_started(window: MainWindow) -> None:
    """Said in words; nothing is written."""
    bench = shown(window, "print")
    busy = {r.machine_id for r in window.session.answers.standing.runs.values() if r.state in ("printing", "hanging")}
    slot = next(s for s in bench.state.scheduled_runs if s.machine_id in busy)
    bench.choose(slot.plate.id)
    before = len(window.session.answers.facts)
    bench.start_run()
    assert "still holds a plate" in window.errors.message.text()
    assert len(window.session.answers.facts) == before


def test_after_a_plate_is_off_the_next_that_wants_looking_at_is_shown(window: MainWindow) -> None:
    """Unless one was asked for by hand."""
    bench = shown(window, "print")
    hanging = next(r for r in window.session.answers.standing.runs.values() if r.state == "hanging")
    bench.choose(hanging.plate_id)
    bench.off.record()
    assert bench.state.plate_id != hanging.plate_id
    bench.choose(hanging.plate_id)
    window.session.tick()
    assert bench.state.plate_id == hanging.plate_id


def test_finish_shows_who_waits_and_moves_them_on(window: MainWindow) -> None:
    """One step for all who wait for it; the picture names the figure."""
    bench = shown(window, "finish", "lock")
    waiting = bench.state.waiting(bench.state.chosen)
    assert bench.view.caption[0] == waiting[0].figure.name
    assert [f.figure.name for f in bench.picture.figures][:1] == [
        window.session.answers.standing.at("finish")[0].figure.name
    ]
    chosen = bench.state.chosen
    bench.done()
    assert not bench.state.waiting(chosen)


def test_the_foam_holds_every_figure(window: MainWindow) -> None:
    """A pocket for each of the army, in one tray or another; the text has one line a figure."""
    bench = shown(window, "ready", "lock")
    assert sum(len(t.laid) for t in bench.packing.packed.trays) == len(window.session.plans.figures)
    bench.copy()
    assert QApplication.clipboard().text() == bench.packing_text()
    assert bench.packing_text().count("\n") == sum(len(t.laid) for t in bench.packing.packed.trays) - 1


def test_choosing_a_unit_in_the_table_selects_it_everywhere(window: MainWindow) -> None:
    """Table, roll and session agree."""
    shown(window, "muster")
    click_region(window.findChild(UnitsTable), "Bellringers")
    assert window.session.unit_id == "bell"
    assert window.roll.tree.currentItem().text(0) == "Bellringers"


def test_the_build_bench_weighs_the_chosen_figure(window: MainWindow) -> None:
    """Another school keeps nothing apart; the verdict names the base."""
    bench = shown(window, "build", "bell")
    assert any("apart" in s.title for s in bench.line.steps)
    bench.school.setCurrentIndex(1)
    bench.show_choice()
    assert not any("apart" in s.title for s in bench.line.steps)
    assert "on its base stands well" in bench.verdict.text()


def test_cautions_are_drawn_whole(window: MainWindow) -> None:
    """Each caution's box is as high as its words; none is cut off with dots."""
    for stage in ("wash", "cure", "build", "prime", "finish"):
        if stage == "cure":
            window.bench.currentWidget().done()
        bench = shown(window, stage)
        bench.line.grab()
        heights = bench.line._caution_heights()
        assert len(heights) == len(bench.line._said()) and all(h > 12 for h in heights), stage
        last = bench.line.regions[-1].box
        assert last.bottom() <= bench.line.height() + 1, stage


def test_a_book_that_cannot_be_opened_leaves_the_open_one(window: MainWindow, tmp_path: Path) -> None:
    """The fault is said, the army is still there."""
    (tmp_path / "no.numerus").write_text("nothing of the kind")
    assert not window.user_actions.open_path(tmp_path / "no.numerus")
    assert window.errors.isVisible()
    assert window.session.plans.army is not None


def test_files_without_a_unit_are_refused_in_words(make, tmp_path: Path) -> None:  # type: ignore[no-untyped-def]
    """They belong to a unit's kit."""
    window = make(None)
    write_stl(box_mesh((3, 3, 3)), tmp_path / "a.stl")
    window.user_actions.take_in([tmp_path / "a.stl"])
    assert "add a unit first" in window.errors.message.text()
    assert window.session.commit("nothing") is False


def test_jobs_in_the_real_window_deliver_on_its_thread(demo, qtbot, tmp_path: Path) -> None:  # type: ignore[no-untyped-def]
    """Not synchronous: the pose search runs beside the window and its result arrives."""
    window = make_window(demo, lambda: EVENING, tmp_path / "s.json")
    window.show()
    window.session.select("heron", part_id="heron_head")
    window.session.go("pose")
    bench = window.benches["pose"]
    qtbot.waitUntil(lambda: bench.tried is not None and not window.context.jobs.busy, timeout=60_000)
    assert len(bench.trials.costs) == 4
    window.close()


def test_a_picture_of_a_missing_mesh_is_said_once(window: MainWindow) -> None:
    """An empty mesh in its place, one message."""
    told: list[NumerusError] = []
    window.session.failed.connect(told.append)
    for _ in range(3):
        assert len(window.session.mesh("gone").faces) == 0
    assert len(told) == 1


def test_the_pose_chart_puts_standing_in_the_middle(window: MainWindow) -> None:
    """Up is the middle, upside down the rim, and a place clicked comes back as that direction."""
    chart = shown(window, "pose", "heron", "heron_head").chart
    radius = min(chart.width(), chart.height()) / 2 - 4
    middle = QPointF(chart.width() / 2, chart.height() / 2)
    assert chart._place((0, 0, 1), radius) == middle
    rim = chart._place((0.0001, 0, -1), radius) - middle
    assert np.hypot(rim.x(), rim.y()) == pytest.approx(radius, rel=1e-3)
    level = chart._place((1, 0, 0), radius) - middle
    assert np.hypot(level.x(), level.y()) == pytest.approx(radius * np.sin(np.radians(45)), rel=1e-6)


def test_pose_opens_the_first_part_that_waits(window: MainWindow) -> None:
    """Not one that is posed already, or not needed; when it is kept, the next."""
    parts = window.session.plans.parts
    spare = [replace(parts[i], needed=False) for i in ("heron_body", "heron_platform")]
    window.session.commit("two small ones wait", [*spare, replace(parts["heron_neck"], pose=None, draft=None)])
    bench = shown(window, "pose", "heron")
    first = window.session.plans.parts[bench.trials.part_id]
    assert first.pose is None
    bench.keep()
    assert window.session.plans.parts[first.id].pose is not None
    assert bench.trials.part_id != first.id and window.session.plans.parts[bench.trials.part_id].pose is None


def test_cure_shows_what_has_its_dose(window: MainWindow) -> None:
    """Coloured by what the lamp brings: pale and dark vertices both; shares are told."""
    cure_the_smallest(window)
    bench = shown(window, "cure")
    assert "%" in bench.dose_words.text()
    colours = np.concatenate([t.colours for t in bench.view.things])
    assert colours.min() < 100 < 200 < colours.max()
    assert bench.line.aside.startswith("Snip: ") and "never pulled" in bench.line.aside
    planned = bench.state.planned_min
    bench.done()
    step = [f for f in window.session.answers.facts if getattr(f.event, "stage", "") == "cure"][-1]
    assert (step.event.planned_min, step.minutes) == (planned, planned)


def test_a_look_that_was_cancelled_is_taken_again(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """The wash says nothing of what it did not see; shown again, it looks and says."""

    def cancelled(progress: Progress) -> list[Hollow]:
        raise Cancelled

    bench = window.benches["wash"]
    with monkeypatch.context() as patch:
        patch.setattr(type(bench.state), "emptying", lambda state, mesh_of, kept: cancelled)
        shown(window, "wash")
        assert bench.state.held_for not in bench.state.looked_at and "Looking" not in bench.note.text()
    bench.refresh()
    assert bench.state.held_for in bench.state.looked_at


@pytest.mark.parametrize(("late_days", "drawn"), [(0, 1), (200, 0)])
def test_a_date_that_has_passed_is_no_line_through_the_names(
    make, demo: Book, monkeypatch: pytest.MonkeyPatch, late_days: int, drawn: int
) -> None:  # type: ignore[no-untyped-def]
    """Among the units' days while it is to come; a book opened long after it has none to the left of them."""
    window, at = make(demo, lambda: EVENING + timedelta(days=late_days)), list[float]()
    table = window.findChild(UnitsTable)

    def line(_: UnitsTable, painter: object, x: float, top: float, x1: float, *more: object) -> None:
        at.extend([x] if x == x1 else [])

    monkeypatch.setattr(UnitsTable, "line", line)
    table.grab()
    assert len(at) == drawn and all(x > 200 for x in at)
