"""The page of a unit's bases in the real window: layers and decals told, amounts followed, the cut list written."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

import pytest

from numerus.desk.stages.finish.bench import BASE_PAGE
from numerus.desk.window import MainWindow
from numerus.domain.army import MAGNETS
from numerus.errors import PlanError


def opened(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.select("lock")
    window.session.go("finish")
    window.benches["finish"].open_page(BASE_PAGE)
    window.grab()
    return window.benches["finish"].base_page


def test_layers_and_decals_of_a_unit_are_told_and_counted(window: MainWindow) -> None:
    """One edit each, for the figures that are not ready yet; where it would lie is measured on the figure; undo."""
    page = opened(window)
    state = page.state
    assert "Strewn from above it lies on" in page.note.text() and not state.needs
    page.keep_layers([["Reed tufts", "tufts", "3", "1"], ["Snow", "snow", "0.05", "0.5"]])
    page.keep_decals([["Badge", "6", "8", "2", "shoulder"]])
    window.grab()
    waiting = state.waiting
    assert 0 < waiting < 10 and state.needs[0].amount == 3 * waiting
    lying = state.lying[state.lying_for]
    assert state.needs[1].amount == pytest.approx(lying.base_mm2 / 100 * 0.5 * 0.05 * waiting)
    assert [many for _, many in state.cuts] == [2 * waiting]
    with pytest.raises(PlanError):
        page.keep_layers([["x", "lava", "1", "1"]])
    window.session.undo(), window.session.undo()
    assert not state.needs and not state.cuts


def test_the_cut_list_is_written_as_a_sheet_and_as_a_table(window: MainWindow, tmp_path: Path) -> None:
    """By the ending of the file; a folder that is not there is told."""
    page = opened(window)
    page.keep_decals([["Badge", "6", "8", "2", "shoulder"]])
    page.write_cut_list(tmp_path / "cut.svg")
    page.write_cut_list(tmp_path / "cut.csv")
    assert (tmp_path / "cut.svg").read_text().count("<rect") == 2 * page.state.waiting
    assert f"Badge,6,8,{2 * page.state.waiting},shoulder" in (tmp_path / "cut.csv").read_text()
    page.write_cut_list(tmp_path / "nowhere" / "cut.svg")
    assert "cannot be written" in window.errors.message.text()


def test_a_stacked_base_counts_where_the_figure_stands_travels_and_is_paid(window: MainWindow) -> None:
    """Told in rows; Build says how it tips on it, Ready packs and weighs it, its pieces are paid; undone, it is one piece again."""
    session = window.session
    page = opened(window)
    before = {u: c.base for u, c in session.answers.costs.items()}
    page.keep_stack([["Plate", "plastic", "3.2", "32", "", "0.40"], ["Cork", "cork", "6", "22", "0.5", ""]])
    window.grab()
    assert "Stacked of 2 pieces: 9.2 mm high" in page.note.text()
    unit, figures = session.plans.units["lock"], session.plans.figures_of("lock")
    own = session.answers.costs["lock"].base - before["lock"]
    assert (
        own == pytest.approx(40 * len(figures), abs=40 * len(figures))
        and session.answers.costs["ferry"].base == before["ferry"]
    )
    session.go("ready")
    bench = window.benches["ready"]
    bench.travels.setCurrentIndex(bench.travels.findData(MAGNETS))
    bench.travels.activated.emit(bench.travels.currentIndex())
    high = {p.pocket.figure_id: p.pocket.height_mm for t in bench.state.packed.trays for p in t.laid}
    session.select("bell")
    session.go("build")
    assert "stack" not in window.benches["build"].verdict.text()
    session.commit("stacked bells", [replace(session.plans.units["bell"], stack=unit.stack)])
    session.go("build")
    assert "On its stack 9.2 mm higher" in window.benches["build"].verdict.text()
    for _ in range(3):
        session.undo()
    assert session.plans.units["lock"].stack == ()
    session.commit("magnets", [replace(session.plans.army, travels=MAGNETS)])
    session.go("ready")
    plain = {p.pocket.figure_id: p.pocket.height_mm for t in bench.state.packed.trays for p in t.laid}
    assert all(high[f.id] == pytest.approx(plain[f.id] + 9.2, abs=4.5) for f in figures if f.id in plain)
    with pytest.raises(PlanError):
        page.keep_stack([["Plate", "gold", "3", "32", "", ""]])


def test_a_recipe_of_the_army_is_changed_once_for_all_that_go_by_it(window: MainWindow) -> None:
    """Made of one unit's layers, taken by all, changed from any; forgotten, each unit keeps the layers it had; a name is taken once."""
    page, session = opened(window), window.session
    page.keep_layers([["Mud", "texture", "1", "1"]])
    page.keep_recipe("Fen mud")
    ticked = [a.text() for a in page.recipe_menu().actions() if a.isChecked()]
    assert ticked == ["Fen mud"]
    session.commit("all", page.state.going_by("Fen mud", all_units=True))
    session.select("kiln")
    page.keep_layers([["Mud", "texture", "2", "1"], ["Reeds", "tufts", "2", "1"]])
    assert {len(session.plans.basing_of(u)) for u in session.plans.units.values()} == {2}
    assert "Fen mud, as Wickmen, Lock watch" in page.note.text()
    page.keep_recipe("Fen mud")
    assert "a recipe Fen mud already" in window.errors.message.text()
    session.commit("own", page.state.going_by(""))
    page.keep_layers([])
    session.select("lock")
    session.commit("forgotten", page.state.without_recipe())
    assert not session.plans.army.basings and len(session.plans.units["lock"].basing) == 2
    assert session.plans.units["kiln"].basing == ()
    for _ in range(7):
        session.undo()
    assert not session.plans.army.basings and session.plans.basing_of(session.plans.units["lock"]) == ()
