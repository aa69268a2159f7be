"""Changing parts of a book: units set, meshes mended, thickened, scaled, cut; what shapes say agreed to or overruled.

What takes long (measuring, mending, picturing) needs no book and can be a job; ``stored`` then puts it in. The mesh a part
came with is kept.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from typing import Any

from numerus.book.book import Book, Removed
from numerus.book.intake import is_doubtful, new_id, resorted, shaped_part
from numerus.domain.army import NONE, Figure, Unit
from numerus.domain.painting.zones import PartZones
from numerus.domain.parts import Kit, Part, Relation
from numerus.domain.printing.poses import BrushDab, BrushStroke
from numerus.formats.meshes.face_labels import pack_labels
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.cutting import Cut
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.mending import mend
from numerus.kit.sorting import offered_factor, remeasured, rescaled
from numerus.kit.statements import statements
from numerus.kit.thumbnails import thumbnail_png
from numerus.surface.zones import ATTRIBUTE, ZonedMesh, measured_zones


@dataclass(frozen=True, eq=False)
class Remade:
    """A part with another mesh, measured and pictured anew, not yet in the book; ``original`` keeps what it came with."""

    part: Part
    packed: bytes
    picture: bytes
    zones: PartZones | None = None
    labels: bytes = b""


def remade(part: Part, mesh: Mesh, part_zones: PartZones | None) -> Remade:
    """The part with a changed mesh; ``told``: its zones so far, whose labels the mesh carries with its faces.

    Takes seconds for a large one: work for a job.
    """
    return _zoned(Remade(remeasured(part, mesh, ""), pack_mesh(mesh), thumbnail_png(mesh)), mesh, part_zones)


def _zoned(moved: Remade, mesh: Mesh, part_zones: PartZones | None) -> Remade:
    labels = mesh.face_attributes.get(ATTRIBUTE)
    if part_zones is None or labels is None:
        return moved
    zoned_mesh = ZonedMesh(mesh, part_zones.zones, labels)
    return replace(moved, zones=measured_zones(moved.part.id, "", zoned_mesh), labels=pack_labels(labels))


def scaled(part: Part, mesh: Mesh, factor: float, part_zones: PartZones | None) -> Remade:
    """The part ``factor`` times as large; where that only sets its unit right, it is as large as it came."""
    changed, packed = rescaled(part, mesh, factor)
    scale = part.scale if factor == offered_factor(part) else part.scale * factor
    whole = replace(changed, original=part.original or part.blob, scale=scale)
    scaled_part = Remade(whole, packed, thumbnail_png(mesh))
    return _zoned(scaled_part, mesh.scaled(factor), part_zones)


def agreed(part: Part, mesh: Mesh, part_zones: PartZones | None) -> Remade:
    """What is open about a part settled as proposed: its unit set to mm, what is torn mended, its slot kept. A slot that is no
    more than a guess stays one, for someone to look at.
    """
    factor, torn = offered_factor(part), any(s.kind == "fault" for s in statements([part], ()))
    larger = mesh.scaled(factor) if factor != 1 else mesh
    agreed_part = remade(part, mend(larger).mesh if torn else larger, part_zones)
    unit = "mm" if factor != 1 else part.unit
    return replace(
        agreed_part,
        part=replace(
            agreed_part.part, doubt=part.doubt if is_doubtful(part) else 0.0, unit=unit, unit_mm=part.unit_mm * factor
        ),
    )


def stored(book: Book, remade_part: Remade) -> list[Any]:
    """The part as a plan, and its zones if it has any; mesh, picture and labels put into the book."""
    part = replace(
        remade_part.part, blob=book.put_blob(remade_part.packed), thumbnail=book.put_blob(remade_part.picture)
    )
    if remade_part.zones is not None:
        return [part, replace(remade_part.zones, id=part.id, labels=book.put_blob(remade_part.labels))]
    return [part, Removed("part_zones", part.id)] if part.id in book.plans.part_zones else [part]


def with_dabs(documents: list[Any], dabs: tuple[BrushDab, ...]) -> list[Any]:
    """A part just ``stored``, with what was brushed onto it before its mesh was changed."""
    part = documents[0]
    return [*documents, BrushStroke(new_id(), part.id, part.blob, 0, dabs)] if dabs else documents


def overruled(kit: Kit, relation: Relation, parts: Sequence[Part], meshes: Iterable[Mesh]) -> list[Any]:
    """A statement turned about (denied, or believed again), with the slots and needs of the kit's parts that follow."""
    relations = tuple(replace(r, overruled=not r.overruled) if r == relation else r for r in kit.relations)
    shaped = [shaped_part(p, mesh) for p, mesh in zip(parts, meshes, strict=True)]
    return [replace(kit, relations=relations), *resorted(parts, shaped, relations)]


def beside_part(part: Part, name: str, mesh: Mesh, part_zones: PartZones | None) -> Remade:
    """A new part that comes of another, in no slot a build fills."""
    remade_part = remade(part, mesh, part_zones)
    new = replace(
        remade_part.part,
        id=new_id(),
        name=f"{part.label} {name}",
        slot="extra",
        original="",
        doubt=0.0,
        pose=None,
        others=(),
    )
    return replace(remade_part, part=new)


def halves(part: Part, cut: Cut, part_zones: PartZones | None) -> tuple[Remade, Remade]:
    """The upper half, which stays the part, and the lower, a part in a slot of its own."""
    below = remade(part, cut.below, part_zones)
    slot, name = f"{part.slot}, lower", f"{part.label} (lower)"
    return remade(part, cut.above, part_zones), replace(
        below, part=replace(below.part, id=new_id(), name=name, slot=slot, original="")
    )


def divided(upper: Sequence[Any], lower: Sequence[Any], units: Iterable[Unit], figures: Iterable[Figure]) -> list[Any]:
    """Both halves, as they were ``stored``, with the builds that follow: units of the kit get the new slot, figures that had the part both halves."""
    above, below = upper[0], lower[0]
    slotted = [replace(u, slots=_after(u.slots, above.slot, below.slot)) for u in units if u.kit_id == above.kit_id]
    built = []
    for figure in figures:
        if any(u.id == figure.unit_id for u in slotted):
            half = below.id if above.id in figure.build.values() else NONE
            built.append(replace(figure, build={**figure.build, below.slot: half}))
    return [*upper, *lower, *slotted, *built]


def _after(slots: Sequence[str], slot: str, new: str) -> tuple[str, ...]:
    if new in slots:
        return tuple(slots)
    at = slots.index(slot) + 1 if slot in slots else len(slots)
    return (*slots[:at], new, *slots[at:])
