"""Supports as closed meshes: tips, cones, bars and their ties, a raft or feet."""

from __future__ import annotations

from collections.abc import Sequence
from functools import lru_cache

import numpy as np

from numerus.domain.printing.poses import Pillar
from numerus.geometry.mesh import Floats, Mesh, merged
from numerus.printing.supports.style import SupportStyle

SIDES = 8
SLENDER = 15.0  # a bar longer than so many times its thickness swings
# How wide a pillar's foot spreads, of its thickness: on a raft, alone on the plate, beside a part that stands there too.
FOOT_SPREAD, FEET_SPREAD, BESIDE_SPREAD = 2.2, 3.5, 1.3
BRACE_MM = 0.6
SHORT_SHARE, MOST_ON_PART_MM = 0.2, 1.4  # a bar on the part: a fifth as thick as long while it is short; never thicker


def bar_mm(tip_mm: float, style: SupportStyle) -> float:
    """A pillar's thickness: never thinner than half again its tip."""
    return max(style.pillar_mm, 1.4 * tip_mm)


def on_part_mm(length_mm: float, tip_mm: float, style: SupportStyle) -> float:
    """Thickness of a bar that stands on the part: as thin as its length allows, since both its ends are cut off the part."""
    usual = min(2 / 3 * style.pillar_mm, SHORT_SHARE * length_mm)
    return min(max(tip_mm, usual, length_mm / SLENDER), MOST_ON_PART_MM)


def shaft_mm(pillar: Pillar) -> float:
    """Length of a pillar from its cone to where it lands; of a bar on the part from end to end."""
    tip, joint, knee, foot = (np.array(p) for p in (pillar.tip, pillar.joint, pillar.knee, pillar.foot))
    if pillar.lands == "part":
        return float(np.linalg.norm(tip - foot))
    return float(np.linalg.norm(joint - knee) + np.linalg.norm(knee - foot))


def usual_mm(pillar: Pillar, style: SupportStyle) -> float:
    """A pillar's thickness where nothing makes it stouter."""
    if pillar.lands == "part":
        return on_part_mm(shaft_mm(pillar), pillar.tip_mm, style)
    return bar_mm(pillar.tip_mm, style)


def is_slender(pillar: Pillar, style: SupportStyle) -> bool:
    return shaft_mm(pillar) > SLENDER * usual_mm(pillar, style) + 1e-6


def stout_mm(pillar: Pillar) -> float:
    """The thickness at which a pillar does not swing."""
    return shaft_mm(pillar) / SLENDER


def tie(one: Pillar, other: Pillar, z: float) -> tuple[Floats, Floats]:
    """A brace's ends: it climbs at 45 degrees, or as far as the other pillar is tall."""
    low = np.array([one.foot[0], one.foot[1], z])
    aside = float(np.hypot(other.foot[0] - low[0], other.foot[1] - low[1]))
    return np.array([other.foot[0], other.foot[1], min(z + aside, other.knee[2])]), low


def supports_mesh(
    pillars: Sequence[Pillar],
    stout: frozenset[int],
    braces: Sequence[tuple[Pillar, Pillar, float]],
    style: SupportStyle,
    raised: bool = True,
) -> Mesh:
    """All of them as one mesh. Beside a part that stands on the plate itself there is no raft: it would grow into it."""
    feet = np.array([p.foot for p in pillars if p.lands == "plate"]).reshape(-1, 3)
    wide = (FOOT_SPREAD if style.foot == "raft" else FEET_SPREAD) if raised else BESIDE_SPREAD
    pieces = [
        _pillar_mesh(p, stout_mm(p) if i in stout else usual_mm(p, style), style, wide) for i, p in enumerate(pillars)
    ]
    pieces += [_tube([*tie(a, b, z)], [BRACE_MM / 2] * 2) for a, b, z in braces]
    if len(feet) and style.foot == "raft" and raised:
        pieces.append(_raft(feet, style))
    return merged(pieces)


