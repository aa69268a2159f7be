"""What failed on a run: told, diagnosed, repaired, owed again; and the table behind it."""

from __future__ import annotations

from datetime import timedelta
from pathlib import Path

import pytest
from bench_steps import at, run_in, schedule_inputs
from PIL import Image

from helpers import EVENING
from numerus.book.book import Removed
from numerus.desk.stages.print.likelihoods import LikelihoodsDialog
from numerus.desk.window import MainWindow
from numerus.devices.link import link_for
from numerus.domain.journal import PartOutcome
from numerus.printing.runs.run_records import RunRecord, waiting_plates
from numerus.progress.printing.failure_record import failure_diagnosis_of

CAUSES_OF = {
    "one part lets go": {"tips", "cup"}, "power cut": {"power"}, "resin out": {"resin"}, "weak corner": {"screen", "film"},
}  # fmt: skip
"""What each fault of the simulated printer is in the inquest's words; a dim corner and a clouded film leave the same parts."""


def test_a_repair_is_chosen_and_its_end_counts(window: MainWindow, tmp_path: Path) -> None:
    """A flaw filled with putty goes on; that it held moves the chance; spares go on the unit's list; a photograph is kept."""
    bench = schedule_inputs(window)
    run = run_in(window, "hanging")
    bench.choose(run.plate_id)
    bench.off_button.click()
    off, (first, second, *_) = bench.off, bench.state.plate.placed
    off.show_run(
        bench.state.run, bench.state.plate, {p.id: PartOutcome(p.id, "good") for p in bench.state.plate.placed}
    )
    off.turn_outcome(first.id)
    off.list.chosen.emit(next(n for n, w in enumerate(off.ways) if w.key == "putty"))
    off.turn_outcome(second.id)
    off.turn_outcome(second.id)
    spares = next(w for w in off.ways if w.spares)
    off.list.chosen.emit(off.ways.index(spares))
    Image.new("RGB", (3000, 2000), (90, 60, 30)).save(tmp_path / "plate.png")
    off.attach(tmp_path / "plate.png")
    off.record_button.click()
    figure = window.session.plans.figures[second.figure_id]
    assert window.session.plans.units[figure.unit_id].spares[second.part_id] == spares.spares
    assert window.session.answers.standing.copies[first.figure_id, first.slot].outcome == "flawed"
    bench.choose(run.plate_id)
    bench.off_button.click()
    assert "1 photograph" in off.photo_button.text() and not off.photo.pixmap().isNull()
    off.turn_outcome(first.id)
    before = next(w for w in off.ways if w.key == "putty").chance
    off.held.click()
    assert next(w for w in off.ways if w.key == "putty").chance > before
    assert not off.held.isVisible()
    (tmp_path / "no.png").write_text("no picture")
    off.attach(tmp_path / "no.png")
    assert "no picture" in window.errors.message.text()


def test_the_table_of_causes_is_read_at_a_look(window: MainWindow) -> None:
    """Every cause's name is whole, all of them are seen at once, and what is seen more often is deeper in tone."""
    dialog = LikelihoodsDialog(window.context, window)
    dialog.show()
    head, shade = (
        dialog.grid.horizontalHeader(),
        lambda at, across: dialog.grid.item(at, across).background().color().alpha(),
    )
    for across in range(dialog.grid.columnCount()):
        words = dialog.grid.horizontalHeaderItem(across).text()
        wide = max(head.fontMetrics().horizontalAdvance(line) for line in words.splitlines())
        assert wide <= head.sectionSize(across)
    assert head.length() <= dialog.grid.viewport().width()
    assert shade(1, 0) > shade(1, 3) > shade(1, 4)
    dialog.grid.item(1, 4).setText("100")
    assert shade(1, 4) > shade(1, 0)
    dialog.close()


def test_the_table_behind_the_inquest_is_read_and_changed(window: MainWindow, tmp_path: Path) -> None:
    """Cells are per cent; a changed share moves the causes, nonsense is refused, a file brings it back, undo too."""
    bench = schedule_inputs(window)
    run = run_in(window, "hanging")
    bench.choose(run.plate_id)
    bench.off.show_run(
        bench.state.run,
        bench.state.plate,
        {
            p.id: PartOutcome(p.id, "failed", 9.0, "soft and half made") if n < 2 else PartOutcome(p.id, "good")
            for n, p in enumerate(bench.state.plate.placed)
        },
    )
    before = bench.off.diagnose_failure.result.causes
    dialog = LikelihoodsDialog(window.context, window)
    dialog.write(tmp_path / "table.json")
    seen = [dialog.grid.verticalHeaderItem(n).text() for n in range(dialog.grid.rowCount())]
    at = seen.index("looked: soft and half made")
    for across in range(dialog.grid.columnCount()):
        dialog.grid.item(at, across).setText("50")
    dialog.save()
    after = bench.off.diagnose_failure.result.causes
    assert [c.share for c in after] != [c.share for c in before]
    dialog.grid.item(at, 0).setText("often")
    dialog.save()
    assert "between 0 and 1" in dialog.fault.text()
    dialog.take_in(tmp_path / "table.json")
    dialog.save()
    assert window.session.plans.army.likelihoods == "" and bench.off.diagnose_failure.result.causes == before
    (tmp_path / "no.json").write_text("{}")
    dialog.take_in(tmp_path / "no.json")
    assert "no table" in dialog.fault.text()


