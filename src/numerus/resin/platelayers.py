"""A whole plate layer by layer: area, pull, resin, when the vat must be filled up; and its layers at the machine's own pixels."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from typing import Any

import numpy as np

from numerus.errors import Cancelled
from numerus.geometry.columns import Columns, solid_columns
from numerus.geometry.layers import layer_areas_mm2, layer_bitmap
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.pockets import cups
from numerus.geometry.sections import sections
from numerus.resin.pose import layer_pulls_n
from numerus.resin.profiles import Machine, Resin

LOOK_PX_MM = 0.1  # coarse enough for a large plate, fine enough for its outlines


@dataclass(frozen=True, eq=False)
class PlateLayers:
    """Per layer of the machine, float64 (layers,): ``areas_mm2``, ``pull_n`` of all parts together, ``ml`` used by then.

    ``refill_mm``: the height at which the vat falls below its least, None where it lasts; ``weight_g`` of what is printed.
    """

    layer_mm: float
    areas_mm2: Floats
    pull_n: Floats
    ml: Floats
    refill_mm: float | None
    weight_g: float
    columns: Columns

    def bitmap(self, height_mm: float) -> Any:
        """The layer at a height, bool (ny, nx), row 0 at the front."""
        return layer_bitmap(self.columns, min(int(height_mm / self.layer_mm), self.columns.layers - 1))


def plate_layers(
    meshes: Iterable[Mesh], machine: Machine, resin: Resin, progress: Callable[[float], bool] | None = None
) -> PlateLayers:
    """Measured on what lies on the plate, supports and rafts with it. Raises Cancelled."""
    columns = plate_columns(meshes, LOOK_PX_MM, machine.layer_mm)
    if progress is not None and not progress(0.4):
        raise Cancelled
    grown = sections(columns)
    pull = layer_pulls_n(grown, cups(columns), machine, resin)
    areas = layer_areas_mm2(columns)
    ml = np.cumsum(areas) * machine.layer_mm / 1000 * (1 + resin.cling_share)
    low = np.flatnonzero(ml > machine.vat_full_ml - machine.vat_min_ml)
    refill = float(low[0] * machine.layer_mm) if len(low) else None
    return PlateLayers(
        machine.layer_mm, areas, pull, ml, refill, columns.volume_mm3 / 1000 * resin.density_g_per_ml, columns
    )


def plate_columns(meshes: Iterable[Mesh], pixel_mm: float, layer_mm: float) -> Columns:
    """Solid columns of everything on a plate."""
    soup = [m.triangles for m in meshes]
    return solid_columns(np.concatenate(soup) if soup else np.zeros((0, 3, 3)), pixel_mm, layer_mm)
