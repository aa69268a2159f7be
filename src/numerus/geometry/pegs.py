"""A part joined to another where they meet: a peg on one and its socket in the other, holes for a magnet in both, or both as one solid.

Skins that meet are seldom flat: a peg is rooted where the one part is whole across it, and its socket begins where the other is.
"""

from __future__ import annotations

from dataclasses import dataclass
from itertools import product
from typing import Any

import numpy as np

from numerus.errors import GeometryError
from numerus.geometry.cutting import (
    LARGEST_KEY_MM,
    LEAST_KEY_MM,
    ROOT_MM,
    WALL_MM,
    KeyStyle,
    Plane,
    attributes_from,
    from_plane,
    mesh_of,
    on_plane,
    post,
    solid_of,
    widest_place,
)
from numerus.geometry.mesh import Floats, Mesh

LEVELS_MM = 0.2, 0.5, 0.9, 1.4, 2.0  # how far into each part from where they meet it may have to be whole
SHALLOWEST, SHORTER = 0.5, 0.85  # of its width; how much slighter or shorter the next one is that is tried
NO_ROOM = GeometryError(
    "no-room",
    "There is no room for a peg where they meet.",
    "Put the joint deeper into the part, or glue and pin it by hand.",
)


@dataclass(frozen=True, eq=False)
class Joined:
    """``part`` with its peg or hole, ``other`` with its socket or hole (None where both became ``part``); width and depth of it in mm."""

    part: Mesh
    other: Mesh | None
    width_mm: float = 0.0
    depth_mm: float = 0.0


def as_one(part: Mesh, other: Mesh) -> Joined:
    """Both as one solid. Raises GeometryError where either is torn, or where they do not touch."""
    whole = solid_of(part) + solid_of(other)
    if len(whole.decompose()) > len(solid_of(part).decompose()) + len(solid_of(other).decompose()) - 1:
        raise GeometryError(
            "apart", "They do not touch: as one piece they would fall apart.", "Snap the part to its joint first."
        )
    return Joined(mesh_of(whole), None)


def pegged(part: Mesh, other: Mesh, meet: Plane, style: KeyStyle) -> Joined:
    """``meet``: where they meet, its normal into the part. Raises GeometryError where a solid is torn or nothing has room."""
    above, below = (on_plane(solid_of(m), meet) for m in (part, other))
    found = _widest(above, below)
    if found is None:
        raise _no_room()
    middle, radius, rooted, sunk = found
    fixed = style.hole_mm or style.width_mm
    width = fixed or float(np.clip(1.1 * radius, LEAST_KEY_MM, LARGEST_KEY_MM))
    while width >= LEAST_KEY_MM - 1e-9:
        depth = style.depth_mm or width
        while depth >= (style.depth_mm or SHALLOWEST * width) - 1e-9:
            if _has_room(above, below, middle, width, depth, rooted, sunk, style):
                upper, lower = _made(above, below, middle, width, depth, rooted, sunk, style)
                return Joined(_back(upper, meet, part), _back(lower, meet, other), round(width, 3), round(depth, 3))
            depth *= SHORTER
        width = 0.0 if fixed else width * SHORTER
    raise _no_room()


def _no_room() -> GeometryError:
    advice = "Put the joint deeper into the part, or glue and pin it by hand."
    return GeometryError("no-room", "There is no room for a peg where they meet.", advice)


def _back(solid: Any, meet: Plane, original: Mesh) -> Mesh:
    return attributes_from(mesh_of(solid.transform(from_plane(meet))), original)


def _widest(above: Any, below: Any) -> tuple[Floats, float, float, float] | None:
    """Of the levels at which each part may be whole: middle and radius of the largest circle that lies in both, and those levels."""
    best: tuple[float, Floats, float, float, float] | None = None
    for up, down in product(LEVELS_MM, LEVELS_MM):
        both = above.slice(up) ^ below.slice(-down)
        for piece in both.decompose():
            middle, radius = widest_place(piece)
            worth = radius - 0.15 * (up + down) - 0.1 * float(np.linalg.norm(middle))
            if radius > LEAST_KEY_MM / 2 and (best is None or worth > best[0]):
                best = worth, middle, radius, up, down
    return best[1:] if best else None


def _has_room(
    above: Any, below: Any, middle: Floats, width: float, depth: float, rooted: float, sunk: float, style: KeyStyle
) -> bool:
    """Whether ``WALL_MM`` is left round the socket, and the part is whole across the peg's root (round its own hole)."""
    around = width + 2 * (style.clearance_mm + WALL_MM)
    lower = post(middle, around, -sunk - depth - style.clearance_mm - WALL_MM, -sunk, style.form)
    deep = depth + style.clearance_mm + WALL_MM if style.hole_mm else ROOT_MM
    upper = post(middle, around if style.hole_mm else width, rooted, rooted + deep, style.form)
    return _inside(lower, below) and _inside(upper, above)


def _inside(room: Any, solid: Any) -> bool:
    return bool((room - solid).volume() <= 1e-6 * room.volume())


def _made(
    above: Any, below: Any, middle: Floats, width: float, depth: float, rooted: float, sunk: float, style: KeyStyle
) -> tuple[Any, Any]:
    play, end = style.clearance_mm, LEVELS_MM[-1]
    socket = post(middle, width + 2 * play, -sunk - depth - play, end, "round" if style.hole_mm else style.form)
    if style.hole_mm:
        return above - post(middle, width + 2 * play, -end, rooted + depth + play, "round"), below - socket
    return above + post(middle, width, -sunk - depth, rooted + ROOT_MM, style.form), below - socket
