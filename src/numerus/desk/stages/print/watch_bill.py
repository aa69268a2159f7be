"""The watch bill: attendance behind, a row for each machine with its runs, tub and lamp; time runs to the right."""

from __future__ import annotations

from datetime import datetime, timedelta

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QColor, QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen

from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_diamond
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.domain.army import Army
from numerus.domain.printing.plates import Plate
from numerus.post.washing.wash import DRY_MIN
from numerus.printing.runs.run_records import RunRecord
from numerus.progress.planning.wet_turns import WetTurn
from numerus.schedule.attendance import Window, hobby_windows, home_windows
from numerus.schedule.run_queue import ScheduledRun
from numerus.words import span

DAYS_SHOWN = 2.2
LEFT = 92.0
SNAP_MIN = 5


class WatchBill(Drawing):
    """``chosen`` tells a plate's id; ``moved``: a plate was dragged to another time, and perhaps another machine;
    ``day_chosen``: a day whose hours are to be others.
    """

    chosen = pyqtSignal(str)
    moved = pyqtSignal(str, object, str)
    day_chosen = pyqtSignal(object)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Watch bill: runs over the coming days; drag one to another time or machine")
        self.session = context.session
        self.scheduled_runs: list[ScheduledRun] = []
        self.troubled: set[str] = set()
        self.wet: list[WetTurn] = []
        self.plate_id = ""
        self._grabbed: tuple[ScheduledRun, float] | None = None  # and how far into it, in px
        self._at = QPointF()
        self._rows: dict[str, tuple[float, float]] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 250)

    def show_schedule(
        self, scheduled_runs: list[ScheduledRun], wet: list[WetTurn], troubled: set[str], plate_id: str
    ) -> None:
        self.scheduled_runs, self.wet, self.troubled, self.plate_id = scheduled_runs, wet, troubled, plate_id
        self.update()

    @property
    def _start(self) -> datetime:
        return self.session.now.replace(minute=0, second=0, microsecond=0) - timedelta(hours=6)

    def _x(self, when: datetime) -> float:
        share = (when - self._start).total_seconds() / (DAYS_SHOWN * 86400)
        return LEFT + (self.width() - LEFT) * share

    def draw(self, painter: QPainter) -> None:
        army = self.session.plans.army
        if army is None:
            return
        end = self._start + timedelta(days=DAYS_SHOWN)
        home = home_windows(army, self._start, 5)
        top, bottom = 30.0, self.height() - 8.0
        self._draw_days(painter, end, top, bottom)
        self._draw_away(painter, home, end, top, bottom)
        y = self._draw_you(painter, home, end, top)
        machines = list(self.session.plans.machines.values())
        high = max(46.0, min(84.0, (bottom - y - 78) / max(len(machines), 1)))
        for machine in machines:
            self._rows[machine.id] = y, y + high
            self.line(painter, 0, y, self.width(), y)
            self.text(painter, 0, y + 18, machine.name, 13, True, width=LEFT - 4)
            out = machine.service_words(self.session.now)
            size = out or f"{machine.plate_x_mm:g} × {machine.plate_y_mm:g} mm"
            self.text(painter, 0, y + 32, size, 11, colour="brick" if out else "slate")
            self._draw_past(painter, machine.id, y + 6, high - 12)
            for scheduled in (s for s in self.scheduled_runs if s.machine_id == machine.id):
                self._draw_run(painter, scheduled, y + 6, high - 12)
            y += high
        self._draw_wet(painter, y)
        self._draw_grabbed(painter)
        x = self._x(self.session.now)
        self.line(painter, x, top - 4, x, bottom, "brick", 2)
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("brick"))
        painter.drawRoundedRect(QRectF(x - 36, bottom - 12, 72, 16), 3, 3)
        self.text(painter, x, bottom, f"now, {self.session.now:%H:%M}", 11, True, "chalk", CENTRE)

    def _draw_days(self, painter: QPainter, end: datetime, top: float, bottom: float) -> None:
        day = self._start.replace(hour=0)
        while day < end:
            for hour in (0, 6, 12, 18):
                x = self._x(day + timedelta(hours=hour))
                if LEFT <= x < self.width():
                    self.line(
                        painter, x, top, x, bottom if hour == 0 else top + 5, "slate" if hour == 0 else "hairline"
                    )
                    if hour == 0:
                        self.text(painter, x + 4, 12, f"{day:%a} {day.day}", 13, True)
                    elif x < self.width() - 16:
                        self.text(painter, x, top - 3, f"{hour}:00", 11, colour="slate", align=CENTRE)
            day += timedelta(days=1)

    def _draw_away(self, painter: QPainter, home: list[Window], end: datetime, top: float, bottom: float) -> None:
        """Bed-coloured columns where nobody can start or meet a run."""
        moment = self._start
        for window in [*home, Window(end, end)]:
            if window.start > moment:
                box = QRectF(self._x(moment), top, self._x(min(window.start, end)) - self._x(moment), bottom - top)
                painter.fillRect(box, self.theme.colour("bed"))
                self.region(box, f"Nobody there {moment:%a %H:%M} to {window.start:%a %H:%M}: asleep or away")
            moment = max(moment, window.end)

    def _draw_you(self, painter: QPainter, home: list[Window], end: datetime, top: float) -> float:
        army = self.session.plans.army
        assert army is not None
        self.text(painter, 0, top + 20, "You", 13, True)
        self._draw_days_of_yours(painter, army, end, top)
        for window in home:
            left, right = self._x(window.start), self._x(min(window.end, end))
            if right - left > 34:
                self.text(
                    painter, (left + right) / 2, top + 20, "there", 11, colour="slate", align=CENTRE, width=right - left
                )
        y = top + 28
        self.line(painter, 0, y, self.width(), y)
        self.text(painter, 0, y + 18, "Hands", 13, True)
        for window in hobby_windows(army, self._start, 4):
            self.bar(painter, self._x(window.start), y + 6, self._x(window.end) - self._x(window.start), 14, "slate")
        return y + 26

    def _draw_days_of_yours(self, painter: QPainter, army: Army, end: datetime, top: float) -> None:
        """Each day can be chosen, to be away or up late; one unlike its weekday is underlined."""
        moment = self._start.replace(hour=0)
        while moment < end:
            day, left = moment.date(), max(self._x(moment), LEFT)
            box = QRectF(left, top, min(self._x(moment + timedelta(days=1)), self.width()) - left, 27)
            own = any(when == day for when, _ in army.days)
            if own:
                self.line(painter, box.left() + 2, top + 26, box.right() - 2, top + 26, "river", 2)
            description = f"{moment:%A}: {'unlike its weekday; ' if own else ''}choose it to be away, or up late"
            self.region(box, description, lambda d=day: self.day_chosen.emit(d))
            moment += timedelta(days=1)

    def _block(
        self,
        painter: QPainter,
        plate: Plate,
        x0: float,
        x1: float,
        y: float,
        high: float,
        share: float,
        number: int = 0,
    ) -> None:
        """A run: its plate's layer area over time, filled as far as it is done; ``number`` as in the list below."""
        chosen = plate.id == self.plate_id
        box = QRectF(x0, y, max(x1 - x0, 4), high)
        painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("riverwash" if chosen else "chalk"))
        painter.drawRoundedRect(box, 3, 3)
        areas = self._areas(plate)
        if areas:
            for upto, role, alpha in ((1.0, "#9C8F73", 0.45), (share, "river", 1.0)):
                path = QPainterPath(QPointF(box.left() + 1, box.bottom() - 1))
                count = max(int(len(areas) * upto), 0)
                for k in range(count):
                    path.lineTo(
                        box.left() + 1 + (box.width() - 2) * (k + 1) / len(areas),
                        box.bottom() - 1 - high * 0.42 * areas[k],
                    )
                path.lineTo(box.left() + 1 + (box.width() - 2) * count / len(areas), box.bottom() - 1)
                tone = self.theme.colour(role)
                tone.setAlphaF(alpha)
                painter.fillPath(path, QColor(tone))
        if number:
            self.numbered(painter, QPointF(box.left() + 13, y + 13), number, chosen)
        if plate.id in self.troubled:
            at = (box.right() - 10, y + 12) if box.width() > 40 else (box.left() + 13, y + 33)
            draw_diamond(painter, *at, 7, self.theme.colour("tallow"), self.theme.colour("ink"))
        if self.wide(plate.name, 11, True) <= box.width() - 44:
            self.text(painter, box.left() + 26, y + 17, plate.name, 11, True)
        if plate.pinned is not None:
            self.line(painter, box.left() + 1, y, box.left() + 1, y + high, "river", 3)

    def _areas(self, plate: Plate) -> list[float]:
        """Parts still growing at each of 40 heights, as a share: how the plate thins out."""
        heights = [pose.height_mm for x in plate.placed if (pose := self.session.plans.pose_of(x)) is not None]
        if not heights:
            return []
        return [sum(h >= plate.height_mm * (k + 0.5) / 40 for h in heights) / len(heights) for k in range(40)]

    def _draw_past(self, painter: QPainter, machine_id: str, y: float, high: float) -> None:
        for run in self.session.answers.standing.runs.values():
            plate = self.session.plans.plates.get(run.plate_id)
            if plate is None or run.machine_id != machine_id:
                continue
            end = run.ended or run.started + timedelta(minutes=self._minutes(run, plate))
            if end > self._start:
                left = max(self._x(run.started), LEFT)
                self._block(painter, plate, left, self._x(end), y, high, self._share(run, plate))
                if run.state == "hanging":
                    self._tail(painter, end, self.session.now, y, high)
                description = f"{plate.name}: started {run.started:%a %H:%M}, {run.state}"
                self.region(
                    QRectF(left, y, self._x(end) - left, high), description, lambda p=plate.id: self.chosen.emit(p)
                )

    def _minutes(self, run: RunRecord, plate: Plate) -> float:
        return self.session.answers.run_factors.minutes_of(plate, run.machine_id)

    def _share(self, run: RunRecord, plate: Plate) -> float:
        if run.ended is not None:
            return 1.0
        return min((self.session.now - run.started).total_seconds() / 60 / max(self._minutes(run, plate), 1), 1.0)

    def _draw_run(self, painter: QPainter, scheduled: ScheduledRun, y: float, high: float) -> None:
        left, right = self._x(scheduled.start), self._x(scheduled.end)
        if left > self.width():
            return
        self._block(painter, scheduled.plate, left, right, y, high, 0.0, self.scheduled_runs.index(scheduled) + 1)
        if right - left > 76:
            self.text(painter, left + 5, y + 36, f"{scheduled.start:%H:%M}–{scheduled.end:%H:%M}", 11)
        if scheduled.hangs_min >= 15:
            self._tail(painter, scheduled.end, scheduled.taken_off, y, high)
        box = QRectF(left, y, right - left, high)
        self.region(
            box,
            f"{scheduled.plate.name}: {scheduled.why}. Drag it to another time.",
            lambda: self._take(scheduled, left),
        )

    def _tail(self, painter: QPainter, since: datetime, until: datetime, y: float, high: float) -> None:
        """The plate hangs until someone comes."""
        painter.setPen(QPen(self.theme.colour("ink"), 1.4, Qt.PenStyle.DotLine))
        painter.drawLine(QPointF(self._x(since), y + high - 8), QPointF(self._x(until), y + high - 8))
        self.line(painter, self._x(until), y + high - 14, self._x(until), y + high - 2, "ink", 1.4)
        wide = self._x(until) - self._x(since)
        minutes = (until - since).total_seconds() / 60
        if wide > 60:
            self.text(painter, self._x(since) + wide / 2, y + high - 12, f"hangs {span(minutes)}", 11, align=CENTRE)

    def show_wet(self, wet: list[WetTurn]) -> None:
        """Tub and lamp, when they are worked out."""
        self.wet = wet
        self.update()

    def _draw_wet(self, painter: QPainter, y: float) -> None:
        """Tub and lamp after every plate that is met."""
        for name, role, words in (
            ("Tub", "moss", f"wash, then dry {DRY_MIN:.0f} min"),
            ("Lamp", "tallow", "cure by side"),
        ):
            self.line(painter, 0, y, self.width(), y)
            self.text(painter, 0, y + 18, name, 13, True)
            for wet in self.wet:
                since, until = wet.tub if name == "Tub" else wet.lamp
                x = self._x(since)
                if x < self.width():
                    wide = max(self._x(until) - x, 4.0)
                    self.bar(painter, x, y + 5, wide, 16, role)
                    waits = f"; waited {span(wet.waits_min)}" if wet.waits_min >= 1 else ""
                    description = f"{wet.plate.name}: {name.lower()} {since:%a %H:%M} to {until:%H:%M}, {words}{waits}"
                    self.region(QRectF(x, y, wide, 26), description)
            y += 26
        self.line(painter, 0, y, self.width(), y)
        self.text(painter, self.width(), y + 14, f"{len(self.scheduled_runs)} planned", 11, colour="slate", align=RIGHT)

    def _take(self, scheduled: ScheduledRun, left: float) -> None:
        self._grabbed = scheduled, self._at.x() - left
        self.chosen.emit(scheduled.plate.id)

    def _when(self) -> datetime:
        """The start a grabbed run is dragged to, to five minutes."""
        assert self._grabbed is not None
        share = (self._at.x() - self._grabbed[1] - LEFT) / max(self.width() - LEFT, 1)
        minutes = round(share * DAYS_SHOWN * 1440 / SNAP_MIN) * SNAP_MIN
        return max(self._start + timedelta(minutes=minutes), self.session.now)

    def _row_at(self, y: float) -> str:
        return next((m for m, (top, bottom) in self._rows.items() if top <= y < bottom), "")

    def _dragged(self) -> bool:
        return self._grabbed is not None and abs(self._at.x() - self._x(self._grabbed[0].start) - self._grabbed[1]) > 6

    def _draw_grabbed(self, painter: QPainter) -> None:
        """Where the run would start if it were let go."""
        if self._grabbed is None or not self._dragged():
            return
        scheduled, when = self._grabbed[0], self._when()
        top, bottom = self._rows.get(self._row_at(self._at.y()) or scheduled.machine_id, (0.0, 0.0))
        end = when + timedelta(minutes=scheduled.minutes)
        box = QRectF(self._x(when), top + 6, self._x(end) - self._x(when), bottom - top - 12)
        painter.setPen(QPen(self.theme.colour("river"), 2, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawRoundedRect(box, 3, 3)
        self.tagged(painter, box.left() + 4, top - 2, f"{when:%a %H:%M} to {end:%H:%M}")

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        self._at, self._grabbed = self.place(event), None
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        self._at = self.place(event)
        if self._grabbed is None:
            super().mouseMoveEvent(event)
        else:
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        self._at = self.place(event)
        grabbed = self._grabbed if self._dragged() else None
        when = self._when() if grabbed else self.session.now
        self._grabbed = None
        if grabbed is not None:
            self.moved.emit(grabbed[0].plate.id, when, self._row_at(self._at.y()) or grabbed[0].machine_id)
        self.update()

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        """Ctrl and an arrow put the chosen run ten minutes earlier or later."""
        by = {Qt.Key.Key_Left: -10, Qt.Key.Key_Right: 10}.get(Qt.Key(event.key()))
        scheduled = next((s for s in self.scheduled_runs if s.plate.id == self.plate_id), None)
        if by is None or scheduled is None or not event.modifiers() & Qt.KeyboardModifier.ControlModifier:
            super().keyPressEvent(event)
        else:
            self.moved.emit(
                scheduled.plate.id, max(scheduled.start + timedelta(minutes=by), self.session.now), scheduled.machine_id
            )
