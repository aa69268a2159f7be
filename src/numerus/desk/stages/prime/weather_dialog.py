"""What the air is like: typed for the coming hours, or from a file; simulated where nobody tells."""

from __future__ import annotations

from datetime import datetime, timedelta
from pathlib import Path

from PyQt6.QtWidgets import QDialogButtonBox, QFormLayout, QVBoxLayout, QWidget

from numerus.desk.translate import tr
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, label, row
from numerus.desk.widgets.worded import DoubleSpinBox, FileDialog
from numerus.errors import NumerusError
from numerus.paint.priming.weather import Air
from numerus.paint.priming.weather_file import COLUMNS, read_air

FILES = "Weather (*.csv *.json)"
HOLDS_H = 9  # hours for which air that was typed is taken to hold


class WeatherDialog(Dialog):
    """``airs`` after it was accepted: what was told, nothing for simulated air."""

    def __init__(self, parent: QWidget, now: Air, at: datetime) -> None:
        super().__init__(parent)
        self.setWindowTitle("The weather")
        self.at, self.airs, self.fault = at, list[Air](), label("", "fault", True)
        self.fields = {name: DoubleSpinBox() for name in COLUMNS[1:]}
        form = QFormLayout()
        told = {"celsius": (-30, 50, now.celsius, "Warmth, °C"), "humidity": (1, 100, now.humidity, "Damp, %"),
                "wind_m_s": (0, 40, now.wind_m_s, "Wind, m/s")}  # fmt: skip
        for name, (low, high, value, words) in told.items():
            self.fields[name].setRange(low, high)
            self.fields[name].setDecimals(1)
            self.fields[name].setValue(value)
            self.fields[name].setAccessibleName(words)
            form.addRow(tr(words), self.fields[name])
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self.take_typed)
        box.rejected.connect(self.reject)
        outer = QVBoxLayout(self)
        outer.addWidget(label(f"What it is like outside now; taken to hold for {HOLDS_H} hours.", "", True))
        outer.addLayout(form)
        outer.addLayout(row(button("From a file …", self.ask_file), button("Simulated again", self.forget), -1))
        outer.addWidget(
            label(f"A file has rows of {', '.join(COLUMNS)}: CSV under a header, or a JSON list.", "note", True)
        )
        outer.addWidget(self.fault)
        outer.addWidget(box)

    def take_typed(self) -> None:
        celsius, humidity, wind = (self.fields[name].value() for name in COLUMNS[1:])
        self.airs = [Air(self.at + timedelta(hours=h), celsius, humidity, wind) for h in range(0, HOLDS_H + 1, 3)]
        self.accept()

    def forget(self) -> None:
        self.airs = []
        self.accept()

    def ask_file(self) -> None:
        name, _ = FileDialog.getOpenFileName(self, "Weather", "", FILES)
        if name:
            self.take_file(Path(name))

    def take_file(self, path: Path) -> None:
        """Told in the dialog where it cannot be read; nothing is lost by it."""
        try:
            self.airs = read_air(path.read_text())
        except NumerusError as error:
            self.fault.setText(str(error))
        except (OSError, ValueError) as error:
            self.fault.setText(f"{path.name} cannot be read: {error}.")
        else:
            self.accept()
