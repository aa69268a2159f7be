"""Taking mesh files into a book: read, judge, picture, keep; nothing of it half."""

from __future__ import annotations

import uuid
from collections.abc import Callable, Iterable, Iterator
from dataclasses import replace
from pathlib import Path

from numerus.book.book import Book
from numerus.errors import Cancelled, MeshFileError
from numerus.geometry.files import Refusal, read_any
from numerus.geometry.formats import MeshFile
from numerus.geometry.packed import pack_mesh
from numerus.kit.plan import Kit, Part
from numerus.kit.sorting import part_from_file
from numerus.kit.thumbnails import thumbnail_png

Read = tuple[Part, bytes, bytes]
"""A part with its packed mesh and its thumbnail, not yet in any book."""


def new_id() -> str:
    return uuid.uuid4().hex[:12]


def read_parts(paths: Iterable[Path], kit_id: str) -> Iterator[Read | Refusal]:
    """Every mesh of the paths as a part, or why it was refused."""
    for path in paths:
        try:
            for found in read_any(path):
                yield found if isinstance(found, Refusal) else _part(found, kit_id)
        except MeshFileError as error:
            yield Refusal(path.name, error)


def _part(found: MeshFile, kit_id: str) -> Read | Refusal:
    try:
        part, mesh = part_from_file(found, new_id(), kit_id)
    except MeshFileError as error:
        return Refusal(found.name, error)
    return part, pack_mesh(mesh), thumbnail_png(mesh)


def kit_named(book: Book, name: str) -> Kit:
    """The kit of that name, or a new one (not yet in the book)."""
    return next((k for k in book.plans.kits.values() if k.name == name), Kit(new_id(), name))


def take_in(
    book: Book, paths: Iterable[Path], kit_name: str, progress: Callable[[float], bool] | None = None
) -> tuple[list[Part], list[Refusal]]:
    """Read the paths into a kit, as one edit; refused files are listed. Cancelled leaves the book as it was."""
    kit = kit_named(book, kit_name)
    read: list[Read] = []
    refused: list[Refusal] = []
    for number, found in enumerate(read_parts(paths, kit.id)):
        if progress is not None and not progress(1 - 1 / (number + 2)):
            raise Cancelled
        if isinstance(found, Refusal):
            refused.append(found)
        else:
            read.append(found)
    return keep(book, kit, read), refused


def keep(book: Book, kit: Kit, read: Iterable[Read]) -> list[Part]:
    """Put what was read into the book as one edit."""
    parts = [replace(part, blob=book.put_blob(mesh), thumbnail=book.put_blob(picture)) for part, mesh, picture in read]
    if parts:
        book.commit(f"add {len(parts)} parts to {kit.name}", [kit, *parts])
    return parts
