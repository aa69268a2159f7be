"""Legs and torsos of the Wickmen.

Millimetres; the figure looks toward -y and stands on z = 3, the top of its base; eyes at about z = 31. The joints:

* waist: flat at WAIST_Z, a peg on the legs, a socket in the torso;
* shoulder: flat at x = ±FACET_X, a peg on the arm, a socket in the torso;
* neck: flat at NECK_Z inside the collar, a peg on the head;
* back: flat at y = BACK_Y, a peg on the pack.

Sockets are wider than their pegs by CLEARANCE all round.
"""

from __future__ import annotations

from collections.abc import Sequence

import numpy as np

from numerus.demo.sculptor.modelling.cloth import Hang, hanging
from numerus.demo.sculptor.modelling.deforming import displaced, half_space
from numerus.demo.sculptor.modelling.patterns import chain, cloth, wrinkles
from numerus.demo.sculptor.modelling.shapes import (
    Point,
    Shape,
    bevelled,
    box,
    capsule,
    chamfered,
    curved,
    cut,
    cutting,
    ellipsoid,
    lathe,
    mirrored,
    placed,
    prism,
    ring,
    soft,
    stitches,
    strap,
    swept,
    tube,
    turned,
)
from numerus.demo.sculptor.modelling.skeleton import middle_joint

BASE_Z, WAIST_Z, NECK_Z, FACET_X, BACK_Y = 3.0, 16.0, 26.2, 4.55, 4.5
SHOULDER: Point = (FACET_X, 0.3, 23.2)
CLEARANCE = 0.1
WAIST_PEG, SHOULDER_PEG, NECK_PEG, BACK_PEG = 1.3, 1.0, 0.85, 0.9  # radii
PEG_LONG = 1.6
TORSO_ROOM = box((0, 0.4, 22.4), (FACET_X, 4.6, 6.4), 0.01, "coat")  # where no arm may be


def peg(at: Point, way: Point, radius: float) -> Shape:
    """A short round peg standing on a joint at ``at``."""
    end = np.asarray(at) + (PEG_LONG - radius * 0.4) * np.asarray(way)
    start = np.asarray(at) - 0.6 * np.asarray(way)
    return soft(0.02, capsule(tuple(start), tuple(end), radius, radius * 0.4, "coat"))[0]


def socket(at: Point, way: Point, radius: float) -> list[Shape]:
    """The hole for a peg that comes along ``way``, wider by the clearance."""
    r = radius + CLEARANCE
    end = np.asarray(at) + (PEG_LONG + CLEARANCE - radius * 0.4) * np.asarray(way)
    start = np.asarray(at) - 0.6 * np.asarray(way)
    return cutting(capsule(tuple(start), tuple(end), r, radius * 0.4 + CLEARANCE, "coat"))


def _boot(ankle: Point, toe_deg: float, heel_up: float = 0.0) -> list[Shape]:
    """A heavy boot: sole, heel, toe cap, laces; ``toe_deg`` turns the toe outward."""
    turn = turned(about_z_deg=toe_deg) @ turned(about_x_deg=-heel_up)
    shapes = [
        box((0, -1.0, -1.05), (1.35, 2.75, 0.3), 0.25, "boots"),
        box((0, 1.05, -1.0), (1.2, 0.8, 0.42), 0.15, "boots"),
        ellipsoid((0, -1.5, -0.35), (1.32, 2.2, 1.0), "boots"),
        ellipsoid((0, -2.7, -0.42), (1.15, 1.15, 0.85), "boots"),
        ellipsoid((0, 0.5, 0.1), (1.25, 1.5, 1.4), "boots"),
        *(soft(0.05, capsule((-0.75, -1.9 + 0.62 * i, 0.62 + 0.3 * i), (0.75, -1.9 + 0.62 * i, 0.62 + 0.3 * i), 0.16, 0.16, "leather"))[0] for i in range(3)),
    ]  # fmt: skip
    welt = soft(0.05, *[ring((0, -1.0, -0.78), (1.32, 2.6), 0.14, "leather")])
    return placed([*soft(0.25, *shapes[:5]), *shapes[5:], *welt], ankle, turn)


