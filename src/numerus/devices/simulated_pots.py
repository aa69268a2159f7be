"""Simulated pigments with spectra of their own, for trying how well paints are foretold: seeded, and unlike what colours alone
would tell.

Absorption is a sum of bands and an edge, scattering falls with wavelength; nothing here knows how reflectances are guessed
from colours.
"""

from __future__ import annotations

import numpy as np

from numerus.colour.films import Pigment
from numerus.colour.observer import WAVELENGTHS_NM

HIDES_LOG10_UM = (1.3, 2.3)  # films that hide, 20 to 200 µm, as pots of paint do


def simulated_pigment(seed: int) -> Pigment:
    """One pigment: absorption and scattering per µm of dry film."""
    rng = np.random.default_rng([seed, 41])
    nm = WAVELENGTHS_NM
    absorption = np.full(len(nm), 10 ** rng.uniform(-3.2, -2.0))
    for _ in range(rng.integers(1, 3)):
        middle, wide, high = rng.uniform(400, 680), rng.uniform(25, 70), 10 ** rng.uniform(-1.3, 0.0)
        absorption = absorption + high * np.exp(-(((nm - middle) / wide) ** 2))
    edge, steep = rng.uniform(420, 640), rng.uniform(8, 25)
    absorption = absorption + 10 ** rng.uniform(-1.5, -0.1) / (1 + np.exp((nm - edge) / steep))
    scattering = 10 ** rng.uniform(-1.8, -0.5) * (nm / 550) ** -rng.uniform(0.3, 1.6)
    pigment = Pigment(absorption, np.asarray(scattering))
    times = pigment.hides_um / 10 ** rng.uniform(*HIDES_LOG10_UM)
    return Pigment(times * pigment.absorption, times * pigment.scattering)


def simulated_white() -> Pigment:
    """A white as whites are: much scattering, hardly any absorption but for the violet end."""
    nm = WAVELENGTHS_NM
    return Pigment(0.0006 + 0.05 / (1 + np.exp((nm - 400) / 8)), 0.55 * (nm / 550) ** -0.8)


def simulated_black() -> Pigment:
    return Pigment(np.full(len(WAVELENGTHS_NM), 0.75), np.full(len(WAVELENGTHS_NM), 0.012))
