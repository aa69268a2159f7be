"""What was done to a bath: filled anew, settled and filtered, or the clean one made the dirty one."""

from __future__ import annotations

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.stages.wash.state import WashState
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import caution_line, column, label, row
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox
from numerus.domain.journal import BathFilled, BathSettled, BathsSwapped
from numerus.post.washing.bath_book import CLEAN, DIRTY, LIQUIDS, SETTLED_SHARE

FILL, SETTLE, SWAP = "filled anew", "settled and filtered", "the clean bath becomes the dirty one"
WORDS = {
    FILL: "The old liquid goes into a closed vessel, hardens in the light, and is disposed of by local rules.",
    SETTLE: "It stood in the light until what was in it sank, and was filtered; how much went out is a guess unless weighed.",
    SWAP: "The dirty bath is disposed of; the clean one goes on as dirty, and a fresh one is filled.",
}


class BathDialog(Dialog):
    """``done_event`` to ``bath``, as chosen."""

    def __init__(self, state: WashState, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("What was done to a bath")
        self.state = state
        self.what, self.which, self.liquid = ComboBox(), ComboBox(), ComboBox()
        self.litres, self.removed = DoubleSpinBox(), DoubleSpinBox()
        for box, name, entries in (
            (self.what, "What was done", (FILL, SETTLE, SWAP)), (self.which, "Which bath", (DIRTY, CLEAN)),
            (self.liquid, "Liquid", tuple(LIQUIDS)),
        ):  # fmt: skip
            box.addItems(entries)
            box.setAccessibleName(name)
            box.currentIndexChanged.connect(lambda _: self._show())
        self._number(self.litres, "Litres", 0.1, 50.0, " l")
        self._number(self.removed, "Share taken out", 1.0, 100.0, " %")
        self.removed.setValue(100 * SETTLED_SHARE)
        self.note = label("", "note", True)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        self.rows = {
            "which": self._row("Bath", self.which), "liquid": self._row("Liquid", self.liquid),
            "litres": self._row("Litres", self.litres), "removed": self._row("Resin taken out", self.removed),
        }  # fmt: skip
        self.setLayout(
            column(
                self._row("What was done", self.what), *self.rows.values(), self.note, caution_line("wash"), buttons,
                gap=8, margins=(14, 14, 14, 14),
            )
        )  # fmt: skip
        self._show()
        self.resize(460, 320)

    def _number(self, box: DoubleSpinBox, name: str, least: float, most: float, unit: str) -> None:
        box.setRange(least, most)
        box.setDecimals(1)
        box.setSuffix(unit)
        box.setAccessibleName(name)

    def _row(self, words: str, box: QWidget) -> QWidget:
        holder = QWidget()
        holder.setLayout(row(label(words), -1, box))
        return holder

    def _show(self) -> None:
        what, carried = self.what.currentText(), self.state.carried
        shown = {"which": what != SWAP, "liquid": what == FILL, "litres": what != SETTLE, "removed": what == SETTLE}
        for name, holder in self.rows.items():
            holder.setVisible(shown[name])
        if not self.litres.hasFocus():
            self.litres.setValue(carried.litres[self.bath])
        self.note.setText(WORDS[what])

    @property
    def bath(self) -> str:
        return DIRTY if self.what.currentText() == SWAP else self.which.currentText()

    @property
    def done_event(self) -> BathFilled | BathSettled | BathsSwapped:
        what = self.what.currentText()
        if what == FILL:
            return BathFilled(self.liquid.currentText(), self.litres.value())
        return BathSettled(self.removed.value() / 100) if what == SETTLE else BathsSwapped(self.litres.value())
