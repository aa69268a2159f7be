"""Sort: parts by slot around the figure they make, builds figure by figure, and the completeness line."""

from __future__ import annotations

import string
from dataclasses import replace

import numpy as np
from PyQt6.QtCore import QRectF, QSize, Qt, pyqtSignal
from PyQt6.QtGui import QCursor, QDropEvent, QIcon, QPainter, QPixmap
from PyQt6.QtWidgets import QBoxLayout, QComboBox, QLineEdit, QListWidget, QListWidgetItem, QMenu, QWidget

from numerus.book.book import Removed
from numerus.desk.context import Context
from numerus.desk.deeds import Deeds
from numerus.desk.theme.marks import draw_mark, draw_warning
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.drawing import CENTRE, Drawing, hold
from numerus.desk.widgets.layout import button, clear, column, label, panel, row
from numerus.errors import NumerusError
from numerus.kit.builds import alternatives, spread_builds
from numerus.kit.completeness import completeness, sentence
from numerus.kit.plan import BOUGHT, NONE, SLOTS, Figure, Part
from numerus.kit.sorting import offered_factor, rescaled, words_of

RESIN_RGB = np.array([[196, 188, 174]], np.uint8)
ICON_PX, SMALL_PX = 48, 31
LARGE_PARTS, SMALL_A_ROW = 3, 4


def letter(parts: list[Part], part_id: str) -> str:
    """a, b, c … for alternatives of a slot; the word itself for a decision without a part."""
    ids = [p.id for p in parts]
    return (
        string.ascii_lowercase[ids.index(part_id) % 26]
        if part_id in ids
        else part_id
        if part_id in (NONE, BOUGHT)
        else "?"
    )


