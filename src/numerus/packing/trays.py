"""Packing: foam cut to each figure's outline plus a margin, figures lying on their backs, and what to mind."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.army import BOUGHT, Figure, Unit
from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh, merged, rotation_matrix
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.layers import silhouette
from numerus.kit.builds import printed_slots

FOAM_MM = 4.0
PIXEL_MM = 0.4
BASE_HIGH_MM = 3.5  # a bought base the meshes do not hold
SLENDER = 2.3  # times as long as its second side: bends or snaps when squeezed
ON_ITS_BACK = np.array([[1.0, 0, 0], [0, 0, 1], [0, -1, 0]])  # feet toward us, face up


@dataclass(frozen=True, eq=False)
class Tray:
    """One foam compartment in mm: the figure's ``outline`` float64 (n, 2) from its lower left corner, and what to mind."""

    figure: str
    unit: str
    width_mm: float
    depth_mm: float
    height_mm: float
    outline: Floats
    note: str


def _bought_base(unit: Unit) -> Floats:
    """Lowest and highest corner of a bought base under the figure, float64 (2, 3); only its extents count here."""
    r = unit.base_mm / 2
    return np.array([[-r, -r, -BASE_HIGH_MM], [r, r, 0.0]])


def _filled(silhouette_of: Columns, boxes_mm: list[Floats]) -> NDArray[np.bool_]:
    """The silhouette and the boxes seen from above as pixels, with room for the foam round them."""
    grid = silhouette_of.grid
    boxes = [np.floor(b[:, :2] / PIXEL_MM).astype(int) for b in boxes_mm]
    own = np.array([[grid.x0_px, grid.y0_px], [grid.x0_px + grid.nx, grid.y0_px + grid.ny]])
    edge = int(np.ceil(FOAM_MM / PIXEL_MM)) + 2
    low = np.min([b.min(axis=0) for b in [own, *boxes]], axis=0) - edge
    high = np.max([b.max(axis=0) for b in [own, *boxes]], axis=0) + edge
    filled = np.zeros((high - low)[::-1], bool)
    (x0, y0), (x1, y1) = own - low
    filled[y0:y1, x0:x1] = silhouette(silhouette_of)
    for box in boxes:
        (x0, y0), (x1, y1) = np.sort(box - low, axis=0)
        filled[y0:y1, x0:x1] = True
    return filled


def lying_outline(mesh: Mesh, extra_mm: list[Floats]) -> tuple[Floats, float]:
    """Outline float64 (n, 2) of a figure on its back with ``FOAM_MM`` round it, and how deep it lies, in mm.

    ``extra_mm``: boxes (2, 3) in the figure's own coordinates that belong to it and are in no mesh.
    """
    from scipy.ndimage import binary_fill_holes, distance_transform_edt
    from skimage.measure import approximate_polygon, find_contours

    laid = mesh.transformed(rotation_matrix(ON_ITS_BACK))
    boxes = [np.sort(b @ ON_ITS_BACK.T, axis=0) for b in extra_mm]
    ends = np.concatenate([laid.bounds_mm, *boxes])
    columns = solid_columns(laid.moved((0, 0, -laid.bounds_mm[0, 2])).triangles, PIXEL_MM, PIXEL_MM)
    foam = binary_fill_holes(distance_transform_edt(~_filled(columns, boxes)) * PIXEL_MM <= FOAM_MM)
    traced = max(find_contours(foam.astype(float), 0.5), key=len)[:, ::-1] * PIXEL_MM
    longest = approximate_polygon(traced, PIXEL_MM / 2)
    return longest - longest.min(axis=0), float(np.ptp(ends[:, 2]))


def _note(parts: Sequence[Part]) -> str:
    slender = [p.name for p in parts if max(p.extents_mm) > SLENDER * sorted(p.extents_mm)[1]]
    return f"fragile: {slender[0]}" if slender else ""


def _tray(figure: Figure, unit: Unit, parts: list[Part], mesh_of: Callable[[str], Mesh]) -> Tray:
    whole = merged([mesh_of(p.blob) for p in parts])
    outline, deep = lying_outline(whole, [_bought_base(unit)] if figure.build.get("base") == BOUGHT else [])
    wide, long = outline.max(axis=0)
    return Tray(figure.name, unit.name, float(wide), float(long), deep + FOAM_MM, outline, _note(parts))


def packing_list(
    plans: Plans, unit: Unit, mesh_of: Callable[[str], Mesh], progress: Progress = lambda _: True
) -> list[Tray]:
    """A compartment for every figure of a unit that has parts; ``mesh_of`` gives the mesh of a blob. Raises Cancelled."""
    made: dict[tuple[str, ...], Tray] = {}  # figures of one build share their outline
    trays = []
    figures = plans.figures_of(unit.id)
    for number, figure in enumerate(figures):
        if not progress(number / len(figures)):
            raise Cancelled
        parts = [plans.parts[p] for p in printed_slots(figure).values() if p in plans.parts]
        if not parts:
            continue
        build = (*sorted(p.id for p in parts), figure.build.get("base", ""))
        if build not in made:
            made[build] = _tray(figure, unit, parts, mesh_of)
        found = made[build]
        trays.append(
            Tray(figure.name, unit.name, found.width_mm, found.depth_mm, found.height_mm, found.outline, found.note)
        )
    return trays
