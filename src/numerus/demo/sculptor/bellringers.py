"""The Bellringers: the sergeant's great hand-bell, the banner of the moth, the lamplighter boy with his ladder."""

from __future__ import annotations

from dataclasses import replace

import numpy as np

from numerus.demo.sculptor.arms import Hold, arm
from numerus.demo.sculptor.bodies import BASE_Z, NECK_Z, WAIST_PEG, WAIST_Z, legs, peg, torso
from numerus.demo.sculptor.faces import Face, face, neck_joint
from numerus.demo.sculptor.gear import bell, pole
from numerus.demo.sculptor.modelling.cloth import Hang, banner, hanging
from numerus.demo.sculptor.modelling.deforming import displaced, half_space
from numerus.demo.sculptor.modelling.patterns import cloth, planks, strands
from numerus.demo.sculptor.modelling.shapes import (
    Shape,
    box,
    capsule,
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
)

BOY = 0.86  # of a man's size


def arm_R_greatbell() -> list[Shape]:
    """The sergeant's great bell, hung from a yoke in his fist."""
    x, y, z = 10.6, -4.2, 24.6
    yoke = [capsule((x - 2.0, y, z), (x + 2.0, y, z), 0.5, 0.5, "wood"), *[tube([(x + s * 1.9, y, z), (x + s * 1.6, y, z - 1.8), (x, y, z - 2.6)], (0.42, 0.36), "iron") for s in (-1, 1)]]  # fmt: skip
    letters = [box((x + 3.05 * np.cos(a), y + 3.05 * np.sin(a), 17.9), (0.16, 0.16, 0.42), 0.05, "brass") for a in np.arange(14) * 0.449]  # fmt: skip
    ringing = Hold((x, y, z), (1.0, 0.0, 0.0), (0.9, 0.6, -0.6))
    return mirrored(arm(ringing, loose=[*soft(0.05, *yoke), *bell((x, y, z - 2.7), 7.4), *soft(0.08, *letters)]))


MOTH = [(0, 2.6), (0.45, 1.9), (1.4, 3.2), (3.6, 4.0), (4.9, 3.0), (4.4, 1.2), (2.9, 0.2), (3.6, -0.9), (3.3, -2.6), (2.0, -3.4), (0.9, -2.2), (0.45, -3.0)]  # fmt: skip


def _relief(cloth_: Shape, region: Shape, high: float) -> Shape:
    """The cloth standing out by ``high`` within a region, in the region's zone."""
    return replace(region, field=lambda p: np.maximum(cloth_.field(p) - high, region.field(p)))


def arm_R_banner() -> list[Shape]:
    """The banner of the moth: cloth in folds from a crossbar, the moth in relief."""
    flag = banner(13.0, 15.0, 0.75, (0.75, 5.2))
    posed_part_of = replace(flag, zone="scarf")
    outline = [*MOTH, *[(-x, z) for x, z in reversed(MOTH)]]
    region = placed([prism(outline, 3.0, "wax", 0.1)], (0, 0, -6.4))[0]
    spots = [placed([prism([(x + 0.7 * np.cos(a), z + 0.7 * np.sin(a)) for a in np.arange(10) * 0.628], 3.0, "glass", 0.05)], (0, 0, -6.4))[0] for x, z in ((2.9, 2.2), (-2.9, 2.2), (2.1, -1.9), (-2.1, -1.9))]  # fmt: skip
    moth = [_relief(flag, region, 0.28), *(_relief(flag, spot, 0.45) for spot in spots)]
    at = (0.0, -0.9, 24.4)
    bar = [capsule((-7.4, -0.9, 24.6), (7.4, -0.9, 24.6), 0.5, 0.5, "wood"), *[ellipsoid((s * 7.6, -0.9, 24.6), (0.75, 0.75, 0.75), "brass") for s in (-1, 1)]]  # fmt: skip
    loops = [ring((x, -0.9, 24.6), (0.66, 0.66), 0.28, "rope") for x in (-5, -2.5, 2.5, 5)]
    finial = [lathe((0, 0, 26.2), [(0, 0.5), (0.4, 1.0), (0.9, 0.5), (1.6, 0.8), (3.6, 0.12)], "brass")]
    fringe = [capsule((x, -0.9 + 0.7 * np.sin(2 * np.pi * x / 5.2 + 1.4), 24.4 - 15.0 * (0.86 + 0.14 * abs(x) / 6.5) + 0.4), (x, -0.9 + 0.7 * np.sin(2 * np.pi * x / 5.2 + 1.4), 24.4 - 15.0 * (0.86 + 0.14 * abs(x) / 6.5) - 0.8), 0.26, 0.22, "brass") for x in np.arange(-5.4, 5.6, 0.9)]  # fmt: skip
    held = [*pole(26.4, -16.2), *soft(0.04, *bar), *soft(0.03, *placed([posed_part_of, *moth], at)), *soft(0.04, *loops, *finial, *fringe)]  # fmt: skip
    return mirrored(arm(Hold((8.4, -3.4, 19.6), (0.03, -0.05, 1.0), (0.9, 0.7, -0.6)), held))


