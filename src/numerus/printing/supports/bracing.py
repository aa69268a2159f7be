"""What keeps slender pillars from swinging: ties to their neighbours, or more thickness where they stand alone."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from numerus.domain.printing.poses import Pillar
from numerus.printing.supports.pillar_meshes import BRACE_MM, SLENDER, bar_mm, is_slender, stout_mm, tie
from numerus.printing.supports.posed_part import ClearanceMap
from numerus.printing.supports.style import SupportStyle

REACH_MM, MOST_NEAR = 9.0, 4
TIE_SHARES = (0.8, 0.6, 1.0, 0.4)  # of the height that asks for a tie: where one is tried


def may_be_stout(pillar: Pillar, clearance: ClearanceMap, style: SupportStyle) -> bool:
    """Whether a slender pillar with no neighbour has room to be thicker instead."""
    joint, knee, foot = (np.array(p) for p in (pillar.joint, pillar.knee, pillar.foot))
    radius = stout_mm(pillar) / 2
    upright = pillar.lands == "plate" and is_slender(pillar, style)
    return upright and clearance.free(joint, knee, radius) and clearance.free(knee, foot, radius)


def braces(pillars: Sequence[Pillar], clearance: ClearanceMap, style: SupportStyle) -> list[tuple[int, int, float]]:
    """Pairs of pillars to be tied, and the height of the tie's lower end: each slender one to its nearest free neighbour."""
    trunks = [i for i, p in enumerate(pillars) if p.lands == "plate"]
    near, ties = _neighbours(pillars, trunks), []  # type: ignore[var-annotated]
    for i in trunks:
        every = SLENDER * bar_mm(pillars[i].tip_mm, style)
        for number in range(1, int(pillars[i].knee[2] / every) + 1):
            tied = [at for a, b, at in ties if i in (a, b)]
            if not any(abs(at - every * number * TIE_SHARES[0]) < every / 2 for at in tied):
                ways = (_brace(i, every * number * share, near, pillars, clearance) for share in TIE_SHARES)
                ties += next((w for w in ways if w), [])
    return ties


def _neighbours(pillars: Sequence[Pillar], trunks: Sequence[int]) -> dict[int, list[tuple[float, int]]]:
    """For every trunk the nearest others: how far their feet are, and their numbers."""
    from scipy.spatial import cKDTree

    if len(trunks) < 2:
        return {i: [] for i in trunks}
    feet = np.array([pillars[i].foot for i in trunks])
    far, which = cKDTree(feet).query(feet, k=min(MOST_NEAR + 1, len(trunks)))
    return {
        i: [(float(d), trunks[j]) for d, j in zip(far[n], which[n], strict=True) if j != n]
        for n, i in enumerate(trunks)
    }


def _brace(
    i: int, z: float, near: dict[int, list[tuple[float, int]]], pillars: Sequence[Pillar], clearance: ClearanceMap
) -> list[tuple[int, int, float]]:
    for far, j in near[i]:
        if (
            0.5 < far <= REACH_MM
            and pillars[j].knee[2] >= z + far
            and clearance.free(*tie(pillars[i], pillars[j], z), BRACE_MM / 2)
        ):
            return [(i, j, z)]
    return []
