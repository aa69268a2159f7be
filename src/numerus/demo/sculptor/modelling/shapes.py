"""Signed-distance shapes: each is a function from points (n, 3) to distances in mm, negative inside.

Distances are exact for capsules, boxes and tori and close near the surface for the rest (lathes, ellipsoids), which is
all that marching cubes needs.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

import numpy as np

from numerus.geometry.mesh import Floats

Field = Callable[[Floats], Floats]
Point = tuple[float, float, float]


@dataclass(frozen=True)
class Shape:
    """A field with the painted material it is made of and a box outside which it need not be asked.

    ``soft``: radius in mm by which it flows into what stands before it; ``cuts``: it takes away instead of adding;
    ``bevel``: it meets what stands before it with a flat chamfer of ``soft`` instead of a round.
    """

    field: Field
    zone: str
    low: Floats
    high: Floats
    soft: float = 0.2
    cuts: bool = False
    bevel: bool = False


def bounded(field: Field, zone: str, low: Floats, high: Floats) -> Shape:
    return Shape(field, zone, np.asarray(low, float), np.asarray(high, float))


def capsule(a: Point, b: Point, ra: float, rb: float, zone: str) -> Shape:
    """A rounded bar from ``a`` to ``b`` whose radius runs from ``ra`` to ``rb``."""
    pa, pb = np.asarray(a, float), np.asarray(b, float)
    axis = pb - pa
    length2 = max(float(axis @ axis), 1e-12)

    def field(p: Floats) -> Floats:
        t = np.clip((p - pa) @ axis / length2, 0, 1)
        return np.linalg.norm(p - pa - t[:, None] * axis, axis=1) - (ra + (rb - ra) * t)

    r = max(ra, rb)
    return bounded(field, zone, np.minimum(pa, pb) - r, np.maximum(pa, pb) + r)


def ellipsoid(centre: Point, radii: Point, zone: str, turn: Floats | None = None) -> Shape:
    c, r = np.asarray(centre, float), np.asarray(radii, float)

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        k0 = np.linalg.norm(q / r, axis=1)
        k1 = np.linalg.norm(q / (r * r), axis=1)
        return np.where(k1 < 1e-9, -r.min(), k0 * (k0 - 1) / np.maximum(k1, 1e-9))

    reach = r.max() if turn is not None else r
    return bounded(field, zone, c - reach, c + reach)


def box(centre: Point, half: Point, rounding: float, zone: str, turn: Floats | None = None) -> Shape:
    """A box of half sizes ``half`` with rounded edges, turned by the rotation ``turn``."""
    c, h = np.asarray(centre, float), np.asarray(half, float)

    def field(p: Floats) -> Floats:
        q = np.abs((p - c) if turn is None else (p - c) @ turn) - (h - rounding)
        return np.linalg.norm(np.maximum(q, 0), axis=1) + np.minimum(q.max(axis=1), 0) - rounding

    reach = np.full(3, np.linalg.norm(h)) if turn is not None else h
    return bounded(field, zone, c - reach, c + reach)


def chamfered(centre: Point, half: Point, chamfer: float, zone: str, turn: Floats | None = None) -> Shape:
    """A box of half sizes ``half`` whose twelve edges are cut flat by ``chamfer`` mm."""
    c, h = np.asarray(centre, float), np.asarray(half, float)
    plain = box(centre, half, 0.0, zone, turn)

    def field(p: Floats) -> Floats:
        q = np.abs((p - c) if turn is None else (p - c) @ turn)
        planes = [(q[:, a] + q[:, b] - h[a] - h[b] + chamfer) * np.sqrt(0.5) for a, b in ((0, 1), (1, 2), (0, 2))]
        return np.maximum.reduce([plain.field(p), *planes])

    return replace(plain, field=field)


def ring(centre: Point, radii: tuple[float, float], tube: float, zone: str, turn: Floats | None = None) -> Shape:
    """A torus about the (turned) vertical, elliptic in plan."""
    c = np.asarray(centre, float)
    scale = np.array([radii[0], radii[1]])

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        plan = np.linalg.norm(q[:, :2] / scale, axis=1)
        return np.hypot((plan - 1) * scale.mean(), q[:, 2]) - tube

    reach = np.full(3, max(radii) + tube)
    return bounded(field, zone, c - reach, c + reach)


def lathe(
    centre: Point,
    profile: list[tuple[float, float]],
    zone: str,
    squash: float = 1.0,
    folds: tuple[int, float, float] = (0, 0.0, 0.0),
    turn: Floats | None = None,
) -> Shape:
    """A solid turned about the vertical: ``profile`` is (height, radius) upward from ``centre``.

    ``squash``: depth over width of its ellipse. ``folds``: (number, depth, phase) of cloth folds, deepest at the hem.
    """
    c = np.asarray(centre, float)
    z, r = np.array(profile, float).T
    slope = np.gradient(r, z) if len(z) > 1 else np.zeros(1)

    def field(p: Floats) -> Floats:
        q = (p - c) if turn is None else (p - c) @ turn
        around = np.arctan2(q[:, 1] / squash, q[:, 0])
        radius = np.interp(q[:, 2], z, r)
        hem = np.clip((z[-1] - q[:, 2]) / (z[-1] - z[0]), 0, 1)
        radius = radius * (1 + folds[1] * hem * np.sin(folds[0] * around + folds[2] + np.sin(2 * around)))
        wall = (np.hypot(q[:, 0], q[:, 1] / squash) - radius) * min(1.0, squash)
        wall = wall / np.sqrt(1 + np.interp(q[:, 2], z, slope) ** 2)
        return np.maximum(wall, np.abs(q[:, 2] - (z[0] + z[-1]) / 2) - (z[-1] - z[0]) / 2)

    top = r.max() * (1 + abs(folds[1]))
    low, high = np.array([-top, -top, z[0]]), np.array([top, top, z[-1]])
    if turn is not None:
        reach = np.full(3, np.hypot(top, np.abs(z).max()))
        low, high = -reach, reach
    return bounded(field, zone, c + low, c + high)


def tube(points: Sequence[Point], radii: Sequence[float], zone: str) -> Shape:
    """A round bar along a curve; ``radii`` are spread evenly over the points."""
    curve = np.asarray(points, float)
    r = np.interp(np.linspace(0, 1, len(curve)), np.linspace(0, 1, len(radii)), radii)
    bars = [capsule(tuple(a), tuple(b), ra, rb, zone) for a, b, ra, rb in zip(curve, curve[1:], r, r[1:], strict=False)]

    def field(p: Floats) -> Floats:
        return np.minimum.reduce([bar.field(p) for bar in bars])

    most = float(r.max())
    return bounded(field, zone, curve.min(axis=0) - most, curve.max(axis=0) + most)


def curved(points: Sequence[Point], steps: int = 6) -> list[Point]:
    """A smooth curve through the points (Catmull and Rom 1974), ``steps`` pieces between two of them."""
    p = np.asarray(points, float)
    ends = np.concatenate([2 * p[:1] - p[1:2], p, 2 * p[-1:] - p[-2:-1]])
    t = (np.arange(steps) / steps)[:, None]
    path = []
    for a, b, c, d in zip(ends, ends[1:], ends[2:], ends[3:], strict=False):
        path.append(0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t**2 + (3 * b - a - 3 * c + d) * t**3))
    return [(float(x), float(y), float(z)) for x, y, z in np.concatenate([*path, p[-1:]])]


def _outlined(q: Floats, corners: Floats) -> Floats:
    """Signed distance of points (n, 2) to a closed outline, negative inside; concave outlines too."""
    nearest, inside = np.full(len(q), np.inf), np.zeros(len(q), bool)
    for a, b in zip(corners, np.roll(corners, -1, axis=0), strict=True):
        along = b - a
        t = np.clip((q - a) @ along / max(float(along @ along), 1e-12), 0, 1)
        nearest = np.minimum(nearest, np.hypot(*(q - a - t[:, None] * along).T))
        crosses = (a[1] <= q[:, 1]) != (b[1] <= q[:, 1])
        with np.errstate(divide="ignore", invalid="ignore"):
            x = a[0] + (q[:, 1] - a[1]) / (b[1] - a[1]) * along[0]
        inside ^= crosses & (q[:, 0] < x)
    return np.where(inside, -nearest, nearest)


def _capped(flat: Floats, beyond: Floats, rounding: float) -> Floats:
    """An outline's distance and the distance beyond its ends as one solid with rounded edges."""
    flat, deep = flat + rounding, beyond + rounding
    return np.hypot(np.maximum(flat, 0), np.maximum(deep, 0)) + np.minimum(np.maximum(flat, deep), 0) - rounding


