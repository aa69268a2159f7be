"""Holes for magnets and pins found where they were bored, whichever way, and bored to another size."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh
from manifold3d import Manifold

from helpers import ball_mesh, box_mesh
from numerus.demo import parts as demo_parts
from numerus.geometry.cutting import mesh_of, solid_of
from numerus.geometry.mesh import Floats, Mesh
from numerus.geometry.round_holes import bored, round_holes


def drilled(mesh: Mesh, at: tuple[float, float, float], across: float, deep: float) -> Mesh:
    """A blind hole from above."""
    post = Manifold.cylinder(deep + 5, across / 2, across / 2, 64).translate((at[0], at[1], at[2] - deep))
    return mesh_of(solid_of(mesh) - post)


def turned(degrees: float) -> Floats:
    return trimesh.transformations.rotation_matrix(np.radians(degrees), [1.0, 2.0, 0.5])


@pytest.mark.parametrize(("across", "deep", "lean"), [(3.0, 2.0, 0), (5.0, 1.6, 70), (1.0, 4.0, 25), (2.0, 3.0, 180)])
def test_a_bored_hole_is_found_as_wide_and_deep_as_it_is(across: float, deep: float, lean: float) -> None:
    """To a twentieth of a millimetre, its mouth where it was begun, pointing into the part."""
    block = drilled(box_mesh((20, 16, 8), (-10, -8, -8)), (3.0, -2.0, 0.0), across, deep).transformed(turned(lean))
    (hole,) = round_holes(block)
    assert hole.across_mm == pytest.approx(across, abs=0.05) and hole.deep_mm == pytest.approx(deep, abs=0.15)
    mouth = (turned(lean) @ [3.0, -2.0, 0.0, 1.0])[:3]
    assert np.linalg.norm(np.asarray(hole.mouth) - mouth) < 0.15
    assert np.asarray(hole.inward) @ turned(lean)[:3, :3] @ [0, 0, -1] > 0.99


def test_two_holes_are_two_and_round_things_are_none() -> None:
    """A post and a ball look outward; a box has no round wall."""
    two = drilled(drilled(box_mesh((30, 16, 8), (-15, -8, -8)), (-7, 0, 0), 4.0, 3.0), (7, 0, 0), 2.0, 3.0)
    assert [round(h.across_mm, 1) for h in round_holes(two)] == [4.0, 2.0]
    assert round_holes(ball_mesh(5.0)) == [] and round_holes(box_mesh((9, 9, 9))) == []


@pytest.mark.parametrize("across", [2.0, 3.4])
def test_a_hole_is_bored_to_another_width(across: float) -> None:
    """Narrower or wider, it is found so again; the part is closed and as large as it should be."""
    block = drilled(box_mesh((20, 16, 8), (-10, -8, -8)), (0, 0, 0), 3.0, 2.0)
    made = bored(block, round_holes(block)[0], across)
    assert trimesh.Trimesh(made.vertices, made.faces).is_watertight
    (again,) = round_holes(made)
    assert again.across_mm == pytest.approx(across, abs=0.05) and again.deep_mm == pytest.approx(2.0, abs=0.15)
    gone = 20 * 16 * 8 - made.signed_volume_mm3
    assert gone == pytest.approx(np.pi / 4 * across**2 * 2.0, rel=0.08)


def test_a_hole_is_found_in_a_sculpt() -> None:
    """Bored into the sole of a demo part, it is the only new one."""
    mesh = demo_parts.mesh("torso_apron")
    low = mesh.bounds_mm[0, 2]
    upside = mesh.transformed(np.diag([1.0, -1.0, -1.0, 1.0]))
    middle = upside.vertices[np.argmax(upside.vertices[:, 2])]
    holed = drilled(upside, (0.0, float(upside.bounds_mm[:, 1].mean()), float(middle[2])), 3.0, 3.0)
    before, after = len(round_holes(mesh)), round_holes(holed)
    assert any(h.across_mm == pytest.approx(3.0, abs=0.1) for h in after) and len(after) >= before and low == low
