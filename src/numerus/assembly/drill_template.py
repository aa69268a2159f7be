"""Where to drill for a pin or a magnet: both faces of a joint at true size, with the place that has most material round the bore."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass, replace
from itertools import product

import numpy as np
from numpy.typing import NDArray

from numerus.assembly.joints import PIN_DEEP, PINS_MM, Joint, Magnet, contact
from numerus.errors import Cancelled, Progress
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.geometry.solids.columns import solid_columns

CELL_MM = 0.1  # of the outline
SKIN_POINTS, INSIDE_PX_MM = 20_000, 0.1
MOST_TRIED = 200  # places for the bore
WALL_MM = 0.4  # (default) least material round a bore; with less a pin is told not to fit
PLAY_MM = 0.1  # (default) that a magnet's hole is wider than it
DEPTHS = (PIN_DEEP, 4.0, 3.0, 2.0)  # diameters, the deepest that fits
BESIDE_MM = 0.5  # skin so near to what touches is the face itself and no wall


@dataclass(frozen=True, eq=False)
class DrillTemplate:
    """``outlines`` of the face of part ``a`` as one looks at it, closed, mm (k, 2) each; ``mark``: where to drill, on the same scale.
    Part ``b`` has the same turned over. ``wall_mm``: least material round the bore in both; ``wanted_mm``: the wire the joint asks for,
    0 where ``magnet`` is let in.
    """

    a: str
    b: str
    outlines: tuple[Floats, ...]
    mark: tuple[float, float]
    bore_mm: float
    deep_mm: float
    wall_mm: float
    wanted_mm: float
    magnet: Magnet | None = None

    @property
    def fits(self) -> bool:
        return self.wall_mm >= WALL_MM

    @property
    def description(self) -> str:
        """What to drill, and what is left round it."""
        bore = f"Drill {self.bore_mm:g} mm, {self.deep_mm:.1f} mm deep in each: {self.wall_mm:.1f} mm of wall round it."
        if self.magnet is not None:
            return self._let_in(self.magnet, bore)
        if not self.fits:
            return f"No room for any pin, {self.bore_mm:g} mm neither: glue, and keep it from knocks."
        if self.bore_mm == self.wanted_mm:
            return bore
        bears = (self.bore_mm / self.wanted_mm) ** 3  # of round wire in bending
        return f"{bore} It bears {bears:.0%} of what the {self.wanted_mm:g} mm would that a knock asks for and that has no room here."

    def _let_in(self, magnet: Magnet, bore: str) -> str:
        if not self.fits:
            return f"No room for a magnet {magnet.name}: glue."
        turned = (
            f"+ up in the {self.a}, − up in the {self.b}, the same on every figure, so that parts can change places"
        )
        return f"Magnet {magnet.name}, two. {bore} Mark them before they are glued: {turned}."

    def face(self, of_b: bool) -> list[Floats]:
        """Outlines as one looks at the face of either part, the drill at (0, 0)."""
        side = np.array([-1.0, 1.0]) if of_b else np.ones(2)
        return [(line - self.mark) * side for line in self.outlines]


def drilled(joints: Sequence[tuple[str, Joint]], apart: Collection[str]) -> list[tuple[str, Joint]]:
    """Of joints by the part that comes to them those that ask for a pin, and those of parts kept ``apart`` that a magnet holds."""
    return [(part, j) for part, j in joints if j.pin_mm or (part in apart and j.magnet)]


def drill_templates(
    parts: Sequence[tuple[str, Mesh]], joints: Sequence[tuple[str, Joint]], apart: Collection[str] = (),
    progress: Progress = lambda _: True,
) -> list[DrillTemplate]:  # fmt: skip
    """A template for every joint that is drilled, the part that comes to it second. Raises Cancelled."""
    meshes, found, wanted = dict(parts), [], drilled(joints, apart)
    for number, (part, joint) in enumerate(wanted):
        if not progress(number / len(wanted)):
            raise Cancelled
        host = joint.b if joint.a == part else joint.a
        pair = (host, meshes[host]), (part, meshes[part])
        if joint.pin_mm:
            found.append(drill_template(*pair, joint.pin_mm))
        elif joint.magnet:
            found.append(magnet_template(*pair, joint.magnet))
    return [template for template in found if template is not None]


def drill_template(one: tuple[str, Mesh], other: tuple[str, Mesh], pin_mm: float) -> DrillTemplate | None:
    """For the thickest wire up to ``pin_mm`` that leaves walls, as deep as they bear; None where the parts, by name, do not touch."""
    wires = [p for p in reversed(PINS_MM) if p <= pin_mm]
    return _template(one, other, [(p, times * p) for p, times in product(wires, DEPTHS)], pin_mm)


def magnet_template(one: tuple[str, Mesh], other: tuple[str, Mesh], magnet: Magnet) -> DrillTemplate | None:
    """For a magnet let in flush with both faces; None where the parts do not touch."""
    made = _template(one, other, [(magnet.across_mm + PLAY_MM, magnet.thick_mm)], 0.0)
    return replace(made, magnet=magnet) if made is not None else None


def _template(
    one: tuple[str, Mesh], other: tuple[str, Mesh], bores: Sequence[tuple[float, float]], wanted_mm: float
) -> DrillTemplate | None:
    """The first bore, by its width and depth, that leaves walls at the place where it leaves most, else the last. The drill goes along
    the mean normal of the skin both parts share.
    """
    (a, mesh_a), (b, mesh_b) = one, other
    held = contact(mesh_a, mesh_b)
    if not len(held.points):
        return None
    out_of_a = held.normals.mean(axis=0) * (1 if held.of_first else -1)
    if float(np.linalg.norm(out_of_a)) < 0.1:  # it is held all round: along the way from part to part
        out_of_a = mesh_b.bounds_mm.mean(axis=0) - mesh_a.bounds_mm.mean(axis=0)
    frame = turning_up(out_of_a)  # rows: right, up and toward who looks at the face of a
    flat = held.points @ frame.T
    area, low = _filled(flat[:, :2])
    tried = _tried(area, low, flat)
    insides = _Inside(mesh_a, frame, -1, held.points), _Inside(mesh_b, frame, 1, held.points)
    for wide, deep in bores:
        walls = np.minimum(*(inside.wall_mm(tried, wide, deep) for inside in insides))
        best = int(np.argmax(walls))
        if walls[best] >= WALL_MM:
            break
    x, y = (float(v) for v in tried[best, :2])
    return DrillTemplate(a, b, _outlines(area, low), (x, y), wide, deep, float(walls[best]), wanted_mm)


def _filled(places: Floats) -> tuple[NDArray[np.bool_], Floats]:
    """Cells (y, x) of a face that touch, gaps between the places asked closed, and where the first begins."""
    from scipy.ndimage import binary_closing, binary_fill_holes

    low = places.min(axis=0) - 5 * CELL_MM
    at = ((places - low) / CELL_MM).astype(int)
    area = np.zeros(tuple(at.max(axis=0)[::-1] + 6), np.bool_)
    area[at[:, 1], at[:, 0]] = True
    return np.asarray(binary_fill_holes(binary_closing(area, iterations=3))), low


def _outlines(area: NDArray[np.bool_], low: Floats) -> tuple[Floats, ...]:
    from skimage.measure import find_contours

    traced = find_contours(area.astype(float), 0.5)
    return tuple((line[:, ::-1] + 0.5) * CELL_MM + low for line in traced if len(line) > 8)


def _tried(area: NDArray[np.bool_], low: Floats, flat: Floats) -> Floats:
    """Places on the face in its frame, (n, 3), as high as the skin that touches nearest to them."""
    from scipy.spatial import cKDTree

    cells = np.argwhere(area)
    cells = cells[:: max(len(cells) // MOST_TRIED, 1)]
    places = (cells[:, ::-1] + 0.5) * CELL_MM + low
    return np.column_stack([places, flat[cKDTree(flat[:, :2]).query(places)[1], 2]])


class _Inside:
    """A part as a drill meets it, in the frame of the face; it lies on the ``side`` of it, 1 where one looks from."""

    def __init__(self, mesh: Mesh, frame: Floats, side: int, face: Floats) -> None:
        from scipy.spatial import cKDTree

        turned = mesh.with_vertices(mesh.vertices @ frame.T)
        skin = even_points(turned, SKIN_POINTS)[0]
        beside = cKDTree(face @ frame.T).query(skin, distance_upper_bound=BESIDE_MM)[0]
        self.side, self.skin = side, cKDTree(skin[~np.isfinite(beside)])
        self.low = float(turned.bounds_mm[0, 2])
        self.columns = solid_columns(turned.moved((0, 0, -self.low)).triangles, INSIDE_PX_MM, INSIDE_PX_MM)

    def wall_mm(self, places: Floats, bore_mm: float, deep_mm: float) -> Floats:
        """Least material round a bore from each place (n, 3), (n,); negative where it comes out."""
        least = np.full(len(places), np.inf)
        for deep in np.linspace(2 * INSIDE_PX_MM, deep_mm, 10):
            at = places + [0, 0, self.side * deep]
            within = self.columns.holds(at - [0, 0, self.low])
            least = np.minimum(least, np.where(within, self.skin.query(at)[0] - bore_mm / 2, -bore_mm))
        return least
