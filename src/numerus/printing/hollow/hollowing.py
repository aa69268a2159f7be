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
from numerus.geometry.cutting import attributes_from, mesh_of, solid_of
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh, merged, turning_up, xyz
from numerus.geometry.rays import RayScene
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.pockets import trapped
from numerus.surface.fields.exposure import table_exposure
from numerus.surface.fields.part_fields import covered

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
GLUE_WORTH = 1.0  # how much longer, in walls, where glue covers it for good
TRAP_PIXEL_MM = 0.1
PLUG_HEAD_MM = 1.2
STRUT_EVERY_MM = 9.0


@dataclass(frozen=True)
class Drain:
    """A hole through the wall: its mouth on the skin, the way in (unit), diameter and length in mm, how much it is seen 0..1,
    and whether another part of the build is glued over it.
    """

    place_mm: tuple[float, float, float]
    way: tuple[float, float, float]
    diameter_mm: float
    length_mm: float
    seen: float
    glued: bool = False


@dataclass(frozen=True, eq=False)
class Hollowed:
    """The hollow part, what it saves, its thinnest wall (drains aside), drains, and what no drain lets out.

    ``source`` is the part as it was, ``rooms`` its cavities: drains can be moved without hollowing again; ``others`` stand
    beside it in its build.
    """

    mesh: Mesh
    saved_ml: float
    min_wall_mm: float
    drains: tuple[Drain, ...]
    trapped_ml: float
    source: Mesh
    rooms: tuple[Mesh, ...]
    others: tuple[Mesh, ...] = ()


def hollow(
    mesh: Mesh, wall_mm: float = 2.0, drain_mm: float = DRAIN_MM, strut_mm: float = 0.0,
    up: Sequence[float] | Floats = (0, 0, 1), others: Sequence[Mesh] = (),
) -> Hollowed:  # fmt: skip
    """The part with cavities ``wall_mm`` under its skin and two drains in each.

    ``up``: what of the part looks away from the plate as it is printed; drains go to the ends of a cavity that are lowest
    and highest then. ``others``: the other parts of its build in place: a drain is best where they cover it.
    ``strut_mm``: thickness of posts that carry the roof of a cavity, none for 0. Raises GeometryError where the part is
    no solid, or has no room for a cavity.
    """
    if not 0.4 <= wall_mm <= 20:
        raise GeometryError(
            "bad-wall", f"A wall of {wall_mm:g} mm is not sensible.", "Choose 0.4 to 20 mm; 2 is usual."
        )
    solid = solid_of(mesh)
    if solid.volume() <= 0:
        raise GeometryError("no-inside", "The part has no inside to be hollowed.", "Check the file.")
    skin_mesh = mesh_of(solid)
    cavity = _cavity(mesh, skin_mesh, wall_mm)
    rooms = [r for r in cavity.decompose() if r.volume() >= 1000 * LEAST_CAVITY_ML] if cavity is not None else []
    if not rooms:
        raise GeometryError(
            "too-thin", f"Nowhere is it thick enough for a room within walls of {wall_mm:g} mm.", "Left solid."
        )
    wall = _least_wall(skin_mesh, rooms)
    rooms = [_strutted(r, strut_mm) for r in rooms] if strut_mm > 0 else rooms
    skin = _Skin(mesh, *even_points(skin_mesh, SAMPLES), others)
    drains = [
        d for clearance in rooms for d in _drains(mesh_of(clearance), skin, wall_mm, drain_mm, np.asarray(up, float))
    ]
    return _opened(mesh, solid, rooms, drains, wall, others)


class _Skin:
    """Places (n, 3) on a part's skin where a drain may open: how much each is seen, 0..1, and what glue covers."""

    def __init__(self, mesh: Mesh, points: Floats, normals: Floats, others: Sequence[Mesh]) -> None:
        scene = RayScene(merged([mesh, *others])) if others else None
        self.points, self.glued = points, covered(points, normals, others)
        self.seen = np.where(self.glued, 0.0, table_exposure(mesh, points, normals, scene))

    def drain(self, n: int, way: Floats, diameter_mm: float, length_mm: float) -> Drain:
        return Drain(
            xyz(self.points[n]), xyz(way), diameter_mm, float(length_mm), float(self.seen[n]), bool(self.glued[n])
        )


