"""A whole unit painted by the scheme, figure after figure as they are worked out."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Sequence

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtCore import QRectF, Qt
from PyQt6.QtGui import QImage, QPainter
from PyQt6.QtWidgets import QWidget

from numerus.desk.context import Context
from numerus.desk.stages.paint.built_figures import BuiltFigures
from numerus.desk.widgets.drawing import CENTRE, Drawing
from numerus.desk.widgets.images import to_image
from numerus.desk.widgets.layout import column
from numerus.domain.army import Figure
from numerus.domain.painting.recipes import Scheme
from numerus.domain.parts import Part
from numerus.errors import Progress
from numerus.paint.looks import figure_shot, lit_light
from numerus.paint.rack.pots import Rack

SIZE_PX, FINER = (230, 310), 2
MOST_SHOWN = 40


class SquadPicture(Drawing):
    """Figures in rows, each as large as its place; those still being painted by their names."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The whole unit painted")
        self.names: list[str] = []
        self.images: list[QImage] = []

    def show_squad(self, names: Sequence[str], images: Sequence[QImage]) -> None:
        self.names, self.images = list(names), list(images)
        self.update()

    def draw(self, painter: QPainter) -> None:
        many = max(len(self.names), 1)
        columns = max(round((many * self.width() / max(self.height(), 1.0) * SIZE_PX[1] / SIZE_PX[0]) ** 0.5), 1)
        columns = min(max(columns, -(-many // 4)), many)
        rows = -(-many // columns)
        wide, high = self.width() / columns, self.height() / rows
        painter.setPen(Qt.PenStyle.NoPen)
        painter.setBrush(self.theme.colour("matt"))
        painter.drawRoundedRect(self.area, 6, 6)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        for n, name in enumerate(self.names):
            box = QRectF(n % columns * wide, n // columns * high, wide, high)
            if n < len(self.images):
                self.standing(painter, self.images[n], box.adjusted(2, 4, -2, -16))
            self.text(painter, box.center().x(), box.bottom() - 4, name, 11, align=CENTRE, width=wide - 4)
            self.region(box, name)


class SquadView(QWidget):
    """``show``: paints a unit by a scheme; a figure that is painted already for the same scheme is not painted again."""

    def __init__(
        self, context: Context, built: BuiltFigures, with_meshes: Callable[[Iterable[Part], Callable[[], object]], None]
    ) -> None:
        super().__init__()
        self.context, self.session, self.built, self.with_meshes = context, context.session, built, with_meshes
        self.picture = SquadPicture(context)
        self.setLayout(column(self.picture))
        self.images: list[NDArray[np.uint8]] = []
        self._asked: object = None

    def show_unit(self, figures: Sequence[Figure], scheme: Scheme, rack: Rack) -> None:
        shown = list(figures)[:MOST_SHOWN]
        parts = [self._parts(f) for f in shown]
        asked = scheme, tuple(rack.paints.values()), tuple(rack.mixes.values()), tuple(self.built.key(p) for p in parts)
        if asked == self._asked:
            return
        self._asked, self.images = asked, []
        self._draw(shown)
        everything = {p.id: p for own in parts for p in own}
        self.with_meshes(everything.values(), lambda: self._next(shown, scheme, rack, asked))

    def _parts(self, figure: Figure) -> list[Part]:
        parts = self.session.plans.parts
        return [parts[p] for p in dict.fromkeys(figure.build.values()) if p in parts]

    def _next(self, figures: list[Figure], scheme: Scheme, rack: Rack, asked: object) -> None:
        """The next figure, in a job of its own: who looks sees the first long before the last."""
        if asked != self._asked or len(self.images) == len(figures) or not self.isVisible():
            return
        figure = figures[len(self.images)]
        make = self.built.making(self._parts(figure))

        def work(progress: Progress) -> NDArray[np.uint8]:
            built = make(progress)
            shot = figure_shot(built, *SIZE_PX, FINER)
            return shot.picture(lit_light(shot, built, scheme.on_figure(figure.order), rack))

        def done(image: NDArray[np.uint8]) -> None:
            self.built.keep()
            if asked == self._asked:
                self.images.append(image)
                self._draw(figures)
                self._next(figures, scheme, rack, asked)

        words = f"Painting {figure.name}, {len(self.images) + 1} of {len(figures)}"
        self.context.jobs.start("squad", words, work, done)

    def _draw(self, figures: list[Figure]) -> None:
        self.picture.show_squad([f.name for f in figures], [to_image(i) for i in self.images])

    def forget(self) -> None:
        """What was begun is begun anew when it is looked at again."""
        if len(self.images) < len(self.picture.names):
            self._asked = None
