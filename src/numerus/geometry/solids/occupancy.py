"""What space parts take up together: how much two share, and where they touch.

Parts are set into one grid of cells (from solid columns, so overlapping shells count once); shared space is counted in
cells, contact is measured between even points of the surfaces.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.likeness import ShapePrint
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import Columns, solid_columns

GAP_MM = 0.3  # joints are made with up to 0.2 mm of play; two skins nearer than this touch
EVERY = 2  # of the even points: enough to find a contact by
BITS = 21  # of a cell's index along each axis


@dataclass(frozen=True, eq=False)
class Occupied:
    """Cells a part fills in the common grid, sorted keys int64 (n,)."""

    keys: NDArray[np.int64]
    cell_mm: float

    @property
    def volume_mm3(self) -> float:
        return len(self.keys) * self.cell_mm**3


@dataclass(frozen=True)
class Contact:
    """Where two parts touch: the middle and the area of skin that does."""

    x_mm: float
    y_mm: float
    z_mm: float
    area_mm2: float


def cell_for(meshes: Sequence[Mesh]) -> float:
    """A cell that shows the smaller parts well and does not drown in the larger."""
    sizes = sorted(float(np.linalg.norm(m.extents_mm)) for m in meshes)
    return float(np.clip(sizes[len(sizes) // 2] / 80, sizes[-1] / 600, max(sizes[0] / 12, sizes[-1] / 600)))


def occupied(mesh: Mesh, cell_mm: float, floor_mm: float) -> Occupied:
    """The cells of a part; ``floor_mm`` is the lowest z of all parts that share the grid."""
    columns = solid_columns(mesh.moved((0, 0, -floor_mm)).triangles, cell_mm, cell_mm)
    return Occupied(_keys(columns), cell_mm)


def _keys(columns: Columns) -> NDArray[np.int64]:
    long = (columns.high - columns.low).astype(np.int64)
    z = np.arange(long.sum()) - np.repeat(np.cumsum(long) - long - columns.low, long)
    x = columns.x.astype(np.int64) + columns.grid.x0_px + (1 << (BITS - 1))
    y = columns.rows.astype(np.int64) + columns.grid.y0_px + (1 << (BITS - 1))
    return np.sort(np.repeat((x << (2 * BITS)) | (y << BITS), long) | z)


def shared_mm3(a: Occupied, b: Occupied) -> float:
    small, large = (a, b) if len(a.keys) < len(b.keys) else (b, a)
    if not len(small.keys):
        return 0.0
    at = np.minimum(np.searchsorted(large.keys, small.keys), len(large.keys) - 1)
    return float((large.keys[at] == small.keys).sum()) * a.cell_mm**3


def boxes_meet(a: Mesh, b: Mesh, gap_mm: float = GAP_MM) -> bool:
    return bool(np.all(a.bounds_mm[0] - gap_mm <= b.bounds_mm[1]) and np.all(b.bounds_mm[0] - gap_mm <= a.bounds_mm[1]))


def contact(a: ShapePrint, b: ShapePrint, gap_mm: float = GAP_MM) -> Contact | None:
    """Where the skins of two parts come within ``gap_mm`` of each other; None where they do not."""
    on_a, on_b = _near(a, b, gap_mm), _near(b, a, gap_mm)
    if not len(on_a) and not len(on_b):
        return None
    areas = [len(p) * EVERY * s.area_mm2 / len(s.points) for p, s in ((on_a, a), (on_b, b))]
    middles = [p.mean(axis=0) for p in (on_a, on_b) if len(p)]
    x, y, z = np.average(middles, axis=0, weights=[w for w, p in zip(areas, (on_a, on_b), strict=True) if len(p)])
    return Contact(float(x), float(y), float(z), sum(areas) / 2)


def _near(a: ShapePrint, b: ShapePrint, gap_mm: float) -> Floats:
    """a's points within the gap of b's surface."""
    reach = gap_mm + 2 * b.spacing_mm
    low, high = b.points.min(axis=0) - reach, b.points.max(axis=0) + reach
    own = a.points[::EVERY]
    own = own[np.all((own >= low) & (own <= high), axis=1)]
    own = own[np.isfinite(b.tree.query(own, distance_upper_bound=reach)[0])] if len(own) else own
    return own[b.distances(own)[0] <= gap_mm] if len(own) else own
