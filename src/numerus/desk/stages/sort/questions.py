"""Short questions of the Sort bench: a rule for builds, a part in so many figures, where a kit came from."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import date

from PyQt6.QtWidgets import QPlainTextEdit, QWidget

from numerus.desk.dialogs.army_and_unit import Asking
from numerus.desk.widgets.date_line import DateLine
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, LineEdit, SpinBox
from numerus.domain.army import BuildRule
from numerus.domain.parts import LICENCES, Kit, Part


def _parts_box(parts: Sequence[Part]) -> ComboBox:
    box = ComboBox()
    for part in parts:
        box.addItem(f"{part.slot}: {part.label}", part.id)
    return box


class RuleDialog(Asking):
    """Two parts, and whether they must or must not go together."""

    def __init__(self, parent: QWidget, parts: Sequence[Part]) -> None:
        super().__init__(parent, "A rule for builds")
        self.one, self.kind, self.other = _parts_box(parts), ComboBox(), _parts_box(parts)
        for words, kind in (("never goes with", "apart"), ("needs", "needs")):
            self.kind.addItem(words, kind)
        self.ask("This part", self.one)
        self.ask("Rule", self.kind)
        self.ask("That part", self.other)

    def wrong(self) -> str:
        return "A part needs another than itself." if self.one.currentData() == self.other.currentData() else ""

    def rule(self) -> BuildRule:
        return BuildRule(self.kind.currentData(), self.one.currentData(), self.other.currentData())


class WantedDialog(Asking):
    """A part and in how many figures it shall be."""

    def __init__(self, parent: QWidget, parts: Sequence[Part], figures: int) -> None:
        super().__init__(parent, "A part in so many figures")
        self.part, self.number = _parts_box(parts), SpinBox()
        self.number.setRange(0, figures)
        self.number.setValue(min(2, figures))
        self.ask("Part", self.part)
        self.ask("Figures (0: free)", self.number)

    def answer(self) -> tuple[str, int]:
        return self.part.currentData(), self.number.value()


class KitDialog(Asking):
    """Where a kit came from, what may be done with its prints, what it cost, and how its prints have done."""

    def __init__(self, parent: QWidget, kit: Kit, done: str) -> None:
        super().__init__(parent, f"Where {kit.name} came from")
        self.kit = kit
        self.name, self.source = LineEdit(kit.name), LineEdit(kit.source)
        today = date.today()
        self.licence, self.price, self.got = ComboBox(), DoubleSpinBox(), DateLine("Got on", today, kit.got)
        for key, words in LICENCES.items():
            self.licence.addItem(words, key)
        self.licence.setCurrentIndex(max(self.licence.findData(kit.licence), 0))
        self.price.setRange(0, 100_000)
        self.price.setValue(kit.price_pence / 100)
        self.remarks = QPlainTextEdit(kit.remarks)
        self.remarks.setMaximumHeight(80)
        self.remarks.setTabChangesFocus(True)
        for words, widget in (
            ("Name", self.name), ("Source", self.source), ("Licence", self.licence), ("Price paid", self.price),
            ("Got on", self.got), ("Remarks", self.remarks),
        ):  # fmt: skip
            self.ask(words, widget)
        self.note.setText(done)

    def wrong(self) -> str:
        if self.got.day is None:
            return "The day it was got cannot be read: write it like 28 Apr 2026."
        return "" if self.name.text().strip() else "The kit needs a name."

    def changed(self) -> Kit:
        return replace(
            self.kit, name=self.name.text().strip(), source=self.source.text().strip(), licence=self.licence.currentData(),
            price_pence=round(100 * self.price.value()), got=self.got.day, remarks=self.remarks.toPlainText().strip(),
        )  # fmt: skip