def prism(outline: Sequence[tuple[float, float]], half: float, zone: str, rounding: float = 0.08) -> Shape:
    """An outline in x and z, ``half`` mm to either side in y; concave outlines too."""
    corners = np.asarray(outline, float)

    def field(p: Floats) -> Floats:
        return _capped(_outlined(p[:, [0, 2]], corners), np.abs(p[:, 1]) - half, rounding)

    (x0, z0), (x1, z1) = corners.min(axis=0), corners.max(axis=0)
    return bounded(field, zone, np.array([x0, -half, z0]), np.array([x1, half, z1]))


def swept(
    outline: Sequence[tuple[float, float]], points: Sequence[Point], zone: str, facing: Sequence[Point] | Point = (0, 0, 1),
    rounding: float = 0.08,
) -> Shape:  # fmt: skip
    """Any outline along a curve: its second axis looks to ``facing`` (one direction, or one for every point).

    Straps with raised edges, mouldings, gutters. Between two points the frame turns with the place on the piece; a curve
    of short pieces (see ``curved``) has no visible corners.
    """
    corners, line = np.asarray(outline, float), np.asarray(points, float)
    up = np.broadcast_to(np.asarray(facing, float), line.shape)
    tangent = np.gradient(line, axis=0)
    side = np.cross(tangent, up)
    side /= np.linalg.norm(side, axis=1)[:, None]
    over = np.cross(side, tangent)
    over /= np.linalg.norm(over, axis=1)[:, None]

    def piece(p: Floats, k: int) -> tuple[Floats, Floats, Floats]:
        """Distance to the curve, place across the outline, and how far beyond the curve's ends."""
        a, along = line[k], line[k + 1] - line[k]
        free = (p - a) @ along / float(along @ along)
        t = np.clip(free, 0, 1)[:, None]
        off = p - a - t * along
        across = np.stack([np.einsum("ij,ij->i", off, f[k] + t * (f[k + 1] - f[k])) for f in (side, over)], axis=1)
        low = -free if k == 0 else np.full(len(p), -1.0)
        high = free - 1 if k == len(line) - 2 else np.full(len(p), -1.0)
        return np.einsum("ij,ij->i", off, off), across, np.maximum(low, high) * float(np.linalg.norm(along))

    def field(p: Floats) -> Floats:
        best, across, beyond = piece(p, 0)
        for k in range(1, len(line) - 1):
            near, other, past = piece(p, k)
            closer = near < best
            best = np.where(closer, near, best)
            across[closer], beyond = other[closer], np.where(closer, past, beyond)
        return _capped(_outlined(across, corners), beyond, rounding)

    reach = float(np.linalg.norm(corners, axis=1).max())
    return bounded(field, zone, line.min(axis=0) - reach, line.max(axis=0) + reach)


