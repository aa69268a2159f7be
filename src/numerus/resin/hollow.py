"""Hollowing: a cavity at a true distance from the skin, drains where they are least seen, and what is left in it.

The cavity is the level of a distance field (exact Euclidean transform over cells of the union of all shells, Felzenszwalb
and Huttenlocher 2012), so that walls are as thick as asked along every direction; narrow rooms that would only hold
resin stay solid.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import Any

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.columns import solid_columns
from numerus.geometry.cutting import mesh_of, solid_of, zones_from
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.geometry.pockets import trapped
from numerus.geometry.rays import table_exposure

CELLS_PER_WALL = 8
MOST_CELLS = 260  # along the longest side
LEAST_ROOM_MM = 1.2  # half the width of the narrowest room worth having
LEAST_CAVITY_ML = 0.15
SMOOTH_CELLS = 0.6
DRAIN_MM = 3.0
END_SHARE = 0.15  # of the cavity's height: where its drains may be
SAMPLES = 30_000
SKIN_POINTS = 200_000
SHOW_WEIGHT = 4.0  # how much longer a drain may be, in walls, to lie on a face nobody sees
TRAP_PIXEL_MM = 0.1


@dataclass(frozen=True)
class Drain:
    """A hole through the wall: its mouth on the skin, the way in (unit), diameter and length in mm, how much it is seen 0..1."""

    place_mm: tuple[float, float, float]
    way: tuple[float, float, float]
    diameter_mm: float
    length_mm: float
    seen: float


@dataclass(frozen=True, eq=False)
class Hollowed:
    """The hollow part, what it saves, its thinnest wall (drains aside), drains, and what no drain lets out."""

    mesh: Mesh
    saved_ml: float
    min_wall_mm: float
    drains: tuple[Drain, ...]
    trapped_ml: float


def hollow(mesh: Mesh, wall_mm: float = 2.0, drain_mm: float = DRAIN_MM) -> Hollowed:
    """The part with cavities ``wall_mm`` under its skin and two drains in each.

    +Z is up as printed; drains go to the ends of a cavity that are lowest and highest then. Raises GeometryError where
    the part is no solid, or has no room for a cavity.
    """
    if not 0.4 <= wall_mm <= 20:
        raise GeometryError(
            "bad-wall", f"A wall of {wall_mm:g} mm is not sensible.", "Choose 0.4 to 20 mm; 2 is usual."
        )
    solid = solid_of(mesh)
    skin_mesh = mesh_of(solid)
    cavity = _cavity(mesh, skin_mesh, wall_mm)
    rooms = [r for r in cavity.decompose() if r.volume() >= 1000 * LEAST_CAVITY_ML] if cavity is not None else []
    if not rooms:
        raise GeometryError(
            "too-thin", f"Nowhere is it thick enough for a room within walls of {wall_mm:g} mm.", "Left solid."
        )
    skin, normals = even_points(skin_mesh, SAMPLES)
    seen = table_exposure(mesh, skin, normals)
    drains = [d for room in rooms for d in _drains(mesh_of(room), skin, normals, seen, wall_mm, drain_mm)]
    open_ = solid
    for room in rooms:
        open_ = open_ - room
    for drain in drains:
        open_ = open_ - _bore(drain)
    made = zones_from(mesh_of(open_), mesh)
    wall = _least_wall(skin_mesh, rooms)
    left = sum(p.volume_ml for p in trapped(_standing_columns(made)))
    return Hollowed(made, float(solid.volume() - open_.volume()) / 1000, wall, tuple(drains), left)


def _least_wall(skin: Mesh, rooms: Sequence[Any]) -> float:
    """The shortest way from a cavity's corner to the skin."""
    from scipy.spatial import cKDTree

    tree = cKDTree(even_points(skin, SKIN_POINTS)[0])
    return min(float(tree.query(mesh_of(room).vertices, workers=2)[0].min()) for room in rooms)


def _standing_columns(mesh: Mesh) -> Any:
    pixel = max(TRAP_PIXEL_MM, float(mesh.extents_mm.max()) / 1200)
    return solid_columns(mesh.moved((0, 0, -mesh.bounds_mm[0, 2])).triangles, pixel, pixel)


