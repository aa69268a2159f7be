"""Test pieces made to measure and what follows from measuring them: exposure, and how far outlines are drawn in.

Exposure: pins that stand and slots that stay open tell more and less light apart: pins are lost for too little, slots close for
too much. The right exposure is where the finest pin is as wide as the finest slot.
Dimensions: an outer width is wrong by a scale and by what light bleeds on both sides, an inner one by the scale less that bleed.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np

from numerus.domain.printing.machines import Machine
from numerus.errors import PlanError
from numerus.geometry.cutting import mesh_of
from numerus.geometry.mesh import Mesh

WIDTHS_MM = (0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8)
LETTERS_MM, LETTER_RAISED_MM = (0.8, 1.0, 1.25, 1.6, 2.0, 2.5, 3.2, 4.0), 0.3
PIN_MM, SLOT_DEEP_MM, FLOOR_MM, WALL_MM = 3.0, 2.0, 1.2, 2.4
OUTER_MM, INNER_MM, FRAME_HIGH_MM = 20.0, 10.0, 4.0
MOST_CHANGE = 2.0


def exposure_piece() -> Mesh:
    """A slab with pins of ``WIDTHS_MM``, thinnest at the left, in front, and slots of the same widths behind. +Z is up."""
    from manifold3d import Manifold

    pitch = 3.0
    wide = pitch * (len(WIDTHS_MM) + 1)
    slab = Manifold.cube((wide, 8.0, FLOOR_MM))
    block = Manifold.cube((wide, 3.5, SLOT_DEEP_MM)).translate((0, 4.5, FLOOR_MM))
    for number, width in enumerate(WIDTHS_MM):
        x = pitch * (number + 1)
        slab = slab + Manifold.cube((width, width, PIN_MM)).translate((x - width / 2, 2 - width / 2, FLOOR_MM))
        block = block - Manifold.cube((width, 5.0, SLOT_DEEP_MM)).translate((x - width / 2, 4.0, FLOOR_MM))
    corner = Manifold.cube((1.2, 1.2, FLOOR_MM + 1)).translate((0, 0, 0))  # tells left from right
    return mesh_of(slab + block + corner)


def dimension_piece() -> Mesh:
    """A square frame, ``OUTER_MM`` outside and ``INNER_MM`` inside; a notch marks the front."""
    from manifold3d import Manifold

    frame = Manifold.cube((OUTER_MM, OUTER_MM, FRAME_HIGH_MM)) - Manifold.cube(
        (INNER_MM, INNER_MM, FRAME_HIGH_MM)
    ).translate(((OUTER_MM - INNER_MM) / 2, (OUTER_MM - INNER_MM) / 2, 0))
    return mesh_of(frame - Manifold.cube((1, 1, FRAME_HIGH_MM)).translate((3, 0, FRAME_HIGH_MM - 1)))


@dataclass(frozen=True)
class Exposed:
    """One test piece: its exposure in s, the finest pin that stands and the finest slot that is open, in mm."""

    exposure_s: float
    pin_mm: float
    slot_mm: float


def right_exposure_s(pieces: Sequence[Exposed]) -> float:
    """The exposure at which pins and slots come out alike, between or a little beyond those tried.

    The difference of the two falls with the logarithm of the exposure (cure depth: Jacobs 1992); a line through all pieces by
    least squares. Raises PlanError for fewer than two exposures, or where more light does not close slots.
    """
    if len({p.exposure_s for p in pieces}) < 2 or min(p.exposure_s for p in pieces) <= 0:
        raise PlanError(
            "few-pieces", "Two test pieces of different exposure are needed.", "Print one more, a fifth longer."
        )
    logs = np.log([p.exposure_s for p in pieces])
    slope, there = np.polyfit(logs, [p.slot_mm - p.pin_mm for p in pieces], 1)
    if slope <= 1e-6:
        raise PlanError(
            "odd-pieces", "More light did not close slots or strengthen pins.", "Measure again, or vary it more."
        )
    exposure_s = float(np.exp(-there / slope))
    low, high = min(p.exposure_s for p in pieces) / MOST_CHANGE, max(p.exposure_s for p in pieces) * MOST_CHANGE
    return float(np.clip(exposure_s, low, high))


def least_detail_mm(pieces: Sequence[Exposed]) -> float:
    """What pin and slot come to at the right exposure, by lines through the pieces over the exposure's logarithm. Raises PlanError as
    ``right_exposure_s``.
    """
    at = np.log(right_exposure_s(pieces))
    logs = np.log([p.exposure_s for p in pieces])
    both = [
        np.polyval(np.polyfit(logs, widths, 1), at)
        for widths in ([p.pin_mm for p in pieces], [p.slot_mm for p in pieces])
    ]
    return float(np.clip(np.mean(both), WIDTHS_MM[0] / 2, WIDTHS_MM[-1]))


def lettering_piece() -> Mesh:
    """A slab with raised letters E in rows of ``LETTERS_MM`` height, the least at the front: a stroke is a fifth of a letter's height."""
    from manifold3d import Manifold

    deep = sum(LETTERS_MM) + 1.5 * (len(LETTERS_MM) + 1)
    slab, y = Manifold.cube((4 * LETTERS_MM[-1] + 2, deep, FLOOR_MM)), 1.5
    for high in LETTERS_MM:
        for number in range(3):
            slab = slab + _letter(high).translate((1 + number * 1.2 * high, y, FLOOR_MM - 0.01))
        y += high + 1.5
    return mesh_of(slab)


