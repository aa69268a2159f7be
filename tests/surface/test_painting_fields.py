"""Fields of painting against closed forms: planes, balls, grooves, corners, fillets; and laws on sculpts."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.errors import Cancelled
from numerus.geometry.mesh import Floats, Mesh, merged, turning_up
from numerus.geometry.rays import RayScene
from numerus.surface.fields.painting_fields import (
    cone_directions,
    layer_step_um,
    lit_from,
    openness,
    packed_painting_fields,
    painting_fields,
    sphere_directions,
    unpacked_painting_fields,
)
from numerus.surface.fields.rolling_ball import recess, surface_grid

R = 0.6


def trough(profile: Floats, long_mm: float, rows: int) -> Mesh:
    """A sheet with a profile (k, 2) of x and z drawn out along y, its upper side out."""
    k, y = len(profile), np.linspace(-long_mm, long_mm, rows)
    vertices = np.stack([np.tile(profile[:, 0], rows), np.repeat(y, k), np.tile(profile[:, 1], rows)], axis=1)
    a = (np.arange(rows - 1)[:, None] * k + np.arange(k - 1)[None]).ravel()
    faces = np.concatenate([np.stack([a, a + 1, a + k + 1], 1), np.stack([a, a + k + 1, a + k], 1)])
    made = Mesh(vertices, faces.astype(np.int32))
    return made if made.normals[0, 2] > 0 else Mesh(vertices, faces[:, ::-1].astype(np.int32))


def groove(wide: float, deep: float, step: float = 0.1) -> Mesh:
    """A right-angled groove in a plane, long along y."""
    half = wide / 2
    flat = np.linspace(-10, -half, 60)[:-1]
    down = np.linspace(0, -deep, max(int(deep / step), 3))
    floor = np.linspace(-half, half, max(int(wide / step), 3))
    x = np.concatenate([flat, np.full(len(down), -half), floor[1:-1], np.full(len(down), half), -flat[::-1]])
    z = np.concatenate([0 * flat, down, np.full(len(floor) - 2, -deep), down[::-1], 0 * flat])
    return trough(np.stack([x, z], axis=1), 12, 121)


def recess_of(mesh: Mesh, radius: float = R) -> Floats:
    everywhere = np.ones(len(mesh.vertices), np.bool_)
    return recess(mesh.vertices, mesh.vertex_normals, surface_grid(mesh, radius), radius, everywhere)


def in_the_middle(mesh: Mesh) -> Floats:
    return np.abs(mesh.vertices[:, 1]) < 1.0


def test_a_plane_is_open_and_holds_no_recess() -> None:
    """1 and 0 exactly, however it lies."""
    flat = subdivided(box_mesh((20, 20, 2)), 4)
    turned = flat.with_vertices(flat.vertices @ turning_up((0.3, 0.7, 0.2)).T)
    for mesh in (flat, turned):
        found = painting_fields(mesh)
        centre = mesh.vertices.mean(axis=0)
        inner = np.linalg.norm(mesh.vertices - centre, axis=1) < 6
        assert found.openness[inner] == pytest.approx(1.0, abs=1e-6)
        assert found.recess[inner] == pytest.approx(0.0, abs=1e-6)


@pytest.mark.parametrize(("wide", "deep"), [(2.0, 1.5), (3.0, 1.0), (1.0, 2.0)])
def test_the_floor_of_a_long_groove_is_as_open_as_its_sides_leave_it(wide: float, deep: float) -> None:
    """Cosine-weighted share of the sky: half its width over the way from its middle to the rim."""
    mesh = groove(wide, deep)
    found = openness(mesh, RayScene(mesh))
    middle = in_the_middle(mesh) & (np.abs(mesh.vertices[:, 0]) < 0.06) & (mesh.vertices[:, 2] < -deep + 1e-6)
    assert found[middle].mean() == pytest.approx((wide / 2) / np.hypot(wide / 2, deep), abs=0.02)


def test_a_corner_is_as_deep_as_a_ball_leaves_it() -> None:
    """On the floor beside a wall, a from it: √((r − a)² + r²)/r − 1; √2 − 1 in the corner itself."""
    mesh = groove(2.4, 2.0, 0.08)
    found = recess_of(mesh)
    x, floor = mesh.vertices[:, 0], in_the_middle(mesh) & (mesh.vertices[:, 2] < -2.0 + 1e-6)
    aside = 1.2 - np.abs(x[floor])
    exact = np.where(aside < R, np.hypot(R - aside, R) / R - 1, 0)
    assert found[floor] == pytest.approx(exact, abs=0.015)
    assert found[floor].max() == pytest.approx(2**0.5 - 1, abs=0.015)


def test_a_narrow_groove_is_as_deep_as_the_ball_that_rests_on_its_rims() -> None:
    """Down its wall: the way to the ball's middle, which hangs √(r² − w²/4) over the rims; 1 from there on."""
    wide = 0.6
    mesh = groove(wide, 1.4, 0.06)
    found = recess_of(mesh)
    wall = in_the_middle(mesh) & (np.abs(mesh.vertices[:, 0] - wide / 2) < 1e-6)
    middle = np.sqrt(R**2 - wide**2 / 4)
    exact = np.clip(np.hypot(wide / 2, middle - mesh.vertices[wall, 2]) / R - 1, 0, 1)
    assert found[wall] == pytest.approx(exact, abs=0.02)


