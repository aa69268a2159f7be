"""A part as it hangs over the plate, and the room around it: what supports are placed, routed and judged in."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import Cup, cups
from numerus.geometry.solids.layers import Island, islands, overhangs
from numerus.geometry.solids.sections import SectionMap, Sections, sections
from numerus.printing.machines.resting import ON_PLATE_MM, lift_of
from numerus.printing.supports.style import SupportStyle
from numerus.surface.fields.part_fields import Fields

PIXEL_MM = 0.1
LAYER_MM = 0.1
LEAST_RADIUS_PX = 0.71  # a circle this wide holds a pixel's centre wherever it lies: half the diagonal
CHECK_MM = 0.05  # the finished work is checked as finely as machines print it
# Where the pixels of a machine come to lie under a part nobody knows; what begins in mid-air is looked for at each (R2
# sequence, Roberts 2018).
OFFSETS_PX = tuple((n * 0.7548776662 % 1, n * 0.5698402910 % 1) for n in range(7))


def offset_mm(number: int) -> tuple[float, float]:
    x, y = OFFSETS_PX[number]
    return x * CHECK_MM, y * CHECK_MM


@kernel
def _disc_free(row_start, x, low, high, nx, ny, cx, cy, radius_px, first, last):  # type: ignore[no-untyped-def]
    """Whether no pixel within a circle is solid in any of the layers first..last."""
    for j in range(max(int(np.ceil(cy - radius_px)), 0), min(int(cy + radius_px), ny - 1) + 1):
        wide = np.sqrt(max(radius_px * radius_px - (j - cy) * (j - cy), 0.0))
        a, b = row_start[j], row_start[j + 1]
        i = a + np.searchsorted(x[a:b], int(np.ceil(cx - wide)))
        while i < b and x[i] <= cx + wide:
            if low[i] <= last and first < high[i]:
                return False
            i += 1
    return True


@kernel
def _bar_free(row_start, x, low, high, nx, ny, px0, py0, k0, px1, py1, k1, top_px, bottom_px):  # type: ignore[no-untyped-def]
    """Whether a bar from (px0, py0, k0) down to (px1, py1, k1), in pixels and layers, meets no solid pixel.

    However thin, it is as wide as the circle that must hold a pixel's centre: a hair between centres is not free.
    """
    if px0 == px1 and py0 == py1 and top_px == bottom_px:
        radius_px = max(top_px, LEAST_RADIUS_PX)
        return _disc_free(row_start, x, low, high, nx, ny, px0, py0, radius_px, min(k0, k1), max(k0, k1))
    steps = int(max(abs(px1 - px0), abs(py1 - py0), abs(k1 - k0), 1))
    for s in range(steps + 1):
        t = s / steps
        radius_px = max(top_px + (bottom_px - top_px) * t, LEAST_RADIUS_PX)
        k = int(k0 + (k1 - k0) * t)
        cx, cy = px0 + (px1 - px0) * t, py0 + (py1 - py0) * t
        if not _disc_free(row_start, x, low, high, nx, ny, cx, cy, radius_px, k, k):
            return False
    return True


@kernel
def _bars_free(row_start, x, low, high, nx, ny, tops, bottoms, top_px, bottom_px):  # type: ignore[no-untyped-def]
    free = np.empty(len(tops), np.bool_)
    for n in range(len(tops)):
        ends = tops[n, 0], tops[n, 1], tops[n, 2], bottoms[n, 0], bottoms[n, 1], bottoms[n, 2]
        free[n] = _bar_free(row_start, x, low, high, nx, ny, *ends, top_px[n], bottom_px[n])
    return free


class ClearanceMap:
    """The space around a part, asked about in millimetres."""

    def __init__(
        self, columns: Columns, clearance_mm: float, scar_cost_at: Callable[[Floats], float] = lambda place: 0.0
    ) -> None:
        """``scar_cost_at``: how dear a mark is at a place of the part."""
        self.columns, self.clearance_mm, self.scar_cost_at = columns, clearance_mm, scar_cost_at

    def _pixels(self, points: Floats) -> Floats:
        """Points (n, 3) in pixels from the first one's centre, and whole layers."""
        grid = self.columns.grid
        at = points / [grid.pixel_mm, grid.pixel_mm, grid.layer_mm] - [grid.x0_px + 0.5, grid.y0_px + 0.5, 0.0]
        at[:, 2] = np.floor(at[:, 2])
        return np.asarray(at)

    def free_each(
        self,
        tops: Floats,
        bottoms: Floats,
        radii_mm: Floats,
        clearance_mm: float | None = None,
        bottom_radii_mm: Floats | None = None,
    ) -> NDArray[np.bool_]:
        """Whether bars (n, 3) to (n, 3) of those radii (n,), with clearance, meet nothing solid, bool (n,); cones where their radii
        differ at the bottom.
        """
        c, g = self.columns, self.columns.grid
        more = self.clearance_mm if clearance_mm is None else clearance_mm
        low = radii_mm if bottom_radii_mm is None else bottom_radii_mm
        ends = self._pixels(tops), self._pixels(bottoms)
        radii = (radii_mm + more) / g.pixel_mm, (low + more) / g.pixel_mm
        return np.asarray(_bars_free(c.row_start, c.x, c.low, c.high, g.nx, g.ny, *ends, *radii))

    def free(
        self,
        top: Floats,
        bottom: Floats,
        radius_mm: float,
        clearance_mm: float | None = None,
        bottom_radius_mm: float | None = None,
    ) -> bool:
        """The same of one bar."""
        low = None if bottom_radius_mm is None else np.array([bottom_radius_mm])
        one = self.free_each(np.array([top]), np.array([bottom]), np.array([radius_mm]), clearance_mm, low)
        return bool(one[0])

    def floor_under(self, point: Floats) -> float:
        """Height of the highest solid below a point, 0 for the plate."""
        x, y, k = (float(v) for v in self._pixels(np.array([point]))[0])
        row, column, c = int(round(y)), int(round(x)), self.columns
        if not 0 <= row < c.grid.ny:
            return 0.0
        here = slice(c.row_start[row], c.row_start[row + 1])
        under = (c.x[here] == column) & (c.high[here] <= k)
        return float(c.high[here][under].max() * c.grid.layer_mm) if under.any() else 0.0