def _letter(high: float) -> Any:
    from manifold3d import Manifold

    stroke, wide = high / 5, 0.6 * high
    bars = [Manifold.cube((wide, stroke, LETTER_RAISED_MM)).translate((0, k * 2 * stroke, 0)) for k in range(3)]
    return sum(bars, Manifold.cube((stroke, high, LETTER_RAISED_MM)))


@dataclass(frozen=True)
class Measured:
    """The frame as printed: mean outer and inner width in mm."""

    outer_mm: float
    inner_mm: float


@dataclass(frozen=True)
class Correction:
    """``bleed_mm``: how far an outline is too far out on each side; ``scale``: by how much everything is too large."""

    bleed_mm: float
    scale: float

    @property
    def description(self) -> str:
        way = "in" if self.bleed_mm >= 0 else "out"
        return f"Draw outlines {way} by {abs(self.bleed_mm):.3f} mm on each side; sizes are {100 * (self.scale - 1):+.2f} %."


def correction_of(measured: Measured) -> Correction:
    """Outer = scale × outer + 2 bleed; inner = scale × inner − 2 bleed. Raises PlanError for widths that are no such frame's."""
    if not (
        0.8 * OUTER_MM < measured.outer_mm < 1.2 * OUTER_MM and 0.7 * INNER_MM < measured.inner_mm < 1.3 * INNER_MM
    ):
        raise PlanError(
            "odd-frame", f"A frame of {OUTER_MM:g} and {INNER_MM:g} mm does not measure that.", "Measure again."
        )
    scale = (measured.outer_mm + measured.inner_mm) / (OUTER_MM + INNER_MM)
    return Correction((measured.outer_mm - scale * OUTER_MM) / 2, scale)


def corrected(
    machine: Machine, exposure_s: float | None = None, correction: Correction | None = None, detail_mm: float = 0.0
) -> Machine:
    """The machine with what was found taken over; corrections add up, since the piece was printed with the old ones. ``detail_mm``: the
    least pin and slot, where they were told with the exposure.
    """
    if exposure_s is not None:
        machine = replace(machine, exposure_s=round(exposure_s, 2))
    if detail_mm:
        machine = replace(machine, least_pin_mm=round(detail_mm, 3), least_slot_mm=round(detail_mm, 3))
    if correction is not None:
        bleed, scale = machine.xy_comp_mm + correction.bleed_mm, machine.scale_xy / correction.scale
        machine = replace(machine, xy_comp_mm=round(bleed, 4), scale_xy=round(scale, 5))
    return machine
