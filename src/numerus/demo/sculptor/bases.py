"""Bases of 28.5 mm whose tops are level at z = 3 where a boot stands: all relief is cut in, none stands in the way."""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.bodies import BASE_Z
from numerus.demo.sculptor.modelling.deforming import displaced
from numerus.demo.sculptor.modelling.patterns import cobbles, planks
from numerus.demo.sculptor.modelling.shapes import Shape, box, cutting, lathe, ring, soft, tube, turned

RADIUS = 14.25


def _disc(high: float = BASE_Z, radius: float = RADIUS) -> Shape:
    return lathe((0, 0, 0), [(0, radius), (0.5, radius), (high - 0.35, radius - 0.9), (high, radius - 1.2)], "base")


def base_cobbles() -> list[Shape]:
    """Quayside cobbles."""
    return [displaced(_disc(), cobbles(3.1, 5, 2.2), 0.55)]


def base_jetty() -> list[Shape]:
    """Jetty boards with nails and a coiled line at the edge."""
    rim = lathe((0, 0, 0), [(0, RADIUS), (0.5, RADIUS), (2.3, RADIUS - 0.7), (2.5, RADIUS - 1.0)], "base")
    grain = planks((1, 0.12, 0), (-0.12, 1, 0), 3.4, 0.17)
    deck = lathe((0, 0, 0), [(2.0, RADIUS - 1.1), (BASE_Z, RADIUS - 1.2)], "wood")
    worn = displaced(deck, lambda p: np.minimum(grain(p) - 0.16, 0) * (p[:, 2] > 2.2), 0.7)
    nails = [
        lathe((x, y, 0), [(2.0, 0.34), (2.96, 0.32)], "iron") for x in (-8.5, 8.5) for y in np.arange(-8.2, 9, 3.4)
    ]
    line = [ring((8.2, 7.4, 3.3 + 0.5 * i), (2.3 - 0.35 * i, 2.2 - 0.35 * i), 0.42, "rope") for i in range(3)]
    return [*soft(0.05, rim, worn), *soft(0.03, *nails, *line)]


def base_flags() -> list[Shape]:
    """Flagstones with a sunken drain, a mooring ring and reeds."""
    stones = displaced(_disc(), _flags, 0.55)
    drain = [box((-7.5, 6.5, BASE_Z), (2.6, 1.9, 0.7), 0.2, "base", turned(about_z_deg=30))]
    bars = [box((-7.5 + 0.9 * i * np.cos(0.52), 6.5 + 0.9 * i * np.sin(0.52), 2.6), (0.22, 1.9, 0.3), 0.1, "iron", turned(about_z_deg=30)) for i in (-2, -1, 0, 1, 2)]  # fmt: skip
    loop = [ring((9.0, 6.6, BASE_Z + 0.2), (1.5, 1.4), 0.34, "iron", turned(12, 8)), box((9.0, 8.0, BASE_Z), (0.6, 0.5, 0.5), 0.2, "iron")]  # fmt: skip
    rng = np.random.default_rng(3)
    reeds = [tube([(x, y, 2.0), (x + dx * 0.4, y + dy * 0.4, 5.0), (x + dx, y + dy, 7.0 + h)], (0.42, 0.36, 0.24), "feathers")
             for x, y, dx, dy, h in np.c_[rng.normal(-9.5, 0.9, 7), rng.normal(-5.2, 0.9, 7), rng.normal(0, 1.0, (7, 2)), rng.uniform(0, 3, 7)]]  # fmt: skip
    return [stones, *cutting(*drain, mm=0.1), *soft(0.04, *bars, *loop, *reeds)]


def _flags(p: np.ndarray) -> np.ndarray:
    """Large square stones in a broken bond."""
    row = np.floor(p[:, 1] / 5.2)
    x = p[:, 0] / 6.4 + 0.37 * row
    joint = np.minimum(np.abs(x - np.round(x)) * 6.4, np.abs(p[:, 1] / 5.2 - np.round(p[:, 1] / 5.2)) * 5.2)
    inside = (p[:, 2] > 2.2) & (np.hypot(p[:, 0], p[:, 1]) < RADIUS - 1.4)
    return np.where(inside, -np.clip(1 - joint / 0.45, 0, 1), 0)
