"""What a camera at the simulated machine sees: the plate over the vat, parts hanging from it, in the amber light behind the lid."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np
from numpy.typing import NDArray

from numerus.devices.printer import Reading

WIDE, HIGH = 200, 240
AMBER = np.array([1.0, 0.78, 0.5])
NOISE = 4.0


def camera_picture(
    parts: Sequence[tuple[float, float, float]], plate_x_mm: float, height_mm: float, reading: Reading, seed: int = 0
) -> NDArray[np.uint8]:
    """RGB uint8 (HIGH, WIDE, 3). ``parts``: left and right edge and height of each in mm, seen from the front."""
    scale, grown = (WIDE - 24) / plate_x_mm, reading.height_mm
    picture = np.full((HIGH, WIDE), 46.0) + np.linspace(22, 0, HIGH)[:, None]
    vat = HIGH - 34
    top = round(vat - min(grown / max(height_mm, 1e-9), 1.0) * (vat - 46)) - 12
    picture[vat : HIGH - 12, 6 : WIDE - 6] = 92.0  # resin
    picture[HIGH - 12 : HIGH - 6, 4 : WIDE - 4] = 150.0  # light under the film
    reach = vat - top - 8
    for left, right, tall in parts:
        a, b = (int(12 + edge * scale) for edge in (left, right))
        low = int(min(tall, grown) / max(grown, 1e-9) * reach) if grown > 0 else 0
        rows = np.arange(low)
        narrow = (0.16 * (b - a) * np.sin(np.pi * rows / max(low, 1) * 2.2) ** 2).astype(int)
        for row, less in enumerate(narrow.tolist()):
            shade = 118.0 - 30.0 * row / max(reach, 1)
            picture[min(top + 8 + row, HIGH - 1), a + less : max(b - less, a + less + 1)] = shade
    picture[top : top + 8, 8 : WIDE - 8] = 176.0  # the plate
    noise = np.random.default_rng([seed, reading.layer]).normal(0, NOISE, picture.shape)
    return np.clip((picture + noise)[:, :, None] * AMBER, 0, 255).astype(np.uint8)
