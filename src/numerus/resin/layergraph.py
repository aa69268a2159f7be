"""What the layers of a supported part measure against height: area, pull, what the tips hold, islands; the scrubber's data."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.columns import Columns, solid_columns
from numerus.geometry.layers import Island, islands, layer_areas_mm2, layer_bitmap
from numerus.geometry.mesh import Floats
from numerus.geometry.pockets import Cup, cups
from numerus.resin.profiles import Machine, Resin
from numerus.resin.supports import Supported, SupportStyle, tip_contact_mm2
from numerus.resin.timing import pull_n

PIXEL_MM = 0.12
STANDING_N_PER_MM2 = 0.8  # what a part that stands on the plate itself is held by, per mm² of its first layer


@dataclass(frozen=True, eq=False)
class LayerGraph:
    """Per layer, float64 (layers,): ``areas_mm2`` of the part alone, ``pull_n``, ``holds_n`` of the tips below."""

    layer_mm: float
    areas_mm2: Floats
    pull_n: Floats
    holds_n: Floats
    islands: tuple[Island, ...]
    columns: Columns
    cups: tuple[Cup, ...] = ()

    @property
    def height_mm(self) -> float:
        return len(self.areas_mm2) * self.layer_mm

    def least_margin(self) -> tuple[float, float]:
        """(holding over pull, height in mm) where it is least; infinite where nothing pulls."""
        with np.errstate(divide="ignore", invalid="ignore"):
            ratio = np.where(self.pull_n > 0, self.holds_n / self.pull_n, np.inf)
        if not len(ratio):
            return float("inf"), 0.0
        at = int(np.argmin(ratio))
        return float(ratio[at]), at * self.layer_mm

    def bitmap(self, height_mm: float) -> NDArray[np.bool_]:
        """The part's layer at a height as pixels, row 0 at the front."""
        return layer_bitmap(self.columns, int(height_mm / self.layer_mm))


def layer_graph(made: Supported, machine: Machine, resin: Resin, style: SupportStyle | None = None) -> LayerGraph:
    """Measured on solid columns of the part as it hangs; two machine layers make one step."""
    step = 2 * machine.layer_mm
    columns = solid_columns(made.part.triangles, PIXEL_MM, step)
    areas = layer_areas_mm2(columns)
    tip_n = tip_contact_mm2(style or SupportStyle()) * resin.tip_n_per_mm2
    births = np.array([p.tip[2] for p in made.pillars])
    tops = (np.arange(len(areas)) + 1) * step
    holds = tip_n * (births[None, :] <= tops[:, None]).sum(axis=1).astype(float)
    if len(areas):
        holds = holds + areas[0] * STANDING_N_PER_MM2
    return LayerGraph(
        step, areas, pull_n(areas, machine, resin), holds, tuple(islands(columns)), columns, tuple(cups(columns))
    )