def _leg(side: float, foot: tuple[float, float, float], toe_deg: float, heel_up: float = 0.0) -> list[Shape]:
    """From hip to sole; the knee lies where two bones meet. ``foot``: where the sole's middle stands."""
    ankle: Point = (foot[0], foot[1] + 0.6, foot[2] + 1.35)
    hip: Point = (side * 1.8, 0.3, 14.4)
    top: Point = (ankle[0], ankle[1], ankle[2] + 0.6)
    knee = middle_joint(hip, top, 5.0, 4.7, (side * 0.25, -1.0, 0.1))
    shaft = np.asarray(knee) - np.asarray(top)
    calf = np.asarray(top) + 0.62 * shaft
    folds = wrinkles(tuple(np.asarray(top) + 0.25 * shaft), tuple(shaft), 2.4, 1.1)
    cuff = tube([tuple(calf - 0.12 * shaft), tuple(calf + 0.03 * shaft)], (1.95, 2.1), "leather")
    knees = wrinkles(knee, tuple(shaft), 3.0, 1.25)
    return [
        *_boot(ankle, toe_deg, heel_up),
        *soft(0.5, displaced(tube([ankle, top, tuple(calf)], (1.35, 1.35, 1.75), "boots"), folds, 0.12)),
        *soft(0.06, cuff),
        *soft(0.1, displaced(tube([tuple(calf), knee], (1.6, 1.7), "leather"), knees, 0.13)),
        *soft(0.6, displaced(tube([knee, hip], (1.7, 2.0), "leather"), knees, 0.13)),
    ]


def _bollard(x: float, y: float, top_z: float) -> list[Shape]:
    """A mooring post to put a foot on, with a turn of rope round its neck."""
    foot = chamfered((x, y, BASE_Z + 0.3), (2.3, 2.3, 0.3), 0.25, "iron", turned(about_z_deg=20))
    head = lathe((x, y, BASE_Z), [(0.0, 1.9), (0.5, 1.75), (1.0, 1.35), (top_z - 4.6, 1.3), (top_z - 4.2, 2.0), (top_z - 3.3, 2.15), (top_z - 3.0, 1.9)], "iron")  # fmt: skip
    turns = [
        ring((x, y, BASE_Z + 1.25 + 0.62 * i), (1.45, 1.45), 0.34, "rope", turned(6 * (i - 1), 4)) for i in range(2)
    ]
    return [foot, *bevelled(0.4, head), *soft(0.05, *turns)]


