"""How strong a paint is in a mix, learned from swatches of known mixes.

Each strength is lognormal about 1 beforehand; swatches pull it as far as their error allows (maximum a posteriori, Gauss-Newton
on the logarithms), so that one swatch moves little and several that agree move much.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.colour.films import Pigment, mixed
from numerus.geometry.mesh import Floats

SPREAD = 0.35  # (default) of a strength's logarithm beforehand: one pot in twenty is twice or half as strong
MODEL_LAB = 2.0  # (default) Lab the theory itself is off by, each way


@dataclass(frozen=True, eq=False)
class KnownMix:
    """A swatch thick enough to hide: shares of its pots, its Lab (3,), and that Lab's error."""

    shares: Mapping[str, float]
    lab: Floats
    error: float = 1.0


@dataclass(frozen=True)
class Strength:
    """Times as strong as its kind says; ``error``: one standard deviation, as a share of it."""

    value: float
    error: float
    swatches: int


def learned_strengths(pigments: Mapping[str, Pigment], swatches: Sequence[KnownMix]) -> dict[str, Strength]:
    """Strengths of the pots that any swatch has. Mixes only tell how strong pots are against each other: what all share stays
    where it was beforehand.
    """
    from scipy.optimize import least_squares

    pots = sorted({pot for s in swatches for pot in s.shares})
    if not pots:
        return {}

    def missed(logs: Floats) -> Floats:
        strength = dict(zip(pots, np.exp(logs), strict=True))
        off = [(_lab(pigments, s, strength) - s.lab) / np.hypot(s.error, MODEL_LAB) for s in swatches]
        return np.concatenate([*off, logs / SPREAD])

    fit = least_squares(missed, np.zeros(len(pots)), x_scale="jac", max_nfev=60)
    error = np.sqrt(np.diag(np.linalg.inv(fit.jac.T @ fit.jac)))
    return {
        pot: Strength(float(np.exp(log)), float(e), sum(pot in s.shares for s in swatches))
        for pot, log, e in zip(pots, fit.x, error, strict=True)
    }


def _lab(pigments: Mapping[str, Pigment], swatch: KnownMix, strength: Mapping[str, float]) -> Floats:
    pots = list(swatch.shares)
    return mixed([pigments[p] for p in pots], list(swatch.shares.values()), [strength[p] for p in pots]).lab
