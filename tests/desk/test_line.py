"""The painting line and bench mode in the real window: stroke after stroke by one key, clocks that are true, wet paint left alone."""

from __future__ import annotations

from pathlib import Path

import pytest
from hand_clock import Clock
from PyQt6 import sip
from PyQt6.QtCore import QEvent, Qt
from PyQt6.QtGui import QKeyEvent
from PyQt6.QtTest import QTest

from helpers import until_painting
from numerus.book.book import Book
from numerus.desk.app import make_window
from numerus.desk.dialogs.bench_air import BenchAirDialog
from numerus.desk.stages.paint.bench import FIGURE, LINE
from numerus.desk.stages.paint.line.page import LinePage
from numerus.desk.stages.paint.line.state import PAINTING, SETTING_UP, WAITING, next_dry
from numerus.desk.window import MainWindow
from numerus.domain.journal import Fact, StepDone
from numerus.progress.planning.bench_plan import planned


def line_of(window: MainWindow) -> LinePage:
    window.session.go("paint")
    window.benches["paint"].open_page(LINE)
    page = window.benches["paint"].pages[LINE]
    assert isinstance(page, LinePage)
    return page


def strokes(window: MainWindow) -> list[StepDone]:
    return [
        f.event for f in window.session.answers.facts if isinstance(f.event, StepDone) and f.event.stage == "stroke"
    ]


def last_stroke(window: MainWindow) -> Fact:
    return [f for f in window.session.answers.facts if isinstance(f.event, StepDone) and f.event.stage == "stroke"][-1]


def test_one_key_sets_up_begins_and_ends_a_stroke_and_its_minutes_are_measured(timed: MainWindow, clock: Clock) -> None:
    """The pot's minutes are not the stroke's; the next stroke of the same pot begins at once."""
    line = line_of(timed)
    before, first = len(strokes(timed)), line.state.upcoming[0][1]
    assert line.state.phase == WAITING
    QTest.keyClick(line, Qt.Key.Key_Space)
    assert line.state.phase == SETTING_UP
    clock.on(2)
    QTest.keyClick(line, Qt.Key.Key_Space)
    clock.on(4.5)
    QTest.keyClick(line, Qt.Key.Key_Space)
    done = last_stroke(timed)
    assert len(strokes(timed)) == before + 1
    assert (done.figures, done.event.key) == ((first.figure_id,), first.stroke.key)
    assert done.minutes == pytest.approx(4.5) and done.event.timing == "timer"
    assert line.state.phase == PAINTING and line.state.upcoming[0][1].stroke.key == first.stroke.key
    line.grab()
    timed.session.undo()
    assert len(strokes(timed)) == before


def test_a_clock_left_running_teaches_nothing(timed: MainWindow, clock: Clock) -> None:
    """Three hours at one stroke were not painted: the plan is written, as a plan."""
    line = line_of(timed)
    line.press()
    line.press()
    clock.on(180)
    line.press()
    done = last_stroke(timed)
    assert done.event.timing == "planned" and done.minutes == done.event.planned_min


def test_wet_paint_is_not_painted_on_without_saying_that_it_is_dry(timed: MainWindow, clock: Clock) -> None:
    """The zone itself or one that touches it on this figure: the first press asks, the second believes."""
    line = line_of(timed)
    block, first = line.state.upcoming[0]
    fact = line.state.go_on(clock())
    assert fact == []
    from numerus.progress.done_facts import step

    timed.session.commit("just now", facts=[step("stroke", (first.figure_id,), 1.0, clock(), block.stroke.key)])
    line.state.blocks = [block, *line.state.blocks]
    line.state.about, line.state.phase = f"{first.figure_id} {first.stroke.key}", PAINTING
    wet = line.state.in_the_way(clock())
    assert wet is not None and wet.figure_id == first.figure_id and wet.until > clock()
    before = len(strokes(timed))
    line.press()
    assert len(strokes(timed)) == before and line.state.sure
    line.press()
    assert len(strokes(timed)) == before + 1


