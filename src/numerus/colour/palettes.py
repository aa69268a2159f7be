"""The few colours a picture is made of."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import lab_of
from numerus.errors import PictureError
from numerus.geometry.mesh import Floats

MOST_LOOKED_AT = 20_000
ROUNDS = 30
SAME = 10.0  # Lab distance under which two colours of a picture are one


def main_colours(pixels: NDArray[np.uint8], count: int) -> list[Floats]:
    """Lab (3,) of up to ``count`` colours that most of a picture (h, w, 3) is near to, what is most of it first.

    Lloyd's k-means in Lab, begun from what is farthest apart (Gonzalez 1985), so that it comes out the same each time. Raises
    PictureError for a picture without pixels.
    """
    flat = pixels.reshape(-1, pixels.shape[-1])[:, :3]
    if not len(flat):
        raise PictureError("no-picture", "There is nothing in that picture.", "Choose another.")
    labs = lab_of(flat[:: max(len(flat) // MOST_LOOKED_AT, 1)] / 255)
    centres = _apart(labs, count)
    for _ in range(ROUNDS):
        nearest = nearest_of(labs, centres)
        moved = np.stack(
            [labs[nearest == n].mean(axis=0) if (nearest == n).any() else c for n, c in enumerate(centres)]
        )
        if np.allclose(moved, centres, atol=1e-3):
            break
        centres = moved
    share = np.bincount(nearest_of(labs, centres), minlength=len(centres))
    return [centres[n] for n in np.argsort(-share, kind="stable") if share[n]]


def nearest_of(labs: Floats, centres: Floats) -> NDArray[np.int64]:
    """Number of the centre (k, 3) each colour (n, 3) is nearest to in Lab, (n,)."""
    return np.asarray(np.argmin(((labs[:, None] - centres[None]) ** 2).sum(axis=2), axis=1))


def _apart(labs: Floats, count: int) -> Floats:
    """The colour nearest to the middle, then each time the one farthest from all chosen so far."""
    chosen = [labs[int(np.argmin(((labs - np.median(labs, axis=0)) ** 2).sum(axis=1)))]]
    while len(chosen) < count:
        far = np.min([np.linalg.norm(labs - c, axis=1) for c in chosen], axis=0)
        if far.max() < SAME:
            break
        chosen.append(labs[int(np.argmax(far))])
    return np.stack(chosen)
