"""Mesh files in and out: STL, OBJ, PLY, 3MF, GLB, and folders or zips of them.

Nothing is believed: sizes are bounded before reading, counts are checked against the bytes there are, numbers must be
finite. An archive is read in memory, never unpacked to disk, and its members are only names to us. A file whose format
declares a unit (3MF, GLB) is turned to millimetres; one that declares none is taken as it is and its unit judged later.
"""

from __future__ import annotations

import io
import stat
import struct
import zipfile
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path, PurePosixPath
from typing import Any
from xml.sax.saxutils import quoteattr

import numpy as np

from numerus.errors import MeshFileError
from numerus.geometry.mesh import Floats, Mesh, merged, welded

FORMATS = ("stl", "obj", "ply", "3mf", "glb")
MAX_FILE_BYTES = 400 << 20
MAX_TRIANGLES = 4_000_000  # what 1 GB of memory holds while reading
MAX_TEXT_BYTES = 40 << 20  # text forms cost up to twenty times their size to parse; 1 GB and 10 s are the most
AREA_CHUNK = 200_000
MAX_ENTRIES = 4000
MAX_RATIO = 200  # an entry packed tighter than this is a bomb, no mesh
UNIT_MM = {"micron": 0.001, "millimeter": 1.0, "centimeter": 10.0, "inch": 25.4, "foot": 304.8, "meter": 1000.0}


@dataclass(frozen=True, eq=False)
class MeshFile:
    """A mesh under the name it came with; ``declared`` is the unit its format states, or empty."""

    name: str
    mesh: Mesh
    declared: str = ""


@dataclass(frozen=True)
class Refusal:
    """A member of an archive or folder that could not be read, with the reason."""

    name: str
    error: MeshFileError


def read_mesh(path: Path) -> MeshFile:
    """One mesh file. Raises MeshFileError; nothing else changes."""
    return parse_mesh(path.name, _bytes_of(path))


def read_any(path: Path) -> Iterator[MeshFile | Refusal]:
    """A file, a folder of files or a zip of them: each mesh, or why it could not be read.

    A path that cannot be opened at all raises MeshFileError.
    """
    if path.is_dir():
        inside = [p for p in sorted(path.rglob("*")) if _is_mesh_name(p.name)]
        if not inside:
            raise MeshFileError("no-mesh", f"{path.name} holds no mesh file.", "STL, OBJ, PLY, 3MF and GLB are read.")
        yield from _each((str(p.relative_to(path)), _reader(p)) for p in inside)
    elif path.suffix.lower() == ".zip":
        yield from _read_zip(path)
    else:
        yield read_mesh(path)


def _is_mesh_name(name: str) -> bool:
    return name.lower().rpartition(".")[2] in FORMATS


def _reader(path: Path) -> Any:
    return lambda: _bytes_of(path)


def _each(members: Any) -> Iterator[MeshFile | Refusal]:
    for name, read in members:
        try:
            yield parse_mesh(name, read())
        except MeshFileError as error:
            yield Refusal(name, error)


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


def _read_zip(path: Path) -> Iterator[MeshFile | Refusal]:
    try:
        with zipfile.ZipFile(path) as archive:
            entries = [e for e in archive.infolist() if not e.is_dir() and _is_mesh_name(e.filename)]
            if len(archive.infolist()) > MAX_ENTRIES:
                raise MeshFileError(
                    "too-many", f"{path.name} has {len(archive.infolist())} entries; {MAX_ENTRIES} is the most."
                )
            if not entries:
                raise MeshFileError(
                    "no-mesh", f"{path.name} holds no mesh file.", "STL, OBJ, PLY, 3MF and GLB are read."
                )
            yield from _each((e.filename, lambda e=e: _entry_bytes(archive, e)) for e in entries)
    except (zipfile.BadZipFile, OSError, NotImplementedError) as error:
        raise MeshFileError("bad-archive", f"{path.name} is not a sound zip archive: {error}.") from error


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


def parse_mesh(name: str, data: bytes) -> MeshFile:
    """A mesh from bytes; the ending of ``name`` tells the format. Raises MeshFileError."""
    ending = name.lower().rpartition(".")[2]
    if ending not in FORMATS:
        raise MeshFileError(
            "unknown-format", f"{name} is not a mesh file Numerus reads.", "STL, OBJ, PLY, 3MF and GLB are."
        )
    if not data:
        raise MeshFileError("empty-file", f"{name} is empty.")
    try:
        found = _parse_stl(data) if ending == "stl" else _parse_with_library(name, ending, data)
    except MeshFileError:
        raise
    except MemoryError as error:
        raise MeshFileError("too-large", f"{name} needs more memory than there is.") from error
    except Exception as error:  # readers of foreign formats fail in many ways; all mean the file is not sound
        raise MeshFileError("malformed", f"{name} cannot be understood as {ending.upper()}: {error}.") from error
    return _checked(MeshFile(name, *found))


