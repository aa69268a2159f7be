"""The express way: from mesh files to plates in one go, with every choice told and every risk named; nothing is written meanwhile.

It does what the benches do by their own rules when nobody sets anything: sort by shape, mend what has holes, builds all different, the
pose of least cost on the machine of each part, plates over all machines.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass, field, replace
from datetime import datetime
from pathlib import Path
from types import MappingProxyType

from numerus.book.intake import Sorted, is_doubtful, merged_relations, new_id, read_and_sort, told_zones, with_papers
from numerus.book.pruning import digest_of
from numerus.domain.army import SLOTS, Figure, Unit
from numerus.domain.parts import Kit, Part
from numerus.domain.plans import Plans
from numerus.domain.printing.machines import Machine
from numerus.errors import Cancelled, NumerusError, PlanError, Progress
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.mending import mend
from numerus.kit.builds import alternatives, equals, printed_slots, rules_of, spread_builds, unfilled
from numerus.kit.scale import heights
from numerus.kit.sorting import offered_factor, remeasured, rescaled
from numerus.kit.statements import ready_supported
from numerus.printing.checks.print_findings import misfit
from numerus.printing.preparation.as_supplied import pose_warnings, supplied_print
from numerus.printing.preparation.posed_and_supported import best_kept, draft_of
from numerus.printing.supports.style import style_for
from numerus.progress.history import History
from numerus.progress.printing.batching import Batch, Batching, plates_for
from numerus.progress.standing import standing
from numerus.surface.fields.part_fields import fields_of
from numerus.words import counted, span

READ, POSED = 0.2, 0.9  # shares of the progress that are over then
LOW_MM, HIGH_MM = 12.0, 120.0  # (defaults) figures lower or higher than that are likely another unit of length
NAMED = 4
NO_PARTS: Mapping[str, Part] = MappingProxyType({})


@dataclass(frozen=True)
class Wish:
    """What the user says: files, the unit's name, how many figures, the base in mm."""

    paths: tuple[Path, ...]
    name: str
    figures: int
    base_mm: float


@dataclass(frozen=True)
class Choice:
    """One line of the decision sheet: at which ``bench`` it may be changed, what was chosen, and what may go wrong."""

    bench: str
    title: str
    chosen: str
    risks: tuple[str, ...] = ()


@dataclass(frozen=True, eq=False)
class Express:
    """Everything to be written as one edit, the bytes it needs by their digests, and what was decided."""

    documents: tuple[Unit | Figure | Kit | Part | object, ...]
    blobs: Mapping[str, bytes]
    choices: tuple[Choice, ...]
    unit_id: str
    batch: Batch | None


@dataclass
class _Way:
    """What is known so far of one go."""

    plans: Plans
    history: History
    now: datetime
    read_blob: Callable[[str], Mesh]
    progress: Progress
    blobs: dict[str, bytes] = field(default_factory=dict)
    meshes: dict[str, Mesh] = field(default_factory=dict)
    choices: list[Choice] = field(default_factory=list)

    def put_blob(self, data: bytes) -> str:
        """Bytes under their digest, as the book will keep them."""
        digest = digest_of(data)
        self.blobs[digest] = data
        return digest

    def kept(self, mesh: Mesh, packed: bytes | None = None) -> str:
        """A mesh under its digest."""
        digest = self.put_blob(packed if packed is not None else pack_mesh(mesh))
        self.meshes[digest] = mesh
        return digest

    def mesh(self, blob: str) -> Mesh:
        return self.meshes[blob] if blob in self.meshes else self.read_blob(blob)

    def told(self, share: float) -> None:
        if not self.progress(share):
            raise Cancelled


