"""A paint stroke as it lies over dark and over pale ground: our form of a swatch, showing colour and coverage."""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache

from PyQt6.QtGui import QImage

from numerus.colour.films import Pigment
from numerus.desk.widgets.images import to_image
from numerus.geometry.mesh import Floats
from numerus.paint.rack.pots import pigment_known_by
from numerus.paint.rack.swatches import DARK, PALE, card_ground, stroke_pixels
from numerus.paint.techniques import TECHNIQUES


def swatch(paint: Pigment, width: int, height: int, technique: str = "base", film_um: float = 0.0) -> QImage:
    """The stroke over wharf-dark on the left half and pale on the right; ``film_um`` 0 for the technique's own."""
    return swatch_over(paint, [card_ground(DARK), card_ground(PALE)], width, height, technique, film_um)


def swatch_over(
    paint: Pigment, grounds: Sequence[Floats], width: int, height: int, technique: str = "base", film_um: float = 0.0,
    bare: float = 0.0,
) -> QImage:  # fmt: skip
    """The stroke over grounds of its own, side by side; ``bare``: share of them left free before it."""
    how = TECHNIQUES[technique]
    return to_image(stroke_pixels(paint, how, film_um or how.film_um, grounds, width, height, bare))


@lru_cache(512)  # figures share most of their colours
def colour_swatch(colour: str, width: int, height: int) -> QImage:
    """A stroke that hides in one coat: for a zone as it looks when it is done."""
    return swatch(pigment_known_by(colour, 12.0), width, height)
