"""One's own files from an empty book: models in one piece, a second download, things taken out again."""

from __future__ import annotations

from dataclasses import replace
from datetime import date
from pathlib import Path

import pytest
from bench_steps import sort_bench
from PyQt6.QtCore import QDate
from PyQt6.QtWidgets import QDialog, QFileDialog

from helpers import ball_mesh, box_mesh
from numerus.desk.dialogs.army_and_unit import ArmyDialog, UnitDialog, WhereDialog
from numerus.desk.dialogs.welcome import March
from numerus.desk.widgets.date_line import DateLine
from numerus.desk.window import MainWindow
from numerus.domain.army import NONE, Figure, Unit
from numerus.domain.clock import date_of
from numerus.domain.stages import STAGES, TITLES
from numerus.errors import PlanError
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.geometry.mesh import Mesh, merged


def one_piece(tall: float = 30.0, wide: float = 8.0) -> Mesh:
    """A figure in one piece: a cloak, and a ball for its head."""
    return merged([box_mesh((wide, wide, tall - 5)), ball_mesh(3.2, (wide / 2, wide / 2, tall - 3.2), 3)])


def add_unit(window: MainWindow, name: str, many: int = 2) -> None:
    """As the dialog does with its defaults."""
    asked = UnitDialog(window, window.session.plans)
    asked.name.setText(name)
    asked.count.setValue(many)
    assert asked.kit.currentData() == "", "a new kit is the default of a new unit"
    documents, _ = asked.documents()
    window.session.commit("add a unit", documents)
    window.session.select(documents[0].id)


def test_a_model_in_one_piece_is_its_figure(window: MainWindow, tmp_path: Path) -> None:
    """Whatever its name says of a pole: one slot, no doubt, filled with one press; nothing to glue, nothing missing."""
    write_stl(one_piece(), tmp_path / "watchman with pole.stl")
    add_unit(window, "Marsh watch")
    bench = sort_bench(window, window.session.unit_id)
    window.user_actions.take_in([tmp_path / "watchman with pole.stl"])
    (part,) = window.session.kit_parts()
    assert part.slot == "figure" and part.doubt < 0.4 and window.session.unit.slots == ("figure",)
    bench.fill_button.click()
    figures = window.session.plans.figures_of(window.session.unit_id)
    assert all(f.build == {"figure": part.id} for f in figures)
    assert window.session.answers.standing.figures[figures[0].id].stage == "pose"


def test_several_models_of_one_download_are_alternatives_and_named_parts_stay_parts(
    window: MainWindow, tmp_path: Path
) -> None:
    """Three sculpts from one origin are three to choose from; a kit whose parts meet has no one-piece figure."""
    for n, tall in enumerate((28, 31, 34)):
        write_stl(one_piece(tall, 7 + n), tmp_path / f"sculpt{n}.stl")
    add_unit(window, "Three", 3)
    sort_bench(window, window.session.unit_id)
    window.user_actions.take_in(sorted(tmp_path.glob("*.stl")))
    assert [p.slot for p in window.session.kit_parts()] == ["figure"] * 3
    window.benches["sort"].fill_button.click()
    built = {f.build["figure"] for f in window.session.plans.figures_of(window.session.unit_id)}
    assert len(built) == 3
    assert not [
        p for p in window.session.plans.parts.values() if p.kit_id != window.session.unit.kit_id and p.slot == "figure"
    ]


