"""Rays and the ray-cast picture against closed forms."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh
from numerus.geometry.mesh import merged
from numerus.geometry.rays import Camera, RayScene, picture, ring_directions, shade
from numerus.kit.thumbnails import fitted_camera, thumbnail_png
from numerus.surface.fields.exposure import table_exposure

GREY = np.array([[180, 180, 180]], np.uint8)


def test_rays_meet_a_ball_where_geometry_says() -> None:
    """Parallel rays meet it within its radius and nowhere else."""
    scene = RayScene(ball_mesh(5))
    x = np.linspace(-8, 8, 65)
    origins = np.stack([x, np.zeros(65), np.full(65, 20.0)], axis=1)
    hit = scene.blocked(origins, np.broadcast_to([0, 0, -1.0], (65, 3)))
    assert hit[np.abs(x) < 4.9].all() and not hit[np.abs(x) > 5.0].any()


@pytest.mark.parametrize(("turn", "rise"), [(0, 0), (30, 15), (210, 70), (-45, -20)])
def test_the_cameras_axes_are_a_right_handed_frame(turn: float, rise: float) -> None:
    """Right, up, toward: unit, square to each other, right x up = toward."""
    right, up, toward = Camera((0, 0, 0), turn, rise, 10).axes()
    assert np.stack([right, up, toward]) @ np.stack([right, up, toward]).T == pytest.approx(np.eye(3))
    assert np.cross(right, up) == pytest.approx(toward)
    assert toward[2] == pytest.approx(np.sin(np.radians(rise)))


def test_a_picture_covers_the_silhouette() -> None:
    """A ball of radius 5 in a picture 20 mm high covers π/16 of its square; outside it is transparent."""
    image = picture(ball_mesh(5), GREY, Camera((0, 0, 0), 33, 12, 20), 200, 200)
    assert (image[..., 3] > 0).mean() == pytest.approx(np.pi * 25 / 400, rel=0.01)
    assert image[0, 0].tolist() == [0, 0, 0, 0]


def test_light_comes_from_above() -> None:
    """A face that looks up is brighter than a wall, a wall brighter than a ceiling."""
    up, wall, down = shade(np.array([[0, 0, 1.0], [1, 0, 0], [0, 0, -1]]))
    assert 1 >= up > wall > down >= 0.38


def test_viewers_round_a_table_see_tops_and_no_undersides() -> None:
    """Unit directions above the horizon; a pit's floor sees less of them than an open top."""
    views = ring_directions((15, 40, 70), 12)
    assert np.linalg.norm(views, axis=1) == pytest.approx(np.ones(36))
    assert (views[:, 2] > 0).all()
    walls = [
        ((1, 10, 12), (-1, 0, 0)),
        ((1, 10, 12), (10, 0, 0)),
        ((12, 1, 12), (-1, -1, 0)),
        ((12, 1, 12), (-1, 10, 0)),
    ]
    pit = merged([box_mesh((10, 10, 1)), *(box_mesh(size, at) for size, at in walls)])
    points = np.array([[1, 5, 1.0], [5, -0.5, 12.0], [5, 5, 0.0]])
    normals = np.array([[0, 0, 1.0], [0, 0, 1], [0, 0, -1]])
    floor, rim, under = table_exposure(pit, points, normals)
    assert rim > floor > under == 0


@pytest.mark.parametrize("aspect", [0.5, 1.0, 2.0])
def test_a_fitted_camera_holds_the_whole_part(aspect: float) -> None:
    """No pixel of it touches the picture's edge, in whatever proportion."""
    mesh = box_mesh((4, 9, 12), (50, -20, 7))
    wide = int(120 * aspect)
    image = picture(mesh, GREY, fitted_camera(mesh, aspect=aspect), wide, 120)
    seen = image[..., 3] > 0
    assert seen.any()
    assert not (seen[0].any() or seen[-1].any() or seen[:, 0].any() or seen[:, -1].any())


def test_a_thumbnail_is_a_png_of_its_size() -> None:
    """Square, with a transparent ground."""
    import io

    from PIL import Image

    image = Image.open(io.BytesIO(thumbnail_png(ball_mesh(3), 64)))
    assert image.size == (64, 64) and image.mode == "RGBA"
    assert image.getpixel((0, 0))[3] == 0 and image.getpixel((32, 32))[3] == 255
