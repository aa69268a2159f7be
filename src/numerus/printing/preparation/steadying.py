"""Tips that give what leans or stands tall a wider hold: placed where they take most off the tip that carries most.

A group of layers that pulls beside its tips bends them (see ``numerus.printing.checks.tip_loads``). Going upward, the
first layer in which some hold carries too much is found; of all places of the skin that belong to its group by then, the
one is given a tip that leaves the least share on any hold; and so on until all hold, or nothing helps.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Pillar
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, xyz
from numerus.geometry.pairs import cell_ids
from numerus.printing.checks.tip_loads import (
    LEAST_PULL_N,
    Holds,
    Pulled,
    Standing,
    largest_share,
    pulled,
    shares_with_one_more,
    swept,
    tip_holds,
)
from numerus.printing.supports.posed_part import PosedPart
from numerus.printing.supports.routing import route
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import COSTLY

MOST_MORE = 120  # tips for one part
MOST_FAILED, SKIPPED = 12, 20  # layers where nothing helped before it is given up, and how many are then passed over
MOST_WAYS = 12  # places tried for one tip
UNDER, SIDE = -0.6, 0.35  # upward part of the normal: below, tips come from under; above, from the side if they can
APART_MM = 0.8  # places looked at, and tips, no nearer than this
WORTH = 0.995  # a tip that leaves more than this share of what was carried is not worth its mark
SCAR_COUNTS = 0.4  # how much worse a place in full sight must be left to


@dataclass(frozen=True, eq=False)
class Places:
    """Where tips could be set: points (n, 3), outward normals (n, 3), cost of a mark 0..1 (n,), and what each would hold."""

    points: Floats
    normals: Floats
    scar_cost: Floats
    holds: Holds


def steadied(
    posed_part: PosedPart, pillars: Sequence[Pillar], style: SupportStyle, machine: Machine, resin: Resin,
    progress: Progress | None = None,
) -> list[Pillar]:  # fmt: skip
    """The pillars with more where leverage asks for them; every share left above the style's margin is one nothing helps."""
    part, steady_pillars = pulled(posed_part, machine, resin), list(pillars)
    places = _places(part, style, resin)
    free = places.holds.section >= 0
    beyond_help, failed = 0, 0  # layers below this were tried in vain since the last tip was set; how often that was so
    while len(steady_pillars) < len(pillars) + MOST_MORE and failed < MOST_FAILED:
        if progress is not None and not progress((len(steady_pillars) - len(pillars)) / MOST_MORE):
            raise Cancelled
        holds = _holds_of(part, steady_pillars, resin)
        layer = _first_too_light(part, holds, style, beyond_help)
        if layer < 0:
            break
        more = _best(part, holds, layer, places, free, steady_pillars, posed_part, style)
        if more is None:
            beyond_help, failed = layer + SKIPPED, failed + 1
        else:
            steady_pillars.append(more)
            beyond_help = 0
    return steady_pillars


def _holds_of(part: Pulled, pillars: Sequence[Pillar], resin: Resin) -> Holds:
    tips = np.array([p.tip for p in pillars]).reshape(-1, 3)
    return tip_holds(part, tips, np.array([p.tip_mm for p in pillars]), resin) + part.standing


def _first_too_light(part: Pulled, holds: Holds, style: SupportStyle, least: int) -> int:
    """The lowest layer, from ``least`` on, in which a group is held by less than the style's margin; -1 for none. Loose ends are no matter of
    leverage.
    """
    margins = swept(part, holds).margins
    light = np.flatnonzero((margins[least:] < style.margin) & (margins[least:] > 0))
    return least + int(light[0]) if len(light) else -1


