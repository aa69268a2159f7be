"""The figure: the batch in its colours, the strokes of a zone, how it reads across the table."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import replace
from functools import partial

import numpy as np
from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QImage, QPainter, QPen
from PyQt6.QtWidgets import QBoxLayout, QWidget

from numerus.book.book import Book
from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.figure.films import Films
from numerus.desk.stages.paint.figure.flat_colours import FlatColours, flat_colours
from numerus.desk.stages.paint.figure.laying import Laying
from numerus.desk.stages.paint.figure.pictures import StrokeList, TableView
from numerus.desk.stages.paint.figure.state import PaintState, named_rest
from numerus.desk.stages.steps.minutes_taken import MinutesTaken
from numerus.desk.theme.marks import draw_tick
from numerus.desk.translate import tr
from numerus.desk.view3d.painted import zoned_parts
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.view3d.widget import BenchView
from numerus.desk.wet_asked import WetAsked
from numerus.desk.widgets.layout import button, caution_line, column, label, panel, row
from numerus.desk.widgets.worded import ComboBox
from numerus.domain.painting.zones import PartZones
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.errors import Progress
from numerus.formats.meshes.face_labels import pack_labels
from numerus.paint.priming.primer import primed_ground
from numerus.paint.rack.pots import rack_of
from numerus.paint.scheme import low_contrast_pairs, zone_labs
from numerus.progress.standing import FigureStanding
from numerus.surface.zones import ZonedMesh, measured_zones, touching_mm
from numerus.words import counted, span

CARD_W, CARD_H = 86.0, 40.0
MOST_CHIPS = 6


class FigurePage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read."""

    def __init__(
        self, context: Context, renderer: Renderer, built: BuiltFigures,
        with_meshes: Callable[[Iterable[Part], Callable[[], object]], None],
    ) -> None:  # fmt: skip
        super().__init__()
        self.context, self.session, self.theme = context, context.session, context.theme
        self._wet_asked = WetAsked(self.session)
        self.renderer, self.with_meshes = renderer, with_meshes
        self.state = PaintState(context.session.answers)
        self.parts: list[ZonedMesh] = []  # of the figure shown
        self._about: tuple[Plans, FigureStanding] | None = None
        self._cards: dict[str, QRectF] = {}
        self._strokes: dict[str, QImage] = {}
        self._skin: dict[str, np.ndarray] = {}  # places of each zone of the figure shown
        self._borders: dict[tuple[str, ...], dict[tuple[str, str], float]] = {}
        self.minutes = MinutesTaken(self.session)
        self.setLayout(self._build())
        self.laying = Laying(self, context, built, self._films_wanted, self._show_now, self._show_whole)
        self.strokes.chosen.connect(self.mark_done)
        self.view.picked.connect(self._picked)

    def _build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "A figure of the batch in its colours")
        self.view.overlay = self._draw_cards
        self.zone_title, self.zone_note = label("", "section"), label("", "note")
        self.strokes, self.table = StrokeList(self.context), TableView(self.context, self.renderer)
        self.need = label("", "note", True)
        naming = self._naming()
        head = row(self.zone_title, 8, self.zone_note, -1)
        middle = column(head, naming, self.strokes, row(self.minutes, -1), self.need, caution_line("paint"), gap=4)
        middle.setStretch(2, 1)
        body = row(self.view, middle, self.table, gap=16, margins=(16, 0, 16, 8))
        for at, share in enumerate((38, 37, 22)):
            body.setStretch(at, share)
        return body

    def _naming(self):  # type: ignore[no-untyped-def]
        """Skin that belongs to no zone yet, and the button that names it."""
        self.unnamed_note = label("", "strong", True)
        self.name_box = ComboBox()
        self.name_box.setEditable(True)
        self.name_box.setAccessibleName("Zone of the skin that has none")
        self.name_button = button(
            "Name it", self.name_rest, "main", "All skin of the batch that has no zone is of this one"
        )
        self.naming = panel(column(self.unnamed_note, row(self.name_box, self.name_button, -1, gap=6), gap=4))
        return self.naming

    def look(self) -> bool:
        """Whether anybody waits for paint."""
        self.state.look(self.session.answers, self.session.unit_id, self.session.figure_id)
        return bool(self.state.batch) and self.state.scheme is not None

    @property
    def heading(self) -> str:
        return f"{self.state.batch[0].unit.name.rpartition(', ')[2]}, {len(self.state.batch)} together"

    @property
    def summary(self) -> str:
        return f"level: {self.state.batch[0].unit.level}"

    def refresh(self) -> None:
        state = self.state
        self._show_unnamed()
        self._show_zone()
        own = state.model.figure.build.values()
        self.with_meshes([state.plans.parts[p] for p in own if p in state.plans.parts], self._show_figure)

    def _show_unnamed(self) -> None:
        unnamed = self.state.unnamed()
        self.naming.setVisible(bool(unnamed))
        if not unnamed:
            return
        names = ", ".join(self.session.plans.parts[p].label for p in unnamed[:3])
        more = f" and {len(unnamed) - 3} more" if len(unnamed) > 3 else ""
        self.unnamed_note.setText(f"Of no zone yet: {names}{more}. What are they painted as?")
        zones = [z.name for z in sorted(self.session.plans.zones.values(), key=lambda z: z.order)]
        if [self.name_box.itemText(n) for n in range(self.name_box.count())] != zones:
            self.name_box.clear()
            self.name_box.addItems(zones)

    def _show_figure(self) -> None:
        """The model as far as it is painted, and as it will be, in colour and in value: coloured in a job, then by its films."""
        figure, plans = self.state.model, self.session.plans
        if self.laying.laid and self._about is not None and self._about[0] is plans and self._about[1] == figure:
            return  # as it stands there already
        self._about = plans, figure
        worn, parts = plans.scheme_on(figure.figure), zoned_parts(self.session, figure.figure)
        own = [plans.parts[p] for p in figure.figure.build.values() if p in plans.parts]
        sketched = worn is not None and bool(parts) and self.laying.sketches(own)
        self._look_at(figure, parts)

        def lay() -> None:
            if worn is not None and parts:
                self.laying.begin(Films(figure, worn, rack_of(plans)), own)

        def done(told: FlatColours) -> None:
            if figure not in self.state.batch:  # the bench shows others by now
                return
            self._show_flat(figure, told)
            if not sketched:
                lay()
                self._look_for_melting(figure)

        if sketched:  # flat pictures must not keep the sketch waiting
            lay()
        work = partial(flat_colours, plans, worn, figure, parts, drawn=not sketched)
        self.context.jobs.start("colours", "Colouring the figure", lambda _: work(), done)

    def _look_at(self, figure: FigureStanding, parts: list[ZonedMesh]) -> None:
        """Another figure comes into view; the same one painted otherwise is looked at as it was."""
        known, meshes = [p.mesh for p in self.parts], [p.mesh for p in parts]
        self.parts = parts
        name, place = figure.figure.name, self.state.batch.index(figure) + 1
        self.view.caption = (f"{name}, {place} of {len(self.state.batch)}", figure.detail)
        if meshes != known:
            self._skin = {}
            self.view.fit(meshes)
            self.view.show_things([], refit=False)
            self.table.show_figures([], [], {})

    def _show_flat(self, figure: FigureStanding, told: FlatColours) -> None:
        """Zones in one colour each, with their names and how far they are."""
        self._strokes = told.strokes
        self._skin = {zone: told.skin[zone] for zone in self.state.zone_ids if zone in told.skin}
        largest = [z for z in self.state.largest_zones(figure) if z in told.colours][:MOST_CHIPS]
        chips = {self.state.zone_name(z): told.colours[z] for z in largest}
        if told.things:
            self.view.show_things(told.things[0], refit=False)
            self.table.show_figures(told.things[1], told.things[2], chips)
        else:
            self.table.show_figures(self.table.colour, self.table.grey, chips)
            self.view.update()

    def _show_now(self, things: list[Thing]) -> None:
        self.view.show_things(things, refit=False)

    def _show_whole(self, whole: list[Thing], grey: list[Thing]) -> None:
        self.table.show_figures(whole, grey, self.table.zones)
        self._look_for_melting(self.state.model)

    def _films_wanted(self, films: Films) -> bool:
        return films.figure in self.state.batch and films.figure == self.state.model and self.isVisible()

    def _look_for_melting(self, figure: FigureStanding) -> None:
        plans = self.session.plans
        part_zones = [z for p in figure.figure.build.values() if (z := plans.part_zones.get(p))]
        key = tuple(z.labels for z in part_zones)
        zoned = [self.session.zoned(plans.parts[z.id]) for z in part_zones]

        def done(borders: dict[tuple[str, str], float]) -> None:
            self._borders = {key: borders}
            scheme = self.state.scheme
            labs = zone_labs(scheme, rack_of(self.session.plans), primed_ground(scheme)) if scheme else {}
            pairs = low_contrast_pairs(labs, borders)
            names = [(self.state.zone_name(p.one), self.state.zone_name(p.other), p.apart) for p in pairs]
            self.table.show_melting(names)

        if key in self._borders:
            done(self._borders[key])
        else:
            pairs = list(zip(zoned, part_zones, strict=True))
            self.context.jobs.start("borders", "Looking where zones touch", lambda _: touching_mm(pairs), done)

    def _show_zone(self) -> None:
        state = self.state
        recipe = state.recipe(state.zone_id)
        if recipe is None:
            self.zone_title.setText("No zone to paint")
            self.zone_note.setText("")
            self.strokes.show_recipe(None, {}, 0)
            self.need.setText("")
            return
        self.zone_title.setText(state.zone_name(recipe.zone).capitalize())
        minutes, dries = sum(s.minutes for s in recipe.steps), sum(s.dries_min for s in recipe.steps)
        self.zone_note.setText(f"{len(recipe.steps)} strokes, {span(minutes)} a figure, dries {span(dries)}")
        done = {s.id: state.figures_done(s.id) for s in recipe.steps}
        self.strokes.show_recipe(recipe, done, len(state.batch), state.scheme)
        self.need.setText(state.needs())
        following = state.next_step(state.zone_id)
        self.minutes.plan(following.id if following else "", state.planned_min(following) if following else 0.0)

    def _zone_places(self) -> dict[str, np.ndarray]:
        """Where each zone of the shown figure is seen: the skin most toward the viewer."""
        _, _, toward = self.view.camera.axes()
        places = {}
        for zone, mine in self._skin.items():
            if len(mine):
                facing = np.argsort(mine @ toward)[-max(len(mine) // 5, 1) :]
                places[zone] = np.median(mine[facing], axis=0)
        return places

    def _draw_cards(self, painter: QPainter, view: BenchView) -> None:
        """A card per zone at the sides, with its finished stroke and how far the batch is; a line to the place."""
        places = {z: view.project(tuple(p)) for z, p in self._zone_places().items()}
        across = sorted(places, key=lambda z: places[z].x())
        half = len(across) // 2  # as many cards on either side, so that none is crowded
        self._cards = {}
        for side, zones in enumerate((across[:half], across[half:])):
            x = view.width() - CARD_W - 8 if side else 8.0
            room = min((view.height() - 56) / max(len(zones), 1), 72.0)
            for number, zone in enumerate(sorted(zones, key=lambda z: places[z].y())):
                box = QRectF(x, 48 + number * room, CARD_W, min(CARD_H, room - 4))
                self._card(painter, zone, box, places[zone], bool(side))

    def _card(self, painter: QPainter, zone: str, box: QRectF, place: QPointF, right: bool) -> None:
        chosen = zone == self.state.zone_id
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.drawLine(QPointF(box.left() if right else box.right(), box.center().y()), place)
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawEllipse(place, 2.5, 2.5)
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.drawRoundedRect(box, 4, 4)
        painter.setFont(self.theme.font(11, chosen))
        painter.setPen(self.theme.colour("ink"))
        painter.drawText(QRectF(box.left() + 5, box.top() + 1, 60, 16), 0x81, tr(self.state.zone_name(zone).capitalize()))
        steps = self.state.steps(zone)
        done = sum(self.state.is_done(s) for s in steps)
        if done == len(steps):
            draw_tick(painter, box.right() - 16, box.top() + 4, 9, self.theme.colour("moss"))
        else:
            painter.setFont(self.theme.font(11))
            painter.drawText(QRectF(box.right() - 45, box.top() + 1, 40, 16), 0x82, tr(f"{done} of {len(steps)}"))
        if zone in self._strokes and box.height() > 26:
            painter.drawImage(box.adjusted(4, 18, -4, -4), self._strokes[zone])
        self._cards[zone] = box

    def _picked(self, place: object) -> None:
        """A click on a card or on the figure chooses the zone."""
        cursor = QPointF(self.view.mapFromGlobal(self.view.cursor().pos()))
        zone = next((z for z, box in self._cards.items() if box.contains(cursor)), "")
        if not zone and isinstance(place, np.ndarray):
            zone = self._zone_at(place)
        self.choose_zone(zone)

    def _zone_at(self, place: np.ndarray) -> str:
        """The zone of the skin nearest to a place of the figure, "" for none."""
        near = [(float(np.linalg.norm(p.mesh.vertices - place, axis=1).min()), n) for n, p in enumerate(self.parts)]
        part = self.parts[min(near)[1]]
        vertex = int(np.argmin(np.linalg.norm(part.mesh.vertices - place, axis=1)))
        label_ = int(part.vertex_labels[vertex])
        return part.zones[label_] if label_ < len(part.zones) else ""

    def choose_zone(self, zone: str) -> None:
        if zone in self.state.zone_ids:
            self.state.zone_id = zone
            self._show_zone()
            self.view.update()

    def done_next(self) -> None:
        """The zone's next stroke; when the zone is done, the next zone that is not."""
        following = self.state.next_step(self.state.zone_id)
        if following is None:
            self.choose_zone(self.state.next_zone())
        else:
            self.mark_done(following.id)

    def mark_done(self, step_id: str) -> None:
        """Write a stroke for every figure of the batch that wants it and has not had it."""
        state = self.state
        step = next((s for s in state.steps(state.zone_id) if s.id == step_id), None)
        if step is None:
            return
        self.minutes.plan(step.id, state.planned_min(step))
        facts = state.done_facts(step, *self.minutes.taken(), self.session.clock())
        if facts and self._wet_asked.may_write(f"{step.id} {facts[0].figures}", facts):
            self.minutes.done()
            words = f"{step.name.lower()} on {state.zone_name(state.zone_id)}, {counted(len(facts), 'figure')}"
            self.session.commit(words, facts=facts)

    def name_rest(self) -> None:
        """Give all skin of the batch that has no zone to the one named, in one edit."""
        name, plans = self.name_box.currentText().strip(), self.session.plans
        parts = [(p, self.session.zoned(plans.parts[p])) for p in self.state.unnamed()]
        if not name or not parts:
            return
        zone, is_new = self.state.zone_called(name, new_id())

        def work(progress: Progress) -> list[tuple[PartZones, bytes]]:
            named = [(p, named_rest(found, zone.id)) for p, found in parts]
            return [(measured_zones(p, "", found), pack_labels(found.labels)) for p, found in named]

        def made(zoned: list[tuple[PartZones, bytes]], book: Book) -> list[object]:
            return [*([zone] if is_new else []), *(replace(z, labels=book.put_blob(data)) for z, data in zoned)]

        self.context.jobs.start(
            "zones", "Naming zones", work, lambda found: self.session.store(f"named {name}", partial(made, found))
        )
