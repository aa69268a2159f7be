"""The Pose bench at work: the chart turns the part, weights and schools, supports by hand and by the brush, cups vented."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
import trimesh
from PyQt6.QtCore import QPoint, QPointF, Qt
from PyQt6.QtTest import QTest

from helpers import handed_mesh
from numerus.desk.stages.pose.fields import KnownFields
from numerus.desk.stages.pose.supports import ADD, BRUSH, LOOK, MOVE
from numerus.desk.view3d.widget import BenchView
from numerus.desk.window import MainWindow
from numerus.domain.army import Figure, Unit
from numerus.domain.journal import PoseChosen
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.formats.meshes.packed_mesh import pack_mesh
from numerus.geometry.mesh import merged
from numerus.printing.orientation.orientation_search import COSTS
from numerus.printing.orientation.preference_learning import SCHOOL_WEIGHTS

SMALLER = 0.6


def pose_bench(window: MainWindow, part: str = "heron_head", unit: str = "heron"):  # type: ignore[no-untyped-def]
    window.session.select(unit, part_id=part)
    window.session.go("pose")
    return window.benches["pose"]


def part_of(window: MainWindow, part: str = "heron_head"):  # type: ignore[no-untyped-def]
    return window.session.plans.parts[part]


def test_the_part_follows_the_chart_and_is_supported_when_it_is_let_go(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """While dragged it turns without supports and says how high it stands; let go it is measured, supported, put last."""
    bench = pose_bench(window)
    chart = bench.chart
    middle = QPoint(int(chart.width() / 2), int(chart.height() / 2))
    qtbot.mousePress(chart, Qt.MouseButton.LeftButton, pos=middle + QPoint(20, 0))
    assert len(bench.view.things) == 1 and "mm high" in bench.view.caption[0]
    assert bench.view.things[0].mesh.extents_mm[2] == pytest.approx(float(bench.view.caption[0].split()[0]), abs=0.06)
    qtbot.mouseRelease(chart, Qt.MouseButton.LeftButton, pos=middle + QPoint(20, 0))
    assert bench.trials.costs[3].school == "your own turn"
    assert bench.tried.cost is bench.trials.costs[3] and len(bench.view.things) > 1


def test_the_chart_shows_the_search_as_it_grows(window: MainWindow) -> None:
    """Each part of the search is drawn before the last is known."""
    bench = pose_bench(window)
    bench.poses.counts._set("drain", 4)  # so that no other test has searched it before
    seen: list[int] = []
    bench.trials.grew.connect(lambda found: seen.append(len(found.ups)))
    window.session.select("heron", part_id="heron_neck")
    assert len(seen) >= 4 and seen == sorted(seen)
    assert len(bench.chart.search.ups) > seen[-1]


def test_a_part_that_was_searched_is_not_searched_again(window: MainWindow) -> None:
    """Looked at once more it has the same candidates and the same map, read from the book."""
    bench = pose_bench(window)
    ups, best = [c.up for c in bench.trials.costs], bench.trials.search.best
    window.session.select("heron", part_id="heron_neck")
    searched: list[object] = []
    bench.trials.grew.connect(searched.append)
    window.session.select("heron", part_id="heron_head")
    assert [c.up for c in bench.trials.costs] == ups and bench.trials.search.best == best
    assert not searched


def test_schools_set_what_counts_and_a_click_changes_one(window: MainWindow, qtbot) -> None:  # type: ignore[no-untyped-def]
    """The map changes at once, the best is found anew; each school says what it costs."""
    bench = pose_bench(window)
    poses = bench.poses
    before = bench.trials.search.weighted_cost.copy()
    poses.school_box.setCurrentIndex(3)
    poses.school_box.activated.emit(3)
    assert poses.counts.weights == SCHOOL_WEIGHTS[3].weights
    assert poses.description.text().startswith(SCHOOL_WEIGHTS[3].description)
    assert not np.allclose(before, bench.trials.search.weighted_cost)
    assert bench.trials.costs[3].school == "best found"
    poses.counts._set("time", 0)
    assert poses.weights.time == 1.0
    poses.counts._set("time", 0)
    assert poses.weights.time == 0.0
    assert bench.chart.search is bench.trials.search


def test_kept_choices_are_remembered_and_weights_learn_from_them(window: MainWindow) -> None:
    """Three times the quickest against the others: time comes to count more, and it is said."""
    bench = pose_bench(window, "head_hat", "kiln")
    before = bench.poses.weights
    for _ in range(3):
        window.session.select("kiln", part_id="head_hat")
        quickest = min(range(3), key=lambda n: bench.trials.costs[n].minutes)
        bench.trials.choose(quickest)
        bench.keep()
    kept = [f for f in window.session.answers.facts if isinstance(f.event, PoseChosen)]
    assert len(kept) == 3 and len(kept[0].event.kept) == len(COSTS)
    assert bench.poses.weights != before
    assert "3 choices count" in bench.poses.description.text()


def test_tips_are_changed_by_hand_and_every_change_can_be_taken_back(window: MainWindow) -> None:
    """Added, moved, thickened, split, taken away: each an edit of the part, proved again, undone one by one."""
    bench = pose_bench(window)
    page, made, before = bench.supports, bench.tried.supported, part_of(window).draft
    bench.open_page("Supports")
    page.use(LOOK)
    bench.editor.picked(np.array(made.pillars[2].tip))
    assert page.chosen == 2 and "carries" in page.tip.text()
    counts = [len(made.pillars)]
    page.use(ADD)
    bench.editor.picked(np.array(made.part.triangles[np.argmin(made.part.normals[:, 2])].mean(axis=0)))
    counts.append(len(bench.tried.supported.pillars))
    assert part_of(window).draft.pillars == bench.tried.supported.pillars
    page.choose(len(bench.tried.supported.pillars) - 1)
    page.use(MOVE)
    bench.editor.picked(np.array(made.pillars[0].tip) + [0.4, 0, 0])
    page.deed.emit("thicker")
    sizes = [p.tip_mm for p in bench.tried.supported.pillars]
    page.deed.emit("finer")
    assert sizes != [p.tip_mm for p in bench.tried.supported.pillars]
    page.deed.emit("split")
    counts.append(len(bench.tried.supported.pillars))
    page.choose(0)
    page.deed.emit("away")
    assert counts == [counts[0], counts[0] + 1, counts[0] + 2]
    for _ in range(6):
        window.session.undo()
    assert part_of(window).draft == before
    assert bench.tried.supported.pillars == made.pillars


def test_a_blocked_place_is_told_and_nothing_changes(window: MainWindow) -> None:
    """A tip from above is refused in words."""
    bench = pose_bench(window)
    bench.open_page("Supports")
    bench.supports.use(ADD)
    part, before = bench.tried.supported.part, part_of(window).draft
    bench.editor.picked(np.array(part.triangles[np.argmax(part.normals[:, 2])].mean(axis=0)))
    assert "looks up" in window.errors.message.text()
    assert part_of(window).draft == before


def test_what_the_proof_finds_is_mended_at_once(window: MainWindow) -> None:
    """A dozen tips taken away: islands and light tips are listed with pins; one click and all is well; kept, it is there again."""
    bench = pose_bench(window)
    bench.open_page("Supports")
    page = bench.supports
    for _ in range(12):
        page.choose(0)
        page.deed.emit("away")
    codes = {f.code for f in page.findings}
    assert "island" in codes and "see Supports" in bench.verdict.text()
    page.list.chosen.emit(0)
    page.mend.click()
    assert not {f.code for f in page.findings} & {"island", "light", "touches", "far"}
    assert bench.verdict.text().startswith("Every island caught")
    mended = bench.tried.supported.pillars
    bench.keep()
    window.session.select("heron", part_id="heron_head")
    assert bench.tried.supported.pillars == mended
    assert part_of(window).pose.tips == len(mended)


def seen_at(view: BenchView, x: int, y: int) -> bool:
    return view.pick(QPointF(x, y)) is not None


def test_brushing_keeps_tips_off_and_is_seen(window: MainWindow) -> None:
    """A drag over the part: dabs in one edit, the part is posed anew, colours show it, the book keeps the fields."""
    bench = pose_bench(window)
    bench.open_page("Supports")
    page = bench.supports
    page.brush_box.setCurrentIndex(2)
    page.use(BRUSH)
    assert bench.colour_box.currentText() == "Seen"
    view = bench.view
    on_it = [QPoint(x, y) for y in range(0, view.height(), 8) for x in range(0, view.width(), 8) if seen_at(view, x, y)]
    on_it = on_it[:: max(len(on_it) // 6, 1)]
    QTest.mousePress(view, Qt.MouseButton.LeftButton, pos=on_it[0])
    for at in on_it:
        QTest.mouseMove(view, at)
    QTest.mouseRelease(view, Qt.MouseButton.LeftButton, pos=on_it[-1])
    strokes = window.session.plans.dabs_of(part_of(window).id)
    assert len(strokes) > 1 and {s.kind for s in strokes} == {"keep off"} and view.dabs == []
    assert bench.trials.fields.keep_off.sum() > 0
    centres = window.session.mesh(part_of(window).blob).triangles.mean(axis=1)
    apart = np.linalg.norm(centres[bench.trials.fields.keep_off][:, None] - [s.at for s in strokes], axis=2)
    assert apart.min(axis=1).max() <= strokes[0].radius_mm
    assert KnownFields(window.session).at(part_of(window))[1] is not None  # as another window finds them
    window.session.undo()
    assert window.session.plans.dabs_of(part_of(window).id) == () and not bench.trials.fields.keep_off.any()


def test_a_style_is_kept_with_the_machine(window: MainWindow) -> None:
    """Safe has more tips than sparse; the next part is supported alike."""
    bench = pose_bench(window, "arm_L_bell", "bell")
    tips = {}
    for name in ("sparse", "safe"):
        bench.supports.styled.emit(name)
        tips[name] = len(bench.tried.supported.pillars)
        assert next(iter(window.session.plans.machines.values())).support_style == name
    assert tips["sparse"] < tips["safe"]
    window.session.select("heron", part_id="heron_head")
    assert bench.tried.supported.style.name == "safe"


def test_a_cup_is_vented_from_the_bench(window: MainWindow, tmp_path: Path) -> None:
    """A jug stood on its floor: the cup is listed, vented by a click, gone; the mesh it came with is kept."""
    jug = trimesh.boolean.difference(
        [trimesh.creation.cylinder(9, 14), trimesh.creation.cylinder(7, 14).apply_translation([0, 0, 2])]
    )
    handle = merged([handed_mesh()]).moved((8, -1, -3))
    whole = trimesh.boolean.union([jug, trimesh.Trimesh(handle.vertices, handle.faces)], check_volume=False)
    whole.export(tmp_path / "jug.stl")
    window.session.commit("a unit", [Unit("jugs", "Jugs", 9, 28.5, "", slots=()), Figure("j", "jugs", "Jug", 0)])
    window.session.select("jugs")
    window.user_actions.take_in([tmp_path / "jug.stl"])
    part = window.session.kit_parts()[0]
    window.session.go("sort")
    window.benches["sort"].agree_button.click()
    bench = pose_bench(window, part.id, "jugs")
    bench.trials.choose(0)
    assert any(f.code == "cup" for f in bench.supports.findings)
    bench.supports.vent.click()
    bench.trials.choose(0)
    assert not any(f.code == "cup" for f in bench.supports.findings)
    after = window.session.plans.parts[part.id]
    assert after.original and after.volume_ml < part.volume_ml


def test_ready_made_poses_show_marks_and_what_is_seen(window: MainWindow) -> None:
    """Colours are the part's own vertices'; marks are redder than the rest."""
    bench = pose_bench(window)
    for which in (1, 2):
        bench.colour_box.setCurrentIndex(which)
        bench.colour_box.activated.emit(which)
        colours = bench.view.things[0].colours
        assert len(colours) == len(bench.tried.supported.part.vertices)
        assert len(np.unique(colours, axis=0)) > 2


def test_an_unknown_sculpt_is_posed_and_supported(window: MainWindow, tmp_path: Path) -> None:
    """Organic, forty thousand faces, never seen: no island left, every tip holds, each pose compared."""
    from benchmarks.sculpts import organic

    write_stl(organic(40_000, 7), tmp_path / "thing.stl")
    window.session.commit(
        "a unit", [Unit("things", "Things", 9, 40.0, "", slots=()), Figure("t", "things", "Thing", 0)]
    )
    window.session.select("things")
    window.user_actions.take_in([tmp_path / "thing.stl"])
    bench = pose_bench(window, window.session.kit_parts()[0].id, "things")
    assert not {f.code for f in bench.supports.findings} & {"island", "light", "cup", "far"}
    assert [c.school for c in bench.trials.costs][-1] == "best found"


def test_the_heron_is_posed_hollowed_and_vented(window: MainWindow) -> None:
    """Its body, made hollow, in one action: nothing begins in mid-air, and after venting no cup is left. A smaller heron is done sooner."""
    window.session.select("heron")
    body, others = part_of(window, "heron_body"), [p for p in window.session.kit_parts() if p.id != "heron_body"]
    small = window.session.mesh(body.blob).transformed(np.diag([SMALLER, SMALLER, SMALLER, 1.0]))
    window.session.store("left out, and a smaller one", lambda book: [
        replace(body, blob=book.put_blob(pack_mesh(small))), *(replace(p, needed=False) for p in others)
    ])  # fmt: skip
    window.session.go("sort")
    sort = window.benches["sort"]
    sort.open_part("heron_body")
    sort.part_page.use("Hollow")
    sort.part_page.tool.show_hollow()
    sort.part_page.tool.keep_hollow()
    bench = pose_bench(window, "heron_body")
    bench.open_page("Supports")
    for _ in range(3):
        if any(f.code == "cup" for f in bench.supports.findings):
            bench.supports.vent.click()
    assert not {f.code for f in bench.supports.findings} & {"island", "light", "cup"}
    bench.keep()
    bench.all_button.click()
    parts = [p for p in window.session.kit_parts() if p.needed]
    assert all(p.pose is not None and not p.pose.note for p in parts)


def test_candidates_are_compared_as_measured(window: MainWindow) -> None:
    """Foretold scars say "about"; measured ones are those of the supports, and the least cost of all is named."""
    bench = pose_bench(window)
    trials, compared = bench.trials, bench.compared
    words = {name: say for name, _, say, _ in compared.ROWS}["Scars on show"]
    open_ = [n for n, c in enumerate(trials.costs) if not c.supported]
    assert open_ and all(words(trials.costs[n]).startswith("about") for n in open_) and trials.least is None
    for number in open_:
        trials._measured_as(number, trials.measuring(number)(lambda share: True))
    assert all("about" not in words(c) for c in trials.costs)
    assert trials.least is not None and "least cost" in compared._name(trials.least)
    assert trials.tried is not None
    shown = trials.costs[trials.chosen]
    assert shown.scar_mm2 == pytest.approx(trials.tried.graph.proof.scar_show_mm2)
    assert shown.cups == len(trials.tried.graph.cups), "one number for the cups counted and those hatched"


def test_a_second_pose_is_kept_beside_the_first(window: MainWindow) -> None:
    """Chosen on the bench and kept, too; the first stays, another of its school takes its place, undo takes it away."""
    bench = pose_bench(window)
    bench.trials.choose(3)
    bench.keep()
    window.session.select(part_id=bench.trials.part_id)
    bench = pose_bench(window)
    first = part_of(window).pose
    bench.trials.choose(2)
    bench.second_button.click()
    part = part_of(window)
    assert part.pose == first and [o.school for o in part.others] == [bench.trials.costs[2].school]
    assert part.lying(1).supported_blob and part.lying(2) is None
    assert "also" in bench.subtitle.text()
    window.session.undo()
    assert part_of(window).others == ()
