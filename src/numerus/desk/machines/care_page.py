"""Care of a machine: what is done to it, dated, with how parts fared before and after; the user's own routine and its minutes."""

from __future__ import annotations

from PyQt6.QtWidgets import QHeaderView, QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import LineEdit, TableItem, TableWidget
from numerus.diagnosis.care import care_of
from numerus.domain.journal import Fact, MachineCared
from numerus.domain.printing.machines import Machine
from numerus.printing.machines.routine import Habit, habits, routine_min

USUAL = "levelled", "screws tightened", "vat cleaned", "rods greased"
COLUMNS = "Day", "What", "Before", "Since", "So"


class CarePage(QWidget):
    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session, self.machine = session, Machine("", "")
        self.routine, self.table = label("", "note", True), TableWidget(0, len(COLUMNS))
        self.table.setHorizontalHeaderLabels(list(COLUMNS))
        self.table.setAccessibleName("What was done to the machine, and how parts fared")
        self.table.setEditTriggers(TableWidget.EditTrigger.NoEditTriggers)
        self.table.verticalHeader().setVisible(False)
        self.table.horizontalHeader().setSectionResizeMode(QHeaderView.ResizeMode.ResizeToContents)
        self.table.horizontalHeader().setSectionResizeMode(4, QHeaderView.ResizeMode.Stretch)
        self.other = LineEdit()
        self.other.setAccessibleName("Something else that was done")
        self.other.setPlaceholderText("something else, in your words")
        self.other.returnPressed.connect(lambda: self.tell(self.other.text().strip()))
        told = row(
            *(button(what.capitalize(), lambda what=what: self.tell(what)) for what in USUAL), self.other,
            button("Tell it", lambda: self.tell(self.other.text().strip())), gap=6,
        )  # fmt: skip
        self.setLayout(column(
            label("Your routine", "section"), self.routine, label("Done to it", "section"), told, self.table, gap=6, margins=(12, 10, 12, 10),
        ))  # fmt: skip

    def show_machine(self, machine: Machine) -> None:
        self.machine = machine
        each = "; ".join(f"{h.words}: {h.minutes:g} min {_often(h)} ({h.costs})" for h in habits(machine))
        self.routine.setText(
            f"{each}. Together {routine_min(machine):.1f} min a run (defaults); choose otherwise under Profile, Routine."
        )
        answers = self.session.answers
        listed = care_of(machine.id, answers.standing.runs.values(), answers.facts)
        self.table.setRowCount(len(listed))
        for y, care in enumerate(listed):
            cells = f"{care.at:%d %b %Y}", care.what, care.before.words, care.after.words, care.verdict
            for x, words in enumerate(cells):
                self.table.setItem(y, x, TableItem(words))

    def tell(self, what: str) -> None:
        """An entry of the journal; undo takes it back."""
        if what and self.session.commit(
            f"{self.machine.name}: {what}", facts=[Fact(self.session.clock(), MachineCared(what), self.machine.id)]
        ):
            self.other.clear()
            self.show_machine(self.machine)


def _often(habit: Habit) -> str:
    return "every run" if habit.every_runs == 1 else f"every {habit.every_runs} runs"
