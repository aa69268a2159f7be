"""A supported part judged as it will print, apart from how its supports were placed.

It is printed layer by layer: sections of the part grow out of each other, and groups of them that hang together are held
by the tips they have so far and pulled by what of them is being made. A group that pulls more than its tips hold tears
off; a tip that carries little could be finer and leave a smaller mark.

A mesh that came with its supports is judged by its necks: whatever holds a section passes through the narrowest sections
below it, and those are the tips.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.machines import Machine, Resin
from numerus.domain.poses import Pillar
from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.cups import Cup, cups
from numerus.geometry.solids.layers import Island, islands, overhangs
from numerus.geometry.solids.sections import Sections, section_at, sections
from numerus.geometry.solids.union_find import find_root
from numerus.printing.machines.timing import pull_n
from numerus.printing.orientation.pose_measures import is_significant_cup
from numerus.printing.supports.placement import Supported, is_slender
from numerus.printing.supports.posed_part import CHECK_MM, PosedPart
from numerus.printing.supports.style import SupportStyle, tip_n
from numerus.printing.supports.tips import places_mm
from numerus.words import counted

STANDING_N_PER_MM2 = 0.8  # what a part that stands on the plate itself is held by, per mm² of its first layer
LEAST_PULL_N = 0.02  # a group that pulls less is a beginning, not a load
LOOSE = 5  # times that: what hangs by nothing and pulls less is joined between two layers of the coarse grid
TOO_HEAVY = 0.2  # of its strength: a tip that never carries more could be the next size down
LOOK_UP = 4  # layers above a tip in which the section it holds must begin
NEAR_TIP_PX = 4
FILE_S, FILE_S_PER_MM, PRY_S = (
    4.0,
    18.0,
    3.0,
)  # cleaning one mark: by itself, by its size, and prying off what stands on the part


@dataclass(frozen=True, eq=False)
class Loads:
    """``margins`` (layers,): the least strength over pull of any group in each layer, infinite where nothing pulls;
    ``carried`` (pillars,): the largest share of its strength each tip ever carries; ``loose`` (layers,): pull that no tip
    holds, in N.
    """

    margins: Floats
    carried: Floats
    loose: Floats


@dataclass(frozen=True, eq=False)
class PrintCheck:
    """What printing it layer by layer says. Numbers of pillars in ``too_light``, ``too_heavy``, ``swings``, ``touches``."""

    islands_left: tuple[Island, ...]
    unsupported_mm2: float
    unsupported: Floats
    loads: Loads
    too_light: tuple[int, ...]
    too_heavy: tuple[int, ...]
    swings: tuple[int, ...]
    touches: tuple[int, ...]
    scar_show_mm2: float
    cleaning_minutes: float

    @property
    def sound(self) -> bool:
        """Nothing begins in mid-air, no tip is too light, nothing swings or touches."""
        return not (self.islands_left or self.too_light or self.swings or self.touches)


@kernel
def _join_layer(a, b, links, below, stand, parent, hold):  # type: ignore[no-untyped-def]
    """Sections a..b join the groups of those below them."""
    for s in range(a, b):
        hold[s] = stand[s]
        for e in range(links[s], links[s + 1]):
            root, own = find_root(parent, below[e]), find_root(parent, s)
            if root != own:
                parent[own] = root
                hold[root] += hold[own]


@kernel
def _weigh_layer(k, a, b, pull, parent, hold, now, margins, loose, least):  # type: ignore[no-untyped-def]
    """What each group pulls in this layer, into ``now`` at its root, and what it is held by."""
    for s in range(a, b):
        now[find_root(parent, s)] = 0
    for s in range(a, b):
        now[find_root(parent, s)] += pull[s]
    for s in range(a, b):
        root = find_root(parent, s)
        if now[root] < least:
            continue
        if hold[root] > 0:
            margins[k] = min(margins[k], hold[root] / now[root])
        elif now[root] >= LOOSE * least:
            margins[k] = 0.0
            loose[k] += pull[s]


@kernel
def _sweep(begin, links, below, pull, stand, tip_layer, tip_section, tip_hold, margins, carried, loose, least):  # type: ignore[no-untyped-def]
    """Sweep the layers upward: groups of sections, their pull now and what holds them so far."""
    parent = np.arange(len(pull))
    hold, now = np.zeros(len(pull)), np.zeros(len(pull))
    for k in range(len(margins)):
        a, b = begin[k], begin[k + 1]
        _join_layer(a, b, links, below, stand, parent, hold)
        for t in range(len(tip_layer)):
            if tip_layer[t] == k and tip_section[t] >= 0:
                hold[find_root(parent, tip_section[t])] += tip_hold[t]
        _weigh_layer(k, a, b, pull, parent, hold, now, margins, loose, least)
        for t in range(len(tip_layer)):
            if tip_section[t] >= 0 and tip_layer[t] <= k:
                root = find_root(parent, tip_section[t])
                carried[t] = max(carried[t], now[root] / hold[root])
        for s in range(a, b):
            now[find_root(parent, s)] = 0


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


def loads(
    posed_part: PosedPart, pillars: Sequence[Pillar], machine: Machine, resin: Resin, sealed: Sequence[Cup] = ()
) -> Loads:
    """Who carries what, layer by layer."""
    grown = posed_part.grown
    tips = np.array([p.tip for p in pillars]).reshape(-1, 3)
    at, where = _touched(posed_part, grown, tips)
    strength = np.array([tip_n(p.tip_mm, resin) for p in pillars])
    begin, below = grown.links_of()
    margins, carried, loose = np.full(grown.layers, np.inf), np.zeros(len(pillars)), np.zeros(grown.layers)
    stand = np.where(grown.layer == 0, grown.area_mm2 * STANDING_N_PER_MM2, 0.0)
    _sweep(
        grown.begin, begin, below, section_pulls_n(grown, machine, resin, posed_part.sealed), stand, at, where, strength,
        margins, carried, loose, LEAST_PULL_N,
    )  # fmt: skip
    return Loads(margins, carried, loose)


def _touched(posed_part: PosedPart, grown: Sections, tips: Floats) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """Layer and number of the section each tip holds: the first within LOOK_UP layers above it; -1 for none."""
    first = np.maximum(np.round(tips[:, 2] / grown.grid.layer_mm).astype(np.int64) - 1, 0)
    layer, section = first.copy(), np.full(len(tips), -1, np.int64)
    for up in range(LOOK_UP + 1):
        open_ = np.flatnonzero(section < 0)
        if len(open_):
            section[open_] = section_at(posed_part.columns, grown, tips[open_, :2], first[open_] + up, NEAR_TIP_PX)
            layer[open_] = first[open_] + up
    return layer, section


def check_print(made: Supported, machine: Machine, resin: Resin) -> PrintCheck:
    """All that can be said of a supported part before it is printed."""
    posed_part, style, pillars = made.posed_part, made.style, made.pillars
    found = loads(posed_part, pillars, machine, resin)
    on_part = np.array([p.lands == "part" for p in pillars], bool)
    light = np.flatnonzero(found.carried * style.margin > 1 + 1e-9)
    fine = np.array([p.tip_mm <= style.tips_mm[0] + 1e-9 for p in pillars], bool)
    heavy = np.flatnonzero((found.carried * style.margin < TOO_HEAVY) & ~fine & ~on_part)
    beyond = unheld(posed_part, pillars, resin, style)
    scars, minutes = scar_bill(made)
    return PrintCheck(
        made.islands_left, len(beyond) * posed_part.columns.grid.pixel_mm**2, beyond, found, tuple(light.tolist()),
        tuple(heavy.tolist()), _swinging(made), _touching(made), scars, minutes,
    )  # fmt: skip


def unheld(posed_part: PosedPart, pillars: Sequence[Pillar], resin: Resin, style: SupportStyle) -> Floats:
    """Overhang beyond the resin's reach with no tip within the usual spacing, as places: between tips of one field a layer
    bridges.
    """
    from scipy.spatial import cKDTree

    far = places_mm(posed_part.columns, posed_part.beyond(resin.reach_mm))
    if not len(far) or not pillars:
        return far
    near = cKDTree(np.array([p.tip for p in pillars])).query(far, distance_upper_bound=1.15 * style.spacing_mm)[0]
    return np.asarray(far[np.isinf(near)])


def _swinging(made: Supported) -> tuple[int, ...]:
    return tuple(
        i
        for i, p in enumerate(made.pillars)
        if p.lands == "plate" and is_slender(p, made.style) and i not in made.steady
    )


def _touching(made: Supported) -> tuple[int, ...]:
    """Pillars whose shaft passes through the part."""
    clearance, found = made.posed_part.clearance(0.0), []
    for i, p in enumerate(made.pillars):
        if p.lands != "part":
            joint, knee, foot = (np.array(v) for v in (p.joint, p.knee, p.foot))
            if not (clearance.free(joint, knee, 0.1) and clearance.free(knee, foot, 0.1)):
                found.append(i)
    return tuple(found)


def marks(made: Supported) -> tuple[Floats, Floats, Floats]:
    """Every mark on the part: places (n, 3), areas in mm² (n,), and how much each is seen 0..1 (n,)."""
    places = [p.tip for p in made.pillars] + [p.foot for p in made.pillars if p.lands == "part"]
    sizes = [p.tip_mm for p in made.pillars] + [p.tip_mm for p in made.pillars if p.lands == "part"]
    points, size = np.array(places).reshape(-1, 3), np.array(sizes)
    shown = made.posed_part.fields.show[made.posed_part.face_at(points)] if len(points) else np.zeros(0)
    return points, np.pi * size**2 / 4, shown


def scar_bill(made: Supported) -> tuple[float, float]:
    """Area of marks weighed by how much they are seen, mm², and minutes of cutting and filing all of them."""
    _, area, shown = marks(made)
    size = np.sqrt(4 * area / np.pi)
    seconds = (FILE_S + FILE_S_PER_MM * size) * (1 + shown)
    on_part = sum(p.lands == "part" for p in made.pillars)
    return float(area @ shown), float(seconds.sum() + PRY_S * on_part) / 60


def necks_mm2(grown: Sections) -> Floats:
    """The narrowest way from each section down to the plate, mm² (n,): what can hold it at most.

    A section passes on no more than its own area, and gets no more than all sections it stands on pass on together.
    """
    begin, below = grown.links_of()
    return np.asarray(_necks(grown.layer, grown.area_mm2, begin, below))


@kernel
def _necks(layer, area, begin, below):  # type: ignore[no-untyped-def]
    neck = np.zeros(len(layer))
    for s in range(len(layer)):
        given = 0.0
        for e in range(begin[s], begin[s + 1]):
            given += neck[below[e]]
        neck[s] = area[s] if layer[s] == 0 else min(area[s], given)
    return neck


@dataclass(frozen=True)
class MeshPrintCheck:
    """A mesh with its supports judged as one solid: islands, overhang beyond reach, and its weakest section (strength over
    pull, and where).
    """

    islands: tuple[Island, ...]
    unsupported_mm2: float
    cups: tuple[Cup, ...]
    least_margin: float
    at_mm: tuple[float, float, float]

    @property
    def description(self) -> str:
        born = f"{counted(len(self.islands), 'place')} in mid-air" + (
            f", the first at {min(i.z_mm for i in self.islands):.1f} mm" if self.islands else ""
        )
        held = f"its weakest neck, {self.at_mm[2]:.1f} mm up, holds {self.least_margin:.1f} times the pull"
        sealed = [c for c in self.cups if is_significant_cup(c)]
        return (
            f"As a print: {born}; {held}; {self.unsupported_mm2:.0f} mm² beyond reach; {counted(len(sealed), 'cup')}."
        )


def check_mesh_print(mesh: Mesh, machine: Machine, resin: Resin) -> MeshPrintCheck:
    """Ready-supported parts, and our own: no word of who placed what."""
    columns = solid_columns(mesh.triangles, CHECK_MM, CHECK_MM)
    grown = sections(columns)
    pull = section_pulls_n(grown, machine, resin)
    above = np.flatnonzero((grown.layer > 0) & (pull >= LEAST_PULL_N))
    margin = necks_mm2(grown)[above] * resin.tip_n_per_mm2 / pull[above]
    worst = int(above[np.argmin(margin)]) if len(above) else -1
    at = (
        (float(grown.x_mm[worst]), float(grown.y_mm[worst]), float(grown.layer[worst] * CHECK_MM))
        if worst >= 0
        else (0.0, 0.0, 0.0)
    )
    far = overhangs(columns, resin.reach_mm)
    return MeshPrintCheck(
        tuple(islands(columns)), len(far) * CHECK_MM**2, tuple(cups(columns)), float(margin.min(initial=np.inf)), at
    )
