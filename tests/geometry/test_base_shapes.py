"""Bases made here: volumes by closed form, closed skins, pockets and textures where they should be."""

from __future__ import annotations

import math

import numpy as np
import pytest
import trimesh

from numerus.errors import PlanError
from numerus.geometry.base_shapes import (
    OUTLINES,
    TEXTURES,
    BaseShape,
    base_mesh,
    texture_named,
    texture_of_picture,
)
from numerus.geometry.mesh import Mesh


def sound(mesh: Mesh) -> trimesh.Trimesh:
    """As another library sees it: closed, wound outward, one piece."""
    other = trimesh.Trimesh(mesh.vertices, mesh.faces, process=True)
    assert other.is_watertight and other.is_winding_consistent and other.volume > 0
    assert other.body_count == 1
    return other


def test_a_round_base_is_a_frustum() -> None:
    """Volume and height by closed form, for sides upright and leaning."""
    for taper in (0.0, 15.0):
        shape = BaseShape(taper_deg=taper)
        r, q = 16.0, 16.0 - 3.5 * math.tan(math.radians(taper))
        found = sound(base_mesh(shape))
        assert found.volume == pytest.approx(math.pi * 3.5 / 3 * (r * r + r * q + q * q), rel=2e-3)
        assert found.extents == pytest.approx([32, 32, 3.5])


def test_other_outlines_have_their_areas() -> None:
    """An ellipse and a rectangle with rounded corners, upright."""
    oval = sound(base_mesh(BaseShape("oval", 75, 42, taper_deg=0)))
    assert oval.volume == pytest.approx(math.pi * 37.5 * 21 * 3.5, rel=2e-3)
    square = sound(base_mesh(BaseShape("square", 25, 50, taper_deg=0)))
    assert square.volume == pytest.approx((25 * 50 - (4 - math.pi) * 1.5**2) * 3.5, rel=2e-3)


def test_a_pocket_takes_its_cylinder_out_and_a_lip_puts_its_ring_on() -> None:
    """Both by closed form, the pocket open below and roofed above."""
    plain = sound(base_mesh(BaseShape(taper_deg=0))).volume
    pocket = sound(base_mesh(BaseShape(taper_deg=0, magnet_mm=5.1, magnet_deep_mm=2.2))).volume
    assert plain - pocket == pytest.approx(math.pi * 2.55**2 * 2.2, rel=5e-3)
    lip = sound(base_mesh(BaseShape(taper_deg=0, lip_mm=1.0, lip_wide_mm=1.5))).volume
    assert lip - plain == pytest.approx(math.pi * (16**2 - 14.5**2) * 1.0, rel=5e-3)


@pytest.mark.parametrize("texture", TEXTURES)
@pytest.mark.parametrize("outline", OUTLINES)
def test_a_textured_top_stays_a_closed_solid(outline: str, texture: str) -> None:
    """Whatever its outline; it rises by its depth at most, nowhere below the top, and not at the edge; another seed is another."""
    shape = BaseShape(outline, 40, 30, magnet_mm=5, magnet_deep_mm=2, depth_mm=0.9)
    mesh = base_mesh(shape, texture_named(texture, 4, 40))
    sound(mesh)
    upper = mesh.vertices[mesh.vertices[:, 2] >= shape.high_mm - 1e-9]
    assert upper[:, 2].max() <= 3.5 + 0.9 + 1e-9
    again = base_mesh(shape, texture_named(texture, 4, 40))
    other = base_mesh(shape, texture_named(texture, 5, 40))
    assert np.array_equal(mesh.vertices, again.vertices)
    assert (texture == "plain") == np.array_equal(mesh.vertices, other.vertices)
    assert texture == "plain" or np.ptp(upper[:, 2]) > 0.5


def test_a_picture_rises_where_it_is_light() -> None:
    """Dark at the left, light at the right: so is the base; sampled where it lies."""
    height = texture_of_picture(np.tile(np.linspace(0, 1, 50), (50, 1)), 32)
    x = np.array([-16.0, -8.0, 0.0, 8.0, 16.0])
    assert height(x, np.zeros(5)) == pytest.approx([0, 0.25, 0.5, 0.75, 1.0])


def test_what_cannot_be_is_refused_in_words() -> None:
    """No outline, no size, no roof over the pocket, no room for it, no top left, no texture."""
    wrong = ({"outline": "star"}, {"wide_mm": 3}, {"magnet_mm": 5, "magnet_deep_mm": 3.2}, {"magnet_mm": 31, "magnet_deep_mm": 2}, {"high_mm": 30, "taper_deg": 40})  # fmt: skip
    for words in wrong:
        with pytest.raises(PlanError):
            BaseShape(**words)
    with pytest.raises(PlanError):
        texture_named("lava", 1, 32)
