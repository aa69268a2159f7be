"""Mixing: what to drop together to hit a colour with what one has, and how much of it the batch takes."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtGui import QDragEnterEvent, QDropEvent
from PyQt6.QtWidgets import QWidget

from numerus.book.intake import new_id
from numerus.colour.swatch_card import GREY_CARD
from numerus.colour.words import colour_typed
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.colour_dialog import GREY, read_places, ring_places
from numerus.desk.stages.paint.colours.picture_view import PictureView
from numerus.desk.stages.paint.mix.pictures import Batch, MixList, RackMap
from numerus.desk.stages.paint.mix.state import GROUNDS, MixState, Wanted
from numerus.desk.stages.paint.mix.target_swatch import TargetSwatch
from numerus.desk.stages.paint.page_tab import dragged_pot
from numerus.desk.widgets.layout import button, column, label, panel, row, show_choices, tried
from numerus.desk.widgets.worded import ComboBox, FileDialog, InputDialog, LineEdit, SpinBox
from numerus.domain.stages import LEVEL_NAMES, LEVELS
from numerus.formats.pictures import PICTURES, read_picture
from numerus.paint.rack.matching import Proposal
from numerus.words import counted

MOST_OFFERS = 3
MOST_FIGURES = 999


class MixPage(QWidget):
    """A pot dropped on it goes into the mix; a picture dropped on it is read from."""

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.state = MixState(context.session.answers)
        self.setAcceptDrops(True)
        self.view = PictureView(context, "Picture to read the colour from")
        self.view.moved.connect(self.read)
        self.target, self.list, self.map, self.batch = (
            TargetSwatch(context),
            MixList(context),
            RackMap(context),
            Batch(context),
        )
        self.list.chosen.connect(self.choose)
        self.map.struck.connect(self.strike)
        self.source, self.fault, self.coats = label("", "note", True), label("", "fault", True), label("", "note", True)
        self.parts = self._line_edit(
            "Parts: Tallow coat 2 : Candle cream 1", "Parts of the mix in hand", self.type_parts
        )
        self.typed = self._line_edit("#C99A2E or dark red", "Colour wanted", self.type_colour)
        self.zones, self.grounds = self._zones(), self._grounds()
        self.offers = [button("Change it", lambda n=n: self.take_offer(n), "link") for n in range(MOST_OFFERS)]
        self.batch_title, self.batch_note = label("", "section"), label("", "note", True)
        self.setLayout(self._layout())
        self._searched: object = None

    def _line_edit(self, hint: str, name: str, act) -> LineEdit:  # type: ignore[no-untyped-def]
        field = LineEdit()
        field.setPlaceholderText(hint)
        field.setAccessibleName(name)
        field.returnPressed.connect(act)
        return field

    def _zones(self) -> ComboBox:
        box = ComboBox()
        box.setAccessibleName("A zone to match, and to mix for")
        box.activated.connect(self._zone_taken)
        return box

    def _grounds(self) -> ComboBox:
        box = ComboBox()
        box.addItems(list(GROUNDS))
        box.setAccessibleName("Over which ground it should match")
        box.activated.connect(self._ground_taken)
        return box

    def _layout(self):  # type: ignore[no-untyped-def]
        left = column(
            self.view, self.target, self.source, row(self.typed, button("Picture …", self.open_picture), gap=6),
            row(self.zones, self.grounds, gap=6), self.fault, gap=6,
        )  # fmt: skip
        left.setStretch(0, 1)
        left.setStretch(1, 1)
        middle = column(
            label("In whole drops", "section"), self.list, self.parts, self.coats, row(*self.offers, -1, gap=10), gap=4
        )
        middle.setStretch(1, 1)
        right = column(label("What the rack can reach", "section"), self.map, gap=4)
        right.setStretch(1, 1)
        upper = row(left, middle, right, gap=16, margins=(16, 0, 16, 6))
        for n, share in enumerate((29, 40, 31)):
            upper.setStretch(n, share)
        words = column(self.batch_title, self.batch_note, self._batch_choices(), -1, gap=4)
        lower = row(words, self.batch, gap=20, margins=(16, 6, 16, 4))
        lower.setStretch(0, 30)
        lower.setStretch(1, 70)
        body = column(upper, panel(lower, "drawer"), gap=0)
        body.setStretch(0, 1)
        return body

    def _batch_choices(self):  # type: ignore[no-untyped-def]
        """For whom, to which level, how often and how it is put on."""
        self.count = self._number("", 0, MOST_FIGURES, 0, "figures", "Figures to mix for; 0 for all that want it")
        self.count.setSpecialValueText("all that want it")
        self.many = self._number("coats: ", 1, 9, self.state.coats, "", "Coats on the whole zone")
        self.evenings = self._number("sessions: ", 1, 9, 1, "", "Sessions it is mixed in, each with the same drops")
        self.level, self.tool = ComboBox(), ComboBox()
        self.level.addItem("as their units", "")
        for level in LEVELS:
            self.level.addItem(LEVEL_NAMES[level], level)
        self.tool.addItems(("brush", "airbrush"))
        for box, name in ((self.level, "Painting level"), (self.tool, "Tool")):
            box.setAccessibleName(name)
            box.activated.connect(self._batch_changed)
        return column(
            row(self.count, self.level, -1, gap=6), row(self.many, self.evenings, self.tool, -1, gap=6), gap=4
        )

    def _number(self, prefix: str, least: int, most: int, value: int, suffix: str, name: str) -> SpinBox:
        box = SpinBox()
        box.setRange(least, most)
        box.setValue(value)
        box.setPrefix(prefix)
        box.setSuffix(f" {suffix}" if suffix else "")
        box.setAccessibleName(name)
        box.setToolTip(name)
        box.valueChanged.connect(self._batch_changed)
        return box

    def refresh(self) -> None:
        self.state.look(self.session.answers)
        zones = [
            ("for any zone", ""),
            *((z.name, z.id) for z in sorted(self.state.plans.zones.values(), key=lambda z: z.order)),
        ]
        show_choices(self.zones, zones, self.state.zone_id)
        self.search()

    @property
    def summary(self) -> str:
        return f"{len(self.state.pots)} pots, 12 drops at most"

    def want(self, wanted: Wanted) -> None:
        """Another colour: its mixes are looked for."""
        self.state.wanted = wanted
        self.fault.setText("")
        self.search()

    def want_like(self, pot: str) -> None:
        """A colour like a pot's, without that pot."""
        self.state.look(self.session.answers)
        self.state.struck = {pot}
        self.want(self.state.pot_wanted(pot))

    def search(self) -> None:
        """Look through the rack, unless nothing that counts is another."""
        state = self.state
        asked = (state.wanted.colour, state.ground, tuple(state.pots))
        self._show()
        if asked == self._searched:
            return
        self._searched = asked
        state.take([])
        self.context.jobs.start("mixes", "Looking for mixes", state.search(), self._found)

    def _found(self, proposals: list[Proposal]) -> None:
        self.state.take(proposals)
        self._show()

    def _show(self) -> None:
        state = self.state
        self.view.setVisible(self.view.pixels is not None)
        for picture in (self.target, self.list, self.map, self.batch):
            picture.show_state(state)
        sure = f", ± {state.wanted.error:.1f} ΔE" if state.wanted.error else ""
        self.source.setText(f"{state.wanted.colour}: {state.wanted.source}{sure}")
        if not self.parts.hasFocus():
            self.parts.setText(state.words_of(state.parts))
        self.coats.setText(f"{state.coats_words()} {state.thinning_words()}")
        self._show_reasons()
        self.batch_title.setText(f"For {counted(state.figures, 'figure')}")
        self.many.setEnabled(not state.by_strokes)
        self.batch_note.setText(f"{state.batch_words()}. {state.stays_words()}")

    def _show_reasons(self) -> None:
        """Small changes painters know, each a press away."""
        reasons = self.state.reasons()
        for n, offer in enumerate(self.offers):
            offer.setVisible(n < len(reasons))
            if n < len(reasons):
                why, parts = reasons[n]
                offer.setText(why.partition(":")[0])
                offer.setToolTip(f"{why}: {self.state.words_of(parts)}")

    def take_offer(self, n: int) -> None:
        """What is in hand becomes the changed mix."""
        self.state.own = self.state.reasons()[n][1]
        self._show()

    def choose(self, n: int) -> None:
        self.state.chosen, self.state.own = n, ()
        self._show()

    def strike(self, pot: str) -> None:
        self.state.strike(pot)
        self.search()

    def type_colour(self) -> None:
        tried(
            lambda: self.want(Wanted(colour_typed(self.typed.text()), f"typed as {self.typed.text().strip()}")),
            self.fault,
        )

    def type_parts(self) -> None:
        if tried(lambda: self.state.type_parts(self.parts.text()), self.fault):
            self._show()

    def _zone_taken(self, _: int) -> None:
        self.state.zone_id = self.zones.currentData() or ""
        wanted = self.state.zone_wanted(self.state.zone_id)
        if wanted is not None:
            self.want(wanted)
        else:
            self._show()

    def _ground_taken(self, _: int) -> None:
        self.state.ground = self.grounds.currentText()
        self.search()

    def _batch_changed(self, _: int = 0) -> None:
        state = self.state
        state.coats, state.sessions, state.sprayed = (
            self.many.value(),
            self.evenings.value(),
            self.tool.currentIndex() == 1,
        )
        state.count, state.level = self.count.value(), self.level.currentData()
        self._show()

    def open_picture(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Open a picture", "", PICTURES)
        if path:
            self.show_file(Path(path))

    def show_file(self, path: Path) -> None:
        """A picture with its ring in the middle."""

        def show() -> None:
            ring_places(self.view, read_picture(path), GREY)

        if tried(show, self.fault):
            self.read()

    def read(self) -> None:
        """The colour at the ring, the grey card's cast taken out."""

        def read() -> None:
            read_colour = read_places(self.view, GREY_CARD)
            self.want(Wanted(read_colour.colour, "read from the picture beside its grey", round(read_colour.error, 1)))

        tried(read, self.fault)

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if dragged_pot(event) or event.mimeData().hasUrls():
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        data = event.mimeData()
        if pot := dragged_pot(event):
            self.add_pot(pot)
        elif data.hasUrls() and data.urls()[0].isLocalFile():
            self.show_file(Path(data.urls()[0].toLocalFile()))
        event.acceptProposedAction()

    def add_pot(self, pot: str) -> None:
        """One part more of it in what is in hand."""
        if tried(lambda: self.state.add_pot(pot), self.fault):
            self._show()

    def keep(self) -> None:
        """What is in hand gets a name and stands on the rack."""
        name, sure = InputDialog.getText(
            self, "Keep this mix", "Its name", text=self.state.wanted.source.partition(" ")[0]
        )
        if sure:
            self.keep_as(name)

    def keep_as(self, name: str) -> None:
        def keep() -> None:
            mix = self.state.kept(name, new_id())
            self.session.commit(f"kept the mix {mix.name}", [mix])

        tried(keep, self.fault)

    def use(self) -> None:
        """What is in hand goes into a stroke of the scheme."""
        strokes = self.state.strokes()
        if not strokes or not self.state.parts:
            self.fault.setText("There is no stroke to put it into." if not strokes else "There is nothing mixed yet.")
            return
        words, sure = InputDialog.getItem(
            self, "Use in a stroke", "Which stroke is mixed so?", [w for w, _ in strokes]
        )
        if sure:
            step_id = next(s for w, s in strokes if w == words)
            self.session.commit(f"{words} is mixed otherwise", [self.state.used_in(step_id)])
