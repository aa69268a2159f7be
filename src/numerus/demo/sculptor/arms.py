"""Arms of the Wickmen: a sleeve from the shoulder's joint to a hand that really holds."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from numerus.demo.sculptor.bodies import FACET_X, SHOULDER, SHOULDER_PEG, TORSO_ROOM, peg
from numerus.demo.sculptor.gear import bell, lantern, pole
from numerus.demo.sculptor.modelling.deforming import displaced, half_space, twisted
from numerus.demo.sculptor.modelling.patterns import cloth, planks, wrinkles
from numerus.demo.sculptor.modelling.shapes import (
    Point,
    Shape,
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
    tube,
    turned,
)
from numerus.demo.sculptor.modelling.skeleton import between, frame, middle_joint


@dataclass(frozen=True)
class Hold:
    """Where the left hand is (``at``), the direction of the bar it grips, and where its elbow points."""

    at: Point
    bar: Point = (0.0, 0.0, 1.0)
    elbow: Point = (0.6, 0.9, -0.5)


def fist() -> list[Shape]:
    """A left fist round a bar along z through the origin; the wrist is at +y, fingers close over -y."""
    palm = box((0.25, 0.85, 0), (0.95, 0.62, 1.4), 0.5, "skin")
    heel = ellipsoid((0.3, 1.2, -0.2), (0.95, 0.8, 1.15), "skin")
    fingers = [
        tube(curved([(1.0, 0.5, z), (1.12, -0.45, z + 0.03), (0.55, -1.12, z + 0.05), (-0.35, -1.05, z + 0.04), (-0.8, -0.45, z + 0.02)], 3), (0.42, 0.44, 0.42, 0.38, 0.33), "skin")
        for z in (1.12, 0.38, -0.36, -1.06)
    ]  # fmt: skip
    knuckles = [ellipsoid((1.15, 0.35, z), (0.3, 0.42, 0.36), "skin") for z in (1.12, 0.38, -0.36, -1.06)]
    thumb = tube(curved([(-0.5, 1.0, 0.6), (-1.0, 0.1, 1.1), (-0.75, -0.85, 1.3), (0.0, -1.3, 1.15)], 4), (0.5, 0.44, 0.36), "skin")  # fmt: skip
    nail = ellipsoid((-0.1, -1.62, 1.2), (0.26, 0.1, 0.22), "skin")
    return [
        *soft(0.3, palm, heel),
        *soft(0.07, *fingers),
        *soft(0.12, *knuckles),
        *soft(0.07, thumb),
        *soft(0.03, nail),
    ]


def open_hand() -> list[Shape]:
    """A left hand laid flat on what lies at -y, fingers down -z."""
    palm = box((0, 0.2, -0.4), (1.05, 0.45, 1.05), 0.4, "skin")
    fingers = [tube([(x, 0.15, -1.2), (x * 1.08, -0.05, -2.2), (x * 1.05, -0.4, -2.9 + 0.25 * abs(x))], (0.36, 0.34, 0.28), "skin") for x in (-0.78, -0.26, 0.26, 0.78)]  # fmt: skip
    thumb = tube([(-0.95, 0.1, 0.1), (-1.5, -0.2, -0.6), (-1.6, -0.5, -1.3)], (0.42, 0.38, 0.3), "skin")
    return [*soft(0.3, palm), *soft(0.08, *fingers, thumb)]


def _sleeve(elbow: Point, wrist: Point) -> list[Shape]:
    start: Point = (FACET_X - 0.6, SHOULDER[1], SHOULDER[2])
    fore = tuple(np.asarray(wrist) - np.asarray(elbow))
    creases = wrinkles(elbow, fore, 2.9, 0.95)
    upper = displaced(tube([start, elbow], (1.75, 1.5), "coat"), creases, 0.16)
    lower = displaced(tube([elbow, between(elbow, wrist, 0.72)], (1.52, 1.34), "coat"), creases, 0.16)
    cuff = tube([between(elbow, wrist, 0.55), between(elbow, wrist, 0.86)], (1.66, 1.85), "coat")
    way = np.asarray(fore) / np.linalg.norm(fore)
    opening = half_space(between(elbow, wrist, 0.88), tuple(-way))
    deep = tube([between(elbow, wrist, 0.8), between(elbow, wrist, 1.3)], (1.34,), "coat")
    side = np.cross(way, (0, 0, 1.0)) + np.array([0.3, 0, 0])
    side /= np.linalg.norm(side)
    studs = [ellipsoid(tuple(np.asarray(between(elbow, wrist, t)) + 1.78 * side), (0.28, 0.28, 0.28), "brass") for t in (0.62, 0.76)]  # fmt: skip
    return [
        *soft(0.4, upper, lower), *soft(0.06, cut(cuff, opening, deep)), *soft(0.03, *studs),
        *soft(0.1, tube([between(elbow, wrist, 0.7), wrist], (1.15, 0.95), "skin")),
    ]  # fmt: skip


def _cap() -> list[Shape]:
    """The coat's cape where it falls over the shoulder."""
    over = displaced(ellipsoid((FACET_X + 0.1, 0.35, 22.4), (2.75, 3.0, 3.3), "coat"), cloth(), 0.1)
    inside = ellipsoid((FACET_X + 0.1, 0.35, 22.2), (2.2, 2.45, 2.94), "coat")
    hem = displaced(half_space((0, 0, 21.3), (0, 0, 1)), lambda p: np.sin(2.2 * p[:, 1] + p[:, 0]), 0.3)
    return soft(0.08, cut(over, hem, inside))


