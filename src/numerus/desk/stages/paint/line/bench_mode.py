"""Bench mode: for gloves and wet brushes. One step in letters read from two metres, the figure with its zone lit, what dries until
when; space or a foot pedal goes on, no mouse is needed.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from datetime import datetime
from functools import partial

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QColor, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.colour.light import rgb_of
from numerus.desk.context import Context
from numerus.desk.stages.paint.line.pictures import pressed_words
from numerus.desk.stages.paint.line.state import PAINTING, SETTING_UP, LineState, next_dry
from numerus.desk.system.announcer import DRY
from numerus.desk.view3d.painted import things_of, zoned_parts
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.view3d.widget import BenchView
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.full_screen import FullScreen, letters
from numerus.desk.widgets.layout import row
from numerus.desk.widgets.rings import clock_words, draw_ring
from numerus.domain.parts import Part
from numerus.paint.zone_colours import Colours, zone_colours
from numerus.post.cautions import DEFER, cautions
from numerus.surface.zones import ZonedMesh

NEXT_KEYS = {Qt.Key.Key_Space, Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_PageDown}
WETTEST = 4
PAPER = 226


def lit(colours: dict[str, str], zoned_mesh: ZonedMesh) -> Colours:
    """Zones that have a colour in it, all the rest as pale as paper."""
    rgb = {zone: np.round(255 * rgb_of(colour)).astype(np.uint8) for zone, colour in colours.items()}
    return zoned_mesh.coloured(rgb, np.full((len(zoned_mesh.mesh.vertices), 3), PAPER, np.uint8))


class Sheet(Drawing):
    """The step in hand, as large as the screen bears."""

    def __init__(self, context: Context, mode: FullScreen) -> None:
        super().__init__(context.theme, "The step in hand, large")
        self.session, self.state, self.mode = context.session, None, mode

    state: LineState | None

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None or state.shown is None:
            words = state.fault if state and state.fault else "All painted. Nothing of this batch waits for a brush."
            self.paragraph(painter, self.area.adjusted(40, 120, -40, -40), words, 48, True)
            return
        unit = min(self.height() / 10.6, self.width() / 12)  # a tenth of the screen: letters for two metres
        now = self.session.clock()
        self._head(painter, state, unit)
        self._mix(painter, state, unit)
        self._clock(painter, state, unit, now)
        self._wet(painter, state, unit, now)
        self._foot(painter, state, unit)

    def _head(self, painter: QPainter, state: LineState, unit: float) -> None:
        block, timed = state.shown or state.upcoming[0]
        ahead = {SETTING_UP: "Set up", PAINTING: "Now"}.get(state.phase, "Next") if not state.ahead else "Later"
        x = unit * 0.5
        self.text(
            painter, x, unit * 0.9, f"{ahead}, {state.place_words(block, timed)}", letters(unit * 0.34), True, "river"
        )
        room = self.width() - 2 * x
        self.text(
            painter,
            x,
            unit * 2.0,
            f"{timed.stroke.step.name}: {state.zone_name(timed)}",
            letters(unit * 0.95),
            True,
            width=room,
        )
        self.text(painter, x, unit * 2.9, state.figure_name(timed), letters(unit * 0.62), width=room)

    def _mix(self, painter: QPainter, state: LineState, unit: float) -> None:
        block, timed = state.shown or state.upcoming[0]
        colour, x = state.colour(block), unit * 0.5
        if colour:
            painter.fillRect(QRectF(x, unit * 3.35, unit * 1.1, unit * 1.1), QColor(colour))
        box = QRectF(x + unit * 1.35, unit * 3.3, self.width() - x - unit * 1.8, unit * 1.3)
        self.paragraph(painter, box, f"{state.drops_words(block)}\n{state.mix_words(timed)}", letters(unit * 0.4))

    def _clock(self, painter: QPainter, state: LineState, unit: float, now: datetime) -> None:
        _, timed = state.shown or state.upcoming[0]
        planned = (timed.end - timed.start).total_seconds() / 60
        elapsed = state.elapsed_min(now) if not state.ahead else 0.0
        middle = QPointF(unit * 1.75, unit * 6.3)
        draw_ring(self, painter, middle, unit * 1.15, elapsed / max(planned, 1e-6), elapsed > planned)
        self.text(
            painter,
            middle.x(),
            middle.y() + unit * 0.12,
            clock_words(elapsed),
            letters(unit * 0.55),
            True,
            align=CENTRE,
        )
        self.text(
            painter,
            middle.x(),
            middle.y() + unit * 0.52,
            f"of {clock_words(planned)}",
            letters(unit * 0.27),
            colour="slate",
            align=CENTRE,
        )
        wet = state.in_the_way(now) if state.phase == PAINTING and not state.ahead else None
        words = f"Wet until {wet.until:%H:%M}. Space: it is dry" if wet else f"Space: {pressed_words(state)}"
        self.paragraph(
            painter, QRectF(unit * 3.3, unit * 5.7, self.width() - unit * 3.6, unit * 1.3), words, letters(unit * 0.5), True,
            "tallow_ink" if wet else "river",
        )  # fmt: skip

    def _wet(self, painter: QPainter, state: LineState, unit: float, now: datetime) -> None:
        y, x = unit * 8.1, unit * 0.5
        listed = state.wet(now)
        title = "Drying" if listed else "Nothing is wet"
        self.text(painter, x, y, title, letters(unit * 0.34), True)
        for number, wet in enumerate(listed[:WETTEST]):
            name = f"{state.plans.zone_name(wet.zone)}, {state.plans.figures[wet.figure_id].name}"
            line = y + unit * 0.44 * (number + 1)
            self.text(painter, x, line, name, letters(unit * 0.3), width=self.width() * 0.4 - unit)
            self.text(
                painter, self.width() * 0.4, line, f"{wet.until:%H:%M}", letters(unit * 0.3), True, "tallow_ink", RIGHT
            )
        then = state.following[:WETTEST]
        left = self.width() * 0.46
        self.text(painter, left, y, "Then", letters(unit * 0.34), True)
        for number, (_, timed) in enumerate(then):
            line = y + unit * 0.44 * (number + 1)
            self.text(
                painter, left, line, state.title(timed), letters(unit * 0.3), width=self.width() - left - unit * 0.5
            )

    def _foot(self, painter: QPainter, state: LineState, unit: float) -> None:
        _, timed = state.shown or state.upcoming[0]
        lines = cautions("paint")
        sprayed = timed.stroke.step.technique in ("spray", "glow")
        words = f"Mind: {lines[0] if sprayed and lines else 'ventilate; no brush in the mouth'}. {DEFER}"
        x, px = unit * 0.5, letters(unit * 0.22)
        box = QRectF(x, self.height() - unit * 1.05, self.width() - 2 * x, unit * 0.7)
        self.paragraph(painter, box, words, px, True, "brick")
        keys = self.mode.keys_words("P pause    ")
        self.text(painter, x, self.height() - unit * 0.16, keys, px, colour="slate", width=self.width() - 2 * x)


class BenchMode(FullScreen):
    """The stroke in hand, and the figure with its zone lit."""

    def __init__(
        self, context: Context, owner: QWidget, renderer: Renderer,
        with_meshes: Callable[[Iterable[Part], Callable[[], object]], None],
    ) -> None:  # fmt: skip
        super().__init__(context, owner)
        self.with_meshes, self.theme = with_meshes, context.theme
        self.sheet = Sheet(context, self)
        self.view = BenchView(context.theme, renderer, "The figure with the zone in hand lit")
        self.sheet.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        self.view.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        layout = row(self.sheet, self.view, gap=0)
        layout.setStretch(0, 64)
        layout.setStretch(1, 36)
        self.setLayout(layout)
        self.looked = self.session.clock()
        self._lit: object = None

    def show_state(self, state: LineState) -> None:
        self.sheet.state = state
        self.sheet.update()
        self._light(state)

    def _light(self, state: LineState) -> None:
        """The figure with all but the zone in hand left pale."""
        if state.shown is None:
            return
        timed = state.shown[1]
        wanted = timed.figure_id, timed.stroke.zone
        if wanted == self._lit:
            return
        figure = state.plans.figures[timed.figure_id]
        colours = {
            z: c
            for z, c in zone_colours(self.session.plans, state.plans.scheme_on(figure)).items()
            if z == timed.stroke.zone
        }
        parts = [state.plans.parts[p] for p in figure.build.values() if p in state.plans.parts]

        def show() -> None:
            self._lit = wanted
            self.view.caption = (figure.name, state.plans.zone_name(timed.stroke.zone))
            self.view.show_things(things_of(zoned_parts(self.session, figure), partial(lit, colours)))

        self.with_meshes(parts, show)

    def look(self) -> None:
        """A second has gone: it is told when something is dry."""
        state, now = self.sheet.state, self.session.clock()
        for wet in next_dry(state.wet(self.looked), self.looked, now) if state is not None else ():
            name = self.session.plans.figures[wet.figure_id].name
            self.announcer.tell(f"{self.session.plans.zone_name(wet.zone)} of {name} is dry", DRY)
        self.looked = now
        self.sheet.update()

    def look_along(self, by: int) -> None:
        state = self.sheet.state
        if state is not None:
            state.look_ahead(by)
            self.show_state(state)