def sunk(tip: Floats, joint: Floats, sink_mm: float) -> Floats:
    """Where a tip ends inside the part: straight up, or along a cone that comes from the side."""
    way = (tip - joint) / max(float(np.linalg.norm(tip - joint)), 1e-9)
    return np.asarray(tip + (sink_mm * np.array([0, 0, 1.0]) if way[2] > SIDEWAYS else 2 * sink_mm * way))


SIDEWAYS = 0.75  # cosine from upright, below which a cone leans more than about 40 degrees


@lru_cache(4096)  # supports are built again and again with a few changed
def _pillar_mesh(pillar: Pillar, thick_mm: float, style: SupportStyle, wide: float) -> Mesh:
    tip, joint, knee, foot = (np.array(p) for p in (pillar.tip, pillar.joint, pillar.knee, pillar.foot))
    sink, r, fine = np.array([0, 0, style.sink_mm]), thick_mm / 2, pillar.tip_mm / 2
    top = sunk(tip, joint, style.sink_mm)
    if pillar.lands == "part":
        return _tube([tip + sink, joint, knee, foot - sink], [fine, r, r, fine])
    if pillar.lands == "pillar":
        return _tube([top, joint, foot], [fine, r, r])
    return _tube([top, joint, knee, foot + [0, 0, 2 * r], foot], [fine, r, r, r, wide * r])


def _tube(points: Sequence[Floats], radii: Sequence[float]) -> Mesh:
    """A closed tube of ``SIDES`` sides through points with the given radii; coincident points are left out."""
    kept = [0] + [i for i in range(1, len(points)) if np.linalg.norm(points[i] - points[i - 1]) > 1e-6]
    turn = np.arange(SIDES) * 2 * np.pi / SIDES
    circle = np.stack([np.cos(turn), np.sin(turn), 0 * turn], axis=1)
    rings = np.concatenate([points[i] + radii[i] * circle for i in kept])
    vertices = np.concatenate([rings, points[kept[0]][None], points[kept[-1]][None]])
    side, after = np.arange(SIDES), np.roll(np.arange(SIDES), -1)
    faces = [np.stack([side * 0 + len(rings), after, side], axis=1)[:, ::-1]]
    for level in range(len(kept) - 1):
        a, b, c, d = (ring * SIDES + which for ring in (level, level + 1) for which in (side, after))
        faces += [np.stack([a, c, b], axis=1), np.stack([b, c, d], axis=1)]
    last = (len(kept) - 1) * SIDES
    faces.append(np.stack([side * 0 + len(rings) + 1, last + after, last + side], axis=1))
    mesh = Mesh(vertices, np.concatenate(faces).astype(np.int32))
    return mesh if mesh.signed_volume_mm3 > 0 else Mesh(vertices, np.ascontiguousarray(mesh.faces[:, ::-1]))


def _raft(feet: Floats, style: SupportStyle) -> Mesh:
    """A plate under all feet whose edge leans outward and up, so that a scraper gets under it."""
    from scipy.spatial import ConvexHull

    turn = np.arange(16) * np.pi / 8
    circle = np.stack([np.cos(turn), np.sin(turn)], axis=1)
    around = (feet[:, None, :2] + style.raft_margin_mm * circle).reshape(-1, 2)
    outline = around[ConvexHull(around).vertices]
    centre = outline.mean(axis=0)
    low = outline - (outline - centre) / np.linalg.norm(outline - centre, axis=1)[:, None] * style.raft_mm * 0.8
    n = len(outline)
    vertices = np.concatenate(
        [np.c_[low, np.zeros(n)], np.c_[outline, np.full(n, style.raft_mm)], [[*centre, 0]], [[*centre, style.raft_mm]]]
    )
    i, j = np.arange(n), np.roll(np.arange(n), -1)
    faces = [
        np.stack(f, axis=1)
        for f in ((j, i, i * 0 + 2 * n), (i + n, j + n, i * 0 + 2 * n + 1), (i, j, j + n), (i, j + n, i + n))
    ]
    return Mesh(vertices, np.concatenate(faces).astype(np.int32))