def legs(stance: str) -> list[Shape]:
    """Booted legs and the coat's skirt, whose folds follow the stance; up to the waist."""
    hang = {
        "standing": Hang(WAIST_Z + 0.5, 6.0, (3.9, 3.3), (6.6, 5.9), (0, 0.1), (9, 0.075, 0.6), -90, 13),
        "striding": Hang(WAIST_Z + 0.5, 6.2, (3.9, 3.3), (6.4, 7.6), (0.3, 0.6), (8, 0.09, 2.1), -74, 34),
        "braced": Hang(WAIST_Z + 0.5, 6.6, (3.9, 3.3), (8.4, 6.0), (0, 0.2), (10, 0.08, 1.4), -90, 24),
        "climbing": Hang(WAIST_Z + 0.5, 6.0, (3.9, 3.3), (6.9, 6.6), (0.2, 1.0), (8, 0.09, 0.2), -58, 54),
    }[stance]
    right, left = {
        "standing": (((-2.5, -0.4, BASE_Z), -16.0, 0.0), ((2.6, -0.9, BASE_Z), 14.0, 0.0)),
        "striding": (((-2.5, 3.7, BASE_Z), -10.0, 0.0), ((2.1, -3.9, BASE_Z), 8.0, 0.0)),
        "braced": (((-4.6, 0.4, BASE_Z), -32.0, 0.0), ((4.7, -1.3, BASE_Z), 26.0, 0.0)),
        "climbing": (((-2.7, 1.8, BASE_Z), -22.0, 0.0), ((2.9, -4.2, BASE_Z + 4.0), 6.0, 0.0)),
    }[stance]
    post = _bollard(2.9, -4.6, 7.0) if stance == "climbing" else []
    skirt = displaced(hanging(replace_closed(hang)), cloth(), 0.1)
    hips = lathe((0, 0.2, 0), [(12.6, 1.5), (13.6, 2.9), (WAIST_Z + 0.8, 3.6)], "coat", 0.84)
    return [
        *post, *_leg(-1, *right), *_leg(1, *left), *soft(0.5, hips), *soft(0.15, skirt),
        *cutting(half_space((0, 0, WAIST_Z), (0, 0, -1))), *cutting(half_space((0, 0, BASE_Z), (0, 0, 1))),
        peg((0, 0.2, WAIST_Z), (0, 0, 1), WAIST_PEG),
    ]  # fmt: skip


def replace_closed(hang: Hang) -> Hang:
    """A skirt filled from just under the waist, so that the joint has a floor."""
    from dataclasses import replace

    return replace(hang, closed_z=14.2, belly=1.45)


def _belt(z: float = 17.0) -> list[Shape]:
    buckle = cut(box((0, -4.05, z), (1.25, 0.42, 1.1), 0.2, "brass"), box((0, -4.3, z), (0.7, 0.5, 0.55), 0.1, "brass"))
    tongue = capsule((-0.5, -4.32, z), (0.75, -4.35, z), 0.2, 0.16, "brass")
    holes = [ellipsoid((2.2 + 0.8 * i, -3.55 + 0.25 * i, z), (0.16, 0.3, 0.16), "leather") for i in range(2)]
    band = lathe((0, 0.1, z), [(-0.85, 4.2), (-0.75, 4.4), (0.75, 4.36), (0.85, 4.15)], "leather", 0.86)
    seams = [lathe((0, 0.1, z + dz), [(-0.07, 4.5), (0.07, 4.5)], "leather", 0.86) for dz in (-0.55, 0.55)]
    grooves = [cut(seam, lathe((0, 0.1, z), [(-1, 4.29), (1, 4.27)], "leather", 0.86)) for seam in seams]
    return [*soft(0.05, band), *cutting(*grooves, *holes), *soft(0.03, buckle, tongue)]


def pouch(at: Point, turn_deg: float, size: float = 1.0) -> list[Shape]:
    """A leather pouch with flap, stud and stitched rim."""
    shapes = [
        box((0, 0, 0), (1.25, 0.8, 1.5), 0.4, "leather"),
        box((0, -0.18, 0.75), (1.35, 0.8, 0.85), 0.3, "leather"),
        ellipsoid((0, -1.02, 0.2), (0.26, 0.22, 0.26), "brass"),
    ]
    return placed(soft(0.04, *shapes), at, turned(about_z_deg=turn_deg), size)


def keys(at: Point) -> list[Shape]:
    """A ring of keys."""
    x, y, z = at
    bunch = [
        s
        for i, lean in enumerate((-0.35, 0.0, 0.4))
        for s in (
            capsule((x + lean, y - 0.2, z - 0.8), (x + 1.7 * lean, y - 0.45, z - 2.6), 0.2, 0.2, "iron"),
            box((x + 1.7 * lean + 0.2, y - 0.45, z - 2.5 + 0.15 * i), (0.34, 0.18, 0.24), 0.05, "iron"),
        )
    ]
    return soft(0.03, ring((x, y - 0.1, z), (0.75, 0.75), 0.2, "iron", turned(90)), *bunch)


