"""The air paint dries in: temperature and humidity at the bench, and what they make of the usual minutes."""

from __future__ import annotations

from dataclasses import replace

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.session import Session
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import column, label, number_box, row
from numerus.domain.army import Army
from numerus.paint.air import BenchAir
from numerus.paint.drying import dried_examples


class BenchAirDialog(Dialog):
    """``army``: with the air as it was typed."""

    def __init__(self, army: Army, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Air at the bench")
        self._army = army
        self.celsius = number_box(0, 45, army.bench_celsius, 1, "Temperature at the bench", " °C", decimals=0)
        self.humidity = number_box(5, 98, army.bench_humidity, 1, "Humidity at the bench", " %", decimals=0)
        self.words = label("", "note", True)
        self.words.setMinimumWidth(320)
        buttons = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        buttons.addButton("Keep", QDialogButtonBox.ButtonRole.AcceptRole)
        buttons.accepted.connect(self.accept)
        buttons.rejected.connect(self.reject)
        asked = row(label("Temperature"), self.celsius, 14, label("Humidity"), self.humidity, -1, gap=8)
        self.setLayout(column(asked, self.words, buttons, gap=10, margins=(16, 14, 16, 14)))
        for spin in (self.celsius, self.humidity):
            spin.valueChanged.connect(lambda _: self._tell())
        self._tell()

    @property
    def army(self) -> Army:
        return replace(self._army, bench_celsius=self.celsius.value(), bench_humidity=self.humidity.value())

    def _tell(self) -> None:
        self.words.setText(dried_examples(BenchAir(self.celsius.value(), self.humidity.value())))


def ask_bench_air(session: Session, parent: QWidget) -> None:
    """Typed, looked at and kept as one edit, which plans anew."""
    army = session.plans.army
    dialog = BenchAirDialog(army, parent) if army else None
    if dialog is not None and dialog.exec() and dialog.army != army:
        session.commit("the air at the bench", [dialog.army])