def test_the_stroke_in_hand_outlives_the_program(timed: MainWindow, clock: Clock, tmp_path: Path) -> None:
    """Ended without a word and opened again: the same stroke, its clock still running."""
    line = line_of(timed)
    line.press()
    line.press()
    own, since = line.state.about, line.state.since
    clock.on(3)
    again = make_window(Book.open(Path(timed.session.book.path)), clock, tmp_path / "other.json", synchronous=True)
    again.show()
    again.session.select("lock")
    other = line_of(again)
    assert (other.state.about, other.state.phase, other.state.since) == (own, PAINTING, since)
    assert other.state.elapsed_min(clock()) == pytest.approx(3)
    again.close()
    sip.delete(again)


def press(widget, key: Qt.Key, held: Qt.KeyboardModifier = Qt.KeyboardModifier.NoModifier) -> None:  # type: ignore[no-untyped-def]
    widget.keyPressEvent(QKeyEvent(QEvent.Type.KeyPress, key, held))


def test_bench_mode_is_worked_by_keys_alone(timed: MainWindow, clock: Clock) -> None:
    """Space or any pedal's key goes on, arrows look along, P pauses, Ctrl+Z takes back, M is silent, Escape leaves."""
    timed.actions_by_title["Bench mode"].trigger()
    page = timed.benches["paint"].pages[LINE]
    mode = page.bench_mode
    assert mode is not None and mode.isVisible()
    before = len(strokes(timed))
    for key in (Qt.Key.Key_Space, Qt.Key.Key_B):
        press(mode, key)
        clock.on(2)
    press(mode, Qt.Key.Key_Shift, Qt.KeyboardModifier.ShiftModifier)
    assert len(strokes(timed)) == before
    press(mode, Qt.Key.Key_PageDown)
    assert len(strokes(timed)) == before + 1
    mode.grab()
    shown = page.state.shown
    press(mode, Qt.Key.Key_Right)
    assert page.state.shown != shown
    mode.grab()
    press(mode, Qt.Key.Key_Left)
    assert page.state.shown == shown
    press(mode, Qt.Key.Key_P)
    assert page.state.phase == WAITING
    silent = mode.announcer.silent
    press(mode, Qt.Key.Key_M)
    assert mode.announcer.silent != silent
    press(mode, Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
    assert len(strokes(timed)) == before
    press(mode, Qt.Key.Key_Escape)
    assert page.bench_mode is None


def test_it_is_told_when_something_is_dry(timed: MainWindow, clock: Clock) -> None:
    """Between two looks at the clock, once."""
    line = line_of(timed)
    for _ in range(3):
        line.press()
        clock.on(1)
    wet = line.state.wet(clock())
    assert len(wet) == 1
    assert next_dry(wet, clock(), wet[0].until) == wet and next_dry(wet, wet[0].until, wet[0].until) == []


def test_every_evening_can_be_looked_at(timed: MainWindow) -> None:
    """Next evening, earlier again, never past either end; the plan says why, and what would be the least."""
    line = line_of(timed)
    evenings = len(line.state.evenings())
    assert evenings > 1
    for _ in range(evenings + 3):
        line.turn(1)
    assert line.state.evening == evenings - 1
    last = line.title.text()
    line.grab()
    for _ in range(evenings + 3):
        line.turn(-1)
    assert line.state.evening == 0 and line.title.text() != last
    assert "would be the least" in line.sentence.text()
    assert "from one pot" in line.state.why(line.state.tonight[0])


def test_an_army_without_evenings_says_so(timed: MainWindow) -> None:
    """No plan, but the reason."""
    from dataclasses import replace

    army = timed.session.plans.army
    idle = replace(army, week=tuple(replace(d, hobby_minutes=2) for d in army.week))
    timed.session.commit("no time", [idle])
    line = line_of(timed)
    assert not line.state.blocks and "hobby time" in line.sentence.text()
    line.press()
    line.grab()


def test_an_order_on_wet_paint_is_ticked_twice(timed: MainWindow, clock: Clock) -> None:
    """The first tick says what is wet and until when, and writes nothing; the second believes that it is dry."""
    at, (order, *_) = until_painting(timed.session.book)
    clock.on((at - clock()).total_seconds() / 60)
    timed.session.tick()
    painted = order.facts[0]
    timed.session.commit("just now", facts=[painted._replace(at=clock())])
    before = len(strokes(timed))
    timed.orders._do(order)
    assert len(strokes(timed)) == before and "is wet until" in timed.errors.message.text()
    timed.orders._do(order)
    assert len(strokes(timed)) == before + len(order.facts)


def test_all_units_are_painted_between_all_other_work(timed: MainWindow) -> None:
    """The strokes are those of the plan of the evenings, of every unit; one unit again is its own line; a press goes on."""
    line = line_of(timed)
    alone = [timed_stroke for _, timed_stroke in line.state.upcoming]
    line.across.click()
    state, plans = line.state, timed.session.plans
    assert timed.benches["paint"].title.text() == "Paint: all units"
    assert {plans.figures[s.figure_id].unit_id for _, s in state.upcoming} == set(plans.units)
    plan = planned(timed.session.answers.to_do)
    assert [(s.figure_id, s.stroke.key, s.start) for _, s in state.upcoming] == [
        (t.task.group, t.task.key, t.start) for t in plan.strokes
    ]
    assert "pots opened for" in line.sentence.text()
    line.press(), line.press()
    assert state.phase in (SETTING_UP, PAINTING)
    line.pause()
    line.across.click()
    assert [s for _, s in line.state.upcoming] == alone


def test_the_figure_page_asks_before_it_writes_on_wet_paint(timed: MainWindow, clock: Clock) -> None:
    """The next stroke of a zone just painted is refused once, with the hour; pressed again it is written; dry, it is at once."""
    timed.session.go("paint")
    bench = timed.benches["paint"]
    bench.open_page(FIGURE)
    figure = bench.figure
    left = [s.zone for s in figure.state.batch[0].next_strokes]
    figure.choose_zone(next(z for z in left if left.count(z) >= 3))
    figure.done_next()
    before = len(strokes(timed))
    figure.done_next()
    assert len(strokes(timed)) == before and "is wet until" in timed.errors.message.text()
    figure.done_next()
    assert len(strokes(timed)) > before
    clock.on(24 * 60)
    timed.session.tick()
    before = len(strokes(timed))
    figure.done_next()
    assert len(strokes(timed)) > before


def test_a_lighter_way_is_looked_at_beside_the_scheme(timed: MainWindow) -> None:
    """A lever that paints lighter shows a figure both ways and what is lost; clicked once more it shows what is wet again."""
    line = line_of(timed)
    number = next(n for n, lever in enumerate(line.chances.levers) if lever.kind)
    line.look_at_lever(number)
    assert line.loss.isVisibleTo(line) and not line.wet.isVisibleTo(line)
    assert line.loss.state is not None and line.loss.name == line.chances.levers[number].name
    line.grab()
    line.look_at_lever(number)
    assert line.wet.isVisibleTo(line) and not line.loss.isVisibleTo(line)


def test_the_air_at_the_bench_is_typed_and_the_evening_planned_by_it(
    timed: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """In damp air strokes dry longer, hands wait more; taken back, all is as before."""
    line = line_of(timed)

    def dries() -> float:
        return sum((s.dry - s.end).total_seconds() for b in line.state.blocks for s in b.strokes)

    def typed(dialog: BenchAirDialog) -> bool:
        usual = dialog.words.text()
        dialog.celsius.setValue(15)
        dialog.humidity.setValue(80)
        assert dialog.words.text() != usual
        return True

    dry_air = dries()
    assert "default" in line.air.text()
    monkeypatch.setattr(BenchAirDialog, "exec", typed)
    line.air.click()
    assert (timed.session.plans.army.bench_celsius, timed.session.plans.army.bench_humidity) == (15, 80)
    assert "15 °C, 80 %: dries" in line.air.text()
    assert dries() > 2 * dry_air
    timed.session.undo()
    assert dries() == pytest.approx(dry_air) and "default" in line.air.text()