def _opened(
    source: Mesh, solid: Any, rooms: Sequence[Any], drains: Sequence[Drain], wall_mm: float, others: Sequence[Mesh]
) -> Hollowed:
    """Rooms and drains taken out of a solid."""
    open_ = solid
    for clearance in rooms:
        open_ = open_ - clearance
    for drain in drains:
        open_ = open_ - bore(drain)
    mesh = attributes_from(mesh_of(open_), source)
    left = sum(p.volume_ml for p in trapped(_standing_columns(mesh)))
    saved = float(solid.volume() - open_.volume()) / 1000
    return Hollowed(mesh, saved, wall_mm, tuple(drains), left, source, tuple(map(mesh_of, rooms)), tuple(others))


def with_drain_at(hollowed: Hollowed, number: int, at_mm: Sequence[float] | Floats) -> Hollowed:
    """Drain ``number`` moved by hand to the skin nearest a place, through the wall that is shortest there."""
    from scipy.spatial import cKDTree

    place, old = np.asarray(at_mm, float), hollowed.drains[number]
    corners = np.concatenate([_on_wall(clearance) for clearance in hollowed.rooms])
    near, index = cKDTree(corners).query(place)
    way = (corners[index] - place) / max(float(near), 1e-9)
    normal = hollowed.source.normals[
        int(np.argmin(np.linalg.norm(hollowed.source.triangles.mean(axis=1) - place, axis=1)))
    ]
    moved = _Skin(hollowed.source, place[None], normal[None], hollowed.others).drain(0, way, old.diameter_mm, near)
    drains = [moved if n == number else d for n, d in enumerate(hollowed.drains)]
    solid, rooms = solid_of(hollowed.source), [solid_of(r) for r in hollowed.rooms]
    return _opened(hollowed.source, solid, rooms, drains, hollowed.min_wall_mm, hollowed.others)


def plugs(hollowed: Hollowed, play_mm: float) -> Mesh:
    """A plug for every drain, side by side on z = 0: the hole less the play, a head to hold it by that is filed off level."""
    from manifold3d import Manifold

    whole, x = Manifold(), 0.0
    for drain in hollowed.drains:
        radius = drain.diameter_mm / 2
        head = Manifold.cylinder(PLUG_HEAD_MM, radius + 0.6, circular_segments=48)
        shank = Manifold.cylinder(drain.length_mm, radius - play_mm, radius - 2 * play_mm, 48).translate(
            (0, 0, PLUG_HEAD_MM - 0.1)
        )
        whole = whole + (head + shank).translate((x, 0, 0))
        x += 2 * radius + 3.2
    return mesh_of(whole)


def _strutted(clearance: Any, strut_mm: float) -> Any:
    """A room with upright posts left standing in it, on a grid; between them resin still runs."""
    from manifold3d import Manifold

    x0, y0, z0, x1, y1, z1 = clearance.bounding_box()
    posts = Manifold()
    for x in np.arange(x0 + STRUT_EVERY_MM / 2, x1, STRUT_EVERY_MM):
        for y in np.arange(y0 + STRUT_EVERY_MM / 2, y1, STRUT_EVERY_MM):
            posts = posts + Manifold.cylinder(z1 - z0 + 2, strut_mm / 2, circular_segments=16).translate((x, y, z0 - 1))
    return clearance - posts


