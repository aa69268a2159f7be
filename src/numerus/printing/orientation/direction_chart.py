"""The sphere of directions laid flat to its true shares (Lambert 1772, azimuthal equal-area), with its good regions outlined."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.printing.orientation.orientation_search import Search

SIZE = 110  # pixels of the map: some for every direction that is searched
LEAST_LINE = 6  # points of an outline that is worth drawing
GOOD = 0.1  # of the sphere: the share the outline holds
OUTLINE_POINTS = 1500


def place_of(up: Floats | tuple[float, float, float]) -> tuple[float, float]:
    """Where a direction of "up" lies in the unit disc: sin(lean / 2) from the middle, toward the side the part leans to;
    right and down are positive.
    """
    x, y, z = (float(v) for v in up)
    flat = float(np.hypot(x, y))
    r = float(np.sqrt(max(1 - z, 0) / 2))
    return (0.0, 0.0) if flat < 1e-9 else (-x / flat * r, y / flat * r)


def up_of(x: float, y: float) -> Floats:
    """The direction at a place of the disc; beyond the rim the rim's."""
    length = float(np.hypot(x, y))
    r = min(length, 1.0)
    z = 1 - 2 * r * r
    flat = float(np.sqrt(max(1 - z * z, 0)))
    return np.array([-x / max(length, 1e-9) * flat, y / max(length, 1e-9) * flat, z])


@dataclass(frozen=True, eq=False)
class ChartMap:
    """``weighted_cost`` (SIZE, SIZE) over the disc's square, and outlines of the regions of least weighted cost, each (n, 2) in the disc."""

    weighted_cost: Floats
    contours: tuple[Floats, ...]


def chart_map(search: Search) -> ChartMap:
    """Weighted cost between the directions searched, and where the best GOOD of the sphere lies."""
    from scipy.spatial import cKDTree
    from skimage.measure import find_contours

    y, x = (np.indices((SIZE, SIZE)) - SIZE / 2 + 0.5) / (SIZE / 2)
    r = np.minimum(np.hypot(x, y), 1)
    z = 1 - 2 * r * r
    flat = np.sqrt(np.maximum(1 - z * z, 0))
    length = np.maximum(np.hypot(x, y), 1e-9)
    ups = np.stack([-x / length * flat, y / length * flat, z], axis=-1)
    near, index = cKDTree(search.ups).query(ups.reshape(-1, 3), k=min(6, len(search.ups)))
    weight = 1 / (near + 0.02) ** 2
    weighted_cost = ((search.weighted_cost[index] * weight).sum(axis=1) / weight.sum(axis=1)).reshape(SIZE, SIZE)
    inside = np.hypot(x, y) <= 1
    level = float(np.quantile(weighted_cost[inside], GOOD))
    lines = find_contours(weighted_cost, level, mask=inside)
    return ChartMap(
        weighted_cost, tuple((line[:, ::-1] - SIZE / 2 + 0.5) / (SIZE / 2) for line in lines if len(line) > LEAST_LINE)
    )


def outline_of(mesh: Mesh, up: Floats) -> Floats:
    """The part's silhouette as it then lies, seen from the front, as a polygon (n, 2) within half a unit of the middle.

    The border of points sampled from it and drawn together.
    """
    step = max(len(mesh.vertices) // OUTLINE_POINTS, 1)
    turned = mesh.vertices[::step] @ turning_up(up).T
    flat = turned[:, [0, 2]]
    low, high = flat.min(axis=0), flat.max(axis=0)
    return _outline((flat - (low + high) / 2) / max(float((high - low).max()), 1e-9))


def _outline(points: Floats, pixels: int = 40) -> Floats:
    """The border of points drawn as a closed patch."""
    from scipy.ndimage import binary_closing, binary_fill_holes
    from skimage.measure import find_contours

    drawn = np.zeros((pixels + 8, pixels + 8), bool)
    at = np.clip(((points + 0.5) * (pixels - 1)).round().astype(int) + 4, 0, pixels + 7)
    drawn[at[:, 1], at[:, 0]] = True
    filled = binary_fill_holes(binary_closing(drawn, np.ones((3, 3)), 2))
    lines = find_contours(filled.astype(float), 0.5)
    line = max(lines, key=len) if lines else np.zeros((0, 2))
    return np.asarray((line[:, ::-1] - 4) / (pixels - 1) - 0.5)
