"""The colour a mix should have beside what is in hand."""

from __future__ import annotations

from PyQt6.QtCore import QRectF
from PyQt6.QtGui import QColor, QPainter

from numerus.colour.films import COAT_UM
from numerus.colour.reflectance import hex_of_reflectance
from numerus.desk.context import Context
from numerus.desk.stages.paint.mix.state import MixState
from numerus.desk.widgets.drawing import StatedDrawing
from numerus.paint.rack.swatches import DARK, PALE, card_ground


class TargetSwatch(StatedDrawing[MixState]):
    """The colour wanted between what is in hand over dark and over pale."""

    def __init__(self, context: Context) -> None:
        super().__init__(context.theme, "The colour wanted, and the mix over dark and pale")
        self.hold("setMinimumHeight", 66)

    def draw(self, painter: QPainter) -> None:
        state = self.state
        if state is None:
            return
        looks = [state.paint.over(card_ground(g), COAT_UM) if state.paint else card_ground(g) for g in (DARK, PALE)]
        third, high = self.width() / 3, 48.0 if self.height() < 140 else 0.3 * self.height()
        strip = self.height() - high - 18
        if strip > 40:
            self._edge_to_edge(painter, strip - 6)
        shown = ((hex_of_reflectance(looks[0]), "a coat over dark"), (state.wanted.colour, "wanted"))
        for n, (colour, words) in enumerate((*shown, (hex_of_reflectance(looks[1]), "a coat over pale"))):
            painter.fillRect(QRectF(n * third, strip, third, high), QColor(colour))
            self.text(painter, n * third + 2, self.height() - 4, words, 11, n == 1, "ink" if n == 1 else "slate")

    def _edge_to_edge(self, painter: QPainter, high: float) -> None:
        """The colour wanted beside the mix as it hides, as large as there is room."""
        assert self.state is not None
        half = self.width() / 2
        mix = self.state.paint.colour if self.state.paint else self.theme.colour("matt").name()
        for n, (colour, words) in enumerate(((self.state.wanted.colour, "wanted"), (mix, "mixed, hiding"))):
            painter.fillRect(QRectF(n * half, 0, half, high), QColor(colour))
            self.tagged(painter, n * half + 10, high - 10, words)
