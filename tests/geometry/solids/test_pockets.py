"""Cups, trapped resin and pools, against shapes whose answer is known and against a general labelling of voxels."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from helpers import box_mesh, reversed_mesh
from numerus.geometry.cutting import mesh_of, solid_of
from numerus.geometry.mesh import Mesh, merged, rotation_matrix, turning_up
from numerus.geometry.solids.columns import Columns, solid_columns
from numerus.geometry.solids.cups import cups
from numerus.geometry.solids.pockets import pools, retained_ml, trapped


def measured(mesh: Mesh, pixel_mm: float = 0.1, layer_mm: float = 0.1) -> Columns:
    return solid_columns(mesh.triangles, pixel_mm, layer_mm)


def frame(size: float, wall: float, height: float, at: tuple[float, float, float] = (0, 0, 0)) -> Mesh:
    """Four walls round a square, open above and below."""
    inner = size - 2 * wall
    x, y, z = at
    return merged([
        box_mesh((size, wall, height), (x, y, z)), box_mesh((size, wall, height), (x, y + size - wall, z)),
        box_mesh((wall, inner, height), (x, y + wall, z)), box_mesh((wall, inner, height), (x + size - wall, y + wall, z)),
    ])  # fmt: skip


def test_a_tube_on_the_platform_is_a_cup_and_above_it_is_none() -> None:
    """Sealed by platform, walls and film from the first layer to the last; lifted off the platform it fills from below."""
    (found,) = cups(measured(frame(6, 1, 5)))
    assert (found.from_mm, found.to_mm) == pytest.approx((0, 5))
    assert (found.area_mm2, found.volume_ml) == pytest.approx((16, 0.08))
    assert (found.x_mm, found.y_mm) == pytest.approx((3, 3))
    assert cups(measured(frame(6, 1, 5, (0, 0, 1)))) == []


def test_a_bowl_is_a_cup_and_upside_down_it_is_none() -> None:
    """A floor below: a cup wherever it hangs. A roof above: none, if it hangs free."""
    bowl = merged([frame(6, 1, 5, (0, 0, 2)), box_mesh((6, 6, 1), (0, 0, 1))])
    (found,) = cups(measured(bowl))
    assert (found.from_mm, found.to_mm) == pytest.approx((2, 7))
    hood = merged([frame(6, 1, 5, (0, 0, 1)), box_mesh((6, 6, 1), (0, 0, 6))])
    assert cups(measured(hood)) == []


def test_a_hole_in_the_side_ends_the_cup() -> None:
    """At the layer that opens it; below it nothing changes."""
    pierced = merged([
        frame(6, 1, 2), box_mesh((6, 1, 5), (0, 5, 0)), box_mesh((1, 4, 5), (0, 1, 0)), box_mesh((1, 4, 5), (5, 1, 0)),
        box_mesh((2, 1, 3), (0, 0, 2)), box_mesh((2, 1, 3), (4, 0, 2)),
    ])  # fmt: skip
    (found,) = cups(measured(pierced))
    assert (found.from_mm, found.to_mm) == pytest.approx((0, 2))
    assert found.volume_ml == pytest.approx(0.032)


def test_a_hollow_box_traps_what_it_closed_over() -> None:
    """A cup until the roof is on; then resin for ever, with its place; a tube traps none once it is off the platform."""
    hollow = merged([box_mesh((8, 8, 8)), reversed_mesh(box_mesh((4, 4, 4), (1, 2, 3)))])
    (cup,) = cups(measured(hollow))
    assert (cup.from_mm, cup.to_mm) == pytest.approx((3, 7))
    (pocket,) = trapped(measured(hollow))
    assert pocket.volume_ml == pytest.approx(0.064)
    assert (pocket.x_mm, pocket.y_mm, pocket.z_mm) == pytest.approx((3, 4, 5))
    assert trapped(measured(frame(6, 1, 5))) == []


def test_two_cups_are_two_until_they_run_together() -> None:
    """A wall between them that ends half way up: the older goes on with both."""
    twin = merged([frame(7, 1, 6), box_mesh((1, 5, 3), (3, 1, 0))])
    found = sorted(cups(measured(twin)), key=lambda c: c.to_mm)
    assert [c.to_mm for c in found] == pytest.approx([3, 6])
    assert found[1].volume_ml == pytest.approx(0.150 - 0.015)


def brute_cups(solid: np.ndarray) -> dict[int, float]:
    """Sealed area per newest layer of a voxel block (z, y, x) by labelling everything anew for each layer."""
    from scipy.ndimage import label

    padded = np.pad(solid, ((0, 0), (1, 1), (1, 1)))
    areas = {}
    for k in range(len(padded)):
        labels, _ = label(~padded[: k + 1])
        outside = set(
            np.unique(
                np.concatenate(
                    [labels[:, 0].ravel(), labels[:, -1].ravel(), labels[:, :, 0].ravel(), labels[:, :, -1].ravel()]
                )
            )
        )
        areas[k] = float(np.sum([v not in outside for v in labels[k].ravel() if v]))
    return areas


def block_mesh(solid: np.ndarray) -> Mesh:
    cells = [box_mesh((1, 1, 1), (float(x), float(y), float(z))) for z, y, x in np.argwhere(solid)]
    return merged(cells)


@settings(max_examples=40, deadline=None)
@given(st.integers(0, 100_000))
def test_random_piles_seal_what_a_general_labelling_says(seed: int) -> None:
    """Summed over the cups of each layer the sealed area is the brute-force one; closed space too; pools as by flooding."""
    from scipy.ndimage import label

    solid = np.random.default_rng(seed).random((5, 6, 6)) < 0.62
    if not solid.any():
        return
    fine = measured(block_mesh(solid), 0.5, 1.0)
    top = int(np.max(np.nonzero(solid.any(axis=(1, 2)))[0])) + 1
    wanted = brute_cups(solid[:top])
    spans = [(c.from_mm, c.to_mm) for c in cups(fine)]
    for k in range(top):
        assert any(a <= k < b for a, b in spans) == (wanted[k] > 0)
    labels, count = label(~np.pad(solid, 1))
    sizes = sorted(float((labels == n).sum()) for n in range(1, count + 1) if n != labels[0, 0, 0])
    assert sorted(round(p.volume_ml * 1000, 6) for p in trapped(fine)) == pytest.approx(sizes)


def test_pools_stay_below_the_lowest_way_out() -> None:
    """A bowl keeps what its rim holds, less through a hole half way up, nothing upside down; a void keeps all."""
    bowl = merged([frame(6, 1, 5, (0, 0, 1)), box_mesh((6, 6, 1))])
    assert retained_ml(bowl, (0, 0, 1), 0.1) == pytest.approx(0.080, rel=0.02)
    assert retained_ml(bowl, (0, 0, -1), 0.1) == 0
    assert retained_ml(bowl, (1, 0, 0), 0.1) == 0
    pierced = merged([
        box_mesh((6, 6, 1)), frame(6, 1, 2, (0, 0, 1)), box_mesh((6, 1, 3), (0, 5, 3)), box_mesh((1, 4, 3), (0, 1, 3)),
        box_mesh((1, 4, 3), (5, 1, 3)), box_mesh((2, 1, 3), (0, 0, 3)), box_mesh((2, 1, 3), (4, 0, 3)),
    ])  # fmt: skip
    assert retained_ml(pierced, (0, 0, 1), 0.1) == pytest.approx(0.032, rel=0.02)
    hollow = merged([box_mesh((8, 8, 8)), reversed_mesh(box_mesh((4, 4, 4), (2, 2, 2)))])
    assert retained_ml(hollow, (0, 0, 1), 0.1) == pytest.approx(0.064, rel=0.02)


def test_pools_are_told_where_they_lie_in_the_part() -> None:
    """Two basins in one block, held on its side: each its own pool, the deeper one first, at its place in the mesh."""
    block, wide, narrow = (solid_of(box_mesh(s, at)) for s, at in (
        ((20, 8, 8), (5, 5, 5)), ((4, 4, 4), (7, 7, 9)), ((4, 4, 2), (17, 7, 11)),
    ))  # fmt: skip
    turn = rotation_matrix(turning_up((0, 1, 0)))
    found = pools(mesh_of(block - wide - narrow), (0, 0, 1), 0.1)
    assert [p.volume_ml for p in found] == pytest.approx([0.064, 0.032], rel=0.03)
    assert [(p.x_mm, p.y_mm, p.z_mm) for p in found] == [pytest.approx(at, abs=0.1) for at in ((9, 9, 11), (19, 9, 12))]
    laid = pools(mesh_of(block - wide - narrow).transformed(turn), turn[:3, :3] @ [0, 0, 1], 0.1)
    places = np.array([(p.x_mm, p.y_mm, p.z_mm) for p in laid]) @ turn[:3, :3]
    assert places == pytest.approx(np.array([(9, 9, 11), (19, 9, 12)]), abs=0.15)
