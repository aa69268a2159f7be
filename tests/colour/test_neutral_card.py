"""White light by a grey card: a cast is taken out, and what is no card is refused."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from numerus.colour.light import encoded, linear
from numerus.colour.neutral_card import balanced
from numerus.errors import PictureError

GAIN = st.floats(0.6, 1.0)


def scene() -> np.ndarray:
    """Four colours and a grey card in the middle, uint8 (90, 90, 3)."""
    pixels = np.zeros((90, 90, 3), np.uint8)
    pixels[:45, :45], pixels[:45, 45:] = (180, 90, 60), (70, 120, 160)
    pixels[45:, :45], pixels[45:, 45:] = (150, 150, 80), (60, 60, 60)
    pixels[30:60, 30:60] = (128, 128, 128)
    return pixels


@settings(max_examples=40, deadline=None)
@given(GAIN, GAIN, GAIN)
def test_a_cast_of_any_lamp_is_taken_out(red: float, green: float, blue: float) -> None:
    """Every colour of the scene has again the proportions it had, as bright as the card was seen."""
    true = scene()
    cast = np.round(255 * encoded(linear(true / 255.0) * [red, green, blue])).astype(np.uint8)
    found = linear(balanced(cast, (45, 45)) / 255.0)
    for at in ((10, 10), (10, 80), (80, 10), (45, 45)):
        want = linear(true[at] / 255.0)
        scale = found[at].sum() / want.sum()
        assert found[at] / scale == pytest.approx(want, abs=0.012)


@pytest.mark.parametrize("colour", [(0, 0, 0), (255, 255, 255), (255, 40, 40), (30, 60, 250)])
def test_what_is_no_card_is_refused(colour: tuple[int, int, int]) -> None:
    """Black, burnt out, or coloured beyond any lamp."""
    pixels = np.full((40, 40, 3), colour, np.uint8)
    with pytest.raises(PictureError):
        balanced(pixels, (20, 20))
