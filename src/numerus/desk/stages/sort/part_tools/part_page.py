"""One part by itself: its faults as pins, its thin walls hatched, its size, and where it could be cut."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace

import numpy as np
from PyQt6.QtCore import QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QWidget

from numerus.book.tidy import Remade, beside_part, remade, scaled, stored
from numerus.desk.context import Context
from numerus.desk.stages.sort.part_tools.bend import BendTool
from numerus.desk.stages.sort.part_tools.cut import CutTool
from numerus.desk.stages.sort.part_tools.faults import FaultsTool
from numerus.desk.stages.sort.part_tools.hollow import HollowTool
from numerus.desk.stages.sort.part_tools.size import SizeTool
from numerus.desk.stages.sort.part_tools.tool import Tool
from numerus.desk.stages.sort.part_tools.walls import WallsTool
from numerus.desk.stages.sort.shelves import facts_of
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.layout import Pages, button, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox, InputDialog, LineEdit
from numerus.domain.army import SLOTS
from numerus.domain.painting.zones import PartZones
from numerus.domain.parts import Part
from numerus.geometry.cutting import Plane, attributes_from
from numerus.geometry.mesh import Floats, Mesh
from numerus.kit.sorting import offered_factor

TOOLS_WIDE = 336

OTHER_SLOT = "a new slot …"


class PartPage(QWidget):
    """``back``: to the laying-out. Tools work on the part's mesh and may show a changed one before it is kept."""

    back = pyqtSignal()

    def __init__(
        self, context: Context, renderer: Renderer, move: Callable[[list[str], str], None],
        rename: Callable[[list[str], str], None], aside: Callable[[list[str], bool], None], scale_along: Callable[[Part], None],
    ) -> None:  # fmt: skip
        super().__init__()
        self.scale_along = scale_along
        self.move_parts, self.rename, self.aside = move, rename, aside
        self.context, self.session, self.theme = context, context.session, context.theme
        self.view = BenchView(self.theme, renderer, "The part on the bench")
        self.view.overlay = self._pins
        self.view.picked.connect(self._picked)
        self.shown_for = ""
        self.cut_tool = CutTool(self)
        self.tools: dict[str, Tool] = {
            t.title: t
            for t in (
                FaultsTool(self),
                WallsTool(self),
                SizeTool(self),
                self.cut_tool,
                BendTool(self),
                HollowTool(self),
            )
        }
        self.tool: Tool = next(iter(self.tools.values()))
        self.setLayout(self._body())

    def _body(self):  # type: ignore[no-untyped-def]
        self.tabs = {title: button(title, lambda t=title: self.use(t), "tab") for title in self.tools}
        self.stack = Pages()
        for tool in self.tools.values():
            self.stack.addWidget(tool)
        for tab in self.tabs.values():
            tab.setCheckable(True)
        side = panel(column(row(*self.tabs.values(), -1, gap=2), self.stack, gap=8))
        side.setFixedWidth(TOOLS_WIDE)
        upper = row(self.view, side, gap=16, margins=(16, 4, 16, 8))
        upper.setStretch(0, 1)
        body = column(upper, self._drawer(), gap=0)
        body.setStretch(0, 1)
        return body

    def _drawer(self) -> QWidget:
        """The part's name, slot and facts, and its mesh as it came."""
        self.name, self.slot = LineEdit(), ComboBox()
        self.name.setAccessibleName("Part's name")
        self.name.setMaximumWidth(190)
        self.name.editingFinished.connect(self._renamed)
        self.slot.setAccessibleName("Part's slot")
        self.slot.activated.connect(lambda _: self._moved())
        self.facts = label("", "note", True)
        self.original = button("As it came", self.restore, "", "The mesh the file held, before anything was changed")
        self.remove = button("Set aside", self.set_aside, "", "No build needs it; it stays in the kit")
        self.former, self.next = (
            button("‹", lambda: self.step(-1), "", "The part before"),
            button("›", lambda: self.step(1), "", "The next part"),
        )
        for turn, words in ((self.former, "The part before"), (self.next, "The next part")):
            turn.setAccessibleName(words)
        part = row(
            self.former,
            self.next,
            label("Part", "strong"),
            self.name,
            label("in slot"),
            self.slot,
            self.facts,
            self.original,
            self.remove,
        )
        part.setStretch(6, 1)
        return panel(column(part, gap=6, margins=(16, 10, 16, 10)), "drawer")

    @property
    def part(self) -> Part | None:
        return self.session.part

    @property
    def mesh(self) -> Mesh:
        return (
            self.session.labelled_mesh(self.part) if self.part else Mesh(np.zeros((0, 3)), np.zeros((0, 3), np.int32))
        )

    def use(self, title: str) -> None:
        self.tool = self.tools[title]
        self.stack.setCurrentWidget(self.tool)
        for name, tab in self.tabs.items():
            tab.setChecked(name == title)
        self.tool.begin()
        self.draw()

    def cut_at(self, planes: Sequence[Plane]) -> None:
        """The first of these planes on the part, in the Cut tool; the others are found again on its halves."""
        self.use(CutTool.title)
        self.cut_tool.at_plane(planes[0])

    def refresh(self) -> None:
        part, unit = self.part, self.session.unit
        for widget in (self.name, self.slot, self.remove, self.original):
            widget.setEnabled(part is not None)
        if part is None:
            self.facts.setText("Choose a part.")
            return
        self.name.setText(part.name)
        self.slot.clear()
        self.slot.addItems(list(dict.fromkeys([*(unit.slots if unit else ()), *SLOTS, part.slot])))
        self.slot.addItem(OTHER_SLOT)
        self.slot.setCurrentText(part.slot)
        self.facts.setText(facts_of(part))
        self.original.setVisible(bool(part.original))
        self.remove.setText("Set aside" if part.needed else "Needed after all")
        again = self.shown_for != part.blob
        self.shown_for = part.blob
        if again:
            for tool in self.tools.values():
                tool.forget()
        self.use(self.tool.title)
        if again:
            self.view.fit()

    def draw(self) -> None:
        """The part as the tool at hand sees it."""
        part = self.part
        if part is None:
            self.view.show_things([])
            return
        things, caption = self.tool.things()
        self.view.caption = (part.label, caption)
        self.view.show_things(things, refit=len(things) > 1)

    def _pins(self, painter: QPainter, view: BenchView) -> None:
        for number, (place, chosen) in enumerate(self.tool.pins(), 1):
            at = view.project(place)
            painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 1.4))
            painter.setBrush(self.theme.colour("river" if chosen else "chalk"))
            painter.drawEllipse(at, 9, 9)
            painter.setFont(self.theme.font(11, True))
            painter.setPen(self.theme.colour("on_river" if chosen else "ink"))
            painter.drawText(QRectF(at.x() - 9, at.y() - 9, 18, 18), Qt.AlignmentFlag.AlignCenter, str(number))

    def _picked(self, place: Floats | None) -> None:
        if place is not None:
            self.tool.picked(place)

    def step(self, by: int) -> None:
        """The next part of the kit, or the one before."""
        parts = self.session.kit_parts()
        if parts:
            at = parts.index(self.part) if self.part in parts else 0
            self.session.select(figure_id=self.session.figure_id, part_id=parts[(at + by) % len(parts)].id)

    def _renamed(self) -> None:
        part, name = self.part, self.name.text().strip()
        if part is not None and name not in ("", part.name):
            self.rename([part.id], name)

    def _moved(self) -> None:
        """Into the slot chosen; one the unit does not have yet is asked for by name, never born from a key."""
        part, slot = self.part, self.slot.currentText()
        if part is None:
            return
        if slot == OTHER_SLOT:
            slot, _ = InputDialog.getText(self, "A new slot", "What such parts are: bell, left wing, lantern")
        if slot.strip() not in ("", part.slot):
            self.move_parts([part.id], slot.strip().lower())
        else:
            self.slot.setCurrentText(part.slot)

    def set_aside(self) -> None:
        """Out of the builds that use it, or needed after all."""
        part = self.part
        if part is not None:
            self.aside([part.id], not part.needed)

    def keep(self, words: str, mesh: Mesh, extra: Sequence[tuple[str, Mesh]] = ()) -> None:
        """The changed mesh becomes the part's; the one it came with is kept. ``extra``: new parts that come of it."""
        before, part_zones = self.mesh, self._zones

        def make(part: Part) -> list[Remade]:
            new = [beside_part(part, name, attributes_from(more, before), part_zones) for name, more in extra]
            return [remade(part, attributes_from(mesh, before), part_zones), *new]

        self._make(words, make)

    @property
    def _zones(self) -> PartZones | None:
        return self.session.plans.part_zones.get(self.part.id) if self.part else None

    def scale(self, factor: float, words: str = "") -> None:
        mesh, part_zones = self.mesh, self._zones
        self._make(words or f"× {factor:.4g}", lambda part: [scaled(part, mesh, factor, part_zones)])

    def restore(self) -> None:
        """The mesh of the file again."""
        part = self.part
        if part is not None and part.original:
            came, now, part_zones = self.session.mesh(part.original), self.mesh, self._zones
            self._make("as it came", lambda p: [_without_original(remade(p, attributes_from(came, now), part_zones))])

    def _make(self, words: str, make: Callable[[Part], list[Remade]]) -> None:
        """Measured anew beside, then written as one edit."""
        part = self.part
        if part is not None:
            label = f"{part.label}: {words}"
            self.context.jobs.start(
                "remake", "Measuring the part", lambda progress: make(part), lambda made: self._store(label, made)
            )

    def _store(self, label: str, remade_parts: list[Remade]) -> None:
        self.session.store(label, lambda book: [d for m in remade_parts for d in stored(book, m)])

    def convert_unit(self) -> None:
        """Take the offered unit: everything of the part is measured anew."""
        part = self.part
        if part is not None and offered_factor(part) != 1:
            self.scale(offered_factor(part), f"read as {part.unit}")


def _without_original(part: Remade) -> Remade:
    return replace(part, part=replace(part.part, original="", scale=1.0))
