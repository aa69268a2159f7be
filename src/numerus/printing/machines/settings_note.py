"""A filament machine's settings as a text beside an exported plate, for whatever program makes its moves."""

from __future__ import annotations

from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import off_reel


def settings_note(machine: Machine, plate: Plate) -> str:
    """What the plate's minutes, grams and metres were worked out with."""
    grams, metres = off_reel(machine, plate.laid)
    lines = (
        ("plate", plate.name), ("machine", machine.name), ("layers", f"{machine.layer_mm:g} mm"), ("nozzle", f"{machine.nozzle_mm:g} mm"),
        ("walls", f"{machine.walls}"), ("filled", f"{machine.fill_share:.0%}"), ("outlines", f"{machine.wall_mm_per_s:g} mm/s"),
        ("filling", f"{machine.fill_mm_per_s:g} mm/s"), ("travel", f"{machine.travel_mm_per_s:g} mm/s"),
        ("retraction", f"{machine.retract_s:g} s a hop"), ("filament", f"{machine.filament_mm:g} mm"),
        ("estimated", f"{plate.minutes:.0f} min, {grams:.1f} g, {metres:.2f} m"),
    )  # fmt: skip
    return "".join(f"{name}: {words}\n" for name, words in lines)
