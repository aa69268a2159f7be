"""The weakest section of a print that came on supports of its own: pull and bending at every height, without knowing its tips.

When a layer is made the film pulls on its sections. Whatever hangs together between a height and that layer passes the
pull on through its sections at that height, as a beam does: with A their area together, K its second moments about its
middle divided by A, e from there to where the pull attacks, a section at d whose own spread is M bears

    F / A * (1 + K^-1 e . d + 2 sqrt(g' M g)),  g = K^-1 e,

the stress of eccentric tension (Gere and Goodno, Mechanics of Materials, combined loadings), at the rim of the ellipse
that has the section's own area and second moments: exact for discs, a seventh too careful for a square. The side pull of
the film bends over the height between, in whichever direction is worst, as in ``tip_loads``.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.sections import Sections
from numerus.geometry.solids.union_find import find_root
from numerus.printing.checks.tip_loads import LEAST_PULL_N, LOOSE, SIDE_SHARE, STANDING_N_PER_MM2, section_pulls_n

BLOCK_MM = 0.2  # of the layers in so much height, that which pulls most is looked at


@dataclass(frozen=True)
class WeakestSection:
    """``margin``: strength over stress, infinite where nothing pulls and 0 for what is made in mid-air; ``at_mm``: the section's
    middle and height; ``on_plate``: it is the plate that lets go.
    """

    margin: float
    at_mm: tuple[float, float, float]
    on_plate: bool

    @property
    def description(self) -> str:
        if not np.isfinite(self.margin):
            return "nothing of it pulls"
        if self.on_plate:
            return f"the plate holds it {self.margin:.1f} times against pull and leverage"
        return (
            f"its weakest section, {self.at_mm[2]:.1f} mm up, bears {self.margin:.1f} times the pull and its leverage"
        )


@kernel
def _inverse_spread(sums):  # type: ignore[no-untyped-def]
    """Middle of a cut and inverse of its second moments over its area, from sums of area, x, y, xx, xy, yy."""
    w = sums[0]
    x, y = sums[1] / w, sums[2] / w
    xx, xy, yy = sums[3] / w - x * x, sums[4] / w - x * y, sums[5] / w - y * y
    det = max(xx * yy - xy * xy, 1e-18)
    return x, y, yy / det, -xy / det, xx / det


@kernel
def _stress(sums, force, at_x, at_y, lever, side_share, x, y, xx, xy, yy):  # type: ignore[no-untyped-def]
    """N/mm² at the rim of a section at (x, y) of spread xx, xy, yy, of a cut that passes on ``force``."""
    cx, cy, a, b, c = _inverse_spread(sums)
    ex, ey, dx, dy = at_x - cx, at_y - cy, x - cx, y - cy
    gx, gy = a * ex + b * ey, b * ex + c * ey
    bending = gx * dx + gy * dy + 2 * np.sqrt(max(gx * gx * xx + 2 * gx * gy * xy + gy * gy * yy, 0.0))
    # Of a side pull in any direction: the most that the section's middle and its rim bear of it.
    p, q, r, s = a * xx + b * xy, a * xy + b * yy, b * xx + c * xy, b * xy + c * yy
    m, n, o = p * a + q * b, p * b + q * c, r * b + s * c
    stiffest = (m + o) / 2 + np.sqrt(((m - o) / 2) ** 2 + n * n)
    sway = np.hypot(a * dx + b * dy, b * dx + c * dy) + 2 * np.sqrt(max(stiffest, 0.0))
    return force / sums[0] * (1 + bending + side_share * lever * sway)


@kernel
def _add_section(s, area, x, y, spread, sums):  # type: ignore[no-untyped-def]
    w = area[s]
    sums[0] += w
    sums[1] += w * x[s]
    sums[2] += w * y[s]
    sums[3] += w * (x[s] * x[s] + spread[s, 0])
    sums[4] += w * (x[s] * y[s] + spread[s, 1])
    sums[5] += w * (y[s] * y[s] + spread[s, 2])


@kernel
def _join_down(first, last, links, below, parent, force):  # type: ignore[no-untyped-def]
    """Sections of a layer join the groups of those below them, with what pulls on them."""
    for s in range(first, last):
        for e in range(links[s], links[s + 1]):
            root, own = find_root(parent, s), find_root(parent, below[e])
            if root != own:
                parent[root] = own
                force[own] += force[root]


@kernel
def _cut(first, last, shape, parent, force, sums):  # type: ignore[no-untyped-def]
    """Area and moments of the cut through every group that is pulled, at its root."""
    area, x, y, spread = shape
    for s in range(first, last):
        sums[find_root(parent, s)] = 0
    for s in range(first, last):
        root = find_root(parent, s)
        if force[root, 0] > 0:
            _add_section(s, area, x, y, spread, sums[root])


@kernel
def _weakest_of_cut(first, last, shape, parent, force, sums, lever, strength, least):  # type: ignore[no-untyped-def]
    """The least strength over stress of the sections of one cut, and which it is; -1 for none that is pulled."""
    _, x, y, spread = shape
    margin, worst = np.inf, -1
    for s in range(first, last):
        root = find_root(parent, s)
        pull = force[root, 0]
        if pull < least:
            continue
        at_x, at_y, own = force[root, 1] / pull, force[root, 2] / pull, spread[s]
        stress = _stress(sums[root], pull, at_x, at_y, lever, SIDE_SHARE, x[s], y[s], own[0], own[1], own[2])
        if stress > 0 and strength / stress < margin:
            margin, worst = strength / stress, s
    return margin, worst


@kernel
def _in_mid_air(first, last, links, parent, force, loose):  # type: ignore[no-untyped-def]
    """A section with nothing below it whose whole group stands on nothing else and pulls more than ``loose``; -1 for none. Such
    groups are let go of.
    """
    worst = -1
    for s in range(first, last):
        root = find_root(parent, s)
        if links[s] == links[s + 1] and root >= first and force[root, 0] > 0:
            if force[root, 0] >= loose:
                worst = s
            force[root] = 0
    return worst


@kernel
def _of_layer(m, begin, links, below, shape, pull, layer_mm, strengths, least, loose, parent, force, sums):  # type: ignore[no-untyped-def]
    """The weakest section while layer ``m`` is made: margin, section, whether it is the plate that holds it."""
    _, x, y, _ = shape
    for s in range(begin[m + 1]):
        parent[s] = s
        force[s] = 0
    for s in range(begin[m], begin[m + 1]):
        force[s, 0], force[s, 1], force[s, 2] = pull[s], pull[s] * x[s], pull[s] * y[s]
    margin, worst, plate = np.inf, -1, False
    for k in range(m - 1, -1, -1):
        _join_down(begin[k + 1], begin[k + 2], links, below, parent, force)
        lost = _in_mid_air(begin[k + 1], begin[k + 2], links, parent, force, loose)
        if lost >= 0:
            return 0.0, lost, False
        _cut(begin[k], begin[k + 1], shape, parent, force, sums)
        for on_plate in range(2 if k == 0 else 1):
            lever, strength = (m + 1 - (k + 1 - on_plate)) * layer_mm, strengths[on_plate]
            found, s = _weakest_of_cut(begin[k], begin[k + 1], shape, parent, force, sums, lever, strength, least)
            if found < margin:
                margin, worst, plate = found, s, on_plate == 1
    return margin, worst, plate


@kernel
def _weakest(layers, begin, links, below, shape, pull, layer_mm, strengths, least, loose):  # type: ignore[no-untyped-def]
    n = len(pull)
    parent, force, sums = np.arange(n), np.zeros((n, 3)), np.zeros((n, 6))
    margin, worst, plate = np.inf, -1, False
    for m in layers:
        found, s, on_plate = _of_layer(
            m, begin, links, below, shape, pull, layer_mm, strengths, least, loose, parent, force, sums
        )
        if found < margin:
            margin, worst, plate = found, s, on_plate
    return margin, worst, plate


def weakest_section(grown: Sections, machine: Machine, resin: Resin) -> WeakestSection:
    """Of a whole print, its supports and rafts with it."""
    begin, below = grown.links_of()
    pull = section_pulls_n(grown, machine, resin)
    shape = grown.area_mm2, grown.x_mm, grown.y_mm, grown.spread_mm2
    margin, worst, on_plate = _weakest(
        _looked_at(grown, pull), grown.begin, begin, below, shape, pull, grown.grid.layer_mm,
        np.array([resin.tip_n_per_mm2, STANDING_N_PER_MM2]), LEAST_PULL_N, LOOSE * LEAST_PULL_N,
    )  # fmt: skip
    if worst < 0:
        return WeakestSection(np.inf, (0.0, 0.0, 0.0), False)
    height = 0.0 if on_plate else float(grown.layer[worst] * grown.grid.layer_mm)
    return WeakestSection(float(margin), (float(grown.x_mm[worst]), float(grown.y_mm[worst]), height), bool(on_plate))


def _looked_at(grown: Sections, pull: Floats) -> NDArray[np.int64]:
    """Of every ``BLOCK_MM`` of height the layer that pulls most, the first layer aside."""
    of_layer = grown.of_layers(pull)
    step = max(int(round(BLOCK_MM / grown.grid.layer_mm)), 1)
    blocks = [k + int(np.argmax(of_layer[k : k + step])) for k in range(1, grown.layers, step)]
    return np.array(blocks, np.int64)
