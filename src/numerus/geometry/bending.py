"""A limb bent or twisted about a joint within one mesh, so that the mesh stays sound.

Over a soft stretch about the joint each point is turned about an axis through the middle of the limb, by an angle that grows smoothly
from none to all of it. Bent by a slope of t degrees a mm, what lies u mm inside the bend shrinks to 1 - t u: while that is positive
everywhere no skin folds, and since the axis passes through the middle of the section a limb that is even about it keeps its volume.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from numerus.errors import GeometryError
from numerus.geometry.cutting import Plane, attributes_from, mesh_of, on_plane, solid_of
from numerus.geometry.mesh import Floats, Mesh, turning_up, xyz
from numerus.geometry.rays import RayScene
from numerus.geometry.solids.columns import solid_columns

DIRECTIONS, LEANS_DEG = 64, (10.0, 5.0, 2.5, 1.2)  # looked at at first, and then how far from the best
NEAR_MM = 12.0  # the section is looked for within so much of the joint
SOFTER = (1.0, 1.3, 1.7, 2.2, 2.8, 3.6, 4.6)  # stretches that are tried, in radii
LEAST_LEFT = 0.25  # what the inside of a bend may shrink to
FINE_SHARE = 0.34  # of the soft stretch: longer edges would show its corners
CELL_MM, APART_MM = 0.15, 0.4
MOST_DEG = 120.0


@dataclass(frozen=True)
class Hinge:
    """Where a limb bends: the ``middle`` of its section and ``along`` it (unit, toward what moves); ``radius_mm`` round the section."""

    middle: tuple[float, float, float]
    along: tuple[float, float, float]
    radius_mm: float

    @property
    def axes(self) -> Floats:
        """What it nods about, sways about and twists about, unit rows (3, 3): level across the limb, the third way, along it."""
        along = np.asarray(self.along)
        level = np.cross([0.0, 0.0, 1.0], along)
        level = level if np.linalg.norm(level) > 0.1 else np.cross([0.0, 1.0, 0.0], along)
        level = level / np.linalg.norm(level)
        return np.stack([level, np.cross(along, level), along])

    @property
    def other_side(self) -> Hinge:
        x, y, z = self.along
        return replace(self, along=(-x, -y, -z))


@dataclass(frozen=True, eq=False)
class Bent:
    """The mesh, which of its vertices moved, how far the skin shrank where it did most (1: not), mm³ that ran into the rest."""

    mesh: Mesh
    moved: NDArray[np.bool_]
    least_left: float
    into_mm3: float


def hinge_at(mesh: Mesh, place: Floats) -> Hinge:
    """The narrowest section through the middle of the limb under a place of the skin; the lesser side is what moves.

    Raises GeometryError where the part is no solid, or nothing lies there.
    """
    solid = solid_of(mesh) ^ _ball(_inside(mesh, place), NEAR_MM)
    found = _narrowest(solid, _inside(mesh, place), _hemisphere(DIRECTIONS))
    for lean_deg in LEANS_DEG:
        if found is not None:
            found = _narrowest(solid, found[0], _round_about(found[2], lean_deg)) or found
    if found is None:
        raise GeometryError("misses", "No limb was found there.", "Click where it bends.")
    middle, area, along = found
    hinge = Hinge(xyz(middle), xyz(along), float(np.sqrt(area / np.pi)))
    moving = _beyond(mesh, hinge, 0.0)
    return hinge if moving.sum() <= _beyond(mesh, hinge.other_side, 0.0).sum() else hinge.other_side


def _narrowest(solid: Any, middle: Floats, directions: Floats) -> tuple[Floats, float, Floats] | None:
    """Of sections through a place their centroid, area and direction, where the area is least; None where there are none."""
    sections = [(_section(solid, middle, d), d) for d in directions]
    return min(((*s, d) for s, d in sections if s is not None), key=lambda s: s[1], default=None)


def _round_about(direction: Floats, lean_deg: float) -> Floats:
    """A direction and eight that lean from it so far."""
    lean, (u, v, w) = np.radians(lean_deg), turning_up(direction)
    around = [np.cos(lean) * w + np.sin(lean) * (np.cos(t) * u + np.sin(t) * v) for t in np.arange(8) * np.pi / 4]
    return np.array([w, *around])


def _ball(middle: Floats, radius_mm: float) -> Any:
    from manifold3d import Manifold

    return Manifold.sphere(radius_mm, 32).translate(tuple(float(v) for v in middle))


def _inside(mesh: Mesh, place: Floats) -> Floats:
    """Half way through the part under a place of its skin."""
    nearest = int(np.argmin(((mesh.vertices - place) ** 2).sum(axis=1)))
    inward = -mesh.vertex_normals[nearest]
    start = mesh.vertices[nearest] + 0.02 * inward
    through = float(RayScene(mesh).first_mm(start[None], inward[None])[0])
    return np.asarray(start + inward * (through / 2 if np.isfinite(through) else 0.5))


def _hemisphere(count: int) -> Floats:
    """Directions evenly over half of the sphere (n, 3), by the golden angle (Vogel 1979)."""
    z = (np.arange(count) + 0.5) / count
    turn = np.arange(count) * np.pi * (3 - np.sqrt(5))
    flat = np.sqrt(1 - z * z)
    return np.stack([flat * np.cos(turn), flat * np.sin(turn), z], axis=1)


def _section(solid: Any, middle: Floats, direction: Floats) -> tuple[Floats, float] | None:
    """Centroid and area of the piece of a section that holds ``middle``."""
    plane = Plane(xyz(middle), xyz(direction))
    for piece in on_plane(solid, plane).slice(0.0).decompose():
        low_x, low_y, high_x, high_y = piece.bounds()
        if low_x <= 0 <= high_x and low_y <= 0 <= high_y:
            centre = _centroid([np.asarray(p) for p in piece.to_polygons()])
            return middle + turning_up(direction).T @ [*centre, 0.0], float(piece.area())
    return None


def _centroid(loops: list[Floats]) -> Floats:
    """Of outlines and holes, (2,), by their signed cross products."""
    sums, area = np.zeros(2), 0.0
    for loop in loops:
        after = np.roll(loop, -1, axis=0)
        cross = loop[:, 0] * after[:, 1] - after[:, 0] * loop[:, 1]
        area += cross.sum() / 2
        sums += ((loop + after) * cross[:, None]).sum(axis=0) / 6
    return np.asarray(sums / area)


def _beyond(mesh: Mesh, hinge: Hinge, from_mm: float) -> NDArray[np.bool_]:
    """Vertices of the limb beyond the hinge (from so far before it): those there that hang together with its section, bool (n,)."""
    from scipy.sparse import coo_matrix
    from scipy.sparse.csgraph import connected_components

    away = mesh.vertices - np.asarray(hinge.middle)
    along = away @ np.asarray(hinge.along)
    there = along >= from_mm
    edges = np.concatenate([mesh.faces[:, [0, 1]], mesh.faces[:, [1, 2]], mesh.faces[:, [2, 0]]])
    edges = edges[there[edges].all(axis=1)]
    count = len(mesh.vertices)
    joined = coo_matrix((np.ones(len(edges), bool), edges.T), (count, count))
    _, piece = connected_components(joined, directed=False)
    across = np.linalg.norm(away - along[:, None] * np.asarray(hinge.along), axis=1)
    start = np.flatnonzero(there & (across < 2 * hinge.radius_mm) & (along < from_mm + hinge.radius_mm + APART_MM))
    return there & np.isin(piece, np.unique(piece[start])) if len(start) else np.zeros(count, bool)


def bent(mesh: Mesh, hinge: Hinge, nod_deg: float, sway_deg: float = 0.0, twist_deg: float = 0.0) -> Bent:
    """The limb beyond the hinge turned about its middle. Raises GeometryError for more than ``MOST_DEG``."""
    bend = float(np.hypot(nod_deg, sway_deg))
    if max(bend, abs(twist_deg)) > MOST_DEG:
        raise GeometryError(
            "too-far", f"More than {MOST_DEG:.0f}° folds a limb.", "Cut it there, turn the piece, and peg it."
        )
    nod, sway, along = hinge.axes
    axis = (nod_deg * nod + sway_deg * sway) / bend if bend else nod
    soft = _soft_mm(mesh, hinge, axis, bend)
    fine = _finer(mesh, hinge, soft)
    moved = _beyond(fine, hinge, -soft)
    away = fine.vertices[moved] - np.asarray(hinge.middle)
    share, slope = _smooth(away @ along, soft)
    turned = _about(axis, np.radians(bend) * share, _about(along, np.radians(twist_deg) * share, away))
    places = fine.vertices.copy()
    places[moved] = turned + np.asarray(hinge.middle)
    left = _left(away, along, axis, bend, slope)
    made = Mesh(places, fine.faces, fine.vertex_attributes, fine.face_attributes)
    return Bent(made, moved, float(left.min(initial=1.0)), _into_mm3(made, moved, hinge, soft))


def _left(away: Floats, along: Floats, axis: Floats, bend_deg: float, slope: Floats) -> Floats:
    """What is left of each point's length along the limb: less than 1 on the inside of the bend, negative where skin folds, (n,)."""
    return np.asarray(1 + np.radians(bend_deg) * slope * (away @ np.cross(axis, along)))


