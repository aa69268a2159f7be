"""The weather at Prime: simulated until somebody tells it, typed or from a file, and undone like any edit."""

from __future__ import annotations

from pathlib import Path

from PyQt6.QtWidgets import QDialogButtonBox

from helpers import EVENING
from numerus.desk.stages.prime.weather_dialog import WeatherDialog
from numerus.desk.window import MainWindow
from numerus.paint.priming.weather import Air
from numerus.paint.priming.weather_file import air_text


def test_weather_is_simulated_until_it_is_told(window: MainWindow, tmp_path: Path) -> None:
    """The bench says so; a file that is wrong is told in its dialog and leaves all as it was; one that is right counts at Print, too."""
    window.session.go("prime")
    bench = window.benches["prime"]
    assert "simulated air" in bench.verdict.text() and not bench.state.told
    dialog = WeatherDialog(bench, bench.state.airs[0], EVENING)
    (tmp_path / "wrong.csv").write_text("time,celsius\nnoon,4\n")
    dialog.take_file(tmp_path / "wrong.csv")
    assert "Hour 1" in dialog.fault.text() and not dialog.result()
    dialog.take_file(tmp_path / "nowhere.csv")
    assert "cannot be read" in dialog.fault.text()
    (tmp_path / "right.csv").write_text(air_text([Air(EVENING, -5.0, 40, 1.0)]))
    dialog.take_file(tmp_path / "right.csv")
    assert dialog.result()
    bench.keep_weather(dialog.airs)
    assert "by the air you told" in bench.verdict.text() and "too cold" in bench.verdict.text()
    window.session.go("print")
    assert window.benches["print"].state.airs[0].celsius == -5.0
    window.session.go("prime")
    window.session.undo()
    assert "simulated air" in bench.verdict.text()


def test_weather_is_typed(window: MainWindow) -> None:
    """Three numbers, taken to hold for the coming hours; simulated again at a press."""
    window.session.go("prime")
    bench = window.benches["prime"]
    dialog = WeatherDialog(bench, bench.state.airs[0], EVENING)
    for name, value in (("celsius", 18.0), ("humidity", 45.0), ("wind_m_s", 0.5)):
        dialog.fields[name].setValue(value)
    box = dialog.findChild(QDialogButtonBox)
    box.button(QDialogButtonBox.StandardButton.Ok).click()
    bench.keep_weather(dialog.airs)
    assert "by the air you told: now" in bench.verdict.text()
    dialog.forget()
    bench.keep_weather(dialog.airs)
    assert not bench.state.told


def test_the_school_and_filler_of_the_primer_belong_to_the_scheme(window: MainWindow) -> None:
    """Chosen at the bench they are one edit each, hold in the orders and the steps, and are taken back by undo."""
    window.session.go("prime")
    bench, session = window.benches["prime"], window.session
    unit = bench.state.unit_id
    before = bench.state.planned_min
    bench.school.setCurrentIndex(bench.school.findData("brush"))
    bench.school.activated.emit(bench.school.currentIndex())
    assert session.plans.scheme_of(unit).prime_school == "brush" and bench.school.currentData() == "brush"
    bench.filler.setValue(1)
    assert session.plans.scheme_of(unit).filler_coats == 1
    assert any(s.title == "Sand it, wet" for s in bench.line.steps) and bench.state.planned_min > before
    session.undo(), session.undo()
    assert session.plans.scheme_of(unit).prime_school == "airbrush" and bench.filler.value() == 0
    assert bench.state.planned_min == before


def test_stairs_and_first_colours_are_told_at_the_bench(window: MainWindow) -> None:
    """How deep the layers' stairs are and what filler costs; every way to lay the first colour with its minutes and money."""
    window.session.go("prime")
    bench = window.benches["prime"]
    assert "µm on a twentieth of" in bench.stairs.text() and "defaults" in bench.stairs.text()
    bench.tabs[1].click()
    bench.grab()
    told = bench.state.first_colour
    assert told.figures == len(bench.state.waiting) and {w.name for w in told.ways} >= {"brush", "coloured can"}
    assert told.title.endswith(f"{told.ways[0].name} is quickest")