def _boys(shapes: list[Shape]) -> list[Shape]:
    """A man's part made a boy's, standing on the same base."""
    return placed(shapes, (0, 0, BASE_Z * (1 - BOY)), scale=BOY)


def boy_legs() -> list[Shape]:
    """Short coat, breeches, bare shins, one foot forward."""
    kept = [s for s in legs("striding") if not s.cuts][:-2]  # the limbs without skirt and peg
    skirt = displaced(hanging(Hang(WAIST_Z + 0.5, 10.6, (3.9, 3.3), (5.6, 5.2), (0, 0.1), (9, 0.07, 0.4), -86, 22, closed_z=14.2, belly=1.45)), cloth(), 0.1)  # fmt: skip
    joints = [*cutting(half_space((0, 0, WAIST_Z), (0, 0, -1)), half_space((0, 0, BASE_Z), (0, 0, 1))), peg((0, 0.2, WAIST_Z), (0, 0, 1), WAIST_PEG)]  # fmt: skip
    return _boys([*kept, *soft(0.15, skirt), *joints])


def boy_torso() -> list[Shape]:
    return _boys(torso("strap"))


def boy_head() -> list[Shape]:
    """A grin, a shock of hair, a flat cap too large for him."""
    z = NECK_Z + 4.1
    cap = displaced(ellipsoid((0.3, 0.4, z + 2.45), (2.85, 2.95, 1.15), "hat"), cloth(1.2), 0.12)
    peak = cut(ellipsoid((0, -2.4, z + 1.7), (1.9, 1.7, 0.36), "hat"), half_space((0, -1.0, 0), (0, 1, 0)))
    hair = displaced(cut(ellipsoid((0, 0.7, z + 0.6), (2.45, 2.4, 2.5), "leather"), half_space((0, -0.5, 0), (0, 1, -0.3))), strands((0.2, 0.4, 1), (0.8, 0.5, 0), 0.5), 0.2)  # fmt: skip
    fringe = [tube(curved([(x, -1.9, z + 1.6), (x * 1.3 + 0.2, -2.4, z + 1.2), (x * 1.5 + 0.3, -2.2, z + 0.7)]), (0.34, 0.3, 0.12), "leather") for x in (-1.2, -0.4, 0.5, 1.2)]  # fmt: skip
    button = ellipsoid((0.3, 0.4, z + 3.6), (0.5, 0.5, 0.3), "brass")
    young = Face(jaw=0.88, nose=0.72, brow=0.6, cheeks=1.2, chin=0.75, lift=1.0, age=0.0)
    return _boys([*face(young), *soft(0.06, hair, *fringe), *soft(0.06, cap, peak), *soft(0.03, button), *neck_joint()])


def boy_arm_R_ladder() -> list[Shape]:
    """The ladder, taller than he is, on end beside him."""
    grain = planks((0, 0, 1), (0.7, 0.7, 0), 0.9)
    rails = [displaced(box((x, 0, 5.0), (0.48, 0.55, 22.0), 0.2, "wood"), grain, 0.05) for x in (0.0, 4.6)]
    rungs = [capsule((0, 0, z), (4.6, 0, z), 0.42, 0.42, "wood") for z in np.arange(-14.5, 26.5, 4.1)]
    lashes = [ring((x, 0, z), (0.68, 0.72), 0.2, "rope") for x in (0.0, 4.6) for z in np.arange(-14.5, 26.5, 8.2)]
    hooks = [tube(curved([(x, 0.2, 26.6), (x, -0.4, 28.4), (x, -2.0, 28.2), (x, -2.3, 26.8)]), (0.45, 0.4, 0.28), "iron") for x in (0.0, 4.6)]  # fmt: skip
    held = [*soft(0.05, *rails), *soft(0.05, *rungs), *soft(0.03, *lashes, *hooks)]
    return _boys(mirrored(arm(Hold((8.2, -2.6, 20.2), (0.0, 0.05, 1.0), (0.9, 0.7, -0.6)), held)))


def boy_arm_L_taper() -> list[Shape]:
    """The lamplighter's taper, held up."""
    stick = [capsule((0, 0, -2.0), (0, 0, 7.4), 0.36, 0.32, "wood"), capsule((0, 0, 7.0), (0, 0, 8.8), 0.52, 0.44, "wax"), tube([(0, 0, 8.9), (0.1, 0, 9.6), (0, 0, 10.6)], (0.24, 0.45, 0.16), "glass")]  # fmt: skip
    return _boys(arm(Hold((7.6, -4.4, 24.4), (0.3, -0.4, 1.0), (1.0, 0.4, -0.6)), soft(0.05, *stick)))
