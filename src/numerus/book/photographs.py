"""Photographs as a book keeps them: turned upright, no larger than one looks at, as JPEG."""

from __future__ import annotations

from io import BytesIO
from pathlib import Path

from numerus.formats.pictures import open_picture

MOST_PX, QUALITY = 1600, 82


def read_photograph(path: Path) -> bytes:
    """The picture in a file, made small. Raises PictureError where it is none."""
    buffer = BytesIO()
    open_picture(path, MOST_PX).save(buffer, "JPEG", quality=QUALITY)
    return buffer.getvalue()
