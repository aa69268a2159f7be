"""The demo's meshes and the sculptor that made them."""

from __future__ import annotations

from itertools import combinations, pairwise
from pathlib import Path

import numpy as np
import pytest

from numerus.book.book import Book
from numerus.demo.army import make_demo
from numerus.demo.messy import write_archive
from numerus.demo.parts import MESHES, labelled, mesh, names, supported
from numerus.demo.scheme import ZONES
from numerus.demo.sculptor.modelling.carve import blended, carve, sampled, smoothed
from numerus.demo.sculptor.modelling.deforming import bent, twisted
from numerus.demo.sculptor.modelling.shapes import (
    bevelled,
    box,
    capsule,
    chamfered,
    curved,
    cut,
    cutting,
    ellipsoid,
    lathe,
    mirrored,
    placed,
    prism,
    ring,
    soft,
    stitches,
    swept,
    tube,
    turned,
)
from numerus.demo.sculptor.modelling.skeleton import frame, middle_joint
from numerus.demo.sculptor.studio import recipes
from numerus.devices.link import link_for
from numerus.devices.printer import LOOSE
from numerus.formats.meshes.mesh_files import Refusal, read_any
from numerus.formats.meshes.mesh_formats import MeshFile
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import Mesh
from numerus.geometry.repair.health import inspect, oriented
from numerus.geometry.solids.columns import solid_columns
from numerus.geometry.thickness import thickness
from numerus.printing.runs.run_records import FAILED
from numerus.progress.standing import standing
from numerus.surface.zones import ATTRIBUTE

from helpers import EVENING, ball_mesh  # isort: skip


@pytest.mark.parametrize("name", names())
def test_every_demo_mesh_is_closed_and_zoned(name: str) -> None:
    """Watertight, right side out, a zone for every face, supported without an island."""
    health, _ = inspect(mesh(name))
    assert health.watertight and health.holes == 0
    assert {p.code for p in health.problems} <= {"degenerate", "non-manifold"}
    assert labelled(name).face_attributes[ATTRIBUTE].max() < len(ZONES)
    assert supported(name).bounds_mm[0, 2] == pytest.approx(0, abs=0.01)


def test_the_figures_have_their_sizes() -> None:
    """Eyes at about 28 mm over the base, the Heron 120 mm high on 80 mm."""
    assert mesh("head_hat").bounds_mm[1, 2] == pytest.approx(39, abs=3)
    assert mesh("heron_head").bounds_mm[1, 2] == pytest.approx(117, abs=6)
    assert mesh("heron_base").extents_mm[0] == pytest.approx(80, abs=0.5)
    assert mesh("base_cobbles").extents_mm[0] == pytest.approx(28.5, abs=0.3)


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


@pytest.mark.parametrize("name", names())
def test_nothing_is_loose_or_thinner_than_it_prints(name: str) -> None:
    """One solid each, right side out, within its budget of faces."""
    part = mesh(name)
    assert part.signed_volume_mm3 > 0
    assert inspect(part)[0].shells == 1
    assert len(part.faces) <= recipes()[name][2]


def test_every_part_of_every_build_is_shipped_and_every_zone_is_painted_somewhere() -> None:
    """No name without a mesh, no mesh without a recipe; the scheme's zones are all on the kits."""
    assert set(recipes()) == set(names())
    found = set().union(*(set(np.unique(labelled(n).face_attributes[ATTRIBUTE])) for n in names()))
    assert {ZONES[z] for z in found} == set(ZONES)


@pytest.mark.parametrize("name", ["arm_L_belt", "pack_wicks"])
def test_carving_again_gives_the_shipped_shape(name: str) -> None:
    """The same bytes twice, and the shipped part's volume."""
    shapes, cell, faces = recipes()[name]
    again = [carve(shapes, cell, faces) for _ in range(2)]
    assert pack_mesh(again[0]) == pack_mesh(again[1])
    assert again[0].signed_volume_mm3 == pytest.approx(mesh(name).signed_volume_mm3, rel=1e-3)


