"""One part made fit to print at Sort: walls, scale, cuts, hollows; and a squad posed in one action."""

from __future__ import annotations

from pathlib import Path

import numpy as np
import pytest
from bench_steps import muster_ten, parts_by_label, sort_bench, strangers
from manifold3d import Manifold

from helpers import box_mesh
from numerus.desk.stages.pose.state import PoseState
from numerus.desk.window import MainWindow
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.cutting import KeyStyle, Plane, cut, mesh_of, solid_of
from numerus.geometry.round_holes import round_holes
from numerus.kit.statements import OTHER_SCALE, statements


def test_walls_are_thickened_and_the_part_is_as_it_came_again(window: MainWindow) -> None:
    """Shown first, kept by a second click; the mesh of the file comes back."""
    bench = sort_bench(window)
    bench.open_part("arm_R_snuffer")
    page, before = bench.part_page, window.session.plans.parts["arm_R_snuffer"]
    page.use("Walls")
    page.tool.below.setValue(0.7)
    page.tool.show_thickened()
    assert window.session.plans.parts["arm_R_snuffer"] == before
    page.tool.keep_thickened()
    grown = window.session.plans.parts["arm_R_snuffer"]
    assert grown.weak_mm2 < before.weak_mm2 and grown.volume_ml > before.volume_ml
    page.restore()
    assert window.session.plans.parts["arm_R_snuffer"].volume_ml == pytest.approx(before.volume_ml, rel=1e-3)


def test_a_part_is_scaled_in_words_and_refused_in_words(window: MainWindow) -> None:
    """Ratios are understood; nonsense is told and changes nothing."""
    bench = sort_bench(window)
    bench.open_part("head_hat")
    page, before = bench.part_page, window.session.plans.parts["head_hat"]
    page.use("Size")
    assert page.tool.ways.rows[0].fits
    page.tool.wanted.setText("1:48 to 1:96")
    page.tool.apply()
    assert window.session.plans.parts["head_hat"].extents_mm[2] == pytest.approx(before.extents_mm[2] / 2, rel=1e-3)
    page.tool.wanted.setText("huge")
    page.tool.apply()
    assert "no enlargement" in window.errors.message.text()


def test_what_no_longer_fits_after_scaling_is_told_and_mended_at_a_click(window: MainWindow, tmp_path: Path) -> None:
    """Of two halves with a peg, one made larger: its magnet's hole is bored as it was; what it joins is told, at Sort too, and scaled
    along; undone one by one.
    """
    halves = cut(box_mesh((12, 12, 24)), Plane((6, 6, 12), (0, 0, 1)), KeyStyle("round", 0.15))
    hole = Manifold.cylinder(4, 1.55, 1.55, 48).translate((6, 6, 21))
    write_stl(mesh_of(solid_of(halves.above) - hole), tmp_path / "post.stl")
    write_stl(halves.below, tmp_path / "foot.stl")
    muster_ten(window)
    bench, session = sort_bench(window, "ten"), window.session
    window.user_actions.take_in([tmp_path])
    parts = parts_by_label(window)
    bench.open_part(parts["post"].id)
    page = bench.part_page
    page.use("Size")
    assert page.tool.misfits == []
    page.tool.wanted.setText("110 %")
    page.tool.apply()
    assert [m.kind for m in page.tool.misfits] == ["size", "hole"]
    assert page.tool.mend_button.text() == "Scale them along"
    page.tool._chose(1)
    page.tool.mend()
    assert round_holes(page.mesh)[0].across_mm == pytest.approx(3.1, abs=0.1)
    assert [m.kind for m in page.tool.misfits] == ["size"]
    window.grab()
    relations = session.plans.kits[session.unit.kit_id].relations
    (card,) = [s for s in statements(session.kit_parts(), relations) if s.kind == OTHER_SCALE]
    bench.act(card)
    assert {round(p.scale, 3) for p in session.kit_parts()} == {1.1}
    page.use("Size")
    assert page.tool.misfits == []
    for _ in range(3):
        session.undo()
    assert {p.scale for p in session.kit_parts()} == {1.0}


def test_a_limb_is_bent_at_a_click_and_keeps_its_zones(window: MainWindow) -> None:
    """Shown while it turns, kept as one edit; its zones and volume stay, its pose is asked for again; a fold is refused in words."""
    bench = sort_bench(window)
    bench.open_part("arm_R_snuffer")
    page, before = bench.part_page, window.session.plans
    page.use("Bend")
    tool, mesh = page.tool, page.mesh
    assert not tool.keep_button.isEnabled()
    tool.picked(mesh.vertices[np.argsort(mesh.vertices[:, 2])[int(len(mesh.vertices) * 0.4)]])
    assert tool.hinge is not None and "mm through there" in tool.words.text()
    tool.turns[0].setValue(20)
    assert tool.bent.moved.any() and tool.keep_button.isEnabled()
    tool.swap()
    assert tool.keep_button.isEnabled() or "runs into" in tool.words.text()
    tool.swap()
    window.grab()
    tool.keep()
    was, now = before.parts["arm_R_snuffer"], window.session.plans.parts["arm_R_snuffer"]
    assert now.blob != was.blob and now.pose is None and now.watertight
    assert now.volume_ml == pytest.approx(was.volume_ml, rel=0.1)
    assert window.session.plans.part_zones[now.id].zones == before.part_zones[was.id].zones
    page.restore()
    assert window.session.plans.parts["arm_R_snuffer"].volume_ml == pytest.approx(was.volume_ml, rel=1e-3)


