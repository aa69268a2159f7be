"""Places on a built figure: looked at before the primer, pinned by hand, broken and mended."""

from __future__ import annotations

import numpy as np
import pytest
from build_steps import looked_at_once, opened  # noqa: F401 (a fixture)
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QDialog

from numerus.desk.dialogs.broke import BrokeDialog
from numerus.desk.stages.build.bench import FLAWS_PAGE
from numerus.desk.stages.build.warp_dialog import WarpDialog
from numerus.desk.stages.finish.last_look_state import LastLookState
from numerus.desk.window import MainWindow


def test_a_break_is_written_down_from_anywhere_and_taken_back(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Its command names what it puts back before it is taken; taken, the figure stands where it must; undo brings it back."""
    session = window.session
    ready = session.answers.standing.at("ready")[0]
    session.select(ready.unit.id, ready.figure.id)
    told: list[str] = []

    def taken(dialog: BrokeDialog) -> int:
        assert dialog.figure.currentData() == ready.figure.id
        dialog.slot.setCurrentIndex(dialog.slot.findData("head"))
        for n in range(dialog.how.count()):
            dialog.how.setCurrentIndex(n)
            told.append(dialog.says.text())
        dialog.how.setCurrentIndex(0)
        return QDialog.DialogCode.Accepted

    monkeypatch.setattr(BrokeDialog, "exec", taken)
    window.actions_by_title["It broke …"].trigger()
    assert "glued on again" in told[0] and "owed again" in told[2] and "stroke" in told[2]
    assert session.answers.standing.figures[ready.figure.id].stage == "finish"
    session.undo()
    assert session.answers.standing.figures[ready.figure.id].stage == "ready"


def test_where_it_broke_is_pointed_at_and_foretold_from_then_on(window: MainWindow) -> None:
    """A click takes the part and the place; every figure with that part is looked at there, and packed with care; undo forgets it."""
    session = window.session
    ready = session.answers.standing.at("ready")[0]
    session.select(ready.unit.id, ready.figure.id)
    dialog = BrokeDialog(window.context, window.renderer, window)
    dialog.grab()
    slot = "right arm"
    mesh = dialog._meshes[slot]
    tip = mesh.vertices[np.argmax(np.linalg.norm(mesh.vertices - mesh.vertices.mean(axis=0), axis=1))]
    dialog.slot.setCurrentIndex(dialog.slot.findData("head"))
    dialog.view.picked.emit(tip)
    assert dialog.slot.currentData() == slot and dialog.at_mm == pytest.approx(tuple(tip), abs=0.01)
    assert "pinned on" in dialog.place.text()
    dialog.grab()
    part = ready.figure.build[slot]
    session.commit("it broke", facts=list(dialog.breakage.facts))
    held = session.answers.broken[part]
    assert held.times == 1 and held.at_mm[0] == pytest.approx(tuple(tip), abs=0.01) and held.figures >= 1
    again = BrokeDialog(window.context, window.renderer, window)
    again.slot.setCurrentIndex(again.slot.findData(slot))
    assert f"broke once on {held.figures} built" in again.place.text()
    again.grab()
    session.go("ready")
    assert window.benches["ready"].state.broke == {part: 1}
    notes = {p.pocket.note for t in window.benches["ready"].state.packed.trays for p in t.laid}
    assert any("broke once" in note for note in notes)
    session.undo()
    assert session.answers.broken == {}


def test_nothing_built_breaks_nothing(make) -> None:  # type: ignore[no-untyped-def]
    """Without a book the question says so and cannot be answered."""
    window = make(None)
    dialog = BrokeDialog(window.context, window.renderer, window)
    assert dialog.breakage is None and not dialog.take.isEnabled() and "No figure is built" in dialog.says.text()


def test_places_are_looked_at_before_the_primer_and_dealt_with_one_by_one(window: MainWindow) -> None:
    """The worst first, each with its ways; what is done is written down and ticked, the next place comes; undo takes it back."""
    bench = opened(window)
    bench.open_page(FLAWS_PAGE)
    state, page, session = bench.flaws, bench.flaw_page, window.session
    many = len(state.flaws)
    assert (
        many > 5
        and {f.kind for f in state.flaws} >= {"scar", "seam"}
        and f"{many} places of {many}" in page.words.text()
    )
    first = state.flaws[0]
    assert state.chosen == first.key and page.ways.count() == len(first.ways)
    page.list.taken.emit(0)
    assert state.dealt == {first.key: first.ways[0].name} and state.chosen == state.flaws[1].key
    fact = next(f for f in session.answers.facts if getattr(f.event, "stage", "") == "flaw")
    assert (
        fact.figures == (bench.state.figure_id,) and not fact.event.measured and fact.minutes == first.ways[0].minutes
    )
    page.list.stepped.emit(1)
    assert state.chosen == state.flaws[2].key
    page.take(len(state.flaws[2].ways) - 1)
    page.choose(first.key)
    page.list.grab()
    assert any(f"Dealt with: {first.ways[0].name}" in r.description for r in page.list.regions)
    session.undo()
    session.undo()
    assert not state.dealt and f"{many} places of {many}" in page.words.text()
    page.take(99)
    assert not state.dealt


def test_a_flaw_that_was_seen_is_pinned_and_judged_at_table_distance(window: MainWindow) -> None:
    """Pressed, then pointed at: a large one across the table is to be mended, a small one left; it is in the last look, too; undo."""
    bench = opened(window)
    bench.open_page(FLAWS_PAGE)
    page, state, session = bench.flaw_page, bench.flaws, window.session
    slot, mesh = next(iter(page._slots.items()))
    top = mesh.vertices[np.argmax(mesh.vertices[:, 2] - mesh.vertices[:, 1])]
    page.view.picked.emit(top)
    assert not any(f.kind == "pinned by hand" for f in state.flaws), "nothing is pinned unless it was asked"
    page.pins.press.setChecked(True)
    QTest.keyClick(page, Qt.Key.Key_Escape)
    assert not page.pins.press.isChecked()
    for size, words, way in ((0.9, "a missing rivet", "fill or scrape, then sand"), (0.1, "", "leave it")):
        page.pins.press.setChecked(True)
        page.pins.across.setValue(size)
        page.pins.words.setText(words)
        page.view.picked.emit(top)
        flaw = state.flaw
        assert flaw.kind == "pinned by hand" and flaw.at_mm == pytest.approx(tuple(top), abs=0.01)
        assert flaw.words == f"{slot}: {words or 'a flaw'}" and flaw.seen > 0 and flaw.ways[0].name == way
    window.grab()
    last = LastLookState()
    last.look(session.answers, bench.state.figure_id, ())
    assert [f.size_mm for f in last.flaws] == [0.9, 0.1]
    session.undo(), session.undo()
    assert not any(f.kind == "pinned by hand" for f in state.flaws)


def test_a_bent_part_is_measured_and_pinned_with_what_straightens_it(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Straight until somebody measures; a thin one goes into hot water; pinned it is in the list, and undone it is not."""
    bench = opened(window)
    bench.open_page(FLAWS_PAGE)

    def measured(dialog: WarpDialog) -> int:
        assert not dialog.take.isEnabled() and "as long as planned" in dialog.says.text()
        dialog.slot.setCurrentIndex(dialog.slot.findData("right arm"))
        dialog.bow.setValue(1.5)
        told.append(dialog.says.text())
        return QDialog.DialogCode.Accepted

    told: list[str] = []
    monkeypatch.setattr(WarpDialog, "exec", measured)
    bench.flaw_page.pins.bent.click()
    flaw = bench.flaws.flaw
    assert (
        flaw.kind == "pinned by hand"
        and flaw.words.startswith("right arm: bent 1.5 mm")
        and told[0][1:20] in flaw.words
    )
    window.session.undo()
    assert not any(f.kind == "pinned by hand" for f in bench.flaws.flaws)
