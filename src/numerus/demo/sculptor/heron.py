"""The Tolling Heron: a walking bell-tower in the shape of a heron, 120 mm high, in eight parts and a base.

Thin-legged and top-heavy on purpose; its long wings warp, its belfry makes a cup, its beak ends in a blade. Looks
toward -y. A part that receives another is cut by it, a little wider: the joints are sockets of the real shape.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from functools import cache

import numpy as np

from numerus.demo.sculptor import arms, bodies, faces
from numerus.demo.sculptor.gear import bell
from numerus.demo.sculptor.modelling.deforming import displaced
from numerus.demo.sculptor.modelling.patterns import cobbles, planks, rope, shingles
from numerus.demo.sculptor.modelling.shapes import (
    Point,
    Shape,
    box,
    capsule,
    curved,
    cut,
    ellipsoid,
    lathe,
    placed,
    ring,
    soft,
    tube,
    turned,
)

LEAN = turned(about_x_deg=-24)
PLAY = 0.08  # a socket's clearance


def _roomy(shape: Shape) -> Shape:
    """The shape grown by the joint's play, as a tool."""
    field = shape.field
    return replace(
        shape, field=lambda p: field(p) - PLAY, low=shape.low - PLAY, high=shape.high + PLAY, cuts=True, soft=0.01
    )


def receiving(*parts: Sequence[Shape]) -> list[Shape]:
    """Tools that make room for other parts."""
    return [_roomy(s) for part in parts for s in part if not s.cuts]


def _reed(x: float, y: float, dx: float, dy: float, high: float) -> list[Shape]:
    stem = tube(
        [(x, y, 2.2), (x + 0.3 * dx, y + 0.3 * dy, 0.6 * high), (x + dx, y + dy, high)], (0.5, 0.42, 0.32), "feathers"
    )
    if high < 15:
        return [stem]
    return [
        stem,
        capsule((x + dx, y + dy, high - 0.4), (x + 1.1 * dx, y + 1.1 * dy, high + 2.6), 0.85, 0.75, "leather"),
    ]


@cache
def base() -> list[Shape]:
    """A mud-bank of piles and reeds on a disc of 80 mm, cobbled where the quay was."""
    disc = displaced(
        lathe((0, 0, 0), [(0, 40), (0.6, 40), (3.0, 38.8), (3.5, 38.2)], "base"), cobbles(4.6, 7, 2.4), 0.7
    )
    rng = np.random.default_rng(7)
    shapes: list[Shape] = []
    for angle in np.linspace(0.2, 2 * np.pi + 0.2, 9)[:-1]:
        x, y, high = 31 * np.cos(angle), 31 * np.sin(angle), 7 + 7 * rng.random()
        pile = displaced(lathe((x, y, 0), [(2, 2.7), (high - 0.4, 2.4), (high, 2.0)], "wood", turn=turned(*(rng.normal(0, 3, 2)))), planks((0, 0, 1), (0.7, 0.7, 0), 1.6), 0.18)  # fmt: skip
        band = ring((x, y, high - 1.6), (2.5, 2.5), 0.32, "iron")
        shapes += [*soft(0.3, pile), *soft(0.05, band)]
        for _ in range(4):
            at = np.array([x, y]) * 0.98 + rng.normal(0, 3.0, 2)
            at *= min(1.0, 36.5 / np.hypot(*at))
            dx, dy = rng.normal(0, 1.4, 2)
            shapes += soft(0.2, *_reed(at[0], at[1], dx, dy, 11 + 9 * rng.random()))
    slack = curved([(28.5, 12.8, 11.0), (25, 20, 5.2), (14, 27, 4.2), (5.0, 30.6, 9.0)])
    return [disc, *shapes, *soft(0.1, displaced(tube(slack, (0.62,), "rope"), rope((0.7, 0.6, 0.1), 1.5), 0.1)), *receiving(legs())]  # fmt: skip


