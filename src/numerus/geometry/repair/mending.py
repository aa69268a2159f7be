"""A mended copy of a mesh beside the original, and what was done to it.

Findings are places, to be shown as pins. Mending welds, drops what has no area or is doubled, turns faces and shells
right, drops specks, closes holes with the least new surface, and can fill voids; it tells what it changed.
"""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Ints, Mesh, welded
from numerus.geometry.repair.findings import open_edges
from numerus.geometry.repair.health import (
    SPECK_SHARE,
    edges_of,
    lies_inside,
    neighbours,
    oriented,
    shell_of_faces,
    union_volume_mm3,
    without_degenerate,
)
from numerus.words import counted

WELD_SHARE = 2e-6  # of the size: corners nearer than this are one
EXACT_LOOP = 260  # edges of a hole closed with the least area; longer ones by a fan


@dataclass(frozen=True, eq=False)
class Mended:
    """The mended mesh, what was done in sentences, union volumes before and after in mm³, and whether it is closed now."""

    mesh: Mesh
    done: tuple[str, ...]
    before_mm3: float
    after_mm3: float
    watertight: bool


def mend(mesh: Mesh, fill_voids: bool = False) -> Mended:
    """A mended copy. Zones are kept where no corner had to be made; the original is not touched."""
    before = _volume(mesh)
    done: list[str] = []
    mended_mesh = _welded_near(mesh, done)
    mended_mesh = _without_faults(mended_mesh, done)
    mended_mesh = _turned_alike(mended_mesh, done)
    mended_mesh = _without_specks(_holes_closed(mended_mesh, done), done)
    mended_mesh, turned = oriented(mended_mesh)
    _note(done, turned, "shell", "turned right way out")
    if fill_voids:
        mended_mesh = _without_inner(mended_mesh, done)
    edges = edges_of(mended_mesh)
    return Mended(mended_mesh, tuple(done), before, _volume(mended_mesh), not bool((edges.balance != 0).any()))


def _volume(mesh: Mesh) -> float:
    edges = edges_of(mesh)
    shells, label = shell_of_faces(mesh, edges)
    return union_volume_mm3(oriented(mesh)[0], not bool((edges.balance != 0).any()), shells, label)


def _note(done: list[str], number: int, what: str, deed: str) -> None:
    if number:
        done.append(f"{counted(number, what)} {deed}")


def _welded_near(mesh: Mesh, done: list[str]) -> Mesh:
    """Corners closer than a hair made one; what is known of them follows the corner that stays."""
    step = WELD_SHARE * max(float(np.linalg.norm(mesh.extents_mm)), 1e-9)
    snapped = np.rint(mesh.vertices / step) * step
    merged = welded(snapped[mesh.faces])
    if len(merged.vertices) == len(np.unique(mesh.faces)):
        return mesh
    _note(done, len(np.unique(mesh.faces)) - len(merged.vertices), "doubled corner", "joined")
    order = np.empty(len(merged.vertices), np.int64)
    order[merged.faces.reshape(-1)] = mesh.faces.reshape(-1)
    corners = {name: a[order] for name, a in mesh.vertex_attributes.items()}
    return replace(mesh, vertices=mesh.vertices[order], faces=merged.faces, vertex_attributes=corners)


def _without_faults(mesh: Mesh, done: list[str]) -> Mesh:
    """Without faces of no area and doubled faces."""
    kept, flat = without_degenerate(mesh)
    _, first = np.unique(np.sort(kept.faces, axis=1), axis=0, return_index=True)
    doubled = len(kept.faces) - len(first)
    kept = kept.keeping(np.sort(first))
    _note(done, flat, "face", "without area dropped")
    _note(done, doubled, "doubled face", "dropped")
    return kept


def _without_specks(mesh: Mesh, done: list[str]) -> Mesh:
    shells, label = shell_of_faces(mesh, edges_of(mesh))
    areas = np.bincount(label, mesh.areas_mm2, shells)
    speck = areas < SPECK_SHARE * areas.sum()
    _note(done, int(speck.sum()), "speck", "dropped")
    return mesh.keeping(~speck[label])


@kernel
def _parity(pairs, differ, count):  # type: ignore[no-untyped-def]
    """Disjoint sets with parity: for each face its group and whether it is turned against the group's first."""
    parent = np.arange(count)
    flip = np.zeros(count, np.bool_)
    for k in range(len(pairs)):
        roots = np.empty(2, np.int64)
        turns = np.zeros(2, np.bool_)
        for s in range(2):
            i = pairs[k, s]
            turn = False
            while parent[i] != i:
                turn ^= flip[i]
                i = parent[i]
            roots[s], turns[s] = i, turn
            j, rest = pairs[k, s], turn
            while parent[j] != j:
                following, own = parent[j], flip[j]
                parent[j], flip[j] = i, rest
                rest ^= own
                j = following
        if roots[0] != roots[1]:
            parent[roots[1]] = roots[0]
            flip[roots[1]] = turns[0] ^ turns[1] ^ differ[k]
    group = np.empty(count, np.int64)
    turned = np.empty(count, np.bool_)
    for i in range(count):
        j, turn = i, False
        while parent[j] != j:
            turn ^= flip[j]
            j = parent[j]
        group[i], turned[i] = j, turn
    return group, turned


