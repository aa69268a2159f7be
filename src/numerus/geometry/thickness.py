"""How thick the solid is under each point of its surface, and how wide the gaps before it are.

Definition: along the inward normal to the opposite surface of the union of all shells. Walls only: where the opposite
surface is not turned away from the point's own (an edge, a corner, a ridge), there is no wall whose thickness to state.
A gap is the same outward. Areas count both faces of a wall.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene

SPACING_MM = 0.25  # between samples on large faces
MOST_SAMPLES = 600_000
MOST_SPLIT = 64  # a face is at most this many strips each way
WALL_COSINE = -0.8  # opposite normals of a wall: two faces meeting at 37° or less are a blade, wider ones an edge
MOST_SHELLS_DEEP = 24  # crossings followed before a ray is given up
LEAST_AREA_MM2 = 0.02  # the thinnest place must be at least so large to be named
OFFSET = 2e-5  # of the size: rays start this far off their surface, above single precision
NO_WALL = np.inf
EDGE_MM = 0.15  # (default) what is thinner runs out to an edge and is no wall that snaps
PASSES = 4


@dataclass(frozen=True, eq=False)
class Thickness:
    """Samples of the union's surface: ``face`` int32 (n,), ``point`` (n, 3), ``area_mm2``, ``wall_mm`` and ``gap_mm`` (n,).

    ``wall_mm`` and ``gap_mm`` are infinite where there is no wall or gap. Surface inside other shells has no samples.
    """

    face: NDArray[np.int32]
    point: Floats
    area_mm2: Floats
    wall_mm: Floats
    gap_mm: Floats

    @property
    def thinnest_mm(self) -> float:
        """The least wall that at least LEAST_AREA_MM2 of the surface has; infinite for none."""
        order = np.argsort(self.wall_mm)
        enough = np.searchsorted(np.cumsum(self.area_mm2[order]), min(LEAST_AREA_MM2, self.area_mm2.sum() / 2))
        return float(self.wall_mm[order[min(enough, len(order) - 1)]]) if len(order) else float("inf")

    def area_below_mm2(self, wall_mm: float) -> float:
        return float(self.area_mm2[self.wall_mm < wall_mm].sum())

    def without_edges(self, edge_mm: float) -> Thickness:
        """The same where what is thinner than that is taken for an edge running out, and no wall."""
        return replace(self, wall_mm=np.where(self.wall_mm < edge_mm, NO_WALL, self.wall_mm))

    def lost_mm2(self, normals: Floats, pixel_mm: float, layer_mm: float, up: Sequence[float]) -> float:
        """Surface of ridges and grooves too fine for a machine: under two of its steps along their normal.

        ``normals`` of the mesh's faces; the step is the pixel across ``up`` and the layer along it, an ellipse between.
        """
        along = normals[self.face] @ (np.asarray(up) / np.linalg.norm(up))
        step = np.sqrt(pixel_mm**2 * (1 - np.minimum(along**2, 1)) + layer_mm**2 * along**2)
        return float(self.area_mm2[np.minimum(self.wall_mm, self.gap_mm) < 2 * step].sum())

    def of_faces(self, count: int) -> Floats:
        """The thinnest sample of each of ``count`` faces, float64 (count,); infinite without one."""
        least = np.full(count, np.inf)
        np.minimum.at(least, self.face, self.wall_mm)
        return least


def surface_samples(mesh: Mesh, spacing_mm: float = SPACING_MM) -> tuple[NDArray[np.int32], Floats, Floats]:
    """Points in every face at about ``spacing_mm``: face int32 (n,), point (n, 3), area each stands for (n,).

    A face is cut into k * k equal triangles and their centres are taken, so that every face has one sample at least.
    """
    spacing = max(spacing_mm, float(np.sqrt(2 * mesh.areas_mm2.sum() / MOST_SAMPLES)))
    split = np.clip(np.ceil(np.sqrt(2 * mesh.areas_mm2) / spacing), 1, MOST_SPLIT).astype(np.int64)
    split[mesh.areas_mm2 <= 0] = 0
    faces, points, areas = [], [], []
    for k in np.unique(split[split > 0]):
        own = np.flatnonzero(split == k)
        weights = _centres(int(k))
        points.append(np.einsum("sc,fcx->fsx", weights, mesh.triangles[own]).reshape(-1, 3))
        faces.append(np.repeat(own, k * k))
        areas.append(np.repeat(mesh.areas_mm2[own] / (k * k), k * k))
    return np.concatenate(faces).astype(np.int32), np.concatenate(points), np.concatenate(areas)


def _centres(k: int) -> Floats:
    """Barycentric centres of the k * k triangles that lines parallel to its sides cut a triangle into."""
    up = [(i + 1 / 3, j + 1 / 3) for i in range(k) for j in range(k - i)]
    down = [(i + 2 / 3, j + 2 / 3) for i in range(k - 1) for j in range(k - 1 - i)]
    uv = np.array(up + down) / k
    return np.column_stack([1 - uv.sum(axis=1), uv])


def thickness(mesh: Mesh, scene: RayScene | None = None) -> Thickness:
    """Walls and gaps over the surface of the union of the mesh's shells (turned right: see ``oriented``)."""
    scene = scene or RayScene(mesh)
    face, point, area = surface_samples(mesh)
    normal = mesh.normals[face]
    outside, gap, beyond = _follow(mesh, scene, point, normal, face, 0)
    own = outside == 0
    face, point, area, normal = face[own], point[own], area[own], normal[own]
    gap = np.where(_opposite(mesh, normal, beyond[own]), gap[own], NO_WALL)
    _, wall, far = _follow(mesh, scene, point, -normal, face, 1)
    return Thickness(face, point, area, np.where(_opposite(mesh, normal, far), wall, NO_WALL), gap)


