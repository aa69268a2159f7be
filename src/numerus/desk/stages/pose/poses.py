"""Poses compared: the chart of all directions, what counts, and the candidates side by side."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.pose.compared import Compared
from numerus.desk.stages.pose.pictures.chart import PoseChart, WhatCounts
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.worded import ComboBox
from numerus.domain.journal import PoseChosen
from numerus.printing.orientation.orientation_search import Weights
from numerus.printing.orientation.preference_learning import SCHOOL_WEIGHTS, UPRIGHT, School, drift, learned


class PosesPage(QWidget):
    """``weighed``: the weights were set, by school, by habit or by hand."""

    weighed = pyqtSignal(object)

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__()
        self.context = context
        self.chart, self.counts = PoseChart(context), WhatCounts(context.theme)
        self.compared = Compared(context, renderer)
        self.school_box = ComboBox()
        self.school_box.addItems([s.name for s in SCHOOL_WEIGHTS])
        self.school_box.setAccessibleName("School of posing")
        self.school_box.activated.connect(lambda _: self.take_school())
        self.description = label("", "note", True)
        self.counts.changed.connect(self.weighed.emit)
        self.choices: list[PoseChosen] = []
        self.upright, self.taken = False, False  # of plastic, as it is usually laid; a school was taken by hand
        words = column(
            row(label("What counts", "section"), self.school_box, -1, gap=10), self.description, 2, self.counts, -1,
        )  # fmt: skip
        upper = row(self.chart, words, gap=12)
        upper.setStretch(0, 5)
        upper.setStretch(1, 6)
        body = column(upper, self.compared, gap=4)
        body.setStretch(0, 1)
        body.setStretch(1, 1)
        self.setLayout(body)

    @property
    def school(self) -> School:
        return SCHOOL_WEIGHTS[self.school_box.currentIndex()]

    def show_habit(self, choices: list[PoseChosen], upright: bool = False) -> None:
        """The school's weights as this user's choices have moved them; what was set by hand stays until a school is taken.
        ``upright``: plastic is laid upright unless another school is taken.
        """
        turned, self.upright = upright != self.upright, upright
        if turned and not self.taken:
            self.school_box.setCurrentText(UPRIGHT if upright else SCHOOL_WEIGHTS[0].name)
        if turned or len(choices) != len(self.choices) or not self.description.text():
            self.choices = choices
            self.take_school(tell=False)

    def take_school(self, tell: bool = True) -> None:
        weights = learned(self.school, self.choices)
        moved = drift(weights, self.school)
        habit = f" Your {len(self.choices)} choices count {moved}." if moved else ""
        self.description.setText(self.school.description + habit)
        self.counts.show_weights(weights, self.upright)
        if tell:
            self.taken = True
            self.weighed.emit(weights)

    @property
    def weights(self) -> Weights:
        return self.counts.weights
