"""OBJ in: vertices, polygons, objects and groups; everything else a miniature does not need is passed over.

An own reader, since a general one took 10 s for 35 MB, and sculpts of a million triangles come as twice that.
"""

from __future__ import annotations

import re
from itertools import pairwise

import numpy as np
from numpy.typing import NDArray

from numerus.errors import MeshFileError
from numerus.formats.regions import REGION
from numerus.geometry.mesh import Floats, Mesh, merged

MAX_OBJ_BYTES = 45 << 20  # mixed polygons take 1 GB and 8 s then
MAX_OBJECTS = 4000
_AFTER_SLASH = re.compile(rb"/\S*")
Mark = tuple[int, str]
"""Where an object or group begins (how many faces came before) and its name."""


def read_obj(data: bytes) -> tuple[list[tuple[str, Mesh]], tuple[str, ...]]:
    """Objects are parts; groups are parts where none touches another, else they are regions of one surface, as materials are.
    Every face carries the number of its region under REGION; the names of regions come beside.

    Raises MeshFileError, or ValueError where a number is none.
    """
    if len(data) > MAX_OBJ_BYTES:
        raise MeshFileError("too-large", f"OBJ over {MAX_OBJ_BYTES >> 20} MB is not read.", "Save it as binary STL.")
    corners, polygons, marks = _lines_of(data)
    vertices, (faces, owner) = _points(corners), _triangles(polygons, len(corners))
    region, names = _regions(marks[b"usemtl"] or marks[b"g"], owner)
    pieces = _split(vertices, faces, owner, marks[b"o"] or marks[b"g"], region)
    if marks[b"o"] or _apart(pieces):
        return pieces, names
    return [("", merged([m for _, m in pieces]))], names


def _regions(marks: list[Mark], owner: NDArray[np.int64]) -> tuple[NDArray[np.int32], tuple[str, ...]]:
    """Each face's region by the material or group that was begun last before it, -1 before the first."""
    names = tuple(dict.fromkeys(name for _, name in marks))
    number = np.array([-1, *(names.index(name) for _, name in marks)], np.int32)
    return number[np.searchsorted([at for at, _ in marks], owner, side="right")], names


def _lines_of(data: bytes) -> tuple[list[bytes], list[bytes], dict[bytes, list[Mark]]]:
    corners: list[bytes] = []
    polygons: list[bytes] = []
    marks: dict[bytes, list[Mark]] = {b"o": [], b"g": [], b"usemtl": []}
    for line in data.replace(b"\\\n", b" ").split(b"\n"):
        kind, _, rest = line.lstrip().partition(b" ")
        if kind == b"v":
            corners.append(rest)
        elif kind == b"f":
            polygons.append(rest)
        elif kind in marks and len(marks[kind]) < MAX_OBJECTS:
            marks[kind].append((len(polygons), rest.decode("utf-8", "replace").strip()))
    return corners, polygons, marks


def _points(corners: list[bytes]) -> Floats:
    if not corners:
        return np.zeros((0, 3))
    numbers = np.array(b" ".join(corners).split(), dtype=np.float64)
    if len(numbers) % max(len(corners), 1) == 0 and len(numbers) >= 3 * len(corners):
        return np.ascontiguousarray(numbers.reshape(len(corners), -1)[:, :3])
    return np.array([line.split()[:3] for line in corners], dtype=np.float64).reshape(-1, 3)


def _triangles(polygons: list[bytes], vertices: int) -> tuple[NDArray[np.int64], NDArray[np.int64]]:
    """Fans of the polygons, int64 (m, 3), and which polygon each is of; negative numbers count from the last vertex."""
    if not polygons:
        return np.zeros((0, 3), np.int64), np.zeros(0, np.int64)
    tokens = _AFTER_SLASH.sub(b"", b" ".join(polygons)).split()
    sides = len(tokens) // len(polygons)
    if sides >= 3 and all(len(p.split()) == sides for p in polygons):
        loops = np.array(tokens, dtype=np.int64).reshape(-1, sides)
        fans = np.stack([loops[:, [0, k, k + 1]] for k in range(1, sides - 1)], axis=1).reshape(-1, 3)
        owner = np.repeat(np.arange(len(polygons)), sides - 2)
    else:
        lists = [[int(t.partition(b"/")[0]) for t in p.split()] for p in polygons]
        fan = [(n, loop[0], a, b) for n, loop in enumerate(lists) for a, b in pairwise(loop[1:])]
        table = np.array(fan, dtype=np.int64).reshape(-1, 4)
        fans, owner = table[:, 1:], table[:, 0]
    # Counting from the end is right for files that list all vertices first, as those that count so nearly always do.
    faces = np.where(fans < 0, fans + vertices, fans - 1)
    if len(faces) and (faces.min() < 0 or faces.max() >= vertices):
        raise MeshFileError("malformed", "The OBJ names corners that are not there.")
    return faces, owner


def _split(
    vertices: Floats, faces: NDArray[np.int64], owner: NDArray[np.int64], marks: list[Mark], region: NDArray[np.int32]
) -> list[tuple[str, Mesh]]:
    """Faces from each mark to the next as a piece."""
    begins = [0, *(at for at, _ in marks)]
    ends = np.searchsorted(owner, [*begins[1:], np.iinfo(np.int64).max])
    starts = np.searchsorted(owner, begins)
    pieces = []
    for name, a, b in zip(["", *(n for _, n in marks)], starts, ends, strict=True):
        if b > a:
            used, index = np.unique(faces[a:b], return_inverse=True)
            mesh = Mesh(vertices[used], index.reshape(-1, 3).astype(np.int32))
            pieces.append((name, mesh.with_face_attribute(REGION, region[a:b])))
    return pieces


def _apart(pieces: list[tuple[str, Mesh]]) -> bool:
    """Whether no two pieces share a place."""
    if len(pieces) < 2:
        return True
    corners = [np.unique(m.vertices, axis=0) for _, m in pieces]
    return len(np.unique(np.concatenate(corners), axis=0)) == sum(map(len, corners))