def test_a_second_download_goes_where_the_user_says(
    window: MainWindow, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Asked, since the kit has parts: to them, or into a new kit in whose stead no slot and no part of the old one is left."""
    write_stl(one_piece(), tmp_path / "other.stl")
    window.session.select("ferry")
    old, parts, answers = window.session.unit.kit_id, len(window.session.kit_parts()), iter([False, True])

    def asked(dialog: WhereDialog) -> int:
        dialog.where.setCurrentIndex(int(next(answers)))
        return int(QDialog.DialogCode.Accepted)

    monkeypatch.setattr(WhereDialog, "exec", asked)
    window.user_actions.ask_where([tmp_path / "other.stl"])
    assert window.session.unit.kit_id == old and len(window.session.kit_parts()) == parts + 1
    window.user_actions.ask_where([tmp_path / "other.stl"])
    unit = window.session.unit
    assert unit.kit_id != old and unit.slots == ("figure",) and len(window.session.kit_parts()) == 1
    assert {s for f in window.session.plans.figures_of("ferry") for s in f.build} <= {"figure"}
    assert old in window.session.plans.kits


def test_units_figures_kits_and_slots_are_taken_out_and_brought_back(window: MainWindow) -> None:
    """From the roll's menu and the command list, with what depends on them; Ctrl+Z is named and works."""
    window.session.select("ferry", window.session.plans.figures_of("ferry")[0].id)
    before, name = window.session.plans, window.session.unit.name
    words = [a.text() for a in window.roll.menu().actions()]
    assert any(w.startswith("Remove the kit") for w in words) and f"Remove {name}" in words
    for number in (-3, -2, -1):
        window.session.select("ferry", before.figures_of("ferry")[0].id)
        window.roll.menu().actions()[number].trigger()
        assert window.session.plans != before and "Ctrl+Z" in window.errors.message.text()
        window.session.undo()
        assert window.session.plans == before
    titles = [c.title for c in window.commands]
    assert {"Remove the selected unit", "Remove the selected figure", "Remove the kit of the selected unit"} <= set(
        titles
    )


def test_a_whole_column_is_left_empty_opened_again_and_taken_out(window: MainWindow) -> None:
    """Figures that have something there keep it; the slot itself can go, and comes back with undo."""
    kit = window.session.plans.units["ferry"].kit_id
    one = next(p for p in window.session.plans.parts.values() if p.kit_id == kit and p.slot == "back")
    figures = [Figure(f"x{n}", "x", f"X {n}", n, {"back": one.id} if n == 0 else {}) for n in range(4)]
    window.session.commit("x", [Unit("x", "X", 9, 28.5, kit, slots=("torso", "back")), *figures])
    builds = sort_bench(window, "x").builds

    def backs() -> list[str | None]:
        return [f.build.get("back") for f in window.session.plans.figures_of("x")]

    actions = builds.column_menu("back").actions()
    actions[0].trigger()
    assert backs() == [one.id, NONE, NONE, NONE]
    actions[2].trigger()
    assert backs() == [one.id, None, None, None]
    actions[-1].trigger()
    assert window.session.plans.units["x"].slots == ("torso",) and backs() == [None] * 4
    window.session.undo()
    assert window.session.plans.units["x"].slots == ("torso", "back") and backs()[0] == one.id


def test_a_scan_of_nothing_but_noise_is_no_figure(window: MainWindow, tmp_path: Path) -> None:
    """A chip of eight millimetres is an extra in doubt, not a figure."""
    write_stl(box_mesh((8, 7, 6)), tmp_path / "chip.stl")
    add_unit(window, "Chips")
    sort_bench(window, window.session.unit_id)
    window.user_actions.take_in([tmp_path / "chip.stl"])
    assert window.session.kit_parts()[0].slot == "extra"


def supplied_file(window: MainWindow, folder: Path, name: str = "lantern_sup.stl") -> Path:
    """A part of the demo as it was supported, as if somebody else had."""
    part = next(p for p in window.session.plans.parts.values() if p.pose is not None and p.pose.tips > 7)
    write_stl(window.session.mesh(part.pose.supported_blob), folder / name)
    return folder / name


def test_a_ready_supported_file_is_printed_as_it_stands(window: MainWindow, tmp_path: Path) -> None:
    """Recognised at Pose, judged as a print, kept with its own supports as they are; posed anew only when asked."""
    add_unit(window, "Supplied", 1)
    sort_bench(window, window.session.unit_id)
    window.user_actions.take_in([supplied_file(window, tmp_path)])
    window.benches["sort"].fill_button.click()
    window.session.go("pose")
    bench = window.benches["pose"]
    (part,) = window.session.kit_parts()
    assert bench.keep_button.text() == "Print as supplied" and "As a print" in bench.supplied_page.says.text()
    assert not bench.graph.isVisible() and bench.tried is None
    bench.keep_button.click()
    (kept,) = window.session.kit_parts()
    assert kept.pose.school == "as supplied" and kept.pose.tips > 3
    stands, came = window.session.mesh(kept.pose.supported_blob), window.session.mesh(part.blob)
    assert len(stands.faces) == len(came.faces) and stands.bounds_mm[0, 2] == pytest.approx(0)
    assert kept.pose.height_mm == pytest.approx(came.extents_mm[2], abs=0.01)
    window.session.undo()
    bench.supplied_page.anew_button.click()
    assert bench.keep_button.text() == "Keep this pose" and bench.tried is not None


def test_the_designers_supports_are_one_candidate_beside_ours(window: MainWindow, tmp_path: Path) -> None:
    """Of a plain part whose supported copy is in the kit: in the chart and the comparison, looked at, kept as supplied; ours again by a click."""
    part = next(p for p in window.session.plans.parts.values() if p.pose is not None and p.pose.tips > 7)
    write_stl(window.session.mesh(part.blob), tmp_path / "arm.stl")
    add_unit(window, "Both", 1)
    sort_bench(window, window.session.unit_id)
    window.user_actions.take_in([tmp_path / "arm.stl", supplied_file(window, tmp_path, "arm_sup.stl")])
    window.benches["sort"].fill_button.click()
    window.session.go("pose")
    bench = window.benches["pose"]
    assert [c.school for c in bench.compared.costs][-1] == "as supplied" and len(bench.chart.costs) == 5
    bench.compared.chosen.emit(4)
    window.grab()
    assert "As supplied" in bench.verdict.text() and bench.tried is None and not bench.second_button.isEnabled()
    bench.compared.chosen.emit(0)
    assert bench.tried is not None and bench.second_button.isEnabled() and bench.graph.isVisibleTo(bench)
    bench.compared.chosen.emit(4)
    bench.keep_button.click()
    kept = next(p for p in window.session.kit_parts() if p.needed)
    assert kept.pose.school == "as supplied" and kept.pose.up == bench.trials.supplied.cost.up
    bench.trials.weigh(bench.poses.weights)
    assert [c.school for c in bench.trials.costs][-1] == "as supplied"


def test_posing_all_that_wait_ends_with_a_summary_over_all_units(window: MainWindow, tmp_path: Path) -> None:
    """Supplied ones as they stand, others posed; one edit; parts with warnings are named; nothing waits in any unit."""
    window.user_actions.remove_unit("heron")  # large parts take their time
    for name, file in (("Supplied", supplied_file(window, tmp_path)), ("Cloaks", tmp_path / "cloak.stl")):
        if not file.exists():
            write_stl(one_piece(), file)
        add_unit(window, name, 1)
        sort_bench(window, window.session.unit_id)
        window.user_actions.take_in([file])
        window.benches["sort"].fill_button.click()
    window.session.go("pose")
    bench, before = window.benches["pose"], window.session.plans
    assert bench.everywhere_button.isVisible()
    bench.everywhere_button.click()
    words = window.errors.message.text()
    assert "posed, 1 of them as supplied" in words
    assert not bench.state.waiting_everywhere
    window.session.undo()
    assert window.session.plans == before


def test_a_plated_part_that_is_changed_is_a_conflict_until_its_plate_is_laid_anew(window: MainWindow) -> None:
    """No plate of the demo is one; with a part posed anew it is named, not started, and laid anew with one press."""
    window.session.go("print")
    bench = window.benches["print"]
    assert not any("laid" in c.description for c in bench.state.conflicts)
    plate = bench.state.waiting[0]
    part = window.session.plans.parts[plate.placed[0].part_id]
    taller = replace(part.pose, height_mm=plate.height_mm + 9)
    window.session.commit("posed anew", [replace(part, pose=taller)])
    bench.choose(plate.id)
    assert "posed anew since it was laid" in bench.state.conflicts[0].description and bench.planned.again.isVisible()
    bench.start_button.click()
    assert "not started" in window.errors.advice.text() and bench.state.run is None
    bench.planned.again.click()
    laid = window.session.plans.plates[plate.id]
    assert laid.height_mm == pytest.approx(taller.height_mm) and laid.minutes > plate.minutes
    assert not bench.state.changed and not bench.planned.again.isVisible()
    window.session.commit("mended", [replace(part, pose=None)])
    assert "has no pose now" in bench.state.changed


@pytest.mark.parametrize(
    "text",
    ["28 Apr 2026", "28.4.26", "28/4/2026", "2026-04-28", "april 28, 2026", "28 apr", "Tue 28 April 2026", "4/28/2026"],
)
def test_dates_are_typed_in_any_usual_order(text: str) -> None:
    """Without a year the next such day; what is no date is refused in words."""
    assert date_of(text, date(2026, 3, 5)) == date(2026, 4, 28)
    assert date_of("3/4", date(2026, 3, 5)) == date(2026, 4, 3) and date_of("3/4", date(2026, 3, 5), False) == date(
        2026, 3, 4
    ).replace(year=2027)
    assert date_of("1 Feb", date(2026, 3, 5)) == date(2027, 2, 1)
    for nonsense in ("soon", "12", "31 Feb 2026", ""):
        with pytest.raises(PlanError):
            date_of(nonsense, date(2026, 3, 5))


def test_a_date_is_read_back_and_chosen_from_the_calendar(qtbot) -> None:  # type: ignore[no-untyped-def]
    """Beside the line stands how it is read; nonsense says so and is no day; the calendar's day is taken over."""
    line = DateLine("Ready by", date(2026, 3, 5))
    qtbot.addWidget(line)
    line.line.setText("28.4.")
    line.line.textEdited.emit("28.4.")
    assert line.read_as.text() == "Tue 28 Apr 2026"
    line.line.setText("whenever")
    line.line.textEdited.emit("whenever")
    assert line.day is None and "no date" in line.read_as.text()
    line.calendar().clicked.emit(QDate(2026, 5, 1))
    assert line.day == date(2026, 5, 1)


def test_the_printer_is_asked_for_not_made_up(make, monkeypatch: pytest.MonkeyPatch, tmp_path: Path) -> None:  # type: ignore[no-untyped-def]
    """An example chosen is taken over whole; figures typed are those of the machine."""
    for typed in (False, True):
        window = make(None)
        monkeypatch.setattr(QFileDialog, "getSaveFileName", lambda *_, **__: (str(tmp_path / f"{typed}.numerus"), ""))  # noqa: B023

        def answered(dialog: ArmyDialog, typed: bool = typed) -> int:
            dialog.name.setText("Reeds")
            dialog.machine.setCurrentIndex(dialog.machine.count() - 1 if typed else 1)
            for number, spin in enumerate(dialog.figures.values()):
                spin.setValue(0.05 if number == 3 else 100 + number)
            assert dialog.wrong() == ""
            return int(QDialog.DialogCode.Accepted)

        monkeypatch.setattr(ArmyDialog, "exec", answered)
        window.user_actions.new_army()
        (machine,) = window.session.plans.machines.values()
        figures = (machine.plate_x_mm, machine.plate_y_mm, machine.height_mm, machine.pixel_mm)
        assert (figures == (100, 101, 102, 0.05)) == typed and (machine.name == "My printer") == typed


def test_the_first_page_tells_what_each_stage_answers(make) -> None:  # type: ignore[no-untyped-def]
    """Twelve stages along the road, each with its question, each read whole where it is drawn."""
    window = make(None)
    march = window.findChild(March)
    march.grab()
    assert [r.description.partition(":")[0] for r in march.regions] == [TITLES[s] for s in STAGES]
    lines = [march.fontMetrics().horizontalAdvance(r.description) / r.box.width() for r in march.regions]
    assert max(lines) < 5 and all(r.description.endswith("?") for r in march.regions)
