"""Photographs of finished figures: which sides there are of whom, and as they would look in white light."""

from __future__ import annotations

import io
from collections.abc import Callable, Iterable, Mapping
from datetime import datetime

import numpy as np
from numpy.typing import NDArray

from numerus.colour.neutral_card import balanced
from numerus.domain.journal import Fact, PhotographTaken
from numerus.errors import PictureError

SIDES = "front", "side", "back"
QUALITY = 88
SET_UP = (
    "A plain ground, two lamps of the same light or a window, none of it mixed", "A grey card beside the figure, in the same light",
    "The lens at the height of the chest, an arm's length away", "Front, side and back, the figure turned and not the lamps",
)  # fmt: skip


def photographs_of(facts: Iterable[Fact], figure_id: str) -> dict[str, PhotographTaken]:
    """The last of each side of a figure."""
    return {
        f.event.side: f.event
        for f in facts
        if isinstance(f.event, PhotographTaken) and f.event.side and figure_id in f.figures
    }


def photograph_fact(figure_id: str, side: str, blob: str, card_at: tuple[float, ...], now: datetime) -> Fact:
    """``card_at``: where the grey card stands in it, x and y in pixels, () where none does."""
    return Fact(now, PhotographTaken(blob, side, card_at), "", (figure_id,))


def pixels_of(data: bytes) -> NDArray[np.uint8]:
    """Of a kept photograph, uint8 (h, w, 3). Raises PictureError where it is damaged."""
    from PIL import Image, UnidentifiedImageError

    try:
        return np.asarray(Image.open(io.BytesIO(data)).convert("RGB"), np.uint8)
    except (OSError, UnidentifiedImageError) as error:
        raise PictureError("damaged-photograph", "A kept photograph cannot be read.", "Attach it again.") from error


def in_white_light(pixels: NDArray[np.uint8], card_at: tuple[float, ...]) -> NDArray[np.uint8]:
    """By its grey card; as it is where none was pointed at, or what was is none."""
    if len(card_at) != 2:
        return pixels
    try:
        return balanced(pixels, (card_at[0], card_at[1]))
    except PictureError:
        return pixels


def shown_photographs(
    facts: Iterable[Fact], figures: Iterable[str], read_blob: Callable[[str], bytes]
) -> Mapping[str, bytes]:
    """A JPEG of the front of every figure that was photographed, by id, in white light."""
    listed = list(facts)
    taken = {figure: photographs_of(listed, figure).get("front") for figure in figures}
    return {
        figure: _jpeg(in_white_light(pixels_of(read_blob(one.blob)), one.card_at))
        for figure, one in taken.items()
        if one
    }


def _jpeg(pixels: NDArray[np.uint8]) -> bytes:
    from PIL import Image

    out = io.BytesIO()
    picture = Image.fromarray(pixels)
    picture.thumbnail((660, 840))
    picture.save(out, "JPEG", quality=QUALITY)
    return out.getvalue()
