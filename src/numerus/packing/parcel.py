"""The parcel: an inner box round the trays, an outer one with filling all round, and what it weighs."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from math import ceil

from numerus.packing.trays import Tray

FILL_MM = 30.0  # (default) of crumpled paper or foam between the boxes, on every side
BOARD_MM, BOARD_G_PER_M2 = 4.0, 550.0  # (defaults) of a box's board
FOAM_G_PER_L, FILL_G_PER_L = 25.0, 12.0  # (defaults)
LID_MM = 5.0  # foam on top of the uppermost tray
STEP_MM = 10  # boxes are cut to whole centimetres


@dataclass(frozen=True)
class Parcel:
    """Inner sizes of both boxes in mm (wide, deep, high) and grams, figures and packing."""

    inner_mm: tuple[int, int, int]
    outer_mm: tuple[int, int, int]
    figures_g: float
    grams: float

    @property
    def description(self) -> str:
        inner, outer = (" × ".join(map(str, mm)) for mm in (self.inner_mm, self.outer_mm))
        return f"inner box {inner}, outer box {outer} mm, {FILL_MM:.0f} mm of filling all round; about {self.grams:.0f} g (defaults)"


def parcel(trays: Sequence[Tray]) -> Parcel | None:
    """All trays one on another; None where there are none."""
    if not trays:
        return None
    stack = sum(t.high_mm for t in trays) + LID_MM
    size = max(t.wide_mm for t in trays), max(t.deep_mm for t in trays), stack
    inner = _whole(size)
    outer = _whole([mm + 2 * (FILL_MM + BOARD_MM) for mm in inner])
    foam_l = sum(_foam_mm3(t) for t in trays) / 1e6
    fill_l = (_litres(outer) - _litres([mm + 2 * BOARD_MM for mm in inner])) * FILL_G_PER_L
    board = sum(2 * (a * b + b * c + a * c) * 1e-6 * BOARD_G_PER_M2 for a, b, c in (inner, outer))
    figures = sum(t.grams for t in trays)
    return Parcel(inner, outer, figures, figures + foam_l * FOAM_G_PER_L + fill_l + board)


def _whole(size: Sequence[float]) -> tuple[int, int, int]:
    wide, deep, high = (STEP_MM * ceil(mm / STEP_MM - 1e-9) for mm in size)
    return wide, deep, high


def _litres(size: Sequence[float]) -> float:
    return size[0] * size[1] * size[2] / 1e6


def _foam_mm3(tray: Tray) -> float:
    """What is left of the sheet, its pockets cut out."""
    from shapely import Polygon

    cut = sum(Polygon(p.outline).area * p.pocket.height_mm for p in tray.laid)
    return tray.wide_mm * tray.deep_mm * tray.high_mm - cut
