"""A part judged from its mesh alone: poses in order of regret, and the part supported and checked. For the command line."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.geometry.columns import Columns, solid_columns
from numerus.geometry.layers import islands, overhangs
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.resin.layergraph import layer_graph
from numerus.resin.pose import (
    SCHOOLS,
    Fields,
    PoseCost,
    Search,
    Weights,
    fields_of,
    measure,
    posed,
    regret,
    school_up,
    search,
)
from numerus.resin.posing import TRIED, first_caught
from numerus.resin.profiles import Machine, Resin
from numerus.resin.supports import CHECK_MM, Supported, SupportStyle, places_mm, support, tip_contact_mm2

SCHOOL_OF = {"standing": "stands", "tilted": "leans back", "lying": "lies on its back", "measured": "best found"}
MORE = 4  # further directions besides the schools', each APART_DEG from all before
APART_DEG = 25.0
TIPS_MM = (0.35, 0.5, 0.8)  # fine, medium, heavy
MARGIN = 1.2  # what tips must hold over what the film pulls


@dataclass(frozen=True)
class Judged:
    """A measured pose and its regret by the weights (0: best of all directions in everything)."""

    cost: PoseCost
    score: float


def judged_poses(
    mesh: Mesh, machine: Machine, resin: Resin, school: str = "", weights: Weights | None = None
) -> list[Judged]:
    """The schools' poses and the best directions found, least regret first; of one school if named (see SCHOOL_OF)."""
    fields, weights = fields_of(mesh), weights or Weights()
    found = search(mesh, fields, weights)
    wanted = [SCHOOL_OF[school]] if school else list(SCHOOLS)
    ways = [(name, school_up(name, found)) for name in wanted]
    ways += [] if school else [("further", up) for up in _apart(found, [u for _, u in ways])]
    costs = [measure(mesh, fields, name, up, machine, resin) for name, up in ways]
    return sorted((_judged(c, found, weights) for c in costs), key=lambda j: j.score)


def _apart(found: Search, taken: list[Floats]) -> list[Floats]:
    """The best directions that differ from those taken and from each other."""
    chosen: list[Floats] = []
    near = np.cos(np.radians(APART_DEG))
    for k in np.argsort(found.regret):
        if all(float(found.ups[k] @ u) < near for u in [*taken, *chosen]):
            chosen.append(found.ups[k])
        if len(chosen) == MORE:
            break
    return chosen


def _judged(cost: PoseCost, found: Search, weights: Weights) -> Judged:
    """Regret on the scale of the search: each cost as a share of its range over all directions."""
    scar, support_, height = (
        np.append(all_, own)
        for all_, own in (
            (found.scar_mm2, cost.scar_mm2),
            (found.support_mm2, cost.support_mm2),
            (found.height_mm, cost.height_mm),
        )
    )
    return Judged(cost, float(regret(weights, scar, support_, height)[-1]))


@dataclass(frozen=True, eq=False)
class SupportReport:
    """A supported part with its checks: ``transform`` 4x4 from the file's coordinates to the output's."""

    made: Supported
    transform: Floats
    volume_ml: float
    islands_left: int
    unsupported_mm2: float
    worst_margin: float
    scar_show_mm2: float


def supported_part(
    mesh: Mesh, machine: Machine, resin: Resin, keep_pose: bool = False, school: str = ""
) -> SupportReport:
    """The part as it stands, or in the first good pose in which every island is caught, with its supports checked."""
    fields = fields_of(mesh)
    ups = (
        [np.array([0.0, 0.0, 1.0])]
        if keep_pose
        else [np.asarray(j.cost.up) for j in judged_poses(mesh, machine, resin, school)[:TRIED]]
    )
    (up, style), made = first_caught(_tried(mesh, up, machine, resin) for up in ups)
    return _report(mesh, fields, made, up, machine, resin, style)


def _tried(mesh: Mesh, up: Floats, machine: Machine, resin: Resin) -> tuple[tuple[Floats, SupportStyle], Supported]:
    made, style = strong_enough(posed(mesh, up), machine, resin)
    return (up, style), made


def strong_enough(standing: Mesh, machine: Machine, resin: Resin) -> tuple[Supported, SupportStyle]:
    """Supports with the finest tips that hold MARGIN times the pull in every layer, or the heaviest there are."""
    for tip in TIPS_MM:
        style = SupportStyle(tip_mm=tip, pillar_mm=max(0.9, 1.4 * tip))
        made = support(standing, resin, style)
        if layer_graph(made, machine, resin, style).least_margin()[0] >= MARGIN:
            break
    return made, style


def _report(
    mesh: Mesh, fields: Fields, made: Supported, up: Floats, machine: Machine, resin: Resin, style: SupportStyle
) -> SupportReport:
    matrix = rotation_matrix(turning_up(up))
    matrix[:3, 3] = made.part.bounds_mm[0] - mesh.transformed(matrix).bounds_mm[0]
    columns = solid_columns(made.whole.triangles, CHECK_MM, machine.layer_mm)
    beyond = _unheld_mm2(made, columns, resin)
    left = len(islands(columns))
    margin = layer_graph(made, machine, resin, style).least_margin()[0]
    own = solid_columns(made.part.triangles, CHECK_MM, machine.layer_mm).volume_mm3
    return SupportReport(
        made, matrix, (columns.volume_mm3 - own) / 1000, left, beyond, margin, _scars(made, fields, style)
    )


def _unheld_mm2(made: Supported, columns: Columns, resin: Resin) -> float:
    """Overhang beyond the resin's reach with no tip within the usual spacing: between tips of one field a layer bridges."""
    from scipy.spatial import cKDTree

    far = places_mm(columns, overhangs(columns, resin.reach_mm))
    if not len(far) or not made.pillars:
        return len(far) * CHECK_MM**2
    near = cKDTree(np.array([p.tip for p in made.pillars])).query(far, distance_upper_bound=SupportStyle().spacing_mm)[
        0
    ]
    return float(np.isinf(near).sum()) * CHECK_MM**2


def _scars(made: Supported, fields: Fields, style: SupportStyle) -> float:
    """Tip marks on show faces: each tip's area by how much the table sees of the face it touches."""
    from scipy.spatial import cKDTree

    if not made.pillars:
        return 0.0
    tips = np.array([p.tip for p in made.pillars])
    nearest = cKDTree(made.part.triangles.mean(axis=1)).query(tips)[1]
    return float(fields.show[nearest].sum() * tip_contact_mm2(style))
