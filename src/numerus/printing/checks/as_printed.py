"""A sculpt as a machine would leave it: the cells it fills, seen close, with what is lost and what has grown together marked.

Simulated: cells of the machine's pixel and layer, or threads of its nozzle, that the sculpt fills at their middle; walls finer than the
least pin that stood on a test piece are gone, gaps finer than its least slot are closed. What differs is measured from pictures of
both, ray by ray, not from the cells.
"""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine
from numerus.geometry.mesh import Floats, Mesh, rotation_matrix, turning_up
from numerus.geometry.rays import RayScene, shade
from numerus.geometry.solids.columns import solid_columns
from numerus.printing.checks.as_printed_kernels import first_solid

Image = NDArray[np.uint8]
Cells = NDArray[np.bool_]
RESIN_RGB, LOST_RGB, GROWN_RGB = np.array([196.0, 188, 174]), np.array([176.0, 84, 62]), np.array([217.0, 162, 27])
TOLD_MM = 0.12  # (default) a difference that is told under a loupe
SOFT_CELLS = 1.0  # how far light bleeds and resin rounds the steps, for the shading alone
MOST_CELLS = 4.0e7
FINE = 8.0  # cells across a thread: coarser discs round corners that the nozzle does not
PX, BEFORE_MM = 360, 0.3  # of its picture; of empty space before the nearest skin


@dataclass(frozen=True, eq=False)
class AsPrinted:
    """``image``: RGBA (h, w, 4) of ``wide_mm``; ``lost`` and ``grown``: shares of what is seen of the sculpt there that is farther back, or
    nearer, by more than ``TOLD_MM``.
    """

    machine: str
    image: Image
    wide_mm: float
    lost: float
    grown: float


def least_mm(machine: Machine) -> tuple[float, float]:
    """The least pin that stands and the least slot that stays open: as a test piece told, else two pixels, or the nozzle's width."""
    usual = machine.nozzle_mm if machine.is_dry else 2 * machine.pixel_mm
    return machine.least_pin_mm or usual, machine.least_slot_mm or usual


def most_wide_mm(machine: Machine) -> float:
    """The widest cube whose cells, as large as the machine's own, can be held."""
    return float((MOST_CELLS * _cell_mm(machine) ** 2 * machine.layer_mm) ** (1 / 3))


def _cell_mm(machine: Machine) -> float:
    return machine.nozzle_mm / FINE if machine.is_dry else machine.pixel_mm


def as_printed(
    mesh: Mesh, up: Floats, machine: Machine, middle_mm: Floats, wide_mm: float, toward: Floats
) -> AsPrinted:
    """A cube of a sculpt ``wide_mm`` wide (``most_wide_mm`` at most) about ``middle_mm`` across the view, and as deep from where the sculpt is
    nearest to the viewer, as it comes off a machine on which ``up`` looks up, seen from ``toward``.
    """
    wide_mm, turn = min(wide_mm, most_wide_mm(machine)), turning_up(up)
    posed = mesh.bare().transformed(rotation_matrix(turn))
    low = float(posed.bounds_mm[0, 2])
    posed = posed.moved((0, 0, -low))
    middle, view = turn @ middle_mm - [0, 0, low], turn @ np.asarray(toward, float)
    away = float(np.linalg.norm(posed.extents_mm)) + wide_mm
    origins, upright = _rays(middle, view, turn @ np.array([0.0, 0.0, 1.0]), wide_mm, away)
    true, slant = _true(posed, origins, view, 2 * away)
    nearest = float(true.min(initial=away))
    middle = middle + (away - min(nearest, away) + BEFORE_MM - wide_mm / 2) * view
    cells, corner, size = _cells(posed, machine, middle, wide_mm)
    far = first_solid(cells, corner, size, origins, -view, 2 * away)
    lost, grown, seen = _differences(far, true, slant, origins, view, middle, wide_mm)
    places = origins - far.clip(0, 1e6)[:, None] * view
    image = _picture(cells, corner, size, places, np.isfinite(far), lost, grown, upright)
    return AsPrinted(machine.name, image, wide_mm, float(lost.sum()) / seen, float(grown.sum()) / seen)


def _differences(
    far: Floats, true: Floats, slant: Floats, origins: Floats, view: Floats, middle: Floats, wide_mm: float
) -> tuple[Cells, Cells, int]:
    """Rays that meet the print farther back than the sculpt, and nearer, along its skin's normal; of how many that meet the sculpt."""
    met = origins - true.clip(0, 1e6)[:, None] * view
    inside = np.isfinite(true) & (np.abs(met - middle).max(axis=1) < wide_mm / 2)
    off = np.where(inside, (np.minimum(far, 1e6) - np.where(inside, true, 0.0)) * slant, 0.0)
    return off > TOLD_MM, off < -TOLD_MM, max(int(inside.sum()), 1)


