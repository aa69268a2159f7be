"""A triangle mesh as arrays, and the plain sums over its triangles."""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field, replace
from functools import cached_property
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel

Floats = NDArray[np.float64]
Ints = NDArray[np.int32]
Attributes = Mapping[str, NDArray[Any]]


def extremes(points: Floats) -> Floats:
    """Lowest and highest of each coordinate of points (n, 3): float64 (2, 3). Axis by axis, which is ten times as fast."""
    return np.array([[points[:, k].min() for k in range(3)], [points[:, k].max() for k in range(3)]])


def normalised(rows: Floats) -> Floats:
    """Rows (n, 3) of length one; zeros stay zeros."""
    return np.asarray(rows / np.maximum(np.linalg.norm(rows, axis=1), 1e-300)[:, None])


@dataclass(frozen=True, eq=False)
class Mesh:
    """Triangles over shared vertices, in millimetres unless a caller says otherwise.

    ``vertices``: float64 (n, 3). ``faces``: int32 (m, 3), counter-clockwise seen from outside. Attributes are arrays by name
    with a row for each vertex, or each face; they go along when the mesh is copied, moved, or loses faces.
    """

    vertices: Floats
    faces: Ints
    vertex_attributes: Attributes = field(default_factory=dict)
    face_attributes: Attributes = field(default_factory=dict)

    @cached_property
    def triangles(self) -> Floats:
        """Corner coordinates, float64 (m, 3, 3)."""
        return self.vertices[self.faces]

    @cached_property
    def crosses(self) -> Floats:
        """Normals of length twice the area, float64 (m, 3); zero for a degenerate face."""
        return np.asarray(_crosses(self.vertices, self.faces))

    @cached_property
    def areas_mm2(self) -> Floats:
        return np.asarray(np.sqrt(np.einsum("ij,ij->i", self.crosses, self.crosses)) / 2)

    @cached_property
    def vertex_areas_mm2(self) -> Floats:
        """A third of the faces about each vertex, float64 (n,)."""
        thirds = np.repeat(self.areas_mm2 / 3, 3)
        return np.bincount(self.faces.ravel(), thirds, len(self.vertices)).astype(float)

    @cached_property
    def normals(self) -> Floats:
        """Unit face normals, float64 (m, 3); a degenerate face gets zeros."""
        return self.crosses / np.maximum(2 * self.areas_mm2, 1e-300)[:, None]

    @cached_property
    def vertex_normals(self) -> Floats:
        """Area-weighted unit normals per vertex, float64 (n, 3)."""
        return normalised(_about_vertices(self.crosses, self.faces, len(self.vertices)))

    @cached_property
    def bounds_mm(self) -> Floats:
        """Lowest and highest corner, float64 (2, 3); zeros for a mesh without faces."""
        if not len(self.faces):
            return np.zeros((2, 3))
        used = self.vertices[np.unique(self.faces)] if len(self.faces) < len(self.vertices) / 3 else self.vertices
        return extremes(used)

    @property
    def extents_mm(self) -> Floats:
        return self.bounds_mm[1] - self.bounds_mm[0]

    @cached_property
    def signed_volume_mm3(self) -> float:
        """Divergence theorem over all faces: exact for closed shells, overlaps counted as often as they are covered."""
        origin = self.bounds_mm.mean(axis=0)
        a = self.triangles[:, 0] - origin
        return float(np.einsum("ij,ij->", a, self.crosses) / 6)

    def bare(self) -> Mesh:
        """The same mesh without what was worked out from it, which is many times as large: for keeping hundreds."""
        return replace(self)

    def with_vertices(self, vertices: Floats) -> Mesh:
        """The same faces over other places of the vertices, float64 (n, 3)."""
        return replace(self, vertices=np.ascontiguousarray(vertices))

    def with_faces(self, faces: Ints) -> Mesh:
        """The same faces with their corners named otherwise or turned about, int32 (m, 3)."""
        return replace(self, faces=np.ascontiguousarray(faces))

    def keeping(self, kept: NDArray[Any]) -> Mesh:
        """Only some faces (a mask or numbers), over the same vertices."""
        return replace(
            self, faces=self.faces[kept], face_attributes={k: a[kept] for k, a in self.face_attributes.items()}
        )

    def with_face_attribute(self, name: str, values: NDArray[Any]) -> Mesh:
        """``values``: a row for each face."""
        return replace(self, face_attributes={**self.face_attributes, name: values})

    def scaled(self, factor: float) -> Mesh:
        return self.with_vertices(self.vertices * factor)

    def transformed(self, matrix: Floats) -> Mesh:
        """This mesh under a 4x4 affine matrix; a mirroring matrix also turns the faces, so outside stays outside."""
        vertices = self.vertices @ matrix[:3, :3].T + matrix[:3, 3]
        faces = self.faces[:, ::-1] if np.linalg.det(matrix[:3, :3]) < 0 else self.faces
        return replace(self, vertices=np.ascontiguousarray(vertices), faces=np.ascontiguousarray(faces))

    def moved(self, offset_mm: Floats | tuple[float, float, float]) -> Mesh:
        """Elsewhere; what is known of its vertices' normals holds there, too, and every picture asks for them."""
        moved = replace(self, vertices=self.vertices + np.asarray(offset_mm, float))
        return moved.shaded_by(self.vertex_normals) if "vertex_normals" in self.__dict__ else moved

    def shaded_by(self, normals: Floats) -> Mesh:
        """Itself, with unit normals (n, 3) of its vertices that are known or better than those of its faces."""
        self.__dict__["vertex_normals"] = normals
        return self

    def dropped(self) -> Mesh:
        """Centred over the origin with its lowest point on z = 0."""
        low, high = self.bounds_mm
        return self.moved((-(low[0] + high[0]) / 2, -(low[1] + high[1]) / 2, -low[2]))


