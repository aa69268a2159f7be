"""The demo's meshes and the sculptor that made them."""

from __future__ import annotations

import numpy as np
import pytest

from numerus.demo.army import MESHES, make_demo, mesh, names, supported
from numerus.demo.sculptor import wickmen
from numerus.demo.sculptor.carve import carve
from numerus.demo.sculptor.shapes import box, capsule, cut, ellipsoid, lathe, mirrored, ring
from numerus.geometry.columns import solid_columns
from numerus.geometry.files import MeshFile
from numerus.geometry.health import inspect
from numerus.geometry.packed import pack_mesh
from numerus.kit.zones import ZONES

from helpers import EVENING  # isort: skip


@pytest.mark.parametrize("name", names())
def test_every_demo_mesh_is_closed_and_zoned(name: str) -> None:
    """Watertight, right side out, a zone for every vertex, supported without an island."""
    health, _ = inspect(MeshFile(name, mesh(name)))
    assert health.watertight and health.holes == 0
    assert {p.code for p in health.problems} <= {"degenerate", "non-manifold"}
    assert len(mesh(name).zones) == len(mesh(name).vertices)
    assert mesh(name).zones.max() < len(ZONES)
    assert supported(name).bounds_mm[0, 2] == pytest.approx(0, abs=0.01)


def test_the_figures_have_their_sizes() -> None:
    """Eyes at about 28 mm over the base, the Heron 120 mm high on 80 mm."""
    assert mesh("head_hat").bounds_mm[1, 2] == pytest.approx(39, abs=3)
    assert mesh("heron_head").bounds_mm[1, 2] == pytest.approx(117, abs=6)
    assert mesh("heron_base").extents_mm[0] == pytest.approx(80, abs=0.5)
    assert mesh("base_round").extents_mm[0] == pytest.approx(28.5, abs=0.3)


def test_all_meshes_together_are_small() -> None:
    """Under 25 MB, each file under 4 MB."""
    sizes = [p.stat().st_size for p in MESHES.iterdir()]
    assert sum(sizes) < 25e6 and max(sizes) < 4e6


def test_carving_is_deterministic_and_keeps_volume() -> None:
    """The same shapes give the same bytes; a ball and a bar have about their volumes."""
    ball = [ellipsoid((0, 0, 0), (5, 5, 5), "coat")]
    first, second = (carve(ball, 0.3, 4000) for _ in range(2))
    assert pack_mesh(first) == pack_mesh(second)
    assert first.signed_volume_mm3 == pytest.approx(4 / 3 * np.pi * 125, rel=0.02)
    bar = carve([capsule((0, 0, 0), (10, 0, 0), 2, 2, "iron")], 0.25, 4000)
    assert bar.signed_volume_mm3 == pytest.approx(np.pi * 4 * 10 + 4 / 3 * np.pi * 8, rel=0.03)


def test_shapes_know_inside_from_outside() -> None:
    """Signed distances at points whose answers are plain."""
    at = np.array([[0.0, 0, 0], [3, 0, 0]])
    assert box((0, 0, 0), (2, 2, 2), 0.1, "coat").field(at) == pytest.approx([-2, 1])
    assert ring((0, 0, 0), (3, 3), 0.5, "coat").field(at) == pytest.approx([2.5, -0.5])
    assert (lathe((0, 0, 0), [(-1, 2), (1, 2)], "coat").field(at) < 0).tolist() == [True, False]
    hollow = cut(box((0, 0, 0), (2, 2, 2), 0.1, "coat"), ellipsoid((0, 0, 0), (1, 1, 1), "coat"))
    assert hollow.field(at)[0] > 0
    other_side = mirrored([capsule((3, 0, 0), (3, 0, 1), 0.5, 0.5, "coat")])[0]
    assert other_side.field(np.array([[-3.0, 0, 0]]))[0] < 0


def test_arms_meet_the_torso_they_are_glued_to() -> None:
    """Every arm overlaps the coat, by less than a tenth of its own volume more than a peg."""
    torso = solid_columns(mesh("torso_coat").triangles, 0.15, 0.15).volume_mm3
    for arm in ("arm_R_snuffer", "arm_R_hook", "arm_L_bell", "arm_L_lantern"):
        both = np.concatenate([mesh("torso_coat").triangles, mesh(arm).triangles])
        alone = solid_columns(mesh(arm).triangles, 0.15, 0.15).volume_mm3
        shared = torso + alone - solid_columns(both, 0.15, 0.15).volume_mm3
        assert 0.5 < shared < 0.4 * alone, arm
    assert set(wickmen.parts()) <= set(names())


def test_the_demo_book_is_the_same_each_time(tmp_path) -> None:  # type: ignore[no-untyped-def]
    """Plans and journal, told as of one evening."""
    one, other = (make_demo(tmp_path / f"{n}.numerus", EVENING) for n in "ab")
    assert one.plans == other.plans
    assert one.facts == other.facts
    one.close()
    other.close()
