"""The Sort bench at work: a careless archive becomes ten figures; parts mended, thickened, scaled and cut; by hand."""

from __future__ import annotations

from pathlib import Path

import pytest
from bench_steps import muster_ten, parts_by_label, sort_bench, strangers
from PyQt6.QtCore import QMimeData, QObject, QPoint, QPointF, Qt
from PyQt6.QtGui import QDropEvent
from PyQt6.QtWidgets import QInputDialog, QMenu

from helpers import box_mesh
from numerus.book.intake import is_doubtful
from numerus.book.tidy import agreed
from numerus.demo.messy import write_archive
from numerus.desk.dialogs.bits import BitsDialog
from numerus.desk.stages.sort.questions import KitDialog, RuleDialog, WantedDialog
from numerus.desk.window import MainWindow
from numerus.domain.army import BuildRule, Figure
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import merged
from numerus.kit.builds import equals, parts_needed
from numerus.kit.statements import statements


def test_a_careless_archive_becomes_ten_figures_all_different(window: MainWindow, tmp_path: Path) -> None:
    """Dropped, agreed with, filled: ten whole figures from it, no two alike, nothing dragged; the arm that was not there is a mirrored one."""
    write_archive(tmp_path / "kit.zip")
    muster_ten(window)
    bench = sort_bench(window, "ten")
    window.user_actions.take_in([tmp_path / "kit.zip"])
    assert "bytes for" in window.errors.message.text()
    waiting = [s for s in bench.layout_page.cards.statements if s.open]
    assert {s.title for s in waiting} == {"head3_inch", "arm_r_torn", "pack(1)"}
    bench.agree_button.click()
    found = parts_by_label(window)
    assert not [s for s in statements(found.values(), ()) if s.open]
    assert found["arm_r_torn"].watertight and found["head3_inch"].extents_mm[2] == pytest.approx(10.6, abs=0.1)
    assert {label for label, p in found.items() if not p.needed} == {"b2 (copy)", "body01_sup"}
    bench.open_page("Builds")
    bench.fill_button.click()
    figures = window.session.plans.figures_of("ten")
    assert equals(figures) == []
    assert all(len(f.build) == 7 for f in figures)
    window.session.undo()
    window.session.undo()
    assert any(s.open for s in statements(window.session.kit_parts(), ()))


def test_a_kit_that_is_not_the_demos_needs_no_dragging(window: MainWindow, tmp_path: Path) -> None:
    """Slots from places alone; the double set aside, the torn one mended, the arm in metres read as such; ten figures all different."""
    muster_ten(window)
    bench = sort_bench(window, "ten")
    window.user_actions.take_in([strangers(tmp_path / "walker")])
    slots = {p.label: p.slot for p in window.session.kit_parts()}
    assert slots == {
        "thing": "torso", "thing 2": "legs", "thing 3": "base", "t1": "head", "t2": "head", "t3": "head", "t1 again": "head",
        "a": "left arm", "c": "left arm", "b": "right arm", "d": "right arm",
    }  # fmt: skip
    assert not parts_by_label(window)["t1 again"].needed
    bench.agree_button.click()
    assert parts_by_label(window)["b"].extents_mm == pytest.approx(parts_by_label(window)["a"].extents_mm, rel=1e-3)
    assert parts_by_label(window)["t3"].watertight
    bench.open_page("Builds")
    bench.builds.fill_gaps()
    figures = window.session.plans.figures_of("ten")
    assert equals(figures) == [] and all(len(f.build) == 6 for f in figures)
    assert sorted(parts_needed(figures)[parts_by_label(window)[t].id] for t in ("t1", "t2", "t3")) == [3, 3, 4]
    assert "on no plate yet" in bench.builds.line.text().lower() and "No " not in bench.builds.line.text()


def test_a_statement_is_overruled_and_believed_again(window: MainWindow, tmp_path: Path) -> None:
    """The set-aside double comes back into the builds when someone says that it is none."""
    muster_ten(window)
    bench = sort_bench(window, "ten")
    window.user_actions.take_in([strangers(tmp_path / "walker")])
    double = next(s for s in bench.layout_page.cards.statements if s.kind == "duplicate")
    for needed in (True, False):
        bench.act(double)
        assert parts_by_label(window)["t1 again"].needed == needed
        double = next(s for s in bench.layout_page.cards.statements if s.kind == "duplicate")


