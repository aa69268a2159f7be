"""Photographs as a book keeps them: turned upright, no larger than one looks at, as JPEG."""

from __future__ import annotations

from io import BytesIO
from pathlib import Path

from PIL import Image, ImageOps, UnidentifiedImageError

from numerus.errors import BookError

MOST_PX, QUALITY = 1600, 82


def read_photograph(path: Path) -> bytes:
    """The picture in a file, made small. Raises BookError where it is none."""
    try:
        with Image.open(path) as opened:
            upright = ImageOps.exif_transpose(opened).convert("RGB")
    except (OSError, UnidentifiedImageError, Image.DecompressionBombError) as error:
        raise BookError("no-picture", f"{path.name} is no picture that can be read.", "Try a JPEG or PNG.") from error
    upright.thumbnail((MOST_PX, MOST_PX))
    made = BytesIO()
    upright.save(made, "JPEG", quality=QUALITY)
    return made.getvalue()