SUNK_MM = 0.2


def strap(wide: float, thick: float, edge: float = 0.12) -> list[tuple[float, float]]:
    """The outline of a leather strap: flat, with a raised edge on either side, sunk a little into what it lies on."""
    half, rim = wide / 2, wide * 0.16
    return [
        (-half, -SUNK_MM), (half, -SUNK_MM), (half, thick + edge), (half - rim, thick + edge), (half - rim, thick),
        (rim - half, thick), (rim - half, thick + edge), (-half, thick + edge),
    ]  # fmt: skip


def stitches(curve: Sequence[Point], apart: float, zone: str, thick: float = 0.13) -> list[Shape]:
    """A stitched seam along a curve: short threads ``apart`` mm from each other, lying half in the cloth."""
    line = np.asarray(curve, float)
    length = np.concatenate([[0.0], np.cumsum(np.linalg.norm(np.diff(line, axis=0), axis=1))])
    starts = np.arange(0.3 * apart, length[-1] - 0.5 * apart, apart)

    def at(s: float) -> Point:
        x, y, z = (float(np.interp(s, length, line[:, axis])) for axis in range(3))
        return x, y, z

    return [capsule(at(s), at(s + 0.55 * apart), thick, thick, zone) for s in starts]


def soft(mm: float, *shapes: Shape) -> list[Shape]:
    """The shapes, flowing by ``mm`` into what stands before them; 0.03 and less is a crisp edge."""
    return [replace(s, soft=mm) for s in shapes]