def arm(hold: Hold, held: Sequence[Shape] = (), hand: str = "fist", loose: Sequence[Shape] = ()) -> list[Shape]:
    """A left arm with what its hand holds, given in the hand's frame: z along the bar, -y away from the wrist.

    ``loose``: what hangs from it, in the figure's own coordinates.
    """
    shoulder: Point = SHOULDER
    elbow = middle_joint(shoulder, hold.at, 5.2, 6.0, hold.elbow)
    turn = frame(hold.bar, tuple(np.asarray(elbow) - np.asarray(hold.at)))
    wrist = tuple(np.asarray(hold.at) + turn @ np.array([0.25, 1.6, 0.0]))
    fingers = fist() if hand == "fist" else open_hand()
    return [
        *_sleeve(elbow, wrist), *_cap(), *placed(fingers, hold.at, turn), *placed(list(held), hold.at, turn), *loose,
        *cutting(TORSO_ROOM), peg(SHOULDER, (-1, 0, 0), SHOULDER_PEG),
    ]  # fmt: skip


def _on_right(shapes: list[Shape]) -> list[Shape]:
    return mirrored(shapes)


POLE = Hold((8.4, -3.0, 19.6), (0.03, -0.08, 1.0), (0.9, 0.7, -0.6))


def arm_R_snuffer() -> list[Shape]:
    """The long pole with the snuffer's bell at its bent top."""
    neck = tube(curved([(0, 0, 18.0), (0, -0.2, 20.4), (0, -1.9, 22.2), (0, -3.9, 22.0), (0, -4.6, 20.8)]), (0.56, 0.5, 0.42), "iron")  # fmt: skip
    curl = tube(curved([(0, 0.2, 19.6), (0, 1.5, 20.4), (0, 1.9, 21.6), (0, 1.1, 22.0), (0, 0.8, 21.3)]), (0.4, 0.32, 0.26), "iron")  # fmt: skip
    return _on_right(arm(POLE, [*pole(18.2, -16.2), *soft(0.06, neck, curl), *bell((0, -4.6, 20.4), 4.6, "iron")]))


