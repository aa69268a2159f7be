"""The failed plate: what is seen, tests that cost minutes, causes to name."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QWidget

from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ListItem, ListWidget
from numerus.trainer.exercise import Mark
from numerus.trainer.failed_plate import FailedPlate

KEY = Qt.ItemDataRole.UserRole


class PlatePage(QWidget):
    """``named`` is called with the mark once a cause was named."""

    def __init__(self, named: Callable[[Mark], None]) -> None:
        super().__init__()
        self.named, self.plate = named, None
        self.seen, self.tests, self.causes = ListWidget(), ListWidget(), ListWidget()
        for widget, name in ((self.seen, "What is seen"), (self.tests, "Tests"), (self.causes, "Causes")):
            widget.setAccessibleName(name)
            widget.setWordWrap(True)
            widget.setResizeMode(ListWidget.ResizeMode.Adjust)  # or lines are as high as the list was wide before
            widget.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.tests.itemActivated.connect(lambda _: self.make_test())
        self.causes.itemActivated.connect(lambda _: self.name_cause())
        self.spent = label("", "note")
        self.test_button = button("Make the test", self.make_test)
        self.name_button = button("It was this", self.name_cause, "main")
        lists = row(
            column(label("What is seen, and what tests said", "section"), self.seen, gap=4),
            column(label("Tests and their minutes", "section"), self.tests, row(self.spent, -1, self.test_button), gap=4),
            column(label("Causes", "section"), self.causes, row(-1, self.name_button), gap=4), gap=12,
        )  # fmt: skip
        for n, share in enumerate((4, 4, 3)):
            lists.setStretch(n, share)
        self.setLayout(lists)

    plate: FailedPlate | None

    def show_plate(self, plate: FailedPlate) -> None:
        self.plate = plate
        self.seen.clear()
        self.seen.addItems([w[:1].upper() + w[1:] for w in plate.seen])
        self.causes.clear()
        for key, words in plate.causes.items():
            self._add(self.causes, words, key)
        self._show_tests()
        for widget in (self.test_button, self.name_button):
            widget.setEnabled(True)

    def _show_tests(self) -> None:
        assert self.plate is not None
        self.tests.clear()
        for key, test in sorted(self.plate.tests.items(), key=lambda t: t[1].minutes):
            self._add(self.tests, f"{test.minutes:.0f} min: {test.description}", key)
        self.spent.setText(f"{self.plate.minutes:.0f} min spent")

    @staticmethod
    def _add(shown: ListWidget, words: str, key: str) -> None:
        item = ListItem(words)
        item.setData(KEY, key)
        shown.addItem(item)

    def make_test(self) -> None:
        item = self.tests.currentItem()
        if self.plate is None or item is None:
            return
        test = self.plate.tests[item.data(KEY)]
        said = self.plate.test(item.data(KEY))
        self.seen.addItem(f"{'Yes' if said else 'No'}: {test.yes[:1].lower()}{test.yes[1:]}")
        self.seen.scrollToBottom()
        self._show_tests()

    def name_cause(self) -> None:
        item = self.causes.currentItem()
        if self.plate is None or item is None or not self.name_button.isEnabled():
            return
        for widget in (self.test_button, self.name_button):
            widget.setEnabled(False)
        self.named(self.plate.name(item.data(KEY)))
