"""First start: what the march is; open the demo army, be shown round, start an army, open a book."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath
from PyQt6.QtWidgets import QWidget

from numerus.desk.theme.marks import MARKS, draw_mark
from numerus.desk.theme.palette import Theme
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.domain.stages import STAGES, TITLES

ASKED = {
    "muster": "Will it be ready by the date?", "sort": "What came in these files?", "pose": "Which way up, and held by what?",
    "plate": "What is printed together?", "print": "How does it run, and why did it fail?", "wash": "How long, in which bath?",
    "cure": "Where does the light reach?", "build": "What is glued on when?", "prime": "Is the air fit for it?",
    "paint": "Which stroke is next, and what dries?", "finish": "Does the varnish hold on what is under it?",
    "ready": "What did it cost, and how does it travel?",
}  # fmt: skip
"""What is answered at each stage."""
ROAD_TOP, ROAD_HIGH, MARK_HIGH, WORDS_TOP, HIGH = 30.0, 48.0, 21.0, 94.0, 160


def welcome(
    theme: Theme, open_demo: Callable[[], object], walk: Callable[[], object], start: Callable[[], object],
    open_book: Callable[[], object], recent: tuple[str, ...], open_recent: Callable[[Path], object],
) -> QWidget:  # fmt: skip
    """The page shown while no book is open."""
    listed = [button(Path(p).stem, lambda p=p: open_recent(Path(p)), "link", p) for p in recent if Path(p).exists()]
    body = column(
        -1, label("From muster to table", "title"), label("Plan, print and paint an army, and know whether it will be ready.", ""), 16,
        row(button("Open the demo army", open_demo, "main", "The Lampwatch of Sedge Hythe, half-way through its march"),
            button("A short walk", walk, tip="Six places of the demo, each with what to look at"),
            button("Start an army", start), button("Open a book", open_book), -1), 16,
        *([label("Recent books", "section")] if listed else []), *[row(b, -1) for b in listed], -1,
        March(theme), -1, gap=8, margins=(80, 40, 80, 40),
    )  # fmt: skip
    return panel(body, "bench")


class March(Drawing):
    """The twelve stages along the road, each with the question it answers."""

    def __init__(self, theme: Theme) -> None:
        super().__init__(theme, "The march, stage by stage")
        self.hold("setFixedHeight", HIGH)

    def draw(self, painter: QPainter) -> None:
        step = self.width() / len(STAGES)
        painter.fillPath(self._road(step), self.theme.colour("bed"))
        for number, stage in enumerate(STAGES):
            left = number * step
            self.text(painter, left + step / 2, 18, TITLES[stage], 13, True, align="centre")
            self._draw_figures(painter, left, step, number)
            self.paragraph(
                painter,
                QRectF(left + 5, WORDS_TOP, step - 10, HIGH - WORDS_TOP),
                ASKED[stage],
                12,
                colour="slate",
                align="centre",
            )
            self.region(QRectF(left, 0, step, HIGH), f"{TITLES[stage]}: {ASKED[stage]}")

    def _road(self, step: float) -> QPainterPath:
        """Wide within each stage, a little narrower at the gates between them."""
        road = QPainterPath()
        road.setFillRule(Qt.FillRule.WindingFill)  # what lies over each other is one road
        for number in range(len(STAGES)):
            road.addRoundedRect(QRectF(number * step + 2, ROAD_TOP, step - 4, ROAD_HIGH), 18, 18)
        road.addRect(QRectF(20, ROAD_TOP + ROAD_HIGH * 0.24, self.width() - 40, ROAD_HIGH * 0.52))
        return road

    def _draw_figures(self, painter: QPainter, left: float, step: float, number: int) -> None:
        """As many of a unit as the road holds, fewer toward its end: a unit comes home one by one."""
        many, mark = max(4 - number // 3, 1), MARKS[number // 3 % len(MARKS)]
        wide = MARK_HIGH * 0.78
        for place in range(many):
            x = left + step / 2 + (place - many / 2) * wide
            draw_mark(painter, mark, x, ROAD_TOP + (ROAD_HIGH - MARK_HIGH) / 2, MARK_HIGH, self.theme.unit_colour(mark))
