"""The Tolling Heron: a walking bell-tower in the shape of a heron, 120 mm high, in nine parts.

Thin-legged and top-heavy on purpose; its long wings warp and its belfry makes a cup. Looks toward -y.
"""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.shapes import (
    Point,
    Shape,
    box,
    capsule,
    cut,
    displaced,
    ellipsoid,
    lathe,
    path,
    ring,
    turned,
)
from numerus.demo.sculptor.wickmen import bell, cobbles, lantern
from numerus.geometry.mesh import Floats

LEAN = turned(about_x_deg=-24)


def planks(p: Floats) -> Floats:
    """Boards running along the body: a groove every 3.2 mm of height."""
    t = (p[:, 2] + 0.35 * p[:, 1]) / 3.2
    return np.where(np.abs(t - np.round(t)) < 0.1, -1.0, 0.0) + 0.15 * np.sin(p[:, 1] * 2.1 + 5 * np.round(t))


def shingles(p: Floats) -> Floats:
    """Overlapping rows that step outward toward their lower edge."""
    t = (p[:, 2] * 0.8 - p[:, 1] * 0.5) / 3.4
    row = np.floor(t)
    along = p[:, 1] * 0.55 + 0.5 * row
    gap = np.abs(along / 2.4 - np.round(along / 2.4)) < 0.09
    return (1 - (t - row)) - 0.9 * gap


def base() -> list[Shape]:
    disc = displaced(lathe((0, 0, 0), [(0, 40), (0.8, 40), (3.2, 38.6), (3.6, 38.0)], "base"), cobbles, 0.3)
    rng = np.random.default_rng(7)
    piles: list[Shape] = []
    for angle in np.linspace(0, 2 * np.pi, 9)[:-1]:
        x, y = 31 * np.cos(angle), 31 * np.sin(angle)
        piles.append(lathe((x, y, 0), [(2, 2.6), (6 + 5 * rng.random(), 2.3)], "wood"))
        for _ in range(3):
            dx, dy = rng.normal(0, 2.6, 2)
            tip: Point = (x + dx * 1.7, y + dy * 1.7, 13 + 8 * rng.random())
            piles.append(capsule((x + dx, y + dy, 2.5), tip, 0.62, 0.45, "rope"))
    return [disc, *piles]


def _leg(side: float, y: float, knee_y: float) -> list[Shape]:
    hip: Point = (side * 6.0, 4.0, 62.0)
    knee: Point = (side * 8.5, knee_y, 37.0)
    ankle: Point = (side * 9.5, y, 8.0)
    toes = [s for spread in (-32, 0, 32) for s in path([(ankle[0], y, 5.2), (ankle[0] + 6 * np.sin(np.radians(spread)), y - 6 * np.cos(np.radians(spread)), 4.9), (ankle[0] + 10 * np.sin(np.radians(spread)), y - 10 * np.cos(np.radians(spread)), 3.9)], (1.3, 0.7), "iron")]  # fmt: skip
    rivets = [ellipsoid((knee[0] + side * 2.2, knee_y, 37.0 + dz), (0.6, 0.7, 0.7), "brass") for dz in (-1.2, 1.2)]
    rods = [capsule((hip[0], 5.6, 58), (knee[0], knee_y + 2.6, 38.5), 0.7, 0.7, "brass")]
    return [
        capsule(hip, knee, 2.6, 1.7, "iron"),
        ellipsoid(knee, (2.5, 2.9, 3.0), "iron"),
        capsule(knee, ankle, 1.6, 1.3, "iron"),
        ellipsoid(ankle, (1.9, 2.1, 2.3), "iron"),
        capsule(ankle, (ankle[0], y, 5.2), 1.5, 1.7, "iron"),
        capsule((ankle[0], y, 5.4), (ankle[0], y + 5.5, 4.1), 1.2, 0.7, "iron"),
        *toes, *rivets, *rods,
    ]  # fmt: skip


def legs() -> list[Shape]:
    hips = capsule((-6, 4, 62), (6, 4, 62), 3.2, 3.2, "iron")
    return [*_leg(1, -9.0, 8.0), *_leg(-1, 9.0, 14.0), hips]


def body() -> list[Shape]:
    hull = displaced(ellipsoid((0, 3.5, 73.0), (14.0, 21.0, 14.5), "wood", LEAN), planks, 0.3)
    room = [box((0, -11.5, 75.0), (7.2, 9.5, 9.2), 2.0, "wood"), box((0, -6, 76), (5.5, 12, 7.5), 2.0, "wood")]
    arch = [capsule((s * 7.8, -14.0, 67.0), (s * 7.8, -13.4, 82.5), 1.25, 1.25, "iron") for s in (-1, 1)]
    lintel = capsule((-7.8, -13.4, 83.2), (7.8, -13.4, 83.2), 1.4, 1.4, "iron")
    sill = box((0, -13.2, 65.8), (9.4, 2.2, 0.9), 0.3, "wood")
    tail = [
        box((s * 3.4, 25.5, 62.0 - abs(s)), (2.6, 6.4, 0.75), 0.4, "feathers", turned(-32, 0, -7 * s))
        for s in (-1, 0, 1)
    ]
    hoops = [ring((0, 12.0, 69.5), (12.6, 13.4), 0.75, "iron", turned(66))]
    return [cut(hull, *room), *arch, lintel, sill, *tail, *hoops]


