"""The march without a mouse: everything that must be pressed can be reached and pressed by key."""

from __future__ import annotations

from pathlib import Path

import pytest
from key_steps import Key, Mod, in_dialog, press, to_stage, use
from PyQt6.QtWidgets import QFileDialog, QPushButton

from helpers import stages, stranger
from numerus.desk.window import MainWindow


@pytest.fixture
def empty(make, qtbot, tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> MainWindow:  # type: ignore[no-untyped-def]
    """A window without a book; file dialogs answer with a new book and files never seen."""
    files, book = stranger(tmp_path), tmp_path / "Keys.numerus"
    monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *a, **k: (str(book), ""))
    monkeypatch.setattr(QFileDialog, "getOpenFileNames", lambda *a, **k: ([str(f) for f in files], ""))
    window = make(None)
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    return window


def prints(window: MainWindow) -> None:
    """Plate and print until every part is good."""
    bench = window.benches["print"]
    while stages(window) & {"plate", "print"}:
        to_stage(4)
        if window.benches["plate"].make_button.isEnabled():
            use(window.benches["plate"].make_button)
        to_stage(5)
        use(bench.start_button)
        use(bench.live.ended_button)
        use(bench.off_button)
        use(bench.off.record_button)
        for number, stage in ((6, "wash"), (7, "cure")):
            to_stage(number)
            use(window.benches[stage].done_button)


def test_an_army_marches_from_muster_to_ready_by_keys_alone(empty: MainWindow) -> None:
    """Shortcuts, Tab, Space and Enter: no click anywhere."""
    window = empty
    in_dialog("Keys", "", "", "teal")
    press(Key.Key_N, Mod.ControlModifier)
    in_dialog("Typed", "2")
    press(Key.Key_U, Mod.ControlModifier)
    to_stage(2)
    press(Key.Key_I, Mod.ControlModifier)
    use(window.benches["sort"].tabs["Builds"])
    use(window.benches["sort"].fill_button)
    assert stages(window) == {"pose"}
    to_stage(3)
    for _ in window.session.plans.parts:
        use(window.benches["pose"].keep_button)
    assert stages(window) == {"plate"}
    prints(window)
    to_stage(8)
    while "build" in stages(window):
        use(window.benches["build"].done_button)
    for number, stage in ((9, "prime"), (10, "paint"), (11, "finish")):
        to_stage(number)
        if stage == "paint":
            use(window.benches["paint"].name_button)
        for _ in range(200):
            if stages(window) != {stage}:
                break
            use(window.benches[stage].done_button)
    assert stages(window) == {"ready"}


def test_undo_and_redo_by_keys_walk_the_whole_way_back(empty: MainWindow) -> None:
    """Ctrl+Z until nothing is left to undo, Ctrl+Shift+Z until all is there again."""
    window = empty
    in_dialog("Keys", "", "", "teal")
    press(Key.Key_N, Mod.ControlModifier)
    in_dialog("Typed", "2")
    press(Key.Key_U, Mod.ControlModifier)
    whole = window.session.plans
    press(Key.Key_Z, Mod.ControlModifier)
    assert not window.session.plans.units and window.session.plans.army is not None
    press(Key.Key_Z, Mod.ControlModifier)
    assert window.session.plans.army is None
    for _ in range(2):
        press(Key.Key_Z, Mod.ControlModifier | Mod.ShiftModifier)
    assert window.session.plans == whole


@pytest.mark.at_once
def test_orders_are_ticked_from_the_keyboard(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Tab reaches the first order's button; Space opens its bench."""
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    buttons = [b for b in window.orders.full.findChildren(QPushButton) if b.text() == "Open the bench"]
    use(buttons[0])
    assert window.session.stage == "print"
