"""Machines and stores in the window: profiles edited, added, in and out of files, calibrated; what was changed or bought."""

from __future__ import annotations

from pathlib import Path

import pytest

from numerus.desk.machines.profiles import ProfilesDialog
from numerus.desk.machines.sheet import GROUPS, said
from numerus.desk.window import MainWindow
from numerus.domain.printing.machines import Machine, Resin
from numerus.formats.meshes.mesh_files import read_mesh
from numerus.printing.machines.timing import layer_cycle
from numerus.printing.supports.style import TIP_NAMES, held_mm2


@pytest.fixture
def dialog(window: MainWindow) -> ProfilesDialog:
    return ProfilesDialog(window.context, window)


def choose(dialog: ProfilesDialog, name: str) -> None:
    rows = [dialog.listing.item(n).text() for n in range(dialog.listing.count())]
    dialog.listing.setCurrentRow(rows.index(name))


def test_a_machine_is_edited_and_nonsense_is_refused(dialog: ProfilesDialog) -> None:
    """Saved as one edit; a pixel of nothing is told and nothing is written."""
    choose(dialog, "Teal 8K")
    dialog.sheet.cells["exposure_s"].setValue(2.75)
    dialog.sheet.cells["unheated"].setChecked(True)
    dialog.save()
    made = dialog.session.plans.machines["teal"]
    assert (made.exposure_s, made.unheated, made.bad_spots) == (2.75, True, ((16.0, 12.0, 9.0),))
    dialog.sheet.cells["pixel_mm"].setValue(0)
    dialog.save()
    assert "pixel_mm" in dialog.fault.text() and dialog.session.plans.machines["teal"] == made
    dialog.session.undo()
    assert dialog.session.plans.machines["teal"].exposure_s != 2.75


def test_waiting_plates_take_what_the_machine_is_set_to_now(dialog: ProfilesDialog) -> None:
    """Half the layer height prints a waiting plate in about twice the time; plates printed before keep what they took."""
    session = dialog.session
    started = {r.plate_id for r in session.answers.standing.runs.values()}
    before = {p.id: p.minutes for p in session.plans.plates.values() if p.machine_id == "teal"}
    waiting = [i for i in before if i not in started]
    assert waiting
    choose(dialog, "Teal 8K")
    dialog.sheet.cells["layer_mm"].setValue(session.plans.machines["teal"].layer_mm / 2)
    dialog.save()
    after = {i: session.plans.plates[i].minutes for i in before}
    assert all(1.6 * before[i] < after[i] < 2.1 * before[i] for i in waiting)
    assert all(after[i] == before[i] for i in before if i in started)
    session.undo()
    assert {i: session.plans.plates[i].minutes for i in before} == before


def test_examples_are_added_and_profiles_go_out_and_in(dialog: ProfilesDialog, tmp_path: Path) -> None:
    """A shipped machine joins the book; exported and imported it is another of the same numbers; a wrong file is told."""
    before = len(dialog.session.plans.machines)
    names = [dialog.shipped.itemText(n) for n in range(dialog.shipped.count())]
    dialog.shipped.setCurrentIndex(next(n for n, words in enumerate(names) if words.startswith("Great Bittern")))
    dialog.add_shipped()
    assert len(dialog.session.plans.machines) == before + 1
    choose(dialog, "Great Bittern 12K")
    dialog.write(tmp_path / "bittern.json")
    dialog.take_in(tmp_path / "bittern.json")
    twins = [m for m in dialog.session.plans.machines.values() if m.name == "Great Bittern 12K"]
    assert len(twins) == 2 and twins[0].id != twins[1].id and twins[0].plate_x_mm == twins[1].plate_x_mm == 298
    (tmp_path / "wrong.json").write_text("{")
    dialog.take_in(tmp_path / "wrong.json")
    assert "no profile" in dialog.fault.text()


def test_a_film_is_fitted_and_counted_anew_and_resin_is_bought(dialog: ProfilesDialog) -> None:
    """A film from the examples changes its machine's layers and pull, and its wear begins at nothing."""
    choose(dialog, "Teal 8K")
    names = [dialog.shipped.itemText(n) for n in range(dialog.shipped.count())]
    dialog.shipped.setCurrentIndex(next(n for n, words in enumerate(names) if words.startswith("Rush film")))
    dialog.add_shipped()
    made = dialog.session.plans.machines["teal"]
    assert (made.film_layers, made.film_pull) == (40_000, 0.8) and made.film.startswith("Rush")
    window_bench = dialog.parent().benches["print"]
    dialog.session.go("print")
    films = [words for words, _ in window_bench.planned.stores.lines if words.startswith("Teal 8K: film")]
    assert all("0% worn" in words for words in films)
    choose(dialog, "Sedge Tough Grey")
    dialog.bottle_button.click()
    window_bench.refresh()
    assert any("ml left" in words for words, _ in window_bench.planned.stores.lines)


