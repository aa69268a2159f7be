"""Thickness through the solid, against shapes whose walls are known."""

from __future__ import annotations

import numpy as np
import pytest
import trimesh

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.geometry.mesh import Mesh, merged
from numerus.geometry.thickness import surface_samples, thickened, thickness, thin_places


def rod(radius_mm: float, length_mm: float) -> Mesh:
    made = trimesh.creation.cylinder(radius_mm, length_mm, sections=96)
    return Mesh(np.asarray(made.vertices), np.asarray(made.faces, np.int32))


def test_samples_stand_for_the_whole_surface() -> None:
    """Areas add up, and the mean of the points is the surface's centroid."""
    mesh = box_mesh((7, 3, 1), (1, 2, 3))
    _, points, areas = surface_samples(mesh)
    assert areas.sum() == pytest.approx(mesh.areas_mm2.sum())
    assert np.average(points, axis=0, weights=areas) == pytest.approx(mesh.bounds_mm.mean(axis=0))


def test_a_plate_is_as_thick_as_it_is_and_its_rim_is_no_wall() -> None:
    """0.3 mm by 20 by 10: both faces count, the rim does not."""
    found = thickness(box_mesh((20, 10, 0.3)))
    assert found.thinnest_mm == pytest.approx(0.3, abs=1e-6)
    assert found.area_below_mm2(0.31) == pytest.approx(400)
    assert found.area_below_mm2(0.29) == 0


def test_a_rod_a_ball_and_a_wedge() -> None:
    """A rod is as thick as its diameter, a ball too; a right-angled edge is no thin wall, a blade of 20° is."""
    assert thickness(rod(0.4, 10)).thinnest_mm == pytest.approx(0.8, rel=2e-3)
    assert thickness(ball_mesh(3)).thinnest_mm == pytest.approx(6, rel=0.03)
    assert thickness(box_mesh((5, 5, 5))).area_below_mm2(4.9) == 0
    for angle, thin in ((90, False), (60, False), (20, True)):
        half = np.tan(np.radians(angle / 2)) * 6
        outline = np.array([[0, 0], [6, -half], [6, half]])
        prism = trimesh.creation.extrude_triangulation(outline, np.array([[0, 1, 2]]), 8)
        found = thickness(Mesh(np.asarray(prism.vertices), np.asarray(prism.faces, np.int32)))
        assert (found.area_below_mm2(0.4) > 1) == thin


def test_overlapping_shells_are_one_solid_and_gaps_are_no_walls() -> None:
    """Two boxes through each other are as thick as both; a slit between two boxes is a gap of its width."""
    crossed = thickness(merged([box_mesh((4, 4, 1)), box_mesh((3, 3, 1), (0.5, 0.5, 0.6))]))
    assert crossed.area_below_mm2(1.5) == pytest.approx(2 * 7, rel=0.05)
    assert crossed.area_below_mm2(1.7) == pytest.approx(2 * 16, rel=0.01)
    assert crossed.area_mm2.sum() == pytest.approx(2 * 16 + 16 + 12 * 0.6, rel=0.02)
    apart = thickness(merged([box_mesh((4, 4, 2)), box_mesh((4, 4, 2), (0, 0, 2.1))]))
    assert apart.thinnest_mm == pytest.approx(2, abs=1e-5)
    assert apart.gap_mm.min() == pytest.approx(0.1, abs=1e-5)
    assert apart.area_mm2[apart.gap_mm < 0.11].sum() == pytest.approx(32)


def test_a_hollow_has_walls() -> None:
    """A reversed box inside another leaves a wall, on the outside and within."""
    found = thickness(merged([box_mesh((10, 10, 10)), reversed_mesh(box_mesh((9, 9, 9), (0.5, 0.5, 0.5)))]))
    assert found.thinnest_mm == pytest.approx(0.5, abs=1e-5)
    assert found.area_below_mm2(0.51) == pytest.approx(2 * 6 * 81, rel=0.02)


def test_thin_places_are_told_apart_and_thickened_alone() -> None:
    """Two fins on a block are two places; thickened to 0.8 they are, and the block's far end has not moved."""
    fins = [box_mesh((0.4, 6, 4), (x, 2, 9.9)) for x in (2, 12)]
    fine = [Mesh(*trimesh.remesh.subdivide_to_size(m.vertices, m.faces, 0.3)) for m in [box_mesh((15, 10, 10)), *fins]]
    mesh = merged([Mesh(m.vertices, m.faces.astype(np.int32)) for m in fine])
    found = thickness(mesh)
    places = thin_places(found, 0.5)
    assert [p.wall_mm for p in places] == pytest.approx([0.4, 0.4], abs=1e-5)
    assert sorted(round(p.x_mm, 1) for p in places) == [2.2, 12.2]
    grown = thickened(mesh, found, 0.8)
    far = mesh.vertices[:, 2] < 9
    assert np.array_equal(grown.vertices[far], mesh.vertices[far])
    inner = np.abs(thickness(grown).point[:, 2] - 12) < 1
    assert np.median(thickness(grown).wall_mm[inner & (thickness(grown).wall_mm < 2)]) == pytest.approx(0.8, abs=0.02)


def test_what_is_finer_than_pixels_or_layers_is_lost() -> None:
    """A fin 0.08 mm thin: two pixels of 50 um lose it standing, not two layers of 30 um when it lies."""
    fin = box_mesh((10, 0.08, 10))
    walls = thickness(fin)
    assert walls.lost_mm2(fin.normals, 0.05, 0.03, (0, 0, 1)) == pytest.approx(200, rel=0.03)
    assert walls.lost_mm2(fin.normals, 0.05, 0.03, (0, 1, 0)) == 0