def _collar(high: float, open_deg: float = 34.0) -> Shape:
    """A turned-up collar, open at the throat."""
    up = Hang(26.2 + high, 24.6, (3.3, 3.2), (2.6, 2.6), (0, 0), (5, 0.02, 0.4), -90, 0.1, 0.55, 99.0, 0.0, (0, 0.4))
    throat = lathe((0, -2.6, 0), [(25.2, 0.4), (26.4, 1.5), (29.5, 2.3)], "coat")
    return cut(hanging(up), throat)


def _mantle(hem_z: float = 19.6, zone: str = "coat") -> Shape:
    """The short shoulder cape, parted at the front."""
    hang = Hang(
        25.7, hem_z, (2.7, 2.7), (6.2, 4.15), (0, 0.0), (11, 0.055, 0.9), -90, 26, 0.65, 99.0, 0.35, (0, 0.2), 1.25
    )
    return displaced(hanging(hang, zone), cloth(), 0.07)


def _trunk() -> list[Shape]:
    return soft(
        1.0,
        ellipsoid((0, 0.1, 17.4), (4.15, 3.5, 3.2), "coat"),
        displaced(ellipsoid((0, 0.1, 21.2), (4.75, 3.7, 4.3), "coat"), cloth(), 0.12),
        capsule((-3.7, 0.3, 23.2), (3.7, 0.3, 23.2), 2.15, 2.15, "coat"),
        capsule((0, 0.25, 24.4), (0, 0.25, 27.0), 2.3, 1.75, "skin"),
    )


def _buttons(pairs: bool) -> list[Shape]:
    sides = (-1.3, 1.3) if pairs else (0.55,)
    return soft(
        0.03,
        *[
            ellipsoid((x, -3.36 - 0.13 * i, 18.9 + 1.35 * i), (0.46, 0.42, 0.46), "brass")
            for i in range(3)
            for x in sides
        ],
    )


def _joints() -> list[Shape]:
    """The torso's flat faces and sockets; cut last."""
    sides = [s for sign in (-1, 1) for s in (
        *cutting(box((sign * (FACET_X + 4), 0.3, 23.6), (4.0, 9.0, 5.2), 0.01, "coat")),
        *socket((sign * FACET_X, SHOULDER[1], SHOULDER[2]), (-sign, 0, 0), SHOULDER_PEG),
    )]  # fmt: skip
    pad = soft(0.1, box((0, BACK_Y - 0.9, 20.6), (2.1, 1.2, 2.7), 0.25, "leather"))
    return [
        *pad, *sides,
        *cutting(half_space((0, 0, WAIST_Z), (0, 0, 1))), *socket((0, 0.2, WAIST_Z), (0, 0, 1), WAIST_PEG),
        *cutting(lathe((0, 0.25, NECK_Z), [(0, 1.95), (3.4, 2.6)], "coat")), *socket((0, 0.25, NECK_Z), (0, 0, -1), NECK_PEG),
        *cutting(half_space((0, BACK_Y, 0), (0, -1, 0))), *socket((0, BACK_Y, 20.6), (0, -1, 0), BACK_PEG),
    ]  # fmt: skip


def torso(kind: str) -> list[Shape]:
    """``coat``: caped and double-breasted; ``strap``: bandolier and lapels; ``apron``: leather over the coat, hung with chain."""
    return [*_trunk(), *_belt(), *{"coat": _coat, "strap": _strap, "apron": _apron}[kind](), *_joints()]


def _coat() -> list[Shape]:
    seam = soft(0.05, tube([(0.1, -3.55, 17.6), (0.05, -3.75, 20.5), (0.0, -3.2, 23.4)], (0.2, 0.24), "coat"))
    return [
        *soft(0.1, _mantle()), *soft(0.12, _collar(1.6)), *seam, *_buttons(True),
        *pouch((-3.6, -2.6, 15.9), -52), *pouch((3.9, -1.9, 16.1), 60, 0.85), *keys((2.6, -3.55, 16.4)),
    ]  # fmt: skip


