"""The builds of a unit as a grid: a figure a row, a slot a column."""

from __future__ import annotations

from collections.abc import Callable, Sequence

from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QPainter, QPen, QPixmap

from numerus.desk.context import Context
from numerus.desk.stages.sort.kit_pictures import icon_of
from numerus.desk.stages.sort.shelves import letter
from numerus.desk.theme.marks import draw_mark, draw_warning
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.domain.army import Figure
from numerus.domain.parts import Part
from numerus.kit.builds import alternatives
from numerus.kit.completeness import (
    BOUGHT_IN,
    EMPTY,
    MISSING,
    OWED,
    PLATED,
    PRINTED,
    odd_ones,
    slot_states,
)  # fmt: skip

TONES = ("bed", "riverwash", "tallowwash")
STATE_WORDS = {
    MISSING: "no part chosen", OWED: "on no plate yet", PLATED: "on a plate", PRINTED: "printed", EMPTY: "left empty", BOUGHT_IN: "bought",
}  # fmt: skip
NAME_WIDE = 118.0


class BuildsGrid(Drawing):
    """Figures by slots; a cell shows its alternative and how far it has come; a missing one is hatched. Click to choose, a head for all."""

    def __init__(
        self, context: Context, choose: Callable[[Figure, str], None], choose_column: Callable[[str], None]
    ) -> None:
        super().__init__(context.theme, "Builds: figures and slots")
        self.session, self.choose, self.choose_column = context.session, choose, choose_column
        self._pictures: dict[str, QPixmap] = {}
        self.setFocusPolicy(Qt.FocusPolicy.TabFocus)
        self.hold("setMinimumWidth", 380)

    def draw(self, painter: QPainter) -> None:
        unit, plans = self.session.unit, self.session.plans
        if unit is None:
            return
        figures = plans.figures_of(unit.id)
        options = alternatives(plans.parts.values(), unit)
        copies = {c: s.state for c, s in self.session.answers.standing.copies.items()}
        states, odd = slot_states(unit, figures, copies), set(odd_ones(unit, figures))
        cell = (self.width() - NAME_WIDE) / max(len(unit.slots), 1)
        step = min(42.0, (self.height() - 24) / max(len(figures), 1))
        for at, slot in enumerate(unit.slots):
            words = slot.replace("right ", "R ").replace("left ", "L ").capitalize()
            self.text(
                painter, NAME_WIDE + (at + 0.5) * cell, 14, words, 11, colour="slate", align=CENTRE, width=cell - 4
            )
            head = QRectF(NAME_WIDE + at * cell, 0, cell, 20)
            self.region(
                head, f"All of {slot}: left empty, bought, or no such slot", lambda s=slot: self.choose_column(s)
            )
        for number, figure in enumerate(figures):
            y = 22 + number * step
            self._name(painter, figure, y, step)
            for at, slot in enumerate(unit.slots):
                box = QRectF(NAME_WIDE + at * cell + 2, y + 1.5, cell - 4, step - 3)
                copy = (figure.id, slot)
                self._cell(painter, box, figure, slot, options.get(slot, []), states[copy], copy in odd)

    def _name(self, painter: QPainter, figure: Figure, y: float, step: float) -> None:
        unit = self.session.unit
        assert unit is not None
        whole = all(slot in figure.build for slot in unit.slots)
        if whole:
            draw_mark(painter, unit.mark, 2, y + step / 2 - 8, 14, self.theme.unit_colour(unit.mark))
        else:
            draw_warning(painter, 2, y + step / 2 - 7, 13, self.theme.colour("tallow"), self.theme.colour("ink"))
        chosen = figure.id == self.session.figure_id
        self.text(
            painter,
            22,
            y + step / 2 + 4,
            figure.name,
            13,
            not whole or chosen,
            "river" if chosen else "ink",
            width=NAME_WIDE - 28,
        )
        self.region(
            QRectF(0, y, NAME_WIDE, step), f"Show {figure.name}", lambda: self.session.select(figure_id=figure.id)
        )

    def _cell(
        self, painter: QPainter, box: QRectF, figure: Figure, slot: str, options: Sequence[Part], state: str, odd: bool
    ) -> None:
        chosen = figure.build.get(slot, "")
        ids = [p.id for p in options]
        tone = "brickwash" if state == MISSING else TONES[ids.index(chosen) % 3] if chosen in ids else "linen"
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour(tone))
        painter.drawRoundedRect(box, 3, 3)
        part = self.session.plans.parts.get(chosen)
        if state == MISSING:
            self._missing(painter, box)
        elif part is None:
            words = "–" if state == EMPTY else "buy"
            self.text(
                painter, box.center().x(), box.center().y() + 4.5, words, 13, odd, "brick" if odd else "ink", CENTRE
            )
        else:
            self._choice(painter, box, part, letter(options, chosen))
            self._progress(painter, box, state)
        description = f"{figure.name}, {slot}: {part.label if part else STATE_WORDS[state]}; {STATE_WORDS[state]}"
        description += "\nMost figures of this unit have one." if odd else ""
        self.region(box, description, lambda: self.choose(figure, slot))

    def _missing(self, painter: QPainter, box: QRectF) -> None:
        self.hatch(painter, box)
        painter.setBrush(self.theme.colour("brickwash"))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawRect(QRectF(box.center().x() - 16, box.center().y() - 8, 32, 16))
        self.text(painter, box.center().x(), box.center().y() + 4.5, "none", 11, True, "brick", CENTRE)

    def _choice(self, painter: QPainter, box: QRectF, part: Part, word: str) -> None:
        """The part's picture where there is room for one, and its letter."""
        high = box.height() - 4
        if high < 22:
            self.text(painter, box.center().x(), box.center().y() + 4.5, word, 13, align=CENTRE)
            return
        if part.thumbnail not in self._pictures:
            self._pictures[part.thumbnail] = icon_of(self.session, part).pixmap(96, 96)
        at = QRectF(box.center().x() - high / 2 - 4, box.top() + 2, high, high)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawPixmap(at, self._pictures[part.thumbnail], QRectF(self._pictures[part.thumbnail].rect()))
        self.text(painter, at.right() + 5, box.center().y() + 4.5, word, 13)

    def _progress(self, painter: QPainter, box: QRectF, state: str) -> None:
        """How far the part has come, at the cell's foot: an open line, half a line, a full one."""
        x, y, wide = box.left() + 4, box.bottom() - 3, box.width() - 8
        share = {OWED: 0.0, PLATED: 0.5, PRINTED: 1.0}.get(state, 0.0)
        painter.setPen(QPen(self.theme.colour("hairline"), 2))
        painter.drawLine(int(x), int(y), int(x + wide), int(y))
        if share:
            painter.setPen(QPen(self.theme.colour("moss"), 2))
            painter.drawLine(int(x), int(y), int(x + wide * share), int(y))