def test_heads_are_different_people() -> None:
    """No two heads or stances fill the same space by more than nine tenths."""
    for prefix in ("head_", "legs_"):
        filled = {
            n: solid_columns(mesh(n).triangles, 0.3, 0.3) for n in names() if n.startswith(prefix) and "boy" not in n
        }
        for one, other in combinations(filled, 2):
            both = np.concatenate([mesh(one).triangles, mesh(other).triangles])
            union = solid_columns(both, 0.3, 0.3).volume_mm3
            shared = filled[one].volume_mm3 + filled[other].volume_mm3 - union
            assert shared / union < 0.9, (one, other)


def test_a_soft_radius_rounds_a_joint_and_a_crisp_one_does_not() -> None:
    """A smooth union lies outside a plain one, by a quarter of its radius at the crease, and never inside."""
    bars = [capsule((-3, 0, 0), (3, 0, 0), 1, 1, "iron"), capsule((0, 0, -3), (0, 0, 3), 1, 1, "iron")]
    crease = np.array([[1.0, 0, 1.0]])
    crisp = blended([bars[0], *soft(0.001, bars[1])], crease)[0]
    round_ = blended([bars[0], *soft(0.8, bars[1])], crease)[0]
    assert crisp - round_ == pytest.approx(0.2, abs=0.01)


def test_what_cuts_takes_away_whatever_its_order_of_zones() -> None:
    """A ball with a bore has the ball's volume less the bore's, and keeps its zone inside it."""
    ball = ellipsoid((0, 0, 0), (5, 5, 5), "coat")
    bore = cutting(capsule((0, 0, -9), (0, 0, 9), 1.5, 1.5, "iron"))
    made = carve([ball, *bore], 0.15, 20000)
    cap = 2 * np.pi / 3 * (125 - (25 - 2.25) ** 1.5)
    assert made.signed_volume_mm3 == pytest.approx(4 / 3 * np.pi * 125 - 2 * cap, rel=0.01)
    assert set(made.face_attributes[ATTRIBUTE]) == {[z.id for z in ZONES].index("coat")}


def test_only_blocks_near_the_surface_are_sampled_and_none_is_missed() -> None:
    """The sparse grid has the signs of the dense one."""
    shapes = [
        ellipsoid((0, 0, 0), (6, 4, 5), "coat"),
        ring((0, 0, 0), (7, 7), 0.6, "iron"),
        *cutting(box((3, 0, 0), (2, 9, 1), 0.2, "coat")),
    ]
    sparse, low = sampled(shapes, 0.25)
    index = np.stack(np.indices(sparse.shape), axis=-1).reshape(-1, 3)[::7]
    dense = blended(shapes, low + index * 0.25, 40.0)[0]
    clear = np.abs(dense) > 0.02
    assert np.array_equal(np.sign(sparse[tuple(index.T)])[clear], np.sign(dense)[clear])


def test_knees_lie_where_two_bones_meet() -> None:
    """Both bones keep their length, bent toward what was asked; a far foot stretches the leg straight."""
    hip, foot = (1.8, 0.3, 14.4), (2.6, -3.0, 6.0)
    knee = np.array(middle_joint(hip, foot, 5.0, 4.7, (0, -1, 0)))
    assert np.linalg.norm(knee - hip) == pytest.approx(5.0)
    assert np.linalg.norm(knee - foot) == pytest.approx(4.7)
    assert knee[1] < (hip[1] + foot[1]) / 2
    straight = np.array(middle_joint((0, 0, 0), (0, 0, 20), 5, 5, (1, 0, 0)))
    assert straight[:2] == pytest.approx([0, 0])


def test_a_hands_frame_is_a_rotation() -> None:
    """The bar is its z, the forearm lies behind it."""
    turn = frame((0.2, -0.3, 1.0), (0.5, 1.0, 0.2))
    assert turn @ turn.T == pytest.approx(np.eye(3))
    assert np.linalg.det(turn) == pytest.approx(1)
    assert turn[:, 2] @ np.array([0.2, -0.3, 1.0]) > 0 and turn[:, 1] @ np.array([0.5, 1.0, 0.2]) > 0


def test_curves_pass_through_their_points_and_tubes_hold_them() -> None:
    """Every point given is on the curve; the tube's surface is its radius away."""
    points = [(0.0, 0, 0), (3, 1, 0), (5, 0, 2), (6, 3, 4)]
    line = np.array(curved(points))
    for point in points:
        assert np.linalg.norm(line - point, axis=1).min() < 1e-9
    assert tube(curved(points), (0.5,), "rope").field(line) == pytest.approx(np.full(len(line), -0.5))


