"""Supports of a part: placed, routed and made into meshes; a raft or feet, braces between what is slender.

A tip touches the part from below, a cone widens to a pillar, the pillar stands on the raft. The finished work is printed
layer by layer again, and what then still begins in mid-air is caught; what cannot be is reported, not hidden.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field

import numpy as np

from numerus.domain.machines import Resin
from numerus.domain.poses import Pillar, Point
from numerus.errors import Progress
from numerus.geometry.mesh import Floats, Mesh, merged, xyz
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.layers import Island, islands
from numerus.geometry.solids.united_columns import united
from numerus.printing.supports.posed_part import CHECK_MM, ClearanceMap, PosedPart, posed_part_of
from numerus.printing.supports.routing import bar_mm, routed
from numerus.printing.supports.style import SupportStyle
from numerus.printing.supports.tips import Wanted, wanted_tips
from numerus.surface.part_fields import Fields, fields_of

REPAIRS = 3  # rounds of catching what the check still finds
SIDES = 8
SLENDER = 15.0  # a pillar longer than so many times its thickness swings
BRACE_REACH_MM, BRACE_MM, FOOT_SPREAD = 9.0, 0.6, 2.2
TIE_SHARES = (0.8, 0.6, 1.0, 0.4)  # of the height that asks for a tie: where one is tried


@dataclass(frozen=True, eq=False)
class Supported:
    """A posed part standing on z = 0 with its supports; ``unreached`` are points no pillar could be brought to;
    ``steady`` are slender pillars that a brace holds or that are made stouter.
    """

    posed_part: PosedPart
    style: SupportStyle
    supports: Mesh
    pillars: tuple[Pillar, ...]
    unreached: tuple[Point, ...] = ()
    islands_left: tuple[Island, ...] = ()
    steady: frozenset[int] = field(default_factory=frozenset)

    @property
    def part(self) -> Mesh:
        return self.posed_part.part

    @property
    def whole(self) -> Mesh:
        return merged([self.part, self.supports]) if len(self.supports.faces) else self.part


def support(
    posed: Mesh, resin: Resin, style: SupportStyle | None = None, progress: Progress | None = None,
    fields: Fields | None = None,
) -> Supported:  # fmt: skip
    """Raise a posed part where it needs it and catch every island and overhang; ``fields`` in the order of its faces.

    Checks its own work: islands of the part and supports together that remain are returned, never hidden.
    Raises Cancelled when ``progress`` answers False.
    """
    style = style or SupportStyle()
    posed_part = posed_part_of(posed, fields or fields_of(posed), style)
    clearance = posed_part.clearance(style.clearance_mm)
    pillars, unreached = routed(wanted_tips(posed_part, resin, style), clearance, style, progress=progress)
    made = built(posed_part, style, pillars, unreached)
    for _ in range(REPAIRS):
        if not made.islands_left:
            break
        more, still = routed(_births_wanted(made), clearance, style, pillars, tight=True)
        pillars, unreached = pillars + more, unreached + still
        made = built(posed_part, style, pillars, unreached)
    return made


def _births_wanted(made: Supported) -> Wanted:
    points = np.array([(i.pixel_x_mm, i.pixel_y_mm, i.z_mm) for i in made.islands_left]).reshape(-1, 3)
    return Wanted(points, np.full(len(points), made.style.tips_mm[1]), ("island",) * len(points))


def built(
    posed_part: PosedPart, style: SupportStyle, pillars: Sequence[Pillar], unreached: Sequence[Floats] = ()
) -> Supported:
    """Pillars as a mesh with braces and a foot, and what part and supports together leave in mid-air."""
    clearance = posed_part.clearance(style.clearance_mm)
    braces = _braces(pillars, clearance, style)
    braced = frozenset(i for a, b, _ in braces for i in (a, b))
    stout = frozenset(i for i, p in enumerate(pillars) if i not in braced and _may_be_stout(p, clearance, style))
    supports = _meshed(pillars, stout, [(pillars[a], pillars[b], z) for a, b, z in braces], style)
    left = tuple(islands(whole_columns(posed_part, supports)))
    # What no way led to may have been caught by a neighbour since.
    near = 0.5 * style.spacing_mm
    points = tuple(xyz(p) for p in unreached if all(np.linalg.norm(p - q.tip) > near for q in pillars))
    return Supported(posed_part, style, supports, tuple(pillars), points, left, braced | stout)


def whole_columns(posed_part: PosedPart, supports: Mesh):  # type: ignore[no-untyped-def]
    """Part and supports as columns at CHECK_MM; the part's are made once."""
    if not len(supports.faces):
        return posed_part.fine
    return united(posed_part.fine, solid_columns(supports.triangles, CHECK_MM, CHECK_MM))


