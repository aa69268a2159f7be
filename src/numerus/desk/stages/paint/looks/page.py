"""Scheme: how shall the whole army look? The same figure by starter schemes in one's own colours, at each level, in colourways."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence
from functools import partial
from pathlib import Path

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QColor, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.book.intake import new_id
from numerus.colour.light import hex_of_lab
from numerus.colour.palettes import main_colours
from numerus.colour.words import words_of_colour
from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.comparison import ComparisonCards
from numerus.desk.stages.paint.looks.squad import SquadView
from numerus.desk.stages.paint.looks.state import COLOURWAYS, MODES, ROWS, SQUAD, STARTERS, LooksState, Worked
from numerus.desk.widgets.drawing import StatedDrawing
from numerus.desk.widgets.layout import Pages, button, column, label, panel, row, show_choices, tried
from numerus.desk.widgets.worded import ComboBox, FileDialog, InputDialog, LineEdit
from numerus.domain.parts import Part
from numerus.formats.pictures import PICTURES, read_picture
from numerus.words import counted

CHIP_W = 96.0


class ZoneColours(StatedDrawing[LooksState]):
    """Every zone as a chip in the colour it gets, and why; a press says it otherwise."""

    def __init__(self, context: Context, pressed: Callable[[str], None]) -> None:
        super().__init__(context.theme, "Colours of the zones")
        self.pressed = pressed
        self.hold("setFixedHeight", 58)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None:
            return
        colours = state.worked.colours
        wide = min(CHIP_W, (self.width() + 6) / max(len(colours), 1))
        for n, (zone, own) in enumerate(colours.items()):
            box = QRectF(n * wide, 2, wide - 6, 24)
            painter.fillRect(box, QColor(own.colour))
            name = state.plans.zone_name(zone)
            self.text(painter, box.left(), 39, name, 11, own.colour == state.colours_asked.get(zone), width=wide - 8)
            self.text(painter, box.left(), 53, own.reason.partition(" of ")[0], 11, colour="slate", width=wide - 8)
            words = f"{name}: {words_of_colour(own.colour)}, {own.reason}. Press to say another colour."
            self.region(QRectF(box.left(), 0, wide - 6, 56), words, partial(self.pressed, zone))


class LooksPage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read."""

    def __init__(
        self, context: Context, built: BuiltFigures, with_meshes: Callable[[Iterable[Part], Callable[[], object]], None]
    ) -> None:
        super().__init__()
        self.context, self.session, self.built, self.with_meshes = context, context.session, built, with_meshes
        self.state = LooksState(context.session.answers)
        self._asked: object = None
        self._make_choices()
        self._make_buttons()
        self.cards = ComparisonCards(context, "Ways to paint the army", ROWS, "Goes wrong", "Painting the figure …")
        self.cards.chosen.connect(self.choose)
        self.chips, self.words = ZoneColours(context, self.say), label("", "strong", True)
        self.caution = label(
            "Minutes are the strokes' own; those of starters are defaults by technique and area.", "note", True
        )
        self.squad = SquadView(context, built, with_meshes)
        self.shown = Pages()
        for widget in (self.cards, self.squad):
            self.shown.addWidget(widget)
        self._lay_out()

    def _make_choices(self) -> None:
        self.modes, self.zones, self.colours, self.fault = ComboBox(), ComboBox(), LineEdit(), label("", "fault")
        self.modes.addItems(MODES)
        self.modes.setAccessibleName("What is compared")
        self.modes.activated.connect(self._mode_taken)
        self.zones.setAccessibleName("Zone shown in other colours")
        self.zones.activated.connect(self._zone_taken)
        self.colours.setAccessibleName("Colours, the main one first")
        self.colours.setMinimumWidth(260)
        self.colours.returnPressed.connect(self._colours_typed)
        self.owner = ComboBox()
        self.owner.setAccessibleName("Which scheme the unit is painted by")
        self.owner.activated.connect(self._owner_taken)

    def _make_buttons(self) -> None:
        tip = "Figures wear the zone as it is and in each colour shown, in turn"
        self.turns = button("In turns", self.vary, tip=tip)
        self.same = button("All alike again", self.make_alike, "link", "Every figure wears the zone as it is")
        self.open = button("Leave it open", self.leave_open, tip="Which colour is asked again once figures are primed")
        self.picture = button("From a picture …", self.open_picture, tip="The colours a reference picture is made of")

    def _lay_out(self) -> None:
        choices = self.modes, self.zones, self.colours, self.picture, self.turns, self.open, self.same
        upper = column(row(*choices, self.fault, -1, self.owner, gap=8), self.shown, gap=6, margins=(16, 0, 16, 6))
        upper.setStretch(1, 1)
        lower = panel(column(self.chips, self.words, self.caution, gap=3, margins=(16, 6, 16, 6)), "drawer")
        body = column(upper, lower, gap=0)
        body.setStretch(0, 1)
        self.setLayout(body)

    @property
    def summary(self) -> str:
        state = self.state
        if state.figure is None or state.unit is None:
            return ""
        return f"{counted(state.figures, 'figure')}, shown on {state.figure.name}"

    def refresh(self) -> None:
        session, state = self.session, self.state
        state.look(session.answers, session.unit_id, session.figure_id)
        names = [(session.plans.zone_name(z), z) for z in state.zone_ids]
        show_choices(self.zones, names, state.zone_id)
        show_choices(self.owner, state.owners(), state.unit.scheme_id if state.unit else "")
        self.owner.setVisible(state.scheme is not None)
        self.work()

    def work(self) -> None:
        """Paint every candidate, unless nothing that counts is another."""
        state, plans = self.state, self.session.plans
        scheme = state.scheme if state.mode == SQUAD and not state.missing() else None
        self.shown.setCurrentWidget(self.cards if scheme is None else self.squad)
        if scheme is not None and state.unit is not None:
            self._asked = None
            state.take(Worked([]))
            self.squad.forget()
            self.squad.show_unit(plans.figures_of(state.unit.id), scheme, state.rack)
        elif state.missing():
            self._asked = None
            state.take(Worked([]))
        else:
            assert state.figure is not None
            parts = [plans.parts[p] for p in dict.fromkeys(state.figure.build.values()) if p in plans.parts]
            asked = (*state.asked, tuple(p.blob for p in parts), self.built.key(parts))
            if asked != self._asked:
                self._asked = asked
                self.with_meshes(parts, lambda: self._paint(parts))
        self._show()

    def _paint(self, parts: list[Part]) -> None:
        make, work = self.built.making(parts), self.state.work(new_id)

        def done(worked: Worked) -> None:
            self.state.take(worked)
            self.built.keep()
            self._show()

        self.context.jobs.start("looks", "Painting the figure side by side", lambda p: work(make(p), p), done)

    def _show(self) -> None:
        state = self.state
        self.zones.setVisible(state.mode == COLOURWAYS)
        for widget in (self.colours, self.picture):
            widget.setVisible(state.mode in (STARTERS, COLOURWAYS))
        self.chips.setVisible(state.mode == STARTERS)
        for widget in (self.turns, self.open):
            widget.setVisible(state.mode == COLOURWAYS)
        self.same.setVisible(state.mode == COLOURWAYS and state.in_turns)
        self.caution.setVisible(state.mode != SQUAD)
        self.cards.foot = state.foot_words
        self.cards.show_cards(state.cards(), state.chosen, state.missing() or "Painting the figure …")
        self.chips.show_state(state)
        self.words.setText(state.sentence())
        if not self.colours.hasFocus():
            self.colours.setText(state.colours_words)

    def _mode_taken(self, _: int) -> None:
        self.state.mode = self.modes.currentText()
        self.state.take(Worked([]))
        self.work()

    def _owner_taken(self, _: int) -> None:
        """The unit painted by another scheme, or one of its own that begins as what it had."""
        owned = self.state.owned(self.owner.currentData(), new_id)
        if owned:
            self.session.commit(
                f"{self.owner.currentText().removesuffix(' …')} for {self.state.unit.name if self.state.unit else ''}",
                owned,
            )

    def _zone_taken(self, _: int) -> None:
        self.state.zone_id = self.zones.currentData() or ""
        self.work()

    def _colours_typed(self) -> None:
        if tried(lambda: self.state.type_colours(self.colours.text()), self.fault):
            self.work()

    def say(self, zone: str) -> None:
        """Another colour for a zone, in words or figures; none gives it back to the rule."""
        name = self.session.plans.zone_name(zone)
        words, sure = InputDialog.getText(self, name.capitalize(), f"Colour of the {name}, empty for the rule's")
        if sure and tried(lambda: self.state.say(zone, words), self.fault):
            self.work()

    def open_picture(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "A reference picture", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        """The main colours of a picture become the chosen ones."""

        def read() -> None:
            colours = main_colours(read_picture(path), 3)
            self.state.type_colours(", ".join(hex_of_lab(lab) for lab in colours))

        if tried(read, self.fault):
            self.work()

    def choose(self, n: int) -> None:
        self.state.chosen = n
        self._show()

    def keep(self) -> None:
        """The chosen one is what the army is painted by."""
        self._commit(lambda: self.state.taken(new_id))

    def vary(self) -> None:
        """The zone in all the colours shown, figure by figure."""
        self._commit(self.state.varied)

    def leave_open(self) -> None:
        """Which of the colours shown it will be is decided later."""
        self._commit(self.state.kept_open)

    def make_alike(self) -> None:
        self._commit(self.state.alike)

    def _commit(self, make: Callable[[], tuple[str, Sequence[object]]]) -> None:
        """One edit, or in words why there is none."""
        edits: list[tuple[str, Sequence[object]]] = []
        if tried(lambda: edits.append(make()), self.fault) and edits[0][1]:
            self.session.commit(*edits[0])