def express(
    wish: Wish, plans: Plans, history: History, now: datetime, read_blob: Callable[[str], Mesh], progress: Progress
) -> Express:
    """Work for a job. Raises PlanError where no file can be used or there is no machine, Cancelled where ``progress`` answers False."""
    way = _Way(plans, history, now, read_blob, progress)
    machines = _in_service(plans)
    kit = Kit(new_id(), wish.name)
    found = read_and_sort(wish.paths, kit, progress=lambda share: progress(READ * share))
    parts = _sorted_parts(way, found, kit)
    kit = with_papers(replace(kit, relations=merged_relations(kit, found.relations)), found.papers, way.put_blob)
    unit, figures = _built(way, wish, kit, parts)
    posed = _posed(way, [kit], parts, figures)
    after = _with(plans, kit, [*parts.values(), *posed.values()], unit, figures)
    batch = _plated(way, after, unit, machines)
    as_read = [r for r in found.read if parts[r.part.id].blob == digest_of(r.packed)]  # labels fit no mended mesh
    zones = told_zones(plans, way.put_blob, as_read)
    documents = (kit, *(parts | posed).values(), *zones, unit, *figures, *(batch.plates if batch else ()))
    return Express(documents, way.blobs, tuple(way.choices), unit.id, batch)


def express_unit(
    unit_id: str, plans: Plans, history: History, now: datetime, read_blob: Callable[[str], Mesh], progress: Progress
) -> Express:
    """The same for a unit as it stands: what is not built yet is filled, what is not posed is posed, what is owed is laid on plates. Parts
    posed already, printed or lying in the bits box stay as they are. Raises as ``express``.
    """
    way = _Way(plans, history, now, read_blob, progress)
    machines = _in_service(plans)
    unit, figures = plans.units[unit_id], plans.figures_of(unit_id)
    kit = plans.kits.get(unit.kit_id, Kit(unit.kit_id, ""))
    filled = spread_builds(
        figures, alternatives(plans.parts.values(), unit), rules_of(unit, kit.relations), unit.wanted
    )
    _tell_built(way, unit, filled)
    posed = _posed(way, [plans.kits[k] for k in plans.kits], plans.parts, filled)
    after = _with(plans, kit, list(posed.values()), unit, filled)
    batch = _plated(way, after, unit, machines)
    changed = [f for f, old in zip(filled, figures, strict=True) if f != old]
    documents = (*posed.values(), *changed, *(batch.plates if batch else ()))
    return Express(documents, way.blobs, tuple(way.choices), unit_id, batch)


def _in_service(plans: Plans) -> list[Machine]:
    machines = [m for m in plans.machines.values() if m.in_service]
    if not machines:
        raise PlanError("no-machine", "No machine is in service.", "Add one under Machines and stores.")
    return machines


def _sorted_parts(way: _Way, found: Sorted, kit: Kit) -> dict[str, Part]:
    """What was read, mended where it had holes; copies stay aside."""
    risks = [f"{r.name}: {r.error.message}" for r in found.refused]
    if not found.read:
        raise PlanError("no-parts", "None of these files holds a mesh that can be used.", " ".join(risks[:NAMED]))
    parts, mended = {}, []
    for one in found.read:
        part = replace(one.part, blob=way.kept(one.mesh, one.packed), thumbnail=way.put_blob(one.picture))
        if (factor := offered_factor(part)) != 1:
            part, packed = rescaled(part, one.mesh, factor)
            part = replace(part, blob=way.kept(one.mesh.scaled(factor), packed))
            risks.append(f"{part.label} was taken {factor:g} times as large: its numbers look like another unit.")
        if part.needed and not part.watertight:
            part, words = _mended(way, part, way.mesh(part.blob))
            mended.append(words)
        parts[part.id] = part
    aside = sum(not p.needed for p in parts.values())
    doubtful = [p.label for p in parts.values() if p.needed and is_doubtful(p)]
    risks += [f"Not sure what these are: {_named(doubtful)}."] if doubtful else []
    words = f"{counted(len(parts), 'part')} in {counted(len({p.slot for p in parts.values() if p.needed}), 'slot')}"
    words += f", {aside} set aside as copies" if aside else ""
    way.choices.append(Choice("sort", "Sorted by shape", f"{words}.", tuple(risks)))
    left = [w for w in mended if w.endswith(NOT_WHOLE)]
    if mended:
        chosen = "Holes closed; the files' own meshes are kept." if len(left) < len(mended) else "Mending was tried."
        way.choices.append(
            Choice("sort", "Mended", f"{counted(len(mended), 'part')} with holes. {chosen}", tuple(left))
        )
    return parts


