"""What stays in the parts of a plate, and how each is held to pour it out: from the pockets of their own shapes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Mesh
from numerus.printing.hollow.venting import Tipping, keeps_ml, tipping

UPRIGHT = (0.0, 0.0, 1.0)
KEPT_ML = 0.05  # (default) what keeps as much as it hangs is washed from within, too
ROOM_ML = 0.5  # (default) and what has so much room in it


@dataclass(frozen=True)
class Hollow:
    """A part that keeps resin and solvent: what it keeps and how it is held, and how many of it are on the plate."""

    name: str
    count: int
    tipping: Tipping

    @property
    def words(self) -> str:
        many = f", {self.count} of them" if self.count > 1 else ""
        return f"{self.name}{many}: {self.tipping.description[0].lower()}{self.tipping.description[1:]}"


def hollows(
    parts: Sequence[tuple[str, Mesh, tuple[float, float, float]]], progress: Progress = lambda _: True
) -> list[Hollow]:
    """Of parts by name with their mesh and the side that looked up on the machine those that keep something, the fullest first.
    The same mesh again is counted, not looked at anew. Raises Cancelled.
    """
    alike: dict[tuple[int, tuple[float, float, float]], list[int]] = {}
    for number, (_, mesh, up) in enumerate(parts):
        alike.setdefault((id(mesh), up), []).append(number)
    listed = []
    for done, own in enumerate(alike.values()):
        if not progress(done / len(alike)):
            raise Cancelled
        name, mesh, up = parts[own[0]]
        hanging_ml, most_ml = keeps_ml(mesh, up)
        if hanging_ml >= KEPT_ML or most_ml >= ROOM_ML:
            listed.append(Hollow(name, len(own), tipping(mesh, up)))
    return sorted(listed, key=lambda h: -h.tipping.hanging_ml)


def kept_ml(listed: Sequence[Hollow]) -> float:
    """Resin in all of them as they come off the plate."""
    return sum(h.count * h.tipping.hanging_ml for h in listed)
