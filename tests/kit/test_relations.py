"""What parts are to each other, on a kit of plain solids that no demo has, and on the careless archive."""

from __future__ import annotations

from pathlib import Path

import fast_simplification
import numpy as np
import pytest
import trimesh

from helpers import box_mesh, handed_mesh, moved_by, subdivided
from numerus.demo.messy import write_archive
from numerus.demo.parts import mesh as demo_mesh
from numerus.domain.parts import Relation
from numerus.errors import Cancelled
from numerus.formats.meshes.mesh_files import Refusal, read_any
from numerus.geometry.mesh import Mesh, merged
from numerus.kit.assembly import propose, repeats
from numerus.kit.known_parts import core_name
from numerus.kit.recognise import base_of, supports_of, usual
from numerus.kit.relations import relations
from numerus.kit.sorting import Shaped, shaped


def disc(
    diameter_mm: float, height_mm: float, at: tuple[float, float, float] = (0, 0, 0), stretch: float = 1.0
) -> Mesh:
    made = trimesh.creation.cylinder(diameter_mm / 2, height_mm, sections=72)
    vertices = np.asarray(made.vertices) * [1, stretch, 1] + [0, 0, height_mm / 2] + at
    return Mesh(vertices, np.asarray(made.faces, np.int32))


def robot() -> dict[str, Mesh]:
    """A figure of solids in its own place, facing -Y: two heads, arms that differ, a pack, legs, a base; two oddities."""
    torso = box_mesh((8, 5, 9), (-4, -2.5, 12))
    left = merged(
        [
            box_mesh((2.4, 2.4, 7), (4.1, -1, 13)),
            box_mesh((2, 6, 2), (4.3, -6, 12.5)),
            box_mesh((1, 1, 3), (5.9, -5, 13)),
        ]
    )
    parts = {
        "p1": disc(32, 3),
        "p2": merged([box_mesh((3, 4, 9), (-3.5, -2, 3)), box_mesh((3, 4, 9), (0.5, -2, 3))]),
        "p3": torso,
        "p4": box_mesh((4, 4, 5), (-2, -2, 21.1)),
        "p5": merged([box_mesh((4.4, 3.6, 4.6), (-2.2, -1.8, 21.1)), box_mesh((1, 1, 4), (-0.5, -0.5, 24))]),
        "p6": left,
        "p7": left.transformed(np.diag([-1.0, 1, 1, 1])),
        "p8": box_mesh((2.6, 2, 8), (-6.8, -1, 12.4)),
        "p9": box_mesh((5, 2.5, 6), (-2.5, 2.6, 14)),
        "p10": moved_by(subdivided(torso), 50, (60, 20, 5)),
    }
    return parts


def parts_of(meshes: dict[str, Mesh]) -> list[Shaped]:
    return [Shaped(n, f"{n}.stl", m) for n, m in meshes.items()]


def said(found: list[Relation], kind: str) -> set[frozenset[str]]:
    return {frozenset(r.parts) for r in found if r.kind == kind}


def test_a_nameless_kit_is_understood() -> None:
    """Names tell nothing, places tell all: copies, twins, alternatives, joints, the base, and a slot for each."""
    parts = parts_of(robot())
    found = relations(parts)
    assert said(found, "duplicate") == {frozenset({"p3", "p10"})}
    assert said(found, "mirror") == {frozenset({"p6", "p7"})}
    assert said(found, "alternative") == {frozenset({"p4", "p5"}), frozenset({"p7", "p8"})}
    assert [r.size_mm for r in found if r.kind == "base"] == [(32.0,)]
    joints = said(found, "joint")
    assert {frozenset({"p3", p}) for p in ("p2", "p4", "p5", "p6", "p7", "p8", "p9")} <= joints
    assert frozenset({"p1", "p2"}) in joints
    assert not any("p10" in j for j in joints)
    neck = next(r for r in found if r.kind == "joint" and set(r.parts) == {"p3", "p4"})
    assert neck.place_mm == pytest.approx((0, 0, 21.05), abs=0.3)
    slots = {i: p.slot for i, p in propose(parts, found).items()}
    wanted = {"p1": "base", "p2": "legs", "p3": "torso", "p4": "head", "p5": "head", "p6": "left arm", "p7": "right arm", "p8": "right arm", "p9": "back", "p10": "torso"}  # fmt: skip
    assert slots == wanted
    assert repeats(found) == {"p10"}


