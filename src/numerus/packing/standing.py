"""Figures that travel standing: held by magnets under their bases on sheets of steel, as high as they are, nothing touching.

A magnet must hold a figure's weight against a jolt from the side and from below: ``JOLT`` times its weight. Magnets' pulls are as told on good
steel (assembly.joints); through paint and a thin sheet half of that is left.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.assembly.joints import MAGNETS, PULL_LEFT, Magnet
from numerus.assembly.stacked_base import stack_of
from numerus.domain.army import BOUGHT, Figure
from numerus.domain.plans import Plans
from numerus.geometry.mesh import Mesh
from numerus.kit.builds import printed_slots
from numerus.packing.pockets import CLEARANCE_MM, Pocket

STANDING = "standing"
JOLT = 8.0  # (default) times its weight: a box that is set down hard
BOUGHT_BASE_G = 4.0  # (default)
N_PER_G = 9.81e-3
BASE_HIGH_MM = 3.5
MOST_UNDER = 4  # magnets under one base
EDGE_MM = 1.5  # of the base's underside left round them
CORNERS = 32


@dataclass(frozen=True)
class Held:
    """Magnets under one base: which, how many (0: none that fits holds it), and what is asked of them, N."""

    magnet: Magnet
    many: int
    wanted_n: float

    @property
    def words(self) -> str:
        if not self.many:
            return f"no magnet under its base holds {self.wanted_n:.1f} N: foam"
        count = "one magnet" if self.many == 1 else f"{self.many} magnets"
        return f"{count} {self.magnet.name}, {self.wanted_n:.1f} N wanted"


def magnets_for(grams: float, base_mm: float, tall_mm: float) -> Held:
    """The fewest, then the smallest, that hold a figure's weight against a jolt and against tipping over its base's edge."""
    jolt_n = JOLT * grams * N_PER_G
    wanted = jolt_n * max(1.0, (tall_mm / 2) / max(base_mm / 2, 1e-6))
    fits = [m for m in MAGNETS if m.across_mm <= base_mm - 2 * EDGE_MM]
    ways = [(many, m) for many in range(1, MOST_UNDER + 1) for m in fits if many * PULL_LEFT * m.pull_n >= wanted]
    many, magnet = ways[0] if ways else (0, MAGNETS[-1])
    return Held(magnet, many, wanted)


def standing_pockets(plans: Plans, figures: Sequence[Figure], mesh_of: Callable[[str], Mesh]) -> list[Pocket]:
    """Room for every figure as it stands: round about its base's middle, as wide as it reaches with its arms."""
    found = []
    known: dict[tuple[str, ...], Pocket] = {}
    for figure in figures:
        parts = [plans.parts[p] for p in printed_slots(figure).values() if p in plans.parts]
        if not parts:
            continue
        key = (
            *sorted(p.blob for p in parts),
            str(plans.units[figure.unit_id].base_mm),
            str(plans.units[figure.unit_id].stack),
            figure.build.get("base", ""),
        )
        if key not in known:
            known[key] = _standing(plans, figure, [mesh_of(p.blob) for p in parts], sum(p.volume_ml for p in parts))
        unit = plans.units[figure.unit_id]
        found.append(replace(known[key], figure_id=figure.id, figure=figure.name, unit=unit.name))
    return found


def _standing(plans: Plans, figure: Figure, meshes: Sequence[Mesh], ml: float) -> Pocket:
    base_mm, stack = plans.units[figure.unit_id].base_mm, stack_of(plans.units[figure.unit_id].stack)
    ends = np.concatenate([m.vertices for m in meshes])
    middle = (ends[:, :2].min(axis=0) + ends[:, :2].max(axis=0)) / 2
    bought = figure.build.get("base") == BOUGHT
    reach = max(float(np.linalg.norm(ends[:, :2] - middle, axis=1).max()), base_mm / 2) + CLEARANCE_MM
    tall = float(np.ptp(ends[:, 2])) + (stack.high_mm or BASE_HIGH_MM * bought)
    grams = ml * plans.resin.density_g_per_ml + (stack.grams or BOUGHT_BASE_G * bought)
    angle = np.arange(CORNERS) * 2 * np.pi / CORNERS
    outline = reach / np.cos(np.pi / CORNERS) * np.stack([np.cos(angle), np.sin(angle)], axis=1)
    held = magnets_for(grams, base_mm, tall)
    wide = float(np.ptp(outline[:, 0]))
    return Pocket(
        figure.id,
        figure.name,
        "",
        wide,
        wide,
        tall + CLEARANCE_MM,
        outline - outline.min(axis=0),
        STANDING,
        held.words,
        grams,
    )