def _true(posed: Mesh, origins: Floats, view: Floats, most_mm: float) -> tuple[Floats, Floats]:
    """How far rays go until they meet the sculpt itself, infinite where they do not, and the cosine of its skin there to them, (n,)."""
    scene, ways = RayScene(posed), np.broadcast_to(-view, origins.shape)
    far, face = scene.first_mm(origins, ways), scene.first_hit(origins, ways)
    there = (face >= 0) & (far < most_mm)
    return np.where(there, far, np.inf), np.where(there, np.abs(posed.normals[face] @ view), 0.0)


def _cells(posed: Mesh, machine: Machine, middle: Floats, wide_mm: float) -> tuple[Cells, Floats, Floats]:
    """Solid cells of the cube, bool (x, y, z), its lowest corner and the size of a cell in mm (3,)."""
    pin, slot = least_mm(machine)
    flat = _cell_mm(machine)
    columns = solid_columns(posed.triangles, flat, machine.layer_mm)
    size = np.array([flat, flat, machine.layer_mm])
    start = np.floor((middle - wide_mm / 2) / size).astype(int)
    count = np.ceil(wide_mm / size).astype(int)
    edges = np.zeros((count[0], count[1], count[2] + 1), np.int16)
    x, y = columns.x.astype(int) + columns.grid.x0_px - start[0], columns.rows + columns.grid.y0_px - start[1]
    here = (x >= 0) & (x < count[0]) & (y >= 0) & (y < count[1])
    low, high = (np.clip(z[here].astype(int) - start[2], 0, count[2]) for z in (columns.low, columns.high))
    np.add.at(edges, (x[here], y[here], low), 1)
    np.add.at(edges, (x[here], y[here], high), -1)
    solid = np.cumsum(edges, axis=2, dtype=np.int16)[:, :, :-1] > 0
    if machine.is_dry or machine.least_pin_mm:
        solid = _grown(_shrunk(solid, pin / 2 / flat), pin / 2 / flat)
    if machine.is_dry or machine.least_slot_mm:
        solid = _shrunk(_grown(solid, slot / 2 / flat), slot / 2 / flat)
    return solid, start * size, size


def _grown(cells: Cells, by: float) -> Cells:
    """Every layer with all that is nearer than so many cells, bool (x, y, z)."""
    reach, out = int(by), cells.copy()
    for dx in range(-reach, reach + 1):
        for dy in range(-reach, reach + 1):
            if (dx or dy) and dx * dx + dy * dy <= by * by:
                out |= np.roll(cells, (dx, dy), axis=(0, 1))
    return out


def _shrunk(cells: Cells, by: float) -> Cells:
    return ~_grown(~cells, by)


def _rays(middle: Floats, view: Floats, above: Floats, wide_mm: float, away_mm: float) -> tuple[Floats, Floats]:
    """Where the rays of a square picture begin, so far away, (n, 3), and what is up in it."""
    right = np.cross(above, view)
    right /= max(float(np.linalg.norm(right)), 1e-9)
    upright = np.cross(view, right)
    steps = ((np.arange(PX) + 0.5) / PX - 0.5) * wide_mm
    y, x = np.meshgrid(-steps, steps, indexing="ij")
    start = middle + view * away_mm + x.reshape(-1, 1) * right + y.reshape(-1, 1) * upright
    return np.ascontiguousarray(start), upright


def _picture(
    cells: Cells, corner: Floats, size: Floats, met: Floats, hit: Cells, lost: Cells, grown: Cells, upright: Floats
) -> Image:  # fmt: skip
    """Shaded by the slope of the softened cells where a ray met them; what differs in colour."""
    from scipy.ndimage import gaussian_filter

    soft = gaussian_filter(cells.astype(np.float32), SOFT_CELLS)
    at = np.clip(((met - corner) / size).astype(int), 1, np.array(cells.shape) - 2)
    x, y, z = at[hit].T
    slope = -np.stack([soft[x + 1, y, z] - soft[x - 1, y, z], soft[x, y + 1, z] - soft[x, y - 1, z],
                       soft[x, y, z + 1] - soft[x, y, z - 1]], axis=1) / size  # fmt: skip
    normals = slope / np.maximum(np.linalg.norm(slope, axis=1), 1e-9)[:, None]
    light = shade(_turned_up(normals, upright))
    base = np.where(lost[hit, None], LOST_RGB, np.where(grown[hit, None], GROWN_RGB, RESIN_RGB))
    image = np.zeros((PX * PX, 4), np.uint8)
    image[hit, :3] = (base * light[:, None]).clip(0, 255)
    image[hit, 3] = 255
    gone = lost & ~hit  # nothing is left behind it
    image[gone] = [*LOST_RGB.astype(np.uint8), 90]
    return image.reshape(PX, PX, 4)


def _turned_up(normals: Floats, upright: Floats) -> Floats:
    """As they stand in the picture, so that its light comes from above."""
    return np.asarray(normals @ turning_up(upright).T)