def arm_R_hook() -> list[Shape]:
    """The boat-hook: a spike, a curl of iron, langets nailed to the pole."""
    bar = twisted(chamfered((0, 0, 17.6), (0.48, 0.48, 1.5), 0.1, "iron"), 60.0)
    spike = tube([(0, 0, 18.8), (0, 0, 19.6), (0, 0, 21.8)], (0.6, 0.55, 0.3), "iron")
    curl = tube(curved([(0, 0, 16.6), (0, -1.9, 18.0), (0, -3.4, 17.4), (0, -3.5, 15.7), (0, -2.6, 14.9)]), (0.66, 0.6, 0.5, 0.32), "iron")  # fmt: skip
    straps = [box((s * 0.55, 0, 14.8), (0.14, 0.34, 2.2), 0.06, "iron") for s in (-1, 1)]
    nails = [ellipsoid((s * 0.7, 0, z), (0.16, 0.2, 0.2), "brass") for s in (-1, 1) for z in (13.3, 14.8, 16.2)]
    return _on_right(arm(POLE, [*pole(16.8, -16.2), *soft(0.06, bar, spike, curl), *soft(0.03, *straps, *nails)]))


def _hand_bell(size: float) -> list[Shape]:
    """A bell on a turned wooden handle, mouth toward -z."""
    grip = lathe((0, 0, 0), [(-1.9, 0.42), (-1.5, 0.6), (0, 0.48), (1.4, 0.58), (2.1, 0.66), (2.5, 0.3)], "wood")
    ferrule = ring((0, 0, -1.8), (0.45, 0.45), 0.24, "iron")
    return [*soft(0.05, grip), *soft(0.04, ferrule), *bell((0, 0, -2.2), size)]


def arm_R_bell() -> list[Shape]:
    """A hand-bell lifted to be rung."""
    lifted = Hold((8.6, -2.6, 26.6), (0.5, -0.35, 1.0), (1.0, 0.3, -0.7))
    return _on_right(arm(lifted, _hand_bell(4.8)))


def arm_R_cudgel() -> list[Shape]:
    """A knotted cudgel at rest on the shoulder."""
    rest = Hold((8.3, -3.3, 20.4), (0.25, 0.5, 1.0), (0.9, 0.7, -0.6))
    shaft = displaced(tube(curved([(0, 0, -2.6), (0.1, 0, 1.0), (-0.1, 0.1, 5.0), (0.1, 0, 8.4)]), (0.55, 0.62, 0.85, 1.25), "wood"), planks((0, 0, 1), (0.7, 0.7, 0), 1.1), 0.1)  # fmt: skip
    knots = [ellipsoid((1.0 * np.cos(a), 1.0 * np.sin(a), z), (0.42, 0.42, 0.5), "wood") for a, z in ((0.3, 7.9), (2.4, 8.6), (4.4, 7.2), (1.4, 6.3))]  # fmt: skip
    studs = [
        ellipsoid((1.15 * np.cos(a), 1.15 * np.sin(a), 8.2), (0.26, 0.26, 0.26), "iron") for a in np.arange(6) * 1.05
    ]
    thong = tube(curved([(0.3, 0, -2.2), (0.9, 0.3, -3.4), (0.2, 0.6, -4.6), (-0.4, 0.2, -3.4), (0, 0, -2.3)]), (0.2,), "leather")  # fmt: skip
    return _on_right(arm(rest, [*soft(0.1, shaft), *soft(0.15, *knots), *soft(0.03, *studs, thong)]))


