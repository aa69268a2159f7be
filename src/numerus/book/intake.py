"""Taking mesh files into a book: read, judge, compare with each other, propose slots, keep; nothing of it half."""

from __future__ import annotations

import logging
import uuid
from collections import deque
from collections.abc import Callable, Iterable, Iterator, Sequence
from concurrent.futures import Future, ThreadPoolExecutor
from dataclasses import dataclass, replace
from pathlib import Path

from numerus.book.book import Book
from numerus.domain.painting.zones import PartZones, Zone
from numerus.domain.parts import Kit, Part, Relation
from numerus.domain.plans import Plans
from numerus.errors import Cancelled, MeshFileError, NumerusError, Progress
from numerus.formats.meshes.face_labels import pack_labels
from numerus.formats.meshes.mesh_files import Refusal, is_paper, names_in, papers_in, read_any
from numerus.formats.meshes.mesh_formats import MeshFile
from numerus.formats.meshes.packed_mesh import pack_mesh, unpack_mesh
from numerus.formats.regions import told_regions
from numerus.geometry.mesh import Mesh
from numerus.kit.assembly import DOUBTFUL, propose, repeats
from numerus.kit.relations import relations
from numerus.kit.sorting import Shaped, offered_factor, part_from_file
from numerus.kit.thumbnails import thumbnail_png
from numerus.surface.patching.file_zones import FileZones, zones_of_regions
from numerus.surface.zones import ZonedMesh, measured_zones

WORKERS = 2
READING = 0.6  # of the progress; the rest is comparing
log = logging.getLogger(__name__)


@dataclass(frozen=True, eq=False)
class Read:
    """A part with its packed mesh, its thumbnail and the zones its file tells, not yet in any book."""

    part: Part
    mesh: Mesh
    packed: bytes
    picture: bytes
    zones: FileZones | None = None


@dataclass(frozen=True, eq=False)
class Sorted:
    """What was read, what was refused, and what all parts of the kit are to each other."""

    read: tuple[Read, ...]
    refused: tuple[Refusal, ...]
    relations: tuple[Relation, ...]
    papers: tuple[tuple[str, bytes], ...] = ()


def new_id() -> str:
    return uuid.uuid4().hex[:12]


def read_parts(paths: Iterable[Path], kit_id: str) -> Iterator[Read | Refusal]:
    """Every mesh of the paths as a part, or why it was refused."""
    waiting: deque[Future[Read | Refusal]] = deque()
    with ThreadPoolExecutor(WORKERS) as pool:
        try:
            for mesh_file in _found_in(paths):
                waiting.append(pool.submit(_part, mesh_file, kit_id))
                # No more is read ahead than can be judged: archives may be large.
                while waiting and (waiting[0].done() or len(waiting) > 2 * WORKERS):
                    yield waiting.popleft().result()
            while waiting:
                yield waiting.popleft().result()
        finally:
            pool.shutdown(cancel_futures=True)


def _found_in(paths: Iterable[Path]) -> Iterator[MeshFile | Refusal]:
    for path in paths:
        try:
            yield from read_any(path)
        except MeshFileError as error:
            yield Refusal(path.name, error)


def _part(mesh_file: MeshFile | Refusal, kit_id: str) -> Read | Refusal:
    if isinstance(mesh_file, Refusal):
        return mesh_file
    try:
        part, mesh = part_from_file(mesh_file, new_id(), kit_id)
        zones = zones_of_regions(mesh, *told_regions(mesh, mesh_file.regions))
        return Read(part, mesh.bare(), pack_mesh(mesh), thumbnail_png(mesh), zones)
    except MeshFileError as error:
        return Refusal(mesh_file.name, error)
    except NumerusError as error:
        return Refusal(mesh_file.name, MeshFileError(error.code, error.message, error.advice))
    except Exception as error:  # one bad file among a hundred must not lose the others
        log.exception("%s could not be judged", mesh_file.name)
        advice = "It is left out; the others are not touched. The log has the details."
        return Refusal(
            mesh_file.name, MeshFileError("malformed", f"{mesh_file.name} could not be judged: {error}.", advice)
        )


def kit_named(book: Book, name: str) -> Kit:
    """The kit of that name, or a new one (not yet in the book)."""
    return next((k for k in book.plans.kits.values() if k.name == name), Kit(new_id(), name))


def shaped_part(part: Part, mesh: Mesh) -> Shaped:
    """A part as it is compared: in mm, if need be by the unit its numbers are probably in."""
    factor = offered_factor(part)
    return Shaped(part.id, part.name, mesh if factor == 1 else mesh.scaled(factor))


