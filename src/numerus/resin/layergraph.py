"""What the layers of a supported part measure against height: area, pull, what the tips hold, islands; the scrubber's data."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.columns import Columns
from numerus.geometry.layers import Island, layer_bitmap
from numerus.geometry.mesh import Floats
from numerus.geometry.pockets import Cup
from numerus.resin.pose import layer_pulls_n
from numerus.resin.profiles import Machine, Resin
from numerus.resin.proof import STANDING_N_PER_MM2, Proof, proved
from numerus.resin.style import tip_n
from numerus.resin.supports import Supported


@dataclass(frozen=True, eq=False)
class LayerGraph:
    """Per layer, float64 (layers,): ``areas_mm2`` of the part alone, ``pull_n``, ``holds_n`` of the tips below; and the
    ``proof`` whose margins are those of the worst group in each layer.
    """

    layer_mm: float
    areas_mm2: Floats
    pull_n: Floats
    holds_n: Floats
    islands: tuple[Island, ...]
    columns: Columns
    cups: tuple[Cup, ...]
    proof: Proof

    @property
    def height_mm(self) -> float:
        return len(self.areas_mm2) * self.layer_mm

    def least_margin(self) -> tuple[float, float]:
        """(holding over pull, height in mm) where it is least; infinite where nothing pulls."""
        margins = self.proof.loads.margins
        if not len(margins):
            return float("inf"), 0.0
        at = int(np.argmin(margins))
        return float(margins[at]), at * self.layer_mm

    def bitmap(self, height_mm: float) -> NDArray[np.bool_]:
        """The part's layer at a height as pixels, row 0 at the front."""
        return layer_bitmap(self.columns, int(height_mm / self.layer_mm))


def layer_graph(made: Supported, machine: Machine, resin: Resin) -> LayerGraph:
    """Measured on solid columns of the part as it hangs."""
    columns, grown = made.hanging.columns, made.hanging.grown
    sealed = made.hanging.sealed
    areas = grown.of_layers(grown.area_mm2)
    births = np.array([p.tip[2] for p in made.pillars])
    strength = np.array([tip_n(p.tip_mm, resin) * (p.lands != "part") for p in made.pillars])
    tops = (np.arange(len(areas)) + 1) * columns.grid.layer_mm
    holds = ((births[None, :] <= tops[:, None]) @ strength) if len(births) else np.zeros(len(areas))
    if len(areas):
        holds = holds + areas[0] * STANDING_N_PER_MM2
    return LayerGraph(
        columns.grid.layer_mm, areas, layer_pulls_n(grown, sealed, machine, resin), holds, tuple(made.hanging.born), columns,
        tuple(sealed), proved(made, machine, resin),
    )  # fmt: skip
