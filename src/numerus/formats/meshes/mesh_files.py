"""Mesh files, and folders or zips of them, zips within zips too.

An archive is read in memory, never unpacked to disk, and its members are only names to us. What can be read is read;
the rest is told with its reason.
"""

from __future__ import annotations

import contextlib
import io
import stat
import zipfile
from collections.abc import Callable, Iterable, Iterator
from dataclasses import dataclass
from pathlib import Path, PurePosixPath

from numerus.errors import MeshFileError
from numerus.formats.meshes.mesh_formats import FORMATS, MeshFile, parse_mesh, parse_objects

MAX_FILE_BYTES = 400 << 20
MAX_ENTRIES = 50_000
MAX_MESHES = 4000  # of an archive; what is more is said, not read
MAX_RATIO = 200  # an entry packed tighter than this is a bomb, no mesh
MAX_NESTING = 3  # zips within zips within a zip
MAX_NESTED_BYTES = 200 << 20
READ_WHAT = "STL, OBJ, PLY, 3MF and GLB are read."
Member = tuple[str, Callable[[], bytes]]


@dataclass(frozen=True)
class Refusal:
    """A member of an archive or folder that could not be read, with the reason."""

    name: str
    error: MeshFileError


def read_mesh(path: Path) -> MeshFile:
    """One mesh file as one mesh. Raises MeshFileError; nothing else changes."""
    return parse_mesh(path.name, _bytes_of(path))


def read_any(path: Path, whole: bool = False) -> Iterator[MeshFile | Refusal]:
    """A file, a folder of files or a zip of them: each object, or why it could not be read.

    ``whole`` gives a file of several objects as one mesh. A path that cannot be opened at all raises MeshFileError.
    """
    members, read = _members(path), 0
    for name, fetch in members:
        read += 1
        try:
            data = fetch()
            yield from [parse_mesh(name, data)] if whole else parse_objects(name, data)
        except MeshFileError as error:
            if not path.is_dir() and not _is_zip_name(path.name):
                raise
            yield Refusal(name, error)
    if not read:
        raise MeshFileError("no-mesh", f"{path.name} holds no mesh file.", READ_WHAT)


def names_in(path: Path) -> list[str]:
    """Names of the mesh files a path holds, from its lists alone, in the order they are read; an archive within an
    archive is one name. Empty where the path cannot be listed: reading it will tell why.
    """
    try:
        if path.is_dir():
            return [str(p.relative_to(path)) for p in sorted(path.rglob("*")) if _is_listed(p.name)]
        if _is_zip_name(path.name):
            with zipfile.ZipFile(path) as archive:
                return [e.filename for e in archive.infolist() if _is_listed(e.filename)][:MAX_MESHES]
    except (zipfile.BadZipFile, OSError):
        return []
    return [path.name]


MOST_PAPERS, PAPER_BYTES = 40, 30 << 20
PAPERS = ("txt", "md", "pdf", "png", "jpg", "jpeg", "webp")


def is_paper(name: str) -> bool:
    """Whether a file's name is that of words or a picture."""
    return name.lower().rpartition(".")[2] in PAPERS


def papers_in(path: Path) -> Iterator[tuple[str, bytes]]:
    """Names and bytes of what a folder or archive holds beside its meshes: words, pages and pictures. What cannot be read is left out."""
    try:
        for number, (name, fetch) in enumerate(_members(path, is_paper)):
            if number >= MOST_PAPERS:
                return
            with contextlib.suppress(MeshFileError):
                data = fetch()
                if 0 < len(data) <= PAPER_BYTES:
                    yield name, data
    except MeshFileError:  # told where its meshes are read
        return


def _is_listed(name: str) -> bool:
    return _is_mesh_name(name) or _is_zip_name(name)


def _is_mesh_name(name: str) -> bool:
    return name.lower().rpartition(".")[2] in FORMATS


def _is_zip_name(name: str) -> bool:
    return name.lower().endswith(".zip")


def _members(path: Path, wanted: Callable[[str], bool] = _is_mesh_name) -> Iterator[Member]:
    """What a path holds of ``wanted`` names; a file by itself whatever its name."""
    if path.is_dir():
        for inside in sorted(path.rglob("*")):
            name = str(inside.relative_to(path))
            if _is_zip_name(name):
                yield from _zip_members(inside.open("rb"), name, name, wanted=wanted)
            elif wanted(name):
                yield name, lambda inside=inside: _bytes_of(inside)  # type: ignore[misc]
    elif _is_zip_name(path.name):
        try:
            with path.open("rb") as stream:
                yield from _zip_members(stream, path.name, wanted=wanted)
        except OSError as error:
            raise MeshFileError("unreadable", f"{path.name} cannot be read: {error.strerror}.") from error
    else:
        yield path.name, lambda: _bytes_of(path)


