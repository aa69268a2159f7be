"""How a hollow part is held so that it runs empty: apart from how that is found, for it is read at every start."""

from __future__ import annotations

from dataclasses import dataclass

from numerus.geometry.solids.pockets import Pocket

LEAST_POOL_ML = 0.005


@dataclass(frozen=True)
class Tipping:
    """How to pour a part out: held as it hangs it keeps ``hanging_ml``; with ``up`` upward it keeps ``pools``, each at its place.
    ``most_ml``: what it keeps held at its worst, so how much room there is in it.
    """

    hanging_ml: float
    up: tuple[float, float, float]
    pools: tuple[Pocket, ...]
    most_ml: float = 0.0

    @property
    def left_ml(self) -> float:
        return sum(p.volume_ml for p in self.pools)

    @property
    def description(self) -> str:
        if self.hanging_ml < LEAST_POOL_ML:
            return "As it hangs it runs empty by itself."
        if self.left_ml >= self.hanging_ml - LEAST_POOL_ML:
            return (
                f"{self.hanging_ml:.2f} ml stay in it whichever way it is tipped: suck or blow it out, or add a drain."
            )
        rest = f"{self.left_ml:.2f} ml still pool" if self.left_ml >= LEAST_POOL_ML else "it runs empty"
        return f"As it hangs it keeps {self.hanging_ml:.2f} ml; tip it {_side(self.up)} and {rest}."


def _side(up: tuple[float, float, float]) -> str:
    """A direction of "up" as the side that then looks down, in the part's own words."""
    names = (("left", "right"), ("front", "back"), ("foot", "head"))
    down = [names[axis][0 if v > 0 else 1] for axis, v in enumerate(up) if v]
    return f"{' and '.join(down)} down"
