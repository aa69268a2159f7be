"""Whether what a nozzle lays stays where it is: what stands on the plate against a knock at the top, and how wide a brim would do."""

from __future__ import annotations

import math

import numpy as np

from numerus.geometry.hulls import hull_of
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.layers import layer_bitmap

STICKS_N_PER_MM2 = 0.1  # (default) plastic to the plate, pulled off
KNOCK_N = 1.5  # (default) of the nozzle, where a line has curled up
CORNERS = ((-1.0, -1.0), (-1.0, 1.0), (1.0, -1.0), (1.0, 1.0))
BRIM_STEP_MM, MOST_BRIM_MM = 0.5, 15.0


def brim_mm(whole: Columns, height_mm: float) -> float:
    """The brim with which a part and its posts (columns) are not tipped over by a knock at their top; 0 where none is needed, the
    widest where none is enough.

    What sticks resists about the nearest edge of the hull of all that stands there, each mm² by its arm, taken at their middle's.
    """
    places = _standing(whole)
    if not len(places):
        return 0.0
    pixel = whole.grid.pixel_mm
    hull = hull_of(np.concatenate([places + pixel / 2 * np.array(corner) for corner in CORNERS]))
    middle, area = places.mean(axis=0), len(places) * pixel**2
    length = float(np.linalg.norm(np.roll(hull, -1, axis=0) - hull, axis=1).sum())
    arm, brim = _to_edge(hull, middle), 0.0
    while brim < MOST_BRIM_MM and not _holds(area + length * brim + math.pi * brim**2, arm + brim, height_mm):
        brim += BRIM_STEP_MM
    return brim


def _standing(whole: Columns) -> Floats:
    """Middles of the pixels of the first layer, mm (n, 2)."""
    rows, columns = np.nonzero(layer_bitmap(whole, 0))
    x, y = whole.grid.centre_mm(columns.astype(float), rows.astype(float))
    return np.stack([np.asarray(x), np.asarray(y)], axis=1)


def _holds(area_mm2: float, arm_mm: float, height_mm: float) -> bool:
    return STICKS_N_PER_MM2 * area_mm2 * arm_mm >= KNOCK_N * height_mm


def _to_edge(hull: Floats, middle: Floats) -> float:
    """From the middle to the nearest edge of a hull (n, 2)."""
    ends = np.roll(hull, -1, axis=0)
    along = ends - hull
    cross = along[:, 0] * (middle[1] - hull[:, 1]) - along[:, 1] * (middle[0] - hull[:, 0])
    return float((np.abs(cross) / np.maximum(np.linalg.norm(along, axis=1), 1e-9)).min())
