"""A photographed card of swatches over black and over white beside grey patches: uneven light and cast taken out, colours read.

The greys' reflectances are known. In each channel the logarithm of what the camera wrote is a straight function of the
logarithm of the reflectance (its gamma and cast) plus a smooth field over the card (the light), fitted to the greys by least
squares; what a swatch reflects follows from its own pixels.
"""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from numerus.colour.light import delta_e, encoded, hex_of, lab_of, linear
from numerus.errors import PictureError
from numerus.geometry.mesh import Floats

Pixels = NDArray[np.uint8]
GREYS = (0.05, 0.85, 0.18, 0.45, 0.09)  # (default) reflectances of the grey patches along a row, again and again
GREY_CARD = 0.18  # what a photographer's grey card reflects
INNER = 0.5  # of a patch's width is looked at: edges bleed
BLOWN_OUT, TOO_DARK, TOLERATED = 251, 6, 0.05  # levels of a channel; share of a patch's pixels
LEAST_PX = 24  # a patch smaller than this tells nothing
ROUGHEST = 0.10  # rms of the greys about the fit, natural logarithm
LEAST_GAMMA, MOST_GAMMA = 0.5, 2.0
CAMERA_SHARE = 0.05  # (default) of a colour's chroma: how differently a camera and an eye see it
SURE = 0.9  # the error bar holds in so many of all cases
DRAWS = 200
MISFIT = 0.8  # share of the greys' scatter that a swatch has, too


def greys_typed(text: str) -> tuple[float, ...]:
    """Reflectances of a card's greys as typed, in percent: "5, 85, 18". Raises PictureError for fewer than three different
    ones, or what is no reflectance.
    """
    try:
        greys = tuple(float(word) / 100 for word in text.replace("%", " ").replace(",", " ").split())
    except ValueError:
        greys = ()
    if len(set(greys)) < 3 or not all(0.01 <= g <= 0.99 for g in greys):
        raise PictureError(
            "no-greys-typed",
            f"{text.strip()!r} are no greys.",
            "Type at least three different ones in percent, from 1 to 99: 5, 85, 18.",
        )
    return greys


@dataclass(frozen=True)
class Patch:
    """A cell of the card: its middle and size in the card's own units, 0..1 across and down."""

    x: float
    y: float
    wide: float
    high: float


@dataclass(frozen=True)
class CardLayout:
    """Five rows: greys, swatches over black, greys, over white, greys. A row of swatches has bare ground at both ends."""

    swatches: int
    greys: tuple[float, ...] = GREYS

    @property
    def columns(self) -> int:
        return self.swatches + 2

    def _row(self, row: int) -> list[Patch]:
        wide = 1 / self.columns
        return [Patch((n + 0.5) * wide, (row + 0.5) / 5, wide, 0.2) for n in range(self.columns)]

    @property
    def grey_patches(self) -> list[tuple[Patch, float]]:
        """Each with its reflectance; every row begins with another grey."""
        cells = [(row, n, patch) for row in (0, 2, 4) for n, patch in enumerate(self._row(row))]
        return [(patch, self.greys[(n + row) % len(self.greys)]) for row, n, patch in cells]

    @property
    def over_black(self) -> list[Patch]:
        """Bare ground first and last."""
        return self._row(1)

    @property
    def over_white(self) -> list[Patch]:
        return self._row(3)


@dataclass(frozen=True)
class ReadColour:
    """A colour read from a picture: ``error`` holds its ΔE2000 from the truth in nine of ten cases; ``spread``: ΔE of its pixels."""

    colour: str
    error: float
    spread: float

    @cached_property
    def lab(self) -> Floats:
        from numerus.colour.light import rgb_of

        return lab_of(rgb_of(self.colour))


@dataclass(frozen=True)
class CardReading:
    """Swatches over black and over white in the card's order, the bare grounds' reflectances, how uneven the light was (most
    over least) and how far the greys lie about the fit (rms, share).
    """

    over_black: tuple[ReadColour, ...]
    over_white: tuple[ReadColour, ...]
    black: float
    white: float
    unevenness: float
    rms: float


@dataclass(frozen=True, eq=False)
class _Seen:
    """Pixels of a patch: mean of their linear light's logarithm (3,), its error (3,), their spread in ΔE."""

    log_light: Floats
    error: Floats
    spread: float


