"""Candidates in line with the army at one scale, their numbers side by side, and one of them as machines would leave it."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QImage, QPainter, QPen

from numerus.desk.choosing.choosing_state import Question
from numerus.desk.context import Context
from numerus.desk.view3d.renderer import Renderer, Thing
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.pins import LETTERS, draw_letter
from numerus.domain.army import Outline
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.rays import Camera
from numerus.printing.checks.as_printed import AsPrinted
from numerus.progress.choosing import CandidateLook

RESIN_RGB = np.array([[188, 180, 166]], np.uint8)
TURN_DEG, RAISE_DEG, HEADROOM = 20.0, 4.0, 1.12
BODY, HEAD = 0.42, 0.13  # of its height: how wide a bought figure is drawn, and its head


class LineUp(Drawing):
    """Who stands beside whom, all on one ground and at one scale. ``chosen``: a candidate by its number."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context, renderer: Renderer) -> None:
        super().__init__(context.theme, "In line with the army")
        self.renderer = renderer
        self.stood: list[tuple[str, list[Mesh], bool]] = []
        self.outlines: Sequence[Outline] = ()
        self.at = 0
        self._drawn: dict[tuple[int, int], QImage] = {}
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 210)

    def show_line(self, stood: list[tuple[str, list[Mesh], bool]], outlines: Sequence[Outline], at: int) -> None:
        """``stood``: name, parts, and whether it is a candidate."""
        self.stood, self.outlines, self.at, self._drawn = stood, outlines, at, {}
        self.update()

    @property
    def tallest_mm(self) -> float:
        own = [float(merged(m).extents_mm[2]) for _, m, _ in self.stood if m]
        return max([30.0, *own, *(o.height_mm for o in self.outlines)]) * HEADROOM

    def draw(self, painter: QPainter) -> None:
        self.text(painter, 0, 16, "In line with the army, at one scale (mm)", 13, True)
        ground, top = self.height() - 36.0, 26.0
        px = (ground - top) / self.tallest_mm
        self._ruler(painter, ground, px)
        sizes = [max(float(merged(m).extents_mm[:2].max()), 20.0) if m else 20.0 for _, m, _ in self.stood]
        sizes += [max(o.base_mm, BODY * o.height_mm) for o in self.outlines]
        gap = max((self.width() - 60 - sum(sizes) * px) / max(len(sizes), 1), 8.0)
        ends = np.cumsum([40.0, *(size * px + gap for size in sizes)])
        boxes = [QRectF(a, top, b - a, ground - top) for a, b in zip(ends, ends[1:], strict=False)]
        number = 0
        for (name, meshes, is_candidate), box in zip(self.stood, boxes, strict=False):
            self._one(painter, name, meshes, box, ground, px, number if is_candidate else None)
            number += is_candidate
        for outline, box in zip(self.outlines, boxes[len(self.stood) :], strict=True):
            self._outline(painter, outline, box.center().x(), ground, px)
            self.text(
                painter,
                box.center().x(),
                ground + 16,
                outline.name,
                11,
                colour="slate",
                align=CENTRE,
                width=box.width() - 6,
            )

    def _one(
        self, painter: QPainter, name: str, meshes: list[Mesh], box: QRectF, ground: float, px: float, number: int | None
    ) -> None:  # fmt: skip
        """A figure with its name; a candidate (by its number) with its letter, to be chosen."""
        chosen = number == self.at
        if chosen:
            painter.fillRect(box.adjusted(0, 0, 0, 34), self.theme.colour("riverwash"))
        self._figure(painter, meshes, box, ground, px)
        self.text(
            painter, box.center().x(), ground + 16, name, 11, number is not None, align=CENTRE, width=box.width() - 6
        )
        if number is not None:
            draw_letter(painter, self.theme, box.left() + 14, box.top() + 10, LETTERS[number], chosen)
            self.region(box, name, lambda: self.chosen.emit(number))

    def _ruler(self, painter: QPainter, ground: float, px: float) -> None:
        self.line(painter, 30, ground, self.width(), ground, "ink", 1.4)
        for mm in range(0, int(self.tallest_mm) + 1, 10):
            y = ground - mm * px
            self.line(painter, 24, y, 30 if mm else self.width(), y)
            self.text(painter, 22, y + 4, str(mm), 11, colour="slate", align="right")

    def _figure(self, painter: QPainter, meshes: list[Mesh], box: QRectF, ground: float, px: float) -> None:
        if not meshes:
            self.text(painter, box.center().x(), ground - 20, "no mesh", 11, colour="slate", align=CENTRE)
            return
        whole = merged(meshes)
        key = id(meshes), int(box.width())
        high_mm = self.tallest_mm
        wide_px, high_px = max(int(box.width()), 2), max(int(ground - 26.0), 2)
        if key not in self._drawn:
            x, y, _ = (float(v) for v in whole.bounds_mm.mean(axis=0))
            camera = Camera((x, y, float(whole.bounds_mm[0, 2]) + high_mm / 2), TURN_DEG, RAISE_DEG, high_mm)
            image = self.renderer.draw([Thing(m, RESIN_RGB) for m in meshes], camera, 2 * wide_px, 2 * high_px)
            self._drawn[key] = to_image(np.ascontiguousarray(image))
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(QRectF(box.left(), ground - high_mm * px, wide_px, high_mm * px), self._drawn[key])

    def _outline(self, painter: QPainter, outline: Outline, x: float, ground: float, px: float) -> None:
        """Dashed: base, body and head in a person's proportions, as high as its box tells."""
        painter.setPen(QPen(self.theme.colour("slate"), 1.4, Qt.PenStyle.DashLine))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        high, base, head = outline.height_mm * px, outline.base_mm * px, HEAD * outline.height_mm * px
        painter.drawRect(QRectF(x - base / 2, ground - 3 * px, base, 3 * px))
        wide = BODY * high / 1.6
        painter.drawRoundedRect(
            QRectF(x - wide / 2, ground - high + head * 1.1, wide, high - head * 1.1 - 3 * px), wide / 3, wide / 3
        )
        painter.drawEllipse(QPointF(x, ground - high + head * 0.55), head * 0.45, head * 0.55)