def arm_R_crossbow() -> list[Shape]:
    """A short crossbow held upright, ready to be shouldered."""
    ready = Hold((7.7, -4.2, 20.2), (0.1, -0.25, 1.0), (0.9, 0.8, -0.6))
    stock = box((0, -0.1, 2.6), (0.55, 0.62, 6.0), 0.25, "wood")
    butt = prism([(-0.5, -5.6), (0.5, -5.6), (0.6, -2.8), (-0.6, -2.8)], 1.0, "wood", 0.25)
    prod = tube(curved([(-5.2, 0.5, 6.4), (-3.2, -0.2, 7.9), (0, -0.5, 8.3), (3.2, -0.2, 7.9), (5.2, 0.5, 6.4)]), (0.34, 0.62, 0.34), "iron")  # fmt: skip
    string = tube([(-5.1, 0.5, 6.5), (0, -0.8, 3.6), (5.1, 0.5, 6.5)], (0.2,), "rope")
    nut = [capsule((-0.7, -0.65, 3.5), (0.7, -0.65, 3.5), 0.42, 0.42, "brass"), tube(curved([(0, 0.5, 0.6), (0, 1.1, -0.6), (0, 1.0, -1.9)]), (0.24, 0.2), "iron")]  # fmt: skip
    bolt = [capsule((0, -0.85, 3.8), (0, -0.85, 8.8), 0.24, 0.22, "wood"), lathe((0, -0.85, 8.6), [(0, 0.42), (0.5, 0.4), (1.7, 0.12)], "iron")]  # fmt: skip
    stirrup = ring((0, -0.2, 9.4), (0.95, 0.8), 0.24, "iron", turned(90))
    lash = [ring((0, -0.2, z), (0.78, 0.78), 0.2, "rope") for z in (7.6, 8.0, 8.5)]
    held = [*soft(0.06, stock, butt), *soft(0.05, prod, stirrup), *soft(0.03, string, *nut, *bolt, *lash)]
    return _on_right(arm(ready, held))


LOW = Hold((7.8, -4.0, 17.2), (0.1, 0.0, 1.0), (0.9, 0.8, -0.3))


def arm_L_bell() -> list[Shape]:
    """A hand-bell held low."""
    return arm(LOW, _hand_bell(4.6))


def arm_L_lantern() -> list[Shape]:
    """A lantern carried by its ring."""
    loop = ring((0, 0.1, -1.6), (1.35, 1.5), 0.3, "iron", turned(90, 0, 90))
    bar = capsule((0, 0, -1.3), (0, 0, 1.2), 0.4, 0.4, "iron")
    return arm(Hold((8.0, -4.2, 18.6), (0.0, 0.0, 1.0), (0.9, 0.8, -0.3)), [*soft(0.04, bar, loop), *lantern((0, 0.1, -7.9), 1.65, 3.4)])  # fmt: skip


def arm_L_belt() -> list[Shape]:
    """The thumb hooked in the belt, elbow out."""
    return arm(Hold((5.3, -4.3, 18.2), (0.35, 0.1, 1.0), (1.0, 0.6, 0.3)), hand="open")


def arm_L_horn() -> list[Shape]:
    """A watchman's horn raised to be blown."""
    curve = curved([(0.1, 0, -2.4), (0, 0, 0), (0.2, -0.2, 2.4), (0.9, -0.6, 4.6), (2.2, -1.0, 6.4)])
    horn = tube(curve, (0.36, 0.55, 0.8, 1.15, 1.6), "wax")
    mouth = ellipsoid((2.75, -1.15, 7.05), (1.02, 1.02, 0.9), "wax")
    rim = half_space((2.66, -1.13, 6.95), (-0.64, 0.17, -0.75), 2.4)  # cut level: a rim, no knife's edge
    rings = [ring((0.25, -0.25, 2.7), (0.95, 0.95), 0.22, "brass", turned(0, 12)), ring((1.4, -0.75, 5.4), (1.4, 1.4), 0.24, "brass", turned(8, 36))]  # fmt: skip
    strap = tube(curved([(0.2, 0.3, -2.0), (0.3, 1.5, -4.2), (0.6, 1.6, -1.0), (0.9, 0.8, 2.8)]), (0.22,), "leather")
    return arm(Hold((6.3, -5.0, 24.4), (0.75, -0.5, 0.55), (1.0, 0.5, -0.5)), [*soft(0.08, horn), *cutting(rim, mouth), *soft(0.04, *rings, strap)])  # fmt: skip
