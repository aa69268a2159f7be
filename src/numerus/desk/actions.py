"""What the window's commands do: each asks what must be asked, then makes one edit."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from datetime import datetime
from pathlib import Path
from typing import TYPE_CHECKING

import platformdirs
from PyQt6.QtCore import QObject, pyqtSignal
from PyQt6.QtWidgets import QDialog, QWidget

from numerus.book.blob_reader import read_blob
from numerus.book.book import Book, Removed
from numerus.desk.context import Context
from numerus.desk.system.report import log_files, write_report
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.worded import FileDialog
from numerus.domain.army import SLOTS, Unit
from numerus.domain.parts import Kit
from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Plate
from numerus.errors import Cancelled, NumerusError, Progress
from numerus.formats.meshes.mesh_files import names_in
from numerus.formats.meshes.mesh_formats import FORMATS
from numerus.formats.tables import write_text
from numerus.printing.runs.run_records import waiting_plates
from numerus.words import free_name

if TYPE_CHECKING:
    from numerus.book.intake import Sorted
    from numerus.book.removal import Change

FILTER = "Meshes and archives (" + " ".join(f"*.{f}" for f in (*FORMATS, "zip")) + ")"
BOOKS = "Numerus books (*.numerus)"
WITH_COSTS = "Page with costs"
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

    def __init__(self, context: Context, parent: QWidget, make_demo: MakeDemo, renderer: Renderer) -> None:
        super().__init__(parent)
        self.make_demo, self.renderer = make_demo, renderer
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
        name, _ = FileDialog.getOpenFileName(self.window, "Open a book", "", BOOKS)
        if name:
            self.open_path(Path(name))

    def new_army(self) -> None:
        """Ask for name, date and place; a book with an army, machine, resin, rack and scheme to start from."""
        from numerus.desk.dialogs.army_and_unit import ArmyDialog
        from numerus.starter.schemes import PAINTS, SCHEME, ZONES
        from numerus.starter.shipped_profiles import shipped_profiles

        machines = [p for p in shipped_profiles() if isinstance(p, Machine)]
        asked = ArmyDialog(self.window, self.session.clock().date(), machines)
        if asked.exec() != QDialog.DialogCode.Accepted:
            return
        if self.session.book is None or self.session.plans.army is not None:
            name, _ = FileDialog.getSaveFileName(
                self.window, "Where to keep the book", f"{asked.name.text().strip()}.numerus", BOOKS
            )
            if not name or not self.open_path(Path(name).with_suffix(".numerus"), create=True):
                return
        if self.session.plans.army is not None:
            self.noted.emit("That book already holds an army; it was opened as it is.")
            return
        start = [asked.printer(), Resin("resin-1", "My resin"), *PAINTS, *ZONES, SCHEME]
        self.session.commit("start the army", [asked.army(SCHEME.id), *start])

    def add_unit(self) -> None:
        self._ask_unit(None, "add a unit")

    def edit_unit(self, unit_id: str) -> None:
        unit = self.session.plans.units.get(unit_id)
        if unit is not None:
            self._ask_unit(unit, f"change {unit.name}")

    def _ask_unit(self, unit: Unit | None, words: str) -> None:
        from numerus.desk.dialogs.army_and_unit import UnitDialog

        asked = UnitDialog(self.window, self.session.plans, unit)
        if asked.exec() != QDialog.DialogCode.Accepted:
            return
        documents, removed = asked.documents()
        if self.session.commit(words, [*documents, *(Removed("figure", f.id) for f in removed)]):
            self.session.select(documents[0].id)

    @property
    def _waiting(self) -> list[Plate]:
        return waiting_plates(self.session.plans.plates, self.session.answers.standing.runs)

    def it_broke(self) -> None:
        """A part of a built figure came off or snapped."""
        from numerus.desk.dialogs.broke import BrokeDialog

        asked = BrokeDialog(self.context, self.renderer, self.window)
        if asked.exec() == QDialog.DialogCode.Accepted and (breakage := asked.breakage) is not None:
            self.session.commit(f"{breakage.figure.figure.name}: its {breakage.slot} broke", facts=list(breakage.facts))

    def bits_box(self) -> None:
        """Spares and failures that lie about, and who could take them."""
        from numerus.desk.dialogs.bits import BitsDialog

        BitsDialog(self.session, self.window).exec()

    def primer_rubbed_off(self, figure_id: str) -> None:
        """From the selected figure: its school's hold is learned by it."""
        from numerus.progress.figure_records.primer_hold import rubbed_off

        figure = self.session.plans.figures.get(figure_id)
        if figure is None:
            self.noted.emit("Choose a figure in the roll first.")
            return

        def tell() -> None:
            fact = rubbed_off(self.session.answers.history, figure_id, self.session.clock())
            self.session.commit(f"primer rubbed off {figure.name}", facts=[fact])

        self._try(tell)

    def ask_army_page(self) -> None:
        """The army as one HTML file with its pictures; what it cost is nobody's business unless it is asked for."""
        if not self.session.plans.figures:
            self.noted.emit("There is no figure to show yet.")
            return
        kinds = f"Page (*.html);;PDF (*.pdf);;{WITH_COSTS} (*.html)"
        name, kind = FileDialog.getSaveFileName(self.window, "The army as a page", "army.html", kinds)
        if name:
            self.write_army_page(Path(name), kind.startswith(WITH_COSTS))

    def write_army_page(self, path: Path, with_costs: bool = False) -> None:
        """Meshes are read in a job, the pictures drawn in another; told when it is written."""
        from numerus.desk.dialogs.bench_card import print_pages
        from numerus.progress.army_page import PageTerms, army_html, figure_pictures
        from numerus.progress.figure_records.photographs import shown_photographs

        plans, read, answers = self.session.plans, self.session.mesh_reader(), self.session.answers
        parts = {p: plans.parts[p] for f in plans.figures.values() for p in f.build.values() if p in plans.parts}
        costs = {unit: cost.total for unit, cost in answers.costs.items()} if with_costs else None
        book = self.session.book
        path_of_book = book.path if book else None

        def photograph(blob: str) -> bytes:
            return read_blob(path_of_book, blob) if path_of_book else b""

        terms = PageTerms(self.session.clock().date(), costs, plans.army.currency if plans.army else "£")

        def meshes(progress: Progress) -> None:
            for number, part in enumerate(parts.values()):
                if not progress(number / len(parts)):
                    raise Cancelled
                read(part.blob)

        def draw(_: None) -> None:
            zoned = {p: self.session.zoned(part) for p, part in parts.items()}

            def work(progress: Progress) -> None:
                pictures = figure_pictures(plans, answers.standing, zoned.__getitem__, progress)
                pictures |= shown_photographs(answers.facts, plans.figures, photograph)
                page = army_html(plans, answers.standing, pictures, terms)
                print_pages(page, path) if path.suffix.lower() == ".pdf" else write_text(path, page)

            self.context.jobs.start(
                "army page", "Drawing the army", work, lambda _: self.noted.emit(f"Written to {path.name}.")
            )

        self.context.jobs.start("army meshes", "Reading meshes", meshes, draw)

    def ask_report(self, said: str) -> None:
        """A zip to send when something went wrong; ``said``: what the program said last."""
        name, _ = FileDialog.getSaveFileName(self.window, "A report", "numerus-report.zip", "Report (*.zip)")
        if name:
            self.write_report(Path(name), said)

    def write_report(self, path: Path, said: str) -> None:
        facts = len(self.session.answers.facts) if self.session.book else 0
        if self._try(lambda: write_report(path, self.session.plans, facts, self.session.clock(), said, log_files())):
            self.noted.emit(
                f"{path.name} is written: numbers and the log, no mesh, no name, no path. Read it before you send it."
            )

    def review_unit(self, unit_id: str) -> None:
        """How a unit went, and what to do otherwise next time."""
        from numerus.desk.dialogs.review import ReviewDialog

        if unit_id not in self.session.plans.units:
            self.noted.emit("Choose a unit in the roll first.")
            return
        asked = ReviewDialog(self.context, unit_id, self.window)
        if asked.exec() == QDialog.DialogCode.Accepted and (fact := asked.fact) is not None:
            self.session.commit(f"a lesson of {self.session.plans.units[unit_id].name}", facts=[fact])

    def remove_figure(self, figure_id: str) -> None:
        from numerus.book.removal import without_figures

        figure = self.session.plans.figures.get(figure_id)
        if figure is not None:
            self._remove(figure.name, without_figures(self.session.plans, [figure], self._waiting))

    def remove_unit(self, unit_id: str) -> None:
        from numerus.book.removal import without_unit

        unit = self.session.plans.units.get(unit_id)
        if unit is not None:
            self._remove(unit.name, without_unit(self.session.plans, unit, self._waiting))

    def remove_kit(self, unit_id: str) -> None:
        """The kit of a unit, with its parts."""
        from numerus.book.removal import without_kit

        unit, plans = self.session.plans.units.get(unit_id), self.session.plans
        kit = plans.kits.get(unit.kit_id) if unit else None
        if kit is None:
            self.noted.emit("This unit has no kit.")
            return
        self._remove(kit.name, without_kit(plans, kit, self._waiting))

    def remove_slot(self, slot: str) -> None:
        from numerus.book.removal import without_slot

        unit = self.session.unit
        if unit is not None and slot in unit.slots:
            self._remove(f"slot {slot}", without_slot(self.session.plans, unit, slot))

    def _remove(self, name: str, changes: list[Change]) -> None:
        if self.session.commit(f"remove {name}", changes):
            self.noted.emit(f"{name} is gone. Ctrl+Z brings it back.")

    def ask_import(self) -> None:
        names, _ = FileDialog.getOpenFileNames(self.window, "Add mesh files or archives to the kit", "", FILTER)
        if names:
            self.ask_where([Path(n) for n in names])

    def ask_import_folder(self) -> None:
        name = FileDialog.getExistingDirectory(self.window, "Add a folder of mesh files to the kit")
        if name:
            self.ask_where([Path(name)])

    def ask_where(self, paths: list[Path]) -> None:
        """Files to the unit's kit, or, where that has parts already, to where the user says."""
        from numerus.desk.dialogs.army_and_unit import WhereDialog

        unit, plans = self.session.unit, self.session.plans
        kit, parts = (plans.kits.get(unit.kit_id), plans.kit_parts(unit.id)) if unit else (None, [])
        if kit is None or not parts:
            self.take_in(paths)
            return
        asked = WhereDialog(self.window, kit, len(parts), paths[0].stem)
        if asked.exec() == QDialog.DialogCode.Accepted:
            self.take_in(paths, new_kit=not asked.kit_id())

    def take_in(self, paths: list[Path], new_kit: bool = False) -> None:
        """Read files into the selected unit's kit or a new one, as a job; what is refused is said, what is read is kept."""
        from numerus.book.intake import new_id, read_and_sort, shaped_part

        book, unit = self.session.book, self.session.unit
        if book is None or unit is None:
            self.noted.emit("Start an army and add a unit first: parts belong to a unit's kit.")
            return
        kits = self.session.plans.kits
        own = None if new_kit else kits.get(unit.kit_id)
        kit = own or Kit(new_id(), free_name(paths[0].stem, [k.name for k in kits.values()]))
        there = [
            shaped_part(p, self.session.mesh(p.blob)) for p in self.session.plans.parts.values() if p.kit_id == kit.id
        ]

        def work(progress: Progress) -> Sorted:
            return read_and_sort(paths, kit, there, progress, self.arrived.emit)

        def done(sorting: Sorted) -> None:
            if sorting.read:
                self._try(lambda: self._keep(kit, sorting, unit.id))
            if sorting.refused:
                self.noted.emit(_refused_words(sorting))

        self.awaited.emit([name for path in paths for name in names_in(path)])
        self.context.jobs.start("import", "Reading mesh files", work, done)

    def _keep(self, kit: Kit, sorting: Sorted, unit_id: str) -> None:
        """Parts into the book, and into the unit the slots they fill, in the usual order."""
        from numerus.book.intake import keep
        from numerus.book.removal import on_other_kit

        book = self.session.book
        assert book is not None
        keep(book, kit, sorting)
        unit = book.plans.units.get(unit_id)
        if unit is not None:
            filled = {r.part.slot for r in sorting.read if r.part.needed and r.part.slot != "extra"}
            slots = dict.fromkeys([*(unit.slots if unit.kit_id == kit.id else ()), *sorted(filled, key=_usual_order)])
            changed = replace(unit, kit_id=kit.id, slots=tuple(slots) or unit.slots)
            rebuilt = on_other_kit(book.plans, changed, book.plans.figures_of(unit.id))
            book.commit(f"{unit.name} is built from {kit.name}", rebuilt)
        self.session.tick()


def _usual_order(slot: str) -> int:
    return SLOTS.index(slot) if slot in SLOTS else len(SLOTS)


def _refused_words(sorting: Sorted) -> str:
    """What could not be read, with reasons."""
    reasons = " ".join(f.error.message for f in sorting.refused[:3])
    return f"{len(sorting.read)} read. Not read: {reasons}{' …' if len(sorting.refused) > 3 else ''}"
