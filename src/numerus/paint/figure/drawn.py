"""Lines drawn by hand along a figure's skin: how far they cover each place of it."""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from numerus.domain.painting.recipes import DrawnLine
from numerus.geometry.mesh import Floats

CLOSE = 16  # points along a line to its width: its outline is then out by a thousandth of that
FEATHER = 0.12  # of the width, to either side of its outline
SAME_SIDE = 0.2  # cosine of the skin's normals from which on a place lies on the side that was drawn on


def drawn_cover(lines: Sequence[DrawnLine], position: Floats, normal: Floats) -> Floats:
    """How far lines cover places (n, 3) whose skin faces ``normal`` (n, 3): 0..1 (n,), their ends round."""
    cover = np.zeros(len(position))
    for line in lines:
        np.maximum(cover, _covered(line, position, normal), out=cover)
    return cover


def _covered(line: DrawnLine, position: Floats, normal: Floats) -> Floats:
    from scipy.spatial import cKDTree

    half, soft = line.width_mm / 2, FEATHER * line.width_mm
    points, facing = _close_points(line)
    far, index = cKDTree(points).query(position, distance_upper_bound=half + soft, workers=2)
    cover, near = np.zeros(len(position)), np.flatnonzero(np.isfinite(far))
    inward = np.clip((half + soft - far[near]) / (2 * soft), 0, 1)
    cover[near] = inward * inward * (3 - 2 * inward)
    if len(facing):
        cover[near] *= np.einsum("ij,ij->i", facing[index[near]], normal[near]) > SAME_SIDE
    return cover


def _close_points(line: DrawnLine) -> tuple[Floats, Floats]:
    """Points along the line and the normals there, (k, 3) and (k, 3) or (0, 3)."""
    points = np.asarray(line.points, float)
    facing = np.asarray(line.normals, float).reshape(-1, 3)
    lengths = np.linalg.norm(np.diff(points, axis=0), axis=1)
    steps = np.maximum(np.ceil(CLOSE * lengths / line.width_mm), 1).astype(np.int64)
    at = np.concatenate([[0.0], *(n + np.arange(1, s + 1) / s for n, s in enumerate(steps))])
    first = np.minimum(at.astype(np.int64), max(len(points) - 2, 0))
    rest = (at - first)[:, None]
    following = np.minimum(first + 1, len(points) - 1)
    between = points[first] * (1 - rest) + points[following] * rest
    return between, facing[np.where(rest[:, 0] < 0.5, first, following)] if len(facing) else facing


def drawn_mm2(lines: Sequence[DrawnLine], position: Floats, normal: Floats, area_mm2: Floats) -> float:
    """Skin that lines cover, of places that stand for so much each (n,)."""
    return float((drawn_cover(lines, position, normal) * area_mm2).sum())
