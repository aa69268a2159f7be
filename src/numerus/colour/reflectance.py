"""From a colour to a reflectance over wavelengths and back: what paints are worked out with; sRGB only at this border.

The smoothest reflectance within 0..1 that gives a colour back is the one whose hyperbolic tangent's argument has the least
slope squared (Burns 2020, Numerical methods for smoothest reflectance reconstruction).
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from numerus.colour.light import encoded, hex_of, lab_of_xyz, linear, rgb_of
from numerus.colour.observer import BANDS, LIGHT_WEIGHTS, XYZ_WEIGHTS
from numerus.geometry.mesh import Floats

DIMMEST, BRIGHTEST = 1.4e-4, 0.9957
"""Linear light that still rounds to 00 and FF: no paint reflects nothing or all of it in any band."""
_STEPS, _LONGEST_STEP, _CLOSE = 60, 3.0, 1e-10


def _slope_matrix() -> Floats:
    """(BANDS, BANDS): gradient of the sum of squared differences of neighbouring bands."""
    matrix = 4 * np.eye(BANDS) - 2 * np.eye(BANDS, k=1) - 2 * np.eye(BANDS, k=-1)
    matrix[0, 0] = matrix[-1, -1] = 2
    return matrix


def reflectance_of_light(light: Floats) -> Floats:
    """Smoothest reflectances (n, BANDS) of linear sRGB (n, 3) 0..1, by Newton's method on all at once."""
    wanted = np.clip(np.asarray(light, float), DIMMEST, BRIGHTEST)
    z, pull = np.zeros((len(wanted), BANDS)), np.zeros((len(wanted), 3))
    slope = _slope_matrix()
    jacobian = np.zeros((len(wanted), BANDS + 3, BANDS + 3))
    for _ in range(_STEPS):
        tanh = np.tanh(z)
        bend = (1 - tanh**2) / 2
        drawn = pull @ LIGHT_WEIGHTS
        missed = np.concatenate([z @ slope + bend * drawn, ((1 + tanh) / 2) @ LIGHT_WEIGHTS.T - wanted], axis=1)
        if np.abs(missed).max(initial=0.0) < _CLOSE:
            break
        jacobian[:, :BANDS, :BANDS] = slope
        jacobian[:, np.arange(BANDS), np.arange(BANDS)] += -2 * tanh * bend * drawn
        jacobian[:, BANDS:, :BANDS] = LIGHT_WEIGHTS * bend[:, None, :]
        jacobian[:, :BANDS, BANDS:] = np.swapaxes(jacobian[:, BANDS:, :BANDS], 1, 2)
        step = np.linalg.solve(jacobian, -missed[..., None])[..., 0]
        z += np.clip(step[:, :BANDS], -_LONGEST_STEP, _LONGEST_STEP)
        pull += step[:, BANDS:]
    return np.asarray((1 + np.tanh(z)) / 2)


def reflectances(hexadecimals: Sequence[str]) -> Floats:
    """Reflectances (n, BANDS) of ``#RRGGBB`` colours. Raises ValueError for what is none."""
    return reflectance_of_light(linear(np.stack([rgb_of(h) for h in hexadecimals])))


def light_of(reflectance: Floats) -> Floats:
    """Linear sRGB (..., 3) of a reflectance (..., BANDS) under D65."""
    return np.asarray(reflectance @ LIGHT_WEIGHTS.T)


def lab_of_reflectance(reflectance: Floats) -> Floats:
    """CIE L*a*b* (..., 3) of a reflectance (..., BANDS) under D65, 2°."""
    return lab_of_xyz(reflectance @ XYZ_WEIGHTS.T)


def hex_of_reflectance(reflectance: Floats) -> str:
    """``#RRGGBB`` of one reflectance (BANDS,)."""
    return hex_of(encoded(light_of(reflectance)))
