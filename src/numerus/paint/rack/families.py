"""Pots by family, as a painter looks for them: by hue, the special kinds apart; within a family from light to dark."""

from __future__ import annotations

from numerus.colour.films import Pigment
from numerus.domain.painting.paints import Paint
from numerus.paint.rack.kinds import kind_of
from numerus.paint.rack.pots import pigment_of

FAMILIES = (
    "whites and bones", "yellows", "oranges", "reds", "skins and browns", "greens", "blues", "purples", "greys and blacks", "metals",
    "washes and inks", "grounds and powders", "clear",
)  # fmt: skip
_BY_KIND = {
    "metallic": "metals", "wash": "washes and inks", "ink": "washes and inks", "glaze": "washes and inks", "stain": "washes and inks",
    "primer": "grounds and powders", "texture": "grounds and powders", "pigment": "grounds and powders",
}  # fmt: skip
_HUES = (
    (25, "reds"),
    (68, "oranges"),
    (105, "yellows"),
    (195, "greens"),
    (285, "blues"),
    (345, "purples"),
    (361, "reds"),
)
GREYEST, PALEST = 7.0, 84.0


def family_of(paint: Paint) -> str:
    if kind_of(paint).clear:
        return "clear"
    return _BY_KIND.get(paint.kind) or family_of_colour(pigment_of(paint))


def family_of_colour(pigment: Pigment) -> str:
    """By L*, chroma and hue of what hides; browns and skins are oranges and yellows that are dull or dark."""
    from numpy import arctan2, degrees, hypot

    lightness, a, b = pigment.lab
    chroma, hue = float(hypot(a, b)), float(degrees(arctan2(b, a)) % 360)
    if lightness > PALEST and chroma < 30:
        return "whites and bones"
    if chroma < GREYEST or (lightness < 20 and chroma < 12):
        return "greys and blacks"
    warm = hue < 95 or hue > 350
    if warm and (lightness < 40 or chroma < 38) and not (chroma > 45 and hue < 45):
        return "skins and browns"
    return next(name for limit, name in _HUES if hue < limit)
