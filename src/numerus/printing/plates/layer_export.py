"""A plate written as a layer archive at its machine's own pixels, outlines drawn in as calibration says."""

from __future__ import annotations

from pathlib import Path

from numerus.domain.printing.machines import Machine
from numerus.errors import Progress
from numerus.formats.layer_archive import FORM, VERSION, Manifest, write_archive
from numerus.geometry.solids.columns import Columns


def screen_px(machine: Machine) -> tuple[int, int]:
    """Rows and columns of a machine's screen."""
    return round(machine.plate_y_mm / machine.pixel_mm), round(machine.plate_x_mm / machine.pixel_mm)


def write_layers(
    columns: Columns, machine: Machine, name: str, resin: str, minutes: float, resin_ml: float, path: Path,
    progress: Progress | None = None,
) -> Manifest:  # fmt: skip
    """The archive of a plate, outlines drawn in as the machine's calibration says. Raises as ``write_archive`` does."""
    rows, across = screen_px(machine)
    planned = Manifest(
        FORM, VERSION, name, machine.name, resin, across, rows, machine.pixel_mm, machine.layer_mm, 0,
        machine.exposure_s, machine.bottom_exposure_s, machine.bottom_layers, machine.lift_mm, machine.lift_mm_per_min,
        machine.rest_before_s, round(minutes, 2), round(resin_ml, 3), (),
    )  # fmt: skip
    return write_archive(columns, planned, round(machine.xy_comp_mm / machine.pixel_mm), path, progress)
