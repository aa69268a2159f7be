"""A part that came out bent, or not as long as it was planned: what straightening asks of it, and which way bears that.

A bow of ``b`` over a length ``l`` is an arc of radius l²/8b; straightened, a wall ``t`` is strained by t/2r = 4tb/l² at its skin.
"""

from __future__ import annotations

from dataclasses import dataclass

COLD_STRAIN, WARM_STRAIN = 0.003, 0.04  # (defaults) a cured resin bears as it is, and softened in hot water
OFF_SHARE = 0.005  # of its length that is worth a word
LEAST_BOW_MM = 0.1


@dataclass(frozen=True)
class Warp:
    """A part's length as planned and as measured, its bow against a straight edge, and its wall, mm."""

    planned_mm: float
    measured_mm: float
    bow_mm: float
    wall_mm: float

    @property
    def longer_share(self) -> float:
        """How much longer than planned it is, as a share; negative: shorter."""
        return self.measured_mm / self.planned_mm - 1 if self.planned_mm else 0.0

    @property
    def strain(self) -> float:
        """Of its outer skin, when it is straightened."""
        return 4 * self.wall_mm * self.bow_mm / max(self.measured_mm, 1e-9) ** 2

    @property
    def way(self) -> str:
        """What straightens it; "" where it is straight."""
        if self.bow_mm < LEAST_BOW_MM:
            return ""
        if self.strain <= COLD_STRAIN:
            return "hold it straight while the glue sets"
        if self.strain <= WARM_STRAIN:
            return "hot water of 60 to 70 °C for a minute, held straight until it is cold; gloves, it scalds"
        return "too thick to bend back: print it again, or cut it, pin it and fill"

    @property
    def words(self) -> str:
        told = []
        if self.way:
            told.append(
                f"bent {self.bow_mm:g} mm over {self.measured_mm:.0f} mm, {self.strain:.1%} to straighten: {self.way}"
            )
        if abs(self.longer_share) > OFF_SHARE:
            side = "longer" if self.longer_share > 0 else "shorter"
            told.append(
                f"{abs(self.longer_share):.1%} {side} than planned: measure another part of that machine before the next plate"
            )
        return "; ".join(told) or "straight, and as long as planned"
