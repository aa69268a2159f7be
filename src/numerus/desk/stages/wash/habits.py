"""How this user washes, under the steps: how long a plate drains, how large the tubs are."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtWidgets import QWidget

from numerus.desk.stages.wash.state import WashState
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.worded import DoubleSpinBox

TUB_TIP = "Inner width and depth of the tub: whether a whole plate goes in, and how high the liquid stands"


class WashHabits(QWidget):
    """``changed`` is told what was typed, by the army's own names."""

    def __init__(self, changed: Callable[[dict[str, object]], None]) -> None:
        super().__init__()
        self.changed = changed
        self.drains = self._spin(
            "Minutes a plate drains", 0.0, 600.0, " min", "Over the vat, before it is washed: what drips back is kept"
        )
        self.wide = self._spin("Width of the tub", 40.0, 2000.0, " mm", TUB_TIP)
        self.deep = self._spin("Depth of the tub", 40.0, 2000.0, " mm", TUB_TIP)
        self.film = label("", "note", True)
        self.drains.editingFinished.connect(lambda: self.changed({"drain_min": self.drains.value()}))
        for spin in (self.wide, self.deep):
            spin.editingFinished.connect(lambda: self.changed({"tub_mm": (self.wide.value(), self.deep.value())}))
        spins = row(
            label("Drains", "note"), self.drains, 6, label("Tub inside", "note"), self.wide, label("×", "note"), self.deep, -1,
            gap=6,
        )  # fmt: skip
        self.setLayout(column(spins, self.film, gap=2))

    def show_habits(self, state: WashState) -> None:
        tub = state.answers.washing.tub(state.plans.army)
        for spin, value in ((self.drains, state.drains_min), (self.wide, tub.wide_mm), (self.deep, tub.deep_mm)):
            if not spin.hasFocus():
                spin.setValue(value)
        self.film.setText(state.film)

    def _spin(self, name: str, least: float, most: float, unit: str, tip: str) -> DoubleSpinBox:
        spin = DoubleSpinBox()
        spin.setRange(least, most)
        spin.setDecimals(0)
        spin.setSuffix(unit)
        spin.setAccessibleName(name)
        spin.setToolTip(tip)
        spin.setKeyboardTracking(False)
        return spin
