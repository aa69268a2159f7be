"""The rack: every pot at a glance, what lacks and by when, what to buy for the whole army; changed on the card beside it."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from PyQt6.QtCore import Qt, pyqtSignal
from PyQt6.QtGui import QGuiApplication, QKeyEvent
from PyQt6.QtWidgets import QColorDialog, QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.colours.card_dialog import CardDialog
from numerus.desk.stages.paint.rack.cup_dialog import CupDialog
from numerus.desk.stages.paint.rack.pot_card import PotCard
from numerus.desk.stages.paint.rack.replace_dialog import ReplaceDialog
from numerus.desk.stages.paint.rack.shelf import Shelf
from numerus.desk.stages.paint.rack.state import ORDERS, RackState
from numerus.desk.widgets.drawing import StatedDrawing
from numerus.desk.widgets.layout import button, column, label, panel, row, scrolled
from numerus.desk.widgets.worded import ComboBox, FileDialog, InputDialog, LineEdit
from numerus.domain.painting.paints import PICKED, Paint, Swatch
from numerus.errors import NumerusError
from numerus.formats.paint_lists import COLUMNS, gimp_text, json_text, read_paint_list
from numerus.formats.tables import csv_text
from numerus.paint.rack.exchange import entry_of, paints_of_list, rows_of_paints, taken_over
from numerus.words import counted

LISTS = "Lists of paints (*.csv *.json *.gpl)"
BLANK = Paint("", "", "", "#9A9A98", None)


class ShoppingList(StatedDrawing[RackState]):
    """What to buy for the whole army at its levels, and what nobody has weighed."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "To buy for the whole army")
        self.hold("setFixedHeight", 76)

    def draw(self, painter) -> None:  # type: ignore[no-untyped-def]
        lines = self.state.shopping() if self.state else []
        if not lines:
            painted = self.state is not None and any(s.by_unit for s in self.state.stock)
            words = (
                "What is on the rack does for the whole army."
                if painted
                else "No stroke waits: nothing is asked of the rack."
            )
            self.text(painter, 0, 16, words, 13, colour="moss_ink" if painted else "slate")
            return
        wide = self.width() / 3
        for n, line in enumerate(lines[:12]):
            x, y = wide * (n // 4), 14 + 18 * (n % 4)
            pots = counted(line.pots, "pot") if line.pots else "weigh it"
            self.text(painter, x, y, pots, 11, True, "tallow_ink", width=56)
            self.text(painter, x + 58, y, line.words, 11, width=wide - 70)
            self.region(self.area, "\n".join(li.words for li in lines))


class RackPage(QWidget):
    """``wanted``: a pot's id that a mix should come near; ``poured``: one that goes into the mix in hand."""

    wanted = pyqtSignal(str)
    poured = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.context, self.session = context, context.session
        self.state = RackState(context.session.answers)
        self.shelf = Shelf(context)
        self.shelf.chosen.connect(self.choose)
        self.card = PotCard(context, self.edit, self.rename, self.pour, self.tell_cup)
        for signal, act in (
            (self.card.measure, self.measure), (self.card.pick, self.pick), (self.card.take_away, self.take_away),
            (self.card.match, lambda: self.wanted.emit(self.state.chosen[0])), (self.card.into_mix, self._pour_chosen), (self.card.go_on, self.go_on),
            (self.card.swatch_seen, self.swatch_seen),
        ):  # fmt: skip
            signal.connect(act)
        self.query, self.order, self.count = self._finder(), ComboBox(), label("", "note")
        self.order.addItems(ORDERS)
        self.order.setAccessibleName("Order of the shelf")
        self.order.activated.connect(self._ordered)
        self.shopping = ShoppingList(context)
        self.buy_title = label("To buy for the whole army", "section")
        self.setLayout(self._layout())

    def _finder(self) -> LineEdit:
        field = LineEdit()
        field.setPlaceholderText("Find: name, kind, maker, family")
        field.setAccessibleName("Find a pot")
        field.setClearButtonEnabled(True)
        field.setMinimumWidth(200)
        field.textChanged.connect(self._find)
        return field

    def _layout(self):  # type: ignore[no-untyped-def]
        top = row(
            self.query, self.order, self.count, -1, button("Bring in …", self.bring_in, "link", "CSV, JSON or a GIMP palette"),
            button("Give out …", self.give_out, "link", "CSV, JSON or a GIMP palette"),
            button("Copy", self.copy, "link", "The chosen pots, or all, as text"), gap=10,
        )  # fmt: skip
        left = column(top, self.shelf, gap=6)
        left.setStretch(1, 1)
        side = scrolled(panel(column(self.card, margins=(0, 0, 6, 0)), "bench"))
        upper = row(panel(left), side, gap=16, margins=(16, 0, 16, 6))
        upper.setStretch(0, 66)
        upper.setStretch(1, 34)
        titled = row(self.buy_title, -1, button("Save the list …", self.save_list, "link", "As CSV"))
        drawer = panel(column(titled, self.shopping, gap=2, margins=(16, 6, 16, 4)), "drawer")
        body = column(upper, drawer, gap=0)
        body.setStretch(0, 1)
        return body

    def refresh(self) -> None:
        self.state.look(self.session.answers)
        self._show()

    def _show(self) -> None:
        state = self.state
        self.shelf.show_boards(state.shelf(), state.chosen)
        self.card.show_state(state)
        self.shopping.show_state(state)
        lines = state.shopping()
        pence = sum(li.pence for li in lines)
        currency = state.plans.army.currency if state.plans.army else ""
        unpriced = sum(li.pots > 0 and not li.pence for li in lines)
        price = f", {currency}{pence / 100:.2f}" if pence else ""
        self.buy_title.setText(
            "To buy for the whole army" + price + (f" and {unpriced} without a price" if unpriced else "")
        )
        lacking = sum(s.runs_out is not None for s in state.stock)
        self.count.setText(f"{counted(len(state.plans.paints), 'pot')}, {lacking} will not last")

    @property
    def summary(self) -> str:
        """What stands beside the bench's title."""
        return f"{counted(len(self.state.plans.paints), 'pot')}, {counted(len(self.state.plans.mixes), 'mix')}"

    def _find(self, words: str) -> None:
        self.state.query = words
        self._show()

    def _ordered(self, index: int) -> None:
        self.state.order = ORDERS[index]
        self._show()

    def choose(self, pot: str, more: bool = False) -> None:
        self.state.choose(pot, more)
        self._show()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event.key() == Qt.Key.Key_Delete and self.state.chosen:
            self.take_away()
        else:
            super().keyPressEvent(event)

    def add(self) -> None:
        """A new pot, named first; everything else about it is a default that says so."""
        name, sure = InputDialog.getText(self, "Add a pot", "What stands on it")
        if not sure:
            return
        try:
            self.add_pot(name)
        except NumerusError as error:
            self.context.jobs.failed.emit(error)

    def add_pot(self, name: str) -> None:
        """Raises PlanError for a name that is taken or none."""
        from numerus.paint.rack.rack_edits import checked_name

        paint = replace(BLANK, id=new_id(), name=checked_name(name, "", self.state.rack), known="guessed")
        self.state.chosen = (paint.id,)
        self.session.commit(f"added {paint.name}", [paint])

    def edit(self, name: str, text: str) -> None:
        """One field of all chosen pots, in one edit. Raises PlanError."""
        changed = self.state.edited(name, text, self.session.clock())
        if changed:
            self.session.commit(f"{name} of {counted(len(changed), 'pot')}", changed)

    def rename(self, text: str) -> None:
        changed = self.state.renamed(text)
        if changed is not None:
            self.session.commit(f"renamed {changed.name}", [changed])

    def pour(self, text: str) -> None:
        changed = self.state.mix_edited(text)
        if changed is not None:
            used = counted(len(self.state.uses()), "stroke")
            self.session.commit(f"poured {changed.name} otherwise: {used} with it", [changed])

    def _pour_chosen(self) -> None:
        for pot in self.state.chosen:
            self.poured.emit(pot)

    def take_away(self) -> None:
        """Says where what is chosen is used; it goes, another takes its place, or it stays marked gone."""
        if not self.state.chosen:
            return
        dialog = ReplaceDialog(self.context, self.state, self)
        if dialog.exec():
            self.session.commit(dialog.words, dialog.documents)

    def measure(self) -> None:
        """K and S of the chosen pot from a photographed card."""
        dialog = CardDialog(self.context, self)
        if dialog.exec() and dialog.reading is not None and self.state.paints:
            self.session.commit(f"measured {self.state.paints[0].name}", [dialog.measured(self.state.paints[0])])

    def pick(self) -> None:
        colour = QColorDialog.getColor(parent=self)
        if colour.isValid() and self.state.paints:
            new = [
                replace(p, colour=colour.name().upper(), known=PICKED, over_black="", over_white="")
                for p in self.state.paints
            ]
            self.session.commit("picked a colour", new)

    def swatch_seen(self) -> None:
        """How today's batch of a mix came out, typed or from a picture."""
        from numerus.desk.stages.paint.colours.colour_dialog import ColourDialog

        kept = self.state.mix.swatches if self.state.mix else ()
        dialog = ColourDialog(self.context, self, kept[0] if kept else None)
        if dialog.exec():
            swatch = Swatch(self.session.clock().date(), dialog.colour, dialog.error, dialog.known)
            self.session.commit("kept how it came out", self.state.with_swatch(swatch))

    def go_on(self) -> None:
        """What is left in the cup, with more in it: another mix."""
        if self.state.mix is None:
            return
        dialog = CupDialog(self.context, self.state, self)
        if dialog.exec() and dialog.mix is not None:
            mix, old = dialog.mix, self.state.mix
            self.state.chosen = (mix.id,)
            self.session.commit(f"went on from {old.name}", [mix, replace(old, ml=None, ml_told=None)])

    def tell_cup(self, text: str) -> None:
        """How much of the chosen mix is there. Raises PlanError."""
        mix = self.state.cup_told(text)
        if mix is not None and mix != self.state.mix:
            self.session.commit(f"ml of {mix.name}", [mix])

    def bring_in(self) -> None:
        path, _ = FileDialog.getOpenFileName(self, "Bring pots in", "", LISTS)
        if path:
            self.take_list(Path(path))

    def take_list(self, path: Path) -> None:
        """Pots of a file; those of a name that is there are brought up to date. A wrong file changes nothing."""
        try:
            new = taken_over(paints_of_list(read_paint_list(path), new_id), self.state.plans.paints.values())
        except NumerusError as error:
            self.context.jobs.failed.emit(error)
            return
        self.session.commit(f"brought in {counted(len(new), 'pot')}", new)

    def give_out(self) -> None:
        path, _ = FileDialog.getSaveFileName(self, "Give pots out", "rack.csv", LISTS)
        if path:
            self._save(Path(path), self.list_text(Path(path).suffix.lower()))

    def list_text(self, suffix: str) -> str:
        """The rack as CSV, JSON or a GIMP palette."""
        paints = list(self.state.plans.paints.values())
        if suffix == ".gpl":
            return gimp_text(
                self.state.plans.army.name if self.state.plans.army else "Rack", [(p.name, p.colour) for p in paints]
            )
        return json_text(map(entry_of, paints)) if suffix == ".json" else csv_text([COLUMNS, *rows_of_paints(paints)])

    def save_list(self) -> None:
        path, _ = FileDialog.getSaveFileName(self, "Save the shopping list", "to-buy.csv", "CSV (*.csv)")
        if path:
            self._save(Path(path), csv_text(self.state.shopping_rows()))

    def _save(self, path: Path, text: str) -> None:
        try:
            path.write_text(text, encoding="utf-8")
        except OSError as error:
            fault = NumerusError(
                "unwritable", f"{path.name} could not be written: {error.strerror}.", "Nothing was lost."
            )
            self.context.jobs.failed.emit(fault)

    def copy(self) -> None:
        QGuiApplication.clipboard().setText(self.state.text_of_chosen())