def test_an_outline_drawn_deep_knows_its_inside() -> None:
    """Also where it is concave."""
    plate = prism([(0, 0), (4, 0), (4, 4), (2, 1.5), (0, 4)], 1.0, "brass", 0.01)
    at = np.array([[1.0, 0, 1], [2, 0, 3.0], [3.5, 0, 2.5], [1.0, 2.0, 1]])
    assert (plate.field(at) < 0).tolist() == [True, False, True, False]


def test_a_chamfered_box_has_its_edges_cut_flat() -> None:
    """Its middle edges lie on the plane of the chamfer; faces and far corners are the box's."""
    made = chamfered((0, 0, 0), (2, 3, 4), 0.5, "iron")
    at = np.array([[1.75, 2.75, 0], [2, 0, 0], [2, 3, 0.0], [0, 0, 4.5]])
    assert made.field(at) == pytest.approx([0, 0, 0.5 * np.sqrt(0.5), 0.5])


def test_a_bevelled_joint_is_flat_where_a_soft_one_is_round() -> None:
    """In the crease of two square bars the surface lies on the plane between them."""
    one, other = box((0, 0, 0), (5, 1, 1), 0.0, "iron"), box((0, 0, 0), (1, 1, 5), 0.0, "iron")
    crease = np.array([[1.3, 0, 1.3], [1.2, 0, 1.2], [1.4, 0, 1.0]])
    assert blended([one, *bevelled(0.6, other)], crease)[0] == pytest.approx(
        [0, -0.2 * np.sqrt(0.5), -0.2 * np.sqrt(0.5)], abs=0.08
    )


def test_twisting_keeps_the_volume() -> None:
    """A square bar turned by a quarter over its length is as heavy as before."""
    bar = box((0, 0, 0), (1.2, 0.6, 4), 0.05, "iron")
    plain, turned_ = (carve([shape], 0.12, 40000).signed_volume_mm3 for shape in (bar, twisted(bar, 11.25)))
    assert turned_ == pytest.approx(plain, rel=0.02)


def test_stitches_follow_their_seam() -> None:
    """As many as there is room for, each on the curve, none touching the next."""
    seam = [(0.0, 0, 0), (6, 0, 0)]
    threads = stitches(seam, 1.0, "rope")
    assert len(threads) == 6
    ends = sorted((float(t.low[0]), float(t.high[0])) for t in threads)
    assert all(b[0] > a[1] for a, b in pairwise(ends))
    assert all(t.field(np.array([[(t.low[0] + t.high[0]) / 2, 0, 0]]))[0] < 0 for t in threads)


def test_smoothing_takes_steps_off_and_leaves_edges() -> None:
    """A ball shaken by noise comes nearer its radius; a box's corners stay where they are."""
    ball, dice = ball_mesh(5, subdivisions=5), np.random.default_rng(3)
    rough = Mesh(ball.vertices * (1 + dice.normal(0, 0.002, (len(ball.vertices), 1))), ball.faces)
    spread = [np.std(np.linalg.norm(m.vertices, axis=1)) for m in (rough, smoothed(rough))]
    assert spread[1] < 0.6 * spread[0]
    sharp = carve([box((0, 0, 0), (3, 3, 3), 0.0, "coat")], 0.1, 40000)
    assert np.linalg.norm(sharp.vertices - 3, axis=1).min() < 0.25
    assert sharp.signed_volume_mm3 == pytest.approx(216, rel=0.01)


def test_placed_shapes_keep_distances() -> None:
    """Turned, moved and scaled: a ball is still a ball."""
    ball = placed([ellipsoid((1, 0, 0), (1, 1, 1), "coat")], (5, 5, 5), turned(0, 0, 90), 2.0)[0]
    assert ball.field(np.array([[5.0, 7, 5], [5, 10, 5]])) == pytest.approx([-2, 1])


