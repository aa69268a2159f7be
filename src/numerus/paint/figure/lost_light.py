"""What light painted on separate holders loses: skin that a spray meets there, and that the figure as built keeps in the shade."""

from __future__ import annotations

from collections.abc import Collection, Sequence
from dataclasses import dataclass

from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.rays import RayScene
from numerus.surface.fields.painting_fields import ABOVE, lit_from, seen_from_table

SPREAD_DEG = 10.0
LOST = 0.25  # (default) of the light, more than as built: from there on it looks wrong
SEEN = 0.05  # less seen than this round the table nobody misses
WORTH_SHARE, WORTH_MM2 = 0.02, 25.0  # (default) of a holder's lit skin that is worth tacking it together for
REST = "the rest"


@dataclass(frozen=True)
class LostLight:
    """What is sprayed on one holder: mm² of seen skin a light meets there, and how much of it would be in shade as built."""

    slot: str
    lit_mm2: float
    lost_mm2: float

    @property
    def share(self) -> float:
        return self.lost_mm2 / self.lit_mm2 if self.lit_mm2 > 0 else 0.0


def lost_light(
    parts: Sequence[tuple[str, Mesh]], apart: Collection[str],
    toward: tuple[float, float, float] = ABOVE, spread_deg: float = SPREAD_DEG,
) -> list[LostLight]:  # fmt: skip
    """By holder, the most lost first: every part of a slot in ``apart`` has its own, the others stand together. Parts by slot, in
    their places in the figure; each is held as it stands there.
    """
    holders = [(slot, [mesh]) for slot, mesh in parts if slot in apart]
    together = [mesh for slot, mesh in parts if slot not in apart]
    holders += [(REST, together)] if together else []
    if len(holders) < 2:
        return []
    scene = RayScene(merged([mesh.bare() for _, mesh in parts]))
    told = [_on_holder(slot, merged([m.bare() for m in meshes]), scene, toward, spread_deg) for slot, meshes in holders]
    return sorted(told, key=lambda h: -h.lost_mm2)


def _on_holder(
    slot: str, mesh: Mesh, whole: RayScene, toward: tuple[float, float, float], spread_deg: float
) -> LostLight:
    alone = lit_from(mesh, toward, spread_deg, RayScene(mesh))
    built = lit_from(mesh, toward, spread_deg, whole)
    area, seen = mesh.vertex_areas_mm2, seen_from_table(mesh, whole) > SEEN
    lit, lost = (float(area[seen & (more > LOST)].sum()) for more in (alone, alone - built))
    return LostLight(slot, lit, lost)


def lost_light_words(lost: Sequence[LostLight]) -> str:
    """What holders lose, and what would keep it; "" where that is little."""
    told = [h for h in lost if h.share > WORTH_SHARE and h.lost_mm2 > WORTH_MM2]
    if not told:
        return ""
    listed = ", ".join(f"{h.lost_mm2 / 100:.1f} cm² of {h.slot} ({h.share:.0%})" for h in told[:3])
    return (
        f"Sprayed apart, {listed} is lit that is in shade as built. Tack together for the light and take apart again."
    )
