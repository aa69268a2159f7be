"""Practise: one exercise at a time, marked by what is true, what was missed again later; a sheet of how it goes."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtCore import Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtWidgets import QStackedWidget, QWidget

from numerus.desk.context import Context
from numerus.desk.trainer.cards import Cards
from numerus.desk.trainer.materials import Materials
from numerus.desk.trainer.plate_page import PlatePage
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, clear, column, label, row
from numerus.desk.widgets.worded import DoubleSpinBox, ListItem, ListWidget
from numerus.progress.printing.failure_record import confirmed_cases
from numerus.trainer.exercise import BENCH_OF, NAMES, PLATE, Exercise, Mark, level_of
from numerus.trainer.failed_plate import OWN_SEED, FailedPlate, failed_plate, own_plates
from numerus.trainer.record import Practised, keep, read_record

KEY = Qt.ItemDataRole.UserRole


class TrainerDialog(Dialog):
    """``path``: the file of what was practised; ``stage``: the bench it was opened from, whose exercises come first."""

    def __init__(self, context: Context, path: Path, stage: str = "", parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.context, self.session, self.path = context, context.session, path
        self.setWindowTitle("Practise")
        self.resize(1120, 640)
        self.record = read_record(path)
        self.exercise: Exercise | FailedPlate | None = None
        self.kind = self._first_kind(stage)
        self.kinds, self.cards = ListWidget(), Cards(context)
        self.kinds.setAccessibleName("Exercises")
        self.kinds.setFixedWidth(250)
        self.kinds.setWordWrap(True)
        self.ask, self.said = label("", "section", True), label("", "strong", True)
        self.plate_page = PlatePage(self.marked)
        self.numbers: list[DoubleSpinBox] = []
        self.fields = row(gap=10)
        self.calibration = label("", "note", True)
        self.answer_button, self.next_button = button("Mark it", self.answer, "main"), button("Another", self.next)
        self.kinds.currentItemChanged.connect(lambda *_: self._chosen())
        self.cards.changed.connect(self._may_answer)
        page = QWidget()
        page.setLayout(column(self.cards, self.fields, gap=8))
        page.layout().setStretch(0, 1)
        self.pages = QStackedWidget()
        self.pages.addWidget(page)
        self.pages.addWidget(self.plate_page)
        right = column(
            self.ask, self.pages, self.said, row(self.answer_button, self.next_button, -1, button("Close", self.reject)), self.calibration, gap=8,
        )  # fmt: skip
        right.setStretch(1, 1)
        whole = row(self.kinds, right, gap=16, margins=(14, 12, 14, 12))
        whole.setStretch(1, 1)
        self.setLayout(whole)
        self._show_sheet()
        self.next()

    @staticmethod
    def _first_kind(stage: str) -> str:
        return next((kind for kind, bench in BENCH_OF.items() if bench == stage), next(iter(NAMES)))

    def _show_sheet(self) -> None:
        """Every kind with how it goes; the one in hand is chosen."""
        self.kinds.blockSignals(True)
        self.kinds.clear()
        for kind, (name, how, due) in zip(NAMES, self.record.sheet(self.session.now), strict=True):
            item = ListItem("\n".join(filter(None, (name, how, due))))
            item.setData(KEY, kind)
            self.kinds.addItem(item)
            if kind == self.kind:
                self.kinds.setCurrentItem(item)
        self.kinds.blockSignals(False)
        self.calibration.setText("; ".join(self.record.calibration()))

    def _chosen(self) -> None:
        item = self.kinds.currentItem()
        if item is not None and item.data(KEY) != self.kind:
            self.kind = item.data(KEY)
            self.next()

    def next(self) -> None:
        """One that was missed and is due, else a new one."""
        self.said.setText("")
        self.exercise = None
        seed, level = self.record.next_of(self.kind, self.session.now)
        materials = Materials(self.session.plans, self.session.mesh_reader())
        why = materials.why_not(self.kind, level)
        self.ask.setText(why or "Being made ready …")
        self.cards.show_cards((), 0)
        clear(self.fields)
        self.numbers = []
        self._may_answer()
        if why:
            self.pages.setCurrentIndex(0)
        elif self.kind == PLATE:
            own = self._own_plate()
            self.context.jobs.start(
                "exercise", "Printing a plate that fails", lambda _: own or failed_plate(seed, level), self._show_plate
            )
        else:
            self.context.jobs.start(
                "exercise", "Making an exercise", materials.exercise(self.kind, seed, level), self._show
            )

    def _own_plate(self) -> FailedPlate | None:
        """One's own plate whose cause is known by now, each once, when plates of the workshop go well."""
        answers = self.session.answers
        if level_of([p.score for p in self.record.of(PLATE)]) < 2:
            return None
        tried = {p.seed for p in self.record.of(PLATE)}
        listed = own_plates(confirmed_cases(answers.plans, answers.standing.runs, answers.facts))
        return next((plate for plate in listed if plate.seed not in tried), None)

    def _show_plate(self, plate: FailedPlate) -> None:
        self.exercise = plate
        whose = "This was your own" if plate.seed >= OWN_SEED else "A plate comes off hurt"
        self.ask.setText(f"{whose}. What was the cause? Tests cost minutes, and one in ten says what is not so.")
        self.plate_page.show_plate(plate)
        self.pages.setCurrentIndex(1)
        self._may_answer()

    def _show(self, exercise: Exercise) -> None:
        self.exercise = exercise
        self.ask.setText(exercise.ask)
        self.cards.show_cards(exercise.cards, exercise.choose)
        for name in exercise.fields:
            box = DoubleSpinBox()
            box.setRange(0, 100_000 if exercise.unit != "drops" else 8)
            box.setDecimals(exercise.decimals)
            box.setAccessibleName(name)
            box.valueChanged.connect(lambda _: self._may_answer())
            self.numbers.append(box)
            self.fields.addLayout(column(label(name, "note"), box, gap=2))
        self.fields.addStretch(1)
        self.pages.setCurrentIndex(0)
        (self.numbers[0] if self.numbers else self.cards).setFocus()
        self._may_answer()

    def _may_answer(self) -> None:
        exercise = self.exercise
        asked = isinstance(exercise, Exercise) and not self.said.text()
        ready = asked and (
            len(self.cards.chosen) == exercise.choose if exercise.choose else any(b.value() > 0 for b in self.numbers)  # type: ignore[union-attr]
        )
        self.answer_button.setEnabled(bool(ready))
        self.answer_button.setVisible(not isinstance(exercise, FailedPlate))

    def answer(self) -> None:
        """Marked, told, and kept."""
        exercise = self.exercise
        if isinstance(exercise, Exercise) and self.answer_button.isEnabled():
            typed = self.cards.chosen if exercise.choose else [b.value() for b in self.numbers]
            self.cards.close_choice()
            self.marked(exercise.mark(typed))

    def marked(self, mark: Mark) -> None:
        if self.exercise is None:
            return
        self.said.setText(f"{'Right' if mark.good else 'Partly' if mark.score > 0 else 'Not so'}. {mark.words}")
        one = Practised(self.session.now, self.kind, self.exercise.seed, self.exercise.level, mark.score, mark.detail)
        self.record.done.append(one)
        keep(self.path, one)
        self._show_sheet()
        self._may_answer()
        self.next_button.setFocus()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Enter marks, and after that goes on."""
        if event is not None and event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.answer() if self.answer_button.isEnabled() else self.next() if self.said.text() else None
            return
        super().keyPressEvent(event)
