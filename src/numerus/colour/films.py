"""Paint as films: absorption and scattering, how they mix in the pot, how a film lies on a ground, what it takes to hide.

Two-constant theory (Kubelka & Munk 1931, Ein Beitrag zur Optik der Farbanstriche; Kubelka 1948, New contributions to the optics
of intensely light-scattering materials). K and S are per µm of dry film, per band; a reflectance is float64 (..., BANDS).
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

import numpy as np

from numerus.colour.light import delta_e
from numerus.colour.observer import BANDS, LUMINANCE_WEIGHTS, WAVELENGTHS_NM
from numerus.colour.reflectance import hex_of_reflectance, lab_of_reflectance
from numerus.geometry.mesh import Floats

HIDDEN = 0.98  # Y over black for Y over white: the eye no longer tells the grounds apart
COVERED_DELTA_E = 2.0
MOST_COATS = 40
COAT_UM = 15.0  # dry film of one brushed coat (default)
TOLD_APART = 1e-3  # of the difference of two grounds: less is lost in a picture's rounding
THICKEST_UM = 1e5  # what does not hide at this never does
FALSE_POSITIONS = 16  # between nothing and the thickest: to a part in 10¹⁰
_FLATTEST, _LEAST_PATH = 1e-9, 1e-12
BLACK_GROUND: Floats = np.zeros(BANDS)
WHITE_GROUND: Floats = np.ones(BANDS)


@dataclass(frozen=True, eq=False)
class Pigment:
    """A paint or a mix as light meets it: ``absorption`` and ``scattering``, float64 (BANDS,), per µm of dry film."""

    absorption: Floats
    scattering: Floats

    @cached_property
    def hiding(self) -> Floats:
        """Reflectance when nothing below shows, (BANDS,)."""
        return hiding_reflectance(self.absorption, self.scattering)

    @cached_property
    def lab(self) -> Floats:
        return lab_of_reflectance(self.hiding)

    @property
    def colour(self) -> str:
        """``#RRGGBB`` when it hides."""
        return hex_of_reflectance(self.hiding)

    def over(self, ground: Floats, film_um: Floats | float) -> Floats:
        """Reflectance of a film on a ground; ``film_um`` () or (..., 1), the ground (..., BANDS)."""
        return film(self.absorption, self.scattering, ground, film_um)

    @cached_property
    def hides_um(self) -> float:
        """Dry film that hides, µm; infinite for what never does (medium, varnish)."""
        return float(hiding_film_um(self.absorption[None], self.scattering[None])[0])


CLEAR = Pigment(np.zeros(BANDS), np.zeros(BANDS))
"""Medium, water, varnish: they take room and change no light."""


def ratio_of(hiding: Floats) -> Floats:
    """K/S of a paint whose hiding reflectance is known."""
    return (1 - hiding) ** 2 / (2 * hiding)


def hiding_reflectance(absorption: Floats, scattering: Floats) -> Floats:
    """What a film too thick to see through reflects; what is clear stands for nothing and is given as black."""
    ratio = absorption / np.where(scattering > 0, scattering, 1)
    there = np.asarray(1 / (1 + ratio + np.sqrt(ratio * (ratio + 2))))
    return np.where(scattering > 0, there, 0.0)


def film(absorption: Floats, scattering: Floats, ground: Floats, film_um: Floats | float) -> Floats:
    """Reflectance (..., BANDS) of a film ``film_um`` thick on a ground; nothing laid leaves the ground as it is.

    Kubelka's R = (1 − Rg(a − b coth bSt)) / (a − Rg + b coth bSt), multiplied through by St so that it holds down to no film,
    no scattering and no absorption.
    """
    scattered = np.maximum(scattering * film_um, _LEAST_PATH)
    absorbed = absorption * film_um
    path = np.sqrt(np.maximum(absorbed * (absorbed + 2 * scattered), _FLATTEST**2))  # b S t
    turned = path / np.tanh(path)
    inner = absorbed + scattered  # a S t
    return np.asarray((scattered - ground * (inner - turned)) / (inner - ground * scattered + turned))


def hiding_film_um(absorption: Floats, scattering: Floats) -> Floats:
    """Dry film at which each of n paints (n, BANDS) hides, float64 (n,); infinite where it never does.

    Contrast ratio 0.98 of Y over ideal black and ideal white, found by false position in the film's logarithm (Illinois: Dowell and
    Jarratt 1971), along which the logit of the contrast is nearly straight.
    """

    def beyond(log_um: Floats) -> Floats:
        return _logit(_contrast(absorption, scattering, np.exp(log_um)[:, None])) - np.log(HIDDEN / (1 - HIDDEN))

    low, high = np.full(len(absorption), -20.0), np.full(len(absorption), np.log(THICKEST_UM))
    below, above, last = beyond(low), beyond(high), np.zeros(len(absorption))
    never = above < 0
    for _ in range(FALSE_POSITIONS):
        there = np.clip((low * above - high * below) / np.where(never, 1.0, above - below), low, high)
        found = beyond(there)
        hides = found >= 0
        below, above = (
            np.where(hides, np.where(last > 0, below / 2, below), found),
            np.where(hides, found, np.where(last < 0, above / 2, above)),
        )
        low, high, last = np.where(hides, low, there), np.where(hides, there, high), np.where(hides, 1.0, -1.0)
    return np.where(never, np.inf, np.exp(np.where(np.abs(below) < np.abs(above), low, high)))