def _opposite(mesh: Mesh, normal: Floats, face: NDArray[np.int32]) -> NDArray[np.bool_]:
    return np.asarray((face >= 0) & (np.einsum("ij,ij->i", normal, mesh.normals[face]) <= WALL_COSINE))


def _follow(
    mesh: Mesh, scene: RayScene, origin: Floats, direction: Floats, start: NDArray[np.int32], winding: int
) -> tuple[NDArray[np.int32], Floats, NDArray[np.int32]]:
    """Follow rays through all they cross.

    From within (``winding`` 1): the length until the winding is 0, and the face there. From outside (``winding`` 0): how
    often the start is covered by other shells (from the sum over the whole ray), the length to the first surface, and
    its face. Lengths are worked out again in double precision on the plane of the face met.
    """
    n, step = len(origin), OFFSET * float(np.linalg.norm(mesh.extents_mm))
    now = np.full(n, winding, np.int32)
    length, met = np.full(n, np.inf), np.full(n, -1, np.int32)
    live, last, travelled = np.arange(n), start.copy(), np.full(n, step)
    for _ in range(MOST_SHELLS_DEEP):
        if not len(live):
            break
        hit = scene.first_hit(origin[live] + direction[live] * travelled[live, None], direction[live])
        live, hit = live[hit >= 0], hit[hit >= 0]
        slope = np.einsum("ij,ij->i", mesh.normals[hit], direction[live])
        reach = np.einsum("ij,ij->i", mesh.normals[hit], mesh.triangles[hit, 0] - origin[live])
        at = np.where(np.abs(slope) > 1e-9, reach / np.where(slope == 0, 1, slope), travelled[live])
        real = (hit != last[live]) & (at > -step)
        turn = np.where(real, np.sign(slope), 0).astype(np.int32)
        now[live] += -turn if winding else turn
        first = real & ((now[live] == 0) if winding else (met[live] < 0))
        length[live[first]], met[live[first]] = np.maximum(at[first], 0), hit[first]
        last[live] = hit
        travelled[live] = np.maximum(np.maximum(at, travelled[live]) + step, travelled[live] + step)
        if winding:
            live = live[now[live] != 0]
    return now, length, met


@dataclass(frozen=True)
class ThinPlace:
    """A patch of surface under a limit: its middle, least wall, area of both faces and longest side in mm."""

    x_mm: float
    y_mm: float
    z_mm: float
    wall_mm: float
    area_mm2: float
    length_mm: float


def thin_places(thickness_of_part: Thickness, below_mm: float, join_mm: float = 1.0) -> list[ThinPlace]:
    """Patches thinner than ``below_mm``, samples within ``join_mm`` taken together; the largest first."""
    from scipy.sparse.csgraph import connected_components
    from scipy.spatial import cKDTree

    thin = np.flatnonzero(thickness_of_part.wall_mm < below_mm)
    if not len(thin):
        return []
    cells, index = np.unique(
        np.floor(thickness_of_part.point[thin] / (join_mm / 2)).astype(np.int64), axis=0, return_inverse=True
    )
    near = cKDTree(cells).sparse_distance_matrix(cKDTree(cells), 1.8, output_type="coo_matrix")
    count, patch = connected_components(near, directed=False)
    label = patch[index.reshape(-1)]
    return sorted((_place(thickness_of_part, thin[label == k]) for k in range(count)), key=lambda p: -p.area_mm2)


def _place(measured: Thickness, own: NDArray[np.int64]) -> ThinPlace:
    points, area = measured.point[own], measured.area_mm2[own]
    x, y, z = np.average(points, axis=0, weights=area)
    length = float(np.ptp(points, axis=0).max())
    return ThinPlace(float(x), float(y), float(z), float(measured.wall_mm[own].min()), float(area.sum()), length)


def thickened(mesh: Mesh, measured: Thickness, to_mm: float, fade_mm: float = 0.6) -> Mesh:
    """The mesh with walls under ``to_mm`` grown to it, half on either face, fading out over ``fade_mm``.

    Measured again after each pass, since faces that lean gain less. Vertices farther than ``fade_mm`` from every place
    that was thin stay where they are, to the bit.
    """
    from scipy.spatial import cKDTree

    thin = measured.wall_mm < to_mm
    if not thin.any():
        return mesh
    reach = cKDTree(measured.point[thin]).query(mesh.vertices, distance_upper_bound=fade_mm)[0]
    free = np.flatnonzero(np.isfinite(reach))
    for _ in range(PASSES):
        mesh = _grown(mesh, measured, to_mm, fade_mm, free)
        measured = thickness(mesh)
        if measured.area_below_mm2(to_mm * 0.99) < LEAST_AREA_MM2:
            break
    return mesh


def _grown(mesh: Mesh, measured: Thickness, to_mm: float, fade_mm: float, free: NDArray[np.int64]) -> Mesh:
    """One pass: each free vertex moves outward by half of what the wall nearest to it wants."""
    from scipy.spatial import cKDTree

    thin = measured.wall_mm < to_mm
    near, nearest = cKDTree(measured.point[thin]).query(mesh.vertices[free], distance_upper_bound=fade_mm)
    grow, near, nearest = (v[np.isfinite(near)] for v in (free, near, nearest))
    own = SPACING_MM * 0.75
    share = np.clip(1 - (near - own) / max(fade_mm - own, 1e-9), 0, 1)
    need = np.minimum(to_mm - measured.wall_mm[thin][nearest], to_mm) / 2
    vertices = mesh.vertices.copy()
    vertices[grow] += (need * share)[:, None] * mesh.vertex_normals[grow]
    return mesh.with_vertices(vertices)