def card_to_picture(corners: Floats) -> Floats:
    """The homography (3, 3) from the card's units to pixels; ``corners`` (4, 2) px: top left, top right, bottom right, bottom
    left. Raises PictureError where they span no card.
    """
    square = np.array([[0, 0], [1, 0], [1, 1], [0, 1.0]])
    rows = []
    for (u, v), (x, y) in zip(square, np.asarray(corners, float), strict=True):
        rows += [[u, v, 1, 0, 0, 0, -x * u, -x * v], [0, 0, 0, u, v, 1, -y * u, -y * v]]
    following = np.roll(corners, -1, axis=0)
    area = np.sum(corners[:, 0] * following[:, 1] - corners[:, 1] * following[:, 0]) / 2
    if abs(area) < 400 or np.linalg.cond(np.array(rows)) > 1e12:
        raise PictureError("no-card", "The four corners span no card.", "Drag each to its own corner of the card.")
    return np.append(np.linalg.solve(np.array(rows), np.asarray(corners, float).ravel()), 1.0).reshape(3, 3)


def read_card(pixels: Pixels, corners: Floats, layout: CardLayout) -> CardReading:
    """Colours of a card's swatches in a picture, uint8 (h, w, 3). Raises PictureError for corners that span no card, patches
    blown out, too dark or too small, no greys where they should be, and light too uneven to take out.
    """
    to_picture = card_to_picture(corners)
    fit = _GreyFit(pixels, to_picture, layout)
    rows = [
        [fit.read(patch, _seen(pixels, to_picture, patch)) for patch in row]
        for row in (layout.over_black, layout.over_white)
    ]
    black, white = (float(np.mean([_grey_of(row[0]), _grey_of(row[-1])])) for row in rows)
    return CardReading(tuple(rows[0][1:-1]), tuple(rows[1][1:-1]), black, white, fit.unevenness, fit.rms)


def _grey_of(read: ReadColour) -> float:
    from numerus.colour.light import rgb_of

    return float(linear(rgb_of(read.colour)).mean())


def _seen(pixels: Pixels, to_picture: Floats, patch: Patch) -> _Seen:
    steps = np.linspace(-INNER / 2, INNER / 2, 24)
    u, v = np.meshgrid(patch.x + patch.wide * steps, patch.y + patch.high * steps)
    at = np.stack([u.ravel(), v.ravel(), np.ones(u.size)]).T @ to_picture.T
    x, y = (np.round(at[:, i] / at[:, 2]).astype(int) for i in (0, 1))
    high, wide = pixels.shape[:2]
    if x.min() < 0 or y.min() < 0 or x.max() >= wide or y.max() >= high:
        raise PictureError("outside", "The card reaches out of the picture.", "Drag the corners onto the card.")
    places = np.unique(np.stack([x, y], axis=1), axis=0)
    if len(places) < LEAST_PX:
        raise PictureError(
            "too-small", "The card's patches are only a few pixels large.", "Go nearer, or take a larger picture."
        )
    return seen_pixels(pixels[places[:, 1], places[:, 0]])


def seen_pixels(own: Pixels) -> _Seen:
    """A patch's pixels, uint8 (n, 3). Raises PictureError where they are blown out or too dark to tell a colour."""
    if (own >= BLOWN_OUT).any(axis=1).mean() > TOLERATED:
        raise PictureError(
            "blown-out", "A patch is blown out: too light for the camera.", "Take the picture darker, without glare."
        )
    if (own <= TOO_DARK).all(axis=1).mean() > 1 - TOLERATED:
        raise PictureError("too-dark", "A patch is too dark to tell its colour.", "Take the picture lighter.")
    light = np.log(np.maximum(linear((own.astype(float) + 0.25) / 255.5), 1e-5))
    middle = np.median(light, axis=0)
    lab = lab_of(own / 255)
    return _Seen(
        middle, 1.25 * light.std(axis=0) / np.sqrt(len(own)), float(np.median(delta_e(lab, np.median(lab, axis=0))))
    )


