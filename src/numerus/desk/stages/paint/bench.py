"""Paint: the batch in its colours, the strokes of a zone, how it reads across the table, what to do while it dries."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPen
from PyQt6.QtWidgets import QBoxLayout, QPushButton

from numerus.desk.context import Context
from numerus.desk.stages.paint.pictures import BatchLine, StrokeList, TableView
from numerus.desk.theme.marks import draw_tick
from numerus.desk.view3d.painted import figure_things, painter_of, zone_colours
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.bench import Bench
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.strokes import swatch
from numerus.domain.recipes import Recipe
from numerus.domain.zones import ZONES
from numerus.errors import NumerusError
from numerus.geometry.mesh import merged
from numerus.paint.scheme import low_contrast_pairs, paint_needed_ml, shopping, values
from numerus.progress.next_tasks import paint_batch, paint_line, step
from numerus.progress.standing import FigureStanding
from numerus.schedule.paint_line import used_drying_min
from numerus.words import counted, span

CARD_W, CARD_H = 86.0, 40.0


class PaintBench(Bench):
    stage = "paint"

    def __init__(self, context: Context, renderer: Renderer) -> None:
        self.renderer, self.zone = renderer, "coat"
        self.batch: list[FigureStanding] = []
        self._cards: dict[str, QRectF] = {}
        super().__init__(context)
        self.done_button: QPushButton = self.add_button(
            "Next stroke done",
            self.done_next,
            "main",
            "The next stroke of this zone, on every figure of the batch that is ready for it",
        )
        self.strokes.chosen.connect(self.mark_done)
        self.view.picked.connect(self._picked)

    def build(self) -> QBoxLayout:
        self.view = BenchView(self.theme, self.renderer, "A figure of the batch in its colours")
        self.view.overlay = self._draw_cards
        self.zone_title, self.zone_note = label("", "section"), label("", "note")
        self.strokes, self.table, self.line = (
            StrokeList(self.context),
            TableView(self.context, self.renderer),
            BatchLine(self.context),
        )
        self.need = label("", "note", True)
        middle = column(row(self.zone_title, 8, self.zone_note, -1), self.strokes, self.need, gap=4)
        middle.setStretch(1, 1)
        upper = row(self.view, middle, self.table, gap=16, margins=(16, 0, 16, 8))
        for at, share in enumerate((38, 37, 22)):
            upper.setStretch(at, share)
        self.line_title = label("", "section")
        self.line_note = label("", "note")
        later = button("Next evening ›", lambda: self._evening(1), "link")
        sooner = button("‹ Earlier", lambda: self._evening(-1), "link")
        drawer = panel(
            column(
                row(self.line_title, 12, self.line_note, -1, sooner, later), self.line, gap=2, margins=(16, 8, 16, 6)
            ),
            "drawer",
        )
        body = column(upper, drawer, gap=0)
        body.setStretch(0, 1)
        return body

    def refresh(self) -> None:
        plans = self.session.plans
        at = self.session.answers.standing.at("paint", self.session.unit_id)
        self.batch = at[:10] or paint_batch(self.session.answers.standing)
        self.done_button.setEnabled(bool(self.batch))
        if not self.batch or plans.scheme is None:
            self.show_empty(
                "Nobody waits for paint. Primed figures come here and are painted as one batch.",
                button("See Prime", lambda: self.session.go("prime"), "main"),
            )
            return
        self.show_full()
        unit = self.batch[0].unit
        self.title.setText(f"Paint: {unit.name.rpartition(', ')[2]}, {len(self.batch)} together")
        self.subtitle.setText(f"level: {unit.level}")
        self._show_figure()
        self._show_zone()
        self._show_line()

    @property
    def model(self) -> FigureStanding:
        """The figure shown: the one chosen in the roll, or the first of the batch."""
        return next((f for f in self.batch if f.figure.id == self.session.figure_id), self.batch[0])

    def _show_figure(self) -> None:
        figure = self.model
        colours = zone_colours(self.session, figure.painted)
        self.view.caption = (
            f"{figure.figure.name}, {self.batch.index(figure) + 1} of {len(self.batch)}",
            figure.detail,
        )
        self.view.show_things(
            figure_things(self.session, figure.figure, painter_of(colours)), refit=not self.view.things
        )
        whole = zone_colours(self.session)
        mine = {z: c for z, c in whole.items() if z in self.session.plans.zone_areas_cm2(figure.figure)}
        colour = figure_things(self.session, figure.figure, painter_of(whole))
        grey = figure_things(self.session, figure.figure, painter_of(whole, grey=True))
        scheme = self.session.plans.scheme
        low_contrast = (
            low_contrast_pairs({z: v for z, v in values(scheme, self.session.plans.paints).items() if z in mine})
            if scheme
            else []
        )
        self.table.show_figures(
            colour,
            grey,
            {z: mine[z] for z in ("coat", "skin", "leather", "brass", "iron", "glass") if z in mine},
            low_contrast,
        )

    def _recipe(self, zone: str) -> Recipe | None:
        scheme = self.session.plans.scheme
        return next((r for r in scheme.recipes if r.zone == zone), None) if scheme else None

    def _mine(self, zone: str) -> list[int]:
        """Numbers of the zone's strokes that the batch's level asks for."""
        return sorted({s.number for f in self.batch for s in f.strokes if s.zone == zone})

    def _done_by(self, zone: str, number: int) -> int:
        return sum(
            f"{zone}/{number}" in f.painted or all(s.key != f"{zone}/{number}" for s in f.strokes) for f in self.batch
        )

    def _show_zone(self) -> None:
        recipe = self._recipe(self.zone)
        if recipe is None:
            return
        done = {n: self._done_by(self.zone, n) for n in self._mine(self.zone)}
        shown = Recipe(recipe.zone, tuple(s for n, s in enumerate(recipe.strokes) if n in done))
        minutes = sum(s.minutes for s in shown.strokes)
        self.zone_title.setText(self.zone.capitalize())
        self.zone_note.setText(
            f"{len(shown.strokes)} strokes, {span(minutes)} a figure, dries {span(sum(s.dries_min for s in shown.strokes))}"
        )
        self.strokes.show_recipe(shown, done, len(self.batch))
        plans = self.session.plans
        left = [(s, plans.zone_areas_cm2(f.figure).get(s.zone, 0.0)) for f in self.batch for s in f.next_strokes]
        need = paint_needed_ml(left)
        here = paint_needed_ml([(s, a) for s, a in left if s.zone == self.zone])
        said = ", ".join(f"{plans.paints[p].name} {ml:.1f} ml" for p, ml in here.items() if p in plans.paints)
        buy = shopping({p: ml for p, ml in need.items() if p in plans.paints}, plans.paints)
        self.need.setText(
            (f"Still needed here: {said}. " if said else "This zone is done. ")
            + " ".join(b.description for b in buy[:2])
        )

    def _show_line(self) -> None:
        try:
            blocks = paint_line(self.session.plans, self.session.answers.facts, self.batch, self.session.now)
        except NumerusError as error:
            self.line.show_blocks([])
            self.line_title.setText("No batch line")
            self.line_note.setText(f"{error.message} {error.advice}")
            return
        self.line.show_blocks(blocks)
        self._line_words()

    def _line_words(self) -> None:
        evenings = self.line.evenings()
        if not evenings:
            self.line_title.setText("One batch")
            self.line_note.setText("")
            return
        shown = evenings[min(self.line.evening, len(evenings) - 1)]
        hands = sum((d.end - d.start).total_seconds() / 60 for b in shown for d in b.strokes)
        drying, used = used_drying_min(shown)
        self.line_title.setText(f"{shown[0].start:%A %-d %B}, one batch")
        self.line_note.setText(
            f"hands {hands:.0f} min; something dries for {drying:.0f} min, hands work on through {used:.0f}; {len(evenings)} evenings in all"
        )

    def _evening(self, by: int) -> None:
        self.line.evening = int(np.clip(self.line.evening + by, 0, max(len(self.line.evenings()) - 1, 0)))
        self._line_words()
        self.line.update()

    def _zone_places(self) -> dict[str, np.ndarray]:
        """Where each zone of the shown figure is seen: the vertex most toward the viewer and farthest from the middle."""
        whole = merged([t.mesh for t in self.view.things])
        if not len(whole.zones):
            return {}
        _, _, toward = self.view.camera.axes()
        found = {}
        for number, zone in enumerate(ZONES):
            mine = np.flatnonzero(whole.zones == number)
            if len(mine) and self._recipe(zone) is not None and self._mine(zone):
                facing = mine[np.argsort(whole.vertices[mine] @ toward)[-max(len(mine) // 5, 1) :]]
                found[zone] = np.median(whole.vertices[facing], axis=0)
        return found

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
        chosen = zone == self.zone
        painter.setPen(QPen(self.theme.colour("slate"), 1))
        painter.drawLine(QPointF(box.left() if right else box.right(), box.center().y()), place)
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawEllipse(place, 2.5, 2.5)
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.drawRoundedRect(box, 4, 4)
        painter.setFont(self.theme.font(11, chosen))
        painter.setPen(self.theme.colour("ink"))
        painter.drawText(QRectF(box.left() + 5, box.top() + 1, 60, 16), 0x81, zone.capitalize())
        mine = self._mine(zone)
        done = sum(self._done_by(zone, n) >= len(self.batch) for n in mine)
        if done == len(mine):
            draw_tick(painter, box.right() - 16, box.top() + 4, 9, self.theme.colour("moss"))
        else:
            painter.setFont(self.theme.font(11))
            painter.drawText(QRectF(box.right() - 45, box.top() + 1, 40, 16), 0x82, f"{done} of {len(mine)}")
        colours = zone_colours(self.session)
        if zone in colours and box.height() > 26:
            painter.drawImage(
                QRectF(box.left() + 4, box.top() + 18, box.width() - 8, box.height() - 22),
                swatch("base", colours[zone], 0.9, 156, 36),
            )
        self._cards[zone] = box

    def _picked(self, place: object) -> None:
        """A click on a card or on the figure chooses the zone."""
        cursor = QPointF(self.view.mapFromGlobal(self.view.cursor().pos()))
        zone = next((z for z, box in self._cards.items() if box.contains(cursor)), "")
        if not zone and isinstance(place, np.ndarray):
            whole = merged([t.mesh for t in self.view.things])
            if len(whole.zones):
                zone = ZONES[whole.zones[int(np.argmin(np.linalg.norm(whole.vertices - place, axis=1)))]]
        self.choose_zone(zone)

    def choose_zone(self, zone: str) -> None:
        if zone and self._recipe(zone) is not None:
            self.zone = zone
            self._show_zone()
            self.view.update()

    def done_next(self) -> None:
        """The zone's next stroke; when the zone is done, the next zone that is not."""
        mine = self._mine(self.zone)
        following = next((n for n in mine if self._done_by(self.zone, n) < len(self.batch)), None)
        if following is None:
            scheme = self.session.plans.scheme
            open_zones = [
                r.zone
                for r in (scheme.recipes if scheme else ())
                if any(self._done_by(r.zone, n) < len(self.batch) for n in self._mine(r.zone))
            ]
            if open_zones:
                self.choose_zone(open_zones[0])
            return
        self.mark_done(mine.index(following))

    def mark_done(self, index: int) -> None:
        """Write a stroke for every figure of the batch that wants it and has not had it."""
        mine = self._mine(self.zone)
        if index >= len(mine):
            return
        key = f"{self.zone}/{mine[index]}"
        now = self.session.clock()
        facts = []
        for figure in self.batch:
            stroke = next((s for s in figure.strokes if s.key == key and key not in figure.painted), None)
            if stroke is not None:
                facts.append(step("stroke", (figure.figure.id,), stroke.step.minutes, now, key))
        recipe = self._recipe(self.zone)
        if facts and recipe is not None:
            self.session.commit(
                f"{recipe.strokes[mine[index]].name.lower()} on {self.zone}, {counted(len(facts), 'figure')}",
                facts=facts,
            )