@pytest.mark.at_once
def test_parts_are_moved_renamed_and_set_aside_together(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Several at once, by the menu of a shelf."""
    bench = sort_bench(window)
    shelf = bench.layout_page.shelves["head"]
    asked: list[QMenu] = []
    monkeypatch.setattr(QMenu, "exec", lambda menu, *_: asked.append(menu))
    monkeypatch.setattr(QInputDialog, "getText", lambda *a, **k: ("watch", True))
    ids = ["head_hat", "head_hood"]
    shelf.asked.emit(ids, QPoint())
    next(a for a in asked[0].actions() if "Rename" in a.text()).trigger()
    assert {window.session.plans.parts[i].name for i in ids} == {"watch 1", "watch 2"}
    next(a for a in asked[0].actions() if "set aside" in a.text()).trigger()
    assert not any(i in f.build.values() for i in ids for f in window.session.plans.figures.values())
    assert bench.layout_page.shelves["set aside"].count() == 2
    bench.layout_page.shelves["head"].dropped.emit(ids, "head")
    assert all(window.session.plans.parts[i].needed for i in ids)
    bench.layout_page.explode.setValue(80)
    spread = merged([t.mesh for t in bench.layout_page.view.things]).extents_mm[2]
    bench.layout_page.explode.setValue(0)
    assert spread > 1.3 * merged([t.mesh for t in bench.layout_page.view.things]).extents_mm[2]
    window.session.select(part_id="head_hat")
    bench.layout_page.compare_with("head_hood")
    assert "lower" in bench.layout_page.view.caption[1]


def test_builds_follow_rules_and_numbers(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Asked for in words; the rule is kept, the number met, spares put on the list, and all of it dropped again."""
    bench = sort_bench(window)
    builds = bench.builds
    bench.open_page("Builds")
    window.session.commit(
        "clear", [Figure(f.id, f.unit_id, f.name, f.order) for f in window.session.plans.figures_of("kiln")]
    )
    monkeypatch.setattr(RuleDialog, "exec", lambda dialog: dialog.wrong() == "")
    monkeypatch.setattr(RuleDialog, "rule", lambda dialog: BuildRule("needs", "arm_R_cudgel", "arm_L_horn"))
    monkeypatch.setattr(WantedDialog, "exec", lambda dialog: 1)
    monkeypatch.setattr(WantedDialog, "answer", lambda dialog: ("arm_R_bell", 2))
    builds.add_rule(BuildRule("needs", "arm_R_cudgel", "arm_L_horn"))
    builds._ask_wanted()
    builds.fill_gaps()
    figures = window.session.plans.figures_of("kiln")
    assert parts_needed(figures)["arm_R_bell"] == 2
    assert all("arm_L_horn" in f.build.values() for f in figures if "arm_R_cudgel" in f.build.values())
    assert equals(figures) == []
    builds.put_on_list()
    assert window.session.unit.spares and not builds.to_list.isEnabled()
    builds._drop_rule(window.session.unit.rules[0])
    builds.want("arm_R_bell", 0)
    assert window.session.unit.rules == () and window.session.unit.wanted == {}


def test_all_alike_fills_from_the_chosen_figure(window: MainWindow) -> None:
    """And those that are alike are told."""
    bench = sort_bench(window)
    bench.open_page("Builds")
    kept = window.session.plans.figures_of("kiln")[0]
    window.session.commit(
        "clear", [Figure(f.id, f.unit_id, f.name, f.order) for f in window.session.plans.figures_of("kiln")[1:]]
    )
    window.session.select(figure_id=kept.id)
    bench.builds.fill_alike()
    assert all(f.build == kept.build for f in window.session.plans.figures_of("kiln"))
    assert "Built alike" in bench.builds.warnings.text()


def test_where_a_kit_came_from_is_kept(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Licence, price, remarks; and how its prints have done is told."""
    bench = sort_bench(window)
    told: list[str] = []

    def answer(dialog: KitDialog) -> int:
        told.append(dialog.note.text())
        dialog.remarks.setPlainText("sharp")
        dialog.licence.setCurrentIndex(dialog.licence.findData("sell-prints"))
        return 1

    monkeypatch.setattr(KitDialog, "exec", answer)
    bench.ask_kit()
    kit = window.session.plans.kits["wickmen"]
    assert (kit.remarks, kit.licence, kit.price_pence) == ("sharp", "sell-prints", 2400)
    assert "were good" in told[0]


def test_a_click_on_the_figure_chooses_the_part_that_is_there(window: MainWindow) -> None:
    """And the others can be looked through."""
    bench = sort_bench(window)
    page = bench.layout_page
    head = next(m for slot, _, m in page.things if slot == "head")
    page._picked(head.vertices[0])
    assert window.session.part.slot == "head"
    page.through.setChecked(True)
    assert {t.alpha for t in page.view.things} == {0.35, 1.0}


def test_a_plate_says_what_its_figures_still_miss(window: MainWindow) -> None:
    """Before it is closed, by figure and slot."""
    window.session.select("kiln")
    window.session.go("plate")
    bench = window.benches["plate"]
    bench.make_plates()
    assert "still miss parts" in bench.line.text() or "miss nothing else" in bench.line.text()


def test_parts_show_while_they_are_read(window: MainWindow, tmp_path: Path) -> None:
    """Each as it comes, refused ones too; gone again when all is kept."""
    from numerus.book.intake import read_parts

    bench = sort_bench(window)
    write_stl(box_mesh((9, 8, 7)), tmp_path / "a.stl")
    (tmp_path / "b.stl").write_bytes(b"no mesh")
    for found in read_parts([tmp_path], "k"):
        window.user_actions.arrived.emit(found)
    assert [bench.arriving.item(n).text() for n in range(2)] == ["a", "b.stl\nnot read"]
    assert bench.stack.currentWidget() is bench.arriving
    window.context.jobs.finished.emit()
    assert bench.stack.currentWidget() is bench.layout_page
    window.user_actions.awaited.emit(["kit/a.stl", "b.stl", "a.stl"])
    assert (bench.arriving.count(), bench.arriving.read) == (3, 0)
    for found in read_parts([tmp_path], "k"):
        window.user_actions.arrived.emit(found)
    assert [bench.arriving.item(n).text() for n in range(3)] == ["a", "b.stl\nnot read", "a.stl"]
    assert bench.subtitle.text().startswith("2 of 3")


@pytest.mark.at_once
def test_a_part_is_dropped_on_another_shelf(window: MainWindow) -> None:
    """As the mouse does it: the drop moves the part and clears what was set aside."""

    class Drop(QDropEvent):
        def source(self) -> QObject:
            return shelves["head"]

    bench = sort_bench(window)
    shelves = bench.layout_page.shelves
    shelves["head"].setCurrentItem(shelves["head"].item(0))
    moved = shelves["head"].ids()
    none = Qt.MouseButton.NoButton
    event = Drop(QPointF(5, 5), Qt.DropAction.MoveAction, QMimeData(), none, Qt.KeyboardModifier.NoModifier)
    shelves["back"].dropEvent(event)
    assert [window.session.plans.parts[i].slot for i in moved] == ["back"]


@pytest.mark.at_once
def test_what_the_figure_wears_lies_on_top_of_its_stack(window: MainWindow) -> None:
    """First and large; choosing another alternative turns the stack."""
    bench = sort_bench(window)
    worn = window.session.plans.figures_of("kiln")[0].build["head"]
    shelf = bench.layout_page.shelves["head"]
    assert shelf.item(0).data(Qt.ItemDataRole.UserRole) == worn
    assert shelf.item(0).sizeHint().width() > shelf.item(1).sizeHint().width()
    other = shelf.item(3).data(Qt.ItemDataRole.UserRole)
    window.session.select(part_id=other)
    assert bench.layout_page.shelves["head"].ids() == [other]
    assert bench.layout_page.shelves["head"].item(0).data(Qt.ItemDataRole.UserRole) == other


@pytest.mark.at_once
def test_a_doubtful_part_lies_apart_until_someone_looks(window: MainWindow, tmp_path: Path) -> None:
    """A lone lump without a name to go by is in doubt; moving it by hand settles that."""
    muster_ten(window)
    bench = sort_bench(window, "ten")
    write_stl(box_mesh((9, 8, 7)), tmp_path / "zzz.stl")
    window.user_actions.take_in([tmp_path / "zzz.stl"])
    part = parts_by_label(window)["zzz"]
    assert is_doubtful(part) and "in doubt" in bench.layout_page.shelves
    # Agreeing with everything leaves a guess a question.
    assert is_doubtful(agreed(part, box_mesh((9, 8, 7)), None).part)
    assert "guessed" in bench.subtitle.text()
    bench.move_parts([part.id], "weapon")
    assert not is_doubtful(window.session.plans.parts[part.id])
    assert "weapon" in window.session.unit.slots


def test_a_bit_is_given_from_the_box(window: MainWindow) -> None:
    """What lies there is listed; a figure takes one as an edit, and undo puts it back."""
    session = window.session
    dialog = BitsDialog(session, window)
    assert dialog.says.text() and dialog.table.rowCount() == len(dialog.listed)
    number = next((n for n, b in enumerate(dialog.listed) if b.fits), None)
    if number is None:
        assert not dialog.give_button.isEnabled()
        return
    dialog.table.setCurrentCell(number, 0)
    bit, figure = dialog.chosen, dialog.chosen.fits[0]
    dialog.give()
    assert session.plans.figures[figure.id].build[bit.part.slot] == bit.part.id
    session.undo()
    assert session.plans.figures[figure.id].build == figure.build
