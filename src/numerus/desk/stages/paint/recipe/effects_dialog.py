"""An effect for a zone: what it does, what to mind, and where its light stands if it has one."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import column, label, row
from numerus.desk.widgets.worded import ComboBox, ListWidget
from numerus.paint.advice.effects import EFFECTS, Effect
from numerus.post.cautions import DEFER


class EffectsDialog(Dialog):
    """``effect`` and, where it is lit, ``source``: the zone its light comes from."""

    def __init__(self, zone: str, sources: list[tuple[str, str]], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Add an effect")
        self.names, self.sources = ListWidget(), ComboBox()
        self.names.addItems([e.name.capitalize() for e in EFFECTS])
        self.names.setAccessibleName("Effects")
        self.sources.setAccessibleName("Zone the light comes from")
        for name, zone_id in sources:
            self.sources.addItem(name, zone_id)
        self.what, self.strokes, self.mind = label("", "strong", True), label("", "", True), label("", "note", True)
        self.light_words = label("Its light comes from", "note")
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        layout = column(
            self.what, self.strokes, self.light_words, self.sources, self.mind, label(DEFER, "note", True), -1, gap=6
        )
        body = row(self.names, layout, gap=14)
        body.setStretch(0, 2)
        body.setStretch(1, 3)
        self.setLayout(column(label(f"On {zone}", "section"), body, box, gap=8, margins=(14, 14, 14, 14)))
        self.setMinimumSize(560, 420)
        self.names.currentRowChanged.connect(self._show)
        self.names.itemDoubleClicked.connect(self.accept)
        self.names.setCurrentRow(0)
        self.names.setFocus(Qt.FocusReason.OtherFocusReason)

    @property
    def effect(self) -> Effect:
        return EFFECTS[max(self.names.currentRow(), 0)]

    @property
    def source(self) -> str:
        """The zone its light comes from, "" where it has none."""
        return self.sources.currentData() or "" if self.effect.lit else ""

    def _show(self, _: int) -> None:
        effect = self.effect
        self.what.setText(effect.what)
        self.strokes.setText("\n".join(f"{n}. {s.name}: {s.technique}" for n, s in enumerate(effect.strokes, 1)))
        self.mind.setText(f"Mind: {effect.mind}")
        for widget in (self.light_words, self.sources):
            widget.setVisible(effect.lit)
