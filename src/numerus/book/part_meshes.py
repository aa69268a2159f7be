"""Parts of a book as meshes with their zones."""

from __future__ import annotations

from numerus.book.book import Book
from numerus.domain.painting.zones import PartZones
from numerus.formats.meshes.face_labels import unpack_labels
from numerus.formats.meshes.packed_mesh import unpack_mesh
from numerus.geometry.mesh import Mesh
from numerus.surface.zones import ZonedMesh, zoned


def zoned_part(book: Book, part_id: str) -> ZonedMesh:
    """Raises BookError where its mesh is missing, MeshFileError where its labels are not this mesh's."""
    return with_zones(book, unpack_mesh(book.blob(book.plans.parts[part_id].blob)), book.plans.part_zones.get(part_id))


def with_zones(book: Book, mesh: Mesh, part_zones: PartZones | None) -> ZonedMesh:
    """A part's mesh with the zones told of it. Raises as ``zoned_part``."""
    if part_zones is None:
        return zoned(mesh, (), None)
    return zoned(mesh, part_zones.zones, unpack_labels(book.blob(part_zones.labels), len(mesh.faces)))
