"""Supports: tips, pillars and a raft that catch what begins in mid-air and do not pass through the part.

A tip touches the part from below, a cone widens to a pillar, the pillar stands on the raft. Where a straight pillar
would meet the part, the pillar is moved aside and joined to its tip by a leaning strut; where no way leads to the
plate, it lands on the part; where even that is blocked, the place is reported, not hidden.

Whether a way is free is asked of solid columns at ``PIXEL_MM``: a bar is free if no pixel within its radius plus
clearance is solid at its height.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from numerus.errors import Cancelled
from numerus.geometry.columns import Columns, solid_columns
from numerus.geometry.kernels import kernel
from numerus.geometry.layers import Island, islands, overhangs
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.resin.profiles import Resin

PIXEL_MM = 0.1
LAYER_MM = 0.1
COARSE_MM = 0.4
CHECK_MM = 0.05  # the finished work is checked as finely as machines print it
HAIR_MM = 0.05  # in a recess a short bar may touch the walls beside it
REPAIRS = 3  # rounds of catching what the check still finds
SIDES = 8
STEEP_REACH = 1.4  # layers: faces under about 35 degrees from level are held, whatever the resin could reach


@dataclass(frozen=True)
class SupportStyle:
    """Sizes in mm. ``spacing_mm``: between tips under an overhang; ``lift_mm``: how far the part is raised."""

    tip_mm: float = 0.35
    pillar_mm: float = 0.9
    cone_mm: float = 1.6
    sink_mm: float = 0.12
    spacing_mm: float = 2.6
    young_mm: float = 2.0
    young_share: float = 0.6
    lift_mm: float = 4.0
    clearance_mm: float = 0.15
    aside_mm: float = 6.0
    raft_mm: float = 0.6
    raft_margin_mm: float = 1.4
    flat_mm2: float = 40.0


@dataclass(frozen=True)
class Pillar:
    """From the tip (x, y, z) over the cone's foot at ``joint`` down to ``foot``; all in mm, foot z 0 is the plate."""

    tip: tuple[float, float, float]
    joint: tuple[float, float, float]
    foot: tuple[float, float, float]

    @property
    def on_part(self) -> bool:
        return self.foot[2] > 0.0


@dataclass(frozen=True, eq=False)
class Supported:
    """A posed part standing on z = 0 with its supports; ``unreached`` are points no pillar could be brought to."""

    part: Mesh
    supports: Mesh
    pillars: tuple[Pillar, ...]
    unreached: tuple[tuple[float, float, float], ...]
    islands_left: tuple[Island, ...]

    @property
    def whole(self) -> Mesh:
        return merged([self.part, self.supports]) if len(self.supports.faces) else self.part


@kernel
def _bar_free(row_start, x, low, high, nx, ny, px0, py0, k0, px1, py1, k1, radius_px):  # type: ignore[no-untyped-def]
    """Whether a bar from (px0, py0, k0) down to (px1, py1, k1), in pixels and layers, meets no solid pixel."""
    steps = int(max(abs(px1 - px0), abs(py1 - py0), abs(k1 - k0), 1))
    for s in range(steps + 1):
        t = s / steps
        cx, cy, k = px0 + (px1 - px0) * t, py0 + (py1 - py0) * t, int(k0 + (k1 - k0) * t)
        for j in range(max(int(np.ceil(cy - radius_px)), 0), min(int(cy + radius_px), ny - 1) + 1):
            wide = np.sqrt(max(radius_px * radius_px - (j - cy) * (j - cy), 0.0))
            a, b = row_start[j], row_start[j + 1]
            i = a + np.searchsorted(x[a:b], int(np.ceil(cx - wide)))
            while i < b and x[i] <= cx + wide:
                if low[i] <= k < high[i]:
                    return False
                i += 1
    return True


