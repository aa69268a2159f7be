"""What no longer fits after scaling: told by what was made, mended so that it fits again."""

from __future__ import annotations

from dataclasses import replace

import pytest
import trimesh
from manifold3d import Manifold

from helpers import box_mesh
from numerus.assembly.after_scaling import HOLE, PLAY, SIZE, WALL, misfits, play_mm, shaved
from numerus.domain.parts import Part, Relation
from numerus.geometry.cutting import KeyStyle, Plane, cut, mesh_of, solid_of
from numerus.geometry.mesh import Mesh
from numerus.geometry.round_holes import bored, round_holes
from numerus.kit.joined_parts import along_with, joined_to

PLAY_MM = 0.15
HALVES = cut(box_mesh((12, 12, 20)), Plane((6, 6, 10), (0, 0, 1)), KeyStyle("round", PLAY_MM))


def part(name: str, slot: str = "torso", scale: float = 1.0) -> Part:
    return Part(name, "k", name, slot, "", 12, (12, 12, 10), 1, 1, True, 1, 0, "mm", scale=scale, thinnest_mm=2.0)


def joint(*names: str) -> Relation:
    return Relation("joint", names, 0.9, "", place_mm=(6, 6, 10))


def kinds(a: Part, mesh: Mesh, *joined: tuple[Part, Mesh]) -> list[str]:
    return [m.kind for m in misfits(a, mesh, joined, PLAY_MM)]


def test_the_play_of_a_peg_is_measured_as_it_was_made() -> None:
    """Whichever of the two is asked, and scaled with both; flat faces that lie on each other have none."""
    assert play_mm(HALVES.above, HALVES.below) == pytest.approx(PLAY_MM, abs=0.02)
    assert play_mm(HALVES.below, HALVES.above) == pytest.approx(PLAY_MM, abs=0.02)
    assert play_mm(HALVES.above.scaled(2), HALVES.below.scaled(2)) == pytest.approx(2 * PLAY_MM, abs=0.03)
    assert play_mm(box_mesh((5, 5, 5)), box_mesh((5, 5, 5), (0, 0, 5.2))) is None


def test_a_part_as_it_came_has_nothing_to_mend_and_one_of_another_size_is_told() -> None:
    """With all it was made for; scaled along, nothing is said of size."""
    above, below = part("above"), part("below")
    assert kinds(above, HALVES.above, (below, HALVES.below)) == []
    larger = replace(above, scale=1.1)
    (told,) = misfits(larger, HALVES.above.scaled(1.1), [(below, HALVES.below)], PLAY_MM)
    assert told.kind == SIZE and told.parts == ("below",) and "1.1 × as large" in told.detail
    assert SIZE not in kinds(larger, HALVES.above.scaled(1.1), (replace(below, scale=1.1), HALVES.below.scaled(1.1)))


def test_what_was_halved_is_too_tight_and_is_shaved_to_fit() -> None:
    """Half the play, told with what the machine wants; shaved, it has that."""
    above, below = part("above", scale=0.5), part("below", scale=0.5)
    small, other = HALVES.above.scaled(0.5), HALVES.below.scaled(0.5)
    (told,) = [m for m in misfits(above, small, [(below, other)], PLAY_MM) if m.kind == PLAY]
    assert f"{PLAY_MM / 2:.2f} mm of play" in told.words
    made = shaved(small, other, told.mm)
    assert trimesh.Trimesh(made.vertices, made.faces).is_watertight
    assert play_mm(made, other) == pytest.approx(PLAY_MM, abs=0.03)


def test_a_magnets_hole_is_told_and_bored_as_it_was() -> None:
    """Three millimetres and its play became more; a hole for nothing usual is left alone."""
    hole = Manifold.cylinder(7, 1.55, 1.55, 64).translate((10, 8, 6))
    block = mesh_of(solid_of(box_mesh((20, 16, 8))) - hole).scaled(1.2)
    (told,) = misfits(part("block", scale=1.2), block, [], PLAY_MM)
    assert told.kind == HOLE and told.mm == pytest.approx(3.1, abs=0.05) and told.hole is not None
    mended = bored(block, told.hole, told.mm)
    assert round_holes(mended)[0].across_mm == pytest.approx(3.1, abs=0.05)
    odd = mesh_of(solid_of(box_mesh((20, 16, 8))) - Manifold.cylinder(7, 1.8, 1.8, 64).translate((10, 8, 6)))
    assert kinds(part("odd", scale=1.2), odd.scaled(1.2)) == []


def test_thin_walls_are_told_where_it_became_smaller() -> None:
    """With what they were."""
    thin = replace(part("thin", scale=0.5), thinnest_mm=0.4)
    (told,) = misfits(thin, box_mesh((6, 6, 5)), [], PLAY_MM)
    assert told.kind == WALL and "0.40 mm" in told.words and "0.80" in told.detail


def test_everything_that_hangs_together_is_scaled_along_but_bases() -> None:
    """By joints, one after another; what was set aside or denied does not count."""
    parts = {n: part(n) for n in ("torso", "arm", "hand", "loose")} | {"disc": part("disc", "base")}
    relations = [
        joint("arm", "torso"),
        joint("hand", "arm"),
        joint("torso", "disc"),
        replace(joint("loose", "arm"), overruled=True),
    ]
    assert {p.id for p in along_with(parts["hand"], relations, parts)} == {"arm", "torso"}
    assert [p.id for p in joined_to(parts["torso"], relations, parts)] == ["arm"]