def _checked(found: MeshFile) -> MeshFile:
    mesh = found.mesh
    if not len(mesh.faces):
        raise MeshFileError("no-triangles", f"{found.name} holds no triangles.")
    if len(mesh.faces) > MAX_TRIANGLES:
        raise MeshFileError("too-large", f"{found.name} has {len(mesh.faces)} triangles; {MAX_TRIANGLES} is the most.")
    if mesh.faces.min() < 0 or mesh.faces.max() >= len(mesh.vertices):
        raise MeshFileError("malformed", f"{found.name} names corners that are not there.")
    if not np.all(np.isfinite(mesh.vertices)):
        raise MeshFileError("not-finite", f"{found.name} holds coordinates that are not numbers.")
    if np.abs(mesh.vertices).max() > 1e7:
        raise MeshFileError("too-large", f"{found.name} reaches 10 km from its origin.", "Its numbers are damaged.")
    if not np.any(mesh.extents_mm > 0):
        raise MeshFileError("no-triangles", f"{found.name} is a single point.")
    if not np.any(mesh.areas_mm2 > 0):
        raise MeshFileError("no-triangles", f"{found.name} holds no triangle with an area.")
    return found


_STL_RECORD = np.dtype([("normal", "<f4", 3), ("corners", "<f4", (3, 3)), ("attribute", "<u2")])


def _parse_stl(data: bytes) -> tuple[Mesh, str]:
    """Binary where the count agrees with the length to the byte; ASCII where it begins and reads so; else refused."""
    if len(data) >= 84:
        count = struct.unpack_from("<I", data, 80)[0]
        if len(data) == 84 + 50 * count:
            if count > MAX_TRIANGLES:
                raise MeshFileError("too-large", f"The file has {count} triangles; {MAX_TRIANGLES} is the most.")
            corners = np.frombuffer(data, _STL_RECORD, count, 84)["corners"]
            _check_corners(corners)
            return welded(corners.astype(np.float64)), ""
    if data[:512].lstrip()[:5].lower() == b"solid":
        return _parse_ascii_stl(data), ""
    if len(data) < 84:
        raise MeshFileError("truncated", "The file is too short for an STL.")
    have, want = len(data) - 84, 50 * count
    what = "truncated" if have < want else "trailing-bytes"
    raise MeshFileError(
        what, f"The file says {count} triangles but has bytes for {have / 50:.1f}.", "Download it again."
    )


def _check_corners(corners: Any) -> None:
    """Refuses what is no shape before memory is spent on it."""
    for axis in range(3):
        if not np.all(np.isfinite(corners[..., axis])):
            raise MeshFileError("not-finite", "The file holds coordinates that are not numbers.")
    if all(np.ptp(corners[..., axis], axis=None) == 0 for axis in range(3) if corners.size):
        raise MeshFileError("no-triangles", "All corners are at one point." if corners.size else "It has no triangles.")
    if not _has_area(corners):
        raise MeshFileError("no-triangles", "It holds no triangle with an area.")


def _has_area(corners: Any) -> bool:
    """Whether any triangle encloses something; asked in pieces, and mostly answered by the first."""
    for at in range(0, len(corners), AREA_CHUNK):
        a, b, c = (corners[at : at + AREA_CHUNK, k].astype(np.float64) for k in range(3))
        if np.any(np.cross(b - a, c - a)):
            return True
    return False


def _parse_ascii_stl(data: bytes) -> Mesh:
    if len(data) > MAX_TEXT_BYTES:
        raise MeshFileError("too-large", f"Text STL over {MAX_TEXT_BYTES >> 20} MB is not read.", "Save it as binary.")
    words = data.lower().split()
    if b"endsolid" not in words[-40:]:
        raise MeshFileError("truncated", "The text ends before its last solid does.", "Download it again.")
    at = np.flatnonzero(np.array(words, dtype="S8") == b"vertex")
    if not len(at) or len(at) % 3 or words.count(b"endloop") != len(at) // 3:
        raise MeshFileError("malformed", "The text's facets do not each have three corners.")
    numbers = [words[i + axis] for i in at for axis in (1, 2, 3)]
    try:
        return welded(np.array(numbers, dtype=np.float64).reshape(-1, 3, 3))
    except ValueError as error:
        raise MeshFileError("malformed", f"A coordinate is not a number: {error}.") from error


def _parse_with_library(name: str, ending: str, data: bytes) -> tuple[Mesh, str]:
    import trimesh

    if ending in ("obj", "ply") and len(data) > MAX_TEXT_BYTES and not data.startswith(b"ply\nformat binary"):
        raise MeshFileError("too-large", f"Text files over {MAX_TEXT_BYTES >> 20} MB are not read.", "Save as binary.")
    _PRECHECK.get(ending, lambda _: None)(data)
    scene = trimesh.load_scene(io.BytesIO(data), file_type=ending, process=False)
    pieces = [g for g in scene.dump() if isinstance(g, trimesh.Trimesh)]
    if not pieces:
        raise MeshFileError("no-triangles", f"{name} holds no triangles.")
    mesh = merged([Mesh(np.asarray(g.vertices, float), np.asarray(g.faces, np.int32)) for g in pieces])
    declared = {"glb": "meter", "3mf": str(scene.units or "millimeter")}.get(ending, "")
    scale = UNIT_MM.get(declared, 1.0)
    if not np.all(np.isfinite(mesh.vertices)) or not len(mesh.faces):
        return mesh, declared
    return welded(mesh.triangles * scale), declared