def _least_wall(skin: Mesh, rooms: Sequence[Any]) -> float:
    """The shortest way from a cavity's corner to the skin."""
    from scipy.spatial import cKDTree

    tree = cKDTree(even_points(skin, SKIN_POINTS)[0])
    return min(float(tree.query(mesh_of(clearance).vertices, workers=2)[0].min()) for clearance in rooms)


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
    clearance = _roomy(depth, wall_mm, cell)
    if not clearance.any():
        return None
    shut = (depth > wall_mm) & ~clearance
    field = gaussian_filter(np.where(shut, wall_mm - 0.5 * cell, depth).astype(np.float32), SMOOTH_CELLS)
    if field.max() <= wall_mm:
        return None
    vertices, faces, _, _ = marching_cubes(field, wall_mm)
    points = (vertices[:, ::-1] + 0.5) * cell + origin
    cavity = Manifold(SolidMesh(points.astype(np.float32), faces.astype(np.uint32)))
    if cavity.volume() < 0:
        cavity = Manifold(SolidMesh(points.astype(np.float32), faces[:, ::-1].astype(np.uint32)))
    return cavity.simplify(cell / 6) if cavity.status().name == "NoError" else None


def _exact(skin_of: Mesh, depth: Any, origin: Floats, wall_mm: float, cell: float) -> Any:
    """Depths where the cavity could begin, asked of the skin itself: grooves finer than a cell count, too."""
    from scipy.spatial import cKDTree

    points, reach = even_points(skin_of, SKIN_POINTS)[0], wall_mm + 2 * cell
    overlap = np.where(depth > wall_mm - 2 * cell, np.maximum(depth, reach), depth)
    near_skin = _from_skin(points, depth.shape, origin, cell) < reach + cell
    ask = np.argwhere((depth > wall_mm - 2 * cell) & near_skin)
    near = cKDTree(points).query((ask[:, ::-1] + 0.5) * cell + origin, distance_upper_bound=reach, workers=2)[0]
    at = tuple(ask[near < reach].T)
    overlap[at] = near[near < reach]
    return overlap


def _from_skin(points: Floats, shape: tuple[int, ...], origin: Floats, cell: float) -> Any:
    """How far each cell's middle lies from that of the nearest one with skin in it: true within a cell's half diagonal."""
    from scipy.ndimage import distance_transform_edt

    free = np.ones(shape, bool)
    at = np.floor((points - origin) / cell).astype(int)[:, ::-1]
    free[tuple(np.clip(at, 0, np.array(shape) - 1).T)] = False
    return distance_transform_edt(free) * cell


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


def _drains(clearance: Mesh, skin: _Skin, wall_mm: float, drain_mm: float, up: Floats) -> list[Drain]:
    """One drain at either end of a room, through the shortest wall that is seen least, under another part where one is."""
    from scipy.spatial import cKDTree

    inner = _on_wall(clearance)
    high = inner @ up
    reach = END_SHARE * float(np.ptp(high))
    drains: list[Drain] = []
    for part in (inner[high >= high.max() - reach], inner[high <= high.min() + reach]):
        near, index = cKDTree(part).query(skin.points)
        # The way in is where the cavity is nearest, not the normal: behind a fold the normal may miss it.
        apart = np.array([np.linalg.norm(skin.points - d.place_mm, axis=1) for d in drains]).min(axis=0, initial=np.inf)
        cost = near / wall_mm + SHOW_WEIGHT * skin.seen - GLUE_WORTH * skin.glued + 1e3 * (apart < 2 * drain_mm)
        k = int(np.argmin(cost))
        drains.append(skin.drain(k, (part[index[k]] - skin.points[k]) / max(near[k], 1e-9), drain_mm, near[k]))
    return drains


def _on_wall(clearance: Mesh) -> Floats:
    """Points all over a room's wall: its corners alone may lie far apart."""
    return np.concatenate([clearance.vertices, even_points(clearance, SAMPLES)[0]])


def bore(drain: Drain) -> Any:
    """The hole as a solid: from a little before the skin to well inside the cavity."""
    from manifold3d import Manifold

    before, after = drain.diameter_mm, drain.diameter_mm * 0.6
    post = Manifold.cylinder(drain.length_mm + before + after, drain.diameter_mm / 2, circular_segments=32).translate(
        (0, 0, -before)
    )
    return post.transform(np.column_stack([turning_up(drain.way).T, np.asarray(drain.place_mm)]))
