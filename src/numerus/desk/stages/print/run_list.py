"""The runs to come, numbered as on the watch bill, each with its reason."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QPainter

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.schedule.run_queue import ScheduledRun
from numerus.words import counted, span

ROW = 36.0


class RunList(Drawing):
    """``chosen`` tells a plate's id."""

    chosen = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Runs to come")
        self.session = context.session
        self.scheduled_runs: list[ScheduledRun] = []
        self.plate_id = ""
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_runs(self, scheduled_runs: list[ScheduledRun], plate_id: str) -> None:
        self.scheduled_runs, self.plate_id = scheduled_runs, plate_id
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.scheduled_runs:
            self.text(painter, 0, 16, "No plate waits for a machine.", 11, colour="slate")
            return
        room = max(int((self.height() - 18) / ROW), 1)
        for number, scheduled in enumerate(self.scheduled_runs[:room]):
            self._row(painter, scheduled, number + 1, number * ROW)
        if len(self.scheduled_runs) > room:
            self.text(
                painter,
                26,
                self.height() - 4,
                f"and {counted(len(self.scheduled_runs) - room, 'run')} more",
                11,
                colour="slate",
            )

    def _row(self, painter: QPainter, scheduled: ScheduledRun, number: int, y: float) -> None:
        box = QRectF(0, y, self.width(), ROW - 2)
        chosen = scheduled.plate.id == self.plate_id
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 4, 4)
        machine = self.session.plans.machines[scheduled.machine_id].name
        self.numbered(painter, QPointF(14, y + 17), number, chosen)
        self.text(painter, 30, y + 14, scheduled.plate.name, 13, True, width=self.width() - 150)
        when = f"{scheduled.start:%a %H:%M} to {scheduled.end:%H:%M}"
        self.text(painter, self.width() - 6, y + 14, when, 13, align=RIGHT)
        self.text(painter, 30, y + 29, f"{machine}: {scheduled.hanging}", 11, colour="slate", width=self.width() - 130)
        self.text(painter, self.width() - 6, y + 29, span(scheduled.minutes), 11, colour="slate", align=RIGHT)
        self.region(
            box, f"{scheduled.plate.name} on {machine}: {scheduled.why}", lambda: self.chosen.emit(scheduled.plate.id)
        )
