"""What eyes see: how far a figure across a table is blurred, and what colour-blind people see of it, simulated."""

from __future__ import annotations

import numpy as np

from numerus.geometry.mesh import Floats

TABLE_MM = 900.0  # (default) from an eye to a figure in play
ARC_MINUTE = float(np.radians(1 / 60))  # what an eye tells apart: full width at half height of its blur
FWHM_TO_SIGMA = float(1 / (2 * np.sqrt(2 * np.log(2))))
FULL, PROTAN, DEUTAN, TRITAN = "full", "protan", "deutan", "tritan"
_SEEN = {
    PROTAN: [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
    DEUTAN: [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
    TRITAN: [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]],
}
"""Of linear sRGB, at full severity (Machado, Oliveira & Fernandes 2009, A physiologically-based model for simulation of color vision
deficiency)."""


def blur_sigma_mm(distance_mm: float) -> float:
    """Sigma at the figure of a Gaussian of one minute of arc, full width at half height."""
    return distance_mm * ARC_MINUTE * FWHM_TO_SIGMA


def seen_by(linear: Floats, sight: str) -> Floats:
    """Linear sRGB (..., 3) as such sight sees it, within 0..1."""
    if sight not in _SEEN:
        return linear
    return np.clip(linear @ np.array(_SEEN[sight]).T, 0, 1)
