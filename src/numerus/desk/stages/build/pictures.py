"""Pictures of the Build bench: what each part kept apart is worth, where it counts, the order of gluing, the joints."""

from __future__ import annotations

from collections.abc import Sequence

from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPainterPath, QPen

from numerus.assembly.joints import GLUE_NMM_PER_MM2, Joint
from numerus.assembly.sub_assemblies import KeptApart
from numerus.desk.context import Context
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing
from numerus.words import span

LEFT_PX, RIGHT_PX = 30.0, 12.0
ROW_PX = 19.0
ADVICE_PX = 195.0  # "glue; a magnet 3 × 1 mm would do"
LEAST_WORTH, MOST_WORTH, LEAST_DRAG_MIN = 0.5, 500.0, 0.2  # mm² a minute; nearer to its point than that the slope is not dragged
STEEPER = {"+": 1.25, "-": 0.8}


class WorthChart(Drawing):
    """Skin a brush comes to against minutes: a point for each part more that is kept apart. ``chosen``: a point was pressed;
    ``worth_tried``: the slope is dragged, or made steeper or flatter by a key; ``worth_kept``: it was let go.
    """

    chosen = pyqtSignal(int)
    worth_tried = pyqtSignal(float)
    worth_kept = pyqtSignal()

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What each part kept apart is worth")
        self.ways: list[KeptApart] = []
        self.apart: KeptApart | None = None
        self.worth = 0.0
        self._dragged = False
        self.hold("setMinimumHeight", 130)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_ways(self, ways: list[KeptApart], apart: KeptApart | None, worth: float) -> None:
        self.ways, self.apart, self.worth = ways, apart, worth
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.ways:
            return
        box, low, high, most = self._scale

        def at(minutes: float, percent: float) -> QPointF:
            return QPointF(
                box.left() + box.width() * minutes / most, box.bottom() - box.height() * (percent - low) / (high - low)
            )

        self._axes(painter, box, low, high, most)
        self._slope(painter, box, at)
        points = [at(w.minutes, 100 * w.share) for w in self.ways]
        taken = self.ways.index(self.apart) if self.apart in self.ways else -1
        for n in range(1, len(points)):
            role = "river" if n <= taken else "slate"
            painter.setPen(
                QPen(
                    self.theme.colour(role),
                    2.4 if n <= taken else 1.2,
                    Qt.PenStyle.SolidLine if n <= taken else Qt.PenStyle.DotLine,
                )
            )
            painter.drawLine(points[n - 1], points[n])
        for n, (way, point) in enumerate(zip(self.ways, points, strict=True)):
            self._point(painter, n, way, point, n <= taken, box)
        if self.apart is not None and taken < 0:
            self._own(painter, at(min(self.apart.minutes, most), 100 * self.apart.share))

    @property
    def _scale(self) -> tuple[QRectF, float, float, float]:
        """Where it is drawn, the least and most per cent, the most minutes."""
        low, high = 100 * self.ways[0].share, 100 * max(self.ways[-1].share, self.ways[0].share + 0.02)
        box = QRectF(LEFT_PX, 20, self.width() - LEFT_PX - RIGHT_PX, self.height() - 44)
        return box, low, high, max(self.ways[-1].minutes, 1.0)

    def mousePressEvent(self, event: QMouseEvent | None) -> None:
        at = self.place(event)
        self._dragged = bool(self.ways) and not any(r.box.contains(at) for r in self.regions)
        super().mousePressEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent | None) -> None:
        if self._dragged and self.apart is not None:
            self._drag(self.place(event), self.apart)
        else:
            super().mouseMoveEvent(event)

    def _drag(self, at: QPointF, apart: KeptApart) -> None:
        """The slope goes through what is chosen and the pointer."""
        box, low, high, most = self._scale
        minutes = most * (at.x() - box.left()) / box.width() - apart.minutes
        percent = low + (high - low) * (box.bottom() - at.y()) / box.height() - 100 * apart.share
        if abs(minutes) > LEAST_DRAG_MIN:
            self._try(percent / minutes * apart.seen_mm2 / 100)

    def mouseReleaseEvent(self, event: QMouseEvent | None) -> None:
        if self._dragged:
            self._dragged = False
            self.worth_kept.emit()
        super().mouseReleaseEvent(event)

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        if event.text() in STEEPER and self.ways:
            self._try(self.worth * STEEPER[event.text()])
            self.worth_kept.emit()
        else:
            super().keyPressEvent(event)

    def _try(self, mm2_per_min: float) -> None:
        self.worth_tried.emit(min(max(mm2_per_min, LEAST_WORTH), MOST_WORTH))

    def _axes(self, painter: QPainter, box: QRectF, low: float, high: float, most: float) -> None:
        for percent in (low, (low + high) / 2, high):
            y = box.bottom() - box.height() * (percent - low) / (high - low)
            self.line(painter, box.left(), y, box.right(), y, "hairline")
            self.text(painter, box.left() - 6, y + 4, f"{percent:.0f}", 11, colour="slate", align=RIGHT)
        self.text(painter, box.left(), 9, "% of the skin in sight reached", 11, colour="slate")
        self.text(painter, box.left(), self.height() - 6, "0", 11, colour="slate", align=CENTRE)
        self.text(painter, box.right(), self.height() - 6, f"{most:.0f} min more", 11, colour="slate", align=RIGHT)

    def _slope(self, painter: QPainter, box: QRectF, at) -> None:  # type: ignore[no-untyped-def]
        """The least a minute must give back, drawn through what is chosen."""
        if self.apart is None:
            return
        rise = 100 * self.worth / self.apart.seen_mm2
        start, end = 0.0, self.ways[-1].minutes
        painter.save()
        painter.setClipRect(box)
        painter.setPen(QPen(self.theme.colour("ink"), 1, Qt.PenStyle.DashLine))
        percent = 100 * self.apart.share
        painter.drawLine(
            at(start, percent + rise * (start - self.apart.minutes)),
            at(end, percent + rise * (end - self.apart.minutes)),
        )
        painter.restore()

    def _point(self, painter: QPainter, n: int, way: KeptApart, at: QPointF, taken: bool, box: QRectF) -> None:
        painter.setPen(QPen(self.theme.colour("river" if taken else "slate"), 1.6))
        painter.setBrush(self.theme.colour("river" if taken and n else "chalk"))
        painter.drawEllipse(at, 5, 5)
        told = (
            f"{', '.join(way.parts)} apart: {way.share:.0%} reached, {span(way.minutes)} more"
            if n
            else "all glued first"
        )
        if n:
            self._name(painter, n, way, at, taken, box)
        self.region(QRectF(at.x() - 12, at.y() - 12, 24, 24), told, lambda: self.chosen.emit(n))

    def _name(self, painter: QPainter, n: int, way: KeptApart, at: QPointF, taken: bool, box: QRectF) -> None:
        """Beside its point, below the line; the last ones to the left of theirs."""
        align = RIGHT if at.x() > box.right() - 60 else "left"
        x = at.x() + (-2 if align == RIGHT else 4)
        down = 17 if n % 2 else 31
        y = min(at.y() + down, box.bottom() - 2)
        words = f"{way.parts[-1]} {way.per_min:.0f}"
        self.text(painter, x, y, words, 11, taken, "ink" if taken else "slate", align)

    def _own(self, painter: QPainter, at: QPointF) -> None:
        """A choice that lies on none of the ways."""
        painter.setPen(QPen(self.theme.colour("river"), 1.6))
        painter.setBrush(self.theme.colour("river"))
        painter.drawRect(QRectF(at.x() - 5, at.y() - 5, 10, 10))


