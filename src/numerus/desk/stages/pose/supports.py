"""Supports: how they are placed, what the proof found, and tools to change them by hand or to brush the part."""

from __future__ import annotations

from PyQt6.QtCore import pyqtSignal
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.widgets.layout import button, column, label, panel, row
from numerus.desk.widgets.places import PlaceList
from numerus.desk.widgets.worded import ComboBox, PushButton
from numerus.domain.printing.poses import DAB_KINDS
from numerus.printing.checks.layer_graph import LayerGraph
from numerus.printing.checks.print_findings import PrintFinding, print_findings, supports_say, tip_says
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import STYLE_DESCRIPTION, STYLES

LOOK, ADD, MOVE, BRUSH = "Look", "Add a tip", "Move it", "Brush"
MODE_SAYS = {
    LOOK: "Click near a tip to choose it, or a line above to see its place.",
    ADD: "Click an underside: a tip is brought there.",
    MOVE: "Click where the chosen tip should hold instead.",
    BRUSH: "Drag over the part, or click it: what is brushed counts for poses and tips.",
}
BRUSH_SAYS = {
    "show": "seen: dear", "hide": "unseen: cheap", "keep off": "no tip here", "hold": "tips here",
}  # fmt: skip
MEND_SAYS = "Tips where something is left, heavier where too light, finer where too heavy"
SIZES_MM = (1.0, 2.0, 4.0, 8.0)


class SupportsPage(QWidget):
    """``styled``: another style; ``deed``: what to do with the chosen tip ("thicker", "finer", "split", "away"), or "mend" or
    "again"; ``looked``: a finding was chosen.
    """

    styled = pyqtSignal(str)
    deed = pyqtSignal(str)
    looked = pyqtSignal()
    mode_changed = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__()
        self.findings: list[PrintFinding] = []
        self.supported: tuple[Supported, LayerGraph] | None = None
        self.chosen = -1
        self.style_box, self.brush_box, self.size_box = ComboBox(), ComboBox(), ComboBox()
        self.style_box.addItems([name.capitalize() for name in STYLES])
        self.style_box.setAccessibleName("Style of supports")
        self.style_box.activated.connect(lambda n: self.styled.emit(list(STYLES)[n]))
        self.brush_box.setAccessibleName("What the brush says")
        for kind in DAB_KINDS:
            self.brush_box.addItem(BRUSH_SAYS[kind], kind)
        self.size_box.setAccessibleName("Size of the brush")
        for size in SIZES_MM:
            self.size_box.addItem(f"{size:g} mm", size)
        self.size_box.setCurrentIndex(1)
        self.size_box.activated.connect(lambda _: self.mode_changed.emit())
        self.style_says, self.summary = label("", "note", True), label("", "", True)
        self.list = PlaceList(
            context.theme, "What the proof found", "Nothing begins in mid-air, every tip holds what it must."
        )
        self.list.chosen.connect(self._look)
        self.tip, self.hint = label("", "", True), label("", "note", True)
        self.setLayout(self._body())
        self.use(LOOK)

    def _body(self):  # type: ignore[no-untyped-def]
        self.mend = button("Mend all", lambda: self.deed.emit("mend"), "main", MEND_SAYS)
        again = button("Place again", lambda: self.deed.emit("again"), "", "All tips anew, by the style")
        self.vent = button(
            "Vent cups",
            lambda: self.deed.emit("vent"),
            "",
            "A small hole from each cup through its thinnest wall out of sight",
        )
        self.modes = {m: button(m, lambda m=m: self.use(m), "tab") for m in (LOOK, ADD, MOVE, BRUSH)}
        for mode in self.modes.values():
            mode.setCheckable(True)
        self.user_actions: list[PushButton] = [
            button(words, lambda d=deed: self.deed.emit(d), "", tip)
            for words, deed, tip in (
                ("Thicker", "thicker", "The next size up"), ("Finer", "finer", "The next size down: a smaller mark"),
                ("Split", "split", "Two tips to either side, to share its load"), ("Take away", "away", "The tip and its pillar"),
            )
        ]  # fmt: skip
        head = row(label("Placed", "section"), self.style_box, again, -1, self.vent, self.mend)
        by_hand = row(label("By hand", "section"), *self.modes.values(), -1, gap=2)
        self.brush_row = panel(row(label("Brush says"), self.brush_box, label("of"), self.size_box, -1, gap=6))
        self.tip_row = panel(column(self.tip, row(*self.user_actions, -1, gap=6), gap=4))
        body = column(
            head, self.style_says, self.summary, 2, self.list, by_hand, self.hint, self.brush_row, self.tip_row, gap=5
        )
        body.setStretch(4, 1)
        return body

    def use(self, mode: str) -> None:
        self.mode = mode
        for name, push_button in self.modes.items():
            push_button.setChecked(name == mode)
        self.hint.setText(MODE_SAYS[mode])
        self.brush_row.setVisible(mode == BRUSH)
        self.tip_row.setVisible(mode != BRUSH)
        self.mode_changed.emit()

    @property
    def brush(self) -> tuple[str, float]:
        """Kind of stroke and its radius in mm."""
        return self.brush_box.currentData(), self.size_box.currentData()

    def show_made(self, supported: Supported, graph: LayerGraph, pools_ml: float) -> None:
        """Supports as they now are, with what the proof says of them."""
        self.supported = supported, graph
        self.findings = print_findings(supported, graph.proof, graph.cups, pools_ml)
        self.list.show_lines([(f.description[:1].upper() + f.description[1:], f.advice) for f in self.findings])
        self.summary.setText(supports_say(supported, graph.proof))
        self.style_box.setCurrentIndex(list(STYLES).index(supported.style.name))
        self.style_says.setText(STYLE_DESCRIPTION[supported.style.name])
        self.mend.setEnabled(any(f.code not in ("cup", "pool") for f in self.findings))
        self.vent.setVisible(any(f.code == "cup" for f in self.findings))
        self.choose(self.chosen if self.chosen < len(supported.pillars) else -1)

    def choose(self, pillar: int) -> None:
        """One tip, to be changed."""
        self.chosen = pillar
        for push_button in self.user_actions:
            push_button.setEnabled(pillar >= 0)
        measured = self.supported is not None and pillar >= 0
        self.tip.setText(
            tip_says(self.supported[0], self.supported[1].proof, pillar) if measured and self.supported else ""
        )

    def _look(self, number: int) -> None:
        self.choose(self.findings[number].pillar)
        self.looked.emit()