def _soft_mm(mesh: Mesh, hinge: Hinge, axis: Floats, bend_deg: float) -> float:
    """Half of the shortest stretch over which a bend leaves ``LEAST_LEFT`` of what is inside it; the limb's radius at least.

    Raises GeometryError where no stretch does: the part is too wide there for so sharp a bend.
    """
    along = np.asarray(hinge.along)
    for times in SOFTER:
        soft = hinge.radius_mm * times
        away = mesh.vertices[_beyond(mesh, hinge, -soft)] - np.asarray(hinge.middle)
        if _left(away, along, axis, bend_deg, _smooth(away @ along, soft)[1]).min(initial=1.0) >= LEAST_LEFT:
            return soft
    raise GeometryError(
        "folds",
        f"Bent by {bend_deg:.0f}° the part folds: it is too wide there.",
        "Bend it less, or nearer the thin of the limb.",
    )


def _smooth(along: Floats, soft: float) -> tuple[Floats, Floats]:
    """How much of the turn each point takes, 0..1, and how that grows a mm: a cubic step over the soft stretch."""
    t = np.clip((along + soft) / (2 * soft), 0, 1)
    return t * t * (3 - 2 * t), 6 * t * (1 - t) / (2 * soft)


def _about(axis: Floats, angles: Floats, points: Floats) -> Floats:
    """Points (n, 3) turned about a unit axis through the origin by angles (n,) (Rodrigues 1840)."""
    cos, sin = np.cos(angles)[:, None], np.sin(angles)[:, None]
    return np.asarray(points * cos + np.cross(axis, points) * sin + axis * (points @ axis)[:, None] * (1 - cos))


