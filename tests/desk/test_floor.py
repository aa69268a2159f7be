"""The print floor in the window: runs watched, stopped and let go on, put at times by hand, plates taken off."""

from __future__ import annotations

import json
from dataclasses import replace
from datetime import timedelta
from pathlib import Path

import icalendar
import pytest
from bench_steps import at, run_in, schedule_inputs
from PyQt6.QtCore import QPoint, Qt
from PyQt6.QtTest import QTest

from helpers import EVENING
from numerus.desk.window import MainWindow
from numerus.diagnosis.likelihoods import LOOKS
from numerus.domain.army import Day
from numerus.domain.journal import Fact, PartOutcome, RunEnded
from numerus.printing.runs.vat import levels, stands_in
from numerus.schedule.improving import BetterOrder
from numerus.schedule.run_queue import moved_to


def test_a_run_that_ended_while_nobody_looked_is_found_and_told(window: MainWindow) -> None:
    """The journal has its end at the minute it ended or stopped; looking again writes nothing more."""
    run = run_in(window, "printing")
    plate = window.session.plans.plates[run.plate_id]
    window.session.commit("by hand", [replace(plate, name="Renamed")])
    plate = window.session.plans.plates[plate.id]
    at(window, run.started + timedelta(minutes=plate.minutes + 200))
    window.watch.look()
    found = window.session.answers.standing.runs[run.run_id]
    ended = found.ended or found.pauses[-1].since
    assert ended <= run.started + timedelta(minutes=plate.minutes + 0.1)
    assert plate.name in window.errors.message.text()
    before = len(window.session.answers.facts)
    window.watch.look()
    assert len(window.session.answers.facts) == before
    window.session.undo()
    again = window.session.answers.standing.runs[run.run_id]
    assert (again.ended, again.pauses) == (found.ended, found.pauses)
    assert window.session.plans.plates[plate.id].name != "Renamed"


def test_a_machine_that_stops_stands_still_until_it_is_let_go_on(window: MainWindow, tmp_path: Path) -> None:
    """Told by its bridge, with the reason; paused minutes do not count; by hand it is paused, too."""
    run = run_in(window, "printing")
    machine = window.session.plans.machines[run.machine_id]
    window.session.commit("linked", [replace(machine, link=str(tmp_path))])
    (tmp_path / "status.json").write_text(json.dumps({"state": "stopped", "layer": 40, "says": "the vat is empty"}))
    window.watch.look()
    bench = schedule_inputs(window)
    bench.choose(run.plate_id)
    assert "stands still" in bench.planned.why.text() and "vat is empty" in bench.planned.reasons.text()
    before = bench.live.elapsed_min
    at(window, EVENING + timedelta(minutes=30))
    assert bench.live.elapsed_min == pytest.approx(before)
    (tmp_path / "status.json").write_text("{}")
    bench.live.pause_button.click()
    at(window, EVENING + timedelta(minutes=50))
    assert bench.live.elapsed_min == pytest.approx(before + 20) and not bench.state.run.paused
    bench.live.pause_button.click()
    assert bench.state.run.paused == "paused by hand"


def test_a_run_is_dragged_to_another_time_and_given_back(window: MainWindow) -> None:
    """The block follows the pointer; let go it stays there, by hand, and conflicts are told; undo and the button free it."""
    bench = schedule_inputs(window)
    bench.watch_bill.grab()
    slot, zoom = bench.state.scheduled_runs[0], bench.watch_bill.theme.zoom
    y, x = bench.watch_bill._rows[slot.machine_id][0] + 30, bench.watch_bill._x(slot.start) + 8

    def spot(dx: float) -> QPoint:
        return QPoint(round((x + dx) * zoom), round(y * zoom))

    QTest.mousePress(bench.watch_bill, Qt.MouseButton.LeftButton, pos=spot(0))
    QTest.mouseMove(bench.watch_bill, spot(60))
    bench.watch_bill.grab()
    QTest.mouseMove(bench.watch_bill, spot(90))
    QTest.mouseRelease(bench.watch_bill, Qt.MouseButton.LeftButton, pos=spot(90))
    plate = window.session.plans.plates[slot.plate.id]
    assert plate.pinned is not None and plate.pinned > slot.start + timedelta(hours=2)
    assert plate.pinned.minute % 5 == 0
    moved = next(s for s in bench.state.scheduled_runs if s.plate.id == slot.plate.id)
    assert moved.start == plate.pinned and "by hand" in moved.why
    assert any("nobody is there" in c.description for c in bench.state.conflicts)
    bench.watch_bill.setFocus()
    QTest.keyClick(bench.watch_bill, Qt.Key.Key_Right, Qt.KeyboardModifier.ControlModifier)
    assert window.session.plans.plates[slot.plate.id].pinned == plate.pinned + timedelta(minutes=10)
    bench.planned.free.click()
    assert window.session.plans.plates[slot.plate.id].pinned is None
    assert not any("nobody is there" in c.description for c in bench.state.conflicts)


