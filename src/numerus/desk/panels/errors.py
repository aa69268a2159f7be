"""The one door for errors: what happened, what was kept, what to do; the stack goes to the log.

It lies over a bench's title and moves nothing under the pointer. What went well is told there, too, without the sign and
colour of a fault.
"""

from __future__ import annotations

from datetime import datetime

from PyQt6.QtCore import QEvent, QObject, Qt
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QApplication, QFrame, QHBoxLayout, QWidget

from numerus.desk.system.report import about_text
from numerus.desk.theme.marks import draw_warning
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label
from numerus.errors import NumerusError

WIDE_SHARE = 0.58  # of the bench
SIGN_PX, MARGIN_PX = 22, 16


class _Sign(Drawing):
    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "Warning")
        self.setFixedSize(SIGN_PX, SIGN_PX)

    def draw(self, painter: QPainter) -> None:
        draw_warning(painter, 2, 2, 17, self.theme.colour("tallow"), self.theme.colour("ink"))


class ErrorPanel(QFrame):
    """Hidden until there is something to say; stays until it is dismissed or replaced."""

    def __init__(self, theme: Theme, over: QWidget) -> None:
        super().__init__(over)
        self.theme, self.over, self.fault = theme, over, True
        over.installEventFilter(self)
        self.sign = _Sign(theme)
        self.setAccessibleName("What went wrong")
        self.message, self.advice = label("", "strong", True), label("", "", True)
        self.message.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(MARGIN_PX, 6, 12, 6)
        layout.addWidget(self.sign)
        layout.addLayout(column(self.message, self.advice, gap=2), 1)
        self.copy_button = button(
            "Copy", self.copy, tip="What happened, with the program's version, for a letter or a search"
        )
        self.close_button = button("Dismiss", self.hide)
        layout.addWidget(self.copy_button)
        layout.addWidget(self.close_button)
        theme.changed.connect(self._dress)
        self._dress()
        self.hide()

    def _dress(self) -> None:
        roles = self.theme.roles
        ground, edge = (roles.brickwash, roles.brick) if self.fault else (roles.riverwash, roles.river)
        self.setStyleSheet(f"ErrorPanel {{ background: {ground}; border: 1px solid {edge}; border-radius: 4px; }}")

    def eventFilter(self, watched: QObject | None, event: QEvent | None) -> bool:
        """It keeps its place when the bench under it changes its size."""
        if event is not None and event.type() == QEvent.Type.Resize:
            self._place()
        return super().eventFilter(watched, event)

    def _place(self) -> None:
        """Over the left part of the bench's head, so that the buttons on the right stay free."""
        wide = int(self.over.width() * WIDE_SHARE)
        buttons = [b.sizeHint().width() + 6 for b in (self.copy_button, self.close_button) if not b.isHidden()]
        inner = wide - SIGN_PX - sum(buttons) - 2 * MARGIN_PX - 10
        shown = [w for w in (self.message, self.advice) if w.text()]
        words = sum(w.heightForWidth(inner) + 2 for w in shown)
        self.setGeometry(8, 6, wide, max(words, self.close_button.sizeHint().height()) + 2 * 8)
        self.raise_()

    @property
    def said(self) -> str:
        """What it said last, "" for nothing."""
        return " ".join(filter(None, (self.message.text(), self.advice.text())))

    def copy(self) -> None:
        clipboard = QApplication.clipboard()
        if clipboard is not None:
            clipboard.setText(f"{about_text(datetime.now())}{self.said}")

    def tell(self, error: NumerusError) -> None:
        self._say(error.message, error.advice, True)

    def note(self, words: str) -> None:
        """Something worth knowing that is no error."""
        self._say(words, "", False)

    def _say(self, message: str, advice: str, fault: bool) -> None:
        self.fault = fault
        self.sign.setVisible(fault)
        self.copy_button.setVisible(fault)
        self.setAccessibleName("What went wrong" if fault else "What happened")
        self._dress()
        self.message.setText(message)
        self.advice.setText(advice)
        self.advice.setVisible(bool(advice))
        self._place()
        self.show()