def test_a_part_is_cut_in_two_and_both_halves_are_owed(window: MainWindow) -> None:
    """The lower half gets a slot of its own in every build that had the part; undo makes one of them again."""
    bench = sort_bench(window, "heron")
    bench.open_part("heron_body")
    page = bench.part_page
    page.use("Cut")
    page.tool._take(2)
    page.tool.show_cut()
    assert len(page.view.things) == 2
    before, play_ml = window.session.plans, page.tool.halves.play_mm3 / 1000
    page.tool.keep_cut()
    part = window.session.plans.parts["heron_body"]
    assert "body, lower" in window.session.unit.slots
    lower = window.session.plans.parts[window.session.plans.figures["heron-0"].build["body, lower"]]
    whole = part.volume_ml + lower.volume_ml + play_ml
    assert whole == pytest.approx(before.parts["heron_body"].volume_ml, rel=2e-3)
    window.session.undo()
    assert window.session.plans == before


def test_a_level_cut_leaves_off_what_is_below(window: MainWindow) -> None:
    """By hand: the slider places the plane, the lower piece goes."""
    bench = sort_bench(window)
    bench.open_part("base_flags")
    page = bench.part_page
    page.use("Cut")
    page.tool.place.setValue(30)
    height = window.session.plans.parts["base_flags"].extents_mm[2]
    page.tool.leave_off()
    assert window.session.plans.parts["base_flags"].extents_mm[2] == pytest.approx(0.7 * height, rel=0.01)


def test_a_way_to_fit_is_taken_up_by_a_click(window: MainWindow) -> None:
    """A size goes into the line, a cut onto the part; a base is told by its disc."""
    bench = sort_bench(window, "heron")
    bench.open_part("heron_legs")
    page = bench.part_page
    page.use("Size")
    largest = next(r for r in page.tool.rows if "large" in r.way)
    page.tool.take(largest)
    assert float(page.tool.wanted.text().split()[0]) <= largest.scale * 100
    cut = next(r for r in page.tool.rows if r.planes)
    page.tool.take(cut)
    assert page.tool.title == "Cut" and page.tool.plane == cut.planes[0]
    sort_bench(window).open_part("base_cobbles")
    page.use("Size")
    assert page.tool.base_words.text().startswith("A disc of 28.5 mm")


def test_a_body_is_hollowed_and_kept(window: MainWindow) -> None:
    """Shown cut open with its drains; kept it weighs less; a thin part is refused in words."""
    bench = sort_bench(window, "heron")
    bench.open_part("heron_body")
    page, before = bench.part_page, window.session.plans.parts["heron_body"]
    page.use("Hollow")
    page.tool.show_hollow()
    assert len(page.tool.pins()) == len(page.tool.hollowed.drains) + len(page.tool.tips.pools)
    assert len(page.tool.hollowed.drains) >= 2
    saved = page.tool.hollowed.saved_ml
    page.tool.keep_hollow()
    assert window.session.plans.parts["heron_body"].volume_ml == pytest.approx(before.volume_ml - saved, rel=0.02)
    bench.open_part("heron_neck")
    page.use("Hollow")
    page.tool.wall.setValue(4)
    page.tool.show_hollow()
    assert "Nowhere is it thick enough" in window.errors.message.text()


def test_a_squad_is_posed_in_one_action_and_twins_follow(
    window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """All parts of a new kit at once, one step to undo; kept by hand, the mirrored arm takes its twin's pose over."""
    muster_ten(window)
    bench = sort_bench(window, "ten")
    window.user_actions.take_in([strangers(tmp_path / "walker")])
    bench.agree_button.click()
    bench.builds.fill_gaps()
    window.session.go("pose")
    pose = window.benches["pose"]
    every, two = PoseState.parts, {p.id for p in pose.state.parts[:2]}  # they stand for the squad: each takes seconds
    with monkeypatch.context() as fewer:
        fewer.setattr(PoseState, "parts", property(lambda state: [p for p in every.fget(state) if p.id in two]))
        pose.refresh()
        pose.all_button.click()
        assert len(pose.state.parts) == 2 and all(p.pose is not None for p in pose.state.parts)
        assert not pose.all_button.isEnabled()
        window.session.undo()
    parts = parts_by_label(window)
    assert parts["c"].pose is None
    window.session.select(part_id=parts["c"].id)
    pose.keep()
    parts = parts_by_label(window)
    assert parts["d"].pose is not None
    assert parts["d"].pose.height_mm == pytest.approx(parts["c"].pose.height_mm, abs=0.1)
