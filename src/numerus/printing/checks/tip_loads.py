"""Who carries what while a part is printed: groups of sections that hang together, the tips that hold them, the film's pull.

Sections of a part grow out of each other layer by layer; a group of them is pulled by what of it is being made now and
held by the tips it has so far, and by what of it stands on the plate. The pull attacks where the newest layer is, not
where the tips are: it bends their pattern as a load beside a group of rivets does. With each hold's strength w as its
weight, the weighted second moments K about the weighted middle c, the pull F at an offset e from c, and a hold of radius
r at an offset d, the share of its strength it carries is

    F / sum(w) * (1 + K^-1 e . d + |K^-1 e| r),

the elastic distribution over an eccentric group (Shigley, Mechanical Engineering Design, eccentric loading of joints),
each tip with the second moment of its own disc. A part of the pull goes sideways, as the film peels from one edge: it
bends a tall group over the height it stands above its tips, in whichever direction is worst.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.cups import Cup
from numerus.geometry.solids.layers import layer_bitmap
from numerus.geometry.solids.sections import Sections
from numerus.geometry.solids.union_find import find_root
from numerus.printing.machines.timing import pull_n
from numerus.printing.supports.posed_part import PosedPart
from numerus.printing.supports.style import tip_n

STANDING_N_PER_MM2 = 0.8  # what a part that stands on the plate itself is held by, per mm² of its first layer
LEAST_PULL_N = 0.02  # a group that pulls less is a beginning, not a load
LOOSE = 5  # times that: what hangs by nothing and pulls less is joined between two layers of the coarse grid
SIDE_SHARE = 0.05  # of the pull that goes sideways (default: film peels from an edge, nobody has measured this one)
LOOK_UP = 4  # layers above a tip in which the section it holds must begin
NEAR_TIP_PX = 4
RIM = 8  # places of a standing section's rim that are looked at


@dataclass(frozen=True, eq=False)
class Loads:
    """``margins`` (layers,): the least strength over load of any group in each layer, infinite where nothing pulls;
    ``carried`` (pillars,): the largest share of its strength each tip ever carries; ``loose`` (layers,): pull that no tip
    holds, in N.
    """

    margins: Floats
    carried: Floats
    loose: Floats


@dataclass(frozen=True, eq=False)
class Holds:
    """What holds sections, a row each: ``layer`` from which it holds and ``section`` (n,), -1 for none; ``place`` (n, 3) mm;
    ``strength`` N (n,); ``moments`` (n, 3) of its own area, xx, xy, yy in N mm²; ``radius`` mm (n,). Strength 0: a place of
    the rim that is only looked at.
    """

    layer: NDArray[np.int64]
    section: NDArray[np.int64]
    place: Floats
    strength: Floats
    moments: Floats
    radius: Floats

    def __add__(self, other: Holds) -> Holds:
        pairs = ((getattr(self, n), getattr(other, n)) for n in self.__dataclass_fields__)
        return Holds(*(np.concatenate(pair) for pair in pairs))


@dataclass(frozen=True, eq=False)
class Pulled:
    """A part's sections with what they pull (sections,) N, their links, and what of it stands on the plate."""

    posed_part: PosedPart
    grown: Sections
    begin: NDArray[np.int64]
    below: NDArray[np.int32]
    pull: Floats
    standing: Holds

    def top_mm(self, layer: int) -> float:
        """Height of a layer's upper face, where the film pulls."""
        return (layer + 1) * self.grown.grid.layer_mm


@kernel
def _spread_inverse(sums):  # type: ignore[no-untyped-def]
    """Middle x, y, z and inverse of the weighted second moments about it (xx, xy, yy) of a group's ``sums``."""
    w = sums[0]
    x, y, z = sums[1] / w, sums[2] / w, sums[3] / w
    xx, xy, yy = sums[4] / w - x * x, sums[5] / w - x * y, sums[6] / w - y * y
    det = max(xx * yy - xy * xy, 1e-18)
    return x, y, z, yy / det, -xy / det, xx / det


