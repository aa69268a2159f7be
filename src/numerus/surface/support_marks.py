"""Where supports touched a part, read off the print as it stands on the plate."""

from __future__ import annotations

import numpy as np

from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.surface.fields.rolling_ball import close_points

TOUCHES_MM, SAME_TIP_MM = 0.2, 0.5  # of a support's end to the skin; points of it nearer than that are one mark


def tips_of(part: Mesh, up: Floats, supported: Mesh) -> Floats:
    """Where supports touched a part, (k, 3) in its own mm, read off the print as it stands on the plate: the part's own vertices
    first, then its supports. Nothing where the print is another mesh.
    """
    from scipy.spatial import cKDTree

    own, turned = len(part.vertices), part.vertices @ turning_up(up).T
    if len(supported.vertices) <= own:
        return np.zeros((0, 3))
    moved = supported.vertices[0] - turned[0]
    if not np.allclose(supported.vertices[:own], turned + moved, atol=1e-3):
        return np.zeros((0, 3))
    ends = (supported.vertices[own:] - moved) @ turning_up(up)
    skin = close_points(part, TOUCHES_MM)
    far, _ = cKDTree(skin).query(ends, distance_upper_bound=TOUCHES_MM)
    touching = ends[np.isfinite(far)]
    if not len(touching):
        return np.zeros((0, 3))
    return _middles(touching)


def _middles(points: Floats) -> Floats:
    """The middle of each cluster of points, (k, 3)."""
    from scipy.sparse.csgraph import connected_components
    from scipy.spatial import cKDTree

    tree = cKDTree(points)
    near = tree.sparse_distance_matrix(tree, SAME_TIP_MM, output_type="coo_matrix")
    _, label = connected_components(near, directed=False)
    many = np.bincount(label)
    return np.stack([np.bincount(label, points[:, k]) / many for k in range(3)], axis=1)