def test_a_fillet_rounder_than_the_ball_is_no_recess_and_a_tighter_one_is() -> None:
    """A quarter round between floor and wall: the ball touches all of one of 0.9 mm; of one of 0.3 mm the middle is
    (√2(r − f) + f)/r − 1 away.
    """
    for round_mm, deepest in ((0.9, 0.0), (0.3, (2**0.5 * (R - 0.3) + 0.3) / R - 1)):
        turn = np.linspace(0, np.pi / 2, 25)
        corner = np.stack([round_mm * np.sin(turn) - round_mm, round_mm - round_mm * np.cos(turn)], axis=1)
        floor = np.stack([np.linspace(-8, -round_mm, 60)[:-1], np.zeros(59)], axis=1)
        wall = np.stack([np.zeros(59), np.linspace(round_mm, 8, 60)[1:]], axis=1)
        mesh = trough(np.concatenate([floor, corner, wall]), 6, 81)
        assert recess_of(mesh)[in_the_middle(mesh)].max() == pytest.approx(deepest, abs=0.02)


def test_ridge_is_recess_from_within() -> None:
    """The rim of a groove's wall seen from inside is the corner seen from outside; a ball larger than ours has none."""
    block = subdivided(box_mesh((8, 8, 8)), 5)
    found = painting_fields(block)
    edge = (np.abs(block.vertices[:, 0] - 4) > 3.999) & (np.abs(block.vertices[:, 2] - 4) > 3.999)
    edge = edge & (np.abs(block.vertices[:, 1] - 4) < 2)
    assert edge.any() and found.ridge[edge] == pytest.approx(2**0.5 - 1, abs=0.03)
    ball = painting_fields(ball_mesh(4.0))
    assert ball.ridge.max() < 0.02 and ball.recess.max() < 0.02
    assert painting_fields(ball_mesh(0.4)).ridge.min() > 0.9, "a ball of 0.6 mm finds no room in one of 0.4 mm"


def test_light_from_above_falls_by_the_cosine_and_not_into_shadow() -> None:
    """On a ball max(0, n·d) as the spread goes to nothing; under a lid none."""
    ball = ball_mesh(5.0)
    lit = lit_from(ball, (0, 0, 1), 0.5, RayScene(ball))
    assert lit == pytest.approx(np.maximum(ball.vertex_normals[:, 2], 0), abs=0.02)
    lid = merged([ball, subdivided(box_mesh((30, 30, 1), (-15, -15, 8)), 3)])
    shaded = lit_from(lid, (0, 0, 1), 2.0, RayScene(lid))[: len(ball.vertices)]
    assert shaded.max() == 0


