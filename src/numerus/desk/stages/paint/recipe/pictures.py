"""Pictures of the Recipe page: the zone after each stroke with its film over what lies below, and the coats it takes to cover."""

from __future__ import annotations

import numpy as np
from PyQt6.QtCore import QPointF, QRectF, Qt, pyqtSignal
from PyQt6.QtGui import QDragEnterEvent, QDropEvent, QImage, QKeyEvent, QPainter, QPainterPath, QPen

from numerus.colour.films import BLACK_GROUND, COVERED_DELTA_E
from numerus.desk.context import Context
from numerus.desk.stages.paint.page_tab import dragged_pot
from numerus.desk.stages.paint.recipe.state import RecipeState
from numerus.desk.theme.marks import draw_warning
from numerus.desk.widgets.drawing import CENTRE, RIGHT, Drawing, StatedDrawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.strokes import swatch_over
from numerus.domain.painting.recipes import RecipeStep
from numerus.domain.stages import LEVEL_NAMES
from numerus.paint.priming.primer import primed_ground
from numerus.paint.scheme import laid_um
from numerus.words import span

BARE, MOST_WIDE = 0.25, 132.0
LEVEL_TONES = {"table": "ink", "good": "river", "parade": "slate"}


class Filmstrip(Drawing):
    """A frame a stroke, in order; left and right choose, Ins adds one, Del takes the chosen away. ``poured``: a stroke and the pot
    dropped on it.
    """

    chosen = pyqtSignal(str)
    deed = pyqtSignal(str)
    poured = pyqtSignal(str, str)

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The zone after each stroke")
        self.state: RecipeState | None = None
        self._images: dict[str, QImage] = {}
        self._places: list[tuple[QRectF, str]] = []
        self.setAcceptDrops(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def dragEnterEvent(self, event: QDragEnterEvent | None) -> None:
        if dragged_pot(event):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent | None) -> None:
        """A pot goes into the stroke it is dropped on."""
        at = event.position() / self.theme.zoom
        over = next((step for box, step in self._places if box.contains(at)), "")
        if over:
            event.acceptProposedAction()
            self.poured.emit(over, dragged_pot(event))

    def show_state(self, state: RecipeState) -> None:
        self.state = state
        self._images = {f.step.id: to_image(f.image) for f in state.frames}
        self.update()

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None or not state.steps:
            words = "No stroke yet: take a school's, or add one here."
            self.text(painter, 4, 28, words, 13, colour="slate")
            return
        wide = min(self.width() / len(state.steps), MOST_WIDE)
        laid = state.laid()
        self._places = [(QRectF(n * wide, 0, wide - 6, self.height()), s.id) for n, s in enumerate(state.steps)]
        for n, (step, (box, _)) in enumerate(zip(state.steps, self._places, strict=True)):
            self._frame(painter, n, step, box, laid.get(step.id))

    def _frame(self, painter: QPainter, n: int, step: RecipeStep, box: QRectF, laid) -> None:  # type: ignore[no-untyped-def]
        assert self.state is not None
        chosen = step.id == self.state.step_id
        if chosen:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(self.theme.colour("riverwash"))
            painter.drawRoundedRect(box, 5, 5)
        self.line(painter, box.left(), 12, box.right(), 12, LEVEL_TONES[step.level], 2)
        self.text(
            painter,
            box.left() + 2,
            9,
            LEVEL_NAMES[step.level],
            11,
            colour=LEVEL_TONES[step.level],
            width=box.width() - 4,
        )
        picture = QRectF(box.left(), 18, box.width(), max(box.height() - 128, 30))
        painter.setPen(QPen(self.theme.colour("river" if chosen else "hairline"), 2 if chosen else 1))
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(picture.adjusted(1, 1, -1, -1), 4, 4)
        self._image(painter, step, picture)
        self.numbered(painter, QPointF(box.left() + 14, picture.top() + 14), n + 1, chosen)
        y = picture.bottom() + 15
        self.text(painter, box.left() + 2, y, step.name, 13, True, width=box.width() - 40)
        self.text(painter, box.right() - 2, y, span(step.minutes), 11, align=RIGHT)
        self._swatch(painter, step, laid, QRectF(box.left() + 2, y + 6, box.width() - 4, 24))
        coats = f"{step.coats} × " if step.coats > 1 else ""
        self.text(
            painter,
            box.left() + 2,
            y + 44,
            f"{coats}{laid_um(step) / step.coats:.0f} µm, {step.technique}",
            11,
            width=box.width() - 4,
        )
        room = QRectF(box.left() + 2, y + 48, box.width() - 4, 44)
        self.paragraph(painter, room, self.state.mix_words(step), 11, colour="slate")
        self.region(
            box,
            f"{n + 1}: {step.name}, {step.technique}, {self.state.mix_words(step)}",
            lambda: self.chosen.emit(step.id),
        )

    def _image(self, painter: QPainter, step: RecipeStep, box: QRectF) -> None:
        image = self._images.get(step.id)
        if image is None:
            return
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        self.standing(painter, image, box)

    def _swatch(self, painter: QPainter, step: RecipeStep, laid, box: QRectF) -> None:  # type: ignore[no-untyped-def]
        """The film over what lies below it, which is left bare at its beginning."""
        if laid is None:
            self.hatch(painter, box)
            return
        assert self.state is not None
        paint = self.state.rack.pigment(step.mix)
        size = max(int(2 * box.width()), 8), max(int(2 * box.height()), 8)
        painter.drawImage(box, swatch_over(paint, [laid.below], *size, step.technique, laid_um(step), BARE))

    def keyPressEvent(self, event: QKeyEvent | None) -> None:
        key, state = Qt.Key(event.key()), self.state
        deeds, ways = {Qt.Key.Key_Insert: "add", Qt.Key.Key_Delete: "away"}, {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        if key in deeds:
            self.deed.emit(deeds[key])
        elif key in ways and state is not None and state.steps:
            ids = [s.id for s in state.steps]
            at = ids.index(state.step_id) if state.step_id in ids else 0
            self.chosen.emit(ids[(at + ways[key]) % len(ids)])
        else:
            super().keyPressEvent(event)


class CoatsChart(StatedDrawing[RecipeState]):
    """ΔE to the hiding colour after so many coats: here, and over black; under 2 it covers."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "Coats to cover")
        self.hold("setFixedHeight", 112)
        self.hold("setMinimumWidth", 300)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        laid = state.laid().get(state.step_id) if state else None
        if state is None or laid is None:
            return
        self.field = QRectF(26, 6, self.width() - 130, self.height() - 26)
        low = self._y(COVERED_DELTA_E)
        painter.fillRect(
            QRectF(self.field.left(), low, self.field.width(), self.field.bottom() - low),
            self.theme.colour("moss", 0.18),
        )
        for n in range(6):
            self.text(painter, self._x(n), self.height() - 4, str(n), 11, colour="slate", align=CENTRE)
        for off in (1, 2, 5, 20, 50):
            self.text(painter, 20, self._y(off) + 4, str(off), 11, colour="slate", align=RIGHT)
        scheme = state.plans.scheme_for(state.figure)
        grounds = [("over black", BLACK_GROUND, "slate"), ("here", laid.below, "river")]
        if scheme is not None:
            grounds.insert(1, ("over the primer", primed_ground(scheme), "ink"))
        for number, (words, ground, role) in enumerate(grounds):
            self._curve(painter, state.coats_curve(ground), role, words == "here")
            self.text(painter, self.field.right() + 8, 18 + 16 * number, words, 11, words == "here", role)
        self.text(painter, self.field.right() + 8, 18 + 16 * 3 + 4, "under 2: covered", 11, colour="moss_ink")

    def _x(self, coats: float) -> float:
        return self.field.left() + self.field.width() * (coats + 0.2) / 5.4

    def _y(self, off: float) -> float:
        share = np.log(max(off, 0.7) / 0.7) / np.log(100 / 0.7)
        return self.field.bottom() - float(share) * self.field.height()

    def _curve(self, painter: QPainter, values: list[float], role: str, strong: bool) -> None:
        path = QPainterPath()
        for n, off in enumerate(values):
            at = QPointF(self._x(n), self._y(off))
            path.lineTo(at) if n else path.moveTo(at)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(self.theme.colour(role), 2.2 if strong else 1.2))
        painter.drawPath(path)
        for n, off in enumerate(values):
            painter.setBrush(self.theme.colour(role if off < COVERED_DELTA_E else "chalk"))
            painter.drawRect(QRectF(self._x(n) - 3, self._y(off) - 3, 6, 6))


class Warnings(Drawing):
    """What will not do in this recipe."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "What to mind in this recipe")
        self.words: list[str] = []
        self.hold("setFixedHeight", 112)

    def show_words(self, words: list[str]) -> None:
        self.words = words
        self.update()

    def draw(self, painter: QPainter) -> None:
        if not self.words:
            self.text(painter, 0, 16, "Every stroke that should cover does.", 13, colour="moss_ink")
            return
        y = 2.0
        for words in self.words[:4]:
            draw_warning(painter, 0, y, 14, self.theme.colour("tallow"), self.theme.colour("ink"))
            y += self.paragraph(painter, QRectF(22, y, self.width() - 24, 44), words, 11) + 6
        self.region(self.area, "\n".join(self.words))
