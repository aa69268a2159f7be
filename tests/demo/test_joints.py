"""The modular joints: whatever is chosen closes without a gap and cuts nothing."""

from __future__ import annotations

from itertools import product

import numpy as np
import pytest
from manifold3d import Manifold
from manifold3d import Mesh as SolidMesh

from numerus.demo.kits import BASES, HEADS, LEFT, PACKS, RIGHT, STANCES, TORSOS
from numerus.demo.parts import mesh
from numerus.demo.sculptor.bodies import BACK_Y, FACET_X, NECK_Z, WAIST_Z
from numerus.geometry.mesh import Mesh, rotation_matrix, turning_up
from numerus.geometry.solids.columns import solid_columns

STEP_MM = 0.05
MOST_GAP_MM = 0.15
MOST_CUT_MM3 = 1.0  # a peg has three to eight
RIGHT_ARMS = (*RIGHT, "greatbell", "banner")


def solid(name: str) -> Manifold:
    part = mesh(name)
    made = Manifold(SolidMesh(part.vertices.astype(np.float32), part.faces.astype(np.uint32)))
    assert made.status().name == "NoError"
    return made


def gap_mm(below: Mesh, above: Mesh, way: tuple, at: tuple, ring_mm: tuple[float, float]) -> float:
    """The widest opening between two parts along ``way``, measured in a ring round the joint's peg at ``at``."""
    turn = rotation_matrix(turning_up(way))
    centre = turn[:3, :3] @ np.asarray(at, float)
    lift = 40.0 - centre[2]
    faces = []
    for part, upper in ((below, False), (above, True)):
        columns = solid_columns(part.transformed(turn).moved((-centre[0], -centre[1], lift)).triangles, 0.1, STEP_MM)
        x, y = columns.grid.centre_mm(columns.x.astype(float), columns.rows.astype(float))
        r = np.hypot(x, y)
        near = (r > ring_mm[0]) & (r < ring_mm[1])
        ends = (columns.low if upper else columns.high)[near] * STEP_MM - 40.0
        own = np.abs(ends) < 1.5
        keys = np.round(np.stack([x, y], axis=1)[near][own] / 0.1).astype(int)
        found: dict[tuple[int, int], float] = {}
        for key, end in zip(map(tuple, keys), ends[own], strict=True):
            found[key] = min(found.get(key, 9.0), end) if upper else max(found.get(key, -9.0), end)
        faces.append(found)
    both = faces[0].keys() & faces[1].keys()
    assert len(both) > 40, "the faces hardly meet"
    return max(faces[1][k] - faces[0][k] for k in both)


@pytest.mark.parametrize(("stance", "torso"), list(product(STANCES, TORSOS)))
def test_every_torso_sits_on_every_pair_of_legs(stance: str, torso: str) -> None:
    """Flat on flat at the waist, the peg in its socket with room."""
    assert (solid(f"legs_{stance}") ^ solid(f"torso_{torso}")).volume() < MOST_CUT_MM3
    at = (0, 0.2, WAIST_Z)
    assert gap_mm(mesh(f"legs_{stance}"), mesh(f"torso_{torso}"), (0, 0, 1), at, (1.7, 2.6)) <= MOST_GAP_MM


@pytest.mark.parametrize(
    ("arm", "torso"), list(product([f"R_{r}" for r in RIGHT_ARMS] + [f"L_{a}" for a in LEFT], TORSOS))
)
def test_every_arm_fits_every_torso(arm: str, torso: str) -> None:
    """At the shoulder's flat face; no sleeve or weapon cuts the coat."""
    assert (solid(f"arm_{arm}") ^ solid(f"torso_{torso}")).volume() < MOST_CUT_MM3
    side = -1 if arm[0] == "R" else 1
    at = (side * FACET_X, 0.3, 23.2)
    assert gap_mm(mesh(f"torso_{torso}"), mesh(f"arm_{arm}"), (side, 0, 0), at, (1.25, 1.55)) <= MOST_GAP_MM


@pytest.mark.parametrize(("head", "torso"), list(product(HEADS, TORSOS)))
def test_every_head_goes_into_every_collar(head: str, torso: str) -> None:
    """The neck stands on its seat; beard, braid and scarf may lie on the coat but not in it."""
    assert (solid(f"head_{head}") ^ solid(f"torso_{torso}")).volume() < 12 * MOST_CUT_MM3
    assert gap_mm(mesh(f"torso_{torso}"), mesh(f"head_{head}"), (0, 0, 1), (0, 0.25, NECK_Z), (1.1, 1.4)) <= MOST_GAP_MM


@pytest.mark.parametrize(("pack", "torso"), list(product(PACKS, TORSOS)))
def test_every_pack_lies_on_every_back(pack: str, torso: str) -> None:
    """Pad on pad."""
    assert (solid(f"pack_{pack}") ^ solid(f"torso_{torso}")).volume() < MOST_CUT_MM3
    at = (0, BACK_Y, 20.6)
    assert gap_mm(mesh(f"torso_{torso}"), mesh(f"pack_{pack}"), (0, 1, 0), at, (1.15, 1.7)) <= MOST_GAP_MM


@pytest.mark.parametrize(("stance", "base"), list(product(STANCES, BASES)))
def test_soles_stand_on_every_base(stance: str, base: str) -> None:
    """The lowest point of the legs is the base's level top; nothing of the base stands in their way."""
    legs = mesh(f"legs_{stance}")
    assert legs.bounds_mm[0, 2] == pytest.approx(3.0, abs=0.03)
    assert (solid(f"legs_{stance}") ^ solid(f"base_{base}")).volume() < MOST_CUT_MM3


def test_the_boys_parts_fit_each_other() -> None:
    """A man's joints made smaller."""
    torso = solid("torso_boy")
    for part in ("legs_boy", "head_boy", "arm_R_ladder", "arm_L_taper"):
        assert (solid(part) ^ torso).volume() < MOST_CUT_MM3, part


@pytest.mark.parametrize(
    ("one", "other"), [("body", "legs"), ("body", "bell"), ("body", "wing_L"), ("body", "wing_R"), ("body", "neck"), ("head", "neck"), ("base", "legs")]
)  # fmt: skip
def test_the_herons_parts_make_room_for_each_other(one: str, other: str) -> None:
    """Each socket is the shape of what goes into it, a little wider."""
    assert (solid(f"heron_{one}") ^ solid(f"heron_{other}")).volume() < 4 * MOST_CUT_MM3
