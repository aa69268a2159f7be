"""What a unit leaves behind: a lesson shown to the next one, and the army as a page."""

from __future__ import annotations

from pathlib import Path

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


def test_the_army_is_written_as_a_page(window: MainWindow, tmp_path: Path) -> None:
    """From the menu's action: a file with every figure's name, with costs only as such; where it cannot be written that is told."""
    for unit in [u for u in window.session.plans.units if u != "bell"]:
        window.user_actions.remove_unit(unit)
    window.user_actions.write_army_page(tmp_path / "army.html")
    text = (tmp_path / "army.html").read_text("utf-8")
    assert (
        all(f.name in text for f in window.session.plans.figures.values())
        and "army.html" in window.errors.message.text()
    )
    assert "£" not in text
    window.user_actions.write_army_page(tmp_path / "army.pdf")
    assert (tmp_path / "army.pdf").read_bytes().count(b"/Type /Page\n") >= 2
    window.user_actions.write_army_page(tmp_path / "costs.html", with_costs=True)
    assert "£" in (tmp_path / "costs.html").read_text("utf-8")
    window.user_actions.write_army_page(tmp_path / "nowhere" / "army.html")
    assert "cannot be written" in window.errors.message.text()
