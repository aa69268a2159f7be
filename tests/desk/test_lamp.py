"""The lamp on the Cure bench: its load part by part, another lamp taken."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path

from bench_steps import cure_the_smallest, do

from numerus.desk.window import MainWindow
from numerus.post.curing.lamps import lamp_of
from numerus.post.supports_off import AFTER, BEFORE, BY_PART


def test_the_load_under_the_lamp_is_seen_part_by_part(window: MainWindow) -> None:
    """Every part of the plate once, the worst first; a part of the list is looked at from near; one side shows less."""
    do(window, "Wash")
    window.benches["wash"].done()
    window.session.go("cure")
    bench = window.benches["cure"]
    shown = [p for c in bench.state.cured for p in c.parts]
    assert len(shown) == len(bench.state.parts) > 0
    target = bench.state.cured[0].station.target_j_per_cm2
    under = [p.share_under(p.both, target) for p in bench.state.worst]
    assert under == sorted(under, reverse=True) and "J/cm²" in bench.dose_words.text()
    both = bench.view.things[0].colours.copy()
    bench.both.setChecked(False)
    assert bench.view.things[0].colours.mean() < both.mean()
    before = bench.view.camera
    bench.list.grab()
    bench.choose(1)
    assert bench.view.camera.height_mm < before.height_mm and bench.list.at_part == 1
    assert bench.advice.text()
    bench.grab()


def test_another_lamp_is_taken_from_the_list_or_a_file_and_given_back_by_undo(
    window: MainWindow, tmp_path: Path
) -> None:
    """What it does to the load is followed anew; a file that is none changes nothing; what a resin wants is told once, for all."""
    cure_the_smallest(window)
    bench = window.benches["cure"]
    usual = bench.state.cured[0].minutes
    bench.lamps.setCurrentText("One bar")
    bench.lamps._chosen()
    assert bench.state.lamp == "One bar" == bench.lamps.currentText()
    assert len(bench.state.cured[0].station.lamps) == 5 and bench.state.cured[0].minutes != usual
    bench.lamps.write_file(tmp_path / "mine.json")
    (tmp_path / "none.json").write_text('{"lamps": []}')
    window.session.undo()
    bench.lamps.open_file(tmp_path / "none.json")
    assert "no lamps" in window.errors.message.text() and bench.state.cured[0].minutes == usual
    bench.lamps.open_file(tmp_path / "mine.json")
    assert bench.state.lamp == "One bar"
    resin = window.session.plans.resin
    window.session.commit("its data sheet", [replace(resin, dose_j_per_cm2=2.4)])
    assert bench.state.cured[0].station.target_j_per_cm2 == 2.4 and "as you told them" in bench.state.light


def test_supports_come_off_part_by_part_as_it_was_chosen(window: MainWindow) -> None:
    """One edit for the school, one for a part; the orders plan the same minutes; every part can be reached in the list; undo."""
    do(window, "Wash")
    window.benches["wash"].done()
    session = window.session
    session.go("cure")
    bench = window.benches["cure"]
    minutes = bench.state.planned_min
    bench.school.setCurrentIndex(bench.school.findData(BY_PART))
    bench.school.activated.emit(bench.school.currentIndex())
    assert session.plans.army.supports_off == BY_PART and set(bench.state.off_when) == {
        p.label for p in bench.state.parts
    }
    reached: set[str] = set()
    for _ in range(1 + len(bench.state.worst) // 6):
        bench.list.grab()
        reached |= {
            r.description.partition(":")[0] for r in bench.list.regions if "click for the other" in r.description
        }
        next((r for r in bench.list.regions if "the next" in r.description), bench.list.regions[0]).act()
    assert reached == set(bench.state.off_when)
    name = next(n for n, when in bench.state.off_when.items() if when == BEFORE)
    bench.list.off_changed.emit(name)
    assert bench.state.off_when[name] == AFTER and [s.hands for s in bench.line.steps] == [True, False, False, True]
    order = next(t for t in session.answers.orders.listed if t.bench == "cure" and t.facts)
    assert order.minutes == bench.state.planned_min > minutes and "after it" in order.detail
    session.undo()
    assert bench.state.off_when[name] == BEFORE
    session.undo()
    assert bench.state.off_when == {} and bench.state.planned_min == minutes


def test_what_came_out_of_the_lamp_teaches_what_the_resin_wants(window: MainWindow) -> None:
    """Asked about the plate cured last; tacky asks for more light from then on, said with what it was learned from; undo asks again."""
    session = window.session
    cure_the_smallest(window)
    bench = window.benches["cure"]
    got = bench.state.got
    assert not bench.asked.isVisible() and got[0] >= 0.9 * 1.2 and got[1] > got[0]
    bench.done()
    window.grab()
    assert bench.asked.isVisible() and "come out of the light" in bench.asked.words.text()
    bench.asked.pressed["tacky"].click()
    learned = session.answers.targets
    assert learned.target.dose > 1.2 and "Learned from one verdict" in learned.description
    assert lamp_of(session.plans.army, learned)[1].target_j_per_cm2 == learned.target.dose
    assert not bench.asked.isVisible()
    session.undo()
    bench.refresh()
    assert bench.asked.isVisible() and session.answers.targets.target.dose == 1.2
