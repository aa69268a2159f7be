"""Joints of a built figure: how much skin two parts share, what gap is left beside it, what hangs beyond, whether glue bears that."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations
from typing import NamedTuple

import numpy as np

from numerus.assembly.balance import RESIN_G_PER_MM3
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.rays import RayScene
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.mass import centre_of_mass

GAP_MM = 0.15  # parts nearer than this touch
OFF_MM = 0.01
POINTS, PIXEL_MM = 30_000, 0.05
LEAST_MM2 = 0.05
GRAVITY, KNOCK_G = 9.81e-3, 5.0  # N a gram; how many times its weight a knock loads a joint with
GAP_LEAST_MM, GAP_SEEN_MM, GAP_ROUND_MM = 0.05, 1.0, 0.5  # what is a gap of a joint, and how far beside the skin that touches
FACING = -0.9  # cosine between the skins on either side of a gap: a crease between two rounds is none
PINS_MM, PIN_N_PER_MM2, PIN_DEEP = (0.5, 0.8, 1.0, 1.5, 2.0), 300.0, 5.0  # (defaults) wires; what soft brass bears; diameters deep
GLUE_FILLS_MM, FILLER_MM, PUTTY_MM = 0.08, 0.25, 0.6  # (defaults) mean gaps that thin glue, thick glue or soft filler, putty close
GLUE_NMM_PER_MM2 = 0.25  # (default) moment a mm² of glue bears


class Magnet(NamedTuple):
    """A disc, two of which hold each other with ``pull_n`` face to face."""

    across_mm: float
    thick_mm: float
    pull_n: float

    @property
    def name(self) -> str:
        return f"{self.across_mm:g} × {self.thick_mm:g} mm"


MAGNETS = Magnet(2, 1, 0.8), Magnet(3, 1, 1.5), Magnet(3, 2, 2.3), Magnet(4, 2, 3.5), Magnet(5, 2, 5.0)  # (defaults)
PULL_LEFT, MAGNET_EDGE_MM = 0.5, 0.4  # (defaults) of the pull, through paint and glue; material round a magnet

TORCH_MIN = 0.5  # (default) to light a joint that was set with raw resin


@dataclass(frozen=True)
class Gap:
    """Skins that face each other beside a joint without touching: their area, the mean and largest distance, and where that is."""

    area_mm2: float = 0.0
    mean_mm: float = 0.0
    most_mm: float = 0.0
    at_mm: tuple[float, float, float] = (0.0, 0.0, 0.0)

    @property
    def filler_ml(self) -> float:
        return self.area_mm2 * self.mean_mm / 1000

    @property
    def filling(self) -> str:
        """What closes it, by how wide it is; "" where thin glue does."""
        if self.mean_mm < GLUE_FILLS_MM:
            return ""
        wide = f"{self.mean_mm:.2f} mm open, {self.most_mm:.1f} at most"
        if self.mean_mm < FILLER_MM:
            return f"{wide}: thick glue closes it, or soft filler brushed in"
        amount = f"{self.filler_ml:.2f} ml" if self.filler_ml >= 0.01 else "a crumb"
        if self.mean_mm < PUTTY_MM:
            return f"{wide}: {amount} of soft filler or two-part putty, sanded wet"
        return f"{wide}: fit it again first, then {amount} of two-part putty"


@dataclass(frozen=True)
class Joint:
    """Two parts that touch: mm² of shared skin, pegs included; N·mm of what hangs beyond it standing, and at a knock; ``gap``: what
    is left open beside it.
    """

    a: str
    b: str
    area_mm2: float
    load_nmm: float
    knock_nmm: float
    gap: Gap

    @property
    def strain(self) -> float:
        """N·mm a knock asks of every mm²."""
        return self.knock_nmm / max(self.area_mm2, 1e-9)

    @property
    def pin_mm(self) -> float:
        """The thinnest wire that bears the knock by itself, bent where it leaves the part; 0 where glue bears it."""
        if self.strain <= GLUE_NMM_PER_MM2:
            return 0.0
        needed = (32 * self.knock_nmm / (np.pi * PIN_N_PER_MM2)) ** (1 / 3)
        return next((d for d in PINS_MM if d >= needed), PINS_MM[-1])

    @property
    def advice(self) -> str:
        """Glue, pin or magnet, with the reason where it is a pin."""
        if self.pin_mm:
            pin = f"pin {self.pin_mm:g} mm, {PIN_DEEP * self.pin_mm:.0f} deep"
            return f"{pin}: a knock asks {self.strain:.2f} N·mm of every mm², glue bears about {GLUE_NMM_PER_MM2:g}"
        return f"glue; a magnet {self.magnet.name} would do" if self.magnet else "glue"

    @property
    def magnet(self) -> Magnet | None:
        """The smallest in the middle of the face that a knock does not tip off over its edge, the face taken as round."""
        reach_mm = float(np.sqrt(self.area_mm2 / np.pi))
        return next(
            (
                m for m in MAGNETS
                if PULL_LEFT * m.pull_n * reach_mm >= self.knock_nmm and m.across_mm / 2 + MAGNET_EDGE_MM <= reach_mm
            ),
            None,
        )  # fmt: skip

    @property
    def filling(self) -> str:
        """What closes the gap beside it, "" where there is none."""
        return self.gap.filling


def joints_of(parts: Sequence[tuple[str, Mesh]]) -> list[Joint]:
    """Every two parts that share skin. What hangs beyond a joint is what would come off with it: all that no other joint
    holds to the part that stands lowest; where parts are held round about, the one that is further from it.
    """
    touching, touched = {}, {}
    for (i, (_, one)), (j, (_, other)) in combinations(enumerate(parts), 2):
        held = contact(one, other)
        if held.area_mm2 >= LEAST_MM2:
            touching[i, j], touched[i, j] = (held.area_mm2, held.points.mean(axis=0)), held.points
    masses = [centre_of_mass(mesh) for _, mesh in parts]
    root = min(range(len(parts)), key=lambda n: float(parts[n][1].bounds_mm[0, 2]))
    joints = []
    for (i, j), (area, at) in touching.items():
        beyond = _beyond((i, j), list(touching), root, len(parts))
        weight = sum(masses[n][1] for n in beyond)
        centre = sum(masses[n][0] * masses[n][1] for n in beyond) / max(weight, 1e-12)
        newton = weight * RESIN_G_PER_MM3 * GRAVITY
        arm = np.asarray(centre - at)
        load, knock = newton * float(np.hypot(arm[0], arm[1])), KNOCK_G * newton * float(np.linalg.norm(arm))
        gap = _gap(parts[i][1], parts[j][1], touched[i, j])
        joints.append(Joint(parts[i][0], parts[j][0], area, load, knock, gap))
    return joints


class Contact(NamedTuple):
    """Skin two parts share, as the one of them has it that has more: places on it and their normals, (n, 3) each."""

    area_mm2: float
    points: Floats
    normals: Floats
    of_first: bool


def contact(one: Mesh, other: Mesh) -> Contact:
    """The skin from which a step outward is within the other part."""
    found = [Contact(*_covered(a, b), a is one) for a, b in ((one, other), (other, one))]
    return max(found, key=lambda c: c.area_mm2)


def _covered(mesh: Mesh, other: Mesh) -> tuple[float, Floats, Floats]:
    low, high = other.bounds_mm
    points, normals = even_points(mesh, POINTS)
    outside = points + GAP_MM * normals
    near = np.all((outside > low) & (outside < high), axis=1)
    if not near.any():
        return 0.0, np.zeros((0, 3)), np.zeros((0, 3))
    columns = solid_columns(other.moved((0, 0, -low[2])).triangles, PIXEL_MM, PIXEL_MM)
    held = columns.holds(outside[near] - [0, 0, low[2]])
    each = float(mesh.areas_mm2.sum()) / len(points)
    return float(held.sum()) * each, points[near][held], normals[near][held]


def _gap(one: Mesh, other: Mesh, held: Floats) -> Gap:
    """What stays open round the skin two parts share: places near it whose outward ray meets the other part's skin face to face."""
    from scipy.spatial import cKDTree

    points, normals = even_points(one, POINTS)
    near = cKDTree(held).query(points, distance_upper_bound=GAP_ROUND_MM)[0] < GAP_ROUND_MM
    if not near.any():
        return Gap()
    points, normals = points[near], normals[near]
    slope, wide = _across(other, points, normals)
    own = _across(one, points, normals)[1]  # where the part itself comes first there is no gap to the other
    open_ = np.flatnonzero((slope < FACING) & (wide > GAP_LEAST_MM) & (wide < GAP_SEEN_MM) & (own > wide + OFF_MM))
    if not len(open_):
        return Gap()
    widest = open_[np.argmax(wide[open_])]
    x, y, z = (float(v) for v in points[widest])
    area = float(len(open_)) * float(one.areas_mm2.sum()) / POINTS
    return Gap(area, float(wide[open_].mean()), float(wide[widest]), (x, y, z))