def test_a_plate_goes_to_another_machine_only_if_it_fits(window: MainWindow) -> None:
    """With that machine's minutes; a wide one is refused in words and stays."""
    bench = schedule_inputs(window)
    small, large = window.session.plans.machines["mallard"], window.session.plans.machines["teal"]
    slot = next(s for s in bench.state.scheduled_runs if s.machine_id == small.id)
    bench.put_at(slot.plate.id, EVENING + timedelta(hours=1), large.id)
    plate = window.session.plans.plates[slot.plate.id]
    assert plate.machine_id == large.id and plate.minutes != slot.plate.minutes
    wide = next(
        p for p in window.session.plans.plates.values() if p.machine_id == large.id and p.reach_mm[0] > small.plate_x_mm
    )
    bench.put_at(wide.id, EVENING, small.id)
    assert "does not fit" in window.errors.message.text()
    assert window.session.plans.plates[wide.id].machine_id == large.id


def test_a_machine_out_of_service_is_planned_around(window: MainWindow) -> None:
    """Its plates go to the other or are told as left; back in service they return."""
    bench = schedule_inputs(window)
    small = window.session.plans.machines["mallard"]
    before = {s.plate.id for s in bench.state.scheduled_runs}
    window.session.commit("out", [replace(small, in_service=False)])
    assert all(s.machine_id != small.id for s in bench.state.scheduled_runs)
    assert {s.plate.id for s in bench.state.scheduled_runs} | {p.id for p, _ in bench.state.schedule.left} == before
    window.session.undo()
    assert {s.plate.id for s in bench.state.scheduled_runs} == before


def test_thirty_parts_are_taken_off_in_a_few_presses(window: MainWindow) -> None:
    """Five of them not as they should be, by mouse alone: fifteen presses and all is in the journal."""
    from benchmarks.takingoff import hanging, take_off

    plate_id = hanging(window.session)
    schedule_inputs(window)
    hand = take_off(window, plate_id)
    run = next(r for r in window.session.answers.standing.runs.values() if r.plate_id == plate_id)
    seen = sorted((o.outcome, o.looks) for o in run.outcomes.values() if o.outcome != "good")
    assert len(run.outcomes) == 30 and len(hand.took_s) == 15
    assert seen == sorted(zip(["failed"] * 3 + ["flawed"] * 2, (LOOKS[n] for n in (1, 1, 3, 0, 2)), strict=True))


def test_the_vat_is_followed_from_run_to_run(window: MainWindow) -> None:
    """Started with too little the machine stops when it is low; filled up it goes on; the next run knows what is left."""
    bench, plans = schedule_inputs(window), window.session.plans
    for run in [run_in(window, "hanging"), run_in(window, "printing")]:
        good = [Fact(EVENING, PartOutcome(p.id, "good"), run.run_id) for p in plans.plates[run.plate_id].placed]
        window.session.commit("off", facts=[Fact(EVENING, RunEnded(), run.run_id), *good])
    plate = bench.state.scheduled_runs[0].plate
    machine = plans.machines[bench.state.scheduled_runs[0].machine_id]
    bench.choose(plate.id)
    bench.planned.vat.setValue(machine.vat_min_ml + plate.resin_ml / 2)
    assert "runs low after" in bench.planned.vat_says.text()
    bench.start_button.click()
    run = run_in(window, "printing")
    at(window, EVENING + timedelta(minutes=plate.minutes * 0.6))
    window.watch.look()
    stopped = window.session.answers.standing.runs[run.run_id]
    assert stopped.paused
    bench.choose(plate.id)
    assert bench.planned.vat.value() >= machine.vat_min_ml
    bench.planned.vat.setValue(machine.vat_full_ml)
    bench.live.pause_button.click()
    at(window, EVENING + timedelta(minutes=plate.minutes * 3))
    window.watch.look()
    ended = window.session.answers.standing.runs[run.run_id]
    assert ended.ended and len(ended.vat_levels) == 2
    used = plate.resin_ml * (1 - levels(ended, machine)[1][0] / plate.minutes)
    left = stands_in(machine, [ended], window.session.plans.plates, window.session.now)
    assert left == pytest.approx(machine.vat_full_ml - used, abs=0.5)


