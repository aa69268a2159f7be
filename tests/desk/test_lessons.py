"""A lesson is typed at the end of a unit, shown at its bench to the next, and taken back like any edit."""

from __future__ import annotations

import pytest

from numerus.desk.dialogs.review import ReviewDialog
from numerus.desk.window import MainWindow


def test_a_lesson_of_one_unit_is_shown_to_the_next(window: MainWindow, monkeypatch: pytest.MonkeyPatch) -> None:
    """Typed in the review, at the bench that was off most; another unit sees it there, its own does not; undo takes it back."""
    window.session.select("lock")

    def fill(dialog: ReviewDialog) -> int:
        assert "took" in dialog.said.text() and not dialog.keep.isEnabled()
        dialog.line.setText("two thin coats, not three")
        dialog.stage.setCurrentIndex(dialog.stage.findData("prime"))
        assert dialog.keep.isEnabled()
        return int(ReviewDialog.DialogCode.Accepted.value)

    monkeypatch.setattr(ReviewDialog, "exec", fill)
    window.actions_by_title["How the selected unit went …"].trigger()
    window.session.go("prime")
    bench = window.benches["prime"]
    assert not bench.subtitle.aside
    window.session.select("ferry")
    assert "two thin coats, not three (Wickmen, Lock watch" in bench.subtitle.toolTip()
    window.session.go("paint")
    assert not window.benches["paint"].subtitle.aside
    window.session.go("prime")
    window.session.undo()
    assert not bench.subtitle.aside
