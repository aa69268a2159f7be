"""It went wrong: ways back for one zone, each seen, with what it costs and risks, before a brush is wet."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog
from numerus.desk.stages.paint.comparison import ComparisonCards
from numerus.desk.stages.paint.recipe.rescue_state import ROWS, RescueState, Shown
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, caution_line, column, label, row
from numerus.desk.widgets.worded import ComboBox, LineEdit
from numerus.errors import PlanError, Progress
from numerus.paint.advice.rescue import BY_COLOUR, FAULTS, WRONG_HUE
from numerus.paint.figure.built import Built

THIS, BATCH = "this figure", "all of its unit that have paint on"
SOURCES = "What lies there is computed from the recipe's films gone wrong, not measured; minutes are defaults."


class RescueDialog(Dialog):
    """Once accepted, ``state.way`` is the way taken and ``for_all`` whether for the batch."""

    def __init__(
        self, context: Context, state: RescueState, make: Callable[[Progress], Built], zone: str, parent: QWidget
    ) -> None:
        super().__init__(parent)
        self.setWindowTitle("It went wrong")
        self.context, self.state, self.make = context, state, make
        self.faults = self._choice("What went wrong", FAULTS)
        self.faults.activated.connect(self.work)
        self.scope = self._choice("For which figures", (THIS, BATCH))
        self.colour, self.note = self._colour(), label("", "fault", True)
        self.cards = ComparisonCards(context, "Ways back", ROWS, "Risk", "Painting the ways back …")
        self.cards.chosen.connect(self._choose)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.take = self.box.addButton("Take this way", QDialogButtonBox.ButtonRole.AcceptRole)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        self._lay_out(zone)
        self.resize(900, 560)
        self.work()

    def _choice(self, name: str, words: Iterable[str]) -> ComboBox:
        box = ComboBox()
        box.addItems(list(words))
        box.setAccessibleName(name)
        return box

    def _colour(self) -> LineEdit:
        field = LineEdit()
        field.setPlaceholderText("what colour it is now")
        field.setAccessibleName("The colour it has now")
        field.returnPressed.connect(self.work)
        return field

    def _lay_out(self, zone: str) -> None:
        title = label(f"{zone.capitalize()}:", "section")
        photo = button(
            "From a photograph …", self.from_photograph, "link", "What colour it is now, read beside a grey card"
        )
        head = row(title, self.faults, self.colour, photo, label("on", "note"), self.scope, -1, gap=8)
        note = label(SOURCES, "note", True)
        body = column(
            head, self.note, self.cards, note, caution_line("paint"), self.box, gap=6, margins=(14, 14, 14, 14)
        )
        body.setStretch(2, 1)
        self.setLayout(body)

    @property
    def for_all(self) -> bool:
        return self.scope.currentText() == BATCH

    def work(self) -> None:
        """The ways back from what is told, in a job."""
        try:
            self.state.tell(self.faults.currentText(), self.colour.text())
        except PlanError as error:
            self.note.setText(f"{error.message} {error.advice}")
            return
        self.colour.setVisible(self.state.needs_colour)
        work, make = self.state.work(new_id), self.make
        self.context.jobs.start("rescue", "Looking for ways back", lambda p: work(make(p), p), self._found)

    def from_photograph(self) -> None:
        """The zone's colour as a picture shows it; the ways back are then from that."""
        dialog = ColourDialog(self.context, self)
        if dialog.exec():
            if self.faults.currentText() not in BY_COLOUR:
                self.faults.setCurrentText(WRONG_HUE)
            self.colour.setText(dialog.colour)
            self.work()

    def _found(self, shown: list[Shown] | PlanError) -> None:
        refused = isinstance(shown, PlanError)
        self.note.setText(f"{shown.message} {shown.advice}" if isinstance(shown, PlanError) else "")
        self.state.shown = [] if isinstance(shown, PlanError) else shown
        self.take.setEnabled(not refused)
        self._show()

    def _choose(self, n: int) -> None:
        self.state.chosen = n
        self._show()

    def _show(self) -> None:
        self.cards.show_cards(self.state.cards(), self.state.chosen, self.note.text() or "Painting the ways back …")
