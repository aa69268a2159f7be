"""A failed part saved in the real window: what is lost is marked, the way is chosen, the piece and its saw guide are owed."""

from __future__ import annotations

import pytest

from numerus.assembly.saving import BAND, CORNER, HIDE, PIECE, PUTTY
from numerus.desk.stages.print.saving_dialog import SavingDialog
from numerus.desk.window import MainWindow
from numerus.diagnosis import repair
from numerus.progress.printing.plating import owed_spares


@pytest.fixture
def dialog(window: MainWindow) -> SavingDialog:
    session = window.session
    session.go("print")
    run = next(r for r in session.answers.standing.runs.values() if r.outcomes)
    placed = next(p for p in session.plans.plates[run.plate_id].placed if "torso" in p.slot)
    return SavingDialog(window.context, window.renderer, placed, 0.0, window)


def choose(dialog: SavingDialog, key: str) -> None:
    assert dialog.looked is not None
    dialog._chose([w.key for w in dialog.looked.ways].index(key))


def test_what_is_lost_follows_what_is_marked(dialog: SavingDialog) -> None:
    """Less the later it broke off; a band is as wide as told; a corner where it was clicked; beside the part it is refused."""
    assert dialog.mesh is not None
    dialog.start.setValue(2.0)
    most = dialog.looked.lost.volume_mm3
    dialog.start.setValue(10.0)
    assert dialog.looked.lost.volume_mm3 < most and f"{dialog.looked.lost.volume_mm3:.0f} mm³" in dialog.words.text()
    dialog.kind.setCurrentText(BAND)
    dialog.wide.setValue(3.0)
    dialog._changed()
    up = dialog.state.toward(dialog.way.currentText())
    along = dialog.looked.lost.gone.vertices @ up
    assert along.max() - along.min() <= 3.0 + 0.01
    dialog.kind.setCurrentText(CORNER)
    dialog._picked(dialog.mesh.vertices[0])
    gone = dialog.looked.lost.gone.vertices - dialog.mesh.vertices[0]
    assert (gone**2).sum(axis=1).max() ** 0.5 <= 3.0 + 0.05
    dialog.grab()
    dialog._picked(dialog.mesh.vertices[0] + 500.0)
    assert "lost there" in dialog.fault.text() and not dialog.take_button.isEnabled()


def test_the_missing_piece_and_its_guide_are_posed_and_owed(dialog: SavingDialog, window: MainWindow) -> None:
    """One edit: two parts more, each owed once with the unit's next plates; undone as one."""
    session = window.session
    before = session.plans
    dialog.start.setValue(8.0)
    lost = dialog.looked.lost.volume_mm3
    choose(dialog, PIECE)
    assert dialog.take_button.text() == "Make the piece"
    dialog.take()
    new = [p for i, p in session.plans.parts.items() if i not in before.parts]
    assert {p.name.rpartition(", ")[2] for p in new} == {"missing piece", "saw guide"}
    piece = next(p for p in new if "piece" in p.name)
    assert piece.volume_ml * 1000 == pytest.approx(lost, rel=0.02) and piece.watertight
    assert all(p.pose is not None and session.book.blob(p.pose.supported_blob) for p in new)
    unit = before.figures[dialog.state.placed.figure_id].unit_id
    assert {p.id for p in new} <= set(owed_spares(session.plans, unit))
    session.undo()
    assert session.plans == before


def test_each_way_is_seen_across_the_table(dialog: SavingDialog) -> None:
    """Printed again nobody tells it; the chosen way's picture is beside that of a new part, and gone when something else is marked."""
    dialog.start.setValue(3.0)
    assert not dialog.across, "looked at while nobody waits"
    dialog._across(dialog.across_work()(lambda _: True))
    assert set(dialog.across) == {w.key for w in dialog.looked.ways}
    choose(dialog, repair.REPRINT)
    assert dialog.table.words == "Across the table nothing tells it from a new one."
    choose(dialog, HIDE)
    assert "looks otherwise" in dialog.table.words and dialog.table.pictures[1][0] == "hidden"
    assert dialog.across[HIDE].share > dialog.across[PUTTY].share
    dialog.grab()


def test_the_way_taken_is_the_one_the_record_learns_from(window: MainWindow) -> None:
    """From taking a plate off: putty chosen there is putty chosen here."""
    bench = window.benches["print"]
    window.session.go("print")
    run = next(r for r in window.session.answers.standing.runs.values() if r.outcomes)
    plate = window.session.plans.plates[run.plate_id]
    bench.off.show_run(run, plate, dict(run.outcomes))
    placed = plate.placed[0]
    bench.off.picture.chosen = placed.id
    dialog = bench.off.ask_saving()
    choose(dialog, PUTTY)
    way = dialog.state.chosen(dialog.chosen)
    assert way.key == repair.PUTTY and way.hands_min == dialog.chosen.hands_min
    dialog.take()
    assert dialog.result() == dialog.DialogCode.Accepted
