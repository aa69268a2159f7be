"""From a measured pose to a posed and supported part: what the Pose bench keeps."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import TypeVar

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.poses import Draft, Pose
from numerus.errors import Progress
from numerus.geometry.hulls import hull_of
from numerus.geometry.likeness import ShapePrint, alike
from numerus.geometry.mesh import Mesh
from numerus.printing.checks.layer_graph import LayerGraph, layer_graph
from numerus.printing.checks.print_check import PrintCheck, scar_bill
from numerus.printing.orientation.orientation_search import Weights
from numerus.printing.orientation.pose_measures import (
    PoseCost,
    candidates,
    is_significant_cup,
    measure,
    measured_score,
    posed,
)
from numerus.printing.preparation.support_editing import drafted, supported
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import SupportStyle, style_for
from numerus.surface.fields.part_fields import Fields, fields_of

Way = TypeVar("Way")
MOST_MARGIN = 99.0  # nothing pulls on what has more
COMPARED, CLOSE = 2, 1.15  # poses measured with their supports before one is taken: those foretold so near the best
TRIED = 3  # poses supported before the one with the fewest islands left is taken


def best_kept(
    mesh: Mesh, machine: Machine, resin: Resin, progress: Progress | None = None,
    fields: Fields | None = None, weights: Weights | None = None, style: SupportStyle | None = None,
) -> tuple[Pose, Supported]:  # fmt: skip
    """Of a few poses, supported, the one of least weighted cost as measured in which every island is caught and nothing seals."""
    fields, weights = fields or fields_of(mesh), (weights or Weights()).on(machine)
    costs, search = candidates(mesh, machine, resin, weights, progress, fields)
    tries: list[SupportedPose] = []
    pose_costs = sorted(costs[::-1], key=lambda c: measured_score(c, search, weights))
    close = CLOSE * measured_score(pose_costs[0], search, weights)
    for cost in pose_costs[:TRIED]:
        clear = len(tries) >= COMPARED or measured_score(cost, search, weights) > close
        if tries and clear and not all(any(_wrong(t.supported)) for t in tries):
            break
        tries.append(supported_pose(mesh, cost, machine, resin, style, fields))
    # As measured with their supports, not as foretold: what is left in mid-air or sealed counts before all.
    best = min(tries, key=lambda t: (*_wrong(t.supported), measured_score(t.cost, search, weights)))
    return best.pose, best.supported


def first_caught(tried: Iterable[tuple[Way, Supported]]) -> tuple[Way, Supported]:
    """The first way in which every island is caught and no cup tells, or else the one with the fewest; made one by one."""
    seen = []
    for way, hung in tried:
        if not any(_wrong(hung)):
            return way, hung
        seen.append((way, hung))
    return min(seen, key=lambda s: _wrong(s[1]))


def _wrong(hung: Supported) -> tuple[int, int]:
    """Islands left, and cups that tell."""
    return len(hung.islands_left), sum(map(is_significant_cup, hung.posed_part.sealed))


def draft_of(pose: Pose, hung: Supported) -> Draft:
    """A kept pose as it is opened on the bench again."""
    return Draft(pose.up, pose.school, hung.style.name, hung.pillars)


def twin_pose(
    mesh: Mesh, pose: Pose, twin: Mesh, machine: Machine, resin: Resin, style: SupportStyle | None = None
) -> tuple[Pose, Supported] | None:
    """A pose taken over by a part of the same shape, turned or mirrored; None where the shapes are not the same."""
    fit = alike(ShapePrint(mesh), ShapePrint(twin))
    if fit is None:
        return None
    up, fields = fit.matrix[:3, :3] @ np.asarray(pose.up), fields_of(twin)
    cost = measure(twin, fields, pose.school, up / np.linalg.norm(up), machine, resin)
    return kept_pose(twin, cost, machine, resin, style, fields)


def kept_pose(
    mesh: Mesh, cost: PoseCost, machine: Machine, resin: Resin, style: SupportStyle | None = None,
    fields: Fields | None = None, progress: Progress | None = None,
) -> tuple[Pose, Supported]:  # fmt: skip
    """The pose as it is written into the part, and the supported mesh it was measured on (its blob still to be kept)."""
    style = style or style_for("balanced", machine, resin)
    hung, proof = supported(posed(mesh, cost.up), machine, resin, style, fields, progress)
    return pose_of(cost, hung, proof), hung


@dataclass(frozen=True, eq=False)
class SupportedPose:
    """A pose with its real supports, and what it costs with them."""

    cost: PoseCost
    pose: Pose
    supported: Supported


def supported_pose(
    mesh: Mesh, cost: PoseCost, machine: Machine, resin: Resin, style: SupportStyle | None = None,
    fields: Fields | None = None, progress: Progress | None = None,
) -> SupportedPose:  # fmt: skip
    """A pose supported, its marks measured instead of foretold."""
    pose, hung = kept_pose(mesh, cost, machine, resin, style, fields, progress)
    seals = sum(map(is_significant_cup, hung.posed_part.sealed))
    return SupportedPose(replace(cost, scar_mm2=scar_bill(hung)[0], cups=seals, supported=True), pose, hung)


@dataclass(frozen=True, eq=False)
class Tried:
    """A pose with its supports as they stand on the bench: what Keep would write."""

    cost: PoseCost
    pose: Pose
    supported: Supported
    graph: LayerGraph

    @property
    def draft(self) -> Draft:
        return draft_of(self.pose, self.supported)


def tried(cost: PoseCost, hung: Supported, machine: Machine, resin: Resin) -> Tried:
    graph = layer_graph(hung, machine, resin)
    measured = replace(cost, scar_mm2=graph.proof.scar_show_mm2, cups=len(graph.cups), supported=True)
    return Tried(measured, pose_of(measured, hung, graph.proof), hung, graph)


def redrafted(mesh: Mesh, draft: Draft, fields: Fields, machine: Machine, resin: Resin) -> Tried:
    """A pose as it was left, measured and proved again."""
    up = np.asarray(draft.up)
    cost = measure(mesh, fields, draft.school, up, machine, resin)
    hung = drafted(posed(mesh, up), fields, style_for(draft.style, machine, resin), draft.pillars)
    return tried(cost, hung, machine, resin)


def pose_of(cost: PoseCost, hung: Supported, proof: PrintCheck) -> Pose:
    """A pose with its supports in numbers."""
    note = f"{len(hung.islands_left)} islands left" if hung.islands_left else ""
    hull = hull_of(hung.whole.vertices[:, :2])
    margin = min(float(proof.loads.margins.min(initial=np.inf)), MOST_MARGIN)
    cups = sum(c.area_mm2 for c in hung.posed_part.sealed if is_significant_cup(c))
    leap, leap_at = _largest_leap(hung)
    return Pose(
        cost.up, cost.school, round(float(hung.whole.extents_mm[2]), 3), round(cost.footprint_mm2, 1), round(cost.volume_ml, 3),
        round(hung.support_ml, 3), len(hung.pillars), round(cost.peak_mm2, 1), note=note,
        margin=round(margin, 2), hull_mm=tuple((round(float(x), 2), round(float(y), 2)) for x, y in hull),
        cups_mm2=round(cups, 1), leap_mm2=round(leap, 1), leap_at_mm=round(leap_at, 2), brim_mm=proof.brim_mm,
    )  # fmt: skip


def _largest_leap(hung: Supported) -> tuple[float, float]:
    """The largest change of the part's area from one layer to the next in mm², and its height in mm."""
    areas = hung.posed_part.grown.of_layers(hung.posed_part.grown.area_mm2)
    steps = np.abs(np.diff(areas))
    if not len(steps):
        return 0.0, 0.0
    at = int(np.argmax(steps))
    return float(steps[at]), (at + 1) * hung.posed_part.columns.grid.layer_mm
