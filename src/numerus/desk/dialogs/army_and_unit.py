"""Short questions: a new army, a unit."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from datetime import date, timedelta
from itertools import pairwise

from PyQt6.QtGui import QShowEvent
from PyQt6.QtWidgets import QDialogButtonBox, QFormLayout, QVBoxLayout, QWidget

from numerus.book.intake import new_id
from numerus.book.removal import on_other_kit
from numerus.desk.theme.marks import MARKS
from numerus.desk.widgets.date_line import DateLine
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import label
from numerus.desk.widgets.worded import ComboBox, DoubleSpinBox, LineEdit, SpinBox, TextLabel
from numerus.domain.army import BASES_MM, SLOTS, WHOLE, Army, Figure, Unit
from numerus.domain.parts import Kit
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.words import counted

MARK_WORDS = {
    "hat": "hat and coat, solid",
    "hollow": "hat and coat, outline",
    "half": "pointed hat, half filled",
    "bell": "bell",
    "heron": "heron",
}

MOST_FIGURES = 500


class Asking(Dialog):
    """A form with OK and Cancel and a line for what is wrong."""

    def __init__(self, parent: QWidget, title: str) -> None:
        super().__init__(parent)
        self.setWindowTitle(title)
        self.setMinimumWidth(420)
        self.form = QFormLayout()
        self.note, self.fault = label("", "note", True), label("", "fault", True)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self._accept)
        box.rejected.connect(self.reject)
        outer = QVBoxLayout(self)
        outer.addLayout(self.form)
        outer.addWidget(self.note)
        outer.addWidget(self.fault)
        outer.addWidget(box)

        self.asked: list[QWidget] = []
        self.buttons = box

    def ask(self, words: str, widget: QWidget) -> None:
        widget.setAccessibleName(words)
        self.form.addRow(TextLabel(words), widget)
        self.asked.append(widget)

    def showEvent(self, event: QShowEvent | None) -> None:
        """The questions come before the buttons, also for Tab."""
        super().showEvent(event)
        for before, after in pairwise([*self.asked, *self.buttons.buttons()]):
            self.setTabOrder(before, after)
        if self.asked:
            self.asked[0].setFocus()

    def wrong(self) -> str:
        """What is wrong with the answers, "" if nothing."""
        return ""

    def _accept(self) -> None:
        fault = self.wrong()
        self.fault.setText(fault)
        if not fault:
            self.accept()


CHOOSE, TYPED = "choose …", "another: its figures typed here"


class ArmyDialog(Asking):
    """Name and date of an army, and the machine it is printed on: nobody's printer is made up."""

    def __init__(self, parent: QWidget, today: date, machines: Sequence[Machine]) -> None:
        super().__init__(parent, "Start an army")
        self.today = today
        self.name, self.ready_by = LineEdit(), DateLine("Ready by", today, today + timedelta(days=28))
        self.machine = ComboBox()
        self.machine.addItem(CHOOSE)
        for machine in machines:
            self.machine.addItem(_machine_words(machine), machine)
        self.machine.addItem(TYPED, Machine("", "My printer"))
        self.machine.currentIndexChanged.connect(self._show_figures)
        self.ask("Name", self.name)
        self.ask("Ready by", self.ready_by)
        self.ask("Printer", self.machine)
        self.figures = {key: self._figure(words, key, most) for key, words, most in PRINTER_FIGURES}
        self._show_figures()
        self.note.setText(
            "Hours of hobby time and of being at home are set under Week; both start with common ones. The printer's other "
            "figures are the example's, or common ones; change them under Machines and stores, or calibrate."
        )

    def _figure(self, words: str, key: str, most: float) -> DoubleSpinBox:
        spin = DoubleSpinBox()
        spin.setRange(0, most)
        spin.setDecimals(4 if most < 1 else 1)
        spin.setSpecialValueText("type it")
        spin.setSuffix(" mm")
        self.ask(words, spin)
        return spin

    def _show_figures(self) -> None:
        typed = self.machine.currentText() == TYPED
        for spin in self.figures.values():
            self.form.setRowVisible(spin, typed)

    def wrong(self) -> str:
        if not self.name.text().strip():
            return "The army needs a name."
        day = self.ready_by.day
        if day is None:
            return "The date cannot be read: write it like 28 Apr 2026."
        if day < self.today:
            return "That date is past: choose one that is still to come."
        if self.machine.currentData() is None:
            return "Which printer? Choose one of the examples, or type its plate, height and pixel."
        if self.machine.currentText() == TYPED and not all(s.value() for s in self.figures.values()):
            return "Type the printer's plate, the tallest it prints, and its pixel."
        return ""

    def army(self, scheme_id: str) -> Army:
        day = self.ready_by.day
        assert day is not None
        return Army("army", self.name.text().strip(), day, scheme_id=scheme_id)

    def printer(self) -> Machine:
        """The machine chosen, or with the figures typed."""
        chosen: Machine = self.machine.currentData()
        if self.machine.currentText() != TYPED:
            return replace(chosen, id="machine-1")
        x, y, high, pixel = (self.figures[key].value() for key, _, _ in PRINTER_FIGURES)
        return replace(chosen, id="machine-1", plate_x_mm=x, plate_y_mm=y, height_mm=high, pixel_mm=pixel)


