"""Cutting a part in two with keys that bring the halves together again, and planes where a cut hides best.

Solid operations are a library's (manifold3d); what is decided here is where keys go, how large they may be without
piercing the surface, and which planes make a short seam.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from typing import Any

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.mesh import Floats, Mesh, turning_up
from numerus.geometry.repair.health import connected_shells

KEY_FORMS = ("round", "square", "D")
SIDES = 32
WALL_MM = 0.5  # left between a socket and the surface
ROOT_MM = 0.2  # a peg is rooted this deep in its own half
LEAST_KEY_MM = 1.0
LARGEST_KEY_MM = 6.0
SECOND_MM2 = 60.0  # a section larger than this takes two round keys, so that the halves cannot turn
STEPS = 48  # planes looked at along each axis
LEAST_PIECE = 0.06  # of the volume: less is a sliver
MARGIN_SHARE = 0.1


@dataclass(frozen=True)
class Plane:
    """Through ``point`` with unit ``normal``; what lies in the normal's direction is "above"."""

    point: tuple[float, float, float]
    normal: tuple[float, float, float]


@dataclass(frozen=True)
class KeyStyle:
    """Pegs above, sockets below; or, with ``hole_mm``, holes of that diameter in both for a pin or magnet of ``depth_mm``."""

    form: str = "round"
    clearance_mm: float = 0.15
    width_mm: float = 0.0
    depth_mm: float = 0.0
    hole_mm: float = 0.0


@dataclass(frozen=True)
class Key:
    """A key as it was made: its middle on the plane, width and depth in mm."""

    place_mm: tuple[float, float, float]
    width_mm: float
    depth_mm: float


@dataclass(frozen=True, eq=False)
class Cut:
    """Both halves with their keys. ``play_mm3``: volume the clearance takes; ``seam_mm``: length of the seam."""

    above: Mesh
    below: Mesh
    keys: tuple[Key, ...]
    section_mm2: float
    seam_mm: float
    play_mm3: float
    notes: tuple[str, ...]


def solid_of(mesh: Mesh) -> Any:
    """The union of all shells as one solid; voids stay. Raises GeometryError where the mesh is torn."""
    from manifold3d import Manifold, OpType
    from manifold3d import Mesh as SolidMesh

    solids, voids = [], []
    for shell in connected_shells(mesh):
        used, index = np.unique(shell.faces, return_inverse=True)
        faces = index.reshape(-1, 3).astype(np.uint32)
        solid = Manifold(SolidMesh(shell.vertices[used].astype(np.float32), faces))
        if solid.status().name != "NoError":
            raise GeometryError(
                "not-solid", "The part is torn or tangled; a cut needs a closed solid.", "Mend it first."
            )
        if solid.volume() >= 0:
            solids.append(solid)
        else:
            voids.append(Manifold(SolidMesh(shell.vertices[used].astype(np.float32), faces[:, ::-1].copy())))
    body = Manifold.batch_boolean(solids, OpType.Add) if solids else Manifold()
    return body - Manifold.batch_boolean(voids, OpType.Add) if voids else body


def mesh_of(solid: Any) -> Mesh:
    mesh = solid.to_mesh()
    return Mesh(np.asarray(mesh.vert_properties, float)[:, :3].copy(), np.asarray(mesh.tri_verts, np.int32))


def attributes_from(mesh: Mesh, original: Mesh) -> Mesh:
    """The mesh with what is known of the original's faces, each face told as the nearest of those; one that has its own stays."""
    from scipy.spatial import cKDTree

    if not original.face_attributes or mesh.face_attributes or not len(mesh.faces):
        return mesh
    nearest = cKDTree(original.triangles.mean(axis=1)).query(mesh.triangles.mean(axis=1))[1]
    return replace(mesh, face_attributes={name: a[nearest] for name, a in original.face_attributes.items()})


def cut(mesh: Mesh, plane: Plane, key: KeyStyle | None = None) -> Cut:
    """The part in two at ``plane``, both closed, with keys where they have room.

    Raises GeometryError where the plane misses the part or the part is no solid.
    """
    solid = on_plane(solid_of(mesh), plane)
    above, below = solid.split_by_plane((0.0, 0.0, 1.0), 0.0)
    if above.is_empty() or below.is_empty():
        raise GeometryError("misses", "The plane does not pass through the part.", "Nothing was cut.")
    section = solid.slice(0.0)
    whole = above.volume() + below.volume()
    keys, notes = [], []
    for piece in section.decompose() if key is not None else ():
        above, below, key_list, note = _keyed(above, below, piece, key)  # type: ignore[arg-type]
        keys += key_list
        notes += [note] if note else []
    back = from_plane(plane)
    upper, lower = (attributes_from(mesh_of(half.transform(back)), mesh) for half in (above, below))
    placed = tuple(Key(_at(back, k.place_mm), k.width_mm, k.depth_mm) for k in keys)
    play = whole - above.volume() - below.volume()
    return Cut(upper, lower, placed, float(section.area()), _length(section), float(play), tuple(dict.fromkeys(notes)))


