"""Schools: how shall this zone be done on all of them? Four ways on the same figure, with what each costs and shows."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter
from PyQt6.QtWidgets import QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.comparison import LABELS_W, ComparisonCards, card_width
from numerus.desk.stages.paint.schools.state import ROWS, SchoolsState, Shown
from numerus.desk.widgets.drawing import StatedDrawing
from numerus.desk.widgets.layout import column, label, panel, row, show_choices
from numerus.desk.widgets.worded import ComboBox, LineEdit
from numerus.domain.parts import Part
from numerus.errors import NumerusError
from numerus.words import counted


class ValueStrips(StatedDrawing[SchoolsState]):
    """Each school's span of the zone on a ramp of value, from folds to edges, its middle marked."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Values of the zone by school")
        self.hold("setFixedHeight", 40)

    def draw(self, painter: QPainter) -> None:
        if self.state is None or not self.state.shown:
            return
        self.text(painter, 0, 14, "Value, L*", 11)
        self.text(painter, 0, 28, "5th to 95th in 100", 11, colour="slate")
        wide = card_width(self.width(), len(self.state.shown))
        for n, shown in enumerate(self.state.shown):
            x, room, measures = LABELS_W + n * wide + 8, wide - 24, shown.measures
            for k in range(40):
                tone = round(255 * k / 39)
                painter.fillRect(
                    QRectF(x + room * k / 40, 4, room / 40 + 1, 7),
                    self.theme.colour(f"#{tone:02X}{tone:02X}{tone:02X}"),
                )
            tone_ = "river" if n == self.state.chosen else "ink"
            low, high, middle = (x + room * v / 100 for v in (measures.fold, measures.edge, measures.value))
            self.line(painter, low, 16, high, 16, tone_, 3)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour(tone_))
            painter.drawEllipse(QPointF(middle, 16), 4, 4)
            self.text(
                painter,
                x,
                34,
                f"{measures.fold:.0f} to {measures.edge:.0f}, middle {measures.value:.0f}",
                11,
                colour="slate",
                width=wide - 12,
            )


class SchoolsPage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read."""

    def __init__(
        self, context: Context, built: BuiltFigures, with_meshes: Callable[[Iterable[Part], Callable[[], object]], None]
    ) -> None:
        super().__init__()
        self.built = built
        self.context, self.session, self.with_meshes = context, context.session, with_meshes
        self.state = SchoolsState(context.session.answers)
        self.zones, self.note, self.base = ComboBox(), label("", "fault"), LineEdit()
        self.base.setAccessibleName("Colour of the zone, as a mix")
        self.base.setMinimumWidth(280)
        self.base.returnPressed.connect(self._base_typed)
        self.zones.setAccessibleName("Zone to compare")
        self.zones.activated.connect(self._zone_taken)
        self.cards = ComparisonCards(
            context, "Four schools on the same figure", ROWS, "Goes wrong", "Painting the figure four times …"
        )
        self.values, self.words = ValueStrips(context), label("", "strong", True)
        self.cards.chosen.connect(self.choose)
        self.caution = label(
            "Minutes are defaults by technique and area; an airbrush wants extraction and a mask.", "note", True
        )
        upper = column(
            row(self.zones, label("in", "note"), self.base, self.note, -1, gap=10),
            self.cards,
            gap=6,
            margins=(16, 0, 16, 6),
        )
        upper.setStretch(1, 1)
        lower = panel(column(self.values, self.words, self.caution, gap=3, margins=(16, 6, 16, 6)), "drawer")
        body = column(upper, lower, gap=0)
        body.setStretch(0, 1)
        self.setLayout(body)
        self._asked: object = None

    @property
    def summary(self) -> str:
        state = self.state
        if state.figure is None or not state.zone_id:
            return "Name a zone first."
        return f"{state.plans.zone_name(state.zone_id)} on {counted(state.figures(), 'figure')}, shown on {state.figure.name}"

    def refresh(self) -> None:
        session = self.session
        self.state.look(session.answers, session.unit_id, session.figure_id)
        names = [(session.plans.zone_name(z), z) for z in self.state.zone_ids]
        show_choices(self.zones, names, self.state.zone_id)
        self.work()

    def work(self) -> None:
        """Paint the figure four times, unless nothing that counts is another."""
        state, plans = self.state, self.session.plans
        if state.figure is None or not state.zone_id or not state.base():
            self.note.setText("Name a zone and add a pot first.")
            return
        parts = [plans.parts[p] for p in dict.fromkeys(state.figure.build.values()) if p in plans.parts]
        asked = (
            state.zone_id,
            state.base(),
            tuple(p.blob for p in parts),
            tuple(plans.paints.values()),
            plans.scheme_for(state.figure),
            state.figures(),
        )
        if asked != self._asked:
            self._asked = asked
            self.with_meshes(parts, lambda: self._painted(parts))
        self._show()

    def _painted(self, parts: list[Part]) -> None:
        state, make = self.state, self.built.making(parts)

        def done(school_pictures: list[Shown]) -> None:
            state.take(school_pictures)
            self.built.keep()
            self._show()

        self.context.jobs.start("schools", "Painting by four schools", lambda p: state.worked(make(p), p), done)

    def _show(self) -> None:
        state = self.state
        self.cards.show_cards(state.cards(), state.chosen)
        self.values.show_state(state)
        self.words.setText("  ".join(state.sentences()))
        if not self.base.hasFocus():
            self.base.setText(state.base_words() if state.base() else "")

    def _zone_taken(self, _: int) -> None:
        self.state.zone_id = self.zones.currentData() or ""
        self.work()

    def _base_typed(self) -> None:
        try:
            self.state.type_base(self.base.text())
        except NumerusError as error:
            self.note.setText(f"{error.message} {error.advice}")
            return
        self.note.setText("")
        self.work()

    def choose(self, n: int) -> None:
        self.state.chosen = n
        self._show()

    def keep(self) -> None:
        """The chosen school's strokes become the zone's recipe."""
        scheme = self.state.kept(new_id)
        if scheme is None and self.state.shown:
            self.note.setText("It is painted so already.")
        elif scheme is not None:
            school = self.state.shown[self.state.chosen].school
            self.session.commit(f"{self.state.plans.zone_name(self.state.zone_id)}: {school.name.lower()}", [scheme])
