"""Patches of a sculpt: its skin cut along concave creases and where shells meet, so that a person names zones by clicking.

The same mesh gives the same patches. Growing spreads names from seeds over patches, creases being dear to cross.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import TYPE_CHECKING

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.repair.health import edges_of, neighbours, shell_of_faces
from numerus.surface.patching.patch_kernels import flooded

if TYPE_CHECKING:
    from scipy.sparse import csr_matrix

FINE_MM, BROAD_MM = 0.45, 0.9  # scales at which the skin is looked at for bends
SHARP_DEG, FULL_DEG = 18.0, 60.0  # a single edge that bends in by so much begins to count, counts fully
DEPTH, SPECK_MM2 = 0.01, 0.15  # how deep between creases a patch lies, and what is too small to be one
LEAST_MM2 = 1.6
DEAR = 9.0  # how much less of a walk crosses a full crease: e to the minus this
MOST_ROUNDS = 40
Ints64 = NDArray[np.int64]


@dataclass(frozen=True, eq=False)
class Creases:
    """Borders between faces that share an edge: the faces (k, 2), how sharply they bend inward 0..1 (k,), mm of edge (k,); and
    how far the skin of each face lies in a bend, 0..1 (m,).
    """

    pairs: Ints64
    sharp: Floats
    length_mm: Floats
    bent: Floats


@dataclass(frozen=True, eq=False)
class Patches:
    """Patch of every face, int64 (m,), numbered by their first face; area of each, mm²."""

    labels: Ints64
    area_mm2: Floats
    creases: Creases

    def __len__(self) -> int:
        return len(self.area_mm2)


def creases_of(mesh: Mesh) -> Creases:
    """How sharply the skin bends inward at every shared edge: at the edge itself, and round its ends at two scales."""
    pairs, halves = neighbours(edges_of(mesh))
    ends = np.stack([mesh.faces.reshape(-1), np.roll(mesh.faces, -1, axis=1).reshape(-1)], axis=1)[halves[:, 0]]
    along = mesh.vertices[ends[:, 1]] - mesh.vertices[ends[:, 0]]
    length = np.linalg.norm(along, axis=1)
    bend = np.degrees(_dihedral(mesh, pairs, along))
    edge = np.clip((bend - SHARP_DEG) / (FULL_DEG - SHARP_DEG), 0, 1)
    bent = _bent_inward(mesh)
    broad = bent[ends].mean(axis=1)
    return Creases(pairs.astype(np.int64), np.maximum(edge, broad), length, bent[mesh.faces].mean(axis=1))


def _dihedral(mesh: Mesh, pairs: NDArray[np.int32], along: Floats) -> Floats:
    """Angle by which two faces bend inward at their edge, radians, positive for a groove (k,)."""
    one, other = mesh.normals[pairs[:, 0]], mesh.normals[pairs[:, 1]]
    centre = mesh.triangles.mean(axis=1)
    angle = np.arccos(np.clip(np.einsum("ij,ij->i", one, other), -1, 1))
    toward = np.einsum("ij,ij->i", centre[pairs[:, 1]] - centre[pairs[:, 0]], one)
    return np.where(toward > 0, angle, -angle)


def _bent_inward(mesh: Mesh) -> Floats:
    """How far each vertex lies below the mean of its neighbourhood at two scales, 0..1 (n,)."""
    average, spacing = _averaging(mesh)
    fine, broad = (_below_mean(mesh, average, spacing, scale) for scale in (FINE_MM, BROAD_MM))
    sharp = 0.6 * np.clip(3.2 * fine, 0, 1) + 0.4 * np.clip(2.4 * broad, 0, 1)
    for _ in range(2):
        sharp = 0.5 * sharp + 0.5 * (average @ sharp)
    return np.asarray(sharp)


def _averaging(mesh: Mesh) -> tuple[csr_matrix, float]:
    """A matrix that gives each vertex the mean of its neighbours, near ones more; the usual length of an edge."""
    from scipy.sparse import coo_matrix, diags

    start, end = mesh.faces.reshape(-1), np.roll(mesh.faces, -1, axis=1).reshape(-1)
    length = np.linalg.norm(mesh.vertices[start] - mesh.vertices[end], axis=1)
    weight = 1 / np.maximum(length, 1e-3)
    many = len(mesh.vertices)
    both = coo_matrix((np.tile(weight, 2), (np.r_[start, end], np.r_[end, start])), (many, many)).tocsr()
    total = np.asarray(both.sum(axis=1)).ravel()
    return diags(1 / np.maximum(total, 1e-9)) @ both, float(np.median(length)) if len(length) else 1.0


def _below_mean(mesh: Mesh, average: csr_matrix, spacing: float, scale_mm: float) -> Floats:
    rounds = int(np.clip((scale_mm / spacing) ** 2, 0, MOST_ROUNDS))
    if rounds < 2:  # edges longer than the scale speak for themselves
        return np.zeros(len(mesh.vertices))
    smooth = mesh.vertices
    for _ in range(rounds):
        smooth = 0.5 * smooth + 0.5 * (average @ smooth)
    return np.einsum("ij,ij->i", smooth - mesh.vertices, mesh.vertex_normals) / scale_mm


def patches_of(mesh: Mesh, least_mm2: float = LEAST_MM2, depth: float = DEPTH) -> Patches:
    """The mesh cut along its creases; small pieces join what they border on, small shells stay what they are."""
    creases = creases_of(mesh)
    height = creases.bent
    saddle = np.maximum(creases.sharp, height[creases.pairs].max(axis=1))
    order = np.argsort(saddle, kind="stable")
    area = np.maximum(mesh.areas_mm2, 1e-9)
    region = flooded(creases.pairs, height, saddle, order, area, depth, SPECK_MM2)
    _, region = np.unique(region, return_inverse=True)
    region = _with_small_joined(creases, region.astype(np.int64), np.bincount(region, area).astype(float), least_mm2)
    first, labels = np.unique(region, return_inverse=True)
    return Patches(labels.astype(np.int64), np.bincount(labels, mesh.areas_mm2, len(first)).astype(float), creases)


def _with_small_joined(creases: Creases, region: Ints64, area: Floats, least_mm2: float) -> Ints64:
    """Regions that are small joined to the neighbour across their weakest border, round by round, the smallest first."""
    area = area.copy()
    for _ in range(MOST_ROUNDS):
        best = _weakest_neighbour(creases, region, area, least_mm2)
        parent = np.arange(len(area))
        for one in sorted(best, key=lambda r: area[r]):
            other = _root(parent, best[one])
            if _root(parent, one) != other and area[_root(parent, one)] < least_mm2:
                area[other] += area[_root(parent, one)]
                parent[_root(parent, one)] = other
        if not best:
            break
        region = np.array([_root(parent, r) for r in range(len(area))])[region]
    return region


def _root(parent: Ints64, one: int) -> int:
    while parent[one] != one:
        one = int(parent[one])
    return one


def _weakest_neighbour(creases: Creases, region: Ints64, area: Floats, least_mm2: float) -> dict[int, int]:
    """For every region that is small, the neighbour whose border bends in least, longer borders a little before short ones."""
    a, b = region[creases.pairs[:, 0]], region[creases.pairs[:, 1]]
    ask = (a != b) & ((area[a] < least_mm2) | (area[b] < least_mm2))
    key, index = np.unique(np.minimum(a, b)[ask] * len(area) + np.maximum(a, b)[ask], return_inverse=True)
    length = np.bincount(index, creases.length_mm[ask], len(key))
    sharp = np.bincount(index, (creases.sharp * creases.length_mm)[ask], len(key)) / np.maximum(length, 1e-12)
    best: dict[int, int] = {}
    for n in np.argsort(-(sharp - 0.02 * length), kind="stable"):  # the weakest is written last
        one, other = divmod(int(key[n]), len(area))
        best.update({x: y for x, y in ((one, other), (other, one)) if area[x] < least_mm2})
    return best


@dataclass(frozen=True)
class Seed:
    """A place with the name of the zone it belongs to."""

    zone: str
    at: tuple[float, float, float]


def grown(mesh: Mesh, patches: Patches, seeds: Sequence[Seed]) -> tuple[tuple[str, ...], Ints64]:
    """Zones by the seeds: their names in order, and each face's, int64 (m,).

    A random walker over patches, for whom a border is wide by its length and dear by its creases, tells from which seed a patch
    is met first (Grady 2006, Random walks for image segmentation). A patch with seeds of several zones is split between them
    along the surface; shells without a seed take the zone nearest to them.
    """
    names = tuple(dict.fromkeys(s.zone for s in seeds))
    faces = np.array([face_at(mesh, s.at) for s in seeds])
    zone = np.array([names.index(s.zone) for s in seeds])
    of_patch = _walked(patches, patches.labels[faces], zone, len(names))
    labels = of_patch[patches.labels]
    for patch in np.unique(patches.labels[faces]):
        here = patches.labels[faces] == patch
        if len(np.unique(zone[here])) > 1:
            own = patches.labels == patch
            labels[own] = _split(mesh, patches.creases, faces[here], zone[here])[own]
    return names, _nearest_for_the_rest(mesh, labels)


def face_at(mesh: Mesh, at: tuple[float, float, float]) -> int:
    """The face nearest to a place: by its own distance among those with the nearest middles."""
    from scipy.spatial import cKDTree

    near = cKDTree(mesh.triangles.mean(axis=1)).query(at, k=min(64, len(mesh.faces)))[1]
    candidates = np.atleast_1d(near)
    large = np.argsort(-mesh.areas_mm2)[:32]  # a large face may hold a place far from its middle
    candidates = np.unique(np.r_[candidates, large])
    far = [float(np.linalg.norm(_closest_in(mesh.triangles[f], np.asarray(at)) - at)) for f in candidates]
    return int(candidates[int(np.argmin(far))])


def _closest_in(triangle: Floats, at: Floats) -> Floats:
    """The place of a triangle nearest to a point: its plane's where that lies within, else on an edge."""
    a, b, c = triangle
    normal = np.cross(b - a, c - a)
    if normal @ normal > 1e-18:
        foot = at - normal * ((at - a) @ normal) / (normal @ normal)
        inside = [np.cross(q - p, foot - p) @ normal >= 0 for p, q in ((a, b), (b, c), (c, a))]
        if all(inside):
            return np.asarray(foot)
    ends = [
        (p, q, np.clip((at - p) @ (q - p) / max((q - p) @ (q - p), 1e-18), 0, 1)) for p, q in ((a, b), (b, c), (c, a))
    ]
    places = [p + t * (q - p) for p, q, t in ends]
    return np.asarray(min(places, key=lambda p: float(np.linalg.norm(p - at))))


