"""A stroke of paint as it lies over two grounds: the film is as thick as bristles, pools and speckles leave it, its light is
worked out like every other film's.
"""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache

import numpy as np
from numpy.typing import NDArray

from numerus.colour.films import Pigment
from numerus.colour.light import encoded
from numerus.colour.reflectance import light_of, reflectances
from numerus.geometry.mesh import Floats
from numerus.paint.techniques import Technique

DARK, PALE = "#23282E", "#E0DBCE"
"""The card swatches lie on: wharf black and pale ground."""
_TONES = 32
_PARTS = {"sprayed": 0.9, "pooled": 0.85}


@lru_cache(64)
def card_ground(colour: str) -> Floats:
    """Reflectance (BANDS,) of a ground of the card."""
    return np.asarray(reflectances([colour])[0])


@lru_cache(64)
def film_shape(shape: str, width: int, height: int, bare: float = 0.0) -> Floats:
    """Thickness of a stroke against its nominal film, float64 (height, width): bristles along a brushed one, a pooled rim,
    a spray's speckle, a dry brush's gaps. Its mean where it lies fully is 1. ``bare``: share left free at its beginning.
    """
    rng = np.random.default_rng(11)
    y, x = np.mgrid[0:height, 0:width]
    u, v = (x / width - bare) / (1 - bare), np.abs(y / height - 0.5) * 2
    bristle = np.convolve(rng.uniform(0, 1, height + 4), np.ones(3) / 3, "valid")[:height, None]
    inside = np.clip((1 - v) * 6, 0, 1) * np.clip(u * 18, 0, 1) * np.clip((1 - u) * 14 * (0.5 + bristle), 0, 1)
    if shape == "sprayed":
        near = np.exp(-(v**2) * 2.4 - ((u - 0.5) * 1.7) ** 2)
        return np.asarray((rng.uniform(0, 1, (height, width)) < 0.95 * near) * (0.6 + 0.8 * near))
    if shape == "pooled":
        rim = np.exp(-(((1 - v) * height * 0.5 - 2.5) ** 2) / 6)
        return np.asarray(inside * 0.8 + 1.6 * rim * (inside > 0))
    if shape == "dry":
        return np.asarray(inside * (rng.uniform(0, 1, (height, width)) < 0.25 + 0.4 * bristle))
    return np.asarray(inside * (0.72 + 0.56 * bristle) * rng.uniform(0.85, 1.15, (height, 1)))


def stroke_pixels(
    paint: Pigment,
    how: Technique,
    film_um: float,
    grounds: Sequence[Floats],
    width: int,
    height: int,
    bare: float = 0.0,
) -> NDArray[np.uint8]:
    """RGBA uint8 (height, width, 4): the stroke over the grounds, side by side in equal parts. ``film_um``: where it lies fully;
    ``bare``: share of the ground left free before it.
    """
    shape = film_shape(how.swatch, width, height, bare)
    tones = np.linspace(0, max(float(shape.max()), 1e-6), _TONES)
    index = np.searchsorted(tones, shape).clip(0, _TONES - 1)
    where = np.minimum(np.arange(width) * len(grounds) // width, len(grounds) - 1)
    looks = np.stack([encoded(light_of(paint.over(g, film_um * tones[:, None]))) for g in grounds])
    pixels = np.full((height, width, 4), 255, np.uint8)
    pixels[..., :3] = np.round(255 * looks[where[None, :], index])
    return pixels
