"""Steps by keys alone: what must be pressed is reached by Tab, menus and dialogs by their keys."""

from __future__ import annotations

import pytest
from PyQt6.QtCore import Qt, QTimer
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QPushButton, QWidget

from numerus.desk.window import MainWindow

Key, Mod = Qt.Key, Qt.KeyboardModifier


def press(key: Qt.Key, modifier: Qt.KeyboardModifier = Mod.NoModifier) -> None:
    """A key to whatever has the focus."""
    if QApplication.activeWindow() is None:  # no window manager here to give the focus back after a dialog
        window = next(w for w in QApplication.topLevelWidgets() if isinstance(w, MainWindow) and w.isVisible())
        window.activateWindow()
        QTest.qWaitForWindowActive(window)
    QTest.keyClick(QApplication.focusWidget() or QApplication.activeWindow(), key, modifier)
    QApplication.processEvents()


def tab_to(wanted: QWidget) -> None:
    """Tab until the wanted widget has the focus; fails when it is never reached."""
    for _ in range(160):
        if QApplication.focusWidget() is wanted:
            return
        press(Key.Key_Tab)
    pytest.fail(f"Tab never reaches {wanted.accessibleName() or getattr(wanted, 'text', str)()}")


def use(wanted: QPushButton) -> None:
    """Reach a button by Tab and press it by Space."""
    assert wanted.isEnabled()
    tab_to(wanted)
    press(Key.Key_Space)


def in_dialog(*words: str, tries: int = 200) -> None:
    """When a dialog is up and has the focus: type into its fields in turn, then Enter."""

    def act() -> None:
        dialog = QApplication.activeModalWidget()
        if tries and (dialog is None or QApplication.activeWindow() is not dialog):
            in_dialog(*words, tries=tries - 1)
            return
        for word in words:
            QTest.keyClicks(QApplication.focusWidget(), word)
            QTest.keyClick(QApplication.focusWidget(), Key.Key_Tab)
        QTest.keyClick(dialog, Key.Key_Return)
        if dialog is not None and dialog.isVisible():  # a dialog left open would wait for ever
            dialog.reject()

    QTimer.singleShot(10, act)


def to_stage(number: int) -> None:
    """Alt+1 … Alt+9, then Alt+Shift+1 … 3."""
    later = number > 9
    modifier = Mod.AltModifier | Mod.ShiftModifier if later else Mod.AltModifier
    press(Qt.Key(Key.Key_0.value + (number - 9 if later else number)), modifier)