PRINTER_FIGURES = (
    ("plate_x_mm", "Plate, across", 1000.0), ("plate_y_mm", "Plate, front to back", 1000.0),
    ("height_mm", "Tallest part", 1000.0), ("pixel_mm", "Pixel of its screen", 0.9),
)  # fmt: skip


def _machine_words(machine: Machine) -> str:
    return f"{machine.name} (example): {machine.plate_x_mm:.0f} × {machine.plate_y_mm:.0f} × {machine.height_mm:.0f} mm"


class UnitDialog(Asking):
    """A unit: new, or an existing one with its figures."""

    def __init__(self, parent: QWidget, plans: Plans, unit: Unit | None = None) -> None:
        super().__init__(parent, "Change the unit" if unit else "Add a unit")
        self.plans, self.unit = plans, unit
        self.name, self.count, self.base, self.kit = LineEdit(), SpinBox(), ComboBox(), ComboBox()
        self.mark, self.level, self.price, self.apart = ComboBox(), ComboBox(), DoubleSpinBox(), LineEdit()
        self.apart.setPlaceholderText("slots, like: back, left arm")
        self.count.setRange(0, 99_999)
        self.base.addItems([f"{b:g}" for b in BASES_MM])
        self.base.setEditable(True)
        self.kit.addItem("a new kit, from the files added next", "")
        for kit in plans.kits.values():
            self.kit.addItem(kit.name, kit.id)
        for mark in MARKS:
            self.mark.addItem(MARK_WORDS[mark], mark)
        for level in LEVELS:
            self.level.addItem(LEVEL_NAMES[level], level)
        self.price.setRange(0, 10_000)
        for words, widget in (("Name", self.name), ("Figures", self.count), ("Base, mm", self.base), ("Kit", self.kit),
                              ("Sign", self.mark), ("Painted to", self.level), ("Bought price a figure", self.price),
                              ("Painted before gluing", self.apart)):  # fmt: skip
            self.ask(words, widget)
        self._fill(unit)

    def _fill(self, unit: Unit | None) -> None:
        count = len(self.plans.figures_of(unit.id)) if unit else 5
        self.count.setValue(count)
        start = unit or Unit("", "", 0, 28.5, "", MARKS[len(self.plans.units) % len(MARKS)])
        self.name.setText(start.name)
        self.base.setCurrentText(f"{start.base_mm:g}")
        for box, value in ((self.kit, start.kit_id), (self.mark, start.mark), (self.level, start.level)):
            box.setCurrentIndex(max(box.findData(value), 0))
        self.price.setValue(start.bought_pence / 100)
        self.apart.setText(", ".join(start.apart))

    def wrong(self) -> str:
        if not self.name.text().strip():
            return "The unit needs a name."
        if self.count.value() > MOST_FIGURES:
            return f"{self.count.value()} figures in one unit are more than is planned; {MOST_FIGURES} is the most."
        if self.count.value() == 0:
            return "A unit without figures cannot march: give it at least one."
        try:
            good = 10 <= float(self.base.currentText()) <= 300
        except ValueError:
            good = False
        return "" if good else "The base is between 10 and 300 mm."

    def documents(self) -> tuple[list[Unit | Figure], list[Figure]]:
        """The unit and its figures as they are to be written, and the figures to be removed."""
        start = self.unit or Unit(new_id(), "", len(self.plans.units), 28.5, "")
        slots = start.slots if self.unit and start.kit_id == self.kit.currentData() else self._slots()
        unit = replace(
            start, slots=slots, name=self.name.text().strip(), base_mm=float(self.base.currentText()), kit_id=self.kit.currentData(),
            mark=self.mark.currentData(), level=self.level.currentData(), bought_pence=round(100 * self.price.value()),
            apart=tuple(s for s in (w.strip() for w in self.apart.text().split(",")) if s),
        )  # fmt: skip
        have = self.plans.figures_of(unit.id)
        new = [Figure(new_id(), unit.id, f"{unit.name} {n + 1}", n) for n in range(len(have), self.count.value())]
        kept = have[: self.count.value()]
        fitted = on_other_kit(self.plans, unit, kept) if start.kit_id != unit.kit_id else [unit]
        return [*fitted, *new], have[self.count.value() :]

    def _slots(self) -> tuple[str, ...]:
        """The slots the kit's parts fill, in the usual order; the usual ones where it has none yet."""
        slots = {p.slot for p in self.plans.parts.values() if p.kit_id == self.kit.currentData() and p.slot != "extra"}
        usual = [s for s in SLOTS if s in slots] + sorted(slots - set(SLOTS))
        return tuple(usual) or (WHOLE,)


class WhereDialog(Asking):
    """Where files go when the unit's kit has parts already: to them, or into a new kit in its stead."""

    def __init__(self, parent: QWidget, kit: Kit, parts: int, name: str) -> None:
        super().__init__(parent, "Where do these files belong?")
        self.where = ComboBox()
        self.where.addItem(f"to {kit.name}, which has {counted(parts, 'part')}", kit.id)
        self.where.addItem(f"into a new kit, {name}, for this unit", "")
        self.ask("They go", self.where)
        self.note.setText("In a new kit the unit's builds begin anew; the old kit stays in the book for other units.")

    def kit_id(self) -> str:
        """The kit they are added to, "" for a new one."""
        return str(self.where.currentData())
