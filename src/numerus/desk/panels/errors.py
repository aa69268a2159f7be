"""The one door for errors: what happened, what was kept, what to do; the stack goes to the log."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QFrame, QHBoxLayout

from numerus.desk.theme.marks import draw_warning
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label
from numerus.errors import NumerusError


class _Sign(Drawing):
    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "Warning")
        self.setFixedSize(22, 22)

    def draw(self, painter: QPainter) -> None:
        draw_warning(painter, 2, 2, 17, self.theme.colour("tallow"), self.theme.colour("ink"))


class ErrorPanel(QFrame):
    """Hidden until there is something to say; stays until it is dismissed or replaced."""

    def __init__(self, theme: Theme) -> None:
        super().__init__()
        self.theme = theme
        self.setAccessibleName("What went wrong")
        self.message, self.advice = label("", "strong", True), label("", "", True)
        self.message.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        layout = QHBoxLayout(self)
        layout.setContentsMargins(16, 6, 12, 6)
        layout.addWidget(_Sign(theme))
        layout.addLayout(column(self.message, self.advice, gap=2), 1)
        self.close_button = button("Dismiss", self.hide)
        layout.addWidget(self.close_button)
        theme.changed.connect(self._dress)
        self._dress()
        self.hide()

    def _dress(self) -> None:
        roles = self.theme.roles
        self.setStyleSheet(f"ErrorPanel {{ background: {roles.brickwash}; border-bottom: 1px solid {roles.brick}; }}")

    def tell(self, error: NumerusError) -> None:
        self._say(error.message, error.advice)

    def note(self, words: str) -> None:
        """Something worth knowing that is no error."""
        self._say(words, "")

    def _say(self, message: str, advice: str) -> None:
        self.message.setText(message)
        self.advice.setText(advice)
        self.advice.setVisible(bool(advice))
        self.show()