@kernel
def carried_share(sums, pull, at_x, at_y, at_z, x, y, radius, side_share):  # type: ignore[no-untyped-def]
    """Share of its strength a hold at (x, y) carries of ``pull`` at (at_x, at_y, at_z), held by a group's ``sums``: weights,
    first moments x, y, z, second moments xx, xy, yy.
    """
    cx, cy, cz, a, b, c = _spread_inverse(sums)
    ex, ey, dx, dy = at_x - cx, at_y - cy, x - cx, y - cy
    gx, gy = a * ex + b * ey, b * ex + c * ey
    share = 1 + gx * dx + gy * dy + np.hypot(gx, gy) * radius
    stiffest = (a + c) / 2 + np.sqrt(((a - c) / 2) ** 2 + b * b)
    sway = np.hypot(a * dx + b * dy, b * dx + c * dy) + radius * stiffest
    return pull / sums[0] * (share + side_share * max(at_z - cz, 0.0) * sway)


@kernel
def largest_share(sums, now, top_mm, place, radius):  # type: ignore[no-untyped-def]
    """The largest ``carried_share`` of holds at places (n, 3) of radii (n,), of what pulls: N, N mm, N mm in ``now``."""
    worst = -np.inf
    for t in range(len(radius)):
        at = now[1] / now[0], now[2] / now[0], top_mm
        worst = max(worst, carried_share(sums, now[0], *at, place[t, 0], place[t, 1], radius[t], SIDE_SHARE))
    return worst


@kernel
def _hold_more(t, at, strength, moments, own):  # type: ignore[no-untyped-def]
    """Adds hold ``t`` to the sums of its group."""
    w, x, y = strength[t], at[t, 0], at[t, 1]
    own[0] += w
    own[1] += w * x
    own[2] += w * y
    own[3] += w * at[t, 2]
    own[4] += w * x * x + moments[t, 0]
    own[5] += w * x * y + moments[t, 1]
    own[6] += w * y * y + moments[t, 2]


@kernel
def shares_with_one_more(sums, now, top_mm, place, radius, strength, at, moments, own_radius):  # type: ignore[no-untyped-def]
    """``largest_share`` after each one of further holds (n,) was added to a group, float64 (n,)."""
    shares = np.empty(len(strength))
    for n in range(len(strength)):
        more = sums.copy()
        _hold_more(n, at, strength, moments, more)
        others = largest_share(more, now, top_mm, place, radius)
        shares[n] = max(others, largest_share(more, now, top_mm, at[n : n + 1], own_radius[n : n + 1]))
    return shares


@kernel
def _join_layer(first, last, links, below, parent, sums):  # type: ignore[no-untyped-def]
    """Sections of a layer join the groups of those below them."""
    for s in range(first, last):
        for e in range(links[s], links[s + 1]):
            root, own = find_root(parent, below[e]), find_root(parent, s)
            if root != own:
                parent[own] = root
                sums[root] += sums[own]


@kernel
def _pull_layer(first, last, pull, x, y, parent, now):  # type: ignore[no-untyped-def]
    """What each group pulls in this layer, and where, into ``now`` at its root: N, N mm, N mm."""
    for s in range(first, last):
        now[find_root(parent, s)] = 0
    for s in range(first, last):
        root = find_root(parent, s)
        now[root, 0] += pull[s]
        now[root, 1] += pull[s] * x[s]
        now[root, 2] += pull[s] * y[s]


@kernel
def _weigh_layer(k, z, holds, parent, sums, now, margins, carried):  # type: ignore[no-untyped-def]
    """What every hold so far carries of what its group pulls in layer ``k``."""
    layer, section, at, _, _, radius = holds
    for t in range(len(layer)):
        root = find_root(parent, section[t]) if section[t] >= 0 and layer[t] <= k else -1
        force = now[root, 0] if root >= 0 else 0.0
        if force <= 0 or sums[root, 0] <= 0:
            continue
        pulls_at = now[root, 1] / force, now[root, 2] / force, z
        share = carried_share(sums[root], force, *pulls_at, at[t, 0], at[t, 1], radius[t], SIDE_SHARE)
        carried[t] = max(carried[t], share)
        if force >= LEAST_PULL_N and share > 0:
            margins[k] = min(margins[k], 1 / share)


