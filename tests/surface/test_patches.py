"""Patches and growing: borders in the crease, names where they were put, the same again every time."""

from __future__ import annotations

import manifold3d
import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.demo.parts import labelled
from numerus.errors import GeometryError
from numerus.geometry.mesh import Mesh, merged
from numerus.surface.patching.patch_splitting import split_along
from numerus.surface.patching.patches import Seed, creases_of, grown, patches_of
from numerus.surface.zones import ATTRIBUTE


def united(*meshes: Mesh) -> Mesh:
    """One skin of overlapping solids."""
    solids = [
        manifold3d.Manifold(manifold3d.Mesh(m.vertices.astype(np.float32), m.faces.astype(np.uint32))) for m in meshes
    ]
    made = solids[0]
    for other in solids[1:]:
        made = made + other
    out = made.to_mesh()
    return Mesh(np.asarray(out.vert_properties[:, :3], float), np.asarray(out.tri_verts, np.int32))


def two_balls() -> tuple[Mesh, float]:
    """Balls of 5 and 3 mm grown together; the height of the crease between them."""
    mesh = united(ball_mesh(5.0, (0, 0, 0), 5), ball_mesh(3.0, (0, 0, 6.5), 5))
    return mesh, (6.5**2 + 5.0**2 - 3.0**2) / (2 * 6.5)


def test_the_border_grown_between_two_balls_lies_in_their_crease() -> None:
    """Within 0.3 mm all round, wherever on each the seed was put."""
    mesh, crease = two_balls()
    patches = patches_of(mesh)
    for low, high in (((0, 0, -5), (0, 0, 9.5)), ((5, 0, 0), (3, 0, 6.5)), ((0, -4.4, 2.3), (1.5, 0, 9.1))):
        names, labels = grown(mesh, patches, [Seed("body", low), Seed("head", high)])
        assert names == ("body", "head")
        a, b = labels[creases_of(mesh).pairs].T
        border = creases_of(mesh).pairs[a != b]
        height = mesh.triangles[border.ravel()].mean(axis=1)[:, 2]
        assert len(border) and np.abs(height - crease).max() < 0.3


def test_shells_are_borders_and_those_without_a_seed_take_what_is_nearest() -> None:
    """A knob on a box on a far block: the knob's own name; a bead at the knob goes with it."""
    box, knob = subdivided(box_mesh((10, 10, 10)), 3), subdivided(box_mesh((4, 4, 7), (3, 3, 9.5)), 2)
    bead = ball_mesh(0.8, (5, 5, 17.0), 2)
    mesh = merged([box, knob, bead])
    names, labels = grown(mesh, patches_of(mesh), [Seed("box", (5, 0, 5)), Seed("knob", (5, 5, 16.4))])
    of = [names[n] for n in labels]
    count = len(box.faces), len(knob.faces)
    assert set(of[: count[0]]) == {"box"} and set(of[count[0] : sum(count)]) == {"knob"}
    assert set(of[sum(count) :]) == {"knob"}


def test_seeds_on_smooth_ground_share_it_between_them() -> None:
    """Two on one ball: each has its own half."""
    ball = ball_mesh(5.0)
    names, labels = grown(ball, patches_of(ball), [Seed("left", (-5, 0, 0)), Seed("right", (5, 0, 0))])
    x = ball.triangles.mean(axis=1)[:, 0]
    sure = np.abs(x) > 0.6
    assert [names[n] for n in labels[sure]] == ["right" if v > 0 else "left" for v in x[sure]]


def test_patches_of_a_sculpt_are_mostly_of_one_material() -> None:
    """Nineteen in twenty of a Wickman's skin lies in patches whose material it is; none is a speck; twice is the same."""
    names = ("legs_standing", "torso_coat", "head_hat", "arm_R_snuffer", "arm_L_bell", "pack_lantern")
    mesh = merged([labelled(n) for n in names])
    found, again = patches_of(mesh), patches_of(mesh)
    assert np.array_equal(found.labels, again.labels)
    zones = mesh.face_attributes[ATTRIBUTE]
    held = np.zeros((len(found), 256))
    np.add.at(held, (found.labels, zones), mesh.areas_mm2)
    assert held.max(axis=1).sum() / held.sum() > 0.93
    assert found.area_mm2.sum() == pytest.approx(mesh.areas_mm2.sum())
    assert len(found) < 300 and np.median(found.area_mm2) > 2


def test_a_mesh_without_creases_is_one_patch_and_a_box_has_none_inside_corners() -> None:
    """Ridges are no borders: only what bends inward cuts."""
    assert len(patches_of(ball_mesh(5.0))) == 1
    assert len(patches_of(subdivided(box_mesh((10, 10, 10)), 4))) == 1
    assert creases_of(subdivided(box_mesh((10, 10, 10)), 2)).sharp.max() == pytest.approx(0, abs=0.05)


def test_a_line_across_a_patch_cuts_it_in_two_and_no_other() -> None:
    """A flat plate cut in the middle: halves of equal area either side of the line; a line beside it parts nothing."""
    plate = subdivided(box_mesh((20, 10, 2)), 4)
    patches = patches_of(plate)
    top = int(patches.labels[np.argmax(plate.triangles.mean(axis=1)[:, 2])])
    line = [np.array([10.1, y, 2.0]) for y in (2.0, 5.0, 8.0)]
    made = split_along(plate, patches, line)
    own = np.flatnonzero(patches.labels == top)
    centre, new = plate.triangles[own].mean(axis=1), made.labels[own]
    assert len(made) == len(patches) + 1 and len(np.unique(new)) == 2
    assert len(np.unique(new[centre[:, 0] < 10.1])) == len(np.unique(new[centre[:, 0] > 10.1])) == 1
    assert made.area_mm2.sum() == pytest.approx(patches.area_mm2.sum())
    others = patches.labels != top
    pairs = {(int(a), int(b)) for a, b in zip(patches.labels[others], made.labels[others], strict=True)}
    assert len(pairs) == len(patches) - 1, "the other patches are what they were"
    with pytest.raises(GeometryError, match="line"):
        split_along(plate, patches, line[:1])
    corner = [np.array([-3.0, y, 2.0]) for y in (2.0, 8.0)]
    with pytest.raises(GeometryError, match="part"):
        split_along(plate, patches, corner)
