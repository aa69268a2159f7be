"""The bath book in the window: what is done to a bath, what verdicts teach, what the bench says before and after."""

from __future__ import annotations

from dataclasses import replace
from datetime import timedelta

import pytest
from PyQt6.QtCore import Qt
from PyQt6.QtTest import QTest
from PyQt6.QtWidgets import QApplication, QDialog

from helpers import EVENING
from numerus.desk.stages.wash.bath_dialog import FILL, SETTLE, SWAP, BathDialog
from numerus.desk.stages.wash.bench import WashBench
from numerus.desk.window import MainWindow
from numerus.domain.journal import BathFilled, BathSettled, BathsSwapped, StepDone
from numerus.post.washing.wash_ways import BASKET, WHOLE


def wash_bench(window: MainWindow):  # type: ignore[no-untyped-def]
    window.session.go("wash")
    QApplication.processEvents()
    window.grab()
    return window.benches["wash"]


def test_what_was_done_to_a_bath_is_asked_and_can_be_taken_back(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Only what an answer needs is asked; done, the book draws it, the cautions are the liquid's; undo empties it again."""
    bench = wash_bench(window)
    dialog = BathDialog(bench.state, bench)
    asked = {FILL: {"which", "liquid", "litres"}, SETTLE: {"which", "removed"}, SWAP: {"litres"}}
    for what, shown in asked.items():
        dialog.what.setCurrentText(what)
        assert {name for name, holder in dialog.rows.items() if not holder.isHidden()} == shown
    assert isinstance(dialog.done_event, BathsSwapped) and dialog.bath == "dirty"
    dialog.what.setCurrentText(SETTLE)
    assert dialog.done_event == BathSettled(0.6)

    def fill(self: BathDialog) -> int:
        self.what.setCurrentText(FILL)
        self.liquid.setCurrentText("glycol")
        self.litres.setValue(2.5)
        return QDialog.DialogCode.Accepted

    before = bench.state.tubs[0]
    monkeypatch.setattr(BathDialog, "exec", fill)
    bench.bath_button.click()
    assert (bench.state.tubs[0].liquid, bench.state.tubs[0].litres, bench.state.tubs[0].carried_ml) == (
        "glycol",
        2.5,
        0,
    )
    assert any("Glycol" in words for words in bench.line._said()) and not any(
        "Alcohol burns" in w for w in bench.line._said()
    )
    window.session.undo()
    assert bench.state.tubs[0] == before


def test_how_parts_came_out_moves_where_a_bath_is_spent(window: MainWindow) -> None:
    """Asked once for each washed plate, also when nothing is wet any more; tacky lowers it, and undo asks again."""
    bench = wash_bench(window)
    while bench.state.waiting:
        bench.done()
    bench.refresh()
    window.grab()
    assert bench.asked.isVisible() and not bench.done_button.isEnabled() and "Nothing is wet" in bench.verdict.text()
    before, run = bench.state.limit, bench.state.unjudged
    bench.asked.pressed["tacky"].click()
    assert bench.state.limit.share < before.share and bench.state.unjudged != run
    assert bench.state.limit.verdicts == before.verdicts + 1
    window.session.undo()
    assert bench.state.unjudged == run and bench.state.limit == before


def test_a_bath_that_does_not_suit_the_resin_is_told(window: MainWindow) -> None:
    """Alcohol for a resin that washes in water, water for one that does not; else by which plate the bath is spent."""
    bench = wash_bench(window)
    session = window.session
    assert "Spent" in bench.state.outlook or "spends" in bench.state.outlook or "is spent" in bench.state.outlook
    bench.changed("dirty", BathFilled("water", 1.5))
    assert "Water does not clean" in bench.subtitle.text()
    session.commit("resin", [replace(session.plans.resin, cure="water-washable")])
    assert "Water does not clean" not in bench.state.outlook
    bench.changed("dirty", BathFilled("alcohol", 1.5))
    assert "turns it white" in bench.state.outlook


def test_every_plate_to_come_is_in_the_book(window: MainWindow) -> None:
    """Waiting ones first, then those the watch bill has, each with more in the bath after it than before."""
    bench = wash_bench(window)
    shares = [s for _, _, s in bench.picture.coming]
    assert shares == sorted(shares) and len(shares) >= len(bench.state.waiting)
    times = [at for at, _, _ in bench.picture.coming]
    assert times == sorted(times)
    assert any("planned" in r.description for r in bench.picture.regions)


def test_the_way_into_the_baths_is_chosen_on_its_card_and_holds_wherever_a_wash_is_planned(window: MainWindow) -> None:
    """The one that is advised is taken until another is; hands and resin are the same at the bench, in the orders and the journal."""
    bench, session = wash_bench(window), window.session

    def ordered() -> float:
        return next(t.minutes for t in session.answers.orders.listed if t.bench == "wash" and t.facts)

    assert bench.state.way.key == bench.state.advised == BASKET
    assert ordered() == bench.state.planned_min == bench.state.ways[BASKET].hands_min
    card = next(r for r in bench.ways.regions if r.description.startswith("Whole plate"))
    assert "does not go into the tub" in card.description
    session.commit("wide tubs", [replace(session.plans.army, tub_mm=(300.0, 200.0))])
    window.grab()
    next(r for r in bench.ways.regions if r.description.startswith("Whole plate")).act()
    whole = bench.state.ways[WHOLE]
    assert bench.state.way == whole and ordered() == bench.state.planned_min == whole.hands_min
    assert sum(s.minutes for s in bench.line.steps if s.hands) == pytest.approx(whole.hands_min)
    bench.done()
    washed = [f.event for f in session.answers.facts if isinstance(f.event, StepDone) and f.event.stage == "wash"][-1]
    assert washed.carried_ml == pytest.approx(whole.carried_ml, abs=0.01)
    session.undo(), session.undo()
    assert bench.state.way.key == bench.state.advised, "as advised again"


def test_who_lets_a_plate_drain_longer_brings_less_into_the_baths(window: MainWindow) -> None:
    """Typed once, it holds for every plate; the film is told with the room's warmth, and senseless tubs are refused."""
    bench = wash_bench(window)
    before = bench.state.carried_ml
    bench.habits.drains.setValue(20)
    bench.habits.drains.editingFinished.emit()
    assert bench.state.carried_ml == pytest.approx(before / 2, rel=0.12) and bench.line.steps[0].minutes == 20
    assert "0.040 mm of film" in bench.habits.film.text()
    machine = window.session.plans.machines[bench.state.run.machine_id]
    window.session.commit("a cold room", [replace(machine, room_c=15.0)])
    assert "at 15 °C" in bench.habits.film.text() and bench.state.carried_ml > before / 2
    window.session.undo(), window.session.undo()
    assert bench.habits.drains.value() == 5 and bench.state.carried_ml == before


def test_plates_that_wait_go_through_the_tubs_one_behind_the_other(window: MainWindow) -> None:
    """The chosen one first; each is told with the time it is out by the clock, all no later than one by one."""
    bench = wash_bench(window)
    queue, names = bench.state.queue, [words for words, _ in bench.state.choices]
    assert [t.plate for t in queue.turns] == names and queue.minutes < queue.one_by_one_min
    bench.which.setCurrentIndex(1)
    bench.which.activated.emit(1)
    window.grab()
    assert [t.plate for t in bench.state.queue.turns] == names[::-1]
    assert sum("out after" in r.description for r in bench.ways.regions) == 2


def test_a_step_that_was_begun_runs_on_and_tells_when_its_time_is_up(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Begun by a key; another window on the same book goes on with it; when it is over it says so, and Done ends it."""
    bench, session = wash_bench(window), window.session
    bench.line.setFocus()
    for _ in range(3):
        QTest.keyClick(bench.line, Qt.Key.Key_Down)
    QTest.keyClick(bench.line, Qt.Key.Key_Return)
    minutes = bench.line.steps[2].minutes
    assert bench.line.under_way == 2 and f"{minutes:.0f} min left" in bench.line.left
    assert bench.time_up.isActive()
    again = WashBench(bench.context)
    again.refresh()
    assert again.line.under_way == 2 and again.line.left == bench.line.left
    rung: list[str] = []
    bench.context.announcer.told.connect(rung.append)
    monkeypatch.setattr(session, "clock", lambda: EVENING + timedelta(minutes=minutes))
    bench.time_up.timeout.emit()
    assert (
        rung == [f"{bench.line.steps[2].title}, {bench.which.currentText()} is over"]
        and bench.line.left == "time is up"
    )
    monkeypatch.setattr(session, "clock", lambda: EVENING + timedelta(minutes=minutes + 4))
    session.tick()
    assert bench.line.left == "over by 4 min"
    run = bench.state.run_id
    bench.done()
    assert bench.timers.of(run) is None
    again.deleteLater()


def test_a_verdict_corrects_the_film_on_every_card(window: MainWindow) -> None:
    """Tacky from a fresh bath: more resin comes along than was told, at the bench and in its words; undone, it is as it was."""
    bench = wash_bench(window)
    told, words = bench.state.carried_ml, bench.state.film
    ratio = bench.state.tubs[0].spent
    bench.judge("tacky")
    assert bench.state.carried_ml > 1.1 * told and "by one verdict 1." in bench.state.film and "verdict" not in words
    assert bench.state.tubs[0].spent > ratio
    fact = bench.state.done_fact(5.0, "typed", EVENING)
    assert fact is not None and fact.event.carried_ml == pytest.approx(told, abs=0.02), "written down by the profile"
    window.session.undo()
    assert bench.state.carried_ml == pytest.approx(told)