@kernel
def _sweep(grown, links, below, pull, holds, layers, count):  # type: ignore[no-untyped-def]
    """Sweeps ``layers`` upward; returns the groups' union-find parents as they stand at the end."""
    begin, x, y, layer_mm = grown
    layer, section, at, strength, moments, _ = holds
    margins, carried, loose, sums, now = count
    parent = np.arange(len(pull))
    for k in range(layers):
        first, last = begin[k], begin[k + 1]
        _join_layer(first, last, links, below, parent, sums)
        for t in range(len(layer)):
            if layer[t] == k and section[t] >= 0 and strength[t] > 0:
                _hold_more(t, at, strength, moments, sums[find_root(parent, section[t])])
        _pull_layer(first, last, pull, x, y, parent, now)
        for s in range(first, last):
            root = find_root(parent, s)
            if sums[root, 0] <= 0 and now[root, 0] >= LOOSE * LEAST_PULL_N:
                margins[k] = 0.0
                loose[k] += pull[s]
        _weigh_layer(k, (k + 1) * layer_mm, holds, parent, sums, now, margins, carried)
        if k + 1 < layers:
            for s in range(first, last):
                now[find_root(parent, s)] = 0
    return parent


def section_pulls_n(grown: Sections, machine: Machine, resin: Resin, sealed: Sequence[Cup] = ()) -> Floats:
    """Pull of every section (n,); what a cup seals pulls on the sections of its layers by their share of the outline."""
    pull = pull_n(grown.area_mm2, machine, resin, grown.edge_mm)
    of_layer = np.maximum(grown.of_layers(grown.edge_mm), 1e-9)
    for cup in sealed:
        first, last = (int(round(v / grown.grid.layer_mm)) for v in (cup.from_mm, cup.to_mm))
        own = (grown.layer >= first) & (grown.layer < last)
        seal = pull_n(np.array([cup.area_mm2]), machine, resin)[0]
        pull[own] += seal * grown.edge_mm[own] / of_layer[grown.layer[own]]
    return pull


def pulled(posed_part: PosedPart, machine: Machine, resin: Resin) -> Pulled:
    """What a part pulls while it grows, before anything is said of its tips."""
    grown = posed_part.grown
    pull = section_pulls_n(grown, machine, resin, posed_part.sealed)
    return Pulled(posed_part, grown, *grown.links_of(), pull, _standing(posed_part))


def _standing(posed_part: PosedPart) -> Holds:
    """Sections of the first layer that stand on the plate: their strength, their second moments, and places of their rims."""
    columns, grown = posed_part.columns, posed_part.grown
    rows, across = np.nonzero(layer_bitmap(columns, 0)) if columns.layers else (np.zeros(0, int),) * 2
    x, y = (np.asarray(v) for v in columns.grid.centre_mm(across.astype(float), rows.astype(float)))
    section = posed_part.section_at(np.stack([x, y], axis=1), np.zeros(len(x), np.int64))
    holds = _no_holds()
    for own in range(int(grown.begin[1]) if grown.layers else 0):
        holds += _standing_section(own, x[section == own], y[section == own], columns.grid.pixel_mm)
    return holds