NOT_WHOLE = "still not whole: cut there, or take another file"


def _mended(way: _Way, part: Part, mesh: Mesh) -> tuple[Part, str]:
    """The part with its holes closed, and words of it; as it was where that did not help."""
    after = mend(mesh)
    if not after.watertight:
        return part, f"{part.label}: {NOT_WHOLE}"
    original = part.original or part.blob
    return replace(remeasured(part, after.mesh, way.kept(after.mesh)), original=original), f"{part.label} mended"


def _built(way: _Way, wish: Wish, kit: Kit, parts: Mapping[str, Part]) -> tuple[Unit, list[Figure]]:
    """A unit whose figures differ while there are combinations left."""
    slots = {p.slot for p in parts.values() if p.needed and p.slot != "extra"}
    ordered = tuple(sorted(slots, key=lambda s: (SLOTS.index(s) if s in SLOTS else len(SLOTS), s)))
    unit = Unit(new_id(), wish.name, len(way.plans.units), wish.base_mm, kit.id, slots=ordered)
    figures = [Figure(new_id(), unit.id, f"{wish.name} {n + 1}", n, {}) for n in range(wish.figures)]
    figures = spread_builds(figures, alternatives(parts.values(), unit), rules_of(unit, kit.relations), unit.wanted)
    _tell_built(way, unit, figures, parts)
    return unit, figures


def _tell_built(way: _Way, unit: Unit, figures: Sequence[Figure], fresh: Mapping[str, Part] = NO_PARTS) -> None:
    """How the figures are built, and what may be wrong with that; ``fresh``: parts that are not planned yet."""
    parts = {**way.plans.parts, **fresh}
    alike, empty = equals(figures), sorted({s for f in figures for s in unfilled(f, unit)})
    risks = [f"{counted(len(alike), 'figure')} built like another: the kit has no more combinations."] if alike else []
    risks += [f"No part for {_named(empty)}."] if empty else []
    worn = printed_slots(figures[0]).items() if figures else ()
    first = {s: way.mesh(parts[p].blob) for s, p in worn if p in parts}
    if first:
        high = heights(first)
        if not LOW_MM <= high.top_mm <= HIGH_MM:
            risks.append(f"{high.top_mm:.0f} mm high: is that millimetres, and your scale? Set it under Size at Sort.")
        way.choices.append(Choice("sort", "Built", f"{counted(len(figures), 'figure')}, all different where the kit allows; "
                                  f"{high.description}.", tuple(risks)))  # fmt: skip


def _posed(way: _Way, kits: Sequence[Kit], parts: Mapping[str, Part], figures: Sequence[Figure]) -> dict[str, Part]:
    """Every part that is built with and has no pose yet, in its best one on its machine; what fits none stays unposed and is named."""
    built = dict.fromkeys(p for f in figures for p in printed_slots(f).values() if p in parts)
    wanted, by_id = [p for p in built if parts[p].pose is None], {k.id: k for k in kits}
    posed, risks, tips, supplied = {}, list[str](), 0, 0
    for number, part in enumerate(parts[i] for i in wanted):
        way.told(READ + (POSED - READ) * number / len(wanted))
        try:
            beside = [parts[p] for p in _beside(part, figures) if p in parts]
            made, warned, own = _one_posed(way, by_id.get(part.kit_id), part, beside)
        except Cancelled:
            raise
        except NumerusError as error:  # one absurd part among good ones
            made, warned, own = None, [error.message], False
        risks += [f"{part.label}: {w}" for w in warned]
        if made is not None and made.pose is not None:
            posed[part.id] = made
            tips, supplied = tips + made.pose.tips, supplied + own
    words = f"{counted(len(posed), 'part')}, each in its pose of least cost, {counted(tips, 'tip')}"
    words += f"; {supplied} on the supports they came with" if supplied else ""
    words += f"; {len(built) - len(wanted)} were posed before" if len(built) > len(wanted) else ""
    way.choices.append(Choice("pose", "Posed and supported", f"{words}.", tuple(risks)))
    return posed