def _walked(patches: Patches, seeded: Ints64, zone: Ints64, zones: int) -> Ints64:
    """Zone of each patch by a walk over borders; -1 for patches no seed's shell has."""
    from scipy.sparse import diags
    from scipy.sparse.linalg import spsolve

    many = len(patches)
    nearest = np.full(many, -1)
    nearest[seeded] = zone
    width = _widths(patches)
    laplacian = (diags(np.asarray(width.sum(axis=1)).ravel()) - width).tocsr()
    reached = _connected_to(width, seeded)
    free = np.flatnonzero(reached & (nearest < 0))
    if len(free):
        known = np.flatnonzero(nearest >= 0)
        given = np.zeros((len(known), zones))
        given[np.arange(len(known)), nearest[known]] = 1
        right = -(laplacian[free][:, known] @ given)
        system = laplacian[free][:, free] + diags(np.full(len(free), 1e-12))
        share = np.asarray(spsolve(system.tocsc(), right)).reshape(len(free), zones)
        nearest[free] = share.argmax(axis=1)
    return nearest


def _widths(patches: Patches) -> csr_matrix:
    """How easily a walk goes from patch to patch: mm of border, less by its creases."""
    from scipy.sparse import coo_matrix

    creases = patches.creases
    a, b = patches.labels[creases.pairs[:, 0]], patches.labels[creases.pairs[:, 1]]
    across = a != b
    width = creases.length_mm[across] * np.exp(-DEAR * creases.sharp[across])
    many = len(patches)
    one = coo_matrix((width, (a[across], b[across])), (many, many))
    return (one + one.T).tocsr()