def test_one_name_turns_left_and_right_about() -> None:
    """A kit that faces +Y says so by one arm's name; an overruled statement counts no more."""
    meshes = robot()
    parts = [Shaped(n, "arm_left.stl" if n == "p7" else f"{n}.stl", m) for n, m in meshes.items()]
    found = relations(parts)
    slots = propose(parts, found)
    assert (slots["p6"].slot, slots["p8"].slot) == ("right arm", "left arm")
    denied = [Relation(**{**vars(r), "overruled": True}) if r.kind == "duplicate" else r for r in found]
    assert repeats(denied) == set()


def test_parts_each_in_the_middle_of_their_own_world_are_no_alternatives() -> None:
    """Centred one by one they all overlap, which says nothing; copies are still found."""
    parts = parts_of({n: m.dropped() for n, m in robot().items()})
    found = relations(parts)
    assert {r.kind for r in found} <= {"duplicate", "mirror", "base"}
    assert frozenset({"p3", "p10"}) not in said(found, "alternative")


def test_two_equal_arms_are_both_needed() -> None:
    """A shape used twice in places of its own is said to be one shape, and each keeps its slot."""
    meshes = {k: m for k, m in robot().items() if k not in ("p6", "p7", "p8", "p10")}
    meshes["a"], meshes["b"] = box_mesh((2.6, 2, 8), (4.1, -1, 12.4)), box_mesh((2.6, 2, 8), (-6.7, -1, 12.4))
    parts = parts_of(meshes)
    found = relations(parts)
    assert said(found, "duplicate") == {frozenset({"a", "b"})}
    slots = propose(parts, found)
    assert (slots["a"].slot, slots["b"].slot) == ("left arm", "right arm")
    assert repeats(found) == set()


def test_an_assembled_copy_and_a_larger_copy_are_told() -> None:
    """A file of the whole figure is no alternative to everything; a part at twice its size is a scale copy."""
    meshes = robot()
    meshes["all"] = merged([meshes[k] for k in ("p1", "p2", "p3", "p4", "p6", "p8", "p9")])
    meshes["big"] = moved_by(meshes["p6"], 30, (90, 0, 0), scale=2)
    found = relations(parts_of(meshes))
    assert [r.parts[0] for r in found if r.kind == "whole"] == ["all"]
    assert not any("all" in r.parts for r in found if r.kind == "alternative")
    scaled = next(r for r in found if r.kind == "scaled" and set(r.parts) == {"p6", "big"})
    assert scaled.size_mm == (2.0,)


def test_a_copy_on_supports_finds_its_plain_part() -> None:
    """Posts on a raft are seen; what stands on them is found again, whatever it is called; a fence is no support."""
    plain = handed_mesh()
    posed = moved_by(plain, 35, (0, 0, 12))
    low = posed.bounds_mm[0, 2]
    posts = [box_mesh((0.9, 0.9, low + 1.5), (x, y, 0.4)) for x in (-3, 0, 3) for y in (-2, 2)]
    held = merged([posed, box_mesh((14, 10, 0.6), (-6, -5, 0)), *posts])
    found = relations(parts_of({"a": plain, "b": handed_mesh((0, 0, 2.5)), "c": held}))
    assert [r.parts for r in found if r.kind == "supported"] == [("a", "c")]
    fence = merged([box_mesh((20, 10, 1), (0, 0, 0)), *(box_mesh((0.8, 0.8, 6), (x, 4, 0.9)) for x in range(1, 18, 2))])
    assert supports_of(fence) is None


