"""A pocket of foam for every figure: its outline as it lies safest, a little wider, and what to mind."""

from __future__ import annotations

import contextlib
import hashlib
import json
from collections.abc import Callable, Mapping, Sequence
from dataclasses import asdict, dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.stacked_base import stack_of
from numerus.domain.army import BOUGHT, Figure, Unit
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh, merged, rotation_matrix
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import silhouette
from numerus.kit.builds import printed_slots

FORM = 1  # of kept pockets: another one is worked out anew
CLEARANCE_MM = 2.0  # (default) between a figure and its foam
PIXEL_MM = 0.4
BASE_HIGH_MM = 3.5  # a bought base the meshes do not hold
SLENDER = 2.3  # times as long as its second side: bends or snaps when squeezed
NONE_BROKE: Mapping[str, int] = {}
BURIED_COSTS = 1.25  # a fragile part that lies low must be worth so much less depth
ATTITUDES: dict[str, Floats] = {
    "on its back": np.array([[1.0, 0, 0], [0, 0, 1], [0, -1, 0]]),  # feet toward us, face up
    "on its left side": np.array([[0.0, 1, 0], [0, 0, 1], [1, 0, 0]]),
    "on its right side": np.array([[0.0, -1, 0], [0, 0, 1], [-1, 0, 0]]),
}


@dataclass(frozen=True, eq=False)
class Pocket:
    """Room for one figure in mm: its ``outline`` float64 (n, 2) from its lower left corner, how deep, how it lies, what to mind;
    ``grams``: of its resin, and of what its base is stacked of.
    """

    figure_id: str
    figure: str
    unit: str
    width_mm: float
    depth_mm: float
    height_mm: float
    outline: Floats
    attitude: str
    note: str
    grams: float


def _bought_base(unit: Unit) -> Floats:
    """Lowest and highest corner of a bought or stacked base under the figure, float64 (2, 3); only its extents count here."""
    stack = stack_of(unit.stack)
    r, high = max(unit.base_mm, stack.foot_mm) / 2, stack.high_mm or BASE_HIGH_MM
    return np.array([[-r, -r, -high], [r, r, 0.0]])


def _filled(silhouette_of: Columns, boxes_mm: list[Floats]) -> NDArray[np.bool_]:
    """The silhouette and the boxes seen from above as pixels, with room for the clearance round them."""
    grid = silhouette_of.grid
    boxes = [np.floor(b[:, :2] / PIXEL_MM).astype(int) for b in boxes_mm]
    own = np.array([[grid.x0_px, grid.y0_px], [grid.x0_px + grid.nx, grid.y0_px + grid.ny]])
    edge = int(np.ceil(CLEARANCE_MM / PIXEL_MM)) + 2
    low = np.min([b.min(axis=0) for b in [own, *boxes]], axis=0) - edge
    high = np.max([b.max(axis=0) for b in [own, *boxes]], axis=0) + edge
    filled = np.zeros((high - low)[::-1], bool)
    (x0, y0), (x1, y1) = own - low
    filled[y0:y1, x0:x1] = silhouette(silhouette_of)
    for box in boxes:
        (x0, y0), (x1, y1) = np.sort(box - low, axis=0)
        filled[y0:y1, x0:x1] = True
    return filled


def lying_outline(mesh: Mesh, extra_mm: list[Floats], attitude: str = "on its back") -> tuple[Floats, float]:
    """Outline float64 (n, 2) of a figure as it lies, with ``CLEARANCE_MM`` round it, and how deep it lies, in mm.

    ``extra_mm``: boxes (2, 3) in the figure's own coordinates that belong to it and are in no mesh.
    """
    from scipy.ndimage import binary_fill_holes, distance_transform_edt
    from shapely import LineString
    from skimage.measure import find_contours

    turn = ATTITUDES[attitude]
    laid = mesh.transformed(rotation_matrix(turn))
    boxes = [np.sort(b @ turn.T, axis=0) for b in extra_mm]
    ends = np.concatenate([laid.bounds_mm, *boxes])
    columns = solid_columns(laid.moved((0, 0, -laid.bounds_mm[0, 2])).triangles, PIXEL_MM, PIXEL_MM)
    room = binary_fill_holes(distance_transform_edt(~_filled(columns, boxes)) * PIXEL_MM <= CLEARANCE_MM)
    traced = max(find_contours(room.astype(float), 0.5), key=len)[:, ::-1] * PIXEL_MM
    longest = np.asarray(LineString(traced).simplify(PIXEL_MM / 2, preserve_topology=False).coords)
    return longest - longest.min(axis=0), float(np.ptp(ends[:, 2]))


def slender(parts: Sequence[Part]) -> list[Part]:
    """Parts that bend or snap when something lies on them."""
    return [p for p in parts if max(p.extents_mm) > SLENDER * sorted(p.extents_mm)[1]]