def _connected_to(width: csr_matrix, seeded: Ints64) -> NDArray[np.bool_]:
    from scipy.sparse.csgraph import connected_components

    _, group = connected_components(width, directed=False)
    return np.isin(group, group[seeded])


def _split(mesh: Mesh, creases: Creases, faces: Ints64, zone: Ints64) -> Ints64:
    """Faces by the cheapest way over the surface to one of ``faces``: mm from middle to middle, more over creases."""
    from scipy.sparse import coo_matrix
    from scipy.sparse.csgraph import dijkstra

    centre = mesh.triangles.mean(axis=1)
    one, other = creases.pairs.T
    cost = np.linalg.norm(centre[one] - centre[other], axis=1) * np.exp(DEAR * creases.sharp)
    many = len(mesh.faces)
    graph = coo_matrix((np.maximum(cost, 1e-9), (one, other)), (many, many)).tocsr()
    _, _, source = dijkstra(graph, directed=False, indices=faces, min_only=True, return_predecessors=True)
    by_face = np.full(many, -1)
    by_face[faces] = zone
    return np.where(source >= 0, by_face[source], -1)


def _nearest_for_the_rest(mesh: Mesh, labels: Ints64) -> Ints64:
    """Shells nobody named take the zone of the named skin nearest to most of them."""
    from scipy.spatial import cKDTree

    none = labels < 0
    if not none.any() or none.all():
        return labels
    _, shell = shell_of_faces(mesh, edges_of(mesh))
    centre = mesh.triangles.mean(axis=1)
    tree, given = cKDTree(centre[~none]), labels[~none]
    nearest_labels = labels.copy()
    for one in np.unique(shell[none]):
        own = np.flatnonzero(none & (shell == one))
        far, index = tree.query(centre[own])
        near = index[far <= np.quantile(far, 0.25)]
        nearest_labels[own] = np.bincount(given[near]).argmax()
    return nearest_labels
