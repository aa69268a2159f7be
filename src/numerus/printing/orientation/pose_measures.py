"""Poses of a part measured: height, minutes, supports, scars on show faces, steps, layer areas and pull, islands, cups.

The schools are all candidates: upright, tilted, lying on the back, and the best of a search over all directions (see
``numerus.printing.orientation.orientation_search``) that scores what this user cares about. Show faces are what viewers around a table see of the
part as it stands in the figure, so a pose that puts its tips under the coat costs less than one that puts them on the
face.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid
from numerus.domain.printing.poses import BrushDab
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import Cup, cups
from numerus.geometry.solids.pockets import retained_ml
from numerus.geometry.solids.sections import Sections, sections
from numerus.printing.machines.resting import ON_PLATE_MM, lift_of
from numerus.printing.machines.timing import pull_n, run_minutes
from numerus.printing.orientation.orientation_search import (
    COSTS,
    SCAR_SHARE,
    Search,
    Weights,
    apart,
    face_costs,
    search,
    weighted_cost,
)
from numerus.printing.orientation.part_samples import buried, coarse_columns
from numerus.surface.fields.part_fields import Fields, fields_of
from numerus.words import counted

MEASURE_PX_MM = 0.15
LEANS_DEG = {"stands": 0.0, "leans back": 40.0, "lies on its back": 90.0}
SNAP_DEG = 20.0
CUP_LOOKS, CUP_APART_DEG, CUP_LOOK_PX_MM = 14, 12.0, 0.2
MOST_CUP_ROUNDS = 3
LARGE_CUP_MM2 = 30.0
CUP_COST = 2.0  # one cup costs as much as twice the worst of what the search can guess of cups
# What a smaller cup adds to the pull is a tenth of a newton; into a shallow one the film bends.
SIGNIFICANT_CUP_MM2, SIGNIFICANT_CUP_DEEP_MM = 4.0, 0.5

SCHOOLS = ("stands", "leans back", "lies on its back", "best found")
SCHOOL_DESCRIPTION = {
    "stands": "Uprights: best vertical detail, marks hide underneath, but tall and slow.",
    "leans back": "Tilters: layer areas change slowly and lines break up; more to hold up.",
    "lies on its back": "Back-layers: safest and shortest; costs detail on the side nobody sees.",
    "as supplied": "As its designer supported it: measured on that copy, its marks where its supports touch the part.",
    "best found": "Measured: the least regret of all directions by the weights set here.",
}


@dataclass(frozen=True)
class PoseCost:
    """One pose measured. Areas mm², heights mm; ``up`` is the direction of the part that looks up.

    ``steps_mm2``: seen skin on which layer steps show; ``jump_mm2``: largest change from layer to layer in a tenth of a
    millimetre; ``warp_mm2``: skin that lies level; ``pools_ml``: resin that stays in it as it hangs;
    ``cup_cost``: its cups, a large one for several. ``support_mm2`` is skin that looks down, counted less the steeper it is;
    ``scar_mm2`` is foretold from it until the pose is ``supported`` and its marks are measured.
    """

    school: str
    up: tuple[float, float, float]
    height_mm: float
    minutes: float
    support_mm2: float
    scar_mm2: float
    peak_mm2: float
    peak_pull_n: float
    islands: int
    footprint_mm2: float
    volume_ml: float
    areas_mm2: tuple[float, ...]
    island_z_mm: tuple[float, ...]
    layer_mm: float
    cups: int = 0
    steps_mm2: float = 0.0
    jump_mm2: float = 0.0
    warp_mm2: float = 0.0
    pools_ml: float = 0.0
    cup_cost: float = 0.0
    supported: bool = False


def is_significant_cup(cup: Cup) -> bool:
    """Whether a cup pulls enough to be vented or tilted away."""
    return cup.area_mm2 >= SIGNIFICANT_CUP_MM2 and cup.to_mm - cup.from_mm >= SIGNIFICANT_CUP_DEEP_MM


def school_up(school: str, directions: Search | None = None) -> Floats:
    """The part's direction that looks up in a school's pose; the figure looks toward -y.

    Leaning back turns the face up toward the film's side of the sky; lying on the back puts the back down: exactly on the face it
    rests on where there is one that way.
    """
    if school in LEANS_DEG:
        a = np.radians(LEANS_DEG[school])
        up = np.array([0.0, -np.sin(a), np.cos(a)])
        return up if directions is None else _snapped(up, directions)
    if directions is None:
        raise ValueError("the best pose needs a search")
    return directions.ups[directions.best]


def _snapped(up: Floats, directions: Search) -> Floats:
    """A direction, or the way the part rests by itself within a few degrees of it."""
    if not len(directions.rests):
        return up
    nearest = directions.rests[int(np.argmax(directions.rests @ up))]
    return np.asarray(nearest if nearest @ up > np.cos(np.radians(SNAP_DEG)) else up)


def posed(mesh: Mesh, up: Floats | tuple[float, float, float]) -> Mesh:
    """The part turned so that ``up`` looks up, lying on z = 0 over the origin."""
    return mesh.transformed(rotation_matrix(turning_up(up))).dropped()


def measure(mesh: Mesh, fields: Fields, school: str, up: Floats, machine: Machine, resin: Resin) -> PoseCost:
    """What a pose costs, on solid columns and all faces."""
    turned = posed(mesh, up)
    lift, step = lift_of(turned), 2 * machine.layer_mm
    columns = solid_columns(turned.moved((0, 0, lift)).triangles, MEASURE_PX_MM, step)
    grown, sealed = sections(columns), [] if machine.is_dry else cups(columns)
    # The layers of the part itself: those under the lift are only supports.
    areas = grown.of_layers(grown.area_mm2)[int(round(lift / step)) :]
    born = _births(grown)
    area = np.where(buried(turned, np.arange(len(turned.faces)), *coarse_columns(turned)), 0.0, turned.areas_mm2)
    off_plate = (turned.triangles[:, :, 2].min(axis=1) > ON_PLATE_MM) | bool(lift)
    hangs = area * off_plate
    scars, held, steps, curls, _ = face_costs(
        turned.normals, np.array([[0, 0, 1.0]]), hangs * fields.scar_cost, hangs, hangs * fields.show, area
    )[0].tolist()
    height = float(turned.extents_mm[2]) + lift
    laid = Laid(columns.volume_mm3 / 1000, float(area.sum()) / 100)
    return PoseCost(
        school, (float(up[0]), float(up[1]), float(up[2])), height, run_minutes(height, machine, laid),
        held, scars * SCAR_SHARE,
        float(areas.max(initial=0)), float(layer_pulls_n(grown, sealed, machine, resin).max(initial=0)),
        len(born), _footprint_mm2(columns), columns.volume_mm3 / 1000, tuple(areas.tolist()),
        tuple(float(grown.layer[k]) * step - lift for k in born), step,
        sum(map(is_significant_cup, sealed)),
        steps,
        float(np.abs(np.diff(areas)).max(initial=0)) * 0.1 / step,
        curls, 0.0 if machine.is_dry else retained_ml(turned, (0.0, 0.0, -1.0)), _cup_cost(sealed),
    )  # fmt: skip


def _births(grown: Sections) -> list[int]:
    """Sections that begin in mid-air."""
    held = np.zeros(len(grown.layer), bool)
    held[grown.above] = True
    return np.flatnonzero(~held & (grown.layer > 0)).tolist()


def layer_pulls_n(grown: Sections, sealed: list[Cup], machine: Machine, resin: Resin) -> Floats:
    """Pull of every layer, float64 (layers,): areas, outlines, and what cups seal between their first and last layer."""
    shut = np.zeros(grown.layers)
    for cup in sealed:
        shut[int(round(cup.from_mm / grown.grid.layer_mm)) : int(round(cup.to_mm / grown.grid.layer_mm))] += (
            cup.area_mm2
        )
    return pull_n(grown.of_layers(grown.area_mm2), machine, resin, grown.of_layers(grown.edge_mm), shut)


def _footprint_mm2(columns: Columns) -> float:
    return len(np.unique(columns.rows.astype(np.int64) * columns.grid.nx + columns.x)) * columns.grid.pixel_mm**2


def candidates(
    mesh: Mesh, machine: Machine, resin: Resin, weights: Weights | None = None,
    progress: Progress | None = None, fields: Fields | None = None,
    met: Callable[[Search], object] | None = None, dabs: tuple[BrushDab, ...] = (),
) -> tuple[list[PoseCost], Search]:  # fmt: skip
    """The schools' poses and the best found, measured, with the search they came from; ``met`` sees the search grow."""

    def told(share: float) -> bool:
        return progress is None or progress(share)

    fields, weights = fields or fields_of(mesh, (), dabs), (weights or Weights()).on(machine)
    directions = without_cups(
        mesh, search(mesh, fields, weights, progress=lambda s: told(0.3 + 0.3 * s), met=met), weights
    )
    costs = []
    for number, school in enumerate(SCHOOLS):
        if not told(0.6 + 0.1 * number):
            raise Cancelled
        costs.append(measure(mesh, fields, school, school_up(school, directions), machine, resin))
    return costs, directions