def _leg(side: float, y: float, knee_y: float) -> list[Shape]:
    """Hip, knee and ankle with pins and rods; three toes before, one behind."""
    hip: Point = (side * 6.0, 4.0, 62.0)
    knee: Point = (side * 8.5, knee_y, 37.0)
    ankle: Point = (side * 9.5, y, 8.6)
    toes = [tube([(ankle[0], y, 6.0), (ankle[0] + 6 * np.sin(a), y - 6 * np.cos(a), 5.4), (ankle[0] + 10.5 * np.sin(a), y - 10.5 * np.cos(a), 4.1), (ankle[0] + 12.6 * np.sin(a), y - 12.6 * np.cos(a), 3.9)], (1.35, 1.25, 0.95, 0.3), "iron") for a in np.radians((-34, 0, 34))]  # fmt: skip
    spur = tube([(ankle[0], y, 6.0), (ankle[0], y + 5.0, 4.6), (ankle[0], y + 7.6, 4.0)], (1.3, 0.9, 0.3), "iron")
    joints = [capsule((x - 2.4, at[1], at[2]), (x + 2.4, at[1], at[2]), r, r, "iron") for at, r in ((knee, 2.7), (ankle, 1.9)) for x in (at[0],)]  # fmt: skip
    pins = [ellipsoid((at[0] + s * (2.7 + r * 0.6), at[1], at[2]), (0.6, 0.9, 0.9), "brass") for at, r in ((knee, 2.0), (ankle, 1.0)) for s in (-1, 1)]  # fmt: skip
    rods = [tube([(hip[0] + side * 0.4, 6.6, 57.5), (knee[0], knee_y + 3.2, 38.6)], (0.72,), "brass"), tube([(knee[0], knee_y + 2.4, 34.6), (ankle[0], y + 2.0, 11.6)], (0.62,), "brass")]  # fmt: skip
    sleeves = [ring(tuple(np.asarray(knee) * (1 - t) + np.asarray(to) * t), (r, r), 0.5, "iron", turned(lean)) for to, ts, lean in ((hip, (0.3, 0.55, 0.8), -10), (ankle, (0.3, 0.6, 0.85), 12)) for t, r in zip(ts, (1.9, 2.0, 2.2) if to is hip else (1.5, 1.4, 1.3), strict=True)]  # fmt: skip
    return [
        *soft(0.3, tube([hip, knee], (2.5, 1.7), "iron"), tube([knee, ankle], (1.6, 1.2), "iron"), tube([ankle, (ankle[0], y, 6.0)], (1.4, 1.6), "iron")),
        *soft(0.2, *joints, *toes, spur), *soft(0.06, *pins, *rods, *sleeves),
    ]  # fmt: skip


@cache
def legs() -> list[Shape]:
    hips = capsule((-6.2, 4, 62), (6.2, 4, 62), 3.3, 3.3, "iron")
    caps = [ring((s * 7.4, 4, 62), (2.2, 2.2), 0.6, "brass", turned(0, 90)) for s in (-1, 1)]
    return [*_leg(1, -9.0, 8.0), *_leg(-1, 9.0, 14.0), *soft(0.3, hips), *soft(0.05, *caps)]


def _nails() -> list[Shape]:
    """Round-headed nails along the hull's hoops."""
    turn, shapes = turned(66), []
    for centre, (a, b) in (((0, 12.0, 69.5), (13.0, 13.8)), ((0, 18.0, 66.6), (10.2, 10.9))):
        for angle in np.arange(16) * np.pi / 8:
            at = np.asarray(centre) + turn @ np.array([a * np.cos(angle), b * np.sin(angle), 0])
            shapes.append(ellipsoid(tuple(at), (0.75, 0.75, 0.75), "brass"))
    return shapes


