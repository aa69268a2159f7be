"""Laying out: parts by slot round the figure they make, exploded or compared, and what the shapes say below."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence

import numpy as np
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QSlider, QWidget

from numerus.assembly.balance import balance
from numerus.book.intake import is_doubtful
from numerus.desk.context import Context
from numerus.desk.stages.sort.cards import Cards
from numerus.desk.stages.sort.kit_pictures import KitPictures, icon_of
from numerus.desk.stages.sort.shelves import Shelf, letter
from numerus.desk.stages.sort.state import SortState
from numerus.desk.translate import tr
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.later import Gradually
from numerus.desk.widgets.layout import button, clear, column, label, panel, row, scrolled
from numerus.desk.widgets.worded import CheckBox, InputDialog, Menu
from numerus.domain.army import BOUGHT, SLOTS, Figure
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import OF_WORDS
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.kit.builds import alternatives
from numerus.kit.scale import heights
from numerus.kit.statements import Statement
from numerus.words import counted

RESIN_RGB = np.array([[196, 188, 174]], np.uint8)
CHOSEN_RGB = np.array([[150, 186, 184]], np.uint8)
EXPLODE_MOST = 1.6
SAME_NECK_MM = 1.0
DOUBTFUL, ASIDE = "in doubt", "set aside"


class LayOut(QWidget):
    """``state``: of the unit's kit; ``move``: puts parts into a slot; ``act``: acts on a statement; ``open_part``: shows one part by
    itself.
    """

    def __init__(
        self, context: Context, renderer: Renderer, state: SortState, move: Callable[[list[str], str], None],
        act: Callable[[Statement], None], open_part: Callable[[str], None],
    ) -> None:  # fmt: skip
        super().__init__()
        self._shown: tuple[Plans, tuple[str, str, str]] | None = None  # of which state of the book, and what was chosen
        self.context, self.session, self.theme = context, context.session, context.theme
        self.state, self.move_parts, self.open_part = state, move, open_part
        self.rename: Callable[[list[str], str], None] = lambda ids, name: None
        self.make_of: Callable[[list[str], str], None] = lambda ids, material: None
        self.set_aside: Callable[[list[str], bool], None] = lambda ids, needed: None
        self.view = BenchView(self.theme, renderer, "The figure its parts make")
        self.view.overlay = self._callouts
        self.view.picked.connect(self._picked)
        self.left, self.right = column(gap=2), column(gap=2)
        self.pictures = KitPictures(context)
        self.shelves_soon = Gradually(self, self._fill_shelves, context.jobs.turns)
        self.things: list[tuple[str, Part, Mesh]] = []
        self.shelves: dict[str, Shelf] = {}
        self.cards = Cards(self.theme, act, self._look)
        self.shown: list[tuple[str, Part, Mesh]] = []
        self.compared = ""
        self.setLayout(self._body())

    def _body(self):  # type: ignore[no-untyped-def]
        self.explode = QSlider(Qt.Orientation.Horizontal)
        self.explode.setRange(0, 100)
        self.explode.setMaximumWidth(96)
        self.explode.setAccessibleName(tr("Take the figure apart"))
        self.explode.valueChanged.connect(lambda _: self._show(refit=False))
        self.through = CheckBox("See through")
        self.through.toggled.connect(lambda _: self._show(refit=False))
        self.compare = button("Compare …", self._ask_compare, "link", "Two alternatives side by side, to one scale")
        self.stand = label("", "note", True)
        under = row(label("Apart", "note"), self.explode, 8, self.through, 8, self.compare, 8, self.stand)
        under.setStretch(7, 1)
        middle = column(self.view, under, gap=4)
        middle.setStretch(0, 1)
        laying = row(
            scrolled(panel(self.left, "chalk")),
            middle,
            scrolled(panel(self.right, "chalk")),
            gap=8,
            margins=(16, 4, 16, 6),
        )
        for at, share in enumerate((3, 6, 3)):
            laying.setStretch(at, share)
        self.pages = label("", "note")
        self.forward = button("more ›", lambda: self._turn(1), "link", "The next statements")
        head = row(label("What the shapes say, whatever the names say", "section"), -1, self.pages, self.forward)
        drawer = panel(column(head, self.cards, gap=4, margins=(16, 8, 16, 4)), "drawer")
        body = column(laying, drawer, gap=0)
        body.setStretch(0, 1)
        return body

    def _turn(self, by: int) -> None:
        self.cards.turn(by)
        self.pages.setText(self.cards.page_words)

    def refresh(self) -> None:
        unit = self.session.unit
        if unit is None:
            return
        shown = self.session.plans, (unit.id, self.session.figure_id, self.session.part_id)
        if self._shown is not None and self._shown[0] is shown[0] and self._shown[1] == shown[1]:
            return  # as it stands there already
        parts = self.session.kit_parts()
        build = self._build_shown(parts)
        if self.pictures.reading(parts, [p.blob for p in build.values()], self.refresh):
            return
        self._shown = shown
        self.shelves_soon.ask()
        self.cards.show_said(self.state.statements)
        self.pages.setText(self.cards.page_words)
        self.forward.setVisible(len(self.cards.statements) > self.cards.room)
        self._assemble(build)

    def _fill_shelves(self) -> Iterator[None]:
        """Shelf by shelf, shown together when all are filled: what stood there stays until then."""
        shelves = {}
        for slot, own in self._slots().items():
            shelves[slot] = own, self._shelf(slot, own)
            yield
        for side in (self.left, self.right):
            clear(side)
        self.shelves = {slot: shelf for slot, (_, shelf) in shelves.items()}
        heavy = [0, 0]
        for slot, (own, shelf) in shelves.items():
            lighter = int(heavy[1] < heavy[0])
            heavy[lighter] += 2 + -(-len(own) // 4)
            layout = (self.left, self.right)[lighter]
            layout.addLayout(row(label(slot.capitalize(), "strong"), label(self._note(slot, own), "note"), -1))
            layout.addWidget(shelf)
        for layout in (self.left, self.right):
            layout.addStretch(1)

    def _slots(self) -> dict[str, list[Part]]:
        """Parts by slot, left and right of the figure; what is in doubt and what no build needs on shelves of their own."""
        parts, unit = self.session.kit_parts(), self.session.unit
        unit_slots = unit.slots if unit else ()
        needed = [p for p in parts if p.needed and not is_doubtful(p)]
        here = {s: [p for p in needed if p.slot == s] for s in dict.fromkeys([*unit_slots, *(p.slot for p in needed)])}
        here |= {DOUBTFUL: [p for p in parts if p.needed and is_doubtful(p)], ASIDE: [p for p in parts if not p.needed]}
        for slot in (DOUBTFUL, ASIDE):
            if not here[slot]:
                del here[slot]
        return here

    def _note(self, slot: str, own: Sequence[Part]) -> str:
        if not own:
            bought = any(f.build.get(slot) == BOUGHT for f in self.session.plans.figures_of(self.session.unit_id))
            return "bought" if bought else "no file yet"
        if slot == ASIDE:
            return f"{len(own)}, no build needs them"
        return f"{len(own)} to choose from" if len(own) > 1 and slot != DOUBTFUL else ""

    def _shelf(self, slot: str, parts: Sequence[Part]) -> Shelf:
        shelf = Shelf(slot, self.theme)
        worn = self.session.part_id if self.session.part in parts else self._figure_build().get(slot, "")
        shelf.fill(
            parts, lambda p: icon_of(self.session, p), self.session.part_id, worn or parts[0].id if parts else ""
        )
        shelf.dropped.connect(self._dropped)
        shelf.chosen.connect(lambda part_id: self.session.select(figure_id=self.session.figure_id, part_id=part_id))
        shelf.opened.connect(self.open_part)
        shelf.asked.connect(self._ask_parts)
        return shelf

    def _dropped(self, ids: list[str], slot: str) -> None:
        if slot == ASIDE:
            self.set_aside(ids, False)
        elif slot != DOUBTFUL:
            self.move_parts(ids, slot)

    def _ask_parts(self, ids: list[str], at: QPoint) -> None:
        """What can be done with the parts selected on a shelf."""
        if not ids:
            return
        unit, first = self.session.unit, self.session.plans.parts[ids[0]]
        menu = Menu(self)
        slots = menu.addMenu("Put into slot")
        for slot in dict.fromkeys([*(unit.slots if unit else ()), *SLOTS]):
            slots.addAction(slot, lambda s=slot: self.move_parts(ids, s))
        menu.addAction(f"Rename {counted(len(ids), 'part') if ids[1:] else first.label} …", lambda: self._ask_name(ids))
        aside = all(not self.session.plans.parts[i].needed for i in ids)
        menu.addAction("Needed after all" if aside else "Not needed: set aside", lambda: self.set_aside(ids, aside))
        for material, words in OF_WORDS.items() if self.session.plans.is_mixed else ():
            menu.addAction(f"Print {words}", lambda m=material: self.make_of(ids, m))
        menu.addAction("Look at it closely", lambda: self.open_part(ids[0]))
        menu.exec(at)

    def _ask_name(self, ids: list[str]) -> None:
        part = self.session.plans.parts[ids[0]]
        hint = "Their name; several are numbered" if len(ids) > 1 else "Its name"
        name, fine = InputDialog.getText(self, "Rename", hint, text=part.label)
        if fine and name.strip():
            self.rename(ids, name.strip())

    def _figure(self) -> Figure | None:
        """The chosen figure, or the unit's first."""
        plans = self.session.plans
        return plans.figures.get(self.session.figure_id) or next(iter(plans.figures_of(self.session.unit_id)), None)

    def _figure_build(self) -> dict[str, str]:
        figure = self._figure()
        return figure.build if figure else {}

    def _build_shown(self, parts: Sequence[Part]) -> dict[str, Part]:
        """The chosen figure's build, else the first figure's, else one part of every slot; the chosen part in it."""
        plans, unit = self.session.plans, self.session.unit
        assert unit is not None
        figure = self._figure()
        build = {s: plans.parts[i] for s, i in figure.build.items() if i in plans.parts} if figure else {}
        if not (figure and figure.build):
            choices = alternatives(plans.parts.values(), unit)
            build |= {s: own[0] for s, own in choices.items() if own and s not in build}
        part = self.session.part
        if part is not None and part in parts and part.needed:
            build[part.slot] = part
        return build

    def _assemble(self, build: Mapping[str, Part]) -> None:
        figure = self._figure()
        self.shown = [(slot, p, self.session.mesh(p.blob)) for slot, p in build.items()]
        self.view.caption = (figure.name if figure else "As assembled", self._height_words())
        self._show()
        self._weigh()

    def _height_words(self) -> str:
        meshes = {slot: m for slot, _, m in self.shown if len(m.faces)}
        if not meshes:
            return ""
        return heights(meshes, *self._neck_and_crown()).description

    def _neck_and_crown(self) -> tuple[float | None, float | None]:
        """Heights of the joint under the head, and of the lowest crown among heads on the same neck: it wears no hat."""
        unit, kits = self.session.unit, self.session.plans.kits
        kit = kits.get(unit.kit_id) if unit else None
        heads = {p.id: p for p in self.session.kit_parts() if p.slot == "head" and p.needed}
        joints = [(i, r.place_mm[2] * heads[i].scale) for r in (kit.relations if kit else ()) if r.kind == "joint" and r.place_mm
                  for i in r.parts if i in heads]  # fmt: skip
        own = next((p.id for slot, p, _ in self.shown if slot == "head"), "")
        neck = next((z for i, z in joints if i == own), None)
        if neck is None:
            return None, None
        same = {own, *(i for i, z in joints if abs(z - neck) < SAME_NECK_MM)}
        return neck, min(float(self.session.mesh(heads[i].blob).bounds_mm[1, 2]) for i in same if i in heads)

    def _show(self, refit: bool = True) -> None:
        """Parts where they belong, pulled apart by the slider, or two alternatives beside each other."""
        part = self.session.part
        other = self.session.plans.parts.get(self.compared)
        if other is not None and part is not None and other.id != part.id:
            self._show_pair(part, other)
            return
        self.compared = ""
        share = self.explode.value() / 100 * EXPLODE_MOST
        middle = merged([m for _, _, m in self.shown]).bounds_mm.mean(axis=0) if self.shown else np.zeros(3)
        self.things = [
            (slot, p, m.moved((m.bounds_mm.mean(axis=0) - middle) * share) if share else m)  # in place: drawn already, perhaps
            for slot, p, m in self.shown
            if len(m.faces)
        ]
        tone = {p.id: CHOSEN_RGB if part is not None and p.id == part.id else RESIN_RGB for _, p, _ in self.things}
        ghost = 0.35 if self.through.isChecked() else 1.0
        solid = {p.id: 1.0 if part is not None and p.id == part.id else ghost for _, p, _ in self.things}
        self.view.show_things([Thing(m, tone[p.id], solid[p.id]) for _, p, m in self.things], refit or share > 0)

    def _picked(self, place: Floats | None) -> None:
        """A click on the figure chooses the part that is there."""
        if place is None or not self.things:
            return
        far = [float(np.linalg.norm(m.vertices - place, axis=1).min()) for _, _, m in self.things]
        chosen = self.things[int(np.argmin(far))][1]
        self.session.select(figure_id=self.session.figure_id, part_id=chosen.id)

    def _ask_compare(self) -> None:
        """Choose what the part at hand is compared with."""
        part = self.session.part
        if part is None:
            return
        menu, others = Menu(self), [p for p in self.session.kit_parts() if p.slot == part.slot and p.id != part.id]
        for other in others:
            menu.addAction(icon_of(self.session, other), other.label, lambda o=other.id: self.compare_with(o))
        menu.addAction("The whole figure again", lambda: self.compare_with(""))
        menu.exec(self.compare.mapToGlobal(QPoint(0, self.compare.height())))

    def compare_with(self, part_id: str) -> None:
        self.compared = part_id
        self._show()

    def _show_pair(self, one: Part, other: Part) -> None:
        first, second = (self.session.mesh(p.blob).dropped() for p in (one, other))
        apart = (first.extents_mm[0] + second.extents_mm[0]) / 2 + 3
        self.things = []
        self.view.caption = (f"{one.label} and {other.label}", difference(one, other))
        self.view.show_things([Thing(first, CHOSEN_RGB), Thing(second.moved((apart, 0, 0)), RESIN_RGB)])

    def _callouts(self, painter: QPainter, view: BenchView) -> None:
        """Slots named at the sides of the figure, each with a line to its part."""
        if not self.things:
            return
        callouts = [(view.project(m.bounds_mm.mean(axis=0)), slot, p) for slot, p, m in self.things]
        middle = view.width() / 2
        ordered = sorted(callouts, key=lambda f: f[0].x())
        half = len(ordered) // 2
        for side, listed in ((-1, ordered[:half]), (1, ordered[half:])):
            listed = sorted(listed, key=lambda f: f[0].y())
            step = (view.height() - 90) / max(len(listed), 1)
            for number, (at, slot, part) in enumerate(listed):
                self._callout(
                    painter, at, slot, part, QPointF(middle + side * (middle - 10), 66 + (number + 0.4) * step), side
                )

    def _callout(self, painter: QPainter, at: QPointF, slot: str, part: Part, end: QPointF, side: int) -> None:
        same = [p for p in self.session.kit_parts() if p.slot == part.slot and p.needed]
        words = tr(slot.capitalize()) + (f" {letter(same, part.id)}" if len(same) > 1 else "")
        font = self.theme.font(11, True)
        painter.setFont(font)
        wide = painter.fontMetrics().horizontalAdvance(words)
        left = end.x() - (wide if side > 0 else 0)
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.drawLine(at, QPointF(left - 5 if side > 0 else left + wide + 5, end.y() - 4))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawEllipse(at, 3, 3)
        painter.setPen(self.theme.colour("ink"))
        painter.drawText(QPointF(left, end.y()), words)

    def _weigh(self) -> None:
        """How the build stands, worked out beside; warned of here and not after it is painted."""
        meshes = [m for _, _, m in self.shown if len(m.faces)]
        base = any(slot == "base" for slot, _, _ in self.shown)
        self.stand.setText("")
        if not meshes:
            return

        def work(progress: Progress):  # type: ignore[no-untyped-def]
            return balance(meshes)

        def done(weighed) -> None:  # type: ignore[no-untyped-def]
            self.stand.setText(weighed.description if base else f"{weighed.description} (without a base)")
            self.stand.setToolTip(weighed.advice)

        self.context.jobs.start("balance", "Weighing the figure", work, done)

    def _look(self, statement: Statement) -> None:
        """Show the part a statement is about, and beside it the one it is compared with."""
        others = [i for i in statement.relation.parts if i != statement.part_id] if statement.relation else []
        self.session.select(part_id=statement.part_id)
        self.compare_with(
            others[0] if others and statement.kind in ("duplicate", "mirror", "scaled", "supported") else ""
        )


def difference(one: Part, other: Part) -> str:
    """What sets two parts apart, in words."""
    taller = other.extents_mm[2] - one.extents_mm[2]
    more = other.volume_ml - one.volume_ml
    words = [f"the second {abs(taller):.1f} mm {'taller' if taller > 0 else 'lower'}"]
    words.append(f"{abs(more):.2f} ml {'more' if more > 0 else 'less'}")
    if one.thinnest_mm and other.thinnest_mm:
        words.append(f"walls under 0.8 mm: {one.weak_mm2:.0f} and {other.weak_mm2:.0f} mm²")
    return ", ".join(words)
