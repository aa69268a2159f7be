"""Limbs that snap, against a beam worked out by hand; and what broke before."""

import numpy as np
import pytest

from helpers import ball_mesh, box_mesh, subdivided
from numerus.assembly.fragility import BEARS_N_PER_MM2, Fragile, fragile_places, with_breaks
from numerus.geometry.mesh import Mesh


def united(*meshes: Mesh) -> Mesh:
    import trimesh

    whole = trimesh.boolean.union([trimesh.Trimesh(m.vertices, m.faces) for m in meshes], engine="manifold")
    return subdivided(Mesh(np.asarray(whole.vertices), np.asarray(whole.faces, np.int32)), 4)


def test_a_bar_on_a_block_snaps_at_its_root_by_the_force_a_beam_does() -> None:
    """1.5 wide, 0.5 thick, 12 long: load times lever over w t²/6 is what the resin bears."""
    (limb,) = fragile_places(united(box_mesh((8, 8, 8)), box_mesh((12.5, 1.5, 0.5), (7.5, 3, 4))))
    assert limb.lever_mm == pytest.approx(12.0, abs=1.2) and limb.wall_mm == pytest.approx(0.5, abs=0.02)
    assert limb.at_mm[0] == pytest.approx(8.0, abs=1.0)
    assert limb.force_n == pytest.approx(BEARS_N_PER_MM2 * 1.5 * 0.5**2 / 6 / 12, rel=0.15)


def test_a_head_on_a_thin_neck_hangs_on_it() -> None:
    """The lever reaches to the far side of what is thick again."""
    neck = united(box_mesh((8, 8, 8)), box_mesh((6.5, 0.6, 0.6), (7.5, 3.7, 3.7)), ball_mesh(2.5, (16, 4, 4), 3))
    limb = fragile_places(neck)[0]
    assert limb.lever_mm == pytest.approx(18.5 - 8.0, abs=1.2) and limb.at_mm[0] < 10


def test_what_is_thick_or_reaches_nowhere_does_not_snap() -> None:
    assert fragile_places(subdivided(box_mesh((8, 8, 8)), 3)) == []
    assert fragile_places(united(box_mesh((8, 8, 8)), box_mesh((1.4, 0.5, 0.5), (7.5, 4, 4)))) == []


def test_what_broke_corrects_what_was_foretold() -> None:
    """Near a place it counts there, elsewhere it is one of its own; figures that did not break speak for it."""
    weak, strong = Fragile((0, 0, 0), 0.4, 1, 10, 0.2), Fragile((20, 0, 0), 0.7, 1, 5, 2.0)
    told = with_breaks([weak, strong], [(19, 1, 0), (20, 0, 1), (0, 30, 0)], 10)
    assert [p.broke for p in told] == [2, 0, 1] and told[0].at_mm == strong.at_mm
    assert told[0].chance > strong.chance and told[1].chance < weak.foretold
    assert "broke here 2 times on 10 built" in told[0].words and told[2].words == "broke here once on 10 built"
    assert with_breaks([weak], [], 0)[0].chance == pytest.approx(weak.foretold)
