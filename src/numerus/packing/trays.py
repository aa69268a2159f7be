"""Pockets nested into trays of foam for one box: walls nowhere thinner than ``WALL_MM``, the deep ones together.

Pockets are laid as bitmaps of ``CELL_MM`` widened by half a wall, each where its far edge lies nearest to the tray's near one
(bottom-left rule, as on the printer's plate); walls are then told as they are between the true outlines.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations
from math import ceil

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled, PlanError, Progress
from numerus.geometry.mesh import Floats
from numerus.packing.pockets import Pocket
from numerus.printing.plates.nesting import TURNS, Bed, Shape, shapes_of, turn_deg

WALL_MM = 5.0  # foam between pockets and to the edge; less tears
FLOOR_MM = 5.0
FINGER_MM = 9.0  # radius of the hole a finger goes into
CELL_MM = 0.5
DEPTH_BAND_MM = 8.0  # pockets whose depth differs by less lie in one tray gladly


@dataclass(frozen=True)
class FoamBox:
    """Inner size of the user's box, mm; the default is a box for letters and files."""

    wide_mm: float = 300.0
    deep_mm: float = 200.0


@dataclass(frozen=True, eq=False)
class Laid:
    """A pocket where it lies in its tray: its ``outline`` (n, 2) in the tray's mm, with the hole for a finger."""

    pocket: Pocket
    outline: Floats


@dataclass(frozen=True, eq=False)
class Tray:
    """One layer of foam in mm, and the pockets cut into it; ``least_wall_mm``: as it is, between outlines and to the edge."""

    laid: tuple[Laid, ...]
    wide_mm: float
    deep_mm: float
    high_mm: float
    least_wall_mm: float

    @property
    def grams(self) -> float:
        return sum(p.pocket.grams for p in self.laid)


@dataclass(frozen=True, eq=False)
class Packed:
    """All trays, and how many there must be at least, by the area of pockets and half their walls."""

    trays: tuple[Tray, ...]
    least_trays: int


def packed(
    pockets: Sequence[Pocket], box: FoamBox = FoamBox(), progress: Progress = lambda _: True, fingers: bool = True
) -> Packed:
    """Every pocket in a tray; what is larger than the box gets a tray of its own size. ``fingers``: with a hole beside each to lift it
    by. Raises PlanError for a box that leaves no room for walls, Cancelled.
    """
    if min(box.wide_mm, box.deep_mm) < 3 * WALL_MM or not np.isfinite(box.wide_mm + box.deep_mm):
        raise PlanError("box-too-small", "The box leaves no room between its walls.", "Type its inner size in mm.")
    shapes = _Shapes(pockets, progress, fingers)
    left = sorted(range(len(pockets)), key=lambda i: (-round(pockets[i].height_mm / DEPTH_BAND_MM), -shapes.cells[i]))
    trays: list[Tray] = []
    while left:
        spots = _filled(left, shapes, box)
        if spots:
            trays.append(_tray([_laid(pockets[i], shapes.outlines[i], *at) for i, at in spots], box))
        else:
            spots = [(left[0], (0, 0.0, 0.0))]
            trays.append(_tray([Laid(pockets[left[0]], shapes.outlines[left[0]])], None))
        there = {i for i, _ in spots}
        left = [i for i in left if i not in there]
    if len(trays) == 1:
        trays = [_trimmed(trays[0])]
    usable = (box.wide_mm - WALL_MM) * (box.deep_mm - WALL_MM)
    return Packed(tuple(trays), max(ceil(sum(shapes.cells) * CELL_MM**2 / usable), min(len(pockets), 1)))


class _Shapes:
    """Outlines with their finger holes, widened by half a wall, as bitmaps in all turns; equal ones are made once."""

    def __init__(self, pockets: Sequence[Pocket], progress: Progress, fingers: bool) -> None:
        outlines: dict[bytes, tuple[Floats, list[Shape], int, int]] = {}
        self.outlines: list[Floats] = []
        self.turns: list[list[Shape]] = []
        self.cells: list[int] = []
        self.names: list[int] = []
        for number, pocket in enumerate(pockets):
            if not progress(number / len(pockets)):
                raise Cancelled
            key = pocket.outline.tobytes()
            if key not in outlines:
                outline = with_finger_hole(pocket.outline) if fingers else _centred(pocket.outline)
                bitmap = _bitmap(outline)
                outlines[key] = outline, shapes_of(bitmap), int(bitmap.sum()), len(outlines)
            outline, turns, cells, name = outlines[key]
            self.outlines.append(outline)
            self.turns.append(turns)
            self.cells.append(cells)
            self.names.append(name)


