"""What the brush, the spray and the eye meet at each vertex of a figure as it is built: openness, recess, ridge, lit, seen, steps.

Definitions hold for the outside of the whole figure: what lies within another part is no surface.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, fields

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled, Progress
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.pairs import cell_ids
from numerus.geometry.rays import RayScene, ring_directions
from numerus.surface.fields.exposure import OPEN_FACE, TABLE_AROUND, TABLE_DEG
from numerus.surface.fields.in_threads import Done, in_threads
from numerus.surface.fields.rolling_ball import recess, surface_grid
from numerus.surface.fields.where_parts_meet import where_parts_meet

REACH_MM = 30.0  # rays of openness
DIRECTIONS = 112  # over the whole sphere; half of them are a vertex's own
SPREAD_RAYS = 16
OFF_MM = 0.02
RECESS_MM = 0.6  # the ball's radius (default)
BRUSHED_RIDGE_MM = 0.3  # what a brush catches: a larger ball finds no room in a coat's thin skirts
MOST_ASKING = 50_000  # vertices from which rays are sent
MOST_AT_ONCE = 10_000  # that are sooner asked by one thread than handed about
INSIDE_OPENNESS = 0.02  # less open than this lies within another part
ABOVE = (0.0, 0.0, 1.0)
Floats32 = NDArray[np.float32]
Askers = tuple[NDArray[np.int64], Callable[[Floats], Floats]]


@dataclass(frozen=True, eq=False)
class PaintingFields:
    """Per vertex, float32 (n,), 0..1. ``meets``: see ``where_parts_meet``."""

    openness: Floats32
    recess: Floats32
    ridge: Floats32
    lit: Floats32
    seen: Floats32
    meets: Floats32

    @property
    def inside(self) -> NDArray[np.bool_]:
        """Vertices within another part."""
        return self.openness < INSIDE_OPENNESS


def painting_fields(
    mesh: Mesh, light: tuple[float, float, float] = ABOVE, spread_deg: float = 10.0, radius_mm: float = RECESS_MM,
    ridge_mm: float = 0.0, progress: Progress | None = None, parts: tuple[int, ...] = (),
    directions: int = DIRECTIONS,
) -> PaintingFields:  # fmt: skip
    """All fields of a figure as assembled; ``ridge_mm``: the ball within, 0 for the same as outside; ``parts``: vertices of
    each, its shells where none are told; ``directions`` asked for openness. Raises Cancelled.
    """
    steps = _Steps(progress)
    scene = RayScene(mesh)
    steps.to(0.1)
    asked = askers(mesh)
    open_ = openness(mesh, scene, asked, directions, lambda share: steps.to(0.1 + 0.3 * share))
    surface = open_ >= INSIDE_OPENNESS
    outer = surface[mesh.faces].any(axis=1)
    shell = mesh.with_faces(mesh.faces[outer]) if outer.any() else mesh
    radii = dict.fromkeys((radius_mm, ridge_mm or radius_mm))
    with ThreadPoolExecutor(len(radii)) as pool:  # points are sorted in one thread each, while rays are asked
        grids = {radius: pool.submit(surface_grid, shell, radius) for radius in radii}
        seen = seen_from_table(mesh, scene, asked, lambda share: steps.to(0.4 + 0.15 * share))
        lit = lit_from(mesh, light, spread_deg, scene, asked, lambda share: steps.to(0.55 + 0.1 * share))
    points, normals = np.ascontiguousarray(mesh.vertices, float), mesh.vertex_normals
    deep = recess(points, normals, grids[radius_mm].result(), radius_mm, surface, lambda s: steps.to(0.65 + 0.2 * s))
    steps.to(0.85)
    within = ridge_mm or radius_mm
    sharp = recess(points, -normals, grids[within].result(), within, surface, lambda s: steps.to(0.85 + 0.14 * s))
    sharp[~surface] = 0.0
    meets = where_parts_meet(mesh, parts)
    steps.to(1.0)
    return PaintingFields(*(np.asarray(f, np.float32) for f in (open_, deep, sharp, lit, seen, meets)))


class _Steps:
    """Progress that raises Cancelled when told to stop."""

    def __init__(self, progress: Progress | None) -> None:
        self.progress = progress

    def to(self, share: float) -> None:
        if self.progress is not None and not self.progress(share):
            raise Cancelled


def sphere_directions(many: int) -> Floats:
    """Unit directions spread evenly over the sphere (Fibonacci lattice), (many, 3)."""
    height = 1 - (2 * np.arange(many) + 1) / many
    turn = np.pi * (1 + 5**0.5) * np.arange(many)
    level = np.sqrt(1 - height**2)
    return np.stack([level * np.cos(turn), level * np.sin(turn), height], axis=1)


def cone_directions(toward: Iterable[float], half_deg: float, many: int) -> Floats:
    """Unit directions spread evenly over a cone about a direction, (many, 3)."""
    axis = np.asarray(tuple(toward), float)
    axis = axis / np.linalg.norm(axis)
    height = 1 - (1 - np.cos(np.radians(half_deg))) * (np.arange(many) + 0.5) / many
    turn = np.pi * (1 + 5**0.5) * np.arange(many)
    level = np.sqrt(1 - height**2)
    side = np.cross(axis, [1.0, 0, 0] if abs(axis[0]) < 0.9 else [0, 1.0, 0])
    side /= np.linalg.norm(side)
    across = np.cross(axis, side)
    return level[:, None] * (np.cos(turn)[:, None] * side + np.sin(turn)[:, None] * across) + height[:, None] * axis


def openness(
    mesh: Mesh, scene: RayScene, asking: Askers | None = None, directions: int = DIRECTIONS,
    done: Done = lambda share: None,
) -> Floats:  # fmt: skip
    """Cosine-weighted share of the hemisphere about each vertex's normal that is free within 30 mm, (n,); ``done`` is told how far
    it is, and may stop it by raising.

    All vertices ask along the same directions, which keeps the rays coherent; dividing by the cosines asked makes an open
    place 1 exactly.
    """
    free, asked = _cosines(mesh, sphere_directions(directions), scene, REACH_MM, asking, done)
    return np.asarray(free / np.maximum(asked, 1e-9))


def seen_from_table(
    mesh: Mesh, scene: RayScene, asking: Askers | None = None, done: Done = lambda share: None
) -> Floats:
    """How much viewers round a table see of each vertex, 0..1 (see surface.fields.exposure.table_exposure)."""
    views = ring_directions(TABLE_DEG, TABLE_AROUND)
    free, _ = _cosines(mesh, views, scene, None, asking, done)
    return np.minimum(free / (OPEN_FACE * len(views)), 1.0)


def lit_from(
    mesh: Mesh, toward: Iterable[float], spread_deg: float, scene: RayScene, asking: Askers | None = None,
    done: Done = lambda share: None,
) -> Floats:  # fmt: skip
    """Mean over a cone of directions of the cosine to each vertex's normal where nothing stands between, (n,)."""
    directions = cone_directions(toward, spread_deg, SPREAD_RAYS)
    free, _ = _cosines(mesh, directions, scene, None, asking, done)
    return free / len(directions)