def xyz(v: Sequence[float] | Floats, digits: int | None = None) -> tuple[float, float, float]:
    """Three coordinates as plain numbers, rounded where ``digits`` says so."""
    x, y, z = (float(c) if digits is None else round(float(c), digits) for c in v)
    return x, y, z


def rotation_matrix(rotation: Floats) -> Floats:
    """A 4x4 matrix from a 3x3 rotation."""
    matrix = np.eye(4)
    matrix[:3, :3] = rotation
    return matrix


def turning_up(direction: Floats | tuple[float, float, float]) -> Floats:
    """The 3x3 rotation of least angle that brings ``direction`` to +Z (Rodrigues 1840)."""
    x, y, z = np.asarray(direction, float) / np.linalg.norm(direction)
    sine = float(np.hypot(x, y))
    if sine < 1e-12:
        return np.eye(3) if z > 0 else np.diag([1.0, -1.0, -1.0])
    # The axis is made a unit vector first: near straight down the shorter form loses half its digits.
    u, v = y / sine, -x / sine
    k = np.array([[0, 0, v], [0, 0, -u], [-v, u, 0]])
    return np.asarray(np.eye(3) + sine * k + (1 - z) * (k @ k))


def about_vertical(turn_deg: float) -> Floats:
    """The 3x3 rotation by ``turn_deg`` about +Z."""
    c, s = np.cos(np.radians(turn_deg)), np.sin(np.radians(turn_deg))
    return np.array([[c, -s, 0], [s, c, 0], [0, 0, 1.0]])