def test_calibration_is_walked_through_and_taken_over(dialog: ProfilesDialog, tmp_path: Path) -> None:
    """Pieces are written, results entered, the exposure and the drawing-in taken into the machine."""
    choose(dialog, "Teal 8K")
    page = dialog.calibrate
    assert not page.take_exposure.isEnabled() and "Two test pieces" in page.exposure_says.text()
    for which in ("exposure", "frame"):
        page.write(which, tmp_path / f"{which}.stl")
        assert read_mesh(tmp_path / f"{which}.stl").mesh.extents_mm.max() >= 20
    for (_, pin, slot), told in zip(page.pieces, ((0.3, 0.15), (0.2, 0.2), (0.15, 0.3)), strict=True):
        pin.setValue(told[0])
        slot.setValue(told[1])
    page.take_exposure.click()
    made = dialog.session.plans.machines["teal"]
    assert made.exposure_s == pytest.approx(2.4, abs=0.1)
    page.outer.setValue(20.12)
    page.inner.setValue(9.9)
    assert "in by 0.053" in page.frame_says.text()
    page.take_frame.click()
    assert dialog.session.plans.machines["teal"].xy_comp_mm == pytest.approx(0.0533, abs=1e-3)


@pytest.mark.parametrize(
    ("name", "words"),
    [
        ("lift_mm_per_min", ("Lift speed", "mm/min")),
        ("price_per_l", ("Price per l", "")),
        ("plate_x_mm", ("Across", "mm")),
        ("film", ("Film", "")),
    ],
)
def test_fields_are_told_in_words_with_their_units(name: str, words: tuple[str, str]) -> None:
    """Words of the trade where the name alone would not say it."""
    assert said(name) == words


@pytest.mark.parametrize("kind", [Machine, Resin])
def test_every_number_of_a_profile_can_be_changed_and_is_told_apart(kind: type) -> None:
    """None is forgotten when one is added; within its group no two have the same words."""
    listed = [name for names in GROUPS[kind].values() for name in names]
    assert sorted(listed) == sorted(set(kind.__dataclass_fields__) - {"id", "name", "bad_spots"})
    for names in GROUPS[kind].values():
        assert len({said(name)[0] for name in names}) == len(names)


def test_what_is_typed_is_worked_out_before_it_is_saved(dialog: ProfilesDialog) -> None:
    """A shorter lift makes the tallest plate sooner than as saved; a speed of nothing leaves the picture; plastic has none."""
    choose(dialog, "Teal 8K")
    cycle, saved = dialog.sheet.cycle, dialog.sheet.profile
    dialog.sheet.cells["lift_mm"].setValue(4)
    dialog.show()
    assert not dialog.grab().isNull() and len(cycle.regions) == len(layer_cycle(saved))
    assert cycle.machine.lift_mm == 4 and cycle.saved is saved
    assert sum(layer_cycle(cycle.machine).values()) == pytest.approx(sum(layer_cycle(saved).values()) - 2, abs=0.01)
    dialog.sheet.cells["lift_mm_per_min"].setValue(0)
    assert cycle.machine.lift_mm_per_min == saved.lift_mm_per_min and not cycle.isHidden()
    choose(dialog, "Sedge Tough Grey")
    dialog.sheet.cells["tip_n_per_mm2"].setValue(4.5)
    holds = dialog.sheet.holds
    assert cycle.isHidden() and not holds.isHidden()
    assert not dialog.grab().isNull() and len(holds.regions) == len(TIP_NAMES)
    assert held_mm2(0.4, holds.machine, holds.saved) == pytest.approx(2 * held_mm2(0.4, holds.machine, holds.resin))


def test_a_machine_is_copied_and_removed(dialog: ProfilesDialog) -> None:
    """A copy keeps its weak spots under a name of its own; removed, its plates are planned round; undo brings it back."""
    choose(dialog, "Teal 8K")
    dialog.copy()
    choose(dialog, "Teal 8K, another")
    assert dialog.profile.bad_spots and dialog.profile.id != "teal"
    choose(dialog, "Old Mallard 2K")
    dialog.remove()
    assert "mallard" not in dialog.session.plans.machines
    dialog.session.go("print")
    bench = dialog.parent().benches["print"]
    assert all(s.machine_id in dialog.session.plans.machines for s in bench.state.scheduled_runs)
    dialog.session.undo()
    assert "mallard" in dialog.session.plans.machines


def test_what_is_done_to_a_machine_is_told_and_held_against_its_failures(dialog: ProfilesDialog) -> None:
    """From its page: by a press or in words; it stands with before and since, and undo takes it back."""
    dialog.tabs.setCurrentWidget(dialog.care)
    before = dialog.care.table.rowCount()
    dialog.care.tell("levelled")
    dialog.care.other.setText("new belt")
    dialog.care.other.returnPressed.emit()
    assert dialog.care.table.rowCount() == before + 2
    rows = {dialog.care.table.item(y, 1).text(): dialog.care.table.item(y, 4).text() for y in range(before + 2)}
    assert rows["new belt"] == "nothing to compare yet" and "min a run" in dialog.care.routine.text()
    dialog.care.tell("")
    dialog.session.undo()
    assert dialog.care.table.rowCount() == before + 1
