"""One mesh file's bytes to its objects: STL, OBJ, PLY, 3MF and GLB.

Nothing is believed: sizes are bounded before reading, counts are checked against the bytes there are, numbers must be
finite. A file whose format declares a unit (3MF, GLB) is turned to millimetres; one that declares none is taken as it
is and its unit judged later.
"""

from __future__ import annotations

import io
import json
import struct
from collections.abc import Iterable
from dataclasses import dataclass, replace
from typing import Any

import numpy as np

from numerus.errors import MeshFileError
from numerus.formats.meshes.read_3mf import read_3mf
from numerus.formats.meshes.read_obj import read_obj
from numerus.formats.regions import REGION, colour_code, faces_of_vertex_colours
from numerus.geometry.mesh import Floats, Mesh, merged, welded

FORMATS = ("stl", "obj", "ply", "3mf", "glb")
MAX_TRIANGLES = 4_000_000  # what 1 GB of memory holds while reading
MAX_VERTICES = 5_000_000  # of a format that lists them apart
MAX_TEXT_BYTES = 34 << 20  # text forms cost up to thirty times their size to parse; 1 GB and 10 s are the most
AREA_CHUNK = 200_000
FAR_MM = 20_000.0  # no part is so long; what is has corners that strayed
MOST_CORNERS = 64  # of a face
BLANKS = b"\xef\xbb\xbf \t\r\n"  # a byte-order mark and what is not seen
UNIT_MM = {"micron": 0.001, "millimeter": 1.0, "centimeter": 10.0, "inch": 25.4, "foot": 304.8, "meter": 1000.0}
Pieces = list[tuple[str, Mesh]]
Parsed = tuple[Pieces, str, tuple[str, ...]]
"""Pieces by name, the unit the format declares, names of regions."""


@dataclass(frozen=True, eq=False)
class MeshFile:
    """A mesh under the name it came with; ``declared`` is the unit its format states, or empty; ``regions``: names its faces'
    REGION counts into.
    """

    name: str
    mesh: Mesh
    declared: str = ""
    regions: tuple[str, ...] = ()


def parse_mesh(name: str, data: bytes) -> MeshFile:
    """All a file holds as one mesh; the ending of ``name`` tells the format. Raises MeshFileError."""
    mesh_files = parse_objects(name, data)
    return (
        mesh_files[0]
        if len(mesh_files) == 1
        else MeshFile(name, merged([f.mesh for f in mesh_files]), mesh_files[0].declared, mesh_files[0].regions)
    )


def parse_objects(name: str, data: bytes) -> list[MeshFile]:
    """A file's objects (3MF objects, GLB nodes, OBJ objects and loose groups), each under "file/object" if several.

    Raises MeshFileError.
    """
    ending = name.lower().rpartition(".")[2]
    if ending not in FORMATS:
        raise MeshFileError(
            "unknown-format", f"{name} is not a mesh file Numerus reads.", "STL, OBJ, PLY, 3MF and GLB are."
        )
    if not data:
        raise MeshFileError("empty-file", f"{name} is empty.")
    if data[:1024].lstrip(BLANKS)[:9].lower().startswith((b"<!doctype", b"<html", b"<head")):
        raise MeshFileError("web-page", f"{name} is a web page, not a mesh.", "Download the file itself.")
    try:
        pieces, declared, regions = _PARSERS[ending](data)
    except MeshFileError:
        raise
    except MemoryError as error:
        raise MeshFileError("too-large", f"{name} needs more memory than there is.") from error
    except Exception as error:  # readers of foreign formats fail in many ways; all mean the file is not sound
        raise MeshFileError("malformed", f"{name} cannot be understood as {ending.upper()}: {error}.") from error
    scale = UNIT_MM.get(declared, 1.0)
    return [MeshFile(n, _sound(name, m, scale), declared, regions) for n, m in _named(name, _with_area(name, pieces))]


def _with_area(name: str, pieces: Pieces) -> Pieces:
    """The pieces that enclose something; a file without any is refused."""
    total = sum(len(m.faces) for _, m in pieces)
    if total > MAX_TRIANGLES:
        raise MeshFileError("too-large", f"{name} has {total} triangles; {MAX_TRIANGLES} is the most.")
    kept = [(n, m) for n, m in pieces if len(m.faces) and _has_area(_corner_chunks(name, m))]
    if not kept:
        raise MeshFileError("no-triangles", f"{name} holds no triangle with an area.")
    return kept


