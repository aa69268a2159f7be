"""Parts no plate holds yet: how tall they will hang and how much of a plate they will take, for whatever is reckoned before packing."""

from __future__ import annotations

from numerus.domain.parts import Part
from numerus.domain.printing.machines import Machine

PLATE_FILL = 0.5  # (default) share of a plate's area that parts cover
UNPOSED_HEIGHT_MM, UNPOSED_FOOTPRINT = 38.0, 1.3  # (defaults) at most so tall, over its outline so much room
BESIDE_FOOTPRINT = 1.6  # (default) room a posed part takes over its footprint


def height_mm(part: Part) -> float:
    return part.pose.height_mm if part.pose else min(max(part.extents_mm), UNPOSED_HEIGHT_MM)


def room_mm2(part: Part) -> float:
    """With what lies between it and the next."""
    if part.pose:
        return part.pose.footprint_mm2 * BESIDE_FOOTPRINT
    return part.extents_mm[0] * part.extents_mm[1] * UNPOSED_FOOTPRINT


def plate_share(room: float, machine: Machine) -> float:
    """How many plates so much room (mm²) fills."""
    return room / (machine.plate_x_mm * machine.plate_y_mm * PLATE_FILL)