@cache
def body() -> list[Shape]:
    """The planked hull with its open belfry in the breast, hooped, with a tail of boards."""
    grain = planks((0, 0.94, -0.34), (0, 0.34, 0.94), 3.3)
    hull = displaced(ellipsoid((0, 3.5, 73.0), (14.0, 21.0, 14.5), "wood", LEAN), grain, 0.34)
    deck = box((0, 9.0, 91.0), (9.3, 8.8, 5.0), 0.1, "wood")  # nothing of the hull stands above the stage on it
    room = [deck, box((0, -11.5, 75.0), (7.2, 9.5, 9.2), 2.0, "wood"), box((0, -6, 76), (5.5, 12, 7.5), 2.0, "wood")]
    arch = [tube(curved([(s * 7.9, -14.0, 66.4), (s * 8.0, -14.2, 74.0), (s * 7.4, -13.6, 81.0), (s * 3.6, -13.2, 84.6), (0, -13.1, 85.6)]), (1.3, 1.1), "iron") for s in (-1, 1)]  # fmt: skip
    keystone = [box((0, -13.8, 85.6), (1.3, 1.0, 1.7), 0.4, "brass")]
    rail = [capsule((-7.6, -15.4, 69.6), (7.6, -15.4, 69.6), 0.5, 0.5, "wood"), *[lathe((x, -15.3, 66.0), [(0, 0.5), (1.0, 0.75), (2.0, 0.42), (3.6, 0.55)], "wood") for x in np.arange(-6, 6.1, 2.0)]]  # fmt: skip
    sill = box((0, -13.4, 65.6), (9.6, 2.6, 0.9), 0.3, "wood")
    tail = [displaced(box((s * 3.3, 26.0 - 1.2 * abs(s), 61.6 - 0.9 * abs(s)), (2.4, 7.2, 0.8), 0.3, "feathers", turned(-32, 0, -8 * s)), planks((0, 0.85, -0.5), (1, 0, 0), 1.6), 0.16) for s in (-2, -1, 0, 1, 2)]  # fmt: skip
    hoops = [ring((0, 12.0, 69.5), (12.6, 13.4), 0.8, "iron", turned(66)), ring((0, 18.0, 66.6), (9.8, 10.5), 0.7, "iron", turned(66))]  # fmt: skip
    lashing = displaced(ring((0, -9.0, 80.0), (5.6, 4.0), 0.7, "rope", turned(-20)), rope((1, 0.4, 0.2), 1.6), 0.12)
    mooring = [displaced(tube(curved([(s * 12.6, 10, 68.5), (s * 14.6, 9.5, 62.0), (s * 13.8, 12.0, 57.6), (s * 11.2, 15.0, 60.4), (s * 9.8, 17.5, 63.6)]), (0.66,), "rope"), rope((0.2, 0.6, 0.8), 1.5), 0.1) for s in (-1, 1)]  # fmt: skip
    return [
        cut(hull, *room), *soft(0.25, *arch, sill), *soft(0.1, *rail, *keystone, *tail), *soft(0.08, *hoops, *_nails()),
        *soft(0.1, lashing, *mooring), *receiving(legs(), great_bell(), wing(1.0), wing(-1.0), neck(), stage()),
    ]  # fmt: skip


@cache
def great_bell() -> list[Shape]:
    """The bell on its beam, with the wheel that rings it."""
    beam = displaced(box((0, -9.0, 83.2), (7.6, 1.1, 1.1), 0.3, "wood"), planks((1, 0, 0), (0, 0, 1), 1.6), 0.1)
    straps = [box((s * 2.2, -9.0, 82.6), (0.5, 1.35, 1.9), 0.2, "iron") for s in (-1, 1)]
    bolts = [ellipsoid((s * 2.2, -10.45, 83.2), (0.42, 0.3, 0.42), "brass") for s in (-1, 1)]
    return [*soft(0.1, beam), *soft(0.05, *straps, *bolts), *bell((0, -9.0, 81.3), 12.0)]


