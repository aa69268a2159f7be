"""A short walk for who opens the program first: six places of the demo, each with what to look at; left at any time."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.layout import button, column, label, row


@dataclass(frozen=True)
class Place:
    """``stage``: where it is; ``figure_id``: whom to choose there, "" for nobody."""

    stage: str
    title: str
    words: str
    figure_id: str = ""


PLACES = (
    Place(
        "muster", "Will it be ready?",
        "Every dot is an equally likely end of the army, the line is its date. Below stands what moves it "
        "most, and what would help; Evenings shows hour by hour what your hands do when.",
    ),
    Place(
        "pose", "How shall it lie?",
        "The disc holds every direction a part can look in, by what it costs in marks, steps and hours. Press "
        "one, or take a school; supports are tried before you keep it.",
        "heron-0",
    ),
    Place(
        "print", "Who is there when it ends?",
        "Runs start when somebody is at home as they end. Drag one and the others make room. A plate that "
        "came off is looked at here; what failed is traced to its cause.",
    ),
    Place(
        "paint", "What next, on whom, while what dries?",
        "The Line orders strokes so that one pot serves all that want it and nothing is painted wet. F11 "
        "shows one step over the whole screen, for gloves and wet brushes: the space bar is enough.",
        "lock-3",
    ),
    Place(
        "build", "In what order, and will it stand?",
        "Joints are read from the meshes: glue, pin or magnet, what stays apart for the brush, where the "
        "weight lies over the foot.",
    ),
    Place(
        "ready", "What did it cost, and how does it travel?",
        "Money by what it went to, foam at true size, quotes for others. F9 practises, F1 opens the page of "
        "the stage you are at, Ctrl+J finds everything. Orders at the right say what to do now.",
    ),
)  # fmt: skip


class Walk(QWidget):
    """Hidden until it begins. ``open_demo`` is called where no book is open."""

    came_or_went = pyqtSignal()

    def __init__(self, session: Session, open_demo: Callable[[], object]) -> None:
        super().__init__()
        self.session, self.open_demo, self.at = session, open_demo, -1
        self.title, self.words = label("", "strong"), label("", "", True)
        self.back, self.next = (
            button("‹ Back", lambda: self.go(self.at - 1)),
            button("Next ›", lambda: self.go(self.at + 1), "main"),
        )
        self.leave_button = button("Leave the walk", self.leave)
        said = column(self.title, self.words, gap=2)
        whole = row(said, self.back, self.next, self.leave_button, gap=8, margins=(16, 8, 16, 8))
        whole.setStretch(0, 1)
        self.setLayout(whole)
        self.setObjectName("drawer")
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground, True)
        self.setAccessibleName("A short walk")
        self.hide()

    def take(self) -> None:
        """From its beginning, in the book that is open or in the demo."""
        if self.session.book is None:
            self.open_demo()
        if self.session.book is not None:
            self.go(0)

    def go(self, number: int) -> None:
        """To one of the places; after the last the walk is over."""
        if not 0 <= number < len(PLACES):
            self.leave()
            return
        place, self.at = PLACES[number], number
        self.session.go(place.stage)
        figure = self.session.plans.figures.get(place.figure_id)
        if figure is not None:
            self.session.select(figure.unit_id, figure.id)
        self.title.setText(f"{number + 1} of {len(PLACES)}: {place.title}")
        self.words.setText(place.words)
        self.back.setEnabled(number > 0)
        self.next.setText("Next ›" if number + 1 < len(PLACES) else "Done")
        self.show()
        self.came_or_went.emit()
        self.next.setFocus()

    def leave(self) -> None:
        self.at = -1
        self.hide()
        self.came_or_went.emit()
