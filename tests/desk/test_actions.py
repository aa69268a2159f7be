"""What can be done is reached: by the command list, by shortcuts, by Tab; the focus goes where it is expected."""

from __future__ import annotations

from collections.abc import Callable

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QApplication, QPushButton

from numerus.desk.dialogs.command_list import CommandList
from numerus.desk.window import MainWindow
from numerus.domain.stages import STAGES


def test_the_band_is_walked_by_keys(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """Arrows choose a stage, Enter opens its bench; its words can be read aloud."""
    window.band.setFocus()
    QApplication.processEvents()
    for _ in range(3):
        qtbot.keyClick(window.band, Qt.Key.Key_Right)
    qtbot.keyClick(window.band, Qt.Key.Key_Return)
    assert window.session.stage == "pose"
    assert "Pose" in window.band.accessibleDescription()


def test_shortcuts_of_all_commands_are_different(window: MainWindow) -> None:
    """No two commands share a key."""
    keys = [c.shortcut for c in window.commands if c.shortcut]
    assert len(keys) == len(set(keys))


def test_every_widget_that_can_be_focused_has_a_name(window: MainWindow) -> None:
    """For screen readers: a name or a text of its own."""
    for stage in STAGES:
        window.session.go(stage)
        for widget in window.bench.currentWidget().findChildren(QPushButton):
            assert widget.text() or widget.accessibleName()


def test_the_command_list_finds_and_does(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """A few letters and Enter."""
    chosen = []
    found = CommandList(
        window, [("Paint", "Alt+1", lambda: chosen.append("paint")), ("Plate", "", lambda: chosen.append("plate"))]
    )
    qtbot.addWidget(found)
    found.line.setText("pla")
    qtbot.keyClick(found.line, Qt.Key.Key_Return)
    assert chosen == ["plate"]


def test_the_command_list_has_every_action_of_the_bench_in_view(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """By the words on it; chosen, it does what a click does."""
    listed: list[tuple[str, str, Callable[[], object]]] = []
    monkeypatch.setattr(CommandList, "exec", lambda dialog: listed.extend(dialog.entries))
    for stage in STAGES:
        window.session.go(stage)
        listed.clear()
        window.find()
        here = {words for words, hint, _ in listed if hint == "on this bench"}
        shown = [b for b in window.benches[stage].findChildren(QPushButton) if b.isVisible() and b.isEnabled()]
        assert {b.text() for b in shown if len(b.text()) > 2} <= here and (shown or stage == "cure"), stage


def test_a_bench_does_its_main_action_within_three_keys(window: MainWindow) -> None:
    """Its number opens it, Ctrl+Enter does what it is for; where nothing waits that is said."""
    window.session.select("kiln")
    window.session.go("sort")
    assert any(
        "main" in a.text().lower() and a.shortcut().toString() == "Ctrl+Return"
        for a in window.actions_by_title.values()
    )
    wanted = window.benches["sort"].main_action()
    before = window.session.plans
    assert wanted is not None
    window.main_action()
    assert window.session.plans != before
    window.session.go("ready")
    assert window.benches["ready"].main_action() is None
    window.main_action()
    assert "Nothing waits" in window.errors.message.text()


def test_the_focus_stays_on_the_bench_when_its_button_goes(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """A button that had it and was hidden or can no longer be pressed leaves it to the main action there is."""
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    window.session.go("print")
    bench = window.benches["print"]
    other = next(
        b
        for _, b in bench.actions_in_view()
        if b is not bench.main_action() and b.focusPolicy() & Qt.FocusPolicy.TabFocus
    )
    for go in (lambda: other.hide(), lambda: other.setEnabled(False)):
        other.show()
        other.setEnabled(True)
        other.setFocus()
        go()
        qtbot.waitUntil(lambda: QApplication.focusWidget() is bench.main_action(), timeout=2000)


def test_a_focus_frame_is_drawn_for_the_keyboard_alone(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """By Tab the band has a frame, by a click none; an arrow brings it."""
    window.activateWindow()
    qtbot.waitUntil(window.isActiveWindow)
    band, grabs = window.band, []
    for reason in (Qt.FocusReason.MouseFocusReason, Qt.FocusReason.TabFocusReason):
        band.clearFocus()
        band.setFocus(reason)
        grabs.append(band.grab().toImage())
    assert grabs[0] != grabs[1]
    band.clearFocus()
    plain = band.grab().toImage()
    assert grabs[0] == plain
    band.setFocus(Qt.FocusReason.MouseFocusReason)
    qtbot.keyClick(band, Qt.Key.Key_Right)
    assert band.by_key


def test_the_window_is_left_by_key(window: MainWindow) -> None:
    """Leave is in the command list with its key."""
    assert window.actions_by_title["Leave"].shortcut().toString() == "Ctrl+Q"