def _outward(line: Sequence[Point]) -> list[Point]:
    """Away from the middle of the chest: which way a strap's outer side looks."""
    return [(x, y, z - 20.5) for x, y, z in line]


def _strap() -> list[Shape]:
    over = curved([(-3.1, -1.7, 24.9), (-2.2, -3.3, 22.8), (0.2, -3.95, 19.9), (2.9, -3.3, 17.6)])
    behind = curved([(-3.1, -1.7, 24.9), (-2.9, 1.4, 25.3), (-1.2, 3.6, 22.6), (2.6, 3.3, 17.8)])
    tins = [capsule((-1.9 + 1.15 * i, -3.7 - 0.28 * np.sin(i), 22.3 - 1.1 * i), (-1.55 + 1.15 * i, -4.15, 21.5 - 1.1 * i), 0.52, 0.46, "wood") for i in range(4)]  # fmt: skip
    leaf = prism([(0.1, -2.6), (1.5, 0.6), (2.3, 0.5), (2.0, 1.3), (2.5, 2.2), (1.2, 2.6), (0.3, 1.0)], 0.3, "coat")
    lapels = [s for side in (-1, 1) for s in (mirrored if side < 0 else list)(placed([leaf], (0.1, -3.5, 22.3), turned(about_x_deg=-14, about_z_deg=14)))]  # fmt: skip
    scarf = [ring((0, 0.25, 25.4), (2.75, 2.65), 0.62, "scarf", turned(6, -5))]
    return [
        *soft(0.05, *lapels), *soft(0.12, _collar(1.2)), *soft(0.08, *scarf), *_buttons(False),
        *soft(0.05, *[swept(strap(1.25, 0.46), c, "leather", _outward(c)) for c in (over, behind)], *tins),
        *soft(0.02, *stitches([(x, y - 0.6, z + 0.25) for x, y, z in over], 0.62, "rope")),
        *pouch((3.7, -2.4, 15.8), 55, 1.1), *pouch((1.6, -3.7, 16.0), 12, 0.75),
    ]  # fmt: skip


def _apron() -> list[Shape]:
    bib = cut(
        displaced(ellipsoid((0, -0.2, 20.6), (3.6, 3.95, 4.6), "leather"), cloth(1.4), 0.08),
        half_space((0, -1.6, 0), (0, -1, 0)), half_space((0, 0, 24.2), (0, 0, -1)),
    )  # fmt: skip
    lines = [curved([(s * 2.1, -2.9, 23.6), (s * 2.7, -1.0, 25.2), (s * 2.4, 2.0, 25.0), (s * 1.2, 3.7, 21.0)]) for s in (-1, 1)]  # fmt: skip
    straps = [swept(strap(1.1, 0.38), line, "leather", _outward(line)) for line in lines]
    studs = [ellipsoid((s * 2.0, -3.35, 23.2), (0.34, 0.3, 0.34), "brass") for s in (-1, 1)]
    pocket = box((0, -4.05, 19.7), (1.5, 0.35, 1.15), 0.2, "leather")
    tools = [capsule((x, -4.25, 20.3), (x + 0.1, -4.2, 22.1), 0.26, 0.3, zone) for x, zone in ((-0.7, "wood"), (0.1, "iron"), (0.8, "wax"))]  # fmt: skip
    mail = displaced(ring((0, 0.3, 24.7), (2.9, 2.8), 0.8, "iron"), chain((0, 0, 1), (1, 1, 0), 0.75), 0.16)
    return [
        *soft(0.06, bib), *soft(0.05, *straps, *studs, pocket, *tools), *soft(0.1, mail), *soft(0.12, _collar(1.0)),
        *pouch((-3.8, -2.2, 15.9), -58), *keys((3.0, -3.2, 16.3)),
    ]  # fmt: skip