@pytest.mark.parametrize(("stretch", "size"), [(1.0, (40.0,)), (0.6, (40.0, 24.0))])
def test_bases_are_discs_and_ovals(stretch: float, size: tuple[float, ...]) -> None:
    """Their size is told, standing or lying; a box and a ball are none."""
    made = disc(40, 3.2, stretch=stretch)
    for lying in (made, made.transformed(np.array([[0, 0, 1.0, 0], [1, 0, 0, 0], [0, 1, 0, 0], [0, 0, 0, 1]]))):
        base = base_of(lying)
        assert base is not None
        assert base.size_mm == pytest.approx(size)
    assert base_of(box_mesh((30, 30, 3))) is None
    assert base_of(disc(20, 19)) is None
    assert usual(28.2) == 28.5


def test_a_slit_for_a_tab_is_measured() -> None:
    """A disc with a slit through it tells the slit."""
    ring = trimesh.creation.annulus(0.5, 16, 3)
    plain = trimesh.boolean.difference(
        [trimesh.creation.cylinder(16, 3, sections=72), trimesh.creation.box((20, 2, 9))]
    )
    assert ring is not None
    base = base_of(Mesh(np.asarray(plain.vertices), np.asarray(plain.faces, np.int32)))
    assert base is not None
    assert base.slot_mm == pytest.approx((20, 2), abs=0.4)


def test_names_of_copies_have_one_core() -> None:
    """Version, support and copy words fall away."""
    assert core_name("kit/Body01_sup.stl") == core_name("body01_v2 (copy).STL".replace("v2", "v"))


def test_the_careless_archive_is_understood(tmp_path: Path) -> None:
    """Everything that was done to it on purpose is found again, and cancelling leaves at once."""
    write_archive(tmp_path / "kit.zip")
    files = [f for f in read_any(tmp_path / "kit.zip") if not isinstance(f, Refusal)]
    parts = [shaped(f, f.name.rpartition("/")[2].removesuffix(".stl"))[0] for f in files]
    found = relations(parts)
    assert said(found, "duplicate") == {frozenset({"body01", "b2 (copy)"})}
    assert said(found, "mirror") == {frozenset({"R_arm-pole", "untitled"})}
    assert [r.parts for r in found if r.kind == "supported"] == [("body01", "body01_sup")]
    assert frozenset({"H1", "h_02_FINAL", "head3_inch"}) in said(found, "alternative")
    assert propose(parts, found)["untitled"].slot == "left arm"
    with pytest.raises(Cancelled):
        relations(parts, lambda share: share < 0.3)


def test_a_copy_without_its_neighbours_is_a_copy_all_the_same() -> None:
    """Heads cut into a third of their triangles, turned and moved far from the others they stand among: doubles, set aside."""
    dice, heads = np.random.default_rng(5), ["head_bald", "head_hat", "head_hood"]
    parts = [Shaped(n, f"{n}.stl", demo_mesh(n)) for n in (*heads, "legs_standing")]
    for name in heads[:2]:
        vertices, faces = fast_simplification.simplify(
            np.asarray(demo_mesh(name).vertices, np.float32), demo_mesh(name).faces, target_reduction=0.7
        )
        turn = trimesh.transformations.random_rotation_matrix(dice.random(3))
        turn[:3, 3] = dice.uniform(-60, 60, 3)
        other = Mesh(np.asarray(vertices, float), np.asarray(faces, np.int32)).transformed(turn)
        parts.append(Shaped(f"copy of {name}", "x.stl", other))
    said = relations(parts)
    doubles = {r.parts for r in said if r.kind == "duplicate"}
    assert doubles == {(name, f"copy of {name}") for name in heads[:2]}
    assert repeats(said) == {f"copy of {name}" for name in heads[:2]}
