"""What the watch carries: bells, lanterns, poles, packs."""

from __future__ import annotations

import numpy as np

from numerus.demo.sculptor.bodies import BACK_PEG, BACK_Y, peg
from numerus.demo.sculptor.modelling.deforming import displaced, half_space
from numerus.demo.sculptor.modelling.patterns import planks, rope
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
    placed,
    ring,
    soft,
    tube,
    turned,
)

BELL_WALL_MM = 0.56


def bell(centre: Point, size: float, zone: str = "brass") -> list[Shape]:
    """A hanging bell ``size`` mm high below ``centre``: waist, lip, bands, crown and clapper."""
    x, y, z = centre
    profile = [
        (-1.0, 0.64),
        (-0.95, 0.63),
        (-0.84, 0.53),
        (-0.6, 0.43),
        (-0.3, 0.37),
        (-0.12, 0.32),
        (-0.03, 0.22),
        (0.0, 0.1),
    ]
    more = max(BELL_WALL_MM / size - 0.09, 0.0)  # small bells are thicker for their size: they have to print
    inner = [(a, r - more) for a, r in ((-1.1, 0.55), (-0.92, 0.53), (-0.8, 0.42), (-0.4, 0.28), (-0.22, 0.12))]
    outer = lathe(centre, [(a * size, r * size) for a, r in profile], zone)
    cavity = lathe(centre, [(a * size, r * size) for a, r in inner], zone)
    bands = [ring((x, y, z + a * size), (r * size, r * size), 0.028 * size, zone) for a, r in ((-0.86, 0.545), (-0.66, 0.46), (-0.2, 0.35))]  # fmt: skip
    clapper = tube([(x, y, z - 0.2 * size), (x, y, z - 0.8 * size), (x, y, z - 1.02 * size)], (0.07 * size, 0.07 * size, 0.15 * size), "iron")  # fmt: skip
    crown = ring((x, y, z + 0.12 * size), (0.13 * size, 0.13 * size), 0.065 * size, "iron", turned(90))
    return [*soft(0.05, cut(outer, cavity), *bands), *soft(0.02, clapper), *soft(0.05, crown)]


def lantern(foot: Point, half: float, height: float) -> list[Shape]:
    """A four-posted lantern standing on ``foot``: iron frame with rivets, leaded glass with a flame, pointed roof."""
    x, y, z = foot
    corners = [(x + sx * half, y + sy * half) for sx in (-1, 1) for sy in (-1, 1)]
    posts = [capsule((a, b, z), (a, b, z + height), 0.32, 0.32, "iron") for a, b in corners]
    bars = [capsule((x + sx * half, y + sy * half, z + height / 2), (x + tx * half, y + ty * half, z + height / 2), 0.2, 0.2, "iron")
            for sx, sy, tx, ty in ((-1, -1, 1, -1), (1, -1, 1, 1), (1, 1, -1, 1), (-1, 1, -1, -1))]  # fmt: skip
    floor = chamfered((x, y, z), (half * 1.3, half * 1.3, 0.38), 0.14, "iron")
    roof = [
        lathe((x, y, z + height), [(-0.3, half * 1.75), (0.2, half * 1.65), (half * 0.5, half * 1.0), (half * 0.9, half * 0.5), (half * 1.5, 0.3)], "iron"),
        ring((x, y, z + height + half * 1.05), (half * 0.48, half * 0.48), 0.16, "iron"),
    ]  # fmt: skip
    glass = box((x, y, z + height / 2), (half * 0.86, half * 0.86, height / 2), 0.3, "glass")
    flame = tube([(x, y - half * 0.72, z + 0.4), (x, y - half * 0.86, z + height * 0.4), (x + 0.1, y - half * 0.8, z + height * 0.8)], (0.25, 0.42, 0.1), "wax")  # fmt: skip
    return [*soft(0.05, glass), *soft(0.1, flame), *soft(0.04, floor, *posts, *bars, *roof)]


def pole(top: float, foot: float, thick: float = 0.58) -> list[Shape]:
    """A wooden pole along z in the hand's own frame, with grain, ferrule and whipping."""
    shaft = displaced(capsule((0, 0, foot), (0, 0, top), thick, thick * 0.94, "wood"), planks((0, 0, 1), (0.7, 0.7, 0), 0.9), 0.06)  # fmt: skip
    iron = [lathe((0, 0, foot), [(-0.5, 0.3), (0.2, thick + 0.14), (1.2, thick + 0.12)], "iron")]
    whipping = [ring((0, 0, top - 3.0 + 0.4 * i), (thick + 0.02, thick + 0.02), 0.24, "rope") for i in range(4)]
    return [*soft(0.05, shaft), *soft(0.04, *iron, *whipping)]


def coil(centre: Point, radii: tuple[float, float], turns: int, thick: float) -> list[Shape]:
    """A coil of laid rope, standing on edge toward y, tied in two places."""
    x, y, z = centre
    shapes = []
    for i in range(turns):
        loop = ring((0, 0, 0), (radii[0] - 0.25 * (i % 2), radii[1] - 0.2 * (i % 2)), thick, "rope")
        shapes += placed([displaced(loop, _around(radii), 0.1)], (x + 0.15 * (-1) ** i, y + 1.35 * thick * i, z), turned(90, 0, 4 * (i - 1)))  # fmt: skip
    ties = [tube([(x + s * radii[0] * 0.72, y - thick * 1.3, z + radii[1] * 0.72), (x + s * radii[0] * 0.72, y + thick * 1.35 * turns, z + radii[1] * 0.72)], (thick * 1.5,), "leather") for s in (-1, 1)]  # fmt: skip
    return [*soft(0.05, *shapes), *soft(0.05, *ties)]


