"""Choosing what to print: sculpts in line with the army, their numbers beside each other, one as the machines would leave it."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtGui import QDragEnterEvent, QDropEvent
from PyQt6.QtWidgets import QWidget

from numerus.book.intake import Sorted, keep
from numerus.desk.choosing.choosing_state import ChoosingState, fault_words, in_a_row, stands_together
from numerus.desk.choosing.pictures import Close, LineUp, Numbers
from numerus.desk.context import Context
from numerus.desk.dialogs.tables import TableDialog
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import ComboBox, FileDialog, InputDialog, SpinBox
from numerus.domain.parts import Kit
from numerus.errors import NumerusError
from numerus.geometry.mesh import Mesh
from numerus.printing.checks.as_printed import AsPrinted
from numerus.progress.choosing import OUTLINE_COLUMNS, CandidateLook, outline_rows, with_outlines

WORDS = "Choose what to print"
MESHES = "Meshes and archives (*.stl *.obj *.ply *.3mf *.glb *.zip)"
EMPTY = (
    "Nothing is weighed yet. Add the files of sculpts you may print, each archive or folder one of them, or drop them here: they are "
    "stood beside your army, measured, and kept until you choose or shelve them."
)


class ChoosingDialog(Dialog):
    def __init__(self, context: Context, renderer: Renderer, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.context, self.session = context, context.session
        self.state = ChoosingState(self.session.answers)
        self.setWindowTitle(WORDS)
        self.setAcceptDrops(True)
        self.at = 0
        self._close_of = ""
        self.line, self.numbers, self.close_view = LineUp(context, renderer), Numbers(context), Close(context)
        self.line.chosen.connect(self.choose)
        self.numbers.chosen.connect(self.choose)
        self._build()
        self.session.changed.connect(self._changed)
        self.finished.connect(lambda _: self.session.changed.disconnect(self._changed))
        self.resize(1180, 720)
        self.refresh()

    def _build(self) -> None:
        self.says, self.fault = label("", "note", True), label("", "fault", True)
        self.part_box, self.shelf_box, self.count = ComboBox(), ComboBox(), SpinBox()
        self.count.setRange(1, 200)
        self.count.setSuffix(" to print")
        for widget, name in (
            (self.part_box, "Part looked at close"),
            (self.shelf_box, "Shelved"),
            (self.count, "How many"),
        ):
            widget.setAccessibleName(name)
        self.part_box.activated.connect(lambda _: self._look_close())
        self.later = button("More ›", self.turn, "link", "The next candidates")
        self.add_button = button(
            "Add candidates …", self.ask_files, "", "Files or archives; a folder with the button beside it"
        )
        self.take_button = button(
            "Print this one", self.take, "main", "A unit of it is mustered, its kit ready at Sort"
        )
        self.shelve_button = button("Shelve it …", self.ask_reason, "", "With the reason; it stays in the book")
        self.up_button = button("Take it up again", self.take_up, "link")
        top = row(self.add_button, button("Folder …", self.ask_folder), button("Outlines …", self.ask_outlines,
                  tip="Bought figures by their height and base"), -1, self.later, gap=8)  # fmt: skip
        close = column(
            row(label("As your machines would leave it", "section"), -1, self.part_box, gap=8),
            self.close_view,
            self.says,
            gap=6,
        )
        close.setStretch(1, 1)
        lower = row(self.numbers, close, gap=24)
        lower.setStretch(0, 6)
        lower.setStretch(1, 5)
        end = row(
            self.shelf_box,
            self.up_button,
            -1,
            self.shelve_button,
            self.count,
            self.take_button,
            button("Close", self.accept),
            gap=8,
        )
        body = column(top, self.fault, self.line, lower, end, gap=10, margins=(18, 14, 18, 14))
        body.setStretch(2, 5)
        body.setStretch(3, 6)
        self.setLayout(body)

    @property
    def kit(self) -> Kit | None:
        """The candidate in hand."""
        kits = self.state.kits
        return kits[min(self.at, len(kits) - 1)] if kits else None

    def _changed(self, _: object = None) -> None:
        self.refresh()

    def refresh(self) -> None:
        self.state.look(self.session.answers)
        kits = self.state.kits
        self.at = max(min(self.at, len(kits) - 1), 0)
        waiting = self.state.take_known(self.session.worked_out)
        for widget in (self.take_button, self.shelve_button, self.count, self.part_box):
            widget.setEnabled(bool(kits))
        self.later.setVisible(len(self.state.all_weighed) > len(kits))
        self._fill_shelf()
        self._fill_parts()
        self._read_then_show()
        if waiting:
            self._look_at(waiting[0])

    def _read_then_show(self) -> None:
        """Meshes nobody has read yet are read beside."""
        parts = [*self.state.own, *(p for k in self.state.kits for p in self.state.figure_of(k))]
        unread, read = self.session.unread(p.blob for p in parts), self.session.mesh_reader()
        if not unread:
            self._show()
            return
        self.context.jobs.start(
            "choosing read", "Reading sculpts", lambda _: [read(b) for b in unread], lambda _: self._show()
        )

    def _fill_shelf(self) -> None:
        self.shelf_box.clear()
        for kit, words in self.state.shelf:
            self.shelf_box.addItem(words, kit.id)
        for widget in (self.shelf_box, self.up_button):
            widget.setVisible(self.shelf_box.count() > 0)

    def _fill_parts(self) -> None:
        self.part_box.clear()
        for part in self.state.close_parts(self.kit) if self.kit else ():
            self.part_box.addItem(f"{part.slot}: {part.label}", part.id)

    def _show(self) -> None:
        kits, own = self.state.kits, self.state.own
        army: list[tuple[str, list[Mesh], bool]] = (
            [("yours", [self.session.mesh(p.blob) for p in own], False)] if own else []
        )
        stood = [
            (k.name, in_a_row([self.session.mesh(p.blob) for p in self.state.figure_of(k)], stands_together(k)), True)
            for k in kits
        ]
        self.line.show_line([*army, *stood], self.state.outlines, self.at)
        self.numbers.show_looks([self.state.looks.get(k.id) for k in kits], self.state.questions(), self.at)
        self.says.setText(self.state.letter_words() if kits else EMPTY)
        self._look_close()

    def choose(self, number: int) -> None:
        """A candidate in hand."""
        if number != self.at:
            self.at = number
            self._fill_parts()
            self._show()

    def turn(self) -> None:
        """The next candidates, round and round."""
        self.state.first = (
            0
            if self.state.first + len(self.state.kits) >= len(self.state.all_weighed)
            else self.state.first + len(self.state.kits)
        )
        self.refresh()

    def _look_at(self, kit: Kit) -> None:
        """One after another, each kept in the book."""
        key = self.state.key(kit)

        def done(found: tuple[CandidateLook, bytes]) -> None:
            self.session.keep_worked_out(key, found[1])
            self.state.looks[kit.id] = found[0]
            self.refresh()

        work = self.state.looking(kit, self.session.mesh_reader())
        self.context.jobs.start("choosing", f"Looking at {kit.name}", work, done)

    def _look_close(self) -> None:
        part = self.session.plans.parts.get(self.part_box.currentData() or "")
        about = f"{part.blob} {[m.id for m in self.state.machines()]}" if part else ""
        if about == self._close_of:
            return
        self._close_of = about
        self.close_view.show_prints([], "Printing it in thought …" if part else "")
        if part is None:
            return

        def done(prints: list[AsPrinted]) -> None:
            if about == self._close_of:
                self.close_view.show_prints(prints, "")

        self.context.jobs.start(
            "as printed", "Printing it in thought", self.state.printing(part, self.session.mesh_reader()), done
        )

    def ask_files(self) -> None:
        names, _ = FileDialog.getOpenFileNames(self, "Candidates", "", MESHES)
        self.add([Path(n) for n in names])

    def ask_folder(self) -> None:
        name = FileDialog.getExistingDirectory(self, "A folder with one sculpt's files")
        if name:
            self.add([Path(name)])

    def add(self, paths: list[Path]) -> None:
        """Each file, folder or archive a candidate."""
        if paths:
            self.context.jobs.start("candidates", "Reading candidates", self.state.reading(paths), self._read)

    def _read(self, found: list[tuple[Kit, Sorted]]) -> None:
        book = self.session.book
        if book is None:
            return
        try:
            for kit, sorting in found:
                keep(book, kit, sorting)
        except NumerusError as error:
            self.session.failed.emit(error)
        self.fault.setText(fault_words({k.id: s for k, s in found}))
        self.session.tick()
        self.refresh()

    def ask_outlines(self) -> None:
        army = self.session.plans.army
        if army is not None:
            rows = outline_rows(army.outlines) or [["", "32", "32"]]
            TableDialog(self, "Bought figures, by their boxes", OUTLINE_COLUMNS, rows, self.keep_outlines).exec()

    def keep_outlines(self, rows: list[list[str]]) -> None:
        """Raises PlanError for what cannot be read."""
        army = self.session.plans.army
        if army is not None:
            self.session.commit("outlines of bought figures", [with_outlines(army, rows)])

    def take(self) -> None:
        """The candidate in hand is printed: a unit of it."""
        kit = self.kit
        if kit is None:
            return
        try:
            documents = self.state.chosen(kit, self.count.value())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")
            return
        if self.session.commit(f"{kit.name} chosen to be printed", documents):
            self.session.select(next(d.id for d in documents if not isinstance(d, Kit)))

    def ask_reason(self) -> None:
        reason, fine = InputDialog.getText(self, "Shelved", "Why not: too dear, snaps, too like another")
        if fine:
            self.shelve(reason)

    def shelve(self, reason: str) -> None:
        """The candidate in hand put aside; without a reason that is told and nothing done."""
        kit = self.kit
        if kit is None:
            return
        try:
            self.session.commit(f"{kit.name} shelved", self.state.put_on_shelf(kit, reason))
            self.fault.setText("")
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}")

    def take_up(self) -> None:
        kit = self.session.plans.kits.get(self.shelf_box.currentData() or "")
        if kit is not None:
            self.session.commit(f"{kit.name} weighed again", self.state.taken_up(kit))

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if event is not None and (data := event.mimeData()) is not None and data.hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        data = event.mimeData() if event is not None else None
        if data is not None:
            self.add([Path(url.toLocalFile()) for url in data.urls() if url.isLocalFile()])