def _turned_alike(mesh: Mesh, done: list[str]) -> Mesh:
    """Faces that look against their neighbours turned; in each shell the side with less area gives way."""
    edges = edges_of(mesh)
    faces_beside, halves = neighbours(edges)
    pairs = faces_beside.astype(np.int64)
    differ = edges.balance[edges.edge[halves[:, 0]]] != 0
    group, turned = _parity(pairs, np.ascontiguousarray(differ), len(mesh.faces))
    signed = np.bincount(group, np.where(turned, mesh.areas_mm2, -mesh.areas_mm2), len(mesh.faces))
    flip = turned ^ (signed[group] > 0)
    _note(done, int(flip.sum()), "face", "turned with its neighbours")
    faces = mesh.faces.copy()
    faces[flip] = faces[flip][:, ::-1]
    return mesh.with_faces(faces)


def boundary_loops(mesh: Mesh) -> list[NDArray[np.int64]]:
    """Corners round each hole, in the order new faces have to go."""
    edges = edges_of(mesh)
    half = open_edges(edges)
    onward: dict[int, list[int]] = {}
    for start, end in zip(edges.end[half].tolist(), edges.start[half].tolist(), strict=True):
        onward.setdefault(start, []).append(end)
    loops = []
    while onward:
        loop = [next(iter(onward))]
        met = {loop[0]: 0}
        while loop and loop[-1] in onward:
            after = onward[loop[-1]]
            corner = after.pop()
            if not after:
                del onward[loop[-1]]
            if corner in met:  # a loop closes; what led to it goes on by itself
                at = met[corner]
                loops.append(np.array(loop[at:]))
                for gone in loop[at + 1 :]:
                    del met[gone]
                loop = loop[: at + 1]
            else:
                met[corner] = len(loop)
                loop.append(corner)
    return [loop for loop in loops if len(loop) >= 3]


@kernel
def _least_area(points, best, split):  # type: ignore[no-untyped-def]
    """Cut a closed polygon in space into triangles of least area (Barequet and Sharir 1995): O(n^3) over its chords."""
    n = len(points)
    for gap in range(2, n):
        for i in range(n - gap):
            k = i + gap
            best[i, k] = np.inf
            for m in range(i + 1, k):
                ux, uy, uz = points[m, 0] - points[i, 0], points[m, 1] - points[i, 1], points[m, 2] - points[i, 2]
                vx, vy, vz = points[k, 0] - points[i, 0], points[k, 1] - points[i, 1], points[k, 2] - points[i, 2]
                x, y, z = uy * vz - uz * vy, uz * vx - ux * vz, ux * vy - uy * vx
                cost = best[i, m] + best[m, k] + np.sqrt(x * x + y * y + z * z)
                if cost < best[i, k]:
                    best[i, k], split[i, k] = cost, m


def _patch(points: Floats) -> NDArray[np.int64]:
    """Triangles (n - 2, 3) over a loop's corners, by number."""
    n = len(points)
    best, split = np.zeros((n, n)), np.zeros((n, n), np.int64)
    _least_area(np.ascontiguousarray(points), best, split)
    stack, faces = [(0, n - 1)], []
    while stack:
        i, k = stack.pop()
        if k - i >= 2:
            m = int(split[i, k])
            faces.append((i, m, k))
            stack += [(i, m), (m, k)]
    return np.array(faces, np.int64)


def _holes_closed(mesh: Mesh, done: list[str]) -> Mesh:
    loops = boundary_loops(mesh)
    if not loops:
        return mesh
    vertices, like, faces = [mesh.vertices], list[int](), [mesh.faces]
    for loop in loops:
        if len(loop) <= EXACT_LOOP:
            faces.append(loop[_patch(mesh.vertices[loop])].astype(np.int32))
            continue
        vertices.append(mesh.vertices[loop].mean(axis=0)[None])
        middle = len(mesh.vertices) + len(like)
        like.append(int(loop[0]))
        fan = [np.append(pair, middle) for pair in np.stack([loop, np.roll(loop, -1)], axis=1)]
        faces.append(np.array(fan, np.int32))
    _note(done, len(loops), "hole", "closed")
    return _grown(mesh, np.concatenate(vertices), like, np.concatenate(faces).astype(np.int32))


def _grown(mesh: Mesh, vertices: Floats, like: list[int], faces: Ints) -> Mesh:
    """The mesh with vertices and faces added: new vertices are told of as those they are ``like``, new faces as one that is
    beside their first corner.
    """
    beside = np.zeros(len(vertices), np.int64)
    beside[mesh.faces.ravel()] = np.repeat(np.arange(len(mesh.faces)), 3)
    beside[len(mesh.vertices) :] = beside[like]
    rows = np.concatenate([np.arange(len(mesh.faces)), beside[faces[len(mesh.faces) :, 0]]])
    corners = np.concatenate([np.arange(len(mesh.vertices)), np.array(like, np.int64)])
    of_vertices = {name: a[corners] for name, a in mesh.vertex_attributes.items()}
    return Mesh(vertices, faces, of_vertices, {name: a[rows] for name, a in mesh.face_attributes.items()})


def _without_inner(mesh: Mesh, done: list[str]) -> Mesh:
    """Without shells that lie wholly within another: voids are filled, swallowed bodies go."""
    shells, label = shell_of_faces(mesh, edges_of(mesh))
    inner = [s for s in range(shells) if shells > 1 and lies_inside(mesh, label, s)]
    _note(done, len(inner), "inner shell", "removed: what it enclosed is solid now")
    return mesh.keeping(~np.isin(label, inner))