def _across(other: Mesh, points: Floats, normals: Floats) -> tuple[Floats, Floats]:
    """What rays outward from places meet of a mesh: the cosine between both skins, 1 where nothing is met, and how far it is."""
    face = RayScene(other).first_hit(points + OFF_MM * normals, normals)
    met = face >= 0
    slope = np.where(met, np.einsum("ij,ij->i", normals, other.normals[face]), 1.0)
    away = np.einsum("ij,ij->i", other.triangles[face, 0] - points, other.normals[face])
    return slope, np.where(met, away / np.where(np.abs(slope) < 1e-9, 1e-9, slope), np.inf)


def _beyond(joint: tuple[int, int], all_joints: Sequence[tuple[int, int]], root: int, many: int) -> list[int]:
    """Parts that hang on a joint."""
    rest = [pair for pair in all_joints if pair != joint]
    held = _reached(root, rest, many)
    loose = [n for n in _reached(joint[0], all_joints, many) if n not in held]
    if loose:
        return loose
    return [joint[1] if joint[1] != root else joint[0]]


def _reached(start: int, pairs: Sequence[tuple[int, int]], many: int) -> set[int]:
    touched, ask = {start}, [start]
    while ask:
        at = ask.pop()
        for a, b in pairs:
            for one, other in ((a, b), (b, a)):
                if one == at and other not in touched:
                    touched.add(other)
                    ask.append(other)
    return touched & set(range(many))


def built_before_cured(joints: Sequence[Joint]) -> str:
    """What the school that builds before the lamp shades, and what it costs; "" where nothing touches."""
    if not joints:
        return ""
    most = max(joints, key=lambda j: j.area_mm2)
    raw, minutes = sum(j.area_mm2 for j in joints), TORCH_MIN * len(joints)
    return (
        f"Built before the lamp, {raw:.0f} mm² in {len(joints)} joints see no light, most between {most.a} and {most.b} "
        f"({most.area_mm2:.0f} mm²): resin as glue, each lit by a torch as it is set ({minutes:g} min, a default); glue holds cured skin alone."
    )
