"""Zones: what is what on a sculpt, named by clicking its patches or grown from a few seeds, once for every figure that wears it."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping
from dataclasses import replace
from functools import partial

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QPainter, QPen
from PyQt6.QtWidgets import QApplication, QLayout, QWidget

from numerus.book.book import Book
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.zones.state import ZonesState
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import RIGHT, StatedDrawing
from numerus.desk.widgets.layout import button, column, label, row
from numerus.desk.widgets.worded import LineEdit
from numerus.domain.painting.zones import PartZones, Zone
from numerus.domain.parts import Part
from numerus.errors import NumerusError, Progress
from numerus.formats.meshes.face_labels import pack_labels
from numerus.surface.patching.zone_naming import PatchedPart, Proposal, carried_over, grown_over, named_at, patched
from numerus.surface.zones import ZonedMesh, measured_zones
from numerus.words import counted

BRUSH_MM = 0.6
VOTES = "zone votes"
HOW = (
    "Click a patch and it gets the chosen name; drag over the figure and all you touch do; Shift takes names back. Alt and a line "
    "across a patch cuts it in two. Drag beside it, or arrow keys, turn it. Keys 1 to 9 choose names."
)


class ZoneList(StatedDrawing[ZonesState]):
    """Names with their tones, cm² on this figure, and the key that chooses each."""

    chosen = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Zones by name")
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumWidth", 230)

    def draw(self, painter: QPainter) -> None:
        if self.state is None:
            return
        areas = self.state.areas()
        most = max(areas.values(), default=1.0)
        high = min(26.0, self.height() / max(len(self.state.zones) + 1, 1))
        for n, zone in enumerate(self.state.zones):
            self._zone(painter, n, zone, areas.get(zone.id, 0.0), most, high)
        y = len(self.state.zones) * high
        bare = areas.get("", 0.0)
        self.hatch(painter, QRectF(24, y + 6, 16, high - 12), "slate")
        self.text(painter, 48, y + high / 2 + 4, "still unnamed", 11, colour="slate")
        self.text(painter, self.width() - 4, y + high / 2 + 4, f"{bare:.1f} cm²", 11, align=RIGHT)

    def _zone(self, painter: QPainter, n: int, zone: Zone, area: float, most: float, high: float) -> None:
        assert self.state is not None
        box, chosen = QRectF(0, n * high, self.width(), high - 2), zone.id == self.state.zone_id
        if chosen:
            painter.setPen(QPen(self.theme.colour("river"), 1.6))
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box.adjusted(1, 0, -1, 0), 4, 4)
        self.text(painter, 6, box.center().y() + 4, str(n + 1) if n < 9 else "", 11, colour="slate")
        painter.setPen(QPen(self.theme.colour("ink"), 0.8))
        painter.setBrush(QColor(self.state.tone(zone.id)))
        painter.drawRoundedRect(QRectF(24, box.top() + 5, 16, box.height() - 10), 3, 3)
        self.text(painter, 48, box.center().y() + 4, zone.name.capitalize(), 13, chosen, width=self.width() - 150)
        wide = 40 * area / max(most, 1e-9)
        self.bar(painter, self.width() - 104, box.center().y() - 3, wide, 6, "slate")
        self.text(painter, self.width() - 4, box.center().y() + 4, f"{area:.1f} cm²", 11, align=RIGHT)
        self.region(box, f"{zone.name}, {area:.1f} cm² on this figure", lambda z=zone.id: self.chosen.emit(z))


class ZonesPage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read; ``told``: how far the figure is named."""

    told = pyqtSignal(str)

    def __init__(
        self, context: Context, renderer: Renderer, with_meshes: Callable[[Iterable[Part], Callable[[], object]], None]
    ) -> None:
        super().__init__()
        self.context, self.session, self.with_meshes = context, context.session, with_meshes
        self.state = ZonesState(context.session.answers)
        self.view = BenchView(context.theme, renderer, "The figure by its zones")
        self.view.brush_mm = BRUSH_MM
        self.view.overlay = self._draw_seeds
        self.view.brushed.connect(self.brushed)
        self.list = ZoneList(context)
        self.list.chosen.connect(self.choose)
        self.how, self.note = label(HOW, "note", True), label("", "strong", True)
        self.proposals: list[Proposal] = []
        self._known: dict[tuple[str, str], PatchedPart] = {}
        rows = self._naming(), self._growing(), self._carrying()
        side = column(label("Names", "section"), self.list, *rows, self.note, self.how, gap=6)
        side.setStretch(1, 1)
        body = row(self.view, side, gap=16, margins=(16, 0, 16, 12))
        body.setStretch(0, 68)
        body.setStretch(1, 32)
        self.setLayout(body)

    def _naming(self) -> QLayout:
        self.name = LineEdit()
        self.name.setPlaceholderText("A new name: sash, horn, moth wing")
        self.name.setAccessibleName("Name of a new zone")
        self.name.returnPressed.connect(self.add_zone)
        return row(self.name, button("Rename", self.rename, tip="The chosen zone gets the name that is typed"), gap=6)

    def _growing(self) -> QLayout:
        self.seed_button = button("Seeds", self.toggle_growing, "tab", "Clicks set seeds instead of naming patches")
        self.seed_button.setCheckable(True)
        tip = "All skin of the figure goes to the seed it is met first from, creases being dear"
        self.grow_button = button("Grow from seeds", self.grow, "", tip)
        return row(self.seed_button, self.grow_button, -1, gap=6)

    def _carrying(self) -> QLayout:
        """What is offered to other parts of the squad, and how it is answered."""
        tip = "Parts without zones get those of what stands in the same place, each shown first"
        self.carry_button, self.offered = button("Carry over to the squad", self.carry, "", tip), label("", "", True)
        self.accept_button = button("Accept", self.accept, "main")
        self.refuse_button = button("Leave it", self.refuse)
        self.all_button = button("Accept all", self.accept_all, "", "Every proposal that waits, in one edit")
        answers = row(self.accept_button, self.refuse_button, self.all_button, -1, gap=6)
        return column(self.carry_button, self.offered, answers, gap=4)

    @property
    def summary(self) -> str:
        return self.state.summary()

    def refresh(self) -> None:
        session = self.session
        self.state.look(session.answers, session.unit_id, session.figure_id)
        self.state.take_counts(session.worked_out(VOTES))
        parts = [session.plans.parts[p] for p in self.state.part_ids()]
        self.with_meshes(parts, self._patch)

    def _patch(self) -> None:
        """Patches of the figure's parts, worked out in a job where they are not known."""
        zoned = {p: self.session.zoned(self.session.plans.parts[p]) for p in self.state.part_ids()}
        known = self._known

        def work(progress: Progress) -> list[PatchedPart]:
            patched_parts = []
            for n, (part_id, zoned_mesh) in enumerate(zoned.items()):
                progress(n / max(len(zoned), 1))
                key = part_id, self.session.plans.parts[part_id].blob
                patches = known[key].patches if key in known else None
                patched_parts.append(
                    PatchedPart(part_id, zoned_mesh, patches) if patches else patched(part_id, zoned_mesh)
                )
                known[key] = patched_parts[-1]
            return patched_parts

        self.context.jobs.start("patches", "Looking for creases", work, self._show)

    def _show(self, parts: list[PatchedPart]) -> None:
        self.state.take(parts)
        figure = self.state.figure
        self.told.emit(self.state.summary())
        self.view.caption = (figure.name if figure else "", self.state.summary())
        self.view.show_things([Thing(p.zoned.mesh, self.state.colours(p)) for p in parts], refit=not self.view.things)
        self.list.show_state(self.state)
        self.seed_button.setChecked(self.state.growing)
        self.grow_button.setEnabled(len({s.zone for s in self.state.seeds}) > 1)
        self.carry_button.setEnabled(bool(self.state.unnamed_others()))
        others = len(self.state.unnamed_others())
        self.note.setText(f"{counted(others, 'other part')} of the squad without zones." if others else "")
        self._offer()

    def choose(self, zone_id: str) -> None:
        self.state.zone_id = zone_id
        self.list.update()

    def add_zone(self) -> None:
        """A zone in the user's own word; it is chosen at once."""
        if not self.name.text().strip():
            return
        zone, is_new = self.state.zone_called(self.name.text(), new_id())
        self.state.zone_id = zone.id
        self.name.clear()
        if is_new:
            self.session.commit(f"zone {zone.name}", [zone])
        self.list.update()

    def toggle_growing(self) -> None:
        self.state.growing = not self.state.growing
        self.seed_button.setChecked(self.state.growing)

    def brushed(self, places: list[np.ndarray]) -> None:
        """Patches under the places get the chosen name, or seeds are set there."""
        state = self.state
        held = QApplication.keyboardModifiers()
        back = bool(held & Qt.KeyboardModifier.ShiftModifier)
        if state.parts and held & Qt.KeyboardModifier.AltModifier:
            self.split(places)
            return
        if not state.parts or not state.zone_id:
            return
        if state.growing:
            state.add_seed(places[0])
            self._show(state.parts)
            return
        zone = "" if back else state.zone_id
        name = state.plans.zone_name(zone) if zone else "nothing"
        self._keep(f"{name} on {counted(len(places), 'place')}", named_at(state.parts, places, zone))

    def split(self, places: list[np.ndarray]) -> None:
        """The patch under a line becomes two, to be named apart."""
        try:
            number, patched_part = self.state.split(places)
        except NumerusError as error:
            self.note.setText(f"{error.message} {error.advice}")
            return
        part = self.session.plans.parts[patched_part.id]
        self._known[patched_part.id, part.blob] = patched_part
        self.state.parts[number] = patched_part
        self._show(self.state.parts)

    def rename(self) -> None:
        """The chosen zone under the name that is typed."""
        try:
            zone = self.state.renamed(self.name.text())
        except NumerusError as error:
            self.note.setText(f"{error.message} {error.advice}")
            return
        if zone is not None:
            self.name.clear()
            self.session.commit(f"zone {zone.name}", [zone])
            self.list.update()

    def grow(self) -> None:
        """Zones over the whole figure from the seeds, in a job."""
        parts, seeds = self.state.parts, list(self.state.seeds)

        def done(meshes: dict[str, ZonedMesh]) -> None:
            self.state.seeds, self.state.growing = [], False
            self._keep(f"zones from {counted(len(seeds), 'seed')}", meshes)

        self.context.jobs.start("grow", "Growing zones", lambda _: grown_over(parts, seeds), done)

    def _keep(self, words: str, changed: Mapping[str, ZonedMesh]) -> None:
        """One edit with the zones of some parts."""

        def work(_: Progress) -> list[tuple[PartZones, bytes]]:
            return [(measured_zones(part, "", found), pack_labels(found.labels)) for part, found in changed.items()]

        def made(zoned: list[tuple[PartZones, bytes]], book: Book) -> list[object]:
            return [replace(z, labels=book.put_blob(data)) for z, data in zoned]

        self.context.jobs.start(
            "zones", "Keeping zones", work, lambda told: self.session.store(words, partial(made, told))
        )

    def carry(self) -> None:
        """Proposals for the squad's other parts, from what stands in the same place."""
        session, wanted = self.session, self.state.unnamed_others()
        parts = session.plans.parts
        asked = {p: self.state.named_of_slot(p) for p in wanted}
        needed = [parts[p] for p in {*wanted, *(n for own in asked.values() for n in own)}]

        def read() -> None:
            named = {n: session.zoned(parts[n]) for own in asked.values() for n in own}
            meshes = {p: session.mesh(parts[p].blob) for p in wanted}

            def work(progress: Progress) -> list[Proposal]:
                proposals = []
                for n, part in enumerate(wanted):
                    progress(n / len(wanted))
                    proposal = (
                        carried_over([named[i] for i in asked[part]], part, meshes[part]) if asked[part] else None
                    )
                    proposals += [proposal] if proposal else []
                return proposals

            self.context.jobs.start("carry", "Carrying zones over", work, self._proposed)

        self.with_meshes(needed, read)

    def _proposed(self, proposals: list[Proposal]) -> None:
        self.proposals = sorted(proposals, key=lambda p: -p.agree)
        self._show(self.state.parts)

    def _offer(self) -> None:
        """The next proposal, with how far its votes agree."""
        waiting = bool(self.proposals)
        for widget in (self.offered, self.accept_button, self.refuse_button):
            widget.setVisible(waiting)
        self.all_button.setVisible(len(self.proposals) > 1)
        if waiting:
            first = self.proposals[0]
            name = self.session.plans.parts[first.part_id].label if first.part_id in self.session.plans.parts else ""
            zones = ", ".join(self.session.plans.zone_name(z) for z in first.zoned.zones)
            self.offered.setText(f"{name}: {zones}? {self.state.sure_words(first)} {len(self.proposals)} to ask.")
            self.accept_button.setText(f"Accept {name}"[:28])

    def accept(self) -> None:
        first = self.proposals.pop(0)
        self._learn([first], True)
        self._keep("zones carried over", {first.part_id: first.zoned})

    def accept_all(self) -> None:
        """Every proposal that waits, in one edit."""
        waiting, self.proposals = self.proposals, []
        self._learn(waiting, True)
        self._keep(f"zones carried over to {counted(len(waiting), 'part')}", {p.part_id: p.zoned for p in waiting})

    def refuse(self) -> None:
        self._learn([self.proposals.pop(0)], False)
        self._offer()

    def _learn(self, proposals: Iterable[Proposal], accepted: bool) -> None:
        """How often such proposals are right is counted in the book."""
        for proposal in proposals:
            if not proposal.exact:
                self.session.keep_worked_out(VOTES, self.state.count(proposal, accepted))

    def _draw_seeds(self, painter: QPainter, view: BenchView) -> None:
        for seed in self.state.seeds:
            at: QPointF = view.project(seed.at)
            painter.setPen(QPen(QColor("#FBF9F4"), 2))
            painter.setBrush(QColor(self.state.tone(seed.zone)))
            painter.drawEllipse(at, 6, 6)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        words = event.text()
        if words.isdigit() and 0 < int(words) <= len(self.state.zones):
            self.choose(self.state.zones[int(words) - 1].id)
        else:
            super().keyPressEvent(event)