def _finer(mesh: Mesh, hinge: Hinge, soft: float) -> Mesh:
    """With edges about the hinge short enough to bend; as it is where they are."""
    most = max(FINE_SHARE * soft, 0.2)
    along = (mesh.vertices - np.asarray(hinge.middle)) @ np.asarray(hinge.along)
    a, b = mesh.faces[:, [0, 1, 2]].ravel(), mesh.faces[:, [1, 2, 0]].ravel()
    crosses = (np.minimum(along[a], along[b]) < soft) & (np.maximum(along[a], along[b]) > -soft)
    long = np.linalg.norm(mesh.vertices[a] - mesh.vertices[b], axis=1)
    if not crosses.any() or np.quantile(long[crosses], 0.9) <= most:
        return mesh
    return attributes_from(mesh_of(solid_of(mesh).refine_to_length(most)), mesh)


def _into_mm3(mesh: Mesh, moved: NDArray[np.bool_], hinge: Hinge, soft: float) -> float:
    """Volume by which what was turned whole lies in what stayed, beyond the stretch in which both are one."""
    kept = ~moved
    stays, goes = (_closed(mesh, which) for which in (kept, moved & _far_beyond(mesh, moved, hinge, soft)))
    if stays is None or goes is None:
        return 0.0
    floor = float(mesh.bounds_mm[0, 2])
    cell = max(CELL_MM, float(mesh.extents_mm.max()) / 600)
    one, other = (solid_columns(m.moved((0, 0, -floor)).triangles, cell, cell) for m in (goes, stays))
    runs = (one.high - one.low).astype(int)
    own = np.repeat(np.arange(len(runs)), runs)
    layer = one.low[own] + np.arange(len(own)) - np.repeat(np.cumsum(runs) - runs, runs)
    x, y = one.grid.centre_mm(one.x[own].astype(float), one.rows[own].astype(float))
    held = other.holds(np.stack([x, y, (layer + 0.5) * cell], axis=1))
    return float(held.sum()) * cell**3


def _far_beyond(mesh: Mesh, moved: NDArray[np.bool_], hinge: Hinge, soft: float) -> NDArray[np.bool_]:
    """Of what moved, what is farther from the hinge than the soft stretch and its section."""
    far = np.linalg.norm(mesh.vertices - np.asarray(hinge.middle), axis=1)
    return np.asarray(far > np.hypot(soft, hinge.radius_mm) + APART_MM)


def _closed(mesh: Mesh, which: NDArray[np.bool_]) -> Mesh | None:
    """The faces between such vertices, their open rims closed by fans; None where there are none."""
    faces = mesh.faces[which[mesh.faces].all(axis=1)]
    if not len(faces):
        return None
    edges = np.concatenate([faces[:, [0, 1]], faces[:, [1, 2]], faces[:, [2, 0]]])
    keys = {(int(a), int(b)) for a, b in edges}
    rim = [(a, b) for a, b in keys if (b, a) not in keys]
    if not rim:
        return Mesh(mesh.vertices, faces)
    middle = len(mesh.vertices)
    cap = np.array([[b, a, middle] for a, b in rim], np.int32)
    centre = mesh.vertices[[a for a, _ in rim]].mean(axis=0)
    return Mesh(np.vstack([mesh.vertices, centre]), np.vstack([faces, cap]))
