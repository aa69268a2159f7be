"""Pictures from files: upright, in plain RGB, no larger than one looks at; what is no picture is refused in words."""

from __future__ import annotations

import warnings
from pathlib import Path

import numpy as np
from numpy.typing import NDArray
from PIL import Image, ImageOps, UnidentifiedImageError

from numerus.errors import PictureError

MOST_MEGAPIXELS = 120
PICTURES = "Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp)"  # for a dialog that asks for one
LARGEST_PX = 2000


def open_picture(path: Path, most_px: int = LARGEST_PX) -> Image.Image:
    """The picture in a file, made small. Raises PictureError where it is none, or too large to be one."""
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("ignore", Image.DecompressionBombWarning)
            with Image.open(path) as opened:
                _not_too_large(path, opened.size)
                opened.draft("RGB", (most_px, most_px))
                upright = ImageOps.exif_transpose(opened).convert("RGB")
    except Image.DecompressionBombError as error:
        raise _too_large(path) from error
    except (OSError, UnidentifiedImageError, SyntaxError, ValueError) as error:
        raise PictureError(
            "no-picture", f"{path.name} is no picture that can be read.", "Try a JPEG or PNG."
        ) from error
    upright.thumbnail((most_px, most_px))
    return upright


def _not_too_large(path: Path, size: tuple[int, int]) -> None:
    if size[0] * size[1] > 1e6 * MOST_MEGAPIXELS:
        raise _too_large(path)


def _too_large(path: Path) -> PictureError:
    return PictureError(
        "too-large",
        f"{path.name} has more than {MOST_MEGAPIXELS} megapixels, the most that is read.",
        "Save it smaller.",
    )


def read_picture(path: Path, most_px: int = LARGEST_PX) -> NDArray[np.uint8]:
    """Its pixels, uint8 (h, w, 3). Raises PictureError."""
    return np.asarray(open_picture(path, most_px), np.uint8)