def on_plane(solid: Any, plane: Plane) -> Any:
    """The solid with the plane at z = 0, its normal up."""
    turn = np.column_stack([turning_up(plane.normal), np.zeros(3)])
    return solid.translate(tuple(-np.asarray(plane.point))).transform(turn)


def from_plane(plane: Plane) -> Floats:
    """What brings it back to where it was, (3, 4)."""
    return np.column_stack([turning_up(plane.normal).T, np.asarray(plane.point)])


def _at(back: Floats, point: Sequence[float]) -> tuple[float, float, float]:
    x, y, z = back[:, :3] @ np.asarray(point) + back[:, 3]
    return float(x), float(y), float(z)


def _length(section: Any) -> float:
    loops = [np.asarray(p) for p in section.to_polygons()]
    return float(sum(np.linalg.norm(np.roll(p, -1, axis=0) - p, axis=1).sum() for p in loops))


def widest_place(section: Any) -> tuple[Floats, float]:
    """Centre and radius of the largest circle within a section, to a hundredth of its size: shrink it until nothing is left."""
    low, high = 0.0, float(np.sqrt(section.area() / np.pi))
    for _ in range(9):
        middle = (low + high) / 2
        low, high = (low, middle) if section.offset(-middle).is_empty() else (middle, high)
    rest = section.offset(-low) if low > 0 else section
    loop = max((np.asarray(p) for p in rest.to_polygons()), key=len)
    return np.asarray(loop.mean(axis=0)), low


def _keyed(above: Any, below: Any, section: Any, style: KeyStyle) -> tuple[Any, Any, list[Key], str]:
    """Both halves with the keys this piece of the section has room for, and what is to be said."""
    keys: list[Key] = []
    two = section.area() > SECOND_MM2 and style.form == "round"
    for piece in _halves(section) if two else (section,):
        middle, radius = widest_place(piece)
        fitted = _fitting(above, below, middle, radius, style)
        if fitted is not None:
            above, below, key = fitted
            keys.append(key)
    note = "" if keys else "One piece of the section is too slight for a key: glue it, or pin it by hand."
    return above, below, keys, note


def _halves(section: Any) -> list[Any]:
    """A section in two across its longer way."""
    from manifold3d import CrossSection

    x0, y0, x1, y1 = section.bounds()
    wide, tall = x1 - x0, y1 - y0
    half = CrossSection.square((wide / 2, tall) if wide >= tall else (wide, tall / 2)).translate((x0, y0))
    return [h for h in (section ^ half, section - half) if not h.is_empty()]


def _fitting(above: Any, below: Any, middle: Floats, radius: float, style: KeyStyle) -> tuple[Any, Any, Key] | None:
    """The largest key that leaves WALL_MM round its socket (and round its own hole above); None where none fits."""
    width = style.hole_mm or style.width_mm or float(np.clip(1.1 * radius, LEAST_KEY_MM, LARGEST_KEY_MM))
    fixed = bool(style.hole_mm or style.width_mm)
    while width >= LEAST_KEY_MM - 1e-9:
        depth = style.depth_mm or width
        while depth >= (style.depth_mm or 0.5 * width) - 1e-9:
            if _has_room(above, below, middle, width, depth, style):
                return _made(above, below, middle, width, depth, style)
            depth *= 0.8
        if fixed:
            return None
        width *= 0.85
    return None


def _has_room(above: Any, below: Any, middle: Floats, width: float, depth: float, style: KeyStyle) -> bool:
    room = post(
        middle, width + 2 * (style.clearance_mm + WALL_MM), -depth - style.clearance_mm - WALL_MM, 0.0, style.form
    )
    if (room - below).volume() > 1e-6 * room.volume():
        return False
    top = depth + style.clearance_mm + WALL_MM if style.hole_mm else ROOT_MM
    root = post(middle, width, 0.0, top, style.form)
    return bool((root - above).volume() <= 1e-6 * root.volume())


def _made(above: Any, below: Any, middle: Floats, width: float, depth: float, style: KeyStyle) -> tuple[Any, Any, Key]:
    key = Key((float(middle[0]), float(middle[1]), 0.0), round(width, 3), round(depth, 3))
    if style.hole_mm:
        play = 2 * style.clearance_mm
        above = above - post(middle, width + play, -1e-3, depth + style.clearance_mm, "round")
        below = below - post(middle, width + play, -depth - style.clearance_mm, 1e-3, "round")
        return above, below, key
    socket = post(middle, width + 2 * style.clearance_mm, -depth - style.clearance_mm, 1e-3, style.form)
    return above + post(middle, width, -depth, ROOT_MM, style.form), below - socket, key


