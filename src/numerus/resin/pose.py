"""Poses of a part and what each costs: height, minutes, supports, scars on show faces, layer area, islands.

The schools are all candidates: upright, tilted, lying on the back, and the best of a search over all directions that
scores what this user cares about. Show faces are what viewers around a table see of the part as it stands in the
figure, so a pose that puts its tips under the coat costs less than one that puts them on the face.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np

from numerus.errors import Cancelled
from numerus.geometry.columns import solid_columns
from numerus.geometry.layers import islands, layer_areas_mm2
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.geometry.pockets import cups
from numerus.geometry.rays import table_exposure
from numerus.resin.profiles import Machine, Resin
from numerus.resin.timing import pull_n, run_minutes
from numerus.words import counted

SEARCH_FACES = 12_000  # the search works on an even sample of faces; the candidates are measured on all
DIRECTIONS = 1500
STEEP_COS = -np.cos(np.radians(40))  # a face leaning less than 40 degrees from level must be held from below
SCAR_SHARE = 0.04  # of a supported area that tips mark: 0.35 mm tips at 2.6 mm spacing, with the filing around them
MEASURE_PX_MM = 0.15
LIFT_MM = 4.0
TELLING_CUP_MM2 = 1.0  # a cup that seals less hardly pulls

SCHOOLS = ("stands", "leans back", "lies on its back", "best found")
SCHOOL_SAYS = {
    "stands": "Uprights: best vertical detail, marks hide underneath, but tall and slow.",
    "leans back": "Tilters: layer areas change slowly and lines break up; more to hold up.",
    "lies on its back": "Back-layers: safest and shortest; costs detail on the side nobody sees.",
    "best found": "Measured: the least regret of all directions by the weights set here.",
}


@dataclass(frozen=True)
class Weights:
    """How much each cost counts, 0..5, in the order the bench shows them."""

    scars: float = 5.0
    supports: float = 3.0
    time: float = 2.0
    pull: float = 1.0


@dataclass(frozen=True)
class PoseCost:
    """One pose measured. Areas mm², heights mm; ``up`` is the direction of the part that looks up."""

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


@dataclass(frozen=True, eq=False)
class Fields:
    """Per face of a part: how much the table sees of it, 0..1 float64 (m,). Computed once and kept."""

    show: Floats


def fields_of(mesh: Mesh) -> Fields:
    return Fields(table_exposure(mesh, mesh.triangles.mean(axis=1), mesh.normals))


def directions(count: int = DIRECTIONS) -> Floats:
    """Evenly spread unit vectors (count, 3): a Fibonacci sphere (Gonzalez 2010, Measurement of areas on a sphere)."""
    i = np.arange(count) + 0.5
    z = 1 - 2 * i / count
    turn = np.pi * (1 + 5**0.5) * i
    r = np.sqrt(1 - z * z)
    return np.stack([r * np.cos(turn), r * np.sin(turn), z], axis=1)


@dataclass(frozen=True, eq=False)
class Search:
    """Every direction tried: ``ups`` (n, 3), what each costs before weighing (n,), and its regret (n,), least best."""

    ups: Floats
    scar_mm2: Floats
    support_mm2: Floats
    height_mm: Floats
    regret: Floats

    @property
    def best(self) -> int:
        return int(np.argmin(self.regret))


def search(
    mesh: Mesh,
    fields: Fields,
    weights: Weights,
    count: int = DIRECTIONS,
    progress: Callable[[float], bool] | None = None,
) -> Search:
    """Score ``count`` directions by shape alone. Raises Cancelled when ``progress`` answers False."""
    pick = np.linspace(0, len(mesh.faces) - 1, min(SEARCH_FACES, len(mesh.faces))).astype(int)
    area = mesh.areas_mm2[pick] * (mesh.areas_mm2.sum() / max(mesh.areas_mm2[pick].sum(), 1e-12))
    normals = mesh.normals[pick].astype(np.float32)
    ups = directions(count)
    support, scar, height = np.zeros(count), np.zeros(count), np.zeros(count)
    points = mesh.vertices[:: max(1, len(mesh.vertices) // 4000)]
    show_area = area * fields.show[pick]
    for begin in range(0, count, 100):
        if progress is not None and not progress(begin / count):
            raise Cancelled
        some = slice(begin, begin + 100)
        hang = _hang(normals @ ups[some].T.astype(np.float32))
        support[some], scar[some] = area @ hang, show_area @ hang * SCAR_SHARE
        reach = points @ ups[some].T
        height[some] = reach.max(axis=0) - reach.min(axis=0)
    return Search(ups, scar, support, height, regret(weights, scar, support, height))


def _hang(cosines: Floats) -> Floats:
    """Share of a face that must be held, by the cosine between its normal and up: 0 when steep, 1 when it looks down."""
    return np.clip((STEEP_COS - cosines) / (STEEP_COS + 1), 0, 1) ** 0.5


def regret(weights: Weights, scar: Floats, support: Floats, height: Floats) -> Floats:
    """Weighted sum of each cost as a share of its own range: 0 is best in everything."""

    def share(cost: Floats) -> Floats:
        return (cost - cost.min()) / max(float(np.ptp(cost)), 1e-12)

    total = weights.scars + weights.supports + weights.time
    parts = weights.scars * share(scar) + weights.supports * share(support) + weights.time * share(height)
    return parts / max(total, 1e-9)


def school_up(school: str, found: Search | None = None) -> Floats:
    """The part's direction that looks up in a school's pose; the figure looks toward -y.

    Leaning back turns the face up toward the film's side of the sky; lying on the back puts the back down.
    """
    lean = {"stands": 0.0, "leans back": 40.0, "lies on its back": 85.0}
    if school in lean:
        a = np.radians(lean[school])
        return np.array([0.0, -np.sin(a), np.cos(a)])
    if found is None:
        raise ValueError("the best pose needs a search")
    return found.ups[found.best]


def posed(mesh: Mesh, up: Floats | tuple[float, float, float]) -> Mesh:
    """The part turned so that ``up`` looks up, lying on z = 0 over the origin."""
    return mesh.transformed(rotation_matrix(turning_up(up))).dropped()


def measure(mesh: Mesh, fields: Fields, school: str, up: Floats, machine: Machine, resin: Resin) -> PoseCost:
    """What a pose costs, on solid columns and all faces."""
    turned = posed(mesh, up)
    columns = solid_columns(turned.triangles, MEASURE_PX_MM, 2 * machine.layer_mm)
    areas = layer_areas_mm2(columns)
    born = islands(columns)
    hang = _hang(turned.normals[:, 2]) * (turned.triangles[:, :, 2].min(axis=1) > 0.15)
    flat = turned.areas_mm2 * (turned.normals[:, 2] < -0.98) * (turned.triangles[:, :, 2].max(axis=1) <= 0.15)
    lift = 0.0 if flat.sum() > 40 else LIFT_MM
    height = float(turned.extents_mm[2]) + lift
    sealed = cups(
        columns
        if not lift
        else solid_columns(turned.moved((0, 0, lift)).triangles, MEASURE_PX_MM, 2 * machine.layer_mm)
    )
    footprint = len(np.unique(columns.rows.astype(np.int64) * columns.grid.nx + columns.x)) * MEASURE_PX_MM**2
    return PoseCost(
        school, (float(up[0]), float(up[1]), float(up[2])), height, run_minutes(height, machine),
        float(turned.areas_mm2 @ hang), float((turned.areas_mm2 * fields.show) @ hang) * SCAR_SHARE,
        float(areas.max(initial=0)), float(pull_n(areas, machine, resin).max(initial=0)),
        len(born), footprint, columns.volume_mm3 / 1000, tuple(areas.tolist()), tuple(i.z_mm for i in born), 2 * machine.layer_mm,
        sum(c.area_mm2 >= TELLING_CUP_MM2 for c in sealed),
    )  # fmt: skip


def candidates(
    mesh: Mesh,
    machine: Machine,
    resin: Resin,
    weights: Weights | None = None,
    progress: Callable[[float], bool] | None = None,
) -> tuple[list[PoseCost], Search]:
    """The schools' poses and the best found, measured, with the search they came from."""

    def told(share: float) -> bool:
        return progress is None or progress(share)

    fields = fields_of(mesh)
    found = search(mesh, fields, weights or Weights(), progress=lambda s: told(0.3 + 0.3 * s))
    costs = []
    for number, school in enumerate(SCHOOLS):
        if not told(0.6 + 0.1 * number):
            raise Cancelled
        costs.append(measure(mesh, fields, school, school_up(school, found), machine, resin))
    flat, best = costs[0], costs[-1]
    if flat.support_mm2 <= best.support_mm2 and flat.minutes <= best.minutes:
        costs[-1] = replace(flat, school=best.school)  # the search knows no plate to stand on; a flat foot beats it
    return costs, found


def in_words(one: PoseCost, other: PoseCost) -> str:
    """The difference of two poses in words: what ``one`` gains and costs against ``other``."""
    minutes, scars, born = one.minutes - other.minutes, one.scar_mm2 - other.scar_mm2, one.islands - other.islands
    said = []
    if abs(minutes) >= 1:
        said.append(f"{abs(minutes):.0f} min {'longer' if minutes > 0 else 'shorter'}")
    if abs(scars) >= 0.5:
        said.append(f"{abs(scars):.0f} mm² {'more' if scars > 0 else 'less'} scar on show")
    for number, what in ((born, "island"), (one.cups - other.cups, "cup")):
        if number:
            said.append(f"{counted(abs(number), what)} {'more' if number > 0 else 'fewer'}")
    return ", ".join(said) or "no difference that matters"
