"""The runs to come, numbered as on the watch bill, each with its reason."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.schedule.run_queue import Slotted
from numerus.words import counted, span

ROW = 36.0


class RunList(Drawing):
    """``chosen`` tells a plate's id."""

    chosen = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Runs to come")
        self.session = context.session
        self.slots: list[Slotted] = []
        self.plate_id = ""
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_runs(self, slots: list[Slotted], plate_id: str) -> None:
        self.slots, self.plate_id = slots, plate_id
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.slots:
            self.text(painter, 0, 16, "No plate waits for a machine.", 11, colour="slate")
            return
        room = max(int((self.height() - 18) / ROW), 1)
        for number, slot in enumerate(self.slots[:room]):
            self._row(painter, slot, number + 1, number * ROW)
        if len(self.slots) > room:
            self.text(
                painter, 26, self.height() - 4, f"and {counted(len(self.slots) - room, 'run')} more", 11, colour="slate"
            )

    def _row(self, painter: QPainter, slot: Slotted, number: int, y: float) -> None:
        box = QRectF(0, y, self.width(), ROW - 2)
        chosen = slot.plate.id == self.plate_id
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 4, 4)
        machine = self.session.plans.machines[slot.machine_id].name
        self.numbered(painter, QPointF(14, y + 17), number, chosen)
        self.text(painter, 30, y + 14, slot.plate.name, 13, True, width=self.width() - 150)
        when = f"{slot.start:%a %H:%M} to {slot.end:%H:%M}"
        self.text(painter, self.width() - 6, y + 14, when, 13, align=RIGHT)
        self.text(painter, 30, y + 29, f"{machine}: {slot.hanging}", 11, colour="slate", width=self.width() - 130)
        self.text(painter, self.width() - 6, y + 29, span(slot.plate.minutes), 11, colour="slate", align=RIGHT)
        self.region(box, f"{slot.plate.name} on {machine}: {slot.why}", lambda: self.chosen.emit(slot.plate.id))
