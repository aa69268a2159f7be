"""How supports are made: sizes, spacing by the pull, and the three usual temperaments."""

from __future__ import annotations

import math
from dataclasses import dataclass, replace

import numpy as np

from numerus.domain.printing.machines import Machine, Resin
from numerus.printing.machines.resting import FLAT_MM2, LIFT_MM
from numerus.printing.machines.timing import LINE_OVER_NOZZLE, pull_n

TIP_NAMES = ("fine", "medium", "heavy")
RESIN_STEEP = 1.4  # faces under about 35 degrees from level are held, whatever the resin could reach
PLASTIC_STEEP = math.tan(
    math.radians(50)
)  # (default) leaning more than 50 degrees from upright, lines of plastic droop
BRIDGE_MM = 8.0  # (default) how far a line of plastic is drawn through the air between two sides
SPACING_MM = (1.6, 4.5)  # never denser or wider, whatever the pull says


@dataclass(frozen=True)
class SupportStyle:
    """Sizes in mm. ``tips_mm``: fine, medium, heavy; ``spacing_mm``: between tips under an overhang; ``margin``: what tips
    must hold over what the film pulls; ``lift_mm``: how far the part is raised; ``foot``: "raft" or "feet".
    ``line_mm``: how wide a nozzle lays its plastic, 0 for resin.
    """

    name: str = "balanced"
    tips_mm: tuple[float, float, float] = (0.3, 0.45, 0.7)
    pillar_mm: float = 0.9
    cone_mm: float = 1.6
    sink_mm: float = 0.12
    spacing_mm: float = 2.6
    young_mm: float = 2.0
    young_share: float = 0.6
    margin: float = 1.2
    lift_mm: float = LIFT_MM
    clearance_mm: float = 0.15
    aside_mm: float = 6.0
    raft_mm: float = 0.6
    raft_margin_mm: float = 1.4
    flat_mm2: float = FLAT_MM2
    foot: str = "raft"
    trees: bool = True
    line_mm: float = 0.0

    @property
    def dry(self) -> bool:
        """Of plastic: no film pulls, nothing seals."""
        return self.line_mm > 0

    def reach_mm(self, resin: Resin) -> float:
        """How far a layer may stand out over the one below: as the resin tells, or one line of plastic."""
        return self.line_mm or resin.reach_mm

    @property
    def steep_reach(self) -> float:
        """Layers that a slope may stand out, layer after layer, before it is held."""
        return PLASTIC_STEEP if self.dry else RESIN_STEEP

    def larger(self, tip_mm: float) -> float:
        """The next size up, or the heaviest."""
        return next((t for t in self.tips_mm if t > tip_mm + 1e-9), self.tips_mm[-1])

    def smaller(self, tip_mm: float) -> float:
        """The next size down, or the finest."""
        return next((t for t in reversed(self.tips_mm) if t < tip_mm - 1e-9), self.tips_mm[0])


STYLES = {
    "sparse": SupportStyle("sparse", (0.25, 0.4, 0.6), spacing_mm=3.4, margin=1.1, foot="feet"),
    "balanced": SupportStyle(),
    "safe": SupportStyle("safe", (0.35, 0.5, 0.8), spacing_mm=2.0, margin=1.6),
    "posts": SupportStyle("posts", (0.5, 0.7, 1.0), pillar_mm=1.6, spacing_mm=4.0, margin=1.0, foot="feet"),
}
STYLE_DESCRIPTION = {
    "sparse": "Fewest and finest tips, small feet: little to file, little to spare if the resin is cold or the film tired.",
    "balanced": "Tips hold a fifth more than the film pulls; a raft with an edge for the scraper.",
    "posts": "For plastic: thick posts far apart, snapped off cold. Nothing pulls at the part; they carry what would droop.",
    "safe": "Tips hold more than half again as much, closer together: for costly parts, a worn film, a cold room.",
}


def tip_name(tip_mm: float, style: SupportStyle) -> str:
    return TIP_NAMES[int(np.argmin([abs(t - tip_mm) for t in style.tips_mm]))]


def tip_n(tip_mm: float, resin: Resin) -> float:
    """What a tip of this diameter holds: its mark's area times the green resin's strength."""
    return float(np.pi * tip_mm**2 / 4 * resin.tip_n_per_mm2)


def held_mm2(tip_mm: float, machine: Machine, resin: Resin) -> float:
    """How large a layer one tip holds against the film's pull, its outline left out."""
    return tip_n(tip_mm, resin) / float(pull_n(np.ones(1), machine, resin)[0])


def style_for(name: str, machine: Machine, resin: Resin) -> SupportStyle:
    """A style whose spacing follows the pull: a finest tip must hold the square of skin around it with the style's margin.

    Faster lifts, stickier resins and films that hold harder draw tips together; a style's own spacing is kept in proportion to the balanced one's.
    """
    style = STYLES[name]
    if machine.is_dry:
        return replace(style, line_mm=round(LINE_OVER_NOZZLE * machine.nozzle_mm, 3))
    held, usual = (held_mm2(style.tips_mm[0], m, r) for m, r in ((machine, resin), (Machine("", ""), Resin("", ""))))
    spacing = float(np.clip(style.spacing_mm * np.sqrt(held / usual), *SPACING_MM))
    return replace(style, spacing_mm=round(spacing, 3))
