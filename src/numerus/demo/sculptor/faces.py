"""Heads of the Wickmen: six people, built from one face whose features are weighed differently."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np

from numerus.demo.sculptor.bodies import NECK_PEG, NECK_Z, peg
from numerus.demo.sculptor.modelling.deforming import displaced, half_space, warped
from numerus.demo.sculptor.modelling.patterns import cloth, strands, wrinkles
from numerus.demo.sculptor.modelling.shapes import (
    Shape,
    box,
    capsule,
    curved,
    cut,
    cutting,
    ellipsoid,
    lathe,
    ring,
    shell,
    soft,
    tube,
    turned,
)

FACE_Z = 30.3  # between the eyes and the tip of the nose; eyes at about z = 31


@dataclass(frozen=True)
class Face:
    """Weights of features, 1 is usual. ``lift``: corners of the mouth; ``age``: depth of cheeks and lines."""

    jaw: float = 1.0
    nose: float = 1.0
    hook: float = 0.0
    brow: float = 1.0
    cheeks: float = 1.0
    chin: float = 1.0
    lift: float = 0.0
    age: float = 0.3
    squint: float = 0.0


def face(f: Face) -> list[Shape]:
    """Skull, jaw, brow, eyes with lids, nose, mouth, chin, ears and neck with its joint."""
    z = FACE_Z
    bones = soft(
        0.5,
        ellipsoid((0, 0.4, z + 0.75), (2.2, 2.45, 2.6), "skin"),
        ellipsoid((0, -0.5, z - 0.75), (1.72 * f.jaw, 1.75, 1.95), "skin"),
        *[ellipsoid((s * 1.45 * f.jaw, 0.2, z - 1.45), (0.7, 1.2, 0.8), "skin") for s in (-1, 1)],
        *[ellipsoid((s * 1.18, -1.5, z - 0.2), (0.78 * f.cheeks, 0.66, 0.6), "skin") for s in (-1, 1)],
        ellipsoid((0, -1.78, z - 2.2), (0.78, 0.62 * f.chin, 0.55), "skin"),
    )
    brows = soft(0.25, *[tube([(s * 0.28, -2.2, z + 0.86), (s * 0.95, -2.25, z + 1.05), (s * 1.75, -1.45, z + 0.95)], (0.34 * f.brow, 0.36 * f.brow, 0.2), "skin") for s in (-1, 1)])  # fmt: skip
    sockets = cutting(*[ellipsoid((s * 0.88, -2.3, z + 0.42), (0.64, 0.5, 0.4 - 0.08 * f.squint), "skin") for s in (-1, 1)], mm=0.12)  # fmt: skip
    hollows = cutting(*[ellipsoid((s * 1.62, -1.75, z - 1.1), (0.5, 0.55, 0.75), "skin") for s in (-1, 1)], mm=0.5) if f.age > 0.5 else []  # fmt: skip
    return [
        *bones, *hollows, *brows, *sockets, *_eyes(f), *_nose(f), *_mouth(f), *_ears(),
        *soft(0.4, capsule((0, 0.35, NECK_Z - 0.5), (0, 0.25, z - 1.2), 1.5, 1.5, "skin")),
        *soft(0.15, *[capsule((s * 0.5, -1.0, NECK_Z), (s * 0.95, -0.1, z - 2.2), 0.28, 0.3, "skin") for s in (-1, 1)]),
    ]  # fmt: skip


def _eyes(f: Face) -> list[Shape]:
    z, open_ = FACE_Z + 0.42, 0.2 - 0.1 * f.squint
    shapes = []
    for s in (-1, 1):
        shapes += soft(0.02, ellipsoid((s * 0.86, -1.72, z), (0.48, 0.44, 0.42), "skin"))
        shapes += soft(0.05, tube([(s * 0.36, -2.0, z + 0.02), (s * 0.82, -2.28, z + open_ + 0.06), (s * 1.36, -1.82, z - 0.02)], (0.13, 0.2, 0.12), "skin"))  # fmt: skip
        shapes += soft(0.06, tube([(s * 0.38, -1.98, z - 0.06), (s * 0.86, -2.16, z - open_ - 0.1), (s * 1.32, -1.8, z - 0.06)], (0.1, 0.15, 0.1), "skin"))  # fmt: skip
        if f.age > 0.5:
            shapes += soft(0.1, tube([(s * 0.5, -2.0, z - 0.62), (s * 1.0, -2.0, z - 0.7), (s * 1.4, -1.7, z - 0.5)], (0.12, 0.2, 0.1), "skin"))  # fmt: skip
    return shapes


def _nose(f: Face) -> list[Shape]:
    z, n = FACE_Z, f.nose
    ridge = tube(curved([(0, -2.1, z + 0.85), (0, -2.45 - 0.25 * f.hook, z + 0.2), (0, -2.55 - 0.5 * n, z - 0.4 - 0.25 * f.hook)]), (0.3, 0.34, 0.44 * n), "skin")  # fmt: skip
    wings = [ellipsoid((s * 0.42 * n, -2.4, z - 0.52), (0.3, 0.36, 0.27), "skin") for s in (-1, 1)]
    holes = [ellipsoid((s * 0.24 * n, -2.75 - 0.25 * n, z - 0.78), (0.12, 0.16, 0.14), "skin") for s in (-1, 1)]
    return [*soft(0.2, ridge), *soft(0.14, *wings), *cutting(*holes)]


def _mouth(f: Face) -> list[Shape]:
    z, up = FACE_Z - 1.5, f.lift * 0.25
    upper = tube(curved([(-0.82, -1.85, z + up), (-0.3, -2.28, z + 0.16), (0, -2.3, z + 0.1), (0.3, -2.28, z + 0.16), (0.82, -1.85, z + up)]), (0.1, 0.2, 0.1), "skin")  # fmt: skip
    lower = tube(curved([(-0.7, -1.88, z - 0.22 + up), (0, -2.26, z - 0.34), (0.7, -1.88, z - 0.22 + up)]), (0.1, 0.25, 0.1), "skin")  # fmt: skip
    line = tube(
        curved([(-0.86, -1.98, z - 0.08 + up), (0, -2.5, z - 0.1), (0.86, -1.98, z - 0.08 + up)]), (0.07,), "skin"
    )
    lines = [tube([(s * 0.62, -2.3, z + 0.85), (s * 1.02, -2.02, z + 0.1), (s * 1.0, -1.85, z - 0.5)], (0.06, 0.1, 0.05), "skin") for s in (-1, 1)]  # fmt: skip
    return [*soft(0.1, upper, lower), *cutting(line), *cutting(*(lines if f.age > 0.2 else []), mm=0.15)]


def _ears() -> list[Shape]:
    shapes = [
        cut(ellipsoid((s * 2.2, 0.45, FACE_Z + 0.05), (0.34, 0.66, 0.92), "skin"), ellipsoid((s * 2.5, 0.3, FACE_Z + 0.1), (0.2, 0.4, 0.6), "skin"))
        for s in (-1, 1)
    ]  # fmt: skip
    return soft(0.08, *shapes)


def neck_joint() -> list[Shape]:
    """The flat end of the neck and its peg."""
    below = lathe((0, 0.25, NECK_Z), [(-6, 2.3), (0, 2.3)], "coat")  # beards and braids may hang past it
    return [*cutting(below), peg((0, 0.25, NECK_Z), (0, 0, -1), NECK_PEG)]


def _candle(x: float, y: float, z: float, high: float = 1.7) -> list[Shape]:
    """A stub of candle with drips and a flame."""
    drips = [capsule((x + 0.55 * np.cos(a), y + 0.55 * np.sin(a), z + high - 0.2), (x + 0.62 * np.cos(a), y + 0.62 * np.sin(a), z + high - 0.8 - 0.3 * i), 0.16, 0.2, "wax") for i, a in enumerate((0.4, 2.3, 4.4))]  # fmt: skip
    flame = tube([(x, y, z + high + 0.1), (x + 0.06, y, z + high + 0.8), (x - 0.05, y, z + high + 1.7)], (0.24, 0.46, 0.2), "glass")  # fmt: skip
    return soft(0.05, capsule((x, y, z - 0.3), (x, y, z + high), 0.6, 0.56, "wax"), *drips, flame)


def head_hat() -> list[Shape]:
    """The wide hat with a candle on it, and a moustache."""
    z = FACE_Z + 1.95
    bend = warped(lathe((0, 0.2, z), [(-0.3, 5.0), (-0.05, 5.2), (0.3, 5.0), (0.5, 2.6)], "hat"), lambda p: p - np.stack([0 * p[:, 0], 0 * p[:, 0], 0.45 * np.cos(2 * np.arctan2(p[:, 1], p[:, 0])) * np.hypot(p[:, 0], p[:, 1]) / 5], axis=1), 0.6)  # fmt: skip
    crown = displaced(
        lathe((0, 0.3, z), [(0, 2.6), (1.4, 2.42), (2.6, 2.3), (3.1, 1.9), (3.3, 1.0)], "hat"), cloth(), 0.1
    )
    band = lathe((0, 0.3, z), [(0.35, 2.72), (1.15, 2.6)], "leather")
    buckle = cut(box((0, -2.35, z + 0.75), (0.6, 0.25, 0.55), 0.1, "brass"), box((0, -2.6, z + 0.75), (0.28, 0.3, 0.25), 0.05, "brass"))  # fmt: skip
    lip = [tube(curved([(s * 0.1, -2.62, FACE_Z - 0.95), (s * 0.9, -2.5, FACE_Z - 1.2), (s * 1.7, -1.9, FACE_Z - 1.1), (s * 2.2, -1.6, FACE_Z - 0.6)]), (0.38, 0.4, 0.28, 0.1), "rope") for s in (-1, 1)]  # fmt: skip
    hair = displaced(cut(ellipsoid((0, 0.75, FACE_Z + 0.6), (2.42, 2.4, 2.5), "rope"), half_space((0, -0.3, 0), (0, 1, 0))), strands((0, 0, 1), (0.7, 0.7, 0), 0.55), 0.12)  # fmt: skip
    return [
        *face(Face(jaw=1.05, nose=1.1, brow=1.2, age=0.6)), *soft(0.08, hair),
        *soft(0.04, *[displaced(m, strands((1, 0, 0), (0, 0.4, 1), 0.32), 0.05) for m in lip]),
        *soft(0.08, bend, crown), *soft(0.04, band, buckle), *_candle(0, 0.3, z + 3.2), *neck_joint(),
    ]  # fmt: skip


def head_hood() -> list[Shape]:
    """A deep hood over a hard, clean-shaven face."""
    z = FACE_Z + 0.5
    room = [
        ellipsoid((0, -1.2, z - 0.3), (2.3, 3.2, 2.85), "coat"),
        box((0, -2.4, z - 3.0), (1.5, 2.2, 2.2), 0.9, "coat"),
    ]
    hood = displaced(cut(shell(ellipsoid((0, 0.55, z + 0.1), (3.05, 3.4, 3.5), "coat"), 1.4), *room), cloth(1.3), 0.14)
    peak = tube(curved([(0, 1.2, z + 3.2), (0.1, 3.3, z + 3.0), (0.3, 4.6, z + 1.7), (0.2, 4.7, z + 0.6)]), (1.3, 1.0, 0.6, 0.35), "coat")  # fmt: skip
    rim = tube(curved([(-2.0, -1.6, z - 2.2), (-2.55, -1.75, z - 0.2), (-1.9, -2.0, z + 2.0), (0, -2.35, z + 2.85), (1.9, -2.0, z + 2.0), (2.55, -1.75, z - 0.2), (2.0, -1.6, z - 2.2)]), (0.34,), "coat")  # fmt: skip
    folds = [tube([(s * 1.9, 0.3, z - 3.4), (s * 2.5, 0.8, z - 1.5), (s * 2.0, 1.8, z + 0.6)], (0.5, 0.45, 0.2), "coat") for s in (-1, 1)]  # fmt: skip
    neck = cut(lathe((0, 0.35, NECK_Z), [(0, 2.0), (1.6, 2.5), (2.6, 2.7)], "coat"), lathe((0, -2.4, NECK_Z), [(0, 1.2), (2.8, 1.8)], "coat"))  # fmt: skip
    return [
        *face(Face(jaw=1.12, nose=0.95, hook=0.5, brow=1.35, chin=1.3, lift=-0.6, age=0.7, squint=0.8)),
        *soft(0.15, neck, hood), *soft(0.4, peak, *folds), *soft(0.12, rim), *neck_joint(),
    ]  # fmt: skip


def head_scarf() -> list[Shape]:
    """A young watchman, muffled to the nose, in a knitted cap."""
    z = FACE_Z
    knit = displaced(lathe((0, 0.4, z + 1.35), [(-0.6, 2.5), (0.9, 2.55), (1.9, 2.2), (2.5, 1.2), (2.65, 0.5)], "hat"), strands((0, 0, 1), (0.7, 0.7, 0), 0.6), 0.1)  # fmt: skip
    cuff = displaced(lathe((0, 0.4, z + 1.2), [(-0.5, 2.62), (-0.4, 2.78), (0.5, 2.75), (0.6, 2.6)], "hat"), strands((0, 0, 1), (0.7, 0.7, 0), 0.5), 0.14)  # fmt: skip
    bobble = displaced(
        ellipsoid((0, 0.4, z + 4.2), (0.75, 0.75, 0.7), "hat"), strands((1, 1, 0.4), (0.2, 0.4, 1), 0.4), 0.14
    )
    wraps = [displaced(ring((0, 0.1, z - 2.5 + 0.78 * i), (2.35 - 0.02 * i, 2.45), 0.72, "scarf", turned(7 - 6 * i, 5 - 8 * i)), cloth(1.6), 0.12) for i in range(3)]  # fmt: skip
    ends = tube(curved([(1.2, -2.4, z - 2.3), (1.9, -3.9, z - 3.9), (2.1, -4.9, z - 5.8), (2.3, -5.0, z - 7.4)]), (0.75, 0.7, 0.75, 0.65), "scarf")  # fmt: skip
    fringe = [capsule((2.3 + 0.35 * (i - 1), -5.0, z - 7.5), (2.35 + 0.5 * (i - 1), -5.05, z - 8.6), 0.22, 0.2, "scarf") for i in range(3)]  # fmt: skip
    hair = [tube(curved([(s * 0.9, -2.25, z + 1.5), (s * 1.6, -1.9, z + 0.9), (s * 2.1, -0.9, z + 0.2)]), (0.3, 0.35, 0.2), "leather") for s in (-1, 1)]  # fmt: skip
    return [
        *face(Face(jaw=0.92, nose=0.85, brow=0.8, cheeks=1.1, age=0.0)), *soft(0.08, *hair),
        *soft(0.1, *wraps), *soft(0.15, ends), *soft(0.05, *fringe), *soft(0.05, knit, cuff, bobble), *neck_joint(),
    ]  # fmt: skip


def head_bald() -> list[Shape]:
    """Bald, with great side-whiskers and a broken nose."""
    z = FACE_Z
    chops = [displaced(tube(curved([(s * 2.05, 0.1, z + 0.5), (s * 2.1, -0.5, z - 0.9), (s * 1.75, -1.35, z - 1.9), (s * 1.35, -1.75, z - 2.5)]), (0.35, 0.75, 0.7, 0.3), "rope"), strands((0, 0, 1), (0.5, 1, 0), 0.45), 0.14) for s in (-1, 1)]  # fmt: skip
    fringe = displaced(cut(ring((0, 0.75, z + 0.4), (2.15, 2.2), 0.62, "rope", turned(-14)), half_space((0, -0.1, 0), (0, 1, 0))), strands((0, 0, 1), (0.7, 0.7, 0), 0.45), 0.12)  # fmt: skip
    lip = [
        tube([(s * 0.15, -2.6, z - 1.05), (s * 1.0, -2.3, z - 1.3), (s * 1.6, -1.7, z - 1.7)], (0.3, 0.36, 0.4), "rope")
        for s in (-1, 1)
    ]
    lines = [tube([(-1.2, -1.95, z + 1.75 + 0.42 * i), (0, -2.15, z + 1.85 + 0.42 * i), (1.2, -1.95, z + 1.75 + 0.42 * i)], (0.06,), "skin") for i in range(2)]  # fmt: skip
    earring = ring((-2.45, 0.3, z - 0.95), (0.34, 0.34), 0.13, "brass", turned(0, 90))
    return [
        *face(Face(jaw=1.2, nose=1.3, hook=0.3, brow=1.1, cheeks=1.2, chin=0.8, lift=0.4, age=0.8)), *cutting(*lines, mm=0.12),
        *soft(0.08, *chops, fringe), *soft(0.05, *lip, earring), *neck_joint(),
    ]  # fmt: skip


def head_braid() -> list[Shape]:
    """A woman with a braid over her shoulder and a low cap."""
    z = FACE_Z
    hair = displaced(cut(ellipsoid((0, 0.6, z + 0.75), (2.42, 2.55, 2.75), "leather"), ellipsoid((0, -2.1, z - 0.1), (1.75, 1.9, 2.2), "leather"), half_space((0, 0, z - 1.7), (0, 0, 1))), strands((0.2, 0.3, 1), (0.8, 0.6, 0), 0.5), 0.13)  # fmt: skip
    plait = curved(
        [
            (-0.6, 2.7, z - 0.6),
            (-2.0, 2.2, z - 2.2),
            (-3.1, 0.2, z - 3.3),
            (-3.2, -2.6, z - 4.4),
            (-2.7, -4.5, z - 6.2),
            (-2.5, -4.8, z - 8.0),
        ],
        4,
    )
    lumps = [ellipsoid(at, (0.72 - 0.018 * i, 0.62 - 0.018 * i, 0.52), "leather", turned(20, 35 * (-1) ** i)) for i, at in enumerate(plait)]  # fmt: skip
    tie = [ring(plait[-2], (0.5, 0.5), 0.2, "scarf"), capsule(plait[-1], (plait[-1][0], plait[-1][1] - 0.1, plait[-1][2] - 1.1), 0.42, 0.16, "leather")]  # fmt: skip
    cap = displaced(lathe((0, 0.5, z + 1.9), [(-0.5, 2.62), (0.4, 2.7), (1.1, 2.3), (1.5, 1.2), (1.6, 0.4)], "hat", turn=turned(-10)), cloth(), 0.08)  # fmt: skip
    peak = cut(ellipsoid((0, -2.3, z + 1.62), (2.0, 1.7, 0.34), "hat", turned(12)), half_space((0, -1.2, 0), (0, 1, 0)))
    badge = ellipsoid((0, -2.2, z + 2.35), (0.45, 0.25, 0.5), "brass")
    return [
        *face(Face(jaw=0.84, nose=0.78, brow=0.7, cheeks=0.95, chin=0.8, lift=0.3, age=0.0)), *soft(0.08, hair),
        *soft(0.06, *lumps), *soft(0.04, *tie), *soft(0.06, cap, peak), *soft(0.03, badge), *neck_joint(),
    ]  # fmt: skip


def head_old() -> list[Shape]:
    """An old man with spectacles, a long beard and a leather cap with ear-flaps."""
    z = FACE_Z
    beard = displaced(tube(curved([(0, -1.4, z - 1.9), (0, -2.4, z - 2.9), (0.1, -2.9, z - 4.4), (0.3, -2.95, z - 6.0)]), (1.35, 1.3, 0.95, 0.25), "rope"), strands((0.1, 0.2, 1), (1, 0.3, 0), 0.5), 0.16)  # fmt: skip
    cheeks = [displaced(tube(curved([(s * 2.0, 0.1, z + 0.2), (s * 1.9, -0.7, z - 1.2), (s * 0.9, -1.8, z - 2.3)]), (0.35, 0.6, 0.7), "rope"), strands((0, 0, 1), (1, 0.5, 0), 0.45), 0.12) for s in (-1, 1)]  # fmt: skip
    lip = [tube(curved([(s * 0.1, -2.68, z - 0.95), (s * 0.9, -2.45, z - 1.5), (s * 1.2, -2.1, z - 2.3)]), (0.32, 0.38, 0.2), "rope") for s in (-1, 1)]  # fmt: skip
    rims = [ring((s * 0.88, -2.45, z + 0.3), (0.56, 0.5), 0.18, "brass", turned(84)) for s in (-1, 1)]
    lens = [ellipsoid((s * 0.88, -2.38, z + 0.3), (0.5, 0.12, 0.45), "glass") for s in (-1, 1)]
    bars = [capsule((-0.34, -2.58, z + 0.36), (0.34, -2.58, z + 0.36), 0.18, 0.18, "brass"), *[capsule((s * 1.42, -2.35, z + 0.34), (s * 2.28, 0.1, z + 0.4), 0.18, 0.18, "brass") for s in (-1, 1)]]  # fmt: skip
    cap = displaced(cut(ellipsoid((0, 0.5, z + 1.15), (2.5, 2.65, 2.75), "leather"), half_space((0, 0, z + 1.2), (0, 0.25, 1))), wrinkles((0, 0.5, z + 3.4), (1, 0, 0), 4.0, 1.3), 0.07)  # fmt: skip
    flaps = [ellipsoid((s * 2.32, 0.5, z + 0.1), (0.42, 0.95, 1.5), "leather", turned(-8)) for s in (-1, 1)]
    edge = [ring((0, 0.5, z + 1.35), (2.42, 2.58), 0.26, "rope", turned(-14)), ellipsoid((0, 0.5, z + 3.95), (0.4, 0.4, 0.28), "brass")]  # fmt: skip
    return [
        *face(Face(jaw=0.95, nose=1.25, hook=0.6, brow=1.4, cheeks=1.15, age=1.0, squint=0.4)),
        *soft(0.08, beard, *cheeks), *soft(0.04, *lip), *soft(0.02, *rims, *lens, *bars),
        *soft(0.06, cap, *flaps), *soft(0.05, *edge), *neck_joint(),
    ]  # fmt: skip
