"""The Wickmen: night-watchmen in long belted coats, as modular parts in assembled coordinates.

Millimetres; the figure looks toward -y, stands at the origin, the base's top is z = 3, eyes at about z = 31.
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
from numerus.geometry.mesh import Floats

SHOULDER_Z, NECK_Z, BELT_Z = 24.6, 27.0, 16.2


def cobbles(p: Floats) -> Floats:
    """Staggered round stones seen from above, -1..1; only the top side is raised."""
    row = np.floor(p[:, 1] / 2.6)
    x = p[:, 0] / 3.1 + 0.5 * (row % 2)
    u, v = x - np.floor(x) - 0.5, p[:, 1] / 2.6 - row - 0.5
    return np.where(p[:, 2] > 1.6, 1 - 2.6 * np.maximum(np.abs(u), np.abs(v)) ** 2 * 2, 0)


def base(radius: float = 14.25) -> list[Shape]:
    disc = lathe((0, 0, 0), [(0, radius), (0.6, radius), (2.6, radius - 0.9), (3.0, radius - 1.4)], "base")
    return [displaced(disc, cobbles, 0.28)]


def _boot(x: float, y: float, toe_deg: float) -> list[Shape]:
    turn = turned(about_z_deg=toe_deg)
    toe = np.array([0, -2.6, 0]) @ turn.T
    knee: Point = (x * 0.72, y * 0.5 - 0.2, 10.5)
    return [
        ellipsoid((x + toe[0] * 0.55, y + toe[1] * 0.55, 3.9), (1.35, 2.5, 1.15), "boots", turn),
        box((x + toe[0] * 0.4, y + toe[1] * 0.4, 3.2), (1.45, 2.6, 0.35), 0.3, "boots", turn),
        capsule((x, y + 0.2, 4.2), (x * 0.95, y, 7.6), 1.45, 1.75, "boots"),
        ring((x * 0.94, y, 8.0), (1.75, 1.75), 0.42, "leather"),
        capsule((x * 0.95, y, 7.6), knee, 1.5, 1.8, "coat"),
        capsule(knee, (x * 0.5, 0.2, 15.0), 1.9, 2.3, "coat"),
    ]


def legs(stride: float = 0.0) -> list[Shape]:
    """Two booted legs; ``stride`` mm sets one foot before the other."""
    peg = capsule((0, 0.2, 14.6), (0, 0.2, 16.6), 1.7, 1.2, "coat")
    return [*_boot(2.7, -stride, 12), *_boot(-2.7, stride, -14), peg]


def _belt() -> list[Shape]:
    pouch = box((-3.6, -3.0, 14.6), (1.2, 0.9, 1.5), 0.35, "leather", turned(about_z_deg=-35))
    flap = box((-3.75, -3.25, 15.4), (1.3, 0.85, 0.7), 0.3, "leather", turned(about_z_deg=-35))
    buckle = cut(
        box((0, -4.25, BELT_Z), (1.15, 0.45, 1.0), 0.2, "brass"), box((0, -4.6, BELT_Z), (0.6, 0.4, 0.5), 0.1, "brass")
    )
    keys = [capsule((3.9, -2.3, 15.6 - i * 0.2), (4.2 + i * 0.5, -2.7, 13.0), 0.28, 0.34, "iron") for i in range(2)]
    return [ring((0, 0, BELT_Z), (4.25, 3.75), 0.72, "leather"), pouch, flap, buckle, *keys]


def torso(open_coat: bool = True) -> list[Shape]:
    """The coat from collar to hem with cape, belt, buttons and turned-up collar."""
    hem = lathe((0, 0.2, 0), [(5.2, 7.0), (9, 5.9), (13, 4.75), (16.4, 4.1)], "coat", 0.86, (8, 0.085, 0.9))
    inside = lathe((0, 0.2, 0), [(4.0, 6.2), (8.5, 4.9), (12.5, 3.4), (14.5, 1.6)], "coat", 0.84)
    slit = box((0.3, -6.2, 7.2), (0.45, 3.4, 5.4), 0.2, "coat", turned(about_x_deg=8))
    chest = ellipsoid((0, 0, 20.6), (5.1, 3.9, 5.6), "coat")
    shoulders = capsule((-3.5, 0.2, SHOULDER_Z - 0.6), (3.5, 0.2, SHOULDER_Z - 0.6), 2.25, 2.25, "coat")
    cape = lathe((0, 0.3, 0), [(18.6, 7.3), (21.5, 6.6), (24.2, 5.0), (26.3, 2.9)], "coat", 0.78, (9, 0.055, 0.3))
    hollow = lathe((0, 0.3, 0), [(17.6, 6.7), (20.8, 6.0), (23.6, 4.3), (25.0, 2.6)], "coat", 0.76)
    arm_room = [lathe((s * 5.6, -2.2, 0), [(17.0, 2.2), (22.0, 2.3), (24.0, 1.6)], "coat") for s in (-1, 1)]
    collar = cut(
        lathe((0, 0.35, 0), [(25.2, 2.7), (26.6, 2.9), (28.4, 3.5)], "coat", 0.92),
        lathe((0, 0.35, 0), [(25.9, 1.9), (26.6, 2.2), (28.6, 2.95)], "coat", 0.92),
        box((0, -3.6, 28.0), (1.0, 2.2, 2.2), 0.3, "coat", turned(about_y_deg=0)),
    )
    buttons = [
        ellipsoid((s * 1.35, -3.95 + 0.1 * abs(i - 1), 17.9 + i * 1.5), (0.45, 0.32, 0.45), "brass")
        for i in range(3)
        for s in (-1, 1)
    ]
    lapel = capsule((0.0, -4.05, 16.8), (0.0, -3.5, 23.0), 0.42, 0.5, "coat")
    tools = [inside, slit] if open_coat else [inside]
    return [cut(hem, *tools), chest, shoulders, cut(cape, hollow, *arm_room), collar, lapel, *buttons, *_belt()]


def _face() -> list[Shape]:
    z = NECK_Z + 3.2
    eyes = [ellipsoid((s * 0.82, -2.02, z + 0.55), (0.42, 0.34, 0.3), "skin") for s in (-1, 1)]
    sockets = [ellipsoid((s * 0.85, -2.35, z + 0.5), (0.66, 0.5, 0.48), "skin") for s in (-1, 1)]
    skull = cut(ellipsoid((0, 0, z + 0.3), (2.15, 2.35, 2.75), "skin"), *sockets)
    brow = [capsule((s * 0.25, -2.2, z + 1.05), (s * 1.55, -1.75, z + 1.15), 0.36, 0.28, "skin") for s in (-1, 1)]
    cheeks = [ellipsoid((s * 1.15, -1.65, z - 0.35), (0.75, 0.7, 0.65), "skin") for s in (-1, 1)]
    nose = [capsule((0, -2.2, z + 0.7), (0, -2.85, z - 0.3), 0.28, 0.52, "skin")]
    mouth = [capsule((-0.7, -1.95, z - 1.45), (0.7, -1.95, z - 1.45), 0.3, 0.3, "skin")]
    jaw = [ellipsoid((0, -0.75, z - 1.6), (1.6, 1.55, 1.3), "skin")]
    ears = [ellipsoid((s * 2.2, 0.1, z + 0.1), (0.35, 0.65, 0.85), "skin") for s in (-1, 1)]
    neck = [capsule((0, 0.3, 25.6), (0, 0.1, z - 1), 1.45, 1.5, "skin")]
    return [skull, *eyes, *brow, *cheeks, *nose, *mouth, *jaw, *ears, *neck]


def _whiskers() -> list[Shape]:
    z = NECK_Z + 3.2
    return [
        s
        for side in (-1, 1)
        for s in path(
            [(0.1 * side, -2.5, z - 0.95), (side * 1.0, -2.3, z - 1.25), (side * 1.9, -1.5, z - 0.9)],
            (0.42, 0.2),
            "rope",
        )
    ]


def head_hat() -> list[Shape]:
    z = NECK_Z + 5.0
    brim = displaced(
        ellipsoid((0, 0, z), (4.9, 4.9, 0.62), "hat", turned(about_x_deg=-6)),
        lambda p: np.sin(2 * np.arctan2(p[:, 1], p[:, 0])),
        0.12,
    )
    crown = lathe((0, 0.1, z), [(-0.5, 2.55), (0.6, 2.45), (2.6, 2.2), (3.3, 1.9), (3.6, 1.2)], "hat")
    band = ring((0, 0.1, z + 0.75), (2.5, 2.5), 0.34, "leather")
    candle = [
        capsule((0, 0.1, z + 3.2), (0, 0.1, z + 5.0), 0.62, 0.55, "wax"),
        capsule((0, 0.1, z + 5.0), (0.15, 0.1, z + 6.6), 0.5, 0.2, "glass"),
    ]
    return [*_face(), *_whiskers(), brim, crown, band, *candle]


def head_hood() -> list[Shape]:
    z = NECK_Z + 3.4
    hood = cut(
        ellipsoid((0, 0.5, z + 0.3), (3.3, 3.5, 3.9), "coat"),
        ellipsoid((0, -1.8, z - 0.1), (2.35, 3.0, 3.0), "coat"),
    )
    tip = capsule((0, 2.2, z + 2.6), (0, 4.6, z + 1.2), 1.3, 0.5, "coat")
    mantle = lathe((0, 0.3, 25.0), [(0, 3.6), (1.2, 3.2), (2.6, 2.5)], "coat", 0.9, (7, 0.05, 0))
    return [*_face(), hood, tip, mantle]


def head_scarf() -> list[Shape]:
    z = NECK_Z + 3.2
    hair = cut(
        ellipsoid((0, 0.35, z + 1.0), (2.4, 2.5, 2.5), "hat"), ellipsoid((0, -2.4, z - 0.4), (2.4, 2.0, 2.2), "hat")
    )
    wraps = [
        ring((0, 0.2, 26.3 + i * 0.9), (2.75 - 0.2 * i, 2.6 - 0.2 * i), 0.75, "scarf", turned(8 * i - 8, 5 - 9 * i))
        for i in range(3)
    ]
    tail = path([(1.2, 2.4, 26.6), (1.9, 3.6, 24.4), (1.6, 4.1, 21.4)], (0.85, 0.7), "scarf")
    cap = lathe((0, 0.2, z + 1.6), [(0, 2.55), (0.9, 2.5), (1.7, 1.9), (2.1, 0.9)], "hat")
    return [*_face(), hair, cap, *wraps, *tail]


def _hand(at: Point, grip_z: float = 1.0) -> list[Shape]:
    """A fist about a vertical bar at ``at``: palm, four fingers round the front, thumb across."""
    x, y, z = at
    palm = ellipsoid((x, y + 0.75, z), (1.15, 0.8, 1.45), "skin")
    fingers = [
        s for i in range(4) for s in path([(x - 0.95, y + 0.35, z + 0.95 - 0.62 * i), (x - 0.8, y - 0.75, z + 0.98 - 0.62 * i), (x + 0.45, y - 0.95, z + 0.9 - 0.62 * i)], (0.38, 0.34), "skin")
    ]  # fmt: skip
    thumb = path(
        [(x + 0.9, y + 0.3, z + 0.7), (x + 0.85, y - 0.6, z + 1.15 * grip_z), (x, y - 1.05, z + 1.2 * grip_z)],
        (0.42, 0.36),
        "skin",
    )
    return [palm, *fingers, *thumb]


def _sleeve(shoulder: Point, elbow: Point, wrist: Point) -> list[Shape]:
    e, w = np.array(elbow), np.array(wrist)
    cuff = tuple(w - (w - e) * 0.12)
    return [
        capsule(shoulder, elbow, 2.05, 1.7, "coat"),
        capsule(elbow, wrist, 1.75, 1.45, "coat"),
        capsule(tuple(w - (w - e) * 0.38), cuff, 1.95, 1.9, "coat"),  # type: ignore[arg-type]
        ellipsoid(tuple((np.array(shoulder) + e) / 2 + [0, -0.4, 0]), (1.9, 1.9, 1.2), "coat"),  # type: ignore[arg-type]
    ]


def _pole(x: float, y: float, top: float) -> list[Shape]:
    knots = [ring((x, y, z), (0.62, 0.62), 0.3, "iron") for z in (5.2, top - 4.2, top - 1.6)]
    return [capsule((x, y, 3.4), (x, y, top), 0.62, 0.6, "wood"), *knots]


def bell(centre: Point, size: float, zone: str = "brass") -> list[Shape]:
    """A hanging bell ``size`` mm high below ``centre``, with its clapper."""
    x, y, z = centre
    profile = [(-1.0, 0.62), (-0.92, 0.6), (-0.7, 0.46), (-0.35, 0.36), (-0.1, 0.28), (0.0, 0.14)]
    inner = [(-1.1, 0.5), (-0.9, 0.48), (-0.7, 0.34), (-0.35, 0.24), (-0.22, 0.1)]
    outer = lathe(centre, [(a * size, r * size) for a, r in profile], zone)
    cavity = lathe(centre, [(a * size, r * size) for a, r in inner], zone)
    clapper = capsule((x, y, z - 0.2 * size), (x, y, z - 1.02 * size), 0.1 * size, 0.16 * size, "iron")
    return [
        cut(outer, cavity),
        clapper,
        ring((x, y, z + 0.12 * size), (0.12 * size, 0.12 * size), 0.07 * size, "iron", turned(90)),
    ]


HAND_R: Point = (-8.2, -3.4, 21.0)
HAND_L: Point = (8.0, -3.6, 17.2)


def right_arm_snuffer() -> list[Shape]:
    """The long pole with the snuffer's bell at its bent top."""
    x, y, _ = HAND_R
    hook = path(
        [(x, y, 39.0), (x - 0.1, y - 0.6, 41.2), (x - 0.3, y - 2.4, 42.2), (x - 0.4, y - 3.9, 41.2)], (0.6, 0.5), "iron"
    )
    arm = _sleeve((-5.0, 0.2, 23.6), (-8.0, 1.6, 19.6), (-8.1, -1.6, 20.9))
    return [*arm, *_hand(HAND_R), *_pole(x, y, 39.0), *hook, *bell((x - 0.4, y - 3.9, 41.0), 4.2, "iron")]