def _places(part: Pulled, style: SupportStyle, resin: Resin) -> Places:
    """The skin that looks down or aside, thinned, where marks are allowed."""
    mesh, fields = part.posed_part.part, part.posed_part.fields
    faces = np.flatnonzero((mesh.normals[:, 2] < SIDE) & ~fields.keep_off & (mesh.areas_mm2 > 1e-9))
    centres = mesh.triangles[faces].mean(axis=1)
    _, kept = np.unique(cell_ids(centres, APART_MM), return_index=True)
    points, cost = centres[kept], fields.scar_cost[faces[kept]]
    size = np.where(cost > COSTLY, style.tips_mm[0], style.tips_mm[1])
    return Places(points, mesh.normals[faces[kept]], cost, tip_holds(part, points, size, resin))


def _best(
    part: Pulled, holds: Holds, layer: int, places: Places, free: NDArray[np.bool_], pillars: Sequence[Pillar],
    posed_part: PosedPart, style: SupportStyle,
) -> Pillar | None:  # fmt: skip
    """The tip that leaves the least on any hold of the group that carries too much, if one helps and a way leads there."""
    at = swept(part, holds, layer + 1)
    root = _worst_root(part, at, holds, layer, style)
    if root < 0:
        return None
    member = at.root[np.maximum(places.holds.section, 0)] == root
    able = np.flatnonzero(free & member & (places.holds.layer <= layer))
    before = _shares(at, root, holds, layer, part)
    own = _own(at, root, holds, layer)
    more = (
        places.holds.strength[able],
        places.holds.place[able],
        places.holds.moments[able],
        places.holds.radius[able],
    )
    state = at.sums[root], at.now[root], part.top_mm(layer), holds.place[own], holds.radius[own]
    after = shares_with_one_more(*state, *more)
    cost = after * (1 + SCAR_COUNTS * places.scar_cost[able])
    for n in able[np.argsort(cost)][:MOST_WAYS]:
        if after[np.searchsorted(able, n)] > WORTH * before:
            continue
        free[n] = False
        way = _way(places, int(n), pillars, posed_part, style)
        if way is not None:
            return way
    return None


def _worst_root(part: Pulled, at: Standing, holds: Holds, layer: int, style: SupportStyle) -> int:
    """The group that carries too much in a layer; -1 for none."""
    roots = {int(r) for r in at.root[part.grown.begin[layer] : part.grown.begin[layer + 1]]}
    pulling = [r for r in roots if at.now[r, 0] >= LEAST_PULL_N and at.sums[r, 0] > 0]
    worst = max(pulling, key=lambda r: _shares(at, r, holds, layer, part), default=-1)
    return worst if worst >= 0 and _shares(at, worst, holds, layer, part) * style.margin > 1 else -1


def _shares(at: Standing, root: int, holds: Holds, layer: int, part: Pulled) -> float:
    """The largest share of its strength any hold of a group carries."""
    own = _own(at, root, holds, layer)
    return float(largest_share(at.sums[root], at.now[root], part.top_mm(layer), holds.place[own], holds.radius[own]))


def _own(at: Standing, root: int, holds: Holds, layer: int) -> NDArray[np.bool_]:
    """Which holds a group has by a layer."""
    return (holds.section >= 0) & (holds.layer <= layer) & (at.root[np.maximum(holds.section, 0)] == root)


def _way(
    places: Places, number: int, pillars: Sequence[Pillar], posed_part: PosedPart, style: SupportStyle
) -> Pillar | None:
    """From under where the skin looks down; where it is steep from the side, since a cone from under would graze it."""
    tip, normal = places.points[number], places.normals[number]
    if any(np.linalg.norm(tip - p.tip) < APART_MM for p in pillars):
        return None
    flat = float(np.hypot(normal[0], normal[1]))
    aside = np.array([normal[0], normal[1]]) / max(flat, 1e-9)
    size, room = 2 * float(places.holds.radius[number]), posed_part.clearance(style.clearance_mm)
    for out in (None,) if normal[2] < UNDER else (aside, None):
        way = route(np.array(xyz(tip)), size, "leverage", room, style, pillars, out=out)
        if way is not None and way.lands != "part":
            return way
    return None
