"""From a measured pose to a posed and supported part: what the Pose bench keeps."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import TypeVar

import numpy as np

from numerus.geometry.likeness import ShapePrint, alike
from numerus.geometry.mesh import Mesh
from numerus.kit.plan import Pose
from numerus.resin.pose import PoseCost, candidates, fields_of, measure, posed
from numerus.resin.profiles import Machine, Resin
from numerus.resin.supports import Supported, SupportStyle, support

Way = TypeVar("Way")
TRIED = 3  # poses supported before the one with the fewest islands left is taken


def best_kept(
    mesh: Mesh, machine: Machine, resin: Resin, progress: Callable[[float], bool] | None = None
) -> tuple[Pose, Supported]:
    """The pose of least regret in which every island is caught, supported; else the one with fewest left of a few."""
    costs, _ = candidates(mesh, machine, resin, progress=progress)
    return first_caught(kept_pose(mesh, cost, resin) for cost in costs[::-1][:TRIED])


def first_caught(tried: Iterable[tuple[Way, Supported]]) -> tuple[Way, Supported]:
    """The first way in which every island is caught, or else the one with the fewest left; made one by one."""
    seen = []
    for way, made in tried:
        if not made.islands_left:
            return way, made
        seen.append((way, made))
    return min(seen, key=lambda s: len(s[1].islands_left))


def twin_pose(mesh: Mesh, pose: Pose, twin: Mesh, machine: Machine, resin: Resin) -> tuple[Pose, Supported] | None:
    """A pose taken over by a part of the same shape, turned or mirrored; None where the shapes are not the same."""
    fit = alike(ShapePrint(mesh), ShapePrint(twin))
    if fit is None:
        return None
    up = fit.matrix[:3, :3] @ np.asarray(pose.up)
    return kept_pose(twin, measure(twin, fields_of(twin), pose.school, up / np.linalg.norm(up), machine, resin), resin)


def kept_pose(
    mesh: Mesh,
    cost: PoseCost,
    resin: Resin,
    style: SupportStyle | None = None,
    progress: Callable[[float], bool] | None = None,
) -> tuple[Pose, Supported]:
    """The pose as it is written into the part, and the supported mesh it was measured on (its blob still to be kept)."""
    made = support(posed(mesh, cost.up), resin, style, progress)
    whole = made.whole
    note = f"{len(made.islands_left)} islands left" if made.islands_left else ""
    pose = Pose(
        cost.up, cost.school, round(float(whole.extents_mm[2]), 3), round(cost.footprint_mm2, 1), round(cost.volume_ml, 3),
        round(made.supports.signed_volume_mm3 / 1000, 3), len(made.pillars), round(cost.peak_mm2, 1), note=note,
    )  # fmt: skip
    return pose, made