def right_arm_hook() -> list[Shape]:
    """The boat-hook: a spike and a curl of iron."""
    x, y, _ = HAND_R
    spike = capsule((x, y, 36.0), (x, y, 40.6), 0.75, 0.32, "iron")
    curl = path(
        [(x, y, 36.2), (x + 1.6, y, 37.4), (x + 2.6, y, 36.6), (x + 2.5, y, 35.2), (x + 1.9, y, 34.6)],
        (0.62, 0.34),
        "iron",
    )
    arm = _sleeve((-5.0, 0.2, 23.6), (-8.0, 1.6, 19.6), (-8.1, -1.6, 20.9))
    return [*arm, *_hand(HAND_R), *_pole(x, y, 36.2), spike, *curl]


def left_arm_bell() -> list[Shape]:
    x, y, z = HAND_L
    arm = _sleeve((5.0, 0.2, 23.6), (7.9, 1.2, 19.0), (8.0, -1.9, 17.4))
    grip = capsule((x, y, z + 1.6), (x, y, z - 1.8), 0.55, 0.5, "wood")
    return [*arm, *_hand(HAND_L), grip, *bell((x, y, z - 1.9), 4.6)]


def left_arm_lantern() -> list[Shape]:
    x, y, z = HAND_L
    arm = _sleeve((5.0, 0.2, 23.6), (7.9, 1.2, 19.0), (8.0, -1.9, 17.4))
    handle = ring((x, y, z - 1.5), (1.3, 1.3), 0.34, "iron", turned(90))
    return [*arm, *_hand(HAND_L), handle, *lantern((x, y, z - 6.0), 1.7, 3.0)]


