"""Changing parts of a book: units set, meshes mended, thickened, scaled, cut; what shapes say agreed to or overruled.

Each returns plans for one edit; meshes go into the book's blobs first, the mesh a part came with is kept.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import replace
from typing import Any

from numerus.book.book import Book
from numerus.book.intake import new_id, resorted, shaped_part
from numerus.geometry.cutting import Cut
from numerus.geometry.mending import mend
from numerus.geometry.mesh import Mesh
from numerus.geometry.packed import pack_mesh, unpack_mesh
from numerus.kit.plan import NONE, Figure, Kit, Part, Relation, Unit
from numerus.kit.sorting import offered_factor, remeasured, rescaled
from numerus.kit.statements import statements
from numerus.kit.thumbnails import thumbnail_png


def with_mesh(book: Book, part: Part, mesh: Mesh) -> Part:
    """The part with another mesh, measured and pictured anew; ``original`` keeps what it came with."""
    made = remeasured(part, mesh, book.put_blob(pack_mesh(mesh)))
    return replace(made, thumbnail=book.put_blob(thumbnail_png(mesh)))


def in_mm(book: Book, part: Part) -> Part:
    """The part in the unit that was offered; itself where none was."""
    factor = offered_factor(part)
    return part if factor == 1 else scaled(book, part, factor)


def scaled(book: Book, part: Part, factor: float) -> Part:
    """The part ``factor`` times as large."""
    changed, packed = rescaled(part, unpack_mesh(book.blob(part.blob)), factor)
    return replace(changed, blob=book.put_blob(packed), original=part.original or part.blob)


def mended(book: Book, part: Part) -> Part:
    return with_mesh(book, part, mend(unpack_mesh(book.blob(part.blob))).mesh)


def agreed(book: Book, kit_id: str) -> list[Part]:
    """All that is open settled as proposed: units set to mm, torn parts mended, slots kept."""
    parts = {p.id: p for p in book.plans.parts.values() if p.kit_id == kit_id}
    changed = dict(parts)
    for statement in statements(parts.values(), ()):
        part = changed[statement.part_id]
        if statement.kind == "unit":
            part = in_mm(book, part)
        elif statement.kind == "fault":
            part = mended(book, part)
        changed[part.id] = replace(part, doubt=0.0)
    return [c for i, c in changed.items() if c != parts[i]]


def overruled(book: Book, kit: Kit, relation: Relation) -> list[Any]:
    """A statement turned about (denied, or believed again), with the slots and needs that follow from it."""
    said = tuple(replace(r, overruled=not r.overruled) if r == relation else r for r in kit.relations)
    parts = [p for p in book.plans.parts.values() if p.kit_id == kit.id]
    shaped = [shaped_part(p, unpack_mesh(book.blob(p.blob))) for p in parts]
    return [replace(kit, relations=said), *resorted(parts, shaped, said)]


def divided(book: Book, part: Part, cut: Cut, units: Iterable[Unit], figures: Iterable[Figure]) -> list[Any]:
    """Both halves as parts: the upper one stays the part, the lower one comes into a slot of its own, in every build.

    Units of the kit get the new slot; figures that had the part get both halves.
    """
    above = with_mesh(book, part, cut.above)
    slot = f"{part.slot}, lower"
    below = replace(with_mesh(book, part, cut.below), id=new_id(), name=f"{part.name} (lower)", slot=slot, original="")
    slotted = [replace(u, slots=_after(u.slots, part.slot, slot)) for u in units if u.kit_id == part.kit_id]
    built = []
    for figure in figures:
        if any(u.id == figure.unit_id for u in slotted):
            half = below.id if part.id in figure.build.values() else NONE
            built.append(replace(figure, build={**figure.build, slot: half}))
    return [above, below, *slotted, *built]


def _after(slots: Sequence[str], slot: str, new: str) -> tuple[str, ...]:
    if new in slots:
        return tuple(slots)
    at = slots.index(slot) + 1 if slot in slots else len(slots)
    return (*slots[:at], new, *slots[at:])