def _cavity(mesh: Mesh, skin_of: Mesh, wall_mm: float) -> Any:
    """The level surface of the distance from the skin, as a solid; None where there is none.

    Cells are solid or not by their centres, so a distance to the nearest outer centre is half a cell too long.
    """
    from manifold3d import Manifold
    from manifold3d import Mesh as SolidMesh
    from scipy.ndimage import distance_transform_edt, gaussian_filter
    from skimage.measure import marching_cubes

    cell = max(wall_mm / CELLS_PER_WALL, float(mesh.extents_mm.max()) / MOST_CELLS)
    inside, origin = _cells(mesh, cell)
    depth = _exact(skin_of, (distance_transform_edt(inside) - 0.5) * cell, origin, wall_mm, cell)
    room = _roomy(depth, wall_mm, cell)
    if not room.any():
        return None
    shut = (depth > wall_mm) & ~room
    field = gaussian_filter(np.where(shut, wall_mm - 0.5 * cell, depth).astype(np.float32), SMOOTH_CELLS)
    if field.max() <= wall_mm:
        return None
    vertices, faces, _, _ = marching_cubes(field, wall_mm)
    points = (vertices[:, ::-1] + 0.5) * cell + origin
    made = Manifold(SolidMesh(points.astype(np.float32), faces.astype(np.uint32)))
    if made.volume() < 0:
        made = Manifold(SolidMesh(points.astype(np.float32), faces[:, ::-1].astype(np.uint32)))
    return made.simplify(cell / 6) if made.status().name == "NoError" else None


def _exact(skin_of: Mesh, depth: Any, origin: Floats, wall_mm: float, cell: float) -> Any:
    """Depths where the cavity could begin, asked of the skin itself: grooves finer than a cell count, too."""
    from scipy.spatial import cKDTree

    ask = np.argwhere(depth > wall_mm - 2 * cell)
    centres = (ask[:, ::-1] + 0.5) * cell + origin
    reach = wall_mm + 2 * cell
    skin = cKDTree(even_points(skin_of, SKIN_POINTS)[0])
    near = skin.query(centres, distance_upper_bound=reach, workers=2)[0]
    found = depth.copy()
    own = depth[tuple(ask.T)]
    found[tuple(ask.T)] = np.where(near < reach, near, np.maximum(own, reach))
    return found


def _cells(mesh: Mesh, cell: float) -> tuple[Any, Floats]:
    """Solid cells bool (z, y, x), padded, and where the first cell begins in mm."""
    columns = solid_columns(mesh.moved((0, 0, -mesh.bounds_mm[0, 2])).triangles, cell, cell)
    grid = columns.grid
    inside = np.zeros((columns.layers + 2, grid.ny + 2, grid.nx + 2), bool)
    long = (columns.high - columns.low).astype(np.int64)
    z = np.arange(long.sum()) - np.repeat(np.cumsum(long) - long - columns.low, long)
    inside[z + 1, np.repeat(columns.rows, long) + 1, np.repeat(columns.x.astype(np.int64), long) + 1] = True
    origin = np.array([(grid.x0_px - 1) * cell, (grid.y0_px - 1) * cell, mesh.bounds_mm[0, 2] - cell])
    return inside, origin


def _roomy(depth: Any, wall_mm: float, cell: float) -> Any:
    """Cells deeper than the wall that belong to a room wide enough: what a ball of LEAST_ROOM_MM can reach."""
    from scipy.ndimage import distance_transform_edt

    core = depth > wall_mm + LEAST_ROOM_MM
    if not core.any():
        return core
    return (depth > wall_mm) & (distance_transform_edt(~core) * cell <= LEAST_ROOM_MM + cell)


def _drains(room: Mesh, skin: Floats, normals: Floats, seen: Floats, wall_mm: float, drain_mm: float) -> list[Drain]:
    """One drain at either end of a room, through the shortest wall that is seen least."""
    from scipy.spatial import cKDTree

    low, high = room.bounds_mm[:, 2]
    ends = low + END_SHARE * (high - low), high - END_SHARE * (high - low)
    made: list[Drain] = []
    for part in (room.vertices[room.vertices[:, 2] >= ends[1]], room.vertices[room.vertices[:, 2] <= ends[0]]):
        near, index = cKDTree(part).query(skin)
        # The way in is where the cavity is nearest, not the normal: behind a fold the normal may miss it.
        apart = (
            np.array([np.linalg.norm(skin - d.place_mm, axis=1) for d in made]).min(axis=0, initial=np.inf)
            if made
            else np.inf
        )
        cost = near / wall_mm + SHOW_WEIGHT * seen + 1e3 * (apart < 2 * drain_mm)
        k = int(np.argmin(cost))
        way = (part[index[k]] - skin[k]) / max(near[k], 1e-9)
        made.append(Drain(_xyz(skin[k]), _xyz(way), drain_mm, float(near[k]), float(seen[k])))
    return made


def _xyz(v: Sequence[float]) -> tuple[float, float, float]:
    return float(v[0]), float(v[1]), float(v[2])


def _bore(drain: Drain) -> Any:
    """The hole as a solid: from a little before the skin to well inside the cavity."""
    from manifold3d import Manifold

    before, after = drain.diameter_mm, drain.diameter_mm * 0.6
    post = Manifold.cylinder(drain.length_mm + before + after, drain.diameter_mm / 2, circular_segments=32).translate(
        (0, 0, -before)
    )
    return post.transform(np.column_stack([turning_up(drain.way).T, np.asarray(drain.place_mm)]))
