"""A list of numbered places, as they are pinned on a part."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter

from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import Drawing


class PlaceList(Drawing):
    """Numbered places, one line and a note each; a click looks at one."""

    chosen = pyqtSignal(int)

    def __init__(self, theme: Theme, name: str, none: str) -> None:
        super().__init__(theme, name)
        self.none, self.lines, self.at_line = none, [], -1  # type: ignore[var-annotated]
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)

    def show_lines(self, lines: Sequence[tuple[str, str]]) -> None:
        self.lines, self.at_line = list(lines), -1
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.lines:
            self.paragraph(painter, QRectF(0, 2, self.width(), 60), self.none, 13, colour="slate")
            return
        rows = max(int(self.height() // 38), 1)
        for number, (words, note) in enumerate(self.lines[:rows]):
            y = number * 38
            self.numbered(painter, QPointF(10, y + 15), number + 1, number == self.at_line)
            self.text(painter, 26, y + 14, words, 13, width=self.width() - 28)
            self.text(painter, 26, y + 29, note, 11, colour="slate", width=self.width() - 28)
            self.region(QRectF(0, y, self.width(), 36), f"{words}\n{note}", lambda n=number: self._choose(n))
        if len(self.lines) > rows:
            self.text(painter, 26, rows * 38 + 6, f"and {len(self.lines) - rows} more", 11, colour="slate")

    def _choose(self, number: int) -> None:
        self.at_line = number
        self.chosen.emit(number)
        self.update()
