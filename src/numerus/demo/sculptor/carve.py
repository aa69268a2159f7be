"""From shapes to a closed mesh: sample, march, thin out, remember the zone of every vertex."""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.shapes import Shape
from numerus.geometry.health import edges_of
from numerus.geometry.mesh import Floats, Mesh
from numerus.kit.zones import ZONES

MARGIN_CELLS = 3


def blended(shapes: list[Shape], points: Floats, soft_mm: float) -> tuple[Floats, Floats]:
    """Smooth union of all shapes (polynomial, of radius ``soft_mm``) and the index of the nearest shape."""
    distance = np.full(len(points), 1e3)
    nearest = np.zeros(len(points))
    closest = np.full(len(points), 1e3)
    for index, shape in enumerate(shapes):
        reach = 2 * soft_mm + 0.8
        near = np.flatnonzero(np.all((points > shape.low - reach) & (points < shape.high + reach), axis=1))
        if not len(near):
            continue
        d = shape.field(points[near])
        h = np.maximum(soft_mm - np.abs(distance[near] - d), 0) / soft_mm
        distance[near] = np.minimum(distance[near], d) - h * h * soft_mm / 4
        better = d < closest[near]
        closest[near[better]], nearest[near[better]] = d[better], index
    return distance, nearest


def carve(shapes: list[Shape], cell_mm: float, faces: int, soft_mm: float = 0.25) -> Mesh:
    """A closed mesh of about ``faces`` triangles with its zones; cells of ``cell_mm``."""
    from skimage.measure import marching_cubes

    low = np.min([s.low for s in shapes], axis=0) - MARGIN_CELLS * cell_mm
    high = np.max([s.high for s in shapes], axis=0) + MARGIN_CELLS * cell_mm
    size = np.ceil((high - low) / cell_mm).astype(int) + 1
    volume = np.empty(size, np.float32)
    ys, zs = low[1] + np.arange(size[1]) * cell_mm, low[2] + np.arange(size[2]) * cell_mm
    for i in range(size[0]):
        slab = np.stack(np.broadcast_arrays(low[0] + i * cell_mm, ys[:, None], zs[None, :]), axis=-1).reshape(-1, 3)
        volume[i] = blended(shapes, slab, soft_mm)[0].reshape(size[1:])
    vertices, triangles, _, _ = marching_cubes(np.minimum(volume, 2.0), 0.0, gradient_direction="ascent")
    mesh = _thinned(Mesh(vertices.astype(float) * cell_mm + low, triangles.astype(np.int32)), faces)
    mesh = _largest_shells(mesh)
    nearest = blended(shapes, mesh.vertices, soft_mm)[1].astype(int)
    zones = np.array([ZONES.index(s.zone) for s in shapes], np.uint8)[nearest]
    return Mesh(mesh.vertices, mesh.faces, zones)


def _thinned(mesh: Mesh, faces: int) -> Mesh:
    """Decimated to the budget where that keeps it closed; otherwise as it was."""
    import fast_simplification

    if mesh.signed_volume_mm3 < 0:
        mesh = Mesh(mesh.vertices, np.ascontiguousarray(mesh.faces[:, ::-1]))
    if len(mesh.faces) <= faces:
        return mesh
    points, triangles = fast_simplification.simplify(
        mesh.vertices.astype(np.float32), mesh.faces, target_count=faces, agg=3
    )
    thin = Mesh(points.astype(float), triangles.astype(np.int32))
    return thin if not np.any(edges_of(thin).balance) else mesh


def _largest_shells(mesh: Mesh) -> Mesh:
    """Without loose specks: shells under a thousandth of the surface."""
    from numerus.geometry.health import shell_of_faces

    shells, label = shell_of_faces(mesh, edges_of(mesh))
    area = np.bincount(label, mesh.areas_mm2, shells)
    keep = (area > area.sum() * 1e-3)[label]
    used, index = np.unique(mesh.faces[keep], return_inverse=True)
    return Mesh(mesh.vertices[used], index.reshape(-1, 3).astype(np.int32))