def _logit(share: Floats) -> Floats:
    inside = np.clip(share, 1e-12, 1 - 1e-12)
    return np.asarray(np.log(inside / (1 - inside)))


def _contrast(absorption: Floats, scattering: Floats, film_um: Floats) -> Floats:
    grounds = np.stack([BLACK_GROUND, WHITE_GROUND])[:, None, :]
    dark, pale = film(absorption, scattering, grounds, film_um) @ LUMINANCE_WEIGHTS
    return np.asarray(dark / pale)


def pigments_that_hide(hiding: Floats, hides_um: Floats) -> list[Pigment]:
    """Paints known by their colour when they hide, (n, BANDS), and the film at which they do, µm (n,): S flat over the bands."""
    ratio = ratio_of(hiding)
    at_one = hiding_film_um(ratio, np.ones_like(ratio))
    scattering = np.repeat((at_one / hides_um)[:, None], BANDS, axis=1)
    return [Pigment(k, s) for k, s in zip(ratio * scattering, scattering, strict=True)]


def pigment_measured(
    over_dark: Floats, over_pale: Floats, film_um: float, dark: Floats | float = 0.0, pale: Floats | float = 1.0
) -> Pigment:
    """K and S per band from one film over two grounds of known reflectance (BANDS,).

    R(a − Rg + c) = 1 − Rg(a − c) with c = b coth bSt is linear in a and c: two grounds give both, and c over b the film's own St.
    In bands where the film hides so well that the grounds are not told apart, S is taken from the bands beside.
    """
    dark, pale = np.broadcast_to(dark, over_dark.shape), np.broadcast_to(pale, over_dark.shape)
    first, second = (over_dark + dark, over_dark - dark), (over_pale + pale, over_pale - pale)
    right = 1 + over_dark * dark, 1 + over_pale * pale
    determinant = first[0] * second[1] - first[1] * second[0]
    determinant = np.where(np.abs(determinant) < 1e-9, -1e-9, determinant)
    a = np.maximum((right[0] * second[1] - first[1] * right[1]) / determinant, 1 + 1e-7)
    c = (first[0] * right[1] - right[0] * second[0]) / determinant
    b = np.sqrt(a * a - 1)
    scattering = np.arctanh(np.clip(b / np.maximum(c, 1e-9), 1e-9, 1 - 1e-6)) / (b * film_um)
    mask = over_pale - over_dark > TOLD_APART * (pale - dark)
    if mask.any():
        scattering = np.where(mask, scattering, np.interp(WAVELENGTHS_NM, WAVELENGTHS_NM[mask], scattering[mask]))
    return Pigment((a - 1) * scattering, scattering)


def mixed(pigments: Sequence[Pigment], shares: Sequence[float], strengths: Sequence[float] | None = None) -> Pigment:
    """The paint a pot holds after mixing: K and S add up by share of wet volume and strength (Duncan 1940, The colour of pigment
    mixtures). ``shares`` need not add to one. Raises ValueError for no paint at all.
    """
    share = np.asarray(shares, float)
    if not len(share) or not np.all(np.isfinite(share)) or share.min() < 0 or share.sum() <= 0:
        raise ValueError("a mix has some parts, none of them below zero")
    weight = share / share.sum() * (1 if strengths is None else np.asarray(strengths, float))
    return Pigment(
        weight @ np.stack([p.absorption for p in pigments]), weight @ np.stack([p.scattering for p in pigments])
    )


def broken(covering: Floats, ground: Floats, covered: Floats | float) -> Floats:
    """Dry-brush, stipple, sponge, chips: what is covered and what is bare are averaged as light (Neugebauer 1937)."""
    return np.asarray(covered * covering + (1 - covered) * ground)


def coats_to_cover(paint: Pigment, ground: Floats, film_um: float = COAT_UM) -> int | None:
    """Least number of coats with ΔE2000 to the hiding colour under 2, None for more than ``MOST_COATS``."""
    apart = coat_differences(paint, ground, MOST_COATS, film_um)
    hidden = np.flatnonzero(apart < COVERED_DELTA_E)
    return int(hidden[0]) if len(hidden) else None


def coat_differences(paint: Pigment, ground: Floats, most: int, film_um: float = COAT_UM) -> Floats:
    """ΔE2000 to the hiding colour after 0, 1 … ``most`` coats on a ground, float64 (most + 1,)."""
    laid = film_um * np.arange(most + 1.0)[:, None]
    return delta_e(lab_of_reflectance(paint.over(ground, laid)), paint.lab)
