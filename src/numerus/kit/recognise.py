"""What a mesh is by itself: a copy that stands on supports, or a base.

Supports show in level sections: above the raft many small separate sections (pillars), and over them fewer, larger
ones. A base shows in its outline: a disc or an oval, flat below and low.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.domain.army import BASES_MM
from numerus.geometry.likeness import Core
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import Columns, solid_columns

PILLAR_MM2 = 3.6  # a section under this may be a pillar
LEAST_FEET = 5  # without a raft a figure's own feet and cloak might be taken for pillars
FOOT_MM = 0.25
START_BELOW_MM = 2.5
TALLEST_MM = 40.0
PILLAR_SHARE = 0.8  # of the sections at a height
FROM_MM, STEP_MM, LEAST_HEIGHT_MM = 1.0, 0.25, 1.0
PIXELS, CORE_PIXELS = 260, 130
ROUND = 0.965  # of the ellipse its hull must fill, and the ellipse of it
LOW = 0.55  # a base is lower than this share of its lesser side
FLAT = 0.6  # of the outline that its underside touches, or the rim of it
BASE_NEAR = 0.03  # a measured size this near a usual one is that one

MOST_CELLS = 4000  # along the longest side
LARGEST_MM = 1000.0  # what is larger was never printed in one piece, and looking through it layer by layer would take minutes


@dataclass(frozen=True)
class Supports:
    """Pillars counted at the height where most stand, and the heights between which there is little else."""

    pillars: int
    from_mm: float
    to_mm: float


@dataclass(frozen=True)
class Base:
    """A disc (equal sides) or oval: long and short side and height in mm; ``slot_mm`` length and width of a slit in it."""

    long_mm: float
    short_mm: float
    height_mm: float
    slot_mm: tuple[float, float] | None = None

    @property
    def size_mm(self) -> tuple[float, ...]:
        """One diameter for a disc, two for an oval; a usual base's where it is that near."""
        if self.short_mm > 0.97 * self.long_mm:
            return (usual((self.long_mm + self.short_mm) / 2),)
        return (usual(self.long_mm), usual(self.short_mm))

    @property
    def description(self) -> str:
        size = " × ".join(f"{s:g}" for s in self.size_mm)
        slot = f", with a slot of {self.slot_mm[0]:g} × {self.slot_mm[1]:g} mm" if self.slot_mm else ""
        form = "A disc" if len(self.size_mm) == 1 else "An oval"
        return f"{form} of {size} mm, {self.height_mm:.1f} mm high, flat below{slot}"


def usual(size_mm: float) -> float:
    """The usual base size if it is within three in a hundred, else the measure itself."""
    near = min(BASES_MM, key=lambda b: abs(b - size_mm))
    return near if abs(near - size_mm) <= BASE_NEAR * near else round(size_mm, 1)


def _columns_of(mesh: Mesh, pixels: int = PIXELS) -> Columns:
    standing = mesh.moved((0, 0, -mesh.bounds_mm[0, 2]))
    pixel = float(np.clip(np.linalg.norm(mesh.extents_mm) / pixels, 0.12, 0.3))
    # What is absurdly large is looked at more coarsely, rather than not at all.
    coarse = float(mesh.extents_mm.max()) / MOST_CELLS
    return solid_columns(standing.triangles, max(pixel, coarse), max(min(pixel, 0.25), coarse))


def _section(columns: Columns, layer: int) -> NDArray[np.bool_]:
    image = np.zeros((columns.grid.ny, columns.grid.nx), np.bool_)
    there = (columns.low <= layer) & (columns.high > layer)
    image[columns.rows[there], columns.x[there]] = True
    return image


def _sections(columns: Columns, layer: int) -> tuple[Any, Floats]:
    """Labelled section at a layer and the area of each piece in mm²."""
    from scipy.ndimage import label

    labels, count = label(_section(columns, layer), np.ones((3, 3)))
    areas: Floats = np.bincount(labels.reshape(-1), minlength=count + 1)[1:] * np.float64(columns.grid.pixel_mm**2)
    return labels, areas[areas > 0]


def supports_of(mesh: Mesh) -> Supports | None:
    """The supports a mesh stands on, or None. The mesh must be in mm and stand as it was saved, +Z up.

    Near the plate a raft or feet, then nothing but pillars, then a body larger than they are.
    """
    if float(mesh.extents_mm.max(initial=0.0)) > LARGEST_MM:
        return None
    if mesh.extents_mm[2] < FROM_MM + 2 * LEAST_HEIGHT_MM:
        return None
    columns = _columns_of(mesh)
    heights = np.arange(FROM_MM, min(float(mesh.extents_mm[2]), TALLEST_MM), STEP_MM)
    layers = (heights / columns.grid.layer_mm).astype(int)
    areas = [_sections(columns, int(k))[1] for k in layers[layers < columns.layers]]
    small = np.array([int((a < PILLAR_MM2).sum()) for a in areas])
    thin = np.array([bool(n >= 3 and n >= PILLAR_SHARE * len(a)) for n, a in zip(small, areas, strict=True)])
    zone = _longest_run(thin, int(np.ceil(LEAST_HEIGHT_MM / STEP_MM)))
    if zone is None or heights[zone.start] > START_BELOW_MM:
        return None
    near = range(zone.start, zone.start + int(np.ceil(LEAST_HEIGHT_MM / STEP_MM)))
    pillars = int(small[near.start : near.stop].max())
    posts = float(np.median([a.sum() for a in areas[near.start : near.stop]]))
    foot = _sections(columns, int(FOOT_MM / columns.grid.layer_mm))[1]
    footed = (
        len(foot) >= LEAST_FEET and abs(len(foot) - pillars) <= 0.3 * pillars and bool((foot < 3 * PILLAR_MM2).all())
    )
    body = areas[near.stop :]
    largest, total = (max((float(f(a)) for a in body if len(a)), default=0.0) for f in (np.max, np.sum))
    held = largest > 2 * PILLAR_MM2 or (largest > PILLAR_MM2 and total > 1.5 * posts)
    if not held or not (footed or foot.sum() > 3 * posts):
        return None
    return Supports(pillars, float(heights[zone.start]), float(heights[zone.stop - 1]))


