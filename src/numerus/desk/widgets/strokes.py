"""A paint stroke as it lies over dark and over pale ground: our form of a swatch, showing colour and coverage."""

from __future__ import annotations

from functools import lru_cache

import numpy as np
from PyQt6.QtGui import QImage

from numerus.colour.light import rgb_of
from numerus.desk.widgets.images import to_image
from numerus.paint.techniques import TECHNIQUES, Technique

DARK, PALE = np.array([0.14, 0.16, 0.18]), np.array([0.88, 0.86, 0.81])


def _coverage(how: Technique, width: int, height: int) -> np.ndarray:
    """Where the paint lies, 0..1 (height, width): bristles along the stroke, pooled rim for a wash, speckle for a spray."""
    rng = np.random.default_rng(11)
    y, x = np.mgrid[0:height, 0:width]
    u, v = x / width, np.abs(y / height - 0.5) * 2
    bristle = np.repeat(
        np.convolve(rng.uniform(0, 1, height + 4), np.ones(3) / 3, "valid")[:height, None], width, axis=1
    )
    streak = rng.uniform(0.75, 1.0, (height, 1)) * (1 - 0.25 * rng.uniform(0, 1, (height, width)))
    inside = np.clip((1 - v) * 6, 0, 1) * np.clip(u * 18, 0, 1) * np.clip((1 - u) * 14 * (0.5 + bristle), 0, 1)
    if how.swatch == "sprayed":
        return (rng.uniform(0, 1, (height, width)) < np.exp(-(v**2) * 2.4 - ((u - 0.5) * 1.7) ** 2) * 0.9) * 0.85
    if how.swatch == "pooled":
        rim = np.exp(-(((1 - v) * height * 0.5 - 2.5) ** 2) / 6) * 0.45
        return np.clip(inside * how.load + rim * (inside > 0), 0, 0.85)
    if how.swatch == "dry":
        return inside * (rng.uniform(0, 1, (height, width)) < 0.25 + 0.4 * bristle) * how.load
    return np.clip(inside * streak * how.load * (0.72 + 0.4 * bristle), 0, 1)


@lru_cache(256)
def swatch(technique: str, colour: str, opacity: float, width: int, height: int) -> QImage:
    """The stroke composited over wharf-dark on the left half and pale on the right."""
    cover = _coverage(TECHNIQUES[technique], width, height)[..., None] * min(1.0, 0.35 + 0.65 * opacity)
    ground = np.where((np.arange(width) < width // 2)[None, :, None], DARK, PALE)
    shown = ground * (1 - cover) + rgb_of(colour) * cover
    data = np.ascontiguousarray(
        np.concatenate([np.clip(255 * shown, 0, 255), np.full((height, width, 1), 255)], axis=2).astype(np.uint8)
    )
    return to_image(data)
