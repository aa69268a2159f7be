"""Packing parts on the plate by their silhouettes, and what the run will take.

Silhouettes (with supports and raft) are bitmaps of ``CELL_MM``, widened by the margin; each is tried in sixteen turns at
the lowest, then leftmost place where it overlaps nothing (bottom-left rule, Baker, Coffman & Rivest 1980); outlines with
hollows take others in. A run takes as long as its tallest part, so tall goes with tall; several orders are tried and the
one that needs fewest machine minutes is kept.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field
from datetime import datetime

import numpy as np

from numerus.errors import Cancelled, PlanError
from numerus.geometry.columns import solid_columns
from numerus.geometry.layers import silhouette
from numerus.geometry.mesh import Mesh, about_vertical, rotation_matrix
from numerus.resin.nesting import Bed, Bitmap, Shape, shapes_of, turn_deg
from numerus.resin.profiles import Machine, Resin
from numerus.resin.timing import run_minutes

CELL_MM = 0.25
OPEN = 8  # plates a part is tried on before a new one is begun
MANY = 300  # outlines beyond which only the orders that usually win are tried
MARGIN_MM = 1.0


@dataclass(frozen=True)
class Placed:
    """One part on a plate: its centre in mm from the plate's corner, turned about the vertical; for which figure."""

    id: str
    part_id: str
    figure_id: str
    slot: str
    x_mm: float
    y_mm: float
    turn_deg: float = 0.0


@dataclass(frozen=True)
class Plate:
    """What one run makes, and what that run takes. ``reach_mm``: how far its outlines go from the corner; ``pinned``: when it
    is to start, where that was put by hand.
    """

    id: str
    name: str
    machine_id: str
    resin_id: str
    placed: tuple[Placed, ...]
    height_mm: float
    minutes: float
    resin_ml: float
    order: int = 0
    reach_mm: tuple[float, float] = (0.0, 0.0)
    pinned: datetime | None = None


@dataclass(frozen=True, eq=False)
class Outline:
    """A part to pack: what it is, and its silhouette bitmap with the offset of its first cell from the part's centre."""

    part_id: str
    figure_id: str
    slot: str
    bitmap: Bitmap
    height_mm: float
    resin_ml: float


@dataclass(frozen=True, eq=False)
class Packing:
    """Plates of (outline index, turn, column and row of the bitmap's middle cell); see ``numerus.resin.nesting``."""

    plates: list[list[tuple[int, int, int, int]]] = field(default_factory=list)


def outline_bitmap(mesh: Mesh, cell_mm: float = CELL_MM, margin_mm: float = MARGIN_MM) -> Bitmap:
    """The silhouette widened by half the margin, its frame centred on the mesh's own origin: bool (n, n), n odd."""
    mesh = mesh.moved((cell_mm / 2, cell_mm / 2, 0))  # the origin in the middle of a cell, so that turns keep it there
    columns = solid_columns(mesh.triangles, cell_mm, 0.1)
    seen = silhouette(columns) if columns.layers else np.zeros((1, 1), bool)
    fine = _vertex_cells(mesh, columns.grid.x0_px, columns.grid.y0_px, seen.shape, cell_mm)
    reach = int(np.ceil(max(np.abs(mesh.bounds_mm[:, :2]).max(), cell_mm) / cell_mm + margin_mm)) + 1
    frame = np.zeros((2 * reach + 1, 2 * reach + 1), bool)
    rows, cols = np.nonzero(seen | fine)
    frame[rows + columns.grid.y0_px + reach, cols + columns.grid.x0_px + reach] = True
    return _widened(frame, int(np.ceil(margin_mm / 2 / cell_mm)))


def _vertex_cells(mesh: Mesh, x0: int, y0: int, shape: tuple[int, ...], cell_mm: float) -> Bitmap:
    """Cells that hold a vertex: thin bars between pixel centres would otherwise be lost."""
    cells = np.zeros(shape, bool)
    at = np.floor(mesh.vertices[:, :2] / cell_mm).astype(int) - [x0, y0]
    cells[np.clip(at[:, 1], 0, shape[0] - 1), np.clip(at[:, 0], 0, shape[1] - 1)] = True
    return cells


def _widened(bitmap: Bitmap, cells: int) -> Bitmap:
    from scipy.ndimage import binary_dilation

    return np.asarray(binary_dilation(bitmap, iterations=cells)) if cells else bitmap


def empty_plate(machine: Machine) -> Bitmap:
    """The machine's plate as cells, bad spots taken."""
    ny, nx = int(machine.plate_y_mm / CELL_MM), int(machine.plate_x_mm / CELL_MM)
    y, x = (np.indices((ny, nx)) + 0.5) * CELL_MM
    taken = np.zeros((ny, nx), bool)
    for spot_x, spot_y, radius in machine.bad_spots:
        taken |= np.hypot(x - spot_x, y - spot_y) < radius
    return taken


