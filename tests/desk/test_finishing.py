"""Finishing steps edited in the window, and the last look before varnish."""

from __future__ import annotations

from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest

from numerus.desk.dialogs.tables import finish_dialog
from numerus.desk.window import MainWindow
from numerus.domain.journal import StepDone


def test_finishing_steps_are_changed_in_a_table_and_their_order_is_judged(window: MainWindow) -> None:
    """What was done stays done; a wrong order is told with its reason; a wrong row keeps the dialog open; undo."""
    session = window.session
    session.go("finish")
    bench = window.benches["finish"]
    before, done = session.plans.scheme, {f.figure.id: f.finished for f in session.answers.standing.figures.values()}
    dialog = finish_dialog(bench, session)
    assert dialog is not None and dialog.table.isColumnHidden(4)
    dialog.table.setCurrentCell(0, 0)
    dialog.add_row()
    dialog.table.item(1, 0).setText("Oil streaks")
    dialog.table.item(1, 1).setText("enamel or oil")
    dialog.table.item(1, 2).setText("soon")
    dialog._accept()
    assert "soon" in dialog.fault.text() and session.plans.scheme == before
    dialog.table.item(1, 2).setText("3")
    dialog.table.setCurrentCell(1, 0)
    rows = dialog.rows()
    dialog.move_row(1)
    assert [r[0] for r in dialog.rows()][1:3] == [rows[2][0], "Oil streaks"] and dialog.table.currentRow() == 2
    dialog.move_row(-1)
    assert dialog.rows() == rows
    dialog._accept()
    names = [s.name for s in session.plans.scheme.finish]
    assert (
        names[:2] == ["Matt varnish", "Oil streaks"]
        and [s.id for s in session.plans.scheme.finish][0] == "matt-varnish"
    )
    assert "12 h before" in bench.note.text()
    assert {f.figure.id: f.finished for f in session.answers.standing.figures.values()} == done
    session.undo()
    assert session.plans.scheme == before and "12 h" not in bench.note.text()


def test_a_last_look_goes_round_the_figure_and_is_written_down(window: MainWindow) -> None:
    """Each side is ticked once; each place has its ways, by mouse and by keys; the journal keeps it, undo takes it back."""
    session = window.session
    session.go("finish")
    bench = window.benches["finish"]
    bench.open_page("Last look")
    page, state = bench.last_page, bench.last
    window.grab()
    assert state.flaws and {f.kind for f in state.flaws} >= {"scar", "out of reach"}
    sides = [r for r in page.sides.regions if "tick once" in r.description]
    assert [r.description.partition(":")[0] for r in sides] == ["front", "left", "back", "right"]
    sides[0].act()
    assert state.seen == {"front"} and "3 sides to look at still" in page.round.text()
    page.sides.ticked.emit("front")
    assert [
        f.event.key for f in session.answers.facts if isinstance(f.event, StepDone) and f.event.stage == "look"
    ] == ["front"]
    first = state.chosen
    QTest.keyClick(page.list, Qt.Key.Key_2)
    assert state.dealt[first] == "leave it" and state.chosen != first
    second = state.chosen
    page.take(0)
    assert state.dealt[second] != "leave it"
    for view in ("left", "back", "right"):
        page.sides.ticked.emit(view)
    assert "Looked at from all sides" in page.round.text()
    window.grab()
    for _ in range(6):
        session.undo()
    assert state.dealt == {} and state.seen == set()
    bench.open_page("Steps")
    assert bench.line.isVisible()
