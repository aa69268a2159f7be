"""What a camera at the simulated machine sees: the plate over the vat, parts hanging from it, in the amber light behind the lid."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.devices.printer import Reading
from numerus.geometry.mesh import Floats

WIDE, HIGH = 200, 150
VAT_ROW, PLATE_ROWS, MARGIN_PX = HIGH - 34, 8, 12
AMBER = np.array([1.0, 0.78, 0.5])
NOISE = 4.0


def front_of(skin_mm: Floats, wide_mm: float, grown_mm: float, px_per_mm: float) -> NDArray[np.float64]:
    """Parts that hang from a plate seen from the front, as far as they have grown: float64 (rows, columns), row 0 at the plate.

    ``skin_mm``: points (n, 3) of their skin as they stand on the plate. Nearer skin is lighter, 0..1; 0 where there is none.
    """
    from scipy.ndimage import grey_closing

    seen = np.zeros((int(grown_mm * px_per_mm) + 1, int(wide_mm * px_per_mm) + 1))
    grown = skin_mm[
        (skin_mm[:, 2] >= 0) & (skin_mm[:, 2] <= grown_mm) & (skin_mm[:, 0] >= 0) & (skin_mm[:, 0] <= wide_mm)
    ]
    if not len(grown):
        return seen
    depth = np.ptp(grown[:, 1])
    light = 1 - 0.7 * (grown[:, 1] - grown[:, 1].min()) / max(depth, 1e-9)
    at = (grown[:, [2, 0]] * px_per_mm).astype(int)
    np.maximum.at(seen, (at[:, 0], at[:, 1]), light)
    return np.asarray(grey_closing(seen, size=(3, 3), mode="constant"))


def camera_picture(
    skin_mm: Floats, plate_x_mm: float, height_mm: float, reading: Reading, seed: int = 0
) -> NDArray[np.uint8]:
    """RGB uint8 (HIGH, WIDE, 3), to scale. ``skin_mm``: points of the skin of everything on the plate, as ``front_of``;
    ``height_mm``: of the tallest.
    """
    picture = np.full((HIGH, WIDE), 46.0) + np.linspace(22, 0, HIGH)[:, None]
    scale = min((WIDE - 2 * MARGIN_PX) / plate_x_mm, (VAT_ROW - PLATE_ROWS - 8) / max(height_mm, 1e-9))
    picture[VAT_ROW : HIGH - 12, 6 : WIDE - 6] = 92.0  # resin
    picture[HIGH - 12 : HIGH - 6, 4 : WIDE - 4] = 150.0  # light under the film
    seen = front_of(skin_mm, plate_x_mm, reading.height_mm, scale)
    top, left = VAT_ROW - len(seen), (WIDE - seen.shape[1]) // 2
    behind = picture[top:VAT_ROW, left : left + seen.shape[1]]
    behind[seen > 0] = 62 + 86 * seen[seen > 0]
    picture[top - PLATE_ROWS : top, left - 4 : left + seen.shape[1] + 4] = 176.0  # the plate
    noise = np.random.default_rng([seed, reading.layer]).normal(0, NOISE, picture.shape)
    return np.clip((picture + noise)[:, :, None] * AMBER, 0, 255).astype(np.uint8)