def fragile_of(parts: Sequence[Part], broke: Mapping[str, int]) -> list[Part]:
    """Parts to be packed with care, those that ``broke`` most often first, then slender ones."""
    return sorted([p for p in parts if broke.get(p.id)], key=lambda p: -broke[p.id]) + [
        p for p in slender(parts) if not broke.get(p.id)
    ]


def safest_attitude(meshes: Sequence[Mesh], fragile: Sequence[Mesh]) -> str:
    """The way a figure lies lowest, with nothing fragile below its weight unless that saves much."""
    corners = np.concatenate([m.vertices for m in meshes])
    weak = np.concatenate([m.vertices for m in fragile]) if fragile else None

    def depth(attitude: str) -> float:
        laid = corners @ ATTITUDES[attitude].T
        buried = weak is not None and (weak @ ATTITUDES[attitude].T)[:, 2].mean() < laid[:, 2].mean() - 0.1
        return float(np.ptp(laid[:, 2])) * (BURIED_COSTS if buried else 1.0)

    return min(ATTITUDES, key=depth)


def _pocket(
    figure: Figure,
    unit: Unit,
    parts: list[Part],
    mesh_of: Callable[[str], Mesh],
    density: float,
    broke: Mapping[str, int],
) -> Pocket:
    weak, meshes = fragile_of(parts, broke), {p.id: mesh_of(p.blob) for p in parts}
    whole = merged(list(meshes.values()))
    attitude = safest_attitude(list(meshes.values()), [meshes[p.id] for p in weak])
    bought = [_bought_base(unit)] if figure.build.get("base") == BOUGHT or unit.stack else []
    outline, deep = lying_outline(whole, bought, attitude)
    wide, long = outline.max(axis=0)
    times = broke.get(weak[0].id, 0) if weak else 0
    before = f", broke {'once' if times == 1 else f'{times} times'}" if times else ""
    note = f"fragile: {weak[0].label}{before}" if weak else ""
    grams = sum(p.volume_ml for p in parts) * density + stack_of(unit.stack).grams
    return Pocket(
        figure.id, figure.name, unit.name, float(wide), float(long), deep + CLEARANCE_MM, outline, attitude, note, grams
    )


def packed_pockets(known: Mapping[str, Pocket]) -> bytes:
    """Pockets by their builds, as a book keeps them."""
    rows = {k: {**asdict(p), "outline": p.outline.round(3).tolist()} for k, p in known.items()}
    return json.dumps({"form": FORM, "pockets": rows}).encode()


def unpacked_pockets(data: bytes | None) -> dict[str, Pocket]:
    """Those of another form, or damaged, are worked out again."""
    with contextlib.suppress(ValueError, KeyError, TypeError, AttributeError):
        kept = json.loads(data or b"{}")
        if kept.get("form") == FORM:
            return {k: Pocket(**{**row, "outline": np.array(row["outline"])}) for k, row in kept["pockets"].items()}
    return {}


def _build_key(figure: Figure, unit: Unit, parts: Sequence[Part], density: float, broke: Mapping[str, int]) -> str:
    """What a pocket depends on: figures of one build share their outline."""
    about = (
        sorted((p.blob, p.label, p.volume_ml, p.extents_mm) for p in parts),
        figure.build.get("base", ""),
        unit.base_mm,
        density,
        *(sorted(broke.items()),) * bool(broke),
    )
    return hashlib.sha256(repr(about).encode()).hexdigest()[:32]


def pockets_of(
    plans: Plans, figures: Sequence[Figure], mesh_of: Callable[[str], Mesh], progress: Progress = lambda _: True,
    known: dict[str, Pocket] | None = None, broke: Mapping[str, int] = NONE_BROKE,
) -> list[Pocket]:  # fmt: skip
    """One for every figure that has parts; ``mesh_of`` gives the mesh of a blob. ``known``: pockets by builds, used, added to, and
    rid of those no figure has any more. ``broke``: how often parts did, by id. Raises Cancelled.
    """
    by_content, used = ({} if known is None else known), set()
    pockets = []
    for number, figure in enumerate(figures):
        if not progress(number / len(figures)):
            raise Cancelled
        unit = plans.units[figure.unit_id]
        parts = [plans.parts[p] for p in printed_slots(figure).values() if p in plans.parts]
        if not parts:
            continue
        own = {p.id: broke[p.id] for p in parts if broke.get(p.id)}
        build = _build_key(figure, unit, parts, plans.resin.density_g_per_ml, own)
        used.add(build)
        if build not in by_content:
            by_content[build] = _pocket(figure, unit, parts, mesh_of, plans.resin.density_g_per_ml, own)
        pockets.append(replace(by_content[build], figure_id=figure.id, figure=figure.name, unit=unit.name))
    for gone in set(by_content) - used:
        del by_content[gone]
    return pockets