class _Room:
    """The space around a part, asked about in millimetres."""

    def __init__(self, columns: Columns, style: SupportStyle) -> None:
        self.columns, self.style = columns, style

    def _pixels(self, point: Floats) -> tuple[float, float, float]:
        grid = self.columns.grid
        x, y = point[0] / grid.pixel_mm - grid.x0_px - 0.5, point[1] / grid.pixel_mm - grid.y0_px - 0.5
        return x, y, np.floor(point[2] / grid.layer_mm)

    def free(self, top: Floats, bottom: Floats, radius_mm: float) -> bool:
        c, g = self.columns, self.columns.grid
        reach = (radius_mm + self.style.clearance_mm) / g.pixel_mm
        ends = (*self._pixels(top), *self._pixels(bottom))
        return bool(_bar_free(c.row_start, c.x, c.low, c.high, g.nx, g.ny, *ends, reach))

    def floor_under(self, point: Floats) -> float:
        """Height of the highest solid below a point, 0 for the plate."""
        x, y, k = self._pixels(point)
        row, column, c = int(round(y)), int(round(x)), self.columns
        if not 0 <= row < c.grid.ny:
            return 0.0
        here = slice(c.row_start[row], c.row_start[row + 1])
        under = (c.x[here] == column) & (c.high[here] <= k)
        return float(c.high[here][under].max() * c.grid.layer_mm) if under.any() else 0.0


def _joints(tip: Floats, style: SupportStyle, tight: bool) -> list[tuple[Floats, Floats]]:
    """Places for the cone's foot and the pillar's top: straight down first, then leaning outward in rings.

    ``tight``: at last also flat cones that reach out from under a ledge low over the plate.
    """
    below = tip - [0, 0, style.cone_mm]
    ways = [(below, below)]
    for aside in np.arange(0.8, style.aside_mm + 0.01, 0.8):
        for angle in np.arange(12) * np.pi / 6:
            step = np.array([np.cos(angle), np.sin(angle), 0.0]) * aside
            ways.append((below + step * min(1.0, 0.8 / aside) * 0.5, below + step - [0, 0, 1.2 * aside]))
    for aside in np.arange(0.8, 3.3, 0.4) if tight else ():
        for angle in np.arange(16) * np.pi / 8:
            out = tip + [np.cos(angle) * aside, np.sin(angle) * aside, -max(0.7 * aside, 0.8)]
            ways.append((out, out))
    return ways


def _route(tip: Floats, room: _Room, style: SupportStyle, tight: bool = False) -> list[Floats] | None:
    """Tip, cone foot, knee and foot of the first free way; preferably to the plate, else onto the part.

    ``tight``: a bar onto the part may lean on the wall beside it, since nothing else catches what is left.
    """
    radius = style.pillar_mm / 2
    start = tip - [0, 0, 2 * room.columns.grid.layer_mm + 0.3]
    for joint, knee in _joints(tip, style, tight):
        foot = np.array([knee[0], knee[1], 0.0])
        if knee[2] <= style.raft_mm or not room.free(start, joint, style.tip_mm / 2):
            continue
        if room.free(joint, knee, radius) and room.free(knee, foot, radius):
            return [tip, joint, knee, foot]
    return _onto_part(tip, start, room, style, tight)


def _onto_part(tip: Floats, start: Floats, room: _Room, style: SupportStyle, tight: bool) -> list[Floats] | None:
    """A short straight bar that stands on the part itself, with a tip at both ends; in a narrow gap it just fills it."""
    ground = room.floor_under(tip)
    if ground <= 0:
        return None
    foot = np.array([tip[0], tip[1], ground])
    middle = (tip + foot) / 2
    lower = foot + [0, 0, 2 * room.columns.grid.layer_mm + 0.3]
    clear = tight or lower[2] >= start[2] or room.free(start, lower, HAIR_MM - style.clearance_mm)
    return [tip, middle, middle, foot] if clear else None


def _tube(points: list[Floats], radii: list[float]) -> Mesh:
    """A closed tube of ``SIDES`` sides through points with the given radii; coincident points are left out."""
    kept = [0] + [i for i in range(1, len(points)) if np.linalg.norm(points[i] - points[i - 1]) > 1e-6]
    turn = np.arange(SIDES) * 2 * np.pi / SIDES
    circle = np.stack([np.cos(turn), np.sin(turn), 0 * turn], axis=1)
    rings = np.concatenate([points[i] + radii[i] * circle for i in kept])
    vertices = np.concatenate([rings, points[kept[0]][None], points[kept[-1]][None]])
    side, after = np.arange(SIDES), np.roll(np.arange(SIDES), -1)
    faces = [np.stack([side * 0 + len(rings), after, side], axis=1)[:, ::-1]]
    for level in range(len(kept) - 1):
        a, b, c, d = (
            level * SIDES + side,
            level * SIDES + after,
            (level + 1) * SIDES + side,
            (level + 1) * SIDES + after,
        )
        faces += [np.stack([a, c, b], axis=1), np.stack([b, c, d], axis=1)]
    last = (len(kept) - 1) * SIDES
    faces.append(np.stack([side * 0 + len(rings) + 1, last + after, last + side], axis=1))
    mesh = Mesh(vertices, np.concatenate(faces).astype(np.int32))
    return mesh if mesh.signed_volume_mm3 > 0 else Mesh(vertices, np.ascontiguousarray(mesh.faces[:, ::-1]))


