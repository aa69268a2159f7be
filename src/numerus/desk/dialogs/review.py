"""How a unit went: where estimates were off, what failed and broke, and one line of what to do otherwise next time."""

from __future__ import annotations

from PyQt6.QtWidgets import QDialogButtonBox, QVBoxLayout, QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import label, row
from numerus.desk.widgets.worded import ComboBox, LineEdit
from numerus.domain.journal import Fact
from numerus.domain.stages import STAGES, TITLES
from numerus.progress.figure_records.lessons import noted, unit_review
from numerus.progress.pace.day_pace import day_pace
from numerus.progress.pace.rates import technique_words

MOST_LETTERS, MOST_TECHNIQUES = 120, 6


class ReviewDialog(Dialog):
    """``fact`` after it was accepted: what to write into the journal, None where no line was typed."""

    def __init__(self, context: Context, unit_id: str, parent: QWidget) -> None:
        super().__init__(parent)
        self.session, self.unit_id = context.session, unit_id
        answers = self.session.answers
        review = unit_review(answers.plans, answers.standing, answers.history, unit_id)
        self.setWindowTitle(f"How {answers.plans.units[unit_id].name} went")
        self.setMinimumWidth(560)
        self.said = label("\n".join(review.words), "", True)
        pace = [*technique_words(answers.rates["paint"])[:MOST_TECHNIQUES], *day_pace(answers.facts).words]
        self.pace = label("\n".join(pace) or "No stroke of yours was measured yet.", "note", True)
        self.stage, self.line = ComboBox(), LineEdit()
        for stage in STAGES:
            self.stage.addItem(TITLES[stage], stage)
        self.stage.setCurrentIndex(self.stage.findData(review.stage))
        self.stage.setAccessibleName("At which bench it is shown again")
        self.line.setAccessibleName("What to do otherwise next time")
        self.line.setPlaceholderText("One line: what to do otherwise")
        self.line.setMaxLength(MOST_LETTERS)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        self.keep = box.addButton("Write it down", QDialogButtonBox.ButtonRole.AcceptRole)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        self.line.textChanged.connect(lambda words: self.keep.setEnabled(bool(words.strip())))
        self.keep.setEnabled(False)
        outer = QVBoxLayout(self)
        so_far = "" if review.ready else "So far: not all of it is ready yet."
        for widget in (
            label(so_far, "note"), self.said, label("How you paint, whatever the unit", "strong"), self.pace, label("Next time", "strong"),
        ):  # fmt: skip
            outer.addWidget(widget)
        outer.addLayout(row(label("At"), self.stage, self.line, gap=8))
        outer.addWidget(label("It is shown at that bench when the next unit comes there.", "note", True))
        outer.addStretch(1)
        outer.addWidget(box)

    @property
    def fact(self) -> Fact | None:
        words = self.line.text().strip()
        return noted(self.unit_id, self.stage.currentData(), words, self.session.clock()) if words else None
