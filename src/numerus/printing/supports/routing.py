"""Ways from tips to the plate that do not pass through the part: straight, leaning, joined to a neighbour, or onto the part.

Whether a way is free is asked of solid columns: a bar is free if no pixel within its radius plus clearance is solid at
its height.
"""

from __future__ import annotations

import math
from collections.abc import Sequence
from dataclasses import replace
from functools import lru_cache
from itertools import product

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.poses import Pillar
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, xyz
from numerus.printing.supports.pillar_meshes import SIDEWAYS, bar_mm, is_slender, shaft_mm, usual_mm
from numerus.printing.supports.posed_part import ClearanceMap
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import Wanted

KEPT_DIGITS = 4  # of a millimetre: kept pillars stay short to write
LEAVES_MM = 0.5  # from its mark a cone has left the skin
ON_PART_CLEAR_MM, CLEFT_MM = 0.1, 2.2
SHORT_ON_PART_MM, FAR_ASIDE_MM = 5.0, 14.5  # a longer bar on the part only where no pillar reaches out so far
SIDE_TURNS = tuple(np.radians((0, 25, -25, 50, -50)))  # about the way out of a wall
BRANCH_REACH_MM, BRANCH_DROP, BRANCH_SAVES = 5.0, 1.2, 0.7  # a branch drops so much per mm aside, and must save so much
MOST_BRANCHES = 3  # on one pillar
FOOT_ASIDE_MM, LEAN_COST = (0.8, 1.6), 0.06  # where else a bar on the part may stand; of how dear a mark is, per mm
LEAST_TRUNK_MM = 2.0  # above the raft, below the first branch


Ways = tuple[Floats, Floats]  # of a cone's foot and a pillar's top, each (n, 3), from the tip on


@lru_cache(32)
def _under_ways(cone_mm: float, aside_mm: float, tight: bool, far: bool) -> Ways:
    """Places for the cone's foot and the pillar's top under a tip: straight down first, then leaning outward in rings.

    ``tight``: at last also flat cones that reach out from under a ledge low over the plate. ``far``: the wide rings only.
    """
    below = np.array([0.0, 0.0, -cone_mm])
    ways = [] if far else [(below, below)]
    for aside in np.arange(aside_mm + 1.2, FAR_ASIDE_MM, 1.6) if far else np.arange(0.8, aside_mm + 0.01, 0.8):
        for angle in np.arange(12) * np.pi / 6:
            step = np.array([np.cos(angle), np.sin(angle), 0.0]) * aside
            ways.append((below + step * min(1.0, 0.8 / aside) * 0.5, below + step - [0, 0, 1.2 * aside]))
    for aside in np.arange(0.8, 3.3, 0.4) if tight and not far else ():
        for angle in np.arange(16) * np.pi / 8:
            step = np.array([np.cos(angle) * aside, np.sin(angle) * aside, -max(0.7 * aside, 0.8)])
            ways.append((step, step))
    return np.array([joint for joint, _ in ways]), np.array([knee for _, knee in ways])


def _side_ways(cone_mm: float, out: Floats) -> Ways:
    """Cones that meet a wall at 45 degrees, and pillars straight down from them or leaning farther; ``out``: out of the wall."""
    ways = []
    for turn in SIDE_TURNS:
        c, s = np.cos(turn), np.sin(turn)
        way = np.array([c * out[0] - s * out[1], s * out[0] + c * out[1], 0.0])
        for aside in (cone_mm * 0.75, cone_mm * 1.25):
            joint = aside * way - [0, 0, aside]
            ways += [(joint, joint + more * way - [0, 0, 1.2 * more]) for more in (0.0, 1.6, 3.2)]
    return np.array([joint for joint, _ in ways]), np.array([knee for _, knee in ways])


