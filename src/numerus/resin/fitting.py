"""Make this fit: how large a part may be on a machine, how few cuts get it there, and what each percent saves."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.cutting import propose_cuts
from numerus.geometry.mesh import Floats, Mesh
from numerus.resin.profiles import Machine
from numerus.resin.timing import run_minutes

DIRECTIONS = 600
TURNS = 18
LIFT_MM = 4.0  # supports raise a tilted part by about this
MARGIN_MM = 2.0
PERCENTS = (100, 95, 90, 80)


@dataclass(frozen=True)
class FitRow:
    """One way: in words, at which share of the size, with how many cuts, how tall it then stands and how long it prints."""

    way: str
    scale: float
    cuts: int
    height_mm: float
    minutes: float
    fits: bool


def largest_scale(mesh: Mesh, machine: Machine) -> tuple[float, float]:
    """The largest scale at which the part fits the machine in some pose, and its height in that pose at that scale.

    Poses: ``DIRECTIONS`` evenly over the sphere, each turned in ``TURNS`` steps; good to about two in a hundred.
    """
    from scipy.spatial import ConvexHull

    hull = mesh.vertices[ConvexHull(mesh.vertices).vertices]
    room = np.array([machine.plate_x_mm - 2 * MARGIN_MM, machine.plate_y_mm - 2 * MARGIN_MM])
    best = (0.0, 0.0)
    for up in np.vstack([np.eye(3), _directions(DIRECTIONS)]):
        side = np.cross(up, np.eye(3)[np.argmin(np.abs(up))])
        side /= np.linalg.norm(side)
        flat = hull @ np.stack([side, np.cross(up, side)], axis=1)
        high = float(np.ptp(hull @ up))
        turn = np.linspace(0, np.pi / 2, TURNS, endpoint=False)
        wide, deep = (np.ptp(flat @ np.stack([np.cos(t), np.sin(t)]), axis=0) for t in (turn, turn + np.pi / 2))
        fit = max(np.minimum(room[0] / wide, room[1] / deep).max(), np.minimum(room[1] / wide, room[0] / deep).max())
        scale = min(float(fit), (machine.height_mm - LIFT_MM) / high)
        if scale > best[0]:
            best = scale, high * scale
    return best


def _directions(count: int) -> Floats:
    """Directions spread over the half sphere by the golden angle."""
    k = np.arange(count) + 0.5
    z, turn = 1 - k / count, k * np.pi * (3 - np.sqrt(5))
    ring = np.sqrt(1 - z**2)
    return np.stack([ring * np.cos(turn), ring * np.sin(turn), z], axis=1)


def ways_to_fit(mesh: Mesh, machine: Machine, standing_mm: float | None = None) -> list[FitRow]:
    """The trade-off: as it is, smaller by steps, as large as the machine takes, or cut. ``standing_mm``: height as posed."""
    height = standing_mm if standing_mm is not None else float(mesh.extents_mm[2]) + LIFT_MM
    most, tall = largest_scale(mesh, machine)
    rows = [_row(f"at {p} %", p / 100, 0, height * p / 100, machine, p / 100 <= most) for p in PERCENTS]
    rows.append(_row("as large as it fits", most, 0, tall + LIFT_MM, machine, True))
    try:
        cuts = propose_cuts(mesh, None, 4)
    except GeometryError:
        cuts = []
    if cuts:
        half = min(cuts, key=lambda c: max(c.largest_mm))
        size = min(max(half.largest_mm), height) + LIFT_MM
        rows.append(_row("cut once, halves side by side", 1.0, 1, size, machine, size <= machine.height_mm))
    return rows


def _row(way: str, scale: float, cuts: int, height: float, machine: Machine, fits: bool) -> FitRow:
    return FitRow(way, scale, cuts, height, run_minutes(height, machine), fits)
