"""A part judged from its mesh alone: poses in order of weighted cost, and the part supported and checked. For the command line."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.printing.checks.print_check import PrintCheck, overhang_mm2
from numerus.printing.orientation.orientation_search import (
    APART_DEG,
    Weights,
    apart,
    search,
)
from numerus.printing.orientation.pose_measures import (
    SCHOOLS,
    PoseCost,
    measure,
    measured_score,
    posed,
    school_up,
    without_cups,
)
from numerus.printing.preparation.posed_and_supported import TRIED, first_caught
from numerus.printing.preparation.support_editing import supported
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import style_for
from numerus.surface.fields.part_fields import fields_of

SCHOOL_OF = {"standing": "stands", "tilted": "leans back", "lying": "lies on its back", "measured": "best found"}
MORE = 4  # ways to rest, and further directions, besides the schools'; these each APART_DEG from all before
SAME_COS = np.cos(np.radians(1.0))


@dataclass(frozen=True)
class RankedPose:
    """A measured pose and its weighted cost (0: best of all directions in everything)."""

    cost: PoseCost
    score: float


def ranked_poses(
    mesh: Mesh, machine: Machine, resin: Resin, school: str = "", weights: Weights | None = None
) -> list[RankedPose]:
    """The schools' poses and the best directions found, least weighted cost first; of one school if named (see SCHOOL_OF)."""
    fields, weights = fields_of(mesh), (weights or Weights()).on(machine)
    pose_search = without_cups(mesh, search(mesh, fields, weights), weights)
    wanted = [SCHOOL_OF[school]] if school else list(SCHOOLS)
    ways = [(name, school_up(name, pose_search)) for name in wanted]
    if not school:
        lying = sorted(pose_search.rests, key=lambda up: pose_search.weighted_cost[pose_search.nearest(up)])[:MORE]
        ways += [("rests", up) for up in lying if _is_new(up, ways)]
        further = apart(pose_search.ups, pose_search.weighted_cost, MORE, APART_DEG, np.array([u for _, u in ways]))
        ways += [("further", pose_search.ups[k]) for k in further]
    costs = [measure(mesh, fields, name, up, machine, resin) for name, up in ways]
    return sorted((RankedPose(c, measured_score(c, pose_search, weights)) for c in costs), key=lambda j: j.score)


def _is_new(up: Floats, ways: list[tuple[str, Floats]]) -> bool:
    return all(up @ other < SAME_COS for _, other in ways)


@dataclass(frozen=True, eq=False)
class SupportReport:
    """A supported part with its checks: ``transform`` 4x4 from the file's coordinates to the output's;
    ``unsupported_mm2``: what hangs beyond the resin's reach, part and supports together.
    """

    supported: Supported
    proof: PrintCheck
    transform: Floats
    volume_ml: float
    unsupported_mm2: float

    @property
    def worst_margin(self) -> float:
        """The least of what tips hold over what is pulled, over all layers and groups."""
        return float(self.proof.loads.margins.min(initial=np.inf))


def supported_part(
    mesh: Mesh, machine: Machine, resin: Resin, keep_pose: bool = False, school: str = ""
) -> SupportReport:
    """The part as it stands, or in the first good pose in which every island is caught, with its supports checked."""
    fields, style = fields_of(mesh), style_for("balanced", machine, resin)
    ups = (
        [np.array([0.0, 0.0, 1.0])]
        if keep_pose
        else [np.asarray(j.cost.up) for j in ranked_poses(mesh, machine, resin, school)[:TRIED]]
    )

    def tried(up: Floats) -> tuple[tuple[Floats, PrintCheck], Supported]:
        trial, proof = supported(posed(mesh, up), machine, resin, style, fields)
        return (up, proof), trial

    (up, proof), best = first_caught(tried(up) for up in ups)
    matrix = rotation_matrix(turning_up(up))
    matrix[:3, 3] = best.part.bounds_mm[0] - mesh.transformed(matrix).bounds_mm[0]
    return SupportReport(best, proof, matrix, best.support_ml, overhang_mm2(best.whole_columns, style.reach_mm(resin)))
