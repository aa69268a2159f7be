"""From shapes to a closed mesh: sample near the surface only, march, thin out, remember the zone of every vertex."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

import numpy as np
from numpy.typing import NDArray

from numerus.demo.scheme import ZONES
from numerus.demo.sculptor.modelling.shapes import Shape
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.repair.health import edges_of, shell_of_faces
from numerus.surface.zones import ATTRIBUTE

MARGIN_CELLS = 3
BLOCK = 20  # cells along a block's side
FAR_MM = 1e3
TRUST = 1.7  # fields of lathes and folds are up to this much steeper than true distances
ALIKE = 0.06  # 1 - cosine: normals farther apart than about 20 degrees lie across an edge
SPECK_SHARE = 0.03  # of the surface: smaller loose shells are dropped


def blended(shapes: Sequence[Shape], points: Floats, reach: float = 0.9) -> tuple[Floats, NDArray[np.int32]]:
    """Distance of points (n, 3) to all shapes taken in order, and the index of the nearest that adds.

    A shape flows into what stands before it by its ``soft`` radius (polynomial smooth minimum, Quilez 2013); one that
    cuts takes away. Only shapes whose box lies within ``reach`` of a point are asked there.
    """
    distance, closest = np.full(len(points), FAR_MM), np.full(len(points), FAR_MM)
    nearest = np.zeros(len(points), np.int32)
    low, high = points.min(axis=0), points.max(axis=0)
    for index, shape in enumerate(shapes):
        room = reach + shape.soft
        if np.any(high < shape.low - room) or np.any(low > shape.high + room):
            continue
        near = np.flatnonzero(np.all((points > shape.low - room) & (points < shape.high + room), axis=1))
        d, before, k = shape.field(points[near]), distance[near], max(shape.soft, 1e-6)
        if shape.cuts:
            h = np.maximum(k - np.abs(before + d), 0) / k
            distance[near] = np.maximum(before, -d) + h * h * k / 4
            continue
        if shape.bevel:
            distance[near] = np.minimum(np.minimum(before, d), (before + d - k) * np.sqrt(0.5))
        else:
            h = np.maximum(k - np.abs(before - d), 0) / k
            distance[near] = np.minimum(before, d) - h * h * k / 4
        better = d < closest[near]
        closest[near[better]], nearest[near[better]] = d[better], index
    return distance, nearest


def _blocks(size: np.ndarray) -> Iterator[tuple[slice, slice, slice]]:
    for i in range(0, size[0], BLOCK):
        for j in range(0, size[1], BLOCK):
            for k in range(0, size[2], BLOCK):
                yield (
                    slice(i, min(i + BLOCK, size[0])),
                    slice(j, min(j + BLOCK, size[1])),
                    slice(k, min(k + BLOCK, size[2])),
                )


def sampled(shapes: Sequence[Shape], cell_mm: float) -> tuple[np.ndarray, Floats]:
    """Distances on a grid, float32 (x, y, z), exact near the surface and ±2 elsewhere; and the grid's first corner."""
    solid = [s for s in shapes if not s.cuts]
    low = np.min([s.low for s in solid], axis=0) - MARGIN_CELLS * cell_mm
    size = np.ceil((np.max([s.high for s in solid], axis=0) - low) / cell_mm).astype(int) + MARGIN_CELLS + 1
    axes = [low[a] + np.arange(size[a]) * cell_mm for a in range(3)]
    blocks = list(_blocks(size))
    middles = np.array([[axes[a][s].mean() for a, s in enumerate(block)] for block in blocks])
    radius = BLOCK * cell_mm * np.sqrt(3) / 2
    rough = blended(shapes, middles, 2 * TRUST * radius)[0]
    volume = np.empty(size, np.float32)
    for block, d in zip(blocks, rough, strict=True):
        if abs(d) > TRUST * radius + 0.4:
            volume[block] = np.sign(d) * 2
            continue
        grid = np.meshgrid(*(axes[a][s] for a, s in enumerate(block)), indexing="ij")
        points = np.stack(grid, axis=-1)
        volume[block] = blended(shapes, points.reshape(-1, 3))[0].reshape(points.shape[:3])
    return volume, low


def carve(shapes: Sequence[Shape], cell_mm: float, faces: int) -> Mesh:
    """A closed mesh of about ``faces`` triangles with its zones; cells of ``cell_mm``."""
    from skimage.measure import marching_cubes

    volume, low = sampled(shapes, cell_mm)
    vertices, triangles, _, _ = marching_cubes(np.clip(volume, -2, 2), 0.0, gradient_direction="ascent")
    marched = _whole(Mesh(vertices.astype(float) * cell_mm + low, triangles.astype(np.int32)))
    mesh = _whole(_thinned(smoothed(marched), faces))
    nearest = blended(shapes, mesh.vertices)[1]
    names = [z.name for z in ZONES]
    zone = np.array([names.index(s.zone) for s in shapes], np.uint8)[nearest]
    return mesh.with_face_attribute(ATTRIBUTE, zone[mesh.faces[:, 0]])


def smoothed(mesh: Mesh, rounds: int = 2) -> Mesh:
    """The marching's fine steps taken off, edges kept: each vertex moves along its own normal, half way toward the planes
    of those neighbours that look the same way (bilateral weights, Fleishman, Drori and Cohen-Or 2003).
    """
    pairs = np.concatenate([mesh.faces[:, [0, 1]], mesh.faces[:, [1, 2]], mesh.faces[:, [2, 0]]])
    a, b = pairs.T
    for _ in range(rounds):
        normals, points = mesh.vertex_normals, mesh.vertices
        alike = np.exp(-(((1 - np.einsum("ij,ij->i", normals[a], normals[b])) / ALIKE) ** 2))
        height = np.einsum("ij,ij->i", points[b] - points[a], normals[a]) * alike
        move = np.bincount(a, height, len(points)) / np.maximum(np.bincount(a, alike, len(points)), 1e-9)
        mesh = Mesh(points + 0.5 * move[:, None] * normals, mesh.faces)
    return mesh


def _thinned(mesh: Mesh, faces: int) -> Mesh:
    """Decimated to the budget where that keeps it closed; otherwise as it was."""
    import fast_simplification

    if mesh.signed_volume_mm3 < 0:
        mesh = Mesh(mesh.vertices, np.ascontiguousarray(mesh.faces[:, ::-1]))
    if len(mesh.faces) <= faces:
        return mesh
    points, triangles = fast_simplification.simplify(
        mesh.vertices.astype(np.float32), mesh.faces, target_count=faces, agg=5
    )
    thin = Mesh(points.astype(float), triangles.astype(np.int32))
    return thin if not np.any(edges_of(thin).balance) else mesh


def _whole(mesh: Mesh) -> Mesh:
    """Without loose specks and faces that came to nothing."""
    shells, label = shell_of_faces(mesh, edges_of(mesh))
    area = np.bincount(label, mesh.areas_mm2, shells)
    keep = (area > area.sum() * SPECK_SHARE)[label]
    used, index = np.unique(mesh.faces[keep], return_inverse=True)
    return Mesh(mesh.vertices[used], index.reshape(-1, 3).astype(np.int32))
