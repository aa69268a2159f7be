"""The order of zones: one's own beside the proposed, each with its reason; and zones that could share a pot."""

from __future__ import annotations

from collections.abc import Mapping

from PyQt6.QtWidgets import QDialogButtonBox, QWidget

from numerus.desk.widgets.dialog import Dialog
from numerus.desk.widgets.layout import column, label, row, scrolled
from numerus.domain.painting.recipes import Scheme
from numerus.domain.plans import Plans
from numerus.paint.advice.zone_order import could_share, proposed_order
from numerus.paint.rack.pots import rack_of

MOST_SHARED = 3


class OrderDialog(Dialog):
    """``turns``: the proposed order, taken when accepted."""

    def __init__(self, plans: Plans, scheme: Scheme, openness: Mapping[str, float], parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowTitle("Order of zones")
        self.turns = proposed_order(scheme, openness)
        own = "\n".join(f"{n}. {plans.zone_name(r.zone)}" for n, r in enumerate(scheme.recipes, 1))
        proposed = "\n".join(f"{n}. {plans.zone_name(t.zone)}: {t.why}" for n, t in enumerate(self.turns, 1))
        lists = row(
            column(label("As it is", "section"), label(own), -1, gap=6), column(label("Proposed", "section"), label(proposed), -1, gap=6),
            gap=24,
        )  # fmt: skip
        body = QWidget()
        body.setLayout(lists)
        shared = [
            f"{plans.zone_name(s.one).capitalize()} and {plans.zone_name(s.other)} could share one base, ΔE {s.delta_e:.1f} apart."
            for s in could_share(scheme, rack_of(plans))[:MOST_SHARED]
        ]
        box = QDialogButtonBox(QDialogButtonBox.StandardButton.Cancel)
        take = box.addButton("Take the proposed order", QDialogButtonBox.ButtonRole.AcceptRole)
        take.setEnabled([t.zone for t in self.turns] != [r.zone for r in scheme.recipes])
        box.accepted.connect(self.accept)
        box.rejected.connect(self.reject)
        note = label(
            "Your own order stays unless you take this one; the evening's line heeds what is wet either way.",
            "note",
            True,
        )
        self.setLayout(column(scrolled(body), label("\n".join(shared)), note, box, gap=8, margins=(14, 14, 14, 14)))
        self.resize(620, 460)
