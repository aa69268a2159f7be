"""Sort: parts laid out by slot, builds figure by figure, one part closely; three pages of one bench."""

from __future__ import annotations

from pathlib import Path
from tempfile import TemporaryDirectory

from PyQt6.QtCore import QSize, Qt
from PyQt6.QtGui import QIcon, QPixmap
from PyQt6.QtWidgets import QBoxLayout

from numerus.book.intake import Read
from numerus.book.tidy import Remade, agreed, overruled, scaled, stored
from numerus.desk.actions import Actions
from numerus.desk.context import Context
from numerus.desk.dialogs.papers import PapersButton
from numerus.desk.stages.sort.base_dialog import BaseDialog
from numerus.desk.stages.sort.builds import Builds
from numerus.desk.stages.sort.guest_dialog import GuestDialog
from numerus.desk.stages.sort.layout import LayOut
from numerus.desk.stages.sort.part_tools.part_page import PartPage
from numerus.desk.stages.sort.questions import KitDialog
from numerus.desk.stages.sort.shelves import facts_of
from numerus.desk.stages.sort.state import SortState
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.layout import Pages, button, column, row
from numerus.desk.widgets.worded import ListItem, ListWidget
from numerus.domain.army import Figure
from numerus.domain.parts import Kit, Part
from numerus.domain.printing.machines import OF_WORDS
from numerus.errors import Cancelled, Progress
from numerus.formats.meshes.mesh_files import Refusal
from numerus.kit.joined_parts import along_with, other_sizes
from numerus.kit.statements import OTHER_BASE, OTHER_SCALE, Statement, faults_left
from numerus.progress.standing import kit_record
from numerus.words import counted

LAY_OUT, BUILDS, PART = "Lay out", "Builds", "Part"
EXACTLY = Qt.MatchFlag.MatchExactly


class Arriving(ListWidget):
    """Parts as they are read, to be looked at from the first second."""

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName("Parts being read")
        self.setIconSize(QSize(72, 72))
        self.setViewMode(ListWidget.ViewMode.IconMode)
        self.setGridSize(QSize(150, 104))
        self.setMovement(ListWidget.Movement.Static)
        self.setResizeMode(ListWidget.ResizeMode.Adjust)

        self.read = 0

    def await_names(self, names: list[str]) -> None:
        """Everything by name at once, before anything is read."""
        self.clear()
        self.read = 0
        for name in names:
            self._place(name).setForeground(self.palette().placeholderText())

    def _place(self, name: str) -> ListItem:
        list_item = ListItem(name.rpartition("/")[2])
        list_item.setSizeHint(self.gridSize())
        self.addItem(list_item)
        return list_item

    def meet(self, read_file: Read | Refusal) -> None:
        """A part in the place its name waited in, or, one more object of its file, after those that wait."""
        self.read += 1
        name = (read_file.name if isinstance(read_file, Refusal) else read_file.part.name).rpartition("/")[2]
        waiting = self.palette().placeholderText()
        item = next((i for i in self.findItems(name, EXACTLY) if i.foreground() == waiting), None) or self._place(name)
        item.setForeground(self.palette().text())
        if isinstance(read_file, Refusal):
            item.setText(f"{name}\nnot read")
            item.setToolTip(read_file.error.message)
            return
        picture = QPixmap()
        picture.loadFromData(read_file.picture)
        item.setIcon(QIcon(picture))
        item.setText(read_file.part.label)
        item.setToolTip(facts_of(read_file.part))


