"""The bath book drawn: resin in either bath over time, where it is spent, and what the plates to come will do to it."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from datetime import datetime, timedelta

from PyQt6.QtCore import QPointF, QRectF, Qt
from PyQt6.QtGui import QPainter, QPainterPath, QPen, QPolygonF

from numerus.desk.context import Context
from numerus.desk.widgets.drawing import RIGHT, Drawing
from numerus.post.washing.bath_book import CLEAN, DIRTY, TACKY, BathPoint, Carried, SpentAt, spent_at
from numerus.post.washing.wash import Bath

BACK = timedelta(days=60)
LEAST_AHEAD = timedelta(days=4)
STEPS, LEAST_STEP_PX = (0.02, 0.05, 0.1, 0.2), 16.0  # of the share of resin
ROLES = {DIRTY: "river", CLEAN: "moss"}
MARKS = {"settled": "settled, filtered", "swapped": "clean became dirty", "filled": "filled anew"}


class BathsPicture(Drawing):
    """``tubs``: both baths as they are; ``coming``: (when, plate, share of resin after it) of the dirty one."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Bath book")
        self.tubs: tuple[Bath, ...] = ()
        self.carried, self.limit = Carried(), spent_at(())
        self.coming: Sequence[tuple[datetime, str, float]] = ()
        self.now = datetime.min
        self.hold("setMinimumSize", 320, 172)

    def show_book(
        self,
        carried: Carried,
        limit: SpentAt,
        tubs: tuple[Bath, ...],
        coming: Sequence[tuple[datetime, str, float]],
        now: datetime,
    ) -> None:
        self.carried, self.limit, self.tubs, self.coming, self.now = carried, limit, tubs, coming, now
        self.update()

    def draw(self, painter: QPainter) -> None:
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 6, 6)
        self.text(painter, 14, 22, "Bath book", 13, True)
        self.text(painter, 88, 22, "resin in each bath, % by weight", 11, colour="slate")
        points = sorted((p for p in self.carried.points if p.at >= self.now - BACK), key=lambda p: p.at)
        box = QRectF(40, 34, self.width() - 56, self.height() - 104)
        begin = min([p.at for p in points], default=self.now - LEAST_AHEAD)
        end = max([at for at, _, _ in self.coming] + [self.now + LEAST_AHEAD])
        most = 1.25 * max([self.limit.high, *(p.share for p in points), *(s for _, _, s in self.coming)])
        whole = max((end - begin).total_seconds(), 1.0)

        def at(moment: datetime, share: float) -> QPointF:
            across = box.width() * max((moment - begin).total_seconds(), 0.0) / whole
            return QPointF(box.left() + across, box.bottom() - box.height() * share / most)

        self._grid(painter, box, begin, end, most, at)
        for bath in (CLEAN, DIRTY):
            self._course(painter, bath, points, begin, at)
        self._to_come(painter, at)
        self._verdicts(painter, begin, at)
        self._now(painter, box, at)
        self._tubs(painter, self.height() - 32)

    def _grid(
        self,
        painter: QPainter,
        box: QRectF,
        begin: datetime,
        end: datetime,
        most: float,
        at: Callable[[datetime, float], QPointF],
    ) -> None:
        step = next((s for s in STEPS if box.height() * s / most > LEAST_STEP_PX), STEPS[-1])
        for n in range(int(most / step) + 1):
            y = at(begin, n * step).y()
            self.line(painter, box.left(), y, box.right(), y, "hairline")
            self.text(painter, box.left() - 6, y + 4, f"{100 * n * step:.0f}", 11, colour="slate", align=RIGHT)
        low, high = at(begin, self.limit.low).y(), at(begin, self.limit.high).y()
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("tallowwash"))
        painter.drawRect(QRectF(box.left(), high, box.width(), low - high))
        painter.setPen(QPen(self.theme.colour("tallow_ink"), 1.2, Qt.PenStyle.DashLine))
        painter.drawLine(at(begin, self.limit.share), at(end, self.limit.share))
        self.text(
            painter, box.left() + 4, high - 4, self.limit.description, 11, True, "tallow_ink", width=box.width() - 8
        )
        for n in range(4):
            moment = begin + (end - begin) * (n / 3)
            align = "left" if n == 0 else RIGHT if n == 3 else "centre"
            self.text(
                painter, at(moment, 0).x(), box.bottom() + 16, f"{moment:%-d %b}", 11, colour="slate", align=align
            )

    def _course(
        self,
        painter: QPainter,
        bath: str,
        points: Sequence[BathPoint],
        begin: datetime,
        at: Callable[[datetime, float], QPointF],
    ) -> None:
        """A step for everything that happened to a bath, on to now."""
        own = [p for p in points if p.bath == bath]
        path = QPainterPath(at(begin, own[0].share if own and own[0].what != "wash" else 0.0))
        last = path.currentPosition().y()
        for point in own:
            place = at(point.at, point.share)
            path.lineTo(place.x(), last)
            path.lineTo(place)
            last = place.y()
        path.lineTo(at(self.now, 0).x(), last)
        painter.setPen(QPen(self.theme.colour(ROLES[bath]), 2.4 if bath == DIRTY else 1.6))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)
        for point in own:
            if point.what in MARKS:
                self._mark(painter, bath, point, at(point.at, point.share))

    def _mark(self, painter: QPainter, bath: str, point: BathPoint, place: QPointF) -> None:
        painter.setPen(QPen(self.theme.colour(ROLES[bath]), 1.6))
        painter.setBrush(self.theme.colour("chalk"))
        painter.drawEllipse(place, 4, 4)
        told = f"{bath.capitalize()} bath {MARKS[point.what]}, {point.at:%-d %b %H:%M}: {point.share:.1%}"
        self.region(QRectF(place.x() - 8, place.y() - 8, 16, 16), told)

    def _to_come(self, painter: QPainter, at: Callable[[datetime, float], QPointF]) -> None:
        """The dirty bath by the plates that are planned, dashed."""
        if not self.coming:
            return
        path = QPainterPath(at(self.now, self.carried.share(DIRTY)))
        for moment, plate, share in self.coming:
            path.lineTo(at(moment, share).x(), path.currentPosition().y())
            path.lineTo(at(moment, share))
            place = at(moment, share)
            self.region(
                QRectF(place.x() - 6, place.y() - 6, 12, 12), f"{plate}, {moment:%a %-d %b}: {share:.1%}, planned"
            )
        painter.setPen(QPen(self.theme.colour("river"), 1.6, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(path)

    def _verdicts(self, painter: QPainter, begin: datetime, at: Callable[[datetime, float], QPointF]) -> None:
        """A diamond for each plate that came out tacky, a ring for each that came clean."""
        for judged in self.carried.judged:
            if judged.at < begin:
                continue
            place = at(judged.at, judged.share)
            painter.setPen(QPen(self.theme.colour("ink"), 1))
            painter.setBrush(self.theme.colour("tallow" if judged.verdict == TACKY else "chalk"))
            if judged.verdict == TACKY:
                x, y = place.x(), place.y()
                painter.drawPolygon(
                    QPolygonF([QPointF(x - 6, y), QPointF(x, y - 6), QPointF(x + 6, y), QPointF(x, y + 6)])
                )
            else:
                painter.drawEllipse(place, 4.5, 4.5)
            self.region(
                QRectF(place.x() - 8, place.y() - 8, 16, 16),
                f"{judged.verdict} at {judged.share:.1%}, {judged.at:%-d %b}",
            )

    def _now(self, painter: QPainter, box: QRectF, at: Callable[[datetime, float], QPointF]) -> None:
        x = at(self.now, 0).x()
        self.line(painter, x, box.top(), x, box.bottom(), "brick", 1.4)
        self.text(painter, x - 4, box.top() + 10, "now", 11, True, "brick", RIGHT)

    def _tubs(self, painter: QPainter, y: float) -> None:
        """What is in either tub, in words."""
        for number, bath in enumerate(self.tubs):
            x = 14 + number * (self.width() - 20) / 2
            role = ROLES[(DIRTY, CLEAN)[number]]
            self.line(painter, x, y - 4, x + 18, y - 4, role, 2.4)
            left = f"{max(0.0, 1 - bath.spent):.0%} left" if bath.spent < 1 else "spent"
            wide = (self.width() - 20) / 2 - 30
            self.text(
                painter,
                x + 26,
                y,
                f"{bath.name} {bath.share:.1%}, {left}",
                13,
                True,
                "brick" if bath.spent >= 1 else "ink",
                width=wide,
            )
            since = self.carried.since.get((DIRTY, CLEAN)[number])
            filled = f", since {since:%-d %b}" if since else ""
            words = f"{bath.litres:g} l {bath.liquid}, {bath.carried_ml:.1f} ml resin{filled}"
            self.text(painter, x + 26, y + 18, words, 11, colour="slate", width=wide)
            self.region(QRectF(x, y - 16, wide + 26, 38), f"{bath.name} bath: {words}; {bath.share:.2%} by weight")
