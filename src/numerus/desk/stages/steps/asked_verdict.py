"""How a plate came out, asked in a line below a bench until somebody says."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping

from PyQt6.QtWidgets import QVBoxLayout, QWidget

from numerus.desk.widgets.layout import button, label, panel, row
from numerus.domain.printing.plates import Plate
from numerus.printing.runs.run_records import RunRecord


class AskedVerdict(QWidget):
    """``judge`` is told the verdict that was pressed."""

    def __init__(self, verdicts: Iterable[str], judge: Callable[[str], object]) -> None:
        super().__init__()
        self.words = label("", "note")
        self.pressed = {v: button(v, lambda v=v: judge(v), "link") for v in verdicts}
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.addWidget(panel(row(self.words, *self.pressed.values(), -1, gap=8, margins=(16, 0, 16, 8)), "drawer"))
        self.hide()

    def ask(self, plates: Mapping[str, Plate], run: RunRecord | None, question: str) -> None:
        """About a run's plate, ``question`` with {} for its name; nothing is asked where there is none."""
        self.setVisible(run is not None)
        if run is not None:
            plate = plates.get(run.plate_id)
            self.words.setText(question.format(plate.name if plate else "the last plate"))
