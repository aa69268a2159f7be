"""A tab of the paint bench: pressed, or held over with a pot in hand, it opens its page, so that the pot can be dropped there."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QTimer
from PyQt6.QtGui import QDragEnterEvent, QDragLeaveEvent, QDropEvent

from numerus.desk.widgets.worded import PushButton

HELD_MS = 350
POT_MIME = "application/x-numerus-pot"


def dragged_pot(event: QDragEnterEvent | QDropEvent | None) -> str:
    """The id of the pot or mix that is dragged, "" for anything else."""
    data = event.mimeData() if event is not None else None
    return bytes(data.data(POT_MIME).data()).decode() if data is not None and data.hasFormat(POT_MIME) else ""


class PageTab(PushButton):
    def __init__(self, words: str, act: Callable[[], object]) -> None:
        super().__init__(words)
        self.setObjectName("tab")
        self.setCheckable(True)
        self.setAcceptDrops(True)
        self.clicked.connect(lambda: act())
        self._held = QTimer(self)
        self._held.setSingleShot(True)
        self._held.setInterval(HELD_MS)
        self._held.timeout.connect(lambda: act())

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if dragged_pot(event):
            self._held.start()
            event.acceptProposedAction()

    def dragLeaveEvent(self, event: QDragLeaveEvent | None) -> None:
        self._held.stop()

    def dropEvent(self, event: QDropEvent | None) -> None:
        """Let go on the tab itself: the page opens, nothing is poured."""
        self._held.stop()
        self.clicked.emit()
