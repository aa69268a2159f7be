"""The living cup: what is left of a mix goes on with more dropped in, its true parts kept to be made again."""

from __future__ import annotations

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QColor, QPainter
from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.book.intake import new_id
from numerus.desk.context import Context
from numerus.desk.stages.paint.rack.state import RackState
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.drawing import Drawing
from numerus.desk.widgets.layout import column, label
from numerus.desk.widgets.worded import LineEdit
from numerus.domain.painting.paints import Mix, Parts
from numerus.errors import PlanError
from numerus.paint.rack.parts_text import parts_text


class BeforeAndAfter(Drawing):
    """The mix as it was and as it is with what was dropped in, edge to edge."""

    def __init__(self, context: Context, state: RackState) -> None:
        super().__init__(context.theme, "The mix before and after")
        self.state, self.parts = state, list[Parts]()
        self.hold("setFixedHeight", 90)

    def show_parts(self, parts: list[Parts]) -> None:
        self.parts = parts
        self.update()

    def draw(self, painter: QPainter) -> None:
        wide = self.width() / max(len(self.parts), 1)
        for n, parts in enumerate(self.parts):
            painter.fillRect(QRectF(n * wide, 0, wide, self.height()), QColor(self.state.rack.pigment(parts).colour))
            self.tagged(painter, n * wide + 10, self.height() - 10, ("as it was", "in the cup now")[n])


class CupDialog(Dialog):
    """``mix``: what is in the cup now, None while what is typed is no mix."""

    def __init__(self, context: Context, state: RackState, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Then add")
        self.state, self._id = state, new_id()
        self.mix: Mix | None = None
        name = state.mix.name if state.mix else ""
        left = state.cups.get(state.mix.id, 0.0) if state.mix else 0.0
        self.left = self._field("ml left in the cup", f"{left:.2f}" if left else "")
        self.added = self._field("Dropped in, like Ember 2 drops", "")
        self.picture, self.note = BeforeAndAfter(context, state), label("", "note", True)
        self.box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        self.box.accepted.connect(self.accept)
        self.box.rejected.connect(self.reject)
        known = "computed from what was poured and painted" if left else "not known: nobody wrote down what was poured"
        self.setLayout(
            column(
                label(f"{name} goes on", "strong"), label(f"ml left in the cup ({known})", "note", True), self.left,
                label("What was dropped into it", "note"), self.added, self.picture, self.note, self.box,
                gap=6, margins=(14, 14, 14, 14),
            )
        )  # fmt: skip
        self.setMinimumWidth(440)
        self._look()

    def _field(self, name: str, text: str) -> LineEdit:
        field = LineEdit(text)
        field.setAccessibleName(name)
        field.setPlaceholderText(name)
        field.textChanged.connect(self._look)
        return field

    def _look(self) -> None:
        """The cup with what is typed so far."""
        old = self.state.mix
        try:
            self.mix = self.state.went_on(self.added.text(), self.left.text(), self._id)
            words = f"{parts_text(self.mix.parts, self.state.rack.names)} in drops: {self.mix.ml:.2f} ml, made again as {self.again}."
        except PlanError as error:
            self.mix, words = None, f"{error.message} {error.advice}".strip() if self.added.text().strip() else ""
        self.note.setText(words)
        shown = [m.parts for m in (old, self.mix) if m is not None]
        self.picture.show_parts(shown)
        self.box.button(QDialogButtonBox.StandardButton.Ok).setEnabled(self.mix is not None)

    @property
    def again(self) -> str:
        """The mix in the fewest whole drops."""
        return parts_text(self.state.in_whole_drops(self.mix), self.state.rack.names) if self.mix else ""
