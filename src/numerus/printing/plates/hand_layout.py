"""Plates laid by hand: a part moved, turned, swapped with another, kept where it lies, or all others packed anew round it.

Every change is looked at with the packer's own outlines, cell by cell: what would lie over another part, over the edge or on a
weak spot is refused in words, and nothing is changed.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import replace

import numpy as np

from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Placed, Plate
from numerus.errors import PlanError
from numerus.geometry.hulls import gap_mm
from numerus.printing.plates.nesting import Bed, Bitmap, shapes_of, turn_deg
from numerus.printing.plates.packing import CELL_MM, MARGIN_MM, cells_of, empty_plate, reach_mm

Shapes = Mapping[str, Bitmap]
"""The packing outlines, by ``Placed.shape``."""

Hull = Sequence[tuple[float, float]]
"""The plain outline of what is placed, round its own origin; empty where it is not known."""


def moved(
    plate: Plate, placed_id: str, x_mm: float, y_mm: float, turn: float, shapes: Shapes, machine: Machine
) -> Plate:
    """The part there, turned so many degrees. Raises PlanError where it cannot lie."""
    old = _one(plate, placed_id)
    return _checked(plate, [replace(old, x_mm=x_mm, y_mm=y_mm, turn_deg=turn % 360)], shapes, machine)


def swapped(plate: Plate, one_id: str, other_id: str, shapes: Shapes, machine: Machine) -> Plate:
    """Two parts change places, each in its own turn."""
    one, other = _one(plate, one_id), _one(plate, other_id)
    pair = [replace(one, x_mm=other.x_mm, y_mm=other.y_mm), replace(other, x_mm=one.x_mm, y_mm=one.y_mm)]
    return _checked(plate, pair, shapes, machine)


def locked(plate: Plate, placed_id: str, lock: bool) -> Plate:
    """Kept where it lies when the others are packed anew."""
    return _with(plate, [replace(_one(plate, placed_id), locked=lock)], plate.reach_mm)


def without(plate: Plate, placed_id: str) -> Plate:
    """The part taken off the plate: it is owed again. Its height and minutes are the caller's to measure."""
    return replace(plate, placed=tuple(p for p in plate.placed if p.id != placed_id))


def repacked(plate: Plate, shapes: Shapes, machine: Machine) -> Plate:
    """All parts that are not kept where they lie, packed anew, the largest first. Raises PlanError where they no longer fit."""
    taken = empty_plate(machine)
    for placed in plate.placed:
        if placed.locked:
            rows, columns = cells_of(placed, shapes[placed.shape])
            taken[rows, columns] = True
    bed, laid = Bed(taken), []
    loose = sorted((p for p in plate.placed if not p.locked), key=lambda p: -int(shapes[p.shape].sum()))
    names = {shape: number for number, shape in enumerate(dict.fromkeys(p.shape for p in loose))}
    turns = {shape: shapes_of(shapes[shape]) for shape in names}
    for placed in loose:
        where = bed.place(names[placed.shape], turns[placed.shape], int(shapes[placed.shape].sum()))
        if where is None:
            raise PlanError("no-room", f"Round what is kept, {placed.slot} finds no room.", "Let something go first.")
        turn, row, column = where
        laid.append(replace(placed, x_mm=(column + 0.5) * CELL_MM, y_mm=(row + 0.5) * CELL_MM, turn_deg=turn_deg(turn)))
    return _with(plate, laid, _reach(_with(plate, laid, plate.reach_mm), shapes))


def troubles(plate: Plate, shapes: Shapes, machine: Machine) -> dict[str, str]:
    """Parts that cannot lie as they do, by placed id, with the reason."""
    bad = empty_plate(machine)
    count, own, troubles_by_part = np.zeros(bad.shape, np.int32), {}, {}
    for placed in plate.placed:
        rows, columns = cells_of(placed, shapes[placed.shape])
        if min(rows.min(), columns.min()) < 0 or rows.max() >= bad.shape[0] or columns.max() >= bad.shape[1]:
            troubles_by_part[placed.id] = "lies over the edge"
            inside = (rows >= 0) & (columns >= 0) & (rows < bad.shape[0]) & (columns < bad.shape[1])
            rows, columns = rows[inside], columns[inside]
        elif bad[rows, columns].any():
            troubles_by_part[placed.id] = "lies on a weak spot"
        own[placed.id] = rows, columns
        count[rows, columns] += 1
    for name, at in own.items():
        if name not in troubles_by_part and (count[at] > 1).any():
            troubles_by_part[name] = "lies over another part"
    return troubles_by_part


def lies_on(plate: Plate, machine: Machine, hull_of: Callable[[Placed], Hull]) -> bool:
    """Whether a plate can be printed on another machine as it lies: its height, its reach, its parts clear of weak spots.

    Plain outlines hold the true ones, so what is said to lie well does; what is not may still, laid by hand.
    """
    wide, deep = plate.reach_mm
    if plate.height_mm > machine.height_mm or wide > machine.plate_x_mm or deep > machine.plate_y_mm:
        return False
    return not machine.bad_spots or all(_clear(p, hull_of(p), machine) for p in plate.placed)


def _clear(placed: Placed, hull: Hull, machine: Machine) -> bool:
    """Whether a part keeps off every weak spot of a machine; where its outline is not known, it is not said to."""
    turn = np.radians(placed.turn_deg)
    back = np.array([[np.cos(turn), np.sin(turn)], [-np.sin(turn), np.cos(turn)]])
    spots = [(back @ [x - placed.x_mm, y - placed.y_mm], radius) for x, y, radius in machine.bad_spots]
    # Cells of part and spot are each drawn up to half a diagonal too large: what is said here must hold there, too.
    clear_mm = MARGIN_MM / 2 + np.sqrt(2) * CELL_MM
    return len(hull) > 0 and all(gap_mm(np.asarray(hull), *at) > radius + clear_mm for at, radius in spots)


def _one(plate: Plate, placed_id: str) -> Placed:
    return next(p for p in plate.placed if p.id == placed_id)


def _with(plate: Plate, changed: list[Placed], reach_mm: tuple[float, float]) -> Plate:
    new = {p.id: p for p in changed}
    return replace(plate, placed=tuple(new.get(p.id, p) for p in plate.placed), reach_mm=reach_mm)


def _checked(plate: Plate, changed: list[Placed], shapes: Shapes, machine: Machine) -> Plate:
    """The changed plate, if what was changed can lie there."""
    laid = _with(plate, changed, plate.reach_mm)
    faults = troubles(laid, shapes, machine)
    for placed in changed:
        if placed.id in faults:
            raise PlanError("cannot-lie", f"There {placed.slot} {faults[placed.id]}.", "It stays where it was.")
    return replace(laid, reach_mm=_reach(laid, shapes))


def _reach(plate: Plate, shapes: Shapes) -> tuple[float, float]:
    return reach_mm((p, shapes[p.shape]) for p in plate.placed)
