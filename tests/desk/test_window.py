"""The window with the demo army: every bench opens, keyboard works, errors have one door."""

from __future__ import annotations

import time
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from PyQt6.QtCore import QEvent, QMimeData, QPoint, QPointF, QSize, Qt, QUrl
from PyQt6.QtGui import QDropEvent, QHelpEvent, QImage
from PyQt6.QtWidgets import QApplication, QCheckBox, QPushButton

from helpers import EVENING, box_mesh, steps
from numerus.book.book import Book
from numerus.desk.app import show
from numerus.desk.dialogs.army_and_unit import UnitDialog, WhereDialog
from numerus.desk.dialogs.bench_card import card_html, write_card
from numerus.desk.dialogs.handbook import show_handbook
from numerus.desk.jobs import Jobs
from numerus.desk.stages.print.live import LiveRun
from numerus.desk.system import settings
from numerus.desk.system.motion import wants_still
from numerus.desk.theme.palette import DAY, LAMPLIGHT
from numerus.desk.window import MainWindow
from numerus.domain.journal import ForecastNoted
from numerus.domain.parts import Kit
from numerus.domain.stages import STAGES
from numerus.errors import Cancelled, NumerusError
from numerus.formats.meshes.mesh_writing import write_stl


def pixels(window: MainWindow) -> np.ndarray:
    image = window.grab().toImage().convertToFormat(QImage.Format.Format_ARGB32)
    data = image.constBits().asarray(image.sizeInBytes())
    return (
        np.frombuffer(data, np.uint8).reshape(image.height(), image.width(), 4).copy()
    )  # the picture goes with this call