def without_cups(mesh: Mesh, directions: Search, weights: Weights) -> Search:
    """The search with the cups of its best directions counted properly: by shape alone they are only guessed.

    What seals skin counts as much more as it has cups; the direction of least regret then comes first. Where all that was
    looked at seals, the next best are looked at, too. Where cups do not count none are looked for.
    """
    if not weights.cups:
        return directions
    worse, looked = directions.weighted_cost.copy(), np.zeros(0, int)
    for _ in range(MOST_CUP_ROUNDS):
        more = apart(directions.ups, directions.weighted_cost, CUP_LOOKS, CUP_APART_DEG, directions.ups[looked])
        with ThreadPoolExecutor(2) as pool:
            sealed = np.array(list(pool.map(lambda k: _cups_of(mesh, directions.ups[k]), more)))
        worse[more] += cup_share(weights) * sealed
        looked = np.concatenate([looked, np.array(more, int)])
        if not len(more) or worse[looked].min() <= directions.weighted_cost[more].max() + cup_share(weights):
            break
    best = looked[int(np.argmin(worse[looked]))]
    others = np.arange(len(worse)) != best
    # Neighbours that were not looked at must not seem better than what was.
    worse[others] = np.maximum(worse[others], worse[best] + 1e-9)
    return replace(directions, weighted_cost=worse)