def _pillar_mesh(way: list[Floats], style: SupportStyle) -> Mesh:
    tip, joint, knee, foot = way
    if foot[2] > 0:
        sunk = [tip + [0, 0, style.sink_mm], joint, foot - [0, 0, style.sink_mm]]
        return _tube(sunk, [style.tip_mm / 2, style.pillar_mm / 3, style.tip_mm / 2])
    r = style.pillar_mm / 2
    points = [tip + [0, 0, style.sink_mm], joint, knee, foot + [0, 0, 2 * r], foot]
    return _tube(points, [style.tip_mm / 2, r, r, r, 2.2 * r])


def _raft(feet: Floats, style: SupportStyle) -> Mesh:
    """A plate under all feet whose edge leans outward and up, so that a scraper gets under it."""
    from scipy.spatial import ConvexHull

    turn = np.arange(16) * np.pi / 8
    circle = np.stack([np.cos(turn), np.sin(turn)], axis=1)
    around = (feet[:, None, :2] + style.raft_margin_mm * circle).reshape(-1, 2)
    outline = around[ConvexHull(around).vertices]
    centre = outline.mean(axis=0)
    low = outline - (outline - centre) / np.linalg.norm(outline - centre, axis=1)[:, None] * style.raft_mm * 0.8
    n = len(outline)
    vertices = np.concatenate(
        [np.c_[low, np.zeros(n)], np.c_[outline, np.full(n, style.raft_mm)], [[*centre, 0]], [[*centre, style.raft_mm]]]
    )
    i, j = np.arange(n), np.roll(np.arange(n), -1)
    faces = [
        np.stack(f, axis=1)
        for f in ((j, i, i * 0 + 2 * n), (i + n, j + n, i * 0 + 2 * n + 1), (i, j, j + n), (i, j + n, i + n))
    ]
    return Mesh(vertices, np.concatenate(faces).astype(np.int32))


