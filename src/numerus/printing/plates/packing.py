"""Packing parts on the plate by their silhouettes, and what the run will take.

Silhouettes (with supports and raft) are bitmaps of ``CELL_MM``, widened by the margin; each is tried in sixteen turns at
the lowest, then leftmost place where it overlaps nothing (bottom-left rule, Baker, Coffman & Rivest 1980); outlines with
hollows take others in. A run takes as long as its tallest part, so tall goes with tall; several orders are tried and the
one that needs fewest machine minutes is kept.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.domain.printing.plates import Laid, Placed, Plate
from numerus.errors import Cancelled, PlanError, Progress
from numerus.geometry.mesh import Floats, Mesh, about_vertical, rotation_matrix
from numerus.geometry.shadows import shadow
from numerus.printing.machines.timing import run_minutes
from numerus.printing.plates.nesting import Bed, Bitmap, Shape, shapes_of, turn_deg, turned_by

CELL_MM = 0.25
BAND_MM = 6.0  # heights that count as one
MANY = 300  # outlines beyond which only the orders that usually win are tried
MARGIN_MM = 1.0


@dataclass(frozen=True, eq=False)
class Outline:
    """A part to pack: what it is, its silhouette about its own origin, the ``rank`` of its unit in the wanted order; ``name``: what
    people call it.
    """

    part_id: str
    figure_id: str
    slot: str
    bitmap: Bitmap
    height_mm: float
    resin_ml: float
    rank: int = 0
    pose: int = 0
    name: str = ""
    skin_cm2: float = 0.0


def outline_bitmap(mesh: Mesh, cell_mm: float = CELL_MM, margin_mm: float = MARGIN_MM) -> Bitmap:
    """The silhouette widened by half the margin, its frame centred on the mesh's own origin: bool (n, n), n odd."""
    centred = mesh.moved((cell_mm / 2, cell_mm / 2, 0))  # the origin in a cell's middle, so that turns keep it there
    reach = int(np.ceil(max(np.abs(centred.bounds_mm[:, :2]).max(), cell_mm) / cell_mm + margin_mm)) + 1
    frame = shadow(centred, cell_mm, -reach, -reach, 2 * reach + 1, 2 * reach + 1)
    return _widened(frame, int(np.ceil(margin_mm / 2 / cell_mm)))


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


@dataclass(frozen=True, eq=False)
class Filled:
    """One plate as it was filled: (outline index, turn, column and row of the bitmap's middle cell) of each part."""

    machine: Machine
    spots: list[tuple[int, int, int, int]]
    height_mm: float
    minutes: float


def fill(outlines: Sequence[Outline], order: Sequence[int], machines: Sequence[Machine], turns: Turns) -> list[Filled]:
    """Plates filled one by one in an order: the machine that would be done first takes what comes first, and of all the rest
    whatever still fits; a run takes as long as its tallest part, so what is lower rides along for nothing.

    Raises PlanError if a part fits no machine.
    """
    left, load = list(order), {m.id: 0.0 for m in machines}
    taken = {m.id: empty_plate(m) for m in machines}
    filled_plates: list[Filled] = []
    while left:
        height = outlines[left[0]].height_mm
        fits = [m for m in machines if height <= m.height_mm]
        for machine in sorted(fits, key=lambda m: load[m.id] + run_minutes(height, m)):
            spots = _filled(outlines, left, machine, taken[machine.id], turns)
            if spots:
                break
        else:
            raise _misfit(outlines[left[0]], machines)
        there = {s[0] for s in spots}
        left = [i for i in left if i not in there]
        tall = max(outlines[i].height_mm for i in there)
        own = [outlines[i] for i in there]
        laid = Laid(sum(o.resin_ml for o in own), sum(o.skin_cm2 for o in own), len(own))
        filled_plates.append(Filled(machine, spots, tall, run_minutes(tall, machine, laid)))
        load[machine.id] += filled_plates[-1].minutes + machine.turn_round_min
    return filled_plates


def _filled(
    outlines: Sequence[Outline], left: Sequence[int], machine: Machine, taken: Bitmap, turns: Turns
) -> list[tuple[int, int, int, int]]:
    """Spots of what fits on one plate, in order; none if the first does not."""
    bed, spots = Bed(taken), []
    for index in left:
        outline = outlines[index]
        if outline.height_mm > machine.height_mm:
            continue
        where = bed.place(*turns.of(outline.bitmap))
        if where is not None:
            spots.append((index, where[0], where[2], where[1]))
        elif index == left[0]:
            return []
    return spots


def _misfit(outline: Outline, machines: Sequence[Machine]) -> PlanError:
    names = " or ".join(m.name for m in machines)
    tallest = max(m.height_mm for m in machines)
    called = outline.name or f"Part {outline.part_id}"
    if outline.height_mm > tallest:
        description = f"{called} stands {outline.height_mm:.0f} mm; {names} has {tallest:.0f}."
        return PlanError("too-tall", description, "Tilt it, or cut it.")
    return PlanError(
        "does-not-fit", f"{called} is larger than the plate of {names}.",
        "Choose a lower pose, another machine, or cut the part.",
    )  # fmt: skip


Cost = Callable[[Sequence[Filled]], float]


