"""Make this fit: how large a part may be on a machine, how few cuts get it there, and what each percent saves."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.domain.printing.machines import Machine
from numerus.errors import GeometryError
from numerus.geometry.cutting import Plane, cut, propose_cuts
from numerus.geometry.mesh import Floats, Mesh
from numerus.printing.machines.resting import LIFT_MM
from numerus.printing.machines.timing import run_minutes
from numerus.words import counted

DIRECTIONS = 600
TURNS = 18
MARGIN_MM = 2.0
PERCENTS = (100, 95, 90, 80)
MOST_CUTS = 4
TRIED_PLANES = 3  # waists tried for each piece, besides the middle of its longest side


@dataclass(frozen=True)
class FitRow:
    """One way: in words, at which share of the size, how tall it then stands, how long it prints, and where it is cut."""

    way: str
    scale: float
    height_mm: float
    minutes: float
    fits: bool
    planes: tuple[Plane, ...] = ()


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


def fewest_cuts(mesh: Mesh, machine: Machine, most: int = MOST_CUTS) -> tuple[list[Plane], list[Mesh]] | None:
    """The fewest planes, at waists or in the middle, that leave only pieces which fit the machine; and those pieces.

    Each plane cuts the one piece it was found for. None where ``most`` cuts are not enough or the mesh has no inside.
    """
    scale, _ = largest_scale(mesh, machine)
    if scale >= 1:
        return [], [mesh]
    best: tuple[list[Plane], list[Mesh]] | None = None
    for plane in _planes(mesh, scale) if most > 0 else ():
        if most < 1:
            break
        above, below = _split(mesh, plane)
        # Only what is better than the best so far is worth looking for.
        first = fewest_cuts(above, machine, most - 1)
        second = first and fewest_cuts(below, machine, most - 1 - len(first[0]))
        if first and second:
            best = [plane, *first[0], *second[0]], [*first[1], *second[1]]
            most = len(best[0]) - 1
    return best


def _planes(mesh: Mesh, scale: float) -> list[Plane]:
    """Waists first, then what leaves pieces of one length along the longest side: halves, or as many as ``scale`` asks."""
    axis = int(np.argmax(mesh.extents_mm))
    normal = np.eye(3)[axis]
    try:
        waists = [p.plane for p in propose_cuts(mesh, None, TRIED_PLANES)]
    except GeometryError:
        return []
    low, middle = mesh.bounds_mm[0], mesh.bounds_mm.mean(axis=0)
    shares = dict.fromkeys((1 / 2, 1 / max(int(np.ceil(1 / scale)), 2)))
    places = [np.where(normal > 0, low + share * mesh.extents_mm, middle) for share in shares]
    return waists + [Plane(tuple(map(float, p)), tuple(map(float, normal))) for p in places]  # type: ignore[arg-type]


def _split(mesh: Mesh, plane: Plane) -> tuple[Mesh, Mesh]:
    halves = cut(mesh, plane)
    return halves.above, halves.below


def ways_to_fit(mesh: Mesh, machine: Machine, standing_mm: float | None = None) -> list[FitRow]:
    """The trade-off: as it is, smaller by steps, as large as the machine takes, or cut. ``standing_mm``: height as posed."""
    height = standing_mm if standing_mm is not None else float(mesh.extents_mm[2]) + LIFT_MM
    most, tall = largest_scale(mesh, machine)
    rows = [_row(f"at {p} %", p / 100, height * p / 100, machine, p / 100 <= most) for p in PERCENTS]
    rows.append(_row("as large as it fits", most, tall + LIFT_MM, machine, True))
    return rows + (_once(mesh, height, machine) if most >= 1 else _often(mesh, machine))


def _once(mesh: Mesh, height: float, machine: Machine) -> list[FitRow]:
    """A part that fits is cut only to print sooner: at the waist that leaves the lowest halves."""
    try:
        half = min(propose_cuts(mesh, None, 4), key=lambda c: max(c.largest_mm), default=None)
    except GeometryError:
        half = None
    size = max(half.largest_mm) + LIFT_MM if half else height
    if half is None or size >= height:
        return []
    return [_row("cut once, halves side by side", 1.0, size, machine, size <= machine.height_mm, (half.plane,))]


def _often(mesh: Mesh, machine: Machine) -> list[FitRow]:
    """A part that does not fit is cut as often as it must be; its pieces stand as they stood, or as they fit."""
    halves = fewest_cuts(mesh, machine)
    if not halves:
        return []
    planes, pieces = halves
    standing = [min(float(p.extents_mm[2]), machine.height_mm - LIFT_MM) + LIFT_MM for p in pieces]
    return [
        _row(f"cut {counted(len(planes), 'time')}: it fits whole", 1.0, max(standing), machine, True, tuple(planes))
    ]


def _row(way: str, scale: float, height: float, machine: Machine, fits: bool, planes: tuple[Plane, ...] = ()) -> FitRow:
    return FitRow(way, scale, height, run_minutes(height, machine), fits, planes)