def _wanted(raised: Mesh, columns: Columns, reach_mm: float, style: SupportStyle) -> Floats:
    """Points to catch, most urgent first: every island at its birth, then overhangs thinned to the spacing.

    Overhangs beyond the resin's reach count pixel by pixel. Steep undersides count on coarse columns only, so that
    texture finer than ``COARSE_MM``, which carries itself, asks for no tips.
    """
    born = np.array([(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in _births(raised, _built([], style))]).reshape(-1, 3)
    far = places_mm(columns, overhangs(columns, reach_mm))
    coarse = solid_columns(raised.triangles, COARSE_MM, COARSE_MM)
    steep = _undersides(columns, places_mm(coarse, overhangs(coarse, STEEP_REACH * COARSE_MM)))
    return _thinned(np.concatenate([born, far, steep]), len(born), style)


def places_mm(columns: Columns, pixels: NDArray[np.int32]) -> Floats:
    """Millimetres of pixels (n, 3) of x, y, layer: float64 (n, 3)."""
    x, y = columns.grid.centre_mm(pixels[:, 0].astype(float), pixels[:, 1].astype(float))
    return np.stack([x, y, pixels[:, 2] * columns.grid.layer_mm], axis=1)


def _undersides(columns: Columns, points: Floats) -> Floats:
    """The points moved up or down to the nearest underside of fine columns; those without one nearby are left out."""
    g = columns.grid
    keys = columns.rows.astype(np.int64) * g.nx + columns.x
    found = []
    for x, y, z in points:
        key = int(y / g.pixel_mm - g.y0_px) * g.nx + int(x / g.pixel_mm - g.x0_px)
        here = slice(np.searchsorted(keys, key), np.searchsorted(keys, key, side="right"))
        lows = columns.low[here] * g.layer_mm
        lows = lows[lows > 0]
        if len(lows) and np.abs(lows - z).min() <= COARSE_MM:
            found.append((x, y, lows[np.abs(lows - z).argmin()]))
    return np.array(found).reshape(-1, 3)


def _thinned(points: Floats, fixed: int, style: SupportStyle) -> Floats:
    """Greedy thinning from below: the first ``fixed`` points stay, others only if nothing kept is nearer.

    Near the part's first layers tips stand closer, since that is where it tears off.
    """
    if not len(points):
        return points
    order = np.concatenate([np.arange(fixed), fixed + np.argsort(points[fixed:, 2], kind="stable")])
    points = points[order]
    spacing = np.where(points[:, 2] < points[:, 2].min() + style.young_mm, style.young_share, 1.0) * style.spacing_mm
    from scipy.spatial import cKDTree

    neighbours = cKDTree(points)
    dropped = np.zeros(len(points), bool)
    for i in range(len(points)):
        if not dropped[i]:
            near = [j for j in neighbours.query_ball_point(points[i], spacing[i]) if j > i and j >= fixed]
            dropped[near] = True
    return points[~dropped]


def stands_flat(mesh: Mesh, style: SupportStyle) -> bool:
    """Whether the part lies on a face large enough to be printed straight on the plate."""
    low = mesh.bounds_mm[0, 2]
    down = (mesh.normals[:, 2] < -0.98) & (mesh.triangles[:, :, 2].max(axis=1) < low + 0.15)
    return float(mesh.areas_mm2[down].sum()) >= style.flat_mm2


def support(
    posed: Mesh, resin: Resin, style: SupportStyle | None = None, progress: Callable[[float], bool] | None = None
) -> Supported:
    """Raise a posed part where it needs it and catch every island and overhang.

    Checks its own work: islands of the part and supports together that remain are returned, never hidden.
    Raises Cancelled when ``progress`` answers False.
    """
    style = style or SupportStyle()
    raised = posed.dropped().moved((0, 0, 0.0 if stands_flat(posed, style) else style.lift_mm))
    columns = solid_columns(raised.triangles, PIXEL_MM, LAYER_MM)
    wanted = _wanted(raised, columns, resin.reach_mm, style)
    ways, unreached = _routed(wanted, _Room(columns, style), style, progress)
    supports = _built(ways, style)
    left = _births(raised, supports)
    for _ in range(REPAIRS):
        if not left:
            break
        more, still = _routed(
            np.array([(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in left]),
            _Room(columns, style),
            style,
            None,
            tight=True,
        )
        ways, unreached = ways + more, unreached + still
        supports = _built(ways, style)
        left = _births(raised, supports)
    pillars = tuple(Pillar(_point(w[0]), _point(w[1]), _point(w[3])) for w in ways)
    return Supported(raised, supports, pillars, tuple(_point(p) for p in unreached), tuple(left))


def _births(part: Mesh, supports: Mesh) -> list[Island]:
    """Islands of part and supports together, at the finer check resolution."""
    return islands(solid_columns(merged([part, supports]).triangles, CHECK_MM, CHECK_MM))


def _routed(
    wanted: Floats, room: _Room, style: SupportStyle, progress: Callable[[float], bool] | None, tight: bool = False
) -> tuple[list[list[Floats]], list[Floats]]:
    ways, unreached = [], []
    for number, tip in enumerate(wanted):
        if progress is not None and not progress(number / len(wanted)):
            raise Cancelled
        way = _route(tip, room, style, tight)
        if way is None:
            unreached.append(tip)
        else:
            ways.append(way)
    return ways, unreached


def _built(ways: list[list[Floats]], style: SupportStyle) -> Mesh:
    feet = np.array([w[3] for w in ways if w[3][2] <= 0]).reshape(-1, 3)
    pieces = [_pillar_mesh(w, style) for w in ways]
    if len(feet):
        pieces.append(_raft(feet, style))
    return merged(pieces)


def _point(p: Floats) -> tuple[float, float, float]:
    return float(p[0]), float(p[1]), float(p[2])


def tip_contact_mm2(style: SupportStyle) -> float:
    """Area of one tip's mark."""
    return float(np.pi * style.tip_mm**2 / 4)


def collides(supported: Supported, clearance_mm: float = 0.0) -> NDArray[np.bool_]:
    """Per pillar, whether its shaft below the cone shares space with the part (asked again of the finished meshes)."""
    columns = solid_columns(supported.part.triangles, PIXEL_MM, LAYER_MM)
    room = _Room(columns, SupportStyle(clearance_mm=clearance_mm))
    shafts = [p for p in supported.pillars if not p.on_part]
    return np.array(
        [
            not room.free(np.array(p.joint), np.array([p.foot[0], p.foot[1], p.foot[2]]), 0.1)
            if p.joint[:2] == p.foot[:2]
            else False
            for p in shafts
        ]
    )