def merged(meshes: list[Mesh]) -> Mesh:
    """All meshes as shells of one; attributes are kept where every mesh has them."""
    if not meshes:
        return Mesh(np.zeros((0, 3)), np.zeros((0, 3), np.int32))
    starts = np.cumsum([0] + [len(m.vertices) for m in meshes[:-1]])
    faces = np.concatenate([m.faces + start for m, start in zip(meshes, starts, strict=True)]).astype(np.int32)
    of_vertices, of_faces = _shared([m.vertex_attributes for m in meshes]), _shared([m.face_attributes for m in meshes])
    made = Mesh(np.concatenate([m.vertices for m in meshes]), faces, of_vertices, of_faces)
    if all("vertex_normals" in m.__dict__ for m in meshes):  # where they are known they are not worked out anew
        return made.shaded_by(np.concatenate([m.vertex_normals for m in meshes]))
    return made


def nearest_part(parts: Mapping[str, Mesh], at_mm: Floats) -> str:
    """The name of the part with a vertex nearest to a place (3,)."""
    near = {name: float(np.linalg.norm(m.vertices - at_mm, axis=1).min()) for name, m in parts.items()}
    return min(near, key=near.__getitem__)


def _shared(tables: list[Attributes]) -> Attributes:
    names = set.intersection(*(set(t) for t in tables))
    return {name: np.concatenate([t[name] for t in tables]) for name in sorted(names)}


@kernel
def _crosses(vertices, faces):  # type: ignore[no-untyped-def]
    """Cross products of two sides of each face (m, 3): (m, 3)."""
    made = np.empty((len(faces), 3))
    for n in range(len(faces)):
        a, b, c = vertices[faces[n, 0]], vertices[faces[n, 1]], vertices[faces[n, 2]]
        for axis in range(3):
            one, other = (axis + 1) % 3, (axis + 2) % 3
            made[n, axis] = (b[one] - a[one]) * (c[other] - a[other]) - (b[other] - a[other]) * (c[one] - a[one])
    return made


@kernel
def _about_vertices(rows, faces, many):  # type: ignore[no-untyped-def]
    """Rows of faces (m, 3) summed about each of so many vertices: (many, 3)."""
    sums = np.zeros((many, 3))
    for n in range(len(faces)):
        for corner in range(3):
            for axis in range(3):
                sums[faces[n, corner], axis] += rows[n, axis]
    return sums


@kernel
def _first_equal(bits, slots, index):  # type: ignore[no-untyped-def]
    """Number equal rows of ``bits`` int64 (n, 3) by first appearance into ``index``; returns how many differ.

    Open addressing over ``slots`` int32 (a power of two, all -1), which keeps the row each number was met at.
    """
    mask = len(slots) - 1
    met = 0
    owner = np.empty(len(bits), np.int32)
    for i in range(len(bits)):
        a, b, c = bits[i, 0], bits[i, 1], bits[i, 2]
        key = (a * 73856093) ^ (b * 19349663) ^ (c * 83492791)
        slot = ((key >> 32) ^ (key >> 17) ^ key) & mask
        while slots[slot] >= 0:
            j = owner[slots[slot]]
            if bits[j, 0] == a and bits[j, 1] == b and bits[j, 2] == c:
                break
            slot = (slot + 1) & mask
        if slots[slot] < 0:
            slots[slot], owner[met] = met, i
            met += 1
        index[i] = slots[slot]
    return met, owner


def equal_rows(rows: NDArray[np.int64]) -> tuple[Ints, Ints]:
    """Which of its different rows each row (n, 3) is, in the order they appear, int32 (n,); where each appears first (k,)."""
    index = np.empty(len(rows), np.int32)
    slots = np.full(1 << (len(rows).bit_length() + 1), -1, np.int32)
    met, owner = _first_equal(rows, slots, index)
    return index, owner[:met]


def welded(triangles: Floats) -> Mesh:
    """A mesh from triangle corners (m, 3, 3), equal corners made one vertex (exact equality, -0 counted as 0)."""
    corners = np.ascontiguousarray(triangles.reshape(-1, 3) + 0.0)
    if not len(corners):
        return Mesh(np.zeros((0, 3)), np.zeros((0, 3), np.int32))
    index, first = equal_rows(corners.view(np.int64))
    return Mesh(corners[first], index.reshape(-1, 3))
