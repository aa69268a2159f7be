"""Resin heads on filament bodies in the real window: what a part is of is chosen at Pose or Sort, and it is posed for that."""

from __future__ import annotations

from numerus.desk.window import MainWindow
from numerus.domain.printing.machines import FILAMENT, RESIN, Machine

SNAIL = Machine("snail", "Reed Snail", 180, 180, 180, kind=FILAMENT, layer_mm=0.12, support_style="posts")


def pose_bench(window: MainWindow, part: str):  # type: ignore[no-untyped-def]
    window.session.select("lock", part_id=part)
    window.session.go("pose")
    return window.benches["pose"]


def choose(bench, material: str) -> None:  # type: ignore[no-untyped-def]
    box = bench.made_of
    box.setCurrentIndex(box.findData(material))
    box.activated.emit(box.currentIndex())


def test_a_part_of_plastic_is_posed_upright_on_posts_without_talk_of_films(window: MainWindow) -> None:
    """Where both kinds of machine stand; taken back, it is of resin again with its tips."""
    bench = pose_bench(window, "head_bald")
    assert bench.made_of.isHidden(), "all is of resin"
    window.session.commit("a machine of plastic", [SNAIL])
    assert not bench.made_of.isHidden() and bench.made_of.currentData() == RESIN
    assert bench.tried.supported.style.line_mm == 0
    choose(bench, FILAMENT)
    assert "Reed Snail, 0.12 mm" in bench.subtitle.text()
    assert bench.poses.school_box.currentText() == "Upright" and bench.poses.counts.dry
    assert bench.tried.supported.style.name == "posts" and not bench.tried.graph.pulls
    assert "cups" not in [row[1] for row in bench.compared.rows]
    assert "pull" not in bench.supports.summary.text()
    bench.graph.scrub(5.0)
    bench.grab()
    bench.keep()
    kept = window.session.plans.parts["head_bald"]
    assert kept.material == FILAMENT and kept.pose is not None and kept.pose.margin >= 99
    window.session.undo()
    window.session.undo()
    bench = pose_bench(window, "head_bald")
    assert bench.made_of.currentData() == RESIN and bench.tried.graph.pulls
    assert "cups" in [row[1] for row in bench.compared.rows]


def test_posing_all_that_wait_poses_each_for_its_own_machine(window: MainWindow) -> None:
    """Packs of plastic on posts, heads of resin on tips, one edit."""
    window.session.commit("a machine of plastic", [SNAIL])
    parts = window.session.plans.parts
    pack, head = parts["pack_rope"], parts["head_bald"]
    window.session.commit("posed anew", [pack.of_material(FILAMENT), head.of_material("")])
    bench = pose_bench(window, "head_bald")
    bench._pose([window.session.plans.parts[i] for i in ("pack_rope", "head_bald")])
    parts = window.session.plans.parts
    drafts = {i: parts[i].draft.style for i in ("pack_rope", "head_bald")}
    assert drafts == {"pack_rope": "posts", "head_bald": "balanced"}


def test_parts_chosen_at_sort_are_made_of_plastic_together(window: MainWindow) -> None:
    """One edit; those that are already keep their poses."""
    window.session.commit("a machine of plastic", [SNAIL])
    window.session.select("lock")
    window.session.go("sort")
    bench, plans = window.benches["sort"], window.session.plans
    torsos = [p.id for p in plans.parts.values() if p.slot == "torso"]
    assert all(plans.parts[i].pose for i in torsos)
    bench.make_of(torsos, RESIN)
    assert all(window.session.plans.parts[i].pose for i in torsos), "they were of resin"
    bench.make_of(torsos, FILAMENT)
    assert all(
        window.session.plans.parts[i].material == FILAMENT and not window.session.plans.parts[i].pose for i in torsos
    )
    window.session.undo()
    assert all(window.session.plans.parts[i].pose for i in torsos)
