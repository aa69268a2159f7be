"""A mesh told by fewer vertices stays where it was, shaded as it was."""

import numpy as np
import pytest
from tests.helpers import ball_mesh, box_mesh, subdivided

from numerus.geometry.coarser import coarser


def test_a_coarser_ball_lies_on_the_ball_and_is_shaded_as_one() -> None:
    ball = ball_mesh(10.0, subdivisions=5)
    few, place, faces = coarser(ball, 500)
    radius = np.linalg.norm(few.vertices, axis=1)
    assert 500 < len(few.vertices) < len(ball.vertices) / 4
    assert radius.min() > 9.7 and radius.max() < 10.001
    assert np.einsum("ij,ij->i", few.vertex_normals, few.vertices / radius[:, None]).min() > 0.99
    assert np.linalg.norm(ball.vertices - few.vertices[place], axis=1).max() < 2.0
    assert few.areas_mm2.sum() == pytest.approx(4 * np.pi * 100, rel=0.05)
    middle = few.triangles.mean(axis=1)
    assert np.linalg.norm(middle - ball.triangles[faces].mean(axis=1), axis=1).max() < 2.0


def test_a_wall_thinner_than_a_cell_keeps_both_its_sides() -> None:
    few = coarser(subdivided(box_mesh((20, 0.2, 20)), 5), 60).mesh
    faced = few.vertices[np.abs(few.vertex_normals[:, 1]) > 0.9]
    assert len(faced) > 40
    assert sorted(np.unique(np.round(faced[:, 1], 9))) == [0.0, 0.2]