def _around(radii: tuple[float, float]):  # type: ignore[no-untyped-def]
    """The lay of a rope that lies in a ring."""

    def pattern(p):  # type: ignore[no-untyped-def]
        turn = np.arctan2(p[:, 1] / radii[1], p[:, 0] / radii[0])
        inward = np.arctan2(p[:, 2], np.hypot(p[:, 0], p[:, 1]) - np.mean(radii))
        return np.sin(26 * turn + 3 * inward)

    return pattern


def _on_back(shapes: list[Shape]) -> list[Shape]:
    return [*shapes, *cutting(half_space((0, BACK_Y, 0), (0, 1, 0))), peg((0, BACK_Y, 20.6), (0, -1, 0), BACK_PEG)]


def _frame() -> list[Shape]:
    """The carrying frame: two posts, rungs, a pad against the back."""
    grain = planks((0, 0, 1), (1, 0, 0), 1.2)
    posts = [displaced(box((s * 1.75, 5.0, 20.0), (0.42, 0.5, 5.6), 0.12, "wood"), grain, 0.05) for s in (-1, 1)]
    rungs = [box((0, 5.0, z), (2.4, 0.45, 0.42), 0.12, "wood") for z in (15.6, 19.4, 24.2)]
    lashings = [
        ring((s * 1.75, 5.0, z), (0.62, 0.62), 0.24, "rope", turned(0, 90)) for s in (-1, 1) for z in (15.6, 24.2)
    ]
    pad = box((0, 4.9, 20.6), (1.9, 0.6, 2.4), 0.3, "leather")
    return [*soft(0.06, pad), *soft(0.05, *posts, *rungs), *soft(0.03, *lashings)]


def pack_lantern() -> list[Shape]:
    """A great lantern on the frame, a bundle of wicks under it."""
    wicks = [displaced(capsule((-2.7, 6.4 + dy, 14.9 + dz), (2.7, 6.4 + dy, 14.9 + dz), 0.62, 0.62, "rope"), rope((1, 0, 0), 1.4), 0.06) for dy, dz in ((0, 0), (1.0, 0.1), (0.5, 0.85))]  # fmt: skip
    straps = [ring((s * 1.3, 6.85, 15.3), (1.35, 1.25), 0.24, "leather", turned(0, 90)) for s in (-1, 1)]
    shelf = box((0, 6.8, 17.0), (2.6, 2.2, 0.35), 0.12, "wood")
    return _on_back([*_frame(), *soft(0.05, *wicks), *soft(0.04, *straps, shelf), *lantern((0, 7.2, 17.5), 1.9, 5.6)])


def pack_rope() -> list[Shape]:
    """A great coil of rope with a grapnel tucked in it."""
    hook = [tube(curved([(0, 7.6, 26.0), (0, 7.7, 23.5)]), (0.42,), "iron")] + [tube(curved([(0, 7.6, 26.2), (1.3 * np.cos(a), 7.6 + 1.3 * np.sin(a), 26.9), (2.0 * np.cos(a), 7.6 + 2.0 * np.sin(a), 26.1), (2.1 * np.cos(a), 7.6 + 2.1 * np.sin(a), 25.3)]), (0.4, 0.36, 0.2), "iron") for a in (0.3, 2.4, 4.5)]  # fmt: skip
    return _on_back([*_frame(), *coil((0, 6.1, 20.4), (3.5, 4.1), 3, 0.72), *soft(0.06, *hook)])


def pack_wicks() -> list[Shape]:
    """A basket of spare wicks and candles, an oil flask at its side."""
    weave = displaced(
        lathe((0, 7.0, 15.4), [(0, 2.5), (0.3, 2.7), (6.4, 3.2), (6.8, 3.25)], "wood", 0.82), _weave(), 0.16
    )
    rim = ring((0, 7.0, 22.2), (3.2, 2.65), 0.34, "wood")
    candles = [capsule((x, y, 18), (x * 1.15, 7 + (y - 7) * 1.1, high), 0.62, 0.58, "wax") for x, y, high in ((-1.6, 6.3, 24.6), (0.1, 6.0, 25.6), (1.6, 6.6, 24.2), (-0.7, 7.9, 25.0), (1.0, 8.1, 24.8))]  # fmt: skip
    wicks = [capsule((x * 1.15, 7 + (y - 7) * 1.1, high), (x * 1.15 + 0.1, 7 + (y - 7) * 1.1, high + 1.1), 0.18, 0.16, "rope") for x, y, high in ((-1.6, 6.3, 24.6), (0.1, 6.0, 25.6), (1.6, 6.6, 24.2), (-0.7, 7.9, 25.0), (1.0, 8.1, 24.8))]  # fmt: skip
    flask = [ellipsoid((3.5, 6.6, 17.2), (1.15, 1.0, 1.7), "iron"), capsule((3.5, 6.6, 18.6), (3.5, 6.6, 19.7), 0.42, 0.38, "brass"), ring((3.5, 6.6, 17.2), (1.1, 0.95), 0.2, "leather")]  # fmt: skip
    return _on_back([*_frame(), *soft(0.1, weave), *soft(0.05, rim, *candles), *soft(0.04, *wicks, *flask)])


def _weave():  # type: ignore[no-untyped-def]
    """Basketwork: staves with withies that go before and behind them in turn."""

    def pattern(p):  # type: ignore[no-untyped-def]
        turn = np.arctan2((p[:, 1] - 7.0) / 0.82, p[:, 0])
        row = np.floor(p[:, 2] / 0.72)
        return np.sin(9 * turn + np.pi * row) * np.cos(2 * np.pi * (p[:, 2] / 0.72 - row - 0.5) / 2)

    return pattern
