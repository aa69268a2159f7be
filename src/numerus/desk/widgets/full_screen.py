"""A window over the whole screen for gloves and wet hands: any key goes on, a few have a meaning of their own, no mouse is needed."""

from __future__ import annotations

from PyQt6.QtCore import Qt, QTimer, pyqtSignal
from PyQt6.QtGui import QCloseEvent, QKeyEvent
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import LABEL

HELD_KEYS = {
    Qt.Key.Key_Shift, Qt.Key.Key_Control, Qt.Key.Key_Alt, Qt.Key.Key_Meta, Qt.Key.Key_AltGr, Qt.Key.Key_CapsLock, Qt.Key.Key_Tab,
}  # fmt: skip
KEYS = "Space goes on    ← → look along    {more}Ctrl+Z take back    M sound {sound}    Esc leave"


def letters(px: float) -> int:
    """Letters are never smaller than a label's."""
    return max(int(px), LABEL)


class FullScreen(QWidget):
    """``pressed``: on with the step; ``paused``; ``undone``: the last entry taken back; ``left``: it was closed. Subclasses draw, and are
    asked to ``look`` every second and to ``look_along`` by the arrows.
    """

    pressed = pyqtSignal()
    paused = pyqtSignal()
    undone = pyqtSignal()
    left = pyqtSignal()

    def __init__(self, context: Context, owner: QWidget) -> None:
        super().__init__(owner, Qt.WindowType.Window)  # it goes where its owner goes
        self.session, self.announcer = context.session, context.announcer
        self.setWindowTitle("Numerus: bench mode")
        self.setObjectName("bench")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose, True)
        self.second = QTimer(self)
        self.second.setInterval(1000)
        self.second.timeout.connect(self.look)
        self.second.start()

    def look(self) -> None:
        """A second has gone."""
        raise NotImplementedError

    def look_along(self, by: int) -> None:
        """The next step, or the one before, only to be looked at."""
        raise NotImplementedError

    def look_aside(self, by: int) -> None:
        """To the next of what waits for the same steps, or the one before; nothing where there is only one."""

    def keys_words(self, more: str = "") -> str:
        return KEYS.format(more=more, sound="on" if self.announcer.silent else "off")

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event is None or event.isAutoRepeat():
            return
        key = event.key()
        if key == Qt.Key.Key_Escape:
            self.close()
        elif key in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            self.look_along(1 if key == Qt.Key.Key_Right else -1)
        elif key in (Qt.Key.Key_Up, Qt.Key.Key_Down):
            self.look_aside(1 if key == Qt.Key.Key_Down else -1)
        elif key == Qt.Key.Key_P:
            self.paused.emit()
        elif key == Qt.Key.Key_M:
            self.announcer.hush()
            self.look()
        elif key == Qt.Key.Key_Z and event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            self.undone.emit()
        elif key not in HELD_KEYS and not event.modifiers():
            self.pressed.emit()  # a foot pedal may send any key

    def closeEvent(self, event: QCloseEvent | None) -> None:
        self.second.stop()
        self.left.emit()
        super().closeEvent(event)
