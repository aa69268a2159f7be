"""The express way on one sheet: files in, plates out, what was chosen and what may go wrong between, each a press from its bench."""

from __future__ import annotations

import re
from collections.abc import Callable
from functools import partial
from pathlib import Path

from PyQt6.QtGui import QDragEnterEvent, QDropEvent
from PyQt6.QtWidgets import QFrame, QWidget

from numerus.book.express import Choice, Express, Wish, express, express_unit
from numerus.desk.context import Context
from numerus.desk.stages.plate.export import write_plate_meshes
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, caution_line, clear, column, label, panel, row, scrolled
from numerus.desk.widgets.platepicture import PlatePicture
from numerus.desk.widgets.worded import ComboBox, FileDialog, LineEdit, SpinBox
from numerus.domain.army import BASES_MM
from numerus.domain.printing.plates import Plate
from numerus.errors import NumerusError, Progress, answered
from numerus.words import counted, span

MESHES = "Meshes and archives (*.stl *.obj *.ply *.3mf *.glb *.zip)"
WORDS = "Express way"
EMPTY = (
    "Choose the files of a kit, or drop them here; or take the unit in hand as it stands. Nothing else has to be set: all of it can be "
    "changed afterwards, at its bench."
)
BENCH_WORDS = {"sort": "Sort", "pose": "Pose", "plate": "Plate"}