class ZoneGains(Drawing):
    """Zones by what is given back: their share reached with all glued, and as it is chosen."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Where it counts")
        self.zones: Sequence[tuple[str, float, float, float]] = ()
        self.hold("setMinimumHeight", 70)

    def show_zones(self, zones: Sequence[tuple[str, float, float, float]]) -> None:
        self.zones = zones
        self.update()

    def draw(self, painter: QPainter) -> None:
        room = int((self.height() - 14) // ROW_PX)
        self.text(painter, self.width(), 10, "cm² given back", 11, colour="slate", align=RIGHT)
        for number, (name, glued, now, back) in enumerate(self.zones[:room]):
            y = 28 + ROW_PX * number
            left, wide = 74.0, self.width() - 74 - 112
            self.text(painter, 0, y, name.capitalize(), 11, width=70)
            self.bar(painter, left, y - 8, wide, 8, "matt")
            self.bar(painter, left, y - 8, wide * now, 8, "riverwash")
            self.bar(painter, left + wide * glued, y - 8, wide * max(now - glued, 0), 8, "river")
            self.bar(painter, left, y - 8, wide * glued, 8, "slate")
            self.text(painter, left + wide + 6, y, f"{100 * glued:.0f} → {100 * now:.0f} %", 11)
            self.text(painter, self.width(), y, f"{back:.1f}", 11, True, align=RIGHT)
            told = f"{name}: {glued:.0%} reached with all glued, {now:.0%} so; {back:.2f} cm² given back"
            self.region(QRectF(0, y - 12, self.width(), ROW_PX), told)


class GluingOrder(Drawing):
    """Parts as lines that come to the body one after another, on either side of priming and painting. ``toggled``: a part is to
    change sides.
    """

    toggled = pyqtSignal(str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "In what order it is glued")
        self.body, self.first, self.last = "", list[str](), list[str]()
        self.hold("setMinimumHeight", 90)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def show_order(self, body: str, first: list[str], last: list[str]) -> None:
        self.body, self.first, self.last = body, first, last
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.body:
            return
        parts = [*self.first, *self.last]
        step = min((self.height() - 16) / max(len(parts), 1), 18.0)
        left, right = 70.0, self.width() - 12
        place = (right - left) / (len(parts) + 3.2)  # one for each part, and room for painting between
        before = len(self.first)
        self._painting(painter, QRectF(left + place * (before + 1.4), 2, 1.2 * place, self.height() - 4))
        self.text(painter, left - 8, 13, self.body, 11, True, align=RIGHT, width=left - 8)
        self.line(painter, left, 9, right, 9, "ink", 2.4)
        for n, part in enumerate(parts):
            x = left + place * (n + (1 if n < before else 3))
            self._part(painter, n, part, left, x, 9 + step * (n + 1))

    def _painting(self, painter: QPainter, box: QRectF) -> None:
        painter.setPen(QPen(self.theme.colour("tallow"), 1))
        painter.setBrush(self.theme.colour("tallowwash"))
        painter.drawRoundedRect(box, 4, 4)
        self.paragraph(
            painter,
            QRectF(box.left() + 3, box.bottom() - 34, box.width() - 6, 32),
            "prime, paint",
            11,
            True,
            "tallow_ink",
            CENTRE,
        )

    def _part(self, painter: QPainter, n: int, part: str, left: float, x: float, y: float) -> None:
        later = n >= len(self.first)
        role, wide = ("river", 2.0) if later else ("slate", 1.4)
        way = QPainterPath(QPointF(left, y))
        way.lineTo(x - 14, y)
        way.quadTo(x, y, x, y - 10)
        way.lineTo(x, 12)
        painter.setPen(QPen(self.theme.colour(role), wide))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.drawPath(way)
        self.text(painter, left - 8, y + 4, part, 11, later, align=RIGHT, width=left - 8)
        self.numbered(painter, QPointF(x, 11), n + 1, later)
        change = "glue it before painting" if later else "keep it apart until it is painted"
        self.region(QRectF(0, y - 8, x, 16), f"{part}: press to {change}", lambda: self.toggled.emit(part))


class JointList(Drawing):
    """Joints, the most strained first: skin that touches, what a knock asks of it against what glue bears, advice."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Joints")
        self.joints: Sequence[tuple[str, Joint]] = ()
        self.hold("setMinimumHeight", 90)

    def show_joints(self, joints: Sequence[tuple[str, Joint]]) -> None:
        self.joints = joints
        self.update()

    def draw(self, painter: QPainter) -> None:
        left, wide = 124.0, max(self.width() - 124 - ADVICE_PX, 30.0)
        most = 1.6 * max([GLUE_NMM_PER_MM2, *(min(j.strain, 2 * GLUE_NMM_PER_MM2) for _, j in self.joints)])
        self.text(painter, 112, 10, "mm²", 11, colour="slate", align=RIGHT)
        self.text(painter, left, 10, "a knock of 5 g asks", 11, colour="slate", width=self.width() - left)
        room = int((self.height() - 14) // 17)
        for number, (slot, joint) in enumerate(self.joints[:room]):
            y = 27 + 17.0 * number
            weak = joint.pin_mm > 0
            self.text(painter, 0, y, slot, 11, weak, width=78)
            self.text(painter, 112, y, f"{joint.area_mm2:.1f}", 11, align=RIGHT)
            self.bar(painter, left, y - 8, wide, 8, "matt")
            self.bar(painter, left, y - 8, wide * min(joint.strain / most, 1), 8, "brick" if weak else "slate")
            short = f"pin {joint.pin_mm:g} mm" if weak else joint.advice.split(":")[0]
            self.text(painter, left + wide + 8, y, short, 11, weak, width=self.width() - left - wide - 8)
            told = f"{slot}: {joint.advice}. {joint.filling or 'No gap to fill'}"
            self.region(QRectF(0, y - 12, self.width(), 17), told)
        x = left + wide * GLUE_NMM_PER_MM2 / most
        painter.setPen(QPen(self.theme.colour("ink"), 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(x, 15), QPointF(x, 17 + 17.0 * min(len(self.joints), room)))