def _bytes_of(path: Path) -> bytes:
    try:
        size = path.stat()
        if not stat.S_ISREG(size.st_mode):
            raise MeshFileError("not-a-file", f"{path.name} is not a file.")
        if size.st_size > MAX_FILE_BYTES:
            raise MeshFileError(
                "too-large", f"{path.name} has {size.st_size >> 20} MB; {MAX_FILE_BYTES >> 20} is the most."
            )
        return path.read_bytes()
    except OSError as error:
        raise MeshFileError("unreadable", f"{path.name} cannot be read: {error.strerror}.") from error


def _zip_members(
    stream: io.BufferedIOBase,
    label: str,
    prefix: str = "",
    depth: int = 1,
    wanted: Callable[[str], bool] = _is_mesh_name,
) -> Iterator[Member]:
    """Members of a zip in its order; a zip inside is opened in its turn, and one that cannot be is a member that fails."""
    try:
        with zipfile.ZipFile(stream) as archive:
            entries = archive.infolist()
            if len(entries) > MAX_ENTRIES:
                raise MeshFileError("too-many", f"{label} has {len(entries)} entries; {MAX_ENTRIES} is the most.")
            meshes = 0
            for entry in entries:
                name = f"{prefix}/{entry.filename}" if prefix else entry.filename
                if _is_zip_name(name) and not entry.is_dir():
                    yield from _nested(archive, entry, name, depth, wanted)
                elif wanted(name) and not entry.is_dir():
                    meshes += 1
                    if meshes > MAX_MESHES:
                        raise MeshFileError(
                            "too-many", f"{label} has more than {MAX_MESHES} meshes.", "The rest was left out."
                        )
                    yield name, lambda entry=entry: _entry_bytes(archive, entry)  # type: ignore[misc]
    except (zipfile.BadZipFile, OSError, NotImplementedError, MeshFileError) as error:
        fault = MeshFileError("bad-archive", f"{label} is not a sound zip archive: {error}.")
        fault = error if isinstance(error, MeshFileError) else fault
        if not prefix and fault.code != "too-many":
            raise fault from error
        yield prefix or label, _failing(fault)


def _nested(
    archive: zipfile.ZipFile, entry: zipfile.ZipInfo, name: str, depth: int, wanted: Callable[[str], bool]
) -> Iterable[Member]:
    if depth >= MAX_NESTING or entry.file_size > MAX_NESTED_BYTES:
        fault = MeshFileError("too-deep", f"{name} lies {depth} archives deep or is too large there.", "Left out.")
        return [(name, _failing(fault))]
    try:
        return _zip_members(io.BytesIO(_entry_bytes(archive, entry)), name, name, depth + 1, wanted)
    except MeshFileError as error:
        return [(name, _failing(error))]


def _failing(error: MeshFileError) -> Callable[[], bytes]:
    def fail() -> bytes:
        raise error

    return fail


def _entry_bytes(archive: zipfile.ZipFile, entry: zipfile.ZipInfo) -> bytes:
    """An entry's bytes, refused before unpacking where its name or size is hostile."""
    parts = PurePosixPath(entry.filename.replace("\\", "/"))
    if parts.is_absolute() or ".." in parts.parts or ":" in parts.parts[0]:
        raise MeshFileError("hostile-name", f"The archive names a place outside itself: {entry.filename}.", "Left out.")
    if entry.flag_bits & 1:
        raise MeshFileError("encrypted", f"{entry.filename} is encrypted.", "Unpack it yourself, then add the folder.")
    if entry.file_size > MAX_FILE_BYTES or entry.file_size > MAX_RATIO * max(entry.compress_size, 1):
        raise MeshFileError("zip-bomb", f"{entry.filename} would unpack to {entry.file_size >> 20} MB.", "Left out.")
    try:
        with archive.open(entry) as stream:
            data = stream.read(entry.file_size + 1)
    except Exception as error:  # zlib, CRC and struct faults have no common parent
        raise MeshFileError("bad-archive", f"{entry.filename} is damaged in the archive: {error}.") from error
    if len(data) > entry.file_size:
        raise MeshFileError("zip-bomb", f"{entry.filename} is larger than the archive says.", "Left out.")
    return data