def _pack_in_order(outlines: Sequence[Outline], order: Sequence[int], machine: Machine, turns: Turns) -> Packing:
    """First plate that has room, of the last OPEN ones: earlier ones were full for larger parts and are for these."""
    taken = empty_plate(machine)
    beds: list[tuple[Bed, list[tuple[int, int, int, int]]]] = []
    for index in order:
        key, shapes, cells = turns.of(outlines[index].bitmap)
        for bed, placed in [*beds[-OPEN:], (Bed(taken), [])]:
            where = bed.place(key, shapes, cells)
            if where is not None:
                placed.append((index, where[0], where[2], where[1]))
                if len(placed) == 1:
                    beds.append((bed, placed))
                break
        else:
            raise PlanError(
                "does-not-fit",
                f"Part {outlines[index].part_id} is larger than the plate of {machine.name}.",
                "Choose a lower pose, another machine, or cut the part.",
            )
    return Packing([placed for _, placed in beds])


class Turns:
    """Turned silhouettes, made once for each bitmap."""

    def __init__(self) -> None:
        self._known: dict[int, tuple[int, list[Shape], int, Bitmap]] = {}

    def of(self, bitmap: Bitmap) -> tuple[int, list[Shape], int]:
        """A number for the bitmap, its turns, how many cells it covers."""
        if id(bitmap) not in self._known:
            self._known[id(bitmap)] = len(self._known), shapes_of(bitmap), int(bitmap.sum()), bitmap
        number, shapes, cells, _ = self._known[id(bitmap)]
        return number, shapes, cells


def pack(
    outlines: Sequence[Outline],
    machine: Machine,
    tries: int = 3,
    seed: int = 1,
    progress: Callable[[float], bool] | None = None,
) -> Packing:
    """The best packing of a few orders: tall with tall, then by size. Raises PlanError if a part fits no plate."""
    for outline in outlines:
        if outline.height_mm > machine.height_mm:
            raise PlanError(
                "too-tall",
                f"Part {outline.part_id} stands {outline.height_mm:.0f} mm; {machine.name} has {machine.height_mm:.0f}.",
                "Tilt it, or cut it.",
            )
    size = [int(o.bitmap.sum()) for o in outlines]
    by_height = sorted(range(len(outlines)), key=lambda i: (-round(outlines[i].height_mm / 6), -size[i]))
    by_size = sorted(range(len(outlines)), key=lambda i: -size[i])
    rng = np.random.default_rng(seed)
    orders = [by_height, by_size] + [
        sorted(by_height, key=lambda i: -size[i] * rng.uniform(0.8, 1.25))
        for _ in range(tries if len(outlines) <= MANY else 0)
    ]
    best: Packing | None = None
    turns = Turns()
    for number, order in enumerate(orders):
        if progress is not None and not progress(number / len(orders)):
            raise Cancelled
        found = _pack_in_order(outlines, order, machine, turns)
        if best is None or machine_minutes(found, outlines, machine) < machine_minutes(best, outlines, machine):
            best = found
    assert best is not None
    return best


def machine_minutes(packing: Packing, outlines: Sequence[Outline], machine: Machine) -> float:
    """Machine minutes of all plates: what tall with tall saves."""
    return sum(run_minutes(max(outlines[p[0]].height_mm for p in plate), machine) for plate in packing.plates)


def plates_of(
    packing: Packing,
    outlines: Sequence[Outline],
    machine: Machine,
    resin: Resin,
    name: str,
    new_id: Callable[[], str],
    first: int = 0,
) -> list[Plate]:
    """The packing as plans; places are the parts' own origins in mm from the plate's corner."""
    made = []
    for number, spots in enumerate(packing.plates):
        placed = []
        for index, turn, column, row in spots:
            o = outlines[index]
            x, y = (column + 0.5) * CELL_MM, (row + 0.5) * CELL_MM
            placed.append(Placed(new_id(), o.part_id, o.figure_id, o.slot, x, y, turn_deg(turn)))
        height = max(outlines[s[0]].height_mm for s in spots)
        ml = sum(outlines[s[0]].resin_ml for s in spots) * (1 + resin.cling_share)
        label = f"{name} {number + 1}" if len(packing.plates) > 1 else name
        made.append(
            Plate(
                new_id(),
                label,
                machine.id,
                resin.id,
                tuple(placed),
                height,
                run_minutes(height, machine),
                ml,
                first + number,
            )
        )
    return made


def density(packing: Packing, outlines: Sequence[Outline], machine: Machine) -> list[float]:
    """Share of each plate covered by silhouettes."""
    cells = empty_plate(machine).size
    return [sum(int(outlines[s[0]].bitmap.sum()) for s in plate) / cells for plate in packing.plates]


def covered(plate: Plate, shapes: Mapping[str, Bitmap], machine: Machine) -> float:
    """Share of a plate covered by its parts' silhouettes, by part id."""
    return sum(int(shapes[p.part_id].sum()) for p in plate.placed) / empty_plate(machine).size


def placed_mesh(mesh: Mesh, placed: Placed) -> Mesh:
    """A supported mesh where it stands on the plate."""
    return mesh.transformed(rotation_matrix(about_vertical(placed.turn_deg))).moved((placed.x_mm, placed.y_mm, 0))
