"""Choosing what to print in the real window: files nobody has seen stood beside the army, looked at close, chosen, shelved, taken up."""

from __future__ import annotations

from pathlib import Path

import pytest

from helpers import ball_mesh, box_mesh
from numerus.desk.choosing.choosing_dialog import ChoosingDialog
from numerus.desk.choosing.choosing_state import in_a_row
from numerus.desk.window import MainWindow
from numerus.errors import PlanError
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import merged


@pytest.fixture
def dialog(window: MainWindow, tmp_path: Path) -> ChoosingDialog:
    """Two candidates, and a file that is none."""
    write_stl(ball_mesh(2.5, subdivisions=2), tmp_path / "Toll keeper.stl")
    write_stl(box_mesh((4, 4, 6)), tmp_path / "Old reeve.stl")
    (tmp_path / "notes.stl").write_text("solid nothing")
    made = ChoosingDialog(window.context, window.renderer, window)
    made.add(sorted(tmp_path.glob("*.stl")))
    return made


def test_candidates_are_measured_side_by_side_and_looked_at_close(dialog: ChoosingDialog, window: MainWindow) -> None:
    """Each in line with a figure of the army; on every machine what it would lose; what is no sculpt is told; looks are kept."""
    assert [k.name for k in dialog.state.kits] == ["Old reeve", "Toll keeper"] and "1 not read" in dialog.fault.text()
    assert [n for n, _, _ in dialog.line.stood] == ["yours", "Old reeve", "Toll keeper"]
    looks = dialog.numbers.looks
    assert all(look is not None and look.tips > 0 and look.resin_ml > 0 for look in looks)
    dialog.choose(1)
    dialog.grab()
    told = [p.machine for _, p in dialog.close_view.pictures]
    assert told == [m.name for m in window.session.plans.machines.values()] and dialog.part_box.currentText().endswith(
        "Toll keeper"
    )
    assert "No test piece told" in dialog.says.text()
    again = ChoosingDialog(window.context, window.renderer, window)
    assert again.numbers.looks == looks
    assert dialog.line.tallest_mm > 40


def test_one_is_chosen_and_the_other_shelved_with_its_reason(dialog: ChoosingDialog, window: MainWindow) -> None:
    """A unit at Sort with its kit; nothing is shelved without a word; taken up again; undone as one each."""
    session = window.session
    dialog.choose(0)
    dialog.shelve("  ")
    assert "without a reason" in dialog.fault.text() and len(dialog.state.kits) == 2
    dialog.shelve("snaps at the neck")
    assert [k.name for k in dialog.state.kits] == [
        "Toll keeper"
    ] and dialog.shelf_box.currentText() == "Old reeve: snaps at the neck"
    before = session.plans
    dialog.count.setValue(3)
    dialog.take()
    unit = session.unit
    assert unit is not None and unit.name == "Toll keeper" and len(session.plans.figures_of(unit.id)) == 3
    assert dialog.state.kits == [] and not dialog.take_button.isEnabled()
    session.undo()
    assert session.plans == before
    dialog.take_up()
    assert {k.name for k in dialog.state.kits} == {"Old reeve", "Toll keeper"}


def test_bought_figures_stand_beside_them_as_typed(dialog: ChoosingDialog, window: MainWindow) -> None:
    """By height and base; a row without sense is refused and changes nothing."""
    dialog.keep_outlines([["Boxed reeve", "34", "25"]])
    assert [o.name for o in dialog.line.outlines] == ["Boxed reeve"]
    with pytest.raises(PlanError):
        dialog.keep_outlines([["Boxed reeve", "tall", "25"]])
    assert len(window.session.plans.army.outlines) == 1
    dialog.grab()


def test_parts_that_are_not_placed_stand_beside_each_other() -> None:
    """In a row on one ground; those that are stay."""
    boxes = [box_mesh((4, 4, 4), (-2, -2, -2)), box_mesh((6, 2, 8), (-3, -1, -4))]
    laid = in_a_row(boxes, joined=False)
    assert laid[1].bounds_mm[0, 0] > laid[0].bounds_mm[1, 0] and merged(laid).bounds_mm[0, 2] == 0
    assert in_a_row(boxes, joined=True) == boxes
