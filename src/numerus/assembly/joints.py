"""Joints of a built figure: how much skin two parts share, what hangs beyond it, whether glue bears that."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import combinations

import numpy as np

from numerus.assembly.balance import RESIN_G_PER_MM3
from numerus.geometry.likeness import even_points
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.solids.mass import centre_of_mass

GAP_MM = 0.15  # parts nearer than this touch
POINTS, PIXEL_MM = 30_000, 0.05
LEAST_MM2 = 0.05
GRAVITY, KNOCK_G = 9.81e-3, 5.0  # N a gram; how many times its weight a knock loads a joint with
GLUE_NMM_PER_MM2, MAGNET_NMM_PER_MM2 = 0.25, 0.05  # (default) moment a mm² of glue bears; up to which a magnet would do


@dataclass(frozen=True)
class Joint:
    """Two parts that touch: mm² of shared skin, pegs included; N·mm of what hangs beyond it standing, and at a knock."""

    a: str
    b: str
    area_mm2: float
    load_nmm: float
    knock_nmm: float

    @property
    def advice(self) -> str:
        """Glue, pin or magnet, with the reason."""
        strain = self.knock_nmm / max(self.area_mm2, 1e-9)
        if strain > GLUE_NMM_PER_MM2:
            return f"pin: a knock asks {strain:.2f} N·mm of every mm², glue bears about {GLUE_NMM_PER_MM2:g}"
        return "glue; a magnet would do" if strain < MAGNET_NMM_PER_MM2 else "glue"


def joints_of(parts: Sequence[tuple[str, Mesh]]) -> list[Joint]:
    """Every two parts that share skin. What hangs beyond a joint is what would come off with it: all that no other joint
    holds to the part that stands lowest; where parts are held round about, the one that is further from it.
    """
    touching = {}
    for (i, (_, one)), (j, (_, other)) in combinations(enumerate(parts), 2):
        area, at = _contact(one, other)
        if area >= LEAST_MM2:
            touching[i, j] = area, at
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
        joints.append(Joint(parts[i][0], parts[j][0], area, load, knock))
    return joints


def _contact(one: Mesh, other: Mesh) -> tuple[float, Floats]:
    """mm² of skin two parts share, and its middle: places of each from which a step outward is within the other."""
    contact = [_covered(a, b) for a, b in ((one, other), (other, one))]
    return max(contact, key=lambda f: f[0])


def _covered(mesh: Mesh, other: Mesh) -> tuple[float, Floats]:
    low, high = other.bounds_mm
    points, normals = even_points(mesh, POINTS)
    outside = points + GAP_MM * normals
    near = np.all((outside > low) & (outside < high), axis=1)
    if not near.any():
        return 0.0, np.zeros(3)
    columns = solid_columns(other.moved((0, 0, -low[2])).triangles, PIXEL_MM, PIXEL_MM)
    held = columns.holds(outside[near] - [0, 0, low[2]])
    if not held.any():
        return 0.0, np.zeros(3)
    each = float(mesh.areas_mm2.sum()) / len(points)
    return float(held.sum()) * each, points[near][held].mean(axis=0)


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