def test_directions_are_spread_evenly() -> None:
    """Their mean is nothing over the sphere; within a cone none is further out than its half angle, the mean along its axis."""
    assert np.abs(sphere_directions(112).mean(axis=0)).max() < 0.02
    cone = cone_directions((1, 1, 0), 10, 64)
    axis = np.array([1, 1, 0]) / 2**0.5
    assert np.degrees(np.arccos(cone @ axis)).max() <= 10.01
    assert cone.mean(axis=0) @ axis == pytest.approx((1 + np.cos(np.radians(10))) / 2, abs=0.002)


def test_what_lies_within_another_part_is_no_surface() -> None:
    """Neither open nor a ridge, and it does not keep the ball inside from where it is solid."""
    outer, inner = subdivided(box_mesh((10, 10, 10)), 4), subdivided(box_mesh((4, 4, 4), (3, 3, 3)), 2)
    both = painting_fields(merged([outer, inner]))
    hidden = np.arange(len(both.openness)) >= len(outer.vertices)
    assert both.inside[hidden].all() and not both.inside[~hidden].any()
    alone = painting_fields(outer)
    assert both.ridge[~hidden] == pytest.approx(alone.ridge, abs=1e-6)


def test_mirrored_figures_have_mirrored_fields() -> None:
    """Within what rays in fixed directions allow."""
    mesh = merged([ball_mesh(4.0, (0, 0, 4)), ball_mesh(2.5, (4, 1, 6))])
    mirror = Mesh(mesh.vertices * [-1, 1, 1], mesh.faces[:, ::-1].copy())
    one, other = painting_fields(mesh), painting_fields(mirror)
    assert one.recess == pytest.approx(other.recess, abs=0.02)
    assert np.abs(one.openness - other.openness).mean() < 0.01


def test_stairs_are_as_deep_as_the_layer_on_slopes_and_none_on_walls_and_flats() -> None:
    """50 µm layers: none on a wall, half of it at 60°, none on what lies flat."""
    normals = np.array([[1, 0, 0], [np.sin(np.radians(60)), 0, np.cos(np.radians(60))], [0, 0, 1.0]])
    assert layer_step_um(normals, np.array([0, 0, 1.0]), 0.05) == pytest.approx([0, 25, 0])


def test_work_that_is_given_up_ends_between_any_two_directions_and_pieces() -> None:
    """Told to stop at any share it stops there: nobody waits for fields nobody looks at any more."""
    mesh = ball_mesh(3.0, subdivisions=3)
    shares: list[float] = []
    painting_fields(mesh, progress=lambda share: shares.append(share) or True)
    assert shares == sorted(shares) and max(np.diff([0, *shares])) <= 0.16
    for last in shares[:: len(shares) // 7]:
        told: list[float] = []
        with pytest.raises(Cancelled):
            painting_fields(mesh, progress=lambda share, last=last, told=told: told.append(share) or share < last)
        assert told[-1] == pytest.approx(last)


def test_fields_are_kept_as_bytes_and_work_can_be_stopped() -> None:
    """Each value within half a step of 255; other meshes' bytes are none; a search told to stop raises."""
    mesh = ball_mesh(3.0, subdivisions=2)
    found = painting_fields(mesh)
    back = unpacked_painting_fields(packed_painting_fields(found), len(mesh.vertices))
    assert back is not None and np.abs(back.openness - found.openness).max() <= 0.5 / 255 + 1e-6
    assert unpacked_painting_fields(packed_painting_fields(found), 7) is None
    with pytest.raises(Cancelled):
        painting_fields(mesh, progress=lambda share: share < 0.5)
