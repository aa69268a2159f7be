"""Parts of other kits in the real window: brought to a figure, turned, snapped, kept, spread over the unit, taken back."""

from __future__ import annotations

from pathlib import Path

import pytest

from helpers import ball_mesh, box_mesh
from numerus.book.removal import without_kit
from numerus.desk.stages.sort.guest_dialog import GuestDialog
from numerus.desk.window import MainWindow
from numerus.domain.army import NONE
from numerus.formats.meshes.mesh_writing import write_stl
from numerus.kit.builds import alternatives


@pytest.fixture
def stranger(window: MainWindow, tmp_path: Path) -> str:
    """A kit nobody has seen, its parts centred one by one; the id of its arm."""
    write_stl(box_mesh((10, 3, 3)).moved((-5, -1.5, -1.5)), tmp_path / "lantern arm.stl")
    write_stl(ball_mesh(3.0), tmp_path / "bald head.stl")
    session = window.session
    session.select("bell")
    window.user_actions.take_in(sorted(tmp_path.glob("*.stl")), new_kit=True)
    session.undo()  # the unit keeps its own kit; the parts stay
    assert session.plans.units["bell"].kit_id == "wickmen"
    return next(p.id for p in session.plans.parts.values() if "lantern arm" in p.name)


def opened(window: MainWindow, part: str, slot: str = "right arm") -> GuestDialog:
    session = window.session
    session.go("sort")
    figure = session.plans.figures_of("bell")[0]
    dialog = window.benches["sort"].guest_dialog(figure, slot)
    dialog.kit_box.setCurrentIndex(dialog.kit_box.findData(session.plans.parts[part].kit_id))
    dialog._fill_parts()
    dialog.part_box.setCurrentIndex(dialog.part_box.findData(part))
    dialog._take_part()
    return dialog


def test_an_arm_of_another_kit_is_brought_turned_snapped_and_kept(window: MainWindow, stranger: str) -> None:
    """To where the unit's own arms are joined on, told what it leaves and cuts; one edit, undone as one."""
    session = window.session
    before = session.plans
    dialog = opened(window, stranger)
    assert dialog.stance.place_mm == dialog.places[0] and dialog.keep_button.isEnabled()
    dialog.next_joint()
    dialog.turns[2].setValue(90)
    assert dialog.stance.turn_deg == (0, 0, 90) and dialog.axis == 2 and len(dialog.swing.seats) > 20
    loose = dialog.fitting.seat(dialog.stance)
    dialog.snap()
    tight = dialog.fitting.seat(dialog.stance)
    assert tight.gap_mm + 0.5 * tight.cut_mm3 <= loose.gap_mm + 0.5 * loose.cut_mm3 + 1e-6
    assert f"gap {tight.gap_mm:.2f} mm" in dialog.words.text()
    dialog.grab()
    placed = dialog.stance.placed(dialog.mesh)
    dialog.keep()
    plans = session.plans
    worn = plans.figures_of("bell")[0].build["right arm"]
    assert worn in plans.units["bell"].guests and plans.parts[worn].slot == "right arm"
    assert plans.parts[worn].kit_id == plans.parts[stranger].kit_id, "its licence goes with it"
    assert session.mesh(plans.parts[worn].blob).bounds_mm == pytest.approx(placed.bounds_mm, abs=0.01)
    assert plans.parts[stranger] == before.parts[stranger]
    assert worn in [p.id for p in alternatives(plans.parts.values(), plans.units["bell"])["right arm"]]
    assert worn in [p.id for p in session.kit_parts()]
    session.undo()
    assert session.plans == before


def test_a_guest_stays_when_files_are_added_and_goes_with_its_kit(
    window: MainWindow, stranger: str, tmp_path: Path
) -> None:
    """It is the unit's until somebody takes its kit away; then the build is open there."""
    session = window.session
    dialog = opened(window, stranger)
    dialog.keep()
    guest = session.plans.units["bell"].guests[0]
    write_stl(box_mesh((4, 4, 4)), tmp_path / "another pack.stl")
    window.user_actions.take_in([tmp_path / "another pack.stl"])
    assert session.plans.units["bell"].guests == (guest,)
    assert session.plans.figures_of("bell")[0].build["right arm"] == guest
    kit = session.plans.kits[session.plans.parts[guest].kit_id]
    session.commit("a kit goes", without_kit(session.plans, kit, []))
    assert session.plans.units["bell"].guests == () and guest not in session.plans.parts
    assert guest not in session.plans.figures_of("bell")[0].build.values()


def test_a_peg_is_made_and_its_socket_in_a_copy_of_what_it_meets(window: MainWindow, stranger: str) -> None:
    """This figure's alone: others keep theirs; both closed, zones go with the copy; as one piece the slot is empty. Undone as one."""
    session = window.session
    dialog = opened(window, stranger)
    dialog.moves[0].setValue(dialog.stance.place_mm[0])
    dialog.turns[1].setValue(20)
    met = dialog.state.beside[dialog.state.nearest(dialog.stance.place_mm, dialog.beside)]
    before, figure = session.plans, session.plans.figures_of("bell")[0]
    dialog.joining.setCurrentText("round peg and socket")
    dialog.everywhere.setChecked(True)
    dialog.keep()
    build = session.plans.figures[figure.id].build
    guest, copy = session.plans.parts[build["right arm"]], session.plans.parts[build[met.slot]]
    assert copy.id != met.id and session.plans.parts[met.id] == before.parts[met.id]
    assert copy.watertight and guest.watertight and copy.volume_ml < met.volume_ml
    assert session.plans.part_zones[copy.id].zones == session.plans.part_zones[met.id].zones
    assert {guest.id, copy.id} <= set(session.plans.units["bell"].guests)
    session.undo()
    assert session.plans == before
    dialog.joining.setCurrentText("as one piece")
    dialog.stance = dialog.fitting.snapped(dialog.stance)
    dialog.keep()
    if "do not touch" in dialog.words.text():
        dialog.moves[0].setValue(float(dialog.beside[0].bounds_mm.mean(axis=0)[0]))
        dialog.keep()
    build = session.plans.figures[figure.id].build
    assert build["right arm"] == NONE and session.plans.parts[build[met.slot]].volume_ml > met.volume_ml


def test_what_has_no_room_for_a_magnet_is_told_and_nothing_is_kept(window: MainWindow, stranger: str) -> None:
    """An arm three millimetres thick and a magnet of five."""
    dialog, before = opened(window, stranger), window.session.plans
    dialog.joining.setCurrentText("magnets 5 × 2 mm")
    dialog.keep()
    assert "no room" in dialog.words.text() and window.session.plans == before and dialog.keep_button.isEnabled()


def test_a_place_is_clicked_and_parts_are_scaled_and_mirrored(window: MainWindow, stranger: str) -> None:
    """What is typed is what is kept."""
    dialog = opened(window, stranger)
    dialog.percent.setValue(150)
    dialog.mirrored.setChecked(True)
    assert dialog.stance.scale == 1.5 and dialog.stance.mirrored
    dialog._picked(dialog.beside[0].vertices[0])
    assert dialog.stance.place_mm == pytest.approx(tuple(dialog.beside[0].vertices[0]), abs=0.06)
    dialog.next_place()
    assert dialog.stance.place_mm in [pytest.approx(p, abs=0.06) for p in dialog.places]
    dialog.keep()
    guest = window.session.plans.units["bell"].guests[0]
    assert max(window.session.plans.parts[guest].extents_mm) == pytest.approx(15.0, rel=0.01)
