"""What a machine leaves of a sculpt: cells it fills, pins that fall and slots that close, measured by rays against the sculpt."""

from __future__ import annotations

import numpy as np
import pytest
from hypothesis import given
from hypothesis import settings as examples
from hypothesis import strategies as st

from helpers import ball_mesh, box_mesh
from numerus.domain.printing.machines import FILAMENT, Machine
from numerus.geometry.mesh import Mesh, merged
from numerus.printing.checks.as_printed import as_printed, least_mm
from numerus.printing.checks.as_printed_kernels import first_solid

UP, FRONT = np.array([0.0, 0.0, 1.0]), np.array([0.0, -1.0, 0.0])
FINE = Machine("f", "Fine", pixel_mm=0.05, layer_mm=0.05)
THREAD = Machine("t", "Thread", kind=FILAMENT, nozzle_mm=0.4, layer_mm=0.1)


def plate_with(*raised: Mesh) -> Mesh:
    """A plate upright before the viewer, with things on it."""
    return merged([box_mesh((12, 2, 12), (-6, 0, 0)), *raised])


def rib(wide: float) -> Mesh:
    return box_mesh((wide, 0.6, 8), (-wide / 2, -0.6, 2))


def look(mesh: Mesh, machine: Machine):  # type: ignore[no-untyped-def]
    return as_printed(mesh, UP, machine, np.array([0.0, 0.0, 6.0]), 10.0, FRONT)


def test_a_rib_finer_than_the_thread_is_lost_and_a_wider_one_stays() -> None:
    """On the nozzle 0.2 mm falls, as large as it is in the picture; 1 mm stands; on fine pixels both do."""
    gone = look(plate_with(rib(0.2)), THREAD)
    assert gone.lost == pytest.approx(0.2 * 8 / 100, rel=0.35)
    assert look(plate_with(rib(1.0)), THREAD).lost < 0.01  # its edges, rounded by a thread
    assert look(plate_with(rib(0.2)), FINE).lost < 0.002


def test_a_slot_finer_than_the_test_piece_told_is_closed() -> None:
    """Two plates 0.2 mm apart grow together where the least open slot is 0.4; without that measure they do not."""
    apart = merged(
        [box_mesh((5.9, 2, 12), (-6, 0, 0)), box_mesh((5.9, 2, 12), (0.1, 0, 0)), box_mesh((12, 1, 12), (-6, 2, 0))]
    )
    measured = Machine("m", "M", pixel_mm=0.05, layer_mm=0.05, least_pin_mm=0.2, least_slot_mm=0.4)
    assert look(apart, measured).grown == pytest.approx(0.2 * 10 / 100, rel=0.35)
    assert look(apart, FINE).grown < 0.003
    assert least_mm(measured) == (0.2, 0.4) and least_mm(FINE) == (0.1, 0.1)


def test_a_ball_of_fine_cells_is_the_ball() -> None:
    """Nothing is told lost or grown of it, whichever way it is printed; its picture covers its disc."""
    for up in (UP, np.array([0.6, 0.0, 0.8])):
        made = as_printed(ball_mesh(4.0), up, FINE, np.zeros(3), 10.0, FRONT)
        assert made.lost < 0.006 and made.grown < 0.006  # but for its rim, seen along its skin
        assert (made.image[..., 3] > 0).mean() == pytest.approx(np.pi * 16 / 100, rel=0.03)


@examples(max_examples=25)
@given(st.integers(0, 10_000), st.floats(-1, 1), st.floats(-1, 1))
def test_rays_meet_the_cell_that_brute_force_meets(seed: int, x: float, z: float) -> None:
    """Steps of a hundredth of a cell along the ray find the same."""
    dice = np.random.default_rng(seed)
    cells, way = dice.random((6, 5, 7)) < 0.15, np.array([x, 1.0, z]) / np.linalg.norm([x, 1.0, z])
    size, corner = np.array([0.5, 0.4, 0.3]), np.array([-1.0, 0.0, 2.0])
    origins = np.column_stack([dice.uniform(-2, 3, 20), np.full(20, -1.0), dice.uniform(1, 5, 20)])
    found = first_solid(cells, corner, size, origins, way, 8.0)
    steps = np.arange(0, 8.0, 0.003)
    for origin, far in zip(origins, found, strict=True):
        at = np.floor((origin + steps[:, None] * way - corner) / size).astype(int)
        inside = ((at >= 0) & (at < cells.shape)).all(axis=1)
        met = np.zeros(len(at), bool)
        met[inside] = cells[tuple(at[inside].T)]
        brute = steps[int(np.argmax(met))] if met.any() else np.inf
        assert far == pytest.approx(brute, abs=0.02) or (far < np.inf) != met.any() and _grazes(met)


def _grazes(met: np.ndarray) -> bool:
    """A corner so slight that steps may jump over it."""
    return int(met.sum()) <= 2
