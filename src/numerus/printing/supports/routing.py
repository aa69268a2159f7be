"""Ways from tips to the plate that do not pass through the part: straight, leaning, joined to a neighbour, or onto the part.

Whether a way is free is asked of solid columns: a bar is free if no pixel within its radius plus clearance is solid at
its height.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from itertools import product

import numpy as np

from numerus.domain.poses import Pillar
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, xyz
from numerus.printing.supports.posed_part import LAYER_MM, ClearanceMap
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import Wanted

KEPT_DIGITS = 4  # of a millimetre: kept pillars stay short to write
HAIR_MM = 0.05  # in a recess a short bar may touch the walls beside it
BRANCH_REACH_MM, BRANCH_DROP, BRANCH_SAVES = 5.0, 1.2, 0.7  # a branch drops so much per mm aside, and must save so much
MOST_BRANCHES = 3  # on one pillar
FOOT_ASIDE_MM, LEAN_COST = (0.8, 1.6), 0.06  # where else a bar on the part may stand; of how dear a mark is, per mm
LEAST_TRUNK_MM = 2.0  # above the raft, below the first branch


def bar_mm(tip_mm: float, style: SupportStyle) -> float:
    """A pillar's thickness: never thinner than half again its tip."""
    return max(style.pillar_mm, 1.4 * tip_mm)


def _joints(tip: Floats, style: SupportStyle, tight: bool) -> list[tuple[Floats, Floats]]:
    """Places for the cone's foot and the pillar's top: straight down first, then leaning outward in rings.

    ``tight``: at last also flat cones that reach out from under a ledge low over the plate.
    """
    below = tip - [0, 0, style.cone_mm]
    ways = [(below, below)]
    for aside in np.arange(0.8, style.aside_mm + 0.01, 0.8):
        for angle in np.arange(12) * np.pi / 6:
            step = np.array([np.cos(angle), np.sin(angle), 0.0]) * aside
            ways.append((below + step * min(1.0, 0.8 / aside) * 0.5, below + step - [0, 0, 1.2 * aside]))
    for aside in np.arange(0.8, 3.3, 0.4) if tight else ():
        for angle in np.arange(16) * np.pi / 8:
            out = tip + [np.cos(angle) * aside, np.sin(angle) * aside, -max(0.7 * aside, 0.8)]
            ways.append((out, out))
    return ways


def route(
    tip: Floats,
    tip_mm: float,
    why: str,
    clearance: ClearanceMap,
    style: SupportStyle,
    standing: Sequence[Pillar] = (),
    tight: bool = False,
) -> Pillar | None:
    """The first free way of a tip; preferably to the plate or a neighbour's pillar, else onto the part; None if there is none.

    Where a tip of its size has no way to the plate, the finest may. ``tight``: a bar onto the part may lean on the wall
    beside it, since nothing else catches what is left.
    """
    start = tip - [0, 0, 2 * LAYER_MM + 0.3]
    sizes = list(dict.fromkeys((tip_mm, style.tips_mm[0])))
    necks = [(size, size / 2) for size in sizes] + ([(sizes[-1], HAIR_MM)] if tight else [])
    for size, neck_mm in necks:
        way = _to_plate(tip, start, size, neck_mm, why, clearance, style, standing, tight)
        if way is not None:
            return way
    return _onto_part(tip, tip_mm, why, start, clearance, tight)


def _to_plate(
    tip: Floats,
    start: Floats,
    tip_mm: float,
    neck_mm: float,
    why: str,
    clearance: ClearanceMap,
    style: SupportStyle,
    standing: Sequence[Pillar],
    tight: bool,
) -> Pillar | None:
    """``neck_mm``: the radius that must be free round the cone; a hair where it may lean on the walls of a cleft."""
    clearance_mm = 0.0 if neck_mm <= HAIR_MM else None
    radius = bar_mm(tip_mm, style) / 2
    for joint, knee in _joints(tip, style, tight):
        foot = np.array([knee[0], knee[1], 0.0])
        if knee[2] <= style.raft_mm or not clearance.free(start, joint, neck_mm, clearance_mm):
            continue
        if style.trees and (branch := _branch(joint, radius, clearance, style, standing)) is not None:
            return Pillar(
                xyz(tip, KEPT_DIGITS),
                xyz(joint, KEPT_DIGITS),
                xyz(joint, KEPT_DIGITS),
                xyz(branch, KEPT_DIGITS),
                tip_mm,
                "pillar",
                why,
            )
        if clearance.free(joint, knee, radius) and clearance.free(knee, foot, radius):
            return Pillar(
                xyz(tip, KEPT_DIGITS),
                xyz(joint, KEPT_DIGITS),
                xyz(knee, KEPT_DIGITS),
                xyz(foot, KEPT_DIGITS),
                tip_mm,
                "plate",
                why,
            )
    return None


