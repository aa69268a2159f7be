"""How an army lies in its foam: trays at scale, every pocket with its figure."""

from __future__ import annotations

from PyQt6.QtCore import QPointF, QRectF
from PyQt6.QtGui import QPainter, QPen, QPolygonF

from numerus.desk.context import Context
from numerus.desk.theme.marks import draw_warning
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.packing.standing import STANDING
from numerus.packing.trays import Laid, Packed, Tray
from numerus.words import counted

MIND_W = 330.0


class PackingPicture(Drawing):
    """Trays of foam to scale, side by side: every figure's pocket as it is cut, the chosen unit's filled, fragile ones marked."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Trays of foam")
        self.packed: Packed | None = None
        self.unit, self.figure_id, self.busy = "", "", False
        self._shapes: dict[
            tuple[int, float, float], list[QPolygonF]
        ] = {}  # by tray, where it begins and scale: many points

    def show_trays(self, packed: Packed | None, unit: str, figure_id: str, busy: bool = False) -> None:
        """``unit``, ``figure_id``: those to stand out; ``busy``: they are being worked out."""
        if packed is not self.packed:
            self._shapes.clear()
        self.packed, self.unit, self.figure_id, self.busy = packed, unit, figure_id, busy
        self.update()

    def draw(self, painter: QPainter) -> None:
        trays = self.packed.trays if self.packed else ()
        if not trays:
            words = "Laying every figure down and cutting its pocket …" if self.busy else "No figure has parts yet."
            self.text(painter, 0, 24, words, 13, colour="slate")
            return
        gap = 14.0
        wide, deep = sum(t.wide_mm for t in trays), max(t.deep_mm for t in trays)
        room = self.width() - MIND_W
        scale = min((room - gap * (len(trays) - 1)) / wide, (self.height() - 20) / deep)
        x = 0.0
        for number, tray in enumerate(trays, 1):
            self._tray(painter, tray, QPointF(x, 0), scale)
            stands = tray.laid[0].pocket.attitude == STANDING
            words = f"{'sheet' if stands else 'tray'} {number}: {counted(len(tray.laid), 'figure')}, "
            words += f"{tray.high_mm:.0f} mm high" if stands else f"foam {tray.high_mm:.0f} mm deep"
            self.text(painter, x, tray.deep_mm * scale + 15, words, 11, colour="slate", width=tray.wide_mm * scale)
            x += tray.wide_mm * scale + gap
        self._mind(painter, x + 6)

    def _mind(self, painter: QPainter, x: float) -> None:
        """Figures with something fragile, and how they lie."""
        assert self.packed is not None
        weak = [p.pocket for t in self.packed.trays for p in t.laid if p.pocket.note]
        own = sorted(weak, key=lambda p: p.unit != self.unit)  # the chosen unit's first
        self.text(painter, x, 14, "Mind" if weak else "Nothing fragile", 13, True)
        lines = max(int((self.height() - 24) // 17), 0)
        for number, pocket in enumerate(own[:lines]):
            y = 32 + 17 * number
            self.text(painter, x, y, pocket.figure, 11, pocket.unit == self.unit, width=112)
            self.text(
                painter,
                x + 118,
                y,
                f"{pocket.attitude}; {pocket.note}",
                11,
                colour="slate",
                width=self.width() - x - 120,
            )

    def _tray(self, painter: QPainter, tray: Tray, corner: QPointF, scale: float) -> None:
        painter.setPen(QPen(self.theme.colour("slate"), 1.2))
        painter.setBrush(self.theme.colour("bed"))
        painter.drawRoundedRect(QRectF(corner.x(), corner.y(), tray.wide_mm * scale, tray.deep_mm * scale), 5, 5)
        for laid, shape in zip(tray.laid, self._shapes_of(tray, corner, scale), strict=True):
            self._pocket(painter, laid, shape)

    def _shapes_of(self, tray: Tray, corner: QPointF, scale: float) -> list[QPolygonF]:
        """The pockets' outlines in the drawing, made once for a size of it."""
        key = (id(tray), corner.x(), scale)
        if key not in self._shapes:
            self._shapes[key] = [
                QPolygonF([QPointF(corner.x() + x * scale, (tray.deep_mm - y) * scale) for x, y in laid.outline])
                for laid in tray.laid
            ]
        return self._shapes[key]

    def _name_in(self, painter: QPainter, box: QRectF, name: str, chosen: bool) -> None:
        """A name across its pocket, or along it where that is narrow; none where it fits neither way: pointing at it tells."""
        needed = self.wide(name, 11, chosen) + 4
        if needed > max(box.width(), box.height()):
            return
        painter.save()
        painter.translate(box.center())
        if needed > box.width():
            painter.rotate(-90)
        self.text(painter, 0, 8, name, 11, chosen, align=CENTRE)
        painter.restore()

    def _pocket(self, painter: QPainter, laid: Laid, shape: QPolygonF) -> None:
        pocket = laid.pocket
        chosen, own = pocket.figure_id == self.figure_id, pocket.unit == self.unit
        painter.setPen(QPen(self.theme.colour("river" if chosen else "slate"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("riverwash" if own else "chalk"))
        painter.drawPolygon(shape)
        box = shape.boundingRect()
        if pocket.attitude != STANDING and pocket.note:
            mark = QPointF(box.center().x() - 5, box.center().y() - 14)
            draw_warning(painter, mark.x(), mark.y(), 10, self.theme.colour("tallow"), self.theme.colour("ink"))
        self._name_in(painter, box, pocket.figure.partition(" ")[0], chosen)
        size = f"{pocket.width_mm:.0f} × {pocket.depth_mm:.0f} × {pocket.height_mm:.0f} mm"
        notes = "; ".join(filter(None, (size, pocket.attitude, pocket.note)))
        self.region(box, f"{pocket.figure}, {pocket.unit}: {notes}")