def route(
    tip: Floats,
    tip_mm: float,
    why: str,
    clearance: ClearanceMap,
    style: SupportStyle,
    standing: Sequence[Pillar] = (),
    tight: bool = False,
    out: Floats | None = None,
) -> Pillar | None:
    """The first free way of a tip; preferably to the plate or a neighbour's pillar, else a short bar onto the part, else far
    out to the plate, else a long bar onto the part; None if there is none.

    Where a tip of its size has no way to the plate, the finest may. ``tight``: cones may graze the walls of a cleft, since
    nothing else catches what is left. ``out``: the way (x, y) out of a wall whose tip comes from the side.
    """
    sizes: list[tuple[float, float | None]] = [(size, None) for size in dict.fromkeys((tip_mm, style.tips_mm[0]))]
    sizes += [(style.tips_mm[0], 0.0)] if tight else []
    under = _under_ways(style.cone_mm, style.aside_mm, tight, False)
    ways = under if out is None else _side_ways(style.cone_mm, out)
    reach = BRANCH_REACH_MM + style.aside_mm + 2 * style.cone_mm
    standing = [p for p in standing if math.hypot(p.foot[0] - tip[0], p.foot[1] - tip[1]) <= reach]
    near = (_to_plate(tip, size, margin, why, clearance, style, standing, ways) for size, margin in sizes)
    pillar = next((way for way in near if way is not None), None)
    if pillar is not None or out is not None:
        return pillar
    on_part = _onto_part(tip, tip_mm, why, clearance, style, tight)
    if on_part is not None and shaft_mm(on_part) <= SHORT_ON_PART_MM:
        return on_part
    wide = _under_ways(style.cone_mm, style.aside_mm, tight, True)
    return _to_plate(tip, style.tips_mm[0], None, why, clearance, style, standing, wide) or on_part


def _to_plate(
    tip: Floats,
    tip_mm: float,
    clearance_mm: float | None,
    why: str,
    clearance: ClearanceMap,
    style: SupportStyle,
    standing: Sequence[Pillar],
    ways: Ways,
) -> Pillar | None:
    """``clearance_mm``: how far the cone stays away from walls."""
    radius = bar_mm(tip_mm, style) / 2
    joints, knees = ways[0] + tip, ways[1] + tip
    for some in (slice(0, 1), slice(1, None)):  # the first way mostly leads down; the others are looked at together
        for n in _free_cones(tip, joints[some], knees[some], tip_mm, radius, clearance_mm, clearance, style):
            joint, knee = joints[some][n], knees[some][n]
            foot = np.array([knee[0], knee[1], 0.0])
            if style.trees and (branch := _branch(joint, radius, clearance, style, standing)) is not None:
                return _pillar((tip, joint, joint, branch), tip_mm, "pillar", why)
            if clearance.free(knee, foot, radius) and clearance.free(joint, knee, radius):
                return _pillar((tip, joint, knee, foot), tip_mm, "plate", why)
    return None


def _free_cones(
    tip: Floats, joints: Floats, knees: Floats, tip_mm: float, radius_mm: float, clearance_mm: float | None,
    clearance: ClearanceMap, style: SupportStyle,
) -> NDArray[np.int64]:  # fmt: skip
    """Numbers of the ways whose cones are free where they have left the skin, half a millimetre from their mark."""
    way = joints - tip
    long = np.linalg.norm(way, axis=1)
    share = np.minimum(LEAVES_MM / long, 1.0)
    down = -way[:, 2] > SIDEWAYS * long
    starts = tip + np.where(down[:, None], [0, 0, -LEAVES_MM], way * share[:, None])
    necks = tip_mm / 2 + (radius_mm - tip_mm / 2) * share
    free = clearance.free_each(starts, joints, necks, clearance_mm, np.full(len(joints), radius_mm))
    return np.flatnonzero(free & (knees[:, 2] > style.raft_mm))


def _pillar(points: Sequence[Floats], tip_mm: float, lands: str, why: str) -> Pillar:
    tip, joint, knee, foot = (xyz(p, KEPT_DIGITS) for p in points)
    return Pillar(tip, joint, knee, foot, tip_mm, lands, why)


