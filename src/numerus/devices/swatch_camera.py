"""A simulated camera that photographs a card of swatches: a lamp to one side, a cast, a lens that darkens to its corners and
blurs, a sensor with noise and colours a little of its own, a gamma, eight bits. Seeded.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.colour.swatch_card import CardLayout, Patch, card_to_picture
from numerus.geometry.mesh import Floats

PAPER = 0.75  # reflectance between the patches


@dataclass(frozen=True)
class Camera:
    """How a picture is taken; each of it random by ``seed`` within what people have at home."""

    seed: int
    wide: int = 720
    high: int = 540
    noise: float = 0.012
    exposure: float = 0.62


@dataclass(frozen=True, eq=False)
class Photograph:
    """Pixels uint8 (h, w, 3) and where the card's corners are in them, px (4, 2)."""

    pixels: NDArray[np.uint8]
    corners: Floats


def photograph(
    layout: CardLayout,
    over_black: Sequence[Floats],
    over_white: Sequence[Floats],
    grounds: tuple[float, float],
    camera: Camera,
) -> Photograph:
    """The card with swatches of linear light (3,) over its grounds, as the camera shows it."""
    from scipy.ndimage import gaussian_filter

    rng = np.random.default_rng([camera.seed, 17])
    corners = _corners(rng, camera)
    y, x = np.mgrid[0 : camera.high, 0 : camera.wide].astype(float)
    card = _card_places(corners, x, y)
    scene = _surface(layout, over_black, over_white, grounds, *card)
    light = _lamp(rng, x / camera.wide - 0.5, y / camera.high - 0.5)
    cast = np.exp(rng.normal(0, 0.18, 3))
    own = np.eye(3) + rng.normal(0, 0.012, (3, 3))  # the sensor's colours are not the eye's
    own /= own.sum(axis=1, keepdims=True)  # but grey is grey
    seen = (scene @ own.T) * light[..., None] * cast / cast.max() * camera.exposure
    seen = np.stack([gaussian_filter(seen[..., c], rng.uniform(0.6, 1.4)) for c in range(3)], axis=-1)
    seen = seen + rng.normal(0, 1, seen.shape) * camera.noise * np.sqrt(np.maximum(seen, 0.002))
    written = np.clip(seen, 0, 1) ** (1 / rng.uniform(2.0, 2.4))
    return Photograph(np.round(255 * written).astype(np.uint8), corners)


def _corners(rng: np.random.Generator, camera: Camera) -> Floats:
    """The card held not quite straight."""
    inside = np.array([[0.1, 0.1], [0.9, 0.1], [0.9, 0.9], [0.1, 0.9]]) + rng.uniform(-0.05, 0.05, (4, 2))
    return np.asarray(inside * [camera.wide, camera.high])


def _card_places(corners: Floats, x: Floats, y: Floats) -> tuple[Floats, Floats]:
    back = np.linalg.inv(card_to_picture(corners))
    at = np.stack([x, y, np.ones_like(x)], axis=-1) @ back.T
    return at[..., 0] / at[..., 2], at[..., 1] / at[..., 2]


def _surface(
    layout: CardLayout,
    over_black: Sequence[Floats],
    over_white: Sequence[Floats],
    grounds: tuple[float, float],
    u: Floats,
    v: Floats,
) -> Floats:
    """Linear light (h, w, 3) the card reflects at each pixel."""
    scene = np.full((*u.shape, 3), PAPER)
    cells: list[tuple[Patch, Floats]] = [(p, np.full(3, r)) for p, r in layout.grey_patches]
    for row, swatches, ground in (
        (layout.over_black, over_black, grounds[0]),
        (layout.over_white, over_white, grounds[1]),
    ):
        bare = np.full(3, ground)
        cells += list(zip(row, [bare, *swatches, bare], strict=True))
    for patch, light in cells:
        scene[(np.abs(u - patch.x) < 0.45 * patch.wide) & (np.abs(v - patch.y) < 0.45 * patch.high)] = light
    return scene


def _lamp(rng: np.random.Generator, x: Floats, y: Floats) -> Floats:
    """A lamp that is nearer to one side, and the lens's own falling off; the lightest is 1."""
    across, down = rng.uniform(-1.2, 1.2, 2)
    away = rng.uniform(1.2, 2.5)
    lamp = away / ((x - across) ** 2 + (y - down) ** 2 + away**2) ** 1.5
    lens = (1 + (x * x + y * y) * rng.uniform(0.2, 0.6)) ** -2.0
    light = lamp * lens
    return np.asarray(light / light.max())