def _cosines(
    mesh: Mesh, directions: Floats, scene: RayScene, within_mm: float | None, asking: Askers | None,
    done: Done = lambda share: None,
) -> tuple[Floats, Floats]:  # fmt: skip
    """Sums over directions of each vertex's cosine: where the way is free, and of all that face it, (n,) each.

    Of a dense mesh evenly chosen vertices ask, and the others take what those beside them got: light varies over more than
    the spacing of such a mesh.
    """
    chosen, lend = asking or askers(mesh)
    normals = mesh.vertex_normals[chosen]
    start = (mesh.vertices[chosen] + OFF_MM * normals).astype(np.float32)

    def one(toward: Floats) -> tuple[NDArray[np.int64], Floats, NDArray[np.bool_]]:
        facing = normals @ toward
        ask = np.flatnonzero(facing > 1e-6)
        along = np.broadcast_to(toward.astype(np.float32), (len(ask), 3))
        return ask, facing[ask], ~scene.blocked(start[ask], along, within_mm)

    free, asked = np.zeros(len(normals)), np.zeros(len(normals))
    with in_threads(one, directions, 1 if len(normals) < MOST_AT_ONCE else 2) as told:
        for number, (ask, cosine, clear) in enumerate(told):
            asked[ask] += cosine
            free[ask] += cosine * clear
            done((number + 1) / len(directions))
    return lend(free), lend(asked)


def askers(mesh: Mesh) -> Askers:
    """Vertices that ask, and how what they got is handed to all."""
    from scipy.spatial import cKDTree

    many = len(mesh.vertices)
    if many <= MOST_ASKING:
        return np.arange(many), lambda got: got
    cell = float(np.sqrt(mesh.areas_mm2.sum() / MOST_ASKING))
    facing = np.round(mesh.vertex_normals).astype(np.int64) + 1
    _, chosen = np.unique(cell_ids(mesh.vertices, cell) * 27 + facing @ [9, 3, 1], return_index=True)
    beside = np.column_stack([mesh.vertices, cell * mesh.vertex_normals])
    far, index = cKDTree(beside[chosen]).query(beside, k=3, workers=2)
    weight = 1 / (far + 0.1 * cell) ** 2
    weight /= weight.sum(axis=1, keepdims=True)
    return chosen, lambda got: np.asarray((weight * got[index]).sum(axis=1))


def layer_step_um(normals: Floats, print_up: Floats, layer_mm: float) -> Floats:
    """Depth of the stair that layers leave at each place, µm (n,): layer height times the cosine of normal and print direction;
    none where the surface is flat to the layers.
    """
    cosine = np.abs(normals @ print_up)
    return np.where(cosine < 0.999, 1000 * layer_mm * cosine, 0.0)


def packed_painting_fields(painting: PaintingFields) -> bytes:
    """As compressed bytes, each value in a byte."""
    import zlib

    rows = [np.round(255 * np.clip(getattr(painting, f.name), 0, 1)).astype(np.uint8) for f in fields(painting)]
    return zlib.compress(np.concatenate(rows).tobytes(), 1)


def unpacked_painting_fields(data: bytes, vertices: int) -> PaintingFields | None:
    """None where the bytes are not those of so many vertices."""
    import zlib

    try:
        rows = np.frombuffer(zlib.decompress(data), np.uint8).reshape(len(fields(PaintingFields)), vertices)
    except (ValueError, zlib.error):
        return None
    return PaintingFields(*(row.astype(np.float32) / np.float32(255) for row in rows))
