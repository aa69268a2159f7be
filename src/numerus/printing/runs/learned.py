"""What runs really take of what is estimated of them: factors learned from runs that ended, for planning what is to come."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field

from numerus.domain.printing.plates import Plate


@dataclass(frozen=True)
class RunFactors:
    """``minutes``: of each machine by its id, true over estimated; ``others``: of machines of which no run is known; ``resin``
    likewise. ``minutes_range``, ``resin_range``: how low and high they may be, eight times in ten; ``runs``: learned from so many.
    """

    minutes: Mapping[str, float] = field(default_factory=dict)
    others: float = 1.0
    resin: float = 1.0
    minutes_range: tuple[float, float] = (1.0, 1.0)
    resin_range: tuple[float, float] = (1.0, 1.0)
    runs: int = 0

    def minutes_of(self, plate: Plate, machine_id: str = "") -> float:
        """Minutes its run will likely take, on its own machine or another it was reckoned for."""
        return plate.minutes * self.minutes.get(machine_id or plate.machine_id, self.others)

    def ml_of(self, plate: Plate) -> float:
        """Resin its run will likely take."""
        return plate.resin_ml * self.resin


AS_ESTIMATED = RunFactors()