def test_every_bench_opens_at_1280_by_800_in_both_lights(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """It fits, draws without a fault, and is not one flat colour; every other one by each light."""
    for number, stage in enumerate(STAGES):
        lamplight = number % 2 == 1
        if window.theme.lamplight != lamplight:
            window.theme.set_lamplight(lamplight)
        window.session.go(stage)
        # The screen may answer a moment later; the size it settles on is what counts.
        qtbot.waitUntil(lambda: (window.width(), window.height()) == (1280, 800))
        QApplication.processEvents()
        assert (window.width(), window.height()) == (1280, 800), stage
        bench = window.bench.currentWidget()
        assert bench.stage == stage
        assert bench.minimumSizeHint().boundedTo(bench.size()) == bench.minimumSizeHint(), stage
        assert window.errors.isHidden(), stage
        middle = pixels(window)[200:760, 240:900]
        assert len(np.unique(np.ascontiguousarray(middle).view(np.uint32))) > 20, stage


def test_on_a_low_screen_all_of_a_bench_shrinks_and_fits(window: MainWindow) -> None:
    """A laptop of 1366 by 768 with its bars: what is lowest is a smaller button, not one cut off."""
    show(window, QSize(1366, 728))
    assert window.isMaximized()
    window.resize(1366, 728)
    assert window.theme.zoom == pytest.approx(0.91)
    assert window.theme.font().pixelSize() == 12
    for stage in STAGES:
        window.session.go(stage)
        QApplication.processEvents()
        bench = window.bench.currentWidget()
        assert bench.minimumSizeHint().boundedTo(bench.size()) == bench.minimumSizeHint(), stage


def luminance(colour: str) -> float:
    from numerus.colour.light import linear, rgb_of

    return float(linear(rgb_of(colour)) @ [0.2126, 0.7152, 0.0722])


@pytest.mark.parametrize("roles", [DAY, LAMPLIGHT])
@pytest.mark.parametrize("text", ["ink", "slate", "river", "brick", "moss_ink", "tallow_ink"])
@pytest.mark.parametrize("ground", ["linen", "chalk", "bed"])
def test_text_stands_out_from_every_ground(roles, text: str, ground: str) -> None:  # type: ignore[no-untyped-def]
    """Contrast of 4.5 : 1 and more."""
    a, b = sorted((luminance(getattr(roles, text)), luminance(getattr(roles, ground))))
    assert (b + 0.05) / (a + 0.05) >= 4.5


def test_selecting_in_the_roll_shows_on_the_bench(window: MainWindow) -> None:
    """The Kiln watch in the roll is the Kiln watch at Sort."""
    window.session.go("sort")
    window.session.select("kiln")
    assert "Kiln" in window.benches["sort"].subtitle.text()
    assert window.roll.tree.currentItem().text(0) == "Wickmen, Kiln watch"


@pytest.mark.at_once
def test_ticking_an_order_writes_the_journal_and_undo_takes_it_back(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """One entry, one step of undo; the band follows."""
    before = steps(window)
    wash = next(i for i, o in enumerate(window.session.answers.orders.listed) if o.title.startswith("Wash"))
    ticks = window.orders.full.findChildren(QCheckBox)
    qtbot.mouseClick(ticks[wash], Qt.MouseButton.LeftButton, pos=QPoint(6, ticks[wash].height() // 2))
    assert steps(window) == before + 1
    window.actions_by_title["Undo"].trigger()
    assert steps(window) == before
    window.session.redo()
    assert steps(window) == before + 1


def test_the_forecast_is_noted_once_a_day(window: MainWindow) -> None:
    """With the day's first edit, and not again."""
    for n in range(3):
        window.session.commit("name", [replace(window.session.plans.army, name=f"Watch {n}")])
    today = [
        f for f in window.session.answers.facts if isinstance(f.event, ForecastNoted) and f.at.date() == EVENING.date()
    ]
    assert len(today) == 1


def test_an_error_is_told_by_the_one_panel(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """What happened and what to do; it can be dismissed."""
    window.session.failed.emit(NumerusError("x", "The disk is full.", "Free some room."))
    assert window.errors.isVisible()
    assert (window.errors.message.text(), window.errors.advice.text()) == ("The disk is full.", "Free some room.")
    qtbot.mouseClick(window.errors.close_button, Qt.MouseButton.LeftButton)
    assert window.errors.isHidden()


def test_files_dropped_on_the_window_come_to_the_kit(
    window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """A good one is read, a torn one is said."""
    monkeypatch.setattr(WhereDialog, "exec", lambda _: int(WhereDialog.DialogCode.Accepted))
    window.session.select("kiln")
    write_stl(box_mesh((5, 5, 12)), tmp_path / "L_hand_hook.stl")
    (tmp_path / "torn.stl").write_bytes(b"no")
    data = QMimeData()
    data.setUrls([QUrl.fromLocalFile(str(p)) for p in sorted(tmp_path.glob("*.stl"))])
    drop = QDropEvent(
        QPointF(400, 400), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier
    )
    window.dropEvent(drop)
    assert any(p.name == "L_hand_hook.stl" and p.slot == "left arm" for p in window.session.plans.parts.values())
    assert "1 read" in window.errors.message.text()


def test_tooltips_explain_a_number(window: MainWindow) -> None:
    """Hovering the answer says how it is worked out."""
    window.session.go("muster")
    from numerus.desk.stages.muster.forecast_pictures import Outcomes

    picture = window.findChild(Outcomes)
    picture.grab()
    assert any("quantiles" in r.description for r in picture.regions)
    picture.event(QHelpEvent(QEvent.Type.ToolTip, QPoint(20, 10), picture.mapToGlobal(QPoint(20, 10))))


def test_the_week_can_be_changed_and_nonsense_is_said(window: MainWindow) -> None:
    """A new week moves the forecast; an impossible window is refused in words."""
    bench = window.benches["muster"]
    before = window.session.answers.forecast.middle
    for minutes in bench.hobby:
        minutes.setValue(240)
    bench.begins[0].setText("19:00")
    bench.keep_week()
    assert bench.week_fault.text() == ""
    assert window.session.answers.forecast.middle < before
    bench.home[0].setText("23:00-7:00")
    bench.keep_week()
    assert "Monday" in bench.week_fault.text()


def test_an_empty_unit_and_a_past_date_are_said_where_they_occur(window: MainWindow) -> None:
    """Above the forecast."""
    session = window.session
    session.commit("empty", [replace(session.plans.units["lock"], id="new", name="Nobody", order=9)])
    assert "Nobody has no figures" in window.benches["muster"].trouble.text()
    session.commit("past", [replace(session.plans.army, ready_by=EVENING.date().replace(year=2025))])
    assert "past" in window.benches["muster"].trouble.text()


def test_the_3d_view_turns_and_picks(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """By keys; a click meets the part, the empty bench nothing."""
    window.session.go("build")
    view = window.benches["build"].view
    camera = view.camera
    qtbot.keyClick(view, Qt.Key.Key_Left)
    qtbot.keyClick(view, Qt.Key.Key_Plus)
    assert view.camera.turn_deg != camera.turn_deg and view.camera.height_mm < camera.height_mm
    qtbot.keyClick(view, Qt.Key.Key_Home)
    assert view.pick(QPointF(2, 2)) is None
    centre = view.project(np.mean([t.mesh.bounds_mm.mean(axis=0) for t in view.things], axis=0))
    hits = [view.pick(centre + QPointF(dx, dy)) for dx in (-30, 0, 30) for dy in (-40, 0, 40)]
    assert any(h is not None for h in hits)


def test_jobs_end_once_and_cancelled_ones_not_at_all(qtbot) -> None:  # type: ignore[no-untyped-def]
    """A result, a failure or silence after cancelling; a newer job of the same name drops the older."""
    jobs, done, failed = Jobs(), [], []
    jobs.failed.connect(failed.append)

    def slow(progress):  # type: ignore[no-untyped-def]
        for _ in range(200):
            time.sleep(0.005)
            if not progress(0.5):
                raise Cancelled
        return "slow"

    jobs.start("a", "Slow", slow, done.append)
    jobs.start("a", "Quick", lambda progress: "quick", done.append)
    qtbot.waitUntil(lambda: not jobs.busy)
    assert done == ["quick"] and failed == []
    jobs.start("b", "Bad", lambda progress: (_ for _ in ()).throw(NumerusError("x", "no")), done.append)
    qtbot.waitUntil(lambda: len(failed) == 1)
    jobs.wait()


def test_the_bench_card_is_a_pdf_of_one_page(window: MainWindow, tmp_path: Path) -> None:
    """With boxes, orders and cautions."""
    html = card_html("Watch", window.session.answers.orders)
    assert html.count("☐") == len(window.session.answers.orders.listed)
    assert "gloves" in html
    write_card(html, tmp_path / "card.pdf")
    data = (tmp_path / "card.pdf").read_bytes()
    assert data.startswith(b"%PDF") and data.count(b"/Type /Page\n") + data.count(b"/Type /Page ") <= 1


def test_settings_come_back_and_damaged_ones_are_defaults(tmp_path: Path) -> None:
    """Written whole; nonsense is ignored."""
    path = tmp_path / "s.json"
    made = settings.Settings(True, 1.25, silent=True).opened(Path("/a")).opened(Path("/b")).opened(Path("/a"))
    settings.save(made, path)
    assert settings.load(path) == made
    assert made.recent == ("/a", "/b")
    path.write_text("{nonsense")
    assert settings.load(path) == settings.Settings()


def test_larger_text_and_lamplight_are_kept(window: MainWindow) -> None:
    """Remembered in the settings."""
    window.theme.set_scale(1.25)
    window.theme.set_lamplight(True)
    kept = settings.load(window.settings_path)
    assert (kept.text_scale, kept.lamplight) == (1.25, True)


def test_less_motion_is_chosen_or_the_desktops_wish(window: MainWindow) -> None:
    """Nothing of the toolkit slides or blinks, the simulated machine goes in steps; only what was chosen here is remembered."""
    window.hold_still(True, chosen=False)
    assert QApplication.cursorFlashTime() == 0
    assert not settings.load(window.settings_path).still
    live = window.benches["print"].findChildren(LiveRun)[0]
    live.fast.setChecked(True)
    steps = live.timer.interval()
    live.fast.setChecked(False)
    window.hold_still(False)
    live.fast.setChecked(True)
    assert steps >= 5 * live.timer.interval()
    live.fast.setChecked(False)
    window.hold_still(True)
    assert settings.load(window.settings_path).still
    window.hold_still(False)
    assert QApplication.cursorFlashTime() > 0


def test_what_a_desktop_answers_about_motion_is_understood() -> None:
    """A false, however it is wrapped; no answer is none."""

    class Wrapped:
        def __init__(self, value: object) -> None:
            self.value = value

        def variant(self) -> object:
            return self.value

    assert wants_still(Wrapped(Wrapped(False))) and not wants_still(Wrapped(True)) and not wants_still(None)


def test_the_handbook_has_a_page_for_every_stage(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """F1 opens the stage's own."""
    from numerus.desk.dialogs.handbook import PAGES

    assert {p.stem for p in PAGES.glob("*.md")} >= set(STAGES)
    dialog = show_handbook(window, "pose")
    qtbot.addWidget(dialog)
    assert dialog.isVisible()


def test_without_a_book_the_three_ways_to_begin_are_offered(make, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Demo, new army, open; closing a book leads back here."""
    window = make(None)
    words = [b.text() for b in window.pages.currentWidget().findChildren(QPushButton)]
    assert {"Open the demo army", "Start an army", "Open a book"} <= set(words)


def test_what_another_program_wrote_is_shown_and_overwritten_by_nothing(window: MainWindow) -> None:
    """A kit added on the command line is there with the next minute; a deed that comes before that is refused once, in words."""
    other = Book.open(window.session.book.path)
    other.commit("a kit", [Kit("new", "New kit")])
    window.session.tick()
    assert "new" in window.session.plans.kits
    other.commit("another", [Kit("newer", "Newer kit")])
    assert not window.session.commit("mine", [Kit("mine", "My kit")])
    assert "Another program" in window.errors.message.text() and "newer" in window.session.plans.kits
    assert window.session.commit("mine", [Kit("mine", "My kit")])
    other.close()


def test_what_is_told_moves_nothing_and_what_went_well_bears_no_warning(window: MainWindow) -> None:
    """A fault and a success over the bench's head: the bench keeps its place and size; only the fault has a sign."""
    window.session.go("print")
    before = window.bench.geometry()
    window.errors.tell(NumerusError("x", "It could not be written.", "Make room."))
    assert window.errors.isVisible() and window.errors.sign.isVisible()
    assert window.errors.height() < 0.2 * window.bench.height()
    window.errors.note("The plate is done.")
    assert window.errors.isVisible() and not window.errors.sign.isVisible()
    QApplication.processEvents()
    assert window.bench.geometry() == before


def test_so_many_figures_are_refused_in_words_not_cut_down(window: MainWindow) -> None:
    """Five thousand typed stay five thousand, and are refused with the most there may be."""
    dialog = UnitDialog(window, window.session.plans, None)
    dialog.name.setText("Host")
    dialog.count.setValue(5000)
    assert dialog.count.value() == 5000
    assert "5000 figures" in dialog.wrong() and "500" in dialog.wrong()