def _check_ply(data: bytes) -> None:
    """The header's counts against the bytes there are: a lying header would otherwise ask for memory."""
    head, found, body = data[:65536].partition(b"end_header")
    if not data.startswith(b"ply") or not found:
        raise MeshFileError("malformed", "The PLY header has no end.")
    counts = [
        int(line.split()[2]) for line in head.splitlines() if line.startswith(b"element ") and len(line.split()) > 2
    ]
    if sum(counts) > len(data) - len(head):
        raise MeshFileError("truncated", f"The PLY promises {sum(counts)} elements and has {len(data)} bytes.")


def _check_glb(data: bytes) -> None:
    if len(data) < 20 or data[:4] != b"glTF":
        raise MeshFileError("malformed", "This is no GLB file.")
    if struct.unpack_from("<I", data, 8)[0] != len(data):
        raise MeshFileError("truncated", "The GLB's length does not agree with its header.", "Download it again.")


def _check_3mf(data: bytes) -> None:
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as archive:
            for entry in archive.infolist():
                if entry.file_size > MAX_FILE_BYTES or entry.file_size > MAX_RATIO * max(entry.compress_size, 1):
                    raise MeshFileError("zip-bomb", f"{entry.filename} would unpack to {entry.file_size >> 20} MB.")
                if b"<!ENTITY" in archive.open(entry).read(4096):
                    raise MeshFileError("hostile-name", "The 3MF defines XML entities.", "Not read.")
            if sum(e.file_size for e in archive.infolist()) > MAX_FILE_BYTES:
                raise MeshFileError("zip-bomb", "The 3MF unpacks to more than can be read.")
    except zipfile.BadZipFile as error:
        raise MeshFileError("truncated", f"The 3MF is not a sound package: {error}.") from error


_PRECHECK = {"ply": _check_ply, "glb": _check_glb, "3mf": _check_3mf}


def stl_bytes(mesh: Mesh) -> bytes:
    """Binary STL, in the mesh's own numbers."""
    records = np.zeros(len(mesh.faces), _STL_RECORD)
    records["normal"], records["corners"] = mesh.normals, mesh.triangles
    header = b"Numerus, millimetres".ljust(80, b"\0")
    return header + struct.pack("<I", len(records)) + records.tobytes()


def write_stl(mesh: Mesh, path: Path) -> None:
    """Binary STL, written beside the target first, so that an interrupted export leaves no half file."""
    _write_whole(path, stl_bytes(mesh))


_3MF_TYPES = (
    '<?xml version="1.0" encoding="UTF-8"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">'
    '<Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>'
    '<Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>'
)
_3MF_RELATIONS = (
    '<?xml version="1.0" encoding="UTF-8"?>'
    '<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships">'
    '<Relationship Target="/3D/3dmodel.model" Id="rel0" '
    'Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>'
)


def write_3mf(objects: list[tuple[str, Mesh]], path: Path) -> None:
    """3MF core, one object per named mesh, millimetres, each placed as it stands."""
    body = "".join(_3mf_object(number, name, mesh) for number, (name, mesh) in enumerate(objects, 1))
    items = "".join(f'<item objectid="{number}"/>' for number in range(1, len(objects) + 1))
    model = (
        '<?xml version="1.0" encoding="UTF-8"?><model unit="millimeter" xml:lang="en" '
        'xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02">'
        f"<resources>{body}</resources><build>{items}</build></model>"
    )
    stream = io.BytesIO()
    with zipfile.ZipFile(stream, "w", zipfile.ZIP_DEFLATED, compresslevel=6) as archive:
        archive.writestr("[Content_Types].xml", _3MF_TYPES)
        archive.writestr("_rels/.rels", _3MF_RELATIONS)
        archive.writestr("3D/3dmodel.model", model)
    _write_whole(path, stream.getvalue())


def _3mf_object(number: int, name: str, mesh: Mesh) -> str:
    vertices = "".join(f'<vertex x="{x:.9g}" y="{y:.9g}" z="{z:.9g}"/>' for x, y, z in _rounded(mesh.vertices))
    faces = "".join(f'<triangle v1="{a}" v2="{b}" v3="{c}"/>' for a, b, c in mesh.faces.tolist())
    label = quoteattr(name)
    return (
        f'<object id="{number}" type="model" name={label}><mesh><vertices>{vertices}</vertices>'
        f"<triangles>{faces}</triangles></mesh></object>"
    )


def _rounded(vertices: Floats) -> Any:
    """Coordinates to a tenth of a micrometre: shared corners stay shared, text stays short."""
    return (np.round(vertices, 4) + 0.0).tolist()


def _write_whole(path: Path, data: bytes) -> None:
    beside = path.with_name(path.name + ".part")
    try:
        beside.write_bytes(data)
        beside.replace(path)
    except OSError as error:
        beside.unlink(missing_ok=True)
        raise MeshFileError(
            "unwritable", f"{path.name} could not be written: {error.strerror}.", "Nothing was left behind."
        ) from error
