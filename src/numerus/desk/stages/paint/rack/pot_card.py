"""The card beside the shelf: the chosen pot, several pots at once, or a mix, with everything about it that can be changed."""

from __future__ import annotations

from collections.abc import Callable

from PyQt6.QtCore import QRectF, pyqtSignal
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtWidgets import QGridLayout, QWidget

from numerus.colour.films import BLACK_GROUND, COAT_UM, WHITE_GROUND, coats_to_cover
from numerus.desk.context import Context
from numerus.desk.stages.paint.rack.state import RackState
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.strokes import swatch
from numerus.desk.widgets.worded import ComboBox, LineEdit
from numerus.errors import NumerusError
from numerus.paint.rack.batches import strength_words
from numerus.paint.rack.kinds import KINDS, kind_of
from numerus.paint.rack.pot_fields import hint_of, known_words
from numerus.words import counted

HEADS = {
    "maker": "Maker", "colour": "Colour", "kind": "Kind", "hides": "Hides, µm", "ml": "Left, ml", "pot": "Pot, ml", "price": "Price",
    "tare": "Empty, g", "density": "g a ml", "opened": "Opened", "batch": "Batch", "place": "Where",
}  # fmt: skip
KIND_NAMES = tuple(KINDS)


class LargeSwatch(Drawing):
    """The chosen pot, brushed once over dark and over pale."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The pot over dark and over pale")
        self.image: QImage | None = None
        self.words = ("", "")
        self.hold("setFixedHeight", 84)

    def show_paint(self, state: RackState) -> None:
        self.image = None
        if len(state.chosen) == 1:
            paint = state.rack.pigment(((state.chosen[0], 1.0),))
            self.image = swatch(paint, 560, 120)
            coats = [coats_to_cover(paint, g, COAT_UM) for g in (BLACK_GROUND, WHITE_GROUND)]
            lines = ["never" if n is None else counted(n, "coat") for n in coats]
            self.words = (f"over black {lines[0]}", f"over white {lines[1]}")
        self.update()

    def draw(self, painter: QPainter) -> None:
        if self.image is None:
            return
        painter.drawImage(QRectF(0, 0, self.width(), 60), self.image)
        self.text(painter, 2, 76, self.words[0], 11, colour="slate")
        self.text(painter, self.width() / 2 + 2, 76, self.words[1], 11, colour="slate")


class PotCard(QWidget):
    """Fields write when they are left or Enter is pressed; what is wrong is said below and nothing changes.

    ``edit``: a field and its text; ``rename``, ``pour``: a text. They raise NumerusError.
    """

    measure = pyqtSignal()
    pick = pyqtSignal()
    take_away = pyqtSignal()
    match = pyqtSignal()
    into_mix = pyqtSignal()
    go_on = pyqtSignal()
    swatch_seen = pyqtSignal()

    def __init__(
        self,
        context: Context,
        edit: Callable[[str, str], None],
        rename: Callable[[str], None],
        pour: Callable[[str], None],
        tell_cup: Callable[[str], None],
    ) -> None:
        super().__init__()
        self.context, self.edit, self.rename, self.pour, self.tell_cup = context, edit, rename, pour, tell_cup
        self.swatch = LargeSwatch(context)
        self.name = LineEdit()
        self.name.setAccessibleName("Name of the pot")
        self.name.editingFinished.connect(lambda: self._try(lambda: self.rename(self.name.text()), self.name))
        self.many, self.known, self.needed = label("", "section"), label("", "note", True), label("", "", True)
        self.fault, self.caution = label("", "fault", True), label("", "caution", True)
        self.fields = self._fields()
        self.mix_card = self._mix_card()
        buttons = row(
            button("Measure …", self.measure.emit, tip="From a photograph of a card with swatches over black and over white"),
            button("Pick a colour …", self.pick.emit, tip="From the screen's colours, or from a picture"),
            -1, gap=6,
        )  # fmt: skip
        more = row(
            button("Into the mix", self.into_mix.emit, tip="One part more of it in what is in hand on the mixing page"),
            button("Mixes like it", self.match.emit, tip="Which mixes of the other pots come near, and replace it"),
            button("Take away …", self.take_away.emit, tip="Says where it is used, and what may take its place"),
            -1, gap=6,
        )  # fmt: skip
        self.paint_buttons = panel(buttons)
        body = column(
            self.many, self.name, self.swatch, self.known, self.fault, self.fields, self.mix_card, self.needed, self.caution,
            self.paint_buttons, more, -1, gap=5,
        )  # fmt: skip
        body.setContentsMargins(0, 0, 0, 0)
        self.setLayout(body)

    def _fields(self) -> QWidget:
        grid = QGridLayout()
        grid.setContentsMargins(0, 0, 0, 0)
        grid.setHorizontalSpacing(6)
        grid.setVerticalSpacing(3)
        self.boxes: dict[str, LineEdit] = {}
        self.kind = ComboBox()
        self.kind.addItems(KIND_NAMES)
        self.kind.setAccessibleName("Kind of paint")
        self.kind.activated.connect(lambda _: self._try(lambda: self.edit("kind", self.kind.currentText()), None))
        for n, (name, head) in enumerate(HEADS.items()):
            y, x = n // 2, 2 * (n % 2)
            grid.addWidget(label(head, "note"), y, x)
            grid.addWidget(self.kind if name == "kind" else self._box(name, head), y, x + 1)
        grid.setColumnStretch(1, 1)
        grid.setColumnStretch(3, 1)
        widget = QWidget()
        widget.setLayout(grid)
        return widget

    def _box(self, name: str, head: str) -> LineEdit:
        box = LineEdit()
        box.setAccessibleName(head)
        box.editingFinished.connect(lambda: self._left(name, box))
        self.boxes[name] = box
        return box

    def _mix_card(self) -> QWidget:
        self.parts = LineEdit()
        self.parts.setAccessibleName("Parts of the mix")
        self.parts.editingFinished.connect(lambda: self._try(lambda: self.pour(self.parts.text()), self.parts))
        self.cup = LineEdit()
        self.cup.setAccessibleName("ml in the cup")
        self.cup.setPlaceholderText("only a recipe")
        self.cup.editingFinished.connect(self._cup_left)
        self.mix_note = label("", "", True)
        buttons = row(
            button("It came out …", self.swatch_seen.emit, tip="How today's batch looks: compared with the first, and learned from"),
            button("Then add …", self.go_on.emit, tip="What is left in the cup goes on as another mix, its true parts kept"),
            -1, gap=6,
        )  # fmt: skip
        poured = row(label("ml poured", "note"), self.cup, gap=6)
        return panel(column(label("Poured from", "note"), self.parts, poured, self.mix_note, buttons, gap=4))

    def _cup_left(self) -> None:
        if self.cup.isModified():
            self.cup.setModified(False)
            self._try(lambda: self.tell_cup(self.cup.text()), self.cup)

    def _left(self, name: str, box: LineEdit) -> None:
        if box.isModified():
            box.setModified(False)
            self._try(lambda: self.edit(name, box.text()), box)

    def _try(self, act: Callable[[], None], box: LineEdit | None) -> None:
        try:
            act()
        except NumerusError as error:
            self.fault.setText(f"{error.message} {error.advice}".strip())
            self.fault.show()
            if box is not None:
                box.selectAll()
        else:
            self.fault.hide()

    def show_state(self, state: RackState) -> None:
        paints, mix = state.paints, state.mix
        self.fault.hide()
        self.setEnabled(bool(state.chosen))
        self.many.setVisible(len(state.chosen) != 1)
        self.many.setText(f"{len(state.chosen)} pots: what you write holds for all" if state.chosen else "Choose a pot")
        for part, shown in (
            (self.name, len(state.chosen) == 1), (self.swatch, len(state.chosen) == 1), (self.fields, bool(paints) and mix is None),
            (self.mix_card, mix is not None), (self.paint_buttons, len(paints) == 1), (self.known, len(paints) == 1),
        ):  # fmt: skip
            part.setVisible(shown)
        self.swatch.show_paint(state)
        if len(state.chosen) == 1:
            self.name.setText(state.rack.name_of(state.chosen[0]))
            self.needed.setText(state.needed_words(state.chosen[0]) if mix is None else self._used(state))
        else:
            self.needed.setText("")
        self._show_fields(state)
        self._show_mix(state)

    def _used(self, state: RackState) -> str:
        uses = [use.words for use in state.uses()]
        return (
            f"Used by {', '.join(uses[:4])}{' and more' if len(uses) > 4 else ''}."
            if uses
            else "No stroke uses it yet."
        )

    def _show_fields(self, state: RackState) -> None:
        paints = state.paints
        for name, box in self.boxes.items():
            box.setText(state.common(name) if paints else "")
            box.setCursorPosition(0)
            box.setModified(False)
            box.setPlaceholderText(hint_of(paints[0], name) if len(paints) == 1 else "as they are" if paints else "")
        kind = state.common("kind") if paints else ""
        self.kind.setCurrentIndex(KIND_NAMES.index(kind) if kind else -1)
        strength = (
            f" {strength_words(paints[0]).capitalize()}." if len(paints) == 1 and strength_words(paints[0]) else ""
        )
        self.known.setText(known_words(paints[0]) + strength if len(paints) == 1 else "")
        warning = kind_of(paints[0]).warning if len(paints) == 1 else ""
        self.caution.setText(warning)
        self.caution.setVisible(bool(warning))

    def _show_mix(self, state: RackState) -> None:
        if state.mix is None:
            return
        self.parts.setText(state.mix_words())
        self.cup.setText("" if state.mix.ml is None else f"{state.mix.ml:g}")
        parts_words = f"Made {state.mix.made:%-d %b %Y}. " if state.mix.made else ""
        comparison = state.comparison()
        sentence = f"{counted(len(state.mix.swatches), 'swatch')} kept. "
        if comparison is not None:
            sentence += f"The newest is ΔE {comparison.delta_e:.1f} ± {comparison.error:.1f} from the first: {comparison.verdict}. "
            best = state.corrections(40)[:1]
            if best and best[0].drops:
                sentence += (
                    f"Into 40 drops: {counted(best[0].drops, 'drop')} of {state.rack.name_of(best[0].pot)} bring it to "
                )
                sentence += f"ΔE {best[0].delta_e:.1f}."
        self.mix_note.setText(
            f"{parts_words}{state.mix.note + '. ' if state.mix.note else ''}{sentence}{state.cup_words()}"
        )