class Numbers(Drawing):
    """A column for each candidate, a row for each question; bars on one scale in a row. ``chosen``: a candidate by its number."""

    chosen = pyqtSignal(int)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Candidates side by side")
        self.looks: list[CandidateLook | None] = []
        self.questions: list[Question] = []
        self.at = 0
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.hold("setMinimumHeight", 240)

    def show_looks(self, looks: list[CandidateLook | None], questions: list[Question], at: int) -> None:
        self.looks, self.questions, self.at = looks, questions, at
        self.update()

    def draw(self, painter: QPainter) -> None:
        left, top = 104.0, 24.0
        if not self.looks:
            return
        wide, step = (self.width() - left) / len(self.looks), (self.height() - top - 4) / max(len(self.questions), 1)
        for number, look in enumerate(self.looks):
            self._head(painter, number, look, QRectF(left + number * wide, 0, wide - 8, self.height()))
        for at, question in enumerate(self.questions):
            self._row(painter, question, top + at * step, left, wide, step)

    def _head(self, painter: QPainter, number: int, look: CandidateLook | None, box: QRectF) -> None:
        if number == self.at:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 5, 5)
        draw_letter(painter, self.theme, box.left() + 14, 11, LETTERS[number], number == self.at)
        left_out = look.left_out if look else ()
        words = "being looked at …" if look is None else f"{len(left_out)} left out" if left_out else ""
        self.text(
            painter, box.left() + 30, 15, words, 11, colour="brick" if left_out else "slate", width=box.width() - 36
        )
        self.region(box, "; ".join(left_out), lambda: self.chosen.emit(number))

    def _row(self, painter: QPainter, question: Question, y: float, left: float, wide: float, step: float) -> None:
        self.text(painter, 0, y + step * 0.62, question.name, 13)
        self.region(QRectF(0, y, left, step), question.meaning)
        values = [question.value(look) for look in self.looks if look is not None]
        judged = question.less_is_better and len(values) > 1
        for number, look in enumerate(self.looks):
            if look is not None:
                best = judged and question.value(look) == min(values)
                box = QRectF(left + number * wide, y, wide, step)
                self._cell(painter, box, question.value(look) / max(*values, 1e-9), question.words(look), best)

    def _cell(self, painter: QPainter, box: QRectF, share: float, words: str, best: bool) -> None:
        x, y, wide = box.left() + 8, box.top(), box.width() - 24
        self.text(painter, x, y + box.height() * 0.58, words, 13, best)
        self.bar(painter, x, y + box.height() * 0.72, wide, 3, "bed")
        self.bar(painter, x, y + box.height() * 0.72, wide * share, 3, "moss" if best else "slate")


class Close(Drawing):
    """One part as each machine would leave it: what is lost in red, what has grown together in yellow."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "As your machines would leave it")
        self.pictures: list[tuple[QImage, AsPrinted]] = []
        self.words = ""
        self.hold("setMinimumHeight", 200)

    def show_prints(self, prints: Sequence[AsPrinted], words: str) -> None:
        self.pictures, self.words = [(to_image(p.image), p) for p in prints], words
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.pictures:
            self.paragraph(painter, QRectF(0, 4, self.width(), 60), self.words, 13, colour="slate")
            return
        wide = self.width() / len(self.pictures)
        side = min(wide - 10, self.height() - 42)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        for number, (image, told) in enumerate(self.pictures):
            box = QRectF(number * wide, 0, wide - 10, side)
            painter.fillRect(box, self.theme.colour("matt"))
            painter.drawImage(QRectF(box.center().x() - side / 2, 0, side, side), image)
            self.text(
                painter,
                box.left(),
                side + 16,
                f"{told.machine}, {told.wide_mm:.0f} mm across",
                11,
                True,
                width=wide - 12,
            )
            lost = f"lost {told.lost:.1%}, grown together {told.grown:.1%}"
            self.text(
                painter,
                box.left(),
                side + 31,
                lost,
                11,
                colour="brick" if told.lost > 0.01 else "slate",
                width=wide - 12,
            )
