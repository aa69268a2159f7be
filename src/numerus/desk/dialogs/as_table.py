"""A drawn picture as a table: every place of it that says something, a row each, for who hears the window instead of seeing it.

The toolkit's bindings cannot offer a picture's parts to a screen reader as children; a list of rows it reads by itself.
"""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QApplication, QWidget

from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ListItem, ListWidget


class PictureTable(Dialog):
    """Rows are read as they are; Enter does what a press on that place does, where it does anything."""

    def __init__(self, drawing: Drawing, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setWindowTitle(drawing.accessibleName())
        self.resize(720, 480)
        self.regions = [r for r in drawing.regions if r.description]
        self.rows = ListWidget()
        self.rows.setAccessibleName(drawing.accessibleName())
        self.rows.setWordWrap(True)
        for region in self.regions:
            words = " ".join(region.description.split())
            item = ListItem(f"{words} (Enter chooses)" if region.act else words)
            self.rows.addItem(item)
        self.rows.setCurrentRow(0)
        self.rows.itemActivated.connect(lambda _: self.choose())
        none = label("" if self.regions else "Nothing of this picture is told in words.", "note", True)
        self.setLayout(column(self.rows, none, row(-1, button("Close", self.reject)), gap=8, margins=(14, 12, 14, 12)))

    def choose(self) -> None:
        """What the row's place does when it is pressed."""
        number = self.rows.currentRow()
        act = self.regions[number].act if 0 <= number < len(self.regions) else None
        if act is not None:
            self.accept()
            act()


def drawings_in(window: QWidget) -> list[Drawing]:
    """Those in view that say something, that with the focus first."""
    focus = QApplication.focusWidget()
    shown = [d for d in window.findChildren(Drawing) if d.isVisibleTo(window) and any(r.description for r in d.regions)]
    return sorted(shown, key=lambda d: d is not focus)


class PicturesInView(Dialog):
    """The pictures there are, by name; Enter opens one as a table."""

    def __init__(self, window: QWidget) -> None:
        super().__init__(window)
        self.setWindowTitle("Pictures as tables")
        self.resize(420, 320)
        self.drawings, self.names = drawings_in(window), ListWidget()
        self.names.setAccessibleName("Pictures in view")
        self.names.addItems([d.accessibleName() for d in self.drawings])
        self.names.setCurrentRow(0)
        self.names.itemActivated.connect(lambda _: self.read())
        self.setLayout(column(self.names, row(-1, button("Close", self.reject)), gap=8, margins=(14, 12, 14, 12)))
        self.names.setFocus(Qt.FocusReason.OtherFocusReason)

    def read(self) -> None:
        """The chosen one; this list goes."""
        number = self.names.currentRow()
        if 0 <= number < len(self.drawings):
            self.accept()
            PictureTable(self.drawings[number], self.parentWidget()).exec()
