"""The ways a part can lie on the plate by itself: on its large flat faces, and on every face of its convex hull it stands on."""

from __future__ import annotations

import numpy as np

from numerus.geometry.mesh import Floats, Mesh

MOST = 16  # of each kind
SAME_DEG, SAME_MM = 0.5, 0.03  # faces that belong to one flat
LEAST_FLAT_MM2, LEAST_FLAT_SHARE = 12.0, 0.01  # of the surface: a smaller flat is no way to lie
STABLE_MM = 0.2  # how far within the hull's face the middle of mass must fall


def rests(mesh: Mesh) -> Floats:
    """Directions of the part that look up when it rests so, float64 (k, 3), the largest face first; none twice."""
    normals = np.concatenate([_flat_normals(mesh), _stable_normals(mesh)])
    kept: list[Floats] = []
    for normal in normals:
        if all(normal @ k < np.cos(np.radians(SAME_DEG)) for k in kept):
            kept.append(normal)
    return -np.array(kept).reshape(-1, 3)


def _flat_normals(mesh: Mesh) -> Floats:
    """Outward normals of the large flats of the skin."""
    heights = np.einsum("ij,ij->i", mesh.normals, mesh.triangles[:, 0])
    flats = _flats(mesh.normals, heights, mesh.areas_mm2)
    least = max(LEAST_FLAT_MM2, LEAST_FLAT_SHARE * float(mesh.areas_mm2.sum()))
    return np.array([mesh.normals[f] for f, _, area in flats if area >= least]).reshape(-1, 3)


def _stable_normals(mesh: Mesh) -> Floats:
    """Outward normals of the hull's faces over which the middle of mass falls."""
    from scipy.spatial import ConvexHull, QhullError

    try:
        hull = ConvexHull(mesh.vertices)
    except (QhullError, ValueError):
        return np.zeros((0, 3))
    corners = mesh.vertices[hull.simplices]
    areas = np.linalg.norm(np.cross(corners[:, 1] - corners[:, 0], corners[:, 2] - corners[:, 0]), axis=1) / 2
    middle, normals = middle_of_mass(mesh), hull.equations[:, :3]
    rest_list = _flats(normals, -hull.equations[:, 3], areas)
    stands = [f for f, own, _ in rest_list if _falls_within(middle, normals[f], corners[own].reshape(-1, 3))]
    return np.asarray(normals[stands]).reshape(-1, 3)


def _flats(normals: Floats, heights: Floats, areas: Floats) -> list[tuple[int, Floats, float]]:
    """The largest flats: a face of each, which faces belong to it, and its area."""
    left, flats = areas.copy(), []
    for _ in range(MOST):
        first = int(np.argmax(left))
        if left[first] <= 0:
            break
        own = (normals @ normals[first] > np.cos(np.radians(SAME_DEG))) & (np.abs(heights - heights[first]) < SAME_MM)
        flats.append((first, own, float(areas[own].sum())))
        left[own] = 0.0
    return sorted(flats, key=lambda f: -f[2])


def _falls_within(middle: Floats, normal: Floats, corners: Floats) -> bool:
    """Whether a point falls along a normal into the convex outline of a flat's corners, well away from its edges."""
    from scipy.spatial import ConvexHull, QhullError

    side = np.cross(normal, np.eye(3)[int(np.argmin(np.abs(normal)))])
    axes = np.stack([side, np.cross(normal, side)]) / np.linalg.norm(side)
    try:
        outline = ConvexHull(corners @ axes.T)
    except (QhullError, ValueError):
        return False
    return bool((outline.equations[:, :2] @ (axes @ middle) + outline.equations[:, 2]).max() < -STABLE_MM)


def middle_of_mass(mesh: Mesh) -> Floats:
    """Of the volume between faces and the origin, signed (Zhang & Chen 2001); the corners' mean where it has none."""
    a, b, c = (mesh.triangles[:, k] for k in range(3))
    volumes = np.einsum("ij,ij->i", a, np.cross(b, c)) / 6
    total = float(volumes.sum())
    if abs(total) < 1e-9:
        return np.asarray(mesh.vertices.mean(axis=0))
    return np.asarray((volumes[:, None] * (a + b + c) / 4).sum(axis=0) / total)