class Shelf(QListWidget):
    """The parts of one slot as pictures; parts are dragged from shelf to shelf."""

    dropped = pyqtSignal(str, str)
    chosen = pyqtSignal(str)

    def __init__(self, slot: str) -> None:
        super().__init__()
        self.slot = slot
        self.setViewMode(QListWidget.ViewMode.IconMode)
        self.setFlow(QListWidget.Flow.LeftToRight)
        self.setWrapping(True)
        self.setFixedHeight(ICON_PX + 26)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setDragEnabled(True)
        self.setAcceptDrops(True)
        self.setDefaultDropAction(Qt.DropAction.MoveAction)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setAccessibleName(f"Parts for {slot}")
        self.setStyleSheet("QListWidget { font-size: 11px; }")
        self.currentItemChanged.connect(lambda item: item and self.chosen.emit(item.data(Qt.ItemDataRole.UserRole)))

    def fit(self, many: int) -> None:
        """Few parts large and named, many small in two rows under their letters: all in sight without scrolling."""
        large = many <= LARGE_PARTS
        icon = ICON_PX if large else SMALL_PX
        self.setIconSize(QSize(icon, icon))
        self.setGridSize(QSize(ICON_PX + 6, ICON_PX + 22) if large else QSize(SMALL_PX + 8, SMALL_PX + 15))
        rows = -(-many // SMALL_A_ROW)
        self.setFixedHeight(ICON_PX + 26 if large else rows * (SMALL_PX + 15) + 4)

    def dropEvent(self, event: QDropEvent | None) -> None:
        source = event.source()
        if isinstance(source, Shelf) and source is not self and source.currentItem() is not None:
            self.dropped.emit(source.currentItem().data(Qt.ItemDataRole.UserRole), self.slot)
        event.ignore()


class BuildsGrid(Drawing):
    """Figures by slots; a cell names its alternative, a missing one is hatched and says none. Click to choose."""

    def __init__(self, context: Context, choose) -> None:  # type: ignore[no-untyped-def]
        super().__init__(context.theme, "Builds: figures and slots")
        self.session, self.choose = context.session, choose
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.hold("setMinimumWidth", 380)

    def draw(self, painter: QPainter) -> None:
        unit = self.session.unit
        if unit is None:
            return
        figures = self.session.plans.figures_of(unit.id)
        options = alternatives(self.session.plans.parts.values(), unit)
        name_wide = 112.0
        cell = (self.width() - name_wide) / max(len(unit.slots), 1)
        step = min(28.0, (self.height() - 22) / max(len(figures), 1))
        for at, slot in enumerate(unit.slots):
            short = slot.replace("right ", "R ").replace("left ", "L ").capitalize()
            self.text(painter, name_wide + (at + 0.5) * cell, 14, short, 11, colour="slate", align=CENTRE, width=cell)
        for number, figure in enumerate(figures):
            y = 20 + number * step
            whole = all(slot in figure.build for slot in unit.slots)
            if whole:
                draw_mark(painter, unit.mark, 2, y + 5, min(14, step - 8), self.theme.unit_colour(unit.mark))
            else:
                draw_warning(painter, 2, y + 6, 13, self.theme.colour("tallow"), self.theme.colour("ink"))
            self.text(painter, 22, y + step * 0.66, figure.name, 13, not whole, width=name_wide - 28)
            for at, slot in enumerate(unit.slots):
                box = QRectF(name_wide + at * cell + 2, y + 2, cell - 4, step - 4)
                self._cell(painter, box, figure, slot, options.get(slot, []))

    def _cell(self, painter: QPainter, box: QRectF, figure: Figure, slot: str, options: list[Part]) -> None:
        chosen = figure.build.get(slot)
        tones = ("bed", "riverwash", "tallowwash")
        ids = [p.id for p in options]
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(
            self.theme.colour(
                "brickwash" if chosen is None else tones[ids.index(chosen) % 3] if chosen in ids else "linen"
            )
        )
        painter.drawRoundedRect(box, 3, 3)
        if chosen is None:
            self.hatch(painter, box)
            painter.setBrush(self.theme.colour("brickwash"))
            painter.setPen(Qt.PenStyle.NoPen)
            painter.drawRect(box.adjusted(box.width() / 2 - 15, 3, 15 - box.width() / 2, -3))
        words = (
            "none"
            if chosen is None
            else "–"
            if chosen == NONE
            else "buy"
            if chosen == BOUGHT
            else letter(options, chosen)
        )
        self.text(
            painter,
            box.center().x(),
            box.center().y() + 4.5,
            words,
            13 if len(words) < 2 else 11,
            chosen is None,
            "brick" if chosen is None else "ink",
            CENTRE,
        )
        part = self.session.plans.parts.get(chosen or "")
        says = f"{figure.name}, {slot}: {part.name if part else words}"
        self.region(box, says, lambda: self.choose(figure, slot))


class SortBench(Bench):
    stage = "sort"

    def __init__(self, context: Context, deeds: Deeds, renderer: Renderer) -> None:
        self.deeds, self.renderer = deeds, renderer
        super().__init__(context)
        self.add_button(
            "Add files", deeds.ask_import, tip="STL, OBJ, PLY, 3MF, GLB, zip (Ctrl+I), or drop them on the window"
        )
        self.fill_button = self.add_button("Fill the gaps, all different", self.fill_gaps, "main")

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "The figure its parts make")
        self.left, self.right = column(gap=2), column(gap=2)
        self.grid = BuildsGrid(self.context, self.choose)
        self.shelves: dict[str, Shelf] = {}
        laying = row(panel(self.left), self.view, panel(self.right), gap=8)
        laying.setStretch(0, 3)
        laying.setStretch(1, 4)
        laying.setStretch(2, 3)
        builds = column(
            row(label("Builds", "section"), 8, label("click a cell to choose", "note"), -1), self.grid, gap=4
        )
        builds.setStretch(1, 1)
        upper = row(laying, builds, gap=16, margins=(16, 4, 16, 8))
        upper.setStretch(0, 3)
        upper.setStretch(1, 2)
        body = column(upper, self._drawer(), gap=0)
        body.setStretch(0, 1)
        return body

    def _drawer(self) -> QWidget:
        """The part at hand and the completeness line."""
        self.line = label("", "strong", True)
        self.name, self.slot = QLineEdit(), QComboBox()
        self.name.setAccessibleName("Part's name")
        self.name.setMaximumWidth(190)
        self.name.editingFinished.connect(lambda: self._change_part(name=self.name.text()))
        self.slot.setEditable(True)
        self.slot.setAccessibleName("Part's slot")
        self.slot.activated.connect(lambda _: self._change_part(slot=self.slot.currentText()))
        self.facts, self.health = label("", "note", True), label("", "note", True)
        self.unit_button = button("", self.convert_unit, "main")
        self.remove = button("Not needed", self.remove_part, tip="Take the part out of the kit; undo brings it back")
        part = row(
            label("Part", "strong"),
            self.name,
            label("in slot"),
            self.slot,
            self.facts,
            self.unit_button,
            self.remove,
        )
        part.setStretch(4, 1)
        made = panel(column(self.line, part, self.health, gap=6, margins=(16, 10, 16, 10)), "drawer")
        hold(self.theme, made, "setFixedHeight", 112)
        return made

    def refresh(self) -> None:
        unit = self.session.unit
        if unit is None:
            self.show_empty(
                "Sort works on a unit's kit. Muster a unit first.", button("Add a unit", self.deeds.add_unit, "main")
            )
            return
        parts = self.session.kit_parts()
        if not parts:
            self.show_empty(
                "No parts yet. Here downloaded files become parts in slots, and parts become figures. "
                "Drop STL, OBJ, PLY, 3MF or GLB files, a folder or a zip on the window.",
                button("Add files", self.deeds.ask_import, "main"), button("Add a folder", self.deeds.ask_import_folder),
            )  # fmt: skip
            return
        self.show_full()
        if self.session.part not in parts:
            self.session.part_id = next((p.id for p in parts if p.problems), parts[0].id)
        kit = self.session.plans.kits.get(unit.kit_id)
        self.title.setText(f"Sort: {kit.name if kit else unit.name}")
        self.subtitle.setText(f"{len(parts)} parts for {unit.name}")
        self._fill_shelves(parts, unit.slots)
        self._fill_part()
        self._fill_line()
        self._assemble()
        self.grid.update()

    def _fill_shelves(self, parts: list[Part], unit_slots: tuple[str, ...]) -> None:
        for side in (self.left, self.right):
            clear(side)
        self.shelves = {}
        slots = list(dict.fromkeys([*unit_slots, *(p.slot for p in parts)]))
        for number, slot in enumerate(slots):
            here = [p for p in parts if p.slot == slot]
            shelf = self._shelf(slot, here)
            bought = not here and any(
                f.build.get(slot) == BOUGHT for f in self.session.plans.figures_of(self.session.unit_id)
            )
            note = (
                "bought" if bought else "none" if not here else f"{len(here)} to choose from" if len(here) > 1 else ""
            )
            side = self.left if number % 2 == 0 else self.right
            side.addLayout(row(label(slot.capitalize(), "strong"), label(note, "note"), -1))
            side.addWidget(shelf)
        for side in (self.left, self.right):
            side.addStretch(1)

    def _shelf(self, slot: str, parts: list[Part]) -> Shelf:
        shelf = self.shelves[slot] = Shelf(slot)
        shelf.fit(len(parts))
        for part in parts:
            word = f"  {(words_of(part.name).split() or [part.name])[-1]}" if len(parts) <= LARGE_PARTS else ""
            item = QListWidgetItem(self._icon(part), f"{letter(parts, part.id)}{word}")
            item.setData(Qt.ItemDataRole.UserRole, part.id)
            item.setToolTip(f"{part.name}: {self._facts(part)}")
            shelf.addItem(item)
            if part.id == self.session.part_id:
                shelf.setCurrentItem(item)
        shelf.dropped.connect(self._dropped)
        shelf.chosen.connect(lambda part_id: self.session.select(figure_id=self.session.figure_id, part_id=part_id))
        return shelf

    def _icon(self, part: Part) -> QIcon:
        pixmap = QPixmap()
        try:
            if part.thumbnail and self.session.book is not None:
                pixmap.loadFromData(self.session.book.blob(part.thumbnail))
        except NumerusError:
            return QIcon()
        return QIcon(pixmap)

    def _facts(self, part: Part) -> str:
        size = " × ".join(f"{e:.1f}" for e in part.extents_mm)
        closed = "closed" if part.watertight else f"{part.holes} holes"
        shells = "one solid" if part.shells == 1 else f"{part.shells} shells"
        return f"{size} mm, {part.volume_ml:.2f} ml, {part.triangles} faces, {closed}, {shells}"

    def _fill_part(self) -> None:
        part = self.session.part
        for widget in (self.name, self.slot, self.remove):
            widget.setEnabled(part is not None)
        self.unit_button.hide()
        if part is None:
            self.name.setText("")
            self.facts.setText(
                "Choose a part to see its size and health; drag it to another slot if the guess was wrong."
            )
            self.health.setText("")
            return
        unit = self.session.unit
        slots = list(dict.fromkeys([*(unit.slots if unit else ()), *SLOTS]))
        self.name.setText(part.name)
        self.slot.clear()
        self.slot.addItems(slots)
        self.slot.setCurrentText(part.slot)
        self.facts.setText(self._facts(part))
        self.health.setText(
            "Health: " + ("; ".join(text for _, text in part.problems) if part.problems else "nothing wrong found")
        )
        factor = offered_factor(part)
        self.unit_button.setVisible(factor != 1.0)
        self.unit_button.setText(f"Read as {part.unit}: × {factor:g}")

    def _fill_line(self) -> None:
        unit = self.session.unit
        assert unit is not None
        plans, copies = self.session.plans, self.session.answers.standing.copies
        accounted = {c for c, s in copies.items() if s.state != "owed"}
        found = completeness(unit, plans.figures_of(unit.id), accounted)
        self.line.setText(sentence(found, plans.figures, plans.parts))
        gaps = bool(found.unfilled)
        self.fill_button.setEnabled(gaps)

    def _assemble(self) -> None:
        """The chosen figure's build in 3D, or the first figure's."""
        figures = self.session.plans.figures_of(self.session.unit_id)
        figure = self.session.plans.figures.get(self.session.figure_id) or next(iter(figures), None)
        if figure is None:
            self.view.show_things([])
            return
        shown = [self.session.plans.parts[p] for p in figure.build.values() if p in self.session.plans.parts]
        part = self.session.part
        if part is not None and part.slot in figure.build and part not in shown:
            shown = [p for p in shown if p.slot != part.slot] + [part]
        things = [Thing(self.session.mesh(p.blob), RESIN_RGB) for p in shown]
        self.view.caption = (figure.name, "as assembled")
        self.view.show_things(things)

    def _dropped(self, part_id: str, slot: str) -> None:
        part = self.session.plans.parts[part_id]
        self.session.commit(f"{part.name} to slot {slot}", [replace(part, slot=slot), *self._unit_with(slot)])

    def _unit_with(self, slot: str) -> list[object]:
        unit = self.session.unit
        return [replace(unit, slots=(*unit.slots, slot))] if unit and slot not in unit.slots and slot != "extra" else []

    def _change_part(self, **changes: str) -> None:
        part = self.session.part
        changes = {k: v.strip() for k, v in changes.items() if v.strip()}
        if part is None or not changes or all(getattr(part, k) == v for k, v in changes.items()):
            return
        extra = self._unit_with(changes["slot"]) if "slot" in changes else []
        self.session.commit(f"change {part.name}", [replace(part, **changes), *extra])  # type: ignore[arg-type]

    def convert_unit(self) -> None:
        """Take the offered unit: everything of the part is measured anew."""
        part, book = self.session.part, self.session.book
        if part is None or book is None:
            return
        changed, packed = rescaled(part, self.session.mesh(part.blob), offered_factor(part))
        try:
            blob = book.put_blob(packed)
        except NumerusError as error:
            self.session.failed.emit(error)
            return
        self.session.commit(f"{part.name} read as {part.unit}", [replace(changed, blob=blob)])

    def remove_part(self) -> None:
        """The part and every build's use of it."""
        part = self.session.part
        if part is None:
            return
        users = [f for f in self.session.plans.figures.values() if part.id in f.build.values()]
        emptied = [replace(f, build={s: p for s, p in f.build.items() if p != part.id}) for f in users]
        self.session.commit(f"{part.name} is not needed", [*emptied, Removed("part", part.id)])

    def choose(self, figure: Figure, slot: str) -> None:
        """Offer the alternatives for one slot of one figure."""
        unit = self.session.unit
        if unit is None:
            return
        menu = QMenu(self)
        parts = alternatives(self.session.plans.parts.values(), unit)[slot]
        for part in parts:
            menu.addAction(
                self._icon(part),
                f"{letter(parts, part.id)}  {part.name}",
                lambda p=part.id: self.set_slot(figure, slot, p),
            )
        menu.addAction("Bought, not printed", lambda: self.set_slot(figure, slot, BOUGHT))
        menu.addAction("Deliberately empty", lambda: self.set_slot(figure, slot, NONE))
        menu.exec(QCursor.pos())

    def set_slot(self, figure: Figure, slot: str, part_id: str) -> None:
        changed = replace(figure, build={**figure.build, slot: part_id})
        self.session.commit(f"{slot} of {figure.name}", [changed])

    def fill_gaps(self) -> None:
        """Give every empty slot a part, so that figures differ; slots with no part at all stay and are named."""
        unit = self.session.unit
        if unit is None:
            return
        figures = self.session.plans.figures_of(unit.id)
        filled = spread_builds(figures, alternatives(self.session.plans.parts.values(), unit))
        self.session.commit(f"fill the builds of {unit.name}", filled)