class ExpressDialog(Dialog):
    """``made``: what came of it, None until then; one edit of the book, written when it is there."""

    def __init__(self, context: Context, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.setWindowTitle("The express way")
        self.setAcceptDrops(True)
        self.paths: list[Path] = []
        self.made: Express | None = None
        self.shown = 0
        self.says, self.fault = label(EMPTY, "note", True), label("", "fault", True)
        self._build()
        self.context.jobs.progressed.connect(self._told)
        self.resize(1080, 660)
        self._show()

    def _build(self) -> None:
        self.files, self.name, self.figures, self.base = (
            label("no files yet", "note"),
            LineEdit(),
            SpinBox(),
            ComboBox(),
        )
        self.name.setPlaceholderText("name of the unit")
        self.figures.setRange(1, 500)
        self.figures.setValue(5)
        self.figures.setSuffix(" figures")
        self.base.addItems([f"{b:g} mm" for b in BASES_MM])
        self.base.setCurrentText("28.5 mm")
        for widget, name in ((self.name, "Name of the unit"), (self.figures, "Figures"), (self.base, "Base")):
            widget.setAccessibleName(name)
        self.go_button = button("Go", self.go, "main", "Sorted, mended, built, posed, supported and laid on plates")
        self.stop_button = button("Stop", lambda: self.context.jobs.cancel("express"))
        self.unit_button = button(
            "", self.go_unit, tip="As it is built: what is open is filled, posed, and laid on plates"
        )
        asked = row(
            button("Files …", self.ask_files), button("Folder …", self.ask_folder), self.unit_button, self.files, -1, self.name, self.figures,
            label("on"), self.base, self.go_button, self.stop_button, gap=8,
        )  # fmt: skip
        self.cards = column(gap=8, margins=(0, 0, 10, 0))
        self.picture = PlatePicture(self.context)
        self.plate_words = label("", "strong")
        self.turns = button("Next plate ›", self.turn, "link")
        right = column(row(self.plate_words, -1, self.turns), self.picture, gap=6)
        right.setStretch(1, 1)
        body = row(scrolled(panel(self.cards, "linen")), right, gap=18)
        body.setStretch(0, 5)
        body.setStretch(1, 6)
        self.back_button = button(
            "Take it all back", self.take_back, tip="The unit, its kit and its plates, as one step"
        )
        self.write_button = button("Write the plates …", self.ask_write, "main", "Each plate as a 3MF file")
        foot = row(caution_line("print"), -1, self.back_button, button("Close", self.reject), self.write_button, gap=8)
        foot.setStretch(0, 1)
        whole = column(asked, self.says, self.fault, body, foot, gap=10, margins=(16, 14, 16, 14))
        whole.setStretch(3, 1)
        self.setLayout(whole)

    @property
    def plates(self) -> tuple[Plate, ...]:
        return self.made.batch.plates if self.made is not None and self.made.batch is not None else ()

    def take_files(self, paths: list[Path]) -> None:
        """Files or folders; the unit is named after the first until somebody names it."""
        if not paths:
            return
        self.paths = paths
        self.files.setText(paths[0].name if len(paths) == 1 else f"{paths[0].name} and {len(paths) - 1} more")
        if not self.name.text().strip():
            self.name.setText(paths[0].stem)
        self._show()

    def ask_files(self) -> None:
        names, _ = FileDialog.getOpenFileNames(self, "Files of a kit", "", MESHES)
        self.take_files([Path(n) for n in names])

    def ask_folder(self) -> None:
        name = FileDialog.getExistingDirectory(self, "A folder of a kit")
        self.take_files([Path(name)] if name else [])

    def go(self) -> None:
        """All of it in one job, then written as one edit."""
        if self.session.book is None or not self.paths:
            return
        name = self.name.text().strip() or self.paths[0].stem
        wish = Wish(tuple(self.paths), name, self.figures.value(), BASES_MM[self.base.currentIndex()])
        self._start(partial(express, wish))

    def go_unit(self) -> None:
        """The unit in hand, from whatever kits it is built."""
        unit = self.session.unit
        if self.session.book is not None and unit is not None:
            self.name.setText(unit.name)
            self._start(partial(express_unit, unit.id))

    def _start(self, way: Callable[..., Express]) -> None:
        """``way`` in a job; what it refuses stands on the sheet."""
        session = self.session
        assert session.book is not None
        given = session.plans, session.book.history, session.now, session.mesh_reader()
        self.fault.setText("")
        self._busy(True)

        work = answered(lambda progress: way(*given, progress))
        self.context.jobs.start("express", WORDS, work, self._made, lambda: self._busy(False))

    def _made(self, made: Express | NumerusError) -> None:
        self._busy(False)
        if isinstance(made, NumerusError):
            self.fault.setText(f"{made.message} {made.advice}".strip())
            return

        def documents(book):  # type: ignore[no-untyped-def]
            for data in made.blobs.values():
                book.put_blob(data)
            return made.documents

        if self.session.store(f"the express way: {self.name.text().strip()}", documents):
            self.made, self.shown = made, 0
            self.session.select(made.unit_id)
            self._show()

    def _busy(self, busy: bool) -> None:
        self.go_button.setEnabled(not busy)
        self.stop_button.setVisible(busy)
        if busy:
            self.says.setText("Reading …")
        else:
            self.says.setText(self._summary())

    def _told(self, words: str, share: float) -> None:
        if words == WORDS:
            doing = (
                "Reading and comparing" if share < 0.2 else "Posing and supporting" if share < 0.9 else "Packing plates"
            )
            self.says.setText(f"{doing}: {share:.0%}")

    def _summary(self) -> str:
        if self.made is None:
            return EMPTY
        risks = sum(len(c.risks) for c in self.made.choices)
        kept = "It is in the book as one step, and can be taken back as one."
        return (
            f"{counted(risks, 'thing')} to look at before you print. {kept}" if risks else f"Nothing to look at. {kept}"
        )

    def _show(self) -> None:
        clear(self.cards)
        for choice in self.made.choices if self.made else ():
            self.cards.addWidget(self._card(choice))
        self.cards.addStretch(1)
        self.says.setText(self._summary())
        self.go_button.setEnabled(bool(self.paths) and self.session.book is not None)
        self.go_button.setVisible(self.made is None)
        unit = self.session.unit
        self.unit_button.setVisible(self.made is None and unit is not None)
        self.unit_button.setText(f"{unit.name} as it stands" if unit else "")
        self.stop_button.hide()
        for widget in (self.back_button, self.write_button):
            widget.setEnabled(self.made is not None)
        self.write_button.setEnabled(bool(self.plates))
        self._show_plate()

    def _card(self, choice: Choice) -> QWidget:
        """One choice: what was done, what may go wrong, and where it is changed."""
        there = button(f"Change it at {BENCH_WORDS[choice.bench]} ›", partial(self.look, choice.bench), "link")
        head = row(label(choice.title, "strong"), -1, there)
        risks: list[QWidget] = [label(f"▲ {words}", "caution", True) for words in choice.risks]
        card = QFrame()
        card.setObjectName("card")
        card.setLayout(column(head, label(choice.chosen, "", True), *risks, gap=4, margins=(12, 8, 12, 10)))
        return card

    def _show_plate(self) -> None:
        plate = self.plates[self.shown] if self.plates else None
        self.turns.setVisible(len(self.plates) > 1)
        if plate is None:
            self.plate_words.setText("")
            self.picture.show_plate(None, None)
            return
        machine = self.session.plans.machines[plate.machine_id]
        where = f"{self.shown + 1} of {len(self.plates)}: {machine.name}" if len(self.plates) > 1 else machine.name
        self.plate_words.setText(
            f"{where}, {counted(len(plate.placed), 'part')}, {span(plate.minutes)}, {plate.resin_ml:.0f} ml"
        )
        self.picture.show_plate(plate, machine)

    def turn(self) -> None:
        self.shown = (self.shown + 1) % max(len(self.plates), 1)
        self._show_plate()

    def look(self, bench: str) -> None:
        """To where a choice is changed."""
        if self.made is not None:
            self.session.select(self.made.unit_id)
        self.session.go(bench)
        self.accept()

    def take_back(self) -> None:
        """As if it had never been."""
        if self.made is not None:
            self.session.undo()
            self.made = None
            self._show()

    def ask_write(self) -> None:
        name = FileDialog.getExistingDirectory(self, "A folder for the plates")
        if name:
            self.write(Path(name))

    def write(self, folder: Path) -> None:
        """Every plate as a file, in a job."""
        plans, read, plates = self.session.plans, self.session.mesh_reader(), self.plates
        paths = {p.id: folder / f"{re.sub(r'[^A-Za-z0-9 _.-]', '_', p.name)}-{n}.3mf" for n, p in enumerate(plates, 1)}

        def work(progress: Progress) -> int:
            return sum(
                write_plate_meshes(p, plans.machines[p.machine_id], plans, read, paths[p.id])
                for p in plates
                if progress(0.5)
            )

        def done(many: int) -> None:
            self.says.setText(f"{counted(len(plates), 'plate')} with {counted(many, 'part')} written to {folder.name}.")

        self.context.jobs.start("express plates", "Writing plates", work, done)

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if event is not None and event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        urls = event.mimeData().urls() if event is not None else []
        self.take_files([Path(u.toLocalFile()) for u in urls if u.isLocalFile()])