def orders_of(outlines: Sequence[Outline], tries: int, seed: int = 1) -> Iterator[list[int]]:
    """Orders worth trying: tall with tall, by size, by unit and within it by height, and shuffled ones."""
    size = [int(o.bitmap.sum()) for o in outlines]
    every = range(len(outlines))
    by_height = sorted(every, key=lambda i: (-round(outlines[i].height_mm / BAND_MM), -size[i]))
    yield by_height
    yield sorted(every, key=lambda i: -size[i])
    if len({o.rank for o in outlines}) > 1:
        yield sorted(by_height, key=lambda i: outlines[i].rank)
    rng = np.random.default_rng(seed)
    for number in range(tries):
        ranked = number % 2  # every other keeps to the order of units, loosely
        worth = np.array([-size[i] / max(size) + ranked * outlines[i].rank for i in every]) * rng.uniform(
            0.8, 1.25, len(size)
        )
        yield sorted(by_height, key=lambda i: float(worth[i]))


def pack(
    outlines: Sequence[Outline], machines: Sequence[Machine], tries: int = 3, cost: Cost | None = None,
    progress: Progress | None = None, better: Callable[[list[Filled], float], object] | None = None,
) -> list[Filled]:  # fmt: skip
    """The best of a few orders, by machine minutes or another ``cost``; ``better`` is told of each that is better than all
    before, and its cost. Raises PlanError if a part fits no machine, Cancelled.
    """
    cost, best, least, turns = cost or machine_minutes, None, float("inf"), Turns()
    orders = list(orders_of(outlines, tries if len(outlines) <= MANY else 0))
    for number, order in enumerate(orders):
        if progress is not None and not progress(number / len(orders)):
            raise Cancelled
        filled_plates = fill(outlines, order, machines, turns)
        asked = cost(filled_plates)
        if best is None or asked < least:
            best, least = filled_plates, asked
            if better is not None:
                better(filled_plates, asked)
    return best or []


def machine_minutes(filled: Sequence[Filled]) -> float:
    """Machine minutes of all plates: what tall with tall saves."""
    return sum(f.minutes for f in filled)


def plates_of(
    filled: Sequence[Filled],
    outlines: Sequence[Outline],
    resin: Resin,
    name: str,
    new_id: Callable[[], str],
    first: int = 0,
) -> list[Plate]:
    """The packing as plans; places are the parts' own origins in mm from the plate's corner."""
    plates = []
    for number, one in enumerate(filled):
        own = [(outlines[index], turn, column, row) for index, turn, column, row in one.spots]
        placed = tuple(
            Placed(
                new_id(),
                o.part_id,
                o.figure_id,
                o.slot,
                (c + 0.5) * CELL_MM,
                (r + 0.5) * CELL_MM,
                turn_deg(t),
                pose=o.pose,
            )
            for o, t, c, r in own
        )
        clings = 0.0 if one.machine.is_dry else resin.cling_share
        ml = sum(o.resin_ml for o, *_ in own) * (1 + clings)
        label = f"{name} {number + 1}" if len(filled) > 1 else name
        plates.append(
            Plate(
                new_id(),
                label,
                one.machine.id,
                resin.id,
                placed,
                one.height_mm,
                one.minutes,
                ml,
                first + number,
                reach_mm((p, o.bitmap) for p, (o, *_) in zip(placed, own, strict=True)),
                skin_cm2=sum(o.skin_cm2 for o, *_ in own),
            )  # fmt: skip
        )
    return plates


def cells_of(placed: Placed, shape: Bitmap) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """Rows and columns of the plate's cells an outline covers, also beyond its edges."""
    cells = turned_by(shape, placed.turn_deg)
    middle = (cells.shape[0] - 1) // 2
    rows, columns = np.nonzero(cells)
    return rows - middle + int(placed.y_mm / CELL_MM), columns - middle + int(placed.x_mm / CELL_MM)


def reach_mm(outlines: Iterable[tuple[Placed, Bitmap]]) -> tuple[float, float]:
    """How far outlines go from the plate's corner, in mm along x and y."""
    ends = [cells_of(placed, shape) for placed, shape in outlines]
    if not ends:
        return 0.0, 0.0
    return max(int(c.max()) + 1 for _, c in ends) * CELL_MM, max(int(r.max()) + 1 for r, _ in ends) * CELL_MM


def density(filled: Sequence[Filled], outlines: Sequence[Outline]) -> list[float]:
    """Share of each plate covered by silhouettes."""
    return [sum(int(outlines[s[0]].bitmap.sum()) for s in one.spots) / empty_plate(one.machine).size for one in filled]


def covered(plate: Plate, shapes: Mapping[str, Bitmap], machine: Machine) -> float:
    """Share of a plate covered by its parts' silhouettes, by part id."""
    return sum(int(shapes[p.part_id].sum()) for p in plate.placed) / empty_plate(machine).size


def placed_points(points_mm: Floats, placed: Placed) -> Floats:
    """Points (n, 3) of a supported mesh where it stands on the plate."""
    return np.asarray(
        points_mm @ rotation_matrix(about_vertical(placed.turn_deg))[:3, :3].T + [placed.x_mm, placed.y_mm, 0]
    )


def placed_mesh(mesh: Mesh, placed: Placed) -> Mesh:
    """A supported mesh where it stands on the plate."""
    return mesh.transformed(rotation_matrix(about_vertical(placed.turn_deg))).moved((placed.x_mm, placed.y_mm, 0))
