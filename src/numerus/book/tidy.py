"""Changing parts of a book: units set, meshes mended, thickened, scaled, cut; what shapes say agreed to or overruled.

What takes long (measuring, mending, picturing) needs no book and can be a job; ``stored`` then puts it in. The mesh a part
came with is kept.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from typing import Any

from numerus.book.book import Book
from numerus.book.intake import new_id, resorted, shaped_part
from numerus.domain.army import NONE, Figure, Unit
from numerus.domain.parts import Kit, Part, Relation
from numerus.formats.packed_mesh import pack_mesh
from numerus.geometry.cutting import Cut
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.mending import mend
from numerus.kit.sorting import offered_factor, remeasured, rescaled
from numerus.kit.statements import statements
from numerus.kit.thumbnails import thumbnail_png


@dataclass(frozen=True, eq=False)
class Remade:
    """A part with another mesh, measured and pictured anew, not yet in the book; ``original`` keeps what it came with."""

    part: Part
    packed: bytes
    picture: bytes


def remade(part: Part, mesh: Mesh) -> Remade:
    """The part with a changed mesh. Takes seconds for a large one: work for a job."""
    return Remade(remeasured(part, mesh, ""), pack_mesh(mesh), thumbnail_png(mesh))


def scaled(part: Part, mesh: Mesh, factor: float) -> Remade:
    """The part ``factor`` times as large."""
    changed, packed = rescaled(part, mesh, factor)
    return Remade(replace(changed, original=part.original or part.blob), packed, thumbnail_png(mesh))


def agreed(part: Part, mesh: Mesh) -> Remade:
    """All that is open about a part settled as proposed: its unit set to mm, what is torn mended, its slot kept."""
    factor, torn = offered_factor(part), any(s.kind == "fault" for s in statements([part], ()))
    larger = Mesh(mesh.vertices * factor, mesh.faces, mesh.zones) if factor != 1 else mesh
    made = remade(part, mend(larger).mesh if torn else larger)
    unit = "mm" if factor != 1 else part.unit
    return replace(made, part=replace(made.part, doubt=0.0, unit=unit, unit_mm=part.unit_mm * factor))


def stored(book: Book, made: Remade) -> Part:
    """The part as a plan, its mesh and picture put into the book."""
    return replace(made.part, blob=book.put_blob(made.packed), thumbnail=book.put_blob(made.picture))


def overruled(kit: Kit, relation: Relation, parts: Sequence[Part], meshes: Iterable[Mesh]) -> list[Any]:
    """A statement turned about (denied, or believed again), with the slots and needs of the kit's parts that follow."""
    said = tuple(replace(r, overruled=not r.overruled) if r == relation else r for r in kit.relations)
    shaped = [shaped_part(p, mesh) for p, mesh in zip(parts, meshes, strict=True)]
    return [replace(kit, relations=said), *resorted(parts, shaped, said)]


def beside_part(part: Part, name: str, mesh: Mesh) -> Remade:
    """A new part that comes of another, in no slot a build fills."""
    made = remade(part, mesh)
    new = replace(
        made.part, id=new_id(), name=f"{part.label} {name}", slot="extra", original="", doubt=0.0, pose=None, others=()
    )
    return replace(made, part=new)


def halves(part: Part, cut: Cut) -> tuple[Remade, Remade]:
    """The upper half, which stays the part, and the lower, a part in a slot of its own."""
    below = remade(part, cut.below)
    slot, name = f"{part.slot}, lower", f"{part.label} (lower)"
    return remade(part, cut.above), replace(
        below, part=replace(below.part, id=new_id(), name=name, slot=slot, original="")
    )


def divided(above: Part, below: Part, units: Iterable[Unit], figures: Iterable[Figure]) -> list[Any]:
    """Both halves with the builds that follow: units of the kit get the new slot, figures that had the part both halves."""
    slotted = [replace(u, slots=_after(u.slots, above.slot, below.slot)) for u in units if u.kit_id == above.kit_id]
    built = []
    for figure in figures:
        if any(u.id == figure.unit_id for u in slotted):
            half = below.id if above.id in figure.build.values() else NONE
            built.append(replace(figure, build={**figure.build, below.slot: half}))
    return [above, below, *slotted, *built]


def _after(slots: Sequence[str], slot: str, new: str) -> tuple[str, ...]:
    if new in slots:
        return tuple(slots)
    at = slots.index(slot) + 1 if slot in slots else len(slots)
    return (*slots[:at], new, *slots[at:])