@cache
def wing(side: float) -> list[Shape]:
    """Half lifted: a spar of iron, rows of shingles, long boards for pinions."""
    turn = turned(about_y_deg=-side * 26, about_x_deg=-14)
    slab = displaced(ellipsoid((side * 17.5, 8.0, 80.0), (2.0, 19.5, 12.0), "feathers", turn), shingles((0, 0.45, -0.89), (0, 0.89, 0.45), 3.3, 2.5), 0.46)  # fmt: skip
    pinions = [displaced(tube([(side * 18.2, 13.0 + 2.2 * i, 76.0 - 2.0 * i), (side * (19.6 + 0.3 * i), 23.0 + 1.4 * i, 71.2 - 2.6 * i), (side * (20.6 + 0.5 * i), 31.0 + 0.5 * i, 67.2 - 3.2 * i)], (1.7, 1.4, 0.55), "feathers"), planks((0, 0.93, -0.35), (0, 0.35, 0.93), 1.1), 0.12) for i in range(5)]  # fmt: skip
    strut = tube(
        [(side * 12.0, 2.0, 76.0), (side * 15.5, 3.4, 80.0), (side * 18.2, 6.0, 84.4)], (1.5, 1.3, 1.0), "iron"
    )
    spar = tube(curved([(side * 18.0, -11.0, 82.6), (side * 19.6, 2.0, 89.0), (side * 21.0, 14.0, 90.2), (side * 21.6, 22.0, 86.6)]), (1.2, 1.1, 0.6), "iron")  # fmt: skip
    rivets = [ellipsoid(at, (1.0, 1.0, 1.0), "brass") for at in curved([(side * 18.3, -9.0, 84.0), (side * 20.0, 4.0, 89.6), (side * 21.2, 15.0, 90.1)], 3)]  # fmt: skip
    return [slab, *soft(0.15, *pinions), *soft(0.25, strut), *soft(0.15, spar), *soft(0.06, *rivets)]


def _neck_curve() -> list[Point]:
    t = np.linspace(0, 1, 19)
    y = -15.5 - 9.0 * np.sin(t * np.pi * 1.15) + 3.0 * t
    z = 83.0 + 26.0 * t
    return [(0.0, float(a), float(b)) for a, b in zip(y, z, strict=True)]


@cache
def neck() -> list[Shape]:
    """Stacked rings on a spine, every third of brass with studs."""
    curve, rings = _neck_curve(), []
    for i, (at, after) in enumerate(zip(curve[:-1], curve[1:], strict=True)):
        lean = turned(-np.degrees(np.arctan2(after[1] - at[1], after[2] - at[2])))
        r = 3.6 - 0.085 * i
        rings += soft(0.04, ring(at, (r * 0.64, r * 0.64), r * 0.34, "brass" if i % 3 == 0 else "iron", lean))
        if i % 3 == 0:
            rings += soft(0.04, *[ellipsoid(tuple(np.asarray(at) + lean @ np.array([r * 0.96 * np.cos(a), r * 0.96 * np.sin(a), 0])), (0.4, 0.4, 0.4), "iron") for a in np.arange(6) * 1.047])  # fmt: skip
    spine = tube(curve, (2.3, 1.5), "iron")
    foot = [tube([(0, -14.2, 81.8), curve[0]], (2.6, 2.6), "wood"), ring((0, -13.6, 81.4), (2.6, 2.6), 0.7, "iron", turned(-50))]  # fmt: skip
    return [*soft(0.2, spine, *foot), *rings]