def _branch(
    joint: Floats, radius: float, clearance: ClearanceMap, style: SupportStyle, standing: Sequence[Pillar]
) -> Floats | None:
    """Where a strut from the joint meets a standing pillar, if that is much shorter than a pillar of its own."""
    x, y = float(joint[0]), float(joint[1])
    for trunk in standing:
        aside = math.hypot(trunk.foot[0] - x, trunk.foot[1] - y)
        if trunk.lands != "plate" or not 0.6 < aside <= BRANCH_REACH_MM:
            continue
        meet = np.array([trunk.foot[0], trunk.foot[1], joint[2] - BRANCH_DROP * aside])
        if not style.raft_mm + LEAST_TRUNK_MM < meet[2] < trunk.knee[2]:
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
    tip: Floats, tip_mm: float, why: str, clearance: ClearanceMap, style: SupportStyle, tight: bool
) -> Pillar | None:
    """A bar that stands on the part itself, with a tip at both ends, where its foot leaves the least dear mark. ``tight``: in a
    cleft no longer than its two marks it may lean on the walls, if only its middle line is free.
    """
    ground = clearance.floor_under(tip)
    if ground <= 0:
        return None
    feet = [np.array([tip[0], tip[1], ground])]
    for aside, angle in product(FOOT_ASIDE_MM, np.arange(8) * np.pi / 4):
        x, y = tip[0] + aside * np.cos(angle), tip[1] + aside * np.sin(angle)
        under = clearance.floor_under(np.array([x, y, tip[2] - 2 * aside]))
        feet += [np.array([x, y, under])] if 0 < under < tip[2] - 2 * aside else []
    ways = [_bar_on_part(tip, foot, tip_mm, why, style) for foot in feet]
    clear = [w for w in ways if not is_slender(w, style) and _bar_is_free(w, clearance, style)]
    if tight and not clear and shaft_mm(ways[0]) <= CLEFT_MM:
        fine = _bar_on_part(tip, feet[0], style.tips_mm[0], why, style)
        inner = (np.array(fine.tip) - [0, 0, 0.15], np.array(fine.foot) + [0, 0, 0.15])
        clear = [fine] if inner[0][2] <= inner[1][2] or clearance.free(*inner, 0.0, 0.0) else []
    # A lean costs a little, so that it must be worth it.
    return min(clear, key=lambda w: _mark_cost(w, clearance), default=None)


def _bar_on_part(tip: Floats, foot: Floats, tip_mm: float, why: str, style: SupportStyle) -> Pillar:
    """Cones at both ends, as long as the bar leaves room for."""
    length = float(np.linalg.norm(tip - foot))
    share = min(style.cone_mm / max(length, 1e-9), 0.5)
    return _pillar((tip, tip + (foot - tip) * share, foot + (tip - foot) * share, foot), tip_mm, "part", why)


def _bar_is_free(bar: Pillar, clearance: ClearanceMap, style: SupportStyle) -> bool:
    """Between where its ends leave the skin; a bar of no more than these two ends fills a gap that nothing crosses."""
    tip, joint, knee, foot = (np.array(p) for p in (bar.tip, bar.joint, bar.knee, bar.foot))
    length = float(np.linalg.norm(tip - foot))
    ends = min(LEAVES_MM, 0.4 * length)
    way = (foot - tip) / max(length, 1e-9)
    top, bottom, radius = tip + ends * way, foot - ends * way, usual_mm(bar, style) / 2
    if length <= 2 * style.cone_mm:
        return clearance.free(top, bottom, radius, 0.0)
    fine = bar.tip_mm / 2
    cones = clearance.free(top, joint, fine, 0.0, radius) and clearance.free(knee, bottom, radius, 0.0, fine)
    return cones and clearance.free(joint, knee, radius, ON_PART_CLEAR_MM)


def _mark_cost(bar: Pillar, clearance: ClearanceMap) -> float:
    lean = float(np.hypot(bar.foot[0] - bar.tip[0], bar.foot[1] - bar.tip[1]))
    return clearance.scar_cost_at(np.array(bar.foot)) + LEAN_COST * lean


def routed(
    wanted: Wanted, clearance: ClearanceMap, style: SupportStyle, standing: Sequence[Pillar] = (),
    progress: Progress | None = None, tight: bool = False,
) -> tuple[list[Pillar], list[Floats]]:  # fmt: skip
    """Pillars for places, beside those that stand already, and the places no way leads to. Raises Cancelled."""
    pillars: list[Pillar] = []
    unreached = []
    for number, tip in enumerate(wanted.points):
        if progress is not None and not progress(number / len(wanted)):
            raise Cancelled
        way = route(
            tip, float(wanted.tip_mm[number]), wanted.why[number], clearance, style, [*standing, *pillars], tight
        )
        if way is None:
            unreached.append(tip)
        else:
            pillars.append(way)
    return pillars, unreached


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