def _named(name: str, pieces: Pieces) -> Pieces:
    """Objects under their file's name, made different where two are called the same."""
    if len(pieces) == 1:
        return [(name, pieces[0][1])]
    seen: dict[str, int] = {}
    named = []
    for called, mesh in pieces:
        label = called.replace("/", " ").strip() or "object"
        seen[label] = seen.get(label, 0) + 1
        named.append((f"{name}/{label}" + (f" {seen[label]}" if seen[label] > 1 else ""), mesh))
    return named


def _sound(name: str, mesh: Mesh, scale: float) -> Mesh:
    """The mesh in millimetres, corners welded; refused where its numbers are no numbers or no size."""
    if not np.all(np.isfinite(mesh.vertices[mesh.faces.min() : mesh.faces.max() + 1])):
        raise MeshFileError("not-finite", f"{name} holds coordinates that are not numbers.")
    if np.abs(mesh.bounds_mm).max() * scale > 1e7:
        raise MeshFileError("too-large", f"{name} reaches 10 km from its origin.", "Its numbers are damaged.")
    if float(mesh.extents_mm.max()) * scale > FAR_MM:
        raise MeshFileError(
            "stray-corners", f"{name} {_strays(mesh, scale)}", "Delete what strayed, then read it again."
        )
    return replace(welded(mesh.triangles * scale), face_attributes=mesh.face_attributes)


def _strays(mesh: Mesh, scale: float) -> str:
    """What lies far from the rest of a mesh that is too long to be a part."""
    centres = mesh.triangles.mean(axis=1) * scale
    away = np.linalg.norm(centres - np.median(centres, axis=0), axis=1)
    far = away > FAR_MM / 4
    farthest = f"{away.max() / 1e6:.1f} km" if away.max() >= 1e6 else f"{away.max() / 1000:.0f} m"
    if not far.any() or far.mean() > 0.5:
        return f"is {float(mesh.extents_mm.max()) * scale / 1000:.0f} m long."
    return f"has {int(far.sum())} of {len(far)} triangles far from the rest, up to {farthest} away."


def _corner_chunks(name: str, mesh: Mesh) -> Iterable[Floats]:
    if mesh.faces.min() < 0 or mesh.faces.max() >= len(mesh.vertices):
        raise MeshFileError("malformed", f"{name} names corners that are not there.")
    for at in range(0, len(mesh.faces), AREA_CHUNK):
        yield mesh.vertices[mesh.faces[at : at + AREA_CHUNK]]


def _has_area(chunks: Iterable[Any]) -> bool:
    """Whether any triangle encloses something; asked in pieces, and mostly answered by the first."""
    with np.errstate(invalid="ignore", over="ignore"):
        for corners in chunks:
            a, b, c = (corners[:, k].astype(np.float64) for k in range(3))
            if np.any(np.cross(b - a, c - a)):
                return True
    return False


STL_RECORD = np.dtype([("normal", "<f4", 3), ("corners", "<f4", (3, 3)), ("attribute", "<u2")])


def _parse_stl(data: bytes) -> Parsed:
    """Binary where the count agrees with the length to the byte; ASCII where it begins and reads so; else refused."""
    if len(data) >= 84:
        count = struct.unpack_from("<I", data, 80)[0]
        if len(data) == 84 + 50 * count:
            if count > MAX_TRIANGLES:
                raise MeshFileError("too-large", f"The file has {count} triangles; {MAX_TRIANGLES} is the most.")
            corners = np.frombuffer(data, STL_RECORD, count, 84)["corners"]
            _check_corners(corners)
            return [("", welded(corners.astype(np.float64)))], "", ()
    if data[:512].lstrip(BLANKS)[:5].lower() == b"solid":
        return [("", _parse_ascii_stl(data.lstrip(BLANKS)))], "", ()
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
    if not _has_area(corners[at : at + AREA_CHUNK] for at in range(0, len(corners), AREA_CHUNK)):
        raise MeshFileError("no-triangles", "It holds no triangle with an area.")


def _parse_ascii_stl(data: bytes) -> Mesh:
    _check_text(data)
    words = data.lower().split()
    if (
        words[-1] != b"endfacet" and b"endsolid" not in words[-40:]
    ):  # some leave out the last line; none stops within a facet
        raise MeshFileError("truncated", "The text ends before its last facet does.", "Download it again.")
    at = np.flatnonzero(np.array(words, dtype="S8") == b"vertex")
    if not len(at) or len(at) % 3 or words.count(b"endloop") != len(at) // 3:
        raise MeshFileError("malformed", "The text's facets do not each have three corners.")
    numbers = [words[i + axis] for i in at for axis in (1, 2, 3)]
    try:
        return welded(np.array(numbers, dtype=np.float64).reshape(-1, 3, 3))
    except ValueError as error:
        raise MeshFileError("malformed", f"A coordinate is not a number: {error}.") from error


