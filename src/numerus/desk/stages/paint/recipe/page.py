"""Recipe: what goes on, in which order, and does it cover? The zone after each stroke, every stroke changed where it stands."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import replace
from pathlib import Path

from PyQt6.QtWidgets import QGridLayout, QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.dialogs.scheme_card import write_scheme_card
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.stages.paint.recipe.pictures import CoatsChart, Filmstrip, Warnings
from numerus.desk.stages.paint.recipe.questions import RecipeQuestions
from numerus.desk.stages.paint.recipe.state import Frame, RecipeState
from numerus.desk.stages.paint.recipe.stroke_fields import DIRECTIONS, field_words
from numerus.desk.view3d.renderer import Renderer
from numerus.desk.widgets.layout import button, column, label, panel, row, show_choices
from numerus.desk.widgets.worded import ComboBox, FileDialog, LineEdit
from numerus.domain.painting.recipes import Scheme
from numerus.domain.parts import Part
from numerus.domain.stages import LEVELS
from numerus.errors import NumerusError
from numerus.paint.figure.placing import MASKS
from numerus.paint.scheme_exchange import read_scheme_file, scheme_from_text, scheme_text
from numerus.paint.techniques import TECHNIQUES
from numerus.words import counted, span

TYPED = {
    "name": "Name",
    "mix": "Mix",
    "thinner": "Thinner",
    "coats": "Coats",
    "tool": "Tool",
    "minutes": "Minutes",
    "dries": "Dries, min",
}
STREWN = {"size": "Size, mm", "amount": "Amount", "seed": "Seed"}
CHOSEN: dict[str, tuple[str, list[str]]] = {
    "technique": ("Technique", list(TECHNIQUES)), "level": ("From level", list(LEVELS)), "mask": ("Where", ["", *MASKS]),
    "toward": ("From", list(DIRECTIONS)),
}  # fmt: skip


class RecipePage(QWidget):
    """``with_meshes``: does something once the meshes of parts are read."""

    def __init__(
        self,
        context: Context,
        renderer: Renderer,
        built: BuiltFigures,
        with_meshes: Callable[[Iterable[Part], Callable[[], object]], None],
    ) -> None:
        super().__init__()
        self.built = built
        self.context, self.session, self.with_meshes = context, context.session, with_meshes
        self.state = RecipeState(context.session.answers)
        self.zones = ComboBox()
        self.zones.setAccessibleName("Zone")
        self.zones.activated.connect(self._zone_taken)
        self.strip, self.chart, self.minded = Filmstrip(context), CoatsChart(context), Warnings(context)
        self.strip.chosen.connect(self.choose)
        self.strip.poured.connect(self.pour_into)
        self.strip.deed.connect(lambda deed: self.add() if deed == "add" else self.take_away())
        self.fault, self.answer, self.answer_note = (
            label("", "fault", True),
            label("", "title"),
            label("", "note", True),
        )
        self.asks = RecipeQuestions(self, context, renderer, built, with_meshes, self.state, self.fault.setText)
        self.setLayout(self._layout())
        self._asked: object = None

    def _layout(self):  # type: ignore[no-untyped-def]
        tools = row(
            self.zones, 12, button("Add a stroke", self.add, tip="After the chosen one (Ins)"),
            button("Add an effect …", self.asks.add_effect, tip="Rust, glow, mud, fur and their like, in the colours of the rack"),
            button("Draw it …", self.asks.draw, tip="On the figure: a freehand stroke, or where the chosen one goes (by hand)"),
            button("Take it away", self.take_away, tip="The chosen stroke (Del)"), button("‹ Sooner", lambda: self.move(-1), "link"),
            button("Later ›", lambda: self.move(1), "link"), 6,
            button("It went wrong …", self.asks.rescue, "link", "Ways back from a wash that pooled, lights overdone, a wrong colour"),
            button("Order of zones …", self.asks.order, "link", "Messy first, then from the inside out; zones that could share a pot"), -1,
            button("Bring a scheme in …", self.bring_in, "link", "From another army, as JSON: zones and pots it lacks come with it"),
            button("Give it out …", self.give_out, "link", "As JSON for another army, or as a card to print (PDF)"), gap=8,
        )  # fmt: skip
        upper = column(tools, self.strip, self._fields(), self.fault, gap=6, margins=(16, 0, 16, 6))
        upper.setStretch(1, 1)
        layout = column(self.answer, self.answer_note, -1, gap=2)
        lower = row(layout, self.chart, self.minded, gap=20, margins=(16, 6, 16, 4))
        for n, share in enumerate((22, 38, 40)):
            lower.setStretch(n, share)
        body = column(upper, panel(lower, "drawer"), gap=0)
        body.setStretch(0, 1)
        return body

    def _fields(self) -> QWidget:
        """Two rows: what the stroke is, and where it lies."""
        grid = QGridLayout()
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(6)
        grid.setVerticalSpacing(4)
        self.boxes: dict[str, LineEdit] = {}
        self.choices: dict[str, ComboBox] = {}
        rows = (
            ("name", "technique", "mix", "coats", "thinner"),
            ("tool", "minutes", "dries", "level"),
            ("mask", "toward", "size", "amount", "seed"),
        )
        for y, names in enumerate(rows):
            x = 0
            for name in names:
                head = CHOSEN[name][0] if name in CHOSEN else {**TYPED, **STREWN}[name]
                grid.addWidget(label(head, "note"), y, x)
                grid.addWidget(self._combo(name, head) if name in CHOSEN else self._box(name, head), y, x + 1)
                x += 2
        for x, share in ((1, 16), (3, 16), (5, 30), (7, 10), (9, 10)):
            grid.setColumnStretch(x, share)
        widget = QWidget()
        widget.setLayout(grid)
        return widget

    def _box(self, name: str, head: str) -> LineEdit:
        box = LineEdit()
        box.setAccessibleName(head)
        box.editingFinished.connect(lambda: self._left(name, box))
        self.boxes[name] = box
        return box

    def _combo(self, name: str, head: str) -> ComboBox:
        box = ComboBox()
        box.setAccessibleName(head)
        for words in CHOSEN[name][1]:
            box.addItem(words or "by its technique", words)
        box.activated.connect(lambda _: self.change(name, box.currentData()))
        self.choices[name] = box
        return box

    def _left(self, name: str, box: LineEdit) -> None:
        if box.isModified():
            box.setModified(False)
            self.change(name, box.text())

    @property
    def summary(self) -> str:
        steps = self.state.steps
        minutes, dries = sum(s.minutes for s in steps), sum(s.dries_min for s in steps)
        return (
            f"{counted(len(steps), 'stroke')}, {span(minutes)} a figure, dries {span(dries)}"
            if steps
            else "no stroke yet"
        )

    def refresh(self) -> None:
        session = self.session
        self.state.look(session.answers, session.unit_id, session.figure_id)
        names = [(session.plans.zone_name(z), z) for z in self.state.zone_ids]
        show_choices(self.zones, names, self.state.zone_id)
        self.work()
        self._show()

    def work(self) -> None:
        """The figure after each stroke, in a job, unless nothing that counts is another."""
        state, plans = self.state, self.session.plans
        parts = (
            [plans.parts[p] for p in dict.fromkeys(state.figure.build.values()) if p in plans.parts]
            if state.figure
            else []
        )
        asked = (
            state.zone_id,
            state.steps,
            tuple(p.blob for p in parts),
            tuple(plans.paints.values()),
            tuple(plans.mixes.values()),
        )
        if asked == self._asked or not parts or not state.steps:
            return
        self._asked = asked
        self.with_meshes(parts, lambda: self._film(parts))

    def _film(self, parts: list[Part]) -> None:
        state, make = self.state, self.built.making(parts)

        def done(frames: list[Frame]) -> None:
            state.frames = frames
            self.built.keep()
            self._show()

        self.context.jobs.start("filmstrip", "Painting stroke by stroke", lambda p: state.filmstrip(make(p), p), done)

    def _show(self) -> None:
        state, step = self.state, self.state.step
        self.strip.show_state(state)
        self.chart.show_state(state)
        self.minded.show_words(state.warnings())
        for name, box in self.boxes.items():
            box.setEnabled(step is not None)
            box.setText(field_words(step, name, state.rack.names) if step else "")
            box.setCursorPosition(0)
            box.setModified(False)
        for name, combo in self.choices.items():
            combo.setEnabled(step is not None)
            combo.setCurrentIndex(combo.findData(field_words(step, name, state.rack.names)) if step else -1)
        covers = state.covers()
        if step is None or covers is None:
            self.answer.setText("")
            self.answer_note.setText("")
            return
        self.answer.setText(f"Coats to cover: {covers.coats if covers.coats is not None else 'never'}")
        pale = "never" if covers.over_pale is None else str(covers.over_pale)
        self.answer_note.setText(
            f"{step.name} on what lies below it, its own film a coat; over a pale undercoat {pale}. As it is: ΔE {covers.delta_e:.1f} from hiding."
        )

    def _commit(self, words: str, make: Callable[[], Scheme | None]) -> None:
        """One edit of the scheme, or what is wrong with it in words."""
        try:
            scheme = make()
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}".strip())
            self._show()
            return
        self.fault.setText("")
        if scheme is not None:
            self.session.commit(f"{self.state.plans.zone_name(self.state.zone_id)}: {words}", [scheme])

    def change(self, name: str, text: str) -> None:
        self._commit(f"{name} of a stroke", lambda: self.state.changed(name, text))

    def pour_into(self, step_id: str, pot: str) -> None:
        """One part more of a pot or mix in a stroke."""
        self.state.step_id = step_id
        self._commit(f"{self.state.rack.name_of(pot)} into a stroke", lambda: self.state.poured(pot))

    def add(self) -> None:
        self._commit("a stroke more", lambda: self.state.added(new_id()))

    def take_away(self) -> None:
        self._commit("a stroke less", self.state.taken_away)

    def move(self, by: int) -> None:
        self._commit("another order", lambda: self.state.moved(by))

    def bring_in(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Bring a scheme in", "", "Schemes (*.json)")
        if path:
            self.take_scheme(Path(path))

    def take_scheme(self, path: Path) -> None:
        """Another scheme in the place of this army's; a wrong file changes nothing."""
        plans = self.session.plans
        try:
            scheme, zones, paints = scheme_from_text(read_scheme_file(path), plans, new_id, self.session.clock())
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}".strip())
            return
        self.fault.setText("")
        army = [replace(plans.army, scheme_id=scheme.id)] if plans.army else []
        self.session.commit(f"brought in the scheme {scheme.name}", [*zones, *paints, scheme, *army])

    def give_out(self) -> None:
        path, _ = FileDialog.getSaveFileName(
            self, "Give the scheme out", "scheme.json", "Scheme (*.json);;Card (*.pdf)"
        )
        if path:
            self.save_scheme(Path(path))

    def save_scheme(self, path: Path) -> None:
        """As JSON, or as a card where the name ends in .pdf."""
        plans = self.session.plans
        if (scheme := plans.scheme_for(self.state.figure)) is None:
            self.fault.setText("There is no scheme yet.")
            return
        try:
            if path.suffix.lower() == ".pdf":
                write_scheme_card(scheme, plans, path)
            else:
                path.write_text(scheme_text(scheme, plans), encoding="utf-8")
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}".strip())
        except OSError as error:
            self.fault.setText(f"{path.name} could not be written: {error.strerror}.")

    def choose(self, step_id: str) -> None:
        self.state.step_id = step_id
        self._show()

    def _zone_taken(self, _: int) -> None:
        self.state.zone_id = self.zones.currentData() or ""
        self.state.frames = []
        self.refresh()