@dataclass(frozen=True, eq=False)
class PosedPart:
    """A posed part raised over the plate: its mesh, its fields (faces in the mesh's order), and what is asked of it often.
    ``dry``: of plastic, where nothing seals.
    """

    part: Mesh
    fields: Fields
    dry: bool = False

    @property
    def raised(self) -> bool:
        """Whether it hangs over the plate, rather than standing on it."""
        return bool(self.part.bounds_mm[0, 2] > ON_PLATE_MM)

    @cached_property
    def columns(self) -> Columns:
        """At PIXEL_MM: for finding ways."""
        return solid_columns(self.part.triangles, PIXEL_MM, LAYER_MM)

    @property
    def fine(self) -> Columns:
        """At CHECK_MM: for judging."""
        return self.fine_at(0)

    def fine_at(self, number: int) -> Columns:
        """At CHECK_MM, moved by an offset of OFFSETS_PX; asked again it is known."""
        if number not in self._fine:
            moved = self.part.triangles + np.array([*offset_mm(number), 0.0])
            self._fine[number] = solid_columns(moved, CHECK_MM, CHECK_MM)
        return self._fine[number]

    @cached_property
    def _fine(self) -> dict[int, Columns]:
        return {}

    @cached_property
    def grown(self) -> Sections:
        return sections(self.columns)

    @cached_property
    def _section_map(self) -> SectionMap:
        return SectionMap(self.columns)

    def section_at(self, points_mm: Floats, layers: NDArray[np.int64], near_px: float = 0.0) -> NDArray[np.int64]:
        """The number in ``grown`` of the section at each (x, y) of a layer, or the nearest within ``near_px``; -1 for none."""
        return self._section_map.at(points_mm, layers, near_px)

    @cached_property
    def born(self) -> list[Island]:
        """Islands of the part alone."""
        return islands(self.fine)

    @cached_property
    def sealed(self) -> list[Cup]:
        return [] if self.dry else cups(self.columns)

    def beyond(self, reach_mm: float) -> NDArray[np.int32]:
        """Pixels of ``columns`` that begin farther than ``reach_mm`` from solid; asked again it is known."""
        if reach_mm not in self._beyond:
            self._beyond[reach_mm] = overhangs(self.columns, reach_mm)
        return self._beyond[reach_mm]

    @cached_property
    def _beyond(self) -> dict[float, NDArray[np.int32]]:
        return {}

    @cached_property
    def _centres(self) -> Any:
        from scipy.spatial import cKDTree

        return cKDTree(self.part.triangles.mean(axis=1))

    def face_at(self, points: Floats) -> NDArray[np.int64]:
        """The face nearest each point (n, 3)."""
        return np.asarray(self._centres.query(points.reshape(-1, 3))[1])

    def clearance(self, clearance_mm: float) -> ClearanceMap:
        return ClearanceMap(
            self.columns, clearance_mm, lambda place: float(self.fields.scar_cost[self.face_at(place)[0]])
        )


def in_part(posed_part: Mesh, mesh: Mesh, up: Sequence[float] | Floats, place_mm: Floats) -> tuple[float, float, float]:
    """A place on a hanging part in the part's own coordinates; ``mesh`` is the part as it is kept."""
    turn = turning_up(np.asarray(up))
    shift = posed_part.vertices[0] - turn @ mesh.vertices[0]
    x, y, z = (float(v) for v in turn.T @ (np.asarray(place_mm) - shift))
    return x, y, z


def posed_part_of(posed: Mesh, fields: Fields, style: SupportStyle) -> PosedPart:
    """A posed part over the plate's middle, raised unless it stands flat."""
    return PosedPart(posed.dropped().moved((0, 0, lift_of(posed, style.lift_mm, style.flat_mm2))), fields, style.dry)