def cup_share(weights: Weights) -> float:
    """What one cup adds to a weighted cost."""
    return CUP_COST * weights.cups / max(float(weights.row.sum()), 1e-9)


def _cups_of(mesh: Mesh, up: Floats) -> float:
    """How many cups tell in a pose, a large one for several."""
    turned = posed(mesh, up)
    lift = lift_of(turned)
    columns = solid_columns(turned.moved((0, 0, lift)).triangles, CUP_LOOK_PX_MM, CUP_LOOK_PX_MM)
    return _cup_cost(cups(columns))


def _cup_cost(sealed: Iterable[Cup]) -> float:
    return sum(1 + c.area_mm2 / LARGE_CUP_MM2 for c in sealed if is_significant_cup(c))


def in_words(one: PoseCost, other: PoseCost) -> str:
    """The difference of two poses in words: what ``one`` gains and costs against ``other``."""
    minutes, scars, steps = one.minutes - other.minutes, one.scar_mm2 - other.scar_mm2, one.steps_mm2 - other.steps_mm2
    words = []
    if abs(minutes) >= 1:
        words.append(f"{abs(minutes):.0f} min {'longer' if minutes > 0 else 'shorter'}")
    if abs(scars) >= 0.5:
        words.append(f"{abs(scars):.0f} mm² {'more' if scars > 0 else 'less'} scar on show")
    if abs(steps) >= 5:
        words.append(f"{abs(steps):.0f} mm² {'more' if steps > 0 else 'less'} of layer steps in sight")
    for number, what in ((one.islands - other.islands, "island"), (one.cups - other.cups, "cup")):
        if number:
            words.append(f"{counted(abs(number), what)} {'more' if number > 0 else 'fewer'}")
    return ", ".join(words) or "no difference that matters"


def measured_score(cost: PoseCost, directions: Search, weights: Weights) -> float:
    """Weighted cost of a measured pose on the scale of a search, with its cups as they were measured; what the search only
    estimates (islands, what stays in it) as it estimated it.
    """
    own = directions.costs[directions.nearest(cost.up)].copy()
    measured = {
        "scars": cost.scar_mm2, "supports": cost.support_mm2, "steps": cost.steps_mm2, "time": cost.height_mm, "cups": 0.0,
    }  # fmt: skip
    for name, value in measured.items():
        own[COSTS.index(name)] = value
    score = float(weighted_cost(weights, np.vstack([directions.costs, own]))[-1])
    return score + cup_share(weights) * cost.cup_cost