def lantern(foot: Point, half: float, height: float) -> list[Shape]:
    """A four-posted lantern standing on ``foot``: iron frame, glass with a flame's bulge, pointed roof with a ring."""
    x, y, z = foot
    posts = [
        capsule((x + sx * half, y + sy * half, z), (x + sx * half, y + sy * half, z + height), 0.34, 0.34, "iron")
        for sx in (-1, 1)
        for sy in (-1, 1)
    ]
    floor = box((x, y, z), (half * 1.25, half * 1.25, 0.38), 0.15, "iron")
    roof = lathe((x, y, z + height), [(-0.3, half * 1.75), (0.25, half * 1.6), (half * 1.1, 0.4)], "iron")
    glass = box((x, y, z + height / 2), (half * 0.86, half * 0.86, height / 2), 0.3, "glass")
    return [floor, *posts, roof, glass]


def pack() -> list[Shape]:
    """The lantern pack: a great lantern on a wooden frame with straps, behind the shoulders."""
    boards = [box((s * 1.8, 4.4, 19.6), (0.45, 0.4, 5.4), 0.15, "wood") for s in (-1, 1)]
    rungs = [box((0, 4.4, z), (2.3, 0.45, 0.4), 0.15, "wood") for z in (15.6, 19.0, 23.8)]
    wicks = capsule((-2.7, 5.8, 15.0), (2.7, 5.8, 15.0), 1.15, 1.15, "rope")
    straps = [
        s for side in (-1, 1) for s in path([(side * 1.8, 4.2, 24.4), (side * 2.2, 3.0, 25.6)], (0.42, 0.42), "leather")
    ]
    return [*boards, *rungs, wicks, *straps, *lantern((0, 6.9, 16.9), 2.0, 6.0)]


def parts() -> dict[str, tuple[list[Shape], float, int]]:
    """File name -> shapes, cell in mm, face budget."""
    fine = 0.16
    return {
        "base_round": (base(), 0.26, 6000),
        "legs_standing": (legs(), fine, 9000),
        "legs_striding": (legs(1.5), fine, 9000),
        "torso_coat": (torso(), fine, 22000),
        "head_hat": (head_hat(), 0.13, 16000),
        "head_hood": (head_hood(), 0.13, 14000),
        "head_scarf": (head_scarf(), 0.13, 14000),
        "arm_R_snuffer": (right_arm_snuffer(), fine, 14000),
        "arm_R_hook": (right_arm_hook(), fine, 14000),
        "arm_L_bell": (left_arm_bell(), 0.15, 12000),
        "arm_L_lantern": (left_arm_lantern(), 0.15, 12000),
        "pack_lantern": (pack(), fine, 12000),
    }
