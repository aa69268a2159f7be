"""Limbs bent about a joint: the hinge against closed forms, volume and closedness kept, what folds or runs into the rest told."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh
from hypothesis import given
from hypothesis import settings as examples
from hypothesis import strategies as st

from helpers import box_mesh
from numerus.demo import parts as demo_parts
from numerus.errors import GeometryError
from numerus.geometry.bending import bent, hinge_at
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.health import connected_shells


def rod(radius: float = 2.0, long: float = 30.0) -> Mesh:
    """An upright round rod about the origin, of rings half a millimetre apart."""
    rings, sides = int(long * 2) + 1, 32
    turn = np.arange(sides) * 2 * np.pi / sides
    side = [[radius * np.cos(t), radius * np.sin(t), z] for z in np.linspace(-long / 2, long / 2, rings) for t in turn]
    faces = [
        q
        for k in range(rings - 1)
        for n in range(sides)
        for q in _square(k * sides + n, k * sides + (n + 1) % sides, sides)
    ]
    ends = [(n, (n + 1) % sides) for n in range(sides)]
    low, high, last = len(side), len(side) + 1, (rings - 1) * sides
    faces += [(b, a, low) for a, b in ends] + [(last + a, last + b, high) for a, b in ends]
    return Mesh(np.array([*side, [0, 0, -long / 2], [0, 0, long / 2]]), np.array(faces, np.int32))


def _square(a: int, b: int, up: int) -> list[tuple[int, int, int]]:
    return [(a, b, b + up), (a, b + up, a + up)]


ROD = rod()


def whole(mesh: Mesh) -> trimesh.Trimesh:
    return trimesh.Trimesh(mesh.vertices, mesh.faces)


def test_the_hinge_of_a_rod_is_its_axis_and_its_section() -> None:
    """Clicked anywhere on its side: along it, in its middle, its radius; the shorter end is what moves."""
    hinge = hinge_at(ROD, np.array([2.0, 0.0, 6.0]))
    assert abs(hinge.along[2]) == pytest.approx(1, abs=0.02) and hinge.along[2] > 0
    assert np.hypot(*hinge.middle[:2]) < 0.1 and hinge.middle[2] == pytest.approx(6, abs=0.5)
    assert hinge.radius_mm == pytest.approx(2.0, rel=0.06)
    assert hinge_at(ROD, np.array([2.0, 0.0, -6.0])).along[2] < 0


HINGE = hinge_at(ROD, np.array([2.0, 0.0, 3.0]))


@examples(max_examples=12)
@given(st.floats(-80, 80), st.floats(-80, 80), st.floats(-90, 90))
def test_a_bent_rod_keeps_its_volume_and_stays_closed(nod: float, sway: float, twist: float) -> None:
    """However it is turned: its faces are as many, nothing folds, and its far end is where a stiff one would be."""
    mesh, hinge = ROD, HINGE
    made = bent(mesh, hinge, nod, sway, twist)
    before, after = whole(mesh), whole(made.mesh)
    assert after.is_watertight and after.volume == pytest.approx(before.volume, rel=0.01)
    assert made.least_left > 0.2
    stays = ~made.moved
    assert np.array_equal(made.mesh.vertices[stays], mesh.vertices[stays])
    tip, end = int(np.argmax(mesh.vertices[:, 2])), np.asarray(hinge.middle)
    assert np.linalg.norm(made.mesh.vertices[tip] - end) == pytest.approx(
        np.linalg.norm(mesh.vertices[tip] - end), abs=1e-6
    )
    top = mesh.vertices[:, 2] > mesh.vertices[:, 2].max() - 1e-6
    lean = made.mesh.vertices[top].mean(axis=0) - end
    angle = np.degrees(np.arccos(np.clip(lean @ np.asarray(hinge.along) / np.linalg.norm(lean), -1, 1)))
    assert angle == pytest.approx(np.hypot(nod, sway), abs=3)


def test_a_coarse_box_is_made_finer_where_it_bends() -> None:
    """Twelve faces cannot bend; it stays closed, and its corners do not show."""
    mesh = box_mesh((4, 4, 30))
    made = bent(mesh, hinge_at(mesh, np.array([0.0, 2.0, 16.0])), 45)
    assert len(made.mesh.faces) > 500 and whole(made.mesh).is_watertight
    assert whole(made.mesh).volume == pytest.approx(4 * 4 * 30, rel=0.02)


def test_what_runs_into_the_rest_is_told() -> None:
    """A hook bent until its end lies in its own post; bent away it does not."""
    post, arm = box_mesh((4, 4, 30)), box_mesh((14, 4, 4), (3.9, 0, 22))
    hand = box_mesh((4, 4, 12), (13.9, 0, 10.2))
    hook = trimesh.boolean.union([whole(m) for m in (post, arm, hand)], engine="manifold").subdivide_to_size(0.8)
    mesh = Mesh(np.asarray(hook.vertices), np.asarray(hook.faces, np.int32))
    hinge = hinge_at(mesh, np.array([8.5, 0.0, 24.0]))
    inward = max((bent(mesh, hinge, 0, s).into_mm3 for s in (70, -70)), default=0)
    nods = [bent(mesh, hinge, n).into_mm3 for n in (75, -75)]
    assert max(*nods, inward) > 5 and min(nods) == 0


def test_zones_go_along_and_a_figures_arm_moves_alone() -> None:
    """An arm of the demo bent at its elbow: its faces and zones as they were; a fold is refused."""
    mesh = demo_parts.labelled("arm_R_bell")
    middle = mesh.vertices[np.argsort(mesh.vertices[:, 2])[len(mesh.vertices) // 2]]
    made = bent(mesh, hinge_at(mesh, middle), 25)
    assert made.mesh.face_attributes.keys() == mesh.face_attributes.keys()
    assert len(connected_shells(made.mesh)) == len(connected_shells(mesh)) and 0.02 < made.moved.mean() < 0.8
    with pytest.raises(GeometryError, match="folds a limb"):
        bent(mesh, hinge_at(mesh, middle), 130)
