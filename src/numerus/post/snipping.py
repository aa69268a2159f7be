"""In which order the supports of a part come off: first those that hold thin skin, which snaps once anything pulls, last those under thick."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
from scipy.spatial import cKDTree

from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.thickness import EDGE_MM, thickness
from numerus.post.supports_off import FRAGILE_MM
from numerus.surface.support_marks import tips_of
from numerus.words import counted

BESIDE_MM = 1.0  # skin so near a tip is what it pulls on
THICK_MM = 2.0  # (default) skin that bears a pull


@dataclass(frozen=True)
class Snipping:
    """A part's tips by the wall beside each, mm, in the order they come off: thinnest first; ``count`` of it on the plate."""

    name: str
    walls_mm: tuple[float, ...]
    count: int = 1

    @property
    def thin(self) -> int:
        """How many hold skin that snaps."""
        return sum(mm < FRAGILE_MM for mm in self.walls_mm)

    @property
    def words(self) -> str:
        many = f", {self.count} of them" if self.count > 1 else ""
        if not self.thin:
            return f"{self.name}{many}: {counted(len(self.walls_mm), 'tip')}, none under thin skin; from the outside in"
        last = sum(mm >= THICK_MM for mm in self.walls_mm)
        end = f"; last the {last} on {THICK_MM:g} mm and more" if last else ""
        first = f"first {counted(self.thin, 'tip')} on skin of {self.walls_mm[0]:.1f} to {FRAGILE_MM:g} mm, cut close and never pulled"
        return f"{self.name}{many}: {first}{end}"


def walls_at(part: Mesh, tips: Floats) -> Floats:
    """The least wall within a millimetre of each place, mm (k,); infinite where there is none."""
    measured = thickness(part).without_edges(EDGE_MM)
    beside = cKDTree(measured.point).query_ball_point(tips, BESIDE_MM)
    return np.array([measured.wall_mm[own].min() if own else np.inf for own in beside])


def snipping_of(name: str, part: Mesh, up: Floats, supported: Mesh, count: int = 1) -> Snipping | None:
    """The order for a part as it was printed; None where its print does not show its tips."""
    tips = tips_of(part, up, supported)
    return Snipping(name, tuple(map(float, np.sort(walls_at(part, tips)))), count) if len(tips) else None


def snippings(
    parts: Sequence[tuple[str, Mesh, Floats, Mesh, int]], progress: Progress = lambda _: True
) -> list[Snipping]:
    """Of parts by name with mesh, the way up they were printed, that print and how many there are: those with most thin tips first.

    Raises Cancelled.
    """
    listed = []
    for n, (name, part, up, supported, count) in enumerate(parts):
        if not progress(n / len(parts)):
            raise Cancelled
        snipping = snipping_of(name, part, up, supported, count)
        listed += [snipping] if snipping else []
    return sorted(listed, key=lambda s: (-s.thin, s.name))
