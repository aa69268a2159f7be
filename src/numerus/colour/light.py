"""Colour as the eye sees it: sRGB at the border, CIE L*a*b*, and the difference of two colours."""

from __future__ import annotations

import numpy as np

from numerus.colour.observer import SRGB_TO_XYZ, WHITE_XYZ
from numerus.geometry.mesh import Floats


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
    """CIE L*a*b* under D65 of sRGB (..., 3) 0..1."""
    return lab_of_xyz(linear(np.asarray(rgb, float)) @ SRGB_TO_XYZ.T)


def lab_of_xyz(xyz: Floats) -> Floats:
    """CIE L*a*b* of X, Y, Z (..., 3) seen under D65 (CIE 15:2004)."""
    t = xyz / WHITE_XYZ
    f = np.where(t > (6 / 29) ** 3, np.cbrt(t), t / (3 * (6 / 29) ** 2) + 4 / 29)
    return np.stack([116 * f[..., 1] - 16, 500 * (f[..., 0] - f[..., 1]), 200 * (f[..., 1] - f[..., 2])], axis=-1)


def rgb_of_lab(lab: Floats) -> Floats:
    """Linear sRGB (..., 3) of L*a*b*; outside 0..1 where a screen cannot show it."""
    lightness, a, b = np.moveaxis(np.asarray(lab, float), -1, 0)
    y = (lightness + 16) / 116
    f = np.stack([y + a / 500, y, y - b / 200], axis=-1)
    xyz = np.where(f > 6 / 29, f**3, 3 * (6 / 29) ** 2 * (f - 4 / 29)) * WHITE_XYZ
    return np.asarray(np.linalg.solve(SRGB_TO_XYZ, xyz[..., None])[..., 0])


def hex_of_lab(lab: Floats) -> str:
    """``#RRGGBB`` of L*a*b* (3,), the nearest a screen can show."""
    return hex_of(encoded(np.clip(rgb_of_lab(lab), 0, 1)))


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
