"""What the window's commands do: each asks what must be asked, then makes one edit."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from datetime import datetime
from pathlib import Path

import platformdirs
from PyQt6.QtCore import QDate, QObject, pyqtSignal
from PyQt6.QtWidgets import QDialog, QFileDialog, QWidget

from numerus.book.book import Book, Removed
from numerus.book.intake import Sorted, keep, kit_named, read_and_sort, shaped_part
from numerus.desk.context import Context
from numerus.desk.dialogs.army_and_unit import ArmyDialog, UnitDialog
from numerus.domain.army import SLOTS
from numerus.domain.machines import Machine, Resin
from numerus.domain.parts import Kit
from numerus.errors import NumerusError, Progress
from numerus.formats.mesh_files import names_in
from numerus.formats.mesh_formats import FORMATS
from numerus.starter.schemes import PAINTS, SCHEME, ZONES

FILTER = "Meshes and archives (" + " ".join(f"*.{f}" for f in (*FORMATS, "zip")) + ")"
BOOKS = "Numerus books (*.numerus)"
MakeDemo = Callable[[Path, datetime], Book]
"""Makes the demo army's book at a path, as it stands at a moment."""


class Actions(QObject):
    """``noted``: something worth saying that is no error; ``opened``: a book's path; ``awaited``: names of files about to
    be read; ``arrived``: a part was read, or refused.
    """

    noted = pyqtSignal(str)
    opened = pyqtSignal(object)
    awaited = pyqtSignal(list)
    arrived = pyqtSignal(object)

    def __init__(self, context: Context, parent: QWidget, make_demo: MakeDemo) -> None:
        super().__init__(parent)
        self.make_demo = make_demo
        self.context, self.session, self.window = context, context.session, parent

    def _try(self, deed: Callable[[], object]) -> bool:
        try:
            deed()
        except NumerusError as error:
            self.session.failed.emit(error)
            return False
        return True

    def open_path(self, path: Path, create: bool = False) -> bool:
        return self._try(lambda: self._open(Book.open(path, create)))

    def _open(self, book: Book) -> None:
        self.session.open(book)
        self.opened.emit(book.path)
        if book.notices:
            self.noted.emit(" ".join(book.notices))

    def open_demo(self, path: Path | None = None) -> bool:
        """Open the demo army, making its book where there is none yet."""
        where = path or Path(platformdirs.user_data_dir("numerus")) / "Lampwatch demo.numerus"
        where.parent.mkdir(parents=True, exist_ok=True)
        if where.exists():
            return self.open_path(where)
        return self._try(lambda: self._open(self.make_demo(where, self.session.clock())))

    def ask_open(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self.window, "Open a book", "", BOOKS)
        if name:
            self.open_path(Path(name))

    def new_army(self) -> None:
        """Ask for name, date and place; a book with an army, machine, resin, rack and scheme to start from."""
        asked = ArmyDialog(self.window, QDate(self.session.clock().date()))
        if asked.exec() != QDialog.DialogCode.Accepted:
            return
        if self.session.book is None or self.session.plans.army is not None:
            name, _ = QFileDialog.getSaveFileName(
                self.window, "Where to keep the book", f"{asked.name.text().strip()}.numerus", BOOKS
            )
            if not name or not self.open_path(Path(name).with_suffix(".numerus"), create=True):
                return
        if self.session.plans.army is not None:
            self.noted.emit("That book already holds an army; it was opened as it is.")
            return
        start = [Machine("machine-1", "My printer"), Resin("resin-1", "My resin"), *PAINTS, *ZONES, SCHEME]
        self.session.commit("start the army", [asked.army(SCHEME.id), *start])

    def add_unit(self) -> None:
        self._ask_unit(UnitDialog(self.window, self.session.plans), "add a unit")

    def edit_unit(self, unit_id: str) -> None:
        unit = self.session.plans.units.get(unit_id)
        if unit is not None:
            self._ask_unit(UnitDialog(self.window, self.session.plans, unit), f"change {unit.name}")

    def _ask_unit(self, asked: UnitDialog, words: str) -> None:
        if asked.exec() != QDialog.DialogCode.Accepted:
            return
        documents, removed = asked.documents()
        if self.session.commit(words, [*documents, *(Removed("figure", f.id) for f in removed)]):
            self.session.select(documents[0].id)

    def ask_import(self) -> None:
        names, _ = QFileDialog.getOpenFileNames(self.window, "Add mesh files or archives to the kit", "", FILTER)
        if names:
            self.take_in([Path(n) for n in names])

    def ask_import_folder(self) -> None:
        name = QFileDialog.getExistingDirectory(self.window, "Add a folder of mesh files to the kit")
        if name:
            self.take_in([Path(name)])

    def take_in(self, paths: list[Path]) -> None:
        """Read files into the selected unit's kit, as a job; what is refused is said, what is read is kept."""
        book, unit = self.session.book, self.session.unit
        if book is None or unit is None:
            self.noted.emit("Start an army and add a unit first: parts belong to a unit's kit.")
            return
        kits = self.session.plans.kits
        kit = kits.get(unit.kit_id) or kit_named(book, paths[0].stem)
        there = [
            shaped_part(p, self.session.mesh(p.blob)) for p in self.session.plans.parts.values() if p.kit_id == kit.id
        ]

        def work(progress: Progress) -> Sorted:
            return read_and_sort(paths, kit, there, progress, self.arrived.emit)

        def done(found: Sorted) -> None:
            if found.read:
                self._try(lambda: self._keep(kit, found, unit.id))
            if found.refused:
                self.noted.emit(_refused_words(found))

        self.awaited.emit([name for path in paths for name in names_in(path)])
        self.context.jobs.start("import", "Reading mesh files", work, done)

    def _keep(self, kit: Kit, found: Sorted, unit_id: str) -> None:
        """Parts into the book, and into the unit the slots they fill, in the usual order."""
        book = self.session.book
        assert book is not None
        keep(book, kit, found)
        unit = book.plans.units.get(unit_id)
        if unit is not None:
            filled = {r.part.slot for r in found.read if r.part.needed and r.part.slot != "extra"}
            slots = dict.fromkeys([*(unit.slots if unit.kit_id else ()), *sorted(filled, key=_usual_order)])
            changed = replace(unit, kit_id=kit.id, slots=tuple(slots) or unit.slots)
            book.commit(f"{unit.name} is built from {kit.name}", [changed])
        self.session.tick()


def _usual_order(slot: str) -> int:
    return SLOTS.index(slot) if slot in SLOTS else len(SLOTS)


def _refused_words(found: Sorted) -> str:
    """What could not be read, with reasons."""
    reasons = " ".join(f.error.message for f in found.refused[:3])
    return f"{len(found.read)} read. Not read: {reasons}{' …' if len(found.refused) > 3 else ''}"