def post(middle: Floats, width: float, low: float, high: float, form: str) -> Any:
    """An upright post of the key's outline, ``width`` across."""
    from manifold3d import CrossSection, Manifold

    if form == "square":
        outline = CrossSection.square((width * 0.8, width * 0.8), True)
    else:
        outline = CrossSection.circle(width / 2, SIDES)
        if form == "D":
            outline = outline - CrossSection.square((width, width), True).translate((width * 0.8, 0))
    return Manifold.extrude(outline.translate(tuple(middle)), high - low).translate((0, 0, low))


def below_removed(mesh: Mesh, z_mm: float) -> Mesh:
    """What stands above a height: to leave a costly base off. Raises GeometryError where nothing would be left or go."""
    above = solid_of(mesh).trim_by_plane((0.0, 0.0, 1.0), z_mm)
    if above.is_empty() or z_mm <= mesh.bounds_mm[0, 2]:
        raise GeometryError("misses", "The plane leaves nothing, or nothing goes.", "Nothing was cut.")
    return attributes_from(mesh_of(above), mesh)


def plugged(mesh: Mesh, place_mm: Sequence[float], radius_mm: float) -> Mesh:
    """The part with the hollow round a place filled level with the surface about it: a socket that is not wanted.

    What lies within ``radius_mm`` is filled to its own convex hull.
    """
    from manifold3d import Manifold

    solid = solid_of(mesh)
    near = solid ^ Manifold.sphere(radius_mm, 48).translate(tuple(float(v) for v in place_mm))
    if near.is_empty():
        raise GeometryError("misses", "There is nothing at that place.", "Nothing was filled.")
    return attributes_from(mesh_of(solid + near.hull()), mesh)


@dataclass(frozen=True)
class CutProposal:
    """A plane worth cutting at: section area, seam length, each half's share of the volume and largest size, and why."""

    plane: Plane
    section_mm2: float
    seam_mm: float
    share_above: float
    largest_mm: tuple[float, float]
    why: str


def propose_cuts(mesh: Mesh, fits_mm: Sequence[float] | None = None, most: int = 4) -> list[CutProposal]:
    """Planes across the three axes where the part is narrowest, best first; both halves must fit ``fits_mm`` if given."""
    solid, cut_proposals = solid_of(mesh), []
    for axis in (2, 0, 1):
        cut_proposals += _along(solid, mesh, axis, fits_mm)
    return sorted(cut_proposals, key=lambda p: p.seam_mm * (1 + abs(p.share_above - 0.5)))[:most]


def _along(solid: Any, mesh: Mesh, axis: int, fits_mm: Sequence[float] | None) -> list[CutProposal]:
    """Local minima of the seam's length along one axis."""
    normal = np.eye(3)[axis]
    turned = solid.transform(np.column_stack([turning_up(normal), np.zeros(3)]))
    low, high = mesh.bounds_mm[:, axis]
    edge = MARGIN_SHARE * (high - low)
    heights = np.linspace(low + edge, high - edge, STEPS)
    sections = [turned.slice(float(h)) for h in heights]
    seams = np.array([_length(s) for s in sections])
    cut_proposals = []
    for k, (h, seam) in enumerate(zip(heights, seams, strict=True)):
        around = seams[max(k - 3, 0) : k + 4]
        if seam > 0 and seam <= around.min() + 1e-9:
            proposal = _proposal(solid, mesh, axis, float(h), sections[k], float(seam), fits_mm)
            cut_proposals += [proposal] if proposal else []
    return cut_proposals


def _proposal(
    solid: Any, mesh: Mesh, axis: int, at: float, section: Any, seam: float, fits_mm: Sequence[float] | None
) -> CutProposal | None:
    normal = np.eye(3)[axis]
    halves = solid.split_by_plane(tuple(normal), at)
    volumes = [h.volume() for h in halves]
    share = volumes[0] / sum(volumes)
    if not LEAST_PIECE <= share <= 1 - LEAST_PIECE:
        return None
    sizes = [np.ptp(np.asarray(h.bounding_box()).reshape(2, 3), axis=0) for h in halves]
    if fits_mm is not None and not all(np.all(np.sort(s) <= np.sort(np.asarray(fits_mm))) for s in sizes):
        return None
    pieces = len(section.decompose())
    middle = mesh.bounds_mm.mean(axis=0)
    middle[axis] = at
    x, y, z = (float(v) for v in middle)
    nx, ny, nz = (float(v) for v in normal)
    why = f"a waist: the seam is {seam:.1f} mm" + (f" in {pieces} rings" if pieces > 1 else " in one ring")
    return CutProposal(
        Plane((x, y, z), (nx, ny, nz)), float(section.area()), seam, float(share), (float(sizes[0].max()), float(sizes[1].max())), why
    )  # fmt: skip
