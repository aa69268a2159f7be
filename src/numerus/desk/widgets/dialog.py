"""What every dialog of ours is: as much larger as text is, never larger than the screen; what has no room there is scrolled to."""

from __future__ import annotations

from PyQt6.QtCore import QSize
from PyQt6.QtGui import QShowEvent
from PyQt6.QtWidgets import QDialog, QFrame, QScrollArea, QVBoxLayout, QWidget

from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.worded import Told

AROUND = QSize(8, 40)  # what a frame and a title bar take
USUAL_SCREEN = QSize(1280, 800)


class Dialog(Told, QDialog):
    """Given its room when it is first shown, by the theme of the window it belongs to; gone once it was closed and what asked it has
    read what was entered.
    """

    _roomy = False

    def showEvent(self, event: QShowEvent | None) -> None:
        if not self._roomy:
            self._roomy = True
            self._give_room()
        super().showEvent(event)

    def done(self, result: int) -> None:
        super().done(result)
        self.deleteLater()  # else it would stay as long as the window, and follow every edit

    @property
    def room(self) -> QSize:
        """The most it may take."""
        screen = self.screen()
        return (screen.availableSize() if screen else USUAL_SCREEN) - AROUND

    def _give_room(self) -> None:
        zoom, least, room = self._zoom, self.minimumSizeHint(), self.room
        wanted = QSize(round(self.width() * zoom), round(self.height() * zoom)).expandedTo(least)
        if self.layout() is not None and least.boundedTo(room) != least:
            _scroll_contents(self)
        self.resize(wanted.boundedTo(room))

    @property
    def _zoom(self) -> float:
        asked: QWidget | None = self.parentWidget()
        while asked is not None:
            if isinstance(theme := getattr(asked, "theme", None), Theme):
                return max(theme.zoom, 1.0)
            asked = asked.parentWidget()
        return 1.0


def _scroll_contents(dialog: QDialog) -> None:
    """All of a dialog in an area that is scrolled."""
    contents, area, outer = QWidget(), QScrollArea(), QVBoxLayout()
    contents.setLayout(dialog.layout())
    area.setWidget(contents)
    area.setWidgetResizable(True)
    area.setFrameShape(QFrame.Shape.NoFrame)
    dialog.setMinimumSize(0, 0)
    outer.setContentsMargins(0, 0, 0, 0)
    outer.addWidget(area)
    dialog.setLayout(outer)