def great_bell() -> list[Shape]:
    beam = capsule((-6.4, -9.0, 82.6), (6.4, -9.0, 82.6), 1.1, 1.1, "wood")
    return [beam, *bell((0, -9.0, 81.2), 11.5)]


def _wing(side: float) -> list[Shape]:
    turn = turned(about_y_deg=-side * 26, about_x_deg=-14)
    slab = ellipsoid((side * 17.5, 8.0, 80.0), (1.9, 19.0, 11.5), "feathers", turn)
    tips = [capsule((side * 18.6, 16.0 + 2.2 * i, 75.0 - 1.7 * i), (side * (20.0 + 0.4 * i), 27.0 + 1.6 * i, 69.5 - 3.0 * i), 1.35, 0.7, "feathers") for i in range(4)]  # fmt: skip
    strut = capsule((side * 12.6, 2.0, 76.0), (side * 18.0, 6.0, 84.0), 1.3, 1.0, "iron")
    spar = capsule((side * 18.5, -9.0, 84.0), (side * 21.0, 20.0, 88.5), 1.1, 0.7, "iron")
    return [displaced(slab, shingles, 0.42), *tips, strut, spar]


def wing_left() -> list[Shape]:
    return _wing(1.0)


def wing_right() -> list[Shape]:
    return _wing(-1.0)


def _neck_curve() -> list[Point]:
    t = np.linspace(0, 1, 15)
    y = -15.5 - 9.0 * np.sin(t * np.pi * 1.15) + 3.0 * t
    z = 83.0 + 26.0 * t
    return [(0.0, float(a), float(b)) for a, b in zip(y, z, strict=True)]


def neck() -> list[Shape]:
    curve = _neck_curve()
    rings = []
    for i, (at, after) in enumerate(zip(curve[:-1], curve[1:], strict=True)):
        lean = np.degrees(np.arctan2(after[1] - at[1], after[2] - at[2]))
        r = 3.5 - 0.1 * i
        rings.append(ring(at, (r * 0.62, r * 0.62), r * 0.42, "iron" if i % 3 else "brass", turned(-lean)))
    spine = path(curve, (2.3, 1.6), "iron")
    return [capsule((0, -11.0, 80.0), curve[0], 3.4, 2.6, "wood"), *spine, *rings]


def head() -> list[Shape]:
    _, y, z = _neck_curve()[-1]
    skull = ellipsoid((0, y - 2.0, z + 2.0), (3.9, 6.0, 4.2), "wood", turned(8))
    beak = path([(0, y - 6, z + 1.8), (0, y - 14, z + 0.4), (0, y - 24, z - 2.2)], (2.1, 0.3), "iron")
    lower = path([(0, y - 5.5, z + 0.4), (0, y - 13, z - 1.2), (0, y - 20, z - 2.6)], (1.4, 0.35), "iron")
    eyes = [s for side in (-1, 1) for s in (ring((side * 3.7, y - 3.6, z + 3.0), (1.6, 1.6), 0.55, "brass", turned(0, 90)), ellipsoid((side * 3.6, y - 3.6, z + 3.0), (1.1, 1.4, 1.4), "glass"))]  # fmt: skip
    crest = [
        capsule((0, y + 1, z + 5.0), (s * 1.6, y + 12 + 2 * abs(s), z + 7.5 - 2.0 * abs(s)), 1.0, 0.45, "feathers")
        for s in (-1, 0, 1)
    ]
    return [skull, *beak, *lower, *eyes, *crest]


def platform() -> list[Shape]:
    """A railed watchman's stage with a pointed lantern roof on the back."""
    floor = displaced(box((0, 9.0, 87.0), (8.5, 8.5, 1.1), 0.4, "wood"), planks, 0.15)
    foot = capsule((0, 8.0, 83.0), (0, 8.5, 86.5), 6.0, 4.5, "wood")
    corners = [(sx * 7.5, 9.0 + sy * 7.5) for sx in (-1, 1) for sy in (-1, 1)]
    posts = [capsule((x, y, 87), (x, y, 94.5), 0.75, 0.65, "iron") for x, y in corners]
    rails = [s for h in (91.0, 94.2) for s in (
        capsule((-7.5, 16.5, h), (7.5, 16.5, h), 0.55, 0.55, "iron"), capsule((-7.5, 1.5, h), (-7.5, 16.5, h), 0.55, 0.55, "iron"),
        capsule((7.5, 1.5, h), (7.5, 16.5, h), 0.55, 0.55, "iron"))]  # fmt: skip
    return [floor, foot, *posts, *rails, *lantern((0, 9.0, 88.0), 3.4, 11.0)]


def parts() -> dict[str, tuple[list[Shape], float, int]]:
    coarse = 0.34
    return {
        "heron_base": (base(), 0.45, 14000),
        "heron_legs": (legs(), coarse, 14000),
        "heron_body": (body(), coarse, 26000),
        "heron_bell": (great_bell(), 0.26, 9000),
        "heron_wing_L": (wing_left(), 0.3, 18000),
        "heron_wing_R": (wing_right(), 0.3, 18000),
        "heron_neck": (neck(), 0.26, 14000),
        "heron_head": (head(), 0.26, 12000),
        "heron_platform": (platform(), 0.3, 16000),
    }
