"""What tests of the rack and of mixing do: open a page of Paint, write into a field."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent

from numerus.desk.window import MainWindow


def open_page(window: MainWindow, page: str):  # type: ignore[no-untyped-def]
    window.session.go("paint")
    bench = window.benches["paint"]
    bench.open_page(page)
    return bench.pages[page]


def write(box, words: str) -> None:  # type: ignore[no-untyped-def]
    """As typed and left."""
    box.setText(words)
    box.setModified(True)
    box.editingFinished.emit()


def key_press(key: Qt.Key, held: Qt.KeyboardModifier):  # type: ignore[no-untyped-def]
    return QKeyEvent(QKeyEvent.Type.KeyPress, key, held)