def shaft_mm(pillar: Pillar) -> float:
    """Length of a pillar from its cone to where it lands."""
    joint, knee, foot = np.array(pillar.joint), np.array(pillar.knee), np.array(pillar.foot)
    return float(np.linalg.norm(joint - knee) + np.linalg.norm(knee - foot))


def is_slender(pillar: Pillar, style: SupportStyle) -> bool:
    return shaft_mm(pillar) > SLENDER * bar_mm(pillar.tip_mm, style)


def _stout_mm(pillar: Pillar) -> float:
    return shaft_mm(pillar) / SLENDER


def _may_be_stout(pillar: Pillar, clearance: ClearanceMap, style: SupportStyle) -> bool:
    """Whether a slender pillar with no neighbour has room to be thicker instead."""
    joint, knee, foot = (np.array(p) for p in (pillar.joint, pillar.knee, pillar.foot))
    radius = _stout_mm(pillar) / 2
    upright = pillar.lands == "plate" and is_slender(pillar, style)
    return upright and clearance.free(joint, knee, radius) and clearance.free(knee, foot, radius)


def _braces(pillars: Sequence[Pillar], clearance: ClearanceMap, style: SupportStyle) -> list[tuple[int, int, float]]:
    """Pairs of pillars to be tied, and the height of the tie's lower end: each slender one to its nearest free neighbour."""
    trunks = [i for i, p in enumerate(pillars) if p.lands == "plate"]
    made: list[tuple[int, int, float]] = []
    for i in trunks:
        every = SLENDER * bar_mm(pillars[i].tip_mm, style)
        for number in range(1, int(pillars[i].knee[2] / every) + 1):
            tied = [at for a, b, at in made if i in (a, b)]
            if not any(abs(at - every * number * TIE_SHARES[0]) < every / 2 for at in tied):
                ways = (_brace(i, every * number * share, trunks, pillars, clearance) for share in TIE_SHARES)
                made += next((w for w in ways if w), [])
    return made


def _brace(
    i: int, z: float, trunks: Sequence[int], pillars: Sequence[Pillar], clearance: ClearanceMap
) -> list[tuple[int, int, float]]:
    one = np.array(pillars[i].foot)
    near = sorted((float(np.linalg.norm(one - pillars[j].foot)), j) for j in trunks if j != i)
    for far, j in near[:4]:
        if (
            0.5 < far <= BRACE_REACH_MM
            and pillars[j].knee[2] >= z + far
            and clearance.free(*_tie(pillars[i], pillars[j], z), BRACE_MM / 2)
        ):
            return [(i, j, z)]
    return []


def _tie(one: Pillar, other: Pillar, z: float) -> tuple[Floats, Floats]:
    """A brace's ends: it climbs at 45 degrees, or as far as the other pillar is tall."""
    low = np.array([one.foot[0], one.foot[1], z])
    aside = float(np.hypot(other.foot[0] - low[0], other.foot[1] - low[1]))
    return np.array([other.foot[0], other.foot[1], min(z + aside, other.knee[2])]), low


def _meshed(
    pillars: Sequence[Pillar],
    stout: frozenset[int],
    braces: Sequence[tuple[Pillar, Pillar, float]],
    style: SupportStyle,
) -> Mesh:
    feet = np.array([p.foot for p in pillars if p.lands == "plate"]).reshape(-1, 3)
    pieces = [
        _pillar_mesh(p, _stout_mm(p) if i in stout else bar_mm(p.tip_mm, style), style) for i, p in enumerate(pillars)
    ]
    pieces += [_tube([*_tie(a, b, z)], [BRACE_MM / 2] * 2) for a, b, z in braces]
    if len(feet) and style.foot == "raft":
        pieces.append(_raft(feet, style))
    return merged(pieces)


def _pillar_mesh(pillar: Pillar, thick_mm: float, style: SupportStyle) -> Mesh:
    tip, joint, knee, foot = (np.array(p) for p in (pillar.tip, pillar.joint, pillar.knee, pillar.foot))
    sink, r = np.array([0, 0, style.sink_mm]), thick_mm / 2
    if pillar.lands == "part":
        return _tube([tip + sink, joint, foot - sink], [pillar.tip_mm / 2, style.pillar_mm / 3, pillar.tip_mm / 2])
    if pillar.lands == "pillar":
        return _tube([tip + sink, joint, foot], [pillar.tip_mm / 2, r, r])
    wide = FOOT_SPREAD if style.foot == "raft" else 1.6 * FOOT_SPREAD
    points = [tip + sink, joint, knee, foot + [0, 0, 2 * r], foot]
    return _tube(points, [pillar.tip_mm / 2, r, r, r, wide * r])


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
