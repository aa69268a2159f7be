"""Finishing steps edited in the window."""

from __future__ import annotations

from numerus.desk.dialogs.tables import finish_dialog
from numerus.desk.window import MainWindow


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
