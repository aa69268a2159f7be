"""A filament machine's settings as a text beside an exported plate, for whatever program makes its moves."""

from __future__ import annotations

from collections.abc import Mapping
from types import MappingProxyType

from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.domain.printing.plates import Plate
from numerus.printing.machines.timing import off_reel

NO_BRIMS: Mapping[str, float] = MappingProxyType({})


def settings_note(machine: Machine, plate: Plate, brims_mm: Mapping[str, float] = NO_BRIMS) -> str:
    """What the plate's minutes, grams and metres were worked out with, and what keeps it standing; ``brims_mm`` of parts by name."""
    grams, metres = off_reel(machine, plate.laid)
    lines = (
        ("plate", plate.name), ("machine", machine.name), ("layers", f"{machine.layer_mm:g} mm"), ("nozzle", f"{machine.nozzle_mm:g} mm"),
        ("walls", f"{machine.walls}"), ("filled", f"{machine.fill_share:.0%}"), ("outlines", f"{machine.wall_mm_per_s:g} mm/s"),
        ("filling", f"{machine.fill_mm_per_s:g} mm/s"), ("travel", f"{machine.travel_mm_per_s:g} mm/s"),
        ("retraction", f"{machine.retract_s:g} s a hop"), ("filament", f"{machine.filament_mm:g} mm"),
        ("first layer drawn in", f"{machine.foot_mm:g} mm, or feet come out wider by that (default until measured on a test square)"),
        *((f"brim of {name}", f"{mm:g} mm") for name, mm in brims_mm.items()),
        ("estimated", f"{plate.minutes:.0f} min, {grams:.1f} g, {metres:.2f} m"),
    )  # fmt: skip
    return "".join(f"{name}: {words}\n" for name, words in lines)


def plate_brims_mm(plate: Plate, plans: Plans) -> dict[str, float]:
    """Brims of the parts on a plate that want one, by their names."""
    brims = {p.part_id: pose.brim_mm for p in plate.placed if (pose := plans.pose_of(p)) is not None}
    return {plans.parts[i].label: mm for i, mm in brims.items() if mm}
