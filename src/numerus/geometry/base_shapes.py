"""Bases as solids: an outline with leaning sides, a lip, a pocket for a magnet, and a top raised by a height field.

The skin is one strip of quads between closed loops of equally many points, from the middle of the top outward, down the side, in along the
bottom and up into the pocket: closed and wound outward by construction.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from numerus.errors import PlanError
from numerus.geometry.mesh import Floats, Mesh

OUTLINES = "round", "oval", "square"
STEP_MM = 0.45  # between points of the skin
FADE_MM = 1.2  # within which the texture sinks to nothing at the edge
ROOF_MM, WALL_MM = 0.8, 1.2  # least left over and beside a pocket
LEAST_MM, MOST_MM = 10.0, 200.0
CORNER_MM = 1.5
HeightField = Callable[[Floats, Floats], Floats]
"""Heights 0..1 at places (n,), (n,) in mm."""


@dataclass(frozen=True)
class BaseShape:
    """``wide_mm`` and ``deep_mm`` at the foot (round: the width alone), ``high_mm`` without texture and lip; ``taper_deg`` by which the
    sides lean in; a lip so high, 0 for none; a pocket below for a magnet of that diameter and depth, 0 for none;
    ``depth_mm``: how far the texture rises.
    """

    outline: str = "round"
    wide_mm: float = 32.0
    deep_mm: float = 32.0
    high_mm: float = 3.5
    taper_deg: float = 15.0
    lip_mm: float = 0.0
    lip_wide_mm: float = 1.2
    magnet_mm: float = 0.0
    magnet_deep_mm: float = 0.0
    depth_mm: float = 0.8

    def __post_init__(self) -> None:
        if self.outline not in OUTLINES:
            raise PlanError("no-outline", f"{self.outline!r} is no outline of a base.", f"Try {', '.join(OUTLINES)}.")
        if not all(LEAST_MM <= mm <= MOST_MM for mm in self.foot_mm) or not 1 <= self.high_mm <= 40:
            raise PlanError("bad-base", "A base is 10 to 200 mm across and 1 to 40 mm high.")
        if (
            not 0 <= self.taper_deg <= 45
            or self.inset_mm + self.lip_wide_mm * (self.lip_mm > 0) > min(self.foot_mm) / 3
        ):
            raise PlanError(
                "bad-base", "Its sides lean in so far that nothing is left on top.", "Lower the taper or the height."
            )
        self._check_pocket()

    def _check_pocket(self) -> None:
        if self.magnet_mm <= 0 or self.magnet_deep_mm <= 0:
            return
        if self.magnet_deep_mm > self.high_mm - ROOF_MM:
            words = f"A pocket {self.magnet_deep_mm:g} mm deep leaves less than {ROOF_MM:g} mm over it."
            raise PlanError("thin-roof", words, "Make the base higher or the pocket shallower.")
        if self.magnet_mm / 2 > min(self.foot_mm) / 2 - self.inset_mm - WALL_MM:
            raise PlanError("wide-pocket", "The pocket is as wide as the base.", "Take a smaller magnet.")

    @property
    def foot_mm(self) -> tuple[float, float]:
        return (self.wide_mm, self.wide_mm) if self.outline == "round" else (self.wide_mm, self.deep_mm)

    @property
    def inset_mm(self) -> float:
        """By how much the top is smaller all round."""
        return self.high_mm * math.tan(math.radians(self.taper_deg))


def base_mesh(shape: BaseShape, texture: HeightField | None = None, step_mm: float = STEP_MM) -> Mesh:
    """The base, its foot at z = 0 and its middle at the origin; ``step_mm`` between points of its skin."""
    count = 8 * max(round(math.pi * max(shape.foot_mm) / step_mm / 8), 8)
    top = _loop(shape, shape.inset_mm, count)
    loops = [*_top_loops(shape, top, texture, step_mm), *_foot_loops(shape, count)]
    middle = loops[0][1], float(np.mean(loops[-1][0][:, 2])) if shape.magnet_mm and shape.magnet_deep_mm else 0.0
    return _strip([points for points, _ in loops], middle[0], middle[1])


def _loop(shape: BaseShape, inset_mm: float, count: int) -> Floats:
    """The outline so far in from the foot, (count, 2), anticlockwise from above."""
    a, b = (mm / 2 - inset_mm for mm in shape.foot_mm)
    turn = 2 * np.pi * np.arange(count) / count
    if shape.outline != "square":
        return np.column_stack([a * np.cos(turn), b * np.sin(turn)])
    return _rounded(a, b, max(CORNER_MM - inset_mm, 0.3), count)


def _rounded(a: float, b: float, radius: float, count: int) -> Floats:
    """A rectangle of half sizes with rounded corners: points at equal steps round it."""
    arc = np.linspace(0, np.pi / 2, 9)
    corners = []
    for quarter, (x, y) in enumerate(((a, b), (-a, b), (-a, -b), (a, -b))):
        turn = arc + quarter * np.pi / 2
        middle = np.array([x - math.copysign(radius, x), y - math.copysign(radius, y)])
        corners.append(middle + radius * np.column_stack([np.cos(turn), np.sin(turn)]))
    closed = np.vstack([*corners, corners[0][:1]])
    along = np.concatenate([[0], np.cumsum(np.linalg.norm(np.diff(closed, axis=0), axis=1))])
    at = along[-1] * np.arange(count) / count
    return np.column_stack([np.interp(at, along, closed[:, k]) for k in (0, 1)])


def _top_loops(
    shape: BaseShape, top: Floats, texture: HeightField | None, step_mm: float
) -> list[tuple[Floats, float]]:
    """From the middle to the top edge, (points (count, 3), height of the middle) each; over a lip, if there is one."""
    count = len(top)
    floor = _loop(shape, shape.inset_mm + shape.lip_wide_mm, count) if shape.lip_mm else top
    rings = max(round(min(shape.foot_mm) / 2 / step_mm), 4)
    loops = [_raised(shape, floor * k / rings, floor, k / rings, texture) for k in range(1, rings + 1)]
    middle = _raised(shape, np.zeros((1, 2)), floor, 0.0, texture)[0, 2]
    if shape.lip_mm:
        rim = shape.high_mm + shape.lip_mm
        loops += [_at(floor, rim), _at(top, rim)]
    return [(loop, float(middle)) for loop in loops]


def _raised(shape: BaseShape, places: Floats, edge: Floats, share: float, texture: HeightField | None) -> Floats:
    """A ring of the top; the texture sinks to nothing at the edge."""
    if texture is None or share >= 1:
        return _at(places, shape.high_mm)
    room = (1 - share) * float(np.linalg.norm(edge, axis=1).min())
    fade = min(room / FADE_MM, 1.0)
    rise = texture(places[:, 0], places[:, 1]) * shape.depth_mm * fade * fade * (3 - 2 * fade)
    return np.column_stack([places, shape.high_mm + rise])


def _foot_loops(shape: BaseShape, count: int) -> list[tuple[Floats, float]]:
    """The foot, and the pocket from its rim to its roof."""
    loops = [_at(_loop(shape, 0.0, count), 0.0)]
    if shape.magnet_mm and shape.magnet_deep_mm:
        turn = 2 * np.pi * np.arange(count) / count
        ring = shape.magnet_mm / 2 * np.column_stack([np.cos(turn), np.sin(turn)])
        loops += [_at(ring, 0.0), _at(ring, shape.magnet_deep_mm)]
    return [(loop, 0.0) for loop in loops]


def _at(places: Floats, z: float) -> Floats:
    return np.column_stack([places, np.full(len(places), z)])


def _strip(loops: Sequence[Floats], top_z: float, foot_z: float) -> Mesh:
    """Closed loops joined one to the next, closed in the middle above and below."""
    count = len(loops[0])
    vertices = np.vstack([[0.0, 0.0, top_z], *loops, [0.0, 0.0, foot_z]])
    here = np.arange(count)
    following = (here + 1) % count
    faces = [np.column_stack([np.zeros(count, int), 1 + here, 1 + following])]
    for number in range(len(loops) - 1):
        a, b = 1 + number * count, 1 + (number + 1) * count
        faces.append(np.column_stack([a + here, b + here, b + following]))
        faces.append(np.column_stack([a + here, b + following, a + following]))
    last, middle = 1 + (len(loops) - 1) * count, len(vertices) - 1
    faces.append(np.column_stack([last + here, np.full(count, middle), last + following]))
    return Mesh(vertices, np.vstack(faces).astype(np.int32))


TEXTURES = "plain", "cobbles", "planks", "mud", "slabs"


def texture_named(name: str, seed: int, across_mm: float) -> HeightField | None:
    """One of ``TEXTURES``, another for every seed; None for a plain top. Raises PlanError for a name that is none."""
    if name not in TEXTURES:
        raise PlanError("no-texture", f"{name!r} is no texture.", f"Try {', '.join(TEXTURES)}.")
    if name == "plain":
        return None
    dice = np.random.default_rng(seed)
    made = {"cobbles": _cobbles, "planks": _planks, "mud": _mud, "slabs": _slabs}[name]
    return made(dice, across_mm)


def _cobbles(dice: np.random.Generator, across_mm: float, size_mm: float = 4.2) -> HeightField:
    """Rounded stones in a jittered grid, deep joints between."""
    from scipy.spatial import cKDTree

    near = _jittered(dice, across_mm, size_mm)
    tree = cKDTree(near)

    def height(x: Floats, y: Floats) -> Floats:
        far, _ = tree.query(np.column_stack([x, y]), k=2)
        return np.clip((far[:, 1] - far[:, 0]) / (0.55 * size_mm), 0, 1) ** 0.6

    return height


def _slabs(dice: np.random.Generator, across_mm: float, size_mm: float = 8.5) -> HeightField:
    """Broken slabs, each at a height of its own."""
    from scipy.spatial import cKDTree

    near = _jittered(dice, across_mm, size_mm)
    tree, level = cKDTree(near), dice.uniform(0.55, 1.0, len(near))

    def height(x: Floats, y: Floats) -> Floats:
        far, which = tree.query(np.column_stack([x, y]), k=2)
        joint = np.clip((far[:, 1] - far[:, 0]) / 0.9, 0, 1)
        return level[which[:, 0]] * joint

    return height


def _jittered(dice: np.random.Generator, across_mm: float, size_mm: float) -> Floats:
    side = np.arange(-across_mm / 2 - size_mm, across_mm / 2 + 2 * size_mm, size_mm)
    grid = np.stack(np.meshgrid(side, side), axis=-1).reshape(-1, 2)
    return grid + dice.uniform(-0.36, 0.36, grid.shape) * size_mm


def _planks(dice: np.random.Generator, across_mm: float, wide_mm: float = 4.6) -> HeightField:
    """Boards with gaps and grain, ends in turns."""
    shift = dice.uniform(0, wide_mm)
    level, ends = dice.uniform(0.7, 1.0, 400), dice.uniform(0, 22, 400)

    def height(x: Floats, y: Floats) -> Floats:
        board = np.floor((y + shift) / wide_mm).astype(int) % 400
        inside = np.abs((y + shift) / wide_mm % 1 - 0.5) * wide_mm
        gap = np.clip((wide_mm / 2 - inside) / 0.45, 0, 1)
        end = np.clip(np.abs((x + ends[board]) % 22 - 11) / 0.45, 0, 1)
        grain = 0.1 * np.sin(9 * y + 1.3 * np.sin(x / 3 + ends[board]))
        return np.clip(level[board] * np.minimum(gap, end) + grain * gap * end, 0, 1)

    return height


def _mud(dice: np.random.Generator, across_mm: float) -> HeightField:
    """Waves of many lengths in all directions, the finer the lower."""
    waves = [
        (dice.uniform(0, 2 * np.pi), dice.uniform(0, 2 * np.pi), mm) for mm in (14, 9, 6, 4, 2.6, 1.8) for _ in range(3)
    ]
    whole = sum(mm for *_, mm in waves)

    def height(x: Floats, y: Floats) -> Floats:
        sums = sum(mm * np.sin((x * np.cos(turn) + y * np.sin(turn)) * 2 * np.pi / mm + at) for turn, at, mm in waves)
        return np.clip(0.5 + 1.4 * np.asarray(sums) / whole, 0, 1)

    return height


def texture_of_picture(grey: Floats, across_mm: float) -> HeightField:
    """A picture (h, w), 0 dark and low to 1 light and high, laid over a square so wide."""
    high, wide = grey.shape

    def height(x: Floats, y: Floats) -> Floats:
        column = np.clip((x / across_mm + 0.5) * (wide - 1), 0, wide - 1)
        row = np.clip((0.5 - y / across_mm) * (high - 1), 0, high - 1)
        left, above = np.floor(column).astype(int), np.floor(row).astype(int)
        right, below = np.minimum(left + 1, wide - 1), np.minimum(above + 1, high - 1)
        u, v = column - left, row - above
        upper = grey[above, left] * (1 - u) + grey[above, right] * u
        return upper * (1 - v) + (grey[below, left] * (1 - u) + grey[below, right] * u) * v

    return height