class SortBench(Bench):
    stage = "sort"

    def __init__(self, context: Context, user_actions: Actions, renderer: Renderer) -> None:
        self.user_actions, self.renderer = user_actions, renderer
        self.state = SortState(context.session.answers)
        super().__init__(context)
        self._made: TemporaryDirectory[str] | None = None  # files of bases made here, until they are read
        self.papers = PapersButton(self.context, self.renderer)
        self.buttons.addWidget(self.papers)
        self.add_button("Kit …", self.ask_kit, tip="Where it came from, its licence, what was paid, how its prints did")
        self.add_button(
            "Make bases …", self.ask_bases, tip="Round, oval or square, with lip, magnet pocket and texture"
        )
        self.add_button(
            "Add files",
            user_actions.ask_import,
            tip="STL, OBJ, PLY, 3MF, GLB, zip (Ctrl+I), or drop them on the window",
        )
        self.agree_button = self.add_button(
            "Agree with all", self.agree, "main", "Sets units to mm, mends what is torn, keeps the proposed slots"
        )
        self.fill_button = self.add_button("Fill the gaps, all different", self.fill_gaps, "main")

    def build(self) -> QBoxLayout:
        self.layout_page = LayOut(self.context, self.renderer, self.state, self.move_parts, self.act, self.open_part)
        self.layout_page.rename, self.layout_page.set_aside = self.rename, self.set_aside
        self.layout_page.make_of = self.make_of
        self.builds, self.part_page = Builds(self.context, self.user_actions.remove_slot), self._part_page()
        self.builds.guest_wanted.connect(lambda figure, slot: self.guest_dialog(figure, slot).exec())
        self.pages: dict[str, LayOut | Builds | PartPage] = {
            LAY_OUT: self.layout_page,
            BUILDS: self.builds,
            PART: self.part_page,
        }
        self.tabs = {name: button(name, lambda n=name: self.open_page(n), "tab") for name in self.pages}
        self.stack = Pages()
        self.arriving = Arriving()
        for page in (*self.pages.values(), self.arriving):
            self.stack.addWidget(page)
        self.user_actions.awaited.connect(self._awaited)
        self.user_actions.arrived.connect(self._arrived)
        self.context.jobs.finished.connect(self._all_read)
        for tab in self.tabs.values():
            tab.setCheckable(True)
        self.page = LAY_OUT
        body = column(row(*self.tabs.values(), -1, gap=2, margins=(10, 0, 16, 0)), self.stack, gap=2)
        body.setStretch(1, 1)
        return body

    def _part_page(self) -> PartPage:
        return PartPage(self.context, self.renderer, self.move_parts, self.rename, self.set_aside, self.scale_along)

    def open_page(self, name: str) -> None:
        self.page = name
        self.refresh()

    def open_part(self, part_id: str) -> None:
        """One part closely."""
        self.page = PART
        self.session.select(figure_id=self.session.figure_id, part_id=part_id)
        self.refresh()

    def refresh(self) -> None:
        self.state.look(self.session.answers, self.session.unit_id)
        self.papers.look_at()
        if self.state.unit is None:
            self.show_empty(
                "Sort works on a unit's kit. Muster a unit first.",
                button("Add a unit", self.user_actions.add_unit, "main"),
            )
            return
        if self.arriving.count():
            self._show_arriving()
            return
        if not self.state.parts:
            self.show_empty(
                "No parts yet. Here downloaded files become parts in slots, and parts become figures. "
                "Drop STL, OBJ, PLY, 3MF or GLB files, a folder or a zip on the window.",
                button("Add files", self.user_actions.ask_import, "main"), button("Add a folder", self.user_actions.ask_import_folder),
                button("Make bases …", self.ask_bases),
            )  # fmt: skip
            return
        self.show_full()
        self.session.part_id = self.state.part_to_show(self.session.part_id)
        self._head()
        self.stack.setCurrentWidget(self.pages[self.page])
        for name, tab in self.tabs.items():
            tab.setChecked(name == self.page)
        self.pages[self.page].refresh()

    def _show_arriving(self) -> None:
        self.show_full()
        self.title.setText("Sort: reading")
        self.subtitle.setText(
            f"{self.arriving.read} of {self.arriving.count()}; then they are compared with each other"
        )
        self.stack.setCurrentWidget(self.arriving)

    def _awaited(self, names: list[str]) -> None:
        self.arriving.await_names(names)
        if self.isVisible():
            self.refresh()

    def _arrived(self, item: Read | Refusal) -> None:
        self.arriving.meet(item)
        if self.isVisible():
            self.refresh()

    def _all_read(self) -> None:
        """Read and kept, or cancelled: back to the pages."""
        self._clear_made()
        if self.arriving.count():
            self.arriving.clear()
            if self.isVisible():
                self.refresh()

    def _head(self) -> None:
        waiting = self.state.open_statements
        self.title.setText(self.state.title)
        self.subtitle.setText(self.state.subtitle)
        self.agree_button.setVisible(bool(waiting))
        self.agree_button.setText(f"Agree with all {waiting}" if waiting > 1 else "Agree")
        # It stays where it is on every tab; on the others what waits to be agreed with comes first.
        self.fill_button.setEnabled(self.state.has_gaps and (not waiting or self.page == BUILDS))

    def act(self, statement: Statement) -> None:
        """What a card offers: the unit set, the part mended, a slot looked at, a statement turned about."""
        unit, part = self.session.unit, self.session.plans.parts.get(statement.part_id)
        if unit is None or part is None:
            return
        if statement.kind in ("unit", "fault"):
            self._settle(f"{part.label}: {statement.act}", [part])
        elif statement.kind == OTHER_BASE:
            self._as_asked(part)
        elif statement.kind == OTHER_SCALE:
            self.scale_along(part)
        elif statement.relation is not None:
            self._turn_about(self.session.plans.kits[unit.kit_id], statement)
        else:
            self.open_part(statement.part_id)

    def _as_asked(self, part: Part) -> None:
        """A base as wide as the unit asks."""
        other = next((o for o in self.state.other_bases if o.part_id == part.id), None)
        if other is None:
            return
        self._scale(f"{part.label}: scaled to {other.asked_mm:g} mm", [(part, other.factor)])

    def scale_along(self, part: Part) -> None:
        """All that hang together with a part as large as it is now, in one edit."""
        plans = self.session.plans
        kit = plans.kits.get(part.kit_id)
        others = other_sizes(part, along_with(part, kit.relations if kit else (), plans.parts))
        words = f"{counted(len(others), 'part')} scaled along with {part.label}"
        self._scale(words, [(p, part.scale / p.scale) for p in others])

    def _scale(self, words: str, factors: list[tuple[Part, float]]) -> None:
        zones = self.session.plans.part_zones
        meshes = [(p, self.session.labelled_mesh(p), factor) for p, factor in factors]

        def work(progress: Progress) -> list[Remade]:
            made: list[Remade] = []
            for part, mesh, factor in meshes:
                if not progress(len(made) / len(meshes)):
                    raise Cancelled
                made.append(scaled(part, mesh, factor, zones.get(part.id)))
            return made

        if factors:
            self.context.jobs.start("scale", "Scaling", work, lambda made: self._store(words, made))

    def _turn_about(self, kit: Kit, statement: Statement) -> None:
        relation = statement.relation
        if relation is None:
            return
        parts = self.session.kit_parts()
        meshes = [self.session.mesh(p.blob) for p in parts]
        words = f"{statement.title}: {statement.description} {'believed' if relation.overruled else 'overruled'}"
        self.context.jobs.start(
            "overrule", "Proposing slots again", lambda progress: overruled(kit, relation, parts, meshes),
            lambda documents: self.session.commit(words, documents),
        )  # fmt: skip

    def agree(self) -> None:
        """Everything that is open settled as proposed, in one edit."""
        self._settle("agree with what the shapes say", self.state.open_parts)

    def _settle(self, label: str, parts: list[Part]) -> None:
        """Units, faults and slots of parts as proposed: worked out beside, written as one edit."""
        zones = self.session.plans.part_zones
        meshes = [(p, self.session.labelled_mesh(p)) for p in parts]

        def work(progress: Progress) -> list[Remade]:
            remade_parts = []
            for number, (part, mesh) in enumerate(meshes):
                if not progress(number / len(meshes)):
                    raise Cancelled
                remade_parts.append(agreed(part, mesh, zones.get(part.id)))
            return remade_parts

        self.context.jobs.start("settle", "Mending and measuring", work, lambda made: self._store(label, made))

    def _store(self, label: str, remade_parts: list[Remade]) -> None:
        self.session.store(label, lambda book: [d for m in remade_parts for d in stored(book, m)])
        left = faults_left([m.part for m in remade_parts])
        if left:
            self.user_actions.noted.emit(left)

    def guest_dialog(self, figure: Figure, slot: str) -> GuestDialog:
        """For a part of another kit in a slot of a figure."""
        return GuestDialog(self.context, self.renderer, figure, slot, self)

    def move_parts(self, ids: list[str], slot: str) -> None:
        """Parts to another slot, by hand."""
        self.session.commit(f"{self.state.named(ids)} to slot {slot}", self.state.moved(ids, slot))

    def rename(self, ids: list[str], name: str) -> None:
        self.session.commit(f"rename {counted(len(ids), 'part')}", self.state.renamed(ids, name))

    def set_aside(self, ids: list[str], needed: bool) -> None:
        words = f"{counted(len(ids), 'part')} {'needed' if needed else 'set aside'}"
        self.session.commit(words, self.state.set_aside(ids, needed))

    def make_of(self, ids: list[str], material: str) -> None:
        if changed := self.state.made_of(ids, material):
            self.session.commit(f"{counted(len(changed), 'part')} {OF_WORDS[material]}", changed)

    def fill_gaps(self) -> None:
        self.builds.fill_gaps()

    def ask_bases(self) -> None:
        """Bases for the unit, made here."""
        unit = self.state.unit
        if unit is not None:
            asked = BaseDialog(self.context, self.renderer, self, unit.base_mm)
            if asked.exec():
                self.make_bases(asked)

    def make_bases(self, asked: BaseDialog) -> None:
        """As files, taken into the kit like any others."""
        self._made = TemporaryDirectory()
        self.user_actions.take_in(asked.made(Path(self._made.name)))

    def _clear_made(self) -> None:
        """Once they are read, the files of bases are of no use."""
        if self._made is not None:
            self._made.cleanup()
            self._made = None

    def ask_kit(self) -> None:
        """Where the kit came from."""
        kit = self.state.kit
        if kit is None:
            return
        asked = KitDialog(self, kit, kit_record(self.session.plans, self.session.answers.standing, kit.id))
        if asked.exec():
            self.session.commit(f"where {kit.name} came from", [asked.changed()])