def off_and_on(window: MainWindow, bench, run: RunRecord) -> None:  # type: ignore[no-untyped-def]
    """A stopped run goes on; an ended one is taken off as the machine shows it."""
    bench.choose(run.plate_id)
    if bench.state.run.paused:
        bench.live.pause_button.click()
    elif bench.state.run.state == "hanging":
        bench.off_button.click()
        bench.off.record_button.click()


def test_the_army_goes_over_two_machines_through_a_week_of_faults(
    window: MainWindow, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Batched, planned, started and met as planned, with what the seeds bring: all waiting plates are printed or owed again, and
    of every fault the true cause is among the inquest's first two.
    """
    monkeypatch.setattr("numerus.progress.printing.batching.TRIES", 0)
    waiting = waiting_plates(window.session.plans.plates, window.session.answers.standing.runs)
    window.session.commit("apart", [Removed("plate", p.id) for p in waiting])
    window.session.go("plate")
    window.benches["plate"].batch_button.click()
    bench, judged, now = schedule_inputs(window), [], EVENING
    for _ in range(60):
        window.watch.look()
        runs = list(window.session.answers.standing.runs.values())
        for run in (r for r in runs if r.state == "hanging" or r.paused):
            plate = window.session.plans.plates[run.plate_id]
            link = link_for(plate, window.session.plans.machines[run.machine_id], run)
            off_and_on(window, bench, run)
            known = window.session.answers.standing.runs[run.run_id]
            result = failure_diagnosis_of(
                known, window.session.plans, window.session.answers.standing.runs, window.session.answers.facts
            )
            if result.causes and link.drawn_fault in CAUSES_OF and not link.resumed:
                judged.append(bool({c.key for c in result.causes[:2]} & CAUSES_OF[link.drawn_fault]))
        busy = {
            r.machine_id for r in window.session.answers.standing.runs.values() if r.state in ("printing", "hanging")
        }
        due = [
            s for s in bench.state.scheduled_runs if s.start <= now + timedelta(minutes=10) and s.machine_id not in busy
        ]
        if due:
            bench.choose(due[0].plate.id)
            bench.start_button.click()
            continue
        if not bench.state.scheduled_runs and not busy:
            break
        now += timedelta(hours=3)
        at(window, now)
    assert now - EVENING < timedelta(days=8) and not bench.state.scheduled_runs
    ran = {r.machine_id for r in window.session.answers.standing.runs.values() if r.started >= EVENING}
    assert ran == set(window.session.plans.machines)
    assert all(r.outcomes for r in window.session.answers.standing.runs.values())
    assert judged and sum(judged) / len(judged) >= 0.8


def test_a_plate_on_which_everything_failed_is_owed_again(window: MainWindow) -> None:
    """All parts at one height: power is the likeliest cause, every figure is back at Plate, and the bill goes on."""
    bench = schedule_inputs(window)
    run = run_in(window, "hanging")
    bench.choose(run.plate_id)
    bench.off_button.click()
    bench.off.show_run(
        bench.state.run,
        bench.state.plate,
        {p.id: PartOutcome(p.id, "failed", 12.0, "stops level all round") for p in bench.state.plate.placed},
    )
    assert bench.off.diagnose_failure.result.causes[0].key == "power"
    plate = bench.state.plate
    bench.off.record_button.click()
    copies = window.session.answers.standing.copies
    assert all(copies[p.figure_id, p.slot].state == "owed" for p in plate.placed if p.figure_id)
    assert bench.state.scheduled_runs and window.session.answers.forecast.middle >= EVENING.date()


def test_a_cause_that_is_sure_teaches_the_shares_and_can_be_taken_back(window: MainWindow) -> None:
    """Chosen from the list of all causes it is ticked and told; chosen again it is open; undo knows it too."""
    bench = schedule_inputs(window)
    run = run_in(window, "hanging")
    bench.choose(run.plate_id)
    bench.off_button.click()
    off = bench.off
    off.turn_outcome(bench.state.plate.placed[0].id)
    while off.outcomes[off.picture.chosen].outcome != "failed":
        off.turn_outcome(off.picture.chosen)
    assert off.outcomes[off.picture.chosen].height_mm == 0 and "not told" in off.height_at.text()
    menu = off.diagnose_failure.causes_menu()
    assert len(menu.actions()) == 16 and not any(a.isChecked() for a in menu.actions())
    menu.actions()[1].trigger()
    cause = off.diagnose_failure.result.causes[1]
    assert off.diagnose_failure.result.confirmed and "It was" in off.diagnose_failure.learned.text()
    assert [a.isChecked() for a in off.diagnose_failure.causes_menu().actions()].count(True) == 1
    next(a for a in off.diagnose_failure.causes_menu().actions() if a.isChecked()).trigger()
    assert off.diagnose_failure.result.confirmed == "" and cause.name
    window.session.undo()
    assert off.diagnose_failure.result.confirmed