def _branch(
    joint: Floats, radius: float, clearance: ClearanceMap, style: SupportStyle, standing: Sequence[Pillar]
) -> Floats | None:
    """Where a strut from the joint meets a standing pillar, if that is much shorter than a pillar of its own."""
    for trunk in standing:
        if trunk.lands != "plate":
            continue
        aside = float(np.hypot(trunk.foot[0] - joint[0], trunk.foot[1] - joint[1]))
        meet = np.array([trunk.foot[0], trunk.foot[1], joint[2] - BRANCH_DROP * aside])
        if not 0.6 < aside <= BRANCH_REACH_MM or not style.raft_mm + LEAST_TRUNK_MM < meet[2] < trunk.knee[2]:
            continue
        if (
            float(np.linalg.norm(meet - joint)) > BRANCH_SAVES * joint[2]
            or len(branches_of(trunk, standing)) >= MOST_BRANCHES
        ):
            continue
        if clearance.free(joint, meet, radius):
            return meet
    return None


def branches_of(trunk: Pillar, pillars: Sequence[Pillar]) -> list[Pillar]:
    """Pillars whose struts end on a trunk's shaft."""
    return [
        p for p in pillars
        if p.lands == "pillar" and abs(p.foot[0] - trunk.foot[0]) < 1e-6 and abs(p.foot[1] - trunk.foot[1]) < 1e-6
    ]  # fmt: skip


def _onto_part(
    tip: Floats, tip_mm: float, why: str, start: Floats, clearance: ClearanceMap, tight: bool
) -> Pillar | None:
    """A short bar that stands on the part itself, with a tip at both ends, where its foot leaves the least dear mark; in a
    narrow gap it just fills it.
    """
    ground = clearance.floor_under(tip)
    if ground <= 0:
        return None
    feet = [np.array([tip[0], tip[1], ground])]
    for aside, angle in product(FOOT_ASIDE_MM, np.arange(8) * np.pi / 4):
        x, y = tip[0] + aside * np.cos(angle), tip[1] + aside * np.sin(angle)
        under = clearance.floor_under(np.array([x, y, tip[2] - 2 * aside]))
        feet += [np.array([x, y, under])] if 0 < under < tip[2] - 2 * aside else []
    clear = [f for f in feet[1:] if clearance.free(start, f + [0, 0, 2 * LAYER_MM + 0.3], HAIR_MM, 0.0)]
    straight = feet[0] + [0, 0, 2 * LAYER_MM + 0.3]
    if tight or straight[2] >= start[2] or clearance.free(start, straight, HAIR_MM, 0.0):
        clear.insert(0, feet[0])
    if not clear:
        return None
    # A lean costs a little, so that it must be worth it.
    foot = min(
        clear, key=lambda f: clearance.scar_cost_at(f) + LEAN_COST * float(np.hypot(f[0] - tip[0], f[1] - tip[1]))
    )
    middle = (tip + foot) / 2
    return Pillar(
        xyz(tip, KEPT_DIGITS),
        xyz(middle, KEPT_DIGITS),
        xyz(middle, KEPT_DIGITS),
        xyz(foot, KEPT_DIGITS),
        tip_mm,
        "part",
        why,
    )


def routed(
    wanted: Wanted, clearance: ClearanceMap, style: SupportStyle, standing: Sequence[Pillar] = (),
    progress: Progress | None = None, tight: bool = False,
) -> tuple[list[Pillar], list[Floats]]:  # fmt: skip
    """Pillars for places, beside those that stand already, and the places no way leads to. Raises Cancelled."""
    made: list[Pillar] = []
    unreached = []
    for number, tip in enumerate(wanted.points):
        if progress is not None and not progress(number / len(wanted)):
            raise Cancelled
        way = route(tip, float(wanted.tip_mm[number]), wanted.why[number], clearance, style, [*standing, *made], tight)
        if way is None:
            unreached.append(tip)
        else:
            made.append(way)
    return made, unreached


def without(pillars: Sequence[Pillar], gone: Pillar, clearance: ClearanceMap, style: SupportStyle) -> list[Pillar]:
    """All pillars but one; branches that leaned on it find ways of their own, or go with it."""
    kept = [p for p in pillars if p is not gone]
    if gone.lands != "plate":
        return kept
    orphans = [p for p in branches_of(gone, kept)]
    kept = [p for p in kept if p not in orphans]
    for one in orphans:
        again = route(np.array(one.tip), one.tip_mm, one.why, clearance, style, kept)
        kept += [again] if again else []
    return kept


def resized(pillar: Pillar, tip_mm: float) -> Pillar:
    return replace(pillar, tip_mm=tip_mm)
