"""What is wrong with a mesh, and where: open and uneven edges, shells turned inside out, specks, shells that share space."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, xyz
from numerus.geometry.repair.health import (
    SPECK_SHARE,
    Edges,
    connected,
    edges_of,
    lies_inside,
    shell_of_faces,
    shell_volumes_mm3,
    winding_above,
    without_degenerate,
)
from numerus.words import counted

MOST_PINS = 40
MOST_PAIRS = 60
UNDER_SHARE, MOST_POINTS = 0.01, 300  # of the smaller shell: how far under its skin it is asked; points asked of


@dataclass(frozen=True)
class Finding:
    """One fault: a short stable code, a sentence, its middle in mm and how large it is."""

    code: str
    text: str
    place_mm: tuple[float, float, float]
    size_mm: float


def findings(mesh: Mesh) -> list[Finding]:
    """Every fault with its place, the largest of a kind first, at most MOST_PINS of a kind."""
    mesh, degenerate = without_degenerate(mesh)
    edges = edges_of(mesh)
    shells, label = shell_of_faces(mesh, edges)
    listed = [
        *_edge_groups(mesh, edges, open_edges(edges), "holes", "Hole, {size:.1f} mm across"),
        *_edge_groups(mesh, edges, _uneven(edges), "inverted-faces", "Faces turned against their neighbours, {size:.1f} mm"),
        *_edge_groups(mesh, edges, edges.count[edges.edge] > 2, "non-manifold", "Edges with more than two faces, {size:.1f} mm"),
        *_shell_findings(mesh, shells, label),
    ]  # fmt: skip
    zero = degenerate + int((mesh.areas_mm2 <= 0).sum())
    if zero:
        flat = mesh.triangles[mesh.areas_mm2 <= 0].reshape(-1, 3)
        middle = flat.mean(axis=0) if len(flat) else mesh.bounds_mm.mean(axis=0)
        listed.append(Finding("degenerate", f"{counted(zero, 'face')} without area", xyz(middle, 3), 0.0))
    return listed


def open_edges(edges: Edges) -> NDArray[np.bool_]:
    return np.asarray((edges.balance[edges.edge] != 0) & (edges.count[edges.edge] % 2 == 1))


def _uneven(edges: Edges) -> NDArray[np.bool_]:
    return np.asarray((edges.balance[edges.edge] != 0) & (edges.count[edges.edge] == 2))


def _edge_groups(mesh: Mesh, edges: Edges, half: NDArray[np.bool_], code: str, words: str) -> list[Finding]:
    """Connected edges of one kind as one finding each."""
    if not half.any():
        return []
    used, index = np.unique(np.stack([edges.start[half], edges.end[half]]), return_inverse=True)
    a, b = index.reshape(2, -1)
    count, label = connected(a, b, len(used))
    points = mesh.vertices[used]
    listed = [_finding(code, words, points[label == k]) for k in range(count)]
    return sorted(listed, key=lambda f: -f.size_mm)[:MOST_PINS]


def _finding(code: str, words: str, points: Floats) -> Finding:
    size = float(np.linalg.norm(np.ptp(points, axis=0)))
    return Finding(code, words.format(size=size), xyz(points.mean(axis=0), 3), round(size, 3))


def _shell_findings(mesh: Mesh, shells: int, label: NDArray[np.int32]) -> list[Finding]:
    """Specks, shells inside out, shells within (voids or lost bodies), and shells that run through each other."""
    if shells < 1 or not len(mesh.faces):
        return []
    areas = np.bincount(label, mesh.areas_mm2, shells)
    volumes = shell_volumes_mm3(mesh, shells, label)
    boxes = _boxes(mesh, shells, label)
    large = np.flatnonzero(areas >= SPECK_SHARE * areas.sum())
    specks = np.flatnonzero(areas < SPECK_SHARE * areas.sum())
    listed = [_shell(boxes[s], "specks", "Loose speck, {size:.2f} mm") for s in specks[:MOST_PINS]]
    within = {int(s) for s in large if len(large) > 1 and lies_inside(mesh, label, int(s))}
    for s in large:
        if int(s) in within:
            kind = "a void" if volumes[s] < 0 else "swallowed by the body round it"
            listed.append(_shell(boxes[s], "internal-shell", f"Shell inside, {{size:.1f}} mm: {kind}"))
        elif volumes[s] < 0:
            listed.append(_shell(boxes[s], "inside-out", "Shell inside out, {size:.1f} mm"))
    return listed + _overlaps(mesh, label, boxes, [int(s) for s in large if int(s) not in within])


def _boxes(mesh: Mesh, shells: int, label: NDArray[np.int32]) -> Floats:
    """Lowest and highest corner of each shell, float64 (shells, 2, 3)."""
    boxes = np.stack([np.full((shells, 3), np.inf), np.full((shells, 3), -np.inf)], axis=1)
    np.minimum.at(boxes[:, 0], label, mesh.triangles.min(axis=1))
    np.maximum.at(boxes[:, 1], label, mesh.triangles.max(axis=1))
    return boxes


def _shell(box: Floats, code: str, words: str) -> Finding:
    size = float(np.linalg.norm(box[1] - box[0]))
    return Finding(code, words.format(size=size), xyz(box.mean(axis=0), 3), round(size, 3))


def _overlaps(mesh: Mesh, label: NDArray[np.int32], boxes: Floats, shells: list[int]) -> list[Finding]:
    """Shells that share space: usual for sculpts, counted as their union, worth one pin each."""
    pairs = [(a, b) for n, a in enumerate(shells) for b in shells[n + 1 :] if _meet(boxes[a], boxes[b])]
    listed = []
    for a, b in pairs[:MOST_PAIRS]:
        if not share_space(mesh, label, boxes, a, b):
            continue
        shared = np.stack([np.maximum(boxes[a, 0], boxes[b, 0]), np.minimum(boxes[a, 1], boxes[b, 1])])
        listed.append(_shell(shared, "overlapping-shells", "Two shells run into each other: counted as one solid"))
    return sorted(listed, key=lambda f: -f.size_mm)[:MOST_PINS]


def share_space(mesh: Mesh, label: NDArray[np.int32], boxes: Floats, a: int, b: int) -> bool:
    """Whether two shells do, and not their boxes alone: whether points just under the skin of one, where their boxes meet, lie
    within the other. Takes memory for the faces of one shell and no more, however different their sizes.
    """
    window = np.stack([np.maximum(boxes[a, 0], boxes[b, 0]), np.minimum(boxes[a, 1], boxes[b, 1])])
    under = UNDER_SHARE * float(min(np.ptp(boxes[s], axis=0).max() for s in (a, b)))
    one, other = (mesh.triangles[label == s] for s in (a, b))
    return _reaches_into(one, other, window, under) or _reaches_into(other, one, window, under)


def _reaches_into(triangles: Floats, other: Floats, window: Floats, under_mm: float) -> bool:
    met = (triangles.min(axis=1) < window[1]).all(axis=1) & (triangles.max(axis=1) > window[0]).all(axis=1)
    soup = triangles[met]
    if not len(soup):
        return False
    near = Mesh(soup.reshape(-1, 3), np.arange(3 * len(soup), dtype=np.int32).reshape(-1, 3))
    points, normals = even_points(near, MOST_POINTS)
    points = points - under_mm * normals
    within = points[((points > window[0]) & (points < window[1])).all(axis=1)]
    return any(winding_above(other, p) != 0 for p in within)


def _meet(a: Floats, b: Floats) -> bool:
    return bool(np.all(a[0] < b[1]) and np.all(b[0] < a[1]))