def _standing_section(number: int, x: Floats, y: Floats, pixel_mm: float) -> Holds:
    w, middle = len(x) * pixel_mm**2 * STANDING_N_PER_MM2, (float(x.mean()), float(y.mean()))
    dx, dy = x - middle[0], y - middle[1]
    own = w * np.array([(dx * dx).mean() + pixel_mm**2 / 12, (dx * dy).mean(), (dy * dy).mean() + pixel_mm**2 / 12])
    turn = np.arange(RIM) * 2 * np.pi / RIM
    rim = [int(np.argmax(dx * np.cos(a) + dy * np.sin(a))) for a in turn]
    place = np.concatenate([[[*middle, 0.0]], np.stack([x[rim], y[rim], np.zeros(RIM)], axis=1)])
    n, nothing = RIM + 1, np.zeros((RIM, 3))
    return Holds(
        np.zeros(n, np.int64),
        np.full(n, number, np.int64),
        place,
        np.r_[w, np.zeros(RIM)],
        np.vstack([own, nothing]),
        np.zeros(n),
    )


def _no_holds() -> Holds:
    none = np.zeros(0, np.int64)
    return Holds(none, none, np.zeros((0, 3)), np.zeros(0), np.zeros((0, 3)), np.zeros(0))


def tip_holds(part: Pulled, places: Floats, tip_mm: Floats, resin: Resin) -> Holds:
    """Tips at places (n, 3) as what holds: a disc of radius r has the second moment of strength r² / 4 about its diameter."""
    layer, section = _touched(part.posed_part, places)
    strength, radius = tip_n(1.0, resin) * tip_mm**2, tip_mm / 2
    own = strength * radius**2 / 4
    return Holds(layer, section, places, strength, np.stack([own, 0 * own, own], axis=1), radius)


def _touched(posed_part: PosedPart, tips: Floats) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """Layer and number of the section each tip holds: the first within LOOK_UP layers above it; -1 for none."""
    first = np.maximum(np.round(tips[:, 2] / posed_part.columns.grid.layer_mm).astype(np.int64) - 1, 0)
    layer, section = first.copy(), np.full(len(tips), -1, np.int64)
    for up in range(LOOK_UP + 1):
        open_ = np.flatnonzero(section < 0)
        if len(open_):
            section[open_] = posed_part.section_at(tips[open_, :2], first[open_] + up, NEAR_TIP_PX)
            layer[open_] = first[open_] + up
    return layer, section


@dataclass(frozen=True, eq=False)
class Standing:
    """A sweep stopped at a layer: what each hold carries, margins and loose pull so far, the group (root) of every section, and
    per root what holds it and what pulls on it in that layer; see ``carried_share``.
    """

    carried: Floats
    margins: Floats
    loose: Floats
    root: NDArray[np.int64]
    sums: Floats
    now: Floats


def swept(part: Pulled, holds: Holds, last_layer: int | None = None) -> Standing:
    """The layers below ``last_layer``, or all, as they grow."""
    grown, count = part.grown, len(part.pull)
    layers = grown.layers if last_layer is None else last_layer
    margins, loose = np.full(grown.layers, np.inf), np.zeros(grown.layers)
    carried, sums, now = np.zeros(len(holds.layer)), np.zeros((count, 7)), np.zeros((count, 3))
    parent = _sweep(
        (grown.begin, grown.x_mm, grown.y_mm, grown.grid.layer_mm), part.begin, part.below, part.pull,
        (holds.layer, holds.section, holds.place, holds.strength, holds.moments, holds.radius), layers,
        (margins, carried, loose, sums, now),
    )  # fmt: skip
    return Standing(carried, margins, loose, _roots(parent), sums, now)


@kernel
def _roots(parent):  # type: ignore[no-untyped-def]
    return np.array([find_root(parent, s) for s in range(len(parent))], np.int64)


def loads(posed_part: PosedPart, pillars: Sequence[Pillar], machine: Machine, resin: Resin) -> Loads:
    """Who carries what, layer by layer."""
    part = pulled(posed_part, machine, resin)
    tips = tip_holds(
        part, np.array([p.tip for p in pillars]).reshape(-1, 3), np.array([p.tip_mm for p in pillars]), resin
    )
    standing = swept(part, tips + part.standing)
    return Loads(standing.margins, standing.carried[: len(pillars)], standing.loose)