def test_what_is_typed_for_one_runs_vat_is_not_another_runs(window: MainWindow) -> None:
    """It stays while one looks at the same run again, and is gone for its twin, which asks for just as much."""
    bench = schedule_inputs(window)
    plate = next(
        s.plate for s in bench.state.scheduled_runs if s.machine_id == bench.state.scheduled_runs[0].machine_id
    )
    window.session.commit("twin", [replace(plate, id="twin", name="Twin", order=99)])
    bench.choose(plate.id)
    asked = bench.planned.vat.value()
    bench.planned.vat.setValue(asked - 40)
    bench.refresh()
    assert bench.planned.vat.value() == asked - 40
    bench.choose("twin")
    assert bench.planned.vat.value() == asked


def test_run_fast_and_low_it_goes_on_from_where_it_stands(window: MainWindow) -> None:
    """Minutes run ahead of the clock count: filled up by as much as it says, the run that stopped goes on to its end."""
    bench, run = schedule_inputs(window), run_in(window, "printing")
    bench.choose(run.plate_id)
    live = bench.live
    for _ in range(2000):
        run = window.session.answers.standing.runs[run.run_id]
        if run.ended:
            break
        live.pause_button.click() if run.paused else live.tick()
    assert run.ended and len(run.pauses) <= 1
    plans = window.session.plans
    machine, plate = plans.machines[run.machine_id], plans.plates[run.plate_id]
    minute, ml = levels(run, machine)[-1]
    stands = stands_in(machine, [run], plans.plates, window.session.now)
    assert stands == pytest.approx(ml - plate.resin_ml * (1 - minute / plate.minutes), abs=0.05 * plate.resin_ml)
    assert all(v.minutes is not None and v.minutes > 0 for v in run.vat_levels)


def test_a_plate_that_fits_nowhere_as_it_lies_is_laid_anew(window: MainWindow) -> None:
    """A weak spot under one of its parts on the only other machine: one click lays the plate round it, and it is planned there."""
    bench = schedule_inputs(window)
    plans = window.session.plans
    small, large = plans.machines["mallard"], next(m for m in plans.machines.values() if m.id != "mallard")
    under = next(s.plate for s in bench.state.scheduled_runs if s.machine_id == small.id).placed[0]
    spot = (under.x_mm, under.y_mm, 6.0)
    window.session.commit("out", [replace(small, in_service=False), replace(large, bad_spots=(spot,))])
    left = [p for p, _ in bench.state.schedule.left]
    assert left and all(p.machine_id == small.id for p in left)
    bench.choose(left[0].id)
    assert bench.planned.again.isVisible() and "lay it anew" in bench.planned.reasons.text()
    bench.planned.again.click()
    laid = window.session.plans.plates[left[0].id]
    assert laid.machine_id == large.id and laid.id in {s.plate.id for s in bench.state.scheduled_runs}
    window.session.commit("none", [replace(large, in_service=False)])
    bench.choose(left[0].id)
    bench.planned.again.click()
    assert "No machine is in service" in window.errors.message.text()


@pytest.mark.at_once
def test_what_would_help_and_the_calendar(window: MainWindow, tmp_path: Path) -> None:
    """Helps are listed with what they cost; the calendar holds a start and a taking-off for each run."""
    bench = schedule_inputs(window)
    assert len(bench.planned.helps.lines) == len(bench.helps) + (bench.better is not None) > 0
    bench.write_calendar(tmp_path / "bill.ics")
    events = icalendar.Calendar.from_ical((tmp_path / "bill.ics").read_bytes()).walk("VEVENT")
    assert len(events) == 2 * len(bench.state.scheduled_runs)
    starts = sorted(e["dtstart"].dt for e in events if str(e["summary"]).startswith("Print"))
    assert starts == sorted(s.start.replace(microsecond=0) for s in bench.state.scheduled_runs)
    bench.write_calendar(tmp_path / "none" / "bill.ics")
    assert "cannot be written" in window.errors.message.text()


