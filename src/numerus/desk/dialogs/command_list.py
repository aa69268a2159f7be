"""Everything that can be done, once: a title, a shortcut, the menu it stands in. Menus and the command list read it."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import dataclass

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QAction, QKeySequence
from PyQt6.QtWidgets import QMenuBar, QVBoxLayout, QWidget

from numerus.desk.translate import tr
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.worded import LineEdit, ListItem, ListWidget

MENUS = ("Army", "Edit", "Figure", "Bench", "Book", "View", "Help")


@dataclass(frozen=True)
class Command:
    title: str
    menu: str
    act: Callable[[], object]
    shortcut: str = ""
    checked: Callable[[], bool] | None = None


def fill_menus(bar: QMenuBar | None, commands: Iterable[Command], window: QWidget) -> dict[str, QAction]:
    """Menus from the commands, in their order; returns the actions by title."""
    menus = {name: bar.addMenu(f"&{tr(name)}") for name in MENUS}
    actions = {}
    for command in commands:
        action = QAction(tr(command.title), window)
        if command.shortcut:
            action.setShortcut(QKeySequence(command.shortcut))
        if command.checked is not None:
            action.setCheckable(True)
            menus[command.menu].aboutToShow.connect(lambda own=action, is_so=command.checked: own.setChecked(is_so()))
        action.triggered.connect(lambda _=False, act=command.act: act())
        menus[command.menu].addAction(action)
        actions[command.title] = action
    return actions


class CommandList(Dialog):
    """Type a few letters of what you want: a command, a unit, a figure, a part."""

    def __init__(self, parent: QWidget, entries: list[tuple[str, str, Callable[[], object]]]) -> None:
        super().__init__(parent)
        self.setWindowTitle("Find a command or figure")
        self.resize(480, 420)
        self.entries = entries
        self.line, self.matches = LineEdit(), ListWidget()
        self.line.setPlaceholderText("Command, unit, figure or part")
        self.line.setAccessibleName("Find a command or figure")
        layout = QVBoxLayout(self)
        layout.addWidget(self.line)
        layout.addWidget(self.matches)
        self.line.textChanged.connect(self._filter)
        self.line.returnPressed.connect(self._choose)
        self.matches.itemActivated.connect(lambda _: self._choose())
        self._filter("")

    def _filter(self, text: str) -> None:
        words = text.lower().split()
        self.matches.clear()
        for title, hint, act in self.entries:
            shown = f"{tr(title)}    {tr(hint)}".strip()
            if all(word in shown.lower() for word in words):
                item = ListItem(shown)
                item.setData(Qt.ItemDataRole.UserRole, act)
                self.matches.addItem(item)
        self.matches.setCurrentRow(0)

    def keyPressEvent(self, event) -> None:  # type: ignore[no-untyped-def]
        if event.key() in (Qt.Key.Key_Down, Qt.Key.Key_Up):
            step = 1 if event.key() == Qt.Key.Key_Down else -1
            self.matches.setCurrentRow(max(0, min(self.matches.count() - 1, self.matches.currentRow() + step)))
        else:
            super().keyPressEvent(event)

    def _choose(self) -> None:
        item = self.matches.currentItem()
        if item is not None:
            self.accept()
            item.data(Qt.ItemDataRole.UserRole)()