def _longest_run(flags: NDArray[np.bool_], least: int) -> range | None:
    """The first stretch of at least ``least`` flags."""
    begin = None
    for i, flag in enumerate([*flags, False]):
        if flag and begin is None:
            begin = i
        elif not flag and begin is not None:
            if i - begin >= least:
                return range(begin, i)
            begin = None
    return None


def core_of(mesh: Mesh, above_mm: float = 0.0) -> Core:
    """What is no pillar: sections large enough, above a height."""
    columns = _columns_of(mesh, CORE_PIXELS)
    pixel, h = columns.grid.pixel_mm, columns.grid.layer_mm
    points = []
    for layer in range(int(above_mm / h), columns.layers, max(1, columns.layers // 40)):
        labels, _ = _sections(columns, layer)
        area = np.bincount(labels.reshape(-1)) * pixel**2
        y, x = np.nonzero((area[labels] >= PILLAR_MM2) & (labels > 0))
        points.append(np.column_stack([x, y, np.full(len(x), layer)])[:: max(1, len(x) // 400)])
    cloud = np.concatenate(points) if points else np.zeros((0, 3))
    if len(cloud) < 10:
        return Core(mesh.bounds_mm.mean(axis=0), np.eye(3), mesh.extents_mm / 4)
    grid = columns.grid
    cloud = (cloud + 0.5) * [pixel, pixel, h] + [grid.x0_px * pixel, grid.y0_px * pixel, mesh.bounds_mm[0, 2]]
    values, vectors = np.linalg.eigh(np.cov(cloud.T))
    axes = vectors.T * np.sign(np.linalg.det(vectors))
    return Core(cloud.mean(axis=0), axes, np.sqrt(np.maximum(values, 0)))


def base_of(mesh: Mesh) -> Base | None:
    """The base a mesh is, or None: flat below, low, and its outline a circle or an ellipse."""
    from scipy.spatial import ConvexHull, QhullError

    turned = _laid_flat(mesh)
    try:
        hull = ConvexHull(turned.vertices[:, :2])
    except (QhullError, ValueError):
        return None
    outline, height = turned.vertices[hull.vertices, :2], float(turned.extents_mm[2])
    long, short = _sides(outline)
    if min(long, short) < 8 or height > LOW * short or not _is_ellipse(outline, float(hull.volume), long, short):
        return None
    bottom = turned.vertices[turned.vertices[:, 2] <= turned.bounds_mm[0, 2] + 0.15, :2]
    try:
        if ConvexHull(bottom).volume < FLAT * hull.volume:
            return None
    except (QhullError, ValueError):
        return None
    return Base(max(long, short), min(long, short), height, _slit(turned))


def _laid_flat(mesh: Mesh) -> Mesh:
    """The mesh with its least side upright: bases are saved standing on any side."""
    least = int(np.argmin(mesh.extents_mm))
    order = {0: [1, 2, 0], 1: [2, 0, 1], 2: [0, 1, 2]}[
        least if mesh.extents_mm[least] < 0.9 * mesh.extents_mm[2] else 2
    ]
    laid = Mesh(np.ascontiguousarray(mesh.vertices[:, order]), mesh.faces)
    span = laid.vertices[:, 2]
    flat_low, flat_high = ((np.abs(span - edge) < 0.05).mean() for edge in (span.min(), span.max()))
    return laid if order[2] == 2 or flat_low >= flat_high else laid.transformed(np.diag([1.0, -1, -1, 1]))


def _sides(outline: Floats) -> tuple[float, float]:
    """Longest and shortest width of an outline over all directions."""
    turn = np.radians(np.arange(0, 180, 1.0))
    widths = np.ptp(outline @ np.stack([np.cos(turn), np.sin(turn)]), axis=0)
    return float(widths.max()), float(widths.min())


def _is_ellipse(outline: Floats, area: float, long: float, short: float) -> bool:
    """The area is the ellipse's; a square's corners reach farther than its sides, a hexagon lacks area."""
    ellipse = np.pi / 4 * long * short
    around = len(outline) >= 10
    return bool(around and ROUND <= area / ellipse <= 1 / ROUND)


def _slit(mesh: Mesh) -> tuple[float, float] | None:
    """A narrow slit through the base for a tab: its length and width in mm, or None."""
    from scipy.ndimage import binary_fill_holes, label

    columns = _columns_of(mesh)
    section = _section(columns, columns.layers // 2)
    holes, count = label(binary_fill_holes(section) & ~section)
    best = None
    for k in range(1, count + 1):
        pixels = np.argwhere(holes == k) * np.float64(columns.grid.pixel_mm)
        if len(pixels) < 20:
            continue
        long, short = _sides(pixels)
        if long > 3 * short and long > 4 and (best is None or long > best[0]):
            best = (round(long + columns.grid.pixel_mm, 1), round(short + columns.grid.pixel_mm, 1))
    return best
