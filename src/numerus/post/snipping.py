"""In which order the supports of a part come off, and how much of their marks is seen: first come those that hold thin skin, which
snaps once anything pulls, last those under thick.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.domain.parts import Part
from numerus.domain.plans import Plans
from numerus.domain.printing.plates import Plate
from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.geometry.rays import RayScene
from numerus.geometry.thickness import EDGE_MM, thickness
from numerus.post.supports_off import FRAGILE_MM
from numerus.surface.fields.exposure import table_exposure
from numerus.surface.fields.part_fields import covered
from numerus.surface.support_marks import tips_of
from numerus.words import counted

ABOVE = 0.0, 0.0, 1.0
BESIDE_MM = 1.0  # skin so near a tip is what it pulls on
THICK_MM = 2.0  # (default) skin that bears a pull


@dataclass(frozen=True)
class Snipping:
    """A part's tips by the wall beside each, mm, in the order they come off: thinnest first; ``count`` of it on the plate;
    ``shown``: share of their marks that is seen round a table once it is built, 0..1.
    """

    name: str
    walls_mm: tuple[float, ...]
    count: int = 1
    shown: float = 1.0

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
    from scipy.spatial import cKDTree

    measured = thickness(part).without_edges(EDGE_MM)
    beside = cKDTree(measured.point).query_ball_point(tips, BESIDE_MM)
    return np.array([measured.wall_mm[own].min() if own else np.inf for own in beside])


@dataclass(frozen=True, eq=False)
class Supported:
    """A part by name in its own mm, the way up it was printed, that print, how many there are, and what is built beside it."""

    name: str
    part: Mesh
    up: Floats
    print: Mesh
    count: int = 1
    beside: Sequence[Mesh] = ()


def supported_parts(
    plans: Plans, plate: Plate | None, parts: Sequence[Part], mesh_of: Callable[[str], Mesh]
) -> list[Supported]:
    """Every shape among a plate's parts that was printed on supports, with what it is glued to on one of the figures it is for."""
    owners = {p.part_id: plans.figures.get(p.figure_id) for p in plate.placed} if plate else {}
    printed = {(p.blob, p.pose.supported_blob): p for p in parts if p.pose and p.pose.supported_blob}
    many = Counter((p.blob, p.pose.supported_blob) for p in parts if p.pose)
    listed = []
    for (blob, supported), part in printed.items():
        figure, up = owners.get(part.id), part.pose.up if part.pose else ABOVE
        others = {p for p in figure.build.values() if p != part.id and p in plans.parts} if figure else set()
        beside = [mesh_of(plans.parts[p].blob) for p in sorted(others)]
        held = Supported(part.label, mesh_of(blob), np.array(up), mesh_of(supported), many[blob, supported], beside)
        listed.append(held)
    return listed


def shown_share(part: Mesh, places: Floats, beside: Sequence[Mesh]) -> float:
    """How much of places on a part's skin (k, 3) is seen round a table, 0..1, with what is built beside it; none of what glue covers."""
    from scipy.spatial import cKDTree

    _, nearest = cKDTree(part.vertices).query(places)
    normals = part.vertex_normals[nearest]
    seen = table_exposure(part, places, normals, RayScene(merged([part, *beside])))
    return float(np.where(covered(places, normals, beside), 0.0, seen).mean())


def snipping_of(held: Supported) -> Snipping | None:
    """The order for a part as it was printed; None where its print does not show its tips."""
    tips = tips_of(held.part, held.up, held.print)
    if not len(tips):
        return None
    walls = tuple(map(float, np.sort(walls_at(held.part, tips))))
    return Snipping(held.name, walls, held.count, shown_share(held.part, tips, held.beside))


def snippings(parts: Sequence[Supported], progress: Progress = lambda _: True) -> list[Snipping]:
    """Of a plate's parts: those with most thin tips first. Raises Cancelled."""
    listed = []
    for n, held in enumerate(parts):
        if not progress(n / len(parts)):
            raise Cancelled
        snipping = snipping_of(held)
        listed += [snipping] if snipping else []
    return sorted(listed, key=lambda s: (-s.thin, s.name))