@cache
def head() -> list[Shape]:
    """Planked skull, lantern eyes, a crest of boards and a beak drawn out to a blade."""
    _, y, z = _neck_curve()[-1]
    skull = displaced(ellipsoid((0, y - 2.0, z + 2.0), (3.9, 6.2, 4.2), "wood", turned(8)), planks((0, 0.96, -0.2), (0, 0.2, 0.96), 1.9), 0.14)  # fmt: skip
    upper = tube([(0, y - 6, z + 1.9), (0, y - 14, z + 0.6), (0, y - 21, z - 1.2), (0, y - 25.5, z - 2.6)], (2.1, 1.3, 0.7, 0.18), "iron")  # fmt: skip
    lower = tube([(0, y - 5.5, z + 0.4), (0, y - 13, z - 1.4), (0, y - 21, z - 3.0)], (1.4, 0.9, 0.28), "iron")
    ridge = box((0, y - 13.5, z + 1.5), (0.35, 7.0, 0.5), 0.15, "brass", turned(13))
    eyes = [s for side in (-1, 1) for s in (
        *soft(0.04, ring((side * 3.6, y - 3.6, z + 3.0), (1.75, 1.75), 0.5, "brass", turned(0, 90))),
        *soft(0.03, ellipsoid((side * 3.5, y - 3.6, z + 3.0), (1.3, 1.55, 1.55), "glass")),
        *soft(0.03, *[tube([(side * 4.9, y - 3.6 + 1.7 * np.cos(a), z + 3.0 + 1.7 * np.sin(a)), (side * 5.0, y - 3.6, z + 3.0), (side * 4.9, y - 3.6 - 1.7 * np.cos(a), z + 3.0 - 1.7 * np.sin(a))], (0.26,), "brass") for a in (0.4, 1.97)]),
    )]  # fmt: skip
    crest = [displaced(tube([(s * 0.4, y + 0.5, z + 5.0), (s * 1.2, y + 6.5, z + 7.4 - 0.8 * abs(s)), (s * 2.0, y + 13 + 2 * abs(s), z + 7.6 - 2.2 * abs(s))], (1.1, 1.0, 0.4), "feathers"), planks((0, 1, 0.1), (1, 0, 0), 0.9), 0.1) for s in (-1.5, -0.5, 0.5, 1.5)]  # fmt: skip
    collar = ring((0, y, z - 1.2), (2.4, 2.4), 0.7, "iron")
    return [skull, *soft(0.2, upper, lower), *soft(0.06, ridge, collar), *eyes, *soft(0.1, *crest), *receiving(neck())]


def watchman() -> list[Shape]:
    """A hooded watchman with his horn, one solid, his soles on z = 3."""
    pieces = (bodies.legs("braced"), bodies.torso("coat"), faces.head_hood(), arms.arm_L_horn(), arms.arm_R_cudgel())
    return [s for piece in pieces for s in piece if not s.cuts]


@cache
def stage() -> list[Shape]:
    """The railed stage on the back."""
    floor = displaced(box((0, 9.0, 87.0), (9.5, 9.0, 1.1), 0.4, "wood"), planks((0, 1, 0), (1, 0, 0), 2.4), 0.2)
    foot = tube([(0, 8.0, 82.6), (0, 8.5, 86.5)], (6.0, 4.5), "wood")
    corners = [(sx * 8.7, 9.0 + sy * 8.2) for sx in (-1, 1) for sy in (-1, 1)]
    posts = [s for x, y in corners for s in (capsule((x, y, 86.5), (x, y, 95.0), 0.8, 0.7, "iron"), ellipsoid((x, y, 95.9), (1.05, 1.05, 1.05), "brass"))]  # fmt: skip
    ends = [(corners[0], corners[1]), (corners[1], corners[3]), (corners[3], corners[2])]
    rails = [displaced(tube(curved([(a[0], a[1], h), ((a[0] + b[0]) / 2, (a[1] + b[1]) / 2, h - 0.9), (b[0], b[1], h)]), (0.55,), "rope"), rope((0.6, 0.6, 0.2), 1.3), 0.08) for a, b in ends for h in (91.2, 94.4)]  # fmt: skip
    braces = [tube([(x, y, 86.0), (x * 0.45, 9.0 + (y - 9) * 0.4, 82.8)], (0.8, 0.9), "wood") for x, y in corners]
    return [*soft(0.2, foot, floor, *braces), *soft(0.06, *posts, *rails)]


def platform() -> list[Shape]:
    """The stage with the watchman on it, looking back along the way."""
    return [*stage(), *placed(watchman(), (0, 9.2, 87.9 - bodies.BASE_Z), turned(about_z_deg=180))]


def parts() -> dict[str, tuple[list[Shape], float, int]]:
    """File name -> shapes, cell in mm, face budget."""
    return {
        "heron_base": (base(), 0.28, 40000), "heron_legs": (legs(), 0.2, 34000), "heron_body": (body(), 0.22, 60000),
        "heron_bell": (great_bell(), 0.18, 18000), "heron_wing_L": (wing(1.0), 0.2, 36000),
        "heron_wing_R": (wing(-1.0), 0.2, 36000), "heron_neck": (neck(), 0.16, 30000), "heron_head": (head(), 0.16, 28000),
        "heron_platform": (platform(), 0.16, 60000),
    }  # fmt: skip
