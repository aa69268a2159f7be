"""Taking a pot away: where it is used, and what may take its place: the nearest of its kind, a mix, or nothing but its name."""

from __future__ import annotations

from typing import Any

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.context import Context
from numerus.desk.stages.paint.rack.state import RackState
from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import column, label
from numerus.desk.widgets.worded import RadioButton
from numerus.domain.painting.paints import Parts
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.matching import Proposal, replacements
from numerus.paint.rack.parts_text import parts_text
from numerus.words import counted

OFFERED = 4
SEEN = (
    (1.0, "nobody will see it"),
    (2.3, "seen side by side only"),
    (5.0, "seen if one looks"),
    (1e9, "seen across the table"),
)


def seen_words(delta_e: float) -> str:
    return next(words for limit, words in SEEN if delta_e < limit)


class ReplaceDialog(Dialog):
    """``documents`` and ``words`` of the edit, once accepted."""

    def __init__(self, context: Context, state: RackState, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Take away")
        self.state = state
        uses = state.uses()
        names = ", ".join(state.rack.name_of(p) for p in state.chosen)
        where = ", ".join(u.words for u in uses[:6]) + (f" and {len(uses) - 6} more" if len(uses) > 6 else "")
        words = f"{names}: used in {where}." if uses else f"{names}: nothing uses it."
        self.choices: list[tuple[RadioButton, Parts, bool]] = []
        if uses:
            for proposal in self._proposals():
                self._offer(self._words(proposal), proposal.parts, False)
            self._offer("Leave it in the recipes, marked gone", (), True)
        else:
            self._offer("Take it off the rack", (), False)
        self.choices[0][0].setChecked(True)
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Ok | QDialogButtonBox.StandardButton.Cancel)
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        note = label("Everything can be taken back with Undo.", "note")
        self.setLayout(
            column(
                label(words, "strong", True),
                *(c for c, _, _ in self.choices),
                note,
                box,
                gap=8,
                margins=(14, 14, 14, 14),
            )
        )

    def _proposals(self) -> list[Proposal]:
        """The nearest single pot and the nearest mixes, of the same sort of paint."""
        paints = self.state.paints
        if len(paints) != 1 or kind_of(paints[0]).clear:
            return []
        proposals = replacements(paints[0], list(self.state.plans.paints.values()))
        single = [p for p in proposals if len(p.parts) == 1][:1]
        return single + [p for p in proposals if len(p.parts) > 1][: OFFERED - 1]

    def _words(self, proposal: Proposal) -> str:
        parts = parts_text(proposal.parts, self.state.rack.names)
        return f"{parts} instead: ΔE {proposal.delta_e:.1f}, {seen_words(proposal.delta_e)}"

    def _offer(self, words: str, parts: Parts, gone: bool) -> None:
        self.choices.append((RadioButton(words), parts, gone))

    @property
    def _chosen(self) -> tuple[Parts, bool]:
        return next((parts, gone) for radio, parts, gone in self.choices if radio.isChecked())

    @property
    def documents(self) -> list[Any]:
        parts, gone = self._chosen
        return list(self.state.marked_gone()) if gone else self.state.taken_away(parts)

    @property
    def words(self) -> str:
        what = counted(len(self.state.chosen), "pot")
        return f"{what} marked gone" if self._chosen[1] else f"took {what} away"