def test_the_messy_archive_is_as_messy_as_it_says(tmp_path) -> None:  # type: ignore[no-untyped-def]
    """Read like any other: one refused by name, one in inches, one torn, one inside out; the same bytes each time."""
    for name in "ab":
        write_archive(tmp_path / f"{name}.zip")
    assert (tmp_path / "a.zip").read_bytes() == (tmp_path / "b.zip").read_bytes()
    found = {f.name.rpartition("/")[2]: f for f in read_any(tmp_path / "a.zip")}
    refused = [f for f in found.values() if isinstance(f, Refusal)]
    assert [f.error.code for f in refused] == ["truncated"]
    health = {n: inspect(f.mesh, f.declared)[0] for n, f in found.items() if isinstance(f, MeshFile)}
    assert health["head3_inch.stl"].unit == "in"
    assert health["arm_r_torn.stl"].holes >= 1
    assert {p.code for p in health["pack(1).stl"].problems} >= {"inside-out"}
    assert health["untitled.stl"].volume_ml == pytest.approx(health["R_arm-pole.stl"].volume_ml, rel=1e-3)
    assert health["b2 (copy).stl"].volume_ml == pytest.approx(health["body01.stl"].volume_ml, rel=0.01)
    assert health["b2 (copy).stl"].triangles != health["body01.stl"].triangles


def test_a_machine_tells_of_the_demos_ended_run_what_the_journal_does(demo: Book) -> None:
    """It printed to its end, and one part let go: neither is a plate taken off that its machine says stood still."""
    (run,) = (r for r in standing(demo.plans, demo.history).runs.values() if r.state == "hanging")
    link = link_for(demo.plans.plates[run.plate_id], demo.plans.machines[run.machine_id], run)
    assert link.reading(run.minutes_at(EVENING)).state == "finished"
    assert [o.looks for o in link.outcomes() if o.outcome == FAILED] == [LOOSE]


def test_the_demo_book_is_the_same_each_time(demo: Book, tmp_path: Path) -> None:
    """Plans and journal, told as of one evening: made again it is the one all tests begin with."""
    again = make_demo(tmp_path / "again.numerus", EVENING)
    assert again.plans == demo.plans
    assert again.history == demo.history
    again.close()


def test_any_outline_swept_along_a_curve_keeps_its_section() -> None:
    """A straight sweep is the prism; a half circle of it has the volume Pappus gives, and its side looks outward."""
    outline = [(-1.0, -0.5), (1.0, -0.5), (1.0, 0.9), (0.4, 0.9), (0.4, 0.3), (-0.4, 0.3), (-0.4, 0.9), (-1.0, 0.9)]
    section, height = 2 * 0.8 + 2 * 0.6 * 0.6, (2 * 0.8 * -0.1 + 2 * 0.36 * 0.6) / (2 * 0.8 + 2 * 0.36)
    straight = swept(outline, [(0, 0, 0), (0, 4, 0), (0, 8, 0)], "leather", (0, 0, 1), 0.01)
    assert carve([straight], 0.1, 60000).signed_volume_mm3 == pytest.approx(section * 8, rel=0.02)
    turn = np.linspace(0, np.pi, 60)
    arc = [(float(6 * np.cos(t)), float(6 * np.sin(t)), 0.0) for t in turn]
    round_ = swept(outline, arc, "leather", [(x, y, 0.0) for x, y, _ in arc], 0.01)
    made = carve([round_], 0.12, 90000)
    assert made.signed_volume_mm3 == pytest.approx(section * np.pi * (6 + height), rel=0.02)
    assert made.bounds_mm[1, 0] == pytest.approx(6.9, abs=0.06)


def test_a_bent_bar_keeps_its_length() -> None:
    """A bar bent to a quarter circle: as much solid as before, its tip where the arc ends."""
    bar = capsule((0, 0, -6), (0, 0, 6), 0.8, 0.8, "iron")
    radius = 12 * 2 / np.pi
    made = carve([bent(bar, radius)], 0.1, 60000)
    assert made.signed_volume_mm3 == pytest.approx(carve([bar], 0.1, 60000).signed_volume_mm3, rel=0.02)
    assert made.bounds_mm[1, 2] == pytest.approx((radius + 0.8) * np.sin(6 / radius + 0.8 / radius * 0.35), abs=0.25)
    assert made.bounds_mm[0, 0] == pytest.approx(-0.8, abs=0.05)


def test_what_hangs_free_is_thick_enough_to_print() -> None:
    """Bells, straps, rims: of the walls under 0.35 mm hardly anything is left on any part (seams where shapes meet)."""
    for name in names():
        thin = thickness(oriented(mesh(name))[0])
        skin = float(thin.area_mm2.sum())
        assert thin.area_below_mm2(0.35) < 0.023 * skin, name
