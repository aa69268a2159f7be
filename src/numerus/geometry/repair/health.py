"""Is a mesh sound? Shells, holes, turned faces, specks, unit; and the true volume of the union of its shells."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.kernels import kernel
from numerus.geometry.mesh import Floats, Mesh, normalised
from numerus.geometry.solids.columns import solid_columns
from numerus.words import counted

UNION_PIXELS = 700  # columns along the longer side when the union's volume must be measured
MOST_SHELLS = 200
AGREE = 0.004  # relative difference under which the closed form is taken for the union
SPECK_SHARE = 1e-4  # of the surface: a loose shell smaller than this is a speck
TALLEST_FIGURE_MM, SHORTEST_PART_MM = 400.0, 3.0
SMALLEST_READ_MM = 5.0  # a part read in another unit must come out at least this long


@dataclass(frozen=True)
class Problem:
    """A short stable code and a sentence for people."""

    code: str
    text: str


@dataclass(frozen=True)
class Health:
    """What inspection found; lengths in mm, volume of the union of the shells."""

    triangles: int
    extents_mm: tuple[float, float, float]
    volume_ml: float
    surface_cm2: float
    watertight: bool
    shells: int
    holes: int
    unit: str
    problems: tuple[Problem, ...]


@dataclass(frozen=True, eq=False)
class Edges:
    """Half-edges folded: per undirected edge its faces and the balance of directions.

    ``face``: int32 (3m,) owner of each half-edge; ``edge``: int64 (3m,) its undirected edge; ``balance``: int32 per edge
    (0 where every half-edge has its opposite); ``count``: half-edges per edge; ``start``, ``end``: int32 vertices.
    """

    face: NDArray[np.int32]
    edge: NDArray[np.int64]
    balance: NDArray[np.int64]
    count: NDArray[np.int64]
    start: NDArray[np.int32]
    end: NDArray[np.int32]


def edges_of(mesh: Mesh) -> Edges:
    start = mesh.faces.reshape(-1)
    end = np.roll(mesh.faces, -1, axis=1).reshape(-1)
    low, high = np.minimum(start, end).astype(np.int64), np.maximum(start, end).astype(np.int64)
    keys, edge, count = np.unique(low * len(mesh.vertices) + high, return_inverse=True, return_counts=True)
    balance = np.bincount(edge, np.where(start < end, 1, -1), len(keys)).astype(np.int64)
    face = np.repeat(np.arange(len(mesh.faces), dtype=np.int32), 3)
    return Edges(face, edge, balance, count, start, end)


def neighbours(edges: Edges) -> tuple[NDArray[np.int32], NDArray[np.int64]]:
    """Faces either side of every edge that two faces share, int32 (k, 2), and the half-edges by which they do, int64 (k, 2)."""
    paired = np.flatnonzero(edges.count[edges.edge] == 2)
    halves = paired[np.argsort(edges.edge[paired], kind="stable")].reshape(-1, 2)
    return edges.face[halves], halves


def without_degenerate(mesh: Mesh) -> tuple[Mesh, int]:
    """The mesh without faces that name a corner twice, and how many there were."""
    f = mesh.faces
    good = (f[:, 0] != f[:, 1]) & (f[:, 1] != f[:, 2]) & (f[:, 2] != f[:, 0])
    return mesh.keeping(good), int((~good).sum())


def connected(a: NDArray[Any], b: NDArray[Any], count: int) -> tuple[int, NDArray[np.int32]]:
    """Connected groups of ``count`` things joined pairwise: how many, and the group of each."""
    from scipy.sparse import coo_matrix
    from scipy.sparse.csgraph import connected_components

    graph = coo_matrix((np.ones(len(a), np.int8), (a, b)), (count, count))
    number, label = connected_components(graph, directed=False)
    return int(number), label.astype(np.int32)


def shell_of_faces(mesh: Mesh, edges: Edges) -> tuple[int, NDArray[np.int32]]:
    """Shells joined over their edges: their number and the shell of every face, int32 (m,)."""
    faces = np.concatenate([neighbours(edges)[0], _pairs_at_shared_edges(mesh, edges)])
    number, label = connected(faces[:, 0], faces[:, 1], len(mesh.faces))
    return number, label


def connected_shells(mesh: Mesh) -> list[Mesh]:
    """Each shell as a mesh over the same vertices."""
    shells, label = shell_of_faces(mesh, edges_of(mesh))
    return [mesh.keeping(label == k) for k in range(shells)]


@kernel
def _match(edge, forward, face, pairs):  # type: ignore[no-untyped-def]
    """Pair the faces around each shared edge that bound one wedge of solid, as brackets are paired.

    Half-edges are sorted by edge and angle. Turning about the edge, a backward half-edge enters solid and a forward one
    leaves it; the walk begins behind the deepest point, so every leaving has its entering. Returns how many pairs.
    """
    n, a, stack = 0, 0, np.empty(len(edge), np.int64)
    while a < len(edge):
        b, depth, least, begin = a, 0, 0, a
        while b < len(edge) and edge[b] == edge[a]:
            depth += -1 if forward[b] else 1
            b += 1
            if depth < least:
                least, begin = depth, b
        top = 0
        for k in range(b - a):
            i = a + (begin - a + k) % (b - a)
            if not forward[i]:
                stack[top] = i
                top += 1
            elif top > 0:
                top -= 1
                pairs[n, 0], pairs[n, 1] = face[stack[top]], face[i]
                n += 1
        a = b
    return n


def _pairs_at_shared_edges(mesh: Mesh, edges: Edges) -> NDArray[np.int32]:
    """Pairs of faces, int32 (k, 2), that belong together at edges of four faces or more: touching or doubled shells."""
    half = np.flatnonzero((edges.count[edges.edge] > 2) & (edges.balance[edges.edge] == 0))
    pairs = np.empty((len(half) // 2, 2), np.int32)
    if not len(half):
        return pairs
    start, end, face = edges.start[half], edges.end[half], edges.face[half]
    forward = start < end
    foot, tip = mesh.vertices[np.minimum(start, end)], mesh.vertices[np.maximum(start, end)]
    along = normalised(tip - foot)
    inward = np.cross(np.where(forward[:, None], mesh.normals[face], -mesh.normals[face]), along)
    side = np.cross(along, np.eye(3)[np.argmin(np.abs(along), axis=1)])
    angle = np.arctan2(np.einsum("ij,ij->i", inward, np.cross(along, side)), np.einsum("ij,ij->i", inward, side))
    # Doubled faces lie at one angle: sorted against each other, each shell pairs with its own.
    order = np.lexsort((np.where(forward, -face, face), np.round(angle, 6), edges.edge[half]))
    n = _match(edges.edge[half][order], forward[order], face[order], pairs)
    return pairs[:n]


def count_holes(edges: Edges) -> int:
    """Loops of edges that have a face on one side only: connected groups of unbalanced edges."""
    open_half = (edges.balance[edges.edge] != 0) & (edges.count[edges.edge] % 2 == 1)
    if not open_half.any():
        return 0
    vertices, index = np.unique(np.stack([edges.start[open_half], edges.end[open_half]]), return_inverse=True)
    a, b = index.reshape(2, -1)
    return connected(a, b, len(vertices))[0]


def shell_volumes_mm3(mesh: Mesh, shells: int, label: NDArray[np.int32]) -> Floats:
    origin = mesh.bounds_mm.mean(axis=0)
    each = np.einsum("ij,ij->i", mesh.triangles[:, 0] - origin, mesh.crosses) / 6
    return np.asarray(np.bincount(label, each, shells), float)


def winding_above(triangles: Floats, point: Floats) -> int:
    """Winding number at a point, from the crossings of a vertical ray (slightly off the point's own faces)."""
    low, high = triangles[:, :, :2].min(axis=1), triangles[:, :, :2].max(axis=1)
    near = np.all((low <= point[:2]) & (high >= point[:2]), axis=1)
    a, b, c = (triangles[near, k] for k in range(3))
    area = (b[:, 0] - a[:, 0]) * (c[:, 1] - a[:, 1]) - (c[:, 0] - a[:, 0]) * (b[:, 1] - a[:, 1])
    with np.errstate(divide="ignore", invalid="ignore"):
        u = ((point[0] - a[:, 0]) * (c[:, 1] - a[:, 1]) - (c[:, 0] - a[:, 0]) * (point[1] - a[:, 1])) / area
        v = ((b[:, 0] - a[:, 0]) * (point[1] - a[:, 1]) - (point[0] - a[:, 0]) * (b[:, 1] - a[:, 1])) / area
        z = a[:, 2] + u * (b[:, 2] - a[:, 2]) + v * (c[:, 2] - a[:, 2])
        hit = (area != 0) & (u >= 0) & (v >= 0) & (u + v <= 1) & (z > point[2])
    return int(np.sign(area[hit]).sum())


def lies_inside(mesh: Mesh, label: NDArray[np.int32], shell: int) -> bool:
    """Whether a shell lies within the others: most of a few of its points have a winding that is not 0 there."""
    own = np.flatnonzero(label == shell)
    others = mesh.triangles[label != shell]
    chosen = own[np.linspace(0, len(own) - 1, min(5, len(own))).astype(int)]
    points = mesh.triangles[chosen].mean(axis=1)
    return sum(winding_above(others, p) != 0 for p in points) * 2 > len(points)


def oriented(mesh: Mesh) -> tuple[Mesh, int]:
    """Shells that are inside out as a whole are turned; a reversed shell inside another stays, as the void it is.

    Returns the mesh and how many shells were turned.
    """
    edges = edges_of(mesh)
    shells, label = shell_of_faces(mesh, edges)
    volumes = shell_volumes_mm3(mesh, shells, label)
    reversed_shells = np.flatnonzero(volumes < 0)
    # An open sheet has no inside; only shells without open edges can be inside out as a whole.
    turned = [s for s in reversed_shells if shells == 1 or not lies_inside(mesh, label, int(s))]
    if not turned:
        return mesh, 0
    faces = mesh.faces.copy()
    flip = np.isin(label, turned)
    faces[flip] = faces[flip][:, ::-1]
    return mesh.with_faces(faces), len(turned)


def union_volume_mm3(mesh: Mesh, closed: bool, shells: int, label: NDArray[np.int32]) -> float:
    """Volume of the union: the closed form where nothing overlaps, else by solid union, else measured on columns.

    The closed form is believed when columns, good to about 1e-3, agree with it.
    """
    span = float(mesh.extents_mm[:2].max())
    if span <= 0 or mesh.extents_mm[2] <= 0:
        return 0.0
    lifted = mesh.moved((0, 0, -mesh.bounds_mm[0, 2]))
    pixel = span / UNION_PIXELS
    measured = solid_columns(lifted.triangles, pixel, max(pixel, float(mesh.extents_mm[2]) / 4000)).volume_mm3
    exact = mesh.signed_volume_mm3
    if closed and abs(exact - measured) <= AGREE * abs(measured) + 1e-12:
        return exact
    united = _solid_union_mm3(mesh, shells, label) if closed and 1 < shells <= MOST_SHELLS else None
    return united if united is not None and abs(united - measured) <= 2 * AGREE * abs(measured) else measured


def _solid_union_mm3(mesh: Mesh, shells: int, label: NDArray[np.int32]) -> float | None:
    """Volume of the boolean union of all shells; None where a shell is no manifold or reversed (a void)."""
    from manifold3d import Manifold, OpType
    from manifold3d import Mesh as SolidMesh

    solids = []
    for shell in range(shells):
        used, index = np.unique(mesh.faces[label == shell], return_inverse=True)
        solid = Manifold(SolidMesh(mesh.vertices[used].astype(np.float32), index.reshape(-1, 3).astype(np.uint32)))
        if solid.status().name != "NoError" or solid.volume() <= 0:
            return None
        solids.append(solid)
    return float(Manifold.batch_boolean(solids, OpType.Add).volume())


def guess_unit(extents_mm: Floats, declared: str = "") -> tuple[str, str]:
    """The unit the file's numbers probably are ("mm", "in", "cm" or "m") and why it is doubted (empty if not).

    A miniature's part is between 3 and 400 mm long. Below that the next larger unit is tried that makes a figure of it.
    """
    longest = float(np.max(extents_mm))
    if declared:
        reading = {"meter": "m", "inch": "in", "centimeter": "cm", "millimeter": "mm"}.get(declared, declared)
        odd = longest > 10 * TALLEST_FIGURE_MM or longest < 0.1
        return reading, f"declared as {declared}, yet {longest:.4g} mm long" if odd else ""
    if longest >= SHORTEST_PART_MM:
        return "mm", f"{longest:.0f} mm long" if longest > 2 * TALLEST_FIGURE_MM else ""
    for unit, factor in (("in", 25.4), ("m", 1000.0)):
        if SMALLEST_READ_MM <= longest * factor <= TALLEST_FIGURE_MM:
            return unit, f"{longest:.3g} units long: {longest * factor:.1f} mm if they are {unit}"
    return "mm", f"only {longest:.3g} units long"


UNIT_FACTORS = {"mm": 1.0, "cm": 10.0, "in": 25.4, "m": 1000.0}


def _shape_problems(mesh: Mesh, edges: Edges, holes: int, degenerate: int, turned: int, specks: int) -> list[Problem]:
    tangled = int((edges.count > 2).sum())
    uneven = int(((edges.balance != 0) & (edges.count == 2)).sum())
    problems = [
        (holes, "holes", f"{counted(holes, 'hole')} in the surface"),
        (turned, "inside-out", f"{counted(turned, 'shell')} inside out: turned when used"),
        (uneven, "inverted-faces", f"{counted(uneven, 'edge')} where neighbouring faces look opposite ways"),
        (tangled, "non-manifold", f"{counted(tangled, 'edge')} shared by more than two faces"),
        (degenerate, "degenerate", f"{counted(degenerate, 'face')} without area"),
        (specks, "specks", f"{counted(specks, 'loose speck')}"),
    ]
    return [Problem(code, text) for number, code, text in problems if number]


def inspect(raw: Mesh, declared_unit: str = "") -> tuple[Health, Mesh]:
    """Health of a mesh as its file gives it, and the mesh as it will be used: degenerate faces gone, whole shells turned right.

    ``declared_unit``: what the format states, or empty.
    """
    mesh, degenerate = without_degenerate(raw)
    degenerate += int((mesh.areas_mm2 <= 0).sum())
    edges = edges_of(mesh)
    shells, label = shell_of_faces(mesh, edges)
    areas = np.bincount(label, mesh.areas_mm2, shells)
    mesh, turned = oriented(mesh)
    closed = not np.any(edges.balance != 0)
    holes = count_holes(edges)
    specks = int((areas < SPECK_SHARE * areas.sum()).sum())
    unit, doubt = guess_unit(raw.extents_mm, declared_unit)
    problems = _shape_problems(mesh, edges, holes, degenerate, turned, specks)
    if doubt:
        problems.append(Problem("unit", f"Unit in doubt: {doubt}"))
    x, y, z = (round(float(e), 4) for e in mesh.extents_mm)
    health = Health(
        len(raw.faces), (x, y, z), union_volume_mm3(mesh, closed, shells, label) / 1000, float(mesh.areas_mm2.sum() / 100),
        closed, shells, holes, unit, tuple(problems),
    )  # fmt: skip
    return health, mesh
