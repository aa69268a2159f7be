"""Schools: how shall this zone be done on all of them? Four ways on the same figure, with what each costs and shows."""

from __future__ import annotations

from collections.abc import Callable, Iterable

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QKeyEvent, QPainter, QPen
from PyQt6.QtWidgets import QComboBox, QLineEdit, QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.schools.state import ROWS, SchoolsState, Shown
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.layout import column, label, panel, row
from numerus.domain.parts import Part
from numerus.errors import NumerusError
from numerus.words import counted, span

ROW_H, LABELS_W = 19.0, 112.0
BEST_IS_MOST = ("contrast",)


class SchoolCards(Drawing):
    """Four cards on one scale: the figure, its value, bars; the best of each row is bold."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Four schools on the same figure")
        self.state: SchoolsState | None = None
        self._images: dict[int, tuple[QImage, QImage]] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_state(self, state: SchoolsState) -> None:
        self.state = state
        self._images = {n: (to_image(s.colour), to_image(s.grey)) for n, s in enumerate(state.shown)}
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.state is None or not self.state.shown:
            self.text(painter, 4, 24, "Painting the figure four times …", 13, colour="slate")
            return
        wide = (self.width() - LABELS_W) / 4
        picture = self.height() - len(ROWS) * ROW_H - 26
        for n, shown in enumerate(self.state.shown):
            self._card(painter, n, shown, QRectF(LABELS_W + n * wide, 0, wide - 8, picture))
        self._rows(painter, picture + 8, wide)

    def _card(self, painter: QPainter, n: int, shown: Shown, box: QRectF) -> None:
        assert self.state is not None
        chosen = n == self.state.chosen
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(box.adjusted(1, 1, -1, -1), 5, 5)
        self.lettered(painter, QPointF(box.left() + 16, box.top() + 17), shown.school.letter, chosen)
        self.text(painter, box.left() + 32, box.top() + 18, shown.school.name, 13, True, width=box.width() - 36)
        self.text(
            painter, box.left() + 32, box.top() + 33, shown.school.over, 11, colour="slate", width=box.width() - 36
        )
        colour, grey = self._images[n]
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        self.standing(painter, colour, box.adjusted(6, 38, -6, -6))
        small = QRectF(box.right() - 62, box.top() + 40, 56, 76)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("chalk", 0.85))
        painter.drawRoundedRect(small, 3, 3)
        self.standing(painter, grey, small.adjusted(2, 2, -2, -2))
        self.text(painter, small.center().x(), small.bottom() + 12, "value", 11, colour="slate", align=CENTRE)
        words = f"{shown.school.letter}: {shown.school.name}; {', '.join(s.name for s in shown.school.steps)}"
        self.region(box, words, lambda: self.chosen.emit(n))

    def _rows(self, painter: QPainter, top: float, wide: float) -> None:
        assert self.state is not None
        listed = self.state.shown
        for r, (name, words) in enumerate(ROWS.items()):
            y = top + r * ROW_H
            values = [float(getattr(s.measures, name)) for s in listed]
            best = max(values) if name in BEST_IS_MOST else min(values)
            self.text(painter, 0, y + 12, words, 11)
            for n, value in enumerate(values):
                x = LABELS_W + n * wide
                self.text(painter, x + 70, y + 12, _told(name, value), 11, value == best, align=RIGHT)
                room = wide - 92
                self.bar(painter, x + 78, y + 5, room, 6, "bed")
                tone = "river" if n == self.state.chosen else "slate"
                self.bar(painter, x + 78, y + 5, room * value / max(max(values), 1e-9), 6, tone)
        y = top + len(ROWS) * ROW_H
        self.text(painter, 0, y + 12, "Goes wrong", 11)
        for n, shown in enumerate(listed):
            self.text(
                painter, LABELS_W + n * wide + 8, y + 12, shown.school.goes_wrong, 11, colour="slate", width=wide - 16
            )

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        letters = "ABCD"
        letter = event.text().upper()
        if letter and letter in letters and self.state and letters.index(letter) < len(self.state.shown):
            self.chosen.emit(letters.index(letter))
        else:
            super().keyPressEvent(event)


def _told(name: str, value: float) -> str:
    if name == "minutes":
        return span(value)
    return f"{value:.1f} ml" if name == "ml" else f"{value:.1f} L*"


class ValueStrips(Drawing):
    """Each school's span of the zone on a ramp of value, from folds to edges, its middle marked."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Values of the zone by school")
        self.state: SchoolsState | None = None
        self.hold("setFixedHeight", 40)

    def show_state(self, state: SchoolsState) -> None:
        self.state = state
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.state is None or not self.state.shown:
            return
        self.text(painter, 0, 14, "Value, L*", 11)
        self.text(painter, 0, 28, "5th to 95th in 100", 11, colour="slate")
        wide = (self.width() - LABELS_W) / 4
        for n, shown in enumerate(self.state.shown):
            x, room, found = LABELS_W + n * wide + 8, wide - 24, shown.measures
            for k in range(40):
                tone = round(255 * k / 39)
                painter.fillRect(
                    QRectF(x + room * k / 40, 4, room / 40 + 1, 7),
                    self.theme.colour(f"#{tone:02X}{tone:02X}{tone:02X}"),
                )
            tone_ = "river" if n == self.state.chosen else "ink"
            low, high, middle = (x + room * v / 100 for v in (found.fold, found.edge, found.value))
            self.line(painter, low, 16, high, 16, tone_, 3)
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour(tone_))
            painter.drawEllipse(QPointF(middle, 16), 4, 4)
            self.text(
                painter, x, 34, f"{found.fold:.0f} to {found.edge:.0f}, middle {found.value:.0f}", 11, colour="slate"
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
        self.zones, self.note, self.base = QComboBox(), label("", "fault"), QLineEdit()
        self.base.setAccessibleName("Colour of the zone, as a mix")
        self.base.setMinimumWidth(280)
        self.base.returnPressed.connect(self._base_typed)
        self.zones.setAccessibleName("Zone to compare")
        self.zones.activated.connect(self._zone_taken)
        self.cards, self.values, self.words = SchoolCards(context), ValueStrips(context), label("", "strong", True)
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
        if [self.zones.itemData(n) for n in range(self.zones.count())] != [z for _, z in names]:
            self.zones.clear()
            for name, zone in names:
                self.zones.addItem(name, zone)
        self.zones.setCurrentIndex(max(self.zones.findData(self.state.zone_id), 0))
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
            plans.scheme,
            state.figures(),
        )
        if asked != self._asked:
            self._asked = asked
            self.with_meshes(parts, lambda: self._painted(parts))
        self._show()

    def _painted(self, parts: list[Part]) -> None:
        state, make = self.state, self.built.making(parts)

        def done(found: list[Shown]) -> None:
            state.shown = found
            self.built.keep()
            self._show()

        self.context.jobs.start("schools", "Painting by four schools", lambda p: state.worked(make(p), p), done)

    def _show(self) -> None:
        state = self.state
        self.cards.show_state(state)
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
        if scheme is not None:
            school = self.state.shown[self.state.chosen].school
            self.session.commit(f"{self.state.plans.zone_name(self.state.zone_id)}: {school.name.lower()}", [scheme])