class _GreyFit:
    """What the greys tell of camera and light: per channel an offset, a gamma and a tilt, and one curved field for all."""

    def __init__(self, pixels: Pixels, to_picture: Floats, layout: CardLayout) -> None:
        greys = layout.grey_patches
        seen = np.stack([_seen(pixels, to_picture, patch).log_light for patch, _ in greys])
        known = np.log([reflectance for _, reflectance in greys])
        rows = np.concatenate([self._rows(patch, log) for (patch, _), log in zip(greys, known, strict=True)])
        self.coefficients = np.linalg.lstsq(rows, seen.ravel(), rcond=None)[0]
        left = seen.ravel() - rows @ self.coefficients
        self.rms = float(np.sqrt((left**2).sum() / max(len(left) - rows.shape[1], 1)))
        self.covariance = np.linalg.pinv(rows.T @ rows) * max(self.rms, 1e-3) ** 2
        self.gamma = self.coefficients[3:6]
        self._check(seen, known)
        field = np.array([self._rows(patch, 0.0)[:, 6:] @ self.coefficients[6:] for patch, _ in greys])
        self.unevenness = float(np.exp(np.ptp(field.mean(axis=1))))

    @staticmethod
    def _rows(patch: Patch, log_reflectance: float) -> Floats:
        """(3, 17): one equation a channel."""
        x, y = patch.x - 0.5, patch.y - 0.5
        each = np.eye(3)
        curved = np.tile([x, y, x * x, x * y, y * y], (3, 1))
        tilt = np.concatenate([x * each[:, :2] - x * each[:, 2:], y * each[:, :2] - y * each[:, 2:]], axis=1)
        return np.concatenate([each, log_reflectance * each, curved, tilt], axis=1)

    def _check(self, seen: Floats, known: Floats) -> None:
        follows = np.corrcoef(seen.mean(axis=1), known)[0, 1]
        if not follows > 0.85 or self.gamma.min() < LEAST_GAMMA or self.gamma.max() > MOST_GAMMA:
            raise PictureError(
                "no-greys",
                "No grey patches are found where the card has them.",
                "Drag the corners onto the card's own; is it the right way round?",
            )
        if self.rms > ROUGHEST:
            raise PictureError(
                "uneven",
                f"The greys lie {self.rms:.0%} about any even light.",
                "Glare, a shadow or a bent card: take it again in soft light.",
            )

    def read(self, patch: Patch, seen: _Seen) -> ReadColour:
        """What a patch reflects, with the error bar of fit, pixels and camera."""
        row = self._rows(patch, 0.0)
        log = (seen.log_light - row @ self.coefficients) / self.gamma
        towards = row + np.concatenate([np.zeros((3, 3)), np.diag(log), np.zeros((3, 9))], axis=1)
        uneven = (MISFIT * self.rms) ** 2  # what the smooth field misses of the light is the same in all channels
        spread = towards @ self.covariance @ towards.T + np.diag(seen.error**2) + uneven
        return read_colour(log, spread / np.outer(self.gamma, self.gamma), seen.spread)


def read_colour(log_light: Floats, covariance: Floats, spread: float) -> ReadColour:
    """A colour from its logarithms of light (3,) and their covariance (3, 3)."""
    lab = lab_of(encoded(np.exp(log_light)))
    rng = np.random.default_rng(7)
    drawn = log_light + rng.multivariate_normal(np.zeros(3), covariance, DRAWS, check_valid="ignore")
    by_chance = float(np.quantile(delta_e(lab_of(encoded(np.exp(drawn))), lab), SURE))
    chroma = float(np.hypot(lab[1], lab[2]))
    by_camera = CAMERA_SHARE * chroma / (1 + 0.045 * chroma) * 2
    return ReadColour(hex_of(encoded(np.exp(log_light))), float(np.hypot(by_chance, by_camera)) + 0.3, spread)


@dataclass(frozen=True)
class Sample:
    """A place of a picture, px: its middle and radius."""

    x: float
    y: float
    radius: float


def sampled_colour(
    pixels: Pixels, at: Sample, beside: Sample | None = None, beside_light: float | Floats = GREY_CARD
) -> ReadColour:
    """The colour of a place in any picture, uint8 (h, w, 3). With a place ``beside`` it whose linear light is known (one number
    for a grey, (3,) for a colour), the light's cast is taken out, as far as both are lit alike. Raises PictureError as
    ``seen_pixels``.
    """
    seen = seen_pixels(_disc(pixels, at))
    if beside is None:
        return read_colour(seen.log_light, np.diag(seen.error**2), seen.spread)
    known = seen_pixels(_disc(pixels, beside))
    log = seen.log_light - known.log_light + np.log(np.maximum(beside_light, 1e-4))
    return read_colour(log, np.diag(seen.error**2 + known.error**2), seen.spread)


def _disc(pixels: Pixels, at: Sample) -> Pixels:
    high, wide = pixels.shape[:2]
    y, x = np.ogrid[:high, :wide]
    own = pixels[(x - at.x) ** 2 + (y - at.y) ** 2 <= max(at.radius, 1.0) ** 2]
    if not len(own):
        raise PictureError("outside", "That place is outside the picture.", "Choose one inside.")
    return own
