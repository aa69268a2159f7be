"""Arrays as pictures."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray
from PyQt6.QtGui import QImage


def to_image(pixels: NDArray[np.uint8]) -> QImage:
    """An image that owns its pixels, from uint8 (height, width, 4) RGBA."""
    data = np.ascontiguousarray(pixels)
    image = QImage(data.data, data.shape[1], data.shape[0], data.strides[0], QImage.Format.Format_RGBA8888)  # type: ignore[call-overload]
    return image.copy()
