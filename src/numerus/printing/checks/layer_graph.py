"""What the layers of a supported part measure against height: area, pull, what the tips hold, islands; the scrubber's data."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.domain.printing.machines import Machine, Resin
from numerus.geometry.mesh import Floats
from numerus.geometry.solids.columns import Columns
from numerus.geometry.solids.cups import Cup
from numerus.geometry.solids.layers import Island, layer_bitmap
from numerus.geometry.solids.sections import Sections
from numerus.printing.checks.print_check import PrintCheck, check_print
from numerus.printing.checks.tip_loads import STANDING_N_PER_MM2
from numerus.printing.orientation.pose_measures import is_significant_cup, layer_pulls_n
from numerus.printing.supports.placement import Supported
from numerus.printing.supports.style import tip_n

NEAR_MM = 0.4
LINES_APART_MM = 1.0
LINE_MM2 = 6.0  # a change of area from layer to layer that leaves a line


@dataclass(frozen=True, eq=False)
class LayerGraph:
    """Per layer, float64 (layers,): ``areas_mm2`` of the part alone, ``pull_n``, ``holds_n`` of the tips below; and the
    ``proof`` whose margins are those of the worst group in each layer. ``cups``: those that tell.
    """

    layer_mm: float
    areas_mm2: Floats
    pull_n: Floats
    holds_n: Floats
    islands: tuple[Island, ...]
    columns: Columns
    cups: tuple[Cup, ...]
    proof: PrintCheck
    grown: Sections
    joins: NDArray[np.int32]

    @property
    def height_mm(self) -> float:
        return len(self.areas_mm2) * self.layer_mm

    def grows_mm(self, island: Island) -> float:
        """How far an island grows before it joins the rest; infinite where it never does, 0 where it is a speck at once held."""
        grown = self.grown
        layer = np.abs(grown.layer * self.layer_mm - island.z_mm) <= self.layer_mm
        near = np.hypot(grown.x_mm - island.x_mm, grown.y_mm - island.y_mm) < NEAR_MM
        born = np.setdiff1d(np.flatnonzero(layer & near), grown.above)
        if not len(born):
            return 0.0
        joined = int(self.joins[born[0]])
        return (joined - int(grown.layer[born[0]])) * self.layer_mm if joined >= 0 else float("inf")

    def island_says(self, number: int) -> str:
        island = self.islands[number]
        grows = self.grows_mm(island)
        then = (
            "joins nothing"
            if not np.isfinite(grows)
            else f"grows {grows:.1f} mm before it joins"
            if grows
            else "joins at once"
        )
        place = f"at {island.z_mm:.1f} mm, ({island.x_mm:.1f}, {island.y_mm:.1f})"
        return f"Island {number + 1}: {island.area_mm2:.2f} mm² {place}; {then}."

    @property
    def jumps(self) -> list[tuple[float, float]]:
        """Where a line may show: height in mm and by how many mm² the layer there differs from the one below; the largest of
        those within a millimetre.
        """
        steps = np.abs(np.diff(self.areas_mm2, prepend=self.areas_mm2[:1]))
        near = round(LINES_APART_MM / self.layer_mm)
        wide = np.lib.stride_tricks.sliding_window_view(np.pad(steps, near), 2 * near + 1).max(axis=1)
        at = np.flatnonzero((steps >= LINE_MM2) & (steps == wide))
        return [(float(k * self.layer_mm), float(steps[k])) for k in at]

    def description(self, height_mm: float) -> str:
        """One height in words."""
        k = int(np.clip(height_mm / self.layer_mm, 0, len(self.areas_mm2) - 1))
        margin = float(self.proof.loads.margins[k])
        held = f", its weakest group held {margin:.1f} times" if np.isfinite(margin) else ""
        jump = float(abs(self.areas_mm2[k] - self.areas_mm2[max(k - 1, 0)]))
        line = f"; {jump:.0f} mm² more or less than the layer below: a line may show" if jump >= LINE_MM2 else ""
        pull = f", pull {self.pull_n[k]:.2f} N" if self.pulls else ""
        return f"{height_mm:.1f} mm: area {self.areas_mm2[k]:.1f} mm²{pull}{held}{line}."

    @property
    def pulls(self) -> bool:
        """Whether a film pulls at all."""
        return bool(self.pull_n.max(initial=0.0) > 0)

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


def layer_graph(supported: Supported, machine: Machine, resin: Resin) -> LayerGraph:
    """Measured on solid columns of the part as it hangs."""
    columns, grown = supported.posed_part.columns, supported.posed_part.grown
    sealed = supported.posed_part.sealed
    areas = grown.of_layers(grown.area_mm2)
    births = np.array([p.tip[2] for p in supported.pillars])
    strength = np.array([tip_n(p.tip_mm, resin) * (p.lands != "part") for p in supported.pillars])
    tops = (np.arange(len(areas)) + 1) * columns.grid.layer_mm
    holds = ((births[None, :] <= tops[:, None]) @ strength) if len(births) else np.zeros(len(areas))
    if len(areas):
        holds = holds + areas[0] * STANDING_N_PER_MM2
    return LayerGraph(
        columns.grid.layer_mm, areas, layer_pulls_n(grown, sealed, machine, resin), holds, tuple(supported.posed_part.born), columns,
        tuple(c for c in sealed if is_significant_cup(c)), check_print(supported, machine, resin), grown, grown.joins(),
    )  # fmt: skip
