"""A photograph as it would be in white light, by a grey card that stands in it."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import encoded, linear
from numerus.errors import PictureError

Pixels = NDArray[np.uint8]
REACH_PX = 10  # of the square that is read about a place
LUMINANCE = np.array([0.2126, 0.7152, 0.0722])  # of linear sRGB (IEC 61966-2-1)
DARKEST, BRIGHTEST, STRONGEST = 0.02, 0.92, 4.0


def card_gains(pixels: Pixels, at: tuple[float, float]) -> NDArray[np.float64]:
    """Factors (3,) of linear red, green and blue that make the card at a place (x, y) of a picture (h, w, 3) neutral, its luminance kept.

    Raises PictureError where what is there is too dark, burnt out, or no grey in any light.
    """
    x, y = (int(round(v)) for v in at)
    own = pixels[max(y - REACH_PX, 0) : y + REACH_PX + 1, max(x - REACH_PX, 0) : x + REACH_PX + 1].reshape(-1, 3)
    seen = np.median(linear(own / 255.0), axis=0)
    if seen.min() < DARKEST or seen.max() > BRIGHTEST:
        raise PictureError("no-card", "The card is too dark or burnt out there.", "Move the ring onto its middle.")
    gains = float(seen @ LUMINANCE) / seen
    if gains.max() > STRONGEST or gains.min() < 1 / STRONGEST:
        raise PictureError("no-card", "That is no grey card in any light.", "Move the ring onto the card.")
    return np.asarray(gains)


def balanced(pixels: Pixels, at: tuple[float, float]) -> Pixels:
    """The picture with the card at a place neutral, uint8 (h, w, 3). Raises PictureError as ``card_gains``."""
    light = np.clip(linear(pixels / 255.0) * card_gains(pixels, at), 0, 1)
    return np.round(255 * encoded(light)).astype(np.uint8)
