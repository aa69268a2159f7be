"""Paints and the scheme are edited as tables."""

from __future__ import annotations

import pytest

from helpers import EVENING
from numerus.book.intake import new_id
from numerus.desk.dialogs.tables import scheme_dialog
from numerus.desk.window import MainWindow
from numerus.errors import PlanError
from numerus.paint.rack.pots import rack_of
from numerus.paint.rows import from_rows, to_rows


def test_a_scheme_as_rows_comes_back(window: MainWindow) -> None:
    """Every stroke, mix and number, under the ids they had; no zone is new."""
    plans = window.session.plans
    rows = to_rows(plans.scheme, rack_of(plans), plans.zones)
    assert from_rows(plans.scheme, rows, rack_of(plans), plans.zones, new_id, EVENING) == (plans.scheme, [])


def test_a_row_at_fault_is_named(window: MainWindow) -> None:
    """In words; the scheme stays."""
    plans = window.session.plans
    for column, text in ((2, "smear"), (3, "Nobody's paint 2"), (6, "long"), (6, "0"), (8, "best")):
        rows = to_rows(plans.scheme, rack_of(plans), plans.zones)
        rows[1][column] = text
        with pytest.raises(PlanError, match="Row 2"):
            from_rows(plans.scheme, rows, rack_of(plans), plans.zones, new_id, EVENING)


def test_a_stroke_changed_in_the_table_changes_the_scheme(window: MainWindow) -> None:
    """And a fault is shown in the dialog, which stays open."""
    dialog = scheme_dialog(window, window.session)
    assert dialog is not None
    dialog.table.item(1, 6).setText("nine")
    dialog._accept()
    assert "Row 2" in dialog.fault.text()
    dialog.table.item(1, 6).setText("9")
    dialog._accept()
    assert window.session.plans.scheme.recipes[0].steps[1].minutes == 9


def test_a_row_put_before_others_takes_no_ticks_from_them(window: MainWindow) -> None:
    """Added in the table above a recipe that is half painted: what was done is done, the copy has an id of its own."""
    before = {i: f.painted for i, f in window.session.answers.standing.figures.items()}
    coat = window.session.plans.scheme.recipes[0]
    dialog = scheme_dialog(window, window.session)
    dialog.table.setCurrentCell(0, 1)
    dialog.add_row()
    dialog._accept()
    after = window.session.plans.scheme.recipes[0]
    assert len(after.steps) == len(coat.steps) + 1
    assert {s.id for s in coat.steps} < {s.id for s in after.steps}
    assert {i: f.painted for i, f in window.session.answers.standing.figures.items()} == before


def test_a_zone_that_is_new_comes_with_the_row_that_names_it(window: MainWindow) -> None:
    """The army has it from then on, under its name."""
    dialog = scheme_dialog(window, window.session)
    dialog.table.item(0, 0).setText("Moth wing")
    dialog._accept()
    made = next(z for z in window.session.plans.zones.values() if z.name == "Moth wing")
    assert made.id in {r.zone for r in window.session.plans.scheme.recipes}