def with_finger_hole(outline: Floats) -> Floats:
    """The outline joined with a round hole on its edge beside its thickest place, where a figure is held best; its origin in the
    middle of its box.
    """
    from shapely import Point, Polygon, maximum_inscribed_circle

    whole = Polygon(outline).buffer(0)
    thick = maximum_inscribed_circle(whole, tolerance=0.5).coords[0]
    edge = whole.exterior.interpolate(whole.exterior.project(Point(thick)))
    cut = whole.union(edge.buffer(FINGER_MM, quad_segs=6)).simplify(0.05)
    return _centred(np.asarray(cut.exterior.coords)[:-1])


def _centred(outline: Floats) -> Floats:
    """Its origin in the middle of its box."""
    return np.asarray(outline - (outline.min(axis=0) + outline.max(axis=0)) / 2)


def _bitmap(outline: Floats) -> NDArray[np.bool_]:
    """Cells that may be touched by the outline widened by half a wall: bool (n, n), n odd, about the outline's origin."""
    from shapely import Polygon, contains_xy

    wide = Polygon(outline).buffer(WALL_MM / 2 + CELL_MM * 0.75)  # a cell whose middle is outside is not touched
    reach = int(np.ceil(np.abs(np.asarray(wide.bounds)).max() / CELL_MM)) + 1
    at = np.arange(-reach, reach + 1) * CELL_MM
    x, y = np.meshgrid(at, at)
    return np.asarray(contains_xy(wide, x, y))


def _filled(left: Sequence[int], shapes: _Shapes, box: FoamBox) -> list[tuple[int, tuple[int, float, float]]]:
    """What goes into one tray, in order: pocket, turn and where its middle lies; none if the first does not fit."""
    edge = WALL_MM / 2  # the other half lies round the pockets
    ny, nx = (int((mm - 2 * edge) / CELL_MM) for mm in (box.deep_mm, box.wide_mm))
    bed, spots = Bed(np.zeros((ny, nx), np.bool_)), []
    for index in left:
        where = bed.place(shapes.names[index], shapes.turns[index], shapes.cells[index])
        if where is not None:
            turn, row, column = where
            spots.append((index, (turn, edge + (column + 0.5) * CELL_MM, edge + (row + 0.5) * CELL_MM)))
        elif index == left[0]:
            return []
    return spots


def _laid(pocket: Pocket, outline: Floats, turn: int, x_mm: float, y_mm: float) -> Laid:
    angle = np.radians(turn_deg(turn % TURNS))
    across = np.array([[np.cos(angle), np.sin(angle)], [-np.sin(angle), np.cos(angle)]])
    return Laid(pocket, outline @ across + [x_mm, y_mm])


def _tray(laid: list[Laid], box: FoamBox | None) -> Tray:
    """``box`` None: as large as what lies in it."""
    high = max(p.pocket.height_mm for p in laid) + FLOOR_MM
    wide, deep = (box.wide_mm, box.deep_mm) if box else (0.0, 0.0)
    tray = Tray(tuple(laid), wide, deep, high, 0.0)
    return _walled(tray) if box else _trimmed(tray)


def _trimmed(tray: Tray) -> Tray:
    """Cut down to what lies in it, whole mm."""
    ends = np.concatenate([p.outline for p in tray.laid])
    low = ends.min(axis=0) - WALL_MM
    wide, deep = (float(ceil(mm)) for mm in ends.max(axis=0) + WALL_MM - low)
    moved = tuple(Laid(p.pocket, p.outline - low) for p in tray.laid)
    return _walled(Tray(moved, wide, deep, tray.high_mm, 0.0))


def _walled(tray: Tray) -> Tray:
    """The tray with its thinnest wall measured between the true outlines."""
    from shapely import Polygon

    cut = [Polygon(p.outline) for p in tray.laid]
    between = [a.distance(b) for a, b in combinations(cut, 2)]
    edges = [min(b[0], b[1], tray.wide_mm - b[2], tray.deep_mm - b[3]) for b in (c.bounds for c in cut)]
    return Tray(tray.laid, tray.wide_mm, tray.deep_mm, tray.high_mm, float(min([*between, *edges])))
