"""Zones carried from part to part: exactly where it is the same shape, by votes elsewhere, with how often such were right."""

from __future__ import annotations

import numpy as np
import pytest

from helpers import ball_mesh, reversed_mesh
from numerus.geometry.mesh import Mesh
from numerus.surface.patching.zone_naming import carried_over, counted_with, none_counted, same_shape, share_right
from numerus.surface.zones import ZonedMesh


def lumpy() -> Mesh:
    """A shape without symmetry."""
    ball = ball_mesh(5.0, (0, 0, 0), 3)
    push = (
        1
        + 0.2 * np.sin(ball.vertices @ np.array([0.9, 0.4, 0.2]))
        + 0.1 * np.cos(ball.vertices @ np.array([0.1, 0.8, 0.5]))
    )
    return ball.with_vertices(ball.vertices * push[:, None])


def named(mesh: Mesh) -> ZonedMesh:
    labels = (mesh.triangles.mean(axis=1)[:, 2] > 1).astype(np.uint8)
    return ZonedMesh(mesh, ("coat", "hood"), labels)


def turned(mesh: Mesh, *, mirror: bool = False, scale: float = 1.0) -> Mesh:
    c, s = np.cos(1.1), np.sin(1.1)
    matrix = np.eye(4)
    matrix[:3, :3] = scale * np.array([[c, -s, 0], [s, c, 0], [0, 0, 1]]) @ np.diag([-1.0 if mirror else 1.0, 1, 1])
    matrix[:3, 3] = 14, -3, 2
    return mesh.transformed(matrix)


@pytest.mark.parametrize(("mirror", "scale"), [(False, 1.0), (True, 1.0), (False, 1.4), (True, 0.7)])
def test_the_same_shape_takes_zones_over_face_by_face(mirror: bool, scale: float) -> None:
    """Turned, mirrored, scaled: every face has its own zone, wherever it stands now."""
    first = named(lumpy())
    found = carried_over([first], "other", turned(lumpy(), mirror=mirror, scale=scale))
    assert found is not None and found.exact and (found.zoned.labels == first.labels).all() and found.agree == 1.0


def test_another_shape_is_voted_on() -> None:
    """Bent a little, or with other faces, it is no copy; a reversed one lists its corners the other way round and is."""
    mesh = lumpy()
    bent = mesh.with_vertices(mesh.vertices * (1 + 0.05 * np.sin(mesh.vertices[:, :1])))
    assert not same_shape(mesh, bent) and not same_shape(mesh, ball_mesh(5.0, (0, 0, 0), 2))
    assert same_shape(mesh, reversed_mesh(mesh))
    found = carried_over([named(mesh)], "other", bent)
    assert found is not None and not found.exact and 0.5 < found.agree <= 1.0


def test_how_often_votes_were_right_is_learned_from_what_is_accepted() -> None:
    """Nothing known is a half, of none; nine of ten accepted are most of them; other votes are another matter."""
    counts = none_counted()
    assert share_right(counts, 0.85) == (0.5, 0)
    for n in range(10):
        counts = counted_with(counts, 0.85, n > 0)
    share, of = share_right(counts, 0.88)
    assert of == 10 and share == pytest.approx(10 / 12)
    assert share_right(counts, 0.96) == (0.5, 0) and share_right(counts, 1.0)[1] == 0
