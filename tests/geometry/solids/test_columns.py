"""Solid columns against closed forms and brute force."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh, reversed_mesh
from numerus.errors import GeometryError
from numerus.geometry.mesh import Mesh, merged, turning_up
from numerus.geometry.solids import columns as module
from numerus.geometry.solids.columns import grid_over, solid_columns
from numerus.geometry.solids.layers import layer_areas_mm2, layer_bitmap

sizes = st.floats(0.5, 6.0).map(lambda v: round(v, 2))
corners = st.floats(0.0, 4.0).map(lambda v: round(v, 2))
boxes = st.tuples(st.tuples(sizes, sizes, sizes), st.tuples(corners, corners, corners))


def brute_bitmap(parts: list[tuple[tuple, tuple]], grid, layer: int) -> np.ndarray:
    """Whether each pixel's centre at the layer's middle lies in any of the boxes, asked one by one."""
    x, y = grid.centre_mm(np.arange(grid.nx)[None, :], np.arange(grid.ny)[:, None])
    z = (layer + 0.5) * grid.layer_mm
    inside = np.zeros((grid.ny, grid.nx), bool)
    for size, at in parts:
        inside |= (
            (at[0] < x) & (x < at[0] + size[0]) & (at[1] < y) & (y < at[1] + size[1]) & (at[2] <= z < at[2] + size[2])
        )
    return inside


@settings(max_examples=40, deadline=None)
@given(st.lists(boxes, min_size=1, max_size=4), st.integers(0, 40))
def test_layers_of_overlapping_boxes_are_their_union(parts: list, layer: int) -> None:
    """Any pile of boxes has, at any layer, exactly the pixels whose centres lie in one of them."""
    columns = solid_columns(merged([box_mesh(*p) for p in parts]).triangles, 0.137, 0.1)
    assert np.array_equal(layer_bitmap(columns, layer), brute_bitmap(parts, columns.grid, layer))


@settings(max_examples=25, deadline=None)
@given(st.integers(0, 2**31), st.floats(0.05, 0.3))
def test_a_column_through_a_shared_edge_is_hit_once(seed: int, pixel: float) -> None:
    """A flat sheet of random triangles covers every pixel of its rectangle once, whatever edges run through centres."""
    rng = np.random.default_rng(seed)
    points = np.concatenate(
        [[[0, 0], [4, 0], [4, 3], [0, 3]], np.round(rng.uniform(0, 3, (30, 2)) / pixel) * pixel + pixel / 2]
    )
    from scipy.spatial import Delaunay

    faces = Delaunay(points).simplices
    low, high = (np.c_[points, np.full(len(points), z)][faces] for z in (1.0, 2.0))
    flip = np.cross(low[:, 1] - low[:, 0], low[:, 2] - low[:, 0])[:, 2] > 0
    low[flip], high[~flip] = low[flip][:, ::-1], high[~flip][:, ::-1]
    columns = solid_columns(np.concatenate([low, high]), pixel, 0.1)
    assert columns.doubtful == 0
    assert np.all(columns.high - columns.low == columns.high[0] - columns.low[0])


def test_volume_of_a_ball_is_that_of_its_polyhedron() -> None:
    """Columns sample x and y and are exact in z: a thousand columns across are good to 1e-4."""
    ball = ball_mesh(5, (0.3, 0.1, 6))
    assert solid_columns(ball.triangles, 0.02, 0.05).volume_mm3 == pytest.approx(ball.signed_volume_mm3, rel=1e-4)


def test_nested_shell_counts_once_and_reversed_one_is_a_void() -> None:
    """A ball inside a ball adds nothing; turned inside out it is taken away."""
    outer, inner = ball_mesh(5, (0, 0, 6)), ball_mesh(2, (0, 0, 6))
    alone, nested, void = (
        solid_columns(m.triangles, 0.05, 0.05).volume_mm3
        for m in (outer, merged([outer, inner]), merged([outer, reversed_mesh(inner)]))
    )
    assert nested == pytest.approx(alone, rel=1e-9)
    assert void == pytest.approx(alone - inner.signed_volume_mm3, rel=2e-3)


def test_result_does_not_depend_on_bands_or_threads(monkeypatch: pytest.MonkeyPatch) -> None:
    """Working in small bands, as on huge plates, gives the very same runs."""
    ball = ball_mesh(3, (1, 2, 4))
    whole = solid_columns(ball.triangles, 0.1, 0.1)
    monkeypatch.setattr(module, "BAND_COLUMNS", 300)
    banded = solid_columns(ball.triangles, 0.1, 0.1, threads=1)
    for name in ("row_start", "x", "low", "high"):
        assert np.array_equal(getattr(whole, name), getattr(banded, name))


def test_a_torn_part_is_measured_and_its_doubtful_columns_are_counted() -> None:
    """A ball without one face still has nearly its volume; the columns under the hole are reported."""
    ball = ball_mesh(5, (0, 0, 6))
    torn = Mesh(ball.vertices, np.delete(ball.faces, np.argmax(ball.normals[:, 2]), axis=0))
    columns = solid_columns(torn.triangles, 0.05, 0.05)
    assert columns.doubtful > 0
    assert columns.volume_mm3 == pytest.approx(ball.signed_volume_mm3, rel=2e-3)


def test_a_box_without_its_floor_is_closed_at_its_foot() -> None:
    """The commonest tear of all, a missing flat base, does not lose the part."""
    box = box_mesh((4, 3, 2))
    torn = Mesh(box.vertices, box.faces[box.normals[:, 2] > -0.5])
    assert solid_columns(torn.triangles, 0.1, 0.1).volume_mm3 == pytest.approx(24)


def test_turning_a_part_changes_volume_only_within_sampling() -> None:
    """Volume is invariant under rotation."""
    ball = merged([ball_mesh(3, (0, 0, 0)), box_mesh((8, 1, 1))])
    turned = Mesh(ball.vertices @ turning_up((1, 2, 1.5)).T + [0, 0, 12], ball.faces)
    still = Mesh(ball.vertices + [0, 0, 12], ball.faces)
    a, b = (solid_columns(m.triangles, 0.04, 0.05).volume_mm3 for m in (still, turned))
    assert a == pytest.approx(b, rel=3e-3)


def test_what_lies_below_the_platform_is_not_printed() -> None:
    """A box half sunk into the platform has layers only above it."""
    areas = layer_areas_mm2(solid_columns(box_mesh((2, 2, 2), (0, 0, -1)).triangles, 0.1, 0.1))
    assert len(areas) == 10
    assert np.allclose(areas, 4)


@pytest.mark.parametrize(("pixel", "layer"), [(0, 0.1), (0.1, -1), (float("nan"), 0.1), (1e-6, 0.1)])
def test_senseless_sizes_are_refused(pixel: float, layer: float) -> None:
    """Zero, negative, not-a-number and absurdly fine pixels raise an error instead of eating the memory."""
    with pytest.raises(GeometryError):
        grid_over(box_mesh((5, 5, 5)).bounds_mm, pixel, layer)


@settings(max_examples=40, deadline=None)
@given(st.lists(st.tuples(*(st.integers(0, 12) for _ in range(6))), min_size=2, max_size=10), st.integers(1, 9))
def test_united_columns_are_those_of_both_meshes(boxes: list, parted: int) -> None:
    """Any two piles of boxes, wherever they lie to each other; and points are found solid where they are."""
    from helpers import box_mesh
    from numerus.geometry.mesh import merged
    from numerus.geometry.solids.united_columns import united

    meshes = [
        box_mesh((0.1 + 0.1 * a, 0.1 + 0.1 * b, 0.1 + 0.1 * c), (0.1 * x, -0.1 * y, 0.1 * z))
        for a, b, c, x, y, z in boxes
    ]
    cut = 1 + parted % (len(meshes) - 1) if len(meshes) > 1 else 1
    one, other, both = (solid_columns(merged(m).triangles, 0.1, 0.1) for m in (meshes[:cut], meshes[cut:], meshes))
    made = united(one, other)
    assert made.grid == both.grid
    for name in ("row_start", "x", "low", "high"):
        assert np.array_equal(getattr(made, name), getattr(both, name)), name
    points = np.stack(np.meshgrid(*(np.arange(-13, 27, 3) * 0.1 + 0.05,) * 3), axis=-1).reshape(-1, 3)
    inside = np.zeros(len(points), bool)
    for mesh in meshes:
        inside |= np.all((points > mesh.bounds_mm[0]) & (points < mesh.bounds_mm[1]), axis=1)
    assert np.array_equal(both.holds(points), inside)