def bevelled(mm: float, *shapes: Shape) -> list[Shape]:
    """The shapes, meeting what stands before them with a flat chamfer ``mm`` wide, as cast iron does."""
    return [replace(s, soft=mm, bevel=True) for s in shapes]


def cutting(*shapes: Shape, mm: float = 0.02) -> list[Shape]:
    """The shapes as tools that take away."""
    return [replace(s, cuts=True, soft=mm) for s in shapes]


def cut(shape: Shape, *tools: Shape) -> Shape:
    """The shape without what the tools cover."""

    def field(p: Floats) -> Floats:
        return np.maximum.reduce([shape.field(p), *(-tool.field(p) for tool in tools)])

    return replace(shape, field=field)


def shell(shape: Shape, wall: float) -> Shape:
    """Only the outermost ``wall`` mm of the shape."""
    return replace(shape, field=lambda p: np.maximum(shape.field(p), -shape.field(p) - wall))


def placed(shapes: Sequence[Shape], at: Point, turn: Floats | None = None, scale: float = 1.0) -> list[Shape]:
    """Shapes made round the origin, scaled, turned and put at a place."""
    move, rotation = np.asarray(at, float), np.eye(3) if turn is None else turn

    def one(s: Shape) -> Shape:
        corners = np.array([[x, y, z] for x in (0, 1) for y in (0, 1) for z in (0, 1)]) * (s.high - s.low) + s.low
        box = corners * scale @ rotation.T + move
        field = s.field
        return replace(
            s, field=lambda p: field((p - move) @ rotation / scale) * scale, low=box.min(axis=0), high=box.max(axis=0),
            soft=s.soft * scale,
        )  # fmt: skip

    return [one(s) for s in shapes]


def mirrored(shapes: list[Shape]) -> list[Shape]:
    """The same shapes on the other side of x = 0."""
    flip = np.array([-1.0, 1, 1])

    def one(s: Shape) -> Shape:
        low, high = s.low * flip, s.high * flip
        return replace(s, field=lambda p: s.field(p * flip), low=np.minimum(low, high), high=np.maximum(low, high))

    return [one(s) for s in shapes]


def turned(about_x_deg: float = 0, about_y_deg: float = 0, about_z_deg: float = 0) -> Floats:
    """A rotation for the ``turn`` of shapes: points are brought into the shape's own frame by p @ turn."""
    from scipy.spatial.transform import Rotation

    return np.asarray(Rotation.from_euler("xyz", [about_x_deg, about_y_deg, about_z_deg], degrees=True).as_matrix())