def test_another_order_is_taken_with_one_press_and_undone(window: MainWindow) -> None:
    """What would help names it first; pressed, the plates wait in that order; undo brings the old one back."""
    bench = schedule_inputs(window)
    before = [p.id for p in bench.state.waiting]
    bench.better = BetterOrder(tuple(bench.state.waiting[::-1]), bench.state.schedule, 90.0)
    bench.planned.show_helps([], bench.better)
    assert (
        "1 h 30 min earlier" in bench.planned.helps.lines[0][0]
        and "(1)" in bench.planned.tabs["What would help"].text()
    )
    bench.planned.helps.chosen.emit(0)
    assert [p.id for p in bench.state.waiting] == before[::-1]
    window.session.undo()
    assert [p.id for p in bench.state.waiting] == before
    first = bench.state.waiting[0]
    other = next(m for m in window.session.plans.machines.values() if m.id != first.machine_id)
    moved = (moved_to(first, other), *bench.state.waiting[1:])
    bench.better = BetterOrder(moved, bench.state.schedule, 90.0, frozenset({first.id}))
    bench.planned.show_helps([], bench.better)
    assert "1 plate on another machine" in bench.planned.helps.lines[0][0]
    bench.planned.helps.chosen.emit(0)
    assert window.session.plans.plates[first.id].machine_id == other.id
    window.session.undo()
    assert window.session.plans.plates[first.id].machine_id == first.machine_id


def test_days_away_and_a_passed_date_are_planned_with(window: MainWindow) -> None:
    """Nothing starts while one is away; after the date each run says so and is planned all the same."""
    bench, army = schedule_inputs(window), window.session.plans.army
    away = tuple((EVENING.date() + timedelta(days=n), Day(0, 0, ())) for n in range(1, 4))
    window.session.commit("away", [replace(army, days=away, ready_by=EVENING.date() - timedelta(days=1))])
    days = {day for day, _ in away}
    assert bench.state.scheduled_runs and all(
        s.start.date() not in days and s.taken_off.date() not in days for s in bench.state.scheduled_runs
    )
    assert any("after the date" in c.description for c in bench.state.conflicts)
    assert "after the date" in bench.subtitle.text()


def test_single_days_are_made_others_on_the_bill(window: MainWindow) -> None:
    """Away, nothing is started or met that day; up late the evening goes on; as usual it is as before, and undo works, too."""
    bench = schedule_inputs(window)
    tomorrow = EVENING.date() + timedelta(days=1)
    before = bench.state.scheduled_runs
    bench.set_day(tomorrow, "away")
    assert all(tomorrow not in (s.start.date(), s.taken_off.date()) for s in bench.state.scheduled_runs)
    bench.watch_bill.grab()
    assert any("unlike its weekday" in r.description for r in bench.watch_bill.regions)
    bench.set_day(tomorrow, "as usual")
    assert bench.state.scheduled_runs == before and window.session.plans.army.days == ()
    bench.set_day(EVENING.date(), "up until one")
    assert window.session.plans.army.day(EVENING.date()).home[-1][1] == 25 * 60
    window.session.undo()
    assert window.session.plans.army.days == ()


def test_tub_lamp_and_zone_are_set_in_the_week(window: MainWindow) -> None:
    """A zone that is none is told and nothing is written."""
    bench = window.benches["muster"]
    window.session.go("muster")
    bench.tub.setValue(6)
    bench.zone.setText("Europe/London")
    bench.keep_week()
    army = window.session.plans.army
    assert (army.tub_parts, army.time_zone) == (6, "Europe/London")
    bench.zone.setText("Sedge/Hythe")
    bench.keep_week()
    assert "no time zone" in bench.week_fault.text() and window.session.plans.army == army


def test_a_run_ended_while_it_stands_still_is_given_up(window: MainWindow) -> None:
    """Its minutes count then; one that is only told to have ended is not given up, however early that is told."""
    bench, run = schedule_inputs(window), run_in(window, "printing")
    bench.choose(run.plate_id)
    bench.live.ended_button.click()
    assert not window.session.answers.standing.runs[run.run_id].end.aborted
    window.session.undo()
    bench.live.pause_button.click()
    bench.live.ended_button.click()
    end = window.session.answers.standing.runs[run.run_id].end
    assert end.aborted and end.minutes > 0