def _beside(part: Part, figures: Sequence[Figure]) -> list[str]:
    """The other parts of the first build it is in: they cover and hide it."""
    build = next((printed_slots(f) for f in figures if part.id in f.build.values()), {})
    return [p for p in build.values() if p != part.id]


def _one_posed(way: _Way, kit: Kit | None, part: Part, beside: Sequence[Part]) -> tuple[Part | None, list[str], bool]:
    """(the part with its pose, what is still wrong, whether it came with supports); no part where it fits its machine nowhere."""
    machine = way.plans.machine_for(part)
    assert machine is not None
    mesh, resin = way.mesh(part.blob), way.plans.resin
    if ready_supported(part, kit):
        printed = supplied_print(mesh, machine, resin)
        pose = replace(printed.pose, supported_blob=way.kept(printed.standing))
        return replace(part, pose=pose), pose_warnings(pose), True
    fields = fields_of(mesh, [way.mesh(p.blob) for p in beside])
    pose, hung = best_kept(mesh, machine, resin, None, fields, style=style_for(machine.support_style, machine, resin))
    too_large = misfit(hung, machine)
    if too_large:
        return None, [too_large], False
    whole = hung.whole
    pose = replace(pose, supported_blob=way.kept(Mesh(whole.vertices, whole.faces)))
    brim = [f"wants a brim of {pose.brim_mm:g} mm, told beside its plate"] if pose.brim_mm else []
    return replace(part, pose=pose, draft=draft_of(pose, hung)), [*pose_warnings(pose), *brim], False


def _with(plans: Plans, kit: Kit, parts: Sequence[Part], unit: Unit, figures: Sequence[Figure]) -> Plans:
    return replace(
        plans, kits={**plans.kits, kit.id: kit}, parts={**plans.parts, **{p.id: p for p in parts}},
        units={**plans.units, unit.id: unit}, figures={**plans.figures, **{f.id: f for f in figures}},
    )  # fmt: skip


def _plated(way: _Way, after: Plans, unit: Unit, machines: Sequence[Machine]) -> Batch | None:
    """Plates over all machines that serve; None where nothing could be posed."""
    batching = Batching(after, standing(after, way.history), machines, way.mesh, new_id, way.now)
    try:
        batch = plates_for(batching, [unit.id], lambda share: way.progress(POSED + (1 - POSED) * share))
    except PlanError as error:
        way.choices.append(Choice("plate", "Plates", "None.", (error.message,)))
        return None
    names = {m.id: m.name for m in machines}
    used = sorted({names[p.machine_id] for p in batch.plates})
    words = f"{counted(len(batch.plates), 'plate')} on {_named(used)}, {span(sum(p.minutes for p in batch.plates))} of machine"
    way.choices.append(Choice("plate", "Plates", f"{words}{_off(batch)}.", _late(way, batch)))
    return batch


def _off(batch: Batch) -> str:
    return f", the last off {batch.ends:%a %-d %b %H:%M}" if batch.ends else ""


def _late(way: _Way, batch: Batch) -> tuple[str, ...]:
    army = way.plans.army
    if army is None or batch.ends is None or batch.ends.date() <= army.ready_by:
        return ()
    return (f"The last plate comes off after the army is to be ready ({army.ready_by:%-d %b}).",)


def _named(names: Sequence[str]) -> str:
    """A few by name, the rest counted."""
    more = f" and {len(names) - NAMED} more" if len(names) > NAMED else ""
    return ", ".join(names[:NAMED]) + more
