"""Silhouettes turned any way and laid into the free cells of plates, a machine word of cells at a time.

A plate's row is a string of bits; a shape fits at a place if none of its rows, shifted there, shares a bit with the
plate's. Plates only fill up: where a shape did not fit it never will, so each search goes on where the last one of that
shape on that plate ended.
"""

from __future__ import annotations

import math
from dataclasses import dataclass, field

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel

Bitmap = NDArray[np.bool_]
TURNS = 16  # of 22.5 degrees each, clockwise seen from above
STEP = 2  # cells between places tried
WORD = 64


def turn_deg(turn: int) -> float:
    """Degrees counter-clockwise of a turn."""
    return (-360.0 / TURNS * turn) % 360


def turned_by(bitmap: Bitmap, degrees: float) -> Bitmap:
    """A square bitmap, odd to a side, turned counter-clockwise about its middle cell; every cell that may be touched is set."""
    if degrees % 90 == 0:
        return np.rot90(bitmap, -round(degrees / 90))
    size = int(np.ceil(bitmap.shape[0] * np.sqrt(2))) | 1
    angle = np.radians(degrees)
    return np.asarray(_turned(bitmap, size, np.cos(angle), np.sin(angle)))


@kernel
def _turned(bitmap, size, cosine, sine):  # type: ignore[no-untyped-def]
    """Every cell (size, size) that any of the four cells about the place it came from is set."""
    half, middle = (size - 1) / 2, (bitmap.shape[0] - 1) / 2
    turned = np.zeros((size, size), np.bool_)
    for row in range(size):
        for column in range(size):
            sx = cosine * (column - half) + sine * (row - half) + middle
            sy = -sine * (column - half) + cosine * (row - half) + middle
            for y in (math.floor(sy), math.ceil(sy)):
                for x in (math.floor(sx), math.ceil(sx)):
                    if 0 <= y < bitmap.shape[0] and 0 <= x < bitmap.shape[1] and bitmap[y, x]:
                        turned[row, column] = True
    return turned


def words_of(bitmap: Bitmap, spare: int = 0) -> NDArray[np.uint64]:
    """Rows as words, the first cell in the lowest bit, with ``spare`` empty words behind."""
    count = -(-bitmap.shape[1] // WORD) + spare
    padded = np.zeros((bitmap.shape[0], count * WORD), np.bool_)
    padded[:, : bitmap.shape[1]] = bitmap
    return np.packbits(padded, axis=1, bitorder="little").view(np.uint64)


@kernel
def _fits(plate, shape, order, row, column):  # type: ignore[no-untyped-def]
    word, shift = column >> 6, np.uint64(column & 63)
    for i in order:
        carry = np.uint64(0)
        for j in range(shape.shape[1]):
            here = shape[i, j]
            if plate[row + i, word + j] & ((here << shift) | carry):
                return False
            carry = here >> (np.uint64(64) - shift) if shift else np.uint64(0)
        if carry and plate[row + i, word + shape.shape[1]] & carry:
            return False
    return True


@kernel
def _first_fit(plate, shape, order, height, width, ny, nx, from_row, below, step):  # type: ignore[no-untyped-def]
    """Row and column of the lowest, then leftmost place from ``from_row`` on whose top stays under ``below``; (-1, -1) for none."""
    for row in range(from_row, min(ny, below - 1) - height + 1, step):
        for column in range(0, nx - width + 1, step):
            if _fits(plate, shape, order, row, column):
                return row, column
    return -1, -1


@kernel
def _mark(plate, shape, row, column):  # type: ignore[no-untyped-def]
    word, shift = column >> 6, np.uint64(column & 63)
    for i in range(shape.shape[0]):
        carry = np.uint64(0)
        for j in range(shape.shape[1]):
            here = shape[i, j]
            plate[row + i, word + j] |= (here << shift) | carry
            carry = here >> (np.uint64(64) - shift) if shift else np.uint64(0)
        if carry:
            plate[row + i, word + shape.shape[1]] |= carry


@dataclass(frozen=True, eq=False)
class Shape:
    """One turn of a silhouette, cropped: its words, rows from the fullest on, and where its first cell lies in the frame of
    the silhouette's own middle.
    """

    turn: int
    words: NDArray[np.uint64]
    order: NDArray[np.int64]
    height: int
    width: int
    row: int
    column: int


def shapes_of(bitmap: Bitmap) -> list[Shape]:
    """All turns of a silhouette; those that look like an earlier one are left out."""
    shapes: list[Shape] = []
    seen: set[bytes] = set()
    for turn in range(TURNS):
        outline = turned_by(bitmap, turn_deg(turn))
        rows, columns = np.flatnonzero(outline.any(axis=1)), np.flatnonzero(outline.any(axis=0))
        cut = np.ascontiguousarray(outline[rows[0] : rows[-1] + 1, columns[0] : columns[-1] + 1])
        key = bytes(str(cut.shape), "ascii") + cut.tobytes()
        if key in seen:
            continue
        seen.add(key)
        middle = (outline.shape[0] - 1) // 2
        order = np.argsort(-cut.sum(axis=1), kind="stable").astype(np.int64)
        shapes.append(
            Shape(
                turn, words_of(cut), order, cut.shape[0], cut.shape[1], int(rows[0]) - middle, int(columns[0]) - middle
            )
        )
    return shapes


@dataclass(eq=False)
class Bed:
    """A plate that fills up. ``taken``: cells that are not free from the beginning."""

    taken: Bitmap
    words: NDArray[np.uint64] = field(init=False)
    free: int = field(init=False)
    tried: dict[tuple[int, int], int] = field(default_factory=dict)

    def __post_init__(self) -> None:
        self.words, self.free = words_of(self.taken, 1), int((~self.taken).sum())

    def place(self, name: int, shapes: list[Shape], cells: int) -> tuple[int, int, int] | None:
        """The turn, row and column of the silhouette's middle where its top edge lies lowest; the cells are taken.

        ``name`` tells equal silhouettes apart from others, ``cells`` is how many it covers.
        """
        if cells > self.free:
            return None
        ny, nx = self.taken.shape
        best: tuple[int, int, Shape] | None = None
        below = ny + 1
        for shape in shapes:
            begin = self.tried.get((name, shape.turn), 0)
            row, column = _first_fit(
                self.words, shape.words, shape.order, shape.height, shape.width, ny, nx, begin, below, STEP
            )
            if row >= 0:
                self.tried[name, shape.turn] = row
                best, below = (row, column, shape), row + shape.height
            elif below == ny + 1:
                self.tried[name, shape.turn] = ny  # nowhere, now and for good
        if best is None:
            return None
        row, column, shape = best
        _mark(self.words, shape.words, row, column)
        self.free -= cells
        return shape.turn, row - shape.row, column - shape.column
