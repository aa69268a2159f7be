"""Which lamp cures: one of the examples, or one's own from a file."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from numerus.desk.session import Session
from numerus.desk.widgets.worded import ComboBox, FileDialog
from numerus.errors import NumerusError, PlanError
from numerus.post.curing.lamps import EXAMPLES, lamp_of, lamp_text, read_lamp

OPEN, WRITE = "From a file …", "Write as a file …"
FILES = "Lamps (*.json)"


class LampChoice(ComboBox):
    """The lamps by name, and files in and out; another lamp is an edit that undo takes back."""

    def __init__(self, session: Session) -> None:
        super().__init__()
        self.session = session
        self.setAccessibleName("Lamp")
        self.setSizeAdjustPolicy(ComboBox.SizeAdjustPolicy.AdjustToContents)
        self.activated.connect(lambda _: self._chosen())

    def show_lamp(self, name: str) -> None:
        self.clear()
        self.addItems([*dict.fromkeys([*EXAMPLES, name]), OPEN, WRITE])
        self.setCurrentText(name)

    def _chosen(self) -> None:
        words = self.currentText()
        self.show_lamp(self._name)
        if words in EXAMPLES:
            self.use(lamp_text(words, EXAMPLES[words]()))
        elif words == OPEN:
            name, _ = FileDialog.getOpenFileName(self, "A lamp", "", FILES)
            self.open_file(Path(name)) if name else None
        elif words == WRITE:
            name, _ = FileDialog.getSaveFileName(self, "The lamp as a file", "lamp.json", FILES)
            self.write_file(Path(name)) if name else None

    @property
    def _name(self) -> str:
        return lamp_of(self.session.plans.army, self.session.answers.targets)[0]

    def use(self, text: str) -> None:
        """A lamp file's text for the army."""
        army = self.session.plans.army
        if army is not None and army.lamp != text:
            self.session.commit("another lamp", [replace(army, lamp=text)])

    def open_file(self, path: Path) -> None:
        try:
            text = path.read_text()
            name, station = read_lamp(text, path.stem)
            self.use(lamp_text(name, station))
        except NumerusError as error:
            self.session.failed.emit(error)
        except (OSError, ValueError) as error:
            self.session.failed.emit(
                PlanError("unreadable", f"{path.name} cannot be read: {error}.", "Choose another file.")
            )

    def write_file(self, path: Path) -> None:
        try:
            path.write_text(lamp_text(*lamp_of(self.session.plans.army, self.session.answers.targets)))
        except OSError as error:
            self.session.failed.emit(
                PlanError("unwritable", f"{path.name} cannot be written: {error}.", "Choose another folder.")
            )