def _check_text(data: bytes) -> None:
    if len(data) > MAX_TEXT_BYTES:
        raise MeshFileError("too-large", f"Text files over {MAX_TEXT_BYTES >> 20} MB are not read.", "Save as binary.")


def _scene_of(data: bytes, ending: str) -> Pieces:
    """The pieces a general library finds, each where its scene places it."""
    import trimesh

    scene = trimesh.load_scene(io.BytesIO(data), file_type=ending, process=False)
    pieces, order = [], {name: i for i, name in enumerate(scene.geometry)}
    for node in sorted(scene.graph.nodes_geometry, key=lambda n: (order[scene.graph[n][1]], str(n))):
        matrix, name = scene.graph[node]
        loaded = scene.geometry[name]
        if isinstance(loaded, trimesh.Trimesh):
            mesh = _coloured(loaded, Mesh(np.asarray(loaded.vertices, float), np.asarray(loaded.faces, np.int32)))
            pieces.append((str(node), mesh if np.allclose(matrix, np.eye(4)) else mesh.transformed(np.asarray(matrix))))
    return pieces


def _coloured(colours: Any, mesh: Mesh) -> Mesh:
    """The mesh with the colours its vertices or faces have in the file, if they have any."""
    visual = colours.visual
    if visual.kind == "vertex":
        return mesh.with_face_attribute(REGION, faces_of_vertex_colours(mesh, np.asarray(visual.vertex_colors)[:, :3]))
    if visual.kind == "face":
        return mesh.with_face_attribute(REGION, colour_code(np.asarray(visual.face_colors)[:, :3]))
    return mesh


def _parse_obj(data: bytes) -> Parsed:
    pieces, regions = read_obj(data)
    return pieces, "", regions


def _parse_ply(data: bytes) -> Parsed:
    """The header's counts are held against the bytes there are: a lying header would ask for memory."""
    head, header, _ = data[:65536].partition(b"end_header")
    if not data.startswith(b"ply") or not header:
        raise MeshFileError("malformed", "The PLY header has no end.")
    text = b"format binary" not in head
    if text:
        _check_text(data)
    words = [line.split() for line in head.splitlines() if line.startswith(b"element ")]
    counts = {w[1]: int(w[2]) for w in words if len(w) > 2}
    if sum(counts.values()) > len(data) - len(head):
        raise MeshFileError("truncated", f"The PLY promises {sum(counts.values())} elements and has {len(data)} bytes.")
    _check_counts(counts.get(b"vertex", 0), counts.get(b"face", 0))
    if text:
        _check_text_faces(data[len(head) + len(header) :].split(b"\n")[1:], counts)
    return _scene_of(data, "ply"), "", ()


def _check_text_faces(lines: list[bytes], counts: dict[bytes, int]) -> None:
    """Every face line has as many corners as it claims (the reader would take what it finds)."""
    at = counts.get(b"vertex", 0) if next(iter(counts), b"") == b"vertex" else 0
    for line in lines[at : at + counts.get(b"face", 0)]:
        words = line.split()
        if words and (int(words[0]) > MOST_CORNERS or int(words[0]) > len(words) - 1):
            raise MeshFileError("malformed", f"A face claims {int(words[0])} corners and lists {len(words) - 1}.")


def _parse_glb(data: bytes) -> Parsed:
    if len(data) < 20 or data[:4] != b"glTF":
        raise MeshFileError("malformed", "This is no GLB file.")
    if struct.unpack_from("<I", data, 8)[0] != len(data):
        raise MeshFileError("truncated", "The GLB's length does not agree with its header.", "Download it again.")
    length = struct.unpack_from("<I", data, 12)[0]
    tree = json.loads(data[20 : 20 + length])
    accessors = tree.get("accessors", [])
    used = [p for m in tree.get("meshes", []) for p in m.get("primitives", [])]
    _check_counts(
        sum(accessors[p["attributes"]["POSITION"]]["count"] for p in used),
        sum(accessors[p["indices"]]["count"] for p in used if "indices" in p) // 3,
    )
    return _scene_of(data, "glb"), "meter", ()


def _check_counts(vertices: int, triangles: int) -> None:
    if vertices > MAX_VERTICES or triangles > MAX_TRIANGLES:
        raise MeshFileError(
            "too-large",
            f"It has {vertices} corners and {triangles} triangles; {MAX_VERTICES} and {MAX_TRIANGLES} are the most.",
            "Save it as STL, or with fewer triangles.",
        )


_PARSERS = {"stl": _parse_stl, "obj": _parse_obj, "ply": _parse_ply, "3mf": read_3mf, "glb": _parse_glb}
