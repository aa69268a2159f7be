"""Colour as light: sRGB, CIE L*a*b*, the difference of two colours, and mixing by absorption and scattering."""

from __future__ import annotations

from functools import lru_cache

import numpy as np

from numerus.geometry.mesh import Floats

_TO_XYZ = np.array(
    [[0.4124564, 0.3575761, 0.1804375], [0.2126729, 0.7151522, 0.0721750], [0.0193339, 0.1191920, 0.9503041]]
)
_WHITE = _TO_XYZ.sum(axis=1)  # D65, 2 degrees
DARKEST = 0.004  # reflectance no paint falls below: the surface itself reflects


def rgb_of(hexadecimal: str) -> Floats:
    """``#RRGGBB`` as float64 (3,) 0..1. Raises ValueError."""
    text = hexadecimal.lstrip("#")
    if len(text) != 6:
        raise ValueError(f"not a colour: {hexadecimal}")
    return np.array([int(text[i : i + 2], 16) / 255 for i in (0, 2, 4)])


def hex_of(rgb: Floats) -> str:
    r, g, b = (int(round(255 * float(v))) for v in np.clip(rgb, 0, 1))
    return f"#{r:02X}{g:02X}{b:02X}"


def linear(rgb: Floats) -> Floats:
    """sRGB 0..1 to light 0..1 (IEC 61966-2-1)."""
    return np.where(rgb <= 0.04045, rgb / 12.92, ((rgb + 0.055) / 1.055) ** 2.4)


def encoded(light: Floats) -> Floats:
    light = np.clip(light, 0, 1)
    return np.where(light <= 0.0031308, light * 12.92, 1.055 * light ** (1 / 2.4) - 0.055)


def lab_of(rgb: Floats) -> Floats:
    """CIE L*a*b* under D65 of sRGB (..., 3) 0..1 (CIE 15:2004)."""
    t = linear(np.asarray(rgb, float)) @ _TO_XYZ.T / _WHITE
    f = np.where(t > (6 / 29) ** 3, np.cbrt(t), t / (3 * (6 / 29) ** 2) + 4 / 29)
    return np.stack([116 * f[..., 1] - 16, 500 * (f[..., 0] - f[..., 1]), 200 * (f[..., 1] - f[..., 2])], axis=-1)


def value_of(hexadecimal: str) -> float:
    """L*, the lightness that reads at arm's length: 0 black, 100 white."""
    return float(lab_of(rgb_of(hexadecimal))[0])


def delta_e(one: Floats, other: Floats) -> Floats:
    """CIEDE2000 of L*a*b* pairs (..., 3) (Sharma, Wu & Dalal 2005, The CIEDE2000 color-difference formula)."""
    l1, a1, b1 = np.moveaxis(np.asarray(one, float), -1, 0)
    l2, a2, b2 = np.moveaxis(np.asarray(other, float), -1, 0)
    mean_c = (np.hypot(a1, b1) + np.hypot(a2, b2)) / 2
    g = 0.5 * (1 - np.sqrt(mean_c**7 / (mean_c**7 + 25.0**7)))
    a1, a2 = (1 + g) * a1, (1 + g) * a2
    c1, c2 = np.hypot(a1, b1), np.hypot(a2, b2)
    h1, h2 = np.degrees(np.arctan2(b1, a1)) % 360, np.degrees(np.arctan2(b2, a2)) % 360
    grey = c1 * c2 == 0
    dh = np.where(grey, 0, (h2 - h1 + 180) % 360 - 180)
    big_h = 2 * np.sqrt(c1 * c2) * np.sin(np.radians(dh / 2))
    lm, cm = (l1 + l2) / 2, (c1 + c2) / 2
    hm = np.where(grey, h1 + h2, h1 + ((h2 - h1 + 180) % 360 - 180) / 2)
    return _combined(l2 - l1, c2 - c1, big_h, lm, cm, hm)


def _combined(dl: Floats, dc: Floats, dh: Floats, lm: Floats, cm: Floats, hm: Floats) -> Floats:
    """The weighting functions of CIEDE2000 with all factors 1."""
    cos = [np.cos(np.radians(k * hm + shift)) for k, shift in ((1, -30), (2, 0), (3, 6), (4, -63))]
    t = 1 - 0.17 * cos[0] + 0.24 * cos[1] + 0.32 * cos[2] - 0.20 * cos[3]
    turn = 30 * np.exp(-((((hm % 360) - 275) / 25) ** 2))
    rc = 2 * np.sqrt(cm**7 / (cm**7 + 25.0**7))
    sl = 1 + 0.015 * (lm - 50) ** 2 / np.sqrt(20 + (lm - 50) ** 2)
    sc, sh = 1 + 0.045 * cm, 1 + 0.015 * cm * t
    rt = -np.sin(np.radians(2 * turn)) * rc
    return np.asarray(np.sqrt((dl / sl) ** 2 + (dc / sc) ** 2 + (dh / sh) ** 2 + rt * (dc / sc) * (dh / sh)))


def mixed(colours: list[str], parts: list[float]) -> str:
    """The colour of paints mixed by ``parts``: absorption over scattering adds up by share, per channel of light.

    One-constant theory (Kubelka & Munk 1931): K/S = (1 - R)^2 / 2R. Yellow and blue so give green, as in the pot.
    """
    return _mixed(tuple(colours), tuple(parts))


@lru_cache(4096)  # the same few mixes of an army are asked for whenever a figure is shown
def _mixed(colours: tuple[str, ...], parts: tuple[float, ...]) -> str:
    share = np.asarray(parts, float) / np.sum(parts)
    reflectance = np.clip(linear(np.stack([rgb_of(c) for c in colours])), DARKEST, 1)
    ratio = share @ ((1 - reflectance) ** 2 / (2 * reflectance))
    return hex_of(encoded(1 + ratio - np.sqrt(ratio * ratio + 2 * ratio)))


def side_by_side(colours: list[str], shares: list[float]) -> str:
    """What patches of colour look like from afar: light averages by the area each covers."""
    return _side_by_side(tuple(colours), tuple(shares))


@lru_cache(4096)
def _side_by_side(colours: tuple[str, ...], shares: tuple[float, ...]) -> str:
    share = np.asarray(shares, float) / np.sum(shares)
    return hex_of(encoded(share @ linear(np.stack([rgb_of(c) for c in colours]))))


def nearest(colour: str, pots: dict[str, str]) -> list[tuple[str, float]]:
    """Pots by ΔE2000 from ``colour``, nearest first."""
    target = lab_of(rgb_of(colour))
    return sorted(((name, float(delta_e(target, lab_of(rgb_of(c))))) for name, c in pots.items()), key=lambda p: p[1])