def read_and_sort(
    paths: Sequence[Path], kit: Kit, there: Sequence[Shaped] = (), progress: Progress = lambda _: True,
    met: Callable[[Read | Refusal], object] = lambda _: None,
) -> Sorted:  # fmt: skip
    """Read the paths and compare everything with everything and with what is ``there`` already.

    ``met`` is told each part as soon as it is read. Raises Cancelled where ``progress`` answers False.
    """
    expected = max(sum(len(names_in(p)) for p in paths), 1)
    read: list[Read] = []
    refused: list[Refusal] = []
    meshes = [p for p in paths if p.is_dir() or not is_paper(p.name)]
    for number, item in enumerate(read_parts(meshes, kit.id)):
        if not progress(READING * min((number + 1) / expected, 1.0)):
            raise Cancelled
        met(item)
        (refused if isinstance(item, Refusal) else read).append(item)  # type: ignore[arg-type]
    shaped = [*there, *(shaped_part(r.part, r.mesh) for r in read)]
    relations_here = relations(shaped, lambda share: progress(READING + (1 - READING) * share))
    slotted = _with_slots([r.part for r in read], shaped, relations_here)
    papers = tuple(paper for path in paths for paper in _papers(path))
    sorted_parts = tuple(replace(r, part=slotted[r.part.id]) for r in read)
    return Sorted(sorted_parts, tuple(refused), tuple(relations_here), papers)


def _papers(path: Path) -> Iterable[tuple[str, bytes]]:
    """What a designer put beside the meshes; a mesh file by itself has none."""
    return papers_in(path) if path.is_dir() or is_paper(path.name) or path.suffix.lower() == ".zip" else ()


def with_papers(kit: Kit, papers: Iterable[tuple[str, bytes]], put_blob: Callable[[bytes], str]) -> Kit:
    """The kit with what came beside its meshes; of a name that it has already the newer counts."""
    return replace(kit, papers=tuple(({**dict(kit.papers), **{name: put_blob(data) for name, data in papers}}).items()))


def _with_slots(parts: Sequence[Part], shaped: Sequence[Shaped], stated: Sequence[Relation]) -> dict[str, Part]:
    """Parts with the slot proposed for them, and those that repeat others set aside."""
    slots, double = propose(shaped, stated), repeats(stated)
    return {
        p.id: replace(p, slot=slots[p.id].slot, doubt=round(1 - slots[p.id].confidence, 2), needed=p.id not in double)
        for p in parts
    }


def resorted(parts: Sequence[Part], shaped: Sequence[Shaped], stated: Sequence[Relation]) -> list[Part]:
    """Parts whose slot or need changes when statements are overruled; what was put somewhere by hand (no doubt) stays."""
    new = _with_slots(parts, shaped, stated)
    moved = [new[p.id] if p.doubt > 0 else replace(p, needed=new[p.id].needed) for p in parts]
    return [m for m, p in zip(moved, parts, strict=True) if m != p]


def is_doubtful(part: Part) -> bool:
    """Whether a part's slot was proposed with so little evidence that someone should look."""
    return part.doubt > 1 - DOUBTFUL


def take_in(
    book: Book, paths: Sequence[Path], kit_name: str, progress: Progress = lambda _: True
) -> tuple[list[Part], list[Refusal]]:
    """Read the paths into a kit, as one edit; refused files are listed. Cancelled leaves the book as it was."""
    kit = kit_named(book, kit_name)
    there = [shaped_part(p, unpack_mesh(book.blob(p.blob))) for p in book.plans.parts.values() if p.kit_id == kit.id]
    sorting = read_and_sort(paths, kit, there, progress)
    return keep(book, kit, sorting), list(sorting.refused)


def keep(book: Book, kit: Kit, sorting: Sorted) -> list[Part]:
    """Put what was read into the book as one edit, with what the kit's parts are to each other."""
    parts = [replace(r.part, blob=book.put_blob(r.packed), thumbnail=book.put_blob(r.picture)) for r in sorting.read]
    if parts:
        documents = [
            with_papers(replace(kit, relations=merged_relations(kit, sorting.relations)), sorting.papers, book.put_blob), *parts,
            *told_zones(book.plans, book.put_blob, sorting.read),
        ]  # fmt: skip
        book.commit(f"add {len(parts)} parts to {kit.name}", documents)
    return parts


def told_zones(plans: Plans, put_blob: Callable[[bytes], str], read: Sequence[Read]) -> list[Zone | PartZones]:
    """Zones that files bring: those of the army of that name, else new ones; each part's labels, kept by ``put_blob``, beside its mesh."""
    zones, fresh, part_zones = {z.name.lower(): z for z in plans.zones.values()}, list[Zone](), list[PartZones]()
    for one in read:
        if one.zones is None:
            continue
        for name in one.zones.names:
            if name.lower() not in zones:
                zones[name.lower()] = Zone(new_id(), name, len(zones))
                fresh.append(zones[name.lower()])
        own = ZonedMesh(one.mesh, tuple(zones[n.lower()].id for n in one.zones.names), one.zones.labels)
        part_zones.append(measured_zones(one.part.id, put_blob(pack_labels(own.labels)), own))
    return [*fresh, *part_zones]


def merged_relations(kit: Kit, kept_relations: Sequence[Relation]) -> tuple[Relation, ...]:
    """New statements, with what was overruled before still overruled."""
    denied = {(r.kind, r.parts) for r in kit.relations if r.overruled}
    return tuple(replace(r, overruled=(r.kind, r.parts) in denied) for r in kept_relations)
